import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const countsOf = (text: string): (number | undefined)[][] =>
  checkPattern(text).parts.map((p) => p.rounds.map((r) => r.count));

describe("a whole part in a sentence is cut where its stitches say so", () => {
  it.each([
    [
      "prose, some rounds behind “next round”",
      "Jelly\nBody: Make a magic ring and work six single crochet into it. Work two single crochet in every stitch (12 stitches). Next round: one single crochet, two in the next, all the way round (18 stitches). Work three rounds without increasing. Next round: one single crochet, decrease, all the way round (12). Put in the eyes and stuff. Last round: decrease all the way round (6). Close.",
      [6, 12, 18, 18, 18, 18, 12, 6],
    ],
    [
      "how many behind the name",
      "Feet: make four in black. Magic circle, 6 sc. Then 2 rounds without increasing, 6.",
      [6, 6, 6],
    ],
    [
      "commas, some sums",
      "Cactus: 6 sc in MR, inc around (12), sc 1 inc 1 around (18), then 3 rounds of 18.",
      [6, 12, 18, 18, 18, 18],
    ],
    [
      "full stops, no sums",
      "Ball: 6 sc in mr. 2 sc in each. (1 sc, inc) around. 18 sc. 18 sc. (1 sc, dec) around. 6 dec.",
      [6, 12, 18, 18, 18, 12, 6],
    ],
    [
      "dashes",
      "Ball: 6 sc in mr - inc x6 - (sc, inc) x6 - 2 rounds sc - (sc, dec) x6 - dec x6",
      [6, 12, 18, 18, 18, 12, 6],
    ],
    [
      "semicolons, a plain round so often",
      "Ball\n6 sc in mr; inc around; (sc, inc) around; sc around x 3; (sc, dec) around; dec around",
      [6, 12, 18, 18, 18, 18, 12, 6],
    ],
    [
      "what each comes to, talk between",
      "Chick\nYellow. MR 6. Inc to 12. Inc to 18. Work 2 rounds straight. Eyes. Dec to 12. Fill. Dec to 6, close.",
      [6, 12, 18, 18, 18, 12, 6],
    ],
    [
      "goes on in the line below",
      "Ball\n6 sc in mr, then 2 sc in each, then (1 sc, inc) around.\n2 rounds straight, then (1 sc, dec) around, then dec around.",
      [6, 12, 18, 18, 18, 12, 6],
    ],
    [
      "joined rounds",
      "Star\n6 sc in mr, sl st to join. Ch 1, 2 sc in each, sl st to join. Ch 1, (sc, inc) around, sl st to join. Fasten off.",
      [6, 12, 18],
    ],
    ["two, of which the second goes on", "Arm\n4 sc mr (4) / 3 rounds of 4 sc.", [4, 4, 4, 4]],
    ["two, of which the second is more than a sum", "Wing\n5 sc in mr, inc around, fold in half.", [5, 10]],
  ] as const)("%s", (_, text, counts) => expect(countsOf(text)).toEqual([counts]));

  it.each([
    ["a ring and its sum", "Head\n6 sc in magic circle. 6\n6 inc. 12", [6, 12]],
    [
      "a list of abbreviations",
      "Abbreviations: sc - single crochet, inc - increase, MC - magic circle\nBall\nR1: 6 sc in MC\nR2: 6 inc",
      [6, 12],
    ],
    [
      "a join behind the ring",
      "Star\n6 sc in mr, sl st to join.\nCh 1, 2 sc in each, sl st to join.",
      [6, 12],
    ],
  ] as const)("but not %s", (_, text, counts) => expect(countsOf(text)).toEqual([counts]));

  it("eyes are held against the stitches that were there when they were put in", () => {
    const told = (text: string) => checkPattern(text).problems.map((p) => p.code);
    expect(told("Chick\nMR 6. Inc to 12. Inc to 18. Dec to 15. Eyes. Dec to 10. Dec to 5.")).toEqual([]);
    expect(told("Chick\nMR 6. Inc to 12. Inc to 18. Dec to 10. Eyes. Dec to 5.")).toEqual([
      "opening-too-small",
    ]);
  });
});

describe("words that a plain hand uses", () => {
  it.each([
    ["the noun behind a stitch", "Crochet 2 single crochet stitches in every stitch.", 12],
    ["a stitch and its change in one word", "sc2inc in each", 12],
    ["a decrease every third stitch, as she counts it", "Decrease every third stitch (4)", 4],
    ["… and as others do", "Decrease every second stitch (4)", 4],
    ["numbers behind the stitches, no bracket", "sc 1 inc 1 around", 9],
  ])("%s", (_, round, count) =>
    expect(countsOf(`Ball\nRound 1: 6 sc in a ring\nRound 2: ${round}`)).toEqual([[6, count]]),
  );
  it("with, in short", () =>
    expect(countsOf("Claw\nrnd 1: mr w/ 5 sc <5>\nrnd 2: inc in ea <10>")).toEqual([[5, 10]]));
  it("a stitch alone goes around the ring of chains that it begins in", () =>
    expect(countsOf("Crown\nch 12, sl st into ring\nRnd 1: sc (12)\nRnd 2: sc")).toEqual([[12, 12]]));
  it("a part that is made of rounds of another", () =>
    expect(
      countsOf(
        "Shell, green\nR1: 6 sc in mr (6)\nR2: inc around (12)\nR3: 12 sc\n\nBelly, yellow\nWork rounds 1 to 2 of the shell.\n\nHead\nR1: 5 sc in mr",
      ),
    ).toEqual([[6, 12, 12], [6, 12], [5]]));
  it("colours by their letters before their numbers, under labels that are numbers", () =>
    expect(
      countsOf(
        "Robin\nColours: A = brown, B = red\n1. A: MR 8 (8)\n2. A: inc x8 (16)\n3. A 4, B 8, A 4 (16)",
      ),
    ).toEqual([[8, 16, 16]]));
  it("… but what a colour weighs is no round", () =>
    expect(
      countsOf("Robin\nA = brown\n1. A 50 g ball\n2. Hook 2.5 mm\nBody\nR1: MR 6\nR2: inc around"),
    ).toEqual([[6, 12]]));
  it("edges that are worked shut", () =>
    expect(countsOf("Fish\nRnd 1: 6 sc in mr\nRnd 2: inc around\nflatten and sc shut with 6 sc")).toEqual([
      [6, 12, 6],
    ]));
});
