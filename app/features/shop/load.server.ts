import { endedOrders, findShop, waitingOrders, type OrderWithLines, type Shop } from "@db/queries/shop";
import { dayOf, todayOf, type Opened } from "../../server/scope.server";
import { printMoment } from "../../ui/days";
import { wareKey } from "../sell/wares";
import { lacksOf } from "./lacks";
import type { OrderRow } from "./order-table";
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
  const show = shownWith(offer.offers, lacksOf(waiting, offer.atPlace, offer.commissioned, own.placeId));
  return { own, ...offer, waiting: waiting.map(show), over: over.map(show), show };
}

function shownWith(
  offers: readonly Offered[],
  short: ReturnType<typeof lacksOf>,
): (order: OrderWithLines) => OrderShown {
  const of = new Map(offers.map((o) => [o.ware.key, o]));
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

/** An order as a list shows it. */
export const orderRow = ({ order: o, lines, short }: OrderShown, zone: string | undefined): OrderRow => ({
  id: o.id,
  number: o.number,
  state: o.state,
  cancelled: o.cancelled,
  customer: o.customer,
  placedOn: dayOf(o.placedAt, zone),
  what: lines.map((l) => `${l.quantity} × ${l.offered?.ware.label ?? `${l.sku}, not known here`}`).join(", "),
  total: o.total,
  currency: o.currency,
  short,
  unknown: lines.some((l) => !l.offered),
  untold: o.tell !== null,
});

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
