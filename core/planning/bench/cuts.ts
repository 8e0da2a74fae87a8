import { placedLength } from "../piece-lots";
import { placeKey, type BenchState, type WeighedAct } from "./state";
import type { BenchStep } from "./steps";

interface PlannedLength {
  readonly part: string;
  readonly slot: string;
  readonly yarnId: string;
  readonly mg: number;
}

/** A length of yarn of one piece at the table, and the ball that the cutting plan takes it from. */
export interface BenchCut {
  /** As the plan names it. */
  readonly id: string;
  /** From 1. */
  readonly piece: number;
  readonly part: string;
  /** Which of the part's copies, from 1. */
  readonly copy: number;
  readonly slot: string;
  /** A ball's id, or "new-1" for one that was still to be bought. */
  readonly ball: string;
  /** With its reserve. */
  readonly mg: number;
  /** As it is expected to come out. */
  readonly expected: number;
}

/**
 * What a kept cutting plan says of one line of its run: `line` is its index there, `lengths` are those it was
 * planned with. What cannot be read, or speaks of another line, is left out. Linear.
 */
export function cutsAtBench(
  placed: readonly { readonly piece: string; readonly ball: string; readonly mg: number }[],
  line: number,
  lengths: readonly PlannedLength[],
): BenchCut[] {
  return placed.flatMap(({ piece: id, ball, mg }) => {
    const at = placedLength(id, null);
    const length = at && lengths[at.length];
    if (at?.line !== line || length?.yarnId !== at.yarnId) return [];
    const { part, slot, mg: expected } = length;
    return [{ id, piece: at.copy + 1, part, copy: at.of + 1, slot, ball, mg, expected }];
  });
}

/**
 * Which of a ball's lengths were worked when it was weighed: those of the parts whose rounds were all done by
 * then. What the scale says takes the place of what was expected of them.
 */
export function coveredBy(
  weighed: WeighedAct,
  cuts: readonly BenchCut[],
  steps: readonly BenchStep[],
  state: BenchState,
): BenchCut[] {
  return cuts.filter((c) => {
    const rounds = steps.filter((s) => s.stage === "crochet" && s.part === c.part && s.copy === c.copy);
    return (
      c.ball === weighed.ball &&
      rounds.length > 0 &&
      rounds.every((s) => (state.done.get(placeKey(c.piece, s.id))?.at ?? Infinity) <= weighed.at)
    );
  });
}
