import { micrometres, milligrams, minor, mm } from "@core/units";
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import mysql, { type RowDataPacket } from "mysql2/promise";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Database } from "../connect";
import { saveSwatch, saveYarn, listYarns, findSwatchPhoto } from "../queries/materials";
import { postMoves, balances } from "../queries/stock";
import type { Scope } from "../scope";
import { freshDatabase, scopeOf } from "../testing";
import { beginAnew, listCopies, makeCopy, NotACopy, outdated, restoreCopy, type Copy } from "./copies";
import { open, stateOf } from "./tables";

let db: Database;
let url: string;
let close: () => Promise<void>;
let scope: Scope;
const dir = mkdtempSync(path.join(tmpdir(), "lapka-copies-"));
const DK = {
  name: "DK cotton",
  shade: "slate",
  colour: "#3d4c57",
  fibre: "cotton “soft” ’; drop table yarn; -- \\",
  weightClass: 3,
  hookUm: micrometres(4000),
  mmPer100g: 230_000,
  ballMg: milligrams(50_000),
  ballPrice: minor(290),
};
beforeAll(async () => {
  const fresh = await freshDatabase("copies");
  ({ db, url, close } = fresh);
  scope = await scopeOf(db, "Mine");
});
afterAll(async () => {
  await close();
  rmSync(dir, { recursive: true, force: true });
});
const state = async () => {
  const c = await open(url);
  const s = await stateOf(c);
  await c.end();
  return s;
};

describe("a copy", () => {
  it("is made while writing goes on, read back, and brings back exactly that moment, photos too", async () => {
    const yarnId = await saveYarn(scope, DK);
    const picture = Buffer.from(Array.from({ length: 70_000 }, (_, i) => (i * 7919) % 256));
    const swatchId = await saveSwatch(
      scope,
      {
        yarnId,
        madeOn: "2026-11-03",
        hookUm: micrometres(3000),
        stitches: 20,
        overMm: mm(92),
        rounds: null,
        roundsOverMm: null,
        sampleStitches: null,
        sampleMm: null,
      },
      picture,
    );
    let writing = true;
    let posted = 0;
    const writer = (async () => {
      while (writing) {
        // Two moves that belong together: a copy has both or none.
        await scope.db.transaction(async (tx) => {
          const inside = { ...scope, db: tx as unknown as Database, within: true as const };
          for (const quantity of [1000, -400])
            await postMoves(inside, [
              { kind: "weighed", materialKind: "yarn", materialId: yarnId, quantity },
            ]);
        });
        posted++;
      }
    })();
    while (posted < 5) await new Promise((done) => setTimeout(done, 5));
    const copy = await makeCopy(url, dir, "asked", new Date("2026-11-26T10:00:00Z"));
    writing = false;
    await writer;
    expect(copy.checked).toBe(true);
    const inCopy = copy.tables.stock_move?.rows ?? 0;
    expect(inCopy).toBeGreaterThanOrEqual(10);
    expect(inCopy % 2).toBe(0);
    expect(inCopy).toBeLessThan(posted * 2 + 1);
    await saveYarn(scope, { ...DK, shade: "written after the copy" });
    const { before } = await restoreCopy(url, copy.file, dir, new Date("2026-11-26T11:00:00Z"));
    expect((await listYarns(scope)).map((y) => y.shade)).toEqual(["slate"]);
    expect((await listYarns(scope))[0]?.fibre).toBe(DK.fibre);
    expect((await balances(scope)).get(yarnId)).toBe((inCopy / 2) * 600);
    expect((await findSwatchPhoto(scope, swatchId))?.equals(picture)).toBe(true);
    // All but the beats: what a running app has kept is of another state now.
    const { pulse, ...back } = await state();
    const { pulse: then, ...tables } = copy.tables;
    expect(back).toEqual(tables);
    expect(pulse?.checksum).not.toBe(then?.checksum);
    // What it replaced is there, and can be brought back in its turn.
    expect(before?.tables.yarn?.rows).toBe(2);
    await restoreCopy(url, before?.file ?? "", dir, new Date("2026-11-26T12:00:00Z"));
    expect((await listYarns(scope)).map((y) => y.shade).sort()).toEqual(["slate", "written after the copy"]);
  }, 120_000);

  it("that was damaged, cut short or told otherwise by its note is refused, and nothing is changed", async () => {
    const copy = await makeCopy(url, dir, "asked", new Date("2026-11-26T13:00:00Z"));
    const was = await state();
    const bytes = readFileSync(copy.file);
    const spoilt: [string, () => void][] = [
      ["cut short", () => writeFileSync(copy.file, bytes.subarray(0, bytes.length - 200))],
      [
        "a byte changed",
        () => writeFileSync(copy.file, Buffer.from(bytes.map((b, i) => (i === 400 ? b ^ 255 : b)))),
      ],
      ["empty", () => writeFileSync(copy.file, "")],
    ];
    for (const [, spoil] of spoilt) {
      spoil();
      await expect(restoreCopy(url, copy.file, dir, new Date())).rejects.toThrow();
      expect(await state()).toEqual(was);
    }
    writeFileSync(copy.file, bytes);
    const note = copy.file.replace(".sql.gz", ".json");
    const said = JSON.parse(readFileSync(note, "utf8")) as { tables: Record<string, { rows: number }> };
    if (said.tables.yarn) said.tables.yarn.rows += 1;
    writeFileSync(note, JSON.stringify(said));
    await expect(restoreCopy(url, copy.file, dir, new Date())).rejects.toThrow(NotACopy);
    rmSync(note);
    await expect(restoreCopy(url, copy.file, dir, new Date())).rejects.toThrow(NotACopy);
    expect(await state()).toEqual(was);
    const admin = await mysql.createConnection(url);
    const [left] = await admin.query<RowDataPacket[]>(
      "select schema_name n from information_schema.schemata where schema_name like 'lapka\\_restore%' or schema_name like 'lapka\\_check%'",
    );
    await admin.end();
    expect(left).toEqual([]);
    expect(readdirSync(dir).some((f) => f.endsWith(".part"))).toBe(false);
  }, 120_000);

  it("beginning anew drops Lapka’s own tables alone, after a copy", async () => {
    const admin = await mysql.createConnection(url);
    await admin.query("create table accounts (id int primary key, balance int)");
    await admin.query("insert into accounts values (1, 700)");
    const copy = await beginAnew(url, dir, new Date("2026-11-26T14:00:00Z"));
    const [rows] = await admin.query<RowDataPacket[]>("select balance from accounts");
    expect(rows.map((r) => Number(r.balance))).toEqual([700]);
    expect(Object.keys(await state())).toEqual([]);
    await restoreCopy(url, copy?.file ?? "", dir, new Date("2026-11-26T15:00:00Z"));
    expect((await listYarns(scope)).length).toBe(2);
    const [still] = await admin.query<RowDataPacket[]>("select balance from accounts");
    expect(still.length).toBe(1);
    await admin.end();
    expect(listCopies(dir)[0]?.why).toBe("fresh");
  }, 60_000);
});

