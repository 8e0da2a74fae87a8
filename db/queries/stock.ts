import { desc, eq, sql } from "drizzle-orm";
import { MOVE_KINDS, notion, stockMove, yarn } from "../schema";
import { mine, newId, transact, type Scope } from "../scope";

export type MoveKind = (typeof MOVE_KINDS)[number];
export type StockMove = typeof stockMove.$inferSelect;
export interface NewMove {
  readonly kind: MoveKind;
  readonly materialKind: "yarn" | "notion" | "item";
  readonly materialId: string;
  /** mg or pieces; negative takes away. */
  readonly quantity: number;
  readonly note?: string | undefined;
  readonly runId?: string | undefined;
  /** Posting the same key again changes nothing. */
  readonly key?: string | undefined;
}

/** Posts moves to the ledger. A key that was posted before is left as it is. */
export async function postMoves(scope: Scope, moves: readonly NewMove[]): Promise<void> {
  if (moves.length === 0) return;
  await scope.db
    .insert(stockMove)
    .values(moves.map((m) => ({ id: newId(), workshopId: scope.workshopId, kind: m.kind, materialKind: m.materialKind, materialId: m.materialId, quantity: m.quantity, note: m.note ?? "", runId: m.runId ?? null, idempotencyKey: m.key ?? newId(), at: scope.now })))
    .onDuplicateKeyUpdate({ set: { id: sql`id` } });
}

/** On hand by material: the sum of its moves. */
export async function balances(scope: Scope): Promise<Map<string, number>> {
  const rows = await scope.db
    .select({ materialId: stockMove.materialId, quantity: sql<string>`sum(${stockMove.quantity})` })
    .from(stockMove)
    .where(mine(scope, stockMove))
    .groupBy(stockMove.materialId);
  return new Map(rows.map((r) => [r.materialId, Number(r.quantity)]));
}

async function balanceOf(scope: Scope, materialId: string): Promise<number> {
  const [row] = await scope.db
    .select({ quantity: sql<string | null>`sum(${stockMove.quantity})` })
    .from(stockMove)
    .where(mine(scope, stockMove, eq(stockMove.materialId, materialId)));
  return Number(row?.quantity ?? 0);
}

/**
 * What was counted or weighed becomes the balance, by posting the difference. The material's own row
 * is locked, so two counts at once end at the later one and not at their sum.
 */
export async function postCount(scope: Scope, m: { materialKind: "yarn" | "notion"; materialId: string; onHand: number; kind: "counted" | "weighed"; note?: string; key?: string }): Promise<number> {
  return transact(scope, async (tx) => {
    const table = m.materialKind === "yarn" ? yarn : notion;
    const owned = await tx.db.select({ id: table.id }).from(table).where(mine(tx, table, eq(table.id, m.materialId))).for("update");
    if (owned.length === 0) throw new Error("no such material in this workshop");
    if (m.key !== undefined) {
      const before = await tx.db.select({ id: stockMove.id }).from(stockMove).where(mine(tx, stockMove, eq(stockMove.idempotencyKey, m.key))).limit(1);
      if (before.length > 0) return 0;
    }
    const difference = m.onHand - (await balanceOf(tx, m.materialId));
    if (difference !== 0) await postMoves(tx, [{ kind: m.kind, materialKind: m.materialKind, materialId: m.materialId, quantity: difference, note: m.note, key: m.key }]);
    return difference;
  });
}

export async function movesOf(scope: Scope, materialId: string, limit = 50): Promise<StockMove[]> {
  return scope.db.select().from(stockMove).where(mine(scope, stockMove, eq(stockMove.materialId, materialId))).orderBy(desc(stockMove.at), desc(stockMove.id)).limit(limit);
}
