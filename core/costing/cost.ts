import { type Minor, minor } from "../units";

/** One line of what a piece costs. Fractions of a cent are kept until the sum is made. */
export interface CostLine {
  readonly kind: "yarn" | "filling" | "notion" | "packaging" | "wage" | "overhead";
  readonly label: string;
  /** Minor units, not yet rounded. */
  readonly exact: number;
  /** Ends of its 90 % range, minor units; left out when it is known exactly (so many eyes). */
  readonly low?: number;
  readonly high?: number;
  readonly how: string;
  /** What its quantity rests on: "trade average pace", "this yarn: 3 weigh-ins". */
  readonly from?: string | undefined;
}

export interface Cost {
  /** Lines in whole minor units that add up to `total` exactly. */
  readonly lines: readonly (CostLine & { readonly amount: Minor })[];
  readonly total: Minor;
  /** Ends of the total's 90 % range. */
  readonly low: Minor;
  readonly high: Minor;
  readonly material: Minor;
  readonly wage: Minor;
  readonly overhead: Minor;
}

export interface Labour {
  readonly seconds: number;
  /** Ends of the 90 % range of the seconds; left out when they were timed themselves. */
  readonly low?: number;
  readonly high?: number;
  /** Whose pace it is. */
  readonly from?: string | undefined;
  readonly wagePerHour: Minor;
  /** Rent, light, tools, stall: per hour of making, so that slow pieces carry more of it. */
  readonly overheadPerHour: Minor;
}

/**
 * Direct cost of one piece: its materials at purchase cost, its packaging, its minutes and their overhead,
 * with the 90 % range that yarn, filling and time leave it. Yarns share one hand's tension, so their ends add
 * up; yarn, filling and time are unsure apart from each other, so those add up as the root of their squares.
 */
export function costOf(
  materials: readonly CostLine[],
  labour: Labour,
  words: { readonly hours: string; readonly wage: string; readonly overhead: string },
): Cost {
  const hours = labour.seconds / 3600;
  const byHour = (rate: number) => ({
    exact: hours * rate,
    low: ((labour.low ?? labour.seconds) / 3600) * rate,
    high: ((labour.high ?? labour.seconds) / 3600) * rate,
    from: labour.from,
  });
  const lines: CostLine[] = [
    ...materials,
    {
      kind: "wage",
      label: "Your time",
      ...byHour(labour.wagePerHour),
      how: `${words.hours} × ${words.wage} an hour`,
    },
    {
      kind: "overhead",
      label: "Overhead",
      ...byHour(labour.overheadPerHour),
      how: `${words.hours} × ${words.overhead} an hour`,
    },
  ];
  const spread = spreadOf(lines);
  const total = minor(lines.reduce((sum, l) => sum + l.exact, 0));
  const amounts = shareOut(
    total,
    lines.map((l) => l.exact),
  );
  const priced = lines.map((l, i) => ({ ...l, amount: amounts[i] ?? minor(0) }));
  const sum = (pick: (kind: CostLine["kind"]) => boolean) =>
    minor(priced.filter((l) => pick(l.kind)).reduce((s, l) => s + l.amount, 0));
  return {
    lines: priced,
    total,
    low: minor(Math.max(0, total - spread.below)),
    high: minor(total + spread.above),
    material: sum((k) => k !== "wage" && k !== "overhead"),
    wage: sum((k) => k === "wage"),
    overhead: sum((k) => k === "overhead"),
  };
}

/** What is unsure together: kinds of one group share their error. */
const SOURCES: readonly (readonly CostLine["kind"][])[] = [
  ["yarn"],
  ["filling"],
  ["wage", "overhead"],
  ["notion"],
  ["packaging"],
];

/** How far the sum of some lines may lie below and above its value, 90 of 100 times, minor units. */
export function spreadOf(lines: readonly CostLine[]): { readonly below: number; readonly above: number } {
  const each = SOURCES.map((kinds) => lines.filter((l) => kinds.includes(l.kind)));
  return {
    below: Math.hypot(...each.map((list) => list.reduce((s, l) => s + l.exact - (l.low ?? l.exact), 0))),
    above: Math.hypot(...each.map((list) => list.reduce((s, l) => s + (l.high ?? l.exact) - l.exact, 0))),
  };
}

/**
 * Whole amounts that add up to `total`, each as near to its exact share as can be: the largest
 * remainder method (Hare quota), ties to the earlier line.
 */
export function shareOut(total: Minor, exact: readonly number[]): Minor[] {
  const floors = exact.map((x) => Math.floor(x + 1e-9));
  let missing = total - floors.reduce((a, b) => a + b, 0);
  const order = exact
    .map((x, i) => ({ i, rest: x - Math.floor(x + 1e-9) }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (let k = 0; missing > 0 && order.length > 0; k = (k + 1) % order.length, missing--) {
    const index = order[k]?.i ?? 0;
    floors[index] = (floors[index] ?? 0) + 1;
  }
  return floors.map((n) => n as Minor);
}
