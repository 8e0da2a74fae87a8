import { Worker } from "node:worker_threads";
import { deserialize } from "node:v8";

/** Why something could not be reckoned. Wording is in `unreckonedText`. */
export type Unreckoned = "time" | "memory" | "size" | "threw" | "ended";
export type Reckoned<T> =
  | { readonly ok: true; readonly value: T; readonly bytes: number }
  | { readonly ok: false; readonly why: Unreckoned };

/** What a thread answers: the value as `v8.serialize` makes it, handed over and not copied. */
export type ThreadAnswer = { readonly bytes: Uint8Array } | { readonly why: Unreckoned };

export interface ReckonerLimits {
  readonly threads: number;
  /** From when a thread takes the task. */
  readonly ms: number;
  /** Of heap, a thread. */
  readonly megabytes: number;
  /** Of an answer. */
  readonly bytes: number;
  /**
   * Tasks that may wait for a thread; more are answered at once as taking too long. Without it none is turned
   * away.
   */
  readonly waiting?: number;
}

interface Task {
  readonly input: unknown;
  readonly done: (answer: Reckoned<unknown>) => void;
}
interface Thread {
  readonly worker: Worker;
  task: Task | undefined;
  timer: ReturnType<typeof setTimeout> | undefined;
}

/**
 * A few threads that reckon what could take long, so that the one that answers requests never does. A task
 * that takes too long or too much memory, throws, or answers too much costs itself and its thread; the next
 * task gets a new one. Tasks are taken in order, those that an answer waits for ahead of the others. Never
 * rejects.
 */
export class Reckoner<In, Out> {
  private readonly threads: Thread[] = [];
  private readonly ahead: Task[] = [];
  private readonly queue: Task[] = [];
  private closed = false;
  constructor(
    private readonly file: string | URL,
    private readonly limits: ReckonerLimits,
    private readonly workerData: unknown = undefined,
  ) {}

  reckon(input: In, ahead = false): Promise<Reckoned<Out>> {
    const queue = ahead ? this.ahead : this.queue;
    if (queue.length >= (this.limits.waiting ?? Infinity)) return Promise.resolve({ ok: false, why: "time" });
    return new Promise((resolve) => {
      queue.push({ input, done: resolve as Task["done"] });
      this.next();
    });
  }

  async close(): Promise<void> {
    this.closed = true;
    await Promise.all(this.threads.map((t) => t.worker.terminate()));
  }

  private next(): void {
    while (this.ahead.length + this.queue.length > 0 && !this.closed) {
      const free = this.threads.find((t) => t.task === undefined) ?? this.start();
      if (!free) return;
      const task = this.ahead.shift() ?? this.queue.shift();
      if (!task) return;
      free.task = task;
      // Only while it works does a thread keep the process up.
      free.worker.ref();
      free.timer = setTimeout(() => this.end(free, { ok: false, why: "time" }), this.limits.ms);
      free.worker.postMessage(task.input);
    }
  }

  private start(): Thread | undefined {
    if (this.threads.length >= this.limits.threads) return undefined;
    const worker = new Worker(this.file, {
      workerData: this.workerData,
      resourceLimits: { maxOldGenerationSizeMb: this.limits.megabytes, maxYoungGenerationSizeMb: 32 },
    });
    const thread: Thread = { worker, task: undefined, timer: undefined };
    worker.on("message", (answer: ThreadAnswer) => this.settle(thread, answerOf(answer, this.limits.bytes)));
    worker.on("error", (error: NodeJS.ErrnoException) =>
      this.end(thread, { ok: false, why: error.code === "ERR_WORKER_OUT_OF_MEMORY" ? "memory" : "threw" }),
    );
    worker.on("exit", () => this.end(thread, { ok: false, why: "threw" }));
    worker.unref();
    this.threads.push(thread);
    return thread;
  }

  private settle(thread: Thread, answer: Reckoned<unknown>): void {
    clearTimeout(thread.timer);
    const { task } = thread;
    thread.task = undefined;
    thread.worker.unref();
    task?.done(answer);
    this.next();
  }

  /** The thread is lost: its task is answered, the next task gets a new thread. */
  private end(thread: Thread, answer: Reckoned<unknown>): void {
    const at = this.threads.indexOf(thread);
    if (at < 0) return;
    this.threads.splice(at, 1);
    void thread.worker.terminate();
    this.settle(thread, answer);
  }
}

/** What an answer holds, unless it is larger than the limit. */
export function answerOf<Out>(answer: ThreadAnswer, most: number): Reckoned<Out> {
  if ("why" in answer) return { ok: false, why: answer.why };
  const bytes = answer.bytes.byteLength;
  return bytes > most
    ? { ok: false, why: "size" }
    : { ok: true, value: deserialize(answer.bytes) as Out, bytes };
}
