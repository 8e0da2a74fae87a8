import type { Milligrams } from "@core/units";
import { and, asc, eq, gte, inArray, isNull, like, ne, or, sql } from "drizzle-orm";
import { mustOwn } from "../change";
import { ball, benchAct, hand, run, runLine, timing } from "../schema";
import { beat } from "../pulse";
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
  /** Of a ball that was weighed; its rows alone have them. */
  readonly ballId?: string | null;
  readonly mg?: Milligrams | null;
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
 * Lines with something done at the table since then, ms since 1970, other than one; of runs that are open, or ended
 * since. By runs first: a workshop of ten years has a million acts.
 */
export async function linesWorkedSince(scope: Scope, since: number, except?: string): Promise<string[]> {
  const dayBefore = new Date(since - 86_400_000).toISOString().slice(0, 10);
  const rows = await scope.db
    .selectDistinct({ id: runLine.id })
    .from(runLine)
    .innerJoin(run, eq(run.id, runLine.runId))
    .innerJoin(benchAct, and(eq(benchAct.lineId, runLine.id), gte(benchAct.at, since)))
    .where(
      mine(
        scope,
        runLine,
        eq(benchAct.workshopId, scope.workshopId),
        isNull(run.deletedAt),
        or(ne(run.state, "finished"), gte(run.finishedOn, dayBefore)),
        except === undefined ? undefined : ne(runLine.id, except),
      ),
    )
    .limit(20);
  return rows.map((r) => r.id);
}

/**
 * Keeps acts of one line; those that are there already stay as they are. The first act begins the run.
 * @throws NotThere for a line or a hand that is not one of this workshop's.
 */
export async function keepActs(scope: Scope, lineId: string, acts: readonly KeptAct[]): Promise<void> {
  const found = await findBenchLine(scope, lineId);
  if (!found) throw new NotThere("The run");
  for (const id of new Set(acts.map((a) => a.handId))) await mustOwn(scope, hand, id, "The hand");
  for (const id of new Set(acts.map((a) => a.ballId))) await mustOwn(scope, ball, id ?? null, "The ball");
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

/**
 * How many pieces of a line are done, as far as the bench knows; a finished run keeps what it was closed
 * with.
 */
export async function setMade(scope: Scope, { run: r, line }: BenchLine, made: number): Promise<void> {
  if (r.state === "finished" || line.made === made) return;
  await scope.db
    .update(runLine)
    .set({ made: Math.min(made, line.quantity) })
    .where(mine(scope, runLine, eq(runLine.id, line.id)));
}

/**
 * The timings of one line as its acts have them now: new ones are kept, changed ones follow, and those that
 * the acts no longer bear out go; in the caller's transaction. What stands already is not written again, and
 * what the maker set aside stays aside.
 */
export async function setBenchTimings(
  scope: Scope,
  prefix: string,
  timings: readonly NewTiming[],
): Promise<void> {
  const there = await scope.db
    .select({ id: timing.id, key: timing.idempotencyKey, seconds: timing.seconds })
    .from(timing)
    .where(mine(scope, timing, like(timing.idempotencyKey, `${prefix}%`)));
  const known = new Map(there.map((t) => [t.key, t]));
  let changed = false;
  for (const t of timings) {
    const same = known.get(t.idempotencyKey);
    if (same?.seconds === t.seconds) continue;
    changed = true;
    if (same)
      await scope.db
        .update(timing)
        .set({ seconds: t.seconds, work: t.work, pieces: t.pieces, laps: t.laps })
        .where(mine(scope, timing, eq(timing.id, same.id)));
    else
      await scope.db
        .insert(timing)
        .values({ ...t, id: newId(), workshopId: scope.workshopId, createdAt: scope.now })
        // Another device settles the same line at the same moment.
        .onDuplicateKeyUpdate({
          set: { seconds: t.seconds, work: t.work, pieces: t.pieces, laps: t.laps },
        });
  }
  const stay = new Set(timings.map((t) => t.idempotencyKey));
  const gone = there.filter((t) => !stay.has(t.key)).map((t) => t.id);
  if (changed || gone.length > 0) await beat(scope, "measured");
  if (gone.length > 0) await scope.db.delete(timing).where(mine(scope, timing, inArray(timing.id, gone)));
}

/** What the keys of a line's timings begin with. */
export const benchPrefix = (lineId: string): string => `bench-${lineId.slice(-12)}-`;

/** Timings that the bench took of some lines, by line. */
export async function benchTimings(
  scope: Scope,
  lineIds: readonly string[],
): Promise<Map<string, (typeof timing.$inferSelect)[]>> {
  const of = lineIds.map(
    async (id) =>
      [
        id,
        await scope.db
          .select()
          .from(timing)
          .where(
            mine(scope, timing, like(timing.idempotencyKey, `${benchPrefix(id)}%`), isNull(timing.deletedAt)),
          ),
      ] as const,
  );
  return new Map(await Promise.all(of));
}
