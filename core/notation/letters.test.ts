import { describe, expect, it } from "vitest";
import { checkPattern } from ".";
import { lettersOf } from "./letters";

const counts = (text: string) => checkPattern(text).parts.map((p) => p.rounds.map((r) => r.count));

describe("a letter for each stitch, without a legend", () => {
  it("is read where the whole text is written so", () => {
    expect(
      counts("Egg\nR1: 6X\nR2: 6V (12)\nR3: (X, V)*6 (18)\nR4-5: 18X\nR6: (X, A)*6 (12)\nR7: 6A (6)"),
    ).toEqual([[6, 12, 18, 18, 18, 12, 6]]);
  });
  it("is not where stitches have names: an x is then a sign of times", () => {
    const text = "Egg\nRnd 1: 6 sc in mr (6)\nRnd 2: inc 6x (12)\nRnd 3: (sc, inc) 6x (18)";
    expect(lettersOf(text.toLowerCase()).size).toBe(0);
    expect(counts(text)).toEqual([[6, 12, 18]]);
  });
  it("leaves articles in the talk around it alone", () => {
    const text =
      "With a 2 mm hook\nHead\nR1: 6X\nR2: 6V =12\nR3-4: 12X\nPlace a pair of eyes. Add a bit of filling.\nR5: 6A\nLeave a tail.";
    expect(counts(text)).toEqual([[6, 12, 12, 12, 6]]);
    expect(checkPattern(text).problems).toEqual([]);
  });
});
