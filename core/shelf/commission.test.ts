import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { commissionSums } from "./commission";

describe("what a commission comes to", () => {
  // 23 % included in 123.00 is 23.00: EU rule for tax-inclusive prices, price × rate ÷ (100 + rate).
  it("finds the tax that is in the price", () =>
    expect(commissionSums({ price: 12_300, depositPaid: 3_000, taxBp: 2_300, taxIncluded: true })).toEqual({
      tax: 2_300,
      pays: 12_300,
      rest: 9_300,
    }));
  it("adds the tax that comes on top", () =>
    expect(commissionSums({ price: 10_000, depositPaid: 2_000, taxBp: 825, taxIncluded: false })).toEqual({
      tax: 825,
      pays: 10_825,
      rest: 8_825,
    }));
  it("never loses or makes a cent", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 10_000_000 }),
        fc.integer({ min: 0, max: 10_000_000 }),
        fc.integer({ min: 0, max: 5_000 }),
        fc.boolean(),
        (price, depositPaid, taxBp, taxIncluded) => {
          const s = commissionSums({ price, depositPaid, taxBp, taxIncluded });
          expect(s.rest + depositPaid).toBe(s.pays);
          const net = s.pays - s.tax;
          expect(taxIncluded ? s.pays : net).toBe(price);
          // The tax is that of the net amount, to the cent.
          expect(Math.abs(s.tax - (net * taxBp) / 10_000)).toBeLessThanOrEqual(1);
        },
      ),
    );
  });
});
