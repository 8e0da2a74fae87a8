import { describe, expect, it } from "vitest";
import { checkPattern } from "..";
import { linesOf, regular } from "../text";
import { listedMakes } from "./parts-list";

const makes = (text: string) => {
  const plain = regular(text);
  return Object.fromEntries(listedMakes(plain, linesOf(plain)));
};

describe("how many of each part, told in a list at the head", () => {
  it.each([
    ["Parts: head 1x, wings 2x, ears 2x", { wing: 2, ear: 2 }],
    ["Pieces: 4 legs, 1 body", { leg: 4 }],
    ["Parts:\n- wings x2\n- body\n- legs x4", { wing: 2 }],
    ["Parts:\n- wings x2\n- legs (4)", { wing: 2, leg: 4 }],
    ["Sew the parts together: 2 wings", {}],
  ])("%s", (text, want) => expect(makes(text)).toEqual(want));

  it("holds for the part of that name, unless its heading says another number", () => {
    const text =
      "Parts: wings 2x, legs 4x\n\nWing\nRnd 1: 5 sc in mr (5)\n\nLegs (make 3)\nRnd 1: 6 sc in mr (6)\n\nBeak\nRnd 1: 4 sc in mr (4)";
    expect(checkPattern(text).parts.map((p) => [p.name, p.make])).toEqual([
      ["Wing", 2],
      ["Legs", 3],
      ["Beak", 1],
    ]);
  });
});
