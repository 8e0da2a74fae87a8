import type { Case } from "./case";

/** The same craft in many handwritings. */
export const HANDS: readonly Case[] = [
  {
    hand: "longhand sentences without one abbreviation",
    text: `The little boat

Hull
Round one: Make a magic ring and work six single crochet into it.
Round two: Work two single crochet into every stitch. You now have twelve stitches.
Round three: Work one single crochet into the next stitch and two single crochet into the following stitch; repeat this all the way around. You should have eighteen stitches.
Rounds four and five: Work one single crochet into each stitch.
Round six: Single crochet two together nine times. Nine stitches remain.`,
    parts: [{ name: "Hull", counts: [6, 12, 18, 18, 18, 9] }],
  },
  {
    hand: "old magazine, everything in one paragraph",
    text: `HEAD: Ch 2. 1st rnd: 6 sc in 2nd ch from hook. 6 sc. 2nd rnd: 2 sc in each sc. 12 sc. 3rd rnd: *1 sc in next sc. 2 sc in next sc. Rep from * around. 18 sc. 4th and 5th rnds: 1 sc in each sc around. 6th rnd: *1 sc in next sc. Draw up a loop in each of next 2 sc. Yoh and draw through all loops on hook - sc2tog made. Rep from * around. 12 sc. Fasten off.`,
    parts: [{ name: "HEAD", counts: [6, 12, 18, 18, 18, 12] }],
  },
  {
    hand: "indented continuation lines",
    text: `Whale body
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc in every stitch
       (12)
Rnd 3: sc, inc,
       sc, inc,
       (sc, inc) x 4 (18)
Rnd 4: 9 sc in blue,
       9 sc in white (18)`,
    parts: [{ name: "Whale body", counts: [6, 12, 18, 18] }],
  },
  {
    hand: "terse, symbols only, counts behind a dash",
    text: `Ball
R1: MR 6 – 6
R2: 6 inc – 12
R3: [1, inc] x6 – 18
R4: [2, inc] x6 – 24
R5-7: 24 – 24
R8: [2, dec] x6 – 18`,
    parts: [{ name: "Ball", counts: [6, 12, 18, 24, 24, 24, 24, 18] }],
  },
  {
    hand: "typographic quotes, dashes, no-break spaces, BOM, Windows ends",
    text: "\uFEFFBuoy “Bert”\r\nRnd\u00a01: 6\u00a0sc in magic ring (6)\r\nRnd\u00a02 – 3:\u00a0sc around (6)\r\nRnd\u00a04: (sc, inc)\u00a0×\u00a03 (9)\r\n",
    parts: [{ name: "Buoy “Bert”", counts: [6, 6, 6, 9] }],
  },
  {
    hand: "stars nested in brackets and repeats from star to double star",
    text: `Shell
Rnd 1: 6 sc in magic ring (6)
Rnd 2: *inc; rep from * to end (12)
Rnd 3: *sc in next st, inc in next st; rep from * to last 2 sts, sc in last 2 sts (17)
Rnd 4: sc in each st to last 2 sts, sc2tog (16)
Rnd 5: *(sc, dec) twice, 2 sc; repeat from * once more (12)`,
    parts: [{ name: "Shell", counts: [6, 12, 17, 16, 12] }],
  },
  {
    hand: "colours at the head of every line",
    text: `Lighthouse
(white) Rnd 1: 6 sc in magic ring (6)
(white) Rnd 2: inc x 6 (12)
(red) Rnd 3: (sc, inc) x 6 (18)
(red) Rnds 4-5: 18 sc (18)
(white) Rnds 6-7: 18 sc (18)`,
    parts: [{ name: "Lighthouse", counts: [6, 12, 18, 18, 18, 18, 18] }],
  },
  {
    hand: "colour A and B, changes told before the round",
    text: `Bee
Colour A: yellow
Colour B: black
With colour A:
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Change to B.
Rnds 3-4: 12 sc (12)
Change to A.
Rnd 5: (sc, inc) x 6 (18)
Rnd 6: A: 9 sc, B: 9 sc (18)`,
    parts: [{ name: "Bee", counts: [6, 12, 12, 12, 18, 18] }],
  },
  {
    hand: "UK magazine with miss and tension",
    text: `Tension: 20 sts to 10 cm.
Star
1st round: 5 dc into a magic ring, ss to join.
2nd round: 1 ch, 2 dc into each dc to end, ss to join. (10 sts)
3rd round: 1 ch, *1 dc in next dc, 2 dc in next dc; rep from * to end, ss to join. (15 sts)
4th round: 1 ch, *miss 1 dc, 1 dc in each of next 2 dc; rep from * to end. (10 sts)
5th round: *dc2tog; rep from * to end. (5 sts)`,
    parts: [{ name: "Star", worked: "joined", counts: [5, 10, 15, 10, 5] }],
  },
  {
    hand: "UK taller stitches in rows",
    text: `UK terms used throughout
Blanket square
Foundation: 15 ch.
Row 1: 1 htr in 3rd ch from hook, 1 htr in each ch to end, turn. (13)
Row 2: 2 ch, 1 htr in each st, turn. (13)
Row 3: 1 ch, 1 dc in each st. (13)`,
    parts: [{ name: "Blanket square", worked: "rows", counts: [13, 13, 13], made: { hdc: 26, sc: 13 } }],
  },
  {
    hand: "round labels in many shapes",
    text: `Knob
Round 1 - 6 sc in magic ring [6 sts]
Rd 2: inc * 6 [12 sts]
R.3 (sc, inc) x 6 [18 sts]
Rnd. 4: sc in all 18 sts [18 sts]
#5: 18 sc [18 sts]
Rnd 6) (sc, dec) x 6 [12 sts]`,
    parts: [{ name: "Knob", counts: [6, 12, 18, 18, 18, 12] }],
  },
  {
    hand: "repeats of rounds in several words",
    text: `Column
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc around (12)
Rnd 3: sc around (12)
Rep Rnd 3 until there are 6 rounds in all. (12)`,
    parts: [{ name: "Column", counts: [6, 12, 12, 12, 12, 12] }],
  },
  {
    hand: "even rounds asked for by length",
    text: `Snake
Rnd 1: 6 sc in magic ring (6)
Rnd 2: 6 sc (6)
Repeat round 2 until the piece measures 12 cm.
Fasten off.`,
    parts: [{ name: "Snake", counts: [6, 6, 6] }],
    reports: ["note number-asked 4"],
  },
  {
    hand: "single round with everything uneven",
    text: `Potato
Rnd 1: 7 sc in MR (7)
Rnd 2: inc, sc, inc 2, sc, inc, sc (11)
Rnd 3: sc 2, inc, sc 3, 2 inc, sc 3 (14)
Rnd 4: dec, sc 10, dec (12)
Rnd 5: increase 3 times evenly spaced (15)
Rnd 6: decrease 5 sts evenly around (10)`,
    parts: [{ name: "Potato", counts: [7, 11, 14, 12, 15, 10] }],
  },
  {
    hand: "a table pasted from a sheet",
    text: `Round | Stitches | Total
1 | 6 sc in magic ring | 6
2 | inc x 6 | 12
3 | (sc, inc) x 6 | 18
4-6 | sc around | 18`,
    parts: [{ name: "Piece", counts: [6, 12, 18, 18, 18, 18] }],
  },
  {
    hand: "an item list with ready instructions between",
    text: `PUFFIN CHICK
Materials: DK cotton in black, white and orange; 2.5 mm hook; 5 mm eyes; fibre filling
Gauge is not important.
Abbreviations: sc = single crochet, inc = 2 sc in one stitch, dec = sc two together

BODY (black)
1. 6 sc in magic ring (6)
2. inc x 6 (12)
3. (sc, inc) x 6 (18)
4-7. sc around (18)
Put in the eyes between rounds 4 and 5, 4 stitches apart.
8. (sc, dec) x 6 (12)
Stuff lightly.
9. dec x 6 (6)
Cut yarn, pull through and close.

FOOT (orange), make 2
1. 4 sc in magic ring (4)
2. 4 sc (4)
Leave a tail to sew with.

Assembly
1. Sew the feet under the body.
2. Sew on the beak.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 18, 18, 18, 18, 12, 6] },
      { name: "FOOT", make: 2, counts: [4, 4] },
    ],
  },
  {
    hand: "stitch totals in a sentence",
    text: `Rock
Rnd 1: 6 sc in magic ring. 6 stitches.
Rnd 2: increase in every stitch, for a total of 12.
Rnd 3: sc, inc, repeat around to get 18 stitches.
Rnd 4: sc in each stitch; 18 stitches in total.`,
    parts: [{ name: "Rock", counts: [6, 12, 18, 18] }],
  },
  {
    hand: "mirrored halves",
    text: `Fish
Rnd 1: 6 sc in magic ring (6)
Rnd 2: (inc, 2 sc) twice (8)
Rnd 3: (inc, 3 sc) twice (10)
Rnd 4: inc in the first st, 4 sc, inc in the next st, 4 sc (12)
Rnd 5: sc around (12)
Rnd 6: dec, 4 sc, dec, 4 sc (10)`,
    parts: [{ name: "Fish", counts: [6, 8, 10, 12, 12, 10] }],
  },
  {
    hand: "parts like other parts",
    text: `Left arm
Rnd 1: 6 sc in magic ring (6)
Rnds 2-4: 6 sc (6)
Fasten off.

Right arm
Work as left arm.

Leg (make 2)
Work as rounds 1-3 of the left arm.
Rnd 4: inc x 6 (12)`,
    parts: [
      { name: "Left arm", counts: [6, 6, 6, 6] },
      { name: "Right arm", counts: [6, 6, 6, 6] },
      { name: "Leg", make: 2, counts: [6, 6, 6, 12] },
    ],
  },
];
