import { PACE_KINDS, PACE_PRIOR, STAGE_OF, type PaceKind, type Work } from "../estimate";
import { Belief, deviation, sharesOf, type Row } from "./belief";
import { calibrationOf, UNTRIED, type Calibration } from "./calibration";

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
  /** How its timings fell against what was said before each; `sd` has its scale in it. */
  readonly calibration: Calibration;
}

/** One timing beyond the pace itself (from memory). */
export const TIMING_SIGMA = 0.08;

/**
 * How much items may differ from their reckoning in time, and how far a pace wanders in a month (from
 * memory).
 */
const ITEMS = [0.05, 0.09, 0.17];
const MONTH_WALK = 0.015;
const MONTH_DAYS = 30.44;
/** A pace that wanders is told by the newest timings; a file may bring thousands. */
const NEWEST = 300;
/** A sitting that took longer than expected may have had a pause in it: it says less of the spread. */
const PAUSE = 1.3;
/** Half of the reading's own seconds, beside what is relative. */
const CLOCK = 5;

const seconds = (work: Work): number => Object.values(work).reduce((s, v) => s + (v ?? 0), 0);
/**
 * What the seconds of some work rest on: the hand, its stages, its kinds of work, and the item as a whole.
 */
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
 * Pace as a Gaussian belief: seconds = Σ trade seconds × (1 + hand + stage + kind + item) + noise, each with
 * the trade's own spread, so that one timing tells of the others; the hand wanders from month to month, and
 * unless `heavy` is off a sitting far from what was believed (a pause that was not cut out) pulls little.
 * Bayesian linear regression in Kalman's form; how much items differ is averaged over a few models, and the
 * score of what was said before each timing widens or narrows the ranges. Takes timings in the order of their
 * days. O(effects²) a timing.
 */
export class PaceLearner {
  private readonly models = ITEMS.map((item) => ({ item, belief: beginning() }));
  private readonly off: number[] = [];
  private scored = UNTRIED;
  private day: number | undefined;
  /**
   * Where timings name their items, what is reckoned with is mostly another one, and her own items tell how
   * much they differ.
   */
  private named = false;
  constructor(private readonly heavy = true) {}

  see(t: Timing): void {
    const months =
      this.day === undefined || t.day === undefined ? 0 : Math.max(0, t.day - this.day) / MONTH_DAYS;
    this.day = t.day ?? this.day;
    this.named ||= t.item !== undefined;
    const row = rowOf(t.work, t.item);
    const noise = (t.sigma * t.seconds) ** 2 + CLOCK ** 2;
    const shares = this.shares();
    const surprises = this.models.map(({ belief, item }) => {
      belief.wander("shared", months * MONTH_WALK ** 2);
      if (t.item !== undefined) belief.begin(`item:${t.item}`, item ** 2);
      return belief.see(row, t.seconds - seconds(t.work), noise, this.heavy);
    });
    this.off.push(deviation(shares, surprises));
    this.scored = calibrationOf(this.off, PAUSE);
  }

  get calibration(): Calibration {
    return this.scored;
  }

  private shares(): number[] {
    return sharesOf(this.models.map((m) => m.belief.evidence));
  }

  /** Mean and variance of the seconds beyond the trade's, over the models, for an item that was not timed. */
  asked(work: Work): { mean: number; variance: number } {
    const shares = this.shares();
    const all = seconds(work);
    let mean = 0;
    let square = 0;
    this.models.forEach((m, i) => {
      const w = shares[i] ?? 0;
      const got = m.belief.of(rowOf(work, undefined));
      mean += w * got.mean;
      square += w * (got.variance + ((this.named ? m.item : PACE_PRIOR.item) * all) ** 2 + got.mean ** 2);
    });
    return { mean, variance: Math.max(0, square - mean ** 2) * this.scored.scale ** 2 };
  }
}

/** What is believed before anything was timed. */
function beginning(): Belief {
  const belief = new Belief();
  belief.begin("shared", PACE_PRIOR.shared ** 2);
  for (const k of PACE_KINDS) {
    belief.begin(`stage:${STAGE_OF[k]}`, PACE_PRIOR.stage ** 2);
    belief.begin(`own:${k}`, PACE_PRIOR.own ** 2);
  }
  return belief;
}

/** What all timings say of a hand's pace: the newest of a long history, in the order of their days. */
export function learnPace(timings: readonly Timing[], heavy = true): Pace {
  const list = timings
    .filter((t) => seconds(t.work) > 0 && t.seconds > 0)
    .sort((a, b) => (a.day ?? 0) - (b.day ?? 0))
    .slice(-NEWEST);
  const learner = new PaceLearner(heavy);
  for (const t of list) learner.see(t);
  // A pace is never nothing, however odd a single timing was.
  const factors = new Map(PACE_KINDS.map((k) => [k, Math.max(0.1, 1 + learner.asked({ [k]: 1 }).mean)]));
  const factor = (kind: PaceKind) => factors.get(kind) ?? 1;
  return {
    timings: list.length,
    calibration: learner.calibration,
    factor,
    seconds: (work) => PACE_KINDS.reduce((s, k) => s + (work[k] ?? 0) * factor(k), 0),
    sd: (work) => Math.sqrt(learner.asked(work).variance),
  };
}

export interface LearningCurve {
  /** Seconds of the first piece. */
  readonly first: number;
  /** Seconds of a piece at each doubling against the one before: 0.9 means a tenth less. */
  readonly rate: number;
}

/**
 * Wright's law over the laps of a batch: seconds of piece n = first × n^b, rate = 2^b; least squares of
 * logarithms (T. P. Wright, "Factors affecting the cost of airplanes", 1936, as it is used for single units).
 * undefined below three laps.
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
