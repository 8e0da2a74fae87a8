import { eq, sql } from "drizzle-orm";
import { mustOwn } from "../change";
import { changing } from "../pulse";
import { item, kit } from "../schema";
import { ChangedMeanwhile, mine, type Scope } from "../scope";

export type Kit = typeof kit.$inferSelect;
export type KitContent = Pick<Kit, "chanceBp" | "hook" | "startedRing" | "spareEyes" | "winderMm">;

/** What a kit is until she says otherwise. */
export const USUAL_KIT: KitContent & { readonly version: number } = {
  chanceBp: 100,
  hook: false,
  startedRing: false,
  spareEyes: true,
  winderMm: 600,
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
