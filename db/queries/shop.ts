import type { Minor } from "@core/units";
import { and, asc, desc, eq, inArray, isNull, lt, lte, ne, or, sql } from "drizzle-orm";
import { heard } from "@core/shelf/shop";
import { changeRow, mustOwn } from "../change";
import type { Database } from "../connect";
import { beat, changing } from "../pulse";
import { channel, place, shop, shopOrder, shopOrderLine, shopProduct, workshop } from "../schema";
import { mine, newId, NotThere, transact, type Scope } from "../scope";
import { mustOwnPieces } from "./pieces";
import { keepSales, undoSales, type NewSale } from "./sales";

export type Shop = typeof shop.$inferSelect;
export type ShopProduct = typeof shopProduct.$inferSelect;
export type ShopOrder = typeof shopOrder.$inferSelect;
export type ShopOrderLine = typeof shopOrderLine.$inferSelect;
export type ShopOrderState = ShopOrder["state"];
/** States in which the pieces of an order are still on the shelf, and nobody else's. */
export const WAITING = ["placed", "packed"] as const;
/** So long after an order ended its customer is kept: a parcel may come back. */
export const PARCEL_DAYS = 90;
/** A round that did not end in this time ended with its process. */
const LEASE_MS = 120_000;

export async function findShop(scope: Scope): Promise<Shop | undefined> {
  const [row] = await scope.db.select().from(shop).where(mine(scope, shop)).limit(1);
  return row;
}

/** Opens the shop, or changes how it is sold there. A new one is asked at once. */
export async function saveShop(
  scope: Scope,
  content: Pick<Shop, "channelId" | "placeId" | "open">,
): Promise<void> {
  await changing(scope, "shelf", async (tx) => {
    await mustOwn(tx, channel, content.channelId, "The way of selling");
    await mustOwn(tx, place, content.placeId === "" ? null : content.placeId, "The place");
    await tx.db
      .insert(shop)
      .values({ ...content, workshopId: tx.workshopId })
      .onDuplicateKeyUpdate({
        set: { ...content, nextAt: null, misses: 0, version: sql`${shop.version} + 1` },
      });
  });
}

export const listShopProducts = (scope: Scope): Promise<ShopProduct[]> =>
  scope.db.select().from(shopProduct).where(mine(scope, shopProduct)).orderBy(asc(shopProduct.sku));

export interface OfferedPiece {
  readonly itemId: string;
  readonly colourwayId: string;
  readonly offered: boolean;
  readonly keepBack: number;
}
/** Says what is offered in the shop. A kind gets its short name once and keeps it. */
export async function saveShopProducts(scope: Scope, pieces: readonly OfferedPiece[]): Promise<void> {
  if (pieces.length === 0) return;
  await changing(scope, "shelf", async (tx) => {
    await mustOwnPieces(tx, pieces, []);
    // Short names are given one after the other: whoever asks meanwhile waits here.
    await tx.db
      .select({ id: workshop.id })
      .from(workshop)
      .where(eq(workshop.id, tx.workshopId))
      .for("update");
    const known = await listShopProducts(tx);
    let last = Math.max(0, ...known.map((p) => Number(/\d+$/.exec(p.sku)?.[0] ?? 0)));
    for (const { itemId, colourwayId, offered, keepBack } of pieces) {
      const had = known.find((k) => k.itemId === itemId && k.colourwayId === colourwayId);
      if (!had && !offered) continue;
      const sku = had?.sku ?? `P-${String(++last).padStart(4, "0")}`;
      await tx.db
        .insert(shopProduct)
        .values({ workshopId: tx.workshopId, sku, itemId, colourwayId, offered, keepBack })
        .onDuplicateKeyUpdate({ set: { offered, keepBack } });
    }
  });
}

/** Writes down what the shop was told of its stock. */
export async function noteStockTold(
  scope: Scope,
  stock: readonly { readonly sku: string; readonly quantity: number }[],
): Promise<void> {
  await changing(scope, "shelf", async (tx) => {
    const known = new Map((await listShopProducts(tx)).map((p) => [p.sku, p.told]));
    for (const s of stock.filter((x) => known.get(x.sku) !== x.quantity))
      await tx.db
        .update(shopProduct)
        .set({ told: s.quantity })
        .where(mine(tx, shopProduct, eq(shopProduct.sku, s.sku)));
  });
}

