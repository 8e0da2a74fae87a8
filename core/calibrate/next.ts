import { learn, weighVariance, type Observation, type Spread } from "./hierarchy";
import type { Work } from "../estimate";
import { learnPace, TIMING_SIGMA, type Timing } from "./pace";

/** A weight of yarn that is planned, by its group, and what it costs. */
export interface PlannedYarn {
  readonly group: string;
  readonly label: string;
  readonly grams: number;
  readonly cost: number;
}
export interface PlannedWork {
  readonly label: string;
  readonly work: Work;
  /** Cost of one second of it. */
  readonly costPerSecond: number;
}

export interface NextMeasurement {
  readonly kind: "weigh" | "time";
  readonly label: string;
  readonly group: string;
  /** Width of the 90 % range of what is planned, in minor units, now and after one more measurement. */
  readonly now: number;
  readonly then: number;
}

const Z90 = 1.6449;
/** A part of this weight is what is usually at hand to weigh, g, on a scale of this step. */
const USUAL_PART = 8;
const USUAL_STEP = 0.1;

/**
 * Which single measurement would narrow the planned runs' cost most: for each yarn the expected width of the 90 % range after
 * one more weigh-in of it, for each item after one more timing. A Gaussian's posterior variance does not depend on what is
 * measured, so the reduction is known before. Most useful first.
 */
export function nextMeasurements(yarns: readonly PlannedYarn[], works: readonly PlannedWork[], observations: readonly Observation[], spread: Spread, timings: readonly Timing[]): NextMeasurement[] {
  const width = (list: readonly Observation[]) => {
    const known = learn(list, spread);
    // Errors of one hand add up over its yarns: the ends of the ranges do.
    return yarns.reduce((s, y) => s + 2 * Z90 * known.of(y.group).sd * y.cost, 0);
  };
  const yarnNow = width(observations);
  const out: NextMeasurement[] = [...new Set(yarns.map((y) => y.group))].map((group) => ({
    kind: "weigh" as const, group, label: yarns.find((y) => y.group === group)?.label ?? group, now: yarnNow, then: width([...observations, { group, logRatio: 0, variance: weighVariance(USUAL_PART, USUAL_STEP) }]),
  }));
  const paceWidth = (list: readonly Timing[]) => {
    const pace = learnPace(list);
    return works.reduce((s, w) => s + 2 * Z90 * pace.sd(w.work) * w.costPerSecond, 0);
  };
  const paceNow = paceWidth(timings);
  const pace = learnPace(timings);
  for (const w of works) out.push({ kind: "time", group: w.label, label: w.label, now: paceNow, then: paceWidth([...timings, { work: w.work, seconds: Math.max(1, pace.seconds(w.work)), sigma: TIMING_SIGMA }]) });
  return out.filter((m) => m.now - m.then > 1e-9).sort((a, b) => b.now - b.then - (a.now - a.then));
}
