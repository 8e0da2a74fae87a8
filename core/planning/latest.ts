import type { CalendarDate } from "@internationalized/date";
import { hoursOn, type DayHours, type WeekHours } from "./calendar";

/** Work that must be done by the end of a day. */
export interface Due {
  readonly id: string;
  readonly hours: number;
  readonly dueOn: CalendarDate;
}
/** Her hours: each weekday's, and those of single days. */
export interface Hours {
  readonly week: WeekHours;
  readonly days?: DayHours | undefined;
}

/** Two years without enough hours is never. */
const MOST_DAYS = 731;

/**
 * The last day on which each work can be begun, one maker working at one thing after the other: laid out
 * backwards, what is due last at the end (earliest due date, Jackson 1955; from memory). Works of no hours begin
 * on their due day. What two years of her hours are not enough for is left out.
 *
 * @returns by id the day it is begun at the latest; it may lie in the past
 */
export function latestStarts(works: readonly Due[], { week, days }: Hours): Map<string, CalendarDate> {
  const out = new Map<string, CalendarDate>();
  let day: CalendarDate | undefined;
  let left = 0;
  for (const w of [...works].sort((a, b) => b.dueOn.compare(a.dueOn) || (a.id < b.id ? 1 : -1))) {
    if (day === undefined || w.dueOn.compare(day) < 0) {
      day = w.dueOn;
      left = hoursOn(day, week, days);
    }
    let need = w.hours;
    let steps = 0;
    for (; need > left + 1e-9 && steps < MOST_DAYS; steps++) {
      need -= left;
      day = day.subtract({ days: 1 });
      left = hoursOn(day, week, days);
    }
    if (steps >= MOST_DAYS) break;
    left = Math.max(0, left - need);
    out.set(w.id, day);
  }
  return out;
}

/** Days from one day's morning until so many hours are worked, that day as the first; undefined for never. */
export function daysToWork(hours: number, from: CalendarDate, { week, days }: Hours): number | undefined {
  let need = hours;
  for (let n = 0; n < MOST_DAYS; n++) {
    if (need <= 1e-9) return n;
    need -= hoursOn(from.add({ days: n }), week, days);
  }
  return undefined;
}
