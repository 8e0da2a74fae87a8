import { minor, type Minor } from "@core/units";
import { changeRow } from "../change";
import { and, asc, eq, inArray, isNull, ne, sql } from "drizzle-orm";
import type { Database } from "../connect";
import { channel, commission, market, place, shop, workshop } from "../schema";
import type { ChannelFee } from "../tables/workshop";
import { changing } from "../pulse";
import { ChangedMeanwhile, mine, newId, type Scope } from "../scope";

export type Workshop = typeof workshop.$inferSelect;
export type Channel = typeof channel.$inferSelect;
export type WorkshopSettings = Omit<Workshop, "id" | "version" | "createdAt">;

export async function listWorkshops(db: Database): Promise<{ id: string; name: string }[]> {
  return db.select({ id: workshop.id, name: workshop.name }).from(workshop).orderBy(asc(workshop.createdAt));
}

/** The one that was there first: ids go by time. */
export async function firstWorkshop(db: Database): Promise<Workshop | undefined> {
  const [row] = await db.select().from(workshop).orderBy(asc(workshop.id)).limit(1);
  return row;
}

export async function findWorkshop(db: Database, id: string): Promise<Workshop | undefined> {
  const [row] = await db.select().from(workshop).where(eq(workshop.id, id)).limit(1);
  return row;
}

/** A new, empty workshop with one way of selling, so that a price can be made at once. */
export async function createWorkshop(
  db: Database,
  name: string,
  settings: Partial<WorkshopSettings> = {},
): Promise<string> {
  const id = newId();
  await db.transaction(async (tx) => {
    await tx.insert(workshop).values({ ...settings, id, name });
    await tx
      .insert(channel)
      .values({ id: newId(), workshopId: id, name: "Market stall", fees: [], fixed: minor(0), sort: 0 });
  });
  return id;
}

/** @throws ChangedMeanwhile when the settings were changed since `seen`. */
export async function updateWorkshop(
  scope: Scope,
  settings: Partial<WorkshopSettings>,
  seen?: number,
): Promise<void> {
  const [head] = await scope.db
    .update(workshop)
    .set({ ...settings, version: sql`${workshop.version} + 1` })
    .where(
      and(eq(workshop.id, scope.workshopId), seen === undefined ? undefined : eq(workshop.version, seen)),
    );
  if (head.affectedRows === 0) throw new ChangedMeanwhile("The settings");
}

export async function listChannels(scope: Scope): Promise<Channel[]> {
  const rows = await scope.db
    .select()
    .from(channel)
    .where(mine(scope, channel))
    .orderBy(asc(channel.sort), asc(channel.name));
  return rows.filter((c) => c.deletedAt === null);
}

/** What a way of selling takes; what is left out takes nothing. */
export interface ChannelContent {
  readonly name: string;
  readonly fees: readonly ChannelFee[];
  readonly fixed: Minor;
  readonly postage?: Minor;
  readonly packing?: Minor;
  readonly piecesPerSaleHundredths?: number;
  readonly stallFee?: Minor;
  readonly expectedPieces?: number;
  readonly taxBp?: number;
  readonly taxIncluded?: boolean;
  readonly leastPieces?: number;
  readonly payWithinDays?: number;
}

export async function saveChannel(
  scope: Scope,
  { id, ...content }: ChannelContent & { readonly id?: string | undefined },
  seen?: number,
): Promise<string> {
  return changing(scope, "items", async (tx) => {
    if (id) {
      await changeRow(tx, channel, id, content, "The way of selling", seen);
      return id;
    }
    const made = newId();
    await tx.db.insert(channel).values({ ...content, id: made, workshopId: tx.workshopId, sort: 10 });
    return made;
  });
}

/** What still goes by a way of selling: open commissions, market days ahead, places, and the shop. */
export interface GoesBy {
  readonly commissions: number;
  readonly markets: number;
  readonly places: number;
  readonly shop: boolean;
}

export async function whatGoesBy(scope: Scope, channelId: string): Promise<GoesBy> {
  const [commissions, markets, places, shops] = await Promise.all([
    scope.db.$count(
      commission,
      mine(
        scope,
        commission,
        eq(commission.channelId, channelId),
        isNull(commission.deletedAt),
        inArray(commission.state, ["asked", "agreed", "making", "ready"]),
      ),
    ),
    scope.db.$count(market, mine(scope, market, eq(market.channelId, channelId), ne(market.state, "closed"))),
    scope.db.$count(place, mine(scope, place, eq(place.channelId, channelId), isNull(place.deletedAt))),
    scope.db.$count(shop, mine(scope, shop, eq(shop.channelId, channelId))),
  ]);
  return { commissions, markets, places, shop: shops > 0 };
}

export async function setChannelDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  return changing(scope, "items", async (tx) => {
    await tx.db
      .update(channel)
      .set({ deletedAt: deleted ? tx.now : null })
      .where(mine(tx, channel, eq(channel.id, id)));
  });
}
