import { minor, milligrams, type Minor } from "@core/units";
import { changeRow } from "../change";
import { asc, desc, eq, inArray, isNull, sql } from "drizzle-orm";
import { notion, purchase, purchaseLine, yarn } from "../schema";
import { changing } from "../pulse";
import { ChangedMeanwhile, mine, newId, transact, type Scope } from "../scope";
import { addBalls } from "./balls";
import { postMoves } from "./stock";
import { notePrice } from "./suppliers";

export type Purchase = typeof purchase.$inferSelect;
export type PurchaseLine = typeof purchaseLine.$inferSelect;
export interface PurchaseWithLines {
  readonly purchase: Purchase;
  readonly lines: readonly PurchaseLine[];
}
export interface NewPurchaseLine {
  readonly materialKind: "yarn" | "notion";
  readonly materialId: string;
  readonly packs: number;
  readonly packSize: number;
  readonly packPrice: Minor;
}

async function withLines(scope: Scope, rows: Purchase[]): Promise<PurchaseWithLines[]> {
  if (rows.length === 0) return [];
  const lines = await scope.db
    .select()
    .from(purchaseLine)
    .where(
      mine(
        scope,
        purchaseLine,
        inArray(
          purchaseLine.purchaseId,
          rows.map((r) => r.id),
        ),
      ),
    )
    .orderBy(asc(purchaseLine.sort));
  return rows.map((p) => ({ purchase: p, lines: lines.filter((l) => l.purchaseId === p.id) }));
}

/** Orders, open ones first, newest first. */
export async function listPurchases(scope: Scope, limit = 60): Promise<PurchaseWithLines[]> {
  return withLines(
    scope,
    await scope.db
      .select()
      .from(purchase)
      .where(mine(scope, purchase, isNull(purchase.deletedAt)))
      .orderBy(asc(purchase.state), desc(purchase.orderedOn), desc(purchase.id))
      .limit(limit),
  );
}

export async function findPurchase(scope: Scope, id: string): Promise<PurchaseWithLines | undefined> {
  return (
    await withLines(
      scope,
      await scope.db
        .select()
        .from(purchase)
        .where(mine(scope, purchase, eq(purchase.id, id), isNull(purchase.deletedAt)))
        .limit(1),
    )
  )[0];
}

export async function createPurchase(
  scope: Scope,
  p: {
    supplierId: string | null;
    orderedOn: string;
    expectedOn: string | null;
    lines: readonly NewPurchaseLine[];
  },
): Promise<string> {
  return transact(scope, async (tx) => {
    const id = newId();
    await tx.db.insert(purchase).values({
      id,
      workshopId: tx.workshopId,
      supplierId: p.supplierId,
      orderedOn: p.orderedOn,
      expectedOn: p.expectedOn,
      createdAt: tx.now,
    });
    if (p.lines.length > 0)
      await tx.db
        .insert(purchaseLine)
        .values(
          p.lines.map((l, i) => ({ ...l, id: newId(), workshopId: tx.workshopId, purchaseId: id, sort: i })),
        );
    return id;
  });
}

export async function setPurchaseDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  await scope.db
    .update(purchase)
    .set({ deletedAt: deleted ? scope.now : null })
    .where(mine(scope, purchase, eq(purchase.id, id)));
}

/**
 * What she writes while shopping: ticked or not, the lot on the bands, how many there really were, what they
 * cost. @throws ChangedMeanwhile
 */
export async function changePurchaseLine(
  scope: Scope,
  id: string,
  values: { ticked: boolean; lot: string; packs: number; packPrice: Minor },
  seen?: number,
): Promise<void> {
  await transact(scope, async (tx) => {
    const [line] = await tx.db
      .select({ received: purchaseLine.received })
      .from(purchaseLine)
      .where(mine(tx, purchaseLine, eq(purchaseLine.id, id)))
      .for("update");
    if (line?.received !== 0) return;
    await changeRow(tx, purchaseLine, id, values, "The line", seen);
  });
}

