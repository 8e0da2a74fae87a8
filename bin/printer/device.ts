import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { setTimeout as sleep } from "node:timers/promises";

export type State = "ready" | "printing" | "paper" | "jam";
export type Became = "printed" | "spoiled" | "refused" | "dropped";
const KEPT = 400;
const FULL_ROLL = 50;
const PNG = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);

interface Waiting {
  readonly id: string;
  readonly png: Buffer;
  readonly done: (became: Became) => void;
}

export interface Device {
  readonly state: () => { readonly word: State; readonly left: number; readonly on: boolean };
  /** A label by its id; answers when it is known what became of it. */
  readonly take: (id: string, png: Buffer) => Promise<Became>;
  readonly drop: (id: string) => void;
  /** What hands do: load N, unload, jam, clear, off, on. */
  readonly obey: (line: string) => void;
  readonly onChange: (listener: () => void) => () => void;
}

/**
 * The works of a label printer whose labels are files in a folder: ID.part while it comes out, ID.png when it is
 * out, ID.spoiled.png when it jammed. The files are its memory, so a power cut in the middle of a label leaves
 * one that has begun and is never begun again.
 */
export function deviceIn(dir: string, { ms = 700, left = FULL_ROLL } = {}): Device {
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  const at = (id: string, ending: string) => path.join(dir, `${id}.${ending}`);
  const listeners = new Set<() => void>();
  const now = { left, jammed: false, jamNext: false, on: true, printing: false };
  let queue: Waiting[] = [];
  let under: { readonly id: string; readonly became: Promise<Became> } | undefined;
  const tell = () => listeners.forEach((l) => l());
  const word = (): State =>
    now.jammed ? "jam" : now.printing ? "printing" : now.left <= 0 ? "paper" : "ready";
  const known = (id: string): Became | undefined =>
    existsSync(at(id, "png"))
      ? "printed"
      : existsSync(at(id, "spoiled.png")) || existsSync(at(id, "part"))
        ? "spoiled"
        : undefined;

  async function comeOut({ id, png }: Waiting): Promise<Became> {
    now.printing = true;
    now.left--;
    writeFileSync(at(id, "part"), png, { mode: 0o600 });
    tell();
    await sleep(ms);
    const jams = now.jamNext;
    const whole = !jams && now.on;
    renameSync(at(id, "part"), at(id, whole ? "png" : "spoiled.png"));
    now.printing = false;
    now.jamNext = false;
    now.jammed ||= jams;
    throwOld(dir);
    tell();
    return whole ? "printed" : "spoiled";
  }
  async function work(): Promise<void> {
    while (now.on && word() === "ready") {
      const next = queue.shift();
      if (!next) return;
      under = { id: next.id, became: comeOut(next) };
      next.done(await under.became);
      under = undefined;
    }
  }
  const hands: Readonly<Record<string, (n: number) => void>> = {
    load: (n) => (now.left = n),
    unload: () => (now.left = 0),
    jam: () => (now.jamNext = true),
    clear: () => (now.jammed = false),
    off: () => {
      now.on = false;
      // Nobody is there to be answered: who sent them sends them again.
      queue = [];
    },
    on: () => (now.on = true),
  };
  return {
    state: () => ({ word: word(), left: now.left, on: now.on }),
    take: (id, png) =>
      new Promise((done) => {
        // Whoever asks while it comes out waits for it too.
        if (under?.id === id) return void under.became.then(done);
        const before = known(id);
        if (before) return done(before);
        if (!png.subarray(0, PNG.length).equals(PNG)) return done("refused");
        queue = queue.filter((q) => q.id !== id);
        queue.push({ id, png, done });
        void work();
      }),
    drop: (id) => {
      const called = queue.filter((q) => q.id === id);
      queue = queue.filter((q) => q.id !== id);
      for (const q of called) q.done("dropped");
    },
    obey: (line) => {
      const [verb = "", n = ""] = line.trim().split(/\s+/);
      if (verb === "load" && !/^\d{1,4}$/.test(n)) return;
      if (!Object.hasOwn(hands, verb)) return;
      hands[verb]?.(Number(n));
      tell();
      void work();
    },
    onChange: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

/** A tray is not a drawer: the oldest labels go when there are too many. */
function throwOld(dir: string): void {
  const files = readdirSync(dir);
  if (files.length <= KEPT) return;
  files
    .map((f) => ({ f, at: statSync(path.join(dir, f)).mtimeMs }))
    .sort((a, b) => a.at - b.at)
    .slice(0, files.length - KEPT)
    .forEach(({ f }) => rmSync(path.join(dir, f), { force: true }));
}
