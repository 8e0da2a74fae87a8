import { paceOf, secondsOfWork, workOfStage, type PieceEstimate } from "../../estimate";
import type { BenchStep } from "./steps";

/**
 * The steps that are no rounds, with what each is expected to take, ms: its stage of its part (or of the whole
 * piece) at the hand's pace, shared among the steps of that stage. A round has none: its stitches tell. Linear.
 */
export function withUsual(steps: readonly BenchStep[], piece: PieceEstimate): BenchStep[] {
  const pace = paceOf(piece);
  const keyOf = (s: BenchStep) => JSON.stringify([s.partIndex ?? null, s.stage, s.copy]);
  const sharing = new Map<string, number>();
  for (const s of steps) sharing.set(keyOf(s), (sharing.get(keyOf(s)) ?? 0) + 1);
  return steps.map((s) => {
    if (s.stage === "crochet") return s;
    const part = s.partIndex === undefined ? undefined : piece.parts[s.partIndex];
    const seconds = pace * secondsOfWork(workOfStage(part?.work ?? piece.work, s.stage));
    const usualMs = Math.round((1000 * seconds) / (sharing.get(keyOf(s)) ?? 1));
    return usualMs > 0 ? { ...s, usualMs } : s;
  });
}
