import { minor, type Minor } from "@core/units";
import { mustOwn } from "../change";
import { and, asc, desc, eq, gte, inArray, isNull, lt, ne, or, sql, type SQL } from "drizzle-orm";
import { alias } from "drizzle-orm/mysql-core";
import { ball, MOVE_KINDS, notion, stockBalance, stockMove, yarn } from "../schema";
import { beat } from "../pulse";
import { NotThere, mine, newId, transact, type Scope } from "../scope";

export type MoveKind = (typeof MOVE_KINDS)[number];
export type StockMove = typeof stockMove.$inferSelect;
export interface NewMove {
  readonly kind: MoveKind;
  readonly materialKind: "yarn" | "notion";
  readonly materialId: string;
  /** mg or pieces; negative takes away. */
  readonly quantity: number;
  readonly ballId?: string | undefined;
  readonly colourwayId?: string | undefined;
  readonly note?: string | undefined;
  readonly runId?: string | undefined;
  readonly purchaseId?: string | undefined;
  readonly importId?: string | undefined;
  /** What was paid, minor units. */
  readonly cost?: Minor | undefined;
  readonly undoes?: string | undefined;
  /** Posting the same key again changes nothing. */
  readonly key?: string | undefined;
}

/** Rows of one insert: long postings go in several, all in the caller's transaction. */
const ROWS = 1000;

/** Posts a move that a form asks for: of a material, and a ball of it, that are there. @throws NotThere */
export async function postOwnMove(scope: Scope, move: NewMove): Promise<void> {
  await transact(scope, async (tx) => {
    await mustOwn(tx, move.materialKind === "yarn" ? yarn : notion, move.materialId, "The material");
    if (move.ballId !== undefined) {
      const [own] = await tx.db
        .select({ id: ball.id })
        .from(ball)
        .where(mine(tx, ball, eq(ball.id, move.ballId), eq(ball.yarnId, move.materialId)))
        .limit(1);
      if (!own) throw new NotThere("The ball");
    }
    await postMoves(tx, [move]);
  });
}

/**
 * Posts moves to the ledger, and adds them to what is on hand. A key that was posted before is left as it is.
 */
export async function postMoves(scope: Scope, moves: readonly NewMove[]): Promise<void> {
  if (moves.length === 0) return;
  await transact(scope, async (tx) => {
    for (let i = 0; i < moves.length; i += ROWS) {
      const rows = moves.slice(i, i + ROWS).map((m) => rowOf(tx, m));
      await tx.db
        .insert(stockMove)
        .values(rows)
        .onDuplicateKeyUpdate({ set: { id: sql`id` } });
      await addUp(
        tx,
        rows.map((r) => r.id),
      );
    }
    await beat(tx, "stock");
  });
}

const rowOf = (scope: Scope, m: NewMove): typeof stockMove.$inferInsert & { id: string } => ({
  id: newId(),
  workshopId: scope.workshopId,
  kind: m.kind,
  materialKind: m.materialKind,
  materialId: m.materialId,
  quantity: m.quantity,
  note: m.note ?? "",
  runId: m.runId ?? null,
  ballId: m.ballId ?? null,
  colourwayId: m.colourwayId ?? null,
  purchaseId: m.purchaseId ?? null,
  importId: m.importId ?? null,
  cost: m.cost ?? null,
  undoes: m.undoes ?? null,
  idempotencyKey: m.key ?? newId(),
  at: scope.now,
});

/**
 * Adds moves to the balances: those of the given ids that are in the ledger, so that one posted twice counts
 * once.
 */
async function addUp(tx: Scope, ids: readonly string[]): Promise<void> {
  const sums = await tx.db
    .select({
      materialId: stockMove.materialId,
      ballId: sql<string>`coalesce(${stockMove.ballId}, '')`,
      quantity: sql<string>`sum(${stockMove.quantity})`,
    })
    .from(stockMove)
    .where(mine(tx, stockMove, inArray(stockMove.id, [...ids])))
    .groupBy(stockMove.materialId, stockMove.ballId)
    // Always in one order: two postings of the same things then wait for each other instead of locking each
    // other out.
    .orderBy(asc(stockMove.materialId), asc(stockMove.ballId));
  if (sums.length === 0) return;
  await tx.db
    .insert(stockBalance)
    .values(
      sums.map((r) => ({
        workshopId: tx.workshopId,
        materialId: r.materialId,
        ballId: r.ballId,
        quantity: Number(r.quantity),
      })),
    )
    .onDuplicateKeyUpdate({ set: { quantity: sql`quantity + values(quantity)` } });
}

