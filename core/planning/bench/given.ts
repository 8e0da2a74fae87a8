import { placeKey, type BenchState, type Place } from "./state";
import type { BenchStep } from "./steps";

/** Work of a line that somebody else does: "part:Ears", "sewing", "finishing", or "kit" for all of a kit's. */
export interface GivenAtBench {
  readonly work: string;
  readonly handId: string;
}

/** What of a line's work a step is of. */
function workOf(step: BenchStep, given: readonly GivenAtBench[]): string {
  if (given.some((g) => g.work === "kit")) return "kit";
  if (step.stage === "sewing") return "sewing";
  return step.stage === "crochet" || step.stage === "face" || step.stage === "filling"
    ? `part:${step.part}`
    : "finishing";
}

/** Whose a step is; undefined for the maker's, and for whatever is given to nobody. */
export const holderOf = (step: BenchStep, given: readonly GivenAtBench[]): string | undefined =>
  given.find((g) => g.work === workOf(step, given))?.handId;

/**
 * The steps that a pair of hands goes through: a helper those given to her, whoever was given nothing all that
 * are given to nobody. Without anything given, all.
 */
export function ownSteps(
  given: readonly GivenAtBench[],
  handId: string | null,
): (step: BenchStep) => boolean {
  const helps = given.some((g) => g.handId === handId);
  return (step) => holderOf(step, given) === (helps ? (handId ?? undefined) : undefined);
}

/** What is still open of work that others do, by hand. */
export function openOfOthers(
  steps: readonly BenchStep[],
  quantity: number,
  state: BenchState,
  own: (step: BenchStep) => boolean,
): Place[] {
  const others = steps.flatMap((step, i) => (own(step) ? [] : [{ step, i }]));
  return Array.from({ length: quantity }, (_, p) =>
    others.flatMap(({ step, i }) =>
      state.done.has(placeKey(p + 1, step.id)) ? [] : [{ piece: p + 1, step: i }],
    ),
  ).flat();
}
