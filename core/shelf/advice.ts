import { atLeast, expectedSales } from "./pack/demand";
import { packCrate, worthOfMore, type Packable, type Packed } from "./pack";
import { countMean, countQuantile } from "./demand";

/** A kind of piece as the next day of selling sees it. Money in minor units. */
export interface Sellable {
  readonly id: string;
  /** What is left of its price after tax and what the way of selling takes. */
  readonly leaves: number;
  /** Materials and packaging of one more. */
  readonly material: number;
  readonly minutes: number;
  readonly onHand: number;
  /** Chances of 0, 1, 2, … asked for on the day, and on each day like it that follows. */
  readonly days: readonly (readonly number[])[];
  /** At least and at most so many are to be on the table. */
  readonly least?: number | undefined;
  readonly most?: number | undefined;
}
export interface SellingDay {
  readonly hours: number;
  readonly crate?: number | undefined;
  /** A piece that brings less for each hour that it takes is not worth making, minor units; 0 makes any. */
  readonly hourLeast?: number | undefined;
  readonly pieces: readonly Sellable[];
}

export interface AdvisedPiece {
  readonly id: string;
  readonly make: number;
  readonly bring: number;
  /** Of the day itself: mean, and the ends that 90 of 100 days lie between. */
  readonly asked: number;
  readonly askedLow: number;
  readonly askedHigh: number;
  readonly expectedSold: number;
  readonly chanceSoldOut: number;
  /**
   * What one more would bring beyond its materials, for each hour it takes; undefined where it takes none.
   */
  readonly nextPerHour: number | undefined;
}
export interface Advice {
  readonly pieces: readonly AdvisedPiece[];
  readonly hoursUsed: number;
  /**
   * What the plan is expected to bring beyond its materials, over the days looked at; and what no plan of as many
   * hours or fewer can exceed.
   */
  readonly worth: number;
  readonly bound: number;
}

/**
 * A piece that waits for another day is worth so much of one that is sold at once: it may be made later, or
 * never sell.
 */
export const WAITS = 0.6;
/** Of the materials of a piece that no day looked at has sold, so much is still there. */
const REMAINS = 0.5;

/**
 * How many of what to make for a day, so that what they bring beyond their materials is greatest, counted
 * over this day and those after it: a piece that is not sold today waits for the next. With weights w of a
 * horizon that ends with each day, the worth of b pieces is Σ w_h E[min(b, D1 + … + Dh)], so that one list of
 * chances holds the whole horizon and the packing of a crate solves it. What an hour has to bring at least is asked
 * of each piece as if it were paid, and is not taken off the worth.
 * @throws CannotBePacked when what must be there is more than hours and crate allow
 */
export const adviseDay = (day: SellingDay): Advice => advised(day, packablesOf(day));

/** The same, and what one more whole hour, and one more place in the crate, would leave beyond its worth. */
export function adviseDayAndMore(
  day: SellingDay,
): Advice & { readonly more: ReturnType<typeof worthOfMore> } {
  const items = packablesOf(day);
  const advice = advised(day, items);
  return { ...advice, more: worthOfMore(day, advice.worth, (more) => advised(more, items).worth) };
}

const packablesOf = (day: SellingDay): Packable[] => day.pieces.map((p) => packable(p, day.hourLeast));

function advised(day: SellingDay, items: readonly Packable[]): Advice {
  const packed = packCrate({ hours: day.hours, crate: day.crate, items });
  const asked = packed.hoursUsed * (day.hourLeast ?? 0);
  return {
    pieces: day.pieces.map((p, i) => pieceOf(p, packed.items[i], day.hourLeast)),
    hoursUsed: packed.hoursUsed,
    worth: packed.expectedProfit + asked,
    bound: packed.bound + asked,
  };
}

function packable(p: Sellable, hourLeast = 0): Packable {
  const pmf = overHorizon(p.days);
  return {
    id: p.id,
    price: p.leaves,
    unitCost: p.material + (hourLeast * p.minutes) / 60,
    carry: Math.max(0, Math.min(REMAINS * p.material, 0.95 * p.leaves)),
    minutes: Math.max(p.minutes, 1 / 60),
    onHand: p.onHand,
    min: p.least,
    // More than anybody will ask for is worth nothing more: it need not be looked at, however many hours
    // there are.
    max: Math.min(p.most ?? Infinity, Math.max(p.least ?? 0, pmf.length)),
    demand: { pmf },
  };
}

/**
 * The same worth where she makes so many of each, whatever the hours: what an advice that she does not follow
 * gives up.
 */
export function worthOfMaking(day: SellingDay, make: readonly number[]): number {
  const made = day.pieces.map((p, i) =>
    packable({ ...p, onHand: p.onHand + (make[i] ?? 0), least: undefined, most: undefined }),
  );
  const paid = day.pieces.reduce((s, p, i) => s + p.material * (make[i] ?? 0), 0);
  return packCrate({ hours: 0, crate: day.crate, items: made }).expectedProfit - paid;
}

function pieceOf(p: Sellable, got: Packed["items"][number] | undefined, hourLeast = 0): AdvisedPiece {
  const today = p.days[0] ?? [1];
  const bring = got?.bring ?? 0;
  const tail = atLeast({ pmf: today }, bring);
  return {
    id: p.id,
    make: got?.make ?? 0,
    bring,
    asked: countMean(today),
    askedLow: countQuantile(today, 0.05),
    askedHigh: countQuantile(today, 0.95),
    expectedSold: expectedSales(tail)[bring] ?? 0,
    chanceSoldOut: tail[bring] ?? 1,
    nextPerHour: got && p.minutes > 0 ? (got.nextWorth * 60) / p.minutes + hourLeast : undefined,
  };
}

/**
 * Chances of the demand that pieces made now will meet: of one day, two, …, each further one less likely to
 * be waited for.
 */
export function overHorizon(days: readonly (readonly number[])[], waits = WAITS): number[] {
  const out: number[] = [];
  let sum: readonly number[] = [1];
  let left = 1;
  days.forEach((d, h) => {
    sum = sumOfCounts(sum, d);
    const weight = h === days.length - 1 ? left : left * (1 - waits);
    left -= weight;
    sum.forEach((p, k) => {
      out[k] = (out[k] ?? 0) + weight * p;
    });
  });
  return out.length > 0 ? Array.from(out, (p) => p ?? 0) : [1];
}

/** Chances of a sum of two counts; what is hardly ever asked for is left off. */
export function sumOfCounts(a: readonly number[], b: readonly number[]): number[] {
  const out = new Float64Array(a.length + b.length - 1);
  for (let i = 0; i < a.length; i++) {
    const x = a[i] ?? 0;
    if (x > 1e-9) for (let j = 0; j < b.length; j++) out[i + j] = (out[i + j] ?? 0) + x * (b[j] ?? 0);
  }
  let end = out.length;
  while (end > 1 && (out[end - 1] ?? 0) < 1e-9) end--;
  return [...out.subarray(0, end)];
}
