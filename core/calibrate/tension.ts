import { HandLearner, learnHand, type HandObservation, type HandSpreads } from "./hand-model";
import type { Learned, Learning } from "./hierarchy";

/**
 * Spreads of tension, of the logarithm (design §4 has hand and yarn; the split, items, and the wandering of a month are from
 * memory). The hand's own has the doubt about all of them in it.
 */
export const TENSION_SPREADS: HandSpreads = {
  hand: 0.17,
  line: 0.06,
  group: 0.05,
  item: 0.05,
  piece: 0.03,
  month: 0.01,
};

export const tensionLearner = (): HandLearner => new HandLearner(TENSION_SPREADS);

/** What her measurements say of the yarn in a stitch, by yarn and hook, on a day. */
export function learnTension(observations: readonly HandObservation[], day: number | undefined): Learning {
  const learner = learnHand(observations, TENSION_SPREADS);
  const own = new Map<string, { n: number; line: string | undefined }>();
  for (const o of observations) own.set(o.group, { n: (own.get(o.group)?.n ?? 0) + 1, line: o.line });
  const total = observations.length;
  const of = (group: string): Learned => {
    const known = own.get(group);
    const { mean, sd, next } = learner.of({ group, line: known?.line, day });
    return { mean, sd, next, own: known?.n ?? 0, others: total - (known?.n ?? 0) };
  };
  return { of, elsewhere: of("\u0000elsewhere"), groups: [...own.keys()] };
}
