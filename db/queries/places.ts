import type { Minor } from "@core/units";
import { asc, eq, isNull, sql } from "drizzle-orm";
import { changeRow, mustOwn } from "../change";
import { beat, changing } from "../pulse";
import {
  channel,
  listPrice,
  market,
  marketBrought,
  place,
  type MARKET_STATES,
  type PriceSchool,
} from "../schema";
import { mine, newId, transact, type Scope } from "../scope";
import { piecesWhere } from "./pieces";

export type Place = typeof place.$inferSelect;
export type Market = typeof market.$inferSelect;
export type MarketState = (typeof MARKET_STATES)[number];

export interface PlaceContent {
  readonly name: string;
  readonly kind: "crate" | "shelf";
  readonly channelId: string | null;
  readonly holds: number | null;
}

export const listPlaces = (scope: Scope): Promise<Place[]> =>
  scope.db
    .select()
    .from(place)
    .where(mine(scope, place, isNull(place.deletedAt)))
    .orderBy(asc(place.sort), asc(place.name));

export async function savePlace(
  scope: Scope,
  { id, ...content }: PlaceContent & { readonly id?: string | undefined },
  seen?: number,
): Promise<string> {
  return changing(scope, "shelf", async (tx) => {
    await mustOwn(tx, channel, content.channelId, "The way of selling");
    if (id) {
      await changeRow(tx, place, id, content, "The place", seen);
      return id;
    }
    const made = newId();
    await tx.db.insert(place).values({ ...content, id: made, workshopId: tx.workshopId });
    return made;
  });
}

/** Takes a place away once nothing is there any more. Answers false while something is. */
export async function removePlace(scope: Scope, id: string): Promise<boolean> {
  return changing(scope, "shelf", async (tx) => {
    await mustOwn(tx, place, id, "The place");
    if ((await piecesWhere(tx, id)).length > 0) return false;
    await tx.db
      .update(place)
      .set({ deletedAt: tx.now })
      .where(mine(tx, place, eq(place.id, id)));
    return true;
  });
}

/** Brings a place back, or takes it away. */
export async function setPlaceDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  await changing(scope, "shelf", (tx) =>
    changeRow(tx, place, id, { deletedAt: deleted ? tx.now : null }, "The place"),
  );
}

export const listMarkets = (scope: Scope): Promise<Market[]> =>
  scope.db
    .select()
    .from(market)
    .where(mine(scope, market, isNull(market.deletedAt)))
    .orderBy(asc(market.onDay), asc(market.createdAt));

export async function findMarket(scope: Scope, id: string): Promise<Market | undefined> {
  const [row] = await scope.db
    .select()
    .from(market)
    .where(mine(scope, market, eq(market.id, id), isNull(market.deletedAt)))
    .limit(1);
  return row;
}

export interface MarketContent {
  readonly name: string;
  readonly onDay: string;
  readonly channelId: string;
  readonly placeId: string;
  readonly float: Minor;
  readonly note: string;
}
export async function saveMarket(
  scope: Scope,
  { id, ...content }: MarketContent & { readonly id?: string | undefined },
  seen?: number,
): Promise<string> {
  return changing(scope, "shelf", async (tx) => {
    await mustOwn(tx, channel, content.channelId, "The way of selling");
    await mustOwn(tx, place, content.placeId, "The crate");
    if (id) {
      await changeRow(tx, market, id, content, "The market day", seen);
      return id;
    }
    const made = newId();
    await tx.db.insert(market).values({ ...content, id: made, workshopId: tx.workshopId, createdAt: tx.now });
    return made;
  });
}

/**
 * Opens the stall: what is in the crate now is what was brought. Opening it again takes the crate as it was
 * the first time.
 */