export interface OrderWithLines extends ShopOrder {
  readonly lines: readonly ShopOrderLine[];
}

async function withLines(scope: Scope, orders: readonly ShopOrder[]): Promise<OrderWithLines[]> {
  if (orders.length === 0) return [];
  const lines = await scope.db
    .select()
    .from(shopOrderLine)
    .where(
      mine(
        scope,
        shopOrderLine,
        inArray(
          shopOrderLine.orderId,
          orders.map((o) => o.id),
        ),
      ),
    )
    .orderBy(asc(shopOrderLine.orderId), asc(shopOrderLine.position));
  return orders.map((o) => ({ ...o, lines: lines.filter((l) => l.orderId === o.id) }));
}

/** Orders that are not sent yet, the oldest first. */
export const waitingOrders = async (scope: Scope): Promise<OrderWithLines[]> =>
  withLines(
    scope,
    await scope.db
      .select()
      .from(shopOrder)
      .where(mine(scope, shopOrder, inArray(shopOrder.state, [...WAITING])))
      .orderBy(asc(shopOrder.placedAt), asc(shopOrder.number)),
  );

/** Orders that are over, the newest first. */
export const endedOrders = async (scope: Scope, most: number): Promise<OrderWithLines[]> =>
  withLines(
    scope,
    await scope.db
      .select()
      .from(shopOrder)
      .where(mine(scope, shopOrder, inArray(shopOrder.state, ["sent", "off", "back"])))
      .orderBy(desc(shopOrder.endedAt), desc(shopOrder.number))
      .limit(most),
  );

export async function findOrder(scope: Scope, id: string): Promise<OrderWithLines | undefined> {
  const rows = await scope.db
    .select()
    .from(shopOrder)
    .where(mine(scope, shopOrder, eq(shopOrder.id, id)))
    .limit(1);
  return (await withLines(scope, rows))[0];
}

/** What the shop says of an order: all of it, as it is at this number. */
export interface NewOrder extends Pick<
  ShopOrder,
  "number" | "seq" | "placedAt" | "customer" | "address" | "wishes" | "currency" | "postage" | "total"
> {
  readonly said: "placed" | "cancelled";
  readonly lines: readonly Pick<ShopOrderLine, "sku" | "quantity" | "unitPrice">[];
}

/**
 * Takes in what the shop says of its orders, and where its list goes on. Said twice is once; an older word
 * changes nothing. Answers how many were new, changed or called off.
 */
export async function takeOrders(scope: Scope, orders: readonly NewOrder[], cursor: string): Promise<number> {
  return transact(scope, async (tx) => {
    const products = new Map((await listShopProducts(tx)).map((p) => [p.sku, p]));
    // In one order, so that two processes never wait for each other.
    const sorted = [...orders].sort((a, b) =>
      a.number < b.number ? -1 : a.number > b.number ? 1 : a.seq - b.seq,
    );
    let taken = 0;
    for (const o of sorted) if (await takeOrder(tx, o, products)) taken++;
    await tx.db.update(shop).set({ cursor }).where(mine(tx, shop));
    // Asked every few seconds it mostly has nothing new, and what is kept of the shelf stays.
    if (taken > 0) await beat(tx, "shelf");
    return taken;
  });
}

