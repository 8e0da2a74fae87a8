import { and, asc, desc, eq, inArray, isNull, lt, or, sql } from "drizzle-orm";
import { mustOwn } from "../change";
import type { Database } from "../connect";
import { item, printJob } from "../schema";
import { mine, newId, NotThere, transact, type Scope } from "../scope";

export type PrintJob = Omit<typeof printJob.$inferSelect, "png" | "holder" | "busyUntil">;
export type PrintState = PrintJob["state"];
/** What still waits for the printer, or for her word. */
export const OPEN_STATES = ["waiting", "doubt", "refused"] as const satisfies readonly PrintState[];
/** So long what came out can be printed once more. */
const KEPT_DAYS = 14;
/** A label waits for paper as long as it takes; who brings it says so again before this ends. */
const LEASE_MS = 15_000;
const MOST_LISTED = 40;

const WITHOUT_PICTURE = {
  id: printJob.id,
  workshopId: printJob.workshopId,
  title: printJob.title,
  itemId: printJob.itemId,
  copies: printJob.copies,
  printed: printJob.printed,
  attempt: printJob.attempt,
  state: printJob.state,
  endedAt: printJob.endedAt,
  createdAt: printJob.createdAt,
};

export interface NewPrintJob {
  readonly title: string;
  readonly itemId: string;
  readonly copies: number;
  readonly png: Uint8Array;
}

export async function addPrintJob(scope: Scope, job: NewPrintJob): Promise<string> {
  return transact(scope, async (tx) => {
    await mustOwn(tx, item, job.itemId, "The item");
    const id = newId();
    await tx.db
      .insert(printJob)
      .values({ ...job, id, workshopId: tx.workshopId, png: Buffer.from(job.png), createdAt: tx.now });
    return id;
  });
}

/** What waits, in its order, and behind it what came out last. */
export async function listPrintJobs(scope: Scope): Promise<PrintJob[]> {
  const [open, ended] = await Promise.all([
    scope.db
      .select(WITHOUT_PICTURE)
      .from(printJob)
      .where(mine(scope, printJob, inArray(printJob.state, [...OPEN_STATES])))
      .orderBy(asc(printJob.createdAt), asc(printJob.id)),
    scope.db
      .select(WITHOUT_PICTURE)
      .from(printJob)
      .where(mine(scope, printJob, inArray(printJob.state, ["done", "cancelled"])))
      .orderBy(desc(printJob.endedAt), desc(printJob.id))
      .limit(MOST_LISTED),
  ]);
  return [...open, ...ended];
}

export async function printJobPicture(scope: Scope, id: string): Promise<Buffer | undefined> {
  const [row] = await scope.db
    .select({ png: printJob.png })
    .from(printJob)
    .where(mine(scope, printJob, eq(printJob.id, id)));
  return row?.png;
}

/** The id that the printer knows the next label of a job by. */
export async function nextLabelId(scope: Scope, id: string): Promise<string | undefined> {
  const [row] = await scope.db
    .select({ id: printJob.id, printed: printJob.printed, attempt: printJob.attempt })
    .from(printJob)
    .where(mine(scope, printJob, eq(printJob.id, id)));
  return row && labelIdOf(row);
}
const labelIdOf = (job: {
  readonly id: string;
  readonly printed: number;
  readonly attempt: number;
}): string => `${job.id}-${job.printed + 1}-${job.attempt}`;

/** Changes a job that is in one of these states. @throws NotThere */
async function changeJob(
  scope: Scope,
  id: string,
  from: readonly PrintState[],
  values: Partial<Record<"state" | "printed" | "attempt" | "endedAt", unknown>>,
): Promise<boolean> {
  const [head] = await scope.db
    .update(printJob)
    .set(values as never)
    .where(mine(scope, printJob, and(eq(printJob.id, id), inArray(printJob.state, [...from]))));
  if (head.affectedRows > 0) return true;
  await mustOwn(scope, printJob, id, "The labels");
  return false;
}

/** No further label of it comes out. One that is coming out is whole before it ends. */
export const cancelPrintJob = (scope: Scope, id: string): Promise<boolean> =>
  transact(scope, (tx) => changeJob(tx, id, OPEN_STATES, { state: "cancelled", endedAt: tx.now }));

/** The label in doubt is printed anew: an attempt of its own. */
export const printAnew = (scope: Scope, id: string): Promise<boolean> =>
  transact(scope, (tx) =>
    changeJob(tx, id, ["doubt", "refused"], { state: "waiting", attempt: sql`${printJob.attempt} + 1` }),
  );

/** The label in doubt came out whole after all: it goes on with the next. */
export const itCameOut = (scope: Scope, id: string): Promise<boolean> =>
  transact(scope, async (tx) => {
    const [job] = await tx.db
      .select({ printed: printJob.printed, copies: printJob.copies })
      .from(printJob)
      .where(mine(tx, printJob, eq(printJob.id, id)))
      .for("update");
    if (!job) throw new NotThere("The labels");
    return changeJob(tx, id, ["doubt"], outNow(job.printed + 1, job.copies, tx.now));
  });

