import { describe, expect, it } from "vitest";
import { costByLot, movingAverage } from ".";

describe("moving average", () => {
  it("follows a worked perpetual-average table", () => {
    // The usual textbook card (from memory; method of IAS 2 §27): 100 at 10, 50 at 13, sell 60, 40 at 15.
    const moves = [
      { quantity: 100, cost: 1000 },
      { quantity: 50, cost: 650 },
      { quantity: -60, cost: undefined },
      { quantity: 40, cost: 600 },
    ];
    expect(movingAverage(moves.slice(0, 2))).toEqual({ perUnit: 11, onHand: 150, value: 1650 });
    expect(movingAverage(moves.slice(0, 3))).toEqual({ perUnit: 11, onHand: 90, value: 990 });
    expect(movingAverage(moves).perUnit).toBeCloseTo((990 + 600) / 130, 9);
    expect(movingAverage(moves).value).toBe(1590);
  });
  it("takes what came without a price at the average that stands", () => {
    expect(
      movingAverage([
        { quantity: 10, cost: 100 },
        { quantity: 10, cost: undefined },
      ]),
    ).toEqual({ perUnit: 10, onHand: 20, value: 200 });
    expect(movingAverage([{ quantity: 10, cost: undefined }], 3)).toEqual({
      perUnit: 3,
      onHand: 10,
      value: 30,
    });
    expect(movingAverage([]).perUnit).toBeUndefined();
  });
  it("a stock below nothing has no value to mix in", () => {
    expect(
      movingAverage(
        [
          { quantity: -5, cost: undefined },
          { quantity: 10, cost: 50 },
        ],
        100,
      ),
    ).toEqual({ perUnit: 5, onHand: 5, value: 25 });
  });
});

describe("cost by lot", () => {
  it("is the share of its own ball", () => {
    expect(costByLot(12_500, { fullMg: 50_000, price: 290 })).toBe(72.5);
    expect(costByLot(5, { fullMg: 0, price: 290 })).toBe(0);
  });
});
