import { beginBatch } from "./imports";
import { changeRow } from "../change";
import { and, asc, desc, eq, isNull, sql } from "drizzle-orm";
import { hand, importBatch, swatch, timing, weighIn } from "../schema";
import { beat, changing } from "../pulse";
import { NotThere, mine, newId, transact, type Scope } from "../scope";

export type Hand = typeof hand.$inferSelect;
export type WeighIn = typeof weighIn.$inferSelect;
export type TimingRow = typeof timing.$inferSelect;
type Given = "id" | "workshopId" | "createdAt" | "deletedAt" | "setAside";
export type NewWeighIn = Omit<WeighIn, Given | "colourwayId" | "beforeMg" | "afterMg" | "fillingMg"> &
  Partial<Pick<WeighIn, "colourwayId" | "beforeMg" | "afterMg" | "fillingMg">>;
export type NewTiming = Omit<TimingRow, Given | "importId">;

/** Hands of the workshop, the maker's own first: made when there is none. */
export async function listHands(scope: Scope): Promise<Hand[]> {
  const rows = await scope.db
    .select()
    .from(hand)
    .where(mine(scope, hand, isNull(hand.deletedAt)))
    .orderBy(asc(hand.createdAt), asc(hand.id));
  if (rows.length > 0) return rows;
  await transact(scope, async (tx) => {
    // Two first visits at once must not make two makers: the workshop's row is the lock.
    await tx.db.execute(sql`select id from workshop where id = ${tx.workshopId} for update`);
    const [there] = await tx.db.select({ id: hand.id }).from(hand).where(mine(tx, hand)).limit(1);
    if (!there)
      await tx.db
        .insert(hand)
        .values({ id: newId(), workshopId: tx.workshopId, name: "Me", createdAt: tx.now });
    if (!there) await beat(tx, "measured");
  });
  return scope.db
    .select()
    .from(hand)
    .where(mine(scope, hand, isNull(hand.deletedAt)))
    .orderBy(asc(hand.createdAt), asc(hand.id));
}

export async function saveHand(
  scope: Scope,
  values: Pick<Hand, "name" | "loops"> &
    Partial<Pick<Hand, "weekMinutes" | "workDays" | "does" | "dayLimitMinutes" | "breakAfterMinutes">>,
  id?: string,
  seen?: number,
): Promise<string> {
  return changing(scope, "measured", async (tx) => {
    if (id) {
      await changeRow(tx, hand, id, values, "The hand", seen);
      return id;
    }
    const made = newId();
    await tx.db.insert(hand).values({ id: made, workshopId: tx.workshopId, ...values, createdAt: tx.now });
    return made;
  });
}

async function ownHand(scope: Scope, id: string): Promise<void> {
  const [row] = await scope.db
    .select({ id: hand.id })
    .from(hand)
    .where(mine(scope, hand, eq(hand.id, id)))
    .limit(1);
  if (!row) throw new NotThere("The hand");
}

/** Keeps a weigh-in; the same key again changes nothing. */
export async function saveWeighIn(scope: Scope, w: NewWeighIn): Promise<void> {
  return changing(scope, "measured", async (tx) => {
    await ownHand(tx, w.handId);
    await tx.db
      .insert(weighIn)
      .values({ ...w, id: newId(), workshopId: tx.workshopId, createdAt: tx.now })
      .onDuplicateKeyUpdate({ set: { id: sql`id` } });
  });
}

/** Keeps a timing; the same key again changes nothing. */
export async function saveTiming(scope: Scope, t: NewTiming): Promise<void> {
  return changing(scope, "measured", async (tx) => {
    await ownHand(tx, t.handId);
    await tx.db
      .insert(timing)
      .values({ ...t, id: newId(), workshopId: tx.workshopId, createdAt: tx.now })
      .onDuplicateKeyUpdate({ set: { id: sql`id` } });
  });
}

/** Newest first, also those that were set aside. */
export async function listWeighIns(scope: Scope): Promise<WeighIn[]> {
  return scope.db
    .select()
    .from(weighIn)
    .where(mine(scope, weighIn, isNull(weighIn.deletedAt)))
    .orderBy(desc(weighIn.madeOn), desc(weighIn.id));
}
export async function listTimings(scope: Scope): Promise<TimingRow[]> {
  return scope.db
    .select()
    .from(timing)
    .where(mine(scope, timing, isNull(timing.deletedAt)))
    .orderBy(desc(timing.madeOn), desc(timing.id));
}

/**
 * A file of timings in one go: all of it, or nothing. Its id is its idempotency key; false when it is there
 * already.
 */
export async function importTimings(
  scope: Scope,
  batch: { id: string; fileName: string; rows: number; skipped: number },
  timings: readonly NewTiming[],
): Promise<boolean> {
  return changing(scope, "measured", async (tx) => {
    const own = new Set(
      (await tx.db.select({ id: hand.id }).from(hand).where(mine(tx, hand))).map((h) => h.id),
    );
    if (timings.some((t) => !own.has(t.handId))) throw new NotThere("The hand");
    if (!(await beginBatch(tx, { ...batch, what: "timings" }))) return false;
    for (let i = 0; i < timings.length; i += 500)
      await tx.db.insert(timing).values(
        timings.slice(i, i + 500).map((t) => ({
          ...t,
          id: newId(),
          workshopId: tx.workshopId,
          importId: batch.id,
          createdAt: tx.now,
        })),
      );
    return true;
  });
}

/** Takes a whole file of timings back. */
export async function undoTimingsImport(scope: Scope, id: string): Promise<void> {
  await changing(scope, "measured", async (tx) => {
    const [batch] = await tx.db
      .select()
      .from(importBatch)
      .where(
        mine(
          tx,
          importBatch,
          and(eq(importBatch.id, id), eq(importBatch.what, "timings"), isNull(importBatch.undoneAt)),
        ),
      )
      .for("update");
    if (!batch) return;
    await tx.db
      .update(timing)
      .set({ deletedAt: tx.now })
      .where(mine(tx, timing, eq(timing.importId, id)));
    await tx.db
      .update(importBatch)
      .set({ undoneAt: tx.now })
      .where(mine(tx, importBatch, eq(importBatch.id, id)));
  });
}

const TABLES = { weighIn, timing, swatch } as const;
export type Measure = keyof typeof TABLES;

/** Sets a measurement aside, or brings it back: it is kept either way. */
export async function setAside(scope: Scope, kind: Measure, id: string, aside: boolean): Promise<void> {
  return changing(scope, "measured", async (tx) => {
    const table = TABLES[kind];
    await tx.db
      .update(table)
      .set({ setAside: aside })
      .where(and(mine(tx, table), eq(table.id, id)));
  });
}
