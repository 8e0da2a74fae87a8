import type { Tasks } from "./task";

export type School = "piece" | "part" | "colour";

/** Which of the tasks that may be done now comes first: the lowest, compared from the left. */
type Rank = (task: number, last: number | undefined) => readonly number[];

/**
 * Tasks one after the other, always the lowest in rank of those whose forerunners are behind. O(n² log n) at
 * worst.
 */
function dispatched(tasks: Tasks, rank: Rank): number[] {
  const left = tasks.before.map((b) => b.length);
  const open = new Set(left.flatMap((n, i) => (n === 0 ? [i] : [])));
  const order: number[] = [];
  while (open.size > 0) {
    const last = order[order.length - 1];
    let best = -1;
    let rankOfBest: readonly number[] = [];
    for (const i of open) {
      const r = rank(i, last);
      if (best < 0 || lower(r, rankOfBest)) [best, rankOfBest] = [i, r];
    }
    open.delete(best);
    order.push(best);
    for (const j of tasks.behind[best] ?? []) {
      left[j] = (left[j] ?? 0) - 1;
      if (left[j] === 0) open.add(j);
    }
  }
  return order;
}

function lower(a: readonly number[], b: readonly number[]): boolean {
  for (let i = 0; i < a.length; i++) {
    const [x, y] = [a[i] ?? 0, b[i] ?? 0];
    if (x !== y) return x < y;
  }
  return false;
}

/** Numbers of names in the order in which they come up. */
function numbered(names: readonly string[]): number[] {
  const seen = new Map<string, number>();
  return names.map((name) => {
    const n = seen.get(name) ?? seen.size;
    seen.set(name, n);
    return n;
  });
}

/**
 * The three plain ways to go through a run, each as far as the order of work allows:
 * - `piece`: one piece is finished before the next is begun;
 * - `part`: all pieces' bodies, then all their left ears, …;
 * - `colour`: everything that a colour is needed for before the next is taken up, and in it part by part.
 */
export function schoolOrder(tasks: Tasks, school: School): number[] {
  const part = numbered(tasks.list.map((t) => `${t.part}\u0000${t.stage}`));
  const colour = numbered(tasks.list.map((t) => t.colour ?? ""));
  const piece = (i: number) => tasks.pieceOf[i] ?? 0;
  if (school === "piece") return dispatched(tasks, (i) => [piece(i), i]);
  if (school === "part") return dispatched(tasks, (i) => [part[i] ?? 0, piece(i), i]);
  return dispatched(tasks, (i, last) => [
    last !== undefined && colour[last] === colour[i] ? 0 : 1,
    colour[i] ?? 0,
    part[i] ?? 0,
    piece(i),
    i,
  ]);
}
