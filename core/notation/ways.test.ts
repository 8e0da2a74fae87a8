import { describe, expect, it } from "vitest";
import { checkPattern } from ".";

/**
 * Ways to write one round on twelve stitches; each is read whole, counted by its stitches, and nothing is
 * told.
 */
const GROWS = [
  "(sc, inc) x 6 (18)",
  "sc in next st, inc in next st; repeat around (18)",
  "inc every other stitch (18)",
  "sc inc sc inc sc inc sc inc sc inc sc inc (18)",
  "{sc, inc} × 6 → 18",
  "(sc, inc)6 [18]",
  "6 × (sc 1, inc 1) = 18 st",
  "increase 6 times evenly spaced (18 sts)",
  "add 6 stitches evenly (18)",
  "*Single crochet in the first stitch, then 2 single crochets in the second.* Repeat from * to * around. (18)",
  "1sc,1inc(6x)(18)",
  "sc in 1, inc in 1, around: 18",
  "1 + inc, 6 times (18)",
  "do 1 sc and then 1 inc, six times over (18)",
  "sc, [inc, sc] 5 times, inc (18)",
  "alternating 1 sc and 1 inc around (18)",
  "*sc1, inc2*, repeat *-* around (18)",
  "(inc) (sc, inc) x 6 (18)",
  "every 2nd st: inc (18)",
  "increase to 18 sts evenly",
  "work 18 sc evenly (18)",
  "inc in sts 2, 4, 6, 8, 10 and 12; sc in the rest (18)",
  "do 6 times: 1 sc, 1 inc. (18)",
  "18 sc inc",
  "*1, inc* around (18)",
];
const SHRINKS = [
  "invisible decrease around until 6 sts remain",
  "sc two together all around. 6 left.",
  "dec ×6. 6 sts remain",
  "skip every other st: (sk 1, sc 1) x 6 (6)",
  "sc every two stitches together (6)",
  "decrease to 6 sts",
  "keep decreasing until 6 left",
];
const STAYS = [
  "12",
  "plain round (12)",
  "work 1 round even (12)",
  "knit one round plain in sc (12)",
  "one sc per stitch (12)",
  "sc in all sts",
  "no increases: 12 sc",
  "even round - 12",
  "1 hdc per st around 12 hdc",
  "12 sts sc",
  "all sc (12)",
  "plain (12)",
  "12 BLsc (12)",
  "12 sl.st. (12)",
  "6A, 6B (12)",
  "1 black, 5 white, 1 black, 5 white (12)",
];

describe("ways to write a round", () => {
  it.each([
    ...GROWS.map((way) => [way, 18] as const),
    ...SHRINKS.map((way) => [way, 6] as const),
    ...STAYS.map((way) => [way, 12] as const),
  ])("%s", (way, count) => {
    const p = checkPattern(`Ball\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: ${way}`);
    const [, , third] = p.parts[0]?.rounds ?? [];
    expect(p.parts.map((x) => x.rounds.map((r) => r.count))).toEqual([[6, 12, count]]);
    expect(Object.values(third?.made ?? {}).reduce((a, b) => a + b, 0)).toBe(count);
    expect(p.problems.filter((x) => x.severity !== "note")).toEqual([]);
  });
});

describe("ways to name a part that is made twice", () => {
  it.each([
    "Ears (2x)",
    "2 ears",
    "Two ears",
    "Ears, make a pair",
    "Ear – make two",
    "EARS [make 2]",
    "EARS: (make 2, white)",
    "Ears (in white; make 2)",
    "2. Ears (white yarn, make 2)",
    "B) Ears x2",
    "ears (both the same)",
    "Ears (left and right)",
    "Ears\nWork 2 pieces in white.",
  ])("%s", (head) => {
    const p = checkPattern(
      `Ball\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\n\n${head}\nRnd 1: 5 sc in MR (5)\nRnd 2: 5 sc (5)`,
    );
    expect(p.parts.map((x) => [x.make, x.rounds.length])).toEqual([
      [1, 2],
      [2, 2],
    ]);
    expect(p.parts[1]?.name.toLowerCase()).toMatch(/^ears?$/);
    expect(p.parts[1]?.bySlot.map((s) => s.slot)).toEqual([/white/.test(head) ? "white" : "main"]);
  });
  it("a list of things is no part made so often", () => {
    const p = checkPattern("Ball\n2 eyes\n2 skeins\n\nBody\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)");
    expect(p.parts.map((x) => [x.name, x.make])).toEqual([["Body", 1]]);
  });
});

describe("ways to say from which round to which", () => {
  it.each([
    "Rnds (4-6):",
    "Rnds (4-6)",
    "Rnds 4...6:",
    "From rnd 4 to rnd 6",
    "Rnds 4 – 6 inclusive",
    "Rnd 4 and the next 2 rounds:",
    "Rnds 4, 5 and 6:",
    "Rnd 4 - Rnd 6:",
    "Rnd 4, Rnd 5, Rnd 6:",
    "Rnds 4-6, 3 rounds",
  ])("%s", (label) => {
    const p = checkPattern(
      `Ball\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: 12 sc (12)\n${label} sc around (12)\nRnd 7: dec x 6 (6)`,
    );
    expect(p.parts.map((x) => x.rounds.map((r) => r.count))).toEqual([[6, 12, 12, 12, 12, 12, 6]]);
    expect(p.problems).toEqual([]);
  });
});

