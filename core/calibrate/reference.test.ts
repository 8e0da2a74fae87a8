/**
 * The closed forms against regressions of reference libraries from the registry:
 * ml-regression-multivariate-linear (singular value decomposition) with ml-matrix, and simple-statistics. A
 * Gaussian prior enters such a regression as rows of its own (data augmentation: T. Hastie, R. Tibshirani, J.
 * Friedman, "The Elements of Statistical Learning", §3.4 and exercise 3.12, from memory), so the libraries
 * know nothing of how core does it.
 */
import { CholeskyDecomposition, inverse, Matrix } from "ml-matrix";
import Regression from "ml-regression-multivariate-linear";
import { linearRegression } from "simple-statistics";
import { describe, expect, it } from "vitest";
import {
  batchFactor,
  DENSITY_SPREAD,
  driftOf,
  lapOn,
  learn,
  learnBatch,
  learningCurve,
  learnPace,
  type Observation,
  type Residual,
  type Spread,
  type Timing,
} from ".";
import { PACE_KINDS, PACE_PRIOR, TRADE_DOUBT } from "../estimate";
import { BATCH_PRIOR, LAP_SIGMA } from "./batch";
import { randomFrom } from "./simulated-makers";

const regress = (x: number[][], y: number[]): number[] =>
  new Regression(
    x,
    y.map((v) => [v]),
    { intercept: false },
  ).weights.map((w) => w[0] ?? NaN);

describe("pace against ml-regression", () => {
  /**
   * Rows of the prior about 1: the inverse of the Cholesky factor of its covariance, probed through the
   * spread of sums.
   */
  function priorRows(): { x: number[][]; y: number[] } {
    // What an item differs by is no factor of a kind, nor is how unsure the spreads are: both are taken off.
    const variance = (work: Partial<Record<(typeof PACE_KINDS)[number], number>>) =>
      (learnPace([]).sd(work) / TRADE_DOUBT) ** 2 -
      (PACE_PRIOR.item * Object.values(work).reduce((a, b) => a + b, 0)) ** 2;
    const cov = new Matrix(
      PACE_KINDS.map((a) =>
        PACE_KINDS.map((b) =>
          a === b
            ? variance({ [a]: 1 })
            : (variance({ [a]: 1, [b]: 1 }) - variance({ [a]: 1 }) - variance({ [b]: 1 })) / 2,
        ),
      ),
    );
    const factor = inverse(new CholeskyDecomposition(cov).lowerTriangularMatrix);
    return { x: factor.to2DArray(), y: factor.mmul(Matrix.ones(PACE_KINDS.length, 1)).to1DArray() };
  }
  const ridge = (timings: readonly Timing[]): number[] => {
    const { x, y } = priorRows();
    for (const t of timings) {
      const sd = Math.sqrt((t.sigma * t.seconds) ** 2 + 25);
      x.push(PACE_KINDS.map((k) => (t.work[k] ?? 0) / sd));
      y.push(t.seconds / sd);
    }
    return regress(x, y);
  };
  const cases: readonly (readonly [string, readonly Timing[]])[] = [
    ["nothing timed", []],
    ["one timing", [{ work: { plain: 1000 }, seconds: 700, sigma: 0.05 }]],
    [
      "three stages",
      [
        { work: { plain: 900, tiny: 200, rounds: 80 }, seconds: 1000, sigma: 0.08 },
        { work: { sewing: 300 }, seconds: 420, sigma: 0.08 },
        { work: { plain: 400, closing: 100 }, seconds: 390, sigma: 0.1 },
      ],
    ],
    [
      "the same sitting over and over",
      Array.from({ length: 12 }, (_, i) => ({
        work: { plain: 500, rounds: 100 },
        seconds: 480 + i,
        sigma: 0.08,
      })),
    ],
  ];
  it.each(cases)("gives its factors: %s", (_, timings) => {
    const pace = learnPace(timings, false);
    const expected = ridge(timings);
    PACE_KINDS.forEach((k, i) => expect(pace.factor(k)).toBeCloseTo(expected[i] ?? NaN, 6));
  });
  it("gives them for fifty drawn sittings too", () => {
    const { next } = randomFrom(4);
    const timings = Array.from({ length: 50 }, (): Timing => {
      const kind = PACE_KINDS[Math.floor(next() * PACE_KINDS.length)] ?? "plain";
      const trade = 60 + 900 * next();
      return {
        work: { [kind]: trade, plain: 100 * next() },
        seconds: trade * (0.7 + 0.6 * next()),
        sigma: 0.08,
      };
    });
    const pace = learnPace(timings, false);
    const expected = ridge(timings);
    PACE_KINDS.forEach((k, i) => expect(pace.factor(k)).toBeCloseTo(expected[i] ?? NaN, 6));
  });
});

