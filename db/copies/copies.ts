import {
  chownSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { randomBytes } from "node:crypto";
import path from "node:path";
import type { Connection, RowDataPacket } from "mysql2/promise";
import { z } from "zod";
import { migrateDatabase, NewerSchema, readMigrations } from "../migrate";
import { PULSES } from "../schema";
import { dump, dumpToFile, load } from "./dump";
import { databaseOf, dropOwnTables, open, ownTables, sibling, stateOf } from "./tables";

const noteSchema = z.object({
  madeAt: z.string(),
  sha256: z.string(),
  bytes: z.number(),
  /** Loaded into a database of its own and read back: the same text came out. */
  checked: z.boolean(),
  tables: z.record(z.string(), z.object({ rows: z.number(), checksum: z.string() })),
});
export interface Copy extends z.infer<typeof noteSchema> {
  readonly file: string;
  readonly why: CopyReason;
}
export type CopyReason = "daily" | "asked" | "upgrade" | "fresh" | "restore";

const NAME = /^lapka-(\d{8}T\d{9})-(daily|asked|upgrade|fresh|restore)\.sql\.gz$/;

/** A file that is no copy of Lapka's, or not whole. */
export class NotACopy extends Error {
  constructor(
    readonly file: string,
    why: string,
  ) {
    super(`${file} is no copy that can be brought back: ${why}`);
    this.name = "NotACopy";
  }
}

/**
 * A copy of everything, photos too, while writing goes on: one moment of all tables. It is loaded into a
 * database of its own and written out again; only when both texts are equal it counts as checked. Where no
 * such database may be made it stays unchecked, and says so.
 */
export async function makeCopy(url: string, dir: string, why: CopyReason, now: Date): Promise<Copy> {
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  const db = await open(url);
  try {
    await holdCopyLock(db);
    const tables = await ownTables(db);
    const stamp = now.toISOString().replace(/[-:.Z]/g, "");
    const file = path.join(dir, `lapka-${stamp}-${why}.sql.gz`);
    const part = `${file}.part`;
    const sha256 = await dumpToFile(url, tables, part);
    const check = await checkByLoading(db, url, part, sha256);
    renameSync(part, file);
    const note = { madeAt: now.toISOString(), sha256, bytes: statSync(file).size, ...check };
    writeFileSync(noteOf(file), JSON.stringify(note, null, 1), { mode: 0o600 });
    // Made by root for a folder that is the app's: the app must be able to read and rotate them.
    if (process.getuid?.() === 0) {
      const { uid, gid } = statSync(dir);
      for (const f of [file, noteOf(file)]) chownSync(f, uid, gid);
    }
    return { ...note, file, why };
  } finally {
    await db.end().catch(() => undefined);
  }
}

export const noteOf = (file: string): string => file.replace(/\.sql\.gz$/, ".json");

async function holdCopyLock(db: Connection): Promise<void> {
  const [[held]] = await db.query<RowDataPacket[]>(
    "select get_lock(concat('lapka-copy-', database()), 600) as held",
  );
  if (held?.held !== 1) throw new Error("another copy is being made; try again in a few minutes");
}

/**
 * Loads a copy into a database of its own on the same server, lets `look` at it, and drops it. Answers
 * nothing where such a database may not be made.
 */
export async function loadedBeside<T>(
  url: string,
  file: string,
  look: (there: string, other: Connection) => Promise<T>,
): Promise<{ readonly seen: T } | undefined> {
  const db = await open(url);
  const scratch = `lapka_beside_${Date.now().toString(36)}_${process.pid}_${randomBytes(3).toString("hex")}`;
  try {
    await db.query("create database ?? character set utf8mb4 collate utf8mb4_unicode_ci", [scratch]);
  } catch {
    await db.end();
    return undefined;
  }
  try {
    const there = sibling(url, scratch);
    await load(there, file);
    const other = await open(there);
    try {
      return { seen: await look(there, other) };
    } finally {
      await other.end();
    }
  } finally {
    await db.query("drop database if exists ??", [scratch]);
    await db.end();
  }
}

/** Loads a copy, and holds what comes out against what went in. */
async function checkByLoading(
  db: Connection,
  url: string,
  file: string,
  sha256: string,
): Promise<Pick<Copy, "checked" | "tables">> {
  const loaded = await loadedBeside(url, file, async (there, other) => {
    const again = await dump(there, await ownTables(other), undefined);
    if (again !== sha256) throw new NotACopy(file, "what was loaded from it is not what was written into it");
    return stateOf(other);
  });
  // A server of her own may not allow it: the copy is there, only unchecked.
  return loaded ? { checked: true, tables: loaded.seen } : { checked: false, tables: await stateOf(db) };
}

/** The copies of a folder, newest first. */
export function listCopies(dir: string): Copy[] {
  let names: string[];
  try {
    names = readdirSync(dir);
  } catch {
    return [];
  }
  return names
    .filter((n) => NAME.test(n))
    .sort()
    .reverse()
    .flatMap((n) => readCopy(path.join(dir, n)) ?? []);
}

function readCopy(file: string): Copy | undefined {
  const why = NAME.exec(path.basename(file))?.[2];
  try {
    const note = noteSchema.parse(JSON.parse(readFileSync(noteOf(file), "utf8")));
    return why ? { ...note, file, why: why as CopyReason } : undefined;
  } catch {
    return undefined;
  }
}

/** Days, weeks and months of which a copy is kept. */
const KEPT = { days: 7, weeks: 4, months: 12 } as const;

/**
 * Which daily copies go: the newest of each of the last 7 days, 4 weeks and 12 months stays; the others are
 * kept until she throws them away.
 */
export function outdated(copies: readonly Copy[]): Copy[] {
  const daily = copies.filter((c) => c.why === "daily").sort((a, b) => (a.madeAt < b.madeAt ? 1 : -1));
  const stay = new Set<Copy>();
  const newestOf = (most: number, of: (at: Date) => string) => {
    const seen = new Set<string>();
    for (const c of daily) {
      const key = of(new Date(c.madeAt));
      if (seen.has(key)) continue;
      if (seen.size === most) break;
      seen.add(key);
      stay.add(c);
    }
  };
  newestOf(KEPT.days, (at) => at.toISOString().slice(0, 10));
  // Weeks from Monday to Sunday; 1 January 1970 was a Thursday.
  newestOf(KEPT.weeks, (at) => String(Math.floor((at.getTime() / 86_400_000 + 3) / 7)));
  newestOf(KEPT.months, (at) => at.toISOString().slice(0, 7));
  return daily.filter((c) => !stay.has(c));
}

export function throwAway(copies: readonly Copy[]): void {
  for (const c of copies) {
    rmSync(c.file, { force: true });
    rmSync(noteOf(c.file), { force: true });
  }
}

export interface Restored {
  readonly from: Copy;
  /** What stood there before, as a copy of its own; undefined when nothing did. */
  readonly before: Copy | undefined;
}

/**
 * Brings a copy back. It is loaded beside what is there and checked table by table against its note; only
 * then all tables change places, in one statement. What they replace is kept as a copy first. The schema is
 * then brought up to date. @throws NotACopy, NewerSchema
 */
export async function restoreCopy(url: string, file: string, dir: string, now: Date): Promise<Restored> {
  const from = readCopy(file);
  if (!from) throw new NotACopy(file, "its note (the .json beside it) is missing or cannot be read");
  const db = await open(url);
  const beside = `lapka_restore_${Date.now().toString(36)}_${process.pid}`;
  const aside = `${beside}_old`;
  try {
    for (const name of [beside, aside])
      await db.query("create database ?? character set utf8mb4 collate utf8mb4_unicode_ci", [name]);
    const there = sibling(url, beside);
    await load(there, file);
    const other = await open(there);
    const loaded = await stateOf(other);
    const known = new Set(readMigrations().map((m) => m.tag));
    const [tags] = loaded.lapka_migration
      ? await other.query<RowDataPacket[]>("select distinct tag from lapka_migration")
      : [[] as RowDataPacket[]];
    await other.end();
    sameState(file, from.tables, loaded);
    const newer = tags.map((t) => String(t.tag)).filter((t) => !known.has(t));
    if (newer.length > 0) throw new NewerSchema(newer);
    const present = await ownTables(db);
    const before = present.length > 0 ? await makeCopy(url, dir, "restore", now) : undefined;
    const target = databaseOf(url);
    const moves = [
      ...present.map((t) => ({ from: [target, t], to: [aside, t] })),
      ...Object.keys(loaded).map((t) => ({ from: [beside, t], to: [target, t] })),
    ];
    if (moves.length > 0)
      await db.query(
        `rename table ${moves.map(() => "??.?? to ??.??").join(", ")}`,
        moves.flatMap((m) => [...m.from, ...m.to]),
      );
    sameState(file, from.tables, await stateOf(db));
    await migrateDatabase(url);
    // Who had signed out since that copy was made must not be signed in again by it.
    await db.query("delete from session");
    // What a running app has kept is of another state, whatever its beats were.
    for (const p of PULSES)
      await db.query(
        "insert into pulse (workshop_id, `of`, beat) select id, ?, uuid() from workshop on duplicate key update beat = values(beat)",
        [p],
      );
    return { from, before };
  } finally {
    for (const name of [beside, aside])
      await db.query("drop database if exists ??", [name]).catch(() => undefined);
    await db.end().catch(() => undefined);
  }
}

/** @throws NotACopy when the tables are not as a note says. */
export function sameState(file: string, wanted: Copy["tables"], got: Copy["tables"]): void {
  const names = new Set([...Object.keys(wanted), ...Object.keys(got)]);
  for (const name of names) {
    const a = wanted[name];
    const b = got[name];
    if (!a || !b || a.rows !== b.rows || a.checksum !== b.checksum)
      throw new NotACopy(file, `the table “${name}” is not as the note says`);
  }
}

/** Forgets everything of Lapka's in a database, after a copy; other tables stay. */
export async function beginAnew(url: string, dir: string, now: Date): Promise<Copy | undefined> {
  const db = await open(url);
  try {
    const there = (await ownTables(db)).length > 0;
    const copy = there ? await makeCopy(url, dir, "fresh", now) : undefined;
    await dropOwnTables(db);
    return copy;
  } finally {
    await db.end().catch(() => undefined);
  }
}
