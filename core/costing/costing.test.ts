import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { minor } from "../units";
import {
  BARE_SALE,
  costOf,
  earningAt,
  paysHour,
  priceFor as pricing,
  saleAt,
  shareOut,
  makingOf,
  type Channel,
  type Cost,
  type CostLine,
  type Pricing,
  type Selling,
} from ".";

const words = { hours: "1 h", wage: "€12", overhead: "€2" };
const line = (exact: number): CostLine => ({ kind: "yarn", label: "yarn", exact, how: "" });
const none = BARE_SALE;
const sold = (channel: Partial<Channel>, more: Partial<Selling> = {}): Selling => ({
  ...BARE_SALE,
  ...more,
  channel: { ...BARE_SALE.channel, ...channel },
});
/** A price that exists. */
function priceFor(
  cost: Cost,
  seconds: number,
  s: Selling,
  margin: number,
  points: readonly number[],
): Pricing {
  const p = pricing(cost, seconds, s, margin, points);
  if (!p) throw new Error("no price pays this");
  return p;
}

describe("cost", () => {
  it("is material, time and overhead, to the cent", () => {
    const c = costOf(
      [line(85.4), line(19.8), { ...line(14.6), kind: "packaging" }],
      { seconds: 2700, wagePerHour: minor(1200), overheadPerHour: minor(200) },
      words,
    );
    // 85.4 + 19.8 + 14.6 = 119.8; 0.75 h × 1200 = 900; 0.75 h × 200 = 150; together 1169.8 → 1170.
    expect(c.total).toBe(1170);
    expect(c.wage).toBe(900);
    expect(c.material + c.wage + c.overhead).toBe(c.total);
  });
  it("shares a sum out so that the shown lines add up (largest remainder)", () => {
    expect(shareOut(minor(10), [3.4, 3.3, 3.3])).toEqual([4, 3, 3]);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 5000, noNaN: true }), { minLength: 1, maxLength: 12 }),
        (list) => {
          const total = minor(list.reduce((a, b) => a + b, 0));
          const shares = shareOut(total, list);
          expect(shares.reduce((a, b) => a + b, 0)).toBe(total);
          shares.forEach((s, i) => expect(Math.abs(s - (list[i] ?? 0))).toBeLessThanOrEqual(1.5));
        },
      ),
      { seed: 3 },
    );
  });
});

