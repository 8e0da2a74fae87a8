import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const sound = (text: string) => {
  const c = checkPattern(text);
  expect(c.problems.filter((p) => p.severity === "error")).toEqual([]);
  return c.parts.map((p) => p.rounds.map((r) => r.count));
};

const start = "Body\nRow 1: ch 6, sc in 2nd ch and next 4 ch, turn (5)\n";

describe("a row that grows at its edge", () => {
  it.each([
    "Row 2: ch 5, sc in 2nd ch and next 3 ch, sc 5, turn (9)",
    "Row 2: ch 5, sc in 2nd ch & next 3, sc5, turn (9)",
    "Row 2: ch 5, turn, sc in 2nd ch from hook and in next 3 ch, sc in next 5 sts (9)",
    "Row 2: ch 5, turn, sc in 2nd ch from hook and in next 3 ch, sc in each st across (9)",
    "Row 2: ch 5, turn, sc in 2nd ch from hook and in next 3 ch, sc in next 5 sts",
  ])("by a chain that is worked back on: %s", (row) =>
    expect(sound(`${start}${row}\nRow 3: sc 9`)).toEqual([[5, 9, 9]]),
  );
  it("by a chain that the row before ended with", () =>
    expect(
      sound(
        `${start}Row 2: sc 5, ch 5, turn\nRow 3: sc in 2nd ch from hook and in next 3 ch, sc in next 5 sts (9)`,
      ),
    ).toEqual([[5, 5, 9]]));
  it("again and again", () =>
    expect(
      sound(
        `${start}Row 2: ch 5, turn, sc in 2nd ch and next 3 ch, sc 5 (9)\nRow 3: ch 5, turn, sc in 2nd ch and next 3 ch, sc 9 (13)`,
      ),
    ).toEqual([[5, 9, 13]]));
  it("but a chain with all of the row on it is a foundation", () =>
    expect(checkPattern(`${start}Row 2: ch 10, sc in 2nd ch and next 3 ch (9)`).problems).not.toEqual([]));
});

describe("slip stitches that lead in to a row", () => {
  const wide = "Body\nRow 1: ch 10, sc in 2nd ch and next 8 ch, turn (9)\n";
  it.each([
    "sl st in first 4, sc 5, turn (5)",
    "sl st over 4, sc5, turn (5)",
    "sl st over 2, sc5, leave 2, turn (5)",
    "sl st 2, sc 5, leave 2 unworked (5)",
  ])("are none of it: %s", (row) => expect(sound(`${wide}Row 2: ${row}\nRow 3: sc 5`)).toEqual([[9, 5, 5]]));
});

describe("stitches that stand together without a comma", () => {
  it.each([
    ["teal 1sc 1dec x3, white 9sc. (15)", 15],
    ["teal 2sc 1dec x2, 1 sc, white 9sc. (16)", 16],
    ["2sc 1inc x6. (24)", 24],
    ["6sc, 2sc 1dec x3. (15)", 15],
  ] as const)("are worked so often, all of them: %s", (round, count) =>
    expect(sound(`Body\nrnd 1: 6sc mr.\nrnd 2: 6inc. (12)\nrnd 3: 6inc, 6sc. (18)\nrnd 4: ${round}`)).toEqual(
      [[6, 12, 18, count]],
    ),
  );
  it.each([
    ["1 inc ×6 (18)", "2 inc ×6 (24)", "3 inc ×6 (30)", [18, 24, 30]],
    ["2 inc x3, 6 sc (18)", "1 dec x6 (12)", "dec x6 (6)", [18, 12, 6]],
  ] as const)(
    "and a number before an increase may be of plain ones: %s, %s",
    (third, fourth, fifth, counts) =>
      expect(sound(`Hippo\n1: mr 6\n2: inc all (12)\n3: ${third}\n4: ${fourth}\n5: ${fifth}`)).toEqual([
        [6, 12, ...counts],
      ]),
  );
});

describe("stitches over a ring of chains", () => {
  it.each([
    "Ring: ch 12, sl st to first ch, 16sc around the ring (16).",
    "Ring\nch 12, sl st to first ch\nRnd 1: 16 sc around the ring (16)",
  ])("are as many as are said: %s", (text) => expect(sound(text)).toEqual([[16]]));
});

describe("both sides of a chain", () => {
  it("are told by where one goes back", () =>
    expect(
      sound("Bill\nch 4, sc in 2nd ch, sc, 3 sc in last, back along: sc, 2 sc in last -> 8\nsc around -> 8"),
    ).toEqual([[8, 8]]));
  it("may have a line each", () => {
    const side = "sc 2, hdc 2, dc 4, hdc 2, sc 2 = 12";
    const c = checkPattern(
      `LEAF (x6, in 3 greens)\nChain 12 + 1 turning chain.\nSide 1: ${side}\nTip: ch 2\nSide 2 (along the other side): ${side}`,
    );
    expect(c.parts.map((p) => [p.name, p.make, p.rounds.map((r) => r.count)])).toEqual([
      ["LEAF", 6, [12, 12]],
    ]);
    const named = "Side 1: red\nRnd 1: 6 sc in mr\nSide 2: green\nRnd 1: 6 sc in mr\nRnd 2: inc";
    expect(checkPattern(named).parts.map((p) => p.name)).toEqual(["Side 1", "Side 2"]);
  });
});
