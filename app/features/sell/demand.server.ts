import { learnDemand, type DemandModel } from "@core/shelf/demand";
import type { Channel } from "@db/queries/workshops";
import type { Place } from "@db/queries/places";
import type { Sale } from "@db/queries/sales";
import type { Scope } from "@db/scope";
import { keep } from "../../server/kept";
import { marketSeries, weeklySeries } from "./history";
import { allBrought, allMarkets, marketSales, shopSales, type Ware } from "./wares.server";

export const dayNumber = (day: string): number => Math.floor(Date.parse(`${day}T00:00:00Z`) / 86_400_000);

/** What is learned of wares rests on what they are, too. */
const wareMarks = (wares: readonly Ware[]): string => wares.map((w) => `${w.key}${w.kind}${w.season}`).join();

/** What market days of a channel ask for, learned once until something is sold. */
export async function demandAt(
  scope: Scope,
  channelId: string,
  wares: readonly Ware[],
): Promise<DemandModel> {
  const [markets, brought, sales] = await Promise.all([
    allMarkets(scope),
    allBrought(scope),
    marketSales(scope),
  ]);
  return keep(
    scope,
    `demand ${channelId}`,
    ["shelf"],
    async () => learnDemand(marketSeries(channelId, markets, brought, sales, wares)),
    wareMarks(wares),
  );
}

/** A place that sells all the time: a shelf in a shop, or a channel that is sold from home. */
export interface Outlet {
  readonly channel: Channel;
  /** Empty for what is sold from home. */
  readonly placeId: string;
  readonly name: string;
  /** Its channel has other shelves: only what sold here tells of it. */
  readonly shared: boolean;
}

export function outletsOf(
  channels: readonly Channel[],
  places: readonly Place[],
  sales: readonly Sale[],
): Outlet[] {
  return channels.flatMap((channel): Outlet[] => {
    const shelves = places.filter((p) => p.kind === "shelf" && p.channelId === channel.id);
    if (shelves.length > 0)
      return shelves.map((p) => ({ channel, placeId: p.id, name: p.name, shared: shelves.length > 1 }));
    // Sold without a market and from home: a shop of her own. Who buys many at once orders them first.
    return channel.leastPieces <= 1 && soldFrom(sales, channel.id).some((s) => s.placeId === "")
      ? [{ channel, placeId: "", name: channel.name, shared: false }]
      : [];
  });
}

/** What sold through a channel without being made for somebody: a commission says nothing of the next week. */
const soldFrom = (sales: readonly Sale[], channelId: string): Sale[] =>
  sales.filter((s) => s.channelId === channelId && s.source !== "order");

/** What sold at an outlet. */
export const soldAt = ({ channel, placeId, shared }: Outlet, sales: readonly Sale[]): Sale[] =>
  soldFrom(sales, channel.id).filter((s) => !shared || s.placeId === placeId);

/** What an outlet asks for in a week, learned once until something is sold. */
export function weeklyDemand(
  scope: Scope,
  outlet: Outlet,
  wares: readonly Ware[],
  today: string,
  from: string,
): Promise<DemandModel> {
  const { channel, placeId, shared } = outlet;
  return keep(
    scope,
    `weeks ${channel.id} ${shared ? placeId : ""}`,
    ["shelf"],
    async () => {
      const sales = soldAt(outlet, await shopSales(scope, from));
      return learnDemand(weeklySeries(channel.id, dayNumber(today), dayNumber, sales, wares));
    },
    `${today} ${wareMarks(wares)}`,
  );
}
