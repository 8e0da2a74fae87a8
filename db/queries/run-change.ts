import { eq, inArray, max } from "drizzle-orm";
import { mustOwn } from "../change";
import { beat, changing } from "../pulse";
import { batch, benchAct, item, run, runLine, type LinePlannedWith } from "../schema";
import { ChangedMeanwhile, mine, NotThere, transact, type Scope } from "../scope";
import { forgetCutting, lineRow, lockRun, type NewRun } from "./runs";

/** Days of a run that she may put elsewhere. */
export type RunDay = "startOn" | "dueOn";

/**
 * Another first or due day of an open run, where it still has the one that was seen and does not end before it
 * begins. @throws NotThere, ChangedMeanwhile
 */
export async function setRunDay(
  scope: Scope,
  id: string,
  which: RunDay,
  seen: string,
  to: string,
): Promise<"kept" | "crossed"> {
  return changing(scope, "stock", async (tx) => {
    const row = await openRun(tx, id);
    if (row[which] !== seen) throw new ChangedMeanwhile("The run");
    const next = { startOn: row.startOn, dueOn: row.dueOn, [which]: to };
    if (next.dueOn < next.startOn) return "crossed";
    await tx.db
      .update(run)
      .set({ [which]: to })
      .where(mine(tx, run, eq(run.id, id)));
    return "kept";
  });
}

/** How many pieces of each line are begun: so many it keeps at least. */
export async function begunByLine(scope: Scope, id: string): Promise<ReadonlyMap<string, number>> {
  const lines = await scope.db
    .select({ id: runLine.id, made: runLine.made })
    .from(runLine)
    .where(mine(scope, runLine, eq(runLine.runId, id)));
  const begun = new Map(lines.map((l) => [l.id, l.made]));
  if (lines.length === 0) return begun;
  const atLeast = (lineId: string | null, n: number) => {
    if (lineId !== null && begun.has(lineId)) begun.set(lineId, Math.max(begun.get(lineId) ?? 0, n));
  };
  const [acts, batches] = await Promise.all([
    scope.db
      .select({ lineId: benchAct.lineId, last: max(benchAct.piece) })
      .from(benchAct)
      .where(
        mine(
          scope,
          benchAct,
          inArray(
            benchAct.lineId,
            lines.map((l) => l.id),
          ),
        ),
      )
      .groupBy(benchAct.lineId),
    scope.db
      .select({ lineId: batch.lineId })
      .from(batch)
      .where(mine(scope, batch, eq(batch.runId, id))),
  ]);
  // Pieces are counted from 0; a note alone begins none, but it is kept with its line.
  for (const a of acts) atLeast(a.lineId, Math.max(1, (a.last ?? -1) + 1));
  for (const b of batches) atLeast(b.lineId, 1);
  return begun;
}

export interface RunChange {
  readonly name: string;
  readonly startOn: string;
  readonly dueOn: string;
  /** Pieces of each line, and what one is planned with then; 0 takes a line out. Lines not named stay. */
  readonly pieces: ReadonlyMap<
    string,
    { readonly seen: number; readonly quantity: number; readonly plannedWith: LinePlannedWith }
  >;
  readonly added: NewRun["lines"];
}

/**
 * Another name, other days and numbers of an open run. Where its pieces change, the cutting plan speaks of others,
 * and the balls are given back.
 *
 * @returns the first line that has more begun than it would keep, or "empty" where nothing would be left
 * @throws NotThere, ChangedMeanwhile where a line has another number than was seen
 */
export async function changeRun(
  scope: Scope,
  id: string,
  c: RunChange,
): Promise<"kept" | "empty" | { readonly begun: string }> {
  return transact(scope, async (tx) => {
    await openRun(tx, id);
    const lines = await tx.db
      .select()
      .from(runLine)
      .where(mine(tx, runLine, eq(runLine.runId, id)));
    const begun = await begunByLine(tx, id);
    const changed = lines.flatMap((l) => {
      const to = c.pieces.get(l.id);
      return to && to.quantity !== l.quantity ? [{ line: l, to }] : [];
    });
    for (const { line, to } of changed) {
      if (to.seen !== line.quantity) throw new ChangedMeanwhile("The run");
      if (to.quantity < (begun.get(line.id) ?? 0)) return { begun: line.id };
    }
    const out = changed.filter((x) => x.to.quantity === 0).length;
    if (lines.length - out + c.added.length === 0) return "empty";
    await tx.db
      .update(run)
      .set({ name: c.name, startOn: c.startOn, dueOn: c.dueOn })
      .where(mine(tx, run, eq(run.id, id)));
    for (const { line, to } of changed) {
      const here = mine(tx, runLine, eq(runLine.id, line.id));
      if (to.quantity === 0) await tx.db.delete(runLine).where(here);
      else
        await tx.db.update(runLine).set({ quantity: to.quantity, plannedWith: to.plannedWith }).where(here);
    }
    const next = Math.max(-1, ...lines.map((l) => l.sort)) + 1;
    for (const [i, l] of c.added.entries()) {
      await mustOwn(tx, item, l.itemId, "The item");
      await tx.db.insert(runLine).values(lineRow(tx, id, l, next + i));
    }
    if (changed.length + c.added.length > 0) await forgetCutting(tx, id);
    else await beat(tx, "stock");
    return "kept";
  });
}

async function openRun(tx: Scope, id: string) {
  const row = await lockRun(tx, id);
  if (!row || row.state === "finished") throw new NotThere("The run");
  return row;
}
