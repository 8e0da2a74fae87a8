import { inArray } from "drizzle-orm";
import type { z } from "zod";
import type { Database } from "../connect";
import { readMigrations } from "../migrate";
import { trail, trailHead } from "../schema";
import { newId } from "../scope";
import { FILE_VERSION, FORMAT, workshopFileSchema, type Photos, type Row, type WorkshopFile } from "./file";
import { isPicture, TABLES, type Table } from "./tables";

/** A file that cannot be brought in, and why: what, where, and how to mend it. */
export class NotAWorkshop extends Error {
  constructor(readonly why: string) {
    super(why);
    this.name = "NotAWorkshop";
  }
}

const SHOWN_PROBLEMS = 3;

/** Reads a file as it came. @throws NotAWorkshop */
export function readWorkshopFile(json: unknown, photos: Photos): WorkshopFile {
  const about = json as { format?: unknown; version?: unknown; schema?: unknown } | null;
  if (typeof about !== "object" || about?.format !== FORMAT)
    throw new NotAWorkshop("This is no workshop file: its workshop.json does not say that it is one.");
  const known = readMigrations().map((m) => m.tag);
  if (about.version !== FILE_VERSION || (typeof about.schema === "string" && !known.includes(about.schema)))
    throw new NotAWorkshop(
      "This file was written by a newer Lapka. Bring this one up to date first, then bring the file in.",
    );
  const read = workshopFileSchema.safeParse(json);
  if (!read.success) throw new NotAWorkshop(problemsOf(read.error));
  const file = read.data as unknown as WorkshopFile;
  holdsTogether(file, photos);
  return file;
}

function problemsOf({ issues }: z.ZodError): string {
  const told = issues.slice(0, SHOWN_PROBLEMS).map((i) => `${i.path.join(" › ")}: ${i.message}`);
  const more = issues.length - told.length;
  return `The file does not say what it should. ${told.join("; ")}${more > 0 ? `; and ${more} more` : ""}.`;
}

/**
 * Every row is of one workshop, has a name of its own, and refers to rows and pictures that are in the file.
 */
function holdsTogether(file: WorkshopFile, photos: Photos): void {
  const [own, ...others] = file.tables.workshop ?? [];
  if (!own || others.length > 0) throw new NotAWorkshop("The file has to hold exactly one workshop.");
  sensible(own);
  const keys = new Map<string, Set<unknown>>();
  for (const t of TABLES) {
    const seen = new Set<string>();
    const ids = new Set<unknown>();
    for (const [i, row] of (file.tables[t.name] ?? []).entries()) {
      const where = `${t.name}, row ${i + 1}`;
      if (t.name !== "workshop" && row.workshopId !== own.id)
        throw new NotAWorkshop(`${where} belongs to another workshop.`);
      const key = JSON.stringify(t.primary.map((p) => row[p]));
      if (seen.has(key)) throw new NotAWorkshop(`${where} stands there twice.`);
      seen.add(key);
      for (const r of t.refers) {
        const to = row[r.column];
        if (to !== null && to !== undefined && r.to !== t.name && !keys.get(r.to)?.has(to))
          throw new NotAWorkshop(`${where} refers to a row of ${r.to} that is not in the file.`);
      }
      for (const [name, c] of t.columns) {
        const at = row[name];
        if (isPicture(c) && typeof at === "string" && !photos[at])
          throw new NotAWorkshop(`${where}: the picture ${at} is not in the ZIP.`);
      }
      ids.add(row[t.primary[0] ?? ""]);
    }
    keys.set(t.name, ids);
  }
}

/** Settings that every page reads by: one that this platform does not know would stop them all. */
function sensible(own: Row): void {
  try {
    new Intl.NumberFormat(String(own.locale ?? "en-IE"), {
      style: "currency",
      currency: String(own.currency ?? "EUR"),
    });
    if (own.timeZone) new Intl.DateTimeFormat("en", { timeZone: String(own.timeZone) });
  } catch {
    throw new NotAWorkshop("The workshop’s locale, currency or time zone is none that is known here.");
  }
}

export interface Brought {
  readonly workshopId: string;
  readonly name: string;
  /** Rows by table. */
  readonly rows: Readonly<Record<string, number>>;
  /** Something of this name was here already, so all ids are new ones: it is a copy beside the first. */
  readonly asCopy: boolean;
}

