import { describe, expect, it } from "vitest";
import { checkPattern } from "../check";
import { Cursor } from "../cursor";
import { linesOf, regular } from "../text";
import { tokenize } from "../tokens";
import { readColourNames } from "./colour-names";
import { headingOf } from "./heading";
import { labelReadings } from "./label";
import { unitsOf } from "./units";

const cursor = (text: string) => {
  const plain = regular(text);
  return new Cursor(tokenize(plain, 0, plain.length), text);
};
const best = (text: string) =>
  labelReadings(cursor(text), true)
    .slice()
    .sort((a, b) => a.cost - b.cost)
    .map((r) => (r.label.list ? r.label.list.join("+") : `${r.label.first}-${r.label.last}`))[0];

describe("labels, the likeliest reading", () => {
  it.each([
    ["Rnd 1: 6 sc", "1-1"],
    ["R3)–R6) 14 sc", "3-6"],
    ["3)–6) 14 sc", "3-6"],
    ["1.-3. sc", "1-3"],
    ["Rnds 3…6: sc", "3-6"],
    ["Rnds 3-6 sc around", "3-6"],
    ["Round 3 – 6x (sc, inc)", "3-3"],
    ["2nd and 3rd rnds: sc", "2-3"],
    ["Rounds 5, 7 and 9: inc", "5+7+9"],
    ["[R8] in front loops only", "8-8"],
    ["R.4 sc around", "4-4"],
    ["#5: 18 sc", "5-5"],
    ["Rnd 4 (RS): sc", "4-4"],
  ])("“%s” is %s", (text, wanted) => expect(best(text.replace(/^#/, ""))).toBe(wanted));
  it("gives a range and a single number where both may be meant", () => {
    const all = labelReadings(cursor("R5 - 18 sc"), true).map((r) => `${r.label.first}-${r.label.last}`);
    expect(all).toContain("5-18");
    expect(all).toContain("5-5");
  });
  it("takes no bare number in the middle of a line, nor one with a unit", () => {
    expect(labelReadings(cursor("3: sc"), false)).toEqual([]);
    expect(labelReadings(cursor("10 - g yarn"), true)).toEqual([]);
  });
});

describe("headings", () => {
  const heading = (text: string) => {
    const plain = regular(text);
    const [unit] = unitsOf(plain, text, linesOf(plain), () => []);
    if (!unit) throw new Error("no unit");
    const h = headingOf(unit, new Cursor(unit.tokens, text), "us", text);
    return h && [h.name, h.make, h.slot];
  };
  it.each([
    ["Hoof (4 in all)", "Hoof", 4, undefined],
    ["2x Horn", "Horn", 2, undefined],
    ["EYES (make 2, white)", "EYES", 2, "white"],
    ["Wing, make 2 in white", "Wing", 2, "white"],
    ["Arm *make 2*", "Arm", 2, undefined],
    ["Step 1 – Head", "Head", 1, undefined],
    ["[HEAD]", "HEAD", 1, undefined],
    ["Body — start at the beak end, using brown", "Body", 1, "brown"],
    ["Ear, dark blue, 2 pieces", "Ear", 2, "dark blue"],
    ["~*~ Bee ~*~", "Bee", 1, undefined],
    ["Owl (2026)", "Owl", 1, undefined],
  ])("“%s”", (text, name, make, slot) => expect(heading(text)).toEqual([name, make, slot]));
});

describe("names of colours", () => {
  it("are read from legends of several kinds", () => {
    const text =
      "P = pink, G = grey\nColours: dark blue (D) and white (W)\nColour A (orange)\nRnd 1 (B): black";
    const plain = regular(text);
    expect(Object.fromEntries(readColourNames(plain, linesOf(plain), text))).toEqual({
      p: "pink",
      g: "grey",
      d: "dark blue",
      w: "white",
      a: "orange",
    });
  });
});

describe("lines weighed together", () => {
  const kinds = (text: string) => checkPattern(text).lines.map((l) => l.kind);
  it("take a line right above round 1 for its heading, whatever its words", () => {
    for (const name of ["Filling", "Hook", "Chain of beads", "Start", "Turnip"])
      expect(
        checkPattern(`Toy\n\n${name}\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)`).parts.map((p) => p.name),
      ).toEqual([name]);
  });
  it("tell steps of sewing up and things to buy from rounds", () => {
    const text =
      "Materials\n1. yarn\n2. hook\n\nBall\n1. 6 sc in MR\n2. inc x 6\n3. Put the beads in.\n4. dec x 6\n\nAssembly\n1. Sew 6 sts together.\n2. Weave in.";
    const p = checkPattern(text);
    expect(p.parts.map((x) => x.rounds.map((r) => r.count))).toEqual([[6, 12, 6]]);
    expect(p.problems).toEqual([]);
  });
  it("take meanings of words for what they are", () => {
    expect(kinds("inc: 2 sc in one st\ndec: 2 sc together\n\nBall\nRnd 1: 6 sc in MR (6)")).toEqual([
      "note",
      "note",
      "blank",
      "heading",
      "round",
    ]);
  });
});

describe("a start above the first round", () => {
  const counts = (text: string) => {
    const p = checkPattern(text);
    return [p.parts.map((x) => x.rounds.map((r) => r.count)), p.problems.map((x) => x.code)];
  };
  it("that makes stitches is a round, whether numbers go on from one or from two", () => {
    expect(counts("Pot\nFoundation: 8 sc in mr [8]\n1: 2 sc in each [16]")).toEqual([[[8, 16]], []]);
    expect(counts("Pot\nStart: 6 sc in mr (6)\nRnd 2: inc x6 (12)")).toEqual([[[6, 12]], []]);
  });
  it("that makes none is a set-up", () =>
    expect(
      counts("Mat\nFoundation: ch 12\nRow 1: sc in 2nd ch from hook and in each ch across (11)"),
    ).toEqual([[[11]], []]));
  it("under a name of its own begins the part: its stitches are never lost", () =>
    expect(counts("Base: 8 sc in mr [8]\n1: 2 sc in each [16]")[0]).toEqual([[8, 16]]));
});
