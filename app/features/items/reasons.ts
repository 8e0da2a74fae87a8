import type { Reason } from "@core/estimate";
import {
  minor,
  printDuration,
  printMoney,
  printTrimmed,
  type Minor,
  type Reading,
  type Seconds,
} from "@core/units";
import type { ItemAnalysis } from "@core/item";
import { costPerSold, fixedFees, makingOf, shareKept, type Selling } from "@core/costing";

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

const percent = (share: number, r: Reading) => `${printTrimmed(100 * share, 2, r.locale)} %`;

/** What a piece that is sold costs: itself, and its share of those that fail. */
function soldReason(a: ItemAnalysis, s: Selling, r: Reading): Reason {
  const cost = costReason(a);
  if (s.yield >= 1) return cost;
  const total = minor(costPerSold(makingOf(a.cost, a.piece.seconds.value, s)));
  return {
    label: "What a piece that is sold costs",
    measure: "minor",
    value: total,
    parts: [
      cost,
      {
        label: "Its share of the pieces that fail",
        measure: "minor",
        value: total - a.cost.total,
        how: `${percent(s.yield, r)} pass; a second brings ${printMoney(s.secondBrings as Minor, r)}`,
      },
    ],
  };
}

export function priceReason(a: ItemAnalysis, s: Selling, marginBp: number, r: Reading): Reason {
  const p = a.pricing;
  const { percentFees, tax } = s.channel;
  const fees = percentFees.reduce((x, y) => x + y, 0);
  const margin = marginBp / 10_000;
  const fixed = fixedFees(s.channel);
  const kept = shareKept(s.channel, margin);
  const takes = [
    ...(tax.rate > 0 ? [`tax ${percent(tax.rate, r)} ${tax.included ? "in the price" : "on top"}`] : []),
    `fees ${percent(fees, r)}`,
    `margin ${percent(margin, r)}`,
  ].join(", ");
  if (!p)
    return {
      label: "No price pays this",
      measure: "minor",
      value: a.cost.total,
      how: `${takes}: together they take the whole price`,
    };
  const sold = soldReason(a, s, r);
  return {
    label: "The price that pays your hour",
    measure: "minor",
    value: p.suggested,
    low: p.low,
    high: p.high,
    how: `(${printMoney(minor(sold.value), r)} + ${printMoney(minor(fixed), r)} fixed fees) ÷ ${printTrimmed(kept, 4, r.locale)} of each unit of the price that stays (${takes}) = ${printMoney(p.exact, r)}`,
    from: "raised to your next price point",
    parts: [
      sold,
      { label: "Below this it loses money even with free hours", measure: "minor", value: p.floor },
    ],
  };
}

export function hourReason(a: ItemAnalysis, s: Selling, r: Reading): Reason {
  const e = a.earning;
  const { tax } = s.channel;
  return {
    label: "What an hour earns",
    measure: "minor",
    value: e.perHour ?? 0,
    ...(e.perHourLow !== undefined && e.perHourHigh !== undefined
      ? { low: e.perHourLow, high: e.perHourHigh }
      : {}),
    how: `${printMoney(e.forTime, r)} left for your time ÷ ${printDuration(e.seconds as Seconds, r)}${s.yield < 1 ? " behind each piece that is sold" : ""}`,
    parts: [
      {
        label: tax.included ? "Price" : "The customer pays, tax on top",
        measure: "minor",
        value: e.customerPays,
      },
      ...(e.tax === 0 ? [] : [{ label: "Tax", measure: "minor" as const, value: -e.tax }]),
      { label: `Fees: ${s.label}`, measure: "minor", value: -e.fees },
      { label: "Materials and packaging", measure: "minor", value: -a.cost.material },
      { label: "Overhead", measure: "minor", value: -a.cost.overhead },
      ...(e.failed === 0
        ? []
        : [{ label: "Pieces that fail, without their time", measure: "minor" as const, value: -e.failed }]),
      { label: "Left for your time", measure: "minor", value: e.forTime },
    ],
  };
}
