/** Of how many buyers one may run out of yarn, in basis points: what can be chosen. */
export const CHANCES_BP = [20, 50, 100, 200, 500] as const;
export type ChanceBp = (typeof CHANCES_BP)[number];

/** The one that lies nearest to a share that came from elsewhere. */
export const nearestChance = (share: number): ChanceBp =>
  CHANCES_BP.reduce((a, b) => (Math.abs(b - share * 10_000) < Math.abs(a - share * 10_000) ? b : a));
