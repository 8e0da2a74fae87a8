import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { checkPattern } from "./check";
import { hangingOf, layoutOf } from "./layout";

const round = (text: string, index: number) => {
  const r = checkPattern(text).parts[0]?.rounds[index];
  if (!r) throw new Error("no such round");
  return r;
};
const HEAD = "Rnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\n";

describe("a round laid out", () => {
  it("is as long as its live stitches, in its colours, in order", () => {
    const l = layoutOf(round(`${HEAD}Rnd 3: 4 sc in red, 5 sc in white, 3 sc in red (12)`, 2));
    expect(l.segments).toEqual([
      { slot: "red", from: 0, to: 4 },
      { slot: "white", from: 4, to: 9 },
      { slot: "red", from: 9, to: 12 },
    ]);
  });
  it("marks increases and decreases where they sit", () => {
    expect(layoutOf(round(`${HEAD}Rnd 3: (sc, inc) x 6 (18)`, 2)).marks.map((m) => m.at)).toEqual([
      2, 5, 8, 11, 14, 17,
    ]);
    expect(layoutOf(round(`${HEAD}Rnd 3: (2 sc, dec) x 3 (9)`, 2)).marks).toEqual([
      { at: 2.5, kind: "dec" },
      { at: 5.5, kind: "dec" },
      { at: 8.5, kind: "dec" },
    ]);
  });
  it("fills an open stretch between fixed ends", () => {
    const l = layoutOf(round(`${HEAD}Rnd 3: inc, sc in each st to last st, inc (14)`, 2));
    expect(l.marks.map((m) => m.at)).toEqual([1, 13]);
    expect(l.segments.at(-1)?.to).toBe(14);
  });
  it("spreads what is written as evenly", () => {
    const l = layoutOf(round(`${HEAD}Rnd 3: 4 increases evenly (16)`, 2));
    expect(l.marks.length).toBe(4);
    expect(l.segments.at(-1)?.to).toBe(16);
  });
  it("stops at a limit instead of growing without end", () => {
    const l = layoutOf(round("Rnd 1: 6 sc in mr (6)\nRnd 2: (sc, inc) x 9000", 1));
    expect(l.cut).toBe(true);
    expect(l.marks).toEqual([]);
  });
  it("always ends at the round's count", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 2, max: 9 }),
        fc.constantFrom("inc", "dec"),
        (plain, times, kind) => {
          const uses = (plain + (kind === "inc" ? 1 : 2)) * times;
          const r = round(`Rnd 1: ${uses} sc in mr (${uses})\nRnd 2: (${plain} sc, ${kind}) x ${times}`, 1);
          const l = layoutOf(r);
          expect(l.segments.at(-1)?.to).toBe(r.count);
          expect(l.marks.length).toBe(times);
        },
      ),
      { seed: 11 },
    );
  });
});

describe("things that hang on a round", () => {
  const last = (text: string) => checkPattern(text).parts[0]?.rounds.at(-1);
  it.each([
    [
      "Rnd 1: 6 sc in magic ring\nRnd 2: (sc, ch 5, sl st in 2nd ch from hook and in next 3 ch) x 6",
      [5, 5, 5, 5, 5, 5],
    ],
    ["Rnd 1: 6 sc in magic ring\nRnd 2: 3 sc, ch 9, sc in 2nd ch from hook, sc in next 7 ch, 3 sc", [9]],
    ["Rnd 1: 6 sc in magic ring\nRnd 2: inc x 6", []],
  ] as const)("%j", (text, lengths) => {
    const round = last(text);
    expect(round && hangingOf(round)).toEqual(lengths);
  });
});
