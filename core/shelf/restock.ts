import { countMean, countQuantile } from "./demand";

/** A kind of piece at a place that sells all the time. Money in minor units. */
export interface Stocked {
  /** Chances of 0, 1, 2, … asked for in the first so many weeks from now, all together. */
  readonly asked: (weeks: number) => readonly number[];
  /** Weeks until what is begun now is there, and weeks until she looks again. */
  readonly leadWeeks: number;
  readonly reviewWeeks: number;
  /** What one sale leaves beyond the piece's materials, and what a piece that stands there too long costs. */
  readonly margin: number;
  readonly idle: number;
  readonly there: number;
  /** On its way to this place already. */
  readonly coming: number;
  /** Weeks it was seen for: what is little known is begun small. */
  readonly seen: number;
}

export interface Restock {
  /** Chance of not running out that is worth its cost: margin ÷ (margin + idle); less while it is little known. */
  readonly service: number;
  /** At or below this, more is brought. */
  readonly point: number;
  readonly upTo: number;
  /** How many now; 0 while there are enough. */
  readonly bring: number;
  /** Asked for in the first week. */
  readonly weekly: number;
  /** Weeks until what is there is expected to be gone; undefined where that lies beyond the weeks given. */
  readonly lasts: number | undefined;
}

/**
 * When to bring more, and how many (order point and order-up-to level with periodic review; the service level
 * is the newsvendor's ratio of what a missed sale costs against what an idle piece does). Silver, Pyke,
 * Peterson, "Inventory Management and Production Planning and Scheduling", 1998; from memory. A piece that is
 * little known is brought for what is expected of it.
 */
export function restock(s: Stocked): Restock {
  const service = serviceWhenSeen(s);
  const point = countQuantile(s.asked(Math.max(1 / 7, s.leadWeeks)), service);
  const upTo = countQuantile(s.asked(s.leadWeeks + s.reviewWeeks), service);
  const held = s.there + s.coming;
  return {
    service,
    point,
    upTo: Math.max(upTo, point),
    bring: held <= point ? Math.max(0, upTo - held) : 0,
    weekly: countMean(s.asked(1)),
    lasts: lasting(s.asked, s.there),
  };
}

/** The chance of not running out that is worth its cost; a piece that earns nothing is not worth any. */
export function serviceOf({ margin, idle }: Pick<Stocked, "margin" | "idle">): number {
  const gained = Math.max(0, margin);
  return gained + idle > 0 ? gained / (gained + idle) : 0.5;
}

/** Weeks or market days until a piece is known: before that a few sales, or none, say little. */
export const KNOWN_AFTER = 8;
/**
 * The chance of not running out that a piece is made for while it is little known. Most of its range is then what
 * nobody knows of it, not what customers do: to make up to the upper end of that would fill the shelf with what may
 * never sell, and after a few weeks one knows better (common practice, no source: begin small).
 */
const UNKNOWN_SERVICE = 0.5;

/** The same for a piece that was seen for so many weeks or market days: what is little known is begun small. */
export function serviceWhenSeen(k: Pick<Stocked, "margin" | "idle"> & { readonly seen: number }): number {
  const worth = serviceOf(k);
  return k.seen < KNOWN_AFTER ? Math.min(UNKNOWN_SERVICE, worth) : worth;
}

/**
 * Takes from what is to be brought until it fits into the room there is, one by one from the kind that would
 * last the longest with what it has: so that all run out at about the same time.
 */
export function fitInto(
  rows: readonly { readonly there: number; readonly bring: number; readonly weekly: number }[],
  room: number,
): number[] {
  const bring = rows.map((r) => r.bring);
  const weeks = (i: number) => {
    const r = rows[i];
    return r && (bring[i] ?? 0) > 0 ? (r.there + (bring[i] ?? 0)) / Math.max(r.weekly, 1e-6) : -1;
  };
  let over = bring.reduce((a, b) => a + b, 0) - Math.max(0, room);
  for (; over > 0; over--) {
    let longest = 0;
    for (let i = 1; i < rows.length; i++) if (weeks(i) > weeks(longest)) longest = i;
    bring[longest] = Math.max(0, (bring[longest] ?? 0) - 1);
  }
  return bring;
}

/** Weeks that are looked ahead. */
const AHEAD = 13;

/** Weeks until as many are expected to be asked for as are there, between whole weeks by a straight line. */
function lasting(asked: Stocked["asked"], there: number): number | undefined {
  let before = 0;
  for (let week = 1; week <= AHEAD; week++) {
    const mean = countMean(asked(week));
    if (mean >= there) return week - 1 + (mean > before ? Math.max(0, there - before) / (mean - before) : 0);
    before = mean;
  }
  return undefined;
}
