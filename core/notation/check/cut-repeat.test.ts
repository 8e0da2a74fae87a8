import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const round = (over: number, text: string) => {
  const p = checkPattern(`Hat\nRnd 1: ${over} sc in MR (${over})\nRnd 2: ${text}`);
  return { count: p.parts[0]?.rounds[1]?.count, problems: p.problems.map((x) => x.code) };
};

describe("a repeat to the end that ends in its middle", () => {
  it.each([
    [11, "*2 sc in next st, sc in next st; rep from * to end (17)", 17],
    [11, "*sc, inc* around (16)", 16],
    [11, "(2 sc, inc) around (14)", 14],
    [13, "sc, (inc, 2 sc) around. (17)", 17],
  ])("over %i: %s", (over, text, count) => {
    expect(round(over, text)).toEqual({ count, problems: [] });
  });
  it("is believed only where the sum bears it out, and only between two of its stitches", () => {
    expect(round(11, "*sc, inc* around (17)").problems).toHaveLength(1);
    expect(round(11, "*sc, inc* around").problems).not.toEqual([]);
    expect(round(10, "(3 sc, inc) around (12)").problems).toHaveLength(1);
  });
});
