import { micrometres, minor, mm, seconds } from "@core/units";
import { sql } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { seedDemo } from "../demo/seed";
import type { Database } from "./connect";
import { migrateDatabase } from "./migrate";
import {
  createItem,
  findItem,
  listItems,
  saveItem,
  setItemDeleted,
  type RevisionContent,
} from "./queries/items";
import { listYarns, saveNotion, saveSwatch, saveYarn, setYarnDeleted } from "./queries/materials";
import {
  addLines,
  createRun,
  findRun,
  finishRun,
  listRuns,
  replanRun,
  reservedBy,
  startRun,
  unplanRun,
} from "./queries/runs";
import { begunByLine, changeRun, setRunDay } from "./queries/run-change";
import { keepActs } from "./queries/bench";
import { balances, movesOf, postCount, postMoves } from "./queries/stock";
import { madeStock } from "./queries/pieces";
import { findWorkshop, listChannels, listWorkshops, saveChannel, updateWorkshop } from "./queries/workshops";
import { stockMove } from "./schema";
import { ChangedMeanwhile, mine, type Scope, NotThere } from "./scope";
import { DK, freshDatabase, scopeOf } from "./testing";

let db: Database;
let url: string;
let close: () => Promise<void>;
let scope: Scope;
let other: Scope;

const content = (over: Partial<RevisionContent> = {}): RevisionContent => ({
  pattern: "Rnd 1: 6 sc in mr (6)",
  firmness: "medium",
  hanger: true,
  note: "",
  slots: [],
  notions: [],
  ...over,
});

beforeAll(async () => {
  const fresh = await freshDatabase("queries");
  db = fresh.db;
  url = fresh.url;
  close = fresh.close;
  scope = await scopeOf(db, "Mine");
  other = await scopeOf(db, "Theirs");
});
afterAll(() => close());

describe("the schema", () => {
  it("can be migrated again without change", async () => {
    await migrateDatabase(url);
    expect((await listWorkshops(db)).length).toBe(2);
  });
  it("keeps money and weights as integers", async () => {
    const [rows] = await db.execute(
      sql`select data_type as t from information_schema.columns where table_schema = database() and data_type in ('float', 'double', 'decimal')`,
    );
    expect(rows).toEqual([]);
  });
  it("scopes every table of a workshop by an indexed workshop_id", async () => {
    const [rows] = (await db.execute(
      sql`select distinct table_name as t from information_schema.tables where table_schema = database() and table_name not like '\\_\\_%' and table_name not in ('workshop', 'lapka_migration') and table_name not in (select table_name from information_schema.columns where table_schema = database() and column_name = 'workshop_id')`,
    )) as unknown as [unknown[]];
    // People and what they sign in with are the installation's; what they are in a workshop is a row of that.
    expect((rows as { t: string }[]).map((r) => r.t).sort()).toEqual([
      "account",
      "passkey",
      "passkey_ask",
      "recovery_code",
      "try_count",
    ]);
  });
});

