import type { Case } from "./case";

/** Ways to begin: rings, chains, both sides, bridges, edges. */
export const STARTS: readonly Case[] = [
  {
    hand: "two legs and a chain bridge, the second leg kept live",
    text: `Sailor
Leg 1
Rnd 1: 6 sc in magic ring (6)
Rnd 2: (sc, inc) x 3 (9)
Rnds 3-5: sc around (9)
Fasten off.

Leg 2
Rnd 1: 6 sc in magic ring (6)
Rnd 2: (sc, inc) x 3 (9)
Rnds 3-5: sc around (9)
Do not fasten off.

Body
Rnd 1: ch 3, 9 sc around leg 1, sc in each of the 3 ch, 9 sc around leg 2, 3 sc along the other side of the chain (24)
Rnds 2-4: 24 sc (24)
Rnd 5: (2 sc, dec) x 6 (18)`,
    parts: [
      { name: "Leg 1", counts: [6, 9, 9, 9, 9] },
      { name: "Leg 2", counts: [6, 9, 9, 9, 9] },
      { name: "Body", counts: [24, 24, 24, 24, 18], made: { sc: 24 * 4 + 18 } },
    ],
  },
  {
    hand: "a bridge inside the second leg's own rounds, joined in words",
    text: `Legs (make 2)
Round 1: 5 sc in a magic ring. (5)
Round 2: 2 sc in each st. (10)
Rounds 3-4: sc in each st around. (10)
Fasten off the first leg. Do not fasten off the second leg.

Body
Now join the legs.
Round 5: Ch 2, join to the first leg with a sc, sc in next 9 sts of first leg, sc in next 2 ch, sc in next 10 sts of second leg, sc in 2 ch on the other side. (24)
Round 6: sc in each st around. (24)`,
    parts: [
      { name: "Legs", make: 2, counts: [5, 10, 10, 10] },
      { name: "Body", counts: [24, 24] },
    ],
  },
  {
    hand: "legs side by side without a bridge",
    text: `Chick
Leg (make 2)
Rnd 1: 6 sc in MR (6)
Rnds 2-3: 6 sc (6)

Body
Rnd 1: 6 sc around first leg, 6 sc around second leg (12)
Rnd 2: inc x 12 (24)`,
    parts: [
      { name: "Leg", make: 2, counts: [6, 6, 6] },
      { name: "Body", counts: [12, 24] },
    ],
  },
  {
    hand: "a ring of chains closed with a slip stitch",
    text: `Life ring
Rnd 1: ch 4, sl st in first ch to form a ring, 8 sc in ring (8)
Rnd 2: inc x 8 (16)
Rnd 3: (sc, inc) x 8 (24)`,
    parts: [{ name: "Life ring", counts: [8, 16, 24], made: { sc: 48 } }],
  },
  {
    hand: "a long chain ring worked chain by chain: a tube",
    text: `Sleeve
Ch 18, join with sl st to form a ring, being careful not to twist.
Rnd 1: sc in each ch around (18)
Rnds 2-6: sc in each st around (18)
Fasten off.`,
    parts: [{ name: "Sleeve", counts: [18, 18, 18, 18, 18, 18] }],
  },
  {
    hand: "an oval, the first chains counted in the maker's way",
    text: `Sole
Rnd 1: ch 7. Sc in 2nd ch from hook, sc in next 4, 3 sc in last ch; working along the other side: sc in next 4, 2 sc in last (14)
Rnd 2: inc, 4 sc, inc x 3, 4 sc, inc x 2 (20)
Rnd 3: sc, inc, 4 sc, (sc, inc) x 3, 4 sc, (sc, inc) x 2 (26)
Rnd 4: in back loops only, 26 sc (26)`,
    parts: [{ name: "Sole", worked: "oval", counts: [14, 20, 26, 26] }],
  },
  {
    hand: "an oval with an increase at its beginning",
    text: `Muzzle
Ch 5
Rnd 1: inc in 2nd ch from hook, sc 2, 4 sc in last ch, turn to the underside of the chain, sc 2, inc in last (12)
Rnd 2: sc around (12)`,
    parts: [{ name: "Muzzle", worked: "oval", counts: [12, 12] }],
  },
  {
    hand: "chainless foundation",
    text: `Belt
Row 1: 14 fsc (14)
Row 2: ch 1, turn, sc in each st across (14)`,
    parts: [{ name: "Belt", counts: [14, 14] }],
  },
  {
    hand: "chainless foundation of half double crochet, joined to a ring",
    text: `Cuff
Rnd 1: 16 fhdc, join with sl st to form a ring (16)
Rnd 2: ch 1, sc in each st around, join with sl st (16)`,
    parts: [{ name: "Cuff", counts: [16, 16] }],
  },
  {
    hand: "stitches picked up from an edge",
    text: `Vest
Row 1: ch 13, sc in 2nd ch from hook and in each ch across (12)
Rows 2-5: ch 1, turn, sc across (12)
Fasten off.

Collar
Rnd 1: Join yarn at the neck edge, pick up 20 sc evenly around the edge (20)
Rnd 2: (3 sc, dec) x 4 (16)`,
    parts: [
      { name: "Vest", worked: "rows", counts: [12, 12, 12, 12, 12] },
      { name: "Collar", counts: [20, 16] },
    ],
  },
  {
    hand: "first rounds of many sizes",
    text: `Spot
Rnd 1: 9 sc in magic ring (9)

Disc
Rnd 1: 12 hdc in magic ring (12)
Rnd 2: 2 hdc in each st around (24)

Nose
Rnd 1: 4 sc in magic ring (4)
Rnd 2: inc x 4 (8)

Star
Rnd 1: 10 sc in ring (10)`,
    parts: [
      { name: "Spot", counts: [9] },
      { name: "Disc", counts: [12, 24] },
      { name: "Nose", counts: [4, 8] },
      { name: "Star", counts: [10] },
    ],
  },
  {
    hand: "double wrap, the lifting chain said not to count",
    text: `Bell
Rnd 1: Wrap the yarn twice around your finger for a double magic ring, ch 1 (does not count), 7 sc in ring (7)
Rnd 2: 2 sc in each st (14)
Rnd 3: sc around (14)`,
    parts: [{ name: "Bell", counts: [7, 14, 14] }],
  },
  {
    hand: "a started ring from a kit",
    text: `Kit ball
Rnd 1 is already made for you: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)`,
    parts: [{ name: "Kit ball", counts: [6, 12, 18] }],
  },
  {
    hand: "dc rounds whose first chains count",
    text: `Coaster
Rnd 1: ch 4, join with sl st to form a ring; ch 3 (counts as first dc), 11 dc in ring, join with sl st in top of ch 3 (12)
Rnd 2: ch 3 (counts as dc), dc in same st, 2 dc in each st around, join (24)
Rnd 3: ch 3 (counts as dc), 2 dc in next st, (dc in next st, 2 dc in next st) x 11, join (36)`,
    parts: [{ name: "Coaster", worked: "joined", counts: [12, 24, 36] }],
  },
  {
    hand: "half disc: a ring that is turned",
    text: `Fin
Row 1: 4 sc in magic ring, ch 1, turn (4)
Row 2: inc x 4, ch 1, turn (8)
Row 3: (sc, inc) x 4 (12)
Fasten off, leave a 20 cm tail.`,
    parts: [{ name: "Fin", worked: "rows", counts: [4, 8, 12] }],
  },
];
