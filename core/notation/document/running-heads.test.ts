import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

/** What stands between two rounds where a page ends. Written down before any was read. */
const BETWEEN = [
  "Page 2 of 5",
  "2",
  "- 2 -",
  "2/5",
  "p. 3",
  "Page 3",
  "(continued)",
  "Head (continued)",
  "Head cont.",
  "[photo]",
  "Photo 3",
  "See picture 4 below.",
  "* * *",
  "<br>",
  "&nbsp;",
  "☐",
  "© harbour bench 2026",
  "www.harbour-bench.example",
  "Harbour bench – Little seal – page 3",
  "Little seal",
  "LITTLE SEAL | 3",
  "#littleseal",
  "@harbourbench",
  "PTO",
  "→ next page",
  "Version 1.2",
];

describe("where a page ends among the rounds", () => {
  it.each(BETWEEN)("%s begins no part", (line) => {
    for (const label of [(n: number) => `Rnd ${n}: `, (n: number) => `${n}. `])
      for (const gap of ["\n", "\n\n"]) {
        const text =
          `Little seal\n\nHead (make 2)\n${label(1)}6 sc in MR (6)\n${label(2)}inc x 6 (12)` +
          `${gap}${line}${gap}${label(3)}sc around (12)\n${label(4)}dec x 6 (6)\n`;
        const { parts, problems } = checkPattern(text);
        expect({ text, parts: parts.map((p) => [p.make, ...p.rounds.map((r) => r.count)]) }).toEqual({
          text,
          parts: [[2, 6, 12, 12, 6]],
        });
        expect(problems).toEqual([]);
      }
  });
  it("a title over each page, with its number", () => {
    const { parts } = checkPattern(
      "PUPPY                 page 1\nHEAD\nRnd 1  6 sc in a magic ring  [6]\nPUPPY                 page 2\nRnd 2  6 inc  [12]\n",
    );
    expect(parts.map((p) => [p.name, p.rounds.map((r) => r.count)])).toEqual([["HEAD", [6, 12]]]);
  });
  it("a body that is taken up again behind its arms goes on under its name", () => {
    const arm = "Arms (make 2)\nRnd 1: 5 sc in MR (5)\nRnd 2: sc around (5)\n";
    const { parts } = checkPattern(
      `Body\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: sc around (12)\n\n${arm}\nBody\nRnd 4: sc around (12)\n`,
    );
    expect(parts.map((p) => [p.name, p.make, p.rounds.length])).toEqual([
      ["Body", 1, 3],
      ["Arms", 2, 2],
      ["Body", 1, 1],
    ]);
  });
});
