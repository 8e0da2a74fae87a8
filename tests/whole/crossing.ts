import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const CROSSING: readonly Whole[] = [
  {
    name: "lobster",
    text: `LOBSTER KEYRING  ~ by me ~
(all in red; dk; 2.5mm)

*Tail/body*
Rnd 1 - mr 5sc (5)
Rnd 2 - 5 inc (10)
Rnd 3-4 - 10sc (10)
Rnd 5 - flo 10sc (10)
Rnd 6 - blo of rnd 4, 10sc (10)
Rnd 7 - 10sc (10)
Rnd 8 - [4sc, inc] x2 (12)
Rnd 9-12 - 12sc (12)
stuff
Rnd 13 - 6 dec (6)
fo

*Claws - make 2*
Rnd 1 - mr 4sc (4)
Rnd 2 - [1sc, inc] x2 (6)
Rnd 3 - [2sc, inc] x2 (8)
Rnd 4 - 8sc (8)
Rnd 5 - [2sc, dec] x2 (6)
Rnd 6 - [1sc, dec] x2 (4)
Rnd 7-9 - 4sc (4)
fo, leave tail

*Feelers - make 2*
ch 12, fo`,
    parts: ["5 10 10 10 10 10 10 12 12 12 12 12 6", "x2 4 6 8 8 6 4 4 4 4", "x2 0"],
  },
  {
    name: "sheep",
    text: `Woolly sheep

Body (cream bouclé)
Round 1: Start with a magic ring of 6 sc.
Round 2: Double all stitches: 12.
Round 3: *1 sc, double next*: 18.
Round 4: *2 sc, double next*: 24.
Round 5: *3 sc, double next*: 30.
Rounds 6–10: 30 sc.
Round 11: *3 sc, decrease*: 24.
Round 12: *2 sc, decrease*: 18.
Fill well.
Round 13: *1 sc, decrease*: 12.
Round 14: Decrease all: 6.

Head (black)
Round 1: Start with a magic ring of 5 sc.
Round 2: Double all stitches: 10.
Round 3: *4 sc, double next*: 12.
Rounds 4–6: 12 sc.
Round 7: *4 sc, decrease*: 10.

Ears (black), twice
Chain 4. From the second chain: 1 sc, 1 hdc, 1 sl st. 3.

Legs (black), four times
Round 1: Start with a magic ring of 5 sc.
Rounds 2–4: 5 sc.`,
    parts: ["6 12 18 24 30 30 30 30 30 30 24 18 12 6", "5 10 12 12 12 12 10", "x2 3", "x4 5 5 5 5"],
  },
  {
    name: "toad-prose",
    text: `Little Toad. Work in a spiral with green yarn and a 3 mm hook.

1st round: make a magic ring and put 6 single crochet stitches in it.
2nd round: put two stitches in each stitch. You should have 12.
3rd round: one stitch, then two in the next, six times in all. 18.
4th round: two stitches, then two in the next, six times in all. 24.
5th to 8th rounds: one stitch in each. 24.
9th round: two stitches, then take two together, six times in all. 18.
10th round: one stitch, then take two together, six times in all. 12.
Put the filling in now.
11th round: take two together six times. 6.

Eye bumps, make a pair: 1st round: 5 single crochet in a magic ring. 2nd round: one stitch in each.`,
    parts: ["6 12 18 24 24 24 24 24 18 12 6", "x2 5 5"],
  },
  {
    name: "cup-cake",
    text: `CUPCAKE
Case: (in teal)
R1: mr6
R2: inc6 =12
R3: (1,inc)6 =18
R4: blo18
R5: (2,inc)6 =24
R6-7: 24
R8: flo (sl1, ch2)*24 =24
Icing: (in pink)
R1: mr6
R2: inc6 =12
R3: (1,inc)6 =18
R4: (2,inc)6 =24
R5-7: 24
R8: flo [skip 1, 5dc in next, skip 1, sl1]*6 =36
Sprinkles: french knots in white
Cherry: (in red)
R1: mr6
R2: inc6 =12
R3: 12
R4: dec6 =6`,
    parts: ["6 12 18 18 24 24 24 24", "6 12 18 24 24 24 24 36", "6 12 12 6"],
  },
  {
    name: "anchor",
    text: `Anchor

Shaft: grey, R1: 5sc in MR (5), R2-R12: 5sc (5). No filling.
Arms: grey, R1: 4sc in MR (4), R2: 4sc (4), R3: 2sc, inc, 1sc (5), R4-R14: 5sc (5), R15: 2sc, dec, 1sc (4), R16: 4sc (4). Bend and sew to the foot of the shaft.
Bar: grey, R1: 4sc in MR (4), R2-R6: 4sc (4).
Ring: ch 12, sl st to first ch, 16sc around the ring (16).`,
    parts: ["5 5 5 5 5 5 5 5 5 5 5 5", "4 4 5 5 5 5 5 5 5 5 5 5 5 5 4 4", "4 4 4 4 4 4", "16"],
  },
  {
    name: "beanie",
    text: `Bobble hat ornament (rows then joined)

Brim: ch 5, row 1: sc in 2nd ch from hook, sc in next 3 (4). rows 2-20: ch 1, turn, 4 sc in BLO (4). Sl st short ends together.
Crown: turn the brim sideways and work 20 sc along the long edge (20).
Rnd 2: sc around (20)
Rnd 3: *3 sc, dec* 4 times (16)
Rnd 4: sc around (16)
Rnd 5: *2 sc, dec* 4 times (12)
Rnd 6: dec 6 times (6)
Close. Add a pompom.`,
    parts: ["4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4", "20 20 16 16 12 6"],
  },
  {
    name: "seal-uk",
    text: `Seal pup - UK

With grey: 6dc in mr [6]
2dc in each [12]
(1dc, 2dc in next) x6 [18]
18dc [18]
(2dc, 2dc in next) x6 [24]
24dc, 6 rounds [24]
(2dc, dc2tog) x6 [18]
18dc, 2 rounds [18]
(1dc, dc2tog) x6 [12]
Stuff.
12dc, 2 rounds [12]
dc2tog x6 [6]
Flatten, 3dc through both sides.
Flippers (4): 5dc in mr [5]; 2dc in each [10]; fold, 5dc through both layers [5].`,
    parts: ["6 12 18 18 24 24 24 24 24 24 24 18 18 18 12 12 12 6 3", "x4 5 10 5"],
  },
  {
    name: "robin",
    text: `ROBIN (red breast worked into the front)

Notes: C1 = brown, C2 = red

Rnd 1: With C1, 6 sc in magic ring (6)
Rnd 2: inc x6 (12)
Rnd 3: (sc, inc) x6 (18)
Rnd 4: (sc 2, inc) x6 (24)
Rnd 5: C1 sc 9, C2 sc 6, C1 sc 9 (24)
Rnd 6: C1 sc 8, C2 sc 8, C1 sc 8 (24)
Rnd 7: C1 (sc 3, inc) x2, C2 (sc 3, inc) x2, C1 (sc 3, inc) x2 (30)
Rnds 8-10: C1 sc 10, C2 sc 10, C1 sc 10 (30)
Rnd 11: C1 (sc 3, dec) x6 (24)
Rnd 12: (sc 2, dec) x6 (18)
Stuff.
Rnd 13: (sc, dec) x6 (12)
Rnd 14: dec x6 (6)

Wing (C1, make 2): Rnd 1: 5 sc in magic ring (5). Rnd 2: inc x5 (10). Rnd 3: sc 10 (10). Rnd 4: dec x5 (5). Flatten.
Beak (yellow): ch 2, 2 sc in 2nd ch. Legs: embroider.`,
    parts: ["6 12 18 24 24 24 30 30 30 30 24 18 12 6", "x2 5 10 10 5", "2"],
  },
  {
    name: "acorn-garland",
    text: `Garland of leaves & acorns

LEAF (x6, in 3 greens)
Chain 12 + 1 turning chain.
Side 1: sc 2, hdc 2, dc 4, hdc 2, sc 2 = 12
Tip: ch 2
Side 2 (along the other side of the chain): sc 2, hdc 2, dc 4, hdc 2, sc 2 = 12
Sl st in the tip, cut.

CUP (x3)
R1  6 sc into MR
R2  * inc * 6 (12)
R3  * 1 sc, inc * 6 (18)
R4  sc (18), through back loops
R5  sc (18)

CORD
Chain 150.`,
    parts: ["x6 12 12", "x3 6 12 18 18 18", "0"],
  },
  {
    name: "narwhal",
    text: `NARWHAL

BODY: teal
rnd 1: 6sc mr.
rnd 2: 6inc. (12)
rnd 3: 1sc 1inc x6. (18)
rnd 4: 2sc 1inc x6. (24)
rnd 5: 3sc 1inc x6. (30)
rnd 6-9: 30sc.
Switch: belly white between markers. rnd 10: teal 18sc, white 12sc. (30)
rnd 11: teal 18sc, white 12sc. (30)
rnd 12: teal 3sc 1dec x3, 3sc, white 12sc. (27)
rnd 13: teal 7sc 1dec x3. (24)
rnd 14: 2sc 1dec x6. (18)
rnd 15: 1sc 1dec x6. (12)
rnd 16: 4sc 1dec x2. (10)
rnd 17: 3sc 1dec x2. (8)
rnd 18: 8sc.
TUSK: cream
rnd 1: 3sc mr.
rnd 2: 3sc blo.
rnd 3: 2sc 1inc. (4)
rnd 4-6: 4sc.
FLUKE (2): teal
rnd 1: 4sc mr.
rnd 2: 1sc 1inc x2. (6)
rnd 3: 2sc 1inc x2. (8)
rnd 4: 2sc 1dec x2. (6)`,
    parts: ["6 12 18 24 30 30 30 30 30 30 30 27 24 18 12 10 8 8", "3 3 4 4 4 4", "x2 4 6 8 6"],
  },
  {
    name: "broken-2",
    text: `Seal
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc in each (12)
Rnd 3: *sc, inc* around (18)
Rnd 4: *2 sc, inc* around (28)
Rnd 5: sc in each (24)
Rnd 6: *2 sc, dec* around (18)
Rnd 7: *sc, dec* around (12)
Rnd 8: dec around (6)`,
    parts: ["6 12 18 24 24 18 12 6"],
    slip: 5,
  },
  {
    name: "broken-3",
    text: `Ears (make 2)
1) MR 6
2) inc x6 (12)
3) (3 sc, inc) x3 (15)
4) (3 sc, inc) x3 (18)
5) sc around (18)
6) (sc, dec) x6 (12)`,
    parts: ["x2 6 12 15 18 18 12"],
    slip: 5,
  },
  {
    name: "broken-4",
    text: `Ball
1. 6 sc in ring [6]
2. 6 inc [12]
3. (1 sc, 1 inc) 6 times [18]
5. (2 sc, 1 inc) 6 times [24]
6. 24 sc [24]
7. (2 sc, 1 dec) 6 times [18]
8. (1 sc, 1 dec) 6 times [12]
9. 6 dec [6]`,
    parts: ["6 12 18 24 24 18 12 6"],
    slip: 5,
  },
];
