import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const MUDFLAT: readonly Whole[] = [
  {
    name: "bunny-xva",
    text: `Bunny
X – single crochet
V – increase
A – decrease
MR – magic ring

Head
1 rnd: 6X in MR (6)
2 rnd: 6V (12)
3 rnd: (1X, V)*6 (18)
4 rnd: (2X, V)*6 (24)
5-8 rnd: 24X (24)
9 rnd: (2X, A)*6 (18)
10 rnd: (1X, A)*6 (12)
stuff
11 rnd: 6A (6)
fasten off

Ears (2 pcs)
1 rnd: 5X in MR (5)
2 rnd: 5V (10)
3-9 rnd: 10X (10)
10 rnd: (3X, A)*2 (8)
do not stuff

Body
1 rnd: 6X in MR (6)
2 rnd: 6V (12)
3 rnd: (1X, V)*6 (18)
4-6 rnd: 18X (18)
7 rnd: (4X, A)*3 (15)
8 rnd: (3X, A)*3 (12)`,
    parts: ["6 12 18 24 24 24 24 24 18 12 6", "x2 5 10 10 10 10 10 10 10 10 8", "6 12 18 18 18 18 15 12"],
  },
  {
    name: "egg-xva-bare",
    text: `Egg
R1: MR 6X
R2: 6V (12)
R3: (X, V)x6 (18)
R4: (2X, V)x6 (24)
R5-R9: 24X
R10: (2X, A)x6 (18)
R11: 18X
R12: (X, A)x6 (12)
R13: 6A (6)`,
    parts: ["6 12 18 24 24 24 24 24 24 18 18 12 6"],
  },
  {
    name: "carrot-bullets",
    text: `Carrot bag charm

What you'll need
• orange and green cotton, size 3 (DK)
• 2.75 mm hook
• key clasp

Carrot (in orange)
• Round 1: start 6 sc in a magic ring
• Round 2: sc in each st around (6)
• Round 3: *sc in next 2 st, inc in next st*; repeat 2 times (8)
• Round 4: sc in each st around (8)
• Round 5: *sc in next 3 st, inc in next st*; repeat 2 times (10)
• Round 6-7: sc in each st around (10)
• Round 8: *sc in next 4 st, inc in next st*; repeat 2 times (12)
• Round 9-11: sc in each st around (12)
• Round 12: *sc in next 5 st, inc in next st*; repeat 2 times (14)
• Round 13-14: sc in each st around (14)
• Stuff the carrot
• Round 15: dec around (7)
• Fasten off, sew the hole closed

Greens (make 3, in green)
• chain 10, sl st in 2nd chain from hook, sl st in remaining 8 chains (9)`,
    parts: ["6 6 8 8 10 10 10 12 12 12 12 14 14 14 7", "x3 9"],
  },
  {
    name: "donut-table",
    text: `Doughnut

| Rnd | Work | Sts |
|-----|------|-----|
| 0 | ch 12, join to a ring | 12 |
| 1 | sc around | 12 |
| 2 | (sc 1, inc) x6 | 18 |
| 3 | (sc 2, inc) x6 | 24 |
| 4 | (sc 3, inc) x6 | 30 |
| 5–7 | sc around | 30 |
| 8 | (sc 3, dec) x6 | 24 |
| 9 | (sc 2, dec) x6 | 18 |
| 10 | (sc 1, dec) x6 | 12 |

Stuff and sew round 10 to the chain.`,
    parts: ["12 18 24 30 30 30 30 24 18 12"],
  },
  {
    name: "crab-sumfront",
    text: `Crab

Body – coral
Rnd 1 (6 sts): 6 sc in magic ring
Rnd 2 (12 sts): inc in every st
Rnd 3 (18 sts): [sc, inc] six times
Rnd 4 (24 sts): [2 sc, inc] six times
Rnd 5 (30 sts): [3 sc, inc] six times
Rnds 6–8 (30 sts): sc in every st
Rnd 9 (24 sts): [3 sc, dec] six times
Rnd 10 (18 sts): [2 sc, dec] six times
Rnd 11 (12 sts): [sc, dec] six times
Stuff.
Rnd 12 (6 sts): dec six times

Claw – coral – make 2
Rnd 1 (5 sts): 5 sc in magic ring
Rnd 2 (10 sts): inc in every st
Rnds 3–4 (10 sts): sc in every st
Rnd 5 (5 sts): dec five times
Rnds 6–8 (5 sts): sc in every st

Legs – coral – make 6
ch 6; 1 sl st in the 2nd ch, 1 sc in each of the other 4 (5 sts)`,
    parts: ["6 12 18 24 30 30 30 30 24 18 12 6", "x2 5 10 10 10 5 5 5 5", "x6 5"],
  },
  {
    name: "penguin-paragraph",
    text: `Tiny penguin. Body, black: magic ring with 6 sc; rnd 2 inc in each (12); rnd 3 sc 1, inc, around (18); rnds 4-9 sc around (18); rnd 10 sc 1, dec, around (12); stuff; rnd 11 dec around (6); close.
Belly, white: magic ring with 6 sc; rnd 2 inc in each (12); rnd 3 sc 1, inc, around (18); fasten off.
Wings, black, make 2: magic ring with 4 sc; rnd 2 sc 1, inc, twice (6); rnds 3-4 sc around (6); fasten off.
Beak, orange: magic ring with 4 sc (4); fasten off.`,
    parts: ["6 12 18 18 18 18 18 18 18 12 6", "6 12 18", "x2 4 6 6 6", "4"],
  },
  {
    name: "hedgehog",
    text: `HEDGEHOG

Face & belly — beige yarn

Rnd 1. Work 6 sc in MR (6 sc)
Rnd 2. *1 sc in next sc, 2 sc in next sc*, rep from * to * 3 times (9 sc)
Rnd 3. *1 sc in each of next 2 sc, 2 sc in next sc*, rep from * to * 3 times (12 sc)
Rnd 4. *1 sc in each of next 3 sc, 2 sc in next sc*, rep from * to * 3 times (15 sc)
Rnd 5. *1 sc in each of next 4 sc, 2 sc in next sc*, rep from * to * 3 times (18 sc)
Change to brown boucle.
Rnd 6. *1 sc in each of next 2 sc, 2 sc in next sc*, rep from * to * 6 times (24 sc)
Rnds 7 – 12. 1 sc in each sc (24 sc)
Insert eyes between rnds 4 and 5.
Rnd 13. *1 sc in each of next 2 sc, sc2tog*, rep from * to * 6 times (18 sc)
Stuff.
Rnd 14. *1 sc in next sc, sc2tog*, rep from * to * 6 times (12 sc)
Rnd 15. *sc2tog*, rep 6 times (6 sc)
Close.

Feet — beige yarn — 4 pcs
Rnd 1. Work 5 sc in MR (5 sc)
Rnd 2. 1 sc in each sc (5 sc)`,
    parts: ["6 9 12 15 18 24 24 24 24 24 24 24 18 12 6", "x4 5 5"],
  },
  {
    name: "teacup",
    text: `Teacup pincushion

CUP
Base: with blue, 6sc in magic ring.
1: *2sc in next* to end. 12
2: *sc, 2sc in next* to end. 18
3: *2sc, 2sc in next* to end. 24
4: in back loops, sc to end. 24
5: *3sc, 2sc in next* to end. 30
6–9: sc to end. 30
Change to white.
10: sl st to end. 30
Handle: with blue ch 10, sc in 2nd ch, sc to end. 9

CUSHION
Base: with white, 6sc in magic ring.
1: *2sc in next* to end. 12
2: *sc, 2sc in next* to end. 18
3: *2sc, 2sc in next* to end. 24
4: *3sc, 2sc in next* to end. 30
5–6: sc to end. 30`,
    parts: ["6 12 18 24 24 30 30 30 30 30 30", "9", "6 12 18 24 30 30 30"],
  },
  {
    name: "pumpkin-ribs",
    text: `Ribbed pumpkin (worked flat, sideways)

Orange, 3.5 mm hook
Row 1: Ch 13. Sc in 2nd ch from hook and each ch across. (12 sc)
Row 2: Ch 1, turn. Sc in back loop of each st across. (12 sc)
Rows 3-24: Rep Row 2. (12 sc)
Row 25: fold so that row 24 meets the starting chain, ch 1, sl st both edges together. (12 sl st)
Gather one end, stuff, gather the other.

Stem, brown
Rnd 1: 5 sc in MR (5)
Rnd 2: in back loops, sc (5)
Rnd 3: sc (5)`,
    parts: ["12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12 12", "5 5 5"],
  },
  {
    name: "gift-broken",
    text: `Gift box

Sides, make 2, red
Row 1: ch 9, sc in 2nd ch from hook and across (8)
Rows 2-8: ch 1, turn, sc across (8)

Band, gold
Row 1: ch 4, sc in 2nd ch from hook and across (3)
Rows 2-30: ch 1, turn, sc across (4)

Bow, gold
Row 1: ch 13, sc in 2nd ch from hook and across (12)
Rows 2-4: ch 1, turn, sc across (12)`,
    parts: [
      "x2 8 8 8 8 8 8 8 8",
      "3 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4 4",
      "12 12 12 12",
    ],
    slip: 9,
  },
  {
    name: "garland-star",
    text: `Garland dots

Dot A (8 in coral)
Round 1: ch 3 (counts as 1 dc), 11 dc into a magic ring, sl st to join. 12 dc.
Fasten off.

Dot B (7 in mint)
Round 1: ch 3 (counts as 1 dc), 11 dc into a magic ring, sl st to join. 12 dc.
Round 2: ch 1, 2 sc in each st around, sl st to join. 24 sc.
Fasten off.

String: chain 150.`,
    parts: ["x8 12", "x7 12 24", "0"],
  },
];
