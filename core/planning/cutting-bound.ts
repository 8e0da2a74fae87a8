import type { CutBall, CutPiece } from "./cutting";

/**
 * Above this many mg the table of reachable sums is not made: the plain sum is used, which is weaker but
 * still true.
 */
const MOST_TABLE = 1_500_000;

/**
 * Which sums up to `most` can be made from the lengths, each at most as often as it is there; answers the
 * largest one not above a capacity. Bounded subset sums in O(lengths × most).
 */
export function reachable(lengths: ReadonlyMap<number, number>, most: number): (capacity: number) => number {
  if (most > MOST_TABLE) return (capacity) => capacity;
  // used[s]: how many of the present length the sum s needs at least; -1 for sums that are not reached.
  const reached = new Uint8Array(most + 1);
  reached[0] = 1;
  const used = new Uint16Array(most + 1);
  for (const [length, count] of lengths) {
    if (length <= 0 || length > most) continue;
    used.fill(0);
    for (let s = length; s <= most; s++) {
      if (reached[s]) continue;
      const from = s - length;
      if (reached[from] && (used[from] ?? 0) < count) {
        reached[s] = 1;
        used[s] = (used[from] ?? 0) + 1;
      }
    }
  }
  const largest = new Int32Array(most + 1);
  for (let s = 1; s <= most; s++) largest[s] = reached[s] ? s : (largest[s - 1] ?? 0);
  return (capacity) => largest[Math.max(0, Math.min(most, Math.floor(capacity)))] ?? 0;
}

const tally = (sizes: readonly number[]): Map<number, number> => {
  const out = new Map<number, number>();
  for (const s of sizes) out.set(s, (out.get(s) ?? 0) + 1);
  return out;
};

export interface Bound {
  readonly newBalls: number;
  readonly because: string;
}

/**
 * A number of new balls below which no plan can go. Three arguments, the strongest counts: what all balls on
 * hand could take at the very best (largest reachable sum of each, and of whole items in each lot) leaves a
 * rest for new balls, each again at its best; pieces longer than half a new ball need one each; with joins
 * only weights count.
 */
export function boundOf(
  pieces: readonly CutPiece[],
  balls: readonly CutBall[],
  newBallMg: number,
  lotRule: "item" | "run",
  joins: boolean,
): Bound {
  const total = pieces.reduce((s, p) => s + p.mg, 0);
  if (pieces.length === 0) return { newBalls: 0, because: "nothing is cut" };
  const lengths = tally(pieces.map((p) => p.mg));
  const most = Math.max(newBallMg, ...balls.map((b) => b.mg));
  const fill = joins ? (capacity: number) => capacity : reachable(lengths, most);
  const lots = new Map<string, CutBall[]>();
  for (const b of balls) lots.set(b.lot, [...(lots.get(b.lot) ?? []), b]);
  const groups = new Map<string, number>();
  for (const p of pieces) groups.set(p.group, (groups.get(p.group) ?? 0) + p.mg);
  const sums = tally([...groups.values()]);
  const best = [...lots.values()].map((list) => list.reduce((s, b) => s + fill(b.mg), 0));
  const biggest = Math.max(0, ...best);
  const wholes = reachable(
    sums,
    Math.min(MOST_TABLE + 1, Math.max(0, ...best.map((b) => Math.min(b, total)))),
  );
  const perNew = Math.max(1, fill(newBallMg));
  const half = pieces.filter((p) => 2 * p.mg > newBallMg && p.mg <= newBallMg && !(joins && p.joinable));
  if (lotRule === "run") {
    // One lot for everything: either one on hand takes it all, or all of it is new.
    if (biggest >= total) return { newBalls: 0, because: "one lot may hold it all" };
    const byWeight = Math.ceil(total / perNew);
    return byWeight >= half.length
      ? {
          newBalls: byWeight,
          because: "no lot holds it all; the weight of all pieces by what a new ball takes at best",
        }
      : {
          newBalls: half.length,
          because: "no lot holds it all; pieces longer than half a ball need one each",
        };
  }
  const onHand = best.reduce((s, b) => s + wholes(Math.min(b, total)), 0);
  const byWeight = Math.ceil(Math.max(0, total - onHand) / perNew);
  let byHalf = 0;
  if (half.length > 0) {
    const short = half.reduce((m, p) => Math.min(m, p.mg), Infinity);
    byHalf = Math.max(0, half.length - balls.reduce((s, b) => s + Math.floor(b.mg / short), 0));
  }
  return byWeight >= byHalf
    ? {
        newBalls: byWeight,
        because:
          byWeight === 0
            ? "the balls on hand may hold it all"
            : "what the balls on hand cannot take even at best, by what a new ball takes at best",
      }
    : { newBalls: byHalf, because: "pieces longer than half a ball need one each" };
}
