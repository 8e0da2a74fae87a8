import { minor, type Minor } from "@core/units";
import { and, asc, desc, eq, gte, inArray, isNotNull, isNull, lte, sql } from "drizzle-orm";
import { mustOwn } from "../change";
import { beat } from "../pulse";
import { channel, importBatch, market, sale, type PAID, type SALE_SOURCES } from "../schema";
import { mine, NotThere, transact, type Scope } from "../scope";
import { beginBatch } from "./imports";
import { mustOwnPieces, postPieces, type Grade, type NewPieceMove } from "./pieces";

export type Sale = typeof sale.$inferSelect;
export interface NewSale {
  readonly key: string;
  readonly customer: string;
  readonly channelId: string;
  readonly placeId: string;
  readonly marketId?: string | null;
  readonly at: Date;
  readonly soldOn: string;
  readonly itemId: string;
  readonly colourwayId: string;
  readonly grade: Grade;
  readonly quantity: number;
  readonly listPrice: Minor;
  readonly taken: Minor;
  readonly paid: (typeof PAID)[number];
  readonly source: (typeof SALE_SOURCES)[number];
  readonly importId?: string | null;
  readonly note?: string;
}

const moveOf = (
  s: Pick<Sale, "saleKey" | "itemId" | "colourwayId" | "grade" | "placeId" | "quantity" | "at">,
  back: boolean,
): NewPieceMove => ({
  kind: back ? "undone" : s.quantity < 0 ? "returned" : "sold",
  itemId: s.itemId,
  colourwayId: s.colourwayId,
  grade: s.grade,
  placeId: s.placeId,
  quantity: back ? s.quantity : -s.quantity,
  key: `${back ? "unsold" : "sold"}:${s.saleKey}`.slice(0, 80),
  at: s.at,
});

/** What a file tells was sold long before: the shelf was counted since, and is not touched. */
const fromShelf = (s: Pick<Sale, "source">): boolean => s.source !== "file";

/**
 * Keeps sales with what their way of selling takes today, and takes the pieces from their place. A key that
 * is there already stays as it is: sent twice it is one sale. Answers the keys that were new.
 * @throws NotThere for an item, place, channel or market that is not one of this workshop's.
 */
export async function keepSales(scope: Scope, sales: readonly NewSale[]): Promise<readonly string[]> {
  if (sales.length === 0) return [];
  return transact(scope, async (tx) => {
    await mustOwnPieces(
      tx,
      sales,
      sales.map((s) => s.placeId),
    );
    const channels = new Map(
      (await tx.db.select().from(channel).where(mine(tx, channel))).map((c) => [c.id, c]),
    );
    for (const id of new Set(sales.map((s) => s.marketId ?? "")))
      await mustOwn(tx, market, id === "" ? undefined : id, "The market day");
    const known = new Set<string>();
    for (let i = 0; i < sales.length; i += 500)
      for (const r of await tx.db
        .select({ key: sale.saleKey })
        .from(sale)
        .where(
          mine(
            tx,
            sale,
            inArray(
              sale.saleKey,
              sales.slice(i, i + 500).map((s) => s.key),
            ),
          ),
        ))
        known.add(r.key);
    const fresh = [...new Map(sales.filter((s) => !known.has(s.key)).map((s) => [s.key, s])).values()];
    const rows = fresh.map(({ key, note, marketId, importId, ...s }) => {
      const c = channels.get(s.channelId);
      if (!c) throw new NotThere("The way of selling");
      return {
        ...s,
        workshopId: tx.workshopId,
        saleKey: key,
        marketId: marketId ?? null,
        importId: importId ?? null,
        note: note ?? "",
        feeBp: c.fees.reduce((sum, f) => sum + f.bp, 0),
        fixedFee: minor(c.fixed + c.postage + c.packing),
        taxBp: c.taxBp,
        taxIncluded: c.taxIncluded,
        changedAt: tx.now,
      };
    });
    for (let i = 0; i < rows.length; i += 500)
      await tx.db
        .insert(sale)
        .values(rows.slice(i, i + 500))
        // Another device sends the same at the same moment.
        .onDuplicateKeyUpdate({ set: { saleKey: sql`sale_key` } });
    await postPieces(
      tx,
      rows.filter(fromShelf).map((r) => moveOf(r, false)),
    );
    await beat(tx, "shelf");
    return fresh.map((s) => s.key);
  });
}

/**
 * Takes sales back: they stay in the book as undone, and the pieces are there again. Answers how many were
 * taken back.
 */
export async function undoSales(scope: Scope, keys: readonly string[]): Promise<number> {
  if (keys.length === 0) return 0;
  return transact(scope, async (tx) => {
    const rows = await tx.db
      .select()
      .from(sale)
      .where(mine(tx, sale, inArray(sale.saleKey, [...keys]), isNull(sale.undoneAt)))
      .for("update");
    if (rows.length === 0) return 0;
    await tx.db
      .update(sale)
      .set({ undoneAt: tx.now, changedAt: tx.now })
      .where(
        mine(
          tx,
          sale,
          inArray(
            sale.saleKey,
            rows.map((r) => r.saleKey),
          ),
        ),
      );
    await postPieces(
      tx,
      rows.filter(fromShelf).map((r) => moveOf({ ...r, at: tx.now }, true)),
    );
    await beat(tx, "shelf");
    return rows.length;
  });
}

