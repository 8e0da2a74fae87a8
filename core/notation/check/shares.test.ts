import { expect, it } from "vitest";
import { checkPattern } from "..";

/** A body that ends open and is divided for two legs. */
const BODY = [
  "Body",
  "Rnd 1: 6 sc in MR (6)",
  "Rnd 2: inc x6 (12)",
  "Rnd 3: (sc, inc) x6 (18)",
  "Rnd 4: sc around (18)",
  "",
].join("\n");

/** Stitches of each round, a part at a time; parts that are made twice stand twice. */
function rounds(text: string): { counts: (number | undefined)[][]; slips: string[] } {
  const { parts, problems } = checkPattern(text);
  return {
    counts: parts.flatMap((p) => Array.from({ length: p.make }, () => p.rounds.map((r) => r.count))),
    slips: problems.filter((p) => p.severity !== "note").map((p) => `${p.code} ${p.line}`),
  };
}

it.each([
  "First leg\nRnd 5: skip 9, sc in the next 9 (9)\nRnd 6: sc around (9)\nFasten off.\nSecond leg\nRnd 5: join yarn in the skipped sts, sc in 9 (9)\nRnd 6: sc around (9)",
  "Divide for legs:\nLeg 1\nRnd 5: sc 9, skip 9 (9)\nRnd 6: sc 9 (9)\nCut yarn.\nLeg 2: join yarn and work the remaining 9 sts the same.",
  "Now split the body into two legs of 9 sts each.\nLeg 1\nRnd 5: sc 9 (9)\nRnd 6: sc 9 (9)\nLeg 2\nRnd 5: sc 9 (9)\nRnd 6: sc 9 (9)",
  "Legs (work over 9 sts)\nRnds 5-6: sc around (9)\nFasten off. Rejoin and repeat on the other 9 sts.",
  "Leg 1\nWork over 9 sts only.\nRnds 5-6: sc around (9)\nFasten off.\nLeg 2\nJoin yarn to next st and work as Leg 1.",
  "Leg\nRnd 5: sc 9, join to first st to form the leg, leave rest unworked (9)\nRnd 6: sc around (9)\nFasten off.\nRepeat for the second leg over the remaining 9 sts.",
  "First leg:\nRnd 5: sc in next 9 sts, leaving remaining 9 unworked (9)\nRnd 6: sc around (9)\nSecond leg:\nRnd 5: Join yarn, sc in the 9 unworked sts (9)\nRnd 6: sc around (9)",
  "LEGS\nThe legs are worked over 9 stitches each.\nRnd 5: 9 sc (9)\nRnd 6: 9 sc (9)\nCut the yarn and work the other leg over the other 9 stitches.",
  "Left leg\n5) 9 sc (9)\n6) 9 sc (9)\nRight leg\nJoin the yarn at the next free st.\n5) 9 sc (9)\n6) 9 sc (9)",
  "Divide the stitches in two halves of 9.\nLeg (make 2, on each half)\nRnd 5: sc around (9)\nRnd 6: sc around (9)",
  "Leg one\nRnd 5: fold body flat, sc 9 across the front only (9)\nRnd 6: sc 9 (9)\nFO\nLeg two\nRnds 5-6: as leg one, on the other 9 sts (9)",
  "Split for the legs.\nFirst leg (9 sts)\nRnds 5 and 6: sc in each st around (9)\nSecond leg (9 sts)\nRnds 5 and 6: sc in each st around (9)",
  "From here the legs are made separately.\nLeg 1: count 9 stitches and work only on these.\nRnd 5: 9 sc (9)\nRnd 6: 9 sc (9)\nLeg 2: same on the other side.",
  "Leg 1\nRnd 5: 9 sc, now skip the next 9 sts and continue in the first st of this round (9)\nRnd 6: 9 sc (9)\nLeg 2\nRnd 5: attach yarn in the first skipped st, 9 sc (9)\nRnd 6: 9 sc (9)",
  "Legs\nRnd 5: sc 9, sl st to the first of these 9 sts (9)\nRnd 6: sc around (9)\nFasten off. Attach yarn to the body again and make the second leg in the same way.",
  "To make the first leg, work over half of the stitches:\nRnd 5: sc in the first 9 sts (9)\nRnd 6: sc around (9)\nFasten off.\nFor the other leg do the same on the other half.",
])("a body is divided for two legs: %s", (said) => {
  expect(rounds(BODY + said)).toEqual({
    counts: [
      [6, 12, 18, 18],
      [9, 9],
      [9, 9],
    ],
    slips: [],
  });
});

it.each([
  ["Shoulders\nRnd 5: 9 sc (9)\nRnd 6: 9 sc (9)", "stitches-left 7"],
  ["Lower body\nRnd 5: 12 sc (12)\nRnd 6: 12 sc (12)", "stitches-left 7"],
  ["Leg 1\nRnd 5: 9 sc (9)\nRnd 6: 10 sc (10)\nLeg 2\nRnd 5: 9 sc (9)\nRnd 6: 9 sc (9)", "too-many-used 8"],
  [
    "Leg 1\nRnd 5: 9 sc (9)\nRnd 6: 9 sc (9)\nLeg 2\nRnd 5: 10 sc (10)\nRnd 6: 10 sc (10)",
    "too-many-used 10",
  ],
])("a slip in a piece that goes on is still told: %s", (said, slip) => {
  expect(rounds(BODY + said).slips).toEqual([slip]);
});
