import { readFileSync } from "node:fs";
import fc from "fast-check";
import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { describe, expect, it } from "vitest";
import { checkPattern } from "../notation";
import {
  chanceShort,
  expectedWeight,
  reserveCurve,
  reserveOf,
  skillOf,
  turnsFor,
  weighKit,
  windingOf,
  type Packed,
} from "./index";

/** Normal draws by Box and Muller, for strangers' hands. */
function normals(seed: number): () => number {
  const rng = xoroshiro128plus(seed);
  return () => {
    const u = Math.max(1e-12, uniformFloat64(rng));
    return Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * uniformFloat64(rng));
  };
}

describe("the reserve of a kit", () => {
  const COLOURS = [
    { amount: 5.4, sigma: 0.05 },
    { amount: 1.2, sigma: 0.08 },
    { amount: 0.9, sigma: 0.1 },
  ];
  it.each([
    [0.01, false],
    [0.01, true],
    [0.05, false],
    [0.2, true],
  ])("lets %s of strangers run out (hook in the kit: %s), by 60,000 drawn buyers", (chance, hookInKit) => {
    const q = { colours: COLOURS, chance, hookInKit };
    const r = reserveOf(q);
    const draw = normals(7);
    const BUYERS = 60_000;
    let short = 0;
    for (let n = 0; n < BUYERS; n++) {
      const hand = r.strangers * draw();
      if (
        COLOURS.some(
          (c, k) => c.amount * Math.exp(hand + Math.hypot(c.sigma, 0.02) * draw()) > (r.amounts[k] ?? 0),
        )
      )
        short++;
    }
    const error = 4 * Math.sqrt((chance * (1 - chance)) / BUYERS);
    expect(Math.abs(short / BUYERS - chance)).toBeLessThan(error);
  });
  it("of one colour without doubt of its own is the log-normal's quantile", () => {
    // Table of the normal distribution: 99 % lie below 2.326 (handbook value).
    const r = reserveOf({ colours: [{ amount: 10, sigma: 0 }], chance: 0.01, hookInKit: false });
    expect(r.amounts[0]).toBeCloseTo(10 * Math.exp(2.3263 * Math.hypot(0.13, 0.02)), 2);
  });
  it("is less with the hook in the kit, more for a smaller chance, and scales with the piece", () => {
    const base = { colours: COLOURS, chance: 0.01, hookInKit: false };
    expect(reserveOf({ ...base, hookInKit: true }).share).toBeLessThan(reserveOf(base).share);
    expect(reserveOf({ ...base, chance: 0.001 }).share).toBeGreaterThan(reserveOf(base).share);
    const twice = reserveOf({ ...base, colours: COLOURS.map((c) => ({ ...c, amount: 2 * c.amount })) });
    expect(twice.amounts[0]).toBeCloseTo(2 * (reserveOf(base).amounts[0] ?? 0), 6);
    expect(() => reserveOf({ ...base, chance: 0 })).toThrow(RangeError);
  });
  it("has a curve that falls", () => {
    const curve = reserveCurve({ colours: COLOURS, hookInKit: false });
    for (let i = 1; i < curve.length; i++) {
      expect(curve[i]?.chance).toBeLessThan(curve[i - 1]?.chance ?? 0);
      expect(curve[i]?.share).toBeGreaterThan(curve[i - 1]?.share ?? 9);
    }
    expect(chanceShort(-8, { colours: COLOURS, chance: 0.5, hookInKit: false })).toBeGreaterThan(0.999);
  });
});

describe("winding", () => {
  const arbitrary = fc.record({
    each: fc.integer({ min: 500, max: 9000 }),
    kits: fc.integer({ min: 1, max: 30 }),
    balls: fc.array(
      fc.record({
        mg: fc.integer({ min: 0, max: 50_000 }),
        opened: fc.boolean(),
        lot: fc.constantFrom("a", "b"),
      }),
      { maxLength: 12 },
    ),
  });
  it("makes as many kits as balls can hold, takes no more than is there, and opens the fewest balls", () => {
    fc.assert(
      fc.property(arbitrary, ({ each, kits, balls }) => {
        const list = balls.map((b, i) => ({ ...b, id: String(i).padStart(2, "0") }));
        const w = windingOf(each, kits, list);
        const made = w.steps.reduce((s, x) => s + x.kits, 0);
        // Plain: all balls hold the floor of their share.
        const most = list.reduce((s, b) => s + Math.floor(b.mg / each), 0);
        expect(made).toBe(Math.min(kits, most));
        expect(made + w.missing).toBe(kits);
        for (const s of w.steps) expect(s.left).toBeGreaterThanOrEqual(-1e-6);
        // Plain: with all opened ones used, the fullest new balls first are the fewest.
        const opened = list.filter((b) => b.opened).reduce((s, b) => s + Math.floor(b.mg / each), 0);
        let need = Math.min(kits, most) - Math.min(opened, kits);
        let fewest = 0;
        for (const n of list
          .filter((b) => !b.opened)
          .map((b) => Math.floor(b.mg / each))
          .sort((a, b) => b - a)) {
          if (need <= 0) break;
          need -= n;
          fewest++;
        }
        expect(w.steps.filter((s) => !list.find((b) => b.id === s.ballId)?.opened).length).toBe(fewest);
      }),
      { numRuns: 300 },
    );
  });
  it("counts whole turns and never too few", () => {
    expect(turnsFor(12_000, 600)).toBe(20);
    expect(turnsFor(12_001, 600)).toBe(21);
    expect(() => turnsFor(1000, 0)).toThrow(RangeError);
  });
});

describe("the packed kit on the scale", () => {
  const KIT: readonly Packed[] = [
    { what: "slate yarn", count: 1, gramsEach: 7.4, sigmaEach: 0.1 },
    { what: "eyes with washers", count: 2, gramsEach: 0.36, sigmaEach: 0.02 },
    { what: "filling", count: 1, gramsEach: 4, sigmaEach: 0.1 },
    { what: "marker", count: 1, gramsEach: 0.2, sigmaEach: 0.02 },
  ];
  it("passes when all is there, and says what may be missing when it is not", () => {
    expect(weighKit(12.32, KIT, 0.1).ok).toBe(true);
    const noEyes = weighKit(12.32 - 0.72, KIT, 0.1);
    expect(noEyes).toMatchObject({ ok: false });
    expect(noEyes.ok ? [] : noEyes.perhaps).toContain("all 2 of: eyes with washers");
    expect(weighKit(12.32 - 7.4, KIT, 0.1)).toMatchObject({ ok: false, perhaps: ["slate yarn"] });
  });
  it("says what it cannot see", () => {
    // By hand: variance 0.01 + 2 × 0.0004 + 0.01 + 0.0004 + 0.1² ÷ 12 = 0.02203; × 2.576 = 0.382 g.
    const w = expectedWeight(KIT, 0.1);
    expect(w.tolerance).toBeCloseTo(0.3824, 3);
    expect(w.unseen).toEqual(["marker"]);
  });
});

describe("what a kit asks of its buyer", () => {
  const of = (name: string) => skillOf(checkPattern(readFileSync(`demo/patterns/${name}.txt`, "utf8")), "us");
  it("is told from the text", () => {
    expect(of("puffin").explains.join(" ")).toMatch(/Changing colour within a round/);
    expect(of("puffin").explains.join(" ")).toMatch(/Sewing on 5 parts/);
    expect(of("lighthouse").explains.join(" ")).toMatch(/one loop only/);
    expect(["first steps", "easy"]).toContain(of("buoy").level);
    expect(["some practice", "practised"]).toContain(of("puffin").level);
  });
});