/** Ordered and not yet here, by material, mg or pieces. */
export async function onOrder(scope: Scope): Promise<Map<string, number>> {
  const rows = await scope.db
    .select({
      materialId: purchaseLine.materialId,
      quantity: sql<string>`sum((${purchaseLine.packs} - ${purchaseLine.received}) * ${purchaseLine.packSize})`,
    })
    .from(purchaseLine)
    .innerJoin(purchase, eq(purchase.id, purchaseLine.purchaseId))
    .where(mine(scope, purchaseLine, eq(purchase.state, "ordered"), isNull(purchase.deletedAt)))
    .groupBy(purchaseLine.materialId);
  return new Map(rows.map((r) => [r.materialId, Math.max(0, Number(r.quantity))]));
}

/**
 * Receives the ticked lines of an order: balls with their lots, packs with their spares, what was paid, and
 * the new price. The order's row is locked and every move carries the line's own key, so receiving twice
 * brings nothing twice.
 * @throws ChangedMeanwhile when the order is no longer there.
 */
export async function receivePurchase(
  scope: Scope,
  id: string,
  today: string,
  place = "",
): Promise<{ lines: number }> {
  // What a ball and a pack cost changes with it.
  return changing(scope, "materials", async (tx) => {
    const [row] = await tx.db
      .select()
      .from(purchase)
      .where(mine(tx, purchase, eq(purchase.id, id), isNull(purchase.deletedAt)))
      .for("update");
    if (!row) throw new ChangedMeanwhile("The order");
    const [found] = await withLines(tx, [row]);
    const due = (found?.lines ?? []).filter((l) => l.ticked && l.received < l.packs);
    for (const l of due) {
      const packs = l.packs - l.received;
      if (l.materialKind === "yarn") {
        const key = (i: number) => `${l.id}:${i}`;
        await addBalls(
          tx,
          Array.from({ length: packs }, (_, i) => ({
            yarnId: l.materialId,
            lot: l.lot,
            scrap: false,
            place,
            fullMg: milligrams(l.packSize),
            price: l.packPrice,
            mg: milligrams(l.packSize),
            kind: "bought" as const,
            cost: l.packPrice,
            purchaseId: id,
            key: key(i),
          })),
        );
        await tx.db
          .update(yarn)
          .set({ ballPrice: l.packPrice })
          .where(mine(tx, yarn, eq(yarn.id, l.materialId), eq(yarn.ballMg, milligrams(l.packSize))));
      } else {
        const [n] = await tx.db
          .select()
          .from(notion)
          .where(mine(tx, notion, eq(notion.id, l.materialId)))
          .limit(1);
        await postMoves(tx, [
          {
            kind: "bought",
            materialKind: "notion",
            materialId: l.materialId,
            quantity: packs * (l.packSize + (n?.spares ?? 0)),
            cost: minor(packs * l.packPrice),
            purchaseId: id,
            key: `${l.id}:all`,
          },
        ]);
        await tx.db
          .update(notion)
          .set({ packPrice: l.packPrice })
          .where(mine(tx, notion, eq(notion.id, l.materialId), eq(notion.packSize, l.packSize)));
      }
      await notePrice(
        tx,
        {
          materialKind: l.materialKind,
          materialId: l.materialId,
          supplierId: row.supplierId,
          packSize: l.packSize,
          price: l.packPrice,
        },
        today,
      );
      await tx.db
        .update(purchaseLine)
        .set({ received: l.packs })
        .where(mine(tx, purchaseLine, eq(purchaseLine.id, l.id)));
    }
    const open = (found?.lines ?? []).filter((l) => !due.includes(l) && l.received < l.packs);
    if (open.length === 0)
      await tx.db
        .update(purchase)
        .set({ state: "received" })
        .where(mine(tx, purchase, eq(purchase.id, id)));
    return { lines: due.length };
  });
}