describe("price", () => {
  const cost = costOf(
    [line(400)],
    { seconds: 3600, wagePerHour: minor(1000), overheadPerHour: minor(100) },
    words,
  ); // 15.00
  it("margin on price: 15.00 at 25 % margin is 20.00 (mark-up and margin as in any management-accounting text; from memory)", () => {
    expect(priceFor(cost, 3600, none, 0.25, []).exact).toBe(2000);
  });
  it("carries percentage and fixed fees: (15.00 + 0.30) ÷ (1 − 0.05 − 0.10) = 18.00", () => {
    const p = priceFor(cost, 3600, sold({ percentFees: [0.05], fixedPerSale: 30 }), 0.1, []);
    expect(p.exact).toBe(1800);
  });
  it("is raised to a price point, and knows the floor", () => {
    const p = priceFor(cost, 3600, none, 0.1, [0, 50]);
    expect([p.exact, p.suggested, p.floor]).toEqual([1667, 1700, 500]);
  });
  it("is none where fees, tax and margin take the whole price", () => {
    expect(pricing(cost, 3600, sold({ percentFees: [0.35, 0.25] }), 0.4, [])).toBeUndefined();
    expect(
      pricing(cost, 3600, sold({ percentFees: [0.3], tax: { rate: 0.25, included: true } }), 0.65, []),
    ).toBeUndefined();
  });
  it("carries tax, fees that stack, a sale of several pieces, a stall and pieces that fail (worked by hand)", () => {
    // Of 20 made 16 pass and the others bring 2.00 each: 15.00 ÷ 0.8 − 2.00 × 0.2 ÷ 0.8 = 18.25.
    // Fixed: 0.30 ÷ 1.5 + 40.00 ÷ 50 = 1.00. Of each unit 1 ÷ 1.25 − 0.05 − 0.11 = 0.64 is kept: 19.25 ÷ 0.64
    // = 30.08.
    const s = sold(
      {
        percentFees: [0.05, 0.11],
        fixedPerSale: 30,
        piecesPerSale: 1.5,
        stallFee: 4000,
        expectedPieces: 50,
        tax: { rate: 0.25, included: true },
      },
      { yield: 0.8, secondBrings: 200 },
    );
    expect(priceFor(cost, 3600, s, 0, []).exact).toBe(3008);
    const e = earningAt(minor(3008), cost, { seconds: 3600 }, s);
    // 30.08: tax 6.02, fees 0.16 × 30.08 + 1.00 = 5.81, left for time what is left of 18.25 at break-even: 12.50 for 1.25 h.
    expect([e.tax, e.fees, e.profit, e.perHour]).toEqual([602, 581, 0, 1000]);
    expect(e.customerPays - e.tax - e.fees - cost.material - cost.overhead - e.failed).toBe(e.forTime);
  });
  it("with tax on top the customer pays more than the price", () => {
    const s = sold({ percentFees: [0.1], tax: { rate: 0.2, included: false } });
    const e = earningAt(minor(2000), cost, { seconds: 3600 }, s);
    expect([e.customerPays, e.tax, e.fees, e.profit]).toEqual([2400, 400, 240, 260]);
  });
  it("is the same as the plain sale of the command line, to a cent", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 9000 }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        fc.double({ min: 0.4, max: 1, noNaN: true }),
        (price, fee, passes) => {
          const s = sold({ percentFees: [fee], tax: { rate: 0.19, included: true } }, { yield: passes });
          const e = earningAt(minor(price), cost, { seconds: 3600 }, s);
          const plain = saleAt(price, makingOf(cost, 3600, s), s.channel);
          expect(Math.abs(e.profit - plain.left)).toBeLessThan(3);
          expect(Math.abs((e.perHour ?? 0) - (plain.perHour ?? 0))).toBeLessThan(3);
          expect(Math.abs((e.contributionPerHour ?? 0) - (plain.contributionPerHour ?? 0))).toBeLessThan(3);
        },
      ),
      { seed: 22 },
    );
  });
  it("shows fees and tax that come to whole cents as they are, whatever a piece costs", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 900 }),
        fc.integer({ min: 60, max: 9000 }),
        fc.constantFrom(0.8, 0.87, 0.93),
        (material, seconds, passes) => {
          const made = costOf(
            [line(material + 0.37)],
            { seconds, wagePerHour: minor(1130), overheadPerHour: minor(250) },
            words,
          );
          // Of 24.00: a sixth is tax; 1.5 % and 8.5 % of it and 60.00 shared by 40 pieces are fees.
          const tax = { rate: 0.2, included: true };
          const stall = { percentFees: [0.015, 0.085], stallFee: 6000, expectedPieces: 40, tax };
          const s = sold(stall, { yield: passes, secondBrings: 500 });
          const e = earningAt(minor(2400), made, { seconds }, s);
          expect([e.fees, e.tax]).toEqual([390, 400]);
          expect(e.fees + e.tax + e.failed + made.material + made.overhead + e.forTime).toBe(2400);
        },
      ),
      { seed: 15 },
    );
  });
  it("pays everything it promises, at any fees and margin", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 100_000 }),
        fc.integer({ min: 0, max: 4000 }),
        fc.integer({ min: 0, max: 500 }),
        fc.integer({ min: 0, max: 4000 }),
        (c, bp, fixed, margin) => {
          const made = costOf(
            [line(c)],
            { seconds: 600, wagePerHour: minor(1200), overheadPerHour: minor(0) },
            words,
          );
          const s = sold({ percentFees: [bp / 10_000], fixedPerSale: fixed });
          const { exact } = priceFor(made, 600, s, margin / 10_000, []);
          const e = earningAt(exact, made, { seconds: 600 }, s);
          expect(e.profit).toBeGreaterThanOrEqual(Math.floor((exact * margin) / 10_000) - 1);
        },
      ),
      { seed: 4 },
    );
  });
});

describe("what an hour earns", () => {
  it("backwards from the market price", () => {
    // 9.00 − 5 % − 0.20 fee − 2.60 material and overhead = 5.75 for 30 minutes → 11.50 an hour.
    const cost = costOf(
      [line(250)],
      { seconds: 1800, wagePerHour: minor(1000), overheadPerHour: minor(20) },
      words,
    );
    const s = sold({ percentFees: [0.05], fixedPerSale: 20 });
    const e = earningAt(minor(900), cost, { seconds: 1800 }, s);
    expect([e.fees, e.forTime, e.perHour]).toEqual([65, 575, 1150]);
  });
  it("does not exist where no time is known", () => {
    const cost = costOf(
      [line(250)],
      { seconds: 0, wagePerHour: minor(1000), overheadPerHour: minor(20) },
      words,
    );
    expect(earningAt(minor(900), cost, { seconds: 0 }, none).perHour).toBeUndefined();
  });
});

