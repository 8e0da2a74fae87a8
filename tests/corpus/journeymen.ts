import type { Case } from "./case";

const times = (count: number, n: number): number[] => Array.from({ length: n }, () => count);

/** A third batch of new hands. */
export const JOURNEYMEN: readonly Case[] = [
  {
    hand: "each round begins with the word and ends in a slash total",
    text: `Chestnut
Round 1 / 6 sc in a magic ring / 6
Round 2 / inc x 6 / 12
Round 3 / (sc, inc) x 6 / 18
Round 4 to 6 / sc around / 18
Round 7 / (sc, dec) x 6 / 12
Round 8 / dec x 6 / 6`,
    parts: [{ name: "Chestnut", counts: [6, 12, 18, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "increases named by their full words, with the count of each",
    text: `Apple
R1: magic ring with 7 single crochets (7)
R2: 7 increases (14)
R3: (1 single crochet, 1 increase) x 7 (21)
R4: (2 single crochets, 1 increase) x 7 (28)
R5–R8: 28 single crochets (28)
R9: (2 single crochets, 1 decrease) x 7 (21)
R10: (1 single crochet, 1 decrease) x 7 (14)
R11: 7 decreases (7)`,
    parts: [{ name: "Apple", counts: [7, 14, 21, 28, 28, 28, 28, 28, 21, 14, 7] }],
  },
  {
    hand: "a toy in three parts, each “same as” or “like” another",
    text: `CATERPILLAR

Ball 1 (green)
1. 6 sc into mr [6]
2. inc around [12]
3. [sc, inc] around [18]
4.-6. sc around [18]
7. [sc, dec] around [12]
8. dec around [6]

Ball 2 (yellow)
Like ball 1.

Feeler (black) x 2
ch 5, cut the yarn`,
    parts: [
      { name: "Ball 1", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Ball 2", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Feeler", make: 2, counts: [0], made: { ch: 5 } },
    ],
  },
  {
    hand: "UK tall stitches with their turning chains, rows",
    text: `Banner (UK)
Foundation chain: 12 ch.
Row 1: 1 htr in 3rd ch from hook, 1 htr in each ch to end. (10 htr)
Row 2: 2 ch, turn, 1 htr in each htr. (10 htr)
Row 3: 2 ch, turn, htr2tog, 1 htr in each of next 6 htr, htr2tog. (8 htr)`,
    parts: [{ name: "Banner", worked: "rows", counts: [10, 10, 8] }],
  },
  {
    hand: "two rounds in one sentence, joined by “and”",
    text: `Drop
Rnd 1: 4 sc in MR (4)
Rnd 2: sc in each st (4)
Rnd 3: (sc, inc) x 2 (6)
Rnds 4 and 5: sc in each st (6)
Rnd 6: (sc, inc) x 3 (9)
Rnds 7, 8 and 9: sc in each st (9)
Rnd 10: (sc, dec) x 3 (6)`,
    parts: [{ name: "Drop", counts: [4, 4, 6, 6, 6, 9, 9, 9, 9, 6] }],
  },
  {
    hand: "Nth stitches and every other",
    text: `Button
Rnd 1: 8 sc in MR (8)
Rnd 2: inc in every other st (12)
Rnd 3: inc in every 3rd st (16)
Rnd 4: sc2tog around (8)`,
    parts: [{ name: "Button", counts: [8, 12, 16, 8] }],
  },
  {
    hand: "notes behind a dash, stuffing among them",
    text: `Sausage dog body
R1: 6 sc in MR – (6) – mark the beginning
R2: inc x 6 – (12)
R3: 12 sc – (12) – begin to stuff
R4: 12 sc – (12)
R5 to R10: 12 sc – (12) – stuff as you go
R11: dec x 6 – (6) – close`,
    parts: [{ name: "Sausage dog body", counts: [6, 12, 12, 12, ...times(12, 6), 6] }],
  },
  {
    hand: "wings in one piece: a chain worked on both sides, then points",
    text: `Bow
Ch 9
Rnd 1: sc in 2nd ch from hook, sc in next 6 ch, 3 sc in last ch, rotate, sc in next 6 ch, 2 sc in last ch (18)
Rnd 2: sc around (18)
Rnd 3: sc around (18)
Fasten off. Wrap the yarn around the middle 8 times.`,
    parts: [{ name: "Bow", worked: "oval", counts: [18, 18, 18] }],
  },
  {
    hand: "colour blocks by round numbers above the rounds",
    text: `Bee
Rounds 1–3 yellow, round 4 black, round 5 yellow.
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: sc around (12)
Rnd 4: sc around (12)
Rnd 5: dec x 6 (6)`,
    parts: [{ name: "Bee", counts: [6, 12, 12, 12, 6] }],
  },
  {
    hand: "lower case throughout, no punctuation",
    text: `pear

r1 6 sc in mr 6
r2 inc 6 12
r3 sc inc repeat 6 times 18
r4 to r6 sc around 18
r7 sc dec repeat 6 times 12`,
    parts: [{ name: "pear", counts: [6, 12, 18, 18, 18, 18, 12] }],
  },
  {
    hand: "questions, exclamations and smiles",
    text: `Dumpling!
Let's start :)
Rnd 1: 6 sc in MR (6) – easy!
Rnd 2: inc x 6 (12) :)
Rnd 3: (sc, inc) x 6 (18) Nearly there?
Rnd 4: sc around (18)
Rnd 5: (sc, dec) x 6 (12) Well done!`,
    parts: [{ name: "Dumpling", counts: [6, 12, 18, 18, 12] }],
  },
  {
    hand: "the magic ring on a line of its own, rounds from one",
    text: `Marshmallow
Make a magic ring.
Rnd 1: 6 sc into the ring (6)
Rnd 2: 2 sc into each st (12)
Rnd 3: * 1 sc in the next st, 2 sc in the next * x 6 (18)
Rnd 4: 1 sc in the back loop of each st (18)
Rnd 5 – 6: 1 sc in each st (18)`,
    parts: [{ name: "Marshmallow", counts: [6, 12, 18, 18, 18, 18] }],
  },
  {
    hand: "half rounds: ears worked to and fro on a ring",
    text: `Cat ear, make 2
Row 1: mr, 3 sc, turn (3)
Row 2: ch 1, inc, sc, inc, turn (5)
Row 3: ch 1, inc, 3 sc, inc, turn (7)
Row 4: ch 1, 7 sc (7)`,
    parts: [{ name: "Cat ear", make: 2, worked: "rows", counts: [3, 5, 7, 7] }],
  },
  {
    hand: "a body that goes on from the head without a stop",
    text: `HEAD AND BODY (worked in one)
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnds 4-6: sc around (18)
Rnd 7: (sc, dec) x 6 (12)
Stuff the head.
— Body —
Rnd 8: (sc, inc) x 6 (18)
Rnds 9-12: sc around (18)
Rnd 13: (sc, dec) x 6 (12)
Rnd 14: dec x 6 (6)`,
    parts: [
      { name: "HEAD AND BODY", counts: [6, 12, 18, 18, 18, 18, 12] },
      { name: "Body", counts: [18, 18, 18, 18, 18, 12, 6] },
    ],
  },
  {
    hand: "stitches with their place, told at length",
    text: `Cork
Round 1: In a magic ring, work 6 sc; do not join (6)
Round 2: Work 2 sc in each st to the end of the round (12)
Round 3: Working in the front loops only, work 1 sc in each st to the end of the round (12)
Round 4: Work 1 sc in each of the next 10 sts, work 2 sts together (11)
Round 5: Work 1 sc in each of the next 9 sts, work 2 sts together (10)`,
    parts: [{ name: "Cork", counts: [6, 12, 12, 11, 10] }],
  },
];
