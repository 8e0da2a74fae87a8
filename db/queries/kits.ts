import { mm } from "@core/units";
import { asc, eq, sql } from "drizzle-orm";
import { mustOwn } from "../change";
import { changing } from "../pulse";
import { item, kit, winding, yarn } from "../schema";
import { ChangedMeanwhile, mine, newId, type Scope } from "../scope";

export type Kit = typeof kit.$inferSelect;
export type KitContent = Pick<Kit, "chanceBp" | "hook" | "startedRing" | "spareEyes" | "winderMm">;

/** What a kit is until she says otherwise. */
export const USUAL_KIT: KitContent & { readonly version: number } = {
  chanceBp: 100,
  hook: false,
  startedRing: false,
  spareEyes: true,
  winderMm: mm(600),
  version: 0,
};

export async function findKit(scope: Scope, itemId: string): Promise<KitContent & { version: number }> {
  const [row] = await scope.db
    .select()
    .from(kit)
    .where(mine(scope, kit, eq(kit.itemId, itemId)));
  return row ?? USUAL_KIT;
}

/** What the kits of all items hold, by item; those that were never changed are not among them. */
export async function listKits(scope: Scope): Promise<ReadonlyMap<string, KitContent>> {
  const rows = await scope.db.select().from(kit).where(mine(scope, kit));
  return new Map(rows.map((k) => [k.itemId, k]));
}

/** @throws ChangedMeanwhile when it was changed since `seen` */
export async function saveKit(
  scope: Scope,
  itemId: string,
  content: KitContent,
  seen: number,
): Promise<void> {
  return changing(scope, "items", async (tx) => {
    await mustOwn(tx, item, itemId, "The item");
    const now = await findKit(tx, itemId);
    if (now.version !== seen) throw new ChangedMeanwhile("The kit");
    await tx.db
      .insert(kit)
      .values({ ...content, itemId, workshopId: tx.workshopId, version: 1 })
      .onDuplicateKeyUpdate({ set: { ...content, version: sql`${kit.version} + 1` } });
  });
}

export type Winding = typeof winding.$inferSelect;
export type WindingContent = Pick<Winding, "yarnId" | "turns" | "turnMm" | "mg">;

/** Windings that were weighed, the newest last. */
export const listWindings = (scope: Scope): Promise<Winding[]> =>
  scope.db
    .select()
    .from(winding)
    .where(mine(scope, winding))
    .orderBy(asc(winding.createdAt), asc(winding.id));

export async function saveWinding(scope: Scope, content: WindingContent): Promise<string> {
  return changing(scope, "items", async (tx) => {
    await mustOwn(tx, yarn, content.yarnId, "The yarn");
    const id = newId();
    await tx.db.insert(winding).values({ ...content, id, workshopId: tx.workshopId, createdAt: tx.now });
    return id;
  });
}

/** Takes a weighing back that was mistyped. */
export async function removeWinding(scope: Scope, id: string): Promise<void> {
  await changing(scope, "items", async (tx) => {
    await mustOwn(tx, winding, id, "The weighing");
    await tx.db.delete(winding).where(mine(tx, winding, eq(winding.id, id)));
  });
}
