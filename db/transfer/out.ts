import { eq } from "drizzle-orm";
import type { MySqlColumn } from "drizzle-orm/mysql-core";
import { readMigrations } from "../migrate";
import { workshop } from "../schema";
import { mine, type Scope } from "../scope";
import { FILE_VERSION, FORMAT, type Photos, type Row, type WorkshopFile } from "./file";
import { isPicture, TABLES, type Table } from "./tables";

/** A whole workshop as it is at one moment, with its pictures beside it. Work goes on meanwhile. */
export async function workshopFile(scope: Scope): Promise<{ file: WorkshopFile; photos: Photos }> {
  const photos: Record<string, Uint8Array> = {};
  const tables = await scope.db.transaction(
    async (tx) => {
      const out: Record<string, Row[]> = {};
      for (const t of TABLES) {
        const rows = (await tx.select().from(t.table).where(ownRows(scope, t))) as Row[];
        out[t.name] = rows.map((r) => written(t, r, photos)).sort((a, b) => byKey(t, a, b));
      }
      return out;
    },
    { isolationLevel: "repeatable read", withConsistentSnapshot: true },
  );
  return {
    file: {
      format: FORMAT,
      version: FILE_VERSION,
      schema: readMigrations().at(-1)?.tag ?? "",
      madeAt: scope.now.toISOString(),
      tables,
    },
    photos,
  };
}

const ownRows = (scope: Scope, { columns }: Table) => {
  const own = columns.find(([name]) => name === "workshopId")?.[1];
  return own ? mine(scope, { workshopId: own }) : eq(workshop.id, scope.workshopId);
};

function written(t: Table, row: Row, photos: Record<string, Uint8Array>): Row {
  return Object.fromEntries(t.columns.map(([name, column]) => [name, value(t, row, name, column, photos)]));
}

function value(t: Table, row: Row, name: string, column: MySqlColumn, photos: Record<string, Uint8Array>) {
  const v = row[name];
  if (v instanceof Date) return v.toISOString();
  if (isPicture(column) && v instanceof Uint8Array) {
    const at = `photos/${String(row[t.primary[0] ?? ""])}.jpg`;
    photos[at] = v;
    return at;
  }
  return v ?? null;
}

/** One order of rows, so that the same workshop is the same file. */
function byKey(t: Table, a: Row, b: Row): number {
  for (const name of t.primary) {
    const [x, y] = [a[name], b[name]];
    if (x === y) continue;
    return typeof x === "number" && typeof y === "number" ? x - y : String(x) < String(y) ? -1 : 1;
  }
  return 0;
}
