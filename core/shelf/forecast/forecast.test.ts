import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { forecast, METHODS } from "./intermittent";

const demand = [0, 0, 4, 0, 2, 0, 0, 6, 1];

describe("demand that comes now and then", () => {
  it("Croston: worked by hand with alpha 0.2", () => {
    // First demand 4 in period 3: size 4, interval 3. Then 2 after 2: 3.6 and 2.8; 6 after 3: 4.08 and 2.84;
    // 1 after 1: 3.464, 2.472.
    const f = forecast(demand, "croston", { alpha: 0.2 });
    expect(f.fitted.slice(0, 3)).toEqual([null, null, null]);
    [4 / 3, 4 / 3, 3.6 / 2.8, 3.6 / 2.8, 3.6 / 2.8, 4.08 / 2.84].forEach((x, i) =>
      expect(f.fitted[3 + i]).toBeCloseTo(x, 12),
    );
    expect(f.rate).toBeCloseTo(3.464 / 2.472, 12);
  });
  it("Syntetos and Boylan take half of the interval's smoothing off", () => {
    const [plain, mended] = [
      forecast(demand, "croston", { alpha: 0.2, beta: 0.3 }),
      forecast(demand, "sba", { alpha: 0.2, beta: 0.3 }),
    ];
    expect(mended.rate).toBeCloseTo(plain.rate * 0.85, 12);
    plain.fitted.forEach((x, i) =>
      x === null ? expect(mended.fitted[i]).toBeNull() : expect(mended.fitted[i]).toBeCloseTo(x * 0.85, 12),
    );
  });
  it("Teunter, Syntetos and Babai: the chance fades while nobody asks; worked by hand", () => {
    // Size 4, chance 1/3 in period 3; then 0: 4 × 0.3; 2: chance 0.3 + 0.1 × 0.7 = 0.37, size 3.6.
    const f = forecast([0, 0, 4, 0, 2, 0, 0], "tsb", { alpha: 0.2, beta: 0.1 });
    expect(f.fitted.slice(0, 3)).toEqual([null, null, null]);
    [4 / 3, 4 * 0.3, 3.6 * 0.37, 3.6 * 0.333].forEach((x, i) => expect(f.fitted[3 + i]).toBeCloseTo(x, 12));
    expect(f.rate).toBeCloseTo(3.6 * 0.2997, 12);
  });
  it("smoothing begins at the first value", () => {
    const f = forecast([10, 20, 0], "ses", { alpha: 0.5 });
    expect([f.fitted, f.rate]).toEqual([[null, 10, 15], 7.5]);
  });
  it("of nothing asked nothing is expected", () => {
    for (const m of METHODS) expect(forecast([], m, { alpha: 0.1 })).toEqual({ rate: 0, fitted: [] });
    for (const m of METHODS) expect(forecast([0, 0, 0], m, { alpha: 0.1 }).rate).toBe(0);
  });
  it("the same amount in every period is expected of the next, whatever the method (but for the deflation)", () => {
    for (const m of METHODS)
      expect(forecast([3, 3, 3, 3], m, { alpha: 0.2 }).rate).toBeCloseTo(m === "sba" ? 3 * 0.9 : 3, 12);
  });
  it("Croston's rate stays between the least and the most of size over interval, whatever comes", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 30 }), { minLength: 1, maxLength: 60 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (list, alpha) => {
          for (const m of METHODS) {
            const f = forecast(list, m, { alpha });
            expect(f.fitted).toHaveLength(list.length);
            expect(f.rate).toBeGreaterThanOrEqual(0);
            expect(f.rate).toBeLessThanOrEqual(Math.max(...list) + 1e-9);
          }
        },
      ),
      { seed: 4, numRuns: 200 },
    );
  });
  it("says which smoothing or which period is wrong", () => {
    expect(() => forecast([1], "ses", { alpha: 1.2 })).toThrow("alpha lies between 0 and 1");
    expect(() => forecast([1, -2], "ses", { alpha: 0.2 })).toThrow("period 2");
  });
});
