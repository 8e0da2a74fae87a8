import { changeRow, mustOwn } from "../change";
import { and, asc, desc, eq, isNull } from "drizzle-orm";
import { notion, swatch, swatchPhoto, yarn, supplier } from "../schema";
import { changing } from "../pulse";
import { NotThere, mine, newId, type Scope } from "../scope";

export type Yarn = typeof yarn.$inferSelect;
export type Notion = typeof notion.$inferSelect;
export type Swatch = typeof swatch.$inferSelect;
type YarnExtras =
  "bandStitches" | "bandRows" | "care" | "supplierId" | "packBalls" | "lengthSigmaBp" | "lowMg" | "importId";
type NotionExtras = "supplierId" | "washerId" | "spares" | "densityBp" | "place" | "low" | "importId";
export type NewYarn = Omit<Yarn, "id" | "workshopId" | "version" | "createdAt" | "deletedAt" | YarnExtras> &
  Partial<Pick<Yarn, YarnExtras>>;
export type NewNotion = Omit<
  Notion,
  "id" | "workshopId" | "version" | "createdAt" | "deletedAt" | NotionExtras
> &
  Partial<Pick<Notion, NotionExtras>>;
export type NewSwatch = Omit<
  Swatch,
  "id" | "workshopId" | "createdAt" | "deletedAt" | "handId" | "loops" | "setAside"
> &
  Partial<Pick<Swatch, "handId" | "loops">>;

/** All yarns, also deleted ones when asked: an old item may still name them. */
export async function listYarns(scope: Scope, withDeleted = false): Promise<Yarn[]> {
  return scope.db
    .select()
    .from(yarn)
    .where(mine(scope, yarn, withDeleted ? undefined : isNull(yarn.deletedAt)))
    .orderBy(asc(yarn.name), asc(yarn.shade));
}

/** @throws ChangedMeanwhile, NotThere */
export async function saveYarn(scope: Scope, values: NewYarn, id?: string, seen?: number): Promise<string> {
  return changing(scope, "materials", async (tx) => {
    await mustOwn(tx, supplier, values.supplierId, "The supplier");
    if (id) {
      await changeRow(tx, yarn, id, values, "The yarn", seen);
      return id;
    }
    const made = newId();
    await tx.db.insert(yarn).values({ ...values, id: made, workshopId: tx.workshopId });
    return made;
  });
}

export async function setYarnDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  return changing(scope, "materials", async (tx) => {
    await tx.db
      .update(yarn)
      .set({ deletedAt: deleted ? tx.now : null })
      .where(mine(tx, yarn, eq(yarn.id, id)));
  });
}

/** Swatches, newest first. */
export async function listSwatches(scope: Scope): Promise<Swatch[]> {
  return scope.db
    .select()
    .from(swatch)
    .where(mine(scope, swatch, isNull(swatch.deletedAt)))
    .orderBy(desc(swatch.madeOn), desc(swatch.createdAt));
}

/** Keeps a swatch, with its picture when there is one. */
export async function saveSwatch(scope: Scope, values: NewSwatch, jpeg?: Buffer): Promise<string> {
  const owned = await scope.db
    .select({ id: yarn.id })
    .from(yarn)
    .where(mine(scope, yarn, eq(yarn.id, values.yarnId)))
    .limit(1);
  if (owned.length === 0) throw new NotThere("The yarn");
  const id = newId();
  await changing(scope, "measured", async (tx) => {
    await tx.db.insert(swatch).values({ ...values, id, workshopId: tx.workshopId });
    if (jpeg) await tx.db.insert(swatchPhoto).values({ swatchId: id, workshopId: tx.workshopId, jpeg });
  });
  return id;
}

/** The picture of a swatch, a JPEG; gone with the swatch and with its yarn. */
export async function findSwatchPhoto(scope: Scope, swatchId: string): Promise<Buffer | undefined> {
  const [row] = await scope.db
    .select({ jpeg: swatchPhoto.jpeg })
    .from(swatchPhoto)
    .innerJoin(swatch, and(eq(swatch.id, swatchPhoto.swatchId), isNull(swatch.deletedAt)))
    .innerJoin(yarn, and(eq(yarn.id, swatch.yarnId), isNull(yarn.deletedAt)))
    .where(mine(scope, swatchPhoto, eq(swatchPhoto.swatchId, swatchId)))
    .limit(1);
  return row?.jpeg;
}
/** Which swatches have a picture. */
export async function listSwatchPhotos(scope: Scope): Promise<ReadonlySet<string>> {
  return new Set(
    (
      await scope.db.select({ id: swatchPhoto.swatchId }).from(swatchPhoto).where(mine(scope, swatchPhoto))
    ).map((r) => r.id),
  );
}

export async function setSwatchDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  return changing(scope, "measured", async (tx) => {
    await tx.db
      .update(swatch)
      .set({ deletedAt: deleted ? tx.now : null })
      .where(mine(tx, swatch, eq(swatch.id, id)));
  });
}

export async function listNotions(scope: Scope, withDeleted = false): Promise<Notion[]> {
  return scope.db
    .select()
    .from(notion)
    .where(mine(scope, notion, withDeleted ? undefined : isNull(notion.deletedAt)))
    .orderBy(asc(notion.kind), asc(notion.name));
}

/** @throws ChangedMeanwhile, NotThere */
export async function saveNotion(
  scope: Scope,
  values: NewNotion,
  id?: string,
  seen?: number,
): Promise<string> {
  return changing(scope, "materials", async (tx) => {
    await mustOwn(tx, supplier, values.supplierId, "The supplier");
    await mustOwn(tx, notion, values.washerId, "The washer");
    if (id) {
      await changeRow(tx, notion, id, values, "The notion", seen);
      return id;
    }
    const made = newId();
    await tx.db.insert(notion).values({ ...values, id: made, workshopId: tx.workshopId });
    return made;
  });
}

export async function setNotionDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  return changing(scope, "materials", async (tx) => {
    await tx.db
      .update(notion)
      .set({ deletedAt: deleted ? tx.now : null })
      .where(mine(tx, notion, eq(notion.id, id)));
  });
}
