import { bestPrices } from "./dual";
import { CannotBePacked, problemOf, type PackInput } from "./problem";
import { bestPlan } from "./search";

export { CannotBePacked, type Packable, type PackInput } from "./problem";
export type { Demand } from "./demand";

export interface PackedItem {
  readonly id: string;
  readonly make: number;
  readonly bring: number;
  readonly expectedSold: number;
  /** That all that is brought is sold. */
  readonly chanceSoldOut: number;
  /** What one more, made and brought, would bring in beyond its cost. */
  readonly nextWorth: number;
}
export interface Packed {
  readonly items: readonly PackedItem[];
  readonly expectedProfit: number;
  readonly hoursUsed: number;
  /** No plan whatever has a greater expected profit than this. */
  readonly bound: number;
}

/**
 * How many of what to make and to bring, so that the expected profit is greatest: newsvendors under hours and
 * a crate. Money in minor units, exact but for floating point; demand beyond what is brought is lost.
 * @throws CannotBePacked when what must be brought is more than hours and crate allow
 */
export function packCrate(input: PackInput): Packed {
  const p = problemOf(input);
  const prices = bestPrices(p);
  const found = bestPlan(p, prices);
  if (!found)
    throw new CannotBePacked(
      "What has to be brought of each takes more hours or places than there are. Ask for less of something, or give more hours.",
    );
  const [make, bring] = [input.items.map(() => 0), input.items.map(() => 0)];
  p.choices.forEach((c, i) => {
    const o = found.options[i];
    make[c.item] = (make[c.item] ?? 0) + (o?.make ?? 0);
    bring[c.item] = (bring[c.item] ?? 0) + (o?.bring ?? 0);
  });
  const items = input.items.map((x, i): PackedItem => {
    const b = bring[i] ?? 0;
    const tail = p.tails[i];
    return {
      id: x.id,
      make: make[i] ?? 0,
      bring: b,
      expectedSold: p.sales[i]?.[b] ?? 0,
      chanceSoldOut: tail?.[b] ?? 0,
      nextWorth: (x.price - x.carry) * (tail?.[b + 1] ?? 0) + x.carry - x.unitCost,
    };
  });
  return {
    items,
    expectedProfit: p.base + found.worth,
    hoursUsed: input.items.reduce((s, x, i) => s + (make[i] ?? 0) * x.minutes, 0) / 60,
    bound: p.base + found.bound,
  };
}

/**
 * What one more whole hour, and one more place in the crate, would leave beyond `worth`, what the best plan leaves
 * now: `worthOf` reckons once more with it. The price at the margin would hold for the first minutes only: of what is quickly
 * made only a few are asked for.
 */
export function worthOfMore<T extends { readonly hours: number; readonly crate?: number | undefined }>(
  now: T,
  worth: number,
  worthOf: (more: T) => number,
): { readonly hour: number; readonly place: number } {
  const beyond = (more: T) => Math.max(0, worthOf(more) - worth);
  return {
    hour: beyond({ ...now, hours: now.hours + 1 }),
    place: now.crate === undefined ? 0 : beyond({ ...now, crate: now.crate + 1 }),
  };
}
