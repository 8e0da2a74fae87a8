import type { Case } from "./case";

/** Which loops are worked, which stay free, and what is worked into them later. */
export const LOOPS: readonly Case[] = [
  {
    hand: "a frill in front loops, the body going on behind it",
    text: `Jellyfish
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnds 4-6: sc around (18)
Rnd 7: in front loops only: (sl st, ch 2, 2 hdc in next st) x 9
Rnd 8: in the back loops of round 6: 18 sc (18)
Rnd 9: (sc, dec) x 6 (12)`,
    parts: [{ name: "Jellyfish", counts: [6, 12, 18, 18, 18, 18, 27, 18, 12] }],
  },
  {
    hand: "free loops used later with new yarn",
    text: `Buoy
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: BLO: sc around (18)
Rnds 5-7: sc around (18)
Rnd 8: (sc, dec) x 6 (12)
Rnd 9: dec x 6 (6)
Fasten off.

Rim
Join red in the front loops left by round 4 of the buoy.
Rnd 1: 18 sc (18)
Rnd 2: inc x 18 (36)`,
    parts: [
      { name: "Buoy", counts: [6, 12, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Rim", counts: [18, 36] },
    ],
  },
  {
    hand: "the same loops called by the round they belong to",
    text: `Mushroom
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x6 (12)
Rnd 3: (sc, inc) x6 (18)
Rnd 4: (2 sc, inc) x6 (24)
Rnd 5: sc in BLO (24)
Rnd 6: sc (24)

Gills: attach cream in the front loops of round 4
Rnd 1: sc around in FLO of round 4 (24)`,
    parts: [
      { name: "Mushroom", counts: [6, 12, 18, 24, 24, 24] },
      { name: "Gills", counts: [24] },
    ],
  },
  {
    hand: "loops changed within a round",
    text: `Boot
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: 6 sc in BLO, 6 sc in both loops (12)
Rnd 4: sc in FLO of next st, sc in next 5 sts, 6 sc (12)`,
    parts: [{ name: "Boot", counts: [6, 12, 12, 12] }],
  },
  {
    hand: "an ear worked into one stitch, the round behind it",
    text: `Bear
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: 3 sc, 5 hdc in FLO of next st, 4 sc, 5 hdc in FLO of next st, 3 sc (20)
Rnd 4: 3 sc, skip 5 hdc, sc in BLO of the same st, 4 sc, skip 5 hdc, sc in BLO of the same st, 3 sc (12)`,
    parts: [{ name: "Bear", counts: [6, 12, 20, 12] }],
  },
  {
    hand: "third loop of half doubles",
    text: `Hat
Rnd 1: 8 hdc in magic ring (8)
Rnd 2: 2 hdc in each st (16)
Rnd 3: working in the third loop only, hdc in each st around (16)
Rnds 4-5: hdc around (16)`,
    parts: [{ name: "Hat", counts: [8, 16, 16, 16, 16] }],
  },
  {
    hand: "invisible decreases told in longhand",
    text: `Pebble
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc in next st, insert hook in front loops of next two sts and make a decrease) 4 times (8)`,
    parts: [{ name: "Pebble", counts: [6, 12, 8] }],
  },
  {
    hand: "reverse single crochet as a rim",
    text: `Mug
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: BLO, sc around (18)
Rnds 5-8: sc around (18)
Rnd 9: reverse sc in each st around (18)
Fasten off.`,
    parts: [{ name: "Mug", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18] }],
  },
  {
    hand: "front and back post stitches",
    text: `Basket
Rnd 1: 12 dc in magic ring (12)
Rnd 2: (fpdc, bpdc) x 6 (12)
Rnd 3: (FPdc around next st, BPdc around next st) x 6 (12)`,
    parts: [{ name: "Basket", counts: [12, 12, 12] }],
  },
];
