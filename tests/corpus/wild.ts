import type { Case } from "./case";

/** The same constructions once more, told the way other people tell them. */
export const WILD: readonly Case[] = [
  {
    hand: "legs first, the body's first round walks leg, chain, leg, chain",
    text: `PENGUIN (worked bottom up)

Feet/Legs – make two
R1 (ring): 6 sc [6]
R2: 1 inc in each [12]
R3–5: 12 sc [12]
Cut the yarn on the first leg only.

Body
R6: With the second leg on your hook: chain 4, join to the first leg and work 12 sc around it, 4 sc across the chain, 12 sc around the second leg, 4 sc across the back of the chain [32]
R7-8: 32 sc [32]
R9: (6 sc, dec) x 4 [28]`,
    parts: [
      { name: "Feet/Legs", make: 2, counts: [6, 12, 12, 12, 12] },
      { name: "Body", counts: [32, 32, 32, 28] },
    ],
  },
  {
    hand: "oval with every chain named",
    text: `Base of the boat
Chain 9.
Round 1: Starting in the second chain from the hook, sc in each of the next 7 chains, 4 sc in the last chain. Rotate and work along the bottom of the chain: sc in each of next 6 chains, 3 sc in the last. (20 sc)
Round 2: inc, 6 sc, inc in next 4 sts, 6 sc, inc in next 3 sts. (28 sc)
Round 3: In back loops only: sc around. (28 sc)
Rounds 4 and 5: sc around. (28 sc)`,
    parts: [{ name: "Base of the boat", worked: "oval", counts: [20, 28, 28, 28, 28] }],
  },
  {
    hand: "rows with a hyphenated row label and totals at the beginning of the note",
    text: `Flag
Ch 11
Row 1 - sc in second ch from hook and in each ch to end; 10 sc. Turn.
Row 2 - Ch 1. Sc in each sc across; 10 sc. Turn.
Rows 3-6 - Repeat row 2.
Row 7 - Ch 1. Sc2tog, sc in next 6, sc2tog; 8 sc. Turn.
Fasten off.`,
    parts: [{ name: "Flag", worked: "rows", counts: [10, 10, 10, 10, 10, 10, 8] }],
  },
  {
    hand: "short rows over a chain bridge, told step by step",
    text: `Slipper
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnds 4-6: sc around (18)
Rnd 7: sc 5, ch 8, skip next 8 sts, sc 5 (10 sc and 8 ch)
Rnd 8: sc 5, sc in each of next 8 ch, sc 5 (18)
Rnd 9: (sc, dec) x 6 (12)`,
    parts: [{ name: "Slipper", counts: [6, 12, 18, 18, 18, 18, 10, 18, 12] }],
  },
  {
    hand: "a panel whose rows bite one side stitch at each end",
    text: `Turtle neck
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: (2 sc, inc) x 6 (24)
Row 5: sc 8, turn (8)
Row 6: ch 1, skip first st, sc 7, sc in next st of rnd 4, turn (8)
Row 7: ch 1, sc 8 (8)`,
    parts: [{ name: "Turtle neck", counts: [6, 12, 18, 24, 8, 8, 8] }],
  },
  {
    hand: "two decreases of different kinds in one figure",
    text: `Mitten
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (inc, 2 sc) x 4 (16)
Rnd 4: sc16 (16)
Rnd 5: sc6, inv dec, sc6, inv dec (14)
Rnd 6: sc5, dec in BLO, sc5, dec in BLO (12)
Rnd 7: sc2tog six times (6)`,
    parts: [{ name: "Mitten", counts: [6, 12, 16, 16, 14, 12, 6] }],
  },
  {
    hand: "numbers joined to stitches",
    text: `Acorn
R1 6sc MR (6)
R2 6inc (12)
R3 (1sc 1inc)6 (18)
R4-R6 18sc (18)
R7 (1sc 1dec)6 (12)
stuff
R8 6dec (6)
FO`,
    parts: [{ name: "Acorn", counts: [6, 12, 18, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "V and A are not known, but said in the legend",
    text: `Pear
Abbreviations
X = single crochet
V = 2 single crochet in one stitch (increase)
A = single crochet 2 together (decrease)

R1: 6X in magic ring (6)
R2: 6V (12)
R3: (X, V)*6 (18)
R4: 18X (18)
R5: (X, A)*6 (12)`,
    parts: [{ name: "Pear", counts: [6, 12, 18, 18, 12] }],
  },
  {
    hand: "own abbreviations given in the legend",
    text: `Plum
Legend: s = single crochet, plus = increase, minus = decrease

1) 6 s in magic ring [6]
2) 6 plus [12]
3) 12 s [12]
4) (1 s, 1 minus) x 4 [8]`,
    parts: [{ name: "Plum", counts: [6, 12, 12, 8] }],
  },
  {
    hand: "totals after an arrow",
    text: `Pebble
Round 1: 6 sc into ring → 6
Round 2: 2 sc in each → 12
Round 3: [sc 1, inc 1] ×6 → 18
Round 4–6: sc → 18
Round 7: [sc 1, dec 1] ×6 → 12`,
    parts: [{ name: "Pebble", counts: [6, 12, 18, 18, 18, 18, 12] }],
  },
  {
    hand: "a diary: first, then, after that",
    text: `Little bun
Begin with 6 sc in a magic ring.
Next round: 2 sc in every stitch, 12 now.
Next round: sc, inc all around, 18 now.
Next 3 rounds: sc in every stitch.
Next round: sc, dec all around, 12 left.
Stuff it.
Last round: dec all around, 6 left. Pull shut.`,
    parts: [{ name: "Little bun", counts: [6, 12, 18, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "bold markdown table",
    text: `## Head

| Rnd | Instructions | Sts |
|-----|--------------|-----|
| 1 | 6 sc in MR | (6) |
| 2 | inc x 6 | (12) |
| 3 | (1 sc, inc) x 6 | (18) |
| 4–5 | sc around | (18) |
| 6 | (1 sc, dec) x 6 | (12) |`,
    parts: [{ name: "Head", counts: [6, 12, 18, 18, 18, 12] }],
  },
  {
    hand: "repeat signs behind a slash and totals in braces",
    text: `Lemon
R1/ 5 sc in magic circle {5}
R2/ inc in each st {10}
R3/ {sc, inc} x5 {15}
R4/ 15 sc {15}
R5/ {sc, dec} x5 {10}`,
    parts: [{ name: "Lemon", counts: [5, 10, 15, 15, 10] }],
  },
  {
    hand: "rounds said to be worked like others, by name and by number",
    text: `Arms (make 2)
Rnd 1: 5 sc in magic ring (5)
Rnd 2: inc in each st (10)
Rnds 3-5: sc around (10)

Legs (make 2)
Rnds 1-5: same as arms
Rnd 6: (3 sc, dec) twice (8)
Rnd 7: sc around (8)`,
    parts: [
      { name: "Arms", make: 2, counts: [5, 10, 10, 10, 10] },
      { name: "Legs", make: 2, counts: [5, 10, 10, 10, 10, 8, 8] },
    ],
  },
  {
    hand: "petals as dead ends in the loops of the ring",
    text: `Daisy
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: In FLO, (ch 3, sl st in 2nd ch from hook, sl st in next ch, sl st in next st) x 12 - 12 petals
Rnd 4: Behind the petals, sc in the back loops left from rnd 2 (12)
Rnd 5: (sc, dec) x 4 (8)`,
    parts: [{ name: "Daisy", counts: [6, 12, 12, 12, 8] }],
  },
  {
    hand: "shells and scallops along a row",
    text: `Awning
Row 1: ch 19, sc in 2nd ch from hook and in each ch across, turn (18)
Row 2: ch 1, sc across, turn (18)
Row 3: *skip 2 sts, 5 dc in next st, skip 2 sts, sl st in next st; rep from * across (18)`,
    parts: [{ name: "Awning", worked: "rows", counts: [18, 18, 18] }],
  },
  {
    hand: "UK longhand, chain for a hanging loop, stitches missed",
    text: `Bell (UK terms)
Round 1: work 6 double crochet into an adjustable ring. (6 sts)
Round 2: work 2 double crochet in each stitch. (12 sts)
Round 3: *1 double crochet, 2 double crochet in next stitch; repeat from * to the end. (18 sts)
Rounds 4–6: 1 double crochet in each stitch. (18 sts)
Round 7: *miss 1 stitch, 1 double crochet in each of the next 5 stitches; repeat from * twice more. (15 sts)
Round 8: *dc2tog, 1 double crochet in the next 3 stitches; repeat from * to the end. (12 sts)
Make 12 chain for the loop and fasten off.`,
    parts: [{ name: "Bell", counts: [6, 12, 18, 18, 18, 18, 15, 12] }],
  },
  {
    hand: "shades named in brackets behind the stitches",
    text: `Clownfish
Rnd 1: 6 sc in magic ring [orange] (6)
Rnd 2: inc x 6 [orange] (12)
Rnd 3: (sc, inc) x 6 [white] (18)
Rnd 4: 9 sc [orange], 9 sc [white] (18)
Rnds 5-6: 18 sc [orange] (18)`,
    parts: [{ name: "Clownfish", counts: [6, 12, 18, 18, 18, 18] }],
  },
  {
    hand: "notes between the rounds in brackets and with dashes",
    text: `Hedgehog body
Round 1: 6 sc in magic ring (6)
-- pull the ring tight but do not close it yet --
Round 2: inc x 6 (12)
[mark the first stitch]
Round 3: (sc, inc) x 6 (18)
(If you use thicker yarn you may want a bigger hook.)
Round 4: (2 sc, inc) x 6 (24)
Tip: count your stitches now!
Round 5: sc around (24)
TIP – for a pointed nose pull the tail.
Round 6: (2 sc, dec) x 6 (18)
*Stuff now.*
Round 7: (sc, dec) x 6 (12)
**Finish stuffing.**
Round 8: dec x 6 (6)`,
    parts: [{ name: "Hedgehog body", counts: [6, 12, 18, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "increase rounds told by number of increases",
    text: `Moon
Rnd 1: 8 sc in ring (8)
Rnd 2: work 8 increases evenly (16)
Rnd 3: 8 increases evenly spaced (24)
Rnd 4: sc even (24)
Rnd 5: 6 decreases evenly around (18)
Rnd 6: dec 6 times evenly (12)`,
    parts: [{ name: "Moon", counts: [8, 16, 24, 24, 18, 12] }],
  },
  {
    hand: "picked up in the spaces between stitches of the start",
    text: `Stem
Join green to the bottom of the apple.
Rnd 1: sc 6 in the base (6)
Rnds 2-4: sc around (6)
Fasten off leaving a 15 cm tail.`,
    parts: [{ name: "Stem", counts: [6, 6, 6, 6] }],
  },
  {
    hand: "a cord, a strap and a spiral curl",
    text: `Tail
Ch 16. Sl st in 2nd ch from hook and in each ch to end (15).

Strap
Chain 30, fasten off.

Hair curl (x5)
Ch 11, 2 sc in 2nd ch from hook, 2 sc in each remaining ch (20)`,
    parts: [
      { name: "Tail", counts: [15] },
      { name: "Strap", counts: [0] },
      { name: "Hair curl", make: 5, counts: [20] },
    ],
  },
  {
    hand: "everything in one line for each part, commas between rounds",
    text: `Nose: R1 6 sc in MR (6), R2 sc around (6), R3 inc x 6 (12). FO.
Ear: R1 5 sc in MR (5), R2 inc x 5 (10), R3 10 sc (10). FO, make 2.`,
    parts: [
      { name: "Nose", counts: [6, 6, 12] },
      { name: "Ear", make: 2, counts: [5, 10, 10] },
    ],
  },
  {
    hand: "changing to the next colour in the last stitch",
    text: `Beach ball
Rnd 1: In red, 6 sc in MR (6)
Rnd 2: inc x 6, changing to white in the last st (12)
Rnd 3: (sc, inc) x 6, change to red (18)
Rnd 4: *sc in red, sc in white* x 9 (18)
Rnd 5: sc 9 with red, sc 9 with white (18)`,
    parts: [{ name: "Beach ball", counts: [6, 12, 18, 18, 18] }],
  },
  {
    hand: "half double and double mixed to make a slope",
    text: `Beak
Rnd 1: 6 sc in magic ring (6)
Rnd 2: sc 2, hdc inc 2, sc 2 (8)
Rnd 3: sc 2, (hdc, dc) in next st, 2 dc in next st, (dc, hdc) in next st, sc 3 (11)
Rnd 4: sl st 2, sc 7, sl st 2 (11)`,
    parts: [{ name: "Beak", counts: [6, 8, 11, 11] }],
  },
  {
    hand: "a folded top closed stitch to stitch",
    text: `Pouch
Rnd 1: 8 sc in magic ring (8)
Rnd 2: inc x 8 (16)
Rnds 3-9: sc around (16)
Rnd 10: press the opening flat and close it with 8 sc, each through both sides (8)
Fasten off.`,
    parts: [{ name: "Pouch", counts: [8, 16, 16, 16, 16, 16, 16, 16, 16, 8] }],
  },
  {
    hand: "triple increase corners in a square",
    text: `Cushion
Rnd 1: 4 sc in MR (4)
Rnd 2: 3 sc in each st (12)
Rnd 3: (sc, 3 sc in next st, sc) x 4 (20)
Rnd 4: 2 sc, (3 sc in next st, 4 sc) x 3, 3 sc in next st, 2 sc (28)`,
    parts: [{ name: "Cushion", counts: [4, 12, 20, 28] }],
  },
  {
    hand: "numbered sentences with semicolons",
    text: `Eggplant cap
1. Magic ring; 5 sc; (5)
2. inc; repeat 5 times; (10)
3. sc, inc; repeat 5 times; (15)
4. sl st in next st; ch 4; sc in 2nd ch from hook; hdc; dc; skip 2 sts; repeat from the beginning 5 times (5)`,
    parts: [{ name: "Eggplant cap", counts: [5, 10, 15, 5] }],
  },
];
