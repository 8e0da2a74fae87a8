import { and, count, desc, eq, isNull } from "drizzle-orm";
import { changeRow, mustOwn } from "../change";
import { batch, item, photo } from "../schema";
import { mine, newId, NotThere, transact, type Scope } from "../scope";

/** A photo without its picture. */
export type PhotoHead = Omit<typeof photo.$inferSelect, "jpeg" | "workshopId" | "version" | "deletedAt">;
export interface NewPhoto {
  readonly kind: PhotoHead["kind"];
  readonly itemId: string;
  readonly batchId: string | null;
  readonly caption: string;
}

/** A photo is a few hundred kilobytes: an item has as many as somebody looks at. */
export const MOST_PHOTOS = 60;
export class TooManyPhotos extends Error {
  constructor() {
    super(`an item keeps ${MOST_PHOTOS} photos at most`);
    this.name = "TooManyPhotos";
  }
}

const HEAD = {
  id: photo.id,
  kind: photo.kind,
  itemId: photo.itemId,
  batchId: photo.batchId,
  caption: photo.caption,
  createdAt: photo.createdAt,
};

/** An item's photos, the newest first: what it should look like, and its batches. */
export const listPhotos = (scope: Scope, itemId: string): Promise<PhotoHead[]> =>
  scope.db
    .select(HEAD)
    .from(photo)
    .where(mine(scope, photo, and(eq(photo.itemId, itemId), isNull(photo.deletedAt))))
    .orderBy(desc(photo.createdAt), desc(photo.id));

/** The picture itself, a JPEG; gone while its photo or its item is deleted. */
export async function findPhoto(scope: Scope, id: string): Promise<Buffer | undefined> {
  const [row] = await scope.db
    .select({ jpeg: photo.jpeg })
    .from(photo)
    .innerJoin(item, and(eq(item.id, photo.itemId), isNull(item.deletedAt)))
    .where(mine(scope, photo, and(eq(photo.id, id), isNull(photo.deletedAt))))
    .limit(1);
  return row?.jpeg;
}

/** Keeps a photo; its batch is one of its item. @throws NotThere, TooManyPhotos */
export async function addPhoto(scope: Scope, content: NewPhoto, jpeg: Buffer): Promise<string> {
  return transact(scope, async (tx) => {
    await mustOwn(tx, item, content.itemId, "The item");
    if (content.batchId !== null) {
      const [own] = await tx.db
        .select({ itemId: batch.itemId })
        .from(batch)
        .where(mine(tx, batch, eq(batch.id, content.batchId)));
      if (own?.itemId !== content.itemId) throw new NotThere("The batch");
    }
    const [row] = await tx.db
      .select({ n: count() })
      .from(photo)
      .where(mine(tx, photo, and(eq(photo.itemId, content.itemId), isNull(photo.deletedAt))));
    if ((row?.n ?? 0) >= MOST_PHOTOS) throw new TooManyPhotos();
    const id = newId();
    await tx.db.insert(photo).values({ ...content, id, workshopId: tx.workshopId, jpeg, createdAt: tx.now });
    return id;
  });
}

/** Deletes a photo, or brings it back; answers the item it is of. @throws NotThere */
export async function setPhotoDeleted(scope: Scope, id: string, deleted: boolean): Promise<string> {
  return transact(scope, async (tx) => {
    await changeRow(tx, photo, id, { deletedAt: deleted ? tx.now : null }, "The photo");
    const [row] = await tx.db
      .select({ itemId: photo.itemId })
      .from(photo)
      .where(mine(tx, photo, eq(photo.id, id)));
    return row?.itemId ?? "";
  });
}
