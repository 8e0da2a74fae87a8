import { describe, expect, it } from "vitest";
import { countsOf } from "../../../tests/counts";

describe("a range with a sum for each of its rounds", () => {
  it.each([
    ["Rounds 1-6 (grey): 6, 12, 18, 24, 30, 36\nRounds 7-8: sc 36", [6, 12, 18, 24, 30, 36, 36, 36]],
    ["Rnds 1-4: 6, 12, 18, 24 sts\nRnd 5: 24 sc", [6, 12, 18, 24, 24]],
    ["Rnds 1 to 4: increase to 6, 12, 18, 24\nRnd 5: 24 sc", [6, 12, 18, 24, 24]],
    ["R1-R4: 6-12-18-24\nR5: 24 sc\nR6-R8: 18-12-6", [6, 12, 18, 24, 24, 18, 12, 6]],
    ["R1: 6 sc in MR\nR2-R4: inc to (12), (18), (24)\nR5: 24 sc", [6, 12, 18, 24, 24]],
    ["1-4) 6, 12, 18, 24\n5) 24 sc\n6-8) 18, 12, 6", [6, 12, 18, 24, 24, 18, 12, 6]],
    ["1-3: 6 / 12 / 18\n4-5: 18 / 18\n6-7: 12 / 6", [6, 12, 18, 18, 18, 12, 6]],
    ["Rnd 1: 6 sc in mr\nRnds 2-4: 12, 18 and 24\nRnd 5: sc around (24)", [6, 12, 18, 24, 24]],
  ])("%s", (text, counts) => expect(countsOf(`Whale\n${text}`)).toEqual([counts]));

  it("a sum behind its work is no list", () => {
    expect(countsOf("Rnd 1: 6 sc in mr (6)\nRnds 2-3: 6 sc (6)")).toEqual([[6, 6, 6]]);
    expect(countsOf("Rnd 1: 6 sc in mr (6)\nRnds 2-3: 6 (6)")).toEqual([[6, 6, 6]]);
  });
});

describe("a change that is spread, with its sum behind it", () => {
  it.each(["inc evenly (12)", "increase evenly around [12]", "inc evenly = 12"])("%s", (text) =>
    expect(countsOf(`W\nR1: 6 sc in MR\nR2: ${text}\nR3: 12 sc`)).toEqual([[6, 12, 12]]),
  );
});
