import { describe, expect, it } from "vitest";
import { learnBatch } from "../calibrate";
import { CLASS_GAUGE, gaugePrior } from "../fabric";
import { mm } from "../units";
import { narrowings, toldInOrder } from "./history";
import {
  groupOf,
  handView,
  knowledgeOf,
  paceUsed,
  swatchMeasures,
  weighRatio,
  type HandData,
  type TensionMeasure,
  filledOf,
} from "./learning";

const measure = (over: Partial<TensionMeasure> = {}): TensionMeasure => ({
  id: "m",
  kind: "weigh-in",
  yarnId: "slate",
  hookMm: 3,
  madeOn: "2026-11-01",
  ratio: 1.1,
  variance: 0.001,
  setAside: false,
  ...over,
});
const NOTHING: HandData = { tension: [], density: [], timings: [] };
const TODAY = "2026-11-25";

describe("what an estimate is told of a hand", () => {
  it("is nothing while nothing was measured", () => {
    expect(handView(NOTHING, TODAY, 365)).toEqual({
      tension: {},
      elsewhere: undefined,
      density: undefined,
      pace: undefined,
      batch: learnBatch([]),
    });
  });
  it("says what each figure rests on", () => {
    const view = handView(
      {
        ...NOTHING,
        tension: [
          measure(),
          measure({ id: "n", madeOn: "2026-11-02" }),
          measure({ id: "o", kind: "unravelled" }),
          measure({ id: "p", yarnId: "red" }),
        ],
      },
      TODAY,
      365,
    );
    expect(view.tension[groupOf("slate", 3)]?.from).toBe("this yarn: 1 swatch, 2 weigh-ins");
    expect(view.tension[groupOf("red", 3)]?.from).toBe("this yarn: 1 weigh-in");
    expect(view.elsewhere).toMatchObject({ from: "your other yarns" });
    expect(view.elsewhere?.sigma).toBeGreaterThan(view.tension[groupOf("slate", 3)]?.sigma ?? 1);
  });
  it("leaves out what was set aside", () => {
    expect(
      handView({ ...NOTHING, tension: [measure({ setAside: true })] }, TODAY, 365).elsewhere,
    ).toBeUndefined();
  });
  it("goes to the worker and back with its spread", () => {
    const data: HandData = {
      ...NOTHING,
      timings: [
        {
          id: "t",
          stage: "crochet",
          work: { plain: 1000, tiny: 200 },
          seconds: 1000,
          pieces: 1,
          laps: [],
          madeOn: "2026-11-20",
          setAside: false,
        },
      ],
    };
    const view = JSON.parse(JSON.stringify(handView(data, TODAY, 0).pace)) as NonNullable<
      ReturnType<typeof handView>["pace"]
    >;
    const used = paceUsed(view);
    const known = knowledgeOf(data, TODAY, 0).pace;
    for (const work of [{ plain: 500 }, { plain: 500, sewing: 300 }, { ends: 60, face: 90, closing: 20 }])
      expect(used?.sd(work)).toBeCloseTo(known.sd(work), 6);
    expect(used?.factor("plain")).toBeCloseTo(known.factor("plain"), 9);
    expect(used?.from).toBe("your pace, 1 timing");
    expect(paceUsed(undefined)).toBeUndefined();
  });
});

