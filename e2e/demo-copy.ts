import { existsSync, mkdtempSync, renameSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { todayOf } from "../app/server/scope.server";
import { dumpToFile, load } from "../db/copies/dump";
import { bareDatabase, freshDatabase, type OwnDatabase } from "../db/testing";
import { seedDemo } from "../demo/seed";

/** Where the files of one run of the browser tests share what they sowed; without it each sows its own. */
const SHARED = "LAPKA_DEMO_COPIES";

/** Vitest calls it once, before the first file: a folder for the run, gone after the last. */
export default function shareDemo(): () => void {
  const folder = mkdtempSync(path.join(tmpdir(), "lapka-demo-"));
  process.env[SHARED] = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}

/**
 * A database of its own with the demo stall in it. Sowing it takes as long as many a test: it is sown once for
 * each day that a run of the tests sees, and copied for every file after.
 */
export async function demoDatabase(name: string): Promise<OwnDatabase> {
  const now = new Date();
  const folder = process.env[SHARED];
  const file = folder && path.join(folder, `${todayOf(now)}.sql.gz`);
  if (file && existsSync(file)) {
    const bare = await bareDatabase(name);
    await load(bare.url, file);
    return bare;
  }
  const database = await freshDatabase(name);
  await seedDemo(database.db, todayOf(now), now);
  if (file) {
    await dumpToFile(database.url, [], `${file}.begun`);
    renameSync(`${file}.begun`, file);
  }
  return database;
}
