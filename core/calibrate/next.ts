import { Z90, type Work } from "../estimate";
import type { HandObservation } from "./hand-model";
import { weighVariance } from "./hierarchy";
import { learnPace, TIMING_SIGMA, type Timing } from "./pace";
import { learnTension } from "./tension";

/**
 * A weight of yarn that is planned, by its group, what it costs, and the part that would be weighed to know
 * it better.
 */
export interface PlannedYarn {
  readonly group: string;
  readonly grams: number;
  readonly cost: number;
  /** Grams of the part that would be weighed; left out, what is usually at hand. */
  readonly partGrams?: number;
}
export interface PlannedWork {
  /** The item it is for, as it is shown and as its timings name it. */
  readonly label: string;
  readonly item?: string | undefined;
  readonly work: Work;
  /** The part of it that one sitting would time; left out, all of it. */
  readonly sitting?: Work;
  /** Cost of one second of it. */
  readonly costPerSecond: number;
}
/** What is to become surer: money, grams of yarn, or seconds until all is done. */
export type Aim = "cost" | "yarn" | "time";

export interface NextMeasurement {
  readonly kind: "weigh" | "time";
  /** The yarn's group, or the item's label. */
  readonly of: string;
  /** Width of the 90 % range of all that is planned now and after one more measurement, in the aim's unit. */
  readonly now: number;
  readonly then: number;
}

/** A part of this weight is what is usually at hand to weigh, g, on a scale of this step. */
const USUAL_PART = 8;
const USUAL_STEP = 0.1;

/**
 * Which single measurement would narrow the planned runs most: for each yarn the expected width of the 90 %
 * range after one more weigh-in of it, for each item after one more timing, if it comes out as expected: a
 * Gaussian's posterior variance does not depend on what is measured, and the weights of the spreads hardly
 * move then (D. V. Lindley, "On a measure of the information provided by an experiment", 1956, for the idea).
 * Most useful first; what would change nothing is left out.
 */
export function nextMeasurements(
  aim: Aim,
  yarns: readonly PlannedYarn[],
  works: readonly PlannedWork[],
  observations: readonly HandObservation[],
  timings: readonly Timing[],
  /** Days from the origin of the measurements. */
  today?: number,
): NextMeasurement[] {
  const out: NextMeasurement[] = [];
  const weight = (y: PlannedYarn) => (aim === "cost" ? y.cost : aim === "yarn" ? y.grams : 0);
  const tension = learnTension(observations, today);
  const pace = learnPace(timings);
  const yarnWidth = (list: readonly HandObservation[]) => {
    const known = learnTension(list, today);
    // Errors of one hand add up over its yarns: the ends of the ranges do. What is measured next says nothing
    // yet of how true the ranges are: the score stays as it is.
    const score = tension.calibration.scale / known.calibration.scale;
    return yarns.reduce((s, y) => s + 2 * Z90 * score * known.of(y.group).sd * weight(y), 0);
  };
  const workWidth = (list: readonly Timing[]) => {
    const known = learnPace(list);
    const score = pace.calibration.scale / known.calibration.scale;
    return works.reduce(
      (s, w) =>
        s + 2 * Z90 * score * known.sd(w.work) * (aim === "cost" ? w.costPerSecond : aim === "time" ? 1 : 0),
      0,
    );
  };
  const yarnNow = yarnWidth(observations);
  const lineOf = new Map(observations.map((o) => [o.group, o.line]));
  for (const group of new Set(yarns.map((y) => y.group))) {
    const part = Math.max(...yarns.filter((y) => y.group === group).map((y) => y.partGrams ?? USUAL_PART));
    out.push({
      kind: "weigh",
      of: group,
      now: yarnNow,
      then: yarnWidth([
        ...observations,
        {
          group,
          line: lineOf.get(group),
          day: today,
          logRatio: tension.of(group).mean,
          variance: weighVariance(Math.max(0.1, part), USUAL_STEP),
        },
      ]),
    });
  }
  const workNow = workWidth(timings);
  for (const w of works) {
    const sitting = w.sitting ?? w.work;
    out.push({
      kind: "time",
      of: w.label,
      now: workNow,
      then: workWidth([
        ...timings,
        {
          work: sitting,
          seconds: Math.max(1, pace.seconds(sitting)),
          sigma: TIMING_SIGMA,
          item: w.item,
          day: today,
        },
      ]),
    });
  }
  return out.filter((m) => m.now - m.then > 1e-9).sort((a, b) => b.now - b.then - (a.now - a.then));
}
