import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const read = (rounds: string) => checkPattern(`Ball\nR1: 6 sc in MR (6)\n${rounds}`);
const counts = (rounds: string) => read(rounds).parts[0]?.rounds.map((r) => r.count);
const told = (rounds: string) => read(rounds).problems.filter((p) => p.severity === "error");

describe("how many go into one stitch, said by a number alone", () => {
  it.each([
    ["R2: 2 sc × 6 (12)", [6, 12]],
    ["R2: 2sc x6 (12)\nR3: [1 sc, 2 sc] × 6 (18)", [6, 12, 18]],
    ["R2: 2 sc x 6\nR3: [1 sc, 2 sc] x 6\nR4: [2 sc, 2 sc] x 6\nR5: sc 24", [6, 12, 18, 24, 24]],
    // Where it comes out without, it is no increase.
    ["R2: inc x6 (12)\nR3: 2 sc x 6 (12)", [6, 12, 12]],
    ["R2: inc x6 (12)\nR3: (1 sc, 2 sc) x 4 (12)", [6, 12, 12]],
  ])("%s", (rounds, want) => {
    expect(counts(rounds)).toEqual(want);
    expect(told(rounds)).toEqual([]);
  });
  it("a sum that neither meaning comes to is told", () => {
    expect(told("R2: 2 sc x 6 (11)\nR3: sc around (12)").map((p) => p.line)).toEqual([3]);
  });
});

describe("what a piece begins with", () => {
  it.each([
    "Using cream, 4 mm hook: 8 sc in a ring, and work in rounds without joining.",
    "With cream and a 4 mm hook, 8 sc in a ring, working in rounds without joining.",
  ])("the hook is no stitch: %s", (line) => {
    const cosy = checkPattern(`Cosy\n\n${line}\nNext round: 2 sc in each, 16 sts.`);
    expect(cosy.parts.map((p) => p.rounds.map((r) => r.count))).toEqual([[8, 16]]);
  });
  it("each from the 2nd chain, which is named only once", () => {
    const arms = checkPattern("Arms (8)\nch 15, 2 sc in each from 2nd ch (28)");
    expect(arms.problems.filter((p) => p.severity === "error")).toEqual([]);
    expect(arms.parts[0]?.rounds.map((r) => r.count)).toEqual([28]);
  });
});
