import { connect } from "../db/connect";
import { beginAnew, makeCopy } from "../db/copies/copies";
import { migrateDatabase } from "../db/migrate";
import { listWorkshops } from "../db/queries/workshops";
import { todayOf } from "../app/server/scope.server";
import { seedDemo } from "./seed";

/**
 * Brings a database up to date, after a copy when there is something to copy. `--demo` fills an empty one
 * with the demo stall; `--fresh` forgets what is there first, after a copy. LAPKA_COPIES is where copies go.
 */
async function main(): Promise<void> {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set");
  const copies = process.env.LAPKA_COPIES ?? ".data/copies";
  const now = new Date();
  if (process.argv.includes("--fresh")) {
    const copy = await beginAnew(url, copies, now);
    if (copy) process.stdout.write(`What was there is kept in ${copy.file}\n`);
  }
  await migrateDatabase(url, {
    before: async () => {
      const copy = await makeCopy(url, copies, "upgrade", now);
      process.stdout.write(`Before the upgrade a copy was made: ${copy.file}\n`);
    },
  });
  if (!process.argv.includes("--demo")) return;
  const { db, close } = connect(url);
  try {
    if ((await listWorkshops(db)).length === 0) await seedDemo(db, todayOf(now), now);
  } finally {
    await close();
  }
}

main().catch((error: unknown) => {
  process.stderr.write(
    `lapka: the database could not be prepared: ${error instanceof Error ? error.message : String(error)}\n`,
  );
  process.exit(1);
});
