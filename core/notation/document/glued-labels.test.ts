import { describe, expect, it } from "vitest";
import { checkPattern } from "../../notation";
import { tokenize, type Token } from "../tokens";
import { gluedLabels } from "./glued-labels";

const works = (tokens: readonly Token[]) => tokens.some((t) => /^(sc|inc|dec)$/.test(t.text));
const words = (text: string): string[] => {
  let from = 0;
  const lines = text.split("\n").map((line) => {
    const to = from + line.length;
    const tokens = tokenize(text, from, to);
    from = to + 1;
    return tokens;
  });
  return gluedLabels(lines, works).map((l) => l.map((t) => t.text).join(" "));
};

describe("labels glued to a number", () => {
  it("are told by lines that count on, talk between them or none", () => {
    expect(words("fox\n1.6sc in mr\n2.6inc\nstuff.\n3-5.12sc\n6.6dec")).toEqual([
      "fox",
      "1 . 6 sc in mr",
      "2 . 6 inc",
      "stuff .",
      "3 - 5 . 12 sc",
      "6 . 6 dec",
    ]);
  });
  it("leave measures, amounts and lone decimals as they are", () => {
    for (const text of [
      "2.5 mm hook\n3.5 mm hook",
      "1.5 m of grey\n2.5 m of white",
      "1.5 balls of grey\n2.5 balls of white",
      "1.1 6 sc\n2.1 5 sc",
    ])
      expect(words(text)).toEqual(text.split("\n").map((l) => l.toLowerCase()));
  });
  it("keep their places in the text", () => {
    const text = "1.6sc in mr\n2.6inc";
    const lines = gluedLabels([tokenize(text, 0, 11), tokenize(text, 12, 18)], works);
    for (const t of lines.flat()) expect(text.slice(t.from, t.to)).toBe(t.text);
  });
  it("are none in a list of materials, in words no list of units has", () => {
    const p = checkPattern(
      "Fox\n1.5 skeins of rust\n2.5 lengths of white cord\n\nBody\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x6 (12)",
    );
    expect(p.parts.map((x) => x.rounds.map((r) => r.count))).toEqual([[6, 12]]);
    expect(p.problems).toEqual([]);
  });
  it("are counted as rounds", () => {
    const p = checkPattern(
      "Fox\n1.6sc in MR(6)\n2.6inc(12)\n3.(1sc,inc)x6(18)\n4-6.18sc(18)\n7.(1sc,dec)x6(12)",
    );
    expect(p.parts[0]?.rounds.map((r) => r.count)).toEqual([6, 12, 18, 18, 18, 18, 12]);
    expect(p.problems).toEqual([]);
  });
});
