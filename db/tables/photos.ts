import { index, mysqlEnum, mysqlTable, varchar } from "drizzle-orm/mysql-core";
import { batch } from "./shelf";
import { item } from "./items";
import { createdAt, deletedAt, id, mediumblob, version, workshopId } from "./workshop";

/** How a piece should look, where its eyes and limbs sit, and what a batch came out like. */
export const PHOTO_KINDS = ["sample", "position", "batch"] as const;
/** A photo that pieces are held against, as it was made small: a JPEG of some hundred kilobytes. */
export const photo = mysqlTable(
  "photo",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    kind: mysqlEnum(PHOTO_KINDS).notNull(),
    itemId: id()
      .notNull()
      .references(() => item.id, { onDelete: "cascade" }),
    /** null but for a photo of a batch. */
    batchId: id().references(() => batch.id, { onDelete: "cascade" }),
    caption: varchar({ length: 160 }).notNull(),
    jpeg: mediumblob().notNull(),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [index("photo_item").on(t.workshopId, t.itemId, t.createdAt)],
);
