import { takingsByLine, type Sold, type Takings } from "./takings";

/** A sale with what the piece took to make. */
export interface SoldPiece extends Sold {
  /** Materials and packaging of one, minor units; its seconds, with the ends of their range. */
  readonly material: number;
  readonly seconds: number;
  readonly secondsLow: number;
  readonly secondsHigh: number;
}

/** What a group of sales earned. Money in minor units. */
export interface Earned extends Takings {
  readonly material: number;
  /** Fees that are paid for a day or a month, whatever is sold. */
  readonly standing: number;
  readonly seconds: number;
  /** Left for her time, and what an hour of making really earned; undefined where no time is known. */
  readonly forTime: number;
  readonly perHour: number | undefined;
  readonly perHourLow: number | undefined;
  readonly perHourHigh: number | undefined;
}

/**
 * What sales earned, by groups that add up: fees of a customer are shared by her lines, and standing fees
 * (the stall of a day) are given by their group.
 */
export function earnedBy<T extends SoldPiece>(
  sales: readonly T[],
  groupOf: (s: T) => string,
  standing: ReadonlyMap<string, number> = new Map(),
): Map<string, Earned> {
  const lines = takingsByLine(sales);
  const out = new Map<string, Sums>();
  for (const s of sales) {
    const t = lines.get(s);
    if (!t) continue;
    const key = groupOf(s);
    const sum = out.get(key) ?? { ...NONE };
    for (const k of ["pieces", "customers", "paid", "tax", "fees", "kept"] as const) sum[k] += t[k];
    sum.material += Math.round(s.material * s.quantity);
    sum.seconds += s.seconds * s.quantity;
    sum.low += s.secondsLow * s.quantity;
    sum.high += s.secondsHigh * s.quantity;
    out.set(key, sum);
  }
  for (const key of standing.keys()) if (!out.has(key)) out.set(key, { ...NONE });
  return new Map([...out].map(([key, sum]) => [key, earnedOf(sum, standing.get(key) ?? 0)]));
}

type Sums = { -readonly [K in keyof Takings]: number } & {
  material: number;
  seconds: number;
  low: number;
  high: number;
};
const NONE: Sums = {
  pieces: 0,
  customers: 0,
  paid: 0,
  tax: 0,
  fees: 0,
  kept: 0,
  material: 0,
  seconds: 0,
  low: 0,
  high: 0,
};

function earnedOf({ low, high, ...sum }: Sums, standing: number): Earned {
  const forTime = sum.kept - standing - sum.material;
  const hour = (seconds: number) => (seconds > 0 ? (forTime * 3600) / seconds : undefined);
  const ends = [hour(low), hour(high)].filter((x) => x !== undefined);
  return {
    ...sum,
    standing,
    forTime,
    perHour: hour(sum.seconds),
    perHourLow: ends.length > 0 ? Math.min(...ends) : undefined,
    perHourHigh: ends.length > 0 ? Math.max(...ends) : undefined,
  };
}
