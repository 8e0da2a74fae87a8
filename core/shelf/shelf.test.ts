import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { randomFrom } from "../calibrate/simulated-makers";
import { saleAt } from "../costing";
import {
  adviseDay,
  adviseDayAndMore,
  overHorizon,
  worthOfMaking,
  type Sellable,
  type SellingDay,
} from "./advice";
import { countChances } from "./demand/counts";
import { fitInto, restock } from "./restock";
import { bundled, stallState, type StallAct } from "./stall";
import { advised, clairvoyant, earnedBy, equalShares, stallWorld, whatSoldOut } from "./stall-worlds";
import { takingsByLine, takingsOf, type Sold } from "./takings";
import { AS_IT_IS, levers, whatIf, type Base } from "./what-if";
import { betaQuantile, passOf, piecesToPass, yieldOf } from "./yield";

const sold = (over: Partial<Sold> = {}): Sold => ({
  customer: "a",
  quantity: 1,
  taken: 1650,
  feeBp: 150,
  fixedFee: 30,
  taxBp: 1900,
  taxIncluded: true,
  ...over,
});

describe("what sales came to", () => {
  it("agrees with what one sale was reckoned to leave before it was made", () => {
    const one = takingsOf([sold()]);
    const planned = saleAt(
      1650,
      { materials: 0, minutes: 0, wagePerHour: 0, overheadPerHour: 0, packaging: 0, yield: 1 },
      {
        percentFees: [0.015],
        fixedPerSale: 30,
        piecesPerSale: 1,
        stallFee: 0,
        expectedPieces: 1,
        tax: { rate: 0.19, included: true },
      },
    );
    expect(one.tax).toBe(Math.round(planned.tax));
    expect(one.fees).toBe(Math.round(planned.fees));
    expect(one.kept).toBe(one.paid - one.tax - one.fees);
  });

  it("takes what is paid a sale once a customer, and tax on top where it is on top", () => {
    const both = takingsOf([sold(), sold({ taken: 900 })]);
    expect([both.customers, both.pieces]).toEqual([1, 2]);
    expect(both.fees).toBe(Math.round(2550 * 0.015) + 30);
    const top = takingsOf([sold({ taxIncluded: false, taken: 1000, feeBp: 0, fixedFee: 0 })]);
    expect([top.paid, top.tax, top.kept]).toEqual([1190, 190, 1000]);
  });

  it("lines of a customer add up to the customer, to the cent; a sale and its return cancel but for what is paid a sale", () => {
    const line = fc.record({
      customer: fc.constantFrom("a", "b", "c"),
      quantity: fc.integer({ min: 1, max: 4 }),
      taken: fc.integer({ min: 0, max: 5000 }),
      feeBp: fc.constantFrom(0, 150),
      fixedFee: fc.constantFrom(0, 30),
      taxBp: fc.constantFrom(0, 700, 1900),
      taxIncluded: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 12 }), (lines) => {
        const whole = takingsOf(lines);
        const parts = [...takingsByLine(lines).values()];
        for (const k of ["pieces", "customers", "paid", "tax", "fees", "kept"] as const)
          expect(parts.reduce((s, p) => s + p[k], 0)).toBe(whole[k]);
        expect(whole.paid).toBe(whole.tax + whole.fees + whole.kept);
      }),
    );
    const back = takingsOf([sold(), sold({ customer: "b", quantity: -1, taken: -1650 })]);
    expect([back.pieces, back.paid, back.tax, back.fees]).toEqual([0, 0, 0, 30]);
  });
});