describe("measurements against the trade", () => {
  it("an unravelled sample speaks of the yarn, a width only through the usual ratio", () => {
    const base = { id: "s", yarnId: "y", hookUm: 3000, madeOn: TODAY, setAside: false };
    const width = gaugePrior(3, mm(3)).width;
    const [sample] = swatchMeasures(
      { ...base, stitches: 20, overMm: 92, sampleStitches: 20, sampleMm: Math.round(20 * 5.7 * width * 1.2) },
      3,
    );
    expect(sample).toMatchObject({ kind: "unravelled" });
    expect(sample?.ratio).toBeCloseTo(1.2, 2);
    const [wide] = swatchMeasures(
      { ...base, stitches: 20, overMm: Math.round(20 * width * 0.9), sampleStitches: null, sampleMm: null },
      3,
    );
    expect(wide).toMatchObject({ kind: "width" });
    expect(wide?.ratio).toBeCloseTo(0.9, 1);
    expect(wide?.variance).toBeGreaterThan(sample?.variance ?? 1);
    expect(
      swatchMeasures({ ...base, stitches: null, overMm: null, sampleStitches: null, sampleMm: null }, 3),
    ).toEqual([]);
    expect(Object.keys(CLASS_GAUGE).length).toBe(8);
  });
  it("a weigh-in compares stitches with stitches: tails and filling are taken off", () => {
    expect(weighRatio({ weightMg: 5_500, stepMg: 100, expectedMg: 5_000, besideMg: 500 }).ratio).toBe(1);
    const plain = weighRatio({ weightMg: 5_000, stepMg: 100, expectedMg: 5_000, besideMg: 0 }).variance;
    expect(
      weighRatio({ weightMg: 8_000, stepMg: 100, expectedMg: 5_000, besideMg: 3_000 }).variance,
    ).toBeGreaterThan(2 * plain);
    expect(
      weighRatio({ weightMg: 5_000, stepMg: 1000, expectedMg: 5_000, besideMg: 0 }).variance,
    ).toBeGreaterThan(plain);
    expect(
      weighRatio({ weightMg: 100, stepMg: 100, expectedMg: 5_000, besideMg: 500 }).ratio,
    ).toBeGreaterThan(0);
  });
});

describe("parts weighed with their filling", () => {
  // A hand at the trade's tension that packs 1.3 times as much: 6 g of stitches, 0.5 g of tails, 2.6 g of
  // filling by the trade.
  const row = {
    weightMg: 6_000 + 500 + 1.3 * 2_600,
    stepMg: 100,
    expectedMg: 6_000,
    besideMg: 500,
    fillingMg: 2_600,
    firmness: "medium",
    pieces: 1,
  };
  const filled = (id: string): TensionMeasure =>
    measure({ id, kind: "weigh-in", ...weighRatio(row), filled: filledOf(row) });
  const packed = (id: string) => ({
    id,
    firmness: "medium",
    madeOn: TODAY,
    setAside: false,
    pieces: 3,
    ...weighRatio({ weightMg: 3_380, stepMg: 100, expectedMg: 2_600, besideMg: 0 }),
  });
  const parts = ["a", "b", "c", "d"].map(filled);
  const tensionOf = (data: HandData) => {
    const of = knowledgeOf(data, TODAY, 0).tension.of(groupOf(parts[0]?.yarnId ?? "", parts[0]?.hookMm ?? 0));
    return { factor: Math.exp(of.mean), sd: of.sd };
  };
  it("do not make her tension of what is her packing", () => {
    const blind = tensionOf({ ...NOTHING, tension: parts.map((p) => ({ ...p, filled: undefined })) });
    const known = tensionOf({ ...NOTHING, tension: parts, density: ["x", "y"].map(packed) });
    expect(blind.factor).toBeGreaterThan(1.08);
    expect(Math.abs(known.factor - 1)).toBeLessThan(0.04);
    // Without a weighed bag it stays open which of the two it is, and the range says so.
    const open = tensionOf({ ...NOTHING, tension: parts });
    expect(Math.abs(Math.log(open.factor))).toBeLessThan(1.645 * open.sd);
  });
  it("tell of her packing too, and are shown with it taken off", () => {
    const k = knowledgeOf({ ...NOTHING, tension: parts }, TODAY, 0);
    expect(k.density.of("medium").own).toBe(4);
    expect(k.density.of("medium").mean).toBeGreaterThan(0.02);
    expect(weighRatio(row, { factor: 1.3, sigma: 0.05 }).ratio).toBeCloseTo(1, 6);
    expect(weighRatio(row).ratio).toBeGreaterThan(1.1);
  });
});

