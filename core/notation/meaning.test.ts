import { describe, expect, it } from "vitest";
import { checkPattern } from "./check";
import { meaningOf, nextRounds, stitchChoices, wordKind } from "./meaning";

/**
 * US and UK names side by side. Source: Craft Yarn Council, conversion chart of US and UK crochet terms (from
 * memory).
 */
const TERMS: readonly [string, string, string, string][] = [
  ["sc", "single crochet", "dc", "double crochet"],
  ["hdc", "half double crochet", "htr", "half treble"],
  ["dc", "double crochet", "tr", "treble"],
  ["tr", "treble", "dtr", "double treble"],
];

describe("meanings in both terms", () => {
  it.each(TERMS)("US %s (%s) is UK %s (%s)", (us, usFull, uk, ukFull) => {
    expect(meaningOf(us, "us")).toMatchObject({ title: `${us}: ${usFull}`, other: `UK: ${uk}, ${ukFull}` });
    expect(meaningOf(uk, "uk")).toMatchObject({ title: `${uk}: ${ukFull}`, other: `US: ${us}, ${usFull}` });
  });
  it("slip stitches and chains keep their name", () => {
    expect(meaningOf("ch", "us")?.other).toBe("the same in UK terms");
    expect(meaningOf("ss", "uk")?.title).toBe("ss: slip stitch");
  });
  it("tells what an increase and a decrease use and make", () => {
    expect(meaningOf("inc", "us")?.note).toBe("2 sc in one stitch: uses 1, makes 2");
    expect(meaningOf("sc3tog", "us")?.note).toBe("3 sc drawn together: uses 3, makes 1");
    expect(meaningOf("inc", "uk")?.note).toContain("2 dc");
  });
  it.each(["the", "round", "white", "st", ""])("“%s” is no stitch", (word) =>
    expect(meaningOf(word, "us")).toBeUndefined(),
  );
  it.each([
    ["rnd", "label"],
    ["inc", "increase"],
    ["invdec", "decrease"],
    ["sc2tog", "decrease"],
    ["hdc", "stitch"],
    ["blo", "loops"],
    ["magic", "start"],
    ["puffin", undefined],
  ] as const)("“%s” is coloured as %s", (word, kind) => expect(wordKind(word, "us")).toBe(kind));
  it("offers UK words to a UK hand", () => expect(stitchChoices("uk").map((c) => c.word)).toContain("htr"));
});

describe("the next round", () => {
  const next = (text: string) =>
    nextRounds(checkPattern(text), text, text.split("\n").length + 1).map((n) => n.text);
  const START = "Ball\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)";
  it("grows on where it grew", () =>
    expect(next(`${START}\nRnd 3: (sc, inc) x 6 (18)`)).toEqual([
      "Rnd 4: (2 sc, inc) × 6 (24)",
      "Rnd 4: sc in each st around (18)",
      "Rnd 4: (sc, dec) × 6 (12)",
    ]));
  it("stays even first after an even round", () =>
    expect(next(`${START}\nRnds 3-5: sc around (12)`)[0]).toBe("Rnd 6: sc in each st around (12)"));
  it("shrinks on to the last ring", () =>
    expect(next(`${START}\nRnd 3: (sc, inc) x 6 (18)\nRnd 4: (sc, dec) x 6 (12)`)[0]).toBe(
      "Rnd 5: dec × 6 (6)",
    ));
  it("writes the label as the maker does, in her terms", () =>
    expect(next("R1. 6 dc in mr [6]\nR2. inc x6 [12]\nR3. 12 dc [12]")[0]).toBe(
      "R4. dc in each st around (12)",
    ));
  it.each(["", "Head", "Rnd 1: (sc, icn) x 6"])("says nothing where nothing is counted: %j", (text) =>
    expect(next(text)).toEqual([]),
  );
  it("offers only rounds that fit", () => {
    for (const live of [4, 5, 7, 8, 9, 10, 12, 13, 14, 24, 30]) {
      const text = `Rnd 1: ${live} sc in magic ring (${live})`;
      for (const n of next(text)) expect(checkPattern(`${text}\n${n}`).problems, n).toEqual([]);
    }
  });
});
