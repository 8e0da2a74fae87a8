import { errorFunction } from "simple-statistics";
import { studentFactor, TRADE_WORTH, Z90 } from "../estimate";

/** How a hand's measurements fell against the ranges that were given before each of them. */
export interface Calibration {
  /** Measurements that are counted: the newest. */
  readonly n: number;
  /** Of them inside the 90 % range that was given before. */
  readonly inside: number;
  /**
   * How many fell into each tenth of what was expected of them, lowest first: even when the ranges are true.
   */
  readonly tenths: readonly number[];
  /** Above 1 when her ranges have been too narrow, below when they were wider than needed. */
  readonly score: number;
  /** What ranges are multiplied by: the score, and Student's factor for the few measurements behind it. */
  readonly scale: number;
}

/** The newest so many measurements keep the score. */
const COUNTED = 80;
/**
 * One measurement counts at most as this many standard deviations: a pause that was not cut out is no narrow
 * range.
 */
const CAPPED = 2;
/** Ranges are never narrowed or widened beyond this. */
const BOUNDS = [0.6, 2.5] as const;
const TENTHS = 10;

/** Share of a standard normal below `z`. */
export const normalBelow = (z: number): number => (1 + errorFunction(z / Math.SQRT2)) / 2;

/** What the square of a standard normal capped at `c` is on the average: 1 − 2 (c φ(c) + Q(c)) + 2 c² Q(c). */
function cappedSquare(c: number): number {
  const beyond = 1 - normalBelow(c);
  const density = Math.exp(-(c ** 2) / 2) / Math.sqrt(2 * Math.PI);
  return 1 - 2 * (c * density + beyond) + 2 * c ** 2 * beyond;
}

/**
 * The score of ranges: `zs` are measurements as standard deviations from what was expected of each before it
 * was made, oldest first. The tenths are the probability integral transform (A. P. Dawid, "Statistical
 * theory: the prequential approach", J. R. Statist. Soc. A 147, 1984; from memory). The scale is the
 * posterior of the spread's factor under a scaled inverse-χ² prior worth twelve measurements: her own figures
 * widen or narrow what the model says. `above`: where the measurements may have something in them that only
 * adds (a pause), one above counts at most as so many deviations.
 */
export function calibrationOf(zs: readonly number[], above = CAPPED): Calibration {
  const newest = zs.slice(-COUNTED);
  const tenths = new Array<number>(TENTHS).fill(0);
  const usual = (cappedSquare(CAPPED) + cappedSquare(above)) / 2;
  let squares = TRADE_WORTH * usual;
  for (const z of newest) {
    const tenth = Math.min(TENTHS - 1, Math.floor(TENTHS * normalBelow(z)));
    tenths[tenth] = (tenths[tenth] ?? 0) + 1;
    squares += Math.min(z > 0 ? above : CAPPED, Math.abs(z)) ** 2;
  }
  const worth = TRADE_WORTH + newest.length;
  const score = Math.min(BOUNDS[1], Math.max(BOUNDS[0], Math.sqrt(squares / usual / worth)));
  return {
    n: newest.length,
    inside: newest.filter((z) => Math.abs(z) <= Z90).length,
    tenths,
    score,
    scale: studentFactor(worth) * score,
  };
}

/** Before anything was measured. */
export const UNTRIED: Calibration = calibrationOf([]);
