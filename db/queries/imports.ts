import { and, desc, eq, isNull } from "drizzle-orm";
import { alias } from "drizzle-orm/mysql-core";
import { ball, importBatch, notion, stockMove, yarn } from "../schema";
import { beat, changing } from "../pulse";
import { mine, newId, NotThere, type Scope } from "../scope";
import { addBalls, type NewBall } from "./balls";
import type { NewNotion, NewYarn } from "./materials";
import { opposite, postMoves } from "./stock";

export type ImportBatch = typeof importBatch.$inferSelect;

export interface ImportYarn extends NewYarn {
  /** The yarn that is already here under this name and shade. */
  readonly existing?: string | undefined;
  readonly balls: readonly Omit<NewBall, "yarnId" | "kind" | "importId">[];
}
export interface ImportNotion extends NewNotion {
  readonly existing?: string | undefined;
  readonly onHand: number;
}

/**
 * Notes a file; false when it was brought in before, also at the same moment. @throws NotThere when its id is
 * another workshop's.
 */
export async function beginBatch(
  tx: Scope,
  batch: { id: string; fileName: string; skipped: number; rows: number; what: ImportBatch["what"] },
): Promise<boolean> {
  const [head] = await tx.db
    .insert(importBatch)
    .ignore()
    .values({ ...batch, workshopId: tx.workshopId, createdAt: tx.now });
  if (head.affectedRows > 0) return true;
  const [own] = await tx.db
    .select({ id: importBatch.id })
    .from(importBatch)
    .where(mine(tx, importBatch, eq(importBatch.id, batch.id)));
  if (!own) throw new NotThere("The file");
  return false;
}

/** A whole file in one transaction: all of it is there, or nothing. The batch's id is its idempotency key. */
export async function importMaterials(
  scope: Scope,
  batch: { id: string; fileName: string; skipped: number; rows: number },
  yarns: readonly ImportYarn[],
  notions: readonly ImportNotion[],
): Promise<boolean> {
  return changing(scope, "materials", async (tx) => {
    if (!(await beginBatch(tx, { ...batch, what: "materials" }))) return false;
    const fresh = yarns.filter((y) => !y.existing).map((y) => ({ y, id: newId() }));
    const idOf = new Map<ImportYarn, string>(fresh.map((f) => [f.y, f.id]));
    for (let i = 0; i < fresh.length; i += 500) {
      await tx.db.insert(yarn).values(
        fresh.slice(i, i + 500).map(({ y: { existing: _e, balls: _b, ...values }, id }) => ({
          ...values,
          id,
          workshopId: tx.workshopId,
          importId: batch.id,
          createdAt: tx.now,
        })),
      );
    }
    await addBalls(
      tx,
      yarns.flatMap((y) =>
        y.balls.map((b): NewBall => ({
          ...b,
          yarnId: y.existing ?? idOf.get(y) ?? "",
          kind: "weighed",
          importId: batch.id,
        })),
      ),
    );
    const freshNotions = notions.filter((n) => !n.existing).map((n) => ({ n, id: newId() }));
    const notionId = new Map<ImportNotion, string>(freshNotions.map((f) => [f.n, f.id]));
    for (let i = 0; i < freshNotions.length; i += 500) {
      await tx.db.insert(notion).values(
        freshNotions.slice(i, i + 500).map(({ n: { existing: _e, onHand: _o, ...values }, id }) => ({
          ...values,
          id,
          workshopId: tx.workshopId,
          importId: batch.id,
          createdAt: tx.now,
        })),
      );
    }
    await postMoves(
      tx,
      notions
        .filter((n) => n.onHand !== 0)
        .map((n) => ({
          kind: "counted" as const,
          materialKind: "notion" as const,
          materialId: n.existing ?? notionId.get(n) ?? "",
          quantity: n.onHand,
          importId: batch.id,
        })),
    );
    return true;
  });
}

/** Files brought in so far, newest first. */
export async function listImports(
  scope: Scope,
  what: ImportBatch["what"] = "materials",
): Promise<ImportBatch[]> {
  return scope.db
    .select()
    .from(importBatch)
    .where(mine(scope, importBatch, eq(importBatch.what, what)))
    .orderBy(desc(importBatch.createdAt))
    .limit(20);
}

/**
 * Takes a whole import back: its moves by their opposites, what it brought is marked deleted. false when that
 * was done before.
 */
export async function undoImport(scope: Scope, id: string): Promise<boolean> {
  return changing(scope, "materials", async (tx) => {
    const [batch] = await tx.db
      .select()
      .from(importBatch)
      .where(mine(tx, importBatch, and(eq(importBatch.id, id), eq(importBatch.what, "materials"))))
      .for("update");
    if (!batch || batch.undoneAt) return false;
    const back = alias(stockMove, "back");
    const moves = await tx.db
      .select({ move: stockMove })
      .from(stockMove)
      .leftJoin(back, eq(back.undoes, stockMove.id))
      .where(and(mine(tx, stockMove, eq(stockMove.importId, id)), isNull(back.id)));
    await postMoves(
      tx,
      moves.map((m) => opposite(m.move)),
    );
    // Balls go too, also those whose moves were taken back before.
    await beat(tx, "stock");
    for (const table of [yarn, notion, ball])
      await tx.db
        .update(table)
        .set({ deletedAt: tx.now })
        .where(mine(tx, table, eq(table.importId, id)));
    await tx.db
      .update(importBatch)
      .set({ undoneAt: tx.now })
      .where(mine(tx, importBatch, eq(importBatch.id, id)));
    return true;
  });
}