const AT_ONCE = 400;
/** Rows with a picture in them. */
const PICTURES_AT_ONCE = 4;

/**
 * Brings a workshop in, all of it or nothing. Where none of its ids is here it keeps them, and its trail;
 * otherwise it comes as a copy with ids of its own, so that nothing of it can touch or name what is here, and
 * its trail begins anew. @throws NotAWorkshop
 */
export async function bringWorkshop(db: Database, from: WorkshopFile, photos: Photos): Promise<Brought> {
  return db.transaction(async (tx) => {
    const inside = tx as unknown as Database;
    const asCopy = await anyHere(inside, from);
    const { file, pictures } = asCopy ? renamed(from, photos) : { file: from, pictures: photos };
    const own = file.tables.workshop?.[0];
    const rows: Record<string, number> = {};
    for (const t of TABLES) {
      if (asCopy && (t.table === trail || t.table === trailHead)) continue;
      const all = (file.tables[t.name] ?? []).map((r) => values(t, r, pictures));
      const step = t.columns.some(([, c]) => isPicture(c)) ? PICTURES_AT_ONCE : AT_ONCE;
      for (let i = 0; i < all.length; i += step)
        await kept(t, () => inside.insert(t.table).values(all.slice(i, i + step) as never));
      rows[t.name] = all.length;
    }
    return { workshopId: String(own?.id), name: String(own?.name), rows, asCopy };
  });
}

/** Two rows that may not both be there, a value that does not fit, a row that refers to nothing. */
const REFUSED_BY_DATABASE: readonly unknown[] = [1062, 1264, 1366, 1406, 1452, 3819, 4025];

async function kept(t: Table, insert: () => Promise<unknown>): Promise<void> {
  try {
    await insert();
  } catch (error) {
    const cause = (error as { cause?: { errno?: unknown } }).cause;
    if (!REFUSED_BY_DATABASE.includes(cause?.errno)) throw error;
    throw new NotAWorkshop(
      `Rows of ${t.name} do not go together: two that may stand there once only, or a value that does not fit.`,
    );
  }
}

/** Is a row with one of these ids here, of whichever workshop? */
async function anyHere(db: Database, file: WorkshopFile): Promise<boolean> {
  for (const t of TABLES) {
    const [key = "", ...more] = t.primary;
    const column = t.columns.find(([name]) => name === key)?.[1];
    // A key of several parts begins with one that is looked at elsewhere.
    if (!column || more.length > 0) continue;
    const ids = (file.tables[t.name] ?? []).map((r) => String(r[key]));
    for (let i = 0; i < ids.length; i += AT_ONCE) {
      const some = ids.slice(i, i + AT_ONCE);
      const [found] = await db.select({ column }).from(t.table).where(inArray(column, some)).limit(1);
      if (found) return true;
    }
  }
  return false;
}

function values(t: Table, row: Row, photos: Photos): Row {
  return Object.fromEntries(
    t.columns.flatMap(([name, column]): [string, unknown][] => {
      const v = row[name];
      // The database has a value for what an older file does not name.
      if (v === undefined) return [];
      if (v === null) return [[name, null]];
      if (column.columnType === "MySqlDateTime") return [[name, new Date(String(v))]];
      if (isPicture(column)) return [[name, Buffer.from(photos[String(v)] ?? [])]];
      return [[name, v]];
    }),
  );
}

const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;

/**
 * Every id of a file in place of another, wherever it stands: as a key, as a reference, or within something
 * longer.
 */
function renamed(file: WorkshopFile, photos: Photos): { file: WorkshopFile; pictures: Photos } {
  const ids = new Set(JSON.stringify(file.tables).match(UUID));
  // In their order: ids tell by it what is older.
  const other = new Map([...ids].sort().map((id) => [id, newId()]));
  const swap = (v: unknown): unknown => {
    if (typeof v === "string") return v.replace(UUID, (id) => other.get(id) ?? id);
    if (Array.isArray(v)) return v.map(swap);
    if (typeof v === "object" && v !== null)
      return Object.fromEntries(Object.entries(v).map(([k, x]) => [String(swap(k)), swap(x)]));
    return v;
  };
  return {
    file: { ...file, tables: swap(file.tables) as WorkshopFile["tables"] },
    pictures: Object.fromEntries(Object.entries(photos).map(([at, bytes]) => [String(swap(at)), bytes])),
  };
}