describe("the share that passes", () => {
  it("is the trade's before anything was counted, and hers as pieces come", () => {
    expect(yieldOf([]).share).toBeCloseTo(0.95);
    const much = yieldOf([{ passed: 160, seconds: 20, rejected: 20 }]);
    expect(much.share).toBeCloseTo(179 / 220, 9);
    expect(much.low).toBeLessThan(0.8);
    expect(much.high).toBeGreaterThan(0.83);
    expect(yieldOf([]).high - yieldOf([]).low).toBeGreaterThan(much.high - much.low);
  });

  it("so many of a run pass at least: by hand, in the binomial's limit, and against drawn shares", () => {
    // One piece, trade's prior: it passes in 19 of 20.
    expect(passOf(1, { passed: 0, failed: 0 })).toEqual({ expected: 0.95, atLeast: 1 });
    expect(passOf(1, { passed: 0, failed: 0 }, 0.96).atLeast).toBe(0);
    // Two: both in 19·20/(20·21) = 0.905.
    expect(passOf(2, { passed: 0, failed: 0 }, 0.904).atLeast).toBe(2);
    expect(passOf(2, { passed: 0, failed: 0 }, 0.906).atLeast).toBe(1);
    // Ever so many pieces seen: the binomial. P(X ≥ 9 of 10) at 0.95 is 0.914, of 10 it is 0.599.
    expect(passOf(10, { passed: 950_000, failed: 50_000 }).atLeast).toBe(9);
    const { next } = randomFrom(8);
    const drawn = Array.from({ length: 4000 }, () => {
      // A share from the Beta by its quantiles, then twelve pieces.
      const share = betaQuantile(Math.min(0.9999, next()), 30, 4);
      return Array.from({ length: 12 }, () => Number(next() < share)).reduce((x, y) => x + y, 0);
    }).sort((x, y) => x - y);
    expect(passOf(12, { passed: 11, failed: 3 }).atLeast).toBe(drawn[400]);
    expect(passOf(12, { passed: 11, failed: 3 }).expected).toBeCloseTo((12 * 30) / 34, 9);
  });
  it("so many are to be made that so many pass: the fewest, and none where nearly nothing passes", () => {
    for (const wanted of [1, 5, 12, 40]) {
      for (const seen of [
        { passed: 0, failed: 0 },
        { passed: 11, failed: 3 },
      ]) {
        const made = piecesToPass(wanted, seen) ?? 0;
        expect(passOf(made, seen).atLeast).toBeGreaterThanOrEqual(wanted);
        if (made > wanted) expect(passOf(made - 1, seen).atLeast).toBeLessThan(wanted);
      }
    }
    // Half of them fail, for certain: at least ten of 26 pass in 0.916 of all runs, of 25 in 0.885 (binomial).
    expect(piecesToPass(10, { passed: 500_000, failed: 500_000 })).toBe(26);
    expect(piecesToPass(10, { passed: 0, failed: 400 })).toBeUndefined();
    expect(piecesToPass(3, { passed: 9_000_000, failed: 0 })).toBe(3);
  });

  it("has the Beta distribution's own quantiles where these are known in closed form", () => {
    // Beta(1, n): 1 − (1 − p)^(1/n); Beta(n, 1): p^(1/n).
    for (const p of [0.05, 0.5, 0.95]) {
      expect(betaQuantile(p, 1, 6)).toBeCloseTo(1 - (1 - p) ** (1 / 6), 3);
      expect(betaQuantile(p, 9, 1)).toBeCloseTo(p ** (1 / 9), 3);
    }
  });
});

describe("when to bring more", () => {
  const base = { leadWeeks: 2, reviewWeeks: 2, margin: 900, idle: 100, there: 0, coming: 0, seen: 26 };

  it("is the textbook’s order point: mean + z × spread over the lead time, where demand is large and even", () => {
    // Poisson-like counts of mean 50 a week: over 2 weeks mean 100, spread 10; service 0.9 is z = 1.2816
    // (from memory).
    const got = restock({ ...base, asked: (weeks) => countChances(50 * weeks, 1e7) });
    expect(got.service).toBe(0.9);
    expect(Math.abs(got.point - (100 + 1.2816 * 10))).toBeLessThanOrEqual(1);
    expect(Math.abs(got.upTo - (200 + 1.2816 * Math.sqrt(200)))).toBeLessThanOrEqual(1);
  });

  it("brings up to the level once the point is reached, counting what is on its way, and nothing before", () => {
    const asked = (weeks: number) => countChances(1.2 * weeks, 4 * weeks);
    const { point, upTo } = restock({ ...base, asked });
    expect(restock({ ...base, asked, there: point + 1 }).bring).toBe(0);
    expect(restock({ ...base, asked, there: point }).bring).toBe(upTo - point);
    expect(restock({ ...base, asked, there: 1, coming: point }).bring).toBe(0);
    expect(restock({ ...base, asked, there: 3 }).lasts).toBeCloseTo(2.5, 1);
    expect(restock({ ...base, asked, there: 100 }).lasts).toBeUndefined();
  });

  it("brings of what is little known as much as is expected, and no more", () => {
    // Counts of mean 4 a week, very uncertain: up to the level that a sale's worth pays would be 40 and more.
    const asked = (weeks: number) => countChances(4 * weeks, 1);
    const [fresh, known] = [3, 26].map((seen) => restock({ ...base, asked, seen }));
    expect(fresh?.bring).toBeLessThanOrEqual(16);
    expect(known?.bring).toBeGreaterThan(30);
  });

  it("fits into the room there is, taking first from what would last the longest", () => {
    const rows = [
      { there: 2, bring: 7, weekly: 1.2 },
      { there: 0, bring: 5, weekly: 0.5 },
      { there: 4, bring: 0, weekly: 1 },
    ];
    expect(fitInto(rows, 20)).toEqual([7, 5, 0]);
    const got = fitInto(rows, 6);
    expect(got.reduce((a, b) => a + b, 0)).toBe(6);
    expect(Math.abs((2 + (got[0] ?? 0)) / 1.2 - (got[1] ?? 0) / 0.5)).toBeLessThan(2.1);
    expect(fitInto(rows, -3)).toEqual([0, 0, 0]);
  });

  it("keeps fewer of what is dear to have standing, and none of what earns nothing", () => {
    const asked = (weeks: number) => countChances(2 * weeks, 4 * weeks);
    const dear = restock({ ...base, asked, idle: 900 });
    expect(dear.point).toBeLessThan(restock({ ...base, asked }).point);
    expect(restock({ ...base, asked, margin: -50 }).upTo).toBe(0);
  });
});

