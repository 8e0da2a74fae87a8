import { endOfWeek, parseDate, startOfWeek, type CalendarDate } from "@internationalized/date";
import { hoursOn, type DayHours, type WeekHours } from "@core/planning";

/** Something that stands on a day: a due day, a market, a delivery. */
export interface Mark {
  readonly kind: "due" | "market" | "promised" | "delivery";
  readonly id: string;
  /** Whether it can be put on another day here. */
  readonly moves?: boolean;
  readonly label: string;
  readonly to: string;
  /** A due day that the run is not expected to keep. */
  readonly late?: boolean;
}
/** A run as the calendar has it: a letter, and what it takes of each day. */
export interface Stretch {
  readonly id: string;
  readonly letter: string;
  readonly name: string;
  /** The first day that it may have. */
  readonly startOn: string;
  /** `hand` is "" for the maker's own. */
  readonly days: readonly { readonly on: string; readonly hours: number; readonly hand: string }[];
}
/** What a run takes of a hand's day. */
export interface BookedHere {
  readonly id: string;
  readonly letter: string;
  readonly hours: number;
  readonly hand: string;
  readonly name: string;
  readonly startOn: string;
  /** Days since the run's first one here; 0 on that. */
  readonly lead: number;
}
export interface DayCell {
  readonly on: string;
  readonly past: boolean;
  readonly today: boolean;
  /** Hours there are, and whether they are others than the weekday's. */
  readonly hours: number;
  readonly changed: boolean;
  readonly note: string;
  /** Whether the hours are her own for this day; a market day has others without. */
  readonly ownHours: boolean;
  readonly booked: readonly BookedHere[];
  readonly marks: readonly Mark[];
}

/**
 * Whole weeks from the one that `from` lies in, a cell a day.
 * @param weeks how many; the days of each in the locale's order
 */
export function weeksOf(input: {
  readonly from: string;
  readonly today: string;
  readonly weeks: number;
  readonly locale: string;
  readonly week: WeekHours;
  readonly special: DayHours;
  readonly notes: ReadonlyMap<string, string>;
  readonly stretches: readonly Stretch[];
  readonly marks: ReadonlyMap<string, readonly Mark[]>;
}): readonly (readonly DayCell[])[] {
  const first = startOfWeek(parseDate(input.from), input.locale);
  const booked = new Map<string, BookedHere[]>();
  for (const { days, ...s } of input.stretches) {
    const begin = days.map((d) => d.on).toSorted()[0];
    for (const d of days) {
      const there = booked.get(d.on) ?? [];
      there.push({
        ...s,
        hours: d.hours,
        hand: d.hand,
        lead: parseDate(d.on).compare(parseDate(begin ?? d.on)),
      });
      booked.set(d.on, there);
    }
  }
  const cell = (day: CalendarDate): DayCell => {
    const on = day.toString();
    return {
      on,
      past: on < input.today,
      today: on === input.today,
      hours: hoursOn(day, input.week, input.special),
      changed: input.special.has(on),
      note: input.notes.get(on) ?? "",
      ownHours: input.notes.has(on),
      booked: booked.get(on) ?? [],
      marks: input.marks.get(on) ?? [],
    };
  };
  return Array.from({ length: input.weeks }, (_, w) =>
    Array.from({ length: 7 }, (_day, d) => cell(first.add({ weeks: w, days: d }))),
  );
}

/** The last day of so many weeks from one. */
export const lastOf = (from: string, weeks: number, locale: string): string =>
  endOfWeek(parseDate(from).add({ weeks: weeks - 1 }), locale).toString();
