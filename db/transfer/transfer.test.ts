import Ajv from "ajv/dist/2020";
import addFormats from "ajv-formats";
import { eq } from "drizzle-orm";
import { readFileSync } from "node:fs";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { seedDemo } from "../../demo/seed";
import { item, itemRevision, runLine, swatchPhoto, workshop } from "../schema";
import { createWorkshop, listWorkshops } from "../queries/workshops";
import { saveSwatch } from "../queries/materials";
import { listYarns } from "../queries/materials";
import { checkTrail } from "../queries/trail";
import { transact, type Scope } from "../scope";
import { freshDatabase } from "../testing";
import { workshopJsonSchema, type WorkshopFile } from "./file";
import { bringWorkshop, readWorkshopFile } from "./in";
import { workshopFile } from "./out";
import { TABLES } from "./tables";

let here: Awaited<ReturnType<typeof freshDatabase>>;
let there: Awaited<ReturnType<typeof freshDatabase>>;
let scope: Scope;
let got: Awaited<ReturnType<typeof workshopFile>>;
const JPEG = Buffer.from("ffd8ffe000104a46494600010100000100010000ffd9", "hex");

beforeAll(async () => {
  here = await freshDatabase("transfer_here");
  there = await freshDatabase("transfer_there");
  const now = new Date("2026-11-27T10:00:00.000Z");
  await seedDemo(here.db, "2026-11-27", now);
  const [w] = await listWorkshops(here.db);
  scope = { db: here.db, workshopId: w?.id ?? "", now };
  const [yarn] = await listYarns(scope);
  const doing = { accountId: null, who: "Marit", what: "materials:swatch", subject: "", detail: {} };
  await transact({ ...scope, doing }, (tx) =>
    saveSwatch(
      tx,
      {
        yarnId: yarn?.id ?? "",
        hookUm: 2500,
        loops: "over",
        stitches: 20,
        overMm: 100,
        rounds: null,
        roundsOverMm: null,
        sampleStitches: null,
        sampleMm: null,
        madeOn: "2026-11-26",
        handId: null,
      } as never,
      JPEG,
    ),
  );
  got = await workshopFile(scope);
}, 60_000);
afterAll(async () => {
  await here.close();
  await there.close();
});

/** A file as it comes from outside. */
const carried = (file: WorkshopFile): WorkshopFile => JSON.parse(JSON.stringify(file)) as WorkshopFile;
const changed = (change: (tables: Record<string, Record<string, unknown>[]>) => void): WorkshopFile => {
  const file = carried(got.file);
  change(file.tables as unknown as Record<string, Record<string, unknown>[]>);
  return file;
};

describe("a workshop as one file", () => {
  it("has every table of it, and nothing of other workshops or of people", async () => {
    const empty = TABLES.filter((t) => (got.file.tables[t.name] ?? []).length === 0).map((t) => t.name);
    // The demo has none of these; the round trip of them is the same as of the others.
    expect(
      empty.filter((t) => !/kit|import_batch|ball_reservation|cutting_plan|piece|bench/.test(t)),
    ).toEqual([]);
    await createWorkshop(here.db, "Another");
    const text = JSON.stringify((await workshopFile(scope)).file);
    expect(text).not.toContain("Another");
    expect(text).not.toMatch(/argon2|tokenHash|nameKey/);
    expect(Object.keys(got.file.tables)).not.toContain("account");
  });
  it("follows its published schema, which ajv reads as well", () => {
    const schema = workshopJsonSchema();
    const published: unknown = JSON.parse(
      readFileSync(new URL("../../docs/workshop.schema.json", import.meta.url), "utf8"),
    );
    expect(published).toEqual(JSON.parse(JSON.stringify(schema)));
    const ajv = new Ajv({ strict: false });
    addFormats(ajv);
    const valid = ajv.compile(schema);
    expect(valid(carried(got.file)), JSON.stringify(valid.errors?.slice(0, 3))).toBe(true);
    expect(valid(changed((t) => Object.assign(t.item?.[0] ?? {}, { kind: "spaceship" })))).toBe(false);
    expect(valid(changed((t) => Object.assign(t.workshop?.[0] ?? {}, { wagePerHour: 12.5 })))).toBe(false);
  });
  it("goes to another installation and comes back equal to the last field, trail and picture too", async () => {
    const brought = await bringWorkshop(
      there.db,
      readWorkshopFile(carried(got.file), got.photos),
      got.photos,
    );
    expect(brought).toMatchObject({ workshopId: scope.workshopId, asCopy: false });
    const again = await workshopFile({ ...scope, db: there.db });
    expect(again.file).toEqual(got.file);
    expect(again.photos).toEqual(got.photos);
    expect(Object.values(again.photos)).toContainEqual(JPEG);
    expect(await checkTrail({ ...scope, db: there.db })).toEqual({ rows: 1, broken: undefined });
  });
  it("beside itself it is a copy: the same but for its ids, and nothing of the first is touched or named", async () => {
    const before = await workshopFile(scope);
    const brought = await bringWorkshop(here.db, readWorkshopFile(carried(got.file), got.photos), got.photos);
    expect(brought.asCopy).toBe(true);
    expect(brought.workshopId).not.toBe(scope.workshopId);
    expect(await workshopFile(scope)).toEqual(before);
    const copy = await workshopFile({ ...scope, workshopId: brought.workshopId });
    const ids = (f: WorkshopFile) => new Set(JSON.stringify(f.tables).match(/[0-9a-f]{8}-[0-9a-f-]{27}/g));
    const first = ids(before.file);
    expect([...ids(copy.file)].filter((id) => first.has(id))).toEqual([]);
    // New ids come in the order of the old ones, so named by where they first stand the two are letter for
    // letter the same.
    const plain = (f: WorkshopFile) => {
      const seen = new Map<string, string>();
      const { trail: _t, trail_head: _h, ...tables } = f.tables;
      return JSON.stringify(tables).replace(/[0-9a-f]{8}-[0-9a-f-]{27}/g, (id) => {
        if (!seen.has(id)) seen.set(id, `#${seen.size}`);
        return seen.get(id) ?? "";
      });
    };
    expect(plain(copy.file)).toBe(plain(before.file));
    expect(Object.values(copy.photos)).toEqual(Object.values(before.photos));
    const lines = await here.db.select().from(runLine).where(eq(runLine.workshopId, brought.workshopId));
    const revisions = await here.db
      .select({ id: itemRevision.id })
      .from(itemRevision)
      .where(eq(itemRevision.workshopId, brought.workshopId));
    for (const l of lines) expect(revisions.map((r) => r.id)).toContain(l.revisionId);
  });
  it("an older file, that does not name a column or a table that has come since, is lifted", async () => {
    const older = changed((t) => {
      for (const row of t.workshop ?? []) delete row.licence;
      for (const row of t.item ?? []) delete row.useFor;
      delete t.kit;
    });
    const brought = await bringWorkshop(here.db, readWorkshopFile(older, got.photos), got.photos);
    const [w] = await here.db.select().from(workshop).where(eq(workshop.id, brought.workshopId));
    expect(w?.licence).toBe("");
    const items = await here.db.select().from(item).where(eq(item.workshopId, brought.workshopId));
    expect(items.length).toBeGreaterThan(3);
  });
});

