/**
 * How much of an average month's trade each month has, for small gifts sold by hand: quiet after New Year,
 * visitors in summer, gifts from November on. Common practice, no source; her own sales take its place as
 * they come.
 */
export const GENERAL_SEASON: readonly number[] = [
  0.6, 0.65, 0.75, 0.9, 0.95, 1.0, 1.15, 1.15, 0.95, 1.0, 1.35, 1.55,
];
/** When in the year a piece is asked for, as its maker says it. */
export const SEASONS = ["year", "winter", "spring", "summer", "autumn"] as const;
export type SeasonName = (typeof SEASONS)[number];

/**
 * How much of an average month each month has, for pieces of one season: what hangs on a winter tree is asked
 * for from October on, spring's until Easter is over. Common practice, no source; her own sales take their
 * place as they come. Pieces of the whole year go by what the channel as a whole has.
 */
const OF_SEASON: Readonly<Record<Exclude<SeasonName, "year">, readonly number[]>> = {
  winter: [0.15, 0.05, 0.05, 0.05, 0.05, 0.05, 0.1, 0.2, 0.6, 1.7, 4, 5],
  spring: [0.5, 2, 4, 3.4, 0.9, 0.25, 0.15, 0.1, 0.1, 0.1, 0.2, 0.3],
  summer: [0.1, 0.15, 0.3, 0.7, 1.5, 2.2, 2.8, 2.5, 1, 0.3, 0.2, 0.25],
  autumn: [0.1, 0.1, 0.1, 0.1, 0.15, 0.2, 0.4, 1.3, 3.6, 4.6, 1, 0.35],
};

/** What is taken of a season before anything is sold: its own shape, or the general one for the whole year. */
export const shapeOf = (season: SeasonName, general: readonly number[]): readonly number[] =>
  season === "year" ? general : OF_SEASON[season];

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
  weight = WEIGHT,
): number[] {
  const sum = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
  const shape = general.map((g) => (g * general.length) / sum(general));
  const whole = sum(shape.map((g, m) => g * (expected[m] ?? 0)));
  const level = whole > 0 && sum(asked) > 0 ? sum(asked) / whole : 1;
  const raw = shape.map((g, m) => ((asked[m] ?? 0) / level + weight * g) / ((expected[m] ?? 0) + weight));
  return raw.map((f) => (f * raw.length) / sum(raw));
}
