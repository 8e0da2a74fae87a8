import { parseDate } from "@internationalized/date";
import { learnDemand, type DemandModel } from "@core/shelf/demand";
import { fitInto, restock, type Restock } from "@core/shelf/restock";
import type { Channel } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import { keep } from "../../server/kept";
import { todayOf, type Opened } from "../../server/scope.server";
import { weeklySeries } from "./history";
import { wareKey } from "./wares";
import {
  allPieces,
  allPlaces,
  allPrices,
  earningIn,
  loadWares,
  priceListOf,
  shopSales,
  type Ware,
} from "./wares.server";

const dayNumber = (day: string): number => Math.floor(Date.parse(`${day}T00:00:00Z`) / 86_400_000);
/** Two years tell of a year's shape; what lies further back has faded. */
const LEARNED_WEEKS = 104;
/** Weeks that are looked ahead. */
const AHEAD = 13;
/** What a piece that stands too long costs: so much of its materials, and of what its sale leaves. */
const IDLE = { material: 0.5, leaves: 0.1 } as const;

/** What a channel that sells all the time asks for in a week, learned once until something is sold. */
function weeklyDemand(
  scope: Scope,
  channelId: string,
  wares: readonly Ware[],
  today: string,
  from: string,
): Promise<DemandModel> {
  return keep(
    scope,
    `weeks ${channelId}`,
    ["shelf"],
    async () =>
      learnDemand(weeklySeries(channelId, dayNumber(today), dayNumber, await shopSales(scope, from), wares)),
    `${today} ${wares.map((w) => w.key + w.kind).join()}`,
  );
}

export interface RefillRow extends Restock {
  readonly ware: Ware;
  readonly there: number;
  readonly home: number;
  /** The day it is expected to be sold out. */
  readonly goneOn: string | undefined;
}
export interface RefillPlace {
  readonly placeId: string;
  readonly name: string;
  readonly channel: Channel;
  /** Pieces that still fit there; undefined where she has not said how many it holds. */
  readonly room: number | undefined;
  readonly rows: readonly RefillRow[];
}

/** Shelves in shops and channels that are sold from home, with what is to be brought to each. */
export async function refill({ scope, workshop }: Opened, weeks: number): Promise<RefillPlace[]> {
  const today = todayOf(scope);
  const from = parseDate(today).subtract({ weeks: LEARNED_WEEKS }).toString();
  const [{ wares, channels }, places, pieces, prices, sales] = await Promise.all([
    loadWares(scope, workshop),
    allPlaces(scope),
    allPieces(scope),
    allPrices(scope),
    shopSales(scope, from),
  ]);
  const priceOf = priceListOf(prices);
  const at = (placeId: string, w: Ware) =>
    pieces
      .filter((p) => p.placeId === placeId && p.itemId === w.itemId && p.colourwayId === w.colourwayId)
      .filter((p) => p.grade === "good")
      .reduce((s, p) => s + p.quantity, 0);
  const months = Array.from({ length: AHEAD }, (_, i) => parseDate(today).add({ weeks: i }).month - 1);
  const outlets = channels.flatMap((channel) => {
    const shelf = places.filter((p) => p.kind === "shelf" && p.channelId === channel.id);
    if (shelf.length > 0) return shelf.map((p) => ({ channel, placeId: p.id, name: p.name }));
    // Sold without a market and from home: a shop of her own.
    return sales.some((s) => s.channelId === channel.id && s.placeId === "")
      ? [{ channel, placeId: "", name: channel.name }]
      : [];
  });
  return Promise.all(
    outlets.map(async ({ channel, placeId, name }): Promise<RefillPlace> => {
      const model = await weeklyDemand(scope, channel.id, wares, today, from);
      const known = new Set(
        sales.filter((s) => s.channelId === channel.id).map((s) => wareKey(s.itemId, s.colourwayId)),
      );
      const bare = { ...channel, stallFee: 0 };
      const rows = wares
        .filter((w) => known.has(w.key) || (placeId !== "" && at(placeId, w) > 0))
        .map((w): RefillRow => {
          const e = earningIn(w, bare, [bare], priceOf(w, channel.id));
          const leaves = e.customerPays - e.tax - e.fees;
          const { material } = w.analysed.analysis.cost;
          const demand = model.of.get(w.key) ?? model.unknown(w.kind);
          const there = at(placeId, w);
          const got = restock({
            weeks: months.map((m) => demand.chances(m)),
            leadWeeks: weeks,
            reviewWeeks: weeks,
            margin: leaves - material,
            idle: IDLE.material * material + IDLE.leaves * leaves,
            there,
            coming: 0,
          });
          return {
            ...got,
            ware: w,
            there,
            home: placeId === "" ? 0 : at("", w),
            goneOn:
              got.lasts === undefined
                ? undefined
                : parseDate(today)
                    .add({ days: Math.floor(7 * got.lasts) })
                    .toString(),
          };
        })
        .sort((a, b) => b.bring - a.bring || b.weekly - a.weekly);
      const holds = places.find((p) => p.id === placeId)?.holds ?? undefined;
      const standing = pieces.filter((p) => p.placeId === placeId).reduce((t, p) => t + p.quantity, 0);
      const room = holds === undefined ? undefined : Math.max(0, holds - standing);
      if (room === undefined) return { placeId, name, channel, room, rows };
      const fits = fitInto(rows, room);
      return {
        placeId,
        name,
        channel,
        room,
        rows: rows.map((row, i) => ({ ...row, bring: fits[i] ?? 0 })),
      };
    }),
  );
}
