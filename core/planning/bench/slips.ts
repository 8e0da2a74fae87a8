import type { BenchState } from "./state";
import type { BenchStep } from "./steps";

/** How often rounds were begun again, and which round most of all. */
export interface Slips {
  readonly times: number;
  /** Rounds that were worked. */
  readonly rounds: number;
  readonly most: { readonly step: BenchStep; readonly times: number } | undefined;
}

/** Once is nobody's habit: a round is named that was begun again so often. */
const OFTEN = 2;

/** What a line's acts tell of slips; undefined where no round was begun again. Linear in steps and acts. */
export function slipsOf(steps: readonly BenchStep[], state: BenchState): Slips | undefined {
  if (state.slips === 0) return undefined;
  const crochet = new Set(steps.filter((s) => s.stage === "crochet").map((s) => s.id));
  const most = steps
    .map((step) => ({ step, times: state.again.get(step.id) ?? 0 }))
    .reduce<Slips["most"]>((a, b) => (b.times >= OFTEN && b.times > (a?.times ?? 0) ? b : a), undefined);
  return {
    times: state.slips,
    rounds: [...state.done.values()].filter((a) => crochet.has(a.step)).length,
    most,
  };
}
