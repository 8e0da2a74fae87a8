import type { BenchAct, DoneAct, StepKind } from "@core/planning";

/** What the large button says at each kind of step. */
export const DONE_WORDS: Readonly<Record<StepKind, string>> = {
  work: "Round done",
  face: "Face is on",
  fill: "Filled",
  close: "Closed",
  join: "Joined",
  sew: "Sewn on",
  finish: "Done",
};

/** The last step that was done and not undone, on whichever device. */
export function lastDoneHere(acts: readonly BenchAct[]): DoneAct | undefined {
  const undone = new Set(acts.flatMap((a) => (a.kind === "undo" ? [a.of] : [])));
  return acts
    .filter((a): a is DoneAct => a.kind === "done" && !undone.has(a.key))
    .reduce<DoneAct | undefined>((last, a) => (!last || a.at >= last.at ? a : last), undefined);
}
