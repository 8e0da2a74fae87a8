import fc from "fast-check";
import { cumulativeStdNormalProbability } from "simple-statistics";
import { describe, expect, it } from "vitest";
import { calibrationOf, HandLearner, learnPace, normalBelow, TENSION_SPREADS, widthFrom } from ".";
import { randomFrom } from "./simulated-makers";

const drawn = (n: number, sd: number, seed = 11) => {
  const { normal } = randomFrom(seed);
  return Array.from({ length: n }, () => sd * normal());
};

describe("the score of ranges", () => {
  it("says nothing before anything was measured", () => {
    expect(calibrationOf([])).toMatchObject({ n: 0, inside: 0 });
    expect(calibrationOf([]).score).toBeCloseTo(1, 9);
  });
  it("counts each measurement in its tenth, and those inside nine of ten", () => {
    // Tenths of a standard normal begin at −1.2816, −0.8416, −0.5244, −0.2533, 0 (tables).
    const c = calibrationOf([-2, -1.2, 0.01, 0.1, 3]);
    expect(c.tenths).toEqual([1, 1, 0, 0, 0, 2, 0, 0, 0, 1]);
    expect([c.n, c.inside]).toEqual([5, 3]);
  });
  it("agrees with the table of simple-statistics to its two decimals of z", () => {
    for (let z = -2.9; z < 3; z += 0.1)
      expect(normalBelow(z)).toBeCloseTo(cumulativeStdNormalProbability(Number(z.toFixed(2))), 3);
  });
  it("leaves true ranges as they are, widens narrow ones, narrows wide ones", () => {
    const scale = (sd: number) => calibrationOf(drawn(80, sd)).score;
    expect(Math.abs(scale(1) - 1)).toBeLessThan(0.12);
    expect(scale(2)).toBeGreaterThan(1.3);
    expect(scale(0.5)).toBeLessThan(0.75);
  });
  it("few measurements move it little, and one slip hardly", () => {
    expect(calibrationOf([1.6]).score).toBeLessThan(1.1);
    expect(calibrationOf([...drawn(30, 1), 40]).score / calibrationOf(drawn(30, 1)).score).toBeLessThan(1.1);
  });
  it("a range that few measurements speak for is Student's", () => {
    // 95 % points of Student's t with 12, 15, 20 and 92 degrees of freedom (tables).
    for (const [n, t] of [
      [0, 1.7823],
      [3, 1.7531],
      [8, 1.7247],
      [80, 1.6616],
    ] as const) {
      const c = calibrationOf(drawn(n, 1));
      expect((1.6449 * c.scale) / c.score).toBeCloseTo(t, 2);
    }
  });
  it("where something may only add, a measurement far above says less than one far below", () => {
    const paused = [...drawn(16, 1), 3, 4, 2.5, 5];
    expect(calibrationOf(paused, 1.3).score).toBeLessThan(calibrationOf(paused).score - 0.05);
    expect(calibrationOf([-3, -3, -3], 1.3).score).toBeGreaterThan(1.2);
    expect(Math.abs(calibrationOf(drawn(80, 1), 1.3).score - 1)).toBeLessThan(0.12);
  });
  it("is of the newest, in any order, and never without end", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -50, max: 50, noNaN: true }), { maxLength: 120 }), (zs) => {
        const c = calibrationOf(zs);
        expect(c.tenths.reduce((a, b) => a + b, 0)).toBe(Math.min(80, zs.length));
        expect(c.score).toBeGreaterThanOrEqual(0.6);
        expect(c.score).toBeLessThanOrEqual(2.5);
      }),
      { seed: 8, numRuns: 100 },
    );
  });
});

describe("a hand that keeps its score", () => {
  const seen = (spread: number) => {
    const learner = new HandLearner(TENSION_SPREADS);
    drawn(30, spread, 3).forEach((logRatio, day) =>
      learner.see({ group: "slate", day, logRatio, weighed: true, variance: 0.03 ** 2 }),
    );
    return learner;
  };
  it("whose parts scatter more than it says gets wider ranges", () => {
    const [usual, wild] = [seen(0.03), seen(0.15)];
    expect(wild.calibration.tension.score).toBeGreaterThan(1.15);
    expect(usual.calibration.tension.score).toBeLessThan(1.1);
    const next = (l: HandLearner) => l.of({ group: "slate", weighed: true }).next;
    expect(next(wild)).toBeGreaterThan(1.5 * next(usual));
  });
  it("gives each timing's place too", () => {
    const { normal } = randomFrom(4);
    const timings = Array.from({ length: 12 }, (_, day) => ({
      work: { plain: 600 },
      seconds: 600 * (1 + 0.05 * normal()),
      sigma: 0.08,
      day,
    }));
    expect(learnPace(timings).calibration.n).toBe(12);
  });
});

describe("metres and grams are two quantities", () => {
  const about = { group: "slate", line: "cotton" };
  const learner = () => new HandLearner(TENSION_SPREADS);
  it("a scale tells less of the metres than of the grams, a measured length less of the grams", () => {
    const weighed = learner();
    const measured = learner();
    for (let day = 0; day < 8; day++) {
      weighed.see({ ...about, day, logRatio: 0.1, weighed: true, variance: 0.001 });
      measured.see({ ...about, day, logRatio: 0.1, variance: 0.001 });
    }
    const sds = (l: HandLearner) => [l.of(about).sd, l.of({ ...about, weighed: true }).sd];
    const [metres = 0, grams = 0] = sds(weighed);
    expect(metres).toBeGreaterThan(grams);
    const [byLength = 0, byWeight = 0] = sds(measured);
    expect(byLength).toBeLessThan(byWeight);
  });
  it("both measured, a band that is five in a hundred off is told, and both ranges hold the truth", () => {
    const l = learner();
    for (let day = 0; day < 12; day++) {
      l.see({ ...about, day, logRatio: 0, variance: 0.02 ** 2 });
      l.see({ ...about, day, logRatio: Math.log(1.05), weighed: true, variance: 0.02 ** 2 });
    }
    const metres = l.of(about);
    const grams = l.of({ ...about, weighed: true });
    expect(Math.abs(metres.mean)).toBeLessThan(1.645 * metres.sd);
    expect(Math.abs(grams.mean - Math.log(1.05))).toBeLessThan(1.645 * grams.sd);
    expect(grams.mean - metres.mean).toBeGreaterThan(0.03);
  });
  it("another yarn has a band of its own", () => {
    const l = learner();
    for (let day = 0; day < 12; day++)
      l.see({ ...about, day, logRatio: 0.05, weighed: true, variance: 0.02 ** 2 });
    const other = { group: "red", line: "wool" };
    expect(l.of({ ...other, weighed: true }).sd).toBeGreaterThan(l.of(other).sd);
  });
});

describe("a looser hand has wider stitches", () => {
  it("by the slope of 0.44, and surer as the yarn is known", () => {
    expect(widthFrom({ mean: Math.log(1.2), sd: 0.02 }).factor).toBeCloseTo(1.2 ** 0.44, 12);
    expect(widthFrom({ mean: 0, sd: 0.15 }).sigma).toBeCloseTo(0.1, 12);
    expect(widthFrom({ mean: 0, sd: 0.02 }).sigma).toBeLessThan(0.08);
  });
});
