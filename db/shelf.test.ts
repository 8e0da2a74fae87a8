import { micrometres, milligrams, minor } from "@core/units";
import fc from "fast-check";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Database } from "./connect";
import { batchNumber, findBatchByNumber, keepBatch, listBatches, lotsUsed } from "./queries/batches";
import { addBalls } from "./queries/balls";
import { createItem } from "./queries/items";
import { saveYarn } from "./queries/materials";
import {
  carryPieces,
  countPieces,
  madeStock,
  movedSince,
  pieceBook,
  piecesWhere,
  postPieces,
  rebuildPieces,
  undoPieceMove,
  type NewPieceMove,
} from "./queries/pieces";
import {
  bringMore,
  findMarket,
  listBrought,
  openMarket,
  priceHistory,
  removePlace,
  saveMarket,
  savePlace,
  setMarketState,
  setPrices,
} from "./queries/places";
import { createRun, finishRun, inspectRun, findRun } from "./queries/runs";
import { keepSales, listSales, setPaid, undoSales, type NewSale } from "./queries/sales";
import { listChannels } from "./queries/workshops";
import { newId, NotThere, type Scope } from "./scope";
import { freshDatabase, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
let scope: Scope;
let other: Scope;
let buoy: string;
let puffin: string;
let crate: string;
let stall: string;
const PATTERN = {
  pattern: "Rnd 1: 6 sc in mr (6)",
  firmness: "medium" as const,
  hanger: false,
  note: "",
  slots: [],
  notions: [],
  answers: [],
};
beforeAll(async () => {
  ({ db, close } = await freshDatabase("shelf"));
  [scope, other] = [await scopeOf(db), await scopeOf(db, "other")];
  buoy = await createItem(scope, { name: "Buoy", kind: "ornament" }, PATTERN);
  puffin = await createItem(scope, { name: "Puffin", kind: "keychain" }, PATTERN);
  stall = (await listChannels(scope))[0]?.id ?? "";
  crate = await savePlace(scope, { name: "Crate", kind: "crate", channelId: stall, holds: 40 });
});
afterAll(() => close());

const good = (itemId: string, quantity: number) => ({
  itemId,
  colourwayId: "",
  grade: "good" as const,
  quantity,
});
const at = async (placeId: string, itemId: string): Promise<number> =>
  (await piecesWhere(scope, placeId)).find((p) => p.itemId === itemId && p.grade === "good")?.quantity ?? 0;
const sold = (over: Partial<NewSale> = {}): NewSale => ({
  key: newId(),
  customer: newId(),
  channelId: stall,
  placeId: crate,
  at: scope.now,
  soldOn: "2026-11-28",
  itemId: puffin,
  colourwayId: "",
  grade: "good",
  quantity: 1,
  listPrice: minor(1650),
  taken: minor(1650),
  paid: "cash",
  source: "stall",
  ...over,
});

describe("finished pieces", () => {
  it("are where the moves say, whatever happens to them: balances are the ledger's sums", async () => {
    const one = await scopeOf(db, "ledger");
    const itemId = await createItem(one, { name: "Seal", kind: "figure" }, PATTERN);
    const box = await savePlace(one, { name: "Box", kind: "crate", channelId: null, holds: null });
    const move = fc.record({
      kind: fc.constantFrom("made", "given", "lost", "counted", "unravelled"),
      placeId: fc.constantFrom("", box),
      grade: fc.constantFrom("good", "second"),
      quantity: fc.integer({ min: -9, max: 9 }).filter((n) => n !== 0),
    }) as fc.Arbitrary<Pick<NewPieceMove, "kind" | "placeId" | "grade" | "quantity">>;
    await fc.assert(
      fc.asyncProperty(fc.array(move, { minLength: 1, maxLength: 12 }), async (moves) => {
        const before = await piecesWhere(one);
        await postPieces(
          one,
          moves.map((m) => ({ ...m, itemId, colourwayId: "" })),
        );
        const after = await piecesWhere(one);
        for (const placeId of ["", box])
          for (const grade of ["good", "second"]) {
            const of = (rows: typeof before) =>
              rows.find((r) => r.placeId === placeId && r.grade === grade)?.quantity ?? 0;
            const posted = moves.filter((m) => m.placeId === placeId && m.grade === grade);
            expect(of(after) - of(before)).toBe(posted.reduce((s, m) => s + m.quantity, 0));
          }
        await rebuildPieces(one);
        expect(await piecesWhere(one)).toEqual(after);
      }),
      { numRuns: 25 },
    );
  });

  it("are carried with both ends or none, and carried back by one undo", async () => {
    await postPieces(scope, [{ ...good(buoy, 8), kind: "made", placeId: "" }]);
    await carryPieces(scope, [good(buoy, 5)], { from: "", to: crate, key: "carry-one" });
    await carryPieces(scope, [good(buoy, 5)], { from: "", to: crate, key: "carry-one" });
    expect([await at("", buoy), await at(crate, buoy)]).toEqual([3, 5]);
    await expect(carryPieces(scope, [good(buoy, 1)], { from: "", to: newId() })).rejects.toThrow(NotThere);
    await expect(carryPieces(other, [good(buoy, 1)], { from: "", to: "" })).rejects.toThrow(NotThere);
    const moved = (await pieceBook(scope, 10)).find((m) => m.kind === "moved");
    expect(await undoPieceMove(scope, moved?.id ?? "")).toBe(true);
    expect(await undoPieceMove(scope, moved?.id ?? "")).toBe(false);
    expect([await at("", buoy), await at(crate, buoy)]).toEqual([8, 0]);
    expect(await undoPieceMove(other, moved?.id ?? "")).toBe(false);
  });

  it("become what was counted, also when two count at once", async () => {
    await Promise.all([
      countPieces(scope, "", [good(buoy, 6)], "a"),
      countPieces(scope, "", [good(buoy, 6)], "b"),
    ]);
    expect(await at("", buoy)).toBe(6);
    expect(await countPieces(scope, "", [good(buoy, 6)], "again")).toEqual([]);
    expect(await countPieces(scope, "", [good(buoy, 4)], "fewer")).toEqual([good(buoy, -2)]);
  });

  it("keep a place that they are in from being taken away", async () => {
    const shelf = await savePlace(scope, { name: "Museum", kind: "shelf", channelId: stall, holds: null });
    await carryPieces(scope, [good(buoy, 1)], { from: "", to: shelf });
    expect(await removePlace(scope, shelf)).toBe(false);
    await carryPieces(scope, [good(buoy, 1)], { from: shelf, to: "" });
    expect(await removePlace(scope, shelf)).toBe(true);
    await expect(removePlace(other, crate)).rejects.toThrow(NotThere);
  });
});

describe("sales", () => {
  it("are kept once with what the way of selling took then, and taken back whole", async () => {
    await countPieces(scope, crate, [good(puffin, 10)], "");
    const one = sold();
    const sent = await Promise.all(Array.from({ length: 6 }, () => keepSales(scope, [one, one])));
    expect(sent.flat().length).toBeGreaterThan(0);
    expect((await listSales(scope)).filter((s) => s.saleKey === one.key)).toHaveLength(1);
    expect(await at(crate, puffin)).toBe(9);
    expect(await undoSales(scope, [one.key])).toBe(1);
    expect(await undoSales(scope, [one.key])).toBe(0);
    expect(await at(crate, puffin)).toBe(10);
    // What was taken back stays in the book, and the same tap sent late does not come back.
    await keepSales(scope, [one]);
    expect(await listSales(scope)).toEqual([]);
    expect(await listSales(scope, { withUndone: true })).toHaveLength(1);
    expect(await at(crate, puffin)).toBe(10);
  });

  it("never touch another workshop", async () => {
    await expect(keepSales(other, [sold()])).rejects.toThrow(NotThere);
    await expect(keepSales(scope, [sold({ placeId: newId() })])).rejects.toThrow(NotThere);
    await expect(keepSales(scope, [sold({ channelId: newId() })])).rejects.toThrow(NotThere);
    await expect(keepSales(scope, [sold({ marketId: newId() })])).rejects.toThrow(NotThere);
    const one = sold();
    await keepSales(scope, [one]);
    expect(await undoSales(other, [one.key])).toBe(0);
    expect(await listSales(other)).toEqual([]);
    await undoSales(scope, [one.key]);
  });

  it("of a market day know what was brought, also when more is carried in, and how they were paid", async () => {
    await countPieces(scope, crate, [good(puffin, 7)], "");
    const day = await saveMarket(scope, {
      name: "Quay",
      onDay: "2026-11-28",
      channelId: stall,
      placeId: crate,
      float: minor(2000),
      note: "",
    });
    await openMarket(scope, day);
    await openMarket(scope, day);
    const brought = async () => (await listBrought(scope, day)).find((b) => b.itemId === puffin)?.quantity;
    expect(await brought()).toBe(7);
    await bringMore(scope, crate, [good(puffin, 3)]);
    await bringMore(scope, crate, [good(puffin, -1)]);
    expect(await brought()).toBe(9);
    const both = [sold({ marketId: day, customer: "one" }), sold({ marketId: day, customer: "one" })];
    await keepSales(scope, both);
    await setPaid(scope, new Map([["one", "card"]]), day);
    expect((await listSales(scope, { marketId: day })).map((s) => s.paid)).toEqual(["card", "card"]);
    await setMarketState(scope, day, "closed", minor(2000));
    await bringMore(scope, crate, [good(puffin, 5)]);
    expect(await brought()).toBe(9);
    expect((await findMarket(scope, day))?.counted).toBe(2000);
    expect(await findMarket(other, day)).toBeUndefined();
  });

  it("prices have a history, and the newest counts", async () => {
    const of = { itemId: puffin, colourwayId: "", channelId: stall };
    await setPrices(scope, [{ ...of, price: minor(1700) }]);
    await setPrices({ ...scope, now: new Date(scope.now.getTime() + 1000) }, [{ ...of, price: null }]);
    expect((await priceHistory(scope)).map((p) => p.price)).toEqual([1700, null]);
    expect(await priceHistory(other)).toEqual([]);
  });
});

describe("inspection", () => {
  const planned = {
    label: "Buoy",
    revision: 1,
    seconds: 600,
    secondsLow: 500,
    secondsHigh: 700,
    cost: minor(300),
    price: minor(1350),
  };
  it("puts what passed on the shelf, takes the yarn of what did not, and knows the lots", async () => {
    const yarnId = await saveYarn(scope, {
      name: "DK cotton",
      shade: "red",
      colour: "#b5322c",
      fibre: "cotton",
      weightClass: 3,
      hookUm: micrometres(3000),
      mmPer100g: 230_000,
      ballMg: milligrams(50_000),
      ballPrice: minor(290),
    });
    const bought = {
      yarnId,
      place: "",
      mg: milligrams(50_000),
      scrap: false,
      fullMg: milligrams(50_000),
      price: minor(290),
      kind: "bought" as const,
    };
    await addBalls(scope, [{ ...bought, lot: "31" }]);
    const runId = await createRun(scope, {
      name: "Winter",
      startOn: "2026-11-20",
      dueOn: "2026-12-01",
      plannedWith: {
        weekMinutes: 600,
        workDays: "1111100",
        wagePerHour: minor(1200),
        overheadPerHour: minor(0),
      },
      lines: [
        {
          itemId: buoy,
          revisionId: newId(),
          quantity: 10,
          plannedWith: {
            ...planned,
            needs: [{ kind: "yarn", materialId: yarnId, each: 2000, eachHigh: 2400 }],
          },
        },
      ],
    });
    const line = (await findRun(scope, runId))?.lines[0]?.id ?? "";
    const before = await at("", buoy);
    const some = { good: 3, mended: 1, seconds: 0, rejected: [], mendingMinutes: 5, note: "" };
    expect(await inspectRun(scope, runId, "2026-11-25", new Map([[line, some]]))).toBe(true);
    expect((await findRun(scope, runId))?.run.state).toBe("underway");
    expect(await at("", buoy)).toBe(before + 4);
    const rest = {
      good: 4,
      mended: 0,
      seconds: 1,
      rejected: [{ reason: "seam came open", pieces: 1 }],
      mendingMinutes: 0,
      note: "",
      placeId: crate,
    };
    const done = await Promise.all([
      finishRun(scope, runId, "2026-11-27", new Map([[line, rest]])),
      finishRun(scope, runId, "2026-11-27", new Map([[line, rest]])),
    ]);
    expect(done.filter(Boolean)).toHaveLength(1);
    const stock = (await piecesWhere(scope, crate)).filter((p) => p.itemId === buoy);
    expect(stock.map((p) => [p.grade, p.quantity]).sort()).toEqual([
      ["good", 4],
      ["second", 1],
    ]);
    expect((await findRun(scope, runId))?.lines[0]?.made).toBe(10);
    // All ten took their yarn, the reject as well.
    expect(await lotsUsed(scope, { runId })).toMatchObject([{ lot: "31", used: 20_000, run: "Winter" }]);
    expect(await lotsUsed(scope, { lot: "31" })).toHaveLength(1);
    expect(await lotsUsed(other, { lot: "31" })).toEqual([]);
    const batches = await listBatches(scope, { runId });
    expect(batches.map((b) => b.good + b.mended + b.seconds).sort()).toEqual([4, 5]);
    // What a tag says leads back to its batch, in this workshop alone.
    const [first] = batches;
    const number = first ? batchNumber(first) : "";
    expect(number).toMatch(/^[0-9A-F]{8}$/);
    expect((await findBatchByNumber(scope, number.toLowerCase()))?.id).toBe(first?.id);
    expect(await findBatchByNumber(other, number)).toBeUndefined();
    expect(await findBatchByNumber(scope, "%")).toBeUndefined();
    await keepBatch(scope, {
      itemId: buoy,
      colourwayId: "",
      inspectedOn: "2026-11-27",
      ...some,
      placeId: "",
      key: "loose batch",
    });
    expect(await listBatches(scope, { itemId: buoy })).toHaveLength(3);
    expect((await madeStock(scope)).get(`${buoy}:`)).toBeGreaterThan(0);
  });
});

it("what came to a place since a moment is the sum of its moves from then on, of this place and workshop alone", async () => {
  const one = await scopeOf(db, "since");
  const itemId = await createItem(one, { name: "Crab", kind: "figure" }, PATTERN);
  const shelf = await savePlace(one, { name: "Shelf", kind: "shelf", channelId: null, holds: null });
  const at = (day: number) => new Date(Date.UTC(2026, 10, day));
  const move = (day: number, quantity: number, placeId = shelf) => ({
    ...good(itemId, quantity),
    kind: "counted" as const,
    placeId,
    at: at(day),
  });
  await postPieces(one, [move(1, 5), move(10, 3), move(20, -2), move(20, 9, "")]);
  const since = async (day: number) => (await movedSince(one, shelf, at(day))).get(`${itemId}:`) ?? 0;
  expect([await since(1), await since(10), await since(11), await since(21)]).toEqual([6, 1, -2, 0]);
  expect(await movedSince(other, shelf, at(1))).toEqual(new Map());
});