describe("a file that is not as it should be", () => {
  const first = (t: Record<string, Record<string, unknown>[]>, name: string): Record<string, unknown> =>
    t[name]?.[0] ?? {};
  it.each<[string, (t: Record<string, Record<string, unknown>[]>) => void, RegExp]>([
    ["a column that is none", (t) => (first(t, "item").owner = "x"), /tables › item › 0/],
    ["a kind that is none", (t) => (first(t, "item").kind = "rocket"), /tables › item › 0 › kind/],
    ["half a cent", (t) => (first(t, "workshop").wagePerHour = 0.5), /wagePerHour/],
    ["a colour that is a program", (t) => (first(t, "yarn").colour = "url(x)"), /colour/],
    ["a table that is none", (t) => (t.account = []), /account/],
    ["two workshops", (t) => t.workshop?.push({ ...first(t, "workshop"), id: "x" }), /exactly one workshop/],
    [
      "a row of another workshop",
      (t) => (first(t, "item").workshopId = "x"),
      /item, row 1 belongs to another/,
    ],
    ["a row twice", (t) => t.item?.push({ ...first(t, "item") }), /stands there twice/],
    ["a row that refers to nothing", (t) => (first(t, "run_line").runId = "x"), /not in the file/],
    ["a zone that is none", (t) => (first(t, "workshop").timeZone = "Sea/Bottom"), /time zone is none/],
    ["a currency that is none", (t) => (first(t, "workshop").currency = "€"), /currency/],
    ["a picture elsewhere", (t) => (first(t, "swatch_photo").jpeg = "../../etc/passwd"), /jpeg/],
  ])("%s is told, with its place", (_, change, why) => {
    expect(() => readWorkshopFile(changed(change), got.photos)).toThrow(why);
  });
  it("something else, a newer one, and a picture that is missing are told apart", () => {
    for (const x of [null, 5, "x", [], {}, { format: "other" }])
      expect(() => readWorkshopFile(x, {})).toThrow(/no workshop file/);
    expect(() => readWorkshopFile({ ...got.file, schema: "9999_future" }, got.photos)).toThrow(/newer Lapka/);
    expect(() => readWorkshopFile({ ...got.file, version: 2 }, got.photos)).toThrow(/newer Lapka/);
    expect(() => readWorkshopFile(carried(got.file), {})).toThrow(/is not in the ZIP/);
  });
  it("leaves nothing behind when it fails in the middle", async () => {
    const before = await here.db.select().from(workshop);
    const file = carried(got.file);
    const tables = file.tables as unknown as Record<string, Record<string, unknown>[]>;
    const [revision] = tables.item_revision ?? [];
    // Two revisions of one number: the file's rules do not know that it may be there once only; the database
    // does.
    tables.item_revision?.push({ ...revision, id: "01a20aa7-05a8-74eb-831c-a40a9fcf0be3" });
    await expect(bringWorkshop(here.db, readWorkshopFile(file, got.photos), got.photos)).rejects.toThrow(
      /Rows of item_revision do not go together/,
    );
    expect(await here.db.select().from(workshop)).toEqual(before);
    expect((await here.db.select().from(swatchPhoto)).length).toBeGreaterThan(0);
  });
});
