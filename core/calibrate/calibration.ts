import { errorFunction } from "simple-statistics";
import { Z90 } from "../estimate";

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
  /** What ranges are multiplied by: above 1 when they have been too narrow. */
  readonly scale: number;
}

/** The newest so many measurements keep the score. */
const COUNTED = 80;
/** The trade's spreads count as so many measurements that fell as expected. */
const FOR_THE_TRADE = 12;
/**
 * One measurement counts at most as this many standard deviations: a pause that was not cut out is no narrow
 * range.
 */
const CAPPED = 2;
/** What a square so capped is on the average when the ranges are true: 1 − 2 (2 φ(2) + Q(2)) + 4 · 2 Q(2). */
const USUAL_SQUARE = 0.9205;
/** Ranges are never narrowed or widened beyond this. */
const BOUNDS = [0.6, 2.5] as const;
const TENTHS = 10;

export const UNTRIED: Calibration = {
  n: 0,
  inside: 0,
  tenths: new Array<number>(TENTHS).fill(0),
  scale: 1,
};

/** Share of a standard normal below `z`. */
export const normalBelow = (z: number): number => (1 + errorFunction(z / Math.SQRT2)) / 2;

/**
 * The score of ranges: `zs` are measurements as standard deviations from what was expected of each before it
 * was made, oldest first. The tenths are the probability integral transform (A. P. Dawid, "Statistical
 * theory: the prequential approach", J. R. Statist. Soc. A 147, 1984; from memory). The scale is the
 * posterior of the spread's factor under a scaled inverse-χ² prior worth twelve measurements: her own figures
 * widen or narrow what the model says.
 */
export function calibrationOf(zs: readonly number[]): Calibration {
  const newest = zs.slice(-COUNTED);
  const tenths = new Array<number>(TENTHS).fill(0);
  let squares = FOR_THE_TRADE * USUAL_SQUARE;
  for (const z of newest) {
    const tenth = Math.min(TENTHS - 1, Math.floor(TENTHS * normalBelow(z)));
    tenths[tenth] = (tenths[tenth] ?? 0) + 1;
    squares += Math.min(CAPPED, Math.abs(z)) ** 2;
  }
  const scale = Math.sqrt(squares / USUAL_SQUARE / (FOR_THE_TRADE + newest.length));
  return {
    n: newest.length,
    inside: newest.filter((z) => Math.abs(z) <= Z90).length,
    tenths,
    scale: Math.min(BOUNDS[1], Math.max(BOUNDS[0], scale)),
  };
}
