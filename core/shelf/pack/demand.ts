import { termsOf } from "../demand/counts";

/** How many would be asked for: chances of 0, 1, 2, …, or a mean and a dispersion. */
export type Demand =
  | { readonly pmf: readonly number[] }
  /** Negative binomial: variance = mean + mean² ÷ dispersion. */
  | { readonly mean: number; readonly dispersion: number };

/** Chances that k or more are asked for, k from 0 to `most`. */
export function atLeast(demand: Demand, most: number): Float64Array {
  const out = new Float64Array(most + 1);
  let left = 1;
  const terms = "pmf" in demand ? undefined : termsOf(demand.mean, demand.dispersion);
  for (let k = 0; k <= most; k++) {
    out[k] = Math.max(0, left);
    left -= terms ? terms.next().value : "pmf" in demand ? (demand.pmf[k] ?? 0) : 0;
  }
  return out;
}

/** Expected sales of 0, 1, 2, … pieces brought: the sum of the chances that each is asked for. */
export function expectedSales(tail: Float64Array): Float64Array {
  const out = new Float64Array(tail.length);
  for (let b = 1; b < tail.length; b++) out[b] = (out[b - 1] ?? 0) + (tail[b] ?? 0);
  return out;
}
