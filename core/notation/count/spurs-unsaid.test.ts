import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const told = (text: string) => {
  const p = checkPattern(text);
  return {
    counts: p.parts[0]?.rounds.map((r) => r.count),
    made: p.parts[0]?.made,
    problems: p.problems.length,
  };
};
const RING = "Crown\nRnd 1: 6 sc in mr (6)\n";

describe("a chain and as many stitches as it has room for", () => {
  it("hangs on the round, also in a repeat", () =>
    expect(told(`${RING}Rnd 2: (ch 10, 9 sc, sl st) x 6`)).toEqual({
      counts: [6, 6],
      made: { sc: 60, ch: 60, slst: 6 },
      problems: 0,
    }));
  it("is a second strand behind a foundation that was worked back", () =>
    expect(told("Hair\nch 8, sc 7, ch 10, sc 9, ch 8, sc 7.")).toEqual({
      counts: [7],
      made: { ch: 26, sc: 23 },
      problems: 0,
    }));
  it("is an arch where the stitches behind it are those of the round", () =>
    expect(told(`${RING}Rnd 2: 6 inc (12)\nRnd 3: 6 sc, ch 7, 6 sc`)).toMatchObject({
      counts: [6, 12, 12],
      made: { sc: 30, ch: 7 },
    }));
});