describe("how sure a cost is", () => {
  const ranged = (kind: CostLine["kind"], exact: number, half: number): CostLine => ({
    kind,
    label: kind,
    exact,
    low: exact - half,
    high: exact + half,
    how: "",
  });
  const labour = (seconds: number, half: number) => ({
    seconds,
    low: seconds - half,
    high: seconds + half,
    wagePerHour: minor(3600),
    overheadPerHour: minor(0),
  });
  it("is exact when nothing is unsure", () => {
    const c = costOf(
      [line(250)],
      { seconds: 600, wagePerHour: minor(1200), overheadPerHour: minor(0) },
      words,
    );
    expect([c.low, c.total, c.high]).toEqual([450, 450, 450]);
  });
  it("yarns of one hand err together; yarn, filling and time each on their own (propagation of independent errors: root of the sum of squares, as in any physics primer)", () => {
    // Yarns: 20 + 10 = 30 together; time: 40 a side. √(30² + 40²) = 50.
    const c = costOf([ranged("yarn", 200, 20), ranged("yarn", 100, 10)], labour(400, 40), words);
    expect([c.low, c.total, c.high]).toEqual([650, 700, 750]);
    // With filling of 120 a side: √(30² + 40² + 120²) = 130.
    const filled = costOf(
      [ranged("yarn", 200, 20), ranged("yarn", 100, 10), ranged("filling", 300, 120)],
      labour(400, 40),
      words,
    );
    expect([filled.low, filled.high]).toEqual([1000 - 130, 1000 + 130]);
  });
  it("time carries wage and overhead alike", () => {
    const c = costOf([], { ...labour(3600, 360), overheadPerHour: minor(400) }, words);
    expect([c.low, c.total, c.high]).toEqual([3600, 4000, 4400]);
  });
  it("never falls below nothing, and the value lies within", () => {
    const l = fc.record({
      kind: fc.constantFrom("yarn", "filling", "notion", "packaging"),
      label: fc.constant("x"),
      how: fc.constant(""),
      exact: fc.double({ min: 0, max: 3000, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(l, fc.double({ min: 0, max: 2, noNaN: true })), { maxLength: 8 }),
        (list) => {
          const c = costOf(
            list.map(
              ([x, half]) => ({ ...x, low: x.exact * (1 - half), high: x.exact * (1 + half) }) as CostLine,
            ),
            labour(100, 90),
            words,
          );
          expect(c.low).toBeGreaterThanOrEqual(0);
          expect(c.low).toBeLessThanOrEqual(c.total);
          expect(c.high).toBeGreaterThanOrEqual(c.total);
        },
      ),
    );
  });
  it("goes on into the price and into what an hour earns", () => {
    const c = costOf([ranged("yarn", 300, 30)], labour(400, 40), words);
    const p = priceFor(c, 400, sold({ percentFees: [0.05] }), 0.15, []);
    expect([p.low, p.exact, p.high]).toEqual([Math.ceil(650 / 0.8), 875, Math.ceil(750 / 0.8)]);
    const sure = earningAt(minor(900), c, { seconds: 400 }, none);
    expect([sure.perHourLow, sure.perHour, sure.perHourHigh]).toEqual([5400 - 270, 5400, 5400 + 270]);
    const slow = earningAt(minor(900), c, { seconds: 400, low: 360, high: 440 }, none);
    // 600 left for 440 s is 4,909 an hour, for 360 s 6,000; yarn is 270 a side: √(491² + 270²) and √(600² +
    // 270²).
    expect(slow.perHourLow).toBe(Math.round(5400 - Math.hypot(5400 - (600 * 3600) / 440, 270)));
    expect(slow.perHourHigh).toBe(Math.round(5400 + Math.hypot(600, 270)));
  });
});

describe("does the price pay her hour", () => {
  it("is told by the whole cost to the cent, never by the rounded hour", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4000 }),
        fc.integer({ min: 60, max: 9000 }),
        fc.integer({ min: 0, max: 2500 }),
        fc.constantFrom(0, 0.07, 0.19, 0.25),
        fc.constantFrom(1, 0.97, 0.8),
        (material, seconds, wage, rate, passes) => {
          const labour = { seconds, wagePerHour: minor(wage), overheadPerHour: minor(0) };
          const cost = costOf([line(material)], labour, words);
          const s = sold(
            {
              percentFees: [0.065, 0.01],
              fixedPerSale: 20,
              piecesPerSale: 3,
              tax: { rate, included: rate > 0.1 },
            },
            { yield: passes, secondBrings: 40 },
          );
          const { exact } = priceFor(cost, seconds, s, 0, []);
          expect(paysHour(earningAt(exact, cost, labour, s))).toBe(true);
          expect(paysHour(earningAt(minor(exact - 3), cost, labour, s))).toBe(false);
          const e = earningAt(exact, cost, labour, s);
          expect(e.customerPays - e.tax - e.fees - cost.material - cost.overhead - e.failed).toBe(e.forTime);
        },
      ),
      { seed: 21 },
    );
  });
  it("is no where no time is known", () =>
    expect(paysHour({ perHour: undefined, profit: minor(5) })).toBe(false));
});
