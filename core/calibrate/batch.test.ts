import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { batchFactor, lapFactor, learnBatch, USUAL_BATCH, type Sitting } from ".";
import { BATCH_PRIOR } from "./batch";

const lapsOf = (rate: number, n: number) =>
  Array.from({ length: n }, (_, i) => 300 * (i + 1) ** Math.log2(rate));
const sitting = (laps: readonly number[]): Sitting => ({ pieces: laps.length, laps });

describe("what a batch saves", () => {
  it("starts at the trade's four per cent a doubling, and says that nothing was timed", () => {
    expect(learnBatch([])).toEqual({
      slope: BATCH_PRIOR.slope,
      sd: BATCH_PRIOR.sd,
      batches: 0,
      around: USUAL_BATCH,
    });
  });
  it("comes near the hand's own after a few batches, and never jumps past them", () => {
    const one = learnBatch([sitting(lapsOf(0.88, 8))]);
    const five = learnBatch(Array.from({ length: 5 }, () => sitting(lapsOf(0.88, 8))));
    expect(five.slope).toBeGreaterThan(Math.log2(0.88));
    expect(Math.abs(five.slope - Math.log2(0.88))).toBeLessThan(Math.abs(one.slope - Math.log2(0.88)));
    expect(five.sd).toBeLessThan(one.sd);
    expect(five).toMatchObject({ batches: 5 });
    expect(five.around).toBeCloseTo(8, 9);
  });
  it("learns nothing from a single lap, nor from one that took no time", () => {
    expect(learnBatch([sitting([300]), sitting([])])).toMatchObject({ slope: BATCH_PRIOR.slope, batches: 0 });
    expect(learnBatch([sitting([0, 300])]).slope).toBe(BATCH_PRIOR.slope);
  });
  it("counts a sitting without laps towards the size that was timed", () =>
    expect(
      learnBatch([
        { pieces: 4, laps: [] },
        { pieces: 9, laps: [] },
      ]).around,
    ).toBeCloseTo(6, 9));
});

describe("a piece in a batch", () => {
  const known = { slope: Math.log2(0.95), sd: 0.02, around: 6 };
  it("of usual size is the figure itself; alone it takes longer, in a hundred less", () => {
    expect(batchFactor(known, USUAL_BATCH).factor).toBe(1);
    expect(batchFactor(known, 1).factor).toBeGreaterThan(1.1);
    expect(batchFactor(known, 100).factor).toBeLessThan(0.9);
  });
  it("is surest at the size that was timed", () => {
    expect(batchFactor(known, 6).sigma).toBeCloseTo(0, 9);
    expect(batchFactor(known, 40).sigma).toBeGreaterThan(batchFactor(known, 12).sigma);
    expect(batchFactor(known, 1).sigma).toBeGreaterThan(0);
  });
  it("laps add up to the batch", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: -0.4, max: 0.05, noNaN: true }),
        (n, slope) => {
          const sum = Array.from({ length: n }, (_, i) => lapFactor(slope, i + 1)).reduce((a, b) => a + b, 0);
          expect(sum / n).toBeCloseTo(batchFactor({ slope, sd: 0.1, around: 10 }, n).factor, 9);
        },
      ),
    );
  });
  it("refuses a batch of nothing", () => expect(() => batchFactor(known, 0)).toThrow("at least one piece"));
});
