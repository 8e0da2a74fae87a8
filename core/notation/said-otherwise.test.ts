import { describe, expect, it } from "vitest";
import { checkPattern } from "./index";

const countsOf = (text: string) => {
  const read = checkPattern(text);
  expect(read.problems).toEqual([]);
  return read.parts.map((p) => p.rounds.map((r) => r.count));
};

/** Lists of all that came to mind, written down before any of them was read. */
describe("rounds that stand for others, in every way of saying it", () => {
  it.each([
    "same as head, rounds 1-3",
    "as head to round 3",
    "work rounds 1-3 of the head",
    "Rounds 1-3: as head",
    "R1-3: same as for the head",
    "R1-3 like head",
    "R1-R3: as given for head",
    "Repeat rounds 1-3 of the head",
    "Work as for head up to round 3",
    "Follow rounds 1 to 3 of head",
    "Same as head until R3",
    "as for head (R1-3)",
    "R1-3: see head",
    "R1-3: = head R1-3",
    "Work the first 3 rounds of the head",
    "First 3 rounds as head",
    "R1-3: repeat head",
    "R1-3: copy the head",
    "Begin like the head (rounds 1-3)",
    "Rounds 1 to 3: identical to head",
    "R1-3 as R1-3 of head",
    "Make as the head up to and including round 3",
    "Work exactly as head for 3 rounds",
    "Like the head, but stop after round 3",
    "Same beginning as head (rounds 1 through 3)",
    "1-3: as head",
    "R1–3 the same as the head",
  ])("%s", (says) => {
    const head = "Head\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: 18 sc (18)\n";
    expect(countsOf(`${head}R5: (sc, dec) x6 (12)\n\nBody\n${says}\nR4: (2 sc, inc) x6 (24)\n`)).toEqual([
      [6, 12, 18, 18, 12],
      [6, 12, 18, 24],
    ]);
  });
  it.each([
    "R4-6: repeat round 3",
    "R4-6: rep R3",
    "R4-6: as round 3",
    "R4-6: same as R3",
    "Repeat round 3 three more times",
    "Rep rnd 3 x3",
    "R4-6: like R3",
    "Repeat R3 for R4-6",
    "R4-6 = R3",
    "R4 to R6: rep last round",
    "Rep last round 3 more times",
    "R4-6: repeat previous round",
    "Repeat the last round 3 times",
    "Work round 3 three more times",
    "3 more rounds the same",
    "Rnds 4-6: ditto",
    "R4-6: see R3",
    "R4, R5, R6: as R3",
    "R4-6: work as round 3",
    "Then three more rounds like that",
    "Repeat R3 until R6",
    "Work round 3 again 3 times",
    "Do the same for rounds 4-6",
    "Rounds 4 - 6: repeat the third round",
    "Repeat this round 3 more times",
    "Repeat rnd 3, 3 more times (12)",
    "R4-6: Repeat R3 (3 rounds)",
    "(repeat round 3 three times)",
    "Continue like this for 3 more rounds",
  ])("%s", (says) => {
    const ball = "Ball\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\nR3: sc in each st (12)\n";
    expect(countsOf(`${ball}${says}\nR7: dec x6 (6)\n`)).toEqual([[6, 12, 12, 12, 12, 12, 6]]);
  });
});

describe("two legs joined, in many ways of saying it", () => {
  it.each([
    "R4: ch 2, join to first leg with sc, 11 sc around, 2 sc on ch, 12 sc on second leg, 2 sc on ch (28)",
    "R4: ch 2, 12 sc around first leg, 2 sc in ch, 12 sc around second leg, 2 sc on other side of ch (28)",
    "R4: Join legs: ch 2, sc 12 on leg one, sc 2 along ch, sc 12 on leg two, sc 2 along ch (28)",
    "R4: 2 ch, then 12 sc on the first leg, 2 sc in the chains, 12 sc on the second leg, 2 sc in the chains (28)",
    "R4: ch 2, attach leg 1 with a sc, sc 11, sc 2 on ch, sc 12, sc 2 on ch (28)",
    "R4: ch 2, sc around leg 1 (12), sc in each ch (2), sc around leg 2 (12), sc in each ch (2) (28)",
    "R4: connect the legs with 2 ch; 12 sc around each leg and 2 sc on each side of the ch (28)",
  ])("%s", (says) => {
    const leg = "Leg (make 2)\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\nR3: 12 sc (12)\n\n";
    expect(countsOf(`${leg}Body\n${says}\nR5: 28 sc (28)\n`)).toEqual([
      [6, 12, 12],
      [28, 28],
    ]);
  });
});

