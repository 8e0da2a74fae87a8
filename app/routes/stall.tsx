import { data } from "react-router";
import type { Route } from "./+types/stall";
import { findMarket, listBrought } from "@db/queries/places";
import { listSales } from "@db/queries/sales";
import { actsOfSales } from "../features/sell/stall-acts";
import { StallTable } from "../features/sell/stall-table";
import { shown } from "../features/sell/ware-name";
import { wareKey } from "../features/sell/wares";
import { allPieces, allPrices, loadWares, priceListOf } from "../features/sell/wares.server";
import { openWorkshop } from "../server/scope.server";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.name ?? "Stall"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const market = await findMarket(scope, params.id);
  if (!market) throw data(null, { status: 404 });
  const [{ wares, channels }, brought, prices, sales, pieces] = await Promise.all([
    loadWares(scope, workshop),
    listBrought(scope, market.id),
    allPrices(scope),
    listSales(scope, { marketId: market.id, withUndone: true }),
    allPieces(scope),
  ]);
  const priceOf = priceListOf(prices);
  const known = new Set([
    ...brought.map((b) => wareKey(b.itemId, b.colourwayId)),
    ...sales.map((s) => wareKey(s.itemId, s.colourwayId)),
  ]);
  const seconds = pieces.filter(
    (p) => p.placeId === market.placeId && p.grade === "second" && p.quantity > 0,
  );
  const full = new Map(brought.map((b) => [wareKey(b.itemId, b.colourwayId), b.quantity]));
  return {
    id: market.id,
    name: market.name,
    state: market.state,
    workshop: workshop.id,
    tax: channels.find((c) => c.id === market.channelId)?.taxIncluded === false,
    acts: actsOfSales(sales),
    tiles: wares
      .filter((w) => known.has(w.key))
      .map((w) => ({
        ...shown(w),
        itemId: w.itemId,
        colourwayId: w.colourwayId,
        price: priceOf(w, market.channelId),
        second: seconds.some((s) => s.itemId === w.itemId && s.colourwayId === w.colourwayId)
          ? w.analysed.entry.item.secondBrings || undefined
          : undefined,
        brought: full.get(w.key) ?? 0,
      })),
  };
}

export type StallData = Awaited<ReturnType<typeof loader>>;

/** The stall works by itself once it is open: a sale asks nothing of the page anew. */
export const shouldRevalidate = () => false;

export default function Stall({ loaderData }: Route.ComponentProps) {
  return <StallTable key={loaderData.id} stall={loaderData} />;
}
