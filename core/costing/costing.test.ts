import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { minor } from "../units";
import { costOf, earningAt, MarginTooLarge, priceFor, shareOut, type ChannelFees, type CostLine } from ".";

const words = { hours: "1 h", wage: "€12", overhead: "€2" };
const line = (exact: number): CostLine => ({ kind: "yarn", label: "yarn", exact, how: "" });
const none: ChannelFees = { label: "stall", percentBp: 0, fixed: minor(0) };

describe("cost", () => {
  it("is material, time and overhead, to the cent", () => {
    const c = costOf([line(85.4), line(19.8), { ...line(14.6), kind: "packaging" }], { seconds: 2700, wagePerHour: minor(1200), overheadPerHour: minor(200) }, words);
    // 85.4 + 19.8 + 14.6 = 119.8; 0.75 h × 1200 = 900; 0.75 h × 200 = 150; together 1169.8 → 1170.
    expect(c.total).toBe(1170);
    expect(c.wage).toBe(900);
    expect(c.material + c.wage + c.overhead).toBe(c.total);
  });
  it("shares a sum out so that the shown lines add up (largest remainder)", () => {
    expect(shareOut(minor(10), [3.4, 3.3, 3.3])).toEqual([4, 3, 3]);
    fc.assert(fc.property(fc.array(fc.double({ min: 0, max: 5000, noNaN: true }), { minLength: 1, maxLength: 12 }), (list) => {
      const total = minor(list.reduce((a, b) => a + b, 0));
      const shares = shareOut(total, list);
      expect(shares.reduce((a, b) => a + b, 0)).toBe(total);
      shares.forEach((s, i) => expect(Math.abs(s - (list[i] ?? 0))).toBeLessThanOrEqual(1.5));
    }), { seed: 3 });
  });
});

describe("price", () => {
  const cost = costOf([line(400)], { seconds: 3600, wagePerHour: minor(1000), overheadPerHour: minor(100) }, words); // 15.00
  it("margin on price: 15.00 at 25 % margin is 20.00 (mark-up and margin as in any management-accounting text; from memory)", () => {
    expect(priceFor(cost, none, 2500, []).exact).toBe(2000);
  });
  it("carries percentage and fixed fees: (15.00 + 0.30) ÷ (1 − 0.05 − 0.10) = 18.00", () => {
    const p = priceFor(cost, { label: "shop", percentBp: 500, fixed: minor(30) }, 1000, []);
    expect(p.exact).toBe(1800);
  });
  it("is raised to a price point, and knows the floor", () => {
    const p = priceFor(cost, none, 1000, [0, 50]);
    expect([p.exact, p.suggested, p.floor]).toEqual([1667, 1700, 500]);
  });
  it("refuses fees and margin that take the whole price, with the numbers", () => {
    expect(() => priceFor(cost, { label: "x", percentBp: 6000, fixed: minor(0) }, 4000, [])).toThrow(MarginTooLarge);
  });
  it("pays everything it promises, at any fees and margin", () => {
    fc.assert(fc.property(fc.integer({ min: 1, max: 100_000 }), fc.integer({ min: 0, max: 4000 }), fc.integer({ min: 0, max: 500 }), fc.integer({ min: 0, max: 4000 }), (c, bp, fixed, margin) => {
      const made = costOf([line(c)], { seconds: 600, wagePerHour: minor(1200), overheadPerHour: minor(0) }, words);
      const fees = { label: "x", percentBp: bp, fixed: minor(fixed) };
      const { exact } = priceFor(made, fees, margin, []);
      const e = earningAt(exact, made, fees, 600);
      expect(e.profit).toBeGreaterThanOrEqual(Math.floor((exact * margin) / 10_000) - 1);
    }), { seed: 4 });
  });
});

describe("what an hour earns", () => {
  it("backwards from the market price", () => {
    // 9.00 − 5 % − 0.20 fee − 2.60 material and overhead = 5.75 for 30 minutes → 11.50 an hour.
    const cost = costOf([line(250)], { seconds: 1800, wagePerHour: minor(1000), overheadPerHour: minor(20) }, words);
    const e = earningAt(minor(900), cost, { label: "x", percentBp: 500, fixed: minor(20) }, 1800);
    expect([e.fees, e.forTime, e.perHour]).toEqual([65, 575, 1150]);
  });
  it("does not exist where no time is known", () => {
    const cost = costOf([line(250)], { seconds: 0, wagePerHour: minor(1000), overheadPerHour: minor(20) }, words);
    expect(earningAt(minor(900), cost, none, 0).perHour).toBeUndefined();
  });
});
