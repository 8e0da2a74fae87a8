/** A day (YYYY-MM-DD) as the locale writes it; days have no time zone, so UTC keeps them where they are. */
export function printDay(day: string, locale: string, weekday = false): string {
  return new Intl.DateTimeFormat(locale, {
    day: "numeric",
    month: "short",
    year: "numeric",
    ...(weekday ? { weekday: "short" } : {}),
    timeZone: "UTC",
  }).format(new Date(`${day}T00:00:00Z`));
}