describe("workshops are apart", () => {
  it("never show or change each other's things", async () => {
    const yarnId = await saveYarn(scope, DK);
    expect((await listYarns(other)).length).toBe(0);
    await setYarnDeleted(other, yarnId, true);
    await expect(saveYarn(other, { ...DK, shade: "stolen" }, yarnId)).rejects.toThrow(NotThere);
    expect((await listYarns(scope)).map((y) => y.shade)).toEqual(["slate"]);
    const itemId = await createItem(scope, { name: "Puffin", kind: "keychain" }, content());
    expect(await findItem(other, itemId)).toBeUndefined();
    await setItemDeleted(other, itemId, true);
    expect(await findItem(scope, itemId)).toBeDefined();
    await expect(
      saveItem(other, itemId, 1, { name: "x", kind: "other", price: null, channelId: null }, content()),
    ).rejects.toThrow(ChangedMeanwhile);
    await expect(
      saveSwatch(other, {
        yarnId,
        madeOn: "2026-11-03",
        hookUm: micrometres(3000),
        stitches: 20,
        overMm: mm(92),
        rounds: null,
        roundsOverMm: null,
        sampleStitches: null,
        sampleMm: null,
      }),
    ).rejects.toThrow();
    await expect(
      postCount(other, { materialKind: "yarn", materialId: yarnId, onHand: 5, kind: "weighed" }),
    ).rejects.toThrow();
  });
  it("an item takes no yarn or notion of another workshop", async () => {
    const theirs = await saveYarn(other, DK);
    const notion = await saveNotion(other, {
      kind: "eye",
      name: "Eyes",
      sizeUm: micrometres(6000),
      colour: null,
      packSize: 50,
      packPrice: minor(500),
    });
    const id = await createItem(
      scope,
      { name: "Borrower", kind: "figure" },
      content({
        slots: [{ slot: "main", yarnId: theirs, hookUm: micrometres(3000), strands: 1 }],
        notions: [{ notionId: notion, quantity: 2 }],
      }),
    );
    expect((await findItem(scope, id))?.revision).toMatchObject({ slots: [], notions: [] });
  });
  it("keeps settings and channels", async () => {
    await updateWorkshop(scope, { wagePerHour: minor(1550), pricePoints: "90" });
    expect(await findWorkshop(db, scope.workshopId)).toMatchObject({
      wagePerHour: minor(1550),
      pricePoints: "90",
    });
    expect(await findWorkshop(db, other.workshopId)).toMatchObject({ wagePerHour: minor(1400) });
    const shelf = {
      name: "Shelf",
      fees: [
        { name: "shelf", bp: 3000 },
        { name: "card", bp: 150 },
      ],
      fixed: minor(20),
      piecesPerSaleHundredths: 180,
      stallFee: minor(4000),
      expectedPieces: 50,
      taxBp: 1900,
      taxIncluded: false,
    };
    const id = await saveChannel(scope, shelf);
    const [stall, kept] = await listChannels(scope);
    expect(stall).toMatchObject({ name: "Market stall", fees: [], piecesPerSaleHundredths: 100, taxBp: 0 });
    expect(kept).toMatchObject({ id, ...shelf });
    await saveChannel(scope, { ...shelf, id, fees: [], taxIncluded: true }, kept?.version);
    expect((await listChannels(scope))[1]).toMatchObject({ fees: [], taxIncluded: true });
    await expect(saveChannel(scope, { ...shelf, id }, kept?.version)).rejects.toThrow(ChangedMeanwhile);
    expect((await listChannels(other)).length).toBe(1);
  });
});

describe("items", () => {
  it("a changed pattern is a new revision, an unchanged one is not", async () => {
    const id = await createItem(scope, { name: "Buoy", kind: "ornament" }, content());
    const head = { name: "Buoy", kind: "ornament" as const, price: minor(850), channelId: null };
    expect(await saveItem(scope, id, 1, head, content())).toMatchObject({ revision: 1 });
    expect(await saveItem(scope, id, 1, head, content({ pattern: "Rnd 1: 8 sc in mr (8)" }))).toMatchObject({
      revision: 2,
    });
    expect((await findItem(scope, id))?.item).toMatchObject({ price: minor(850), revision: 2 });
  });
  it("the second of two savers is told, and nothing is lost", async () => {
    const id = await createItem(scope, { name: "Seal", kind: "figure" }, content());
    const head = { name: "Seal", kind: "figure" as const, price: null, channelId: null };
    const results = await Promise.allSettled([
      saveItem(scope, id, 1, head, content({ pattern: "A" })),
      saveItem(scope, id, 1, head, content({ pattern: "B" })),
    ]);
    expect(results.map((r) => r.status).sort()).toEqual(["fulfilled", "rejected"]);
    const failed = results.find((r) => r.status === "rejected");
    expect(failed?.status === "rejected" && failed.reason).toBeInstanceOf(ChangedMeanwhile);
    expect(["A", "B"]).toContain((await findItem(scope, id))?.revision.pattern);
  });
  it("come back after they were deleted", async () => {
    const id = await createItem(scope, { name: "Gone", kind: "figure" }, content());
    await setItemDeleted(scope, id, true);
    expect(await findItem(scope, id)).toBeUndefined();
    await setItemDeleted(scope, id, false);
    expect((await findItem(scope, id))?.item.name).toBe("Gone");
  });
  it("hold any text a maker can paste", async () => {
    const pattern = "Runde 1: 6 fM 🧶 “×” \u202f\n\ttab ½ \u0000end";
    const id = await createItem(scope, { name: "Ünïcode 🐧", kind: "figure" }, content({ pattern }));
    expect((await findItem(scope, id))?.revision.pattern).toBe(pattern);
  });
});