/** How the customer of one sale paid. */
export async function paidWith(scope: Scope, key: string): Promise<Sale["paid"] | undefined> {
  const [row] = await scope.db
    .select({ paid: sale.paid })
    .from(sale)
    .where(mine(scope, sale, eq(sale.saleKey, key)))
    .limit(1);
  return row?.paid;
}

/** How customers paid, where it was said after the sale itself. */
export async function setPaid(
  scope: Scope,
  paid: ReadonlyMap<string, (typeof PAID)[number]>,
  marketId: string,
): Promise<void> {
  if (paid.size === 0) return;
  await transact(scope, async (tx) => {
    for (const [customer, how] of paid)
      await tx.db
        .update(sale)
        .set({ paid: how, changedAt: tx.now })
        .where(mine(tx, sale, and(eq(sale.customer, customer), eq(sale.marketId, marketId))));
    await beat(tx, "shelf");
  });
}

/**
 * Sales of a span of days or of a market, the oldest first; those that were taken back only when asked for.
 */
export async function listSales(
  scope: Scope,
  of: {
    from?: string;
    to?: string;
    marketId?: string;
    channelId?: string;
    /** Only what was sold without a market day. */
    apart?: boolean;
    withUndone?: boolean;
    changedSince?: Date;
    newest?: number;
  } = {},
): Promise<Sale[]> {
  const query = scope.db
    .select()
    .from(sale)
    .where(
      mine(
        scope,
        sale,
        of.withUndone ? undefined : isNull(sale.undoneAt),
        of.from ? gte(sale.soldOn, of.from) : undefined,
        of.to ? lte(sale.soldOn, of.to) : undefined,
        of.marketId ? eq(sale.marketId, of.marketId) : undefined,
        of.channelId ? eq(sale.channelId, of.channelId) : undefined,
        of.apart ? isNull(sale.marketId) : undefined,
        of.changedSince ? gte(sale.changedAt, of.changedSince) : undefined,
      ),
    );
  return of.newest
    ? query.orderBy(desc(sale.at), desc(sale.saleKey)).limit(of.newest)
    : query.orderBy(asc(sale.at), asc(sale.saleKey));
}

export interface SoldAtMarket {
  readonly marketId: string;
  readonly itemId: string;
  readonly colourwayId: string;
  readonly quantity: number;
}
/** Pieces sold at every market day, by kind. */
export async function soldAtMarkets(scope: Scope): Promise<SoldAtMarket[]> {
  const rows = await scope.db
    .select({
      marketId: sale.marketId,
      itemId: sale.itemId,
      colourwayId: sale.colourwayId,
      quantity: sql<string>`sum(${sale.quantity})`,
    })
    .from(sale)
    .where(mine(scope, sale, isNull(sale.undoneAt), isNotNull(sale.marketId)))
    .groupBy(sale.marketId, sale.itemId, sale.colourwayId);
  return rows.map((r) => ({ ...r, marketId: r.marketId ?? "", quantity: Number(r.quantity) }));
}

/** The day each kind of piece was last sold on: "item:colourway". */
export async function lastSold(scope: Scope): Promise<Map<string, string>> {
  const rows = await scope.db
    .select({ itemId: sale.itemId, colourwayId: sale.colourwayId, on: sql<string>`max(${sale.soldOn})` })
    .from(sale)
    .where(mine(scope, sale, isNull(sale.undoneAt)))
    .groupBy(sale.itemId, sale.colourwayId);
  return new Map(rows.map((r) => [`${r.itemId}:${r.colourwayId}`, r.on]));
}

/** A whole file of sales in one transaction; the batch's id is its idempotency key. */
export async function importSales(
  scope: Scope,
  batch: { id: string; fileName: string; rows: number; skipped: number },
  sales: readonly NewSale[],
): Promise<boolean> {
  return transact(scope, async (tx) => {
    if (!(await beginBatch(tx, { ...batch, what: "sales" }))) return false;
    await keepSales(
      tx,
      sales.map((s) => ({ ...s, importId: batch.id })),
    );
    return true;
  });
}

/** Takes a whole file of sales back. */
export async function undoSalesImport(scope: Scope, id: string): Promise<void> {
  await transact(scope, async (tx) => {
    const [batch] = await tx.db
      .select()
      .from(importBatch)
      .where(
        mine(
          tx,
          importBatch,
          and(eq(importBatch.id, id), eq(importBatch.what, "sales"), isNull(importBatch.undoneAt)),
        ),
      )
      .for("update");
    if (!batch) return;
    const rows = await tx.db
      .select({ key: sale.saleKey })
      .from(sale)
      .where(mine(tx, sale, eq(sale.importId, id)));
    await undoSales(
      tx,
      rows.map((r) => r.key),
    );
    await tx.db
      .update(importBatch)
      .set({ undoneAt: tx.now })
      .where(mine(tx, importBatch, eq(importBatch.id, id)));
  });
}
