import { describe, expect, it } from "vitest";
import { driftOf, type Residual } from ".";
import { randomFrom } from "./simulated-makers";

const at = (day: number, log: number, variance = 0.001): Residual => ({ day, log, variance });

describe("drift of a hand", () => {
  it("is a straight line: three per cent looser each month", () => {
    const drift = driftOf([0, 30, 60, 90, 120].map((d) => at(d, (0.03 * d) / 30)));
    expect(drift?.perMonth).toBeCloseTo(0.03, 9);
    expect(drift?.at(45)).toBeCloseTo(0.045, 9);
    expect(drift?.sdAt(60)).toBeLessThan(drift?.sdAt(120) ?? 0);
  });
  it("says nothing where nothing can be said", () => {
    expect(driftOf([])).toBeUndefined();
    expect(driftOf([at(0, 0.1), at(30, 0.2)])).toBeUndefined();
    expect(driftOf([at(5, 0.1), at(5, 0.2), at(5, 0.3)])).toBeUndefined();
  });
  it("refuses a measurement without an error", () =>
    expect(() => driftOf([at(0, 0, 0), at(1, 0), at(2, 0)])).toThrow("variance 0"));
  it("holds the truth nine times of ten when hands do not drift at all", () => {
    const { next, normal } = randomFrom(77);
    let inside = 0;
    for (let i = 0; i < 500; i++) {
      const drift = driftOf(Array.from({ length: 8 }, () => at(180 * next(), 0.03 * normal(), 0.0009)));
      if (drift && Math.abs(drift.perMonth) <= 1.6449 * drift.sd) inside++;
    }
    expect(inside / 500).toBeGreaterThan(0.86);
    expect(inside / 500).toBeLessThan(0.94);
  });
});
