import { micrometres, milligrams, minor, mm, seconds } from "@core/units";
import { sql } from "drizzle-orm";
import fc from "fast-check";
import { readdirSync, readFileSync } from "node:fs";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Database } from "./connect";
import { beatsOf, type Pulse } from "./pulse";
import { addBalls, changeBall, listBalls, setBallDeleted } from "./queries/balls";
import { saveColourway, setColourwayDeleted } from "./queries/colourways";
import { listHands, saveHand, saveTiming, saveWeighIn, setAside } from "./queries/hands";
import { importMaterials, undoImport } from "./queries/imports";
import { createItem, findItem, saveItem, setItemDeleted } from "./queries/items";
import {
  saveNotion,
  saveSwatch,
  saveYarn,
  setNotionDeleted,
  setSwatchDeleted,
  setYarnDeleted,
} from "./queries/materials";
import { ballBalances, balances, postMoves, rebuildBalances, undoMove } from "./queries/stock";
import { saveChannel, setChannelDeleted } from "./queries/workshops";
import { stockMove } from "./schema";
import { ChangedMeanwhile, mine, newId, type Scope } from "./scope";
import { freshDatabase, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
let scope: Scope;
let other: Scope;
beforeAll(async () => {
  ({ db, close } = await freshDatabase("pulse"));
  [scope, other] = [await scopeOf(db), await scopeOf(db, "other")];
});
afterAll(() => close());

const YARN = {
  name: "DK cotton",
  shade: "slate",
  colour: "#556677",
  fibre: "cotton",
  weightClass: 3,
  hookUm: micrometres(3000),
  mmPer100g: 230_000,
  ballMg: milligrams(50_000),
  ballPrice: minor(290),
};
const PATTERN = {
  pattern: "Rnd 1: 6 sc in mr (6)",
  firmness: "medium" as const,
  hanger: false,
  note: "",
  slots: [],
  notions: [],
  answers: [],
};

describe("whatever is kept between requests beats when it changes", () => {
  /** Runs a change; answers which pulses beat. */
  async function beating(change: () => Promise<unknown>): Promise<Pulse[]> {
    const [before, apart] = [await beatsOf(scope), await beatsOf(other)];
    await change();
    const after = await beatsOf(scope);
    expect(await beatsOf(other)).toEqual(apart);
    return (Object.keys(after) as Pulse[]).filter((p) => after[p] !== before[p]);
  }

  it("materials, measurements, items and the stock, each by every function that writes them", async () => {
    const yarnId = await saveYarn(scope, YARN);
    const notionId = await saveNotion(scope, {
      kind: "eye",
      name: "Eyes",
      packSize: 20,
      packPrice: minor(200),
      colour: null,
      sizeUm: micrometres(6000),
    });
    const item = await createItem(scope, { name: "Buoy", kind: "ornament" }, PATTERN);
    const revisionId = (await findItem(scope, item))?.revision.id ?? "";
    const handId = (await listHands(scope))[0]?.id ?? "";
    const none = { rounds: null, roundsOverMm: null, sampleStitches: null, sampleMm: null };
    const swatch = {
      ...none,
      yarnId,
      madeOn: "2026-11-01",
      hookUm: micrometres(3000),
      stitches: 10,
      overMm: mm(50),
      note: "",
    };
    const swatchId = await saveSwatch(scope, swatch);
    const channel = { name: "Stall", fees: [], fixed: minor(0) };
    const channelId = await saveChannel(scope, channel);
    const colourwayId =
      (await saveColourway(scope, { itemId: item, name: "winter", price: null, slots: [] })) ?? "";
    const [ballId = ""] = await addBalls(scope, [
      {
        yarnId,
        lot: "1",
        scrap: false,
        place: "",
        fullMg: milligrams(50_000),
        price: minor(290),
        mg: milligrams(50_000),
        kind: "bought",
      },
    ]);
    const measured = {
      handId,
      itemId: item,
      revisionId,
      part: "",
      pieces: 1,
      madeOn: "2026-11-02",
      note: "",
    };
    const timing = {
      ...measured,
      stage: "crochet" as const,
      seconds: seconds(60),
      laps: [],
      work: { sc: 60 },
    };
    const weighIn = {
      ...measured,
      kind: "yarn" as const,
      weightMg: milligrams(900),
      expectedMg: milligrams(1000),
      besideMg: milligrams(0),
      stepMg: milligrams(10),
      yarnId,
      hookUm: micrometres(3000),
      loops: "over" as const,
      firmness: null,
    };
    const head = { name: "Bell buoy", kind: "ornament" as const, price: null, channelId: null };
    const changes: readonly (readonly [Pulse, () => Promise<unknown>])[] = [
      ["materials", () => saveYarn(scope, { ...YARN, shade: "red" })],
      ["materials", () => saveYarn(scope, { ...YARN, ballPrice: minor(300) }, yarnId)],
      ["materials", () => setYarnDeleted(scope, yarnId, true)],
      ["materials", () => setYarnDeleted(scope, yarnId, false)],
      [
        "materials",
        () =>
          saveNotion(scope, {
            kind: "ring",
            name: "Ring",
            packSize: 10,
            packPrice: minor(100),
            colour: null,
            sizeUm: null,
          }),
      ],
      ["materials", () => setNotionDeleted(scope, notionId, true)],
      ["measured", () => saveHand(scope, { name: "Helper", loops: "over" })],
      ["measured", () => saveTiming(scope, { ...timing, idempotencyKey: "t1" })],
      ["measured", () => saveWeighIn(scope, { ...weighIn, idempotencyKey: "w1" })],
      ["measured", () => saveSwatch(scope, swatch)],
      ["measured", () => setAside(scope, "swatch", swatchId, true)],
      ["measured", () => setSwatchDeleted(scope, swatchId, true)],
      ["items", () => createItem(scope, { name: "Bell", kind: "ornament" }, PATTERN)],
      ["items", () => saveItem(scope, item, 1, head, PATTERN)],
      ["items", () => setItemDeleted(scope, item, true)],
      ["items", () => setColourwayDeleted(scope, colourwayId, true)],
      ["items", () => saveChannel(scope, { ...channel, name: "Shop" })],
      ["items", () => setChannelDeleted(scope, channelId, true)],
      ["stock", () => changeBall(scope, ballId, { lot: "2", place: "", scrap: false, note: "" })],
      ["stock", () => setBallDeleted(scope, ballId, true)],
      ["stock", () => setBallDeleted(scope, ballId, false)],
    ];
    for (const [pulse, change] of changes)
      expect([change.toString(), await beating(change)]).toEqual([change.toString(), [pulse]]);
    expect((await listBalls(scope)).map((b) => b.lot)).toEqual(["2"]);
  });

  it("the stock too when a file of balls is taken back whose moves were undone before", async () => {
    const id = newId();
    const ballOf = {
      lot: "9",
      scrap: false,
      place: "",
      fullMg: milligrams(50_000),
      price: minor(290),
      mg: milligrams(50_000),
    };
    const yarns = [{ ...YARN, shade: "brought in", balls: [ballOf] }];
    const batch = { id, fileName: "yarn.csv", rows: 1, skipped: 0 };
    expect(await beating(() => importMaterials(scope, batch, yarns as never, []))).toEqual([
      "materials",
      "stock",
    ]);
    const [move] = await db
      .select()
      .from(stockMove)
      .where(mine(scope, stockMove, sql`import_id = ${id}`));
    await undoMove(scope, move?.id ?? "");
    expect(await beating(() => undoImport(scope, id))).toEqual(["materials", "stock"]);
  });

  it("not when nothing came of it", async () => {
    const id = await createItem(scope, { name: "Gull", kind: "keychain" }, PATTERN);
    const head = { name: "x", kind: "keychain" as const, price: null, channelId: null };
    expect(
      await beating(() => expect(saveItem(scope, id, 7, head, PATTERN)).rejects.toThrow(ChangedMeanwhile)),
    ).toEqual([]);
  });

  it("in every function of the queries that writes such a table", () => {
    const kept =
      /\.(?:insert|update|delete)\((yarn|notion|hand|weighIn|timing|swatch|item|itemRevision|colourway|colourwaySlot|channel|ball|ballReservation|stockMove|place|market|marketBrought|pieceMove|batch|sale|listPrice)\)/;
    // Parts of a change that begins elsewhere, and rows of a workshop that is only being made.
    const within = ["insertRevision", "createWorkshop"];
    const silent: string[] = [];
    for (const file of readdirSync("db/queries").filter((f) => f.endsWith(".ts"))) {
      const functions = readFileSync(`db/queries/${file}`, "utf8")
        .split(/^(?:export )?(?:async )?function /m)
        .slice(1);
      for (const f of functions) {
        const name = /^\w+/.exec(f)?.[0] ?? "";
        if (kept.test(f) && !/\b(?:changing|beat)\(/.test(f) && !within.includes(name))
          silent.push(`${file}: ${name}`);
      }
    }
    expect(silent).toEqual([]);
  });
});

describe("what is on hand", () => {
  /** Sums straight from the ledger. */
  async function summed(): Promise<[string, number][]> {
    const rows = await db
      .select({ id: stockMove.materialId, n: sql<string>`sum(${stockMove.quantity})` })
      .from(stockMove)
      .where(mine(scope, stockMove))
      .groupBy(stockMove.materialId);
    return rows.map((r): [string, number] => [r.id, Number(r.n)]).sort();
  }
  const kept = async () => [...(await balances(scope))].sort();

  it("is the sum of the moves after any posting, posting again and taking back", async () => {
    let n = 0;
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.record({
            material: fc.constantFrom("m1", "m2", "m3"),
            ball: fc.constantFrom(undefined, "b1", "b2"),
            quantity: fc.integer({ min: -5000, max: 5000 }),
            again: fc.boolean(),
            undo: fc.boolean(),
          }),
          { maxLength: 12 },
        ),
        async (moves) => {
          for (const m of moves) {
            const key = `p${n++}`;
            const move = {
              kind: "counted" as const,
              materialKind: "yarn" as const,
              materialId: m.material,
              ballId: m.ball,
              quantity: m.quantity,
              key,
            };
            await postMoves(scope, m.again ? [move, move] : [move]);
            if (m.again) await postMoves(scope, [move]);
            if (!m.undo) continue;
            const [row] = await db
              .select()
              .from(stockMove)
              .where(mine(scope, stockMove, sql`idempotency_key = ${key}`));
            await undoMove(scope, row?.id ?? "");
            await undoMove(scope, row?.id ?? "");
          }
          expect(await kept()).toEqual(await summed());
        },
      ),
      { numRuns: 15 },
    );
  });

  it("stays the sum when many post at once, and is the same added up anew", async () => {
    const post = (i: number) =>
      postMoves(
        scope,
        ["m1", "m2", "m3"].map((materialId, k) => ({
          kind: "used" as const,
          materialKind: "yarn" as const,
          materialId: k % 2 === i % 2 ? materialId : `m${3 - k}`,
          quantity: -(i + k),
        })),
      );
    await Promise.all(Array.from({ length: 12 }, (_, i) => post(i)));
    const before = await kept();
    expect(before).toEqual(await summed());
    const balls = await ballBalances(scope);
    await rebuildBalances(scope);
    expect([await kept(), await ballBalances(scope)]).toEqual([before, balls]);
  });
});
