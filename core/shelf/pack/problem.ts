import { atLeast, expectedSales, type Demand } from "./demand";

/** Something to make and to bring; money in minor units. */
export interface Packable {
  readonly id: string;
  readonly price: number;
  /** Paid for each piece that is made. */
  readonly unitCost: number;
  /** What one is worth that is left over, brought or not. */
  readonly carry: number;
  readonly minutes: number;
  readonly onHand: number;
  /** Of what is brought. */
  readonly min?: number | undefined;
  readonly max?: number | undefined;
  readonly demand: Demand;
}
export interface PackInput {
  readonly hours: number;
  /** Pieces that the crate holds; none is counted where it is left out. */
  readonly crate?: number | undefined;
  readonly items: readonly Packable[];
}

export class CannotBePacked extends Error {}

/** One way to treat an item: what is brought and made, what that takes and what it is worth. */
export interface Option {
  readonly bring: number;
  readonly make: number;
  readonly minutes: number;
  readonly crate: number;
  readonly worth: number;
}
/** Options of one item, or of what is made only to be kept. */
export interface Choice {
  readonly item: number;
  readonly options: readonly Option[];
}
export interface Problem {
  readonly input: PackInput;
  readonly minutes: number;
  readonly crate: number;
  readonly choices: readonly Choice[];
  readonly tails: readonly Float64Array[];
  readonly sales: readonly Float64Array[];
  /** Worth of what is on hand if nothing is made or brought. */
  readonly base: number;
}

/** More pieces of one item than this are nobody's evening. */
const MOST = 5000;

/**
 * Every item as a list of options. The worth of bringing b is (price − carry) × expected sales, that of
 * making one carry − unitCost; what is made beyond what is brought pays only where a leftover is worth more
 * than it costs, and is a choice of its own.
 * @throws CannotBePacked when what must be brought is more than hours or crate allow
 */
export function problemOf(input: PackInput): Problem {
  const minutes = input.hours * 60;
  const crate = input.crate ?? Infinity;
  const tails: Float64Array[] = [];
  const sales: Float64Array[] = [];
  const choices: Choice[] = [];
  let base = 0;
  input.items.forEach((x, item) => {
    const canMake = Math.min(MOST, Math.floor(minutes / x.minutes + 1e-9));
    const most = Math.min(x.max ?? Infinity, crate, x.onHand + canMake, MOST + x.onHand);
    const min = x.min ?? 0;
    if (min > most)
      throw new CannotBePacked(
        `${x.id} has to be brought ${min} times, and ${most} is the most that hours, crate and its own limit allow.`,
      );
    const tail = atLeast(x.demand, most + 2);
    const sold = expectedSales(tail);
    tails.push(tail);
    sales.push(sold);
    base += x.carry * x.onHand;
    const options: Option[] = [];
    // One step beyond what the hours allow: what more of them would be worth is read off it.
    const beyond = Math.min(x.max ?? Infinity, crate, most + 1);
    for (let bring = min; bring <= beyond; bring++) {
      const make = Math.max(0, bring - x.onHand);
      options.push({
        bring,
        make,
        minutes: make * x.minutes,
        crate: bring,
        worth: (x.price - x.carry) * (sold[bring] ?? 0) + (x.carry - x.unitCost) * make,
      });
    }
    choices.push({ item, options });
    if (x.carry > x.unitCost)
      choices.push({
        item,
        options: Array.from({ length: canMake + 2 }, (_, make) => ({
          bring: 0,
          make,
          minutes: make * x.minutes,
          crate: 0,
          worth: (x.carry - x.unitCost) * make,
        })),
      });
  });
  return { input, minutes, crate, choices, tails, sales, base };
}
