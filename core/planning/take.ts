import type { BallState } from "./cutting";

export type { BallState };

export interface TakeBall {
  readonly id: string;
  readonly mg: number;
  readonly state: BallState;
}

const RANK: Readonly<Record<BallState, number>> = { scrap: 0, opened: 1, full: 2 };

/** Remaining share of a whole ball below which it counts as a scrap (from memory). */
const SCRAP_SHARE = 0.2;

/** What a ball is, from what is left of it; `kept` says that she keeps it with the scraps. */
export function ballState(mg: number, fullMg: number, kept: boolean): BallState {
  if (kept || mg < SCRAP_SHARE * fullMg) return "scrap";
  return mg < fullMg ? "opened" : "full";
}

/**
 * Takes `mg` from balls, scraps first, then opened ones, then full ones, smaller before larger. What they do
 * not have is answered as taken from no ball, so that nothing that was used goes unposted. The sum is `mg`
 * exactly.
 */
export function takeFrom(
  balls: readonly TakeBall[],
  mg: number,
): { readonly ballId: string | undefined; readonly mg: number }[] {
  const out: { ballId: string | undefined; mg: number }[] = [];
  let left = mg;
  for (const b of [...balls].sort((x, y) => RANK[x.state] - RANK[y.state] || x.mg - y.mg)) {
    if (left <= 0) break;
    const part = Math.min(left, Math.max(0, b.mg));
    if (part > 0) out.push({ ballId: b.id, mg: part });
    left -= part;
  }
  if (left > 0) out.push({ ballId: undefined, mg: left });
  return out;
}

/**
 * `total` shared out in proportion to weights, in whole units that add up to it exactly (largest remainder,
 * ties to the earlier).
 */
export function shareExactly(total: number, weights: readonly number[]): number[] {
  const sum = weights.reduce((a, b) => a + b, 0);
  if (sum <= 0) return weights.map(() => 0);
  const exact = weights.map((w) => (total * w) / sum);
  const whole = exact.map(Math.floor);
  let missing = total - whole.reduce((a, b) => a + b, 0);
  const order = exact
    .map((x, i) => ({ i, rest: x - Math.floor(x) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of order) {
    if (missing <= 0) break;
    whole[i] = (whole[i] ?? 0) + 1;
    missing--;
  }
  return whole;
}

/** A weight of yarn as balls: as many whole ones as there are in it, and what is over. */
export function asBalls(mg: number, fullMg: number): number[] {
  if (mg <= 0 || fullMg <= 0) return [];
  const whole = Math.min(500, Math.floor(mg / fullMg));
  const rest = mg - whole * fullMg;
  return [...Array.from({ length: whole }, () => fullMg), ...(rest > 0 ? [rest] : [])];
}
