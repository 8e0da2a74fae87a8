import { and, count, eq, is, isNotNull } from "drizzle-orm";
import { MySqlTable, getTableConfig, type MySqlColumn } from "drizzle-orm/mysql-core";
import type { Database } from "../connect";
import * as schema from "../schema";
import { STAYS, TABLES } from "./tables";

/** Rows that go at once: no statement of a large workshop may last long. */
const AT_ONCE = 20_000;

/** What of an installation is of one workshop without going along with it: who is in it, what its sessions see. */
const BESIDE: readonly MySqlTable[] = Object.values(schema)
  .filter((t): t is typeof t & MySqlTable => is(t, MySqlTable) && STAYS.has(t))
  .filter((t) => t !== schema.session);

const workshopColumn = (table: MySqlTable): MySqlColumn | undefined =>
  getTableConfig(table).columns.find((c) => c.name === "workshop_id" || c.name === "workshopId");

/** How much of what people look for is in a workshop: rows by table. */
export async function whatIsIn(db: Database, workshopId: string): Promise<Readonly<Record<string, number>>> {
  const counted = {
    item: schema.item,
    yarn: schema.yarn,
    run: schema.run,
    sale: schema.sale,
    photo: schema.photo,
  };
  const out: Record<string, number> = {};
  for (const [name, table] of Object.entries(counted)) {
    const [row] = await db.select({ n: count() }).from(table).where(eq(table.workshopId, workshopId));
    out[name] = row?.n ?? 0;
  }
  return out;
}

/**
 * Deletes a workshop and everything of it, its trail too, all or nothing. Accounts stay: they are people's, who may
 * be in other workshops; a session that had it open has none open. Copies that were made of the whole database keep
 * what they hold until they are thrown away.
 *
 * @returns rows deleted
 */
export async function deleteWorkshop(db: Database, workshopId: string): Promise<number> {
  return db.transaction(async (tx) => {
    const inside = tx as unknown as Database;
    await inside
      .update(schema.session)
      .set({ workshopId: null })
      .where(eq(schema.session.workshopId, workshopId));
    let rows = 0;
    for (const table of BESIDE) rows += await emptied(inside, table, workshopId);
    for (const t of [...TABLES].reverse()) {
      if (t.table === schema.workshop) continue;
      await freed(inside, t, workshopId);
      rows += await emptied(inside, t.table, workshopId);
    }
    const [head] = await inside.delete(schema.workshop).where(eq(schema.workshop.id, workshopId));
    return rows + head.affectedRows;
  });
}

/** Rows that name rows of their own table name none, so that their order does not matter. */
async function freed(db: Database, t: (typeof TABLES)[number], workshopId: string): Promise<void> {
  const own = workshopColumn(t.table);
  for (const r of t.refers) {
    const column = t.columns.find(([name]) => name === r.column)?.[1];
    if (r.to !== t.name || !column || !own) continue;
    await db
      .update(t.table)
      .set({ [r.column]: null })
      .where(and(eq(own, workshopId), isNotNull(column)));
  }
}

async function emptied(db: Database, table: MySqlTable, workshopId: string): Promise<number> {
  const column = workshopColumn(table);
  if (!column) return 0;
  for (let rows = 0; ;) {
    const [head] = await db.delete(table).where(eq(column, workshopId)).limit(AT_ONCE);
    rows += head.affectedRows;
    if (head.affectedRows < AT_ONCE) return rows;
  }
}
