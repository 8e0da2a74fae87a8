import type { Case } from "./case";

/** A fourth batch of new hands: six of ten were right at once. */
export const PEDLARS: readonly Case[] = [
  {
    hand: "terse, spaces for brackets, colours behind the names",
    text: `WHALE KEYRING
materials: 4-ply cotton blue + white, hook 2 mm
body blue
r1 mr6 (6)
r2 inc6 (12)
r3 (1,inc)6 (18)
r4 (2,inc)6 (24)
r5-8 24 (24)
r9 (2,dec)6 (18)
stuff
r10 (1,dec)6 (12)
r11 dec6 (6)
fins x2 blue
r1 mr5 (5)
r2 inc5 (10)
r3 10 (10)`,
    parts: [
      { name: "body", make: 1, counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "fins", make: 2, counts: [5, 10, 10] },
    ],
  },
  {
    hand: "“double” for an increase, bare repeat behind stars",
    text: `The Lamb
Head:
Rd 1: 6 sc in a magic ring = 6 sc
Rd 2: double each stitch = 12 sc
Rd 3: double every 2nd stitch = 18 sc
Rd 4: double every 3rd stitch = 24 sc
Rd 5 - 8: 1 sc in each stitch = 24 sc
Rd 9: *2 sc, dec*, repeat = 18 sc`,
    parts: [{ name: "Head", make: 1, counts: [6, 12, 18, 24, 24, 24, 24, 24, 18] }],
  },
  {
    hand: "UK, ordinals with a dash, names with apostrophes",
    text: `Pocket robin

Robin's body – brown
1st round – magic ring, 6 dc.
2nd round – 2 dc in every st (12).
3rd round – *1 dc, 2 dc in next st*, repeat all round (18).
4th to 7th rounds – 1 dc in every st (18).
8th round – *1 dc, dc2tog*, repeat all round (12).
Stuff with care.
9th round – dc2tog all round (6).

Robin's breast – red (make one)
1st round – magic ring, 6 dc.
2nd round – 2 dc in every st (12).`,
    parts: [
      { name: "Robin's body", make: 1, counts: [6, 12, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Robin's breast", make: 1, counts: [6, 12] },
    ],
  },
  {
    hand: "columns by bars without a head row",
    text: `Mini pumpkin ☆ 4 cm

R1 | MR 6 sc | 6
R2 | inc x6 | 12
R3 | (sc, inc) x6 | 18
R4 | (2sc, inc) x6 | 24
R5–7 | sc around | 24
R8 | (2sc, dec) x6 | 18
R9 | (sc, dec) x6 | 12
R10 | dec x6 | 6`,
    parts: [{ name: "Mini pumpkin ☆ 4 cm", make: 1, counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "a charm on a ring of chains",
    text: `Heart charm
Ch 3, sl st in the first ch to form a ring... 
Rnd 1: ch 2, 8 hdc in ring, join (8)
Rnd 2: ch 1, (sc, inc) x 4, join (12)`,
    parts: [{ name: "Heart charm", make: 1, counts: [8, 12] }],
  },
  {
    hand: "an oval whose ends are told by four and two",
    text: `Elf boot (make 2)
Rnd 1: Ch 6, 2 sc in 2nd ch from hook, sc 3, 4 sc in last ch, working on other side sc 3, 2 sc in same ch as first 2 (14)
Rnd 2: inc x 2, sc 3, inc x 4, sc 3, inc x 2 (22)
Rnd 3: BLO sc around (22)
Rnd 4: sc 7, dec x 4, sc 7 (18)
Rnd 5: sc 5, dec x 4, sc 5 (14)`,
    parts: [{ name: "Elf boot", make: 2, counts: [14, 22, 22, 18, 14] }],
  },
  {
    hand: "spider: numbers with stars, legs that are only chains",
    text: `Spider
Body: black
1. MR, 6 sc [6]
2. 6 inc [12]
3. *1 sc, 1 inc* ×6 [18]
4.–6. 18 sc [18]
7. *1 sc, 1 dec* ×6 [12]
8. 6 dec [6]
Legs: black, make eight
chain 16, leave tails at both ends`,
    parts: [
      { name: "Body", make: 1, counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Legs", make: 8, counts: [0], made: { ch: 16 } },
    ],
  },
  {
    hand: "a pot and a plant, UK, loops said short",
    text: `Cactus (UK crochet terms)
Pot, terracotta
Round 1: 6 dc in mr. [6]
Round 2: 2 dc in each. [12]
Round 3: (1 dc, 2 dc in next) x 6. [18]
Round 4: blo 1 dc in each. [18]
Rounds 5-6: 1 dc in each. [18]
Round 7: flo 1 dc in each. [18]
ss, fasten off.
Plant, green
Round 1: 6 dc in mr. [6]
Round 2: 2 dc in each. [12]
Rounds 3-8: 1 dc in each. [12]`,
    parts: [
      { name: "Pot", make: 1, counts: [6, 12, 18, 18, 18, 18, 18] },
      { name: "Plant", make: 1, counts: [6, 12, 12, 12, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "closing worked through both, named before the stitches",
    text: `Duck bill
Rnd 1: In MR work 8 sc (8 sts)
Rnd 2: *2 sc in first st, sc in next 3 sts; repeat from * once more (10 sts)
Rnds 3-4: sc in each st (10 sts)
Flatten. Working through both thicknesses, sc 5 across (5 sts)`,
    parts: [{ name: "Duck bill", make: 1, counts: [8, 10, 10, 10, 5] }],
  },
  {
    hand: "points grown out of a star, a start line with its colour",
    text: `Garland star
With gold, MR.
Rnd 1: 10 sc in MR, sl st to first sc. (10)
Rnd 2: *ch 4, sl st in 2nd ch from hook, sc in next ch, hdc in next ch, skip 1 st, sl st in next st* 5 times. (5 points)
Fasten off.`,
    parts: [{ name: "Garland star", make: 1, counts: [10, 5] }],
  },
];
