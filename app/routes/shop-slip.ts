import { data } from "react-router";
import type { Route } from "./+types/shop-slip";
import { findOrder } from "@db/queries/shop";
import { listResponse, paperSize } from "../features/paper/list.server";
import { openShop } from "../features/shop/load.server";
import { packingSlip } from "../features/shop/packing-slip";
import { cautionsByWare } from "../features/shop/offer.server";
import { dayOf, openWorkshop } from "../server/scope.server";

/** The slip that goes into a parcel, as PDF. The file's name says the number and nobody's name. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const [found, order] = await Promise.all([openShop(opened), findOrder(opened.scope, params.id)]);
  if (!found || !order) throw data(null, { status: 404 });
  const { lines } = found.show(order);
  const wares = lines.flatMap((l) => (l.offered ? [l.offered.ware] : []));
  const slip = packingSlip({
    number: order.number,
    maker: opened.workshop.name,
    paper: paperSize(new URL(request.url).searchParams),
    placedOn: dayOf(order.placedAt, opened.scope.zone),
    locale: opened.workshop.locale,
    customer: order.customer,
    address: order.address,
    lines: lines.map((l) => ({ what: l.offered?.ware.label ?? l.sku, quantity: l.quantity })),
    beside: await cautionsByWare(opened.scope, opened.workshop, wares),
  });
  return listResponse(slip, `packing slip ${order.number}`);
}
