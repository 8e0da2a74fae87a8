/** One stretch of work on one piece: "crochet the body of the third puffin". */
export interface Task {
  readonly id: string;
  readonly piece: string;
  readonly part: string;
  /** Kind of work: crochet, face, fill and close, sew on, … */
  readonly stage: string;
  readonly colour?: string | undefined;
  readonly hookMm?: number | undefined;
  readonly seconds: number;
  /** Ids of the tasks that have to be behind it. */
  readonly after: readonly string[];
}
/** Seconds of taking up another colour, another hook, another kind of work. */
export interface SetUp {
  readonly colour: number;
  readonly hook: number;
  readonly stage: number;
}

export class TasksInACircle extends Error {
  constructor(readonly ids: readonly string[]) {
    super(`these tasks wait for one another: ${ids.join(", ")}. Take one of their "after" away.`);
  }
}
export class UnknownTask extends Error {
  constructor(
    readonly id: string,
    readonly wanted: string,
  ) {
    super(`${id} waits for “${wanted}”, and there is no such task.`);
  }
}

/** Tasks by index, with who waits for whom; what every search works on. */
export class Tasks {
  readonly n: number;
  readonly before: readonly (readonly number[])[];
  readonly behind: readonly (readonly number[])[];
  /** What a task is set up for: tasks of one setting follow each other for nothing. */
  readonly setting: readonly number[];
  /** Seconds between two settings. */
  readonly change: readonly (readonly number[])[];
  readonly pieces: readonly string[];
  readonly pieceOf: readonly number[];

  /** @throws UnknownTask, TasksInACircle */
  constructor(
    readonly list: readonly Task[],
    readonly setUp: SetUp,
  ) {
    this.n = list.length;
    const index = new Map(list.map((t, i) => [t.id, i]));
    this.before = list.map((t) =>
      [...new Set(t.after)].map((id) => {
        const i = index.get(id);
        if (i === undefined) throw new UnknownTask(t.id, id);
        return i;
      }),
    );
    const behind: number[][] = list.map(() => []);
    this.before.forEach((b, i) => b.forEach((j) => behind[j]?.push(i)));
    this.behind = behind;
    this.pieces = [...new Set(list.map((t) => t.piece))];
    this.pieceOf = list.map((t) => this.pieces.indexOf(t.piece));
    const kinds = new Map<string, number>();
    const samples: Task[] = [];
    this.setting = list.map((t) => {
      const key = JSON.stringify([t.colour ?? null, t.hookMm ?? null, t.stage]);
      const known = kinds.get(key);
      if (known !== undefined) return known;
      kinds.set(key, samples.length);
      return samples.push(t) - 1;
    });
    this.change = samples.map((a) => samples.map((b) => changeOf(a, b, setUp).seconds));
    this.circle();
  }

  private circle(): void {
    const left = this.before.map((b) => b.length);
    const free = left.flatMap((n, i) => (n === 0 ? [i] : []));
    for (let k = 0; k < free.length; k++)
      for (const j of this.behind[free[k] ?? 0] ?? []) {
        left[j] = (left[j] ?? 0) - 1;
        if (left[j] === 0) free.push(j);
      }
    if (free.length < this.n)
      throw new TasksInACircle(this.list.flatMap((t, i) => ((left[i] ?? 0) > 0 ? [t.id] : [])));
  }

  cost(from: number | undefined, to: number): number {
    return from === undefined ? 0 : (this.change[this.setting[from] ?? 0]?.[this.setting[to] ?? 0] ?? 0);
  }
}

/** What has to be set up between two tasks: each of colour, hook and stage that differs. */
export function changeOf(
  a: Task,
  b: Task,
  setUp: SetUp,
): { readonly seconds: number; readonly many: number } {
  const differs = [
    (a.colour ?? null) !== (b.colour ?? null) ? setUp.colour : undefined,
    (a.hookMm ?? null) !== (b.hookMm ?? null) ? setUp.hook : undefined,
    a.stage !== b.stage ? setUp.stage : undefined,
  ].filter((s) => s !== undefined);
  return { seconds: differs.reduce((x, y) => x + y, 0), many: differs.length };
}

/** What an order of the tasks comes to. */
export interface Sequence {
  readonly order: readonly string[];
  readonly workSeconds: number;
  readonly setupSeconds: number;
  /** Things taken up anew: colours, hooks, kinds of work. */
  readonly setups: number;
  /** When the first piece has all of its tasks behind it. */
  readonly firstPieceSeconds: number;
  /** The most tasks' pieces that are begun and not done at one time. */
  readonly mostHalfMade: number;
  /** The longest at one kind of work with no other between: the same movement, which strains a hand. */
  readonly longestSame: { readonly stage: string; readonly seconds: number };
}

/** The longest that an order keeps the hand at one kind of work; setting up is no work. */
function longestSame(tasks: Tasks, order: readonly number[]): Sequence["longestSame"] {
  let longest = { stage: "", seconds: 0 };
  let now = longest;
  for (const i of order) {
    const t = tasks.list[i];
    if (!t) continue;
    now = { stage: t.stage, seconds: t.seconds + (t.stage === now.stage ? now.seconds : 0) };
    if (now.seconds > longest.seconds) longest = now;
  }
  return longest;
}

/** Reckons an order; the tasks have to be all there, once. Preemption is not foreseen. */
export function reckon(tasks: Tasks, order: readonly number[]): Sequence {
  const left = tasks.pieces.map((_, p) => tasks.pieceOf.filter((q) => q === p).length);
  const whole = [...left];
  const work = order.reduce((s, i) => s + (tasks.list[i]?.seconds ?? 0), 0);
  let [clock, setupSeconds, setups, first, half, mostHalfMade] = [0, 0, 0, work, 0, 0];
  let done = false;
  order.forEach((i, k) => {
    const [a, b] = [tasks.list[order[k - 1] ?? -1], tasks.list[i]];
    if (!b) return;
    if (a) {
      const change = changeOf(a, b, tasks.setUp);
      setupSeconds += change.seconds;
      setups += change.many;
      clock += change.seconds;
    }
    clock += b.seconds;
    const p = tasks.pieceOf[i] ?? 0;
    if (left[p] === whole[p]) half++;
    mostHalfMade = Math.max(mostHalfMade, half);
    left[p] = (left[p] ?? 0) - 1;
    if (left[p] > 0) return;
    half--;
    if (!done) first = clock;
    done = true;
  });
  return {
    order: order.map((i) => tasks.list[i]?.id ?? ""),
    workSeconds: work,
    setupSeconds,
    setups,
    firstPieceSeconds: order.length === 0 ? 0 : first,
    mostHalfMade,
    longestSame: longestSame(tasks, order),
  };
}

/** Fewer seconds of set-up first, then the earlier first piece. */
export const better = (a: Sequence, b: Sequence): boolean =>
  a.setupSeconds < b.setupSeconds - 1e-9 ||
  (a.setupSeconds <= b.setupSeconds + 1e-9 && a.firstPieceSeconds < b.firstPieceSeconds - 1e-9);
