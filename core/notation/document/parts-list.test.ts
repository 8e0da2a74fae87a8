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

describe("a line that counts parts and has no word for it", () => {
  const parts = "Body\nRnd 1: 6 sc in mr (6)\nLegs\nRnd 1: 5 sc in mr (5)\nEar\nRnd 1: 4 sc in mr (4)";
  it.each([
    "Turtle body (1), legs (4), ears (2)",
    "You will make: 1 body, 4 legs, 2 ears",
    "Body x1, Legs x4, Ears x2",
    "Crochet: body in grey (1), legs in pink (4) and ears in pink (2)",
  ])("%s", (line) =>
    expect(checkPattern(`${line}\n\n${parts}`).parts.map((p) => [p.name, p.make])).toEqual([
      ["Body", 1],
      ["Legs", 4],
      ["Ear", 2],
    ]),
  );
  it("is none where an entry counts nothing, or where a name has a number of its own", () => {
    expect(checkPattern(`Legs, ears (2)\n\n${parts}`).parts.map((p) => p.make)).toEqual([1, 1, 1]);
    const twice = "1 body, 2 legs\n\nLeg 1\nRnd 1: 5 sc in mr (5)\nLeg 2\nRnd 1: 5 sc in mr (5)";
    expect(checkPattern(twice).parts.map((p) => p.make)).toEqual([1, 1]);
  });
});
