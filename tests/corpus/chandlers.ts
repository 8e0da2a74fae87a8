import type { Case } from "./case";

/**
 * Whole patterns by many hands, put down before they were read: letters for stitches, columns, sums in front,\n * own words for labels, colours beside the rounds. Counts by pencil.
 */
export const CHANDLERS: readonly Case[] = [
  {
    hand: "of the chandlers: little turnip by hand free to make pleas",
    text: `Little Turnip by hand – free to make, please do not copy

Abbreviations: MR magic ring / st stitch / sc / inc / dec / BLO / FO

Begin with white.
R1. 6sc in MR. [6]
R2. inc in every st. [12]
R3. (1sc, inc)*6. [18]
R4. (2sc, inc)*6. [24]
R5.-R7. 1sc in every st. [24]
Change to purple.
R8. 1sc in every st. [24]
R9. (2sc, dec)*6. [18]
R10. (1sc, dec)*6. [12]
Fill.
R11. dec*6. [6]
FO, weave the tail through the 6 sts and pull.

Leaves (x3, green)
ch 9. 1sl st in 2nd ch from hook, 1sc, 1hdc, 2dc, 1hdc, 1sc, 1sl st. [8]`,
    parts: [
      { name: "Piece", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Leaves", make: 3, counts: [8] },
    ],
  },
  {
    hand: "of the chandlers: otter on a ring",
    text: `Otter on a ring

BODY (brown yarn)
Round 1: Make a magic ring and work 6 single crochet into it. (6)
Round 2: 2 single crochet in each stitch around. (12)
Round 3: *1 single crochet in the next stitch, 2 single crochet in the following stitch*, repeat between * * 6 times. (18)
Rounds 4 – 10: 1 single crochet in each stitch around. (18)
Round 11: *1 single crochet, decrease 1*, repeat 6 times. (12)
Stuff firmly up to here.
Round 12: decrease 6 times. (6)
Cut the yarn and close the hole with the needle.

ARMS (make two in brown)
Round 1: Make a magic ring and work 5 single crochet into it. (5)
Rounds 2 – 5: 1 single crochet in each stitch around. (5)
Press flat and work 2 single crochet through both layers. Leave a tail.

TAIL (brown)
Round 1: Make a magic ring and work 4 single crochet into it. (4)
Round 2: 2 single crochet in the first stitch, 1 single crochet in the others. (5)
Round 3: 2 single crochet in the first stitch, 1 single crochet in the others. (6)
Rounds 4 – 6: 1 single crochet in each stitch around. (6)`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "ARMS", make: 2, counts: [5, 5, 5, 5, 5, 2] },
      { name: "TAIL", counts: [4, 5, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "of the chandlers: mini bee",
    text: `MINI BEE

Yellow & black, 2.0mm hook

Body:
R1 (yellow): MC, 6X
R2: 6V (12)
R3: (X, V)*6 (18)
R4 (black): 18X
R5: 18X
R6 (yellow): 18X
R7: 18X
R8 (black): 18X
R9: (X, A)*6 (12)
R10: 6A (6)
Wings *2 (white):
R1: MC, 6X
R2: (X, V)*3 (9)
R3: 9X`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [6, 9, 9] },
    ],
  },
  {
    hand: "of the chandlers: bell pepper ornament",
    text: `Bell pepper ornament

Pepper
Round 1) 8 sc in a magic loop – (8 sts)
Round 2) inc in each – (16 sts)
Round 3) 3 sc, inc, around – (20 sts)
Round 4) 4 sc, inc, around – (24 sts)
Round 5 to 11) 24 sc – (24 sts)
Round 12) 4 sc, dec, around – (20 sts)
Round 13) 3 sc, dec, around – (16 sts)
Round 14) dec around – (8 sts)
Stem in green
Round 1) 5 sc in a magic loop – (5 sts)
Round 2) in back loops, 5 sc – (5 sts)
Round 3) 5 sc – (5 sts)
Round 4) inc in each – (10 sts)
Bind off.`,
    parts: [
      { name: "Pepper", counts: [8, 16, 20, 24, 24, 24, 24, 24, 24, 24, 24, 20, 16, 8] },
      { name: "Stem", counts: [5, 5, 5, 10] },
    ],
  },
  {
    hand: "of the chandlers: gnome keyring uk terms",
    text: `Gnome keyring (UK terms)

You need: DK in red, cream, grey; 2.5 mm hook; 1 small split ring

Hat and body, worked in one piece from the tip of the hat.
With red, make a magic ring.
Rnd 1: 4 dc into ring. 4 dc.
Rnd 2: 1 dc in each dc. 4 dc.
Rnd 3: (1 dc in next dc, 2 dc in next dc) twice. 6 dc.
Rnd 4: 1 dc in each dc. 6 dc.
Rnd 5: (2 dc in next dc, 1 dc in next dc) 3 times. 9 dc.
Rnd 6: 1 dc in each dc. 9 dc.
Rnd 7: (2 dc in next dc, 1 dc in next 2 dc) 3 times. 12 dc.
Rnds 8 and 9: 1 dc in each dc. 12 dc.
Rnd 10: in front loops only, (1 dc in next dc, 2 dc in next dc) 6 times, ss to first dc, fasten off. 18 dc.
Join grey in the free back loops of rnd 9.
Rnd 11: 1 dc in each loop. 12 dc.
Rnd 12: (1 dc in next dc, 2 dc in next dc) 6 times. 18 dc.
Rnds 13-15: 1 dc in each dc. 18 dc.
Rnd 16: (1 dc in next dc, dc2tog) 6 times. 12 dc.
Stuff.
Rnd 17: (dc2tog) 6 times. 6 dc.
Nose
With cream, make a magic ring.
Rnd 1: 5 dc into ring. 5 dc.
Rnd 2: 1 dc in each dc. 5 dc.`,
    parts: [
      { name: "Gnome keyring", counts: [4, 4, 6, 6, 9, 9, 12, 12, 12, 18, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Nose", counts: [5, 5] },
    ],
  },
  {
    hand: "of the chandlers: snow hare egg cosy",
    text: `Snow hare egg cosy

HEAD: start at the nose, with white

1st round  6 sc in ring
2nd round  2 sc in each (12)
3rd round  even
4th round  *2 sc in next, 1 sc in next 2* 4 times (16)
5th round  even
6th round  *2 sc in next, 1 sc in next 3* 4 times (20)
7th-9th rounds  even
10th round  *sc2tog, sc 3* 4 times (16)
11th round  *sc2tog, sc 2* 4 times (12)
stuff
12th round  *sc2tog* 6 times (6), close

EARS: make 2
chain 8
1st row  sc in second chain from hook, hdc 2, dc 3, 6 dc in last chain; on the other side dc 3, hdc 2, sc 1 (18)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 12, 16, 16, 20, 20, 20, 20, 16, 12, 6] },
      { name: "EARS", make: 2, counts: [18] },
    ],
  },
  {
    hand: "of the chandlers: strawberry",
    text: `Strawberry

1. Runde: 6 sc in a magic ring
2. Runde: double every stitch (12 sts)
3. Runde: double every 2nd stitch (18 sts)
4. Runde: 1 sc in each stitch (18 sts)
5. Runde: double every 3rd stitch (24 sts)
6. – 8. Runde: 1 sc in each stitch (24 sts)
9. Runde: crochet every 3rd and 4th stitch together (18 sts)
10. Runde: crochet every 2nd and 3rd stitch together (12 sts)
Fill with wadding.
11. Runde: crochet always 2 stitches together (6 sts)`,
    parts: [{ name: "Strawberry", counts: [6, 12, 18, 18, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the chandlers: fox head bookmark",
    text: `FOX HEAD BOOKMARK

~ Head ~ (orange)
Row 1: ch 2, 3 sc in the 2nd ch from hook, turn (3)
Row 2: ch 1, 2 sc in first, sc, 2 sc in last, turn (5)
Row 3: ch 1, sc across, turn (5)
Row 4: ch 1, 2 sc in first, sc 3, 2 sc in last, turn (7)
Row 5: ch 1, sc across, turn (7)
Row 6: ch 1, 2 sc in first, sc 5, 2 sc in last (9)
FO.
~ Ears ~ (make 2, orange)
Row 1: ch 2, 2 sc in the 2nd ch from hook, turn (2)
Row 2: ch 1, 2 sc in each (4)
~ Tail ~
Ch 31. Sc in 2nd ch from hook and in each ch across (30). FO.`,
    parts: [
      { name: "Head", counts: [3, 5, 5, 7, 7, 9] },
      { name: "Ears", make: 2, counts: [2, 4] },
      { name: "Tail", counts: [30] },
    ],
  },
  {
    hand: "of the chandlers: whale charm",
    text: `Whale charm

BODY - Blue
rd1: MC 6 (6)
rd2: 6 inc (12)
rd3: [1 sc, 1 inc] 6x (18)
rd4: [2 sc, 1 inc] 6x (24)
rd5: [3 sc, 1 inc] 6x (30)
rd6-9: sc 30 (30)
-- switch to white --
rd10: in BLO sc 30 (30)
rd11: [3 sc, 1 dec] 6x (24)
rd12: [2 sc, 1 dec] 6x (18)
-- stuff --
rd13: [1 sc, 1 dec] 6x (12)
rd14: 6 dec (6)

FLUKES - Blue, 2 pcs
rd1: MC 4 (4)
rd2: [1 sc, 1 inc] 2x (6)
rd3: [1 sc, 1 inc] 3x (9)
rd4: sc 9 (9)
rd5: [1 sc, 1 dec] 3x (6)

FINS - Blue, 2 pcs
rd1: MC 5 (5)
rd2: sc 5 (5)
rd3: 1 inc, sc 4 (6)`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "FLUKES", make: 2, counts: [4, 6, 9, 9, 6] },
      { name: "FINS", make: 2, counts: [5, 5, 6] },
    ],
  },
  {
    hand: "of the chandlers: teacup pincushion",
    text: `Teacup pincushion

Cup
R1 6 sc mr
R2 12 inc each
R3 18 sc inc
R4 24 sc sc inc
R5 blo 24
R6 24
R7 30 3sc inc
R8-R10 30
R11 sl st 30
Handle
ch 13, sl st in 2nd and each across (12)`,
    parts: [
      { name: "Cup", counts: [6, 12, 18, 24, 24, 24, 30, 30, 30, 30, 30] },
      { name: "Handle", counts: [12] },
    ],
  },
  {
    hand: "of the chandlers: cactus in a pot",
    text: `Cactus in a pot

POT (terracotta)
Round 1: Starting with a magic circle, sc 6.
Round 2: 2sc in each st. – 12
Round 3: [1sc, 2sc in next] x6 – 18
Round 4: [2sc, 2sc in next] x6 – 24
Round 5: BLO. 1sc in each st – 24
Rounds 6–9: 1sc in each st – 24
Round 10: FLO. 1sc in each st – 24
Fasten off, hide the end.

CACTUS (green)
Chain 13
Row 1: 1sc in 2nd ch from hook, 1sc in each ch, turn – 12
Row 2: Ch 1, BLO 1sc in each st, turn – 12
Rows 3–20: repeat row 2 – 12
Fasten off leaving a long tail. Sew row 1 to row 20, gather the top.`,
    parts: [
      { name: "POT", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24] },
      {
        name: "CACTUS",
        counts: [12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12],
      },
    ],
  },
  {
    hand: "of the chandlers: octopus small",
    text: `Octopus, small

Head
1   mc6
2   inc6           12
3   1, inc  (6x)   18
4   2, inc  (6x)   24
5–9   24
10  2, dec  (6x)   18
11  1, dec  (6x)   12
12  dec6           6

Arms, 8 x
ch 16, 2 sc in 2nd ch, 2 sc in each ch to the end (30)`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Arms", make: 8, counts: [30] },
    ],
  },
  {
    hand: "of the chandlers: mini hot air balloon",
    text: `Mini hot-air balloon

~Balloon~
rnd 1. 6 sc in mr (6)
rnd 2. inc x6 (12)
rnd 3. (sc, inc) x6 (18)
rnd 4. (sc, inc, sc) x6 (24)
rnd 5. (3 sc, inc) x6 (30)
rnd 6-10. sc x30 (30)
rnd 11. (3 sc, dec) x6 (24)
rnd 12. sc x24 (24)
rnd 13. (2 sc, dec) x6 (18)
rnd 14. sc x18 (18)
rnd 15. (1 sc, dec) x6 (12)
~Basket~
rnd 1. 6 sc in mr (6)
rnd 2. inc x6 (12)
rnd 3. blo sc x12 (12)
rnd 4-5. sc x12 (12)
rnd 6. sl st x12 (12)
~Ropes~ cut four 12 cm lengths of yarn.`,
    parts: [
      { name: "Balloon", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 24, 18, 18, 12] },
      { name: "Basket", counts: [6, 12, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "of the chandlers: nightlight ghost",
    text: `Nightlight ghost

Start at the top of the head:
Rnd 1: 6sc in MR - 6
Rnd 2: (2sc in next) six times - 12
Rnd 3: (sc in next, 2sc in next) six times - 18
Rnd 4: (sc in next 2, 2sc in next) six times - 24
Rnd 5 - 12: sc around - 24
Rnd 13: (sc in next 3, 2sc in next) six times - 30
Rnd 14: sc around - 30
Rnd 15: *sl st in next, skip 1, 5dc in next, skip 1, sl st in next* to end - 6 shells
Arms x2
Rnd 1: 5sc in MR - 5
Rnd 2 - 4: sc around - 5`,
    parts: [
      { name: "Nightlight ghost", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24, 30, 30, 42] },
      { name: "Arms", make: 2, counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the chandlers: trex 6 cm",
    text: `TREX, 6 cm
HEAD
1 - 6 mr (6)
2 - 6 inc (12)
3 - 1 sc + inc x6 (18)
4 - 2 sc + inc x6 (24)
5 to 8 - 24 sc (24)
9 - 2 sc + dec x6 (18)
10 - 1 sc + dec x6 (12)
11 - 6 dec (6)
BODY
1 - 6 mr (6)
2 - 6 inc (12)
3 - 1 sc + inc x6 (18)
4 to 6 - 18 sc (18)
7 - 1 sc + dec, 15 sc (17)
8 - 17 sc (17)
9 - dec, 15 sc (16)
10 - 6 dec, 4 sc (10)
LEGS x 2
1 - 6 mr (6)
2 - 6 inc (12)
3 to 4 - 12 sc (12)
5 - 2 dec, 8 sc (10)
ARMS x 2
1 - 4 mr (4)
2 to 3 - 4 sc (4)
TAIL
1 - 4 mr (4)
2 - 4 sc (4)
3 - 2 inc, 2 sc (6)
4 - 6 sc (6)
5 - 2 inc, 4 sc (8)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "BODY", counts: [6, 12, 18, 18, 18, 18, 17, 17, 16, 10] },
      { name: "LEGS", make: 2, counts: [6, 12, 12, 12, 10] },
      { name: "ARMS", make: 2, counts: [4, 4, 4] },
      { name: "TAIL", counts: [4, 4, 6, 6, 8] },
    ],
  },
  {
    hand: "of the chandlers: acorn",
    text: `Acorn

Cap (dark brown)
Foundation: magic ring with 6 sc.
Rd 1: 2 sc in each (12)
Rd 2: *sc, 2 sc in next* rep (18)
Rd 3: *sc 2, 2 sc in next* rep (24)
Rd 4: sc around (24)
Rd 5: sc around in back loop (24)
Nut (light brown)
Foundation: magic ring with 5 sc.
Rd 1: 2 sc in each (10)
Rd 2: *sc, 2 sc in next* rep (15)
Rd 3: *sc 2, 2 sc in next* rep (20)
Rd 4: sc around (20)
Rd 5: *sc 4, 2 sc in next* rep (24)
Rd 6-7: sc around (24)
Rd 8: *sc 4, sc2tog* rep (20)`,
    parts: [
      { name: "Cap", counts: [6, 12, 18, 24, 24, 24] },
      { name: "Nut", counts: [5, 10, 15, 20, 20, 24, 24, 24, 20] },
    ],
  },
  {
    hand: "of the chandlers: toast with butter",
    text: `Toast with butter

Bread – 2 panels, cream
Ch 11
R1. sc in 2nd ch from hook, sc 9 (10 sc)
R2-R9. ch 1, turn, sc 10 (10 sc)
R10. ch 1, turn, inc, sc 8, inc (12 sc)
R11. ch 1, turn, sc 12 (12 sc)
R12. ch 1, turn, dec, sc 8, dec (10 sc)
Fasten off the first; do not cut the second.

Butter – yellow
Ch 5
R1. sc in 2nd ch from hook, sc 3 (4 sc)
R2-R4. ch 1, turn, sc 4 (4 sc)`,
    parts: [
      { name: "Bread", make: 2, counts: [10, 10, 10, 10, 10, 10, 10, 10, 10, 12, 12, 10] },
      { name: "Butter", counts: [4, 4, 4, 4] },
    ],
  },
  {
    hand: "of the chandlers: lighthouse 30 rounds 7 cm",
    text: `Lighthouse (30 rounds, 7 cm)

White: rnd 1: 6 sc in mr; rnd 2: 6 inc (12); rnd 3: 1 sc, inc x 6 (18); rnd 4: 2 sc, inc x 6 (24)
rnd 5: blo 24 sc (24)
Red: rnds 6–8: 24 sc (24)
White: rnd 9: 6 sc, dec x 3 (21); rnds 10–11: 21 sc (21)
Red: rnds 12–14: 21 sc (21)
White: rnd 15: 5 sc, dec x 3 (18); rnds 16–17: 18 sc (18)
Grey: rnd 18: flo 2 sc, inc x 6 (24)
rnd 19: 24 sl st (24)`,
    parts: [
      {
        name: "Lighthouse",
        counts: [6, 12, 18, 24, 24, 24, 24, 24, 21, 21, 21, 21, 21, 21, 18, 18, 18, 24, 24],
      },
    ],
  },
  {
    hand: "of the chandlers: ladybird brooch",
    text: `Ladybird brooch

TOP: Red
6 sc in MR. (6)
Inc in each st around. (12)
*Sc, inc* around. (18)
*2 Sc, inc* around. (24)
Sc around. (24)
Sc around. (24)
FO.

UNDERSIDE: Black
6 sc in MR. (6)
Inc in each st around. (12)
*Sc, inc* around. (18)
*2 Sc, inc* around. (24)
FO.

HEAD: Black
5 sc in MR. (5)
Inc in each st around. (10)
Sc around. (10)
Sc around. (10)
FO, sew on.`,
    parts: [
      { name: "TOP", counts: [6, 12, 18, 24, 24, 24] },
      { name: "UNDERSIDE", counts: [6, 12, 18, 24] },
      { name: "HEAD", counts: [5, 10, 10, 10] },
    ],
  },
  {
    hand: "of the chandlers: pumpkin",
    text: `Pumpkin

Using orange and a 2.5 hook
Rnd 1: 8 SC into adjustable ring {8}
Rnd 2: 2 SC into each stitch {16}
Rnd 3: {1 SC, 2 SC into next} 8 times {24}
Rnd 4: {2 SC, 2 SC into next} 8 times {32}
Rnds 5–10: 1 SC into each stitch {32}
Rnd 11: {2 SC, SC2TOG} 8 times {24}
Rnd 12: {1 SC, SC2TOG} 8 times {16}
Stuff well.
Rnd 13: {SC2TOG} 8 times {8}
Draw the yarn from bottom to top 8 times for the ribs.
Stalk: with green
Rnd 1: 6 SC into adjustable ring {6}
Rnds 2–4: 1 SC into each stitch {6}
Rnd 5: 2 SC into each stitch {12}
Curl: chain 15, 2 SC into second chain from hook and every chain {28}`,
    parts: [
      { name: "and a 2.5 hook", counts: [8, 16, 24, 32, 32, 32, 32, 32, 32, 32, 24, 16, 8] },
      { name: "Stalk", counts: [6, 6, 6, 6, 12] },
      { name: "Curl", counts: [28] },
    ],
  },
  {
    hand: "of the chandlers: mushroom lamp pull",
    text: `Mushroom lamp pull

CAP
rnd 1 : sc 6 in a ring = 6
rnd 2 : sc 2 in each = 12
rnd 3 : (sc 1, sc 2 in next) x6 = 18
rnd 4 : (sc 2, sc 2 in next) x6 = 24
rnd 5 : (sc 3, sc 2 in next) x6 = 30
rnd 6/7/8 : sc 30
rnd 9 : (sc 3, sc2tog) x6 = 24
rnd 10 : BLO (sc 2, sc2tog) x6 = 18
rnd 11 : (sc 1, sc2tog) x6 = 12
STALK, continued on from the cap
rnd 12–18 : sc 12
rnd 19 : sc 2 in each = 24
rnd 20 : BLO sc2tog x12 = 12
rnd 21 : sc2tog x6 = 6`,
    parts: [
      {
        name: "CAP",
        counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12, 12, 12, 12, 12, 12, 12, 12, 24, 12, 6],
      },
    ],
  },
  {
    hand: "of the chandlers: seal pup",
    text: `Seal pup

Body in grey, begin at nose
Rd 1: 6 sc in mr
Rd 2: sc 1, inc 1 repeat 3x (9)
Rd 3: sc 2, inc 1 repeat 3x (12)
Rd 4: inc 1, sc 5 repeat 2x (14)
Rd 5: sc 14
Rd 6: inc 1, sc 6 repeat 2x (16)
Rd 7-12: sc 16 around
Rd 13: dec 1, sc 6 repeat 2x (14)
Rd 14: dec 1, sc 5 repeat 2x (12)
stuff, more at the chest
Rd 15: dec 1, sc 4 repeat 2x (10)
Rd 16: dec 1, sc 3 repeat 2x (8)
flatten, sc the last round together: sc 4 (4)
Front flipper: make 2
Rd 1: 4 sc in mr
Rd 2: inc 1, sc 1 repeat 2x (6)
Rd 3-5: sc 6 around`,
    parts: [
      { name: "Body", counts: [6, 9, 12, 14, 14, 16, 16, 16, 16, 16, 16, 16, 14, 12, 10, 8, 4] },
      { name: "Front flipper", make: 2, counts: [4, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "of the chandlers: robin",
    text: `Robin

Worked in spirals; move the marker up.

BODY: brown
Rnd 1 — 6 sc into magic ring
Rnd 2 — 2 sc into each sc — 12 sc
Rnd 3 — *1 sc into next sc, 2 sc into next sc; rep from * to end — 18 sc
Rnd 4 — *1 sc into each of next 2 sc, 2 sc into next sc; rep from * to end — 24 sc
Rnd 5 — 9 sc, change to red, 6 sc, change to brown, 9 sc
Rnds 6–9 — as rnd 5
Rnd 10 — *1 sc into each of next 2 sc, sc2tog; rep from * to end — 18 sc
Rnd 11 — *1 sc into next sc, sc2tog; rep from * to end — 12 sc
Stuff.
Rnd 12 — sc2tog 6 times — 6 sc

WING (make 2): brown
Rnd 1 — 5 sc into magic ring
Rnd 2 — 2 sc into each sc — 10 sc
Fold in half and work 5 sc through both sides.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "WING", make: 2, counts: [5, 10, 5] },
    ],
  },
  {
    hand: "of the chandlers: pocket puffin keychain",
    text: `POCKET PUFFIN KEYCHAIN
Designed for our market stall. You may sell what you make; please don't sell the pattern.

Size: about 6 cm tall with sport weight yarn
What you need:
• Yarn in black, white, orange and a bit of yellow
• Crochet hook 2.25 mm
• 2 safety eyes, 5 mm
• Fiberfill, tapestry needle, stitch marker
• Keyring with chain

Abbreviations (US)
MR = magic ring
sc = single crochet
inc = 2 sc in same stitch
dec = invisible decrease
sl st = slip stitch
FO = fasten off
(...) x6 = repeat 6 times
[18] = number of stitches at end of round

HEAD AND BODY
Starting with black yarn.
R1: 6 sc in MR [6]
R2: inc x6 [12]
R3: (sc, inc) x6 [18]
R4: (2 sc, inc) x6 [24]
From now on we work with two colors. Carry the yarn you don't use inside.
R5: 8 sc black, 8 sc white, 8 sc black [24]
R6: 7 sc black, 10 sc white, 7 sc black [24]
R7: 7 sc black, 10 sc white, 7 sc black [24]
Place the eyes between R5 and R6, with 6 stitches between them. They should sit on the white part.
R8: 8 sc black, 8 sc white, 8 sc black [24]
R9: (2 sc, dec) x6 in black [18]
Start stuffing.
R10: (2 sc, inc) x6 [24]
R11-R15: 7 sc black, 10 sc white, 7 sc black [24]
R16: in black: (2 sc, dec) x6 [18]
R17: (sc, dec) x6 [12]
Stuff the body firmly.
R18: dec x6 [6]
FO and close the hole with your needle.

BEAK
Orange yarn.
R1: 4 sc in MR [4]
R2: (sc, inc) x2 [6]
R3: sc in each st [6]
R4: (sc, inc) x3 [9]
FO leaving a tail for sewing. No stuffing needed.

WING (make 2)
Black yarn.
R1: 5 sc in MR [5]
R2: inc x5 [10]
R3-R6: sc in each st [10]
R7: dec x5 [5]
Flatten. Do not stuff. FO leaving a tail for sewing.

FOOT (make 2)
Orange yarn. Ch 4.
Row 1: from 2nd ch from hook: 3 sc, turn [3]
Row 2: ch 1, inc, sc, inc [5]
FO.

ASSEMBLY
Sew the beak to the head between R5 and R7. Sew the wings at R11 on either side. Sew the feet to the bottom.`,
    parts: [
      {
        name: "HEAD AND BODY",
        counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6],
      },
      { name: "BEAK", counts: [4, 6, 6, 9] },
      { name: "WING", make: 2, counts: [5, 10, 10, 10, 10, 10, 5] },
      { name: "FOOT", make: 2, counts: [3, 5] },
    ],
  },
  {
    hand: "of the chandlers: baby dino",
    text: `Baby Dino

Note: this pattern is worked in a continuous spiral unless it says otherwise.

Legs
Make 2. Do not fasten off the second one.
Rnd 1. Sc 6 in a magic ring. (6)
Rnd 2. Inc in every st. (12)
Rnd 3. BLO Sc around. (12)
Rnd 4. Sc around. (12)

Body
Continue with the second leg.
Rnd 5. Ch 3, join to the first leg with sc, sc 11 around first leg, sc 3 along the chain, sc 12 around second leg, sc 3 along the other side of the chain. (30)
Rnds 6-10. Sc around. (30)
Rnd 11. (Sc 3, dec) around. (24)
Rnd 12. (Sc 2, dec) around. (18)
Rnd 13. Sc around. (18)
Rnd 14. (Sc 1, dec) around. (12)
Stuff.
Rnd 15. Dec around. (6)

Tail
Rnd 1. Sc 4 in a magic ring. (4)
Rnd 2. Inc, sc 3. (5)
Rnd 3. Inc, sc 4. (6)
Rnd 4. Inc, sc 5. (7)
Rnd 5. Inc, sc 6. (8)`,
    parts: [
      { name: "Legs", make: 2, counts: [6, 12, 12, 12] },
      { name: "Body", counts: [30, 30, 30, 30, 30, 30, 24, 18, 18, 12, 6] },
      { name: "Tail", counts: [4, 5, 6, 7, 8] },
    ],
  },
  {
    hand: "of the chandlers: star anise coaster set charm",
    text: `STAR ANISE COASTER SET charm

Center
Rnd 1: ch 2, 8 sc in second ch from hook. Join with sl st. (8)
Rnd 2: ch 1, 2 sc in each st around. Join. (16)

Points (work 8 times around)
Row 1: sc 2, turn. (2)
Row 2: ch 1, sc2tog. (1)
Sl st down the side to the center, continue with the next point.`,
    parts: [
      { name: "Center", counts: [8, 16] },
      { name: "Points", make: 8, counts: [2, 1] },
    ],
  },
  {
    hand: "of the chandlers: bunny head key fob uk terms throughout",
    text: `Bunny head key fob - UK terms throughout

Head. In cream.
1: mr, 6dc. (6)
2: 2dc in each. (12)
3: [1dc, 2dc in next] x6. (18)
4: [2dc, 2dc in next] x6. (24)
5-8: dc. (24)
9: [2dc, dc2tog] x6. (18)
10: [1dc, dc2tog] x6. (12)
Stuff, add eyes at round 6.
11: dc2tog x6. (6)
Ears. In cream, two.
1: mr, 5dc. (5)
2: 2dc in each. (10)
3-8: dc. (10)
9: dc2tog x5. (5)
Flatten, dc both edges together with 2dc.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [5, 10, 10, 10, 10, 10, 10, 10, 5, 2] },
    ],
  },
  {
    hand: "of the chandlers: koala clip on",
    text: `Koala Clip-on

HEAD
Row 1: 6 sc in magic loop
Row 2: inc in every st = 12
Row 3: *inc in 1st st, sc in next st*, rep = 18
Row 4: *inc in 1st st, sc in next 2 sts*, rep = 24
Row 5: *inc in 1st st, sc in next 3 sts*, rep = 30
Row 6-10: sc in every st = 30
Row 11: *dec over next 2 sts, sc in next 3 sts*, rep = 24
Row 12: *dec over next 2 sts, sc in next 2 sts*, rep = 18
Row 13: *dec over next 2 sts, sc in next st*, rep = 12
Stuff!
Row 14: dec over every 2 sts = 6

NOSE (black)
Row 1: ch 4, sc in 2nd ch from hook, sc in next, 3 sc in last, continue on other side, sc in next, 2 sc in last = 8
Row 2: sc in every st = 8

EAR ×2
Row 1: 6 sc in magic loop
Row 2: inc in every st = 12
Row 3: sc in every st = 12
Fold, sew on.`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "NOSE", counts: [8, 8] },
      { name: "EAR", make: 2, counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the chandlers: apple written by me for the spring marke",
    text: `Apple - written by me for the spring market

Colour Red, 3 mm hook
1 - MR 6
2 - 6 inc - 12
3 - 1 sc 1 inc x 6 - 18
4 - 2 sc 1 inc x 6 - 24
5 - 3 sc 1 inc x 6 - 30
6 to 10 - 30 sc
11 - 3 sc 1 dec x 6 - 24
12 - 2 sc 1 dec x 6 - 18
13 - 1 sc 1 dec x 6 - 12
Stuff
14 - 6 dec - 6
Thread the tail through the middle to the top and pull to shape the apple.
Colour Brown: stalk
Ch 6, sl st back along - 5
Colour Green: leaf
Ch 7, sl st, sc, hdc, hdc, sc, sl st - 6`,
    parts: [
      { name: "Apple", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "stalk", counts: [5] },
      { name: "leaf", counts: [6] },
    ],
  },
  {
    hand: "of the chandlers: sleepy moon ornament",
    text: `Sleepy Moon ornament

~ Make 2 crescents ~
Ch 25.
R1: sc in 2nd ch from hook and next 3, hdc in next 4, dc in next 8, hdc in next 4, sc in last 4. Turn. (24 sts)
R2: Ch 1, sc in first 6, (inc, sc 2) x4, sc in last 6. (28 sts)
Fasten off first crescent, keep yarn on second.
Hold together and sc through both along R2, stuffing as you go. (28 sts)`,
    parts: [{ name: "crescents", make: 2, counts: [24, 28, 28] }],
  },
  {
    hand: "of the chandlers: elephant palm sized",
    text: `Elephant, palm sized

HEAD (gray)
Begin at the trunk.
Rnd 1) Magic ring 6 sts
Rnd 2) BLO 1 sc in each (6)
Rnd 3 - 9) 1 sc in each (6)
Rnd 10) [inc, 1 sc] 3 times (9)
Rnd 11) [inc, 2 sc] 3 times (12)
Rnd 12) [inc, 1 sc] 6 times (18)
Rnd 13) [inc, 2 sc] 6 times (24)
Rnd 14 - 17) 1 sc in each (24)
Rnd 18) [dec, 2 sc] 6 times (18)
Rnd 19) [dec, 1 sc] 6 times (12)
Rnd 20) dec 6 times (6)
EARS (gray, make 2)
Rnd 1) Magic ring 6 sts
Rnd 2) inc in each (12)
Rnd 3) [inc, 1 sc] 6 times (18)
Fold in half and whip stitch to the head.
FEET (gray, make 4)
Rnd 1) Magic ring 6 sts
Rnd 2) [inc, 1 sc] 3 times (9)
Rnd 3) BLO 1 sc in each (9)
Rnd 4) 1 sc in each (9)`,
    parts: [
      { name: "HEAD", counts: [6, 6, 6, 6, 6, 6, 6, 6, 6, 9, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "EARS", make: 2, counts: [6, 12, 18] },
      { name: "FEET", make: 4, counts: [6, 9, 9, 9] },
    ],
  },
  {
    hand: "of the chandlers: chili pepper",
    text: `Chili pepper

with red
rd 1: mr4 (4)
rd 2: 1,+ x2 (6)
rd 3-4: 6
rd 5: 2,+ x2 (8)
rd 6-8: 8
rd 9: 3,+ x2 (10)
rd 10-12: 10
rd 13: 3,- x2 (8)
with green
rd 14: blo 2,- x2 (6)
rd 15: - x3 (3)
+ = increase, - = decrease, plain numbers = sc`,
    parts: [{ name: "Chili pepper", counts: [4, 6, 6, 6, 8, 8, 8, 8, 10, 10, 10, 10, 8, 6, 3] }],
  },
  {
    hand: "of the chandlers: mini cupcake",
    text: `Mini cupcake

Case (pink)
Rnd 1: 6 sc into ring (6)
Rnd 2: (2 sc in each st) to end (12)
Rnd 3: (1 sc in next st, 2 sc in next st) to end (18)
Rnd 4: sc blo to end (18)
Rnds 5-7: (fpdc, bpdc) to end (18)
Fasten off.

Icing (white)
Rnd 1: 6 sc into ring (6)
Rnd 2: (2 sc in each st) to end (12)
Rnd 3: (1 sc in next st, 2 sc in next st) to end (18)
Rnd 4: (2 sc in next 2 sts, 2 sc in next st) to end (36)
Rnd 5: sc to end (36)
Fasten off.
Cherry (red)
Rnd 1: 6 sc into ring (6)
Rnd 2: (2 sc in each st) to end (12)
Rnd 3: sc to end (12)
Rnd 4: (sc2tog) to end (6)`,
    parts: [
      { name: "Case", counts: [6, 12, 18, 18, 18, 18, 18] },
      { name: "Icing", counts: [6, 12, 18, 36, 36] },
      { name: "Cherry", counts: [6, 12, 12, 6] },
    ],
  },
  {
    hand: "of the chandlers: rainbow bauble one colour per round grou",
    text: `RAINBOW BAUBLE: one colour per round group

Red     R1  MR 8
        R2  INC 16
Orange  R3  1SC INC 24
        R4  24
Yellow  R5  24
        R6  24
Green   R7  24
Blue    R8  1SC DEC 16
Violet  R9  DEC 8`,
    parts: [{ name: "RAINBOW BAUBLE", counts: [8, 16, 24, 24, 24, 24, 24, 16, 8] }],
  },
  {
    hand: "of the chandlers: penny the pig",
    text: `Penny the Pig

The Head
Make a loop with pink. Chain 1 and work six single crochet into the loop. Pull tight. (6)
Next round: work two single crochet into each stitch. (12)
Next round: *single crochet in the next stitch, two single crochet in the one after*; repeat to the end. (18)
Next round: *single crochet in the next two stitches, two single crochet in the one after*; repeat to the end. (24)
Next 4 rounds: single crochet in each stitch. (24)
Next round: *single crochet in the next two stitches, decrease*; repeat to the end. (18)
Next round: *single crochet in the next stitch, decrease*; repeat to the end. (12)
Stuff.
Next round: decrease to the end. (6)

The Snout
Make a loop with pink. Chain 1 and work eight single crochet into the loop. Pull tight. (8)
Next round: single crochet in the back loop of each stitch. (8)
Next round: single crochet in each stitch. (8)`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Snout", counts: [8, 8, 8] },
    ],
  },
  {
    hand: "of the chandlers: narwhal no 4",
    text: `Narwhal no. 4

body. gray blue. start at tail.
r1. 5sc mr. 5
r2. 1sc in each. 5
r3. 1inc, 4sc. 6
r4. 2sc, 1inc, x2. 8
r5. 3sc, 1inc, x2. 10
r6. 4sc, 1inc, x2. 12
r7. 1sc, 1inc, x6. 18
r8. 2sc, 1inc, x6. 24
r9-12. 1sc in each. 24
r13. 2sc, 1dec, x6. 18
r14. 1sc, 1dec, x6. 12
stuff.
r15. 6dec. 6
fins. gray blue. x2.
r1. 4sc mr. 4
r2. 1inc, 1sc, x2. 6
r3. 1sc in each. 6
horn. cream.
r1. 3sc mr. 3
r2. 1sc in each. 3
r3. 1inc, 2sc. 4
r4. 1sc in each. 4`,
    parts: [
      { name: "body", counts: [5, 5, 6, 8, 10, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "fins", make: 2, counts: [4, 6, 6] },
      { name: "horn", counts: [3, 3, 4, 4] },
    ],
  },
  {
    hand: "of the chandlers: campfire marshmallow",
    text: `Campfire marshmallow

White, hook C
Base
1st: 6 sc in ring.
2nd: 2 sc in each sc. 12 sc
3rd: (1 sc in next sc, 2 sc in next sc) rep around. 18 sc
4th: working in back loops only, 1 sc in each sc. 18 sc
5th to 9th: 1 sc in each sc. 18 sc
10th: working in back loops only, (1 sc in next sc, dec over next 2 sc) rep around. 12 sc
Stuff.
11th: (dec over next 2 sc) rep around. 6 sc`,
    parts: [{ name: "Base", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "of the chandlers: bat buddy",
    text: `Bat buddy
Parts: head+body 1x, wings 2x, ears 2x

[ head+body ] dark grey
01 | 6 SC in MR | 6
02 | 6 INC | 12
03 | (1 SC, 1 INC) × 6 | 18
04–07 | 18 SC | 18
08 | (1 SC, 1 DEC) × 6 | 12
09 | 12 SC | 12
10 | (1 SC, 1 INC) × 6 | 18
11–13 | 18 SC | 18
14 | (1 SC, 1 DEC) × 6 | 12
15 | 6 DEC | 6

[ wings ] black
01 | CH 7, SC in 2nd CH, SC 5 | 6
02 | CH 1, turn, SC 6 | 6
03 | CH 1, turn, SC 4, leave 2 | 4
04 | CH 1, turn, SC 4 | 4
05 | CH 1, turn, SC 2 | 2

[ ears ] dark grey
01 | 4 SC in MR | 4
02 | (1 SC, 1 INC) × 2 | 6`,
    parts: [
      { name: "head+body", counts: [6, 12, 18, 18, 18, 18, 18, 12, 12, 18, 18, 18, 18, 12, 6] },
      { name: "wings", make: 2, counts: [6, 6, 4, 4, 2] },
      { name: "ears", make: 2, counts: [4, 6] },
    ],
  },
  {
    hand: "of the chandlers: ollie octopus mini no sew",
    text: `Ollie Octopus (mini) **no sew**

**Head (start at top)**
*Rnd 1:* 6 sc in MR (6)
*Rnd 2:* inc in each (12)
*Rnd 3:* (1 sc, inc) x 6 (18)
*Rnds 4-7:* sc in each (18)
*Rnd 8:* (1 sc, dec) x 6 (12)
*Rnd 9:* in FLO: (ch 10, 2 sc in 2nd ch from hook and in each ch, sl st in next 2 sts) x 6 (6 tentacles)
*Rnd 10:* in BLO of Rnd 8: dec x 6 (6)`,
    parts: [{ name: "Head", counts: [6, 12, 18, 18, 18, 18, 18, 12, 12, 6] }],
  },
  {
    hand: "of the chandlers: little boat",
    text: `Little Boat

HULL — Row 1: With navy, ch 15, sc in second ch from hook and in each of next 12 ch, 3 sc in last ch; working along opposite side of foundation ch, sc in each of next 12 ch, 2 sc in last ch. (30 sc)
Do not join; place marker.
Row 2: (Sc in each of next 13 sts, 2 sc in each of next 2 sts) twice. (34)
Row 3: Sc in back loop of each st around. (34)
Rows 4-6: Sc in each st around. (34)
Fasten off.
SAIL — Row 1: With white, ch 2, sc in second ch from hook. Turn. (1)
Row 2: Ch 1, 2 sc in st. Turn. (2)
Row 3: Ch 1, 2 sc in first st, sc in last st. Turn. (3)
Row 4: Ch 1, 2 sc in first st, sc in each st to end. Turn. (4)
Rows 5-8: Repeat Row 4. (5-6-7-8)`,
    parts: [
      { name: "HULL", counts: [30, 34, 34, 34, 34, 34] },
      { name: "SAIL", counts: [1, 2, 3, 4, 5, 6, 7, 8] },
    ],
  },
  {
    hand: "of the chandlers: harbour seal page 1 of 2",
    text: `Harbour Seal                                             page 1 of 2

You'll need light grey sport yarn, a 2.25mm hook, two 5mm eyes.

Body (begin at the nose)

Rnd 1: Start 6 sc in a magic ring. (6)
Rnd 2: 2 sc in the first st, 1 sc in each of the next two sts, 2 sc in the
next st, 1 sc in each of the last two sts. (8)
Rnd 3: 2 sc in the first st, 1 sc in each of the next three sts, 2 sc in
the next st, 1 sc in each of the last three sts. (10)
Rnd 4: Increase in every other stitch, ending with a single crochet in the
last stitch. (15)
Rnds 5-7: Work even. (15)
Rnd 8: (Sc 4, inc) three times. (18)
Rnds 9-14: Work even. (18)

Harbour Seal                                             page 2 of 2

Rnd 15: (Sc 4, dec) three times. (15)
Rnd 16: (Sc 3, dec) three times. (12)
Stuff the seal.
Rnd 17: (Sc 2, dec) three times. (9)
Rnd 18: (Sc 1, dec) three times. (6)
Press the end flat and sc through both sides three times. (3)

Flippers (4 pieces)
Rnd 1: Start 4 sc in a magic ring. (4)
Rnd 2: 2 sc in the first st, 1 sc in each of the other three sts. (5)
Rnds 3-4: Work even. (5)`,
    parts: [
      { name: "Body", counts: [6, 8, 10, 15, 15, 15, 15, 18, 18, 18, 18, 18, 18, 18, 15, 12, 9, 6, 3] },
      { name: "Flippers", make: 4, counts: [4, 5, 5, 5] },
    ],
  },
  {
    hand: "of the chandlers: tiny carrot 3",
    text: `tiny carrot <3

orange:
r1 - 4 sc in mr (4 sts)
r2 - sc in each st (4 sts)
r3 - [inc, sc] x2 (6 sts)
r4 - sc in each st (6 sts)
r5 - [inc, sc 2] x2 (8 sts)
r6 & r7 - sc in each st (8 sts)
r8 - [inc, sc 3] x2 (10 sts)
r9 thru r12 - sc in each st (10 sts)
r13 - dec x5 (5 sts)
fasten off, stuff before closing!!

green:
chain 8, sl st into 2nd chain & each chain down (7 sts), then chain 10, sl st into 2nd chain & each chain down (9 sts), then chain 8, sl st into 2nd chain & each chain down (7 sts). fasten off :)`,
    parts: [
      { name: "orange", counts: [4, 4, 6, 6, 8, 8, 8, 10, 10, 10, 10, 10, 5] },
      { name: "Part 2", counts: [7] },
    ],
  },
  {
    hand: "of the chandlers: mouse with scarf",
    text: `Mouse with Scarf

MC grey, CC red

Head & body - worked in one piece - MC
Rnd 1  6 sc in MR  <6>
Rnd 2  sc, inc; rep 2 more times  <9>
Rnd 3  sc 2, inc; rep 2 more times  <12>
Rnd 4  sc 3, inc; rep 2 more times  <15>
Rnd 5  sc 4, inc; rep 2 more times  <18>
Rnd 6-8  sc 18  <18>
Rnd 9  sc, dec; rep 5 more times  <12>
Rnd 10  sc, inc; rep 5 more times  <18>
Rnd 11  sc 2, inc; rep 5 more times  <24>
Rnd 12-16  sc 24  <24>
Rnd 17  sc 2, dec; rep 5 more times  <18>
Rnd 18  sc, dec; rep 5 more times  <12>
Rnd 19  dec 6  <6>

Ears (2) - MC
Rnd 1  6 sc in MR  <6>
Rnd 2  inc 6  <12>

Scarf - CC
Ch 45, hdc in 3rd ch from hook, hdc 42  <43>

Tail - MC
Ch 20, sl st 19  <19>`,
    parts: [
      {
        name: "Head & body",
        counts: [6, 9, 12, 15, 18, 18, 18, 18, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6],
      },
      { name: "Ears", make: 2, counts: [6, 12] },
      { name: "Scarf", counts: [43] },
      { name: "Tail", counts: [19] },
    ],
  },
  {
    hand: "of the chandlers: robin s egg nest",
    text: `Robin's egg nest

NEST
Row 1: Using brown chunky yarn ch 2. Make 7 sc in second chain from hook. (7 stitches)
Row 2: Make 2 sc in each stitch. (14 stitches)
Row 3: Make 1 sc in the first stitch and 2 sc in the second. Do this all the way around. (21 stitches)
Row 4: Make 1 sc in each of the first two stitches and 2 sc in the third. Do this all the way around. (28 stitches)
Row 5: In the back loops, make 1 sc in each stitch. (28 stitches)
Rows 6, 7 and 8: Make 1 sc in each stitch. (28 stitches)
Slip stitch and cut the yarn.

EGGS (make 3)
Row 1: Using blue yarn ch 2. Make 5 sc in second chain from hook. (5 stitches)
Row 2: Make 2 sc in each stitch. (10 stitches)
Rows 3, 4 and 5: Make 1 sc in each stitch. (10 stitches)
Stuff.
Row 6: Single crochet two together all the way around. (5 stitches)`,
    parts: [
      { name: "NEST", counts: [7, 14, 21, 28, 28, 28, 28, 28] },
      { name: "EGGS", make: 3, counts: [5, 10, 10, 10, 10, 5] },
    ],
  },
  {
    hand: "of the chandlers: fir tree decoration",
    text: `Fir tree decoration

Tier 1 (top):
R1 6sc in mr
R2 (2sc, inc)*2 - 8
R3 (3sc, inc)*2 - 10
R4 (4sc, inc)*2 - 12
R5 flo (sc, inc)*6 - 18, ss, cut.
Tier 2: join in the back loops of tier 1's R4.
R6 12sc - 12
R7 (sc, inc)*6 - 18
R8 18sc - 18
R9 flo (2sc, inc)*6 - 24, ss, cut.
Tier 3: join in the back loops of R8.
R10 18sc - 18
R11 (2sc, inc)*6 - 24
R12-13 24sc - 24
R14 blo (2sc, dec)*6 - 18
R15 (sc, dec)*6 - 12
Stuff
R16 dec*6 - 6`,
    parts: [
      { name: "Tier 1", counts: [6, 8, 10, 12, 18] },
      { name: "Tier 2", counts: [12, 18, 18, 24] },
      { name: "Tier 3", counts: [18, 24, 24, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the chandlers: daisy brooch us terms",
    text: `Daisy brooch | US terms

Centre, yellow: mr, ch 1, 10 sc, join [10].
Petals, white: join in any sc. *Ch 4, sl st in 2nd ch from hook, hdc, dc, sl st in same sc, sl st in next sc; rep from * around [10 petals].
Back, green: mr, ch 1, 8 sc, join [8]. R2: 2 sc in each, join [16].`,
    parts: [
      { name: "Centre", counts: [10] },
      { name: "Petals", counts: [10] },
      { name: "Back", counts: [8, 16] },
    ],
  },
  {
    hand: "of the chandlers: giraffe head only",
    text: `GIRAFFE – head only

Start with the muzzle (brown)
1. 6 SCMR {6}
2. 6 INC {12}
3. [SC, INC] 6 {18}
4–5. SC {18}
Switch to yellow
6. SC {18}
7. [SC 2, INC] 6 {24}
8–11. SC {24}
12. [SC 2, DEC] 6 {18}
13. [SC, DEC] 6 {12}
14. DEC 6 {6}
Ossicones ×2 (brown tip, yellow stalk)
1. 6 SCMR {6}
2. SC {6}
Switch to yellow
3. [SC, DEC] 2 {4}
4–5. SC {4}
Ears ×2 (yellow)
1. 4 SCMR {4}
2. [SC, INC] 2 {6}
3. [SC 2, INC] 2 {8}
4. SC {8}
5. [SC 2, DEC] 2 {6}`,
    parts: [
      { name: "GIRAFFE", counts: [6, 12, 18, 18, 18, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Ossicones", make: 2, counts: [6, 6, 4, 4, 4] },
      { name: "Ears", make: 2, counts: [4, 6, 8, 8, 6] },
    ],
  },
  {
    hand: "of the chandlers: treasure chest",
    text: `Treasure chest

Bottom half: brown
Chain 9.
1) Beginning in the second chain, 1 sc in each chain. Turn. 8 stitches.
2)-6) Chain 1, 1 sc in each stitch. Turn. 8 stitches.
Now work around the edge:
7) 8 sc along the top, 6 sc down the side, 8 sc along the bottom, 6 sc up the side. 28 stitches.
8) In the back loops: 1 sc in each stitch. 28 stitches.
9)-11) 1 sc in each stitch. 28 stitches.
Fasten off.`,
    parts: [{ name: "Bottom half", counts: [8, 8, 8, 8, 8, 8, 28, 28, 28, 28, 28] }],
  },
  {
    hand: "of the chandlers: llama pom small",
    text: `Llama pom (small)

HEAD+NECK, cream: 
R 1 : 5 sc in MR // 5
R 2 : inc in all // 10
R 3 : sc 5, inc, inc, sc 3 // 12
R 4 - R 6 : sc in all // 12
R 7 : dec, dec, sc 8 // 10
R 8 - R 14 : sc in all // 10
Leave open for sewing

BODY, cream:
R 1 : 6 sc in MR // 6
R 2 : inc in all // 12
R 3 : (sc 1, inc) rep 6 // 18
R 4 : (sc 2, inc) rep 6 // 24
R 5 - R 12 : sc in all // 24
R 13 : (sc 2, dec) rep 6 // 18
R 14 : (sc 1, dec) rep 6 // 12
R 15 : dec rep 6 // 6

LEG, cream, 4 times:
R 1 : 5 sc in MR // 5
R 2 : BLO sc in all // 5
R 3 - R 5 : sc in all // 5`,
    parts: [
      { name: "HEAD+NECK", counts: [5, 10, 12, 12, 12, 12, 10, 10, 10, 10, 10, 10, 10, 10] },
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "LEG", make: 4, counts: [5, 5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the chandlers: owl on a branch",
    text: `Owl on a branch

This little owl is made in one piece from the bottom up in a spiral. You can add a marker. It uses about 12 g of yarn.

With grey yarn, MR.
Rnd 1: 7 sc.
Rnd 2: 7 inc (14).
Rnd 3: (1 sc, 1 inc) 7 times (21).
Rnd 4: (2 sc, 1 inc) 7 times (28).
Rnds 5 to 12: 28 sc.
Flatten the top; the front has 14 sts and the back has 14 sts.
Closing round: sc through both layers, 14 sc. The corners are the ears.
Wing (2): MR. Rnd 1: 5 sc. Rnd 2: 5 inc (10). Fold in half, 5 sc through both layers.
Branch: with brown ch 21, sl st in 2nd ch from hook, sl st in the next 19 ch (20).`,
    parts: [
      { name: "Owl on a branch", counts: [7, 14, 21, 28, 28, 28, 28, 28, 28, 28, 28, 28, 14] },
      { name: "Wing", make: 2, counts: [5, 10, 5] },
      { name: "Branch", counts: [20] },
    ],
  },
  {
    hand: "of the chandlers: alien",
    text: `Alien

Part 1 – Body (lime)
[Row 1]  MR, 6 sc  (6)
[Row 2]  6 x inc  (12)
[Row 3]  6 x (1 sc, 1 inc)  (18)
[Row 4]  6 x (2 sc, 1 inc)  (24)
[Row 5-7]  24 x sc  (24)
[Row 8]  6 x (2 sc, 1 dec)  (18)
[Row 9-10]  18 x sc  (18)
[Row 11]  6 x (1 sc, 1 dec)  (12)
[Row 12]  6 x dec  (6)
Part 2 – Eye stalks (lime, three)
[Row 1]  MR, 4 sc  (4)
[Row 2-5]  4 x sc  (4)
Part 3 – Feet (lime, two)
[Row 1]  MR, 5 sc  (5)
[Row 2]  5 x inc  (10)
[Row 3]  10 x sc in the back loops  (10)`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 18, 18, 18, 12, 6] },
      { name: "Eye stalks", make: 3, counts: [4, 4, 4, 4, 4] },
      { name: "Feet", make: 2, counts: [5, 10, 10] },
    ],
  },
  {
    hand: "of the chandlers: hot water bottle charm",
    text: `Hot water bottle charm

Work flat. Red.
Chain 8
Row 1: 7 sc (start in 2nd ch), turn
Rows 2–8: ch 1, 7 sc, turn
Row 9: ch 1, sc2tog, 3 sc, sc2tog, turn (5)
Row 10: ch 1, sc2tog, 1 sc, sc2tog, turn (3)
Rows 11–12: ch 1, 3 sc, turn
Row 13: ch 1, 2 sc in first, 1 sc, 2 sc in last (5)
FO. Make a second one. Place together and join with sc all around.`,
    parts: [{ name: "Hot water bottle charm", make: 2, counts: [7, 7, 7, 7, 7, 7, 7, 7, 5, 3, 3, 3, 5] }],
  },
  {
    hand: "of the chandlers: lighthouse keeper s cat",
    text: `Lighthouse keeper's cat

BODY
with black, start with magic ring

rnd 1 -> 6 sc -> 6
rnd 2 -> 6 inc -> 12
rnd 3 -> (1 sc, inc) 6x -> 18
rnd 4 -> (2 sc, inc) 6x -> 24
rnd 5 - rnd 9 -> sc around -> 24
rnd 10 -> (2 sc, dec) 6x -> 18
rnd 11 - rnd 13 -> sc around -> 18
rnd 14 -> (1 sc, dec) 6x -> 12
rnd 15 -> 6 dec -> 6

EAR (x2)
with black, start with ch 4
row 1 -> 3 sc, turn -> 3
row 2 -> ch 1, 1 sc, dec, turn -> 2
row 3 -> ch 1, dec -> 1

TAIL
with black, start with magic ring
rnd 1 -> 5 sc -> 5
rnd 2 - rnd 12 -> sc around -> 5`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 18, 18, 18, 12, 6] },
      { name: "EAR", make: 2, counts: [3, 2, 1] },
      { name: "TAIL", counts: [5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the chandlers: hedgehog face beige spines dark brown",
    text: `Hedgehog (face beige, spines dark brown)

FACE
R1: Mr 4 sc [4 sc]
R2: *1 sc, 1 inc* x2 [6 sc]
R3: *1 sc, 1 inc* x3 [9 sc]
R4: *2 sc, 1 inc* x3 [12 sc]
R5: *1 sc, 1 inc* x6 [18 sc]
Change to spines yarn
R6: *2 sc, 1 inc* x6 [24 sc]
R7-R12: 24 sc [24 sc]
R13: *2 sc, 1 dec* x6 [18 sc]
R14: *1 sc, 1 dec* x6 [12 sc]
R15: 6 dec [6 sc]
FEET – make four. R1: Mr 5 sc [5 sc] R2: 5 sc [5 sc]
EARS – make two. R1: Mr 5 sc [5 sc]. Pull tight and leave as a half circle.`,
    parts: [
      { name: "FACE", counts: [4, 6, 9, 12, 18, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "FEET", make: 4, counts: [5, 5] },
      { name: "EARS", make: 2, counts: [5] },
    ],
  },
  {
    hand: "of the chandlers: bobble hat baby bear",
    text: `Bobble hat baby bear

HEAD, honey
1 rnd: 6 sc in magic ring (6)
2 rnd: inc each st (12)
3 rnd: sc, inc – 6 times (18)
4 rnd: 2 sc, inc – 6 times (24)
5 rnd: 3 sc, inc – 6 times (30)
6–10 rnd: sc (30)
11 rnd: 3 sc, dec – 6 times (24)
12 rnd: 2 sc, dec – 6 times (18)
13 rnd: sc, dec – 6 times (12)

HAT, red
1 rnd: 6 sc in magic ring (6)
2 rnd: inc each st (12)
3 rnd: sc, inc – 6 times (18)
4 rnd: 2 sc, inc – 6 times (24)
5 rnd: 3 sc, inc – 6 times (30)
6 rnd: 4 sc, inc – 6 times (36)
7–9 rnd: sc (36)
10 rnd: front loops only: *bobble, sc* – 18 times (36)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "HAT", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36] },
    ],
  },
  {
    hand: "of the chandlers: peg doll jacket",
    text: `Peg doll jacket

Worked top down in rows, ch 1 and turn at each end (does not count).
Ch 19.
Row 1: sc in 2nd ch from hook and across. 18 sc.
Row 2: 2 sc, ch 4, skip 4 sc, 6 sc, ch 4, skip 4 sc, 2 sc. 10 sc + 2 ch-4 spaces.
Row 3: sc in each sc and ch. 18 sc.
Rows 4-8: sc across. 18 sc.
Fasten off.`,
    parts: [{ name: "Peg doll jacket", counts: [18, 10, 18, 18, 18, 18, 18, 18] }],
  },
  {
    hand: "of the chandlers: sardine",
    text: `Sardine
1st row. With silver, 5 chain, 1 single crochet in the 2nd chain from hook, 1 single crochet in each of the next 3 chain. 4 stitches
2nd row. 1 chain, turn, 2 single crochet in the first stitch, 1 single crochet in each of the next 2 stitches, 2 single crochet in the last stitch. 6 stitches
3rd to 9th row. 1 chain, turn, 1 single crochet in each stitch. 6 stitches
10th row. 1 chain, turn, single crochet 2 together, 1 single crochet in each of the next 2 stitches, single crochet 2 together. 4 stitches
11th row. 1 chain, turn, single crochet 2 together twice. 2 stitches
12th row (tail). 1 chain, turn, 3 double crochet in each stitch. 6 stitches`,
    parts: [{ name: "Sardine", counts: [4, 6, 6, 6, 6, 6, 6, 6, 6, 4, 2, 6] }],
  },
  {
    hand: "of the chandlers: little snail",
    text: `Little Snail
Materials: sport weight yarn in beige and brown, 2.5 mm hook, stuffing, 4 mm beads.
Body (beige)
Round 1: 6 sc in a magic ring [6]
Round 2: [sc 1, inc 1] x 3 [9]
Round 3-12: sc in all 9 stitches [9]
Round 13: [sc 1, dec 1] x 3 [6]
Stuff lightly. Fasten off and close.
Shell (brown)
Ch 31.
Row 1: sc in second ch from hook, sc in next 29 ch [30]
Row 2: ch 1, turn, [sc 2, inc 1] x 10 [40]
Roll up and sew.
Antennae (make 2, beige): ch 5, sl st in second ch from hook, leave the rest.`,
    parts: [
      { name: "Body", counts: [6, 9, 9, 9, 9, 9, 9, 9, 9, 9, 9, 9, 6] },
      { name: "Shell", counts: [30, 40] },
      { name: "Antennae", make: 2, counts: [1] },
    ],
  },
  {
    hand: "of the chandlers: corgi butt magnet",
    text: `Corgi butt magnet

With orange:
Rnd 1: 6 sc in magic ring (6 sts)
Rnd 2: inc in each st around (12 sts)
Rnd 3: [sc in next st, inc in next st] 6 times (18 sts)
Rnd 4: [sc in next 2 sts, inc in next st] 6 times (24 sts)
Rnd 5: [sc in next 3 sts, inc in next st] 6 times (30 sts)
Rnds 6-7: sc in each st around (30 sts)
Sl st in next st and finish off.

LEGS (MAKE 2)
With white:
Rnd 1: 5 sc in magic ring (5 sts)
Rnd 2: inc in each st around (10 sts)
Rnd 3: in back loops only, sc in each st around (10 sts)
Change to orange.
Rnds 4-5: sc in each st around (10 sts)
Finish off leaving long tail.

TAIL
With orange:
Rnd 1: 4 sc in magic ring (4 sts)
Rnd 2: [sc in next st, inc in next st] twice (6 sts)
Rnd 3: sc in each st around (6 sts)
Finish off.`,
    parts: [
      { name: "Corgi butt magnet", counts: [6, 12, 18, 24, 30, 30, 30] },
      { name: "LEGS", make: 2, counts: [5, 10, 10, 10, 10] },
      { name: "TAIL", counts: [4, 6, 6] },
    ],
  },
  {
    hand: "of the chandlers: rose rolled",
    text: `ROSE (rolled)
ch 42
row 1: dc in 6th ch from hook, (ch 2, skip 2, (dc, ch 2, dc) in next ch) x 12 
fasten off`,
    parts: [{ name: "ROSE", counts: [25] }],
  },
  {
    hand: "of the chandlers: bumblebee 2 strand",
    text: `Bumblebee, 2-strand

Holding two strands together, yellow.
1: mr, 6sc (6)
2: inc6 (12)
3: (sc1, inc1)6 (18)
4: black: sc18 (18)
5: yellow: (sc2, inc1)6 (24)
6: yellow: sc24
7-8: black: sc24
9-10: yellow: sc24
11: black: (sc2, dec1)6 (18)
12: black: (sc1, dec1)6 (12)
13: yellow: dec6 (6)
wings, 4 in white:
1: mr, 5sc (5)
2: inc5 (10)
3: sc10`,
    parts: [
      { name: "Bumblebee", counts: [6, 12, 18, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "wings", make: 4, counts: [5, 10, 10] },
    ],
  },
  {
    hand: "of the chandlers: sailor bear",
    text: `Sailor Bear
by the harbour stall

HEAD
Starting at the top of the head with brown yarn.
Rnd 1. Work 6 sc into a magic ring. (6)
Rnd 2. Work 2 sc into each st around. (12)
Rnd 3. *Work 1 sc into the next st, work 2 sc into the next st. Repeat from * around. (18)
Rnd 4. *Work 1 sc into each of the next 2 sts, work 2 sc into the next st. Repeat from * around. (24)
Rnd 5. *Work 1 sc into each of the next 3 sts, work 2 sc into the next st. Repeat from * around. (30)
Rnds 6-10. Work 1 sc into each st around. (30)
Insert eyes between Rnds 8 and 9, leaving 6 sts between them.
Rnd 11. *Work 1 sc into each of the next 3 sts, work a dec. Repeat from * around. (24)
Rnd 12. *Work 1 sc into each of the next 2 sts, work a dec. Repeat from * around. (18)
Stuff the head. 
Rnd 13. *Work 1 sc into the next st, work a dec. Repeat from * around. (12)
Do not fasten off; continue with the body.

BODY
Rnd 14. *Work 1 sc into the next st, work 2 sc into the next st. Repeat from * around. (18)
Change to blue.
Rnd 15. *Work 1 sc into each of the next 2 sts, work 2 sc into the next st. Repeat from * around. (24)
Rnds 16-17. Work 1 sc into each st around. (24)
Change to white.
Rnd 18. Work 1 sc into each st around. (24)
Change to blue.
Rnds 19-20. Work 1 sc into each st around. (24)
Rnd 21. *Work 1 sc into each of the next 2 sts, work a dec. Repeat from * around. (18)
Rnd 22. *Work 1 sc into the next st, work a dec. Repeat from * around. (12)
Rnd 23. Work 6 dec. (6)`,
    parts: [
      {
        name: "Starting at the top of the head",
        counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12],
      },
      { name: "BODY", counts: [18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the chandlers: cactus carl",
    text: `Cactus Carl

Cactus: green

R1 - 6sc mr (6)
R2 - 6inc (12)
R3 - (inc, 1sc)x6 (18)
R4 - 18sc (18)
R5 - (inc, 2sc)x6 (24)
R6-15 - 24sc (24)
R16 - BLO (dec, 2sc)x6 (18)
R17 - (dec, 1sc)x6 (12)
R18 - 6dec (6)

Arm: green, x2

R1 - 6sc mr (6)
R2 - (inc, 1sc)x3 (9)
R3-4 - 9sc (9)
R5 - 3dec, 3sc (6)
R6-8 - 6sc (6)

Flower: pink

In a MR: (ch3, 2dc, ch3, sl st) x5, pull tight

Pot: brown
R1 - 6sc mr (6)
R2 - 6inc (12)
R3 - (inc, 1sc)x6 (18)
R4 - (inc, 2sc)x6 (24)
R5 - BLO 24sc (24)
R6-9 - 24sc (24)
R10 - FLO (inc, 3sc)x6 (30)
R11 - 30sc (30)`,
    parts: [
      { name: "Cactus", counts: [6, 12, 18, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Arm", make: 2, counts: [6, 9, 9, 9, 6, 6, 6, 6] },
      { name: "Flower", counts: [15] },
      { name: "Pot", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 30, 30] },
    ],
  },
  {
    hand: "of the chandlers: miniature teapot",
    text: `MINIATURE TEAPOT

Body: Using colour A make 6dc into a magic ring (UK terms).
Round 1: 2dc in each dc (12dc)
Round 2: *1dc, 2dc in next dc, rep from * to end (18dc)
Round 3: *2dc, 2dc in next dc, rep from * to end (24dc)
Rounds 4-8: dc in each dc (24dc)
Round 9: *2dc, dc2tog, rep from * to end (18dc)
Round 10: *1dc, dc2tog, rep from * to end (12dc)
Fasten off.
Spout: Using colour A make 4dc into a magic ring.
Round 1: dc in each dc (4dc)
Round 2: *1dc, 2dc in next dc, rep from * to end (6dc)
Round 3: dc in each dc (6dc)
Lid: Using colour B make 6dc into a magic ring.
Round 1: 2dc in each dc (12dc)
Round 2: dc in each dc (12dc)
Handle: Using colour B make 12ch. 1dc in 2nd ch from hook, 1dc in each ch to end (11dc)`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12] },
      { name: "Spout", counts: [4, 4, 6, 6] },
      { name: "Lid", counts: [6, 12, 12] },
      { name: "Handle", counts: [11] },
    ],
  },
  {
    hand: "of the chandlers: pebble the penguin no sew pattern",
    text: `Pebble the Penguin | No-sew pattern

**BODY (black)**
1. 6sc in MR [6]
2. inc x6 [12]
3. (sc, inc) x6 [18]
4. (sc 2, inc) x6 [24]
5. sc around [24]
6. sc 6, hdc 3 in white, sc 6 in black, hdc 3 in white, sc 6 in black [24]
7-8. sc around [24]
9. sc 4, (ch 5, sl st in 2nd ch from hook, sc, hdc, sc), sc 12, (ch 5, sl st in 2nd ch from hook, sc, hdc, sc), sc 8 [24]
10-11. sc around, keeping the wings to the outside [24]
12. (sc 2, dec) x6 [18]
13. (sc, dec) x6 [12]
14. dec x6 [6]`,
    parts: [{ name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the chandlers: fox charm tail first",
    text: `Fox charm tail-first

Rnd 1: with white, 4 sc in mr (4)
Rnd 2: inc, sc 3 (5)
Rnd 3: with orange, inc, sc 4 (6)
Rnd 4: inc, sc, inc, sc, inc, sc (9)
Rnds 5-8: sc (9)
Rnd 9: dec, sc 7 (8)
Rnd 10: dec, sc 6 (7)
Close with 3 sc through both sides. Keep working: ch 1.
Body
Body rnd 1: 6 sc in mr (6)
Body rnd 2: inc all (12)
Body rnd 3: (sc, inc) x 6 (18)
Body rnds 4-9: sc (18)
Body rnd 10: (sc, dec) x 6 (12)`,
    parts: [
      { name: "Fox charm tail-first", counts: [4, 5, 6, 9, 9, 9, 9, 9, 8, 7, 3] },
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 12] },
    ],
  },
  {
    hand: "of the chandlers: simple star",
    text: `Simple Star
Rnd 1: In MR: 5 sc (5)
Rnd 2: inc 5 (10)
Rnd 3: (sc, inc) 5 (15)
Rnd 4: *ch 4, sl st in 2nd ch, sc in next ch, hdc in next ch, skip 2 sts, sl st in next st* 5 times (5 points)
Make 2. Hold wrong sides together and whip stitch.`,
    parts: [{ name: "Simple Star", make: 2, counts: [5, 10, 15, 5] }],
  },
  {
    hand: "of the chandlers: kitten sitting",
    text: `Kitten (sitting)

HEAD, grey
Rnd 1: sc 6 in MR (6).
Rnd 2: inc 6 times (12).
Rnd 3: *inc, sc* 6 times (18).
Rnd 4: *inc, sc 2* 6 times (24).
Rnd 5: *inc, sc 3* 6 times (30).
Rnd 6: *inc, sc 4* 6 times (36).
Rnds 7–12: sc 36 (36).
Rnd 13: *dec, sc 4* 6 times (30).
Rnd 14: *dec, sc 3* 6 times (24).
Rnd 15: *dec, sc 2* 6 times (18).
Stuff; place eyes between 9 and 10, 7 sts apart.
Rnd 16: *dec, sc* 6 times (12).
Rnd 17: dec 6 times (6). Close.

EARS, grey, 2
Rnd 1: sc 4 in MR (4).
Rnd 2: *inc, sc* 2 times (6).
Rnd 3: *inc, sc 2* 2 times (8).
Rnd 4: *inc, sc 3* 2 times (10).

FRONT LEGS, grey with white toes, 2
Rnd 1: with white, sc 6 in MR (6).
Rnd 2: *inc, sc 2* 2 times (8).
Rnd 3: with grey, sc 8 (8).
Rnds 4–9: sc 8 (8).`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] },
      { name: "EARS", make: 2, counts: [4, 6, 8, 10] },
      { name: "FRONT LEGS", make: 2, counts: [6, 8, 8, 8, 8, 8, 8, 8, 8] },
    ],
  },
  {
    hand: "of the chandlers: christmas pudding purse charm",
    text: `Christmas Pudding Purse Charm

Pudding half (make two, brown): 
R1 6 htr into ring, join. (6)
UK terms
R2 2 htr in each st, join. (12)
R3 (htr, 2 htr in next) 6 times, join. (18)
R4 (2 htr, 2 htr in next) 6 times, join. (24)
R5 htr in each st, join. (24)

Icing (white)
R1 6 htr into ring, join. (6)
R2 2 htr in each st, join. (12)
R3 (htr, 2 htr in next) 6 times, join. (18)
R4 *dc, 2 tr in next, dc* 6 times, join. (24)`,
    parts: [
      { name: "Pudding half", make: 2, counts: [6, 12, 18, 24, 24] },
      { name: "Icing", counts: [6, 12, 18, 24] },
    ],
  },
  {
    hand: "of the chandlers: jelly 3 cm",
    text: `Jelly (3 cm)

With aqua. 
R1 – 6sc mr – 6
R2 – *inc* x6 – 12
R3 – *1sc, inc* x6 – 18
R4 – *2sc, inc* x6 – 24
R5 to R7 – 1sc in all – 24
R8 – in front loop: *skip 1, 4hdc in next st, skip 1, slst in next* x6 – 6 waves
R9 – in back loop of R7: *2sc, dec* x6 – 18
R10 – *1sc, dec* x6 – 12
R11 – *dec* x6 – 6
Tentacles – 4 pieces: chain 20, 2 sc in each ch from the second – 38`,
    parts: [
      { name: "Jelly", counts: [6, 12, 18, 24, 24, 24, 24, 30, 18, 12, 6] },
      { name: "Tentacles", make: 4, counts: [38] },
    ],
  },
  {
    hand: "of the chandlers: toadstool ruby",
    text: `Toadstool 'Ruby'

cap red / underside cream / stem cream

CAP
r.1 6 sc magic ring
r.2 2 sc each (12)
r.3 sc 1, inc (18)
r.4 sc 2, inc (24)
r.5 sc 3, inc (30)
r.6 sc 4, inc (36)
r.7-9 sc (36)
fo
UNDERSIDE + STEM
r.1 6 sc magic ring
r.2-7 sc (6)
r.8 inc (12)
r.9 sc 1, inc (18)
r.10 sc 2, inc (24)
r.11 sc 3, inc (30)
r.12 sc 4, inc (36)
place on cap, sc together all around through both edges (36), stuff before the end`,
    parts: [
      { name: "CAP", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36] },
      { name: "UNDERSIDE + STEM", counts: [6, 6, 6, 6, 6, 6, 6, 12, 18, 24, 30, 36, 36] },
    ],
  },
  {
    hand: "of the chandlers: egg warmer chick",
    text: `Egg warmer chick

Rows are worked back and forth with 1 ch to turn.
Comb: 4 ch, (3 dc in 2nd ch from hook) sl st in each of next 2 ch.
Body: 
1st round: 8 sc in ring.
2nd round: 2 sc in each st (16).
3rd round: (1 sc, 2 sc in next st) 8 times (24).
4th round: (2 sc, 2 sc in next st) 8 times (32).
5th - 14th round: sc (32).
15th round: crab stitch (32).`,
    parts: [
      { name: "Comb", counts: [5] },
      { name: "Body", counts: [8, 16, 24, 32, 32, 32, 32, 32, 32, 32, 32, 32, 32, 32, 32] },
    ],
  },
  {
    hand: "of the chandlers: wee crab",
    text: `Wee Crab
Shell, coral, DK
R1: 6sc MR (6)
R2: inc around (12)
R3: inc, sc 5, repeat once more (14)
R4: sc (14)
R5: inc, sc 6, repeat once more (16)
R6-7: sc (16)
R8: dec, sc 6, repeat once more (14)
R9: dec around (7)
Claw x2
R1: 4sc MR (4)
R2: inc around (8)
R3-4: sc (8)
R5: dec twice, sc 4 (6)
Leg x6: ch 6, sl st in the 2nd ch from hook and the next 4 (5)`,
    parts: [
      { name: "Shell", counts: [6, 12, 14, 14, 16, 16, 16, 14, 7] },
      { name: "Claw", make: 2, counts: [4, 8, 8, 8, 6] },
      { name: "Leg", make: 6, counts: [5] },
    ],
  },
  {
    hand: "of the chandlers: guillemot",
    text: `Guillemot
Head + body (charcoal to R6, white R7 on)
R1 6 sc mr
R2 inc 6 → 12
R3 (1 sc + 1 inc) 6 → 18
R4-6 18 sc → 18
R7 change to white; (2 sc + 1 inc) 6 → 24
R8-11 24 sc → 24
R12 (2 sc + 1 dec) 6 → 18
R13 (1 sc + 1 dec) 6 → 12
R14 dec 6 → 6
Wings, 2 (charcoal)
R1 5 sc mr
R2 inc 5 → 10
R3-5 10 sc → 10
R6 (3 sc + 1 dec) 2 → 8`,
    parts: [
      { name: "Head + body", counts: [6, 12, 18, 18, 18, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [5, 10, 10, 10, 10, 8] },
    ],
  },
  {
    hand: "of the chandlers: candle jar lid frog",
    text: `Candle jar lid frog
1st rnd: with light green, make 7 sc into a sliding loop [7]
2nd rnd: inc into every st [14]
3rd rnd: inc into every 2nd st [21]
4th rnd: inc into every 3rd st [28]
5th rnd: inc into every 4th st [35]
6th - 8th rnd: sc into every st [35]
9th rnd: dec every 4th & 5th st [28]
eyes (2x): 1st rnd: 6 sc into a sliding loop [6] 2nd rnd: inc into every st [12] 3rd rnd: sc into every st [12]`,
    parts: [
      { name: "Candle jar lid frog", counts: [7, 14, 21, 28, 35, 35, 35, 35, 28] },
      { name: "eyes", make: 2, counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the chandlers: garden peas",
    text: `Garden peas

Pod: 2 pieces, green
ch 16
row 1: sl st, sc, hdc 2, dc 8, hdc 2, sc from the 2nd ch (15)
row 2: ch 1, turn, sc 15
sew together along one side

Pea: 3 pieces, light green
rnd 1: 6 sc (mr)
rnd 2: 6 inc (12)
rnd 3: 12 sc
rnd 4: 6 dec (6)`,
    parts: [
      { name: "Pod", make: 2, counts: [15, 15] },
      { name: "Pea", make: 3, counts: [6, 12, 12, 6] },
    ],
  },
];