describe("the stock ledger", () => {
  it("adds up moves, and a repeated key posts once", async () => {
    const id = await saveYarn(scope, { ...DK, shade: "ledger" });
    const move = {
      kind: "bought" as const,
      materialKind: "yarn" as const,
      materialId: id,
      quantity: 50_000,
      key: "order-1",
    };
    await postMoves(scope, [move]);
    await postMoves(scope, [move, { ...move, quantity: 7, key: "order-2" }]);
    expect((await balances(scope)).get(id)).toBe(50_007);
    expect((await movesOf(scope, id)).length).toBe(2);
  });
  it("the same key in another workshop is another move", async () => {
    const id = await saveYarn(other, { ...DK, shade: "theirs" });
    await postMoves(other, [
      { kind: "bought", materialKind: "yarn", materialId: id, quantity: 3, key: "order-1" },
    ]);
    expect((await balances(other)).get(id)).toBe(3);
  });
  it("a count becomes the balance by its difference", async () => {
    const id = await saveYarn(scope, { ...DK, shade: "counted" });
    await postMoves(scope, [{ kind: "bought", materialKind: "yarn", materialId: id, quantity: 50_000 }]);
    expect(
      await postCount(scope, {
        materialKind: "yarn",
        materialId: id,
        onHand: 41_500,
        kind: "weighed",
        key: "count-1",
      }),
    ).toBe(-8_500);
    expect(
      await postCount(scope, {
        materialKind: "yarn",
        materialId: id,
        onHand: 41_500,
        kind: "weighed",
        key: "count-1",
      }),
    ).toBe(0);
    expect((await balances(scope)).get(id)).toBe(41_500);
  });
  it("two counts at once end at one of them, never at their sum", async () => {
    const id = await saveYarn(scope, { ...DK, shade: "raced" });
    await Promise.all(
      [30_000, 20_000, 10_000].map((onHand) =>
        postCount(scope, { materialKind: "yarn", materialId: id, onHand, kind: "weighed" }),
      ),
    );
    expect([10_000, 20_000, 30_000]).toContain((await balances(scope)).get(id));
  });
  it("any order of concurrent moves ends in the same balance", async () => {
    const id = await saveYarn(scope, { ...DK, shade: "busy" });
    const quantities = Array.from({ length: 40 }, (_, i) => (i % 3 === 0 ? -i : 2 * i));
    await Promise.all(
      quantities.map((quantity, i) =>
        postMoves(scope, [
          {
            kind: quantity < 0 ? "used" : "bought",
            materialKind: "yarn",
            materialId: id,
            quantity,
            key: `busy-${i}`,
          },
        ]),
      ),
    );
    expect((await balances(scope)).get(id)).toBe(quantities.reduce((a, b) => a + b, 0));
  });
});

