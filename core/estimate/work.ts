/** Stages of a piece that are timed apart. */
export const STAGES = [
  "crochet",
  "face",
  "filling",
  "sewing",
  "ends",
  "hanger",
  "inspection",
  "packing",
] as const;
export type Stage = (typeof STAGES)[number];

/** What the time of a stage is made of: each kind has a pace of its own. */
/**
 * plain: single crochet in ordinary rounds; tall: taller stitches, bobbles, picots; shaping: decreases;
 * chains: chains and slip stitches; tiny, closing: rounds that the hand is cramped in, whatever stitch.
 */
export const PACE_KINDS = [
  "plain",
  "tall",
  "shaping",
  "chains",
  "tiny",
  "closing",
  "rounds",
  "face",
  "filling",
  "sewing",
  "ends",
  "hanger",
  "inspection",
  "packing",
] as const;
export type PaceKind = (typeof PACE_KINDS)[number];
export const STAGE_OF: Readonly<Record<PaceKind, Stage>> = {
  plain: "crochet",
  tall: "crochet",
  shaping: "crochet",
  chains: "crochet",
  tiny: "crochet",
  closing: "crochet",
  rounds: "crochet",
  face: "face",
  filling: "filling",
  sewing: "sewing",
  ends: "ends",
  hanger: "hanger",
  inspection: "inspection",
  packing: "packing",
};

/** Seconds that the trade would need, by kind. */
export type Work = Readonly<Partial<Record<PaceKind, number>>>;

export function addWork(a: Work, b: Work, times = 1): Work {
  const sum: Partial<Record<PaceKind, number>> = { ...a };
  for (const [k, v] of Object.entries(b) as [PaceKind, number][]) sum[k] = (sum[k] ?? 0) + v * times;
  return sum;
}

/** Work of one stage alone. */
export const workOfStage = (work: Work, stage: Stage): Work =>
  Object.fromEntries(Object.entries(work).filter(([k]) => STAGE_OF[k as PaceKind] === stage));
export const secondsOfWork = (work: Work): number => Object.values(work).reduce((s, v) => s + v, 0);

/** Seconds of some work at a pace; at the trade's where there is none. */
export const secondsAt = (work: Work, pace: Pick<PaceUsed, "factor"> | undefined): number =>
  PACE_KINDS.reduce((s, k) => s + (work[k] ?? 0) * (pace?.factor(k) ?? 1), 0);

/** Whose pace an estimate is made with. */
export interface PaceUsed {
  readonly factor: (kind: PaceKind) => number;
  /** Standard deviation of the seconds of some work. */
  readonly sd: (work: Work) => number;
  readonly from: string;
  /** The days of the timings it rests on. */
  readonly rests?: string;
}