async function takeOrder(
  tx: Scope,
  { said, lines, ...o }: NewOrder,
  products: ReadonlyMap<string, ShopProduct>,
): Promise<boolean> {
  const [known] = await tx.db
    .select()
    .from(shopOrder)
    .where(mine(tx, shopOrder, eq(shopOrder.number, o.number)))
    .for("update");
  const now = heard(known, { seq: o.seq, state: said });
  if (now === "nothing new") return false;
  const ended = now.state === "off" && known?.state !== "off" ? { endedAt: tx.now } : {};
  // Who was forgotten stays forgotten, whatever the shop says again.
  const { customer, address, wishes, ...rest } = o;
  const person = known?.forgottenAt || known?.state === "sent" ? {} : { customer, address, wishes };
  const id = known?.id ?? newId();
  if (known) await changeRow(tx, shopOrder, id, { ...rest, ...person, ...now, ...ended }, "The order");
  else
    await tx.db.insert(shopOrder).values({
      ...rest,
      ...person,
      ...now,
      ...ended,
      customer,
      id,
      workshopId: tx.workshopId,
      createdAt: tx.now,
    });
  // What was sent stands in the book of sales as it was sent.
  if (known && now.state !== "placed" && now.state !== "packed") return true;
  const before = new Map(
    known ? (await withLines(tx, [known])).flatMap((k) => k.lines.map((l) => [l.sku, l] as const)) : [],
  );
  await tx.db.delete(shopOrderLine).where(mine(tx, shopOrderLine, eq(shopOrderLine.orderId, id)));
  await tx.db.insert(shopOrderLine).values(
    lines.map((l, position) => {
      // Also what she said herself of a name that is not known here.
      const p = products.get(l.sku) ?? before.get(l.sku);
      return {
        ...l,
        workshopId: tx.workshopId,
        orderId: id,
        position,
        itemId: p?.itemId ?? null,
        colourwayId: p?.colourwayId ?? "",
      };
    }),
  );
  return true;
}

/** What a line is of, where the shop's name for it was not known. */
export async function sayWhatLineIs(
  scope: Scope,
  orderId: string,
  position: number,
  piece: { readonly itemId: string; readonly colourwayId: string },
): Promise<void> {
  await changing(scope, "shelf", async (tx) => {
    await lockedOrder(tx, orderId, WAITING);
    await mustOwnPieces(tx, [piece], []);
    await tx.db
      .update(shopOrderLine)
      .set(piece)
      .where(
        mine(
          tx,
          shopOrderLine,
          and(eq(shopOrderLine.orderId, orderId), eq(shopOrderLine.position, position)),
        ),
      );
  });
}

async function lockedOrder(
  tx: Scope,
  id: string,
  states: readonly ShopOrderState[],
): Promise<ShopOrder | undefined> {
  const [o] = await tx.db
    .select()
    .from(shopOrder)
    .where(mine(tx, shopOrder, eq(shopOrder.id, id)))
    .for("update");
  if (!o) throw new NotThere("The order");
  return states.includes(o.state) ? o : undefined;
}

/** Packed, or unpacked again. @throws NotThere */
export const setPacked = (scope: Scope, id: string, packed: boolean): Promise<void> =>
  changing(scope, "shelf", async (tx) => {
    if (await lockedOrder(tx, id, WAITING))
      await changeRow(tx, shopOrder, id, { state: packed ? "packed" : "placed" }, "The order");
  });

const saleKey = (orderId: string, position: number): string => `shop:${orderId}:${position}`;

/**
 * On its way: its lines become sales and leave the place that the shop sends from; the shop is told with the
 * next round. Twice is once. @throws NotThere also where it is not known what a line is of
 */
export async function sendOrder(
  scope: Scope,
  id: string,
  sold: Pick<NewSale, "at" | "soldOn">,
  priceOf: (line: ShopOrderLine) => { readonly listPrice: Minor; readonly taken: Minor },
): Promise<void> {
  await transact(scope, async (tx) => {
    if (!(await lockedOrder(tx, id, WAITING))) return;
    const [order, own] = [await findOrder(tx, id), await findShop(tx)];
    if (!order || !own) throw new NotThere("The shop");
    await keepSales(
      tx,
      order.lines.map((l) => {
        if (l.itemId === null) throw new NotThere("What was ordered");
        return {
          ...sold,
          ...priceOf(l),
          key: saleKey(id, l.position),
          customer: `shop:${order.number}`,
          channelId: own.channelId,
          placeId: own.placeId,
          itemId: l.itemId,
          colourwayId: l.colourwayId,
          grade: "good" as const,
          quantity: l.quantity,
          paid: "other" as const,
          source: "shop" as const,
          note: `order ${order.number}`,
        };
      }),
    );
    await changeRow(tx, shopOrder, id, { state: "sent", tell: "sent", endedAt: tx.now }, "The order");
  });
}

