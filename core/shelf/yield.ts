/** What became of pieces that were looked at. */
export interface Inspected {
  /** Passed, mended ones among them. */
  readonly passed: number;
  readonly seconds: number;
  readonly rejected: number;
}
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
  const passed = seen.reduce((s, b) => s + b.passed, 0);
  const failed = seen.reduce((s, b) => s + b.seconds + b.rejected, 0);
  const [a, b] = [prior.passed + passed, prior.failed + failed];
  return {
    share: a / (a + b),
    low: betaQuantile(0.05, a, b),
    high: betaQuantile(0.95, a, b),
    pieces: passed + failed,
  };
}

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
