import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const counts = (text: string) => checkPattern(text).parts.map((p) => p.rounds.map((r) => r.count).join(" "));

describe("numbers that may be labels or more", () => {
  it("a dash that ends other labels ends the last one too, and is no range", () => {
    const text = "Tail\n1 - mr 6\n2 - inc all (12)\n3 - 12\n4 - *1 sc, dec* (8)\n5 - 8\nFlatten.";
    expect(counts(text)).toEqual(["6 12 12 8 8"]);
    expect(checkPattern(text).uncounted).toEqual([]);
  });
  it("a range behind a dash stays one", () => {
    expect(counts("Tail\n1 - mr 6\n2 - inc all (12)\n3-5 - 12\n6 - dec all (6)")).toEqual([
      "6 12 12 12 12 6",
    ]);
  });
  it.each([
    ["0. ch 12, join to a ring (12)\n1. sc around (12)\n2. (sc 1, inc) x6 (18)", "12 18"],
    ["| 0 | ch 12, join to a ring | 12 |\n| 1 | sc around | 12 |\n| 2 | (sc 1, inc) x6 | 18 |", "12 18"],
  ])("what has the number 0 comes before round 1: %s", (rounds, want) => {
    const read = checkPattern(`Ring\n\n${rounds}`);
    expect(read.problems.filter((p) => p.severity === "error")).toEqual([]);
    expect(counts(`Ring\n\n${rounds}`)).toEqual([want]);
  });
  it("rows go on from a line that ends in a turn, though it has no number", () => {
    const fish = "Fish\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\nR3: dec x6 (6)\n";
    const tail =
      "Tail: flatten, and through both layers work 3 sc, turn.\nRow 1: ch 1, 2 sc in each – 6, turn.";
    expect(counts(fish + tail)).toEqual(["6 12 6", "3 6"]);
  });
});
