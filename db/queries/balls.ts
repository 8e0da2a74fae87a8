import { milligrams, type Milligrams, type Minor } from "@core/units";
import { changeRow } from "../change";
import { and, asc, eq, inArray, isNull, sql } from "drizzle-orm";
import { ballState, type BallState } from "../../core/planning/take";
import { ball, ballReservation, run, stockMove, yarn } from "../schema";
import { changing } from "../pulse";
import { NotThere, mine, newId, type Scope } from "../scope";
import { ballBalances, postMoves } from "./stock";

export type BallRow = typeof ball.$inferSelect;
export interface Ball extends BallRow {
  /** Left of it, mg. */
  readonly mg: Milligrams;
  /** Promised to runs by their cutting plans, mg. */
  readonly reserved: number;
  readonly state: BallState;
}

async function reservedOf(scope: Scope, except?: string): Promise<Map<string, number>> {
  const rows = await scope.db
    .select({ ballId: ballReservation.ballId, quantity: sql<string>`sum(${ballReservation.quantity})` })
    .from(ballReservation)
    // A run that was deleted promises nothing; brought back, its promises count again.
    .innerJoin(run, and(eq(run.id, ballReservation.runId), isNull(run.deletedAt)))
    .where(mine(scope, ballReservation, except ? sql`${ballReservation.runId} <> ${except}` : undefined))
    .groupBy(ballReservation.ballId);
  return new Map(rows.map((r) => [r.ballId, Number(r.quantity)]));
}

/**
 * Balls with something left, by yarn and lot; empty ones only when asked. Promises of the run `except` are
 * left out.
 */
export async function listBalls(
  scope: Scope,
  of: { yarnId?: string; yarnIds?: readonly string[]; empty?: boolean; except?: string } = {},
): Promise<Ball[]> {
  if (of.yarnIds?.length === 0) return [];
  const [rows, left, reserved] = await Promise.all([
    scope.db
      .select()
      .from(ball)
      .where(
        mine(
          scope,
          ball,
          isNull(ball.deletedAt),
          of.yarnId ? eq(ball.yarnId, of.yarnId) : undefined,
          of.yarnIds ? inArray(ball.yarnId, [...of.yarnIds]) : undefined,
        ),
      )
      .orderBy(asc(ball.yarnId), asc(ball.lot), asc(ball.createdAt), asc(ball.id)),
    ballBalances(scope, of.yarnId ? { yarnId: of.yarnId } : {}),
    reservedOf(scope, of.except),
  ]);
  return rows.flatMap((b) => {
    const mg = milligrams(left.get(b.id) ?? 0);
    return mg > 0 || of.empty
      ? [{ ...b, mg, reserved: reserved.get(b.id) ?? 0, state: ballState(mg, b.fullMg, b.scrap) }]
      : [];
  });
}

export interface NewBall {
  readonly yarnId: string;
  readonly lot: string;
  readonly scrap: boolean;
  readonly place: string;
  readonly fullMg: Milligrams;
  readonly price: Minor;
  readonly note?: string;
  /** What is on it, mg. */
  readonly mg: Milligrams;
  readonly kind: "bought" | "weighed" | "returned" | "moved";
  readonly cost?: Minor | undefined;
  readonly purchaseId?: string | undefined;
  readonly importId?: string | undefined;
  readonly key?: string | undefined;
}

/**
 * Puts balls into the cupboard, each with the move that brought it. A key that was posted before brings no
 * second ball.
 */
export async function addBalls(scope: Scope, balls: readonly NewBall[]): Promise<string[]> {
  if (balls.length === 0) return [];
  return changing(scope, "stock", async (tx) => {
    const yarnIds = [...new Set(balls.map((b) => b.yarnId))];
    const owned = new Set(
      (
        await tx.db
          .select({ id: yarn.id })
          .from(yarn)
          .where(mine(tx, yarn, inArray(yarn.id, yarnIds), isNull(yarn.deletedAt)))
          .for("update")
      ).map((y) => y.id),
    );
    if (yarnIds.some((id) => !owned.has(id))) throw new NotThere("The yarn");
    const made = balls.map((b) => ({ ...b, id: newId() }));
    for (let i = 0; i < made.length; i += 500) {
      const part = made.slice(i, i + 500);
      await tx.db.insert(ball).values(
        part.map((b) => ({
          id: b.id,
          workshopId: tx.workshopId,
          yarnId: b.yarnId,
          lot: b.lot,
          scrap: b.scrap,
          place: b.place,
          fullMg: b.fullMg,
          price: b.price,
          note: b.note ?? "",
          purchaseId: b.purchaseId ?? null,
          importId: b.importId ?? null,
          createdAt: tx.now,
        })),
      );
      await postMoves(
        tx,
        part.map((b) => ({
          kind: b.kind,
          materialKind: "yarn" as const,
          materialId: b.yarnId,
          ballId: b.id,
          quantity: b.mg,
          cost: b.cost,
          purchaseId: b.purchaseId,
          importId: b.importId,
          key: b.key,
          note: b.lot ? `lot ${b.lot}` : "",
        })),
      );
    }
    // A ball whose move was posted before under the same key stays without one: take it out again.
    const keyed = made.filter((b) => b.key !== undefined).map((b) => b.id);
    if (keyed.length > 0) {
      const withMove = await ballBalances(tx, { ballIds: keyed });
      const twice = keyed.filter((id) => !withMove.has(id));
      if (twice.length > 0) await tx.db.delete(ball).where(mine(tx, ball, inArray(ball.id, twice)));
      return made.map((b) => b.id).filter((id) => !twice.includes(id));
    }
    return made.map((b) => b.id);
  });
}

export async function findBall(scope: Scope, id: string): Promise<BallRow | undefined> {
  return (
    await scope.db
      .select()
      .from(ball)
      .where(mine(scope, ball, eq(ball.id, id)))
      .limit(1)
  )[0];
}

export async function changeBall(
  scope: Scope,
  id: string,
  values: { lot: string; place: string; scrap: boolean; note: string },
  seen?: number,
): Promise<void> {
  await changing(scope, "stock", (tx) => changeRow(tx, ball, id, values, "The ball", seen));
}

export async function setBallDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  await changing(scope, "stock", async (tx) => {
    const [row] = await tx.db
      .select()
      .from(ball)
      .where(mine(tx, ball, eq(ball.id, id)))
      .for("update");
    if (!row || (row.deletedAt !== null) === deleted) return;
    await tx.db
      .update(ball)
      .set({ deletedAt: deleted ? tx.now : null })
      .where(mine(tx, ball, eq(ball.id, id)));
    const left = (await ballBalances(tx, { ballIds: [id] })).get(id) ?? 0;
    // What was on it leaves the stock with it, and comes back with it.
    if (deleted) {
      if (left !== 0)
        await postMoves(tx, [
          {
            kind: "wasted",
            materialKind: "yarn",
            materialId: row.yarnId,
            ballId: id,
            quantity: -left,
            note: "ball taken out",
          },
        ]);
    } else {
      const [out] = await tx.db
        .select()
        .from(stockMove)
        .where(mine(tx, stockMove, eq(stockMove.ballId, id), eq(stockMove.note, "ball taken out")))
        .orderBy(sql`${stockMove.id} desc`)
        .limit(1);
      if (out)
        await postMoves(tx, [
          {
            kind: "undone",
            materialKind: "yarn",
            materialId: row.yarnId,
            ballId: id,
            quantity: -out.quantity,
            note: "wasted",
            undoes: out.id,
            key: `undo:${out.id}`,
          },
        ]);
    }
  });
}
