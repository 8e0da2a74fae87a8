import { gammaln } from "simple-statistics";

/** What became of pieces that were looked at. */
export interface Inspected {
  /** Passed, mended ones among them. */
  readonly passed: number;
  readonly seconds: number;
  readonly rejected: number;
}
/** What was ever looked at of an item, in pieces. */
export interface Seen {
  readonly passed: number;
  readonly failed: number;
}
export const NONE_SEEN: Seen = { passed: 0, failed: 0 };
/** Share that may be sold as first quality, with its 90 % range. */
export interface Yield {
  readonly share: number;
  readonly low: number;
  readonly high: number;
  readonly pieces: number;
}

/**
 * What a practised hand passes before anything was counted: 19 of 20, worth twenty pieces. Common practice,
 * no source.
 */
export const TRADE_YIELD = { passed: 19, failed: 1 } as const;

/**
 * The share that passes, Beta-binomial: the trade's own pieces are counted with hers. The range is that of
 * the share itself, read from the Beta distribution's sums on a fine grid.
 */
export function yieldOf(seen: readonly Inspected[], prior = TRADE_YIELD): Yield {
  const { passed, failed } = seenOf(seen);
  const [a, b] = [prior.passed + passed, prior.failed + failed];
  return {
    share: a / (a + b),
    low: betaQuantile(0.05, a, b),
    high: betaQuantile(0.95, a, b),
    pieces: passed + failed,
  };
}

/** Pieces that passed and that did not. */
export const seenOf = (seen: readonly Inspected[]): Seen => ({
  passed: seen.reduce((s, b) => s + b.passed, 0),
  failed: seen.reduce((s, b) => s + b.seconds + b.rejected, 0),
});

/**
 * So many pieces pass at least, in `chance` of all cases, and so many on average: Beta-binomial, so that few
 * pieces seen say less. Exact sums.
 * @param pieces that are made, whole
 */
export function passOf(
  pieces: number,
  seen: Seen,
  chance = 0.9,
  prior = TRADE_YIELD,
): { readonly expected: number; readonly atLeast: number } {
  const [a, b] = [prior.passed + seen.passed, prior.failed + seen.failed];
  const expected = (pieces * a) / (a + b);
  // From all of them downwards until so many cases are covered.
  let covered = 0;
  for (let k = pieces; k > 0; k--) {
    covered += Math.exp(logChoose(pieces, k) + logBeta(k + a, pieces - k + b) - logBeta(a, b));
    if (covered >= chance - 1e-12) return { expected, atLeast: k };
  }
  return { expected, atLeast: 0 };
}

/**
 * The fewest pieces of which so many pass in `chance` of all cases: what a run takes of yarn, eyes and time is
 * asked for by these. undefined where three times as many would not do.
 */
export function piecesToPass(
  wanted: number,
  seen: Seen,
  chance = 0.9,
  prior = TRADE_YIELD,
): number | undefined {
  for (let pieces = wanted; pieces <= 3 * wanted; pieces++)
    if (passOf(pieces, seen, chance, prior).atLeast >= wanted) return pieces;
  return undefined;
}
const logChoose = (n: number, k: number): number => gammaln(n + 1) - gammaln(k + 1) - gammaln(n - k + 1);
const logBeta = (a: number, b: number): number => gammaln(a) + gammaln(b) - gammaln(a + b);

const GRID = 4000;
/** Quantile of a Beta distribution by summing its density: good to a few ten-thousandths. */
export function betaQuantile(share: number, a: number, b: number): number {
  const at = (i: number) => (i + 0.5) / GRID;
  const logs = Array.from(
    { length: GRID },
    (_, i) => (a - 1) * Math.log(at(i)) + (b - 1) * Math.log1p(-at(i)),
  );
  const top = logs.reduce((x, y) => Math.max(x, y), -Infinity);
  const weights = logs.map((l) => Math.exp(l - top));
  const sum = weights.reduce((x, y) => x + y, 0);
  let seen = 0;
  for (let i = 0; i < GRID; i++) {
    const w = (weights[i] ?? 0) / sum;
    if (seen + w >= share) return (i + (share - seen) / w) / GRID;
    seen += w;
  }
  return 1;
}
