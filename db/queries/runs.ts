import { asc, desc, eq, inArray, isNull, ne, sql } from "drizzle-orm";
import { shareExactly, takeFrom } from "../../core/planning/take";
import {
  ballReservation,
  cuttingPlan,
  hand,
  run,
  runLine,
  type LinePlannedWith,
  type LineShares,
  type RunPlannedWith,
  RUN_STATES,
} from "../schema";
import { mustOwn } from "../change";
import { beat, changing } from "../pulse";
import { mine, newId, transact, type Scope, NotThere } from "../scope";
import { listBalls } from "./balls";
import { keepBatch, listBatches, lookedAt, type NewBatch } from "./batches";
import { findCutting } from "./cutting";
import { lotsAsPlaced } from "./piece-lots";
import { usedUntilWeighed, type BallWeighed } from "./run-weighed";
import { postMoves, type NewMove } from "./stock";

export { RUN_SCHOOLS } from "../schema";
export type RunState = (typeof RUN_STATES)[number];
export type Run = typeof run.$inferSelect;
export type RunLineRow = typeof runLine.$inferSelect;
export interface RunWithLines {
  readonly run: Run;
  readonly lines: readonly RunLineRow[];
}
export interface NewRun {
  readonly name: string;
  readonly startOn: string;
  readonly dueOn: string;
  readonly plannedWith: RunPlannedWith;
  readonly lines: readonly {
    itemId: string;
    revisionId: string;
    colourwayId?: string | null;
    quantity: number;
    plannedWith: LinePlannedWith;
  }[];
}

async function withLines(scope: Scope, runs: Run[]): Promise<RunWithLines[]> {
  if (runs.length === 0) return [];
  const lines = await scope.db
    .select()
    .from(runLine)
    .where(
      mine(
        scope,
        runLine,
        inArray(
          runLine.runId,
          runs.map((r) => r.id),
        ),
      ),
    )
    .orderBy(asc(runLine.sort));
  const ofRun = new Map<string, RunLineRow[]>(runs.map((r) => [r.id, []]));
  for (const l of lines) ofRun.get(l.runId)?.push(l);
  return runs.map((r) => ({ run: r, lines: ofRun.get(r.id) ?? [] }));
}

/** All runs by their due day. */
export async function listRuns(scope: Scope): Promise<RunWithLines[]> {
  return withLines(
    scope,
    await scope.db
      .select()
      .from(run)
      .where(mine(scope, run, isNull(run.deletedAt)))
      .orderBy(asc(run.dueOn), asc(run.createdAt)),
  );
}

/** Runs that are not finished, by their due day: they are few, however many were made. */
export async function listOpenRuns(scope: Scope): Promise<RunWithLines[]> {
  return withLines(
    scope,
    await scope.db
      .select()
      .from(run)
      .where(mine(scope, run, isNull(run.deletedAt), ne(run.state, "finished")))
      .orderBy(asc(run.dueOn), asc(run.createdAt)),
  );
}

/** The last finished runs, the newest first; and how many there are in all. */
export async function listFinishedRuns(
  scope: Scope,
  most: number,
): Promise<{ runs: RunWithLines[]; all: number }> {
  const where = mine(scope, run, isNull(run.deletedAt), eq(run.state, "finished"));
  const [rows, [count]] = await Promise.all([
    scope.db.select().from(run).where(where).orderBy(desc(run.dueOn), desc(run.createdAt)).limit(most),
    scope.db
      .select({ n: sql<string>`count(*)` })
      .from(run)
      .where(where),
  ]);
  return { runs: await withLines(scope, rows), all: Number(count?.n ?? 0) };
}

export async function findRun(scope: Scope, id: string): Promise<RunWithLines | undefined> {
  const rows = await scope.db
    .select()
    .from(run)
    .where(mine(scope, run, eq(run.id, id), isNull(run.deletedAt)))
    .limit(1);
  return (await withLines(scope, rows))[0];
}

export async function createRun(scope: Scope, r: NewRun): Promise<string> {
  return transact(scope, async (tx) => {
    const id = newId();
    await tx.db.insert(run).values({
      id,
      workshopId: tx.workshopId,
      name: r.name,
      startOn: r.startOn,
      dueOn: r.dueOn,
      plannedWith: r.plannedWith,
      createdAt: tx.now,
    });
    await tx.db.insert(runLine).values(r.lines.map((l, i) => lineRow(tx, id, l, i)));
    return id;
  });
}

