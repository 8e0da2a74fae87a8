import { getTableName, is } from "drizzle-orm";
import { MySqlTable } from "drizzle-orm/mysql-core";
import mysql, { type Connection, type RowDataPacket } from "mysql2/promise";
import * as schema from "../schema";

/**
 * Tables that are ours, with the journals of migrations: nothing else of a database is ever copied, replaced
 * or dropped.
 */
export const OWN_TABLES: readonly string[] = [
  ...Object.values(schema)
    .filter((t) => is(t, MySqlTable))
    .map((t) => getTableName(t)),
  "lapka_migration",
  "__drizzle_migrations",
].sort();

/** Of our tables those that are there, by name. */
export async function ownTables(db: Connection): Promise<string[]> {
  const [rows] = await db.query<RowDataPacket[]>(
    "select table_name as name from information_schema.tables where table_schema = database() and table_name in (?) order by table_name",
    [[...OWN_TABLES]],
  );
  return rows.map((r) => String(r.name));
}

export interface TableState {
  readonly rows: number;
  readonly checksum: string;
}

/** Rows and checksum of each of our tables. */
export async function stateOf(db: Connection): Promise<Record<string, TableState>> {
  const out: Record<string, TableState> = {};
  for (const name of await ownTables(db)) {
    const [[sum]] = await db.query<RowDataPacket[]>("checksum table ??", [name]);
    const [[count]] = await db.query<RowDataPacket[]>("select count(*) as n from ??", [name]);
    out[name] = { rows: Number(count?.n ?? 0), checksum: String(sum?.Checksum ?? "") };
  }
  return out;
}

/** Drops our tables and leaves every other one of the database alone. */
export async function dropOwnTables(db: Connection): Promise<void> {
  await db.query("set foreign_key_checks = 0");
  for (const name of await ownTables(db)) await db.query("drop table if exists ??", [name]);
  await db.query("set foreign_key_checks = 1");
}

export const open = (url: string): Promise<Connection> => mysql.createConnection({ uri: url, timezone: "Z" });

/** The same server, another database of ours. */
export function sibling(url: string, database: string): string {
  const other = new URL(url);
  other.pathname = `/${database}`;
  return other.href;
}
export const databaseOf = (url: string): string => new URL(url).pathname.slice(1);
