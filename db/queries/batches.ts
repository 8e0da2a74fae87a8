import { and, asc, desc, eq, isNull, like, sql } from "drizzle-orm";
import { mustOwn } from "../change";
import { beat } from "../pulse";
import { ball, batch, hand, run, stockMove, yarn, type Rejected } from "../schema";
import { mine, newId, transact, type Scope } from "../scope";
import { mustOwnPieces, postPieces, type NewPieceMove } from "./pieces";

export type Batch = typeof batch.$inferSelect;
export interface NewBatch {
  readonly runId?: string | null;
  readonly lineId?: string | null;
  readonly itemId: string;
  readonly colourwayId: string;
  readonly revisionId?: string | null;
  readonly handId?: string | null;
  readonly inspectedOn: string;
  readonly good: number;
  readonly mended: number;
  readonly seconds: number;
  readonly rejected: readonly Rejected[];
  readonly mendingMinutes: number;
  readonly note: string;
  /** Where the pieces that passed are put; "" is home. */
  readonly placeId: string;
  readonly key: string;
}

export const rejectedOf = (b: Pick<Batch, "rejected">): number =>
  b.rejected.reduce((s, r) => s + r.pieces, 0);
/** All pieces that were looked at. */
export const lookedAt = (b: Pick<Batch, "good" | "mended" | "seconds" | "rejected">): number =>
  b.good + b.mended + b.seconds + rejectedOf(b);

/**
 * Keeps what an inspection came to, and puts the pieces that passed on the shelf; the same key again changes
 * nothing.
 */
export async function keepBatch(scope: Scope, b: NewBatch): Promise<void> {
  if (lookedAt(b) === 0) return;
  await transact(scope, async (tx) => {
    // A run's own lines name what was there when it was planned.
    await mustOwnPieces(tx, b.lineId ? [] : [b], [b.placeId]);
    await mustOwn(tx, hand, b.handId, "The hand");
    const [there] = await tx.db
      .select({ id: batch.id })
      .from(batch)
      .where(mine(tx, batch, eq(batch.idempotencyKey, b.key)))
      .for("update");
    if (there) return;
    const id = newId();
    const { key, placeId, ...kept } = b;
    await tx.db
      .insert(batch)
      .values({ ...kept, id, workshopId: tx.workshopId, idempotencyKey: key, createdAt: tx.now });
    const made = (grade: "good" | "second", quantity: number): NewPieceMove[] =>
      quantity === 0
        ? []
        : [
            {
              kind: "made",
              itemId: b.itemId,
              colourwayId: b.colourwayId,
              placeId,
              grade,
              quantity,
              batchId: id,
              runId: b.runId ?? undefined,
              note: b.note.slice(0, 200),
              key: `${id}:${grade}`,
            },
          ];
    // Also where nothing passed: what is known of the item's pieces has changed.
    await beat(tx, "shelf");
    await postPieces(tx, [...made("good", b.good + b.mended), ...made("second", b.seconds)]);
  });
}

/** The newest first. */
export async function listBatches(
  scope: Scope,
  of: { runId?: string; itemId?: string; limit?: number } = {},
): Promise<Batch[]> {
  return scope.db
    .select()
    .from(batch)
    .where(
      mine(
        scope,
        batch,
        of.runId ? eq(batch.runId, of.runId) : undefined,
        of.itemId ? eq(batch.itemId, of.itemId) : undefined,
      ),
    )
    .orderBy(desc(batch.inspectedOn), desc(batch.id))
    .limit(of.limit ?? 500);
}

/** What stands on tags and records: the end of its id, eight letters and figures. */
export const batchNumber = (b: Pick<Batch, "id">): string => b.id.replaceAll("-", "").slice(-8).toUpperCase();

/** The batch of a number as a tag has it; undefined where there is none, or where it is no such number. */
export async function findBatchByNumber(scope: Scope, number: string): Promise<Batch | undefined> {
  if (!/^[0-9a-f]{8}$/i.test(number)) return undefined;
  const [found] = await scope.db
    .select()
    .from(batch)
    .where(mine(scope, batch, like(batch.id, `%${number.toLowerCase()}`)))
    .orderBy(desc(batch.inspectedOn))
    .limit(1);
  return found;
}

export interface LotUsed {
  readonly yarnId: string;
  readonly yarn: string;
  readonly shade: string;
  readonly lot: string;
  readonly runId: string;
  readonly run: string;
  /** mg. */
  readonly used: number;
}
/**
 * The lots that runs used, as the stock book has them: from a piece back to the ball, and from a lot to its
 * runs.
 */
export async function lotsUsed(scope: Scope, of: { runId?: string; lot?: string }): Promise<LotUsed[]> {
  const rows = await scope.db
    .select({
      yarnId: yarn.id,
      yarn: yarn.name,
      shade: yarn.shade,
      lot: ball.lot,
      runId: run.id,
      run: run.name,
      used: sql<string>`-sum(${stockMove.quantity})`,
    })
    .from(stockMove)
    .innerJoin(ball, and(eq(ball.id, stockMove.ballId), mine(scope, ball)))
    .innerJoin(yarn, and(eq(yarn.id, ball.yarnId), mine(scope, yarn)))
    .innerJoin(run, and(eq(run.id, stockMove.runId), mine(scope, run, isNull(run.deletedAt))))
    .where(
      mine(
        scope,
        stockMove,
        eq(stockMove.kind, "used"),
        of.runId ? eq(stockMove.runId, of.runId) : undefined,
        of.lot === undefined ? undefined : eq(ball.lot, of.lot),
      ),
    )
    .groupBy(yarn.id, yarn.name, yarn.shade, ball.lot, run.id, run.name)
    .orderBy(asc(yarn.name), asc(yarn.shade), asc(ball.lot));
  return rows.map((r) => ({ ...r, used: Number(r.used) }));
}
