import { gammaln } from "simple-statistics";

/**
 * Chances of 0, 1, 2, … of a negative binomial with mean m and dispersion r (variance = m + m² ÷ r), each
 * from the one before: P(0) = (r ÷ (r + m))^r, P(k + 1) = P(k) · (k + r) ÷ (k + 1) · m ÷ (r + m). Kept as
 * logarithms: the first of a large mean is no number any more.
 */
export function* termsOf(mean: number, dispersion: number): Generator<number, never> {
  const share = mean / (dispersion + mean);
  let log = mean > 0 ? dispersion * Math.log1p(-share) : 0;
  for (let k = 0; ; k++) {
    yield Math.exp(log);
    log += mean > 0 ? Math.log(((k + dispersion) / (k + 1)) * share) : -Infinity;
  }
}

/**
 * Negative binomial counts with mean m and dispersion r: variance = m + m² ÷ r. Chances from 0 on, until all
 * but `rest` of them is told or `most` is reached; what is left over lies at the last.
 */
export function countChances(mean: number, dispersion: number, rest = 1e-6, most = 2000): number[] {
  if (mean <= 0) return [1];
  const out: number[] = [];
  let left = 1;
  for (const p of termsOf(mean, dispersion)) {
    out.push(p);
    left -= p;
    if (out.length >= most || (left <= rest && out.length > mean)) break;
  }
  out[out.length - 1] = (out[out.length - 1] ?? 0) + Math.max(0, left);
  return out;
}

/** Logarithm of the chance of exactly k. */
export function logChance(k: number, mean: number, dispersion: number): number {
  if (mean <= 0) return k === 0 ? 0 : -Infinity;
  const share = mean / (dispersion + mean);
  return (
    gammaln(k + dispersion) -
    gammaln(dispersion) -
    gammaln(k + 1) +
    dispersion * Math.log1p(-share) +
    k * Math.log(share)
  );
}

/** Logarithm of the chance of k or more: all that is known of what was asked for when all k were sold. */
export function logChanceAtLeast(k: number, mean: number, dispersion: number): number {
  if (k <= 0) return 0;
  if (mean <= 0) return -Infinity;
  let [below, j] = [0, 0];
  for (const p of termsOf(mean, dispersion)) {
    if (j++ >= k) break;
    below += p;
  }
  // Far in the tail the difference is lost to rounding: its first terms are summed instead.
  if (below < 1 - 1e-9) return Math.log(1 - below);
  let tail = 0;
  for (let i = k; i < k + 60; i++) tail += Math.exp(logChance(i, mean, dispersion));
  return Math.log(Math.max(tail, 1e-300));
}

/** What is expected where k or more were asked for: k for those, and one more for each that goes on. */
export function meanAtLeast(k: number, mean: number, dispersion: number): number {
  const sure = Math.exp(logChanceAtLeast(k, mean, dispersion));
  if (sure < 1e-12) return k;
  let [sum, left] = [0, sure];
  for (let j = k; j < k + 400 && left > 1e-7 * sure; j++) {
    left -= Math.exp(logChance(j, mean, dispersion));
    sum += Math.max(0, left);
  }
  return k + sum / sure;
}

/** The smallest k that is asked for or less with a chance of `share` at least. */
export function countQuantile(chances: readonly number[], share: number): number {
  let sum = 0;
  for (let k = 0; k < chances.length; k++) {
    sum += chances[k] ?? 0;
    if (sum >= share - 1e-12) return k;
  }
  return chances.length - 1;
}

export const countMean = (chances: readonly number[]): number => chances.reduce((s, p, k) => s + p * k, 0);
