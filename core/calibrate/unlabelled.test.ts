import { describe, expect, it } from "vitest";
import { classFromWraps, lengthFromSample, lengthFromWraps } from ".";

describe("yarn without a band", () => {
  it("a measured metre and its weight give the length of 100 g", () => {
    const e = lengthFromSample({ mm: 1500, mg: 700, scaleStepMg: 100 });
    expect(e.value).toBeCloseTo(214.29, 2);
    expect(e.low).toBeLessThan(e.value);
    expect(e.high).toBeGreaterThan(e.value);
  });
  it("is as unsure as the scale's step: variance step² ÷ 12 of the uniform distribution", () => {
    const sigma = (step: number, mg: number) => lengthFromSample({ mm: 1000, mg, scaleStepMg: step }).sigma;
    expect(sigma(1000, 1000)).toBeCloseTo(Math.hypot(1 / Math.sqrt(12), 0.01), 9);
    expect(sigma(100, 5000)).toBeLessThan(sigma(1000, 5000));
    // A uniform error of one step, drawn often, spreads by step ÷ √12.
    const n = 20_000;
    let sum = 0;
    for (let i = 0; i < n; i++) sum += ((i + 0.5) / n - 0.5) ** 2;
    expect(Math.sqrt(sum / n)).toBeCloseTo(1 / Math.sqrt(12), 6);
  });
  it("refuses nonsense", () => {
    expect(() => lengthFromSample({ mm: 0, mg: 1, scaleStepMg: 100 })).toThrow(RangeError);
    expect(() => lengthFromWraps(0)).toThrow(RangeError);
  });
  it("wraps give a wider range and a class", () => {
    expect(lengthFromWraps(13).value).toBeCloseTo(230, 6);
    expect(lengthFromWraps(20).value).toBeGreaterThan(380);
    expect(lengthFromWraps(13).sigma).toBeGreaterThan(0.2);
    expect([32, 20, 16, 13, 10, 8, 5, 2].map(classFromWraps)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
  });
});
