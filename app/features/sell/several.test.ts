import { describe, expect, it } from "vitest";
import { outright, together, type Single } from "./several";
import { fixedFees } from "@core/costing";
import { sellingOf, takesText, type ChannelView } from "../items/selling";

const STALL: ChannelView = {
  id: "stall",
  label: "Stall",
  fees: [{ name: "card", bp: 200 }],
  fixed: 30,
  postage: 0,
  packing: 0,
  piecesPerSale: 2,
  stallFee: 2400,
  expectedPieces: 60,
  taxBp: 0,
  taxIncluded: true,
  leastPieces: 0,
  payWithinDays: 0,
};
const PUFFIN: Single = {
  key: "p",
  making: {
    materials: 200,
    minutes: 50,
    wagePerHour: 1200,
    overheadPerHour: 0,
    packaging: 20,
    yield: 1,
  },
  prices: { stall: 1700 },
};
const TERMS = { packaging: 60, margin: 0, points: [] };

describe("several at one price", () => {
  it("cost what they take and their bag, pay the fee by the sale once and the stall by the piece", () => {
    const three = together([{ piece: PUFFIN, n: 3 }], STALL, 4500, TERMS);
    // By hand: 3 × (200 + 1000 + 20) + 60; fees 2 % of 4500 + 30 + 3 × 2400 ÷ 60.
    expect(three?.cost).toBeCloseTo(3720, 9);
    expect(three?.at.fees).toBeCloseTo(90 + 30 + 120, 9);
    expect(three?.at.left).toBeCloseTo(4500 - 240 - 3720, 9);
    expect(three?.singly).toBe(5100);
    // (3720 + 150) ÷ 0.98, up to the next cent.
    expect(three?.breakEven).toBe(3949);
  });
  it("are nothing while none is chosen", () => {
    expect(together([], STALL, 0, TERMS)).toBeUndefined();
    expect(together([{ piece: PUFFIN, n: 0 }], STALL, 0, TERMS)).toBeUndefined();
  });
  it("have no lowest price where fees take all of it", () => {
    const all = { ...STALL, fees: [{ name: "all", bp: 10_000 }] };
    expect(together([{ piece: PUFFIN, n: 2 }], all, 3000, TERMS)?.breakEven).toBeUndefined();
  });
});

describe("to a shop that buys outright", () => {
  it("leaves what the shop pays, less what the piece takes; and says from which share her hour is paid", () => {
    const half = outright(PUFFIN, 1700, 0.5, undefined);
    expect([half.price, half.at.fees]).toEqual([850, 0]);
    // (850 − 220) a 50 minutes.
    expect(half.at.perHour).toBeCloseTo((630 * 60) / 50, 9);
    expect(half.paysFrom).toBeCloseTo(1220 / 1700, 9);
  });
  it("knows no share of a piece without a price", () => {
    expect(outright(PUFFIN, 0, 0.5, undefined).paysFrom).toBeUndefined();
  });
});

describe("a way of selling", () => {
  const SHOP: ChannelView = { ...STALL, postage: 390, packing: 45, stallFee: 0 };
  it("has the parcel and its box paid by the pieces of a sale, as the fee is", () => {
    // 0.30 + 3.90 + 0.45 shared by two pieces.
    expect(fixedFees(sellingOf(SHOP).channel)).toBe(232.5);
    expect(takesText(SHOP, { locale: "en-IE", system: "metric", currency: "EUR" })).toBe(
      "card 2 %, €0.30 a sale, postage €3.90 a sale, box €0.45 a sale, 2 pieces a sale",
    );
  });
});
