import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

describe("how many there are to be, wherever a heading says it", () => {
  it.each([
    ["Ears, 2 of", "Ears"],
    ["Ears // make 2", "Ears"],
    ["(2) Ears", "Ears"],
    ["Ears – 2", "Ears"],
    ["Ears qty 2", "Ears"],
    ["Make 2: Ears", "Ears"],
    ["A pair of ears", "ears"],
    ["Both ears", "ears"],
    ["Right and left ear", "Right and left ear"],
    ["Ear 1 and 2", "Ear 1 and 2"],
    ["Ears: one left, one right", "Ears"],
    ["Ears (make one, then another)", "Ears"],
    ["Ears. Make two of these.", "Ears"],
    ["Ears. Orange yarn. Two.", "Ears"],
    ["Part B – Ears (2)", "Ears"],
    ["b. ears, 2x", "ears"],
    ["== Ears ×2 ==", "Ears"],
    ["[EARS x 2]", "EARS"],
    ["<Ears> x2", "Ears"],
    ["Ears\n×2", "Ears"],
    ["Ears\n2 pieces", "Ears"],
    ["Ears - small, make 2", "Ears - small"],
    ["Front and back (2 squares, brown)", "Front and back"],
    ["Ears\nWork one in white and one in pink.", "Ears"],
    ["Ears\nMake 2 and join with sc all round.", "Ears"],
    ["Ears\n2x, pink", "Ears"],
    ["Ears (make one for each side)", "Ears"],
    ["Ears (repeat for second ear)", "Ears"],
    ["Ears (make 1 left, 1 right)", "Ears"],
    ["Ears, 1 long, 1 short", "Ears"],
    ["Ears (grey) make 1 long, 1 short", "Ears"],
    ["Ears – make one in green and one in blue", "Ears"],
    ["Ears – green – 2", "Ears"],
  ])("%s", (head, name) => {
    const p = checkPattern(
      `Ball\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\n\n${head}\nRnd 1: 5 sc in MR (5)\nRnd 2: 5 sc (5)`,
    );
    expect(p.parts.map((x) => [x.name, x.make])).toEqual([
      ["Ball", 1],
      [name, 2],
    ]);
  });
  it("sums what is said of each kind", () => {
    const c = checkPattern("Arms, 2 green and 3 blue\nRnd 1: 5 sc in MR (5)\nRnd 2: 5 sc (5)");
    expect(c.parts.map((p) => p.make)).toEqual([5]);
  });
  it.each([
    "Flag (make one in each: coral, mint, navy)",
    "Flag, one each in coral, mint and navy",
    "Flag, one in coral, one in mint and one in navy",
    "Flag (one of each colour: coral, mint, navy)",
  ])("as many as there are colours: %s", (head) => {
    expect(checkPattern(`${head}\nRow 1: 8 sc`).parts.map((p) => [p.name, p.make])).toEqual([["Flag", 3]]);
  });
  it.each([
    "Base\nThen work 2 more rounds.",
    "Bear no. 5",
    "Body, vol. 2",
    "Leg 2",
    "Leg – 2",
    "Row of 4 spikes",
    "Body, front and back",
  ])("says nothing of it: %s", (head) => {
    const p = checkPattern(`${head}\nRnd 1: 5 sc in MR (5)\nRnd 2: 5 sc (5)`);
    expect(p.parts.map((x) => x.make)).toEqual([1]);
  });
});
