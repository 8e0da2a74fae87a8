import { describe, expect, it } from "vitest";
import { saleAt, costPerSold } from "@core/costing";
import { priceBy } from "./many-prices";

// Materials 2.00, half an hour at 14.00, a bag of 0.20: costs 9.20. The shelf keeps 30 %.
const making = {
  materials: 200,
  minutes: 30,
  wagePerHour: 1400,
  overheadPerHour: 0,
  packaging: 20,
  yield: 1,
};
const channel = {
  percentFees: [0.3],
  fixedPerSale: 0,
  piecesPerSale: 1,
  stallFee: 0,
  expectedPieces: 1,
  tax: { rate: 0, included: true },
};
const piece = { making, channel, price: 1200 };
const terms = { percent: 10, margin: 0.2, points: [0, 50] };

describe("many prices at once", () => {
  it("by a percentage, up to the next price point", () => {
    expect(priceBy("percent", piece, terms)).toBe(1350); // 13.20
    expect(priceBy("percent", piece, { ...terms, percent: -40 })).toBe(750); // 7.20
  });
  it("by materials and the hour: 9.20 ÷ 0.7 = 13.14, so 13.50, and not a point less", () => {
    expect(costPerSold(making)).toBe(920);
    expect(priceBy("hourly", piece, terms)).toBe(1350);
    expect(saleAt(1350, making, channel).left).toBeGreaterThanOrEqual(0);
    expect(saleAt(1300, making, channel).left).toBeLessThan(0);
  });
  it("with a fifth of margin: 9.20 ÷ (0.8 − 0.3) = 18.40, so 18.50", () =>
    expect(priceBy("margin", piece, terms)).toBe(1850));
  it("as a multiple of materials: 3 × 2.20 = 6.60, so 7.00, whatever the shelf keeps", () =>
    expect(priceBy("multiple", piece, terms)).toBe(700));
  it("back to the piece's own", () => expect(priceBy("own", piece, terms)).toBeNull());
  it("no price pays where fees take all of it", () => {
    const all = { ...piece, channel: { ...channel, percentFees: [0.5, 0.45] } };
    expect(priceBy("margin", all, terms)).toBeUndefined();
    expect(priceBy("hourly", all, terms)).toBe(18400); // 9.20 ÷ 0.05
  });
});
