import {
  aged,
  batchFactor,
  DENSITY_SPREAD,
  GAUGE_SIGMA,
  learnBatch,
  learnPace,
  learnTensionAndPacking,
  TIMING_SIGMA,
  UNRAVEL_SIGMA,
  weighVariance,
  widthFrom,
  type BatchLearning,
  type HandObservation,
  type Learned,
  type Learning,
  type Filled,
  type Pace,
  type PackingObservation,
  type Timing,
} from "../calibrate";
import {
  DENSITY_SIGMA,
  PACE_KINDS,
  tradePerStitch,
  type LearnedYarn,
  type PaceKind,
  type PaceUsed,
  type PieceInput,
  type Stage,
  type Work,
} from "../estimate";
import { gaugePrior, type WeightClass } from "../fabric";
import { mm } from "../units";

/** A measurement as the learning sees it, whatever it was: plain numbers, no database types. */
export interface TensionMeasure {
  readonly id: string;
  readonly kind: "unravelled" | "width" | "weigh-in";
  readonly yarnId: string;
  /** The yarn whatever its shade. */
  readonly line?: string | undefined;
  /** The item whose part was weighed. */
  readonly itemId?: string | undefined;
  readonly hookMm: number;
  readonly madeOn: string;
  /** Measured ÷ what the trade expects. */
  readonly ratio: number;
  /** Variance of its own error, of the logarithm, not yet aged. */
  readonly variance: number;
  readonly setAside: boolean;
  /** It was weighed with its filling: `ratio` is what is shown, and this what is learned from. */
  readonly filled?: Filled | undefined;
}
export interface DensityMeasure {
  readonly id: string;
  readonly firmness: string;
  readonly madeOn: string;
  readonly ratio: number;
  readonly variance: number;
  readonly pieces?: number;
  readonly setAside: boolean;
}
export interface TimingMeasure {
  readonly id: string;
  readonly itemId?: string | undefined;
  readonly stage: Stage;
  readonly work: Work;
  readonly seconds: number;
  readonly pieces: number;
  readonly laps: readonly number[];
  readonly madeOn: string;
  readonly setAside: boolean;
}
export interface HandData {
  readonly tension: readonly TensionMeasure[];
  readonly density: readonly DensityMeasure[];
  readonly timings: readonly TimingMeasure[];
}

export const groupOf = (yarnId: string, hookMm: number): string => `${yarnId}@${Math.round(hookMm * 10)}`;

const daysBetween = (a: string, b: string): number =>
  (Date.parse(`${b}T00:00:00Z`) - Date.parse(`${a}T00:00:00Z`)) / 86_400_000;

export function tensionObservations(
  list: readonly TensionMeasure[],
  today: string,
  halfLife: number,
): HandObservation[] {
  return list
    .filter((m) => !m.setAside && m.ratio > 0)
    .map((m) => ({
      group: groupOf(m.yarnId, m.hookMm),
      line: m.line === undefined ? undefined : groupOf(m.line, m.hookMm),
      item: m.itemId,
      day: dayOf(m.madeOn),
      weighed: m.kind === "weigh-in",
      logRatio: Math.log(m.ratio),
      variance: aged(m.variance, daysBetween(m.madeOn, today), halfLife),
      ...(m.filled
        ? {
            filled: {
              ...m.filled,
              variance: aged(m.filled.variance, daysBetween(m.madeOn, today), halfLife),
            },
          }
        : {}),
    }));
}
export const dayOf = (day: string): number => Date.parse(`${day}T00:00:00Z`) / 86_400_000;
export function densityObservations(
  list: readonly DensityMeasure[],
  today: string,
  halfLife: number,
): PackingObservation[] {
  return list
    .filter((m) => !m.setAside && m.ratio > 0)
    .map((m) => ({
      firmness: m.firmness,
      logRatio: Math.log(m.ratio),
      variance: aged(m.variance, daysBetween(m.madeOn, today), halfLife),
      pieces: m.pieces ?? 1,
      day: dayOf(m.madeOn),
    }));
}
/** What was timed, as it would have been in a batch of usual size: short sittings are slow ones. */
export function paceTimings(
  list: readonly TimingMeasure[],
  today: string,
  halfLife: number,
  batch: BatchLearning,
): Timing[] {
  // A long history has few sizes of batch: each is reckoned once.
  const factors = new Map<number, number>();
  const factorOf = (pieces: number): number => {
    const known = factors.get(pieces) ?? batchFactor(batch, Math.max(1, pieces)).factor;
    factors.set(pieces, known);
    return known;
  };
  return list
    .filter((m) => !m.setAside)
    .map((m) => ({
      work: scaled(m.work, factorOf(m.pieces)),
      seconds: m.seconds,
      item: m.itemId,
      day: dayOf(m.madeOn),
      sigma: Math.sqrt(aged(TIMING_SIGMA ** 2, daysBetween(m.madeOn, today), halfLife)),
    }));
}
export const batchOf = (list: readonly TimingMeasure[]): BatchLearning =>
  learnBatch(list.filter((m) => !m.setAside));

