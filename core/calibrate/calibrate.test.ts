import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  aged,
  DENSITY_SPREAD,
  doubtOf,
  lapOn,
  learn,
  learningCurve,
  learnPace,
  nextMeasurements,
  learnTension,
  weighVariance,
  type Observation,
} from ".";
import { TRADE_DOUBT, type Work } from "../estimate";
import { simulate } from "./simulated-makers";

const near = (a: number, b: number, rel: number) => expect(Math.abs(a / b - 1)).toBeLessThan(rel);

/**
 * Posterior mean and sd of hand + group by summing the joint density over a grid: nothing of the closed form
 * is used.
 */
function byIntegration(observations: readonly Observation[], group: string): { mean: number; sd: number } {
  const { hand, group: between } = TENSION_SPREAD;
  const groups = [...new Set([...observations.map((o) => o.group), group])];
  const steps = 361;
  const span = 0.9;
  const at = (i: number) => -span + (2 * span * i) / (steps - 1);
  const normal = (x: number, sd: number) => Math.exp(-0.5 * (x / sd) ** 2);
  let [w, wx, wxx] = [0, 0, 0];
  for (let i = 0; i < steps; i++) {
    const m = at(i);
    let other = normal(m, hand);
    for (const g of groups) {
      if (g === group) continue;
      let sum = 0;
      for (let j = 0; j < steps; j++)
        sum +=
          normal(at(j) - m, between) *
          observations
            .filter((o) => o.group === g)
            .reduce((p, o) => p * normal(o.logRatio - at(j), Math.sqrt(o.variance)), 1);
      other *= sum;
    }
    for (let j = 0; j < steps; j++) {
      const theta = at(j);
      const p =
        other *
        normal(theta - m, between) *
        observations
          .filter((o) => o.group === group)
          .reduce((q, o) => q * normal(o.logRatio - theta, Math.sqrt(o.variance)), 1);
      w += p;
      wx += p * theta;
      wxx += p * theta * theta;
    }
  }
  return { mean: wx / w, sd: Math.sqrt(wxx / w - (wx / w) ** 2) };
}

/** Any spread does to try the hierarchy by. */
const TENSION_SPREAD = { hand: 0.15, group: 0.08 };

