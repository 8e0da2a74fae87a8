import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { differenceCiede2000 } from "culori";
import { checkPattern } from "../notation";
import { minor } from "../units";
import {
  asBalls,
  ballState,
  buyList,
  colourwayWarnings,
  distanceInWords,
  howManyMore,
  leftoverUse,
  lowLevel,
  mixNeeds,
  netRuns,
  shadeDistance,
  shareExactly,
  substitutesFor,
  takeFrom,
  workedClass,
  type ColourwayYarn,
  type NetRun,
  type NetStock,
  type PieceNeed,
} from ".";

describe("colour distance", () => {
  // Sharma, Wu & Dalal, "The CIEDE2000 color-difference formula: implementation notes, supplementary test
  // data, and mathematical observations", Color Research & Application 30 (2005), table 1: all 34 pairs
  // (typed from memory).
  const PAIRS: readonly (readonly number[])[] = [
    [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
    [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
    [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
    [50, -1.3802, -84.2814, 50, 0, -82.7485, 1],
    [50, -1.1848, -84.8006, 50, 0, -82.7485, 1],
    [50, -0.9009, -85.5211, 50, 0, -82.7485, 1],
    [50, 0, 0, 50, -1, 2, 2.3669],
    [50, -1, 2, 50, 0, 0, 2.3669],
    [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
    [50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
    [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
    [50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195],
    [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
    [50, -0.001, 2.49, 50, 0.001, -2.49, 4.8045],
    [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461],
    [50, 2.5, 0, 50, 0, -2.5, 4.3065],
    [50, 2.5, 0, 73, 25, -18, 27.1492],
    [50, 2.5, 0, 61, -5, 29, 22.8977],
    [50, 2.5, 0, 56, -27, -3, 31.903],
    [50, 2.5, 0, 58, 24, 15, 19.4535],
    [50, 2.5, 0, 50, 3.1736, 0.5854, 1],
    [50, 2.5, 0, 50, 3.2972, 0, 1],
    [50, 2.5, 0, 50, 1.8634, 0.5757, 1],
    [50, 2.5, 0, 50, 3.2592, 0.335, 1],
    [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
    [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
    [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
    [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
    [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
    [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
    [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
    [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
    [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
    [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
  ];
  it.each(PAIRS)(
    "%d %d %d against %d %d %d is %d",
    (l1 = 0, a1 = 0, b1 = 0, l2 = 0, a2 = 0, b2 = 0, expected = 0) => {
      expect(
        differenceCiede2000()({ mode: "lab65", l: l1, a: a1, b: b1 }, { mode: "lab65", l: l2, a: a2, b: b2 }),
      ).toBeCloseTo(expected, 4);
    },
  );
  it("has every pair of the table", () => expect(PAIRS.length).toBe(34));
  it("reads the cupboard's colours", () => {
    expect(shadeDistance("#3d4c57", "#3d4c57")).toBe(0);
    expect(shadeDistance("#000000", "#ffffff")).toBeCloseTo(100, 1);
    expect(shadeDistance("slate", "nothing")).toBeUndefined();
    expect([1, 4, 9, 40].map(distanceInWords)).toEqual([
      "hardly to be told apart",
      "close",
      "the same colour family",
      "another colour",
    ]);
  });
  it("offers the nearest stocked shade, its own class before another", () => {
    const shade = (id: string, colour: string, weightClass: number, freeMg = 50_000) => ({
      id,
      colour,
      weightClass,
      metresPer100g: 230,
      freeMg,
    });
    const found = substitutesFor(shade("navy", "#22304f", 3), [
      shade("navy", "#22304f", 3),
      shade("dusk", "#4c5a72", 3),
      shade("ink", "#22304f", 4),
      shade("red", "#b5322c", 3),
      shade("none", "#23314f", 3, 0),
    ]);
    expect(found.map((f) => f.id)).toEqual(["dusk", "ink", "red"]);
    expect(found[1]).toMatchObject({ classes: 1, distance: 0 });
  });
});

describe("how many more", () => {
  const need = (materialId: string, eachHigh: number): PieceNeed => ({
    kind: "yarn",
    materialId,
    each: eachHigh * 0.9,
    eachHigh,
  });
  it("is the least of all, and says what runs out first", () => {
    const free = new Map([
      ["slate", 10_000],
      ["white", 5_000],
      ["eyes", 9],
    ]);
    expect(howManyMore([need("slate", 3_000), need("white", 2_000), need("eyes", 2)], free)).toMatchObject({
      pieces: 2,
      first: ["white"],
    });
    expect(howManyMore([need("gold", 1)], free)).toMatchObject({ pieces: 0, first: ["gold"] });
    expect(howManyMore([], free)).toEqual({ pieces: 0, first: [], each: [] });
  });
  it("for a mix, needs of all are taken together", () => {
    const set = mixNeeds([
      { needs: [need("slate", 3_000)], quantity: 2 },
      { needs: [need("slate", 1_000), need("red", 500)], quantity: 3 },
    ]);
    expect(set.map((n) => [n.materialId, n.eachHigh])).toEqual([
      ["slate", 9_000],
      ["red", 1_500],
    ]);
    expect(
      howManyMore(
        set,
        new Map([
          ["slate", 20_000],
          ["red", 100_000],
        ]),
      ),
    ).toMatchObject({ pieces: 2, first: ["slate"] });
  });
  it("never promises more than there is", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 500 }), fc.integer({ min: 0, max: 9000 })), {
          minLength: 1,
          maxLength: 6,
        }),
        (list) => {
          const free = new Map(list.map(([, q], i) => [`m${i}`, q]));
          const { pieces } = howManyMore(
            list.map(([each], i) => need(`m${i}`, each)),
            free,
          );
          list.forEach(([each, q]) => expect(pieces * each).toBeLessThanOrEqual(q));
          expect(list.some(([each, q]) => (pieces + 1) * each > q)).toBe(true);
        },
      ),
    );
  });
});

describe("balls and weights", () => {
  it("name a ball by what is left of it", () => {
    expect([
      ballState(50, 50, false),
      ballState(30, 50, false),
      ballState(9, 50, false),
      ballState(50, 50, true),
    ]).toEqual(["full", "opened", "scrap", "scrap"]);
  });
  it("a weight is whole balls and a rest", () => {
    expect(asBalls(124, 50)).toEqual([50, 50, 24]);
    expect([asBalls(0, 50), asBalls(100, 50), asBalls(-3, 50)]).toEqual([[], [50, 50], []]);
  });
  it("taking never loses a milligram and never takes what is not there", () => {
    const ball = fc.record({
      id: fc.uuid(),
      mg: fc.integer({ min: 0, max: 50_000 }),
      state: fc.constantFrom("scrap" as const, "opened" as const, "full" as const),
    });
    fc.assert(
      fc.property(fc.array(ball, { maxLength: 8 }), fc.integer({ min: 0, max: 200_000 }), (balls, mg) => {
        const taken = takeFrom(balls, mg);
        expect(taken.reduce((s, t) => s + t.mg, 0)).toBe(mg);
        for (const t of taken)
          if (t.ballId) expect(t.mg).toBeLessThanOrEqual(balls.find((b) => b.id === t.ballId)?.mg ?? 0);
        const order = taken
          .flatMap((t) => balls.find((b) => b.id === t.ballId)?.state ?? [])
          .map((s) => ["scrap", "opened", "full"].indexOf(s));
        expect(order).toEqual([...order].sort());
      }),
    );
  });
  it("shares add up exactly", () => {
    expect(shareExactly(10, [1, 1, 1])).toEqual([4, 3, 3]);
    expect(shareExactly(5, [0, 0])).toEqual([0, 0]);
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1e6 }),
        fc.array(fc.integer({ min: 0, max: 1000 }), { minLength: 1, maxLength: 20 }),
        (total, weights) => {
          fc.pre(weights.some((w) => w > 0));
          expect(shareExactly(total, weights).reduce((a, b) => a + b, 0)).toBe(total);
        },
      ),
    );
  });
});

describe("leftovers", () => {
  const ball = (id: string, yarnId: string, mg: number, weightClass = 3) => ({
    id,
    yarnId,
    weightClass,
    mg,
    pricePerGram: 6,
  });
  const need = (part: string, yarnId: string, mg: number) => ({ part, yarnId, weightClass: 3, mg });
  it("makes whole pieces from one ball each length, and says the worth", () => {
    const use = leftoverUse(
      [need("body", "slate", 4000), need("beak", "orange", 1000)],
      [ball("1", "slate", 9000), ball("2", "orange", 2500)],
      false,
    );
    expect(use).toMatchObject({ pieces: 2, otherShade: false });
    expect(use?.value).toBeCloseTo((8 + 2) * 6);
  });
  it("joins nothing: two short scraps are not one long length", () => {
    expect(
      leftoverUse([need("body", "slate", 4000)], [ball("1", "slate", 3000), ball("2", "slate", 3000)], false),
    ).toBeUndefined();
  });
  it("takes another shade only when allowed, in the same class, and says so", () => {
    const scraps = [ball("1", "navy", 5000), ball("2", "bulky", 50_000, 5)];
    expect(leftoverUse([need("body", "slate", 4000)], scraps, false)).toBeUndefined();
    expect(leftoverUse([need("body", "slate", 4000)], scraps, true)).toMatchObject({
      pieces: 1,
      otherShade: true,
    });
    expect(leftoverUse([need("body", "slate", 6000)], scraps, true)).toBeUndefined();
    expect(leftoverUse([], scraps, true)).toBeUndefined();
  });
});

describe("buying", () => {
  const stock = (over: Partial<NetStock> = {}): NetStock => ({
    label: "slate",
    kind: "yarn",
    onHand: 10_000,
    onOrder: 0,
    packSize: 50_000,
    packPrice: minor(290),
    together: 1,
    supplierId: "quay",
    ...over,
  });
  const run = (runId: string, startOn: string, needHigh: number): NetRun => ({
    runId,
    label: runId,
    startOn,
    needs: [{ kind: "yarn" as const, materialId: "slate", need: needHigh, needHigh, lines: [] }],
  });
  const suppliers = new Map([["quay", { deliveryDays: 4, minOrder: 1000 }]]);
  const list = (runs: readonly NetRun[], s: NetStock) => {
    const all = new Map([["slate", s]]);
    return buyList(runs, netRuns(runs, all), all, suppliers);
  };
  it("gives stock to the runs in their order and buys the rest in whole balls", () => {
    const [group] = list([run("first", "2026-12-01", 8_000), run("second", "2026-12-10", 60_000)], stock());
    expect(group?.lines[0]).toMatchObject({
      missing: 58_000,
      packs: 2,
      cost: 580,
      leftAfter: 42_000,
      neededOn: "2026-12-10",
    });
    expect(group?.lines[0]?.runs.map((r) => [r.runId, r.missing])).toEqual([["second", 58_000]]);
    expect(group).toMatchObject({ orderBy: "2026-12-06", underMinimum: 420 });
  });
  it("gives what is over of one run's packs to the next", () => {
    const [group] = list(
      [
        run("first", "2026-12-01", 30_000),
        run("second", "2026-12-10", 30_000),
        run("third", "2026-12-20", 30_000),
      ],
      stock(),
    );
    // 10 g there, 90 g needed: two balls, the second for the third run.
    expect(group?.lines[0]?.runs.map((r) => [r.runId, r.missing])).toEqual([
      ["first", 20_000],
      ["third", 30_000],
    ]);
    expect(group?.lines[0]?.packs).toBe(2);
  });
  it("counts what is on its way, and packs that only come together", () => {
    const packs = (s: NetStock) => list([run("r", "2026-12-01", 70_000)], s)[0]?.lines[0]?.packs;
    expect(packs(stock({ onOrder: 50_000 }))).toBe(1);
    expect(packs(stock({ together: 5 }))).toBe(5);
    expect(list([run("r", "2026-12-01", 9_000)], stock())).toEqual([]);
  });
  it("puts what has no supplier apart, without a least order", () => {
    expect(list([run("r", "2026-12-01", 70_000)], stock({ supplierId: undefined }))[0]).toMatchObject({
      supplierId: undefined,
      underMinimum: 0,
      orderBy: "2026-12-01",
    });
  });
  it("calls it low below plans and past use, or below her own level", () => {
    expect(
      lowLevel({ onHand: 90, onOrder: 0, planned: 40, usedPerDay: 2, deliveryDays: 10, own: undefined }),
    ).toEqual({ level: 88, planned: 40, cover: 48, low: false, own: false });
    expect(
      lowLevel({ onHand: 80, onOrder: 0, planned: 40, usedPerDay: 2, deliveryDays: 10, own: undefined }).low,
    ).toBe(true);
    expect(
      lowLevel({ onHand: 80, onOrder: 10, planned: 40, usedPerDay: 2, deliveryDays: 10, own: undefined }).low,
    ).toBe(false);
    expect(
      lowLevel({ onHand: 80, onOrder: 0, planned: 0, usedPerDay: 0, deliveryDays: 0, own: 100 }),
    ).toMatchObject({ low: true, own: true });
    expect(
      lowLevel({ onHand: 0, onOrder: 0, planned: 0, usedPerDay: 0, deliveryDays: 0, own: undefined }).low,
    ).toBe(false);
  });
});

describe("colourways", () => {
  const pattern = checkPattern(
    "Body (slate)\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: change to white, 12 sc (12)\nRnd 4: 12 sc (12)\nInsert 6 mm eyes between rounds 3 and 4.\nRnd 5: change to slate, dec x 6 (6)\n\nBeak (orange)\nRnd 1: 4 sc in mr (4)",
  );
  const yarn = (colour: string, over: Partial<ColourwayYarn> = {}): ColourwayYarn => ({
    label: colour,
    colour,
    weightClass: 3,
    hookMm: 3,
    strands: 1,
    deleted: false,
    ...over,
  });
  const warn = (slots: Record<string, ColourwayYarn | undefined>, eyes: string | undefined = "#111111") =>
    colourwayWarnings(pattern, (s) => slots[s], eyes).map((w) => w.code);
  const good = { slate: yarn("#3d4c57"), white: yarn("#f1f0ea"), orange: yarn("#d9692b") };
  it("has nothing to say about a sound one", () => expect(warn(good)).toEqual([]));
  it("warns of missing and deleted shades", () => {
    expect(warn({ ...good, orange: undefined })).toEqual(["missing-shade"]);
    expect(warn({ ...good, orange: yarn("#d9692b", { deleted: true }) })).toEqual(["gone-shade"]);
  });
  it("warns of two tensions in one part, strands counted in", () => {
    expect(warn({ ...good, white: yarn("#f1f0ea", { weightClass: 4 }) })).toEqual(["mixed-class"]);
    expect(warn({ ...good, white: yarn("#f1f0ea", { strands: 2 }) })).toEqual(["mixed-class"]);
    expect(warn({ ...good, white: yarn("#f1f0ea", { hookMm: 3.5 }) })).toEqual(["mixed-hook"]);
    expect(warn({ ...good, orange: yarn("#d9692b", { weightClass: 5 }) })).toEqual([]);
  });
  it("two strands of a fine yarn work like one two classes thicker, half a split one like thinner", () => {
    expect([
      workedClass(1, 2),
      workedClass(3, 1),
      workedClass(4, 0.5),
      workedClass(7, 4),
      workedClass(0, 0.25),
    ]).toEqual([3, 3, 2, 7, 0]);
  });
  it("warns of eyes that do not show on the face", () => {
    expect(warn({ ...good, white: yarn("#202428") })).toEqual(["pale-eyes"]);
    expect(warn({ ...good, white: yarn("#202428") }, "#fafafa")).toEqual([]);
    expect(
      colourwayWarnings(pattern, (s) => ({ ...good, white: yarn("#202428") })[s as "white"], undefined),
    ).toEqual([]);
  });
});
