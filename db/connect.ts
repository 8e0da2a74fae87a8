import { drizzle, type MySql2Database } from "drizzle-orm/mysql2";
import { migrate } from "drizzle-orm/mysql2/migrator";
import mysql from "mysql2/promise";
import path from "node:path";

export type Database = MySql2Database;

/** A pool for the given server. Dates are UTC both ways; `close` ends all connections. */
export function connect(url: string): { db: Database; close: () => Promise<void> } {
  const pool = mysql.createPool({
    uri: url,
    connectionLimit: 8,
    timezone: "Z",
    supportBigNumbers: true,
    dateStrings: ["DATE"],
  });
  return { db: drizzle({ client: pool, casing: "snake_case" }), close: () => pool.end() };
}

/** Brings the schema up to date; running it again changes nothing. */
export async function migrateDatabase(db: Database, folder = path.resolve("db/migrations")): Promise<void> {
  await migrate(db, { migrationsFolder: folder });
}
