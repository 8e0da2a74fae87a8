import { describe, expect, it } from "vitest";
import { checkPattern } from "..";
import { countsOf } from "../../../tests/counts";

const LEAD = "Bell\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x6 (12)\n";

describe("a round behind what is done before it, on one line", () => {
  it.each([
    "Stuff lightly. Dec 6 times. 6 sc.\nFasten off.",
    "Stuff. Dec x6 (6). Fasten off.",
    "Stuff firmly, dec 6 times (6 sts), fasten off.",
    "Stuff lightly. Sc2tog 6 times. (6 sc)",
    "Fill with scraps; dec x6 (6)",
  ])("%s", (text) => expect(countsOf(LEAD + text)).toEqual([[6, 12, 6]]));
});

describe("numbers that count the rounds of one line", () => {
  it.each([
    ["Ears (2): 1. 5 sc in ring. 2. 5 inc (10).", [5, 10]],
    ["Ears: 1. 5 sc in MR. 2. 5 inc (10).", [5, 10]],
    ["Feet (2): 1: 5 sc in ring, 2: 5 inc (10), 3: 10 sc", [5, 10, 10]],
    ["Arms: 1) 5 sc in ring; 2) 5 sc; 3-6) 5 sc", [5, 5, 5, 5, 5, 5]],
  ])("%s", (text, counts) => expect(countsOf(text)).toEqual([counts]));
});

describe("a line whose rounds go on from the line above", () => {
  it.each([
    "R7 24, R8 2+dec (18), R9 1+dec (12)",
    "* black: R7 24, R8 2+dec (18), R9 1+dec (12)",
    "R7 24 sc, R8 (2, dec) (18), R9 (1, dec) (12)",
  ])("%s", (text) =>
    expect(
      countsOf(`L\nR1 mr 6, R2 inc (12), R3 1+inc (18), R4 2+inc (24), R5-6 24\n${text}\nR10 dec (6)`),
    ).toEqual([[6, 12, 18, 24, 24, 24, 24, 18, 12, 6]]),
  );
});

describe("stitches of several heights in one ring", () => {
  it.each([
    "mr: ch 3, 2 tr, 3 dc, ch 1, 1 tr, ch 1, 3 dc, 2 tr, ch 3, sl st into ring. Pull tight.",
    "In a magic ring: ch 3, 2 tr, 3 dc, ch 1, 1 tr, ch 1, 3 dc, 2 tr, ch 3, sl st. Pull tight.",
    "Into a magic ring work ch 2, 3 dc, 2 hdc, 1 dc, 2 hdc, 3 dc, ch 2, sl st into the ring.",
    "MR\nRnd 1: ch 2, 3 dc, 2 hdc, 1 dc, 2 hdc, 3 dc, ch 2, sl st into the ring (11)",
  ])("are one round, and the slip stitch that ends them is none of it: %s", (text) =>
    expect(countsOf(`Heart\n${text}`)).toEqual([[11]]),
  );
  it("with a name in front", () =>
    expect(countsOf("Leaf: mr, sc, hdc, 2 dc, tr, 2 dc, hdc, sc, pull closed (9)")).toEqual([[9]]));
});

describe("a part in a sentence", () => {
  it.each([
    "6 sc in a magic ring, then inc in all (12), sc 1 and inc 1 around (18), four plain rounds, sc 1 and dec 1 around (12), dec around (6).",
    "6 sc in a magic ring, inc in all (12), sc 1 inc 1 around (18), 4 rounds even, sc 1 dec 1 around (12), dec around (6).",
  ])("is cut where its sums come out: %s", (text) =>
    expect(countsOf(`Body: ${text}`)).toEqual([[6, 12, 18, 18, 18, 18, 18, 12, 6]]),
  );
});

