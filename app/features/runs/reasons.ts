import { inWords, type Reason } from "@core/estimate";
import type { Netted } from "@core/planning";
import { printMoney, type Reading } from "@core/units";
import { printAmount } from "../../ui/reading";

/** Weights are explained in grams, notions in pieces. */
const scaleOf = (n: Netted) =>
  n.kind === "notion"
    ? { measure: "count" as const, of: (q: number) => q }
    : { measure: "grams" as const, of: (q: number) => q / 1000 };

/** What a run is planned to need of one material, line by line. */
export function needReason(n: Netted): Reason {
  const { measure, of } = scaleOf(n);
  const each = (q: number) => (measure === "grams" ? inWords("grams", of(q)) : String(q));
  return {
    label: n.label,
    measure,
    value: of(n.needHigh),
    how:
      measure === "grams"
        ? "upper end of the 90 % range, so that the run does not stop for half a ball's end"
        : undefined,
    parts: n.lines.map((l) => ({
      label: `${l.quantity} ${l.label}`,
      measure,
      value: of(l.eachHigh * l.quantity),
      how: `${l.quantity} × ${each(l.eachHigh)}${measure === "grams" ? ` (expected ${each(l.each)})` : ""}`,
    })),
  };
}

/** What of the stock is free for a run. */
export function freeReason(n: Netted): Reason {
  const { measure, of } = scaleOf(n);
  return {
    label: `Free: ${n.label}`,
    measure,
    value: of(n.free),
    how: "on hand − promised to the runs before this one",
    parts: [
      { label: "on hand", measure, value: of(n.onHand) },
      { label: "promised to the runs before this one", measure, value: -of(n.reserved) },
    ],
  };
}

/** Why something is missing, or that it is enough: yarn goes by lengths that must not be interrupted. */
export function placeText(n: Netted): string | undefined {
  if (!n.lengths || n.lengths.count === 0) return undefined;
  const { count, unplaced } = n.lengths;
  if (unplaced === 0)
    return count === 1 ? "its length fits on what is there" : `all ${count} lengths fit on what is there`;
  return `${unplaced} of ${count} ${count === 1 ? "length" : "lengths"} ${unplaced === 1 ? "finds" : "find"} no ball that holds ${unplaced === 1 ? "it" : "them"} whole`;
}

/** The buy list as plain text, a line a thing. */
export function buyText(needs: readonly Netted[], r: Reading): string {
  return needs
    .filter((n) => n.packs > 0)
    .map((n) => `${n.packs} × ${n.label} (${printAmount(n.packSize, n.kind, r)}) ${printMoney(n.cost, r)}`)
    .join("\n");
}
