import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  bundled,
  costPerSold,
  hourly,
  marketPrice,
  multipleOfMaterials,
  NothingLeft,
  pointAtOrAbove,
  priceLeaving,
  saleAt,
  targetMargin,
  type Channel,
  type Making,
} from ".";

const MAKING: Making = {
  materials: 250,
  minutes: 45,
  wagePerHour: 1200,
  overheadPerHour: 200,
  packaging: 40,
  yield: 0.95,
};
const SHELF: Channel = {
  percentFees: [0.3, 0.02],
  fixedPerSale: 30,
  piecesPerSale: 2,
  stallFee: 4000,
  expectedPieces: 40,
  tax: { rate: 0.19, included: true },
};

/**
 * The same from the definitions, line by line, for a second opinion: nothing is shared with the code it is
 * held against.
 */
function plainly(p: number, m: Making, ch: Channel) {
  const c = (m.materials + (m.minutes / 60) * (m.wagePerHour + m.overheadPerHour)) / m.yield + m.packaging;
  let f = 0;
  for (const x of ch.percentFees) f += x;
  const fixed = ch.fixedPerSale / ch.piecesPerSale + ch.stallFee / ch.expectedPieces;
  const paid = ch.tax.included ? p : p * (1 + ch.tax.rate);
  const net = ch.tax.included ? p / (1 + ch.tax.rate) : p;
  const fees = f * paid + fixed;
  const hours = m.minutes / 60 / m.yield;
  return {
    c,
    paid,
    net,
    fees,
    left: net - fees - c,
    perHour:
      (net - fees - (m.materials + (m.minutes / 60) * m.overheadPerHour) / m.yield - m.packaging) / hours,
    contribution: (net - fees - m.materials / m.yield - m.packaging) / hours,
  };
}

const share = fc.integer({ min: 0, max: 25 }).map((n) => n / 100);
const making = fc.record({
  materials: fc.integer({ min: 0, max: 3000 }),
  minutes: fc.integer({ min: 1, max: 400 }),
  wagePerHour: fc.integer({ min: 0, max: 3000 }),
  overheadPerHour: fc.integer({ min: 0, max: 600 }),
  packaging: fc.integer({ min: 0, max: 200 }),
  yield: fc.integer({ min: 60, max: 100 }).map((n) => n / 100),
});
const channel = fc.record({
  percentFees: fc.array(share, { maxLength: 3 }).filter((l) => l.reduce((a, b) => a + b, 0) < 0.4),
  fixedPerSale: fc.integer({ min: 0, max: 100 }),
  piecesPerSale: fc.integer({ min: 1, max: 4 }),
  stallFee: fc.integer({ min: 0, max: 9000 }),
  expectedPieces: fc.integer({ min: 1, max: 200 }),
  tax: fc.record({ rate: share, included: fc.boolean() }),
});

describe("what a price leaves", () => {
  it("by hand: 30 % for the shelf, 2 % for the card, 19 % tax in the price", () => {
    // 26.00: net 21.85; fees 0.32 × 26.00 + 0.15 + 1.00 = 9.47; cost (2.50 + 0.75 × 14.00) ÷ 0.95 + 0.40 = 14.08.
    const s = saleAt(2600, MAKING, SHELF);
    expect([s.net, s.fees, s.tax].map((n) => Number(n.toFixed(2)))).toEqual([2184.87, 947, 415.13]);
    expect(costPerSold(MAKING)).toBeCloseTo(1408.42, 2);
    expect(s.left).toBeCloseTo(2184.87 - 947 - 1408.42, 1);
  });
  it("is what the definitions give, at any price and channel", () => {
    fc.assert(
      fc.property(making, channel, fc.integer({ min: 0, max: 20_000 }), (m, c, p) => {
        const s = saleAt(p, m, c);
        const r = plainly(p, m, c);
        expect(s.customerPays).toBeCloseTo(r.paid, 6);
        expect(s.net).toBeCloseTo(r.net, 6);
        expect(s.fees).toBeCloseTo(r.fees, 6);
        expect(s.left).toBeCloseTo(r.left, 6);
        expect(s.perHour).toBeCloseTo(r.perHour, 4);
        expect(s.contributionPerHour).toBeCloseTo(r.contribution, 4);
      }),
      { seed: 13 },
    );
  });
  it("knows no hour where no time is known", () => {
    const s = saleAt(900, { ...MAKING, minutes: 0 }, SHELF);
    expect([s.perHour, s.contributionPerHour]).toEqual([undefined, undefined]);
  });
});