/** The work of so many pieces made in one go. */
export function inBatch(work: Work, pieces: number, batch: BatchLearning): Work {
  return scaled(work, batchFactor(batch, Math.max(1, pieces)).factor);
}
function scaled(work: Work, factor: number): Work {
  const out: Partial<Record<PaceKind, number>> = {};
  for (const k in work) out[k as PaceKind] = (work[k as PaceKind] ?? 0) * factor;
  return out;
}

export interface HandKnowledge {
  readonly tension: Learning;
  readonly density: Learning;
  readonly pace: Pace;
  readonly batch: BatchLearning;
}

export function knowledgeOf(data: HandData, today: string, halfLife: number): HandKnowledge {
  const batch = batchOf(data.timings);
  const { tension, packing } = learnTensionAndPacking(
    tensionObservations(data.tension, today, halfLife),
    densityObservations(data.density, today, halfLife),
    dayOf(today),
  );
  return {
    batch,
    tension,
    density: packing,
    pace: learnPace(paceTimings(data.timings, today, halfLife, batch)),
  };
}

/**
 * What an estimate is told of a hand: plain values, so that they go to the worker and into a key as they are.
 */
export interface HandView {
  readonly tension: Readonly<Record<string, LearnedYarn>>;
  readonly elsewhere: LearnedYarn | undefined;
  readonly density:
    | {
        readonly of: Readonly<Record<string, { readonly factor: number; readonly sigma: number }>>;
        readonly from: string;
        readonly rests: string;
      }
    | undefined;
  readonly pace:
    | {
        readonly factor: Readonly<Record<string, number>>;
        readonly sd: readonly (readonly number[])[];
        readonly from: string;
        readonly rests: string;
      }
    | undefined;
  /** How much quicker each further piece of a run is; the trade's average when no batch was timed. */
  readonly batch: BatchLearning;
}

/** What is known of the grams in a stitch, which a scale tells of. */
export const gramsOf = (known: Learned): Pick<Learned, "mean" | "sd" | "next"> => known.grams ?? known;

const count = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;
/** The days of some measurements, newest first, the first few of them by name. */
function daysOf(list: readonly { readonly madeOn: string }[], print: (day: string) => string): string {
  const days = list
    .map((m) => m.madeOn)
    .sort()
    .reverse();
  return (
    days.slice(0, NAMED).map(print).join(", ") +
    (days.length > NAMED ? ` and ${days.length - NAMED} before` : "")
  );
}
const NAMED = 4;

/** "this yarn: 1 swatch, 3 weigh-ins": what an estimate of a group rests on. */
function fromOf(data: HandData, group: string): string {
  const own = ownOf(data, group);
  const weighed = own.filter((m) => m.kind === "weigh-in").length;
  const swatches = own.length - weighed;
  return `this yarn: ${[swatches > 0 ? count(swatches, "swatch", "swatches") : "", weighed > 0 ? count(weighed, "weigh-in", "weigh-ins") : ""].filter(Boolean).join(", ")}`;
}
const ownOf = (data: HandData, group: string) =>
  data.tension.filter((m) => !m.setAside && groupOf(m.yarnId, m.hookMm) === group);
