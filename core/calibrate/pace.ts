import { PACE_KINDS, PACE_PRIOR, STAGE_OF, type PaceKind, type Work } from "../estimate";
import { Belief, type Row } from "./belief";

export interface Timing {
  readonly work: Work;
  readonly seconds: number;
  /** Relative standard deviation of it beyond pace: interruptions, counting again. */
  readonly sigma: number;
  /** The item that was made, and the day, in days from any common origin. */
  readonly item?: string | undefined;
  readonly day?: number | undefined;
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

/** How much items may differ from their reckoning in time, and how far a pace wanders in a month (from memory). */
const ITEMS = [0.05, 0.1, 0.18];
const MONTH_WALK = 0.015;
const MONTH_DAYS = 30.44;
/** A pace that wanders is told by the newest timings; a file may bring thousands. */
const NEWEST = 300;
/** Half of the reading's own seconds, beside what is relative. */
const CLOCK = 5;

const seconds = (work: Work): number => Object.values(work).reduce((s, v) => s + (v ?? 0), 0);
/** What the seconds of some work rest on: the hand, its stages, its kinds of work, and the item as a whole. */
function rowOf(work: Work, item: string | undefined): Row {
  const stages = new Map<string, number>();
  const own: [string, number][] = [];
  for (const k of PACE_KINDS) {
    const s = work[k] ?? 0;
    if (s <= 0) continue;
    stages.set(STAGE_OF[k], (stages.get(STAGE_OF[k]) ?? 0) + s);
    own.push([`own:${k}`, s]);
  }
  const all = own.reduce((sum, [, s]) => sum + s, 0);
  return [
    ["shared", all],
    ...[...stages].map(([k, s]) => [`stage:${k}`, s] as const),
    ...own,
    ...(item === undefined ? [] : ([[`item:${item}`, all]] as const)),
  ];
}

/**
 * Pace as a Gaussian belief: seconds = Σ trade seconds × (1 + hand + stage + kind + item) + noise, each with the trade's own
 * spread, so that one timing tells of the others; the hand wanders from month to month, and unless `heavy` is off a sitting far from
 * what was believed (a pause that was not cut out) pulls little. Bayesian linear regression in Kalman's form. O(timings × effects²).
 */
export function learnPace(timings: readonly Timing[], heavy = true): Pace {
  const list = timings
    .filter((t) => seconds(t.work) > 0 && t.seconds > 0)
    .sort((a, b) => (a.day ?? 0) - (b.day ?? 0))
    .slice(-NEWEST);
  // Where timings name their items, what is reckoned with is mostly another one, and her own items tell how much they differ.
  const items = list.some((t) => t.item !== undefined);
  const models = (items ? ITEMS : [0]).map((item) => ({ item, belief: believed(list, item, heavy) }));
  const best = Math.max(...models.map((m) => m.belief.evidence));
  const weights = models.map((m) => Math.exp(m.belief.evidence - best));
  const sum = weights.reduce((a, b) => a + b, 0);
  /** Mean and variance of the seconds beyond the trade's, over the models. */
  const asked = (work: Work) => {
    let mean = 0;
    let square = 0;
    models.forEach((m, i) => {
      const w = (weights[i] ?? 0) / sum;
      const got = m.belief.of(rowOf(work, undefined));
      mean += w * got.mean;
      square += w * (got.variance + (m.item * seconds(work)) ** 2 + got.mean ** 2);
    });
    return { mean, variance: Math.max(0, square - mean ** 2) };
  };
  // A pace is never nothing, however odd a single timing was.
  const factors = new Map(PACE_KINDS.map((k) => [k, Math.max(0.1, 1 + asked({ [k]: 1 }).mean)]));
  const factor = (kind: PaceKind) => factors.get(kind) ?? 1;
  return {
    timings: list.length,
    factor,
    seconds: (work) => PACE_KINDS.reduce((s, k) => s + (work[k] ?? 0) * factor(k), 0),
    sd: (work) => Math.sqrt(asked(work).variance),
  };
}

/** The belief after all timings, if items differ by so much. */
function believed(list: readonly Timing[], item: number, heavy: boolean): Belief {
  const belief = new Belief();
  belief.begin("shared", PACE_PRIOR.shared ** 2);
  for (const k of PACE_KINDS) {
    belief.begin(`stage:${STAGE_OF[k]}`, PACE_PRIOR.stage ** 2);
    belief.begin(`own:${k}`, PACE_PRIOR.own ** 2);
  }
  let day: number | undefined;
  for (const t of list) {
    const months = day === undefined || t.day === undefined ? 0 : (t.day - day) / MONTH_DAYS;
    day = t.day ?? day;
    belief.wander("shared", Math.max(0, months) * MONTH_WALK ** 2);
    if (t.item !== undefined) belief.begin(`item:${t.item}`, item ** 2);
    belief.see(
      rowOf(t.work, t.item),
      t.seconds - seconds(t.work),
      (t.sigma * t.seconds) ** 2 + CLOCK ** 2,
      heavy,
    );
  }
  return belief;
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
