/** How many would be asked for: chances of 0, 1, 2, …, or a mean and a dispersion. */
export type Demand =
  | { readonly pmf: readonly number[] }
  /** Negative binomial: variance = mean + mean² ÷ dispersion. */
  | { readonly mean: number; readonly dispersion: number };

/**
 * Chances that k or more are asked for, k from 0 to `most`. The negative binomial is summed from its first term, each from the
 * one before: P(0) = (r ÷ (r + m))^r, P(k + 1) = P(k) · (k + r) ÷ (k + 1) · m ÷ (r + m).
 */
export function atLeast(demand: Demand, most: number): Float64Array {
  const out = new Float64Array(most + 1);
  let left = 1;
  const next =
    "pmf" in demand ? (k: number) => demand.pmf[k] ?? 0 : negativeBinomial(demand.mean, demand.dispersion);
  for (let k = 0; k <= most; k++) {
    out[k] = Math.max(0, left);
    left -= next(k);
  }
  return out;
}

function negativeBinomial(mean: number, dispersion: number): (k: number) => number {
  const share = mean / (dispersion + mean);
  // The first term of a large mean is no number any more unless its logarithm is kept.
  let log = dispersion * Math.log1p(-share);
  return (k) => {
    const now = Math.exp(log);
    log += Math.log(((k + dispersion) / (k + 1)) * share);
    return now;
  };
}

/** Expected sales of 0, 1, 2, … pieces brought: the sum of the chances that each is asked for. */
export function expectedSales(tail: Float64Array): Float64Array {
  const out = new Float64Array(tail.length);
  for (let b = 1; b < tail.length; b++) out[b] = (out[b - 1] ?? 0) + (tail[b] ?? 0);
  return out;
}
