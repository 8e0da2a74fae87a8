import { takingsOf, type Sold, type Takings } from "@core/shelf/takings";
import { wareKey } from "./wares";

export interface DaySale extends Sold {
  readonly at: Date;
  readonly itemId: string;
  readonly colourwayId: string;
  readonly paid: "cash" | "card" | "other";
}

/** What of one kind was brought, sold and is left. */
export interface DayRow {
  readonly key: string;
  readonly brought: number;
  readonly sold: number;
  readonly taken: number;
}
export interface DayResult {
  readonly takings: Takings;
  readonly cash: number;
  readonly card: number;
  readonly other: number;
  readonly rows: readonly DayRow[];
  /** Pieces by hour of the day, from the first hour that sold to the last. */
  readonly hours: readonly { readonly hour: number; readonly pieces: number }[];
}

/** What a market day came to. `hourOf` reads the clock where the workshop is. */
export function dayResult(
  sales: readonly DaySale[],
  brought: readonly { itemId: string; colourwayId: string; quantity: number }[],
  hourOf: (at: Date) => number,
): DayResult {
  const rows = new Map<string, { brought: number; sold: number; taken: number }>();
  const of = (key: string) => {
    const had = rows.get(key) ?? { brought: 0, sold: 0, taken: 0 };
    rows.set(key, had);
    return had;
  };
  for (const b of brought) of(wareKey(b.itemId, b.colourwayId)).brought += b.quantity;
  const hours = new Map<number, number>();
  for (const s of sales) {
    const row = of(wareKey(s.itemId, s.colourwayId));
    row.sold += s.quantity;
    row.taken += s.taken;
    const hour = hourOf(s.at);
    hours.set(hour, (hours.get(hour) ?? 0) + s.quantity);
  }
  const paidBy = (how: DaySale["paid"]) => takingsOf(sales.filter((s) => s.paid === how)).paid;
  const [first, last] = [Math.min(...hours.keys()), Math.max(...hours.keys())];
  return {
    takings: takingsOf(sales),
    cash: paidBy("cash"),
    card: paidBy("card"),
    other: paidBy("other"),
    rows: [...rows]
      .map(([key, r]) => ({ key, ...r }))
      .sort((a, b) => b.sold - a.sold || b.brought - a.brought),
    hours:
      hours.size === 0
        ? []
        : Array.from({ length: last - first + 1 }, (_, i) => ({
            hour: first + i,
            pieces: hours.get(first + i) ?? 0,
          })),
  };
}
