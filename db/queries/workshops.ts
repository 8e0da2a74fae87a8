import { asc, eq } from "drizzle-orm";
import type { Database } from "../connect";
import { channel, workshop } from "../schema";
import { mine, newId, type Scope } from "../scope";

export type Workshop = typeof workshop.$inferSelect;
export type Channel = typeof channel.$inferSelect;
export type WorkshopSettings = Omit<Workshop, "id" | "createdAt">;

export async function listWorkshops(db: Database): Promise<{ id: string; name: string }[]> {
  return db.select({ id: workshop.id, name: workshop.name }).from(workshop).orderBy(asc(workshop.createdAt));
}

export async function findWorkshop(db: Database, id: string): Promise<Workshop | undefined> {
  const [row] = await db.select().from(workshop).where(eq(workshop.id, id)).limit(1);
  return row;
}

/** A new, empty workshop with one way of selling, so that a price can be made at once. */
export async function createWorkshop(
  db: Database,
  name: string,
  settings: Partial<WorkshopSettings> = {},
): Promise<string> {
  const id = newId();
  await db.transaction(async (tx) => {
    await tx.insert(workshop).values({ ...settings, id, name });
    await tx
      .insert(channel)
      .values({ id: newId(), workshopId: id, name: "Market stall", percentBp: 0, fixed: 0, sort: 0 });
  });
  return id;
}

export async function updateWorkshop(scope: Scope, settings: Partial<WorkshopSettings>): Promise<void> {
  await scope.db.update(workshop).set(settings).where(eq(workshop.id, scope.workshopId));
}

export async function listChannels(scope: Scope): Promise<Channel[]> {
  const rows = await scope.db
    .select()
    .from(channel)
    .where(mine(scope, channel))
    .orderBy(asc(channel.sort), asc(channel.name));
  return rows.filter((c) => c.deletedAt === null);
}

export async function saveChannel(
  scope: Scope,
  c: { id?: string | undefined; name: string; percentBp: number; fixed: number },
): Promise<string> {
  if (c.id) {
    await scope.db
      .update(channel)
      .set({ name: c.name, percentBp: c.percentBp, fixed: c.fixed })
      .where(mine(scope, channel, eq(channel.id, c.id)));
    return c.id;
  }
  const id = newId();
  await scope.db.insert(channel).values({
    id,
    workshopId: scope.workshopId,
    name: c.name,
    percentBp: c.percentBp,
    fixed: c.fixed,
    sort: 10,
  });
  return id;
}

export async function setChannelDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  await scope.db
    .update(channel)
    .set({ deletedAt: deleted ? scope.now : null })
    .where(mine(scope, channel, eq(channel.id, id)));
}
