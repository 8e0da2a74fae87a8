import { spawn } from "node:child_process";
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { migrate } from "drizzle-orm/mysql2/migrator";
import mysql, { type Connection, type RowDataPacket } from "mysql2/promise";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { connect } from "./connect";
import { migrateDatabase, NewerSchema, readMigrations } from "./migrate";
import { listWorkshops } from "./queries/workshops";

const base = process.env.DATABASE_URL ?? "";
const dir = mkdtempSync(path.join(tmpdir(), "lapka-migrate-"));
const made: string[] = [];
let admin: Connection;
beforeAll(async () => {
  admin = await mysql.createConnection(base);
});
afterAll(async () => {
  for (const name of made) await admin.query("drop database if exists ??", [name]);
  await admin.end();
  rmSync(dir, { recursive: true, force: true });
});

async function emptyDatabase(name: string): Promise<string> {
  const schema = `lapka_${name}_${process.pid}`;
  made.push(schema);
  await admin.query("create database ?? character set utf8mb4 collate utf8mb4_unicode_ci", [schema]);
  const url = new URL(base);
  url.pathname = `/${schema}`;
  return url.href;
}
/** Every column, key and constraint, as the server has them. */
async function shapeOf(url: string): Promise<unknown> {
  const schema = new URL(url).pathname.slice(1);
  const ask = async (sql: string) =>
    (await admin.query<RowDataPacket[]>(sql, [schema]))[0].map((r) => ({ ...r }));
  const own = "table_name not in ('lapka_migration', '__drizzle_migrations')";
  return {
    columns: await ask(
      `select table_name t, column_name c, column_type ty, is_nullable n, column_default d from information_schema.columns where table_schema = ? and ${own} order by t, c`,
    ),
    keys: await ask(
      `select table_name t, index_name i, seq_in_index s, column_name c, non_unique u from information_schema.statistics where table_schema = ? and ${own} order by t, i, s`,
    ),
    constraints: await ask(
      `select table_name t, constraint_name c, constraint_type ty from information_schema.table_constraints where table_schema = ? and ${own} order by t, c`,
    ),
  };
}
/** A folder with the first so many migrations: an older Lapka. */
function olderFolder(count: number): string {
  const folder = path.join(dir, `first-${count}`);
  cpSync("db/migrations", folder, { recursive: true });
  const file = path.join(folder, "meta/_journal.json");
  const journal = JSON.parse(readFileSync(file, "utf8")) as { entries: unknown[] };
  writeFileSync(file, JSON.stringify({ ...journal, entries: journal.entries.slice(0, count) }));
  return folder;
}
const WORKSHOP = "01a20aa7-05a8-74eb-831c-a40a9fcf0be3";
/** Rows that an older Lapka kept. */
async function fill(url: string): Promise<void> {
  const db = await mysql.createConnection(url);
  await db.query("insert into workshop (id, name) values (?, 'Old stall')", [WORKSHOP]);
  await db.query("insert into item (id, workshop_id, name, revision) values ('i1', ?, 'Puffin', 1)", [
    WORKSHOP,
  ]);
  await db.query(
    "insert into item_revision (id, workshop_id, item_id, number, pattern, firmness, hanger, note) values ('r1', ?, 'i1', 1, 'Rnd 1: 6 sc in mr (6)', 'medium', 1, '')",
    [WORKSHOP],
  );
  await db.end();
}
const kept = async (url: string) => {
  const db = await mysql.createConnection(url);
  const [rows] = await db.query<RowDataPacket[]>(
    "select w.name w, i.name i, r.pattern p, i.version v from workshop w join item i on i.workshop_id = w.id join item_revision r on r.item_id = i.id",
  );
  await db.end();
  return rows.map((r) => ({ ...r }));
};
const KEPT = [{ w: "Old stall", i: "Puffin", p: "Rnd 1: 6 sc in mr (6)", v: 0 }];

class Cut extends Error {}

