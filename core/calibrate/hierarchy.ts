import { PACKING_SPREAD } from "../estimate";
import { UNTRIED, type Calibration } from "./calibration";

/** One measurement against what the trade would expect: log(measured ÷ expected), with how unsure it is. */
export interface Observation {
  /**
   * What it is about: a yarn with a hook, a firmness. Measurements of one group share more than those of one
   * hand.
   */
  readonly group: string;
  readonly logRatio: number;
  /** Variance of its error, of the logarithm. */
  readonly variance: number;
}

export interface Spread {
  /** Standard deviation of the hand as a whole, of the logarithm. */
  readonly hand: number;
  /** Standard deviation of a group about its hand. */
  readonly group: number;
}

/** Packing density: like tension, about its own prior. */
export const DENSITY_SPREAD: Spread = PACKING_SPREAD;

/** A factor on what the trade expects. */
export interface Learned {
  readonly mean: number;
  /** Of the mean of many pieces. */
  readonly sd: number;
  /** Of one next piece, where the model knows how pieces scatter. */
  readonly next?: number;
  /** Of one piece about its mean: a run of n has it divided by √n. */
  readonly piece?: number;
  /** The same of the grams, where metres and grams are two quantities: the band's error is in them. */
  readonly grams?: {
    readonly mean: number;
    readonly sd: number;
    readonly next: number;
    readonly piece: number;
  };
  /** Measurements of this very group, and of the same hand on others. */
  readonly own: number;
  readonly others: number;
}

export interface Learning {
  /** How its measurements fell against what was said before each; every `sd` has its scale in it. */
  readonly calibration: Calibration;
  readonly of: (group: string, about?: { readonly line?: string; readonly item?: string }) => Learned;
  /** What a group never measured would be. */
  readonly elsewhere: Learned;
  readonly groups: readonly string[];
}

/**
 * The hierarchical log-normal model in closed form: log ratio = hand + group + noise, all Gaussian. Each
 * group's measurements are pooled by their precisions; the pooled means tell of the hand with variance group²
 * + 1 ÷ precision; the hand tells of every group again. Exact; O(measurements). Measurements with variance 0
 * or less are a caller's mistake.
 * @throws RangeError on a variance that is not above 0 or a ratio that is not finite
 */
export function learn(observations: readonly Observation[], spread: Spread): Learning {
  const groups = new Map<string, { precision: number; sum: number; n: number }>();
  for (const o of observations) {
    if (!(o.variance > 0) || !Number.isFinite(o.logRatio))
      throw new RangeError(
        `learn: a measurement of ${o.group} has ratio ${o.logRatio} and variance ${o.variance}`,
      );
    const g = groups.get(o.group) ?? { precision: 0, sum: 0, n: 0 };
    g.precision += 1 / o.variance;
    g.sum += o.logRatio / o.variance;
    g.n++;
    groups.set(o.group, g);
  }
  const between = spread.group ** 2;
  let precision = 1 / spread.hand ** 2;
  let sum = 0;
  for (const g of groups.values()) {
    const variance = between + 1 / g.precision;
    precision += 1 / variance;
    sum += g.sum / g.precision / variance;
  }
  const hand = { mean: sum / precision, variance: 1 / precision };
  const total = observations.length;
  const elsewhere: Learned = {
    mean: hand.mean,
    sd: Math.sqrt(hand.variance + between),
    own: 0,
    others: total,
  };
  return {
    calibration: UNTRIED,
    elsewhere,
    groups: [...groups.keys()],
    of: (group) => {
      const g = groups.get(group);
      if (!g) return elsewhere;
      // Given the hand, the group's mean is a precision-weighted one; the hand's own error comes on top.
      const share = 1 / between / (g.precision + 1 / between);
      const mean = (g.sum + hand.mean / between) / (g.precision + 1 / between);
      return {
        mean,
        sd: Math.sqrt(1 / (g.precision + 1 / between) + share ** 2 * hand.variance),
        own: g.n,
        others: total - g.n,
      };
    },
  };
}

/** How a measurement's error grows with its age: doubled at the half-life, so that it weighs half. */
export function aged(variance: number, ageDays: number, halfLifeDays: number): number {
  return halfLifeDays > 0 ? variance * 2 ** (Math.max(0, ageDays) / halfLifeDays) : variance;
}

/** Spread between finished parts of one hand, beyond the scale (docs/models.md). */
export const WEIGH_SIGMA = 0.03;
/** An unravelled sample (from memory). */
export const UNRAVEL_SIGMA = 0.04;
/** Yarn in a stitch from its width alone (from memory). */
export const GAUGE_SIGMA = 0.12;

/** Error of a weighing of `grams` on a scale of step d: (d ÷ √12 ÷ grams)² + 0.03² (docs/models.md). */
export function weighVariance(grams: number, stepGrams: number): number {
  if (!(grams > 0) || !(stepGrams > 0))
    throw new RangeError(`weighVariance: weight and step must be above 0, got ${grams} and ${stepGrams}`);
  return (stepGrams / Math.sqrt(12) / grams) ** 2 + WEIGH_SIGMA ** 2;
}
