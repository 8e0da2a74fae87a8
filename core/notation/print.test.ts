import fc from "fast-check";
import { marked } from "marked";
import { describe, expect, it } from "vitest";
import { checkPattern, type CheckedPattern } from "./check";
import { CORPUS } from "../../tests/corpus";
import { PLAIN_STYLE, printPattern, type HouseStyle } from "./print";

const style: fc.Arbitrary<HouseStyle> = fc.record({
  terms: fc.constantFrom("us", "uk"),
  label: fc.constantFrom("Rnd", "Round", "R"),
  brackets: fc.constantFrom("round", "square", "stars"),
  total: fc.constantFrom("round", "square", "equals", "words"),
  saysSpiral: fc.boolean(),
  format: fc.constantFrom("text", "markdown"),
});
const counted = (p: CheckedPattern) =>
  p.parts.map((x) => ({ make: x.make, made: x.made, counts: x.rounds.map((r) => r.count) }));
const errors = (p: CheckedPattern) => p.problems.filter((x) => x.severity === "error").map((x) => x.code);

describe("printing back", () => {
  it("reads again with the same counts and stitches, any pattern, any style", () => {
    fc.assert(
      fc.property(fc.constantFrom(...CORPUS), style, (c, s) => {
        const once = checkPattern(c.text);
        const again = checkPattern(printPattern(once, c.text, s));
        expect(counted(again)).toEqual(counted(once));
        expect(errors(again)).toEqual(errors(once));
        expect(again.terms).toBe(s.terms);
      }),
      { numRuns: 700, seed: 20261124 },
    );
  }, 300_000);

  it("settles: printed, read and printed again is the same text", () => {
    fc.assert(
      fc.property(fc.constantFrom(...CORPUS.filter((c) => !c.reports)), style, (c, s) => {
        const printed = printPattern(checkPattern(c.text), c.text, s);
        const rounds = (text: string) =>
          text.split("\n").filter((l) => /^(- \*\*)?(Rn?d|Round|Row|R)s? ?\d/.test(l));
        expect(rounds(printPattern(checkPattern(printed), printed, s))).toEqual(rounds(printed));
      }),
      { numRuns: 200, seed: 20261124 },
    );
  });

  const TEXT =
    "Seal\nBody\nR1. 6 sc in MR\nR2. inc x6\nR3-5. 12sc\nPut in the eyes between rounds 3 and 4.\nR6. (sc, dec) x4\nStuff.";
  it("writes the house style", () => {
    expect(printPattern(checkPattern(TEXT), TEXT, PLAIN_STYLE)).toBe(
      "Seal\n\nUS terms. Worked in a spiral: do not join the rounds.\n\nBody\nRnd 1: 6 sc in magic ring (6)\nRnd 2: 6 inc (12)\nRnds 3–5: 12 sc (12)\nPut in the eyes between rounds 3 and 4.\nRnd 6: (sc, dec) × 4 (8)\nStuff.\n",
    );
  });
  it("leaves out what words mean where it is written in other terms", () => {
    const meanings =
      "sc single crochet\nhdc: half double crochet\nSC – single crochet; INC – two SC in one stitch";
    const text = `Seal\n${meanings}\nFor a cold day.\nBody\nR1. 6 sc in MR\nR2. inc x6`;
    const inTerms = (terms: "us" | "uk") => printPattern(checkPattern(text), text, { ...PLAIN_STYLE, terms });
    expect(inTerms("uk")).not.toMatch(/single crochet/i);
    expect(inTerms("uk")).toContain("For a cold day.");
    expect(inTerms("us").match(/single crochet/gi)).toHaveLength(2);
    expect(inTerms("us")).toContain("half double crochet");
  });
  it("writes UK Markdown", () => {
    expect(
      printPattern(checkPattern(TEXT), TEXT, {
        terms: "uk",
        label: "Round",
        brackets: "square",
        total: "words",
        saysSpiral: false,
        format: "markdown",
      }),
    ).toBe(
      "# Seal\n\nUK terms.\n\n## Body\n\n- **Round 1:** 6 dc in magic ring. 6 sts.\n- **Round 2:** 6 inc. 12 sts.\n- **Rounds 3–5:** 12 dc. 12 sts.\n- Put in the eyes between rounds 3 and 4.\n- **Round 6:** [dc, dec] × 4. 8 sts.\n- Stuff.\n",
    );
  });
  it("keeps every line a line in Markdown", () => {
    const text =
      "Materials\nDK cotton\nHook, 3 mm\n\nBody\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x6 (12)\nStuff.\nFasten off.\n\nAssembly\nSew the ears on.\nSew the tail on.";
    const printed = printPattern(checkPattern(text), text, { ...PLAIN_STYLE, format: "markdown" });
    const shown = marked.parse(printed, { async: false });
    const blocks = shown.split(/<(?:p|li|h\d|br)>|\n/);
    for (const line of [
      "DK cotton",
      "Hook, 3 mm",
      "Stuff.",
      "Fasten off.",
      "Sew the ears on.",
      "Sew the tail on.",
    ])
      expect(
        blocks.filter((b) => b.replace(/<[^>]*>/g, "").trim() === line),
        line,
      ).toHaveLength(1);
    expect(blocks.some((b) => b.replace(/<[^>]*>/g, "").trim() === "Rnd 2: 6 inc (12)")).toBe(true);
  });
  it("leaves a round with a slip as it was typed", () => {
    const slip = "Head\nRnd 1: 6 sc in magic ring (6)\nRnd 2: (sc, icn) x 3 (9)";
    expect(printPattern(checkPattern(slip), slip, PLAIN_STYLE)).toContain("Rnd 2: (sc, icn) x 3 (9)");
  });
});
