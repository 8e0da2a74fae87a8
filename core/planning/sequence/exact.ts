import type { Tasks } from "./task";

/** Up to so many tasks are gone through completely. */
export const EXACT = 14;

/**
 * The order with the fewest seconds of set-up, and of those the one whose first piece is done earliest:
 * dynamic programming over sets of tasks and the last of them (M. Held, R. M. Karp, "A dynamic programming
 * approach to sequencing problems", 1962; from memory). Which pieces are done is told by the set alone, so
 * the least set-up before it is best for both aims. O(2^n · n²) time, n at most `EXACT`.
 * @throws RangeError beyond `EXACT` tasks
 */
export function exactOrder(tasks: Tasks): number[] {
  const { n } = tasks;
  if (n > EXACT) throw new RangeError(`exactOrder: ${n} tasks, and at most ${EXACT} can be gone through`);
  if (n === 0) return [];
  const size = 1 << n;
  const needs = tasks.before.map((b) => b.reduce((m, j) => m | (1 << j), 0));
  const ofPiece = tasks.pieces.map((_, p) =>
    tasks.pieceOf.reduce((m, q, i) => (q === p ? m | (1 << i) : m), 0),
  );
  const done = (mask: number) => ofPiece.some((m) => (mask & m) === m);
  const work = new Float64Array(size);
  for (let mask = 1; mask < size; mask++) {
    const low = 31 - Math.clz32(mask & -mask);
    work[mask] = (work[mask & (mask - 1)] ?? 0) + (tasks.list[low]?.seconds ?? 0);
  }
  const setup = new Float64Array(size * n).fill(Infinity);
  /** When the first piece is done, where one is. */
  const first = new Float64Array(size * n).fill(Infinity);
  const from = new Int8Array(size * n).fill(-1);
  for (let i = 0; i < n; i++)
    if (needs[i] === 0) {
      setup[(1 << i) * n + i] = 0;
      if (done(1 << i)) first[(1 << i) * n + i] = work[1 << i] ?? 0;
    }
  for (let mask = 1; mask < size; mask++) {
    const already = done(mask);
    for (let last = 0; last < n; last++) {
      const at = mask * n + last;
      const spent = setup[at] ?? Infinity;
      if (spent === Infinity) continue;
      for (let i = 0; i < n; i++) {
        const bit = 1 << i;
        if (mask & bit || ((needs[i] ?? 0) & mask) !== needs[i]) continue;
        const then = mask | bit;
        const cost = spent + tasks.cost(last, i);
        const ready = already ? (first[at] ?? Infinity) : done(then) ? cost + (work[then] ?? 0) : Infinity;
        const to = then * n + i;
        const known = setup[to] ?? Infinity;
        if (cost < known - 1e-9 || (cost <= known + 1e-9 && ready < (first[to] ?? Infinity) - 1e-9)) {
          setup[to] = cost;
          first[to] = ready;
          from[to] = last;
        }
      }
    }
  }
  return backwards(n, size - 1, setup, first, from);
}

function backwards(
  n: number,
  all: number,
  setup: Float64Array,
  first: Float64Array,
  from: Int8Array,
): number[] {
  let last = 0;
  for (let i = 1; i < n; i++) {
    const [a, b] = [all * n + i, all * n + last];
    const [x, y] = [setup[a] ?? Infinity, setup[b] ?? Infinity];
    if (x < y - 1e-9 || (x <= y + 1e-9 && (first[a] ?? Infinity) < (first[b] ?? Infinity) - 1e-9)) last = i;
  }
  const order: number[] = [];
  for (let mask = all; mask > 0;) {
    order.push(last);
    const before = from[mask * n + last] ?? -1;
    mask ^= 1 << last;
    last = before;
  }
  return order.reverse();
}