/** A line as it is written into a run. */
export const lineRow = (
  { workshopId }: Scope,
  runId: string,
  l: NewRun["lines"][number],
  sort: number,
): typeof runLine.$inferInsert => ({
  id: newId(),
  workshopId,
  runId,
  itemId: l.itemId,
  revisionId: l.revisionId,
  colourwayId: l.colourwayId ?? null,
  quantity: l.quantity,
  plannedWith: l.plannedWith,
  sort,
});

/** A run that is not deleted; whoever changes it meanwhile waits. */
export async function lockRun(tx: Scope, id: string): Promise<Run | undefined> {
  const [row] = await tx.db
    .select()
    .from(run)
    .where(mine(tx, run, eq(run.id, id), isNull(run.deletedAt)))
    .for("update");
  return row;
}

/**
 * Puts more lines into a run that is not finished. The cutting plan knows nothing of them, so the balls are given
 * back. @throws NotThere when the run is finished or gone
 */
export async function addLines(scope: Scope, id: string, lines: NewRun["lines"]): Promise<void> {
  await transact(scope, async (tx) => {
    const row = await lockRun(tx, id);
    if (!row || row.state === "finished") throw new NotThere("The run");
    const [found] = await withLines(tx, [row]);
    const next = Math.max(-1, ...(found?.lines ?? []).map((l) => l.sort)) + 1;
    await tx.db.insert(runLine).values(lines.map((l, i) => lineRow(tx, id, l, next + i)));
    await forgetCutting(tx, id);
  });
}

/**
 * Plans the lines of an open run anew; what they were planned with is kept beside it. The cutting plan speaks
 * of other lengths, so the balls are given back. false when the run is finished or gone.
 */
export async function replanRun(
  scope: Scope,
  id: string,
  lines: ReadonlyMap<string, { readonly revisionId: string; readonly plannedWith: LinePlannedWith }>,
): Promise<boolean> {
  return transact(scope, async (tx) => {
    const row = await lockRun(tx, id);
    if (!row || row.state === "finished") return false;
    const [found] = await withLines(tx, [row]);
    for (const l of found?.lines ?? []) {
      const next = lines.get(l.id);
      if (!next) continue;
      const { before: _earlier, ...plannedWith } = l.plannedWith;
      await tx.db
        .update(runLine)
        .set({
          revisionId: next.revisionId,
          plannedWith: { ...next.plannedWith, before: { revisionId: l.revisionId, plannedWith } },
        })
        .where(mine(tx, runLine, eq(runLine.id, l.id)));
    }
    await forgetCutting(tx, id);
    return true;
  });
}

/** Back to what the lines were planned with before. */
export async function unplanRun(scope: Scope, id: string): Promise<void> {
  await transact(scope, async (tx) => {
    const row = await lockRun(tx, id);
    if (!row || row.state === "finished") return;
    const [found] = await withLines(tx, [row]);
    for (const l of found?.lines ?? [])
      if (l.plannedWith.before)
        await tx.db
          .update(runLine)
          .set({ revisionId: l.plannedWith.before.revisionId, plannedWith: l.plannedWith.before.plannedWith })
          .where(mine(tx, runLine, eq(runLine.id, l.id)));
    await forgetCutting(tx, id);
  });
}

/**
 * Who does what of a run's lines; null gives all of it back to the maker. Lines that are not named stay as
 * they are. @throws NotThere for a line or a hand that is not the workshop's
 */
export async function shareRun(
  scope: Scope,
  id: string,
  shares: ReadonlyMap<string, LineShares | null>,
): Promise<void> {
  await changing(scope, "shelf", async (tx) => {
    const row = await lockRun(tx, id);
    if (!row) throw new NotThere("The run");
    const hands = new Set([...shares.values()].flatMap((s) => s?.given.map((g) => g.handId) ?? []));
    for (const h of hands) await mustOwn(tx, hand, h, "The hand");
    for (const [lineId, own] of shares) {
      await mustOwn(tx, runLine, lineId, "The line");
      await tx.db
        .update(runLine)
        .set({ shares: own })
        .where(mine(tx, runLine, eq(runLine.id, lineId), eq(runLine.runId, id)));
    }
  });
}

/** The cutting plan speaks of other lengths: its balls are given back. */
export async function forgetCutting(tx: Scope, runId: string): Promise<void> {
  await beat(tx, "stock");
  await tx.db.delete(ballReservation).where(mine(tx, ballReservation, eq(ballReservation.runId, runId)));
  await tx.db.delete(cuttingPlan).where(mine(tx, cuttingPlan, eq(cuttingPlan.runId, runId)));
}

/**
 * The order in which open runs get their hours and their stock. Runs that are not named keep to their due
 * days; none named gives all back to them. @throws NotThere
 */
