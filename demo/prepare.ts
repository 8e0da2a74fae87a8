import { sql } from "drizzle-orm";
import { connect, migrateDatabase } from "../db/connect";
import { listWorkshops } from "../db/queries/workshops";
import { todayOf } from "../app/server/scope.server";
import { seedDemo } from "./seed";

/** Brings the database up to date and fills an empty one with the demo stall. `--fresh` empties it first. */
async function main(): Promise<void> {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set");
  const fresh = process.argv.includes("--fresh");
  const { db, close } = connect(url);
  try {
    if (fresh) {
      const [tables] = await db.execute(
        sql`select table_name as name from information_schema.tables where table_schema = database()`,
      );
      await db.transaction(async (tx) => {
        await tx.execute(sql`set foreign_key_checks = 0`);
        for (const { name } of tables as unknown as { name: string }[])
          await tx.execute(sql`drop table ${sql.identifier(name)}`);
        await tx.execute(sql`set foreign_key_checks = 1`);
      });
    }
    await migrateDatabase(db);
    if (process.argv.includes("--empty")) return;
    if ((await listWorkshops(db)).length === 0) {
      const now = new Date();
      await seedDemo(db, todayOf(now), now);
    }
  } finally {
    await close();
  }
}

main().catch((error: unknown) => {
  process.stderr.write(
    `lapka: the database could not be prepared: ${error instanceof Error ? error.message : String(error)}\n`,
  );
  if (error instanceof Error && error.cause) process.stderr.write(`       ${String(error.cause)}\n`);
  process.exit(1);
});
