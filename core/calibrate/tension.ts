import { TENSION_PRIOR } from "../estimate";
import {
  HandLearner,
  learnHand,
  type HandObservation,
  type HandSpreads,
  type PackingObservation,
} from "./hand-model";
import type { Learned, Learning } from "./hierarchy";

/** Spreads of tension, of the logarithm: what an estimate has before anything is measured. */
export const TENSION_SPREADS: HandSpreads = TENSION_PRIOR;

export const tensionLearner = (): HandLearner => new HandLearner(TENSION_SPREADS);

/** What her measurements say of the yarn in a stitch, by yarn and hook, on a day. */
export const learnTension = (
  observations: readonly HandObservation[],
  day: number | undefined,
  packing: readonly PackingObservation[] = [],
): Learning => learnTensionAndPacking(observations, packing, day).tension;

/**
 * Tension and packing together: a part weighed with its filling tells of both, and each sharpens the other.
 */
export function learnTensionAndPacking(
  observations: readonly HandObservation[],
  packing: readonly PackingObservation[],
  day: number | undefined,
): { readonly tension: Learning; readonly packing: Learning } {
  const learner = learnHand(observations, TENSION_SPREADS, packing);
  return {
    tension: tensionOf(learner, observations, day),
    packing: packingOf(learner, observations, packing),
  };
}

function packingOf(
  learner: HandLearner,
  observations: readonly HandObservation[],
  packing: readonly PackingObservation[],
): Learning {
  const counts = new Map<string, number>();
  const weighed = [...packing, ...observations.flatMap((o) => (o.filled ? [o.filled] : []))];
  for (const { firmness } of weighed) counts.set(firmness, (counts.get(firmness) ?? 0) + 1);
  const of = (firmness: string): Learned => {
    const own = counts.get(firmness) ?? 0;
    return { ...learner.packing(firmness), own, others: weighed.length - own };
  };
  return {
    of,
    elsewhere: of("\u0000elsewhere"),
    groups: [...counts.keys()],
    calibration: learner.calibration.packing,
  };
}

function tensionOf(
  learner: HandLearner,
  observations: readonly HandObservation[],
  day: number | undefined,
): Learning {
  const own = new Map<string, { n: number; line: string | undefined }>();
  for (const o of observations) own.set(o.group, { n: (own.get(o.group)?.n ?? 0) + 1, line: o.line });
  const total = observations.length;
  const of: Learning["of"] = (group, about) => {
    const known = own.get(group);
    const ask = { line: known?.line, ...about, group, day };
    return {
      ...learner.of(ask),
      grams: learner.of({ ...ask, weighed: true }),
      own: known?.n ?? 0,
      others: total - (known?.n ?? 0),
    };
  };
  return {
    of,
    elsewhere: of("\u0000elsewhere"),
    groups: [...own.keys()],
    calibration: learner.calibration.tension,
  };
}
