import type { Case } from "./case";

const times = (count: number, n: number): number[] => Array.from({ length: n }, () => count);

/**
 * More hands met after the reader was rebuilt: layouts, long sentences, constructions told out of the usual
 * order.
 */
export const WAYFARERS: readonly Case[] = [
  {
    hand: "a whole part in one paragraph",
    text: `Snail shell, brown. Rnd 1: 6 sc in MR (6). Rnd 2: inc x 6 (12). Rnd 3: (sc, inc) x 6 (18). Rnds 4-6: sc around (18). Rnd 7: (sc, dec) x 6 (12). Stuff. Rnd 8: dec x 6 (6). Fasten off.`,
    parts: [{ name: "Snail shell", counts: [6, 12, 18, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "columns parted by tabs, a head row",
    text: "Moon\n\nround\twork\tstitches\n1\t6 sc in MR\t6\n2\tinc x 6\t12\n3\t(sc, inc) x 6\t18\n4–6\tsc around\t18\n7\t(sc, dec) x 6\t12",
    parts: [{ name: "Moon", counts: [6, 12, 18, 18, 18, 18, 12] }],
  },
  {
    hand: "totals in front of the work",
    text: `Plum
R1 [6]: MR 6
R2 [12]: inc around
R3 [18]: (sc, inc) around
R4-5 [18]: sc around
R6 [12]: (sc, dec) around`,
    parts: [{ name: "Plum", counts: [6, 12, 18, 18, 18, 12] }],
  },
  {
    hand: "two halves kept, then joined around both",
    text: `Trousers
First leg
Round 1: ch 10, join with sl st to form a ring, sc in each ch around (10)
Rounds 2-4: sc in each st around (10)
Cut the yarn.
Second leg
Rounds 1-4: as for the first leg. Do not cut the yarn.
Top
Round 5: sc 10 around the second leg, sc 10 around the first leg (20)
Rounds 6-7: sc in each st around (20)`,
    parts: [
      { name: "First leg", counts: [10, 10, 10, 10] },
      { name: "Second leg", counts: [10, 10, 10, 10] },
      { name: "Top", counts: [20, 20, 20] },
    ],
  },
  {
    hand: "petals as a block, named before it is used",
    text: `Sunflower
Petal: ch 4, sc in 2nd ch from hook, hdc in next ch, sc in last ch.
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, petal) x 12 (12)`,
    parts: [{ name: "Sunflower", counts: [6, 12, 12], made: { sc: 6 + 12 + 12 + 24, hdc: 12 } }],
  },
  {
    hand: "frill told afterwards with its own heading",
    text: `Jellyfish
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: sc around (18)
Rnd 5: BLO sc around (18)
Rnd 6: (sc, dec) x 6 (12)
Rnd 7: dec x 6 (6)

Frill
Join yarn in the front loops of rnd 4.
Rnd 1: (2 dc in next st) x 18 (36)`,
    parts: [
      { name: "Jellyfish", counts: [6, 12, 18, 18, 18, 12, 6] },
      { name: "Frill", counts: [36], made: { dc: 36 } },
    ],
  },
  {
    hand: "short rows of a heel, then the round again",
    text: `Sock
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnds 3-6: sc around (12)
Row 7: sc 6, turn (6)
Row 8: ch 1, sc 6, turn (6)
Row 9: ch 1, sc 6 (6)
Rnd 10: sc around (12)
Rnds 11-12: sc around (12)`,
    parts: [{ name: "Sock", counts: [6, 12, 12, 12, 12, 12, 6, 6, 6, 12, 12, 12] }],
  },
  {
    hand: "numbers in words and digits mixed",
    text: `Bead
Rnd one: five sc in a magic ring (5)
Rnd two: two sc in each st (10)
Rnds three to five: sc in each of the ten sts (10)
Rnd six: sc two together five times (5)`,
    parts: [{ name: "Bead", counts: [5, 10, 10, 10, 10, 5] }],
  },
  {
    hand: "materials as bullets with numbers, steps of sewing up with numbers",
    text: `Mini gnome

You'll need:
1. red and cream yarn
2. 2.5 mm hook
3. 5 g filling

Hat, red
1. 4 sc in MR (4)
2. inc x 4 (8)
3. sc around (8)
4. (sc, inc) x 4 (12)
5. sc around (12)

Body, cream
1. 6 sc in MR (6)
2. inc x 6 (12)
3. sc around (12)
4. sc around (12)

Assembly
1. Stuff the body.
2. Sew the hat on with 12 stitches.
3. Weave in the ends.`,
    parts: [
      { name: "Hat", counts: [4, 8, 8, 12, 12] },
      { name: "Body", counts: [6, 12, 12, 12] },
    ],
  },
  {
    hand: "colour words inside the round, three of them",
    text: `Ladybird
Rnd 1: with black, 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: with red (sc, inc) x 6 (18)
Rnd 4: red 8, black 2, red 8 (18)
Rnd 5: 18 sc in red (18)`,
    parts: [{ name: "Ladybird", counts: [6, 12, 18, 18, 18] }],
  },
  {
    hand: "a bag: rows, then a border around them",
    text: `Pouch
Ch 11
Row 1: sc in second ch from hook and in each ch across, turn (10)
Rows 2 - 10: ch 1, sc across, turn (10)
Fasten off.

Flap
Ch 7.
Row 1: 6 sc, starting in 2nd ch from hook. Ch 1, turn.
Row 2: 6 sc. Ch 1, turn.
Row 3: sc2tog, 2 sc, sc2tog. (4)`,
    parts: [
      { name: "Pouch", worked: "rows", counts: times(10, 10) },
      { name: "Flap", worked: "rows", counts: [6, 6, 4] },
    ],
  },
  {
    hand: "joined rounds, the joining told once at the top",
    text: `Lid
Join each round with a slip stitch and start it with ch 1.
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)`,
    parts: [{ name: "Lid", worked: "joined", counts: [6, 12, 18] }],
  },
  {
    hand: "the repeat's number in front with a dash",
    text: `Ball
R1 - MR, 6 sc - 6 st
R2 - inc x6 - 12 st
R3 - 6x: sc, inc - 18 st
R4 - 6x: 2 sc, inc - 24 st
R5-7 - sc around - 24 st
R8 - 6x: 2 sc, dec - 18 st`,
    parts: [{ name: "Ball", counts: [6, 12, 18, 24, 24, 24, 24, 18] }],
  },
  {
    hand: "spikes in each stitch, told with “chain 3, slip stitch back”",
    text: `Sea urchin
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: *sc in next st, ch 3, sl st in 2nd ch from hook, sl st in next ch; rep from * around (12)
Rnd 4: sc in each sc, skipping the spikes (12)`,
    parts: [{ name: "Sea urchin", counts: [6, 12, 12, 12] }],
  },
  {
    hand: "made flat and folded, closing told in the same breath",
    text: `Wing, make 2 in white
Rnd 1: sc 5 in MR (5). Rnd 2: inc in each (10). Rnds 3-4: sc in each (10). Press flat and close with 5 sc through both layers (5).`,
    parts: [{ name: "Wing", make: 2, counts: [5, 10, 10, 10, 5] }],
  },
  {
    hand: "a hexagon: corners of three",
    text: `Tile
Rnd 1: 6 sc in MR, sl st to first st (6)
Rnd 2: ch 1, 3 sc in each st, sl st to first st (18)
Rnd 3: ch 1, *sc in next st, 3 sc in next st, sc in next st; rep from * around, sl st to first st (30)`,
    parts: [{ name: "Tile", worked: "joined", counts: [6, 18, 30] }],
  },
  {
    hand: "US and UK in one line for the reader's ease",
    text: `Pea (UK terms: dc = US sc)
Round 1: 5 dc in a magic ring (5)
Round 2: inc in each (10)
Rounds 3-4: dc in each (10)
Round 5: dec x 5 (5)`,
    parts: [{ name: "Pea", counts: [5, 10, 10, 10, 5] }],
  },
  {
    hand: "a round told over three lines",
    text: `Fish
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: sc in next 3 sts,
inc in next 2 sts,
sc in next 4 sts, inc in next 2 sts, sc in next st (16)
Rnd 4: sc around (16)`,
    parts: [{ name: "Fish", counts: [6, 12, 16, 16] }],
  },
  {
    hand: "a helper's question between the rounds",
    text: `Onion
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Do you have 12 stitches? Then go on.
Rnd 3: (sc, inc) x 6 (18)
From now on there are no more increases.
Rnds 4-6: sc around (18)
Tip: pull the yarn a little tighter in round 7.
Rnd 7: (sc, dec) x 6 (12)`,
    parts: [{ name: "Onion", counts: [6, 12, 18, 18, 18, 18, 12] }],
  },
  {
    hand: "a handle along a chain of slip stitches",
    text: `Handle
Chain 20.
Row 1: sl st in 2nd ch from hook and in each ch to end (19)`,
    parts: [{ name: "Handle", counts: [19], made: { slst: 19, ch: 20 } }],
  },
  {
    hand: "abbreviations explained with arrows and two columns",
    text: `sc → single crochet
inc → two single crochet in one stitch
dec → two stitches together

Mouse ear (make 2)
Rnd 1: 6 sc in MR → 6
Rnd 2: inc x 6 → 12
Rnd 3: sc around → 12`,
    parts: [{ name: "Mouse ear", make: 2, counts: [6, 12, 12] }],
  },
  {
    hand: "the last round left short on purpose",
    text: `Collar
Ch 16, join with a sl st into a ring.
Rnd 1: ch 1, 16 sc in the chains, join (16)
Rnd 2: ch 1, 12 sc, leave the remaining 4 sts unworked (12)`,
    parts: [{ name: "Collar", counts: [16, 12] }],
  },
];