export async function orderRuns(scope: Scope, ids: readonly string[]): Promise<void> {
  await changing(scope, "stock", async (tx) => {
    for (const id of ids) await mustOwn(tx, run, id, "The run");
    await tx.db
      .update(run)
      .set({ sort: null })
      .where(mine(tx, run, ne(run.state, "finished")));
    for (const [i, id] of ids.entries())
      await tx.db
        .update(run)
        .set({ sort: i })
        .where(mine(tx, run, eq(run.id, id)));
  });
}

/** How its tasks follow each other: the bench goes by it. */
export async function setRunSchool(scope: Scope, id: string, school: Run["school"]): Promise<void> {
  await mustOwn(scope, run, id, "The run");
  await scope.db
    .update(run)
    .set({ school })
    .where(mine(scope, run, eq(run.id, id)));
}

export async function startRun(scope: Scope, id: string): Promise<void> {
  await scope.db
    .update(run)
    .set({ state: "underway" })
    .where(mine(scope, run, eq(run.id, id), eq(run.state, "planned")));
}

/** What the pieces of a line came to when they were looked at. */
export type Outcome = Pick<
  NewBatch,
  "good" | "mended" | "seconds" | "rejected" | "mendingMinutes" | "note"
> & {
  readonly placeId?: string;
};
const allGood = (pieces: number): Outcome => ({
  good: pieces,
  mended: 0,
  seconds: 0,
  rejected: [],
  mendingMinutes: 0,
  note: "",
});

async function inspected(tx: Scope, runId: string): Promise<Map<string, number>> {
  const out = new Map<string, number>();
  for (const b of await listBatches(tx, { runId }))
    out.set(b.lineId ?? "", (out.get(b.lineId ?? "") ?? 0) + lookedAt(b));
  return out;
}

async function keepOutcome(tx: Scope, r: Run, line: RunLineRow, o: Outcome, day: string, key: string) {
  await keepBatch(tx, {
    ...o,
    placeId: o.placeId ?? "",
    runId: r.id,
    lineId: line.id,
    itemId: line.itemId,
    colourwayId: line.colourwayId ?? "",
    revisionId: line.revisionId,
    inspectedOn: day,
    note: o.note || r.name,
    key,
  });
}

/**
 * Keeps what an inspection of some pieces of an open run came to; the run goes on. false when it is finished
 * or gone.
 */
export async function inspectRun(
  scope: Scope,
  id: string,
  today: string,
  outcomes: ReadonlyMap<string, Outcome>,
): Promise<boolean> {
  return transact(scope, async (tx) => {
    const row = await lockRun(tx, id);
    if (!row || row.state === "finished") return false;
    const [found] = await withLines(tx, [row]);
    const before = await inspected(tx, id);
    for (const line of found?.lines ?? []) {
      const o = outcomes.get(line.id);
      if (!o) continue;
      const had = before.get(line.id) ?? 0;
      await keepOutcome(tx, row, line, o, today, `${line.id}:${had}`);
      const all = had + lookedAt(o);
      if (all > line.made)
        await tx.db
          .update(runLine)
          .set({ made: Math.min(all, line.quantity) })
          .where(mine(tx, runLine, eq(runLine.id, line.id)));
    }
    if (row.state === "planned")
      await tx.db
        .update(run)
        .set({ state: "underway" })
        .where(mine(tx, run, eq(run.id, id)));
    return true;
  });
}

/**
 * Ends a run: what its pieces took is posted as used, and those that passed are put on the shelf: as
 * `outcomes` say, by line, and all that was planned where they say nothing. Yarn is taken from the balls of
 * its cutting plan, without one from scraps first; of balls that were weighed at the bench what the scale said
 * takes the plan's place. The state is the lock and the keys are the run's own, so a repeated click posts
 * nothing twice.
 */
