import { minor } from "@core/units";
import { setTimeout } from "node:timers/promises";
import { pauseAfter } from "@core/shelf/shop";
import {
  beginRound,
  endRound,
  findShop,
  noteStockTold,
  noteTold,
  takeOrders,
  untoldOrders,
  type NewOrder,
  type Shop,
} from "@db/queries/shop";
import type { Workshop } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import type { OrdersAnswer, OrderWord } from "./feed";
import { shopPicture, toldOffer } from "./offer.server";
import { ShopFailed, type ShopFeed } from "./shop.server";

/** Pages of orders in one round, and pictures: a round ends before the next begins. */
const MOST_PAGES = 20;
const MOST_PICTURES = 2;

export type Round =
  | { readonly kind: "asked"; readonly orders: number }
  | { readonly kind: "failed"; readonly why: ShopFailed["trouble"] }
  | { readonly kind: "busy" }
  | { readonly kind: "none" };

/**
 * One round with the shop: what it has of orders is taken in, what was sent or called off is told, and what is
 * offered and how much of it. Whatever fails is said again with the next round.
 */
export async function shopRound(scope: Scope, workshop: Workshop, feed: ShopFeed): Promise<Round> {
  const own = await findShop(scope);
  if (!own?.open) return { kind: "none" };
  if (!(await beginRound(scope))) return { kind: "busy" };
  try {
    const { orders, last } = await takeAll(scope, own, feed);
    await tellAll(scope, feed);
    await tellOffer(scope, workshop, own, feed, last);
    await endRound(scope, {
      answeredAt: new Date(),
      trouble: null,
      troubleSince: null,
      misses: 0,
      nextAt: after(0),
    });
    return { kind: "asked", orders };
  } catch (error) {
    const why = error instanceof ShopFailed ? error.trouble : undefined;
    await endRound(scope, {
      ...(why ? { trouble: why, troubleSince: own.troubleSince ?? new Date() } : {}),
      misses: own.misses + 1,
      nextAt: after(own.misses + 1),
    });
    if (!why) throw error;
    return { kind: "failed", why };
  }
}

const WAIT_MS = 500;
const MOST_WAIT_MS = 20_000;

/** A round at once. Where the shop is asked anyway it comes behind that round: the page shows what stands then. */
export async function shopRoundNow(scope: Scope, workshop: Workshop, feed: ShopFeed): Promise<Round> {
  for (let waited = 0; ; waited += WAIT_MS) {
    const round = await shopRound({ ...scope, now: new Date() }, workshop, feed);
    if (round.kind !== "busy" || waited >= MOST_WAIT_MS) return round;
    await setTimeout(WAIT_MS);
  }
}

const after = (misses: number): Date => new Date(Date.now() + pauseAfter(misses) * 1000);

async function takeAll(
  scope: Scope,
  own: Shop,
  feed: ShopFeed,
): Promise<{ orders: number; last: OrdersAnswer }> {
  let cursor = own.cursor;
  let orders = 0;
  for (let page = 1; ; page++) {
    const answer = await feed.orders(cursor);
    orders += await takeOrders(scope, answer.orders.map(orderOf), answer.next);
    // A shop that says "more" and stands still is asked again with the next round.
    if (!answer.more || answer.next === cursor || page >= MOST_PAGES) return { orders, last: answer };
    cursor = answer.next;
  }
}

const orderOf = ({ state, shipTo, placedAt, lines, ...o }: OrderWord): NewOrder => ({
  ...o,
  lines: lines.map((l) => ({ ...l, unitPrice: minor(l.unitPrice) })),
  postage: minor(o.postage),
  total: minor(o.total),
  said: state,
  placedAt: new Date(placedAt),
  customer: shipTo.name,
  address: shipTo.address,
});

async function tellAll(scope: Scope, feed: ShopFeed): Promise<void> {
  for (const o of await untoldOrders(scope)) {
    const at = o.endedAt ?? scope.now;
    if (o.tell === "sent") await feed.sent(o.number, at);
    else await feed.calledOff(o.number, at, "It cannot be made in time.");
    // An order that the shop does not know any more is not told again.
    await noteTold(scope, o.id);
  }
}

/** Says anew what the shop does not know as it is: it says itself what it was told last. */
async function tellOffer(
  scope: Scope,
  workshop: Workshop,
  own: Shop,
  feed: ShopFeed,
  last: OrdersAnswer,
): Promise<void> {
  const { catalogue, stock, wares } = await toldOffer(scope, workshop, own);
  if (catalogue.digest !== last.catalogue) await feed.catalogue(catalogue);
  if (stock.digest !== last.stock) {
    await feed.stock({ ...stock, at: Date.now() });
    await noteStockTold(scope, stock.stock);
  }
  for (const sku of last.wanted.slice(0, MOST_PICTURES)) {
    const ware = wares.get(sku);
    const mark = ware?.picture?.mark;
    const png = ware && mark ? await shopPicture(scope, workshop, ware) : undefined;
    if (mark && png) await feed.picture(sku, { mark, png });
  }
}
