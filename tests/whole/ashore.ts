import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const ASHORE: readonly Whole[] = [
  {
    name: "lighthouse",
    text: `Lighthouse keychain
Yarn: red, white, yellow and grey. Hook 2.25 mm.

Base and tower, in white
1. 6 sc in a ring
2. 2 sc in each st: 12
3. (sc, 2 sc in next) six times: 18
4. In back loops only: sc around: 18
5. sc around: 18
6. in red: (sc 7, dec) twice: 16
7. sc around: 16
8. in white: (sc 6, dec) twice: 14
9. sc around: 14
10. in red: (sc 5, dec) twice: 12
11. sc around: 12
12. in grey: (sc 1, inc) to end: 18
13. sl st around in back loops: 18
Fasten off. Stuff the tower up to the gallery.

Lamp, in yellow
1. 6 sc in a ring
2. (sc 1, inc) 3 times: 9
3-4. sc around: 9
Fasten off, sew on top of the tower inside the gallery.

Roof, in red
1. 4 sc in a ring
2. (sc 1, inc) twice: 6
3. inc around: 12
Sl st in next st, fasten off; sew onto the lamp.`,
    parts: ["6 12 18 18 18 16 16 14 14 12 12 18 18", "6 9 9 9", "4 6 12"],
  },
  {
    name: "crab",
    text: `CRAB

SHELL TOP - orange
Row 1: ch 7, turn, starting in 2nd ch: 6 sc. (6)
Row 2: ch 1, turn, inc, 4 sc, inc. (8)
Row 3: ch 1, turn, inc, 6 sc, inc. (10)
Rows 4 and 5: ch 1, turn, 10 sc. (10)
Row 6: ch 1, turn, dec, 6 sc, dec. (8)
Row 7: ch 1, turn, dec, 4 sc, dec. (6)
Don't cut the yarn. 

SHELL BOTTOM - cream
Same as top.

LEG (x 6) - orange
Ch 8. Sl st in each of the 7 ch. Fasten off.

CLAW (make 2)
Rnd 1: mr, 5 sc
Rnd 2: inc x 5 (10)
Rnd 3: sc in each (10)
Rnd 4: dec, 8 sc (9)
Rnd 5: dec, 7 sc (8)
Fill lightly.
Rnd 6: dec x 4 (4)
Finish off with a long tail.`,
    parts: ["6 8 10 10 10 8 6", "6 8 10 10 10 8 6", "x6 7", "x2 5 10 10 9 8 4"],
  },
  {
    name: "hat-uk",
    text: `Gnome (UK terms)

Hat, in red
Rnd 1: 4 dc into a magic ring (4)
Rnd 2: 4 dc (4)
Rnd 3: *1 dc, 2 dc into next; rep from * once more (6)
Rnd 4: dc round (6)
Rnd 5: *1 dc, 2 dc into next; rep from * to end (9)
Rnd 6: dc round (9)
Rnd 7: *2 dc, 2 dc into next; rep from * to end (12)
Rnd 8: dc round (12)
Rnd 9: *1 dc, 2 dc into next; rep from * to end (18)
Rnds 10-11: dc round (18)
Rnd 12: 1 htr into each st (18)
Fasten off.

Beard, in cream
Chain 8.
Row 1: miss 1 ch, 1 dc into each of next 7 ch, turn (7)
Row 2: 1 ch, dc2tog, 3 dc, dc2tog, turn (5)
Row 3: 1 ch, dc2tog, 1 dc, dc2tog, turn (3)
Row 4: 1 ch, dc3tog (1)
Fasten off.

Body, in green
Rnd 1: 6 dc into a magic ring (6)
Rnd 2: 2 dc into each st (12)
Rnd 3: *1 dc, 2 dc into next; rep from * to end (18)
Rnd 4: dc round, back loops only (18)
Rnds 5-9: dc round (18)
Stuff firmly.
Rnd 10: *1 dc, dc2tog; rep from * to end (12)
Rnd 11: dc2tog six times (6)
Fasten off and close.`,
    parts: ["4 4 6 6 9 9 12 12 18 18 18 18", "7 5 3 1", "6 12 18 18 18 18 18 18 18 12 6"],
  },
  {
    name: "mushroom-sentences",
    text: `Toadstool ornament

The cap. Work with the red yarn. Make a magic ring and work six single crochets into it. In round two, work two single crochets in each stitch, so that you have 12. Round three: one single crochet, then two in the next; repeat around for 18 stitches. Round four: single crochet in two stitches, increase in the third, repeat to the end (24). Rounds five to seven: work even on 24 stitches. Fasten off.

The stem. With white, make a magic ring with six single crochets. Round two: increase in every stitch (12). Round three: through the back loop only, single crochet around (12). Rounds four to eight: single crochet around (12). Fasten off with a tail for sewing. Stuff.`,
    parts: ["6 12 18 24 24 24 24", "6 12 12 12 12 12 12 12"],
  },
  {
    name: "avocado",
    text: `Avocado half

Front (light green then dark)
brown, mr
1) 6x [6]
2) 6V [12]
light green
3) (x, V) x 6 [18]
4) (2x, V) x 6 [24]
5) 8x, 2 hdc in next, 2 dc in next 4, 2 hdc in next, 10x [30]
dark green
6) (4x, V) x 6 [36]
f/o

Back (dark green)
mr
1) 6x [6]
2) 6V [12]
3) (x, V) x 6 [18]
4) (2x, V) x 6 [24]
5) 8x, 2 hdc in next, 2 dc in next 4, 2 hdc in next, 10x [30]
6) (4x, V) x 6 [36]
Hold front and back together and join with 36 x through both, stuffing before you close.`,
    parts: ["6 12 18 24 30 36", "6 12 18 24 30 36 36"],
  },
  {
    name: "bee",
    text: `Bumble Bee | beginner
~~~~~~~~~~~~~~~~
A = yellow, B = black, C = white

BODY
1 (A) 6 sc in ring . . . . . . 6
2 (A) 6 inc . . . . . . . . . . 12
3 (A) 6 x [1 sc, 1 inc] . . . . 18
4 (B) 18 sc . . . . . . . . . . 18
5 (B) 6 x [2 sc, 1 inc] . . . . 24
6 (A) 24 sc . . . . . . . . . . 24
7 (A) 24 sc . . . . . . . . . . 24
8 (B) 24 sc . . . . . . . . . . 24
9 (B) 6 x [2 sc, 1 dec] . . . . 18
10 (A) 18 sc . . . . . . . . . . 18
11 (A) 6 x [1 sc, 1 dec] . . . . 12
12 (B) 6 dec . . . . . . . . . . 6

WINGS x2
1 (C) 6 sc in ring . . . . . . 6
2 (C) 6 inc . . . . . . . . . . 12
3 (C) 12 sc . . . . . . . . . . 12
4 (C) 6 dec . . . . . . . . . . 6`,
    parts: ["6 12 18 18 24 24 24 24 18 18 12 6", "x2 6 12 12 6"],
  },
  {
    name: "snail",
    text: `Sea snail

Shell
Foundation: ch 31.
R1: 2 dc in the 4th ch from hook (skipped chs count as 1 dc), 3 dc in each of the next 27 ch. 
Fasten off, roll up.

Body
R1: 6 sc in mr.
R2: (1 sc, 1 inc) x3. [9]
R3–R5: 9 sc.
R6: 2 sc, inc, 6 sc. [10]
R7–R14: 10 sc.
R15: (3 sc, dec) x2. [8]
R16: 8 sc.
R17: (2 sc, dec) x2. [6]
Close.`,
    parts: ["84", "6 9 9 9 9 10 10 10 10 10 10 10 10 10 8 8 6"],
  },
  {
    name: "penguin-cont",
    text: `Penguin baby

Head & body in one piece
With black:
R1 sc 6 in magic loop = 6 sts
R2 inc in every st = 12 sts
R3 *sc 1, inc 1* six times = 18 sts
R4 *sc 2, inc 1* six times = 24 sts
R5 black 10, white 4, black 10 = 24 sts
R6 black 9, white 6, black 9 = 24 sts
R7 same as R6
R8 *sc 2, dec 1* six times = 18 sts
R9 black 6, white 6, black 6
R10 black *sc 2, inc 1* twice, white *sc 2, inc 1* twice, black *sc 2, inc 1* twice = 24 sts
R11–R14 black 8, white 8, black 8
R15 *sc 2, dec 1* six times = 18 sts
R16 *sc 1, dec 1* six times = 12 sts
R17 dec x 6 = 6 sts

Feet (2), orange
R1 sc 5 in magic loop = 5 sts
R2 inc in every st = 10 sts
R3 dec x 5 = 5 sts`,
    parts: ["6 12 18 24 24 24 24 18 18 24 24 24 24 24 18 12 6", "x2 5 10 5"],
  },
  {
    name: "boat",
    text: `Little boat

Hull (brown). Ch 11.
Rnd 1: starting in second ch from hook, 9 sc, 3 sc in last ch; on the other side 8 sc, 2 sc in the last. [22]
Rnd 2: inc, 8 sc, inc x 3, 8 sc, inc x 2. [28]
Rnd 3: in BLO, 28 sc.
Rnd 4-6: 28 sc.
Rnd 7 (white): 28 sl st.
Cut yarn.

Mast (brown)
Rnd 1: 4 sc in mr
Rnds 2-9: 4 sc.

Sail (white). Ch 9.
Row 1: 8 sc, from second ch. Turn.
Row 2: skip first st, 7 sc. Turn.
Row 3: skip first st, 6 sc. Turn.
Row 4: skip first st, 5 sc. Turn.
Row 5: skip first st, 4 sc. Turn.
Row 6: skip first st, 3 sc. Turn.
Row 7: skip first st, 2 sc. Turn.
Row 8: skip first st, 1 sc.
Fasten off.`,
    parts: ["22 28 28 28 28 28 28", "4 4 4 4 4 4 4 4 4", "8 7 6 5 4 3 2 1"],
  },
  {
    name: "cactus",
    text: `CACTUS IN POT

POT (terracotta)
Rnd 1  6 sc in MC
Rnd 2  (inc) rep 6 times [12]
Rnd 3  (sc, inc) rep 6 times [18]
Rnd 4  (2 sc, inc) rep 6 times [24]
Rnd 5  BLO sc [24]
Rnd 6-8  sc [24]
Rnd 9  (3 sc, inc) rep 6 times [30]
Rnd 10  FLO sc [30]
Rnd 11  sl st [30]
FO.

SOIL (dark brown)
Work as pot to Rnd 4. [24]
FO leaving long tail.

CACTUS (green)
Rnd 1  6 sc in MC
Rnd 2  (inc) rep 6 times [12]
Rnd 3  (sc, inc) rep 6 times [18]
Rnd 4-12  sc [18]
FO, stuff.

ARM (green) make 1 long, 1 short
Rnd 1  6 sc in MC
Rnd 2-5  sc [6]   (short: Rnd 2-3)
FO.`,
    parts: [
      "6 12 18 24 24 24 24 24 30 30 30",
      "6 12 18 24",
      "6 12 18 18 18 18 18 18 18 18 18 18",
      "x2 6 6 6 6 6",
    ],
  },
  {
    name: "frog-de-like",
    text: `Frog

Part 1: Head and body
Round 1: 6 sc into the ring (6 sts)
Round 2: double every st (12 sts)
Round 3: double every 2nd st (18 sts)
Round 4: double every 3rd st (24 sts)
Round 5 - 8: 1 sc in each st (24 sts)
Round 9: work every 3rd and 4th st together (18 sts)
Round 10: 1 sc in each st (18 sts)
Round 11: double every 3rd st (24 sts)
Round 12 - 15: 1 sc in each st (24 sts)
Round 16: work every 3rd and 4th st together (18 sts)
Round 17: work every 2nd and 3rd st together (12 sts)
Round 18: work every two sts together (6 sts)

Part 2: Eyes (2x)
Round 1: 5 sc into the ring (5 sts)
Round 2: double every st (10 sts)
Round 3: 1 sc in each st (10 sts)`,
    parts: ["6 12 18 24 24 24 24 24 18 18 24 24 24 24 24 18 12 6", "x2 5 10 10"],
  },
  {
    name: "santa-tbl",
    text: `| Rnd | Instruction | Stitches |
|---|---|---|
| **Santa head** (skin, then red) |||
| 1 | 6 sc in MR | 6 |
| 2 | inc in each | 12 |
| 3 | (sc, inc) × 6 | 18 |
| 4–6 | sc in each | 18 |
| 7 | change to red, BLO sc in each | 18 |
| 8 | (4 sc, dec) × 3 | 15 |
| 9 | sc in each | 15 |
| 10 | (3 sc, dec) × 3 | 12 |
| 11 | (2 sc, dec) × 3 | 9 |
| 12 | (sc, dec) × 3 | 6 |
| **Brim** (white), in the front loops of rnd 6 |||
| 1 | hdc in each | 18 |`,
    parts: ["6 12 18 18 18 18 18 15 15 12 9 6", "18"],
  },
  {
    name: "xmas-tree",
    text: `Fir tree, three tiers

Tier 1 (top): 
MR 5. 
R2: 5. R3: inc every other... (1 sc, inc) x2, 1 sc = 7. R4: 7. R5: (inc, 1) x3, inc = 11. R6: 11. R7: FLO (inc) around = 22. Off.
Tier 2 (middle): 
MR 6. R2: inc x6 = 12. R3: (1, inc) x6 = 18. R4: 18. R5: 18. R6: FLO (1, inc) around = 27. Off.
Tier 3 (bottom): 
MR 6. R2: inc x6 = 12. R3: (1, inc) x6 = 18. R4: (2, inc) x6 = 24. R5: 24. R6: 24. R7: FLO (1, inc) around = 36. Off.
Trunk: MR 6, R2: inc x6 = 12, R3: BLO 12, R4–R6: 12. Off.`,
    parts: ["5 5 7 7 11 11 22", "6 12 18 18 18 27", "6 12 18 24 24 24 36", "6 12 12 12 12 12"],
  },
  {
    name: "gull",
    text: `Gull, sitting

HEAD-BODY, white
R1  (6 sc) in mr · 6
R2  6 incs · 12
R3  {sc, inc}6 · 18
R4  {sc 2, inc}6 · 24
R5-7  sc · 24
R8  {sc 2, dec}6 · 18
R9  {sc 2, inc}6 · 24
R10  {sc 3, inc}6 · 30
R11  12 sc, 6 inc, 12 sc · 36
R12-15  sc · 36
R16  {sc 4, dec}6 · 30
R17  {sc 3, dec}6 · 24
R18  {sc 2, dec}6 · 18
R19  {sc, dec}6 · 12
R20  6 decs · 6

WING, grey, 2 pcs
R1  (5 sc) in mr · 5
R2  5 incs · 10
R3  sc · 10
R4  {sc 4, inc}2 · 12
R5-6  sc · 12
R7  {sc 4, dec}2 · 10
R8  {sc 3, dec}2 · 8
R9  {sc 2, dec}2 · 6
Press flat, 3 sc to close.

BEAK, yellow
R1  (4 sc) in mr · 4
R2  {sc, inc}2 · 6
R3  sc · 6`,
    parts: [
      "6 12 18 24 24 24 24 18 24 30 36 36 36 36 36 30 24 18 12 6",
      "x2 5 10 10 12 12 12 10 8 6 3",
      "4 6 6",
    ],
  },
  {
    name: "acorn",
    text: `Acorn

NUT, tan
R1: sc6 in mr [6]
R2: sc1, inc1 — 3 times [9]
R3: sc2, inc1 — 3 times [12]
R4: sc3, inc1 — 3 times [15]
R5 to R7: sc15
R8: sc3, dec1 — 3 times [12]
Stuff.
R9: dec1 — 6 times [6]

CAP, dark brown
R1: sc6 in mr [6]
R2: inc6 [12]
R3: sc1, inc1 — 6 times [18]
R4: BLO sc18
R5: sc18
R6: sl18
Stem: ch4, sl st in 2nd ch and next 2.`,
    parts: ["6 9 12 15 15 15 15 12 6", "6 12 18 18 18 18", "3"],
  },
  {
    name: "lady",
    text: `LADYBIRD (UK)
Body – red
Round 1: make a magic ring, 1 ch (does not count), 6 dc into ring, sl st to first dc. 6 dc
Round 2: 1 ch, 2 dc into each dc, sl st to first dc. 12 dc
Round 3: 1 ch, (1 dc into next dc, 2 dc into next dc) 6 times, sl st. 18 dc
Round 4: 1 ch, (2 dc, 2 dc into next) 6 times, sl st. 24 dc
Rounds 5 and 6: 1 ch, 1 dc into each dc, sl st. 24 dc
Fasten off.
Base – black
As body to Round 4. Do not fasten off. Hold to body with wrong sides together and work 24 dc through both edges, stuffing as you go. Fasten off.
Head – black
Round 1: make a magic ring, 1 ch, 6 dc into ring, sl st. 6 dc
Round 2: 1 ch, 2 dc into each dc, sl st. 12 dc
Round 3: 1 ch, 1 dc into each dc, sl st. 12 dc
Fasten off leaving a long end.`,
    parts: ["6 12 18 24 24 24", "6 12 18 24 24", "6 12 12"],
  },
];
