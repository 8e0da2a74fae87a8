import { describe, expect, it } from "vitest";
import { checkPattern } from ".";

/** Live stitches, and single crochet made, of each row. */
function rows(text: string) {
  const checked = checkPattern(`Scarf\n${text}\nFasten off.`);
  return {
    rows: checked.parts.flatMap((p) => p.rounds.map((r) => [r.count, r.made?.sc ?? 0])),
    chains: checked.parts.reduce((sum, p) => sum + (p.made.ch ?? 0), 0),
    problems: checked.problems.length,
  };
}

describe("the chain that rows begin with", () => {
  it.each([
    ["Row 1: ch 7, turn (6)\nRow 2: 6 sc, ch 1, turn (6)\nRow 3: 6 sc (6)", 8],
    ["R1: ch 7, leaving 1 for turning (6)\nR2: 6 sc, turn (6)\nR3: ch 1, 6 sc (6)", 8],
    ["1) Ch 7, turn. (6 sts after the turning chain)\n2) 6 sc, ch 1, turn (6)\n3) 6 sc (6)", 8],
    ["Row 1: ch 7 (6)\nRow 2: sc in 2nd ch from hook and in each ch across (6)\nRow 3: ch 1, 6 sc (6)", 8],
  ])("is counted as what the next row goes into: %s", (text, chains) =>
    expect(rows(text)).toEqual({
      rows: [
        [6, 0],
        [6, 6],
        [6, 6],
      ],
      chains,
      problems: 0,
    }),
  );
  it.each([["Ch 6 + 1."], ["Ch 6 (+1)"], ["ch 6+1"], ["Ch 6 + 1 = 7."], ["Chain 6 plus 1 to turn."]])(
    "has the chain that turns said apart: %s",
    (chain) =>
      expect(rows(`${chain}\nRow 1: 6 sc, turn (6)\nRow 2: ch 1, 6 sc (6)`)).toEqual({
        rows: [
          [6, 6],
          [6, 6],
        ],
        chains: 8,
        problems: 0,
      }),
  );
  it.each([
    ["Foundation chain: 7", "6 sc from the 2nd chain"],
    ["Foundation chain: 7 ch", "6 sc"],
    ["Foundation: 7 chains", "sc in 2nd ch from hook, 5 sc"],
  ])("is told by its label: %s, %s", (chain, first) =>
    expect(rows(`${chain}\nRow 1: ${first}, turn (6)\nRow 2: ch 1, 6 sc (6)`)).toEqual({
      rows: [
        [6, 6],
        [6, 6],
      ],
      chains: 8,
      problems: 0,
    }),
  );
  it("is wrong still where it says more than it has, or far less", () => {
    expect(rows("Row 1: ch 7 (12)\nRow 2: ch 1, 12 sc (12)").problems).toBeGreaterThan(0);
    expect(rows("Row 1: ch 20 (6)\nRow 2: ch 1, 6 sc (6)").problems).toBeGreaterThan(0);
  });
});