/**
 * Adds all balances up anew from the ledger. What they come to is the same: it is for a ledger that was
 * filled by hand.
 */
export async function rebuildBalances(scope: Scope): Promise<void> {
  await transact(scope, async (tx) => {
    await tx.db.delete(stockBalance).where(mine(tx, stockBalance));
    await tx.db.execute(
      sql`insert into stock_balance (workshop_id, material_id, ball_id, quantity) select workshop_id, material_id, coalesce(ball_id, ''), sum(quantity) from stock_move where workshop_id = ${tx.workshopId} group by workshop_id, material_id, coalesce(ball_id, '')`,
    );
    await beat(tx, "stock");
  });
}

/** On hand by material: the sum of its moves. */
export async function balances(scope: Scope): Promise<Map<string, number>> {
  const rows = await scope.db
    .select({ materialId: stockBalance.materialId, quantity: sql<string>`sum(${stockBalance.quantity})` })
    .from(stockBalance)
    .where(mine(scope, stockBalance))
    .groupBy(stockBalance.materialId);
  return new Map(rows.map((r) => [r.materialId, Number(r.quantity)]));
}

async function sumWhere(scope: Scope, where: SQL): Promise<number> {
  const [row] = await scope.db
    .select({ quantity: sql<string | null>`sum(${stockMove.quantity})` })
    .from(stockMove)
    .where(mine(scope, stockMove, where));
  return Number(row?.quantity ?? 0);
}

/** Left of balls: the sum of the moves that name them. Of all, of one yarn's, or of the given ones. */
export async function ballBalances(
  scope: Scope,
  of: { yarnId?: string; ballIds?: readonly string[] } = {},
): Promise<Map<string, number>> {
  if (of.ballIds?.length === 0) return new Map();
  const rows = await scope.db
    .select({ ballId: stockBalance.ballId, quantity: stockBalance.quantity })
    .from(stockBalance)
    .where(
      mine(
        scope,
        stockBalance,
        ne(stockBalance.ballId, ""),
        of.yarnId ? eq(stockBalance.materialId, of.yarnId) : undefined,
        of.ballIds ? inArray(stockBalance.ballId, [...of.ballIds]) : undefined,
      ),
    );
  return new Map(rows.map((r) => [r.ballId, r.quantity]));
}

async function posted(tx: Scope, key: string | undefined): Promise<boolean> {
  if (key === undefined) return false;
  return (
    (
      await tx.db
        .select({ id: stockMove.id })
        .from(stockMove)
        .where(mine(tx, stockMove, eq(stockMove.idempotencyKey, key)))
        .limit(1)
    ).length > 0
  );
}

export interface Count {
  readonly materialKind: "yarn" | "notion";
  readonly materialId: string;
  /** The ball that was weighed; without one the material as a whole was. */
  readonly ballId?: string | undefined;
  readonly onHand: number;
  readonly kind: "counted" | "weighed";
  readonly note?: string | undefined;
  readonly key?: string | undefined;
}

/**
 * What was counted or weighed becomes the balance, by posting the difference. The material's or ball's own
 * row is locked, so two counts at once end at the later one and not at their sum. Answers the difference.
 */
export async function postCount(scope: Scope, m: Count): Promise<number> {
  return transact(scope, async (tx) => {
    const table = m.materialKind === "yarn" ? yarn : notion;
    const owned = m.ballId
      ? await tx.db
          .select({ id: ball.id })
          .from(ball)
          .where(mine(tx, ball, eq(ball.id, m.ballId), eq(ball.yarnId, m.materialId)))
          .for("update")
      : await tx.db
          .select({ id: table.id })
          .from(table)
          .where(mine(tx, table, eq(table.id, m.materialId)))
          .for("update");
    if (owned.length === 0) throw new NotThere("The material");
    if (await posted(tx, m.key)) return 0;
    const before = m.ballId
      ? await sumWhere(
          tx,
          and(eq(stockMove.materialId, m.materialId), eq(stockMove.ballId, m.ballId)) ?? sql`false`,
        )
      : await sumWhere(tx, eq(stockMove.materialId, m.materialId));
    const difference = m.onHand - before;
    if (difference !== 0)
      await postMoves(tx, [
        {
          kind: m.kind,
          materialKind: m.materialKind,
          materialId: m.materialId,
          ballId: m.ballId,
          quantity: difference,
          note: m.note,
          key: m.key,
        },
      ]);
    return difference;
  });
}

/**
 * Takes a move back by its opposite. Answers false when it was taken back before, or is itself a taking back.
 */
