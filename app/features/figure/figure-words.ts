import type { Hanging, Standing } from "@core/figure";
import { printLength, type Mm, type Reading } from "@core/units";

const WAY = { front: "forwards", back: "backwards", left: "to the left", right: "to the right" } as const;
const BELOW_A_HALF = 0.5;
const STRAIGHT = 5;

/** Whether it stands by itself, with the reason. */
export function standsWords(s: Standing, r: Reading): string {
  const base = printLength(Math.abs(s.margin) as Mm, r);
  const high = printLength(s.high as Mm, r);
  if (s.tips < 0) return `Falls ${WAY[s.towards]}: its weight lies ${base} outside what touches the table.`;
  const by = `${Math.round(s.tips)}°`;
  const why = `its weight is ${high} up and ${base} inside the rim of its base`;
  return s.stands
    ? `Stands by itself, and can be tipped ${by} ${WAY[s.towards]}: ${why}.`
    : `Stands only on an even table, ${by} ${WAY[s.towards]} and it falls: ${why}.`;
}

/** How it hangs, with the reason. */
export function hangsWords(h: Hanging): string {
  const from = h.from.startsWith("the ") ? h.from : `the ${h.from.toLowerCase()}`;
  return h.leans < STRAIGHT
    ? `Hangs straight from ${from}${h.leans < BELOW_A_HALF ? "" : ` (${h.leans.toFixed(0)}° off)`}: its weight lies below it.`
    : `Hangs from ${from} with its upper end leaning ${h.leans.toFixed(0)}° ${WAY[h.towards]}: the other side is heavier.`;
}