describe("what if", () => {
  const base: Base = {
    pieces: 100,
    paid: 150_000,
    tax: 15_000,
    percentFees: 6000,
    fixedFees: 1000,
    standing: 4000,
    yarn: 8000,
    otherMaterial: 4000,
    hours: 60,
    wagePerHour: 1200,
    overheadPerHour: 180,
  };

  it("says what was where nothing is otherwise, worked by hand", () => {
    const now = whatIf(base, AS_IT_IS);
    // 150,000 − 15,000 − 6,000 − 1,000 − 4,000 = 124,000; − 12,000 − 60 × 180 = 101,200; − 60 × 1,200 =
    // 29,200.
    expect([now.kept, now.material, now.profit]).toEqual([124_000, 12_000, 29_200]);
    expect(now.perHour).toBeCloseTo(101_200 / 60, 9);
  });

  it("moves what each touches and nothing else", () => {
    const of = (o: Partial<typeof AS_IT_IS>) => whatIf(base, { ...AS_IT_IS, ...o });
    expect(of({ price: 0.1 }).profit - of({}).profit).toBeCloseTo(0.1 * (150_000 - 15_000 - 6000), 6);
    expect(of({ wage: 0.5 }).profit - of({}).profit).toBeCloseTo(-60 * 600, 6);
    expect(of({ wage: 0.5 }).perHour).toBe(of({}).perHour);
    expect(of({ yarn: 1 }).material).toBe(20_000);
    expect(of({ pace: 0.25 }).hours).toBeCloseTo(48, 9);
    expect(of({ yield: 0.25 }).material).toBeCloseTo(9600, 9);
    // Twice as many pieces: all twice but what the stalls cost.
    expect(of({ quantity: 1 }).profit).toBeCloseTo(2 * (29_200 + 4000) - 4000, 6);
  });

  it("puts the strongest lever first, each held against the same change", () => {
    const list = levers(base, AS_IT_IS, 0.1);
    expect(list[0]?.factor).toBe("price");
    expect(list.map((l) => Math.abs(l.more - l.less))).toEqual(
      [...list.map((l) => Math.abs(l.more - l.less))].sort((a, b) => b - a),
    );
    expect(list.find((l) => l.factor === "yarn")).toMatchObject({ less: 30_000, more: 28_400 });
  });
});

