import { PACE_KINDS, STAGE_OF, type PaceKind, type Work } from "../estimate";

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

/** Prior of the factors: a hand shares one part over everything, one within a stage, and each kind has its own (from memory; together 27 %). */
const SHARED = 0.2;
const STAGE = 0.12;
const OWN = 0.12;

/** One timing beyond the pace itself (from memory). */
export const TIMING_SIGMA = 0.08;

/**
 * Ridge regression towards the trade's pace: seconds = Σ trade seconds × factor + noise, factors Gaussian about 1 with a
 * covariance that lets one timing tell of the others. The posterior of Bayesian linear regression in closed form, which is
 * generalised ridge regression with that prior's precision as its penalty. O(timings × kinds²).
 */
export function learnPace(timings: readonly Timing[]): Pace {
  const n = PACE_KINDS.length;
  let mean: number[] = PACE_KINDS.map(() => 1);
  let cov: number[][] = PACE_KINDS.map((a, i) => PACE_KINDS.map((b, j) => SHARED ** 2 + (STAGE_OF[a] === STAGE_OF[b] ? STAGE ** 2 : 0) + (i === j ? OWN ** 2 : 0)));
  let used = 0;
  for (const t of timings) {
    const x = PACE_KINDS.map((k) => t.work[k] ?? 0);
    const expected = x.reduce((s, v, i) => s + v * (mean[i] ?? 0), 0);
    if (!(expected > 0) || !(t.seconds > 0)) continue;
    used++;
    // One measurement at a time (Kalman's form of the same regression): no matrix is inverted.
    const cx = cov.map((row) => row.reduce((s, c, j) => s + c * (x[j] ?? 0), 0));
    const noise = (t.sigma * t.seconds) ** 2 + 25;
    const variance = x.reduce((s, v, i) => s + v * (cx[i] ?? 0), 0) + noise;
    const gain = cx.map((c) => c / variance);
    const error = t.seconds - expected;
    mean = mean.map((m, i) => m + (gain[i] ?? 0) * error);
    cov = cov.map((row, i) => row.map((c, j) => c - (gain[i] ?? 0) * (cx[j] ?? 0)));
  }
  const at = (k: PaceKind) => PACE_KINDS.indexOf(k);
  return {
    timings: used,
    // A pace is never nothing, however odd a single timing was.
    factor: (k) => Math.max(0.1, mean[at(k)] ?? 1),
    seconds: (work) => Object.entries(work).reduce((s, [k, v]) => s + (v ?? 0) * Math.max(0.1, mean[at(k as PaceKind)] ?? 1), 0),
    sd: (work) => {
      let sum = 0;
      for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) sum += (work[PACE_KINDS[i] as PaceKind] ?? 0) * (work[PACE_KINDS[j] as PaceKind] ?? 0) * (cov[i]?.[j] ?? 0);
      return Math.sqrt(Math.max(0, sum));
    },
  };
}

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
  const points = laps.map((s, i) => ({ x: Math.log(i + 1), y: Math.log(s) })).filter((p) => Number.isFinite(p.y));
  if (points.length < 3) return undefined;
  const mx = points.reduce((s, p) => s + p.x, 0) / points.length;
  const my = points.reduce((s, p) => s + p.y, 0) / points.length;
  const sxx = points.reduce((s, p) => s + (p.x - mx) ** 2, 0);
  const b = points.reduce((s, p) => s + (p.x - mx) * (p.y - my), 0) / sxx;
  return { first: Math.exp(my - b * mx), rate: 2 ** b };
}

/** Seconds of piece n on a curve. */
export const lapOn = (curve: LearningCurve, n: number): number => curve.first * n ** Math.log2(curve.rate);
