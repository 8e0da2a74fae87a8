import { micrometres, milligrams, minor, seconds } from "@core/units";
import fc from "fast-check";
import { eq } from "drizzle-orm";
import { v7 } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Database } from "./connect";
import { addBalls, changeBall, listBalls, setBallDeleted, type NewBall } from "./queries/balls";
import { listColourways, saveColourway, setColourwayDeleted } from "./queries/colourways";
import { BallTaken, dropCutting, findCutting, keepCutting, reservationsOf } from "./queries/cutting";
import { importMaterials, listImports, undoImport } from "./queries/imports";
import { createItem, findItem } from "./queries/items";
import { listNotions, listYarns, saveNotion, saveYarn } from "./queries/materials";
import {
  changePurchaseLine,
  createPurchase,
  findPurchase,
  onOrder,
  receivePurchase,
  setPurchaseDeleted,
} from "./queries/purchases";
import { lotsOfPieces } from "./queries/piece-lots";
import { createRun, findRun, finishRun, startRun } from "./queries/runs";
import {
  balances,
  ballBalances,
  movesOf,
  movesOfRun,
  postCount,
  postMoves,
  standingMoves,
  stockBook,
  undoKey,
  undoMove,
  usedSince,
} from "./queries/stock";
import { madeStock, postPieces } from "./queries/pieces";
import { notePrice, pricesOf, saveSupplier } from "./queries/suppliers";
import { importBatch } from "./schema";
import { ChangedMeanwhile, transact, type Scope } from "./scope";
import { DK, freshDatabase, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
let scope: Scope;
let other: Scope;
const ballOf = (yarnId: string, mg: number, more: Partial<NewBall> = {}): NewBall => ({
  yarnId,
  lot: "1",
  scrap: false,
  place: "",
  fullMg: milligrams(50_000),
  price: minor(290),
  mg: milligrams(mg),
  kind: "weighed",
  ...more,
});
const newYarn = (shade: string, s = scope) => saveYarn(s, { ...DK, shade });

beforeAll(async () => {
  const fresh = await freshDatabase("materials");
  db = fresh.db;
  close = fresh.close;
  scope = await scopeOf(db, "Mine");
  other = await scopeOf(db, "Theirs");
});
afterAll(() => close());

describe("balls", () => {
  it("hold what their moves say, and the yarn holds the sum", async () => {
    const id = await newYarn("balls");
    const [a = "", b = ""] = await addBalls(scope, [
      ballOf(id, 50_000),
      ballOf(id, 7_000, { lot: "2", scrap: true }),
    ]);
    await postMoves(scope, [
      { kind: "used", materialKind: "yarn", materialId: id, ballId: a, quantity: -12_000 },
    ]);
    expect((await listBalls(scope, { yarnId: id })).map((x) => [x.mg, x.state])).toEqual([
      [38_000, "opened"],
      [7_000, "scrap"],
    ]);
    expect((await balances(scope)).get(id)).toBe(45_000);
    expect(
      await postCount(scope, {
        materialKind: "yarn",
        materialId: id,
        ballId: b,
        onHand: 6_400,
        kind: "weighed",
      }),
    ).toBe(-600);
    await changeBall(scope, a, { lot: "1b", place: "top drawer", scrap: false, note: "a knot in it" });
    expect((await listBalls(scope, { yarnId: id }))[0]).toMatchObject({
      lot: "1b",
      place: "top drawer",
      note: "a knot in it",
    });
  });
  it("put in twice under one key are there once", async () => {
    const id = await newYarn("twice");
    const two = [ballOf(id, 50_000, { key: "box-1:0" }), ballOf(id, 50_000, { key: "box-1:1" })];
    expect((await addBalls(scope, two)).length).toBe(2);
    expect((await addBalls(scope, two)).length).toBe(0);
    expect((await listBalls(scope, { yarnId: id, empty: true })).length).toBe(2);
    expect((await balances(scope)).get(id)).toBe(100_000);
  });
  it("taken out leave with what was on them, and come back with it", async () => {
    const id = await newYarn("out");
    const [a = ""] = await addBalls(scope, [ballOf(id, 33_000)]);
    await setBallDeleted(scope, a, true);
    await setBallDeleted(scope, a, true);
    expect([(await balances(scope)).get(id), (await listBalls(scope, { yarnId: id })).length]).toEqual([
      0, 0,
    ]);
    await setBallDeleted(scope, a, false);
    expect((await listBalls(scope, { yarnId: id }))[0]?.mg).toBe(33_000);
  });
  it("belong to one workshop", async () => {
    const id = await newYarn("own");
    await expect(addBalls(other, [ballOf(id, 1)])).rejects.toThrow();
    const [a = ""] = await addBalls(scope, [ballOf(id, 5_000)]);
    await expect(
      postCount(other, { materialKind: "yarn", materialId: id, ballId: a, onHand: 1, kind: "weighed" }),
    ).rejects.toThrow();
    await setBallDeleted(other, a, true);
    expect((await listBalls(scope, { yarnId: id }))[0]?.mg).toBe(5_000);
    const wrong = await newYarn("wrong");
    await expect(
      postCount(scope, { materialKind: "yarn", materialId: wrong, ballId: a, onHand: 1, kind: "weighed" }),
    ).rejects.toThrow();
  });
});

describe("the stock book", () => {
  it("takes a move back once, and never a taking back", async () => {
    const id = await newYarn("undo");
    await postMoves(scope, [
      {
        kind: "bought",
        materialKind: "yarn",
        materialId: id,
        quantity: 9_000,
        cost: minor(52),
        key: "undo-me",
      },
    ]);
    const [m] = await movesOf(scope, id);
    const done = await Promise.all([
      undoMove(scope, m?.id ?? ""),
      undoMove(scope, m?.id ?? ""),
      undoMove(scope, m?.id ?? ""),
    ]);
    expect(done.filter(Boolean).length).toBe(1);
    expect((await balances(scope)).get(id)).toBe(0);
    const back = (await movesOf(scope, id)).find((x) => x.kind === "undone");
    expect(await undoMove(scope, back?.id ?? "")).toBe(false);
    expect(await undoMove(other, m?.id ?? "")).toBe(false);
    expect(await undoKey(scope, "nothing-under-this")).toBe(false);
    expect((await stockBook(scope, { materialId: id, limit: 10 })).map((x) => [x.kind, x.takenBack])).toEqual(
      [
        ["undone", false],
        ["bought", true],
      ],
    );
    expect(await standingMoves(scope, [id])).toEqual([]);
  });
  it("pages backwards without a gap", async () => {
    const id = await newYarn("pages");
    await postMoves(
      scope,
      Array.from({ length: 25 }, (_, i) => ({
        kind: "bought" as const,
        materialKind: "yarn" as const,
        materialId: id,
        quantity: i + 1,
      })),
    );
    const seen: number[] = [];
    let before: { at: Date; id: string } | undefined;
    for (;;) {
      const page = await stockBook(scope, { materialId: id, limit: 10, before });
      seen.push(...page.map((m) => m.quantity));
      const last = page.at(-1);
      if (!last) break;
      before = { at: last.at, id: last.id };
    }
    expect(seen.sort((a, b) => a - b)).toEqual(Array.from({ length: 25 }, (_, i) => i + 1));
  });
  it("knows what was used lately", async () => {
    const id = await newYarn("used");
    await postMoves(scope, [
      { kind: "bought", materialKind: "yarn", materialId: id, quantity: 100 },
      { kind: "used", materialKind: "yarn", materialId: id, quantity: -30 },
      { kind: "wasted", materialKind: "yarn", materialId: id, quantity: -5 },
    ]);
    expect((await usedSince(scope, new Date(scope.now.getTime() - 1000))).get(id)).toBe(35);
    expect((await usedSince(scope, new Date(scope.now.getTime() + 1000))).get(id)).toBeUndefined();
  });
  it("adds up after any moves, in any order, at the same time, with keys repeated and moves taken back", async () => {
    const move = fc.record({
      kind: fc.constantFrom("bought" as const, "used" as const, "wasted" as const, "returned" as const),
      quantity: fc.integer({ min: -50_000, max: 50_000 }),
      key: fc.integer({ min: 0, max: 14 }),
      ball: fc.integer({ min: 0, max: 2 }),
      undo: fc.boolean(),
    });
    let round = 0;
    await fc.assert(
      fc.asyncProperty(fc.array(move, { minLength: 1, maxLength: 20 }), async (moves) => {
        const tag = `p${++round}`;
        const id = await newYarn(tag);
        const balls = await addBalls(
          scope,
          [0, 0, 0].map(() => ballOf(id, 1000)),
        );
        await Promise.all(
          moves.map((m) =>
            postMoves(scope, [
              {
                kind: m.kind,
                materialKind: "yarn",
                materialId: id,
                ballId: balls[m.ball],
                quantity: m.quantity,
                key: `${tag}-${m.key}`,
              },
            ]),
          ),
        );
        const posted = (await movesOf(scope, id, 500)).filter((m) => m.idempotencyKey.startsWith(`${tag}-`));
        expect(new Set(posted.map((m) => m.idempotencyKey)).size).toBe(posted.length);
        expect(posted.length).toBe(new Set(moves.map((m) => m.key)).size);
        // Of a repeated key the one that came first stands, whichever that was.
        for (const p of posted)
          expect(moves.some((m) => `${tag}-${m.key}` === p.idempotencyKey && m.quantity === p.quantity)).toBe(
            true,
          );
        await Promise.all(
          posted.filter((_, i) => moves[i % moves.length]?.undo).map((m) => undoMove(scope, m.id)),
        );
        const all = await movesOf(scope, id, 500);
        const sum = all.reduce((s, m) => s + m.quantity, 0);
        expect((await balances(scope)).get(id)).toBe(sum);
        expect([...(await ballBalances(scope, { yarnId: id })).values()].reduce((s, q) => s + q, 0)).toBe(
          sum,
        );
      }),
      { numRuns: 25, seed: 3 },
    );
  });
  it("a transaction inside another one is part of it: all or nothing", async () => {
    const id = await newYarn("nested");
    await expect(
      transact(scope, async (tx) => {
        await addBalls(tx, [ballOf(id, 1_000)]);
        throw new Error("stop");
      }),
    ).rejects.toThrow("stop");
    expect((await balances(scope)).get(id)).toBeUndefined();
    expect((await listBalls(scope, { yarnId: id, empty: true })).length).toBe(0);
  });
});

describe("orders", () => {
  it("count as on their way until they are received, with lots, spares, prices and what was paid", async () => {
    const quay = await saveSupplier(scope, { name: "Quay", deliveryDays: 2, minOrder: minor(0), note: "" });
    const yarnId = await newYarn("ordered");
    const eyes = await saveNotion(scope, {
      kind: "eye",
      name: "Eyes",
      sizeUm: micrometres(6000),
      colour: null,
      packSize: 50,
      packPrice: minor(495),
      spares: 2,
    });
    await notePrice(
      scope,
      { materialKind: "yarn", materialId: yarnId, supplierId: quay, packSize: 50_000, price: minor(290) },
      "2026-11-01",
    );
    const id = await createPurchase(scope, {
      supplierId: quay,
      orderedOn: "2026-11-20",
      expectedOn: "2026-11-22",
      lines: [
        { materialKind: "yarn", materialId: yarnId, packs: 3, packSize: 50_000, packPrice: minor(290) },
        { materialKind: "notion", materialId: eyes, packs: 2, packSize: 50, packPrice: minor(495) },
      ],
    });
    expect([(await onOrder(scope)).get(yarnId), (await onOrder(scope)).get(eyes)]).toEqual([150_000, 100]);
    const lines = (await findPurchase(scope, id))?.lines ?? [];
    await changePurchaseLine(scope, lines[0]?.id ?? "", {
      ticked: true,
      lot: "5521",
      packs: 2,
      packPrice: minor(310),
    });
    expect(await findPurchase(other, id)).toBeUndefined();
    await expect(receivePurchase(other, id, "2026-11-23")).rejects.toThrow(ChangedMeanwhile);
    const both = await Promise.all([
      receivePurchase(scope, id, "2026-11-23", "top drawer"),
      receivePurchase(scope, id, "2026-11-23", "top drawer"),
    ]);
    expect(both.map((b) => b.lines).sort()).toEqual([0, 1]);
    expect((await listBalls(scope, { yarnId })).map((b) => [b.lot, b.mg, b.price, b.place])).toEqual([
      ["5521", 50_000, 310, "top drawer"],
      ["5521", 50_000, 310, "top drawer"],
    ]);
    expect((await findPurchase(scope, id))?.purchase.state).toBe("ordered");
    expect((await onOrder(scope)).get(yarnId)).toBe(0);
    // A received line is no longer changed.
    await changePurchaseLine(scope, lines[0]?.id ?? "", {
      ticked: false,
      lot: "x",
      packs: 9,
      packPrice: minor(1),
    });
    await changePurchaseLine(scope, lines[1]?.id ?? "", {
      ticked: true,
      lot: "",
      packs: 2,
      packPrice: minor(495),
    });
    await receivePurchase(scope, id, "2026-11-24");
    expect((await findPurchase(scope, id))?.purchase.state).toBe("received");
    expect((await balances(scope)).get(eyes)).toBe(104);
    expect((await movesOf(scope, eyes))[0]).toMatchObject({
      kind: "bought",
      cost: minor(990),
      purchaseId: id,
    });
    expect((await pricesOf(scope, yarnId)).map((p) => p.price)).toEqual([290, 310]);
    expect((await listYarns(scope)).find((y) => y.id === yarnId)?.ballPrice).toBe(310);
  });
  it("that are deleted are on their way no more", async () => {
    const yarnId = await newYarn("cancelled");
    const id = await createPurchase(scope, {
      supplierId: null,
      orderedOn: "2026-11-20",
      expectedOn: null,
      lines: [
        { materialKind: "yarn", materialId: yarnId, packs: 1, packSize: 50_000, packPrice: minor(290) },
      ],
    });
    await setPurchaseDeleted(scope, id, true);
    expect((await onOrder(scope)).get(yarnId)).toBeUndefined();
    await expect(receivePurchase(scope, id, "2026-11-23")).rejects.toThrow(ChangedMeanwhile);
  });
});

describe("cutting plans", () => {
  const plannedWith = {
    weekMinutes: 600,
    workDays: "1111100",
    wagePerHour: minor(1400),
    overheadPerHour: minor(250),
  };
  const newRun = async (yarnId: string, each = 10_000) => {
    const itemId = await createItem(
      scope,
      { name: "Runner", kind: "figure" },
      { pattern: "", firmness: "medium", hanger: true, note: "", slots: [], notions: [] },
    );
    const revisionId = (await findItem(scope, itemId))?.revision.id ?? "";
    return createRun(scope, {
      name: "Market",
      startOn: "2026-11-23",
      dueOn: "2026-12-05",
      plannedWith,
      lines: [
        {
          itemId,
          revisionId,
          quantity: 2,
          plannedWith: {
            label: "Runner",
            revision: 1,
            seconds: seconds(1),
            secondsLow: 1,
            secondsHigh: 1,
            cost: minor(1),
            price: minor(1),
            needs: [{ kind: "yarn", materialId: yarnId, each, eachHigh: each * 1.2 }],
          },
        },
      ],
    });
  };
  const plan = (ball: string, mg: number) => ({
    confidence: 95,
    lotRule: "item" as const,
    joins: false,
    pins: [],
    placed: [{ piece: "y/0-0-0-0", ball, mg }],
  });
  it("the second of two runs that promise the same ball is told", async () => {
    const yarnId = await newYarn("promised");
    const [a = ""] = await addBalls(scope, [ballOf(yarnId, 50_000)]);
    const [one, two] = [await newRun(yarnId), await newRun(yarnId)];
    const kept = await Promise.allSettled([
      keepCutting(scope, one, 0, plan(a, 30_000)),
      keepCutting(scope, two, 0, plan(a, 30_000)),
    ]);
    expect(kept.map((k) => k.status).sort()).toEqual(["fulfilled", "rejected"]);
    const failed = kept.find((k) => k.status === "rejected");
    const reason: unknown = failed?.status === "rejected" ? failed.reason : undefined;
    expect(reason).toBeInstanceOf(BallTaken);
    expect(reason instanceof BallTaken && reason.balls).toEqual([
      { ballId: a, wanted: 30_000, free: 20_000 },
    ]);
    expect((await reservationsOf(scope, [a])).length).toBe(1);
    expect((await listBalls(scope, { yarnId }))[0]?.reserved).toBe(30_000);
  });
  it("two runs share a ball as long as there is enough, and giving it back frees it", async () => {
    const yarnId = await newYarn("shared");
    const [a = ""] = await addBalls(scope, [ballOf(yarnId, 50_000)]);
    const [one, two] = [await newRun(yarnId), await newRun(yarnId)];
    await keepCutting(scope, one, 0, plan(a, 30_000));
    await keepCutting(scope, two, 0, plan(a, 20_000));
    await expect(keepCutting(scope, two, 1, plan(a, 20_001))).rejects.toThrow(BallTaken);
    await dropCutting(scope, one);
    expect(await keepCutting(scope, two, 1, plan(a, 50_000))).toBe(2);
  });
  it("a plan kept meanwhile in another window is not overwritten", async () => {
    const yarnId = await newYarn("windows");
    const [a = ""] = await addBalls(scope, [ballOf(yarnId, 50_000)]);
    const run = await newRun(yarnId);
    await keepCutting(scope, run, 0, plan(a, 1_000));
    await expect(keepCutting(scope, run, 0, plan(a, 2_000))).rejects.toThrow(ChangedMeanwhile);
    expect((await findCutting(scope, run))?.plan.placed[0]?.mg).toBe(1_000);
    await expect(keepCutting(other, run, 0, plan(a, 1))).rejects.toThrow(ChangedMeanwhile);
  });
  it.each([
    // What the scale showed; then what is on the ball, and on the other, when the run has ended.
    ["looser than planned", 3_900, 0, 3_900],
    ["more than the book had on it", 16_000, 0, 16_000],
    ["and something else was made of it since", 3_900, 1_000, 2_900],
  ])("a ball that was weighed at the bench keeps what the scale said: %s", async (_, mg, since, left) => {
    const yarnId = await newYarn(`weighed ${mg} ${since}`);
    const [a = "", b = ""] = await addBalls({ ...scope, now: new Date(scope.now.getTime() - 3_600_000) }, [
      ballOf(yarnId, 15_000, { lot: "L1" }),
      ballOf(yarnId, 50_000, { lot: "L2" }),
    ]);
    const run = await newRun(yarnId);
    const placed = [
      { piece: `${yarnId}/0-0-0-0`, ball: a, mg: milligrams(12_000) },
      { piece: `${yarnId}/0-1-0-0`, ball: b, mg: milligrams(12_000) },
    ];
    await keepCutting(scope, run, 0, { confidence: 95, lotRule: "item", joins: false, pins: [], placed });
    await startRun(scope, run);
    const at = new Date(scope.now.getTime() - 60_000);
    if (since > 0)
      await postMoves(scope, [
        { kind: "used", materialKind: "yarn", materialId: yarnId, ballId: a, quantity: -since },
      ]);
    await finishRun(scope, run, "2026-12-01", undefined, [
      { ballId: a, mg, at, covered: 10_000, pieces: [`${yarnId}/0-0-0-0`] },
    ]);
    const on = await ballBalances(scope, { yarnId });
    expect([on.get(a), on.get(b)]).toEqual([left, 40_000]);
    // Again changes nothing.
    expect(await finishRun(scope, run, "2026-12-01")).toBe(false);
    expect((await ballBalances(scope, { yarnId })).get(a)).toBe(left);
  });
  it("a finished run uses its own balls, to the milligram, and frees the rest", async () => {
    const yarnId = await newYarn("finished");
    const [a = "", b = "", c = ""] = await addBalls(scope, [
      ballOf(yarnId, 15_000, { lot: "L1" }),
      ballOf(yarnId, 50_000, { lot: "L2" }),
      ballOf(yarnId, 4_000, { scrap: true }),
    ]);
    const run = await newRun(yarnId);
    await keepCutting(scope, run, 0, {
      confidence: 95,
      lotRule: "item",
      joins: false,
      pins: [],
      placed: [
        { piece: `${yarnId}/0-0-0-0`, ball: a, mg: milligrams(12_000) },
        { piece: `${yarnId}/0-1-0-0`, ball: b, mg: milligrams(12_000) },
      ],
    });
    await startRun(scope, run);
    await Promise.all([finishRun(scope, run, "2026-12-01"), finishRun(scope, run, "2026-12-01")]);
    const left = await ballBalances(scope, { yarnId });
    expect([left.get(a), left.get(b), left.get(c)]).toEqual([5_000, 40_000, 4_000]);
    expect(
      (await movesOfRun(scope, run)).filter((m) => m.kind === "used").reduce((s, m) => s + m.quantity, 0),
    ).toBe(-20_000);
    expect(await findCutting(scope, run)).toBeUndefined();
    // Which piece holds which lot outlives the plan, and the balls.
    await setBallDeleted(scope, a, true);
    const ended = await findRun(scope, run);
    expect(ended && [...(await lotsOfPieces(scope, ended)).values()]).toEqual([
      [
        { pieces: [1], lots: [{ yarnId, lot: "L1" }] },
        { pieces: [2], lots: [{ yarnId, lot: "L2" }] },
      ],
    ]);
    expect((await listBalls(scope, { yarnId })).every((x) => x.reserved === 0)).toBe(true);
    await expect(keepCutting(scope, run, 0, plan(a, 1))).rejects.toThrow(ChangedMeanwhile);
  });
  it("without a plan takes scraps first and leaves what others were promised", async () => {
    const yarnId = await newYarn("scraps");
    const [scrap = "", full = ""] = await addBalls(scope, [
      ballOf(yarnId, 9_000, { scrap: true }),
      ballOf(yarnId, 50_000),
    ]);
    const [one, two] = [await newRun(yarnId), await newRun(yarnId)];
    await keepCutting(scope, two, 0, plan(scrap, 6_000));
    await finishRun(scope, one, "2026-12-01");
    const left = await ballBalances(scope, { yarnId });
    expect([left.get(scrap), left.get(full)]).toEqual([6_000, 33_000]);
  });
});

describe("colourways", () => {
  it("keep yarns of their workshop, come back when deleted, and count what was made", async () => {
    const itemId = await createItem(
      scope,
      { name: "Puffin", kind: "keychain" },
      { pattern: "", firmness: "medium", hanger: true, note: "", slots: [], notions: [] },
    );
    const mine = await newYarn("winter");
    const theirs = await newYarn("theirs", other);
    const id = await saveColourway(scope, {
      itemId,
      name: "winter",
      price: minor(1750),
      slots: [
        { slot: "main", yarnId: mine, hookUm: micrometres(3000), strands: 2 },
        { slot: "beak", yarnId: theirs, hookUm: micrometres(3000), strands: 1 },
      ],
    });
    expect((await listColourways(scope, { itemId }))[0]).toMatchObject({
      name: "winter",
      price: minor(1750),
      slots: [{ slot: "main", yarnId: mine, strands: 2 }],
    });
    await saveColourway(scope, {
      id,
      itemId,
      name: "winter",
      price: null,
      slots: [{ slot: "main", yarnId: mine, hookUm: micrometres(3000), strands: 1 / 3 }],
    });
    expect((await listColourways(scope, { itemId }))[0]?.slots[0]?.strands).toBeCloseTo(1 / 3);
    expect(await saveColourway(other, { itemId, name: "stolen", price: null, slots: [] })).toBeUndefined();
    await setColourwayDeleted(scope, id ?? "", true);
    expect(await listColourways(scope, { itemId })).toEqual([]);
    await setColourwayDeleted(scope, id ?? "", false);
    const piece = { kind: "made" as const, itemId, grade: "good" as const, placeId: "" };
    await postPieces(scope, [
      { ...piece, colourwayId: id ?? "", quantity: 3 },
      { ...piece, colourwayId: "", quantity: 2 },
    ]);
    const made = await madeStock(scope);
    expect([made.get(`${itemId}:${id}`), made.get(`${itemId}:`)]).toEqual([3, 2]);
  });
});

describe("imports", () => {
  it("bring all or nothing, once, and are taken back whole", async () => {
    const known = await newYarn("known");
    const id = v7();
    const yarns = [
      {
        ...DK,
        shade: "imported",
        balls: [
          {
            lot: "9",
            scrap: false,
            place: "box",
            fullMg: milligrams(50_000),
            price: minor(290),
            mg: milligrams(50_000),
          },
        ],
      },
      {
        ...DK,
        shade: "known",
        existing: known,
        balls: [
          {
            lot: "8",
            scrap: false,
            place: "",
            fullMg: milligrams(50_000),
            price: minor(290),
            mg: milligrams(7_000),
          },
        ],
      },
    ];
    const notions = [
      {
        kind: "eye" as const,
        name: "Imported eyes",
        sizeUm: micrometres(6000),
        colour: null,
        packSize: 50,
        packPrice: minor(495),
        onHand: 12,
      },
    ];
    expect(
      await importMaterials(scope, { id, fileName: "stock.csv", rows: 3, skipped: 1 }, yarns, notions),
    ).toBe(true);
    expect(
      await importMaterials(scope, { id, fileName: "stock.csv", rows: 3, skipped: 1 }, yarns, notions),
    ).toBe(false);
    expect((await balances(scope)).get(known)).toBe(7_000);
    expect((await listNotions(scope)).filter((n) => n.name === "Imported eyes").length).toBe(1);
    expect((await listImports(scope))[0]).toMatchObject({ id, rows: 3, skipped: 1, undoneAt: null });
    expect(await undoImport(other, id)).toBe(false);
    expect((await Promise.all([undoImport(scope, id), undoImport(scope, id)])).filter(Boolean).length).toBe(
      1,
    );
    expect((await balances(scope)).get(known)).toBe(0);
    expect((await listYarns(scope)).some((y) => y.shade === "imported")).toBe(false);
    expect((await listYarns(scope)).some((y) => y.id === known)).toBe(true);
    const broken = v7();
    await expect(
      importMaterials(
        scope,
        { id: broken, fileName: "x.csv", rows: 1, skipped: 0 },
        [
          { ...DK, shade: "half", balls: [] },
          { ...DK, shade: "x".repeat(500), balls: [] },
        ],
        [],
      ),
    ).rejects.toThrow();
    expect((await listYarns(scope)).some((y) => y.shade === "half")).toBe(false);
    expect((await db.select().from(importBatch).where(eq(importBatch.id, broken))).length).toBe(0);
  });
});
