import { minor } from "../core/units";
import { parseDate, toZoned, getLocalTimeZone } from "@internationalized/date";
import {
  noteTold,
  saveShop,
  saveShopProducts,
  listShopProducts,
  sendOrder,
  setPacked,
  takeOrders,
  untoldOrders,
  waitingOrders,
  type NewOrder,
} from "@db/queries/shop";
import type { Scope } from "@db/scope";
import type { DemoWare } from "./sales";

const POSTAGE = 350;

/**
 * A web shop that is open: an order that is on its way, one that is packed, one that can be, and one of more
 * than there is.
 */
export async function sowShop(
  scope: Scope,
  wares: readonly DemoWare[],
  channelId: string,
  today: string,
): Promise<void> {
  await saveShop(scope, { channelId, placeId: "", open: true });
  await saveShopProducts(
    scope,
    wares.slice(0, 8).map((w, i) => ({
      itemId: w.itemId,
      colourwayId: w.colourwayId,
      offered: true,
      keepBack: i === 0 ? 1 : 0,
    })),
  );
  const products = await listShopProducts(scope);
  const at = (ago: number, hour: number) =>
    toZoned(parseDate(today).subtract({ days: ago }), scope.zone ?? getLocalTimeZone())
      .set({ hour })
      .toDate();
  const order = (
    number: string,
    placedAt: Date,
    person: Pick<NewOrder, "customer" | "address">,
    what: readonly (readonly [ware: number, quantity: number])[],
    wishes = "",
  ): NewOrder => {
    const lines = what.flatMap(([i, quantity]) => {
      const w = wares[i];
      const p = products.find((x) => x.itemId === w?.itemId && x.colourwayId === w.colourwayId);
      return w && p ? [{ sku: p.sku, quantity, unitPrice: minor(w.price) }] : [];
    });
    const total = lines.reduce((n, l) => n + l.quantity * l.unitPrice, POSTAGE);
    const money = { currency: "EUR", postage: minor(POSTAGE), total: minor(total) };
    return { number, seq: 1, said: "placed", placedAt, wishes, lines, ...person, ...money };
  };
  await takeOrders(
    scope,
    [
      order("1031", at(4, 20), { customer: "Ines", address: "12 Rope Lane\nNorthwick Sound" }, [[0, 1]]),
      order("1032", at(2, 9), { customer: "Torvald", address: "3 Gull Steps\nSaltholm" }, [
        [2, 1],
        [5, 2],
      ]),
      order(
        "1033",
        at(1, 21),
        { customer: "Maeve", address: "Lantern Row 8\nMarram Bay" },
        [[3, 1]],
        "It is a present: no bill in the parcel, please.",
      ),
      order("1034", at(1, 22), { customer: "Bram", address: "40 Net Street\nEastmole" }, [[4, 3]]),
    ],
    "",
  );
  const [sent, packed] = await waitingOrders(scope);
  if (!sent || !packed) return;
  await sendOrder(
    scope,
    sent.id,
    { at: at(3, 10), soldOn: parseDate(today).subtract({ days: 3 }).toString() },
    (l) => ({ listPrice: l.unitPrice, taken: minor(l.unitPrice * l.quantity) }),
  );
  // The stand-in begins with no orders of its own: these it never heard of.
  for (const o of await untoldOrders(scope)) await noteTold(scope, o.id);
  await setPacked(scope, packed.id, true);
}
