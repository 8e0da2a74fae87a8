import { estimateOf, inWords, type Estimate } from "../estimate";

/**
 * Yarn without a band: a measured length and its weight give metres in 100 g. The weight is known to the
 * scale's step (uniform over one step: variance step² ÷ 12), the length to 1 % (from memory: yarn stretches
 * along a ruler).
 * @throws RangeError when length, weight or step is not above 0.
 */
export function lengthFromSample(sample: {
  readonly mm: number;
  readonly mg: number;
  readonly scaleStepMg: number;
}): Estimate & { readonly sigma: number } {
  const { mm, mg, scaleStepMg } = sample;
  if (!(mm > 0) || !(mg > 0) || !(scaleStepMg > 0))
    throw new RangeError(
      `lengthFromSample: length, weight and step must be above 0, got ${mm}, ${mg}, ${scaleStepMg}`,
    );
  const value = (mm / mg) * 100;
  const sigma = Math.hypot(scaleStepMg / Math.sqrt(12) / mg, LENGTH_SIGMA);
  const estimate = estimateOf(value, sigma, {
    label: "length of 100 g",
    measure: "metres",
    value,
    how: `${inWords("mm", mm)} ÷ ${inWords("grams", mg / 1000)} × ${inWords("grams", 100)}`,
    from: `a measured length on a scale that shows ${scaleStepMg / 1000} g steps`,
  });
  return { ...estimate, sigma };
}
const LENGTH_SIGMA = 0.01;

/**
 * Wraps per inch to metres in 100 g, anchored at 13 wraps = 230 m (DK cotton) with power 1.3: light fibres
 * and plies differ by a quarter (all from memory). @throws RangeError outside 1–60 wraps.
 */
export function lengthFromWraps(wrapsPerInch: number): Estimate & { readonly sigma: number } {
  if (!(wrapsPerInch >= 1 && wrapsPerInch <= 60))
    throw new RangeError(`lengthFromWraps: 1 to 60 wraps an inch, got ${wrapsPerInch}`);
  const value = 230 * (wrapsPerInch / 13) ** 1.3;
  const estimate = estimateOf(value, WRAPS_SIGMA, {
    label: "length of 100 g",
    measure: "metres",
    value,
    how: `${inWords("metres", 230)} × (${wrapsPerInch} ÷ 13)^1.3`,
    from: "wraps per inch, trade average",
  });
  return { ...estimate, sigma: WRAPS_SIGMA };
}
const WRAPS_SIGMA = 0.25;

/**
 * Weight class by wraps per inch, lower ends (Craft Yarn Council, Standard Yarn Weight System, from memory).
 */
export function classFromWraps(wrapsPerInch: number): 0 | 1 | 2 | 3 | 4 | 5 | 6 | 7 {
  const ends = [
    [30, 0],
    [18, 1],
    [15, 2],
    [12, 3],
    [9, 4],
    [7, 5],
    [5, 6],
  ] as const;
  return ends.find(([least]) => wrapsPerInch >= least)?.[1] ?? 7;
}