describe("bringing the schema up to date", () => {
  it("cut off before and after every statement of every migration, twice, goes on and ends as if nothing had been", async () => {
    const whole = await emptyDatabase("whole");
    await migrateDatabase(whole);
    const cut = await emptyDatabase("cut");
    const total = readMigrations().reduce((n, m) => n + m.statements.length, 0);
    expect(total).toBeGreaterThan(100);
    let filled = false;
    const times = new Map<string, number>();
    let cuts = 0;
    for (let attempt = 0; attempt <= 4 * total; attempt++) {
      try {
        await migrateDatabase(cut, {
          step: ({ tag, index, when }) => {
            const key = `${tag}:${index}:${when}`;
            const n = (times.get(key) ?? 0) + 1;
            times.set(key, n);
            if (n <= 2) {
              cuts++;
              throw new Cut();
            }
          },
        });
        break;
      } catch (error) {
        if (!(error instanceof Cut)) throw error;
      }
      // As soon as there are tables to fill: what follows upgrades a database with rows in it.
      if (!filled && times.has("0001_materials:0:before")) {
        await fill(cut);
        filled = true;
      }
    }
    expect(cuts).toBe(4 * total);
    expect(await shapeOf(cut)).toEqual(await shapeOf(whole));
    expect(await kept(cut)).toEqual(KEPT);
  }, 300_000);

  it("carries finished pieces from the stock book to the shelf, cut off twice at each statement: none lost, none twice", async () => {
    const url = await emptyDatabase("pieces");
    await migrateDatabase(url, { folder: olderFolder(11) });
    await fill(url);
    const db = await mysql.createConnection(url);
    const move = (id: string, kind: string, of: "item" | "notion", quantity: number, undoes: string | null) =>
      db.query(
        "insert into stock_move (id, workshop_id, kind, material_kind, material_id, quantity, undoes, idempotency_key, at) values (?, ?, ?, ?, ?, ?, ?, ?, utc_timestamp(3))",
        [id, WORKSHOP, kind, of, of === "item" ? "i1" : "n1", quantity, undoes, `key-${id}`],
      );
    await move("m1", "made", "item", 12, null);
    await move("m2", "made", "item", 5, null);
    await move("m3", "undone", "item", -5, "m2");
    await move("m4", "sold", "item", -3, null);
    await move("m5", "counted", "notion", 40, null);
    await db.query(
      "insert into stock_balance (workshop_id, material_id, ball_id, quantity) values (?, 'i1', '', 9), (?, 'n1', '', 40)",
      [WORKSHOP, WORKSHOP],
    );
    const times = new Map<string, number>();
    for (;;) {
      try {
        await migrateDatabase(url, {
          step: ({ tag, index, when }) => {
            const key = `${tag}:${index}:${when}`;
            times.set(key, (times.get(key) ?? 0) + 1);
            if ((times.get(key) ?? 0) <= 2) throw new Cut();
          },
        });
        break;
      } catch (error) {
        if (!(error instanceof Cut)) throw error;
      }
    }
    const ask = async (q: string) => (await db.query<RowDataPacket[]>(q))[0].map((r) => ({ ...r }));
    expect(await ask("select id, kind, quantity, undoes from piece_move order by id")).toEqual([
      { id: "m1", kind: "made", quantity: 12, undoes: null },
      { id: "m2", kind: "made", quantity: 5, undoes: null },
      { id: "m3", kind: "undone", quantity: -5, undoes: "m2" },
      { id: "m4", kind: "sold", quantity: -3, undoes: null },
    ]);
    expect(await ask("select item_id i, place_id p, grade g, quantity n from piece_balance")).toEqual([
      { i: "i1", p: "", g: "good", n: 9 },
    ]);
    expect(await ask("select material_id m, quantity n from stock_balance")).toEqual([{ m: "n1", n: 40 }]);
    expect(await ask("select id from stock_move")).toEqual([{ id: "m5" }]);
    await db.end();
  }, 120_000);

  it("takes over a database that an older Lapka made, with its own journal, after asking for a copy", async () => {
    const url = await emptyDatabase("legacy");
    const { db, close } = connect(url);
    await migrate(db, { migrationsFolder: olderFolder(4) });
    await close();
    await fill(url);
    let copies = 0;
    await migrateDatabase(url, { before: () => Promise.resolve(void copies++) });
    await migrateDatabase(url, { before: () => Promise.resolve(void copies++) });
    expect(copies).toBe(1);
    expect(await kept(url)).toEqual(KEPT);
    const whole = await emptyDatabase("whole2");
    await migrateDatabase(whole);
    expect(await shapeOf(url)).toEqual(await shapeOf(whole));
  }, 60_000);

  it("finishes what an older Lapka left half done without a word in its journal", async () => {
    const url = await emptyDatabase("half");
    const pool = mysql.createPool({ uri: url });
    const first = readMigrations()[0]?.statements ?? [];
    await pool.query(
      "create table `__drizzle_migrations` (id serial primary key, hash text not null, created_at bigint)",
    );
    for (const s of first.slice(0, 7)) await pool.query(s);
    await pool.end();
    await migrateDatabase(url);
    const whole = await emptyDatabase("whole3");
    await migrateDatabase(whole);
    expect(await shapeOf(url)).toEqual(await shapeOf(whole));
  }, 60_000);

  it("a table of another program under one of our names is an error, and nothing is taken for done", async () => {
    const url = await emptyDatabase("foreign");
    const db = await mysql.createConnection(url);
    await db.query("create table `channel` (frequency int)");
    await db.end();
    await expect(migrateDatabase(url)).rejects.toThrow(/already exists/);
    await expect(
      mysql.createConnection(url).then(async (c) => {
        const [rows] = await c.query<RowDataPacket[]>("select frequency from channel");
        await c.end();
        return rows;
      }),
    ).resolves.toEqual([]);
  });

  it("refuses a schema that a newer Lapka made, and says what to do", async () => {
    const url = await emptyDatabase("newer");
    await migrateDatabase(url);
    const db = await mysql.createConnection(url);
    await db.query("insert into lapka_migration values ('0099_future', 0, '', 'done', utc_timestamp())");
    await db.end();
    await expect(migrateDatabase(url)).rejects.toThrow(NewerSchema);
    await expect(migrateDatabase(url)).rejects.toThrow(/0099_future.*bin\/lapka restore/);
  });

  it("two starts at once: one brings it up to date, the other waits", async () => {
    const url = await emptyDatabase("twice");
    await Promise.all([migrateDatabase(url), migrateDatabase(url), migrateDatabase(url)]);
    const { db, close } = connect(url);
    expect(await listWorkshops(db)).toEqual([]);
    await close();
  }, 60_000);

  it("killed −9 at odd moments of a first start with the demo, the next start ends well and has the demo once and whole", async () => {
    const url = await emptyDatabase("killed");
    const start = (ms?: number) =>
      new Promise<number | null>((resolve) => {
        const child = spawn(process.execPath, ["--import", "tsx", "demo/prepare.ts", "--demo"], {
          env: { ...process.env, DATABASE_URL: url, LAPKA_COPIES: path.join(dir, "copies") },
          stdio: "ignore",
        });
        if (ms !== undefined) setTimeout(() => child.kill("SIGKILL"), ms);
        child.once("exit", (code) => resolve(code));
      });
    for (const ms of [700, 900, 1100, 1400, 1900]) await start(ms);
    expect(await start()).toBe(0);
    const { db, close } = connect(url);
    expect((await listWorkshops(db)).map((w) => w.name)).toEqual(["Harbour stall"]);
    await close();
    const [[count]] = await admin.query<RowDataPacket[]>(
      "select (select count(*) from ??.item) items, (select count(*) from ??.run) runs",
      [new URL(url).pathname.slice(1), new URL(url).pathname.slice(1)],
    );
    expect(count).toMatchObject({ items: 7 });
    expect(Number(count?.runs)).toBeGreaterThan(2);
  }, 120_000);

  it("the one share that a channel took becomes the first of its fees", async () => {
    const url = await emptyDatabase("fees");
    await migrateDatabase(url, { folder: olderFolder(7) });
    await fill(url);
    const db = await mysql.createConnection(url);
    await db.query(
      "insert into channel (id, workshop_id, name, percent_bp, fixed) values ('c1', ?, 'Shop', 350, 30), ('c2', ?, 'Stall', 0, 0)",
      [WORKSHOP, WORKSHOP],
    );
    await migrateDatabase(url);
    const [rows] = await db.query<RowDataPacket[]>(
      "select id, cast(fees as char) fees, fixed, tax_bp tax from channel order by id",
    );
    await db.end();
    expect(rows.map((r) => ({ ...r, fees: JSON.parse(r.fees as string) as unknown }))).toEqual([
      { id: "c1", fees: [{ name: "", bp: 350 }], fixed: 30, tax: 0 },
      { id: "c2", fees: [], fixed: 0, tax: 0 },
    ]);
  });
});
