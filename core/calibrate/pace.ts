import { PACE_KINDS, paceCovariance, type PaceKind, type Work } from "../estimate";

export interface Timing {
  readonly work: Work;
  readonly seconds: number;
  /** Relative standard deviation of it beyond pace: interruptions, counting again. */
  readonly sigma: number;
}

/** A hand's pace: factors on the trade's seconds with their covariance. */
export interface Pace {
  readonly factor: (kind: PaceKind) => number;
  /** Standard deviation of the seconds of `work`. */
  readonly sd: (work: Work) => number;
  readonly seconds: (work: Work) => number;
  readonly timings: number;
}

/** One timing beyond the pace itself (from memory). */
export const TIMING_SIGMA = 0.08;

/**
 * Ridge regression towards the trade's pace: seconds = Σ trade seconds × factor + noise, factors Gaussian about 1 with a
 * covariance that lets one timing tell of the others. The posterior of Bayesian linear regression in closed form, which is
 * generalised ridge regression with that prior's precision as its penalty. O(timings × kinds²).
 */
export function learnPace(timings: readonly Timing[]): Pace {
  const n = PACE_KINDS.length;
  const mean = new Float64Array(n).fill(1);
  const cov = Float64Array.from(PRIOR_COVARIANCE);
  const cx = new Float64Array(n);
  let used = 0;
  for (const t of timings) {
    // A sitting is of a few kinds: only those are gone through.
    const x = Object.entries(t.work)
      .flatMap(([k, v]) => (v ? [[INDEX.get(k) ?? -1, v] as const] : []))
      .filter(([i]) => i >= 0);
    let expected = 0;
    for (const [i, v] of x) expected += v * (mean[i] ?? 0);
    if (!(expected > 0) || !(t.seconds > 0)) continue;
    used++;
    // One measurement at a time (Kalman's form of the same regression): no matrix is inverted.
    for (let i = 0; i < n; i++) {
      let sum = 0;
      for (const [j, v] of x) sum += (cov[i * n + j] ?? 0) * v;
      cx[i] = sum;
    }
    let variance = (t.sigma * t.seconds) ** 2 + 25;
    for (const [i, v] of x) variance += v * (cx[i] ?? 0);
    const error = t.seconds - expected;
    for (let i = 0; i < n; i++) {
      const gain = (cx[i] ?? 0) / variance;
      mean[i] = (mean[i] ?? 0) + gain * error;
      for (let j = 0; j < n; j++) cov[i * n + j] = (cov[i * n + j] ?? 0) - gain * (cx[j] ?? 0);
    }
  }
  // A pace is never nothing, however odd a single timing was.
  const factor = (kind: string) => Math.max(0.1, mean[INDEX.get(kind) ?? -1] ?? 1);
  return {
    timings: used,
    factor,
    seconds: (work) => Object.entries(work).reduce((s, [k, v]) => s + (v ?? 0) * factor(k), 0),
    sd: (work) => {
      let sum = 0;
      for (const [a, va] of Object.entries(work))
        for (const [b, vb] of Object.entries(work))
          sum += (va ?? 0) * (vb ?? 0) * (cov[(INDEX.get(a) ?? 0) * n + (INDEX.get(b) ?? 0)] ?? 0);
      return Math.sqrt(Math.max(0, sum));
    },
  };
}
const INDEX: ReadonlyMap<string, number> = new Map(PACE_KINDS.map((k, i) => [k, i]));
const PRIOR_COVARIANCE = PACE_KINDS.flatMap((a) => PACE_KINDS.map((b) => paceCovariance(a, b)));

export interface LearningCurve {
  /** Seconds of the first piece. */
  readonly first: number;
  /** Seconds of a piece at each doubling against the one before: 0.9 means a tenth less. */
  readonly rate: number;
}

/**
 * Wright's law over the laps of a batch: seconds of piece n = first × n^b, rate = 2^b; least squares of logarithms
 * (T. P. Wright, "Factors affecting the cost of airplanes", 1936, as it is used for single units). undefined below three laps.
 */
export function learningCurve(laps: readonly number[]): LearningCurve | undefined {
  const points = laps
    .map((s, i) => ({ x: Math.log(i + 1), y: Math.log(s) }))
    .filter((p) => Number.isFinite(p.y));
  if (points.length < 3) return undefined;
  const mx = points.reduce((s, p) => s + p.x, 0) / points.length;
  const my = points.reduce((s, p) => s + p.y, 0) / points.length;
  const sxx = points.reduce((s, p) => s + (p.x - mx) ** 2, 0);
  const b = points.reduce((s, p) => s + (p.x - mx) * (p.y - my), 0) / sxx;
  return { first: Math.exp(my - b * mx), rate: 2 ** b };
}

/** Seconds of piece n on a curve. */
export const lapOn = (curve: LearningCurve, n: number): number => curve.first * n ** Math.log2(curve.rate);