describe("runs", () => {
  const plannedWith = {
    weekMinutes: 600,
    workDays: "1111100",
    wagePerHour: minor(1400),
    overheadPerHour: minor(250),
  };
  const make = async () => {
    const yarnId = await saveYarn(scope, { ...DK, shade: `run ${Math.round(performance.now() * 1000)}` });
    await postMoves(scope, [{ kind: "bought", materialKind: "yarn", materialId: yarnId, quantity: 100_000 }]);
    const itemId = await createItem(scope, { name: "Runner", kind: "figure" }, content());
    const revisionId = (await findItem(scope, itemId))?.revision.id ?? "";
    const line = {
      label: "Runner",
      revision: 1,
      seconds: seconds(600),
      secondsLow: 500,
      secondsHigh: 700,
      cost: minor(500),
      price: minor(900),
      needs: [{ kind: "yarn" as const, materialId: yarnId, each: 4_000.4, eachHigh: 5_000 }],
    };
    const id = await createRun(scope, {
      name: "Market",
      startOn: "2026-11-23",
      dueOn: "2026-12-05",
      plannedWith,
      lines: [{ itemId, revisionId, quantity: 10, plannedWith: line }],
    });
    return { id, yarnId, itemId, revisionId };
  };
  it("keep the revision and figures they were planned with", async () => {
    const { id, itemId, revisionId } = await make();
    await saveItem(
      scope,
      itemId,
      1,
      { name: "Runner", kind: "figure", price: minor(1200), channelId: null },
      content({ pattern: "Rnd 1: 9 sc in mr (9)" }),
    );
    const run = await findRun(scope, id);
    expect(run?.lines[0]).toMatchObject({
      revisionId,
      quantity: 10,
      plannedWith: { price: minor(900), cost: minor(500) },
    });
    expect(run?.run.plannedWith).toEqual(plannedWith);
    expect(await findRun(other, id)).toBeUndefined();
  });
  it("get another due day while they are open, not before they begin, and not from an old page", async () => {
    const { id } = await make();
    expect(await setRunDay(scope, id, "dueOn", "2026-12-05", "2026-12-09")).toBe("kept");
    expect(await setRunDay(scope, id, "dueOn", "2026-12-09", "2026-11-22")).toBe("crossed");
    await expect(setRunDay(scope, id, "dueOn", "2026-12-05", "2026-12-10")).rejects.toThrow(ChangedMeanwhile);
    await expect(setRunDay(other, id, "dueOn", "2026-12-09", "2026-12-10")).rejects.toThrow(NotThere);
    expect((await findRun(scope, id))?.run.dueOn).toBe("2026-12-09");
    await finishRun(scope, id, "2026-12-08");
    await expect(setRunDay(scope, id, "dueOn", "2026-12-09", "2026-12-10")).rejects.toThrow(NotThere);
  });
  it("are changed in name, days and numbers, keep what is begun, and never end empty", async () => {
    const { id, itemId, revisionId } = await make();
    const [line] = (await findRun(scope, id))?.lines ?? [];
    if (!line) throw new Error("no line");
    const as = { name: "Later market", startOn: "2026-11-24", dueOn: "2026-12-20" };
    const pieces = (seen: number, quantity: number) =>
      new Map([[line.id, { seen, quantity, plannedWith: { ...line.plannedWith, seconds: seconds(3333) } }]]);
    const change = (seen: number, quantity: number, more = 0) =>
      changeRun(scope, id, {
        ...as,
        pieces: pieces(seen, quantity),
        added:
          more > 0
            ? [{ itemId, revisionId, colourwayId: null, quantity: more, plannedWith: line.plannedWith }]
            : [],
      });
    expect(await change(10, 0)).toBe("empty");
    expect((await findRun(scope, id))?.run.name).not.toBe("Later market");
    expect(await change(10, 12)).toBe("kept");
    expect(await findRun(scope, id)).toMatchObject({
      run: as,
      lines: [{ quantity: 12, plannedWith: { seconds: seconds(3333) } }],
    });
    await expect(change(10, 14)).rejects.toThrow(ChangedMeanwhile);
    const done = { device: "d", handId: null, kind: "done", ms: 1000, about: null, text: null } as const;
    await keepActs(scope, line.id, [{ ...done, key: "a1", at: 1, piece: 4, step: "0.1.0" }]);
    expect([...(await begunByLine(scope, id))]).toEqual([[line.id, 5]]);
    expect(await change(12, 4)).toEqual({ begun: line.id });
    expect(await change(12, 5, 3)).toBe("kept");
    expect((await findRun(scope, id))?.lines.map((l) => l.quantity)).toEqual([5, 3]);
    await expect(changeRun(other, id, { ...as, pieces: new Map(), added: [] })).rejects.toThrow(NotThere);
    await finishRun(scope, id, "2026-12-08");
    await expect(change(5, 6)).rejects.toThrow(NotThere);
  });
  it("begin on another day, not after they are due", async () => {
    const { id } = await make();
    const [{ startOn, dueOn } = { startOn: "", dueOn: "" }] = [(await findRun(scope, id))?.run].flatMap(
      (x) => x ?? [],
    );
    expect(await setRunDay(scope, id, "startOn", startOn, dueOn)).toBe("kept");
    expect(await setRunDay(scope, id, "startOn", dueOn, "2027-01-09")).toBe("crossed");
    expect((await findRun(scope, id))?.run.startOn).toBe(dueOn);
  });
  it("are planned anew with the way back kept, and never once they are finished", async () => {
    const { id, revisionId } = await make();
    const [line] = (await findRun(scope, id))?.lines ?? [];
    const { before: _none, ...old } = line?.plannedWith ?? {
      label: "",
      revision: 0,
      seconds: seconds(0),
      secondsLow: 0,
      secondsHigh: 0,
      cost: minor(0),
      price: minor(0),
      needs: [],
    };
    const next = new Map([
      [line?.id ?? "", { revisionId: "other", plannedWith: { ...old, cost: minor(777) } }],
    ]);
    expect(await replanRun(other, id, next)).toBe(false);
    expect(await replanRun(scope, id, next)).toBe(true);
    expect((await findRun(scope, id))?.lines[0]).toMatchObject({
      revisionId: "other",
      plannedWith: { cost: minor(777), before: { revisionId, plannedWith: { cost: minor(500) } } },
    });
    await unplanRun(scope, id);
    expect((await findRun(scope, id))?.lines[0]).toMatchObject({
      revisionId,
      plannedWith: { cost: minor(500) },
    });
    expect((await findRun(scope, id))?.lines[0]?.plannedWith.before).toBeUndefined();
    await finishRun(scope, id, "2026-12-04");
    expect(await replanRun(scope, id, next)).toBe(false);
  });
  it("take more lines while they are not finished, and those of another workshop none", async () => {
    const { id, itemId, revisionId } = await make();
    const [line] = (await findRun(scope, id))?.lines ?? [];
    if (!line) throw new Error("no line");
    const more = [{ itemId, revisionId, quantity: 3, plannedWith: line.plannedWith }];
    await addLines(scope, id, more);
    await addLines(scope, id, more);
    expect((await findRun(scope, id))?.lines.map((l) => [l.sort, l.quantity])).toEqual([
      [0, 10],
      [1, 3],
      [2, 3],
    ]);
    await expect(addLines(other, id, more)).rejects.toThrow(NotThere);
    await finishRun(scope, id, "2026-12-04");
    await expect(addLines(scope, id, more)).rejects.toThrow(NotThere);
  });
  it("reserve while they are open, use and make once when they are done", async () => {
    const { id, yarnId, itemId } = await make();
    expect(reservedBy(await listRuns(scope)).get(yarnId)).toBe(50_000);
    await startRun(scope, id);
    const done = await Promise.all([
      finishRun(scope, id, "2026-12-04"),
      finishRun(scope, id, "2026-12-04"),
      finishRun(scope, id, "2026-12-04"),
    ]);
    expect(done.filter(Boolean).length).toBe(1);
    expect((await balances(scope)).get(yarnId)).toBe(100_000 - 40_004);
    expect((await madeStock(scope)).get(`${itemId}:`)).toBe(10);
    expect(reservedBy(await listRuns(scope)).get(yarnId)).toBeUndefined();
  });
});

describe("the demo", () => {
  it("has what the stall needs, and a stock book that adds up", async () => {
    const id = await seedDemo(db, "2026-11-23", new Date("2026-11-23T10:00:00Z"));
    const demo: Scope = { db, workshopId: id, now: new Date() };
    expect((await listItems(demo)).length).toBeGreaterThanOrEqual(6);
    const states = (await listRuns(demo)).map((r) => r.run.state).sort();
    expect(states).toEqual(["finished", "finished", "planned", "underway"]);
    const sums = await balances(demo);
    const moves = await db.select().from(stockMove).where(mine(demo, stockMove));
    for (const [material, sum] of sums) {
      expect(moves.filter((m) => m.materialId === material).reduce((s, m) => s + m.quantity, 0)).toBe(sum);
      expect(sum).toBeGreaterThanOrEqual(0);
    }
  });
});
