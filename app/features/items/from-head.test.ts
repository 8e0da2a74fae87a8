import { micrometres } from "@core/units";
import { describe, expect, it } from "vitest";
import { checkPattern } from "@core/notation";
import { proposedBy, proposedFrom, slotsOf } from "./from-head";

const yarn = (id: string, shade: string, weightClass = 3) => ({
  id,
  name: "Cotton",
  shade,
  weightClass,
  hookUm: micrometres(4000),
});
const notion = (id: string, kind: string, sizeUm: number | null = null) => ({ id, kind, name: id, sizeUm });
const YARNS = [
  yarn("w", "chalk white"),
  yarn("b", "puffin black"),
  yarn("o", "buoy orange"),
  yarn("c", "white", 5),
];
const NOTIONS = [
  notion("fibre", "filling"),
  notion("eyes6", "eye", 6000),
  notion("eyes8", "eye", 8000),
  notion("ring", "ring"),
];
const read = (text: string) => {
  const p = checkPattern(text);
  return proposedFrom(p.head, slotsOf(p), YARNS, NOTIONS, (y) => micrometres(y.hookUm - 1000));
};

describe("a new item, from what stands above its rounds", () => {
  it("takes yarn by shade and class, the hook, eyes by size, filling and a ring", () => {
    const got = read(
      "Tern keychain\nDK cotton in white and black, 2.5 mm hook, two 6 mm eyes, key ring\n\nBody (white)\nRnd 1: 6 sc in MR (6)\nRnd 2: change to black, inc x 6 (12)",
    );
    expect(got.slots).toEqual([
      { slot: "white", yarnId: "w", hookUm: 2500, strands: 1 },
      { slot: "black", yarnId: "b", hookUm: 2500, strands: 1 },
    ]);
    expect(got.notions).toEqual([
      { notionId: "fibre", quantity: 1 },
      { notionId: "eyes6", quantity: 2 },
      { notionId: "ring", quantity: 1 },
    ]);
  });
  it("leaves open what may be either of two, and what nothing is said of", () => {
    expect(read("Body (white)\nRnd 1: 6 sc in MR (6)").slots).toEqual([]);
    expect(read("Body\nRnd 1: 6 sc in MR (6)")).toEqual({
      slots: [],
      notions: [{ notionId: "fibre", quantity: 1 }],
    });
  });
});

describe("an item that was handed on", () => {
  const text = "Body (white)\nRnd 1: 6 sc in MR (6)\nRnd 2: change to black, inc x 6 (12)";
  const handed = {
    name: "Tern",
    kind: "keychain",
    yarns: [
      { slot: "white", label: "cotton, Chalk White", hookMm: 2.25 },
      { slot: "black", label: "Merino, night", hookMm: 2.25 },
    ],
    notions: [
      { name: "eyes8", quantity: 2 },
      { name: "fibre", quantity: 4 },
      { name: "a bell", quantity: 1 },
    ],
  };
  it("takes what the cupboard has by the same name, its hooks, and of the rest what the text says", () => {
    const got = proposedBy(handed, read(text), YARNS, NOTIONS);
    // White is either of two by the text alone; the black yarn is another, of which only the hook is known.
    expect(got.slots).toEqual([
      { slot: "black", yarnId: "b", hookUm: 2250, strands: 1 },
      { slot: "white", yarnId: "w", hookUm: 2250, strands: 1 },
    ]);
    expect(got.notions).toEqual([
      { notionId: "eyes8", quantity: 2 },
      { notionId: "fibre", quantity: 1 },
    ]);
  });
});
