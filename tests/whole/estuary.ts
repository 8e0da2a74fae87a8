import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const ESTUARY: readonly Whole[] = [
  {
    name: "corgi",
    text: `Corgi loaf

Yarn: caramel + white
Hook: 3

Body (start at the rear with caramel)
R1. 6 sc in a magic ring
R2. inc around -- 12
R3. *sc 1, inc*, repeat 6x -- 18
R4. *sc 2, inc*, repeat 6x -- 24
R5. *sc 3, inc*, repeat 6x -- 30
R6. to R14. sc around -- 30
R15. change to white; sc around -- 30
R16. *sc 3, dec*, repeat 6x -- 24
R17. *sc 2, dec*, repeat 6x -- 18
add filling
R18. *sc 1, dec*, repeat 6x -- 12
R19. dec around -- 6

Bottom (white): repeat R1 to R4 of body.

Legs (4, white): R1. 5 sc in a magic ring. R2. to R3. sc around -- 5.
Ears (2): R1. 4 sc in a magic ring. R2. *sc 1, inc*, repeat 2x -- 6. R3. *sc 2, inc*, repeat 2x -- 8.`,
    parts: ["6 12 18 24 30 30 30 30 30 30 30 30 30 30 30 24 18 12 6", "6 12 18 24", "x4 5 5 5", "x2 4 6 8"],
  },
  {
    name: "planet",
    text: `Ringed planet

PLANET – multicoloured yarn
Row 1: Make a magic loop, ch 1 and work 8 sc. Join with a sl st. (8)
Row 2: Ch 1, 2 sc in each. Join. (16)
Row 3: Ch 1, *1 sc, 2 sc in next*. Join. (24)
Row 4: Ch 1, *2 sc, 2 sc in next*. Join. (32)
Row 5-9: Ch 1, 1 sc in each. Join. (32)
Row 10: Ch 1, *2 sc, dec*. Join. (24)
Row 11: Ch 1, *1 sc, dec*. Join. (16)
Stuff.
Row 12: Ch 1, dec all round. Join. (8)

RING – metallic
Ch 40, join with a sl st to make a loop.
Row 1: Ch 2, 1 hdc in each ch. Join. (40)
Row 2: Ch 2, *4 hdc, 2 hdc in next*. Join. (48)`,
    parts: ["8 16 24 32 32 32 32 32 32 24 16 8", "40 48"],
  },
  {
    name: "axolotl",
    text: `Axolotl / pink / 1 skein

head:
R1 - 6sc into MR {6}
R2 - inc*6 {12}
R3 - (1sc+inc)*6 {18}
R4 - (2sc+inc)*6 {24}
R5 - (3sc+inc)*6 {30}
R6/7/8 - 30sc {30}
R9 - (3sc+dec)*6 {24}
R10 - (2sc+dec)*6 {18}
R11 - (1sc+dec)*6 {12}
leave open, stuff

body:
R1 - 5sc into MR {5}
R2 - inc*5 {10}
R3/4/5/6 - 10sc {10}
R7 - (4sc+inc)*2 {12}
R8/9 - 12sc {12}

gills (6 pieces):
ch7, slst in 2nd from hook, slst*5 {6}

legs (4 pieces):
R1 - 4sc into MR {4}
R2/3 - 4sc {4}

tail:
ch9, sc in 2nd from hook, hdc*2, dc*3, hdc, sc {8}`,
    parts: ["6 12 18 24 30 30 30 30 24 18 12", "5 10 10 10 10 10 12 12 12", "x6 6", "x4 4 4 4", "8"],
  },
  {
    name: "teapot-uk",
    text: `TEAPOT. UK terms. Worked in spirals, marking the first st of each round.

Pot. In blue, 2ch.
Rnd 1: 6dc in 2nd ch from hook. [6 sts]
Rnd 2: (2dc in next st) 6 times. [12 sts]
Rnd 3: (2dc in next st, 1dc) 6 times. [18 sts]
Rnd 4: (2dc in next st, 2dc) 6 times. [24 sts]
Rnd 5: (2dc in next st, 3dc) 6 times. [30 sts]
Rnd 6: 1dc tbl in each st. [30 sts]
Rnds 7–13: 1dc in each st. [30 sts]
Rnd 14: (dc2tog, 3dc) 6 times. [24 sts]
Rnd 15: (dc2tog, 2dc) 6 times. [18 sts]
Rnd 16: 1ss in each st. [18 sts]

Lid. In blue, 2ch.
Rnds 1–3: As Pot. [18 sts]
Rnd 4: 1dc in each st. [18 sts]

Spout. In blue, 8ch, join with ss.
Rnds 1–3: 1dc in each st. [8 sts]
Rnd 4: (dc2tog, 2dc) twice. [6 sts]

Handle. In blue, 13ch. 1dc in 2nd ch from hook, 1dc in each ch to end. [12 sts]`,
    parts: ["6 12 18 24 30 30 30 30 30 30 30 30 30 24 18 18", "6 12 18 18", "8 8 8 6", "12"],
  },
  {
    name: "bauble-wordy",
    text: `Striped bauble
You will work from the top down, joining nothing, in a spiral.

Round 1 (red): into a magic ring crochet 6.
Round 2 (red): increase in every stitch, giving 12.
Round 3 (white): crochet 1, increase 1, all the way round, giving 18.
Round 4 (white): crochet 2, increase 1, all the way round, giving 24.
Round 5 (red): crochet 3, increase 1, all the way round, giving 30.
Rounds 6 and 7 (red): crochet 30.
Rounds 8 and 9 (white): crochet 30.
Round 10 (red): crochet 3, decrease 1, all the way round, giving 24.
Round 11 (red): crochet 2, decrease 1, all the way round, giving 18.
Stuff it.
Round 12 (white): crochet 1, decrease 1, all the way round, giving 12.
Round 13 (white): decrease 6, giving 6.`,
    parts: ["6 12 18 24 30 30 30 30 30 24 18 12 6"],
  },
  {
    name: "bird-list",
    text: `Fat little bird
- body
  1. MR 6
  2. 12 (6 inc)
  3. 18 (1, inc)
  4. 24 (2, inc)
  5. 30 (3, inc)
  6. 30
  7. 30
  8. 30
  9. 30
  10. 24 (3, dec)
  11. 18 (2, dec)
  12. 12 (1, dec)
  13. 6 (6 dec)
- wing, 2x
  1. MR 4
  2. 8 (4 inc)
  3. 8
  4. 4 (4 dec)
- beak
  1. MR 3
  2. 3`,
    parts: ["6 12 18 24 30 30 30 30 30 24 18 12 6", "x2 4 8 8 4", "3 3"],
  },
  {
    name: "moon",
    text: `Crescent moon, worked in rows, two halves

Ch 4, sl st to first ch for a ring.
Row 1: ch 3, 8 dc in the ring, turn. (9 with the chain)
Row 2: ch 3, dc in same st, 2 dc in each st, turn. (18)
Row 3: ch 1, sc 1, hdc 2, dc 3, (2 dc in next, dc 1) 3 times, dc 3, hdc 2, sc 1. (21)
Make the second half alike. Sew together around the outside, stuff.`,
    parts: ["x2 9 18 21"],
  },
  {
    name: "dragon-egg",
    text: `Dragon egg
- colour: emerald

1) 5sc in MR (5)
2) 5inc (10)
3) [1sc 1inc]x5 (15)
4) [2sc 1inc]x5 (20)
5) 20sc (20)
6) [3sc 1inc]x5 (25)
7)-11) 25sc (25)
12) [3sc 1dec]x5 (20)
13) 20sc (20)
14) [2sc 1dec]x5 (15)
STUFF
15) [1sc 1dec]x5 (10)
16) 5dec (5)
FO

Scales [work 30]
ch3, 1dc in 3rd ch, sl st into same. FO`,
    parts: ["5 10 15 20 20 25 25 25 25 25 25 20 20 15 10 5", "x30 2"],
  },
  {
    name: "spider",
    text: `ITSY SPIDER

Body:
Make MR and 6SC into it, pull tight [6]
INC in all 6 [12]
[SC, INC] x 6 [18]
SC in all 18, for 3 rounds [18]
[SC, DEC] x 6 [12]
Stuff it
DEC in all [6]
Finish off

Head:
Make MR and 5SC into it, pull tight [5]
INC in all 5 [10]
SC in all 10 [10]
DEC in all [5]
Finish off leaving tail

Legs, make 8:
CH 16. Finish off.`,
    parts: ["6 12 18 18 18 18 12 6", "5 10 10 5", "x8 0"],
  },
  {
    name: "pocket-heart",
    text: `POCKET HEART
Two lobes first.
LOBE (work twice; keep the second on the hook)
rd 1 = sc 6 in ring
rd 2 = inc 6 (12)
rd 3 = sc 12
rd 4 = sc 12
HEART
rd 5 = sc 12 round lobe 2, sc 12 round lobe 1 (24)
rd 6 = sc 24
rd 7 = (sc 4, dec) 4 (20)
rd 8 = (sc 3, dec) 4 (16)
rd 9 = (sc 2, dec) 4 (12)
fill
rd 10 = (sc 1, dec) 4 (8)
rd 11 = dec 4 (4)`,
    parts: ["x2 6 12 12 12", "24 24 20 16 12 8 4"],
  },
  {
    name: "polar",
    text: `POLAR BEAR CUB

Head
R1: SC6 (MR)
R2: INC6 = 12
R3: [SC1 INC1]6 = 18
R4: [SC2 INC1]6 = 24
R5-8: SC24
R9: [SC2 DEC1]6 = 18
R10: [SC1 DEC1]6 = 12
Muzzle
R1: SC5 (MR)
R2: INC5 = 10
Body
R1: SC6 (MR)
R2: INC6 = 12
R3: [SC1 INC1]6 = 18
R4: [SC5 INC1]3 = 21
R5-9: SC21
R10: [SC5 DEC1]3 = 18
R11: SC18
R12: [SC1 DEC1]6 = 12
Paws [x4]
R1: SC5 (MR)
R2-4: SC5`,
    parts: ["6 12 18 24 24 24 24 24 18 12", "5 10", "6 12 18 21 21 21 21 21 21 18 18 12", "x4 5 5 5 5"],
  },
  {
    name: "broken-7",
    text: `Cloud
Rnd 1: 7 sc in MR (7)
Rnd 2: inc x7 (14)
Rnd 3: (sc, inc) x6 (21)
Rnd 4: sc around (21)`,
    parts: ["7 14 21 21"],
    slip: 4,
  },
  {
    name: "broken-8",
    text: `Mitten
Row 1: ch 9, sc in 2nd ch from hook and in each ch across (8)
Row 2: ch 1, turn, sc across (8)
Row 3: ch 1, turn, inc, sc 6, inc (9)
Row 4: ch 1, turn, sc across (9)`,
    parts: ["8 8 9 9"],
    slip: 4,
  },
];