describe("tension, in closed form", () => {
  const some: Observation[] = [
    { group: "slate", logRatio: 0.2, variance: 0.04 ** 2 },
    { group: "slate", logRatio: 0.16, variance: 0.05 ** 2 },
    { group: "white", logRatio: 0.05, variance: 0.09 ** 2 },
  ];
  it.each(["slate", "white", "never"])("agrees with brute-force integration for %s", (group) => {
    const known = learn(some, TENSION_SPREAD).of(group);
    const grid = byIntegration(some, group);
    expect(known.mean).toBeCloseTo(grid.mean, 4);
    expect(known.sd).toBeCloseTo(grid.sd, 4);
  });
  it("starts at the trade's average and its 17 %", () => {
    const { elsewhere } = learn([], TENSION_SPREAD);
    expect(elsewhere).toEqual({ mean: 0, sd: Math.hypot(0.15, 0.08), own: 0, others: 0 });
  });
  it("every measurement sharpens all yarns a little and its own a lot", () => {
    const known = learn([{ group: "slate", logRatio: 0.3, variance: 0.03 ** 2 }], TENSION_SPREAD);
    expect(known.of("slate").sd).toBeLessThan(0.04);
    expect(known.of("other").sd).toBeLessThan(Math.hypot(0.15, 0.08));
    expect(known.of("other").sd).toBeGreaterThan(0.08);
    expect(known.of("slate").mean).toBeGreaterThan(known.of("other").mean);
    expect(known.of("other").mean).toBeGreaterThan(0);
  });
  it("more measurements never widen a range, in any order the same answer", () => {
    const o = fc.record({
      group: fc.constantFrom("a", "b", "c"),
      logRatio: fc.double({ min: -0.5, max: 0.5, noNaN: true }),
      variance: fc.double({ min: 1e-4, max: 0.1, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(o, { maxLength: 12 }), o, (list, more) => {
        const [before, after] = [learn(list, DENSITY_SPREAD), learn([...list, more], DENSITY_SPREAD)];
        for (const g of ["a", "b", "c", "d"])
          expect(after.of(g).sd).toBeLessThanOrEqual(before.of(g).sd + 1e-12);
        expect(learn([...list].reverse(), DENSITY_SPREAD).of("a").mean).toBeCloseTo(before.of("a").mean, 9);
      }),
    );
  });
  it("refuses a measurement that says nothing", () => {
    expect(() => learn([{ group: "a", logRatio: 0, variance: 0 }], TENSION_SPREAD)).toThrow(RangeError);
    expect(() => learn([{ group: "a", logRatio: NaN, variance: 1 }], TENSION_SPREAD)).toThrow(RangeError);
  });
  it("old measurements weigh less: half at the half-life", () => {
    expect(aged(0.01, 365, 365)).toBeCloseTo(0.02);
    expect([aged(0.01, 0, 365), aged(0.01, -5, 365), aged(0.01, 900, 0)]).toEqual([0.01, 0.01, 0.01]);
  });
  it("a scale's step is a uniform error: variance step² ÷ 12", () => {
    expect(weighVariance(10, 1)).toBeCloseTo(1 / 1200 + 0.0009, 12);
    // Summed over the interval: the mean square of a rounding error.
    let sum = 0;
    for (let i = 0; i < 10_000; i++) sum += ((i + 0.5) / 10_000 - 0.5) ** 2;
    expect(weighVariance(1, 1) - 0.0009).toBeCloseTo(sum / 10_000, 6);
    expect(() => weighVariance(0, 1)).toThrow(RangeError);
  });
});

describe("pace", () => {
  it("starts at the trade's pace, and one timing tells of the other stages too", () => {
    expect(learnPace([]).seconds({ plain: 100, sewing: 50 })).toBe(150);
    const fast = learnPace([{ work: { plain: 1000 }, seconds: 700, sigma: 0.05 }]);
    expect(fast.factor("plain")).toBeLessThan(0.75);
    expect(fast.factor("sewing")).toBeLessThan(1);
    expect(fast.factor("sewing")).toBeGreaterThan(fast.factor("plain"));
    expect(fast.sd({ plain: 1000 })).toBeLessThan(learnPace([]).sd({ plain: 1000 }));
  });
  it("leaves out what cannot be a timing, and never comes to nothing", () => {
    expect(
      learnPace([
        { work: {}, seconds: 100, sigma: 0.1 },
        { work: { plain: 10 }, seconds: 0, sigma: 0.1 },
      ]).timings,
    ).toBe(0);
    expect(
      learnPace([{ work: { plain: 5000 }, seconds: 1, sigma: 0.01 }]).factor("plain"),
    ).toBeGreaterThanOrEqual(0.1);
  });
  it("a batch follows Wright's curve", () => {
    // The 80 % curve as it is tabled in handbooks of operations management (from memory): 100, 80, 70.21, 64,
    // 59.56, 56.17, 53.45, 51.20.
    const table = [100, 80, 70.21, 64, 59.56, 56.17, 53.45, 51.2];
    const curve = learningCurve(table);
    expect(curve?.rate).toBeCloseTo(0.8, 3);
    expect(curve?.first).toBeCloseTo(100, 1);
    table.forEach((s, i) => near(lapOn({ first: 100, rate: 0.8 }, i + 1), s, 0.0002));
    expect(learningCurve([100, 90])).toBeUndefined();
  });
});

describe("doubts", () => {
  it("are asked beyond three deviations, and name what may have happened", () => {
    expect(doubtOf("weight", 0.2, 0.1)).toBeUndefined();
    expect(doubtOf("weight", Math.log(28), 0.15)).toEqual({ code: "wrong-unit", factor: 28.349523125 });
    expect(doubtOf("weight", Math.log(1 / 1000), 0.15)?.code).toBe("wrong-unit");
    expect(doubtOf("weight", Math.log(2.2), 0.15)?.code).toBe("not-tared");
    expect(doubtOf("weight", Math.log(0.5), 0.15)?.code).toBe("unusual");
    expect(doubtOf("time", Math.log(3), 0.2)?.code).toBe("paused-late");
    expect(doubtOf("time", Math.log(0.4), 0.2)?.code).toBe("started-late");
  });
});

describe("the next best measurement", () => {
  const yarns = [
    { group: "slate@30", grams: 200, cost: 1200 },
    { group: "red@30", grams: 20, cost: 120 },
  ];
  const works = [
    { label: "Puffin", work: { plain: 2000, sewing: 600 } as Work, costPerSecond: 0.4 },
    { label: "Buoy", work: { plain: 300 } as Work, costPerSecond: 0.4 },
  ];
  const gain = (list: ReturnType<typeof nextMeasurements>, of: string) =>
    list.filter((m) => m.of === of).map((m) => m.now - m.then)[0] ?? 0;
  it("is where most money is unsure, and says what it would buy", () => {
    const list = nextMeasurements("cost", yarns, works, [], []);
    expect(gain(list, "slate@30")).toBeGreaterThan(gain(list, "red@30"));
    expect(list.map((m) => m.now - m.then)).toEqual(
      [...list.map((m) => m.now - m.then)].sort((a, b) => b - a),
    );
    // Weighed twice already, slate has less to tell.
    const seen = [0, 1].map(() => ({ group: "slate@30", logRatio: 0, variance: 0.001 }));
    expect(gain(nextMeasurements("cost", yarns, works, seen, []), "slate@30")).toBeLessThan(
      gain(list, "slate@30"),
    );
  });
  it("the width it promises is the width that comes about when it is as expected, and nearly so when it is not", () => {
    const [best] = nextMeasurements("yarn", yarns, [], [], []);
    const width = (logRatio: number) => {
      const seen = [{ group: best?.of ?? "", logRatio, variance: weighVariance(8, 0.1) }];
      const known = learnTension(seen, undefined);
      // The score of the ranges stays as it was.
      const sd = (group: string) => (TRADE_DOUBT * known.of(group).sd) / known.calibration.scale;
      return yarns.reduce((s, y) => s + 2 * 1.6449 * sd(y.group) * y.grams, 0);
    };
    expect(width(0)).toBeCloseTo(best?.then ?? 0, 9);
    for (const logRatio of [-0.15, 0.1]) expect(width(logRatio) / width(0)).toBeLessThan(1.25);
  });
  it("for yarn it weighs, for the finish day it times, for cost it does either", () => {
    const kinds = (aim: "cost" | "yarn" | "time") =>
      [...new Set(nextMeasurements(aim, yarns, works, [], []).map((m) => m.kind))].sort();
    expect([kinds("yarn"), kinds("time"), kinds("cost")]).toEqual([["weigh"], ["time"], ["time", "weigh"]]);
  });
  it("a heavier part tells more, a sitting of the whole tells more than one of a part", () => {
    const at = (partGrams: number) =>
      gain(
        nextMeasurements("yarn", [{ group: "slate@30", grams: 200, cost: 1, partGrams }], [], [], []),
        "slate@30",
      );
    expect(at(10)).toBeGreaterThan(at(0.5));
    const sitting = (work: Work) =>
      gain(
        nextMeasurements(
          "time",
          [],
          [{ label: "Puffin", work: { plain: 2000, sewing: 600 }, sitting: work, costPerSecond: 1 }],
          [],
          [],
        ),
        "Puffin",
      );
    expect(sitting({ plain: 2000, sewing: 600 })).toBeGreaterThan(sitting({ sewing: 600 }));
  });
  it("has nothing to say when nothing is planned", () =>
    expect(nextMeasurements("cost", [], [], [], [])).toEqual([]));
});

describe("simulated makers with hidden hands", () => {
  const r = simulate(500, 20261125);
  const holds = (cover: number) => {
    expect(cover).toBeGreaterThanOrEqual(0.85);
    expect(cover).toBeLessThanOrEqual(0.95);
  };
  it("before anything is measured, 85 to 95 of 100 ranges hold the truth", () => {
    holds(r.before.yarnCover);
    holds(r.before.timeCover);
  });
  it("after three weigh-ins the yarn is right within 4 % at the median, within 8 % for nine of ten, and the ranges still hold", () => {
    expect(r.weighed.median).toBeLessThan(0.04);
    expect(r.weighed.ninety).toBeLessThan(0.08);
    holds(r.weighed.cover);
  });
  it("after five timings the minutes are right within 8 % at the median, and the ranges still hold", () => {
    expect(r.timed.median).toBeLessThan(0.08);
    holds(r.timed.cover);
  });
  it("a run of forty, four times the usual batch, still holds what it takes", () => {
    expect(r.run.median).toBeLessThan(0.08);
    holds(r.run.cover);
  });
  it("the same for packing", () => {
    holds(r.packed.cover);
  });
});
