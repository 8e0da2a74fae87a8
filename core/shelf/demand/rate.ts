import { gammaln } from "simple-statistics";
import { countChances, logChanceAtLeast } from "./counts";

/** What one period told of one kind of piece. */
export interface Seen {
  /** Pieces sold. */
  readonly sold: number;
  /** All that was there was sold: as many or more were asked for. */
  readonly soldOut: boolean;
  /** How much this period has of a usual one: its season, its length. */
  readonly exposure: number;
}

/** What is taken of a rate before anything is seen: Gamma with this mean and shape. */
export interface Prior {
  readonly mean: number;
  readonly shape: number;
}

/** Rates that are thought possible, in equal steps of their logarithm: pieces in a usual period. */
const LOW = 0.01;
const HIGH = 400;
const STEPS = 72;
export const RATES: readonly number[] = Array.from(
  { length: STEPS },
  (_, i) => LOW * (HIGH / LOW) ** (i / (STEPS - 1)),
);

/** Weights of the rates: they sum to 1. */
export type Belief = Float64Array;

/** Chances of a Gamma's rates on an even grid of logarithms: density × rate. */
export function believe(prior: Prior): Belief {
  const logs = RATES.map((r) => prior.shape * Math.log(r) - (prior.shape * r) / prior.mean);
  return normal(Float64Array.from(logs));
}

function normal(logs: Float64Array): Belief {
  const top = logs.reduce((a, b) => Math.max(a, b), -Infinity);
  let sum = 0;
  for (let i = 0; i < logs.length; i++) sum += logs[i] = Math.exp((logs[i] ?? 0) - top);
  for (let i = 0; i < logs.length; i++) logs[i] = (logs[i] ?? 0) / sum;
  return logs;
}

export const meanRate = (belief: Belief): number =>
  belief.reduce((sum, w, i) => sum + w * (RATES[i] ?? 0), 0);

/** Logarithms of the chances of what one period told, under each rate. */
export function told(s: Seen, dispersion: number): Float64Array {
  if (s.soldOut) return Float64Array.from(RATES, (r) => logChanceAtLeast(s.sold, r * s.exposure, dispersion));
  const { sold: k, exposure } = s;
  const constant = gammaln(k + dispersion) - gammaln(dispersion) - gammaln(k + 1);
  return Float64Array.from(RATES, (r) => {
    const share = (r * exposure) / (dispersion + r * exposure);
    return constant + dispersion * Math.log1p(-share) + k * Math.log(share);
  });
}

export type Tell = (s: Seen, dispersion: number) => Float64Array;

/** The same, each kind of period reckoned once: of thousands of days only so many differ. */
export function teller(): Tell {
  const known = new Map<string, Float64Array>();
  return (s, dispersion) => {
    const key = `${s.sold} ${s.soldOut} ${s.exposure} ${dispersion}`;
    let had = known.get(key);
    if (!had) known.set(key, (had = told(s, dispersion)));
    return had;
  };
}

/**
 * What all periods told, the oldest first: between two of them what was learned fades by `keeps`, so that a
 * rate that has changed is followed. Fading is towards the prior (power discounting, belief^keeps × prior^(1
 * − keeps)), which leaves the prior whole and each period with keeps^age: L ← keeps · L + told.
 */
export function toldBy(
  seen: readonly Seen[],
  dispersion: number,
  keeps: number,
  tell: Tell = told,
): Float64Array {
  const sum = new Float64Array(STEPS);
  for (const s of seen) add(sum, tell(s, dispersion), keeps);
  return sum;
}
function add(sum: Float64Array, now: Float64Array, keeps: number): void {
  for (let i = 0; i < STEPS; i++) sum[i] = keeps * (sum[i] ?? 0) + (now[i] ?? 0);
}

/** The belief after what was told. */
export function learned(prior: Belief, sum: Float64Array): Belief {
  return normal(Float64Array.from(sum, (l, i) => l + Math.log((prior[i] ?? 0) + 1e-300)));
}

/** How well a prior foretold it: the logarithm of the chance of all that was told, faded as it is. */
export function evidence(prior: Belief, sum: Float64Array): number {
  const top = sum.reduce((a, b) => Math.max(a, b), -Infinity);
  return top + Math.log(sum.reduce((s, l, i) => s + (prior[i] ?? 0) * Math.exp(l - top), 0) + 1e-300);
}

/** What was expected of each period before it was seen, at its exposure. */
export function expectedBefore(
  seen: readonly Seen[],
  prior: Belief,
  dispersion: number,
  keeps: number,
  tell: Tell = told,
): number[] {
  const sum = new Float64Array(STEPS);
  return seen.map((s) => {
    const expected = meanRate(learned(prior, sum)) * s.exposure;
    add(sum, tell(s, dispersion), keeps);
    return expected;
  });
}

/** Chances of 0, 1, 2, … where the i-th rate of the grid is true, for an exposure. */
export type Counts = (i: number, dispersion: number, exposure: number) => readonly number[];

/**
 * Chances of each rate, reckoned once for an exposure: hundreds of kinds are asked for the same month. The
 * oldest exposure is let go.
 */
export function countsOnce(most = 64): Counts {
  const known = new Map<string, (readonly number[])[]>();
  return (i, dispersion, exposure) => {
    const key = `${dispersion} ${exposure}`;
    let rates = known.get(key);
    if (!rates) {
      const oldest = known.size < most ? undefined : known.keys().next().value;
      if (oldest !== undefined) known.delete(oldest);
      known.set(key, (rates = []));
    }
    return (rates[i] ??= countChances((RATES[i] ?? 0) * exposure, dispersion));
  };
}

/** Chances of 0, 1, 2, … asked for in a period of some exposure: over all rates that are believed. */
export function askedFor(belief: Belief, dispersion: number, exposure: number, counts: Counts): number[] {
  const out: number[] = [];
  belief.forEach((w, i) => {
    if (w < 1e-7) return;
    const chances = counts(i, dispersion, exposure);
    for (let k = 0; k < chances.length; k++) out[k] = (out[k] ?? 0) + w * (chances[k] ?? 0);
  });
  const sum = out.reduce((a, b) => a + b, 0);
  return out.map((p) => p / sum);
}

/**
 * Several periods as one, in each of which the counts spread anew while the rate is the same in all: what is
 * not known of the rate does not average out. The sum of the periods is taken for a negative binomial of its
 * mean Σm and its variance Σ(m + m² ÷ r): the exposure of all, and how many times r is larger for them.
 */
export function together(exposures: readonly number[]): {
  readonly exposure: number;
  readonly steadier: number;
} {
  const exposure = exposures.reduce((a, b) => a + b, 0);
  const squares = exposures.reduce((a, b) => a + b * b, 0);
  return { exposure, steadier: squares > 0 ? (exposure * exposure) / squares : 1 };
}
