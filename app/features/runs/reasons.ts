import { inWords, type Reason } from "@core/estimate";
import type { Shortage } from "@core/planning";
import { printMoney, type Reading } from "@core/units";
import { printAmount } from "../../ui/reading";

/** Weights are explained in grams, notions in pieces. */
const scaleOf = (n: Shortage) =>
  n.kind === "notion"
    ? { measure: "count" as const, of: (q: number) => q }
    : { measure: "grams" as const, of: (q: number) => q / 1000 };

/** What a run is planned to need of one material, line by line. */
export function needReason(n: Shortage): Reason {
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
export function freeReason(n: Shortage): Reason {
  const { measure, of } = scaleOf(n);
  return {
    label: `Free: ${n.label}`,
    measure,
    value: of(n.free),
    how: "on hand + on its way − promised to the runs before this one",
    parts: [
      { label: "on hand", measure, value: of(n.onHand) },
      ...(n.onOrder > 0 ? [{ label: "on its way", measure, value: of(n.onOrder) }] : []),
      { label: "promised to the runs before this one", measure, value: -of(n.reserved) },
    ],
  };
}

/** The buy list as plain text, a line a thing. */
export function buyText(needs: readonly Shortage[], r: Reading): string {
  return needs
    .filter((n) => n.packs > 0)
    .map((n) => `${n.packs} × ${n.label} (${printAmount(n.packSize, n.kind, r)}) ${printMoney(n.cost, r)}`)
    .join("\n");
}
