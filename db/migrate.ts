import { createHash } from "node:crypto";
import { readFileSync } from "node:fs";
import path from "node:path";
import mysql, { type Connection, type RowDataPacket } from "mysql2/promise";

/** The schema was made by a newer Lapka: running this one on it could harm it. */
export class NewerSchema extends Error {
  constructor(readonly tags: readonly string[]) {
    super(
      `This database was brought up to date by a newer Lapka (${tags.join(", ")}). Start that one, or bring back the copy that was made before the upgrade: bin/lapka restore FILE.`,
    );
    this.name = "NewerSchema";
  }
}

interface Migration {
  readonly tag: string;
  /** When it was written; Drizzle's own journal, of which older databases have one, knows it by this. */
  readonly when: number;
  readonly statements: readonly string[];
}

const FOLDER = path.resolve("db/migrations");

/** The migrations in order, statement by statement. */
export function readMigrations(folder = FOLDER): readonly Migration[] {
  const journal = JSON.parse(readFileSync(path.join(folder, "meta/_journal.json"), "utf8")) as {
    entries: { tag: string; when: number }[];
  };
  return journal.entries.map(({ tag, when }) => ({
    tag,
    when,
    statements: readFileSync(path.join(folder, `${tag}.sql`), "utf8")
      .split("--> statement-breakpoint")
      .map((s) => s.trim())
      .filter((s) => s !== ""),
  }));
}

export interface MigrateOptions {
  readonly folder?: string;
  /**
   * Called once before the first statement that changes a database with tables in it: the moment for a copy.
   */
  readonly before?: () => Promise<void>;
  /** For tests: called before each statement is run and after it was, before that is noted. */
  readonly step?: (at: { tag: string; index: number; when: "before" | "after" }) => void;
}

/**
 * Brings the schema up to date. MariaDB commits every statement that changes a schema by itself, so each is
 * noted when it is begun and when it is done: a start after a kill or a power cut goes on where the last one
 * stopped, and a statement that was begun may find itself done. One at a time (GET_LOCK). Running it again
 * changes nothing. @throws NewerSchema.
 */
export async function migrateDatabase(url: string, options: MigrateOptions = {}): Promise<void> {
  const db = await mysql.createConnection({ uri: url, timezone: "Z", multipleStatements: false });
  try {
    const [[held]] = await db.query<RowDataPacket[]>(
      "select get_lock(concat('lapka-migrate-', database()), 120) as held",
    );
    if (held?.held !== 1)
      throw new Error("another start is bringing the database up to date; try again in a minute");
    await bringUp(db, readMigrations(options.folder), options);
  } finally {
    // Closing gives the lock back.
    await db.end().catch(() => undefined);
  }
}

async function bringUp(
  db: Connection,
  migrations: readonly Migration[],
  options: MigrateOptions,
): Promise<void> {
  const tables = await tableNames(db);
  if (!tables.has("lapka_migration"))
    await db.query(
      "create table if not exists `lapka_migration` (`tag` varchar(120) not null, `statement` int not null, `hash` varchar(64) not null, `state` enum('begun','done') not null, `at` datetime(3) not null, primary key (`tag`, `statement`))",
    );
  const journal = await readJournal(db);
  const known = new Set(migrations.map((m) => m.tag));
  const newer = [...new Set([...journal.values()].map((r) => r.tag))].filter((tag) => !known.has(tag));
  if (newer.length > 0) throw new NewerSchema(newer);
  const legacy = tables.has("__drizzle_migrations") ? await legacyTimes(db) : undefined;
  let copied = tables.size === 0 || options.before === undefined;
  for (const m of migrations) {
    for (const [index, statement] of m.statements.entries()) {
      const noted = journal.get(`${m.tag}:${index}`)?.state;
      if (noted === "done") continue;
      if (legacy?.has(m.when)) {
        await note(db, m.tag, index, statement, "done");
        continue;
      }
      if (!copied) {
        await options.before?.();
        copied = true;
      }
      await note(db, m.tag, index, statement, "begun");
      options.step?.({ tag: m.tag, index, when: "before" });
      // Begun before, by us or by a half-done migration of an older version: it may be there already.
      await run(db, statement, noted === "begun" || legacy !== undefined);
      options.step?.({ tag: m.tag, index, when: "after" });
      await note(db, m.tag, index, statement, "done");
    }
  }
}

/**
 * What MariaDB answers to a statement that was done already: table, column, key or constraint there, or gone.
 */
const DONE_ALREADY = new Set([1050, 1060, 1061, 1826, 1005, 1022, 1091, 1051, 1054]);

async function run(db: Connection, statement: string, begunBefore: boolean): Promise<void> {
  try {
    await db.query(statement);
  } catch (error) {
    const errno = typeof error === "object" && error !== null && "errno" in error ? Number(error.errno) : 0;
    if (!begunBefore || !DONE_ALREADY.has(errno)) throw error;
    // 1005 (errno 121) is a constraint of this name that is there; other reasons for it are not "done".
    if (errno === 1005 && !String(error).includes("121")) throw error;
  }
}

async function note(
  db: Connection,
  tag: string,
  index: number,
  statement: string,
  state: "begun" | "done",
): Promise<void> {
  const hash = createHash("sha256").update(statement).digest("hex");
  await db.query(
    "insert into `lapka_migration` values (?, ?, ?, ?, utc_timestamp(3)) on duplicate key update `state` = values(`state`), `hash` = values(`hash`), `at` = values(`at`)",
    [tag, index, hash, state],
  );
}

async function tableNames(db: Connection): Promise<ReadonlySet<string>> {
  const [rows] = await db.query<RowDataPacket[]>(
    "select table_name as name from information_schema.tables where table_schema = database()",
  );
  return new Set(rows.map((r) => String(r.name)));
}

async function readJournal(
  db: Connection,
): Promise<ReadonlyMap<string, { tag: string; state: "begun" | "done" }>> {
  const [rows] = await db.query<RowDataPacket[]>("select tag, statement, state from `lapka_migration`");
  return new Map(
    rows.map((r) => [
      `${String(r.tag)}:${String(r.statement)}`,
      { tag: String(r.tag), state: r.state === "done" ? "done" : "begun" },
    ]),
  );
}

/** Migrations that Drizzle's own journal has as done, by when they were written. */
async function legacyTimes(db: Connection): Promise<ReadonlySet<number>> {
  const [rows] = await db.query<RowDataPacket[]>("select created_at from `__drizzle_migrations`");
  return new Set(rows.map((r) => Number(r.created_at)));
}
