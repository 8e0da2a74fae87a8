import { changeRow } from "../change";
import { asc, eq, isNull } from "drizzle-orm";
import { materialPrice, supplier } from "../schema";
import { mine, newId, type Scope } from "../scope";

export type Supplier = typeof supplier.$inferSelect;
export type NewSupplier = Pick<Supplier, "name" | "deliveryDays" | "minOrder" | "note">;
export type MaterialPrice = typeof materialPrice.$inferSelect;

export async function listSuppliers(scope: Scope, withDeleted = false): Promise<Supplier[]> {
  return scope.db
    .select()
    .from(supplier)
    .where(mine(scope, supplier, withDeleted ? undefined : isNull(supplier.deletedAt)))
    .orderBy(asc(supplier.name));
}

/** @throws ChangedMeanwhile, NotThere */
export async function saveSupplier(
  scope: Scope,
  values: NewSupplier,
  id?: string,
  seen?: number,
): Promise<string> {
  if (id) {
    await changeRow(scope, supplier, id, values, "The supplier", seen);
    return id;
  }
  const made = newId();
  await scope.db
    .insert(supplier)
    .values({ ...values, id: made, workshopId: scope.workshopId, createdAt: scope.now });
  return made;
}

export async function setSupplierDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  await scope.db
    .update(supplier)
    .set({ deletedAt: deleted ? scope.now : null })
    .where(mine(scope, supplier, eq(supplier.id, id)));
}

/** Notes a price when it is not the one that stands. Days are the workshop's. */
export async function notePrice(
  scope: Scope,
  p: Pick<MaterialPrice, "materialKind" | "materialId" | "supplierId" | "packSize" | "price">,
  since: string,
): Promise<void> {
  // The one that stands on that day: an entry of a clock that was ahead does not stand yet.
  const before = (await pricesOf(scope, p.materialId)).filter((x) => x.since <= since).at(-1);
  if (
    before &&
    before.price === p.price &&
    before.packSize === p.packSize &&
    before.supplierId === p.supplierId
  )
    return;
  await scope.db
    .insert(materialPrice)
    .values({ ...p, id: newId(), workshopId: scope.workshopId, since, createdAt: scope.now });
}

/** Oldest first. */
export async function pricesOf(scope: Scope, materialId: string): Promise<MaterialPrice[]> {
  return scope.db
    .select()
    .from(materialPrice)
    .where(mine(scope, materialPrice, eq(materialPrice.materialId, materialId)))
    .orderBy(asc(materialPrice.since), asc(materialPrice.id));
}
