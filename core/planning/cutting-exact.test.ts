import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { checkCutting, planCutting, type CutBall, type CutPiece, type CuttingInput } from "./cutting";

const piece = (group: string, i: number, mg: number): CutPiece => ({
  id: `${group}-${i}`,
  group,
  label: "",
  mg,
  joinable: false,
});
const items = (name: string, copies: number, lengths: readonly number[]): CutPiece[] =>
  Array.from({ length: copies }, (_, c) => lengths.map((mg, i) => piece(`${name}${c}`, i, mg))).flat();
const ball = (id: string, mg: number, lot = "a"): CutBall => ({ id, lot, mg, state: "opened" });
const input = (pieces: readonly CutPiece[], balls: readonly CutBall[], more: Partial<CuttingInput> = {}) => ({
  pieces,
  balls,
  newBallMg: 20_000,
  lotRule: "item" as const,
  joins: false,
  joinMg: 400,
  ...more,
});

describe("as few new balls as there can be", () => {
  it("takes five of one item and two of the other, though neither kind alone fills the ball", () => {
    // 5 × 7,565 + 2 × 10,799 = 59,423 mg: the ball to the milligram.
    const i = input([...items("a", 6, [7565]), ...items("b", 3, [5701, 5098])], [ball("x", 59_423)]);
    const plan = planCutting(i);
    expect([plan.newBalls, plan.bound.newBalls, checkCutting(i, plan.cuts)]).toEqual([1, 1, []]);
  });

  it("one lot for the whole run: nine lengths that fill three balls of it exactly", () => {
    const cut = [9_883, 9_000, 8_500, 7_003, 6_000, 5_000, 4_548, 4_000, 3_000];
    const balls = [27_383, 18_003, 11_548].map((mg, i) => ball(`b${i}`, mg));
    const i = input(
      cut.map((mg, k) => piece(`p${k}`, 0, mg)),
      balls,
      { lotRule: "run" },
    );
    const plan = planCutting(i);
    expect([plan.newBalls, checkCutting(i, plan.cuts)]).toEqual([0, []]);
  });

  it("ends where a length is longer than a new ball, and says which", () => {
    // 22 g stay on no ball of 20 g, and the ball of 22.5 g holds not both: one is told, the other is cut.
    const i = input(items("a", 1, [22_000, 1_000]), [ball("x", 22_500)]);
    const plan = planCutting(i);
    expect(plan.tooLong).toEqual(["a0-0"]);
    expect(plan.cuts.map((c) => c.piece)).toEqual(["a0-1"]);
    const many = planCutting(input(items("a", 30, [22_000, 1_000]), [ball("x", 24_000)]));
    expect(many.tooLong).toHaveLength(29);
  });

  it("finds a packing that is hidden in the lengths: balls cut to the last milligram", () => {
    // Lengths made by cutting balls up: all yarn on hand and `fresh` new balls are just enough, so no plan
    // needs more.
    const cutUp = fc
      .array(fc.array(fc.integer({ min: 600, max: 7_000 }), { minLength: 1, maxLength: 5 }), {
        minLength: 1,
        maxLength: 4,
      })
      .filter((balls) => balls.every((b) => b.length > 0));
    fc.assert(
      fc.property(cutUp, fc.integer({ min: 1, max: 3 }), (balls, per) => {
        const lengths = balls.flat().sort((a, b) => a - b);
        const pieces = lengths.map((mg, k) => piece(`g${Math.floor(k / per)}`, k, mg));
        const i = input(
          pieces,
          balls.map((b, k) =>
            ball(
              `b${k}`,
              b.reduce((s, n) => s + n, 0),
            ),
          ),
        );
        const plan = planCutting(i);
        expect([plan.newBalls, checkCutting(i, plan.cuts)]).toEqual([0, []]);
      }),
      { seed: 7, numRuns: 150 },
    );
  });
});
