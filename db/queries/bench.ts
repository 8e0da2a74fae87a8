import { asc, eq, inArray, isNull, like, ne, notInArray, sql } from "drizzle-orm";
import { mustOwn } from "../change";
import { benchAct, hand, run, runLine, timing } from "../schema";
import { mine, newId, NotThere, type Scope } from "../scope";
import type { NewTiming } from "./hands";
import type { Run, RunLineRow } from "./runs";

/** An act as the core folds it, and whose hands did it. */
export interface KeptAct {
  readonly key: string;
  readonly at: number;
  readonly device: string;
  readonly handId: string | null;
  readonly kind: (typeof benchAct.$inferSelect)["kind"];
  readonly piece: number | null;
  readonly step: string | null;
  readonly ms: number | null;
  readonly about: string | null;
  readonly text: string | null;
}

/** A line of a run that may still be worked on. */
export interface BenchLine {
  readonly run: Run;
  readonly line: RunLineRow;
}

/** More than a run of hundreds of pieces has rounds: beyond it a device has gone wrong. */
export const MOST_ACTS = 60_000;

export async function listBenchLines(scope: Scope): Promise<BenchLine[]> {
  return scope.db
    .select({ run, line: runLine })
    .from(runLine)
    .innerJoin(run, eq(run.id, runLine.runId))
    .where(mine(scope, runLine, isNull(run.deletedAt), ne(run.state, "finished")))
    .orderBy(asc(run.dueOn), asc(run.id), asc(runLine.sort));
}

export async function findBenchLine(scope: Scope, lineId: string): Promise<BenchLine | undefined> {
  const [found] = await scope.db
    .select({ run, line: runLine })
    .from(runLine)
    .innerJoin(run, eq(run.id, runLine.runId))
    .where(mine(scope, runLine, eq(runLine.id, lineId), isNull(run.deletedAt)))
    .limit(1);
  return found;
}

/** Acts of some lines, in the order of the devices' clocks. */
export async function listActs(scope: Scope, lineIds: readonly string[]): Promise<Map<string, KeptAct[]>> {
  const out = new Map<string, KeptAct[]>(lineIds.map((id) => [id, []]));
  if (lineIds.length === 0) return out;
  const rows = await scope.db
    .select()
    .from(benchAct)
    .where(mine(scope, benchAct, inArray(benchAct.lineId, [...lineIds])))
    .orderBy(asc(benchAct.at), asc(benchAct.actKey))
    .limit(MOST_ACTS * 4);
  for (const { actKey, lineId, workshopId: _w, keptAt: _k, ...act } of rows)
    out.get(lineId)?.push({ ...act, key: actKey });
  return out;
}

/**
 * Keeps acts of one line; those that are there already stay as they are. The first act begins the run.
 * @throws NotThere for a line or a hand that is not one of this workshop's.
 */
export async function keepActs(scope: Scope, lineId: string, acts: readonly KeptAct[]): Promise<void> {
  const found = await findBenchLine(scope, lineId);
  if (!found) throw new NotThere("The run");
  for (const id of new Set(acts.map((a) => a.handId))) await mustOwn(scope, hand, id, "The hand");
  for (let i = 0; i < acts.length; i += 200) {
    const rows = acts.slice(i, i + 200).map(({ key, ...act }) => ({
      ...act,
      actKey: key,
      lineId,
      workshopId: scope.workshopId,
      keptAt: scope.now,
    }));
    if (rows.length > 0)
      await scope.db
        .insert(benchAct)
        .values(rows)
        .onDuplicateKeyUpdate({ set: { actKey: sql`act_key` } });
  }
  if (acts.length > 0)
    await scope.db
      .update(run)
      .set({ state: "underway" })
      .where(mine(scope, run, eq(run.id, found.run.id), eq(run.state, "planned")));
}

/** How many pieces of a line are done, as far as the bench knows; a finished run keeps what it was closed with. */
export async function setMade(scope: Scope, { run: r, line }: BenchLine, made: number): Promise<void> {
  if (r.state === "finished" || line.made === made) return;
  await scope.db
    .update(runLine)
    .set({ made: Math.min(made, line.quantity) })
    .where(mine(scope, runLine, eq(runLine.id, line.id)));
}

/** Timings that come of the bench: each has its key, and follows what is undone or called work later. */
export async function keepBenchTimings(scope: Scope, timings: readonly NewTiming[]): Promise<void> {
  for (const t of timings)
    await scope.db
      .insert(timing)
      .values({ ...t, id: newId(), workshopId: scope.workshopId, createdAt: scope.now })
      .onDuplicateKeyUpdate({
        set: { seconds: t.seconds, laps: [...t.laps], work: t.work, setAside: sql`set_aside` },
      });
}

/** Takes out the timings of a line that the bench made before and no longer stands behind. */
export async function dropBenchTimings(scope: Scope, prefix: string, stay: readonly string[]): Promise<void> {
  await scope.db
    .delete(timing)
    .where(
      mine(
        scope,
        timing,
        like(timing.idempotencyKey, `${prefix}%`),
        stay.length > 0 ? notInArray(timing.idempotencyKey, [...stay]) : undefined,
      ),
    );
}
