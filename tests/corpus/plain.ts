import type { Case } from "./case";

/** Everyday figures in the ways they are most often written. */
export const PLAIN: readonly Case[] = [
  {
    hand: "tidy, with totals in round brackets",
    text: `Gull
Body (white)
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc × 6 (12)
Rnd 3: (sc, inc) × 6 (18)
Rnd 4: (2 sc, inc) × 6 (24)
Rnds 5–9: sc in each st around (24)
Rnd 10: (2 sc, dec) × 6 (18)
Rnd 11: (sc, dec) × 6 (12)
Stuff firmly.
Rnd 12: dec × 6 (6)
Fasten off and close the hole.

Wing (grey) – make 2
Rnd 1: 4 sc in magic ring (4)
Rnd 2: (sc, inc) × 2 (6)
Rnd 3: (2 sc, inc) × 2 (8)
Rnds 4–6: 8 sc (8)
Fasten off, leave a 20 cm tail for sewing.`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6], made: { sc: 216 } },
      { name: "Wing", make: 2, counts: [4, 6, 8, 8, 8, 8], made: { sc: 42 } },
    ],
  },
  {
    hand: "terse, R and square brackets",
    text: `MUSSEL SHELL x2
R1. 5sc in MR [5]
R2. inc x5 [10]
R3. (1sc, inc)x5 [15]
R4-R6. 15sc [15]
R7. (1sc, dec)x5 [10]
FO`,
    parts: [{ name: "MUSSEL SHELL", make: 2, counts: [5, 10, 15, 15, 15, 15, 10], made: { sc: 85 } }],
  },
  {
    hand: "magazine, ordinals and stars",
    text: `Anchor charm, ring
1st rnd: With navy, make a magic ring and work 8 sc into ring.
2nd rnd: 2 sc in each sc around. 16 sts.
3rd rnd: *Sc in next sc, 2 sc in next sc; rep from * around. 24 sts.
4th to 6th rnds: Sc in each sc around.
Next rnd: *Sc in next 2 sc, sc2tog; rep from * around. 18 sts.
Next rnd: *Sc in next sc, sc2tog; rep from * around. 12 sts.
Last rnd: (Sc2tog) 6 times. 6 sts.
Fasten off.`,
    parts: [{ name: "Anchor charm, ring", counts: [8, 16, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "numbers alone, total behind =",
    text: `Rope ball
1: 6 sc in magic loop = 6
2: 6 inc = 12
3: 6 x (1 sc, 1 inc) = 18
4: 6 x (2 sc, 1 inc) = 24
5-8: 24 sc = 24
9: 6 x (2 sc, 1 dec) = 18
10: 6 x (1 sc, 1 dec) = 12
11: 6 dec = 6`,
    parts: [{ name: "Rope ball", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6], made: { sc: 192 } }],
  },
  {
    hand: "UK terms, longhand",
    text: `UK terms
Cork float
Round 1: Work 6 double crochet into a magic ring. (6)
Round 2: 2 double crochet in each stitch. (12)
Round 3: (1 double crochet, 2 double crochet in next stitch) 6 times. (18)
Rounds 4 to 7: 1 double crochet in each stitch. (18)
Round 8: (1 double crochet, dc2tog) 6 times. (12)
Round 9: dc2tog 6 times. (6)`,
    parts: [{ name: "Cork float", counts: [6, 12, 18, 18, 18, 18, 18, 12, 6], made: { sc: 126 } }],
  },
  {
    hand: "UK terms, recognised from the words",
    text: `Pebble
Rnd 1: 6 dc in ring (6)
Rnd 2: 2 dc in each st (12)
Rnd 3: miss 1 st, 11 dc (11)`,
    parts: [{ name: "Pebble", counts: [6, 12, 11] }],
  },
  {
    hand: "markdown with bold headings and bullets",
    text: `# Starfish keychain

## Materials
- DK cotton, coral
- 3 mm hook

**Centre** (make 2)
- Rnd 1: 5 sc in magic ring (5)
- Rnd 2: inc x 5 (10)
- Rnd 3: (sc, inc) x 5 (15)

**Bead** (make 5)
- Rnd 1: 6 sc in magic ring (6)
- Rnd 2: 6 sc (6)`,
    parts: [
      { name: "Centre", make: 2, counts: [5, 10, 15] },
      { name: "Bead", make: 5, counts: [6, 6] },
    ],
  },
  {
    hand: "run-on lines",
    text: `Limpet
Rnd 1: 6 sc in mr (6). Rnd 2: inc x 6 (12). Rnd 3: (sc, inc) x 6 (18). Rnds 4-5: sc around (18).
Rnd 6: (sc, dec) x 6 (12). Fasten off.`,
    parts: [{ name: "Limpet", counts: [6, 12, 18, 18, 18, 12] }],
  },
  {
    hand: "joined rounds with lifting chains",
    text: `Bollard
Rnd 1: 6 sc in magic ring, join with sl st to first sc (6)
Rnd 2: ch 1, 2 sc in each st around, join with sl st (12)
Rnd 3: ch 1, (sc, inc) x 6, join (18)
Rnds 4-8: ch 1, sc in each st around, sl st to join (18)
Rnd 9: ch 1, (sc, dec) x 6, join with sl st (12)`,
    parts: [{ name: "Bollard", worked: "joined", counts: [6, 12, 18, 18, 18, 18, 18, 18, 12] }],
  },
  {
    hand: "chain-2 start, first round over the tail",
    text: `Barnacle - make 6
Rnd 1: ch 2, 5 sc in 2nd ch from hook (5)
Rnd 2: 5 sc (5)
Rnd 3: inc x 5 (10)
Fasten off, leaving a long tail.`,
    parts: [{ name: "Barnacle", make: 6, counts: [5, 5, 10] }],
  },
  {
    hand: "oval on both sides of a chain",
    text: `Dinghy
Rnd 1: ch 9, sc in 2nd ch from hook, sc in next 6 ch, 3 sc in last ch; working on the other side of the chain: sc in next 6 ch, 2 sc in last ch (18)
Rnd 2: inc, 6 sc, inc x 3, 6 sc, inc x 2 (24)
Rnds 3-5: sc around (24)`,
    parts: [{ name: "Dinghy", worked: "oval", counts: [18, 24, 24, 24, 24] }],
  },
  {
    hand: "rows",
    text: `Pennant
Ch 9.
Row 1: sc in 2nd ch from hook and in each ch across (8)
Row 2: ch 1, turn, dec, 4 sc, dec (6)
Row 3: ch 1, turn, dec, 2 sc, dec (4)
Row 4: ch 1, turn, dec x 2 (2)
Row 5: ch 1, turn, dec (1)
Fasten off.`,
    parts: [{ name: "Pennant", worked: "rows", counts: [8, 6, 4, 2, 1] }],
  },
  {
    hand: "cords and loops",
    text: `Mooring line
Ch 36.
Fasten off.

Hanger: ch 9`,
    parts: [
      { name: "Mooring line", worked: "chain", counts: [0] },
      { name: "Hanger", worked: "chain", counts: [0] },
    ],
  },
  {
    hand: "back loops, then even",
    text: `Bucket
Rnd 1: 7 sc in magic ring (7)
Rnd 2: inc in each st (14)
Rnd 3: (sc, inc) x 7 (21)
Rnd 4: sc in back loops only around (21)
Rnds 5-7: sc around (21)
Rnd 8: in front loops only, sc around (21)`,
    parts: [{ name: "Bucket", counts: [7, 14, 21, 21, 21, 21, 21, 21] }],
  },
  {
    hand: "offset increases",
    text: `Moon
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (inc, sc) x 6 (18)
Rnd 4: sc, inc, (2 sc, inc) x 5, sc (24)
Rnd 5: (3 sc, inc) x 6 (30)
Rnd 6: 2 sc, inc, (4 sc, inc) x 5, 2 sc (36)`,
    parts: [{ name: "Moon", counts: [6, 12, 18, 24, 30, 36] }],
  },
  {
    hand: "symmetric single increases",
    text: `Seal snout
Rnd 1: 6 sc in magic ring (6)
Rnd 2: 2 sc, inc, 2 sc, inc (8)
Rnd 3: inc, 3 sc, inc, 3 sc (10)
Rnd 4: 4 increases evenly (14)
Rnd 5: sc to last 2 sts, dec (13)`,
    parts: [{ name: "Seal snout", counts: [6, 8, 10, 14, 13] }],
  },
  {
    hand: "colours inside a round",
    text: `Mackerel
Rnd 1: with teal, 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnds 3-4: 6 sc in teal, 6 sc in silver (12)
Rnd 5: change to silver, 12 sc (12)
Rnd 6: dec x 6 (6)`,
    parts: [{ name: "Mackerel", counts: [6, 12, 12, 12, 12, 6], made: { sc: 60 } }],
  },
  {
    hand: "stitches of several heights",
    text: `Shell edge
Rnd 1: 6 sc in magic ring (6)
Rnd 2: 2 hdc in each st around (12)
Rnd 3: (sl st, sc, hdc, dc) x 3 (12)
Rnd 4: (sc, (hdc, dc, hdc) in next st, sc, sl st) x 3 (18)`,
    parts: [{ name: "Shell edge", counts: [6, 12, 12, 18] }],
  },
  {
    hand: "bobbles and skips",
    text: `Buoy cap
Rnd 1: 8 sc in magic ring (8)
Rnd 2: (sc, bobble) x 4 (8)
Rnd 3: inc x 8 (16)
Rnd 4: (skip 1 st, sc) x 8 (8)`,
    parts: [{ name: "Buoy cap", counts: [8, 8, 16, 8] }],
  },
  {
    hand: "repeats of other rounds",
    text: `Lantern
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnd 3: sc in BLO around (12)
Rnd 4: sc around (12)
Repeat rnds 3-4 twice more
Rnd 9: repeat round 4
Rnd 10: dec x 6 (6)`,
    parts: [{ name: "Lantern", counts: [6, 12, 12, 12, 12, 12, 12, 12, 12, 6] }],
  },
  {
    hand: "a part worked like another",
    text: `Head
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)

Body
Rnds 1-3: work as rounds 1-3 of the head
Rnd 4: 18 sc (18)`,
    parts: [
      { name: "Head", counts: [6, 12, 18] },
      { name: "Body", counts: [6, 12, 18, 18] },
    ],
  },
  {
    hand: "chatty, with asides",
    text: `Otter head
(You will start at the nose.)
Rnd 1: Make a magic ring, 6 sc in ring (6)
Place a marker in the first stitch and move it up each round.
Rnd 2: 2 sc in each st (12)
Rnd 3: *sc 1, inc 1* 6 times (18) – it should now cup a little
Rnd 4: sc in all 18 sts (18)
Now is a good time to put in the eyes. Insert 6 mm eyes between rounds 2 and 3, 4 stitches apart.
Rnd 5: (sc 1, dec 1) 6 times (12)
Stuff the head well.
Rnd 6: dec 6 times (6), cut the yarn and close.`,
    parts: [{ name: "Otter head", counts: [6, 12, 18, 18, 12, 6] }],
  },
  {
    hand: "no totals at all",
    text: `Egg
Rnd 1: 6 sc in magic ring
Rnd 2: inc around
Rnd 3: *sc, inc, rep from * around
Rnd 4: *2 sc, inc, rep from * around
Rnds 5-10: sc around
Rnd 11: *2 sc, dec, rep from * around
Rnd 12: *sc, dec, rep from * around
Rnd 13: dec around`,
    parts: [{ name: "Egg", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "unlabelled lines",
    text: `Cap
6 sc in magic ring (6)
inc x 6 (12)
(sc, inc) x 6 (18)
18 sc (18)
18 sc (18)`,
    parts: [{ name: "Cap", counts: [6, 12, 18, 18, 18] }],
  },
  {
    hand: "several parts in capitals, Windows line ends",
    text: "TAIL\r\nRND 1: 5 SC IN MAGIC RING (5)\r\nRND 2: INC X 5 (10)\r\n\r\nEAR (MAKE 2)\r\nRND 1: 6 SC IN MAGIC RING (6)\r\n",
    parts: [
      { name: "TAIL", counts: [5, 10] },
      { name: "EAR", make: 2, counts: [6] },
    ],
  },
  {
    hand: "a hole left open, told by its own total",
    text: `Sack
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: 18 sc (18)
Rnd 5: (dec, sc) x 6 (12)
Rnd 6: dec x 5, sc in last 2 sts (7)`,
    parts: [{ name: "Sack", counts: [6, 12, 18, 18, 12, 7] }],
  },
];