export async function undoMove(scope: Scope, id: string): Promise<boolean> {
  return transact(scope, async (tx) => {
    const [m] = await tx.db
      .select()
      .from(stockMove)
      .where(mine(tx, stockMove, eq(stockMove.id, id)))
      .for("update");
    if (!m || m.kind === "undone") return false;
    const [done] = await tx.db
      .select({ id: stockMove.id })
      .from(stockMove)
      .where(mine(tx, stockMove, eq(stockMove.undoes, id)))
      .limit(1);
    if (done) return false;
    await postMoves(tx, [opposite(m)]);
    return true;
  });
}

export const opposite = (m: StockMove): NewMove => ({
  kind: "undone",
  materialKind: m.materialKind,
  materialId: m.materialId,
  ballId: m.ballId ?? undefined,
  colourwayId: m.colourwayId ?? undefined,
  quantity: -m.quantity,
  note: m.kind,
  runId: m.runId ?? undefined,
  cost: m.cost === null ? undefined : minor(-m.cost),
  undoes: m.id,
  key: `undo:${m.id}`,
});

export async function movesOf(scope: Scope, materialId: string, limit = 50): Promise<StockMove[]> {
  return scope.db
    .select()
    .from(stockMove)
    .where(mine(scope, stockMove, eq(stockMove.materialId, materialId)))
    .orderBy(desc(stockMove.at), desc(stockMove.id))
    .limit(limit);
}

export interface BookMove extends StockMove {
  readonly takenBack: boolean;
}

/** The stock book, newest first: a page of it, of one material or kind when asked. */
export async function stockBook(
  scope: Scope,
  of: {
    materialId?: string | undefined;
    kind?: MoveKind | undefined;
    limit: number;
    before?: { at: Date; id: string } | undefined;
  },
): Promise<BookMove[]> {
  const back = alias(stockMove, "back");
  const rows = await scope.db
    .select({ move: stockMove, back: back.id })
    .from(stockMove)
    .leftJoin(back, eq(back.undoes, stockMove.id))
    .where(
      mine(
        scope,
        stockMove,
        of.materialId ? eq(stockMove.materialId, of.materialId) : undefined,
        of.kind ? eq(stockMove.kind, of.kind) : undefined,
        of.before
          ? or(
              lt(stockMove.at, of.before.at),
              and(eq(stockMove.at, of.before.at), lt(stockMove.id, of.before.id)),
            )
          : undefined,
      ),
    )
    .orderBy(desc(stockMove.at), desc(stockMove.id))
    .limit(of.limit);
  return rows.map((r) => ({ ...r.move, takenBack: r.back !== null }));
}

/**
 * All moves of a material in the order they happened, without those that were taken back: what values are
 * reckoned from.
 */
export async function standingMoves(scope: Scope, materialIds: readonly string[]): Promise<StockMove[]> {
  if (materialIds.length === 0) return [];
  const back = alias(stockMove, "back");
  const rows = await scope.db
    .select({ move: stockMove })
    .from(stockMove)
    .leftJoin(back, eq(back.undoes, stockMove.id))
    .where(
      mine(
        scope,
        stockMove,
        inArray(stockMove.materialId, [...materialIds]),
        isNull(back.id),
        isNull(stockMove.undoes),
      ),
    )
    .orderBy(asc(stockMove.at), asc(stockMove.id));
  return rows.map((r) => r.move);
}

/** Used and wasted since a day, by material, as positive amounts. */
export async function usedSince(scope: Scope, since: Date): Promise<Map<string, number>> {
  const rows = await scope.db
    .select({ materialId: stockMove.materialId, quantity: sql<string>`sum(${stockMove.quantity})` })
    .from(stockMove)
    .where(mine(scope, stockMove, gte(stockMove.at, since), inArray(stockMove.kind, ["used", "wasted"])))
    .groupBy(stockMove.materialId);
  return new Map(rows.map((r) => [r.materialId, -Number(r.quantity)]));
}

export async function movesOfRun(scope: Scope, runId: string): Promise<StockMove[]> {
  return scope.db
    .select()
    .from(stockMove)
    .where(mine(scope, stockMove, eq(stockMove.runId, runId)))
    .orderBy(asc(stockMove.id));
}

/** Takes back the move that was posted under a key. */
export async function undoKey(scope: Scope, key: string): Promise<boolean> {
  const [m] = await scope.db
    .select({ id: stockMove.id })
    .from(stockMove)
    .where(mine(scope, stockMove, eq(stockMove.idempotencyKey, key)))
    .limit(1);
  return m ? undoMove(scope, m.id) : false;
}
