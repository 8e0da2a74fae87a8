import type { Minor } from "@core/units";
import { changeRow } from "../change";
import { asc, eq, inArray, isNull } from "drizzle-orm";
import { colourway, colourwaySlot, item, yarn } from "../schema";
import { changing } from "../pulse";
import { mine, newId, type Scope } from "../scope";
import { strandColumns, strandsOf } from "../strands";
import type { SlotChoice } from "./items";

export type ColourwayRow = typeof colourway.$inferSelect;
export interface Colourway extends ColourwayRow {
  readonly slots: readonly SlotChoice[];
}

/** Colourways of all items or of one, by name; deleted ones too when a run still names them. */
export async function listColourways(
  scope: Scope,
  of: { itemId?: string; withDeleted?: boolean } = {},
): Promise<Colourway[]> {
  const rows = await scope.db
    .select()
    .from(colourway)
    .where(
      mine(
        scope,
        colourway,
        of.withDeleted ? undefined : isNull(colourway.deletedAt),
        of.itemId ? eq(colourway.itemId, of.itemId) : undefined,
      ),
    )
    .orderBy(asc(colourway.name));
  if (rows.length === 0) return [];
  const slots = await scope.db
    .select()
    .from(colourwaySlot)
    .where(
      mine(
        scope,
        colourwaySlot,
        inArray(
          colourwaySlot.colourwayId,
          rows.map((r) => r.id),
        ),
      ),
    )
    .orderBy(asc(colourwaySlot.slot));
  return rows.map((r) => ({
    ...r,
    slots: slots
      .filter((s) => s.colourwayId === r.id)
      .map((s) => ({ slot: s.slot, yarnId: s.yarnId, hookUm: s.hookUm, strands: strandsOf(s) })),
  }));
}

/**
 * Saves a colourway of an item of this workshop, with yarns of this workshop. undefined when the item is not
 * there.
 */
export async function saveColourway(
  scope: Scope,
  c: {
    id?: string | undefined;
    itemId: string;
    name: string;
    price: Minor | null;
    /** Sold as a kit; said once, when it is begun. */
    asKit?: boolean;
    slots: readonly SlotChoice[];
  },
  seen?: number,
): Promise<string | undefined> {
  return changing(scope, "items", async (tx) => {
    const [own] = await tx.db
      .select({ id: item.id })
      .from(item)
      .where(mine(tx, item, eq(item.id, c.itemId), isNull(item.deletedAt)))
      .limit(1);
    if (!own) return undefined;
    const ids = [...new Set(c.slots.map((s) => s.yarnId))];
    const yarns = new Set(
      ids.length === 0
        ? []
        : (
            await tx.db
              .select({ id: yarn.id })
              .from(yarn)
              .where(mine(tx, yarn, inArray(yarn.id, ids)))
          ).map((y) => y.id),
    );
    const id = c.id ?? newId();
    if (c.id) {
      const [before] = await tx.db
        .select({ id: colourway.id })
        .from(colourway)
        .where(mine(tx, colourway, eq(colourway.id, id), eq(colourway.itemId, c.itemId)))
        .for("update");
      if (!before) return undefined;
      await changeRow(tx, colourway, id, { name: c.name, price: c.price }, "The colourway", seen);
      await tx.db.delete(colourwaySlot).where(mine(tx, colourwaySlot, eq(colourwaySlot.colourwayId, id)));
    } else
      await tx.db.insert(colourway).values({
        id,
        workshopId: tx.workshopId,
        itemId: c.itemId,
        name: c.name,
        price: c.price,
        asKit: c.asKit ?? false,
        createdAt: tx.now,
      });
    const slots = c.slots.filter((s) => yarns.has(s.yarnId));
    if (slots.length > 0)
      await tx.db.insert(colourwaySlot).values(
        slots.map((s) => ({
          ...s,
          ...strandColumns(s.strands),
          workshopId: tx.workshopId,
          colourwayId: id,
        })),
      );
    return id;
  });
}

export async function setColourwayDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  return changing(scope, "items", async (tx) => {
    await tx.db
      .update(colourway)
      .set({ deletedAt: deleted ? tx.now : null })
      .where(mine(tx, colourway, eq(colourway.id, id)));
  });
}
