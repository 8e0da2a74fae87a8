import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const JETTY: readonly Whole[] = [
  {
    name: "penguin-colour",
    text: `Penguin with colour changes. B = black, W = white

HEAD/BODY
R1 (B) 6 sc MR (6)
R2 (B) inc x6 (12)
R3 (B) (sc, inc) x6 (18)
R4 (B) (2sc, inc) x6 (24)
R5 B 8 sc, W 3 sc, B 2 sc, W 3 sc, B 8 sc (24)
R6 B 7 sc, W 10 sc, B 7 sc (24)
R7 B 7 sc, W 10 sc, B 7 sc (24)
R8 B 8 sc, W 8 sc, B 8 sc (24)
R9 B (2sc, dec) x2, W (2sc, dec) x2, B (2sc, dec) x2 (18)
R10 B (2sc, inc) x2, W (2sc, inc) x2, B (2sc, inc) x2 (24)
R11-14 B 8 sc, W 8 sc, B 8 sc (24)
R15 B (2sc, dec) x6 (18)
R16 B (sc, dec) x6 (12)
R17 B dec x6 (6)
FO

FLIPPERS x2
R1 (B) 4 sc MR (4)
R2 (B) (sc, inc) x2 (6)
R3-R5 (B) sc around (6)

FEET x2 (orange)
R1 5 sc MR (5)
R2 inc x5 (10)
Fold, sc x5 through both sides (5)`,
    parts: ["6 12 18 24 24 24 24 24 18 24 24 24 24 24 18 12 6", "x2 4 6 6 6 6", "x2 5 10 5"],
  },
  {
    name: "pouch",
    text: `Coin pouch frog

Pouch
Foundation: Ch 11.
Rnd 1: 2 sc in 2nd ch from hook, sc in next 8 chs, 4 sc in last ch; working along opposite side, sc in next 8 chs, 2 sc in same ch as first. (24)
Rnd 2: 2 sc in each of next 2 sts, sc in next 8 sts, 2 sc in each of next 4 sts, sc in next 8 sts, 2 sc in each of last 2 sts. (32)
Rnds 3-9: Sc in each st around. (32)
Rnd 10: Sc in next 16 sts, leave the rest unworked, turn. (16)
Row 11: Ch 1, sc in each st across, turn. (16)
Row 12: Ch 1, sc2tog, sc in next 12 sts, sc2tog, turn. (14)
Row 13: Ch 1, sc in next 6 sts, ch 2, skip 2 sts, sc in next 6 sts. (12 sc, ch-2 space)
Fasten off.

Eye (make 2)
Rnd 1: 6 sc in ring. (6)
Rnd 2: 2 sc in each st around. (12)
Rnds 3-4: Sc in each st around. (12)
Fasten off.`,
    parts: ["24 32 32 32 32 32 32 32 32 16 16 14 12", "x2 6 12 12 12"],
  },
  {
    name: "wreath",
    text: `Mini wreath

Ring: green, ch 24, join w/ sl st (don't twist).
Rnd 1: ch 1, sc in each ch, join (24)
Rnd 2: ch 1, (2 sc, inc) x 8, join (32)
Rnd 3-5: ch 1, sc around, join (32)
Rnd 6: ch 1, (2 sc, dec) x 8, join (24)
Fold and sew rnd 6 to the foundation, stuffing as you go.

Berries: red, make 5
Rnd 1: 6 sc in MR
pull tight, tie off.

Bow: red
Row 1: ch 13, sc in 2nd ch and across (12)
Row 2-4: ch 1, turn, sc across (12)`,
    parts: ["24 32 32 32 32 24", "x5 6", "12 12 12 12"],
  },
  {
    name: "crocodile",
    text: `Alligator bookmark

Body [green]
Rnd 1: MR, 6 sc
Rnd 2: sc around
Rnd 3: [2 sc, inc] x2 → 8
Rnd 4-7: sc around → 8
Rnd 8: [sc, inc] x4 → 12
Rnd 9-12: sc around → 12
Rnd 13: [4 sc, dec] x2 → 10
Rnd 14-40: sc around → 10
Rnd 41: [3 sc, dec] x2 → 8
Rnd 42-46: sc around → 8
Rnd 47: [2 sc, dec] x2 → 6
Rnd 48-52: sc around → 6
Rnd 53: dec x3 → 3

Leg [green] ×4
Rnd 1: MR, 5 sc
Rnd 2-3: sc around
FO

Ridge [dark green]: ch 31; from 2nd ch: *sl st, (sc, hdc, sc) in next, sl st* x10`,
    parts: [
      "6 6 8 8 8 8 8 12 12 12 12 12 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 10 8 8 8 8 8 8 6 6 6 6 6 6 3",
      "x4 5 5 5",
      "50",
    ],
  },
  {
    name: "flower-layers",
    text: `Two-layer flower

Layer 1, pink
1. Magic ring, ch 1, 6 sc, sl st. (6)
2. *Ch 2, 3 dc in same st, ch 2, sl st in same st, sl st in next st* 6 times. (6 petals)

Centre, yellow
1. Magic ring, 6 sc. (6)

Leaf, green, two
Ch 7. Sc in 2nd ch, hdc, dc, dc, hdc, sc. (6)`,
    parts: ["6 24", "6", "x2 6"],
  },
  {
    name: "robot-rows",
    text: `Robot (square), grey

Front and back, 2 squares:
Ch 11
Row 1: sc 10, turn
Rows 2–10: ch 1, sc 10, turn
Fasten off.

Side strip:
Ch 5
Row 1: sc 4, turn
Rows 2–44: ch 1, sc 4, turn
Fasten off, join into a ring.

Arm, 2:
MR 6
sc 6, for 6 rounds`,
    parts: [
      "x2 10 10 10 10 10 10 10 10 10 10",
      "4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4",
      "x2 6 6 6 6 6 6 6",
    ],
  },
  {
    name: "bunny-long",
    text: `BUNNY
Made in velvet yarn (class 5), 4 mm hook.

HEAD
Begin with a magic ring.
Rnd 1: work 6 sc into the ring (6 sts)
Rnd 2: increase in every st (12 sts)
Rnd 3: repeat *sc, inc* to the end (18 sts)
Rnd 4: repeat *2 sc, inc* to the end (24 sts)
Rnds 5, 6, 7 and 8: sc in every st (24 sts)
Rnd 9: repeat *2 sc, dec* to the end (18 sts)
Rnd 10: repeat *sc, dec* to the end (12 sts)
Fasten off with a long tail for sewing, fill firmly.

EARS (make 2)
Begin with a magic ring.
Rnd 1: work 4 sc into the ring (4 sts)
Rnd 2: *sc, inc* twice (6 sts)
Rnds 3 - 8: sc in every st (6 sts)
Do not fill. Flatten and sew to rnd 3 of the head, 4 sts apart.`,
    parts: ["6 12 18 24 24 24 24 24 18 12", "x2 4 6 6 6 6 6 6 6"],
  },
  {
    name: "cat-legs",
    text: `Sitting cat

Front legs (2): white mc 6. Switch to ginger. 5 rnds of 6. Don't stuff.
Body:
1 mc 6
2 inc*6 =12
3 (1,inc)*6 =18
4 (2,inc)*6 =24
5 (3,inc)*6 =30
6-9 30
10 (3,dec)*6 =24
11-12 24
13 (2,dec)*6 =18
14 18
15 (1,dec)*6 =12
leave open
Head:
1-4 as body =24
5 (5,inc)*4 =28
6-9 28
10 (5,dec)*4 =24
11 (2,dec)*6 =18
12 (1,dec)*6 =12
13 dec*6 =6
Tail:
1 mc 5
2-12 5
Ears (2):
1 mc 4
2 (1,inc)*2 =6
3 (2,inc)*2 =8`,
    parts: [
      "x2 6 6 6 6 6 6",
      "6 12 18 24 30 30 30 30 30 24 24 24 18 18 12",
      "6 12 18 24 28 28 28 28 28 24 18 12 6",
      "5 5 5 5 5 5 5 5 5 5 5 5",
      "x2 4 6 8",
    ],
  },
  {
    name: "mush-err2",
    text: `Mushroom house

Stem:
R1: 8 sc in MR [8]
R2: 8 inc [16]
R3: (1 sc, inc) x 8 [24]
R4: BLO 24 sc [24]
R5-R8: 24 sc [24]
R9: (4 sc, dec) x 4 [20]
R10: 20 sc [20]

Cap:
R1: 6 sc in MR [6]
R2: 6 inc [12]
R3: (1 sc, inc) x 6 [18]
R4: (2 sc, inc) x 6 [24]
R5: (3 sc, inc) x 6 [30]
R6: (4 sc, inc) x 6 [36]
R7-R9: 36 sc [36]
R10: FLO (2 sc, dec) x 9 [27]
R11: (7 sc, dec) x 4 [24]`,
    parts: ["8 16 24 24 24 24 24 24 20 20", "6 12 18 24 30 36 36 36 36 27 24"],
    slip: 21,
  },
  {
    name: "dolphin-err",
    text: `Dolphin

Body, start at nose
Round 1) 4 sc in mr (4)
Round 2) 4 sc (4)
Round 3) [sc, inc] 2x (6)
Round 4) [sc, inc] 3x (9)
Round 5) [2 sc, inc] 3x (12)
Round 6) [sc, inc] 6x (18)
Round 7) [2 sc, inc] 6x (24)
Round 8-14) 24 sc (24)
Round 15) [6 sc, dec] 3x (21)
Round 16) 20 sc (21)
Round 17) [5 sc, dec] 3x (18)
Round 18-19) 18 sc (18)
Round 20) [sc, dec] 6x (12)
Round 21-22) 12 sc (12)
Round 23) dec 6x (6)`,
    parts: ["4 4 6 9 12 18 24 24 24 24 24 24 24 24 21 21 18 18 18 12 12 12 6"],
    slip: 13,
  },
  {
    name: "owl",
    text: `Owl, 2 colours, hook 2

body // brown
r.1 // 6 in mr
r.2 // 6 inc // 12
r.3 // (1 sc + inc) 6x // 18
r.4 // (2 sc + inc) 6x // 24
r.5 – r.12 // 24 sc // 24
flatten, close w/ 12 sc through both layers

wing // brown // 2 pcs
r.1 // 4 in mr
r.2 // (1 sc + inc) 2x // 6
r.3 // (2 sc + inc) 2x // 8
r.4 – r.5 // 8 sc // 8

eye discs // white // 2 pcs
r.1 // 8 hdc in mr // 8`,
    parts: ["6 12 18 24 24 24 24 24 24 24 24 24 12", "x2 4 6 8 8 8", "x2 8"],
  },
];
