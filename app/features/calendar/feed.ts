import ical from "ical-generator";
import { parseDate } from "@internationalized/date";

export interface DayAhead {
  /** Stays the same when the day is moved, so that a calendar program moves it too. */
  readonly id: string;
  /** YYYY-MM-DD. */
  readonly on: string;
  readonly title: string;
  readonly note?: string | undefined;
}

/** A day as iCalendar has it: a date of no zone, so that it stays the same day everywhere. */
const dateOf = (day: string): Date => new Date(`${day}T00:00:00Z`);

/**
 * Days ahead as an iCalendar file (RFC 5545): whole days, each ending with the next one begun, as the
 * standard has it.
 * @param at when the file is made: the stamp of each event
 */
export function calendarFile(name: string, days: readonly DayAhead[], at: Date): string {
  const calendar = ical({
    name,
    prodId: { company: "Lapka", product: "Lapka", language: "EN" },
    // A program that has subscribed asks again after so many seconds.
    ttl: 6 * 3600,
    timezone: "UTC",
  });
  for (const d of days)
    calendar.createEvent({
      id: d.id,
      start: dateOf(d.on),
      end: dateOf(parseDate(d.on).add({ days: 1 }).toString()),
      allDay: true,
      timezone: "UTC",
      stamp: at,
      summary: d.title,
      ...(d.note ? { description: d.note } : {}),
    });
  return calendar.toString();
}