describe("ways to say what a round comes to", () => {
  it.each([
    ["*12*", "Rnd 2: inc x 6 *12*"],
    ["before the work", "Rnd 2: 12: inc in all"],
    ["ends with", "Rnd 2: inc x 6, ends with 12"],
    ["a number alone", "Rnd 2: inc 12"],
  ])("%s", (_way, line) => {
    const p = checkPattern(`Ball\nRnd 1: ring of 6 sc (6)\n${line}\nRnd 3: 1 sc, inc (18)`);
    expect(p.parts.map((x) => x.rounds.map((r) => r.count))).toEqual([[6, 12, 18]]);
    expect(p.problems).toEqual([]);
  });
  it("a part on one line, its stitch left out, is never lost", () => {
    const p = checkPattern("Ball\nRnd 1: 6 sc in mr (6)\n\nNose, skin: mr 5 (5). Draw shut like a berry.");
    expect(p.parts.map((x) => x.rounds.map((r) => r.count))).toEqual([[6], [5]]);
  });
  it("loops that are both meant are no two pieces", () => {
    const p = checkPattern("Ball\nRnd 1: 6 sc in mr (6)\nBlue, both loops:\nRnd 2: inc x 6 (12)");
    expect(p.parts.map((x) => x.make)).toEqual([1]);
  });
});

describe("ways to say the same again", () => {
  it.each([
    'Rnds 4-6: " (12)',
    "Rnd 4: ''\nRnd 5: ''\nRnd 6: ''",
    "Rnd 4: idem (12)\nRnd 5: idem (12)\nRnd 6: idem (12)",
    "Rnds 4-6: no change (12)",
    "Work even until rnd 6 (12)",
    "Sc around through rnd 6 (12)",
    "Rnd 4-6 12 sc each (12)",
  ])("%s", (same) => {
    const p = checkPattern(
      `Ball\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: 12 sc (12)\n${same}\nRnd 7: dec x 6 (6)`,
    );
    expect(p.parts.map((x) => x.rounds.map((r) => r.count))).toEqual([[6, 12, 12, 12, 12, 12, 6]]);
    expect(p.problems).toEqual([]);
  });
});

describe("what stands between and behind the rounds", () => {
  const read = (text: string) => {
    const p = checkPattern(text);
    return {
      counts: p.parts.flatMap((x) => x.rounds.map((r) => r.count)),
      told: p.problems.filter((x) => x.severity !== "note").map((x) => x.code),
    };
  };
  it("a petal in the front loops leaves the back ones free, though chains frame it", () => {
    const text =
      "Bloom\nRnd 1: 6 sc in MR (6)\nRnd 2: FLO: (ch 2, 2 dc, ch 2, sl st) in each st around (6 petals)\nRnd 3: in the back loops left of round 1: 6 sc (6)";
    expect(read(text)).toEqual({ counts: [6, 18, 6], told: [] });
  });
  it("six from the second chain on are one in each", () => {
    const text = "Flag\nCh 7.\nRow 1: 6 sc from 2nd ch (6)\nRow 2: ch 1, turn, sc2tog, 2 sc, sc2tog (4)";
    expect(read(text)).toEqual({ counts: [6, 4], told: [] });
    expect(checkPattern(text).parts[0]?.rounds[0]?.made.sc).toBe(6);
  });
  it("a ring by another of its names", () =>
    expect(read("Ball\nRnd 1: AMR 6 sc (6)\nRnd 2: inc x 6 (12)")).toEqual({ counts: [6, 12], told: [] }));
});

describe("what is told before and after the rounds is no part", () => {
  const BALL =
    "Ball\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: 12 sc (12)\nRnd 4: dec x 6 (6)\nFasten off.";
  const parts = (text: string) => {
    const p = checkPattern(text);
    expect(p.problems.filter((x) => x.severity !== "note")).toEqual([]);
    return p.parts.map((x) => x.name);
  };
  it.each([
    "How to read: (sc, inc) x 6 means you repeat what is in the brackets 6 times.",
    "Magic ring: make a loop, insert the hook, pull up a loop, ch 1.",
    "Notes:\n1. Work in a spiral.\n2. Do not join.\n3. Use a marker.\n",
    "Tension is not critical. For a bigger one use 5 mm and chunky yarn.",
    "NOTIONS\nyarn needle\n2 stitch markers\n1 key ring, 25 mm",
  ])("before: %s", (said) => expect(parts(`Tiny fish\n\n${said}\n\n${BALL}`)).toEqual(["Ball"]));
  it.each([
    "To assemble:\n1. Pin the ears on round 2.\n2. Sew the ears.\n3. Add the ring.\n",
    "Variation: for a big one work rounds 4 to 8 with 30 sts.",
    "Make 10 for a garland of 1 m.",
    "Finished! It should be about 5 cm tall and weigh 8 g.",
  ])("after: %s", (said) => expect(parts(`${BALL}\n\n${said}`)).toEqual(["Ball"]));
});
