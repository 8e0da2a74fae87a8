import { and, eq, inArray, isNull, sql } from "drizzle-orm";
import { ball, ballReservation, cuttingPlan, run, type KeptCutting } from "../schema";
import { changing } from "../pulse";
import { ChangedMeanwhile, mine, type Scope } from "../scope";
import { ballBalances } from "./stock";

export type CuttingPlanRow = typeof cuttingPlan.$inferSelect;

/** Somebody else promised what was planned here; nothing was written. */
export class BallTaken extends Error {
  constructor(
    readonly balls: readonly { readonly ballId: string; readonly wanted: number; readonly free: number }[],
  ) {
    super("a ball was promised to another run meanwhile");
    this.name = "BallTaken";
  }
}

export async function findCutting(scope: Scope, runId: string): Promise<CuttingPlanRow | undefined> {
  return (
    await scope.db
      .select()
      .from(cuttingPlan)
      .where(mine(scope, cuttingPlan, eq(cuttingPlan.runId, runId)))
      .limit(1)
  )[0];
}

/**
 * Keeps a run's cutting plan and promises it the balls. The balls' rows are locked in the order of their ids,
 * then what is left and promised is read: no two runs are ever promised the same yarn.
 * @throws ChangedMeanwhile when the plan was kept by another tab since `basedOn` (0 for none)
 * @throws BallTaken when another run has been promised a ball since
 */
export async function keepCutting(
  scope: Scope,
  runId: string,
  basedOn: number,
  plan: KeptCutting,
): Promise<number> {
  const wanted = new Map<string, number>();
  for (const p of plan.placed)
    if (!p.ball.startsWith("new-")) wanted.set(p.ball, (wanted.get(p.ball) ?? 0) + p.mg);
  const ids = [...wanted.keys()].sort();
  return changing(scope, "stock", async (tx) => {
    const [owner] = await tx.db
      .select({ id: run.id, state: run.state })
      .from(run)
      .where(mine(tx, run, eq(run.id, runId), isNull(run.deletedAt)))
      .for("update");
    if (!owner || owner.state === "finished") throw new ChangedMeanwhile("The run");
    const locked =
      ids.length === 0
        ? []
        : await tx.db
            .select({ id: ball.id })
            .from(ball)
            .where(mine(tx, ball, inArray(ball.id, ids), isNull(ball.deletedAt)))
            .orderBy(ball.id)
            .for("update");
    const before = await findCutting(tx, runId);
    if ((before?.version ?? 0) !== basedOn) throw new ChangedMeanwhile("The cutting plan");
    const left = await ballBalances(tx, { ballIds: ids });
    const others =
      ids.length === 0
        ? []
        : await tx.db
            .select({
              ballId: ballReservation.ballId,
              quantity: sql<string>`sum(${ballReservation.quantity})`,
            })
            .from(ballReservation)
            .innerJoin(run, and(eq(run.id, ballReservation.runId), isNull(run.deletedAt)))
            .where(
              mine(
                tx,
                ballReservation,
                inArray(ballReservation.ballId, ids),
                sql`${ballReservation.runId} <> ${runId}`,
              ),
            )
            .groupBy(ballReservation.ballId);
    const promised = new Map(others.map((o) => [o.ballId, Number(o.quantity)]));
    const there = new Set(locked.map((b) => b.id));
    const over = ids.flatMap((id) => {
      const free = there.has(id) ? (left.get(id) ?? 0) - (promised.get(id) ?? 0) : 0;
      const want = wanted.get(id) ?? 0;
      return want > free ? [{ ballId: id, wanted: want, free: Math.max(0, free) }] : [];
    });
    if (over.length > 0) throw new BallTaken(over);
    const version = basedOn + 1;
    await tx.db.delete(ballReservation).where(mine(tx, ballReservation, eq(ballReservation.runId, runId)));
    if (ids.length > 0)
      await tx.db.insert(ballReservation).values(
        ids.map((ballId) => ({
          workshopId: tx.workshopId,
          runId,
          ballId,
          quantity: wanted.get(ballId) ?? 0,
        })),
      );
    await tx.db
      .insert(cuttingPlan)
      .values({ runId, workshopId: tx.workshopId, version, plan, keptAt: tx.now })
      .onDuplicateKeyUpdate({ set: { version, plan, keptAt: tx.now } });
    return version;
  });
}