const factorOf = (l: Learned, from: string, rests: string): LearnedYarn => ({
  factor: Math.exp(l.mean),
  sigma: l.sd,
  ...(l.grams ? { grams: { factor: Math.exp(l.grams.mean), sigma: l.grams.sd, own: l.own > 0 } } : {}),
  width: widthFrom(l),
  from,
  rests,
});

export function handView(
  data: HandData,
  today: string,
  halfLife: number,
  print: (day: string) => string = (day) => day,
): HandView {
  const k = knowledgeOf(data, today, halfLife);
  const tension = Object.fromEntries(
    k.tension.groups.map((g) => [
      g,
      factorOf(k.tension.of(g), fromOf(data, g), daysOf(ownOf(data, g), print)),
    ]),
  );
  const used = <M extends { readonly setAside: boolean; readonly madeOn: string }>(list: readonly M[]) =>
    daysOf(
      list.filter((m) => !m.setAside),
      print,
    );
  const known = k.tension.groups.length > 0;
  return {
    tension,
    elsewhere: known ? factorOf(k.tension.elsewhere, "your other yarns", used(data.tension)) : undefined,
    density:
      k.density.groups.length > 0
        ? {
            of: Object.fromEntries(
              ["light", "medium", "firm"].map((f) => [
                f,
                { factor: Math.exp(k.density.of(f).mean), sigma: k.density.of(f).sd },
              ]),
            ),
            from: `your packing, ${count(k.density.elsewhere.others, "weigh-in", "weigh-ins")}`,
            rests: used(data.density),
          }
        : undefined,
    batch: k.batch,
    pace:
      k.pace.timings > 0
        ? {
            factor: Object.fromEntries(PACE_KINDS.map((x) => [x, k.pace.factor(x)])),
            sd: covarianceOf(k.pace),
            from: `your pace, ${count(k.pace.timings, "timing", "timings")}`,
            rests: used(data.timings),
          }
        : undefined,
  };
}

/** Covariance of the factors, read off the spread of sums of two kinds. */
function covarianceOf(pace: Pace): number[][] {
  const single = PACE_KINDS.map((a) => pace.sd({ [a]: 1 }) ** 2);
  return PACE_KINDS.map((a, i) =>
    PACE_KINDS.map((b, j) =>
      i === j
        ? (single[i] ?? 0)
        : (pace.sd({ [a]: 1, [b]: 1 }) ** 2 - (single[i] ?? 0) - (single[j] ?? 0)) / 2,
    ),
  );
}

export function paceUsed(view: HandView["pace"]): PaceUsed | undefined {
  if (!view) return undefined;
  return {
    from: view.from,
    rests: view.rests,
    factor: (kind: PaceKind) => view.factor[kind] ?? 1,
    sd: (work) =>
      Math.sqrt(
        Math.max(
          0,
          PACE_KINDS.reduce(
            (s, a, i) =>
              s +
              PACE_KINDS.reduce((t, b, j) => t + (work[a] ?? 0) * (work[b] ?? 0) * (view.sd[i]?.[j] ?? 0), 0),
            0,
          ),
        ),
      ),
  };
}
export function packingUsed(view: HandView["density"]): PieceInput["packing"] {
  return view
    ? { from: view.from, rests: view.rests, of: (f) => view.of[f] ?? { factor: 1, sigma: DENSITY_SIGMA } }
    : undefined;
}

/**
 * A swatch against the trade: an unravelled sample tells of the yarn itself, a width only through the usual
 * ratio.
 */
