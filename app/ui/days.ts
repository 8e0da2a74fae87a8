import { DateFormatter } from "@internationalized/date";

const DAY = { day: "numeric", month: "short", year: "numeric", timeZone: "UTC" } as const;
const kept = new Map<string, DateFormatter>();

/** A formatter costs far more to make than to use: one for each locale and way of writing. */
function formatterOf(locale: string, way: "day" | "weekday" | "short" | "name"): DateFormatter {
  const key = `${locale} ${way}`;
  let made = kept.get(key);
  if (!made) {
    if (kept.size > 60) kept.clear();
    const { year: _year, ...short } = DAY;
    made = new DateFormatter(
      locale,
      way === "name"
        ? { weekday: "short", timeZone: "UTC" }
        : way === "short"
          ? short
          : way === "weekday"
            ? { ...DAY, weekday: "short" }
            : DAY,
    );
    kept.set(key, made);
  }
  return made;
}

/** A day (YYYY-MM-DD) as the locale writes it; days have no time zone, so UTC keeps them where they are. */
export const printDay = (day: string, locale: string, weekday = false): string =>
  formatterOf(locale, weekday ? "weekday" : "day").format(new Date(`${day}T00:00:00Z`));

/** "3 Nov". */
export const printShortDay = (day: string, locale: string): string =>
  formatterOf(locale, "short").format(new Date(`${day}T00:00:00Z`));

/** "Tue". */
export const printWeekday = (day: string, locale: string): string =>
  formatterOf(locale, "name").format(new Date(`${day}T00:00:00Z`));

const moments = new Map<string, DateFormatter>();
/** "14:05", in a zone (that of the computer where none is named); of another day with the day before it. */
export function printMoment(at: Date, locale: string, zone: string | undefined, today: boolean): string {
  const key = `${locale} ${zone ?? ""} ${String(today)}`;
  let made = moments.get(key);
  if (!made) {
    if (moments.size > 60) moments.clear();
    made = new DateFormatter(locale, {
      ...(today ? {} : { day: "numeric", month: "short" }),
      hour: "2-digit",
      minute: "2-digit",
      ...(zone ? { timeZone: zone } : {}),
    });
    moments.set(key, made);
  }
  return made.format(at);
}
