/**
 * One measurement against what all of its kind say: log(measured ÷ estimate), when it was made, how unsure it
 * is.
 */
export interface Residual {
  /** Days from any common origin. */
  readonly day: number;
  readonly log: number;
  /** Variance of its error, of the logarithm. */
  readonly variance: number;
}

export interface Drift {
  /** Change of the logarithm in thirty days, and its standard deviation. */
  readonly perMonth: number;
  readonly sd: number;
  /** Value of the line on a day, of the logarithm. */
  readonly at: (day: number) => number;
  /** Standard deviation of the line on a day. */
  readonly sdAt: (day: number) => number;
}

/**
 * A hand's drift: a straight line through the logarithms against time, each weighed by its variance; no
 * season is assumed (half a year of one maker cannot tell winter from wear). Weighted least squares in closed
 * form (normal equations, as in any text on linear regression). undefined when fewer than three measurements
 * or no two days are there.
 */
export function driftOf(list: readonly Residual[]): Drift | undefined {
  if (list.length < 3) return undefined;
  let w = 0;
  let wx = 0;
  let wy = 0;
  for (const p of list) {
    if (!(p.variance > 0)) throw new RangeError(`driftOf: a measurement has variance ${p.variance}`);
    w += 1 / p.variance;
    wx += p.day / p.variance;
    wy += p.log / p.variance;
  }
  const mx = wx / w;
  const my = wy / w;
  const sxx = list.reduce((s, p) => s + (p.day - mx) ** 2 / p.variance, 0);
  if (!(sxx > 1e-9)) return undefined;
  const slope = list.reduce((s, p) => s + ((p.day - mx) * (p.log - my)) / p.variance, 0) / sxx;
  return {
    perMonth: 30 * slope,
    sd: 30 / Math.sqrt(sxx),
    at: (day) => my + slope * (day - mx),
    sdAt: (day) => Math.sqrt(1 / w + (day - mx) ** 2 / sxx),
  };
}