export async function finishRun(
  scope: Scope,
  id: string,
  today: string,
  outcomes?: ReadonlyMap<string, Outcome>,
  weighed: readonly BallWeighed[] = [],
): Promise<boolean> {
  return transact(scope, async (tx) => {
    const row = await lockRun(tx, id);
    if (!row || row.state === "finished") return false;
    const [found] = await withLines(tx, [row]);
    const before = await inspected(tx, id);
    const used = new Map<string, { kind: "yarn" | "notion"; quantity: number }>();
    for (const line of found?.lines ?? []) {
      const had = before.get(line.id) ?? 0;
      const o = outcomes ? outcomes.get(line.id) : allGood(Math.max(0, line.quantity - had));
      if (o) await keepOutcome(tx, row, line, o, today, `${line.id}:end`);
      // Also a piece that was rejected took its yarn.
      const worked = had + (o ? lookedAt(o) : 0);
      for (const need of line.plannedWith.needs)
        used.set(need.materialId, {
          kind: need.kind === "yarn" ? "yarn" : "notion",
          quantity: (used.get(need.materialId)?.quantity ?? 0) + need.each * worked,
        });
      await tx.db
        .update(runLine)
        .set({ made: worked })
        .where(mine(tx, runLine, eq(runLine.id, line.id)));
    }
    const yarnIds = [...used].filter(([, u]) => u.kind === "yarn").map(([materialId]) => materialId);
    const balls = await listBalls(tx, { yarnIds, except: id });
    const placed = (await findCutting(tx, id))?.plan.placed ?? [];
    const scaled = await usedUntilWeighed(tx, weighed, new Map(balls.map((b) => [b.id, b.mg])));
    const done = new Set(weighed.flatMap((w) => w.pieces));
    const left = balls.map((b) => ({ ...b, mg: b.mg - (scaled.get(b.id) ?? 0) }));
    const moves: NewMove[] = [];
    for (const [materialId, { kind, quantity }] of used) {
      const own = left.filter((b) => b.yarnId === materialId);
      const covered = weighed
        .filter((w) => scaled.has(w.ballId) && own.some((b) => b.id === w.ballId))
        .reduce((sum, w) => sum + w.covered, 0);
      const whole = Math.max(0, Math.round(quantity - covered));
      const base = { kind: "used" as const, materialKind: kind, materialId, runId: id, note: row.name };
      const key = `${id.slice(-12)}:${materialId.slice(-12)}`;
      if (kind === "notion") {
        if (whole > 0) moves.push({ ...base, quantity: -whole, key: `${id}:${materialId.slice(-12)}` });
        continue;
      }
      for (const b of own) {
        const mg = scaled.get(b.id) ?? 0;
        if (mg !== 0)
          moves.push({ ...base, quantity: -mg, ballId: b.id, key: `${key}:${b.id.slice(-12)}:w` });
      }
      if (whole > 0)
        for (const t of taken(
          own,
          placed.filter((p) => !done.has(p.piece)),
          whole,
        ))
          moves.push({
            ...base,
            quantity: -t.mg,
            ballId: t.ballId,
            key: `${key}:${t.ballId?.slice(-12) ?? ""}`,
          });
    }
    await postMoves(tx, moves);
    if (found)
      for (const [lineId, lots] of await lotsAsPlaced(tx, found, placed))
        await tx.db
          .update(runLine)
          .set({ lots })
          .where(mine(tx, runLine, eq(runLine.id, lineId)));
    await forgetCutting(tx, id);
    await tx.db
      .update(run)
      .set({ state: "finished", finishedOn: today })
      .where(mine(tx, run, eq(run.id, id)));
    return true;
  });
}

/**
 * Which balls give `mg`: those that the plan named, in its proportions and never beyond what they have; the
 * rest, scraps first.
 */
function taken(
  balls: readonly { id: string; mg: number; reserved: number; state: "scrap" | "opened" | "full" }[],
  placed: readonly { ball: string; mg: number }[],
  mg: number,
): { ballId: string | undefined; mg: number }[] {
  const named = balls
    .map((b) => ({ b, planned: placed.filter((p) => p.ball === b.id).reduce((s, p) => s + p.mg, 0) }))
    .filter((x) => x.planned > 0);
  const shares = shareExactly(
    Math.min(
      mg,
      named.reduce((s, x) => s + x.planned, 0),
    ),
    named.map((x) => x.planned),
  );
  const out = new Map<string | undefined, number>();
  named.forEach(({ b }, i) => out.set(b.id, Math.min(b.mg, shares[i] ?? 0)));
  const rest = mg - [...out.values()].reduce((a, b) => a + b, 0);
  // Balls that other runs were promised are left alone while others have enough.
  const free = balls.map((b) => ({
    id: b.id,
    mg: Math.max(0, b.mg - (out.get(b.id) ?? 0) - b.reserved),
    state: b.state,
  }));
  for (const t of takeFrom(free, rest)) out.set(t.ballId, (out.get(t.ballId) ?? 0) + t.mg);
  return [...out].filter(([, q]) => q > 0).map(([ballId, q]) => ({ ballId, mg: q }));
}

/** What the open runs have promised, by material: upper ends of their needs. `except` leaves one run out. */
export function reservedBy(runs: readonly RunWithLines[], except?: string): Map<string, number> {
  const sums = new Map<string, number>();
  for (const { run: r, lines } of runs) {
    if (r.state === "finished" || r.id === except) continue;
    for (const line of lines)
      for (const need of line.plannedWith.needs)
        sums.set(
          need.materialId,
          (sums.get(need.materialId) ?? 0) + Math.ceil(need.eachHigh * line.quantity),
        );
  }
  return sums;
}
