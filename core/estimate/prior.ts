import { Z90 } from "./value";

/**
 * A spread that is itself known from `n` measurements only makes a range Student's, not normal: the 95 % point
 * of Student's t over the normal's, by the first terms of its expansion about the normal (R. A. Fisher and E.
 * A. Cornish, 1960; from memory): within 0.001 from n = 12 on.
 */
export const studentFactor = (n: number): number =>
  1 + (Z90 ** 2 + 1) / (4 * n) + (5 * Z90 ** 4 + 16 * Z90 ** 2 + 3) / (96 * n ** 2);

/** The trade's spreads count as so many measurements that fell as expected (from memory). */
export const TRADE_WORTH = 12;

/** A range that rests on the trade alone is so much wider than its spread, which is itself a guess. */
export const TRADE_DOUBT = studentFactor(TRADE_WORTH);

/**
 * Spreads of the yarn in a stitch against the trade's, of the logarithm: her hand (with the doubt about all of
 * them in it), a yarn line, a shade of it, an item about its reckoning, metres in 100 g about what the band
 * says, one piece about the mean of many, and how far the hand wanders in a month (docs/models.md has hand and
 * line; the rest from memory; a band's metres are 3 to 5 % off, common practice, no source).
 */
export const TENSION_PRIOR = {
  hand: 0.17,
  line: 0.08,
  group: 0.05,
  item: 0.045,
  band: 0.04,
  piece: 0.03,
  month: 0.01,
} as const;

/** Of the metres in a stitch of a hand and a yarn that nobody has measured, of the logarithm. */
export const YARN_SIGMA =
  TRADE_DOUBT * Math.hypot(TENSION_PRIOR.hand, TENSION_PRIOR.line, TENSION_PRIOR.group, TENSION_PRIOR.item);

/** Metres in 100 g of a ball that nobody has weighed and measured. */
export const BAND_SIGMA = TRADE_DOUBT * TENSION_PRIOR.band;

/**
 * How much hands differ in packing, and one firmness about its hand, of the logarithm. Light, medium and firm
 * are a factor of 1.5 apart (craft §4), and hands differ by more than half of that (from memory).
 */
export const PACKING_SPREAD = { hand: 0.28, group: 0.12 } as const;

/** Relative standard deviation of the density of filling that nobody has weighed. */
export const DENSITY_SIGMA = TRADE_DOUBT * Math.hypot(PACKING_SPREAD.hand, PACKING_SPREAD.group);
