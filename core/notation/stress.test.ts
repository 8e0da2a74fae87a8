import { describe, expect, it } from "vitest";
import { checkPattern } from "./check";
import { MAX_PROBLEMS, MAX_ROUNDS } from "./limits";
import { PLAIN_STYLE, printPattern } from "./print";

const fill = (s: string, kb = 200) => s.repeat(Math.ceil((kb * 1024) / s.length)).slice(0, kb * 1024);

/** Texts that a careless reader would go over again and again; each is as large as a text may be. */
const HEAVY: Readonly<Record<string, string>> = {
  "brackets that never close": fill("("),
  "repeats of nothing": fill("rep from * "),
  "a line of equals signs": fill("= "),
  "a line of dashes": fill("- "),
  "a legend and nothing else": fill("ab: increase 3 single crochet\n"),
  "a part on every line": Array.from({ length: 9000 }, (_, i) => `Part ${i}\nRnd 1: 6 sc in mr (6)`)
    .join("\n")
    .slice(0, 200 * 1024),
  "the same round for ever": fill("Rnd 1: 6 sc in mr (6)\n"),
  "ranges of ten thousand rounds": fill("Rnds 1-10000: sc around\n"),
  "references to references": `Rnd 1: 6 sc in mr\n${fill("Repeat rnd 1 9999 times\n")}`,
  "parts made like themselves": fill("Leg\nWork as leg.\n"),
  "a block on every line": fill("Arm: ch 5, sc in 2nd ch, sc 3\nRnd 1: arm, arm\n"),
  "parts caught in parts": fill("Ear\nRnd 1: 6 sc around ear and leg together\n"),
  "twenty repeats inside each other": `Rnd 1: ${"(".repeat(20)}sc${") x 9999".repeat(20)}`,
  "repeats inside each other that change colour": `Rnd 1: ${"(with red, ".repeat(20)}sc${", with white) x 2".repeat(20)}`,
  "sentences of plain rounds": fill("Work 4 rounds even. "),
  "numbers that end like sentences": fill("sc. 1. "),
  "totals before every label": fill("(12) Rnd 2: inc x 6 "),
  "rounds between signs": fill("6 mr / 6 inc (12) / "),
  "points without end": fill("sc . . "),
  "run-on rounds": fill("Rnd 1: 6 sc (6). Rnd 2: inc x 6 (12). "),
};

describe("a text as large and as odd as it may be", () => {
  it.each(Object.entries(HEAVY))("%s: is answered and written out within the limits", (_name, text) => {
    const p = checkPattern(text);
    expect(p.parts.reduce((n, part) => n + part.rounds.length, 0)).toBeLessThanOrEqual(MAX_ROUNDS);
    expect(p.problems.length).toBeLessThanOrEqual(MAX_PROBLEMS + 1);
    expect(printPattern(p, text, PLAIN_STYLE).endsWith("\n")).toBe(true);
  });
});

describe("answers to a large text", () => {
  it("blank every line that is a note, and no other", () => {
    const text = `Ball\n${"see the photo\n".repeat(8000)}Rnd 1: 6 sc in mr (6)`;
    const p = checkPattern(text, { answers: [{ kind: "line", line: "see the photo", is: "note" }] });
    expect(p.problems.filter((x) => x.severity === "error")).toEqual([]);
    expect(p.parts.map((part) => part.rounds.map((r) => r.count))).toEqual([[6]]);
  });
});
