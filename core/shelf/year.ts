import type { CalendarDate } from "@internationalized/date";
import { latestStarts, type Due, type Hours } from "../planning/latest";
import { countMean, countQuantile } from "./demand";
import { serviceWhenSeen } from "./restock";

/** The months that hold most of a year's trade: the first, 0 to 11, and how many; share of the year in them. */
export interface Span {
  readonly first: number;
  readonly months: number;
  readonly share: number;
}

/** So much of a year lies in a season that is one: common practice, no source. */
const SHARE = 0.7;
const LONGEST = 5;

/** The shortest row of months that holds seven tenths of the year; undefined for what sells all the year. */
export function seasonSpan(season: readonly number[]): Span | undefined {
  const whole = season.reduce((a, b) => a + b, 0);
  const held = (first: number, months: number) =>
    Array.from({ length: months }, (_, i) => season[(first + i) % 12] ?? 0).reduce((a, b) => a + b, 0) /
    whole;
  for (let months = 1; months <= LONGEST; months++) {
    const best = Array.from({ length: 12 }, (_, first) => ({
      first,
      months,
      share: held(first, months),
    })).sort((a, b) => b.share - a.share)[0];
    if (best && best.share >= SHARE) return best;
  }
  return undefined;
}

/** The season that is on, or the next one: its first and last day. */
export function seasonDays(span: Span, today: CalendarDate): { first: CalendarDate; last: CalendarDate } {
  const begins = (year: number) => today.set({ year, month: span.first + 1, day: 1 });
  for (const year of [today.year - 1, today.year, today.year + 1]) {
    const first = begins(year);
    const last = first.add({ months: span.months }).subtract({ days: 1 });
    if (last.compare(today) >= 0) return { first, last };
  }
  throw new RangeError("no season ends within two years");
}

/** A kind of piece over the year, all ways of selling together. Money in minor units. */
export interface YearKind {
  readonly id: string;
  /** Its months against each other. */
  readonly season: readonly number[];
  /** Chances of 0, 1, 2, … asked for between two days, both included. */
  readonly asked: (from: CalendarDate, to: CalendarDate) => readonly number[];
  /** There, wherever, and on its way in open runs. */
  readonly held: number;
  /** Weeks, or market days, that its demand was seen in. */
  readonly seen: number;
  readonly margin: number;
  readonly idle: number;
  readonly minutes: number;
}

export interface YearAdvice {
  readonly id: string;
  readonly span: Span;
  readonly first: CalendarDate;
  readonly last: CalendarDate;
  readonly on: boolean;
  /** Asked for until the season ends: expected, and with the chance that is worth its cost. */
  readonly expected: number;
  readonly wanted: number;
  readonly service: number;
  readonly make: number;
  readonly hours: number;
  /** Expected to be left when it ends, of what is held now. */
  readonly left: number;
  /** The last day to begin, so that none of its months finds too few; undefined where nothing is to be made. */
  readonly startBy: CalendarDate | undefined;
}

/**
 * For every piece that has a season: how many the coming one (or what is left of it) asks for, how many are to be
 * made, and the day to begin at the latest, so that what each of its months asks for is done before that month
 * begins — reckoned back on her calendar, all such pieces and the open runs sharing its hours.
 */
export function adviseYear(
  kinds: readonly YearKind[],
  today: CalendarDate,
  calendar: Hours,
  owed: readonly Due[],
): YearAdvice[] {
  const rows = kinds.flatMap((k) => {
    const span = seasonSpan(k.season);
    return span ? [seasonOfKind(k, span, today)] : [];
  });
  const starts = latestStarts([...owed, ...rows.flatMap((r) => r.works)], calendar);
  return rows.map(({ works, ...row }) => ({
    ...row,
    startBy: works.map((w) => starts.get(w.id)).reduce<CalendarDate | undefined>(earlier, undefined),
  }));
}
const earlier = (a: CalendarDate | undefined, b: CalendarDate | undefined) =>
  a === undefined || (b !== undefined && b.compare(a) < 0) ? b : a;

function seasonOfKind(k: YearKind, span: Span, today: CalendarDate) {
  const { first, last } = seasonDays(span, today);
  const on = first.compare(today) <= 0;
  const service = serviceWhenSeen(k);
  // What is asked for before its season is sold from the same shelf.
  const until = (day: CalendarDate) => k.asked(today, day);
  const chances = until(last);
  const wanted = countQuantile(chances, service);
  const make = Math.max(0, wanted - k.held);
  const works: Due[] = [];
  let done = k.held;
  for (let m = 0; m < span.months; m++) {
    const month = first.add({ months: m });
    const end = month.add({ months: 1 }).subtract({ days: 1 });
    if (end.compare(today) < 0) continue;
    const so = m === span.months - 1 ? wanted : Math.min(wanted, countQuantile(until(end), service));
    if (so <= done) continue;
    const before = month.subtract({ days: 1 });
    works.push({
      id: `${k.id} ${m}`,
      hours: ((so - done) * k.minutes) / 60,
      // The month that is on has begun: what it lacks is wanted now.
      dueOn: before.compare(today) < 0 ? today : before,
    });
    done = so;
  }
  return {
    id: k.id,
    span,
    first,
    last,
    on,
    expected: countMean(chances),
    wanted,
    service,
    make,
    hours: (make * k.minutes) / 60,
    left: chances.reduce((sum, p, n) => sum + p * Math.max(0, k.held - n), 0),
    works,
  };
}
