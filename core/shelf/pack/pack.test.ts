import fc from "fast-check";
import loadHighs from "highs";
import { describe, expect, it } from "vitest";
import { CannotBePacked, packCrate, worthOfMore, type Packable, type PackInput } from ".";
import { atLeast, expectedSales } from "./demand";
import { problemOf } from "./problem";

const item = (over: Partial<Packable> = {}): Packable => ({
  id: "puffin",
  price: 1500,
  unitCost: 400,
  carry: 300,
  minutes: 45,
  onHand: 0,
  demand: { mean: 8, dispersion: 4 },
  ...over,
});

describe("chances of demand", () => {
  it("the negative binomial has its mean, and the variance mean + mean² ÷ dispersion", () => {
    for (const [mean, dispersion] of [
      [8, 4],
      [0.7, 0.3],
      [40, 1e6],
      [900, 5],
    ] as const) {
      const tail = atLeast({ mean, dispersion }, 40_000);
      // E[D] = Σ P(D ≥ k); E[D²] = Σ (2k − 1) P(D ≥ k).
      let [m, square] = [0, 0];
      for (let k = 1; k < tail.length; k++) {
        m += tail[k] ?? 0;
        square += (2 * k - 1) * (tail[k] ?? 0);
      }
      expect(m / mean).toBeCloseTo(1, 4);
      expect((square - m ** 2) / (mean + mean ** 2 / dispersion)).toBeCloseTo(1, 3);
    }
  });
  it("sales are what is asked for, as far as there is some; worked by hand", () => {
    const tail = atLeast({ pmf: [0.2, 0.3, 0.5] }, 4);
    [1, 0.8, 0.5, 0, 0].forEach((x, k) => expect(tail[k]).toBeCloseTo(x, 12));
    [0, 0.8, 1.3, 1.3, 1.3].forEach((x, b) => expect(expectedSales(tail)[b]).toBeCloseTo(x, 12));
  });
});

describe("one item with hours to spare is the newsvendor", () => {
  // Critical ratio (p − u) ÷ (p − carry): textbooks of inventory, from memory (Silver, Pyke, Peterson,
  // chapter 10).
  it.each([
    [1500, 400, 300],
    [2000, 1500, 100],
    [900, 200, 0],
  ])("price %i, cost %i, carry %i", (price, unitCost, carry) => {
    const x = item({ price, unitCost, carry });
    const { items } = packCrate({ hours: 10_000, items: [x] });
    const tail = atLeast(x.demand, 200);
    const ratio = (price - unitCost) / (price - carry);
    // The least q with P(D ≤ q) ≥ ratio.
    let q = 0;
    while (1 - (tail[q + 1] ?? 0) < ratio) q++;
    expect([items[0]?.make, items[0]?.bring]).toEqual([q, q]);
    expect(items[0]?.nextWorth).toBeLessThanOrEqual(1e-9);
  });
});

/** Every plan there is: makes and brings of each item, the formula as it stands. */
function bruteForce({ hours, crate = Infinity, items }: PackInput): number {
  let best = -Infinity;
  const walk = (i: number, minutes: number, places: number, profit: number) => {
    const x = items[i];
    if (!x) {
      best = Math.max(best, profit);
      return;
    }
    const most = Math.floor((hours * 60 - minutes) / x.minutes + 1e-9);
    const tail = atLeast(x.demand, 60);
    for (let make = 0; make <= most; make++)
      for (
        let bring = x.min ?? 0;
        bring <= Math.min(x.onHand + make, x.max ?? Infinity, crate - places);
        bring++
      ) {
        const sold = Array.from({ length: bring }, (_, k) => tail[k + 1] ?? 0).reduce((a, b) => a + b, 0);
        const worth = x.price * sold + x.carry * (x.onHand + make - sold) - x.unitCost * make;
        walk(i + 1, minutes + make * x.minutes, places + bring, profit + worth);
      }
  };
  walk(0, 0, 0, 0);
  return best;
}

const drawnItem = fc.record({
  price: fc.integer({ min: 100, max: 3000 }),
  unitCost: fc.integer({ min: 0, max: 1500 }),
  carry: fc.integer({ min: 0, max: 1000 }),
  minutes: fc.integer({ min: 15, max: 90 }),
  onHand: fc.integer({ min: 0, max: 3 }),
  min: fc.option(fc.integer({ min: 0, max: 1 }), { nil: undefined }),
  max: fc.option(fc.integer({ min: 1, max: 5 }), { nil: undefined }),
  demand: fc.oneof(
    fc.record({
      mean: fc.double({ min: 0.2, max: 6, noNaN: true }),
      dispersion: fc.double({ min: 0.3, max: 20, noNaN: true }),
    }),
    fc.constant({ pmf: [0.1, 0.2, 0.3, 0.4] }),
  ),
});
const drawn = (most: number, hours: number) =>
  fc.record({
    hours: fc.double({ min: 0, max: hours, noNaN: true }),
    crate: fc.option(fc.integer({ min: 0, max: 12 }), { nil: undefined }),
    items: fc
      .array(drawnItem, { minLength: 1, maxLength: most })
      .map((list) => list.map((x, i): Packable => ({ ...x, id: `i${i}` }))),
  });

