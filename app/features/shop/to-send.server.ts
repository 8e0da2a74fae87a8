import { findShop, waitingOrders } from "@db/queries/shop";
import type { Scope } from "@db/scope";
import { keep } from "../../server/kept";
import { allPieces, commissionedByWare } from "../sell/wares.server";
import { lacksOf, thereAt } from "./lacks";

/** Orders that Today speaks of. */
const SHOWN = 5;

/** What the shop waits for: the oldest orders first, with what each of them lacks. */
export async function ordersToSend(scope: Scope, nameOf: (itemId: string) => string | undefined) {
  const waiting = await keep(scope, "orders to send", ["shelf"], async () => ({
    orders: await waitingOrders(scope),
    from: (await findShop(scope))?.placeId ?? "",
  }));
  if (waiting.orders.length === 0) return undefined;
  const [pieces, commissioned] = await Promise.all([allPieces(scope), commissionedByWare(scope)]);
  const short = lacksOf(waiting.orders, thereAt(pieces, waiting.from), commissioned, waiting.from);
  return {
    more: Math.max(0, waiting.orders.length - SHOWN),
    orders: waiting.orders.slice(0, SHOWN).map((o) => ({
      id: o.id,
      number: o.number,
      state: o.state,
      cancelled: o.cancelled,
      customer: o.customer,
      what: o.lines.map((l) => `${l.quantity} × ${(l.itemId && nameOf(l.itemId)) || l.sku}`).join(", "),
      short: [...(short.get(o.id)?.values() ?? [])].reduce((n, x) => n + x, 0),
      unknown: o.lines.some((l) => l.itemId === null),
      untold: false,
    })),
  };
}
export type OrdersToSend = NonNullable<Awaited<ReturnType<typeof ordersToSend>>>;
