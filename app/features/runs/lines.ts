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

/** Pieces of a line that are still to be worked: what is made is done with. */
export const leftOf = (l: { readonly quantity: number; readonly made: number }): number =>
  Math.max(0, l.quantity - l.made);

/** What of a run is still to be worked. */
export const linesLeft = (r: RunWithLines): RunLine[] =>
  linesOf({ ...r, lines: r.lines.map((l) => ({ ...l, quantity: leftOf(l) })) });

/** Seconds of a run that are left to the maker's own hands: what helpers have of it is theirs. */
export const ownSecondsLeft = ({ lines }: Pick<RunWithLines, "lines">): number =>
  lines.reduce((sum, l) => {
    const own = l.shares ? l.shares.own.reduce((a, b) => a + b, 0) : l.plannedWith.seconds;
    return sum + own * leftOf(l);
  }, 0);