describe("an edge under a name of its own", () => {
  const made = (text: string) =>
    checkPattern(text).parts.map((p) => `${p.name} x${p.make} ${p.rounds.map((r) => r.count).join(" ")}`);
  it("goes on with the stitches that are there where it tells of each of them", () => {
    expect(made(`${LEAD}Fasten off.\nRuffle: 5 dc in each st.`)).toEqual(["Bell x1 6 12", "Ruffle x1 60"]);
    expect(made(`${LEAD}\nFrill (white)\n2 sc in each st around`)).toEqual(["Bell x1 6 12", "Frill x1 24"]);
  });
  it("is worked as often as what it is on", () => {
    const flag =
      "Flag (make 7)\nRow 1: ch 2, 2 sc in 2nd ch from hook [2]\nRow 2: ch 1, turn, inc in each st [4]\n";
    expect(made(`${flag}Edge: ch 1, sc 2 down the side, 3 sc in the point, sc 2 up the side [7]`)).toEqual([
      "Flag x7 2 4",
      "Edge x7 7",
    ]);
  });
  it("works a bracket, where one stands behind its name", () => {
    expect(countsOf(`${LEAD}Fasten off.\nPetals: (sl st in next loop, ch 4) 12 times [12 sl st]`)).toEqual([
      [6, 12],
      [12],
    ]);
  });
  it("along the sides takes none of the stitches that wait", () => {
    const heel =
      "Foot\nR1: 12 sc in mr\nR2-5: sc around (12)\nR6: sc 6, turn (6)\nR7-9: ch 1, sc 6, turn (6)\n" +
      "R10: sc 6, sc 4 down the side, sc 6, sc 4 up the side (20)\nR11: sc around (20)";
    expect(countsOf(heel)[0]?.slice(-2)).toEqual([20, 20]);
  });
});

describe("a chain that is the first stitch", () => {
  it.each([
    "(is first dc)",
    "(as the first dc)",
    "= 1 dc",
    "(stands for a dc)",
    "(makes the first dc)",
    "for the first dc",
    "as first dc",
  ])("ch 3 %s", (said) =>
    expect(
      countsOf(
        `Square\nCh 4, sl st to make a ring\nRnd 1: ch 3 ${said}, 11 dc in ring, sl st in top of ch-3 [12 dc]`,
      ),
    ).toEqual([[12]]),
  );
});

describe("a net of chains over skipped stitches", () => {
  const lead = "Net\nCh 30 and join.\nRnd 1: ch 1, sc in each ch around, join (30)\n";
  it.each([
    "*dc, ch 1, skip 1; rep from * around, join (30)",
    "ch 4 (counts as dc + ch 1), skip 1, *dc, ch 1, skip 1; rep from * around, join (15 dc, 15 ch)",
    "ch 4 (counts as dc and ch 1), skip 1, *dc, ch 1, skip 1; rep from * around, join (30)",
    "ch 3 (counts as dc), ch 1, skip 1, *dc, ch 1, skip 1; rep from * around, join",
  ])("comes out with its chains: %s", (text) =>
    expect(countsOf(`${lead}Rnd 2: ${text}\nRnd 3: 30 sc`)[0]?.at(-1)).toBe(30),
  );
  it.each([
    "each dc and ch-1 sp around",
    "each st and ch",
    "each dc and in each ch-1 sp",
    "every dc and every chain space",
  ])("and is gone over in %s", (where) =>
    expect(
      countsOf(
        `${lead}Rnd 2: *dc, ch 1, skip 1; rep from * around, join (30)\nRnd 3: sc in ${where} (30)`,
      )[0]?.at(-1),
    ).toBe(30),
  );
  it("a chain that stands for a stitch and more is both", () => {
    const made = checkPattern(
      `${lead}Rnd 2: ch 4 (counts as dc + ch 1), skip 1, *dc, ch 1, skip 1; rep from * around, join`,
    ).parts[0]?.rounds[1]?.made;
    expect(made).toEqual({ ch: 18, dc: 14, slst: 1 });
  });
});
