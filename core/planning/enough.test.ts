import { describe, expect, it } from "vitest";
import { randomFrom } from "../calibrate/simulated-makers";
import { chanceEnough, reserveFactor, type ExpectedLength } from "./enough";

/** The plain way: makers are drawn, and each ball is worked until it is empty. */
function drawn(balls: Parameters<typeof chanceEnough>[0], runs: number): number {
  const { normal } = randomFrom(60);
  let held = 0;
  for (let i = 0; i < runs; i++) {
    const s = normal();
    held += Number(
      balls.every(
        (b) =>
          b.lengths.reduce((sum, x) => sum + x.mg * Math.exp(s * x.shared) * (1 + x.piece * normal()), 0) <=
          b.mg,
      ),
    );
  }
  return held / runs;
}
const length = (mg: number, shared = 0.05, piece = 0.03): ExpectedLength => ({ mg, shared, piece });

describe("the chance that a run's yarn is enough", () => {
  it.each([
    ["one length, one ball", [{ mg: 5400, lengths: [length(5000)] }]],
    ["eight on a ball", [{ mg: 42_000, lengths: Array.from({ length: 8 }, () => length(5000)) }]],
    ["forty scraps", Array.from({ length: 40 }, () => ({ mg: 5500, lengths: [length(5000, 0.02)] }))],
    [
      "mixed lengths, and one that is only measured off",
      [
        { mg: 12_000, lengths: [length(5000), length(6000), length(300, 0, 0)] },
        { mg: 3200, lengths: [length(3000, 0.08)] },
      ],
    ],
  ])("%s: agrees with runs that are drawn", (_what, balls) => {
    const runs = 20_000;
    const plain = drawn(balls, runs);
    expect(Math.abs(chanceEnough(balls) - plain)).toBeLessThan(4 * Math.sqrt(0.25 / runs));
  });
  it.each([
    [1, 1],
    [40, 1],
    [40, 8],
    [200, 11],
  ])("%i lengths, %i on a ball: the reserve makes 95 of 100 runs enough, and not much more", (n, perBall) => {
    for (const [shared, piece] of [
      [0.01, 0.03],
      [0.05, 0.03],
      [0.12, 0.03],
    ] as const) {
      const factor = reserveFactor({ shared, piece }, n, perBall, 0.95);
      const balls = Array.from({ length: Math.ceil(n / perBall) }, (_, i) => {
        const many = Math.min(perBall, n - i * perBall);
        return {
          // The last ball is as large as the others, as a bought one is.
          mg: Math.min(perBall, n) * 5000 * factor,
          lengths: Array.from({ length: many }, () => length(5000, shared, piece)),
        };
      });
      const chance = chanceEnough(balls);
      expect(chance).toBeGreaterThan(0.945);
      expect(chance).toBeLessThan(0.975);
    }
  });
  it("as expected has no reserve, and more certainty has more", () => {
    const of = { shared: 0.1, piece: 0.03 };
    expect(reserveFactor(of, 10, 3, 0.5)).toBe(1);
    expect(reserveFactor(of, 10, 3, 0.99)).toBeGreaterThan(reserveFactor(of, 10, 3, 0.9));
    // One length: by the table of the normal distribution, z = 1.6449 for 95 of 100.
    expect(reserveFactor(of, 1, 1, 0.95)).toBeCloseTo(Math.exp(1.6449 * Math.hypot(0.1, 0.03)), 3);
  });
});