describe("which daily copies go", () => {
  const daily = (madeAt: string): Copy => ({
    madeAt,
    sha256: "",
    bytes: 1,
    checked: true,
    tables: {},
    file: madeAt,
    why: "daily",
  });
  it("of two years of days the newest of 7 days, 4 weeks and 12 months stay", () => {
    const all = Array.from({ length: 730 }, (_, i) =>
      daily(new Date(Date.UTC(2026, 10, 26, 3) - i * 86_400_000).toISOString()),
    );
    const gone = new Set(outdated(all).map((c) => c.file));
    const stay = all.filter((c) => !gone.has(c.file)).map((c) => c.madeAt.slice(0, 10));
    // 26 Nov 2026 is a Thursday: weeks end on the Sundays before, months on their last days.
    expect(stay).toEqual([
      ...["2026-11-26", "2026-11-25", "2026-11-24", "2026-11-23", "2026-11-22", "2026-11-21", "2026-11-20"],
      ...["2026-11-15", "2026-11-08"],
      ...["2026-10-31", "2026-09-30", "2026-08-31", "2026-07-31", "2026-06-30", "2026-05-31", "2026-04-30"],
      ...["2026-03-31", "2026-02-28", "2026-01-31", "2025-12-31"],
    ]);
  });
  it("copies that somebody asked for are never thrown away by themselves", () => {
    const asked = { ...daily("2020-01-01T00:00:00Z"), why: "asked" as const };
    expect(outdated([asked, daily("2026-11-26T00:00:00Z")])).toEqual([]);
  });
  it("several of one day leave the newest", () => {
    const all = [daily("2026-11-26T02:00:00.000Z"), daily("2026-11-26T09:00:00.000Z")];
    expect(outdated(all).map((c) => c.madeAt)).toEqual(["2026-11-26T02:00:00.000Z"]);
  });
});
