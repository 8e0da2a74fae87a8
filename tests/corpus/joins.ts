import type { Case } from "./case";

/** Layers, panels, bridges, parts caught in a round, seams, rows and what is left over. */
export const JOINS: readonly Case[] = [
  {
    hand: "a mouth: stitches skipped under a chain bridge",
    text: `Frog
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: 6 sc, ch 6, skip 6 sts, 6 sc
Rnd 5: 6 sc, sc in each of the 6 ch, 6 sc (18)
Rnd 6: 18 sc (18)`,
    parts: [{ name: "Frog", counts: [6, 12, 18, 12, 18, 18] }],
  },
  {
    hand: "an opening folded flat and closed through both layers",
    text: `Wing (make 2)
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnds 3-5: sc around (12)
Rnd 6: fold flat and sc through both layers across, 6 sc (6)
Fasten off.`,
    parts: [{ name: "Wing", make: 2, counts: [6, 12, 12, 12, 12, 6] }],
  },
  {
    hand: "two flat pieces joined at the edge",
    text: `Sardine
Back
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Fasten off.

Front
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Do not fasten off.
Rnd 4: hold both pieces with wrong sides together, sc through both edges around, 18 sc (18)
Fasten off.`,
    parts: [
      { name: "Back", counts: [6, 12, 18] },
      { name: "Front", counts: [6, 12, 18, 18] },
    ],
  },
  {
    hand: "ears worked into the round that takes them",
    text: `Ear (make 2)
Rnd 1: 6 sc in magic ring (6)
Rnd 2: 6 sc (6)
Flatten; do not stuff.

Head
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: 3 sc, 3 sc through ear and head together, 6 sc, 3 sc through ear and head together, 3 sc (18)
Rnd 5: 18 sc (18)`,
    parts: [
      { name: "Ear", make: 2, counts: [6, 6] },
      { name: "Head", counts: [6, 12, 18, 18, 18] },
    ],
  },
  {
    hand: "a seam whose edges match",
    text: `Head
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnds 4-6: sc around (18)

Body
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnds 4-7: sc around (18)

Finishing
Sew the 18 sts of the head to the 18 sts of the body.
Weave in ends.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 18, 18, 18] },
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 18] },
    ],
  },
  {
    hand: "a panel worked to and fro on part of a round",
    text: `Heel
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Row 4: 8 sc, turn, leave the remaining 10 sts unworked (8)
Row 5: ch 1, 8 sc, turn (8)
Row 6: ch 1, 8 sc (8)
Rnd 7: 18 sc around panel and remaining stitches (18)`,
    parts: [{ name: "Heel", counts: [6, 12, 18, 8, 8, 8, 18] }],
  },
  {
    hand: "rows with shaping and a chain to turn",
    text: `Sail
Row 1: Ch 2, sc in 2nd ch from hook, ch 1, turn. (1)
Row 2: 2 sc in st, ch 1, turn. (2)
Row 3: inc in first st, sc in last st, ch 1, turn. (3)
Row 4: sc to last st, inc, ch 1, turn. (4)
Row 5: inc, sc across, ch 1, turn. (5)
Row 6: sc2tog, sc across, ch 1, turn. (4)`,
    parts: [{ name: "Sail", worked: "rows", counts: [1, 2, 3, 4, 5, 4] }],
  },
  {
    hand: "rows of taller stitches with turning chains that count",
    text: `Scarf
Row 1: ch 22, dc in 4th ch from hook and in each ch across (20)
Rows 2-3: ch 3 (counts as dc), turn, dc in next 19 sts (20)`,
    parts: [{ name: "Scarf", worked: "rows", counts: [20, 20, 20] }],
  },
  {
    hand: "half doubles whose chains do not count",
    text: `Strap
Ch 26.
Row 1: hdc in 3rd ch from hook and each ch across. (24)
Row 2: ch 2 (does not count as a stitch), turn, hdc in each st. (24)`,
    parts: [{ name: "Strap", worked: "rows", counts: [24, 24] }],
  },
  {
    hand: "limbs picked up across two parts",
    text: `Head
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnds 3-4: 12 sc (12)
Fasten off.

Body
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnds 3-5: 12 sc (12)
Rnd 6: hold the head to the body, 12 sc through both (12)
Fasten off.

Arm
Rnd 1: Join yarn at the side, pick up 3 sts from the head and 3 sts from the body, 6 sc (6)
Rnds 2-4: 6 sc (6)`,
    parts: [
      { name: "Head", counts: [6, 12, 12, 12] },
      { name: "Body", counts: [6, 12, 12, 12, 12, 12] },
      { name: "Arm", counts: [6, 6, 6, 6] },
    ],
  },
  {
    hand: "cut yarn, wraps and embroidery",
    text: `Cat
Head
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnds 3-4: 12 sc (12)
Rnd 5: dec x 6 (6)
Fasten off.

Whiskers: cut 6 strands of black yarn, 8 cm each, and knot them in place.
Nose: embroider with pink over 2 stitches between rounds 3 and 4.
Make a pompom of 3 cm for the tail.
Wrap white yarn 4 times around the neck.`,
    parts: [{ name: "Head", counts: [6, 12, 12, 12, 6] }],
  },
  {
    hand: "a second hook and doubled yarn",
    text: `Anchor
Rnd 1: holding two strands together, 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Change to a 2.5 mm hook.
Rnd 3: with one strand, sc around (12)
Rnd 4: change to 3 mm hook, 12 sc (12)`,
    parts: [{ name: "Anchor", counts: [6, 12, 12, 12] }],
  },
  {
    hand: "yarn carried and parked",
    text: `Flag
Rnd 1: with red, 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: 3 sc in red, carry the red yarn behind, 6 sc in white, pick up red again, 3 sc in red (12)
Rnd 4: drop the white yarn, with red sc around (12)
Cut white.`,
    parts: [{ name: "Flag", counts: [6, 12, 12, 12] }],
  },
  {
    hand: "the end of a limb left at an odd number",
    text: `Claw
Rnd 1: 5 sc in magic ring (5)
Rnd 2: (inc, sc) x 2, inc (8)
Rnd 3: 8 sc (8)
Rnd 4: (2 sc, dec) x 2 (6)
Rnd 5: sc in next 4 sts, leave last 2 sts unworked (4)`,
    parts: [{ name: "Claw", counts: [5, 8, 8, 6, 4] }],
  },
  {
    hand: "three drawn together, and decreases told by their loops",
    text: `Tip
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: 12 sc (12)
Rnd 4: sc3tog x 4 (4)

Cone
Rnd 1: 9 sc in magic ring (9)
Rnd 2: (sc, sc2tog in front loops) x 3 (6)
Rnd 3: sc 3 together twice (2)`,
    parts: [
      { name: "Tip", counts: [6, 12, 12, 4] },
      { name: "Cone", counts: [9, 6, 2] },
    ],
  },
];
