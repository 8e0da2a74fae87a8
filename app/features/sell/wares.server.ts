import { promisedPieces } from "@db/queries/commissions";
import { listBatches, rejectedOf } from "@db/queries/batches";
import { piecesWhere, type PieceBalance } from "@db/queries/pieces";
import {
  listBrought,
  listMarkets,
  listPlaces,
  priceHistory,
  type Brought,
  type ListPrice,
  type Market,
  type Place,
} from "@db/queries/places";
import { lastSold, listSales, soldAtMarkets, type Sale, type SoldAtMarket } from "@db/queries/sales";
import { findShop, orderedPieces } from "@db/queries/shop";
import type { Channel, Workshop } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import { earningAt, type Earning } from "@core/costing";
import type { SeasonName } from "@core/shelf/demand";
import { seenOf, type Inspected, type Seen } from "@core/shelf/yield";
import type { Minor } from "@core/units";
import { loadAnalysedColourways, sellingFrom, type AnalysedColourway } from "../items/load.server";
import type { PictureOf } from "../figure/figure-picture";
import { pictureMark, slotColours } from "../figure/picture.server";
import { keep } from "../../server/kept";
import { allColourways } from "../../server/rows.server";
import { wareKey } from "./wares";

/** Rows of the shelf that nearly every page of selling reads; read-only, shared by all requests. */
export const allPlaces = (scope: Scope): Promise<readonly Place[]> =>
  keep(scope, "places", ["shelf"], () => listPlaces(scope));
export const allMarkets = (scope: Scope): Promise<readonly Market[]> =>
  keep(scope, "markets", ["shelf"], () => listMarkets(scope));
export const allBrought = (scope: Scope): Promise<readonly Brought[]> =>
  keep(scope, "brought", ["shelf"], () => listBrought(scope));
export const allPieces = (scope: Scope): Promise<readonly PieceBalance[]> =>
  keep(scope, "pieces", ["shelf"], () => piecesWhere(scope));
export const allPrices = (scope: Scope): Promise<readonly ListPrice[]> =>
  keep(scope, "prices", ["shelf"], () => priceHistory(scope));
/** Pieces sold at each market day, by kind: what the market's demand is learned from. */
export const marketSales = (scope: Scope): Promise<readonly SoldAtMarket[]> =>
  keep(scope, "market sales", ["shelf"], () => soldAtMarkets(scope));
/** Sales without a market day since a day: what the demand of shelves and shops is learned from. */
export const shopSales = (scope: Scope, from: string): Promise<readonly Sale[]> =>
  keep(scope, "shop sales", ["shelf"], () => listSales(scope, { from, apart: true }), from);
/** All sales of the last days. */
export const lastSales = (scope: Scope, from: string): Promise<readonly Sale[]> =>
  keep(scope, "last sales", ["shelf"], () => listSales(scope, { from }), from);
export const newestSales = (scope: Scope): Promise<ReadonlyMap<string, string>> =>
  keep(scope, "newest sales", ["shelf"], () => lastSold(scope));
const byWare = (
  rows: readonly { readonly itemId: string; readonly colourwayId: string; readonly quantity: number }[],
): Map<string, number> => new Map(rows.map((r) => [wareKey(r.itemId, r.colourwayId), r.quantity]));

/** Pieces that commissions were promised, by ware: they wait at home. */
export const commissionedByWare = async (scope: Scope): Promise<ReadonlyMap<string, number>> =>
  byWare(await keep(scope, "promised", ["shelf"], () => promisedPieces(scope)));
/** Pieces of the shop's orders that wait to be sent, by ware. */
export const orderedByWare = async (scope: Scope): Promise<ReadonlyMap<string, number>> =>
  byWare(await keep(scope, "ordered", ["shelf"], () => orderedPieces(scope)));

/** Pieces at home that are somebody's already, by commission or by order: they are not free to be sold. */
export async function promisedByWare(scope: Scope): Promise<ReadonlyMap<string, number>> {
  const [commissioned, ordered, from] = await Promise.all([
    commissionedByWare(scope),
    orderedByWare(scope),
    keep(scope, "shop's place", ["shelf"], async () => (await findShop(scope))?.placeId ?? ""),
  ]);
  const sum = new Map(commissioned);
  if (from === "") for (const [key, n] of ordered) sum.set(key, (sum.get(key) ?? 0) + n);
  return sum;
}
export const lastBatches = (scope: Scope) => keep(scope, "batches", ["shelf"], () => listBatches(scope));