/** Lists of all that came to mind, written down before any of them was read. */
describe("two legs of twelve joined, by their sum", () => {
  const leg = "Leg (make 2)\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\nR3-5: sc around (12)\n";
  const keep = "Fasten off the first leg, keep the yarn on the second.\n\nBody\n";
  it.each([
    "R6: ch 3, connect the legs, 12 sc, 3 sc over the ch, 12 sc, 3 sc over the ch (30)",
    "R6: 3 ch, 12 sc (1st leg), 3 sc (ch), 12 sc (2nd leg), 3 sc (ch) (30)",
    "R6: make 3 chains, join to the first leg with a single crochet, continue sc around the first leg (12 total), 3 sc across the chain, 12 sc around the second leg, 3 sc across the back of the chain (30)",
    "R6: ch 3, join with leg one by sc, 11 more sc, 3 sc into chain, 12 sc into leg two, 3 sc into chain = 30",
    "R6: sc in both legs and both sides of ch 3 (30)",
    "R6: ch 3, then sc around both legs and both sides of the chain (30)",
    "With the second leg still on the hook, ch 3 and join to the first leg.\nR6: sc around both legs and the chain on both sides (30)",
    "Ch 3, join to first leg.\nR6: 12 sc along first leg, 3 sc along ch, 12 sc along second leg, 3 sc along ch (30)",
    "R6 (joining): ch 3, sc in any st of first leg, sc in next 11 sts, sc in 3 ch, sc in 12 sts of second leg, sc in opposite side of 3 ch (30)",
  ])("%s", (says) => {
    expect(countsOf(`${leg}${keep}${says}\nR7: sc around (30)\n`)).toEqual([
      [6, 12, 12, 12, 12],
      [30, 30],
    ]);
  });
  it.each([
    "R6: sc in each st of leg 2, then sc in each st of leg 1 (24)",
    "R6: hold the legs together, sc 12 in the first leg and 12 in the second leg (24)",
    "R6: sc around both legs (24)",
    "R6: Sc 12, sc into the first leg, sc 11 more (24)",
    "R6: Join legs together with a sc, then sc in the remaining sts of both legs (24)",
  ])("%s", (says) => {
    expect(countsOf(`${leg}${keep}${says}\nR7: sc around (24)\n`)).toEqual([
      [6, 12, 12, 12, 12],
      [24, 24],
    ]);
  });
  it("a leg with a stitch too few is told", () => {
    const short = "R6: ch 3, 12 sc on first leg, 3 sc on ch, 11 sc on second leg, 3 sc on ch (30)";
    const { problems } = checkPattern(`${leg}${keep}${short}\nR7: sc around (30)\n`);
    expect(problems.map((p) => p.line)).toEqual([8]);
  });
});

describe("a chain of seven worked on both sides", () => {
  it.each([
    "R1: ch 7, sc in 2nd ch from hook, sc 4, 3 sc in last ch, turn to other side, sc 4, 2 sc in last (14)",
    "Ch 7\nR1: sc in second ch from hook, sc in next 4, 3 sc in the end ch, work along the other side, 4 sc, 2 sc in the last st (14)",
    "R1: ch7, from 2nd ch: 5 sc, 3 sc in 1, 4 sc, 2 sc in 1 (14)",
    "R1: 7 ch, 1 sc in 2nd ch, 4 sc, 3 sc in the same last ch, 4 sc back on the other side, 2 sc in the same st as the first (14)",
    "Foundation: ch 7. R1: sc 5 along the chain, 3 sc in the end chain, rotate, sc 4 along the bottom, 2 sc in the end (14)",
    "R1: Ch 7, skip 1, 5 sc, 3 sc in the last chain; on the other side of the chain 4 sc, 2 sc in last (14)",
    "R1: ch 7, 5 sc, inc 3 in last, 4 sc on the other side, inc (14)",
    "chain 7, sc 5, 3sc in same stitch, sc 4 on opposite side, 2 sc in same (14)",
  ])("%s", (says) => {
    expect(countsOf(`Sole\n${says}\nR2: inc in each of 14 (28)\n`)).toEqual([[14, 28]]);
  });
  it("a side with a stitch too few is told", () => {
    const short = "R1: ch 7, 5 sc, 3 sc in last ch, 3 sc on the other side, 2 sc in last (14)";
    expect(checkPattern(`Sole\n${short}\n`).problems).toHaveLength(1);
  });
});

describe("a part and its colour", () => {
  it.each(["In grey-blue", "With blue-grey yarn", "Using dark sea-green:"])("%s", (says) => {
    const read = checkPattern(`Fins (make two)\n${says}\n1st round: 4 sc into a magic loop. 4 sts\n`);
    expect(read.parts.map((p) => [p.name, p.make])).toEqual([["Fins", 2]]);
  });
});

describe("what is spread over a round of plain stitches", () => {
  const head = "Ball\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x6 (12)\nRnd 3: (sc, inc) x6 (18)\n";
  it.each([
    ["sc in each, increasing 6 sts evenly (24)", 24],
    ["sc around, increasing 6 evenly (24)", 24],
    ["sc in each st around, increasing six times evenly", 24],
    ["sc around and increase 6 sts evenly (24)", 24],
    ["sc around, evenly increasing 6 sts (24)", 24],
    ["sc around with 6 increases evenly spaced (24)", 24],
    ["increase 6 evenly, sc around (24)", 24],
    ["inc 6 times evenly around (24)", 24],
    ["sc around, dec 6 evenly (12)", 12],
    ["sc, decreasing 6 sts evenly around (12)", 12],
    ["work in sc, decreasing 6 sts evenly (12)", 12],
    ["sc around, evenly decreasing 6 sts", 12],
    ["just sc. Still 18.", 18],
    ["sc around - stays at 18", 18],
    ["sc around, remains 18", 18],
    ["sc; you still have 18", 18],
    ["another plain round, 18 again", 18],
  ])("%s", (says, count) => {
    expect(countsOf(`${head}Rnd 4: ${says}\n`)).toEqual([[6, 12, 18, count]]);
  });
  it("too many of them are told", () => {
    expect(checkPattern(`${head}Rnd 4: sc around, increasing 20 evenly (38)\n`).problems).not.toEqual([]);
  });
});
