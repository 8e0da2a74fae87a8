import { times, type ApartPattern } from "./pattern";

export const SECOND: readonly ApartPattern[] = [
  {
    hand: "legs joined into a body with chains between them",
    text: `Teddy
LEG – make 2, do not cut the yarn of the second one
Rnd 1: sc 6 in magic ring (6)
Rnd 2: inc in every st (12)
Rnds 3–6: sc in every st (12)

BODY
Rnd 7: from the second leg ch 3, sc 12 around the first leg, sc 3 along the chain, sc 12 around the second leg, sc 3 along the other side of the chain (30)
Rnds 8–11: sc in every st (30)
Rnd 12: (sc 3, dec) x 6 (24)
Rnd 13: (sc 2, dec) x 6 (18)
Rnd 14: sc in every st (18)
Rnd 15: (sc 1, dec) x 6 (12)`,
    parts: [
      { make: 2, counts: [6, 12, 12, 12, 12, 12] },
      { counts: [30, 30, 30, 30, 30, 24, 18, 18, 12], made: { sc: 222, ch: 3 } },
    ],
  },
  {
    hand: "petals grown out of a round, each with its own name",
    text: `Daisy brooch
Centre (yellow)
Rnd 1: 6 sc in magic ring. 6
Rnd 2: inc around. 12
Join with sl st and fasten off.

Petals (white)
Join white in any stitch.
Rnd 3: *ch 4, sc in 2nd ch from hook, hdc in next 2 ch, sl st in next st; rep from * around. 12 petals`,
    parts: [
      { counts: [6, 12], made: { sc: 18 } },
      { counts: [12], made: { sc: 12, hdc: 24, slst: 12 } },
    ],
  },
  {
    hand: "upper case, no spaces between number and stitch, colon totals",
    text: `OCTOPUS
HEAD
R1: 6SC IN MR :6
R2: 6INC :12
R3: (1SC,1INC)X6 :18
R4: (2SC,1INC)X6 :24
R5: (3SC,1INC)X6 :30
R6-R10: 30SC :30
R11: (3SC,1DEC)X6 :24
R12: (2SC,1DEC)X6 :18
STUFF
R13: (1SC,1DEC)X6 :12
R14: 6DEC :6
FO.

ARM (MAKE 8)
R1: 5SC IN MR :5
R2-R8: 5SC :5`,
    parts: [{ counts: [6, 12, 18, 24, ...times(30, 6), 24, 18, 12, 6] }, { make: 8, counts: times(5, 8) }],
  },
  {
    hand: "rows: a scarf for a bear, told with ordinals",
    text: `Scarf
Chain 41.
1st row: hdc in 3rd chain from hook and in each chain across. Turn. (39 hdc)
2nd row: ch 2, hdc in each stitch across. Turn. (39 hdc)
3rd row: repeat the 2nd row.
Fasten off and weave in the ends.`,
    parts: [{ counts: [39, 39, 39], made: { hdc: 117, ch: 45 } }],
  },
  {
    hand: "asides in brackets everywhere",
    text: `Whale (about 7 cm long)

BODY (blue; worked from the nose to the tail)
Rnd 1 (start): 6 sc in MR (pull it tight) (6)
Rnd 2: inc in each st (that's 6 increases) (12)
Rnd 3: (sc, inc) x 6 (mark the first st) (18)
Rnd 4: (2 sc, inc) x 6 (24)
Rnd 5-8 (4 rounds): sc in each st (easy ones!) (24)
(Put the eyes in now, between rounds 5 and 6, 10 sts apart.)
Rnd 9: (2 sc, dec) x 6 (use the invisible decrease if you like) (18)
Rnd 10: sc in each st (18)
Rnd 11: (sc, dec) x 6 (12)
(Stuff.)
Rnd 12: dec x 6 (6)
Rnd 13: 2 sc in each st (12) (for the tail)
Rnd 14: sc in each st (12)`,
    parts: [{ counts: [6, 12, 18, ...times(24, 5), 18, 18, 12, 6, 12, 12], slots: { blue: 234 } }],
  },
  {
    hand: "bear ears: half circles in rows on a ring",
    text: `Ear, brown, 2 pieces
Row 1: 5 sc in a magic ring, do not join, ch 1, turn. [5]
Row 2: 2 sc in each st, ch 1, turn. [10]
Row 3: (1 sc, inc) 5 times. [15]
Fasten off, leaving a tail to sew.`,
    parts: [{ make: 2, counts: [5, 10, 15], slots: { brown: 30 } }],
  },
  {
    hand: "stars, semicolons, “more” times, total in words",
    text: `Acorn
Nut – tan
Rnd 1: Work 6 sc in an adjustable ring; six stitches.
Rnd 2: *2 sc in next st; repeat from * 5 more times; twelve stitches.
Rnd 3: *1 sc in next st, 2 sc in next st; repeat from * 5 more times; eighteen stitches.
Rnds 4, 5, 6 and 7: 1 sc in each st around; eighteen stitches.
Rnd 8: *1 sc in next st, sc next 2 sts together; repeat from * 5 more times; twelve stitches.
Stuff firmly.
Rnd 9: *sc next 2 sts together; repeat from * 5 more times; six stitches.

Cup – dark brown
Rnd 1: Work 6 sc in an adjustable ring; six stitches.
Rnd 2: *2 sc in next st; repeat from * 5 more times; twelve stitches.
Rnd 3: *1 sc in next st, 2 sc in next st; repeat from * 5 more times; eighteen stitches.
Rnd 4: In front loops only, 1 sc in each st around; eighteen stitches.`,
    parts: [
      { counts: [6, 12, 18, 18, 18, 18, 18, 12, 6], slots: { tan: 126 } },
      { counts: [6, 12, 18, 18], slots: { "dark brown": 54 } },
    ],
  },
  {
    hand: "as for the other one, numbers going on over the heading",
    text: `Penguin
Left flipper
Rnd 1: 4 sc in MR (4)
Rnd 2: inc x 4 (8)
Rnds 3-6: sc around (8)
Right flipper
Work as left flipper.

Body
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: (sc 2, inc) x 6 (24)
Rnds 5-9: sc around (24)
Head
Rnd 10: (sc 2, dec) x 6 (18)
Rnds 11-14: sc around (18)
Rnd 15: (sc, dec) x 6 (12)
Rnd 16: dec x 6 (6)`,
    parts: [
      { counts: [4, 8, 8, 8, 8, 8] },
      { counts: [4, 8, 8, 8, 8, 8] },
      { counts: [6, 12, 18, 24, ...times(24, 5)] },
      { counts: [18, 18, 18, 18, 18, 12, 6] },
    ],
  },
  {
    hand: "increase spread unevenly, written stitch by stitch",
    text: `Strawberry (red)
R1. Magic ring, 6 sc. (6)
R2. 1 sc, 1 inc, 1 sc, 1 inc, 1 sc, 1 inc. (9)
R3. 2 sc, 1 inc, 2 sc, 1 inc, 2 sc, 1 inc. (12)
R4. 12 sc. (12)
R5. 3 sc, 1 inc, 3 sc, 1 inc, 3 sc, 1 inc. (15)
R6. 4 sc, 1 inc, 4 sc, 1 inc, 4 sc, 1 inc. (18)
R7. 18 sc. (18)
R8. 5 sc, 1 inc, 5 sc, 1 inc, 5 sc, 1 inc. (21)
R9. 21 sc. (21)
R10. (5 sc, 1 dec) three times. (18)
R11. (1 sc, 1 dec) six times. (12)
R12. dec six times. (6)

Leaf (green)
Ch 1 to start, then work 5 times: ch 5, sl st in 2nd ch from hook, sc in next 3 ch. Join.`,
    parts: [
      { counts: [6, 9, 12, 12, 15, 18, 18, 21, 21, 18, 12, 6], slots: { red: 168 } },
      { counts: [0], made: { slst: 6, sc: 15, ch: 26 } },
    ],
  },
  {
    hand: "markdown with bold labels and a list of notes",
    text: `## Chick

**Materials**
* pale yellow DK yarn
* orange scrap
* two 5 mm eyes

### Body
* **Rnd 1:** 6 sc in MR **(6)**
* **Rnd 2:** 2 sc in each st **(12)**
* **Rnd 3:** *sc in next st, 2 sc in next st* around **(18)**
* **Rnd 4:** *sc in next 2 sts, 2 sc in next st* around **(24)**
* **Rnds 5-9:** sc in each st **(24)**
* **Rnd 10:** *sc in next 2 sts, dec* around **(18)**
* **Rnd 11:** *sc in next st, dec* around **(12)**
* **Rnd 12:** dec around **(6)**

### Wing (make 2)
* **Rnd 1:** 5 sc in MR **(5)**
* **Rnd 2:** 2 sc in each st **(10)**
* **Rnd 3:** sc in each st **(10)**`,
    parts: [{ counts: [6, 12, 18, ...times(24, 6), 18, 12, 6] }, { make: 2, counts: [5, 10, 10] }],
  },
];