describe("tension and packing against ml-regression", () => {
  /** Unknowns: the hand, then each group about it. */
  function pooled(observations: readonly Observation[], spread: Spread, groups: readonly string[]): number[] {
    const unit = (i: number, value: number) =>
      [0, ...groups.map(() => 0)].map((_, k) => (k === i ? value : 0));
    const x = [unit(0, 1 / spread.hand), ...groups.map((_, i) => unit(i + 1, 1 / spread.group))];
    const y = x.map(() => 0);
    for (const o of observations) {
      const sd = Math.sqrt(o.variance);
      x.push([1, ...groups.map((g) => (g === o.group ? 1 : 0))].map((v) => v / sd));
      y.push(o.logRatio / sd);
    }
    const [hand = NaN, ...own] = regress(x, y);
    return own.map((v) => hand + v);
  }
  const groups = ["slate@30", "white@30", "fog@35", "never@30"];
  it.each([
    ["tension", { hand: 0.15, group: 0.08 }],
    ["packing", DENSITY_SPREAD],
  ] as const)("gives the same %s of every yarn, measured or not", (_, spread) => {
    const { next, normal } = randomFrom(9);
    for (let k = 0; k < 20; k++) {
      const seen = Array.from({ length: 1 + Math.floor(8 * next()) }, (): Observation => ({
        group: groups[Math.floor(3 * next())] ?? "",
        logRatio: 0.2 * normal(),
        variance: 0.0005 + 0.02 * next(),
      }));
      const known = learn(seen, spread);
      pooled(seen, spread, groups).forEach((mean, i) =>
        expect(known.of(groups[i] ?? "").mean).toBeCloseTo(mean, 8),
      );
    }
  });
});

describe("curves against simple-statistics and ml-regression", () => {
  const laps = [412, 377, 390, 351, 360, 339, 348, 322];
  it("Wright's curve is the line through the logarithms", () => {
    const line = linearRegression(laps.map((s, i) => [Math.log(i + 1), Math.log(s)]));
    const curve = learningCurve(laps);
    expect(Math.log2(curve?.rate ?? 0)).toBeCloseTo(line.m, 9);
    expect(Math.log(curve?.first ?? 0)).toBeCloseTo(line.b, 9);
  });
  it("the slope of several batches is a regression with a first piece for each and the prior as one more row", () => {
    const batches = [laps, [300, 280, 285], [95, 93, 90, 88, 91]];
    const x: number[][] = [[1 / BATCH_PRIOR.sd, ...batches.map(() => 0)]];
    const y = [BATCH_PRIOR.slope / BATCH_PRIOR.sd];
    batches.forEach((b, k) =>
      b.forEach((s, i) => {
        x.push([Math.log(i + 1), ...batches.map((_, j) => (j === k ? 1 : 0))].map((v) => v / LAP_SIGMA));
        y.push(Math.log(s) / LAP_SIGMA);
      }),
    );
    expect(learnBatch(batches.map((b) => ({ pieces: b.length, laps: b }))).slope).toBeCloseTo(
      regress(x, y)[0] ?? NaN,
      8,
    );
  });
  it("drift is the weighted line: a measurement of half the variance counts as two", () => {
    const list: Residual[] = [
      { day: 0, log: 0.02, variance: 0.001 },
      { day: 40, log: -0.01, variance: 0.0005 },
      { day: 41, log: 0.03, variance: 0.001 },
      { day: 170, log: -0.06, variance: 0.0005 },
    ];
    const line = linearRegression(
      list.flatMap((p) => Array.from({ length: Math.round(0.001 / p.variance) }, () => [p.day, p.log])),
    );
    const drift = driftOf(list);
    expect(drift?.perMonth).toBeCloseTo(30 * line.m, 9);
    expect(drift?.at(100)).toBeCloseTo(line.m * 100 + line.b, 9);
  });
});

describe("batches against tables of learning-curve coefficients", () => {
  // Total-time coefficients (J. Heizer, B. Render, "Operations Management", module E, table E.3; from
  // memory).
  const table: readonly (readonly [rate: number, ten: number, twenty: number])[] = [
    [0.7, 4.932, 7.407],
    [0.75, 5.589, 8.828],
    [0.8, 6.315, 10.485],
    [0.85, 7.116, 12.402],
    [0.9, 7.994, 14.608],
  ];
  it.each(table)("at %d: ten pieces take %d times the first, twenty %d times", (rate, ten, twenty) => {
    const slope = Math.log2(rate);
    const total = (n: number) =>
      Array.from({ length: n }, (_, i) => lapOn({ first: 1, rate }, i + 1)).reduce((a, b) => a + b, 0);
    expect(total(10)).toBeCloseTo(ten, 2);
    expect(total(20)).toBeCloseTo(twenty, 2);
    expect(batchFactor({ slope, sd: 0, around: 10 }, 20).factor).toBeCloseTo(twenty / 20 / (ten / 10), 3);
  });
});