describe("taps at a stall", () => {
  const sell = (key: string, at: number): StallAct => ({
    kind: "sell",
    key,
    at,
    customer: "c",
    itemId: "i",
    colourwayId: "",
    grade: "good",
    quantity: 1,
    listPrice: 500,
    taken: 500,
  });
  it("come to the same in whatever order they arrive, and as often as they like", () => {
    const acts: StallAct[] = [
      sell("a", 1),
      sell("b", 2),
      { kind: "undo", key: "u", at: 3, of: "a" },
      { kind: "pay", key: "p", at: 4, customer: "c", paid: "card" },
      { kind: "pay", key: "q", at: 5, customer: "c", paid: "cash" },
    ];
    fc.assert(
      fc.property(fc.shuffledSubarray([...acts, ...acts], { minLength: 10, maxLength: 10 }), (shuffled) => {
        const state = stallState(new Map(shuffled.map((a) => [a.key, a])).values());
        expect(state.sales.map((s) => s.key)).toEqual(["b"]);
        expect(state.paid.get("c")).toBe("cash");
      }),
    );
  });

  it("one price for several is shared to the cent, by what each is listed at", () => {
    expect(bundled(4000, [1650, 1650, 900])).toEqual([1571, 1572, 857]);
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 100_000 }),
        fc.array(fc.integer({ min: 0, max: 5000 }), { minLength: 1, maxLength: 9 }),
        (price, listed) => {
          const shares = bundled(price, listed);
          expect(shares.reduce((a, b) => a + b, 0)).toBe(price);
          expect(Math.min(...shares)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});

describe("what to make", () => {
  const piece = (over: Partial<Sellable> = {}): Sellable => ({
    id: "p",
    leaves: 1000,
    material: 200,
    minutes: 60,
    onHand: 0,
    days: [[0.1, 0.2, 0.3, 0.2, 0.1, 0.1]],
    ...over,
  });

  it("is the newsvendor's amount where hours are plenty: the least b with P(D ≤ b) ≥ (price − cost) ÷ (price − left over)", () => {
    // Critical ratio (1000 − 200) ÷ (1000 − 100) = 0.889: the sums are 0.1, 0.3, 0.6, 0.8, 0.9. Textbook
    // rule, from memory.
    expect(adviseDay({ hours: 100, pieces: [piece()] }).pieces[0]?.make).toBe(4);
    expect(adviseDay({ hours: 100, pieces: [piece({ onHand: 3 })] }).pieces[0]).toMatchObject({
      make: 1,
      bring: 4,
    });
    expect(adviseDay({ hours: 2.5, pieces: [piece()] }).pieces[0]?.make).toBe(2);
  });

  it("chances of a horizon: with no waiting the day's own, with certain waiting that of all days together", () => {
    const a = [0.5, 0.5];
    const b = [0.25, 0.75];
    expect(overHorizon([a, b], 0)).toEqual([0.5, 0.5, 0]);
    expect(overHorizon([a, b], 1)).toEqual([0.125, 0.5, 0.375]);
    const half = overHorizon([a, b], 0.6);
    expect(half[0]).toBeCloseTo(0.4 * 0.5 + 0.6 * 0.125);
    expect(half.reduce((x, y) => x + y, 0)).toBeCloseTo(1);
  });

  it("is worth what it says, and no other making is worth more", () => {
    const day = {
      hours: 6,
      crate: 9,
      pieces: [
        piece(),
        piece({ id: "q", leaves: 700, minutes: 40, onHand: 1 }),
        piece({ id: "r", leaves: 1500, minutes: 90 }),
      ],
    };
    const advice = adviseDay(day);
    const made = advice.pieces.map((p) => p.make);
    expect(worthOfMaking(day, made)).toBeCloseTo(advice.worth, 4);
    for (let a = 0; a <= 6; a++)
      for (let b = 0; b <= 9; b++)
        for (let c = 0; c <= 4; c++) {
          if (a * 60 + b * 40 + c * 90 > 360) continue;
          expect(worthOfMaking(day, [a, b, c])).toBeLessThanOrEqual(advice.worth * 1.001 + 1e-6);
        }
  });

  it("one more hour is worth what it can be filled with, not sixty times its first minute", () => {
    // A kit takes six minutes, but one a day is asked for at most: (1000 − 100) × 0.5 − 100 = 350 for it, and
    // the rest of the hour is too short for what takes an hour: (1000 − 100) × 0.9 − 100 = 710 instead.
    const kit = piece({ id: "kit", minutes: 6, days: [[0.5, 0.5]] });
    const more = (day: SellingDay) => adviseDayAndMore(day).more;
    expect(more({ hours: 0, pieces: [kit] }).hour).toBeCloseTo(350, 6);
    const both = more({ hours: 0, crate: 1, pieces: [kit, piece()] });
    expect(both.hour).toBeCloseTo(710, 6);
    expect(both.place).toBeCloseTo(0, 6);
  });

  it("makes nothing for less than an hour has to bring, and does not take it off the worth; worked by hand", () => {
    // Chances of selling the 1st, 2nd, … are 0.9, 0.7, 0.4, 0.2, 0.1; one left over keeps 100: the n-th brings
    // 900 P − 100 in its hour: 710, 530, 260, 80, …
    const at = (hourLeast: number) => adviseDay({ hours: 100, hourLeast, pieces: [piece()] });
    expect([0, 200, 500, 700, 800].map((h) => at(h).pieces[0]?.make)).toEqual([4, 3, 2, 1, 0]);
    expect(at(500).worth).toBeCloseTo(710 + 530, 6);
    expect(at(500).pieces[0]?.nextPerHour).toBeCloseTo(260, 6);
    const scarce = { hours: 1, hourLeast: 500, pieces: [piece()] };
    expect(adviseDayAndMore(scarce).more.hour).toBeCloseTo(530, 6);
    // What is there already costs no hour more.
    expect(adviseDay({ hours: 9, hourLeast: 800, pieces: [piece({ onHand: 5 })] }).pieces[0]?.bring).toBe(5);
  });

  it("earns more in hidden worlds than equal shares and than making what sold out, and most of what knowing the rates would", () => {
    const worlds = [101, 102, 103, 104, 105, 106].map((seed) => stallWorld(seed, 36));
    let [better, share] = [0, 0];
    for (const w of worlds) {
      const own = earnedBy(w, advised(4));
      if (own > earnedBy(w, equalShares) && own > earnedBy(w, whatSoldOut)) better++;
      share += own / earnedBy(w, clairvoyant) / worlds.length;
    }
    expect(better).toBe(worlds.length);
    expect(share).toBeGreaterThan(0.93);
  });
});