/** A job of which so many are out now. */
const outNow = (printed: number, copies: number, now: Date) => ({
  printed,
  attempt: 1,
  ...(printed >= copies ? { state: "done" as const, endedAt: now } : { state: "waiting" as const }),
});

/** The same labels once more, as they looked. */
export async function printOnceMore(scope: Scope, id: string): Promise<string> {
  const [row] = await scope.db
    .select()
    .from(printJob)
    .where(mine(scope, printJob, eq(printJob.id, id)));
  if (!row) throw new NotThere("The labels");
  const { title, itemId, copies, png } = row;
  return addPrintJob(scope, { title, itemId, copies, png });
}

/** What labels she has to say something about, by their titles. */
export async function stuckLabels(scope: Scope): Promise<string[]> {
  const rows = await scope.db
    .select({ title: printJob.title })
    .from(printJob)
    .where(mine(scope, printJob, inArray(printJob.state, ["doubt", "refused"])))
    .limit(5);
  return rows.map((r) => r.title);
}

/** How much waits already: who asks for too much at once is told. */
export async function openPrintJobs(scope: Scope): Promise<number> {
  const [row] = await scope.db
    .select({ n: sql<number>`count(*)` })
    .from(printJob)
    .where(mine(scope, printJob, inArray(printJob.state, [...OPEN_STATES])));
  return Number(row?.n ?? 0);
}

/** Labels of other workshops that share the printer and come first. */
export async function labelsBefore(scope: Scope): Promise<number> {
  const [row] = await scope.db
    .select({ n: sql<number>`coalesce(sum(${printJob.copies} - ${printJob.printed}), 0)` })
    .from(printJob)
    .where(and(eq(printJob.state, "waiting"), sql`${printJob.workshopId} <> ${scope.workshopId}`));
  return Number(row?.n ?? 0);
}

/** A job that is taken to the printer: its next label, by the id that the printer knows that attempt by. */
export interface Claimed {
  readonly id: string;
  readonly workshopId: string;
  readonly label: number;
  readonly copies: number;
  readonly labelId: string;
  readonly png: Buffer;
}

/** Takes the oldest job that waits, of whichever workshop, so that no other process does. */
export async function claimLabel(db: Database, holder: string, now: Date): Promise<Claimed | undefined> {
  const free = or(eq(printJob.holder, holder), isNull(printJob.busyUntil), lt(printJob.busyUntil, now));
  const [next] = await db
    .select({ id: printJob.id })
    .from(printJob)
    .where(and(eq(printJob.state, "waiting"), free))
    .orderBy(asc(printJob.createdAt), asc(printJob.id))
    .limit(1);
  if (!next) return undefined;
  const [head] = await db
    .update(printJob)
    .set({ holder, busyUntil: new Date(now.getTime() + LEASE_MS) })
    .where(and(eq(printJob.id, next.id), eq(printJob.state, "waiting"), free));
  if (head.affectedRows === 0) return undefined;
  const [row] = await db.select().from(printJob).where(eq(printJob.id, next.id));
  if (!row) return undefined;
  const label = row.printed + 1;
  return {
    id: row.id,
    workshopId: row.workshopId,
    label,
    copies: row.copies,
    labelId: labelIdOf(row),
    png: row.png,
  };
}

/** Says that it is still being brought. False: it was called off, or is another's by now. */
export async function holdLabel(db: Database, job: Claimed, holder: string, now: Date): Promise<boolean> {
  const [head] = await db
    .update(printJob)
    .set({ busyUntil: new Date(now.getTime() + LEASE_MS) })
    .where(and(eq(printJob.id, job.id), eq(printJob.holder, holder), eq(printJob.state, "waiting")));
  return head.affectedRows > 0;
}

/** Writes down what became of a label: each is counted once, however often that is said. */
export async function noteLabel(
  db: Database,
  job: Claimed,
  became: "printed" | "spoiled" | "refused" | "dropped",
  now: Date,
): Promise<void> {
  const next = and(
    eq(printJob.id, job.id),
    eq(printJob.workshopId, job.workshopId),
    eq(printJob.printed, job.label - 1),
  );
  const waiting = and(next, eq(printJob.state, "waiting"));
  const set = (values: Partial<typeof printJob.$inferInsert>, where = waiting) =>
    db
      .update(printJob)
      .set({ ...values, busyUntil: null })
      .where(where);
  if (became === "dropped") return void (await set({}));
  if (became !== "printed") return void (await set({ state: became === "spoiled" ? "doubt" : "refused" }));
  const [head] = await set(outNow(job.label, job.copies, now));
  // Called off while it came out: it is out all the same.
  if (head.affectedRows === 0) await set({ printed: job.label }, and(next, eq(printJob.state, "cancelled")));
}

/** Pictures of labels are not kept for ever. */
export async function forgetPrintJobs(db: Database, now: Date): Promise<void> {
  await db.delete(printJob).where(lt(printJob.endedAt, new Date(now.getTime() - KEPT_DAYS * 86_400_000)));
}