/**
 * Deletes a run, or brings it back. Deleted it promises no balls. When it comes back and what it was promised
 * went to another run meanwhile, its cutting plan is forgotten: it is made anew, and nothing is promised
 * twice.
 */
export async function setRunDeleted(scope: Scope, runId: string, deleted: boolean): Promise<void> {
  await changing(scope, "stock", async (tx) => {
    const [row] = await tx.db
      .select({ deletedAt: run.deletedAt })
      .from(run)
      .where(mine(tx, run, eq(run.id, runId)))
      .for("update");
    if (!row || (row.deletedAt !== null) === deleted) return;
    await tx.db
      .update(run)
      .set({ deletedAt: deleted ? tx.now : null })
      .where(mine(tx, run, eq(run.id, runId)));
    if (deleted) return;
    const own = await tx.db
      .select({ ballId: ballReservation.ballId })
      .from(ballReservation)
      .where(mine(tx, ballReservation, eq(ballReservation.runId, runId)));
    const ids = own.map((o) => o.ballId).sort();
    if (ids.length === 0) return;
    await tx.db
      .select({ id: ball.id })
      .from(ball)
      .where(mine(tx, ball, inArray(ball.id, ids)))
      .orderBy(ball.id)
      .for("update");
    const left = await ballBalances(tx, { ballIds: ids });
    const promised = await tx.db
      .select({ ballId: ballReservation.ballId, quantity: sql<string>`sum(${ballReservation.quantity})` })
      .from(ballReservation)
      .innerJoin(run, and(eq(run.id, ballReservation.runId), isNull(run.deletedAt)))
      .where(mine(tx, ballReservation, inArray(ballReservation.ballId, ids)))
      .groupBy(ballReservation.ballId);
    if (promised.some((p) => Number(p.quantity) > (left.get(p.ballId) ?? 0))) await dropCutting(tx, runId);
  });
}

/** Gives the balls back; the plan is forgotten. */
export async function dropCutting(scope: Scope, runId: string): Promise<void> {
  await changing(scope, "stock", async (tx) => {
    await tx.db.delete(ballReservation).where(mine(tx, ballReservation, eq(ballReservation.runId, runId)));
    await tx.db.delete(cuttingPlan).where(mine(tx, cuttingPlan, eq(cuttingPlan.runId, runId)));
  });
}

export async function reservationsOf(
  scope: Scope,
  ballIds: readonly string[],
): Promise<{ runId: string; ballId: string; quantity: number; run: string }[]> {
  if (ballIds.length === 0) return [];
  return scope.db
    .select({
      runId: ballReservation.runId,
      ballId: ballReservation.ballId,
      quantity: ballReservation.quantity,
      run: run.name,
    })
    .from(ballReservation)
    .innerJoin(run, and(eq(run.id, ballReservation.runId), isNull(run.deletedAt)))
    .where(mine(scope, ballReservation, inArray(ballReservation.ballId, [...ballIds])));
}

/** The plans that runs have kept. */
export async function listCuttings(scope: Scope): Promise<CuttingPlanRow[]> {
  return scope.db.select().from(cuttingPlan).where(mine(scope, cuttingPlan));
}

/** Runs that have kept a plan. */
export async function runsWithCutting(scope: Scope): Promise<Set<string>> {
  return new Set(
    (
      await scope.db.select({ runId: cuttingPlan.runId }).from(cuttingPlan).where(mine(scope, cuttingPlan))
    ).map((r) => r.runId),
  );
}
