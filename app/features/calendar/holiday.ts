import { parseDate } from "@internationalized/date";
import { z } from "zod";
import type { SpecialDay } from "@db/queries/days";
import { fields, id, isoDay } from "../../forms";

const MOST_DAYS = 120;
const next = (on: string, days: number): string => parseDate(on).add({ days }).toString();

/** So many days in a row, the first of them `on`. */
export const daysFrom = (on: string, many: number): string[] =>
  Array.from({ length: many }, (_, i) => next(on, i));

/** The days from one on, without a gap, that were given the same hours for the same reason: a holiday. */
export function holidayFrom(changed: readonly SpecialDay[], own: SpecialDay): string[] {
  const days = [own.onDay];
  if (own.note === "") return days;
  const same = new Set(
    changed
      .filter((d) => d.handId === own.handId && d.minutes === own.minutes && d.note === own.note)
      .map((d) => d.onDay),
  );
  for (let on = next(own.onDay, 1); same.has(on); on = next(on, 1)) days.push(on);
  return days;
}

/** A day, or a holiday of days in a row, with hours of its own for one hand. */
export const daySchema = (w: {
  readonly locale: string;
  readonly currency: string;
  readonly units: "metric" | "imperial";
}) =>
  z.object({
    on: isoDay("Choose the day."),
    days: z.coerce
      .number({ error: "Write how many days." })
      .int({ error: "Write whole days." })
      .min(1, { error: "At least the day itself." })
      .max(MOST_DAYS, { error: `${MOST_DAYS} days at most.` })
      .default(1),
    hand: id.optional().transform((x) => x ?? ""),
    note: z
      .string()
      .trim()
      .max(80, { error: "80 letters at most." })
      .optional()
      .transform((x) => x ?? ""),
    hours: fields(w.locale, w.currency, w.units).hoursAsMinutes(
      "Write the hours; 0 for a day off.",
      0,
      "day",
    ),
  });
