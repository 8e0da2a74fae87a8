import { TRADE_DOUBT } from "./prior";
import { PACE_KINDS, STAGE_OF, type PaceKind, type Work } from "./work";

/**
 * A hand against the trade: one part shared over everything, one within a stage, and each kind its own (from
 * memory; together 27 %). An item as a whole is so far from its reckoning.
 */
export const PACE_PRIOR = { shared: 0.2, stage: 0.12, own: 0.12, item: 0.08 } as const;

/** Covariance of two kinds' factors before anything was timed: crochet and finishing are one maker's. */
const paceCovariance = (a: PaceKind, b: PaceKind): number =>
  PACE_PRIOR.shared ** 2 +
  (STAGE_OF[a] === STAGE_OF[b] ? PACE_PRIOR.stage ** 2 : 0) +
  (a === b ? PACE_PRIOR.own ** 2 : 0);

/** Standard deviation of the seconds of some work at a pace that nobody has timed. */
export function priorSd(work: Work): number {
  const kinds = PACE_KINDS.filter((k) => (work[k] ?? 0) > 0);
  let sum = 0;
  for (const a of kinds) for (const b of kinds) sum += (work[a] ?? 0) * (work[b] ?? 0) * paceCovariance(a, b);
  const all = kinds.reduce((n, k) => n + (work[k] ?? 0), 0);
  return TRADE_DOUBT * Math.sqrt(sum + (PACE_PRIOR.item * all) ** 2);
}
