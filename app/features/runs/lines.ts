import type { RunLine } from "@core/planning";
import type { RunWithLines } from "@db/queries/runs";

/** A run's lines with what they were planned with. */
export const linesOf = (r: RunWithLines): RunLine[] =>
  r.lines.map((l) => ({
    itemId: l.itemId,
    label: l.plannedWith.label,
    quantity: l.quantity,
    needs: l.plannedWith.needs,
    seconds: l.plannedWith.seconds,
    secondsLow: l.plannedWith.secondsLow,
    secondsHigh: l.plannedWith.secondsHigh,
  }));

/** What of a run is still to be worked: pieces that are made are done with. */
export const linesLeft = (r: RunWithLines): RunLine[] =>
  linesOf({ ...r, lines: r.lines.map((l) => ({ ...l, quantity: Math.max(0, l.quantity - l.made) })) });

/** Seconds of a run that are left to the maker's own hands: what helpers have of it is theirs. */
export const ownSecondsLeft = ({ lines }: Pick<RunWithLines, "lines">): number =>
  lines.reduce((sum, l) => {
    const own = l.shares ? l.shares.own.reduce((a, b) => a + b, 0) : l.plannedWith.seconds;
    return sum + own * Math.max(0, l.quantity - l.made);
  }, 0);
