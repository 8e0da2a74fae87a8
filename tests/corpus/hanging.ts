import type { Case } from "./case";

/** Things that hang on a round and add nothing to its count. */
export const HANGING: readonly Case[] = [
  {
    hand: "spur limbs grown out of a round",
    text: `Crab
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: (3 sc, ch 5, sl st in 2nd ch from hook and in next 3 ch, sl st in base st) x 6 (18)
Rnd 5: 18 sc (18)
Rnd 6: (sc, dec) x 6 (12)`,
    parts: [
      {
        name: "Crab",
        counts: [6, 12, 18, 18, 18, 12],
        made: { sc: 6 + 12 + 18 + 18 + 18 + 12, slst: 30, ch: 30 },
      },
    ],
  },
  {
    hand: "spurs in short words",
    text: `Spider
Rnd 1: 8 sc in mr (8)
Rnd 2: inc x 8 (16)
Rnd 3: *2 sc, ch 8, sl st back 7* 8 times (16)
Rnd 4: sc around, skipping the legs (16)
Rnd 5: dec x 8 (8)`,
    parts: [
      { name: "Spider", counts: [8, 16, 16, 16, 8], made: { sc: 8 + 16 + 16 + 16 + 8, slst: 56, ch: 64 } },
    ],
  },
  {
    hand: "a named block used in a round",
    text: `Octopus
Arm: ch 10, sc in 2nd ch from hook, sc in next 8 ch.

Head
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: 12 sc (12)
Rnd 4: (sc, arm, sc) x 6 (12)
Rnd 5: dec x 6 (6)`,
    parts: [{ name: "Head", counts: [6, 12, 12, 12, 6], made: { sc: 6 + 12 + 12 + 12 + 54 + 6, ch: 60 } }],
  },
  {
    hand: "a block used with a verb and a number",
    text: `Sun
Ray = ch 4, sl st in 2nd ch from hook, sc, hdc

Face
Rnd 1: 8 sc in magic ring (8)
Rnd 2: inc around (16)
Rnd 3: *sc in next 2 sts, make a ray; repeat from * around (16)`,
    parts: [{ name: "Face", counts: [8, 16, 16] }],
  },
  {
    hand: "picots and scallops",
    text: `Crown
Rnd 1: 12 sc in magic ring (12)
Rnd 2: inc x 12 (24)
Rnd 3: (sc, picot, sc) x 12 (24)

Collar
Rnd 1: ch 16, join with sl st to form a ring (16 ch)
Rnd 2: sc in each ch around (16)
Rnd 3: (skip 1 st, 5 dc in next st, skip 1 st, sl st in next st) x 4 (24)`,
    parts: [
      { name: "Crown", counts: [12, 24, 24] },
      { name: "Collar", counts: [16, 16, 24] },
    ],
  },
  {
    hand: "curls: three in every chain",
    text: `Curl (make 7)
Row 1: ch 13, 3 sc in 2nd ch from hook and in each ch across (36)
Fasten off.`,
    parts: [{ name: "Curl", make: 7, counts: [36], made: { sc: 36, ch: 13 } }],
  },
  {
    hand: "a tail cord before the last decrease",
    text: `Mouse
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnds 3-5: sc around (12)
Rnd 6: (sc, dec) x 4 (8)
Stuff.
Rnd 7: 4 sc, ch 15, sl st in 2nd ch from hook and in each ch back to the body, 4 sc (8)
Rnd 8: dec x 4 (4)`,
    parts: [
      {
        name: "Mouse",
        counts: [6, 12, 12, 12, 12, 8, 8, 4],
        made: { sc: 6 + 12 + 36 + 8 + 8 + 4, slst: 14, ch: 15 },
      },
    ],
  },
  {
    hand: "toes as bobbles, then ignored legs",
    text: `Foot
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: 4 sc, 3 x (5-dc bobble, sc), 2 sc (12)
Rnd 4: 12 sc (12)`,
    parts: [{ name: "Foot", counts: [6, 12, 12, 12], made: { sc: 6 + 12 + 9 + 12, bobble: 3 } }],
  },
  {
    hand: "loops of chain all over a round, worked past in the next",
    text: `Sheep
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, ch 3, sc) x 6 (12)
Rnd 4: sc in each sc, pushing the chain loops to the front (12)`,
    parts: [{ name: "Sheep", counts: [6, 12, 12, 12] }],
  },
  {
    hand: "a hanging loop at the end",
    text: `Bauble
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnds 3-4: 12 sc (12)
Rnd 5: dec x 6 (6)
Ch 20, sl st in the first ch to make a hanging loop. Fasten off.`,
    parts: [{ name: "Bauble", counts: [6, 12, 12, 12, 6] }],
  },
  {
    hand: "ruffle of threes and a shell edge",
    text: `Flower
Rnd 1: 6 sc in magic ring (6)
Rnd 2: 3 sc in each st around (18)
Rnd 3: (sl st, (sc, hdc, dc, hdc, sc) in next st, sl st) x 6 (42)`,
    parts: [{ name: "Flower", counts: [6, 18, 42] }],
  },
];