describe("the price that pays", () => {
  it("is the first price point that leaves enough: none below it does", () => {
    const points = fc.constantFrom<number[]>([], [0], [0, 50], [90], [49, 99]);
    fc.assert(
      fc.property(making, channel, share, points, (m, c, margin, at) => {
        const exact = priceLeaving(costPerSold(m), c, margin);
        const price = pointAtOrAbove(exact, at);
        const enough = (p: number) => {
          const r = plainly(p, m, c);
          return r.left >= margin * r.net - 1e-5;
        };
        expect(enough(price)).toBe(true);
        for (let p = Math.max(0, price - 150); p < price; p++)
          if (at.length === 0 || at.includes(p % 100)) expect(enough(p), `${p} would do`).toBe(false);
      }),
      { seed: 14 },
    );
  });
  it("leaves nothing at the break-even price, exactly", () => {
    fc.assert(
      fc.property(making, channel, (m, c) => {
        expect(plainly(priceLeaving(costPerSold(m), c, 0), m, c).left).toBeCloseTo(0, 6);
      }),
      { seed: 15 },
    );
  });
  it("does not exist where fees, tax and margin take everything", () => {
    expect(() => priceLeaving(100, { ...SHELF, percentFees: [0.9] }, 0)).toThrow(NothingLeft);
    expect(() => priceLeaving(100, SHELF, 0.7)).toThrow(/nothing is left/);
  });
});

describe("schools", () => {
  const OWN: Channel = {
    percentFees: [],
    fixedPerSale: 0,
    piecesPerSale: 1,
    stallFee: 0,
    expectedPieces: 1,
    tax: { rate: 0, included: true },
  };
  const simple = { ...MAKING, yield: 1 };
  it("hourly wage and materials: 2.50 + 45 min at 14.00 + 0.40 = 13.40", () =>
    expect(hourly.price(simple, OWN, undefined)).toBeCloseTo(1340, 9));
  it("target margin: 13.40 at 33 % of the price is 20.00 (margin on price, as in any management-accounting text; from memory)", () =>
    expect(targetMargin.price(simple, OWN, { margin: 0.33 })).toBeCloseTo(2000, 9));
  it("multiple of materials: three times 2.90", () =>
    expect(multipleOfMaterials.price(simple, OWN, { times: 3 })).toBeCloseTo(870, 9));
  it("market price backwards: 9.00 pays 26 minutes at 14.00", () => {
    const { minutesAllowed, perHour } = marketPrice(900, simple, OWN);
    expect(minutesAllowed).toBeCloseTo((60 * (900 - 290)) / 1400, 9);
    expect(perHour).toBeCloseTo((900 - 290 - 150) / 0.75, 9);
  });
});

describe("bundles and seconds", () => {
  it("what failed is carried by what passed, less what seconds bring", () => {
    // Ten made for 10.00 each, eight pass, two go for 3.00: (100 − 6) ÷ 8.
    const m: Making = { ...MAKING, materials: 1000, minutes: 0, packaging: 0, yield: 0.8, secondsBring: 300 };
    expect(costPerSold(m)).toBeCloseTo(1175, 9);
  });
  it("a bundle costs what its pieces cost, and its bag", () => {
    const three = bundled([MAKING, MAKING, { ...MAKING, materials: 500 }], 25);
    expect(costPerSold(three)).toBeCloseTo(
      2 * costPerSold(MAKING) + costPerSold({ ...MAKING, materials: 500 }) + 25,
      9,
    );
    expect(() => bundled([])).toThrow(RangeError);
    expect(() => bundled([MAKING, { ...MAKING, wagePerHour: 1 }])).toThrow(/one wage/);
  });
});
