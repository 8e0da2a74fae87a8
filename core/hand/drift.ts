import { driftOf, TIMING_SIGMA, WEIGH_SIGMA, type Drift, type Learned, type Residual } from "../calibrate";
import { Z90 } from "../estimate";
import {
  dayOf,
  gramsOf,
  groupOf,
  inBatch,
  type HandData,
  type HandKnowledge,
  type TensionMeasure,
} from "./learning";

export interface DriftPoint {
  readonly id: string;
  readonly madeOn: string;
  /** Measured ÷ what is known of its yarn, or of its work, now. */
  readonly ratio: number;
}
export interface DriftView {
  readonly what: "yarn" | "time";
  readonly points: readonly DriftPoint[];
  /** Measurements that it rests on; a chart may be drawn with fewer of them. */
  readonly measured: number;
  /** Change in thirty days as a factor, with its 90 % range; undefined when too little was measured. */
  readonly perMonth:
    | { readonly value: number; readonly low: number; readonly high: number; readonly sure: boolean }
    | undefined;
  /** The line and its range on the first and the last day and between them. */
  readonly line: readonly {
    readonly day: string;
    readonly mid: number;
    readonly low: number;
    readonly high: number;
  }[];
}

/**
 * A drift is claimed only where chance alone would show it once in a hundred times: two lines are looked at
 * each visit.
 */
const SURE = 2.576;
const DAY = 86_400_000;

/** Logarithm of what is known of a yarn now, by the quantity that was measured. */
const expectedOf = (known: Learned, kind: TensionMeasure["kind"]): number =>
  (kind === "weigh-in" ? gramsOf(known) : known).mean;

/**
 * Whether a hand has changed over the months: everything it made against what is known of it now, yarn and
 * time apart.
 */
export function driftsOf(data: HandData, known: HandKnowledge): DriftView[] {
  const yarn = data.tension
    .filter((m) => !m.setAside && m.ratio > 0)
    .map((m) => ({
      id: m.id,
      madeOn: m.madeOn,
      log: Math.log(m.ratio) - expectedOf(known.tension.of(groupOf(m.yarnId, m.hookMm)), m.kind),
      variance: Math.max(m.variance, WEIGH_SIGMA ** 2),
    }));
  const time = data.timings
    .filter((t) => !t.setAside)
    .flatMap((t) => {
      const expected = known.pace.seconds(inBatch(t.work, t.pieces, known.batch));
      return expected > 0 && t.seconds > 0
        ? [{ id: t.id, madeOn: t.madeOn, log: Math.log(t.seconds / expected), variance: TIMING_SIGMA ** 2 }]
        : [];
    });
  return [view("yarn", yarn), view("time", time)].filter((v) => v.points.length > 0);
}

/** A drift is about the last months: what is older is drawn and reckoned no more. */
const NEWEST = 300;
function view(
  what: DriftView["what"],
  list: readonly (Omit<Residual, "day"> & { readonly id: string; readonly madeOn: string })[],
): DriftView {
  const sorted = [...list].sort((a, b) => (a.madeOn < b.madeOn ? -1 : 1)).slice(-NEWEST);
  const drift = driftOf(sorted.map((p) => ({ day: dayOf(p.madeOn), log: p.log, variance: p.variance })));
  const points = sorted.map((p) => ({ id: p.id, madeOn: p.madeOn, ratio: Math.exp(p.log) }));
  const measured = points.length;
  if (!drift) return { what, points, measured, perMonth: undefined, line: [] };
  return {
    what,
    points,
    measured,
    perMonth: {
      value: Math.exp(drift.perMonth),
      low: Math.exp(drift.perMonth - Z90 * drift.sd),
      high: Math.exp(drift.perMonth + Z90 * drift.sd),
      sure: Math.abs(drift.perMonth) > SURE * drift.sd,
    },
    line: lineOf(drift, dayOf(sorted[0]?.madeOn ?? ""), dayOf(sorted.at(-1)?.madeOn ?? "")),
  };
}

const STEPS = 12;
function lineOf(drift: Drift, from: number, to: number): DriftView["line"] {
  return Array.from({ length: STEPS + 1 }, (_, i) => {
    const day = from + ((to - from) * i) / STEPS;
    const at = (z: number) => Math.exp(drift.at(day) + z * drift.sdAt(day));
    return {
      day: new Date(Math.round(day) * DAY).toISOString().slice(0, 10),
      mid: at(0),
      low: at(-Z90),
      high: at(Z90),
    };
  });
}
