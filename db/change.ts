import { and, eq, sql } from "drizzle-orm";
import type { MySqlColumn, MySqlTable } from "drizzle-orm/mysql-core";
import { ChangedMeanwhile, mine, NotThere, type Scope } from "./scope";

type Owned = MySqlTable & { readonly id: MySqlColumn; readonly workshopId: MySqlColumn };
type Versioned = Owned & { readonly version: MySqlColumn };

/**
 * Changes one row of this workshop. `seen` is the version that was on her screen: when another tab or person
 * changed the row since, nothing is written. Without it the change is the program's own (a file, a delivery).
 * @throws ChangedMeanwhile, NotThere
 */
export async function changeRow<T extends Versioned>(
  scope: Scope,
  table: T,
  id: string,
  values: Partial<T["$inferInsert"]>,
  what: string,
  seen?: number,
): Promise<void> {
  const [head] = await scope.db
    .update(table)
    .set({ ...values, version: sql`${table.version} + 1` } as never)
    .where(
      mine(scope, table, and(eq(table.id, id), seen === undefined ? undefined : eq(table.version, seen))),
    );
  if (head.affectedRows > 0) return;
  await mustOwn(scope, table, id, what);
  throw new ChangedMeanwhile(what);
}

/** @throws NotThere when the row is not one of this workshop's. Nothing named is fine. */
export async function mustOwn(
  scope: Scope,
  table: Owned,
  id: string | null | undefined,
  what: string,
): Promise<void> {
  if (id === null || id === undefined) return;
  const [row] = await scope.db
    .select({ id: table.id })
    .from(table as MySqlTable)
    .where(mine(scope, table, eq(table.id, id)))
    .limit(1);
  if (!row) throw new NotThere(what);
}
