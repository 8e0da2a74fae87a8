import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bridgeOf, type LineActual } from "./actual";

const line = (over: Partial<LineActual> = {}): LineActual => ({
  planned: 4,
  worked: 4,
  seconds: 0,
  rejected: 0,
  cost: 600,
  price: 1000,
  secondBrings: 400,
  mendingMinutes: 0,
  timed: 0,
  timedPlanned: 0,
  ...over,
});
const change = (b: ReturnType<typeof bridgeOf>, code: string) => b.steps.find((s) => s.code === code)?.change;

describe("from plan to what a run left", () => {
  it("is flat where all went as planned", () => {
    const b = bridgeOf([line()], [{ planned: 5000, used: 5000, unitPrice: 0.06 }], 1650);
    expect([b.planned, b.actual]).toEqual([1600, 1600]);
    expect(b.steps.every((s) => s.change === 0)).toBe(true);
  });

  it("names what each reason took, worked by hand", () => {
    const b = bridgeOf(
      [
        line({ rejected: 1, seconds: 1, mendingMinutes: 12, timed: 4 * 3600, timedPlanned: 3 * 3600 }),
        line({ planned: 2, worked: 3, cost: 500, price: 900 }),
      ],
      [{ planned: 10_000, used: 12_500, unitPrice: 0.058 }],
      1650,
    );
    expect(b.planned).toBe(4 * 400 + 2 * 400);
    expect(change(b, "pieces")).toBe(400);
    expect(change(b, "rejected")).toBe(-1000);
    expect(change(b, "seconds")).toBe(-600);
    expect(change(b, "time")).toBe(-1650);
    expect(change(b, "mending")).toBe(-330);
    expect(change(b, "material")).toBe(-145);
    expect(b.actual).toBe(2400 + 400 - 1000 - 600 - 1650 - 330 - 145);
  });

  it("adds up to the last minor unit, whatever happened", () => {
    const count = fc.integer({ min: 0, max: 60 });
    const money = fc.double({ min: 0, max: 5000, noNaN: true });
    const any = fc.record({
      planned: count,
      worked: count,
      seconds: count,
      rejected: count,
      cost: money,
      price: money,
      secondBrings: money,
      mendingMinutes: count,
      timed: money,
      timedPlanned: money,
    });
    const material = fc.record({
      planned: money,
      used: money,
      unitPrice: fc.double({ min: 0, max: 3, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(any, { maxLength: 5 }),
        fc.array(material, { maxLength: 5 }),
        money,
        (lines, ms, h) => {
          const b = bridgeOf(lines, ms, h);
          expect(b.planned + b.steps.reduce((n, s) => n + s.change, 0) - b.actual).toBeCloseTo(0, 9);
          for (const s of b.steps) expect(Number.isInteger(s.change)).toBe(true);
        },
      ),
    );
  });
});
