import { saleAt } from "../sale";
import type { Channel, Making } from "../sale";

/**
 * Market price, backwards: the price is what others take; it answers what an hour then earns and how many
 * minutes it may take.
 */
export interface Market {
  readonly perHour: number | undefined;
  /** Minutes a piece may take so that her hour is paid at this price; below 0: not even the materials are. */
  readonly minutesAllowed: number;
}

export function marketPrice(price: number, m: Making, c: Channel): Market {
  const free = saleAt(price, { ...m, minutes: 0 }, c);
  const hour = m.wagePerHour + m.overheadPerHour;
  return {
    perHour: saleAt(price, m, c).perHour,
    minutesAllowed: hour > 0 ? (60 * free.left * m.yield) / hour : free.left >= 0 ? Infinity : -Infinity,
  };
}
