import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const read = (text: string) => {
  const c = checkPattern(text);
  expect(c.problems.filter((p) => p.severity === "error")).toEqual([]);
  return c.parts.map((p) => [p.name, p.make, p.rounds.map((r) => r.count)]);
};

describe("a second piece that is the same", () => {
  it.each(["Second leg: the same.", "Second leg. The same.", "Second leg. As first.", "Second leg: same."])(
    "below rounds with labels: %s",
    (text) =>
      expect(read(`First leg\nRnd 1: mr 6\nRnd 2: inc around (12)\n${text}`)).toEqual([
        ["First leg", 1, [6, 12]],
        ["Second leg", 1, [6, 12]],
      ]),
  );
  it("below a part in a line, its sums behind full stops", () =>
    expect(
      read(
        "FIRST LEG. With tan: magic ring, 6 sc. (6) Inc in every st. (12) 4 rounds of 12 sc. Fasten off.\nSECOND LEG. The same, but do not fasten off.",
      ),
    ).toEqual([
      ["FIRST LEG", 1, [6, 12, 12, 12, 12, 12]],
      ["SECOND LEG", 1, [6, 12, 12, 12, 12, 12]],
    ]));
});

describe("rounds of another part up to one of them", () => {
  it.each([
    "Work as for Gills to end of 2nd rnd. Do not fasten off.",
    "Work as given for Gills until round 2 is complete.",
    "Work the same as Gills up to the end of round 2.",
  ])("%s", (text) =>
    expect(read(`Gills\n1: 6 sc in mr\n2: inc all (12)\n3: (1, inc) ×6 (18)\nStalk\n${text}\n3: 12`)).toEqual(
      [
        ["Gills", 1, [6, 12, 18]],
        ["Stalk", 1, [6, 12, 12]],
      ],
    ),
  );
  it("as usual is as no part", () =>
    expect(
      read("Head. Rnd 1-2: work as usual: 6 sc in mr, inc x6 [12].\nRnd 3: [3 sc, inc] x3 [15]."),
    ).toEqual([["Head", 1, [6, 12, 15]]]));
});

describe("arrows of two signs", () => {
  it.each(["->", "=>", "-->", "→"])("stand before a sum, and between rounds: %s", (arrow) => {
    expect(read(`Bill\n6 sc in mr ${arrow} 6\ninc around ${arrow} 12\nsc around ${arrow} 12`)).toEqual([
      ["Bill", 1, [6, 12, 12]],
    ]);
    expect(
      read(`Bird\n\nBill: 6 sc in mr ${arrow} inc around (12) ${arrow} sc around (12) ${arrow} dec x6`),
    ).toEqual([["Bill", 1, [6, 12, 12, 6]]]);
    expect(read(`Bill\nrnd 1 ${arrow} 6 sc in mr\nrnd 2 ${arrow} inc around ${arrow} 12`)).toEqual([
      ["Bill", 1, [6, 12]],
    ]);
  });
});

describe("names", () => {
  it("stand between signs with how many there are", () =>
    expect(
      read(
        "Tail\nrnd 1: 6sc mr.\nrnd 2: 6inc. (12)\nfo\n\n*Claws - make 2*\nRnd 1 - mr 4sc (4)\nfo, leave tail",
      ),
    ).toEqual([
      ["Tail", 1, [6, 12]],
      ["Claws", 2, [4]],
    ]));
  it.each(["fo", "Fasten off", "Fasten off, leave a long tail", "Cut the yarn"])(
    "are none that end a part: %s",
    (ends) => {
      const c = checkPattern(`Tail\nrnd 1: 6sc mr.\nrnd 2: 6inc. (12)\n${ends}\nRnd 1: mr 4sc (4)`);
      expect(c.parts.map((p) => p.name)).not.toContain(ends);
    },
  );
  it("of shades are no stitch misspelt", () =>
    expect(read("Eye\nr1 black 4 sc in ring\nr2 rust (sc, inc)x2 [6]")).toEqual([["Eye", 1, [4, 6]]]));
  it("a loop to begin in is a ring", () =>
    expect(read("Back: 6 sc in a loop; 2 sc in each = 12; 1 sc, 2 sc in next around = 18. Off.")).toEqual([
      ["Back", 1, [6, 12, 18]],
    ]));
});
