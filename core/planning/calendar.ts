import { getDayOfWeek, type CalendarDate } from "@internationalized/date";

/** Hours she works on each weekday, Monday first. */
export type WeekHours = readonly [number, number, number, number, number, number, number];

/** Hours of single days that differ from their weekday: a day off, a market, a long evening. */
export type DayHours = ReadonlyMap<string, number>;
const NO_DAYS: DayHours = new Map();

/** Hours there are on a day, at home and at the hook. */
export const hoursOn = (day: CalendarDate, week: WeekHours, days: DayHours = NO_DAYS): number =>
  // getDayOfWeek in a Monday-first locale: 0 is Monday.
  days.get(day.toString()) ?? week[getDayOfWeek(day, "en-GB") as 0] ?? 0;

const MAX_DAYS = 3660;

export function hoursOfWeek(week: WeekHours): number {
  return week.reduce((a, b) => a + b, 0);
}

/** Hours between two days, both included. */
export function hoursBetween(
  start: CalendarDate,
  end: CalendarDate,
  week: WeekHours,
  days: DayHours = NO_DAYS,
): number {
  let hours = 0;
  let day = start;
  for (let i = 0; i < MAX_DAYS && day.compare(end) <= 0; i++) {
    hours += hoursOn(day, week, days);
    day = day.add({ days: 1 });
  }
  return hours;
}

/** `hours` a week spread evenly over the chosen weekdays, Monday first. */
export function spreadWeek(hours: number, works: readonly boolean[]): WeekHours {
  const days = works.filter(Boolean).length;
  const each = days > 0 ? hours / days : 0;
  return [0, 1, 2, 3, 4, 5, 6].map((i) => (works[i] ? each : 0)) as unknown as WeekHours;
}
