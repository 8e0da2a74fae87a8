import { MM_PER_INCH, mm, type Mm } from "../units";

/** Yarn weight classes of the standard system, 0 to 7. */
export type WeightClass = 0 | 1 | 2 | 3 | 4 | 5 | 6 | 7;

export interface ClassGauge {
  /** Single crochet stitches over 4 inches: the range that the standard gives. */
  readonly stitchesOver4In: readonly [number, number];
  readonly hookMm: readonly [number, number];
  readonly name: { readonly us: string; readonly uk: string };
}

/**
 * Crochet gauge ranges. Source: Craft Yarn Council, "Standard Yarn Weight System" (from memory;
 * classes 1–6 also in craft §2.6). Class 0 (lace) is worked in doubles there and class 7 has
 * only an upper bound; their sc figures here are starting values from memory.
 */
export const CLASS_GAUGE: Readonly<Record<WeightClass, ClassGauge>> = {
  0: { stitchesOver4In: [32, 42], hookMm: [1.6, 2.25], name: { us: "lace", uk: "2-ply" } },
  1: { stitchesOver4In: [21, 32], hookMm: [2.25, 3.5], name: { us: "super fine", uk: "4-ply" } },
  2: { stitchesOver4In: [16, 20], hookMm: [3.5, 4.5], name: { us: "fine", uk: "5-ply" } },
  3: { stitchesOver4In: [12, 17], hookMm: [4.5, 5.5], name: { us: "light (DK)", uk: "double knitting" } },
  4: { stitchesOver4In: [11, 14], hookMm: [5.5, 6.5], name: { us: "worsted", uk: "aran" } },
  5: { stitchesOver4In: [8, 11], hookMm: [6.5, 9], name: { us: "bulky", uk: "chunky" } },
  6: { stitchesOver4In: [5, 9], hookMm: [9, 15], name: { us: "super bulky", uk: "super chunky" } },
  7: { stitchesOver4In: [3, 5], hookMm: [15, 25], name: { us: "jumbo", uk: "jumbo" } },
};

export interface Gauge {
  /** Width of one single crochet. */
  readonly width: Mm;
  /** Height of one round. */
  readonly height: Mm;
  /** Relative standard deviation of the width. */
  readonly sigma: number;
}

/** Round height over stitch width in single crochet (from memory, craft §3). */
export const HEIGHT_RATIO = 0.93;
const HOOK_EXPONENT = 0.8;
const PRIOR_SIGMA = 0.1;

/**
 * What the trade would expect of a yarn class and a hook before anything is measured (docs/models.md):
 * the class gauge at its middle hook, scaled by (hook ÷ middle hook)^0.8, ± 10 %.
 */
export function gaugePrior(weight: WeightClass, hook: Mm): Gauge {
  const g = CLASS_GAUGE[weight];
  const stitches = (g.stitchesOver4In[0] + g.stitchesOver4In[1]) / 2;
  const middleHook = (g.hookMm[0] + g.hookMm[1]) / 2;
  const width = ((4 * MM_PER_INCH) / stitches) * (hook / middleHook) ** HOOK_EXPONENT;
  return { width: mm(width), height: mm(width * HEIGHT_RATIO), sigma: PRIOR_SIGMA };
}

/** A measured square: stitches and rounds counted over a length. */
export interface SwatchGauge {
  readonly stitches: number;
  readonly overMm: Mm;
  readonly rounds: number | undefined;
  readonly roundsOverMm: Mm | undefined;
}

/**
 * A swatch replaces the prior. Counting is taken as exact to half a stitch at each end, so ± 0.3 stitches
 * rms.
 */
export function gaugeFromSwatch(s: SwatchGauge): Gauge {
  if (!(s.stitches > 0) || !(s.overMm > 0))
    throw new RangeError(
      `gaugeFromSwatch: stitches and length must be above 0, got ${s.stitches} over ${s.overMm}`,
    );
  const width = s.overMm / s.stitches;
  const height = s.rounds && s.roundsOverMm ? s.roundsOverMm / s.rounds : width * HEIGHT_RATIO;
  return { width: mm(width), height: mm(height), sigma: Math.max(0.01, 0.3 / s.stitches) };
}
