import { minor, type Minor } from "../units";

/** A move of one material in the order in which it happened. */
export interface ValuedMove {
  /** mg or pieces; negative takes away. */
  readonly quantity: number;
  /** What was paid for it; only for what was bought. */
  readonly cost: number | undefined;
}

export interface AverageValue {
  /** Minor units for one mg or piece; undefined while nothing was ever bought. */
  readonly perUnit: number | undefined;
  readonly onHand: number;
  readonly value: Minor;
}

/**
 * Moving (perpetual) weighted average: every purchase mixes its cost with the value on hand, what goes out
 * goes at the average of that moment, and a stock that came without a cost (counted, weighed, first entered)
 * takes the average that stands, or `otherwise` before anything was bought. As in IAS 2, paragraph 27,
 * reckoned at each purchase.
 */
export function movingAverage(moves: readonly ValuedMove[], otherwise?: number): AverageValue {
  let onHand = 0;
  let value = 0;
  let perUnit = otherwise;
  for (const m of moves) {
    if (m.quantity > 0 && m.cost !== undefined) {
      // A stock below nothing has no value to mix in.
      const base = Math.max(0, onHand);
      value = base * (perUnit ?? 0) + m.cost;
      perUnit = value / (base + m.quantity);
    }
    onHand += m.quantity;
    value = Math.max(0, onHand) * (perUnit ?? 0);
  }
  return { perUnit, onHand, value: minor(value) };
}

/** What so many mg of a ball cost, by the ball's own price: the lot actually used. */
export function costByLot(mg: number, ball: { readonly fullMg: number; readonly price: number }): number {
  return ball.fullMg > 0 ? (mg * ball.price) / ball.fullMg : 0;
}
