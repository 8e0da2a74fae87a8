import { lacking } from "@core/shelf/shop";
import { endedOrders, findShop, waitingOrders, type OrderWithLines, type Shop } from "@db/queries/shop";
import { dayOf, todayOf, type Opened } from "../../server/scope.server";
import { printMoment } from "../../ui/days";
import { wareKey } from "../sell/wares";
import { loadOffer, type Offered } from "./offer.server";

export interface OrderLineShown {
  readonly position: number;
  /** What the shop calls it. */
  readonly sku: string;
  /** Undefined where it is not known what that is, or the item is deleted. */
  readonly offered: Offered | undefined;
  readonly quantity: number;
  readonly unitPrice: number;
  readonly short: number;
}
export interface OrderShown {
  readonly order: OrderWithLines;
  readonly lines: readonly OrderLineShown[];
  /** Pieces that have to be made before it can go. */
  readonly short: number;
}

/** The shop with its orders, and what each of them lacks; who ordered first is served first. */
export async function openShop({ scope, workshop }: Opened, ended = 0) {
  const own = await findShop(scope);
  if (!own) return undefined;
  const [offer, waiting, over] = await Promise.all([
    loadOffer(scope, workshop, own),
    waitingOrders(scope),
    ended > 0 ? endedOrders(scope, ended) : [],
  ]);
  const show = shownWith(offer.offers, waiting);
  return { own, ...offer, waiting: waiting.map(show), over: over.map(show), show };
}

function shownWith(
  offers: readonly Offered[],
  waiting: readonly OrderWithLines[],
): (order: OrderWithLines) => OrderShown {
  const of = new Map(offers.map((o) => [o.ware.key, o]));
  const short = lacking(
    new Map(offers.map((o) => [o.ware.key, o.there - o.promised])),
    waiting.flatMap((o) =>
      o.lines.flatMap((l) =>
        l.itemId === null
          ? []
          : [{ orderId: o.id, key: wareKey(l.itemId, l.colourwayId), quantity: l.quantity }],
      ),
    ),
  );
  return (order) => {
    const left = new Map(short.get(order.id));
    const lines = order.lines.map((l): OrderLineShown => {
      const key = l.itemId === null ? "" : wareKey(l.itemId, l.colourwayId);
      // Two lines of one kind share what it lacks: the last of them first.
      const lacks = Math.min(l.quantity, left.get(key) ?? 0);
      left.set(key, (left.get(key) ?? 0) - lacks);
      return {
        position: l.position,
        sku: l.sku,
        offered: of.get(key),
        quantity: l.quantity,
        unitPrice: l.unitPrice,
        short: lacks,
      };
    });
    return { order, lines, short: lines.reduce((n, l) => n + l.short, 0) };
  };
}

/** How a shop stands, in words that a page can show: moments as the workshop's clock has them. */
export function standingOf(s: Shop, { scope, workshop }: Opened) {
  const today = todayOf(scope);
  const when = (at: Date | null) =>
    at ? printMoment(at, workshop.locale, scope.zone, dayOf(at, scope.zone) === today) : undefined;
  return {
    open: s.open,
    channelId: s.channelId,
    placeId: s.placeId,
    answeredAt: when(s.answeredAt),
    trouble: s.trouble ?? undefined,
    troubleSince: when(s.troubleSince),
    nextAt: when(s.nextAt),
  };
}