describe("the history of a hand", () => {
  const data: HandData = {
    tension: [
      measure({ id: "b", madeOn: "2026-10-02" }),
      measure({ id: "a", madeOn: "2026-10-01", ratio: 1.12 }),
      measure({ id: "c", madeOn: "2026-10-03", ratio: 9, setAside: true }),
    ],
    density: [
      { id: "d", firmness: "firm", madeOn: "2026-10-04", ratio: 1.2, variance: 0.001, setAside: false },
    ],
    timings: [
      {
        id: "e",
        stage: "sewing",
        work: { sewing: 100 },
        seconds: 120,
        pieces: 1,
        laps: [],
        madeOn: "2026-10-05",
        setAside: false,
      },
      {
        id: "f",
        stage: "sewing",
        work: {},
        seconds: 5,
        pieces: 1,
        laps: [],
        madeOn: "2026-10-06",
        setAside: false,
      },
    ],
  };
  it("holds every measurement against what was known before it, oldest first", () => {
    const told = toldInOrder(data, 0);
    expect(told.map((t) => t.id)).toEqual(["a", "b", "d", "e"]);
    expect(told[0]).toMatchObject({ expected: 1, measured: 1.12 });
    expect(told[1]?.expected).toBeGreaterThan(1.08);
    for (const t of told) expect([t.measured >= t.low, t.measured <= t.high]).toEqual([true, true]);
  });
  it("shows how a range closes, and nothing for a yarn never measured", () => {
    const points = narrowings(data, [groupOf("slate", 3)], 0, TODAY).get(groupOf("slate", 3)) ?? [];
    expect(points.map((p) => p.n)).toEqual([0, 1, 2]);
    const widths = points.map((p) => p.high / p.low);
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
    expect(narrowings(data, [groupOf("red", 3)], 0, TODAY).get(groupOf("red", 3))).toBeUndefined();
  });
});

describe("a long history", () => {
  const day = (i: number) => new Date(Date.UTC(2024, 0, 1 + Math.floor(i / 3))).toISOString().slice(0, 10);
  const many = Array.from({ length: 900 }, (_, i) =>
    measure({ id: String(i).padStart(4, "0"), madeOn: day(i), ratio: 1.1 + 0.02 * Math.sin(i) }),
  );
  const timings: HandData["timings"] = Array.from({ length: 400 }, (_, i) => ({
    id: String(i).padStart(4, "0"),
    stage: "crochet",
    work: { plain: 1000 },
    seconds: 900 + (i % 7),
    pieces: 10,
    laps: [],
    madeOn: day(i),
    setAside: false,
  }));
  it("is told of its newest measurements, in order, each against those before it", () => {
    const told = toldInOrder({ ...NOTHING, tension: many, timings }, 180);
    const yarn = told.filter((t) => t.what === "tension");
    expect(yarn.length).toBe(100);
    expect([yarn[0]?.id, yarn.at(-1)?.id]).toEqual(["0800", "0899"]);
    expect(told.filter((t) => t.what === "pace").at(-1)?.id).toBe("0399");
    for (const t of yarn) expect(t.expected).toBeGreaterThan(1.05);
    expect(told.filter((t) => t.measured < t.low || t.measured > t.high)).toEqual([]);
  });
  it("what lies further back than is looked at would hardly have moved it", () => {
    const [cut] = toldInOrder({ ...NOTHING, tension: many.slice(0, 900) }, 180).slice(-1);
    const all = knowledgeOf(
      { ...NOTHING, tension: many.slice(0, 899) },
      many[899]?.madeOn ?? "",
      180,
    ).tension.of(groupOf("slate", 3));
    expect(cut?.expected).toBeCloseTo(Math.exp(all.mean), 2);
  });
  it("shows the band in so many looks, the first and the last among them", () => {
    const points =
      narrowings({ ...NOTHING, tension: many }, [groupOf("slate", 3)], 180, TODAY).get(groupOf("slate", 3)) ??
      [];
    expect(points.length).toBeLessThanOrEqual(32);
    expect([points[0]?.n, points.at(-1)?.n]).toEqual([0, 900]);
  });
});