/** Colourways that are kits: what is packed says nothing of how many pieces pass. */
export const kitWares = async (scope: Scope): Promise<ReadonlySet<string>> =>
  new Set((await allColourways(scope)).filter((c) => c.asKit).map((c) => c.id));

/** What was ever looked at of each item, in pieces. */
export async function seenByItem(scope: Scope): Promise<ReadonlyMap<string, Seen>> {
  const byItem = new Map<string, Inspected[]>();
  const [batches, kits] = await Promise.all([lastBatches(scope), kitWares(scope)]);
  for (const b of batches) {
    if (kits.has(b.colourwayId)) continue;
    const own = byItem.get(b.itemId) ?? [];
    own.push({ passed: b.good + b.mended, seconds: b.seconds, rejected: rejectedOf(b) });
    byItem.set(b.itemId, own);
  }
  return new Map([...byItem].map(([item, seen]) => [item, seenOf(seen)]));
}

/** Something that is sold: an item in its own colours or in a colourway. */
export interface Ware {
  readonly key: string;
  readonly itemId: string;
  readonly colourwayId: string;
  readonly label: string;
  readonly kind: string;
  readonly season: SeasonName;
  readonly kit: boolean;
  readonly picture: PictureOf | undefined;
  /** Its own price: the colourway's, the item's, or what is suggested. */
  readonly price: number;
  readonly analysed: AnalysedColourway;
}

export async function loadWares(
  scope: Scope,
  workshop: Workshop,
): Promise<{ wares: Ware[]; channels: readonly Channel[]; wage: number }> {
  const { all, surroundings } = await loadAnalysedColourways(scope, workshop);
  const yarns = new Map(surroundings.yarns.map((y) => [y.id, y]));
  return {
    channels: surroundings.channels,
    wage: surroundings.money.wagePerHour,
    wares: all.map((x): Ware => ({
      key: wareKey(x.entry.item.id, x.colourway?.id ?? ""),
      itemId: x.entry.item.id,
      colourwayId: x.colourway?.id ?? "",
      label: x.label,
      kind: x.entry.item.kind,
      season: x.entry.item.season,
      kit: x.entry.asKit === true,
      picture:
        x.analysis.piece.parts.length === 0
          ? undefined
          : {
              itemId: x.entry.item.id,
              colourwayId: x.colourway?.id,
              mark: pictureMark(x.entry, slotColours(x.entry.revision.slots, yarns)),
            },
      price: x.analysis.price,
      analysed: x,
    })),
  };
}

/** Minutes of hers until one more has passed inspection. */
export const minutesFor = ({ analysed: { analysis, entry } }: Ware): number =>
  (analysis.piece.seconds.value / 60) * (10_000 / entry.item.yieldBp);

/** What prices come to in a channel: the colourway's there, the item's there, or the piece's own. */
export type PriceList = (
  ware: Pick<Ware, "itemId" | "colourwayId" | "price"> & { readonly kit: boolean },
  channelId: string,
) => number;
export function priceListOf(history: readonly ListPrice[]): PriceList {
  const now = new Map(history.map((p) => [`${p.itemId}:${p.colourwayId}:${p.channelId}`, p.price]));
  // What a piece costs somewhere is said for all its colourways, and not for its kit.
  return (w, channelId) =>
    now.get(`${w.itemId}:${w.colourwayId}:${channelId}`) ??
    (w.kit ? undefined : now.get(`${w.itemId}::${channelId}`)) ??
    w.price;
}

/** What a price in a channel leaves of one piece. */
export function earningIn(
  ware: Ware,
  channel: Channel,
  channels: readonly Channel[],
  price: number,
): Earning {
  const { piece, cost } = ware.analysed.analysis;
  return earningAt(
    price as Minor,
    cost,
    { seconds: piece.seconds.value, low: piece.seconds.low, high: piece.seconds.high },
    sellingFrom(channels, channel.id, ware.analysed.entry.item),
  );
}
