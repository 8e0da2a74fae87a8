import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const LAGOON: readonly Whole[] = [
  {
    name: "acorn",
    text: `Acorn ornament

You need: a little DK in tan and chestnut, 3mm hook, stuffing, a scrap of twine.

Nut – tan
1. Start with a magic ring of 5 sc. [5]
2. Work 2 sc into every stitch. [10]
3. (1 sc, 2 sc in next) five times. [15]
4. (2 sc, 2 sc in next) five times. [20]
5.–9. Sc evenly. [20]
10. (2 sc, sc2tog) five times. [15]
11. Sc evenly. [15]
Fill.
12. (1 sc, sc2tog) five times. [10]
13. Sc2tog five times. [5]
Fasten off, thread the tail through the last 5 sts and pull shut.

Cap – chestnut
1. Start with a magic ring of 6 sc. [6]
2. Work 2 sc into every stitch. [12]
3. (1 sc, 2 sc in next) six times. [18]
4. (2 sc, 2 sc in next) six times. [24]
5. In back loops only: sc evenly. [24]
6. Sc evenly. [24]
Fasten off with a long tail and sew the cap onto the nut.

Stem – chestnut
Ch 5, sl st back along the chain. [4]`,
    parts: ["5 10 15 20 20 20 20 20 20 15 15 10 5", "6 12 18 24 24 24", "4"],
  },
  {
    name: "lantern",
    text: `LANTERN KEYRING

Yarn A = mustard. Yarn B = charcoal.
Hook 2.5 mm

Base (B): 
R1 - MR, 6sc (6)
R2 - incx6 (12)
R3 - (1sc,inc)x6 (18)
R4 - BLO 18sc (18)
change to A
R5 to R9 - 18sc (18)
change to B
R10 - (1sc,dec)x6 (12)
stuff
R11 - (1sc,inc)x6 (18)
R12 - BLO (1sc,dec)x6 (12)
R13 - decx6 (6)
FO, close.

Handle (B): ch16, sl st in 2nd ch and in each ch (15)`,
    parts: ["6 12 18 18 18 18 18 18 18 12 18 12 6", "15"],
  },
  {
    name: "mitten",
    text: `Mini mitten
worked from the fingertips to the cuff, in spiral rounds, red

Rnd 1: ch 2, 6 sc in second ch from hook. 6 sts.
Rnd 2: 2 sc in each sc around. 12 sts.
Rnd 3: sc around. 12 sts.
Rnd 4: *sc in next 3 sc, 2 sc in next sc; repeat from * twice more. 15 sts.
Rnds 5, 6 and 7: sc around. 15 sts.
Rnd 8: sc 7, ch 4, skip next st, sc in last 7 sts. 18 sts.
Rnd 9: sc 7, sc in each of 4 ch, sc 7. 18 sts.
Rnd 10: *sc 4, sc2tog; repeat from * around. 15 sts.
Change to white.
Rnd 11: working in back loops, sc around. 15 sts.
Rnd 12: sc around. 15 sts.
Rnd 13: sl st around. 15 sts.
Fasten off.`,
    parts: ["6 12 12 15 15 15 15 18 18 15 15 15 15"],
  },
  {
    name: "snail",
    text: `Snail

SHELL (one piece, caramel)
Round 1 – 6 sc into ring
Round 2 – inc around (12 sts)
Round 3 – sc 1, inc; 6 times (18 sts)
Round 4 – sc 2, inc; 6 times (24 sts)
Round 5 – sc 3, inc; 6 times (30 sts)
Rounds 6 through 9 – sc around (30 sts)
Round 10 – sc 3, dec; 6 times (24 sts)
Round 11 – sc 2, dec; 6 times (18 sts)
Stuff.
Round 12 – sc 1, dec; 6 times (12 sts)
Round 13 – dec around (6 sts)
Close.

BODY (one piece, cream)
Round 1 – 6 sc into ring
Round 2 – sc 1, inc; 3 times (9 sts)
Rounds 3 through 5 – sc around (9 sts)
Round 6 – sc 2, dec; twice, sc 1 (7 sts)
Rounds 7 through 20 – sc around (7 sts)
Round 21 – dec, sc 5 (6 sts)
Cut the yarn.

FEELERS (two pieces, cream)
chain 4, slip stitch into the second chain and the next two chains (3 sts)`,
    parts: ["6 12 18 24 30 30 30 30 30 24 18 12 6", "6 9 9 9 9 7 7 7 7 7 7 7 7 7 7 7 7 7 7 7 6", "x2 3"],
  },
  {
    name: "cactus",
    text: `Cactus in a pot – pattern

Abbreviations (US): sc, inc, dec, blo, MR, st(s), R = round
(n) at the end of a line = stitches you should have

The cactus (leaf green)
R1. 8 sc in MR (8)
R2. 8 inc (16)
R3. [sc 3, inc] ×4 (20)
R4–R12. 1 sc in each (20)
Leave a tail and fasten off. Stuff.

Arm, small (leaf green, ×1)
R1. 6 sc in MR (6)
R2–R4. 1 sc in each (6)

Arm, large (leaf green, ×1)
R1. 6 sc in MR (6)
R2. [sc 2, inc] ×2 (8)
R3–R6. 1 sc in each (8)

Pot (terracotta)
R1. 6 sc in MR (6)
R2. 6 inc (12)
R3. [sc 1, inc] ×6 (18)
R4. [sc 2, inc] ×6 (24)
R5. blo, 1 sc in each (24)
R6–R9. 1 sc in each (24)
R10. flo, [sc 5, inc] ×4 (28)
R11. 1 sc in each (28)
Fasten off.

Soil (brown)
R1. 6 sc in MR (6)
R2. 6 inc (12)
R3. [sc 1, inc] ×6 (18)
R4. [sc 2, inc] ×6 (24)
Leave a tail; sew the soil into the pot, stuffing before you close.`,
    parts: [
      "8 16 20 20 20 20 20 20 20 20 20 20",
      "6 6 6 6",
      "6 8 8 8 8 8",
      "6 12 18 24 24 24 24 24 24 28 28",
      "6 12 18 24",
    ],
  },
  {
    name: "bee",
    text: `*Bumble*

Body - begin with yellow
rnd 1 mc, sc 6 (6)
rnd 2 inc every st (12)
rnd 3 (inc, sc) rep (18)
rnd 4 (inc, sc 2) rep (24)
black:
rnd 5 sc (24)
rnd 6 sc (24)
yellow:
rnd 7 sc (24)
rnd 8 sc (24)
black:
rnd 9 sc (24)
rnd 10 (dec, sc 2) rep (18)
eyes between rnd 3 and 4, 5 sts apart
yellow:
rnd 11 (dec, sc) rep (12)
stuff well
rnd 12 dec rep (6)
sew shut

Wings - white - 2x
rnd 1 mc, sc 6 (6)
rnd 2 inc every st (12)
rnd 3 sc (12)
fold flat, no stuffing`,
    parts: ["6 12 18 24 24 24 24 24 24 18 12 6", "x2 6 12 12"],
  },
  {
    name: "whale-broken",
    text: `Whale

Body, blue
Round 1: 6 sc in magic ring. (6)
Round 2: inc in each. (12)
Round 3: (sc 1, inc) x 6. (18)
Round 4: (sc 2, inc) x 6. (24)
Round 5: (sc 3, inc) x 6. (30)
Rounds 6-9: sc in each. (30)
Round 10: (sc 3, dec) x 6. (24)
Round 11: (sc 2, dec) x 5. (18)
Round 12: (sc 1, dec) x 6. (12)
Stuff.
Round 13: dec x 6. (6)

Tail fin, blue, make 2
Round 1: 4 sc in magic ring. (4)
Round 2: inc in each. (8)
Round 3: sc in each. (8)`,
    parts: ["6 12 18 24 30 30 30 30 30 24 18 12 6", "x2 4 8 8"],
    slip: 11,
  },
  {
    name: "mushroom",
    text: `MUSHROOM (about 6 cm)

Cap, top – red
Rnd 1: 6 sc in a magic circle {6}
Rnd 2: inc 6 times {12}
Rnd 3: *sc, inc* 6 times {18}
Rnd 4: *2 sc, inc* 6 times {24}
Rnd 5: *3 sc, inc* 6 times {30}
Rnd 6: *4 sc, inc* 6 times {36}
Rnds 7–9: sc {36}
Sl st, fasten off.

Cap, underside – white
Rnd 1: 6 sc in a magic circle {6}
Rnd 2: inc 6 times {12}
Rnd 3: *sc, inc* 6 times {18}
Rnd 4: *2 sc, inc* 6 times {24}
Rnd 5: *3 sc, inc* 6 times {30}
Rnd 6: *4 sc, inc* 6 times {36}
Do not fasten off. Hold both caps together, wrong sides in, and sc through both all around, filling before the last few stitches. {36}

Stalk – white
Rnd 1: 6 sc in a magic circle {6}
Rnd 2: inc 6 times {12}
Rnd 3: BLO sc {12}
Rnds 4–8: sc {12}
Stuff, sew to the underside.

Dots – white, five
6 sc in a magic circle, sl st to join, fasten off. {6}`,
    parts: ["6 12 18 24 30 36 36 36 36", "6 12 18 24 30 36 36", "6 12 12 12 12 12 12 12", "x5 6"],
  },
  {
    name: "ghost",
    text: `Little ghost

Start at the top.
[1] 6 sc in mr = 6
[2] 6x inc = 12
[3] 6x (1 sc + inc) = 18
[4] 6x (2 sc + inc) = 24
[5]-[10] 24 sc = 24
[11] 4x (5 sc + inc) = 28
[12]-[14] 28 sc = 28
[15] FLO: *sl st, (hdc, dc, hdc) in next st, sl st, skip 1* x7
Fasten off.

Bottom
[1] 6 sc in mr = 6
[2] 6x inc = 12
[3] 6x (1 sc + inc) = 18
[4] 6x (2 sc + inc) = 24
[5] 4x (5 sc + inc) = 28
Sew into the back loops of round 15.`,
    parts: ["6 12 18 24 24 24 24 24 24 24 28 28 28 28 35", "6 12 18 24 28"],
  },
  {
    name: "sheep",
    text: `Sheep (UK terms)

Head (grey)
Round 1: 6dc in a magic loop.
Round 2: 2dc in each st. (12)
Round 3: [1dc, 2dc in next st] rep around. (18)
Rounds 4-6: dc around. (18)
Round 7: [1dc, dc2tog] rep around. (12)
Round 8: [dc2tog] rep around. (6)
Stuff as you go. Fasten off.

Body (cream)
Round 1: 6dc in a magic loop.
Round 2: 2dc in each st. (12)
Round 3: [1dc, 2dc in next st] rep around. (18)
Round 4: [2dc, 2dc in next st] rep around. (24)
Round 5: [1htr, 1 sl st] rep around. (24)
Rounds 6-10: as round 5. (24)
Round 11: [2dc, dc2tog] rep around. (18)
Round 12: [1dc, dc2tog] rep around. (12)
Stuff.
Round 13: [dc2tog] rep around. (6)

Legs (grey), make four
Round 1: 5dc in a magic loop.
Rounds 2-5: dc around. (5)

Ears (grey), make two
6dc in a magic loop; do not join, pull the loop to a half moon. (6)`,
    parts: ["6 12 18 18 18 18 12 6", "6 12 18 24 24 24 24 24 24 24 18 12 6", "x4 5 5 5 5 5", "x2 6"],
  },
  {
    name: "turnip-broken",
    text: `Turnip

Root - from the tip - white, then purple
R 1: 4 sc in MR - 4
R 2: sc - 4
R 3: inc, sc 1, x2 - 6
R 4: sc - 6
R 5: inc x6 - 12
R 6: sc 1, inc, x6 - 18
R 7: sc 2, inc, x6 - 24
R 8: sc - 24
purple
R 9-11: sc - 25
R 12: sc 2, dec, x6 - 18
R 13: sc 1, dec, x6 - 12
stuff
R 14: dec x6 - 6

Leaves - green - 3
ch 9; from 2nd ch: sl st, sc, hdc, dc, dc, hdc, sc, sl st - 8`,
    parts: ["4 4 6 6 12 18 24 24 24 24 24 18 12 6", "x3 8"],
    slip: 13,
  },
  {
    name: "heart",
    text: `Puffed heart

Lobe 1
Rd 1: MR, 6 sc / 6
Rd 2: 2 in each / 12
Rd 3: sc around / 12
Cut the yarn.

Lobe 2
Rd 1: MR, 6 sc / 6
Rd 2: 2 in each / 12
Rd 3: sc around / 12
Don't cut.

Joined
Rd 4: sc 12 round lobe 2, then sc 12 round lobe 1 / 24
Rd 5: sc around / 24
Rd 6: (sc 4, sc2tog) ×4 / 20
Rd 7: (sc 3, sc2tog) ×4 / 16
Rd 8: (sc 2, sc2tog) ×4 / 12
Fill
Rd 9: (sc 1, sc2tog) ×4 / 8
Rd 10: sc2tog ×4 / 4
Close, weave in.`,
    parts: ["6 12 12", "6 12 12", "24 24 20 16 12 8 4"],
  },
  {
    name: "fish",
    text: `Fish for the cat
(catnip inside, no eyes, no bells)

From the mouth, teal:
Start: 6 sc in a ring.
Next: sc, inc all round – 9.
Next: 2 sc, inc all round – 12.
Next: 3 sc, inc all round – 15.
Next 5 rounds: plain – 15.
Next: 3 sc, dec all round – 12.
Next: plain – 12.
Next: 2 sc, dec all round – 9.
Stuff.
Next: sc, dec all round – 6.
Tail: flatten, and through both layers work 3 sc, turn.
Row 1: ch 1, 2 sc in each – 6, turn.
Row 2: ch 1, sc across – 6, turn.
Row 3: ch 1, 2 sc in first, 4 sc, 2 sc in last – 8.
Fasten off.`,
    parts: ["6 9 12 15 15 15 15 15 15 12 12 9 6", "3 6 6 8"],
  },
];