export async function openMarket(scope: Scope, id: string): Promise<void> {
  await transact(scope, async (tx) => {
    const [m] = await tx.db
      .select()
      .from(market)
      .where(mine(tx, market, eq(market.id, id), isNull(market.deletedAt)))
      .for("update");
    if (!m || m.state !== "planned") return;
    const crate = (await piecesWhere(tx, m.placeId)).filter((p) => p.quantity > 0);
    const sums = new Map<string, { itemId: string; colourwayId: string; quantity: number }>();
    for (const p of crate) {
      const key = `${p.itemId}:${p.colourwayId}`;
      const had = sums.get(key)?.quantity ?? 0;
      sums.set(key, { itemId: p.itemId, colourwayId: p.colourwayId, quantity: had + p.quantity });
    }
    if (sums.size > 0)
      await tx.db
        .insert(marketBrought)
        .values([...sums.values()].map((s) => ({ ...s, workshopId: tx.workshopId, marketId: id })));
    await tx.db
      .update(market)
      .set({ state: "open" })
      .where(mine(tx, market, eq(market.id, id)));
    await beat(tx, "shelf");
  });
}

export async function setMarketState(
  scope: Scope,
  id: string,
  state: MarketState,
  counted?: Minor | null,
): Promise<void> {
  await changing(scope, "shelf", (tx) =>
    changeRow(tx, market, id, counted === undefined ? { state } : { state, counted }, "The market day"),
  );
}

export async function setMarketDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  await changing(scope, "shelf", (tx) =>
    changeRow(tx, market, id, { deletedAt: deleted ? tx.now : null }, "The market day"),
  );
}

export type Brought = typeof marketBrought.$inferSelect;
export const listBrought = (scope: Scope, marketId?: string): Promise<Brought[]> =>
  scope.db
    .select()
    .from(marketBrought)
    .where(mine(scope, marketBrought, marketId ? eq(marketBrought.marketId, marketId) : undefined));

/** Pieces come into a crate, or go out of it, while a stall is sold from it: what was brought follows. */
export async function bringMore(
  scope: Scope,
  placeId: string,
  pieces: readonly { readonly itemId: string; readonly colourwayId: string; readonly quantity: number }[],
): Promise<void> {
  if (placeId === "") return;
  await transact(scope, async (tx) => {
    const open = await tx.db
      .select({ id: market.id })
      .from(market)
      .where(
        mine(tx, market, eq(market.placeId, placeId), eq(market.state, "open"), isNull(market.deletedAt)),
      );
    for (const { id } of open)
      for (const { itemId, colourwayId, quantity } of pieces)
        await tx.db
          .insert(marketBrought)
          .values({ itemId, colourwayId, quantity, workshopId: tx.workshopId, marketId: id })
          .onDuplicateKeyUpdate({ set: { quantity: sql`quantity + ${quantity}` } });
    if (open.length > 0) await beat(tx, "shelf");
  });
}

export interface ListPrice {
  readonly itemId: string;
  readonly colourwayId: string;
  readonly channelId: string;
  readonly price: Minor | null;
  /** Where it came from. */
  readonly school: PriceSchool;
  readonly since: Date;
}
/** Every price that was ever set, the newest last. */
export async function priceHistory(scope: Scope): Promise<ListPrice[]> {
  const rows = await scope.db
    .select()
    .from(listPrice)
    .where(mine(scope, listPrice))
    .orderBy(asc(listPrice.createdAt), asc(listPrice.id));
  return rows.map((r) => ({
    itemId: r.itemId,
    colourwayId: r.colourwayId,
    channelId: r.channelId,
    price: r.price,
    school: r.school,
    since: r.createdAt,
  }));
}

/** Writes prices down; those before them stay in the history. */
export async function setPrices(
  scope: Scope,
  prices: readonly (Omit<ListPrice, "since" | "school"> & Partial<Pick<ListPrice, "school">>)[],
): Promise<void> {
  if (prices.length === 0) return;
  await changing(scope, "shelf", async (tx) => {
    await tx.db
      .insert(listPrice)
      .values(prices.map((p) => ({ ...p, id: newId(), workshopId: tx.workshopId, createdAt: tx.now })));
  });
}
