/** A line of an order that is not sent yet, of one kind of piece. */
export interface OpenLine {
  readonly orderId: string;
  /** The kind of piece: "item:colourway". */
  readonly key: string;
  readonly quantity: number;
}

/**
 * What of open orders the shelf covers: who ordered first is served first, line by line.
 * @param free good pieces by kind that are promised to nobody else
 * @param lines the oldest order first
 * @returns pieces that are lacking, by order and kind; orders that can be packed are not in it
 * @example lacking(new Map([["a", 2]]), [{ orderId: "1", key: "a", quantity: 2 }, { orderId: "2", key: "a", quantity: 1 }])
 * // Map { "2" => Map { "a" => 1 } }
 */
export function lacking(
  free: ReadonlyMap<string, number>,
  lines: readonly OpenLine[],
): ReadonlyMap<string, ReadonlyMap<string, number>> {
  const left = new Map(free);
  const out = new Map<string, Map<string, number>>();
  for (const l of lines) {
    const there = Math.max(0, left.get(l.key) ?? 0);
    const taken = Math.min(there, l.quantity);
    left.set(l.key, there - taken);
    if (taken === l.quantity) continue;
    const short = out.get(l.orderId) ?? new Map<string, number>();
    short.set(l.key, (short.get(l.key) ?? 0) + l.quantity - taken);
    out.set(l.orderId, short);
  }
  return out;
}

/**
 * Pieces that a shop may offer of one kind: what is there, without what is promised, what is ordered already,
 * and what she keeps for who comes to the stall. Never below none.
 */
export const offered = (of: {
  readonly there: number;
  readonly promised: number;
  readonly ordered: number;
  readonly keepBack: number;
}): number => Math.max(0, of.there - of.promised - of.ordered - of.keepBack);

export type ShopOrderState = "placed" | "packed" | "sent" | "off" | "back";

/** What is known of an order of which the shop speaks again. */
export interface KnownOrder {
  readonly seq: number;
  readonly state: ShopOrderState;
}

/**
 * What comes of a word of the shop on an order. Words come twice and in any order: each says all of the order
 * as it was at its number, so that only the newest counts. A customer may call off what is not sent; what is
 * on its way can only come back.
 */
export function heard(
  known: KnownOrder | undefined,
  word: { readonly seq: number; readonly state: "placed" | "cancelled" },
): { readonly state: ShopOrderState; readonly cancelled: boolean } | "nothing new" {
  if (known && word.seq <= known.seq) return "nothing new";
  const cancelled = word.state === "cancelled";
  const state = known?.state ?? "placed";
  const waiting = state === "placed" || state === "packed";
  return { state: cancelled && waiting ? "off" : state, cancelled };
}

const FIRST_PAUSE_S = 20;
const LONGEST_PAUSE_S = 600;
/** Seconds until a shop is asked again: twenty as a rule, and ever more while it is away. */
export const pauseAfter = (misses: number): number =>
  Math.min(LONGEST_PAUSE_S, FIRST_PAUSE_S * 2 ** Math.min(misses, 10));