function kept(input: PackInput, got: ReturnType<typeof packCrate>) {
  expect(got.hoursUsed).toBeLessThanOrEqual(input.hours + 1e-6);
  expect(got.items.reduce((s, x) => s + x.bring, 0)).toBeLessThanOrEqual(input.crate ?? Infinity);
  let profit = 0;
  got.items.forEach((x, i) => {
    const of = input.items[i] as Packable;
    expect(x.bring).toBeLessThanOrEqual(of.onHand + x.make);
    expect(x.bring).toBeGreaterThanOrEqual(of.min ?? 0);
    expect(x.bring).toBeLessThanOrEqual(of.max ?? Infinity);
    profit +=
      of.price * x.expectedSold + of.carry * (of.onHand + x.make - x.expectedSold) - of.unitCost * x.make;
  });
  expect(got.expectedProfit).toBeCloseTo(profit, 6);
  expect(got.bound).toBeGreaterThanOrEqual(got.expectedProfit - 1e-6);
}

describe("the best use of hours and crate", () => {
  it("is the best of every plan there is", () => {
    fc.assert(
      fc.property(drawn(3, 4), (input) => {
        const best = bruteForce(input);
        if (best === -Infinity) {
          expect(() => packCrate(input)).toThrow(CannotBePacked);
          return;
        }
        const got = packCrate(input);
        kept(input, got);
        expect(got.expectedProfit).toBeCloseTo(best, 6);
      }),
      { numRuns: 120, seed: 40 },
    );
  });
  it("agrees with HiGHS on markets of a dozen items", async () => {
    const highs = await loadHighs();
    const inputs = fc.sample(
      fc.record({
        hours: fc.double({ min: 5, max: 40, noNaN: true }),
        crate: fc.option(fc.integer({ min: 10, max: 60 }), { nil: undefined }),
        items: fc
          .array(drawnItem, { minLength: 8, maxLength: 12 })
          .map((list) =>
            list.map((x, i): Packable => ({ ...x, min: undefined, max: undefined, id: `i${i}` })),
          ),
      }),
      { numRuns: 12, seed: 41 },
    );
    let proven = 0;
    for (const input of inputs) {
      const p = problemOf(input);
      const name = (c: number, o: number) => `x${c}_${o}`;
      const terms = (pick: (o: (typeof p.choices)[number]["options"][number]) => number) =>
        p.choices
          .flatMap((c, i) => c.options.map((o, k) => `+ ${pick(o).toFixed(9)} ${name(i, k)}`))
          .join(" ");
      const ones = p.choices.map(
        (c, i) => `c${i}: ${c.options.map((_, k) => `+ ${name(i, k)}`).join(" ")} = 1`,
      );
      const places = input.crate === undefined ? [] : [`places: ${terms((o) => o.crate)} <= ${input.crate}`];
      const solved = highs.solve(
        `Maximize obj: ${terms((o) => o.worth)}\nSubject To\n${[...ones, `time: ${terms((o) => o.minutes)} <= ${p.minutes.toFixed(9)}`, ...places].join("\n")}\nBinary\n${p.choices.flatMap((c, i) => c.options.map((_, k) => name(i, k))).join(" ")}\nEnd`,
        { mip_rel_gap: 1e-9, time_limit: 20 },
      );
      if (solved.Status !== "Optimal") continue;
      proven++;
      const got = packCrate(input);
      kept(input, got);
      expect(got.expectedProfit / (solved.ObjectiveValue + p.base)).toBeCloseTo(1, 6);
    }
    expect(proven).toBeGreaterThanOrEqual(10);
  });
  it("makes beyond what it brings where a leftover is worth more than it costs", () => {
    const got = packCrate({ hours: 3, crate: 0, items: [item({ carry: 500, unitCost: 400, minutes: 60 })] });
    expect(got.items[0]).toMatchObject({ make: 3, bring: 0, expectedSold: 0 });
    expect(got.expectedProfit).toBeCloseTo(300, 9);
  });
  it("what must be there goes first; what cannot be is told", () => {
    const items = [item({ id: "a", price: 5000 }), item({ id: "b", price: 500, min: 2 })];
    expect(packCrate({ hours: 3, items }).items.map((x) => x.make)).toEqual([2, 2]);
    expect(() => packCrate({ hours: 1, items })).toThrow(/b has to be brought 2 times, and 1 is the most/);
    expect(() => packCrate({ hours: 2, items: items.map((x) => ({ ...x, min: 2 })) })).toThrow(
      CannotBePacked,
    );
  });
  it("an hour is worth nothing where nothing is short", () => {
    const plenty = { hours: 1000, items: [item()] };
    const profit = (x: PackInput) => packCrate(x).expectedProfit;
    const more = (x: PackInput) => worthOfMore(x, profit(x), profit);
    expect(more(plenty)).toEqual({ hour: 0, place: 0 });
    const short = { hours: 4, items: [item()] };
    expect(more(short).hour).toBeGreaterThan(0);
  });
});
