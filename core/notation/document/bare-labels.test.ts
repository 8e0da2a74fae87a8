import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const countsOf = (text: string) => checkPattern(text).parts.map((p) => p.rounds.map((r) => r.count));

describe("numbers in front of lines, without a sign", () => {
  it.each([
    ["before a stitch", "Tail\n1 mr 5 [5]\n2 inc [10]\n3 1 sc, inc [15]", [5, 10, 15]],
    [
      "before a number",
      "Ball\n1 6 sc in mr\n2 2 sc in each\n3 1 sc, inc around\n4 sc around",
      [6, 12, 18, 18],
    ],
    ["with a range", "Ball\n1 mr 6 (6)\n2 inc (12)\n3-5 sc (12)\n6 dec (6)", [6, 12, 12, 12, 12, 6]],
    ["something done between", "Ball\n1 mr 6 (6)\n2 inc (12)\nstuff\n3 dec (6)", [6, 12, 6]],
  ] as const)("are labels where the lines come out without them: %s", (_, text, counts) =>
    expect(countsOf(text)).toEqual([counts]),
  );
  it.each([
    ["stitches", "Ball\n6 sc in mr\n6 inc\n(1 sc, inc) x 6\n18 sc", [6, 12, 18, 18]],
    ["a word of rounds behind it", "Ball\n1r: 6sc in mr;\n2r: 6inc;\n3r-4r: 12sc;", [6, 12, 12, 12]],
  ] as const)("and none where they are %s", (_, text, counts) => expect(countsOf(text)).toEqual([counts]));
});

describe("a part of a round or two", () => {
  const body = "Body\n1 mc 6\n2 inc*6 =12\n3 (1,inc)*6 =18\n4-6 18";
  it.each([
    ["Tail\n1 mc 5\n2-4 5", [5, 5, 5, 5]],
    ["Ears\n1 mc 4", [4]],
  ] as const)("is written as the others are: %s", (part, counts) =>
    expect(countsOf(`${body}\n${part}`)).toEqual([[6, 12, 18, 18, 18, 18], counts]),
  );
});

describe("what a round adds, with no stitch behind the number", () => {
  it.each([
    ["with a sign", "Ladybird\n1. mr: 6 sc\n2. +6 = 12\n3. +6 = 18\n4.-5. 18", [6, 12, 18, 18, 18]],
    ["in brackets what it comes to", "Hat\nRound 1: 6 sc in mr\nRound 2: even\nRound 3: +3 (9)", [6, 6, 9]],
    [
      "as the round before",
      "Worm\nRnd 1: 6 sc mr\nRnd 2: inc x 6\nRnd 3: 12 sc\nRnd 4: = Rnd 3",
      [6, 12, 12, 12],
    ],
  ] as const)("%s", (_, text, counts) => expect(countsOf(text)).toEqual([counts]));
});