export function swatchMeasures(
  s: {
    id: string;
    yarnId: string;
    hookUm: number;
    madeOn: string;
    stitches: number | null;
    overMm: number | null;
    sampleStitches: number | null;
    sampleMm: number | null;
    setAside: boolean;
  },
  weightClass: WeightClass,
): TensionMeasure[] {
  const hookMm = s.hookUm / 1000;
  const width = gaugePrior(weightClass, mm(hookMm)).width;
  const base = { yarnId: s.yarnId, hookMm, madeOn: s.madeOn, setAside: s.setAside };
  if (s.sampleStitches && s.sampleMm)
    return [
      {
        ...base,
        id: s.id,
        kind: "unravelled",
        ratio: s.sampleMm / s.sampleStitches / tradePerStitch(weightClass, mm(hookMm)),
        variance: UNRAVEL_SIGMA ** 2,
      },
    ];
  if (s.stitches && s.overMm)
    return [
      {
        ...base,
        id: s.id,
        kind: "width",
        ratio: s.overMm / s.stitches / width,
        variance: GAUGE_SIGMA ** 2 + (0.3 / s.stitches) ** 2,
      },
    ];
  return [];
}

/** Her packing against the trade's, with its doubt: what is taken off a filled part. */
export interface PackingFactor {
  readonly factor: number;
  readonly sigma: number;
}
const TRADE_PACKING: PackingFactor = {
  factor: 1,
  sigma: Math.hypot(DENSITY_SPREAD.hand, DENSITY_SPREAD.group),
};
export const packingFactor = (packing: Learning, firmness: string): PackingFactor => {
  const known = packing.of(firmness);
  return { factor: Math.exp(known.mean), sigma: known.sd };
};

/**
 * What filling weighed by itself says of her packing: taken off filled parts where a single ratio is shown.
 */
export function packingKnown(density: readonly DensityMeasure[]): (firmness: string) => PackingFactor {
  const days = density.map((d) => d.madeOn).toSorted();
  const { packing } = learnTensionAndPacking(
    [],
    densityObservations(density, days.at(-1) ?? "", 0),
    undefined,
  );
  return (firmness) => packingFactor(packing, firmness);
}

/** A difference of two readings has the rounding of both, grams. */
const stepOf = (w: { stepMg: number; beforeMg?: number | null }): number =>
  (w.stepMg / 1000) * (w.beforeMg ? Math.SQRT2 : 1);

/**
 * Filling weighed alone tells of packing; a filled part of both, with its own weight and the scale's step.
 */
export function filledOf(w: {
  weightMg: number;
  beforeMg?: number | null;
  stepMg: number;
  expectedMg: number;
  besideMg: number;
  fillingMg: number;
  firmness: string | null;
  pieces: number;
}): Filled | undefined {
  if (w.fillingMg <= 0) return undefined;
  return {
    firmness: w.firmness ?? "medium",
    weighed: Math.max(1, w.weightMg),
    stitches: w.expectedMg,
    beside: w.besideMg,
    filling: w.fillingMg,
    variance: weighVariance(Math.max(0.01, w.weightMg / 1000), stepOf(w)),
    pieces: w.pieces,
  };
}

/** A weigh-in against the trade: tails and filling are taken off before stitches are compared. */
export function weighRatio(
  w: {
    weightMg: number;
    beforeMg?: number | null;
    stepMg: number;
    expectedMg: number;
    besideMg: number;
    fillingMg?: number;
  },
  packing: PackingFactor = TRADE_PACKING,
): { ratio: number; variance: number } {
  const filling = (w.fillingMg ?? 0) * packing.factor;
  const net = w.weightMg - w.besideMg - filling;
  const ratio = Math.max(1, net) / Math.max(1, w.expectedMg);
  const grams = Math.max(0.01, net / 1000);
  // What is beside the stitches was itself only expected: a tenth of it is added as error.
  const beside = (0.1 * w.besideMg) ** 2 + (packing.sigma * filling) ** 2;
  return { ratio, variance: weighVariance(grams, stepOf(w)) + beside / Math.max(1, net) ** 2 };
}
