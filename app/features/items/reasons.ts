import type { Reason } from "@core/estimate";
import { printMoney, printDuration, type Minor, type Reading, type Seconds } from "@core/units";
import type { ItemAnalysis } from "./analyse";
import type { ChannelFees } from "@core/costing";

/** The cost of one piece as a tree of amounts that add up exactly. */
export function costReason(a: ItemAnalysis): Reason {
  return {
    label: "What one piece costs",
    measure: "minor",
    value: a.cost.total,
    low: a.cost.low,
    high: a.cost.high,
    parts: a.cost.lines.map((l) => ({
      label: l.label,
      measure: "minor",
      value: l.amount,
      how: l.how,
      ...(l.from ? { from: l.from } : {}),
      ...(l.low !== undefined && l.high !== undefined ? { low: l.low, high: l.high } : {}),
    })),
  };
}

const percent = (bp: number) => `${bp / 100} %`;

export function priceReason(a: ItemAnalysis, fees: ChannelFees, marginBp: number, r: Reading): Reason {
  const p = a.pricing;
  if (!p)
    return {
      label: "No price pays this",
      measure: "minor",
      value: a.cost.total,
      how: `fees ${percent(fees.percentBp)} and margin ${percent(marginBp)} take the whole price`,
    };
  return {
    label: "The price that pays your hour",
    measure: "minor",
    value: p.suggested,
    low: p.low,
    high: p.high,
    how: `(${printMoney(a.cost.total, r)} + ${printMoney(fees.fixed, r)} fixed fee) ÷ (1 − ${percent(fees.percentBp)} − ${percent(marginBp)}) = ${printMoney(p.exact, r)}`,
    from: "raised to your next price point",
    parts: [
      costReason(a),
      { label: "Below this it loses money even with free hours", measure: "minor", value: p.floor },
    ],
  };
}

export function hourReason(a: ItemAnalysis, fees: ChannelFees, r: Reading): Reason {
  const e = a.earning;
  return {
    label: "What an hour earns",
    measure: "minor",
    value: e.perHour ?? 0,
    ...(e.perHourLow !== undefined && e.perHourHigh !== undefined
      ? { low: e.perHourLow, high: e.perHourHigh }
      : {}),
    how: `${printMoney(e.forTime, r)} left for your time ÷ ${printDuration(a.piece.seconds.value as Seconds, r)}`,
    parts: [
      { label: "Price", measure: "minor", value: a.price },
      { label: `Fees: ${fees.label}`, measure: "minor", value: -e.fees },
      { label: "Materials and packaging", measure: "minor", value: -a.cost.material },
      { label: "Overhead", measure: "minor", value: -a.cost.overhead },
      { label: "Left for your time", measure: "minor", value: e.forTime as Minor },
    ],
  };
}
