/** A day on which more work is laid on a hand than it is to be given. Hours. */
export interface DayOverLimit {
  readonly on: string;
  readonly hand: string;
  readonly hours: number;
  readonly limit: number;
}

/** A quarter of an hour above is no day to warn of. */
const SLACK = 0.25;

/**
 * Days above the limit of their hand, in order; what several runs take of one day is one day's work. `limitOf`: hours,
 * 0 for none. Linear in the days, but for sorting them.
 */
export function daysOverLimit(
  days: Iterable<{ readonly on: string; readonly hand: string; readonly hours: number }>,
  limitOf: (hand: string) => number,
): DayOverLimit[] {
  const sums = new Map<string, { on: string; hand: string; hours: number }>();
  for (const { on, hand, hours } of days) {
    const key = `${on} ${hand}`;
    sums.set(key, { on, hand, hours: (sums.get(key)?.hours ?? 0) + hours });
  }
  return [...sums.values()]
    .flatMap((d) => {
      const limit = limitOf(d.hand);
      return limit > 0 && d.hours > limit + SLACK ? [{ ...d, limit }] : [];
    })
    .sort((a, b) => a.on.localeCompare(b.on) || a.hand.localeCompare(b.hand));
}