/** Called off by her: there is none, and there will be none in time. The shop is told with the next round. */
export const callOrderOff = (scope: Scope, id: string): Promise<void> =>
  changing(scope, "shelf", async (tx) => {
    if (await lockedOrder(tx, id, WAITING))
      await changeRow(tx, shopOrder, id, { state: "off", tell: "off", endedAt: tx.now }, "The order");
  });

/** The parcel came back: its pieces are on the shelf again, and nothing was sold. */
export async function orderCameBack(scope: Scope, id: string): Promise<void> {
  await transact(scope, async (tx) => {
    if (!(await lockedOrder(tx, id, ["sent"]))) return;
    const order = await findOrder(tx, id);
    await undoSales(
      tx,
      (order?.lines ?? []).map((l) => saleKey(id, l.position)),
    );
    await changeRow(tx, shopOrder, id, { state: "back" }, "The order");
  });
}

/** Orders of which the shop has still to be told something. */
export const untoldOrders = (scope: Scope): Promise<ShopOrder[]> =>
  scope.db
    .select()
    .from(shopOrder)
    .where(mine(scope, shopOrder, inArray(shopOrder.tell, ["sent", "off"])))
    .orderBy(asc(shopOrder.endedAt));

export const noteTold = (scope: Scope, id: string): Promise<void> =>
  changeRow(scope, shopOrder, id, { tell: null }, "The order");

/** Pieces of orders that wait, by item and colourway. */
export async function orderedPieces(
  scope: Scope,
): Promise<{ itemId: string; colourwayId: string; quantity: number }[]> {
  const rows = await scope.db
    .select({
      itemId: shopOrderLine.itemId,
      colourwayId: shopOrderLine.colourwayId,
      quantity: sql<string>`sum(${shopOrderLine.quantity})`,
    })
    .from(shopOrderLine)
    .innerJoin(shopOrder, eq(shopOrder.id, shopOrderLine.orderId))
    .where(mine(scope, shopOrder, inArray(shopOrder.state, [...WAITING])))
    .groupBy(shopOrderLine.itemId, shopOrderLine.colourwayId);
  return rows.flatMap((r) =>
    r.itemId === null ? [] : [{ itemId: r.itemId, colourwayId: r.colourwayId, quantity: Number(r.quantity) }],
  );
}

/** Workshops whose shop is to be asked now. */
export const shopsDue = async (db: Database, now: Date): Promise<string[]> =>
  (
    await db
      .select({ id: shop.workshopId })
      .from(shop)
      .where(and(eq(shop.open, true), or(isNull(shop.nextAt), lte(shop.nextAt, now))))
      .limit(500)
  ).map((r) => r.id);

/** One process asks at a time, on whichever machine: true for the one that may. */
export async function beginRound(scope: Scope): Promise<boolean> {
  const [head] = await scope.db
    .update(shop)
    .set({ busyUntil: new Date(scope.now.getTime() + LEASE_MS) })
    .where(mine(scope, shop, or(isNull(shop.busyUntil), lt(shop.busyUntil, scope.now))));
  return head.affectedRows > 0;
}

export async function endRound(
  scope: Scope,
  how: Partial<Pick<Shop, "answeredAt" | "trouble" | "troubleSince" | "misses" | "nextAt">>,
): Promise<void> {
  await scope.db
    .update(shop)
    .set({ ...how, busyUntil: null })
    .where(mine(scope, shop));
}

/** Customers of parcels that are long gone are forgotten, in every workshop. Answers how many were. */
export async function forgetParcels(db: Database, now: Date): Promise<number> {
  const before = new Date(now.getTime() - PARCEL_DAYS * 86_400_000);
  const [head] = await db
    .update(shopOrder)
    .set({ customer: "", address: "", wishes: "", forgottenAt: now, version: sql`${shopOrder.version} + 1` })
    .where(and(lt(shopOrder.endedAt, before), isNull(shopOrder.forgottenAt), ne(shopOrder.customer, "")));
  return head.affectedRows;
}

/** The customer of one order is forgotten at once; what was sold and paid stays. */
export const forgetParcel = (scope: Scope, id: string): Promise<void> =>
  changing(scope, "shelf", (tx) =>
    changeRow(tx, shopOrder, id, { customer: "", address: "", wishes: "", forgottenAt: tx.now }, "The order"),
  );
