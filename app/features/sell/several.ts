import {
  bundled,
  costPerSold,
  forBundle,
  NothingLeft,
  pointAtOrAbove,
  priceLeaving,
  saleAt,
} from "@core/costing";
import type { Making, SaleAt } from "@core/costing";
import { sellingOf, type ChannelView } from "../items/selling";

/** A piece as the reckoning of several needs it. Money in minor units. */
export interface Single {
  readonly key: string;
  readonly making: Making;
  /** What one sells for through each way of selling, by its id. */
  readonly prices: Readonly<Record<string, number>>;
}

export interface Together {
  /** What they would bring one by one. */
  readonly singly: number;
  readonly cost: number;
  /** The lowest price at which nothing is lost, and the one that leaves the margin; undefined where no price can. */
  readonly breakEven: number | undefined;
  readonly suggested: number | undefined;
  readonly at: SaleAt;
}

const lowest = (
  making: Making,
  c: ReturnType<typeof forBundle>,
  margin: number,
  points: readonly number[],
) => {
  try {
    return pointAtOrAbove(priceLeaving(costPerSold(making), c, margin), points);
  } catch (e) {
    if (e instanceof NothingLeft) return undefined;
    throw e;
  }
};

/**
 * Pieces sold as one at `price`, in a bag of their own: undefined while none is chosen. `chosen` says how many of
 * each; all are made at one wage.
 */
export function together(
  chosen: readonly { readonly piece: Single; readonly n: number }[],
  channel: ChannelView,
  price: number,
  terms: { readonly packaging: number; readonly margin: number; readonly points: readonly number[] },
): Together | undefined {
  const all = chosen.flatMap(({ piece, n }) => Array.from({ length: n }, () => piece));
  if (all.length === 0) return undefined;
  const making = bundled(
    all.map((p) => p.making),
    terms.packaging,
  );
  const c = forBundle(sellingOf(channel).channel, all.length);
  return {
    singly: all.reduce((sum, p) => sum + (p.prices[channel.id] ?? 0), 0),
    cost: costPerSold(making),
    breakEven: lowest(making, c, 0, []),
    suggested: lowest(making, c, terms.margin, terms.points),
    at: saleAt(price, making, c),
  };
}

export interface Outright {
  readonly price: number;
  readonly at: SaleAt;
  /** The share of the list price from which her hour is paid; above 1: not even the whole of it. */
  readonly paysFrom: number | undefined;
}

/**
 * A piece sold to a shop that buys outright, at a share of what it sells for to her own customers: no fee of a
 * customer is taken, what remains are the terms of `channel`; none: nothing is taken.
 */
export function outright(
  piece: Single,
  list: number,
  share: number,
  channel: ChannelView | undefined,
): Outright {
  const { channel: c } = sellingOf(channel);
  const price = Math.round(list * share);
  let paysFrom: number | undefined;
  try {
    paysFrom = list > 0 ? priceLeaving(costPerSold(piece.making), c, 0) / list : undefined;
  } catch (e) {
    if (!(e instanceof NothingLeft)) throw e;
  }
  return { price, at: saleAt(price, piece.making, c), paysFrom };
}
