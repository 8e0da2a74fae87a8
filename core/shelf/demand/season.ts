/**
 * How much of an average month's trade each month has, for small gifts sold by hand: quiet after New Year,
 * visitors in summer, gifts from November on. Common practice, no source; her own sales take its place as
 * they come.
 */
export const GENERAL_SEASON: readonly number[] = [
  0.6, 0.65, 0.75, 0.9, 0.95, 1.0, 1.15, 1.15, 0.95, 1.0, 1.35, 1.55,
];
/** The general shape weighs as much as this many sold pieces in a month. */
const WEIGHT = 12;

/**
 * Months of a season from what was asked for against what was expected of each month without a season, drawn
 * towards the general shape where little was sold. Only months against each other tell of a season: how much
 * was asked for on the whole belongs to the rates, so that half a year of sales does not bend the other half.
 * The mean over the months is 1.
 */
export function seasonOf(
  asked: readonly number[],
  expected: readonly number[],
  general: readonly number[] = GENERAL_SEASON,
): number[] {
  const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
  const shape = general.map((g) => (g * general.length) / sum(general));
  const whole = sum(shape.map((g, m) => g * (expected[m] ?? 0)));
  const level = whole > 0 && sum(asked) > 0 ? sum(asked) / whole : 1;
  const raw = shape.map((g, m) => ((asked[m] ?? 0) / level + WEIGHT * g) / ((expected[m] ?? 0) + WEIGHT));
  return raw.map((f) => (f * raw.length) / sum(raw));
}
