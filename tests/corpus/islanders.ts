import type { Case } from "./case";

/**
 * Hands that count in words, before the label, without labels, with arrows. Each was read once before
 * anything was mended.
 */
export const ISLANDERS: readonly Case[] = [
  {
    hand: "cormorant, numbered list per part",
    text: `CORMORANT KEYRING
Difficulty: easy, about 1½ hours

You'll need:
- black DK, a scrap of yellow
- 3 mm hook
- 5 mm eyes
- keyring

1. Head and neck
Start with black.
Round 1 - Make a magic ring with 6 dc. (6)
Round 2 - Inc in each stitch around. (12)
Round 3 - [1 dc, inc] six times. (18)
Round 4, 5 & 6 - Dc in each stitch around. (18)
Round 7 - [1 dc, dec] six times. (12)
Round 8 to round 14 - Dc in each stitch around. (12)
Leave a long end for sewing. Stuff.

2. Body
Round 1 - Make a magic ring with 6 dc. (6)
Round 2 - Inc in each stitch around. (12)
Round 3 - [1 dc, inc] six times. (18)
Round 4 - [2 dc, inc] six times. (24)
Round 5 to round 10 - Dc in each stitch around. (24)
Round 11 - [2 dc, dec] six times. (18)
Round 12 - [1 dc, dec] six times. (12)
Stuff.
Round 13 - dec 6 times. (6)
Close.

3. Wings (two)
Round 1 - Make a magic ring with 4 dc. (4)
Round 2 - [1 dc, inc] twice. (6)
Round 3 - [2 dc, inc] twice. (8)
Round 4 - Dc in each stitch around. (8)
Flatten and dc through both layers. (4)

4. Beak
In yellow: chain 5, turn, starting in 2nd chain: slip stitch, dc, htr, tr. (4)`,
    parts: [
      { name: "Head and neck", counts: [6, 12, 18, 18, 18, 18, 12, 12, 12, 12, 12, 12, 12, 12] },
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [4, 6, 8, 8, 4] },
      { name: "Beak", counts: [4] },
    ],
  },
  {
    hand: "beach hut, rows",
    text: `Beach hut ornament

Front & back (make 2, in white)
Ch 11
R1: sc in 2nd ch from hook and across, ch 1, turn <10>
R2-R9: sc across, ch 1, turn <10>
R10: sc2tog, sc 6, sc2tog, ch 1, turn <8>
R11: sc2tog, sc 4, sc2tog, ch 1, turn <6>
R12: sc2tog, sc 2, sc2tog, ch 1, turn <4>
R13: sc2tog twice, ch 1, turn <2>
R14: sc2tog <1>
FO.

Door (red)
Ch 5
R1: sc in 2nd ch from hook and across, ch 1, turn <4>
R2-R5: sc across, ch 1, turn <4>
FO, leave a tail to sew on.

Sides (make 2, in blue)
Ch 5
R1: sc in 2nd ch from hook and across, ch 1, turn <4>
R2-R10: sc across, ch 1, turn <4>
FO.`,
    parts: [
      { name: "Front & back", make: 2, counts: [10, 10, 10, 10, 10, 10, 10, 10, 10, 8, 6, 4, 2, 1] },
      { name: "Door", counts: [4, 4, 4, 4, 4] },
      { name: "Sides", make: 2, counts: [4, 4, 4, 4, 4, 4, 4, 4, 4, 4] },
    ],
  },
  {
    hand: "oyster catcher, long sentences",
    text: `Body of the oystercatcher. Using the black yarn, begin by working six single crochet stitches into a magic ring and pull it closed. For the second round, work two single crochet into each stitch, so you have twelve. In round three, work one single crochet and then an increase, and do that six times for a total of eighteen. In round four, work two single crochet and then an increase, six times, for a total of twenty-four. Work rounds five, six and seven even, that is one single crochet in each of the twenty-four stitches. Change to the white yarn. Work rounds eight to eleven even as well. In round twelve, work two single crochet and then a decrease, six times, leaving eighteen. In round thirteen, work one single crochet and then a decrease, six times, leaving twelve. Stuff. In the last round, decrease six times, leaving six, and close the hole.

Bill. Using the orange yarn, begin by working four single crochet stitches into a magic ring. Work four rounds even. Fasten off, leaving a tail.`,
    parts: [
      { name: "Body of the oystercatcher", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Bill", counts: [4, 4, 4, 4, 4] },
    ],
  },
  {
    hand: "lemon slice, dc rounds joined",
    text: `Lemon slice coaster-charm (flat, UK terms)

Note: the 3 ch at the start of each round counts as a treble.

Round 1 (white): 3 ch, 11 tr into a magic ring, join with ss to top of 3 ch. (12 tr)
Round 2 (yellow): 3 ch, tr in same st, 2 tr in each st around, join. (24 tr)
Round 3 (white): 3 ch, 2 tr in next st, *1 tr in next st, 2 tr in next st* repeat to end, join. (36 tr)
Round 4 (yellow): 1 ch, dc in each st around, join. (36 dc)
Fasten off, weave in ends.`,
    parts: [{ name: "Lemon slice coaster-charm", counts: [12, 24, 36, 36] }],
  },
  {
    hand: "gingerbread, abbreviations first and 'sts' after",
    text: `Gingerbread person (flat, two layers)

ABBREVIATIONS (US)
MR . . . magic ring
SC . . . single crochet
INC . . . 2 sc in one stitch
DEC . . . invisible decrease
SL . . . slip stitch

HEAD, make 2
R1. MR 6 SC, 6 sts
R2. 6 INC, 12 sts
R3. (SC, INC) 6 times, 18 sts
R4. (2 SC, INC) 6 times, 24 sts

TORSO, make 2
R1. MR 8 SC, 8 sts
R2. 8 INC, 16 sts
R3. (SC, INC) 8 times, 24 sts
R4. (2 SC, INC) 8 times, 32 sts

LIMB, make 8
R1. MR 6 SC, 6 sts
R2. 3 INC, 3 SC, 9 sts
R3-R7. 9 SC, 9 sts

Hold the two heads together, wrong sides facing, and join with SL through both layers (24 sts). Stuff lightly before closing.`,
    parts: [
      { name: "HEAD", make: 2, counts: [6, 12, 18, 24] },
      { name: "TORSO", make: 2, counts: [8, 16, 24, 32] },
      { name: "LIMB", make: 8, counts: [6, 9, 9, 9, 9, 9, 9] },
    ],
  },
  {
    hand: "mooring bollard, columns by tab",
    text: `Bollard	round	work	stitches
	1	6 sc in magic ring	6
	2	inc in each	12
	3	(1 sc, inc) rep	18
	4	(2 sc, inc) rep	24
	5	BLO sc in each	24
	6-12	sc in each	24
	13	(2 sc, dec) rep	18
	14	FLO (2 sc, inc) rep	24
	15	(3 sc, inc) rep	30
	16-17	sc in each	30
	18	(3 sc, dec) rep	24
	19	(2 sc, dec) rep	18
	20	(1 sc, dec) rep	12
	21	dec rep	6`,
    parts: [
      {
        name: "Bollard",
        counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24, 18, 24, 30, 30, 30, 24, 18, 12, 6],
      },
    ],
  },
  {
    hand: "duckling by instruction sheet, step numbers",
    text: `Duckling (7 cm)

Step 1: the head
R1: mr, 6 sc (6 st)
R2: 6 inc (12 st)
R3: 1 sc, 1 inc, 6x (18 st)
R4: 2 sc, 1 inc, 6x (24 st)
R5-R8: 24 sc (24 st)
R9: 2 sc, 1 dec, 6x (18 st)
R10: 1 sc, 1 dec, 6x (12 st)
Don't fasten off! Fill the head.

Step 2: the body
R11: 1 sc, 1 inc, 6x (18 st)
R12: 2 sc, 1 inc, 6x (24 st)
R13: 3 sc, 1 inc, 6x (30 st)
R14-R17: 30 sc (30 st)
R18: 3 sc, 1 dec, 6x (24 st)
R19: 2 sc, 1 dec, 6x (18 st)
R20: 1 sc, 1 dec, 6x (12 st)
R21: 6 dec (6 st)
Fasten off.

Step 3: wings, twice
R1: mr, 5 sc (5 st)
R2: 5 inc (10 st)
R3: 10 sc (10 st)

Step 4: feet, twice, orange
R1: mr, 6 sc (6 st)
R2: 3 sc in 1st, 1 sc, 3 sc in 3rd, 1 sc, 3 sc in 5th, 1 sc (12 st)`,
    parts: [
      { name: "head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12] },
      { name: "body", counts: [18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "wings", make: 2, counts: [5, 10, 10] },
      { name: "feet", make: 2, counts: [6, 12] },
    ],
  },
  {
    hand: "herring gull chick, hyphenated headings & parens counts first",
    text: `Gull chick

- HEAD -
(6) Rnd 1: sc 6 in MR
(12) Rnd 2: inc around
(18) Rnd 3: sc 1, inc 1, repeat around
(24) Rnd 4: sc 2, inc 1, repeat around
(24) Rnds 5-8: sc around
(18) Rnd 9: sc 2, dec 1, repeat around
(12) Rnd 10: sc 1, dec 1, repeat around

- BODY -
(6) Rnd 1: sc 6 in MR
(12) Rnd 2: inc around
(18) Rnd 3: sc 1, inc 1, repeat around
(24) Rnd 4: sc 2, inc 1, repeat around
(30) Rnd 5: sc 3, inc 1, repeat around
(30) Rnds 6-9: sc around
(24) Rnd 10: sc 3, dec 1, repeat around
(18) Rnd 11: sc 2, dec 1, repeat around
(12) Rnd 12: sc 1, dec 1, repeat around

- LEGS (2) -
(5) Rnd 1: sc 5 in MR
(5) Rnds 2-3: sc around`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12] },
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "LEGS", make: 2, counts: [5, 5, 5] },
    ],
  },
  {
    hand: "anchor in rows with k/left right",
    text: `Anchor (flat)

Shank: Ch 16. Row 1: Sc in second ch from hook and in each ch across. (15 sc) Turn. Row 2: Ch 1, sc in each sc across. (15 sc) Turn. Row 3: Ch 1, sc in each sc across. (15 sc) Fasten off.

Crossbar: Ch 8. Row 1: Sc in second ch from hook and in each ch across. (7 sc) Turn. Row 2: Ch 1, sc in each sc across. (7 sc) Fasten off.

Ring: Ch 12, sl st to first ch to form a ring. Round 1: Ch 1, 18 sc in the ring. Sl st to first sc. (18 sc) Fasten off.`,
    parts: [
      { name: "Shank", counts: [15, 15, 15] },
      { name: "Crossbar", counts: [7, 7] },
      { name: "Ring", counts: [18] },
    ],
  },
  {
    hand: "teapot with sidebar totals and colour letters",
    text: `TEAPOT CHARM
A = cream, B = sage

Pot
R1 (A) 7 sc in MR ............ 7
R2 (A) [inc] x7 .............. 14
R3 (A) [sc 1, inc] x7 ........ 21
R4 (B) [sc 2, inc] x7 ........ 28
R5-8 (B) sc around ........... 28
R9 (A) [sc 2, dec] x7 ........ 21
R10 (A) [sc 1, dec] x7 ....... 14
Stuff
R11 (A) [dec] x7 ............. 7

Spout (A)
R1 4 sc in MR ................ 4
R2 [sc 1, inc] x2 ............ 6
R3-4 sc around ............... 6
R5 sc 3, hdc 3 ............... 6

Lid (B)
R1 6 sc in MR ................ 6
R2 [inc] x6 .................. 12
R3 [sc 1, inc] x6 ............ 18`,
    parts: [
      { name: "Pot", counts: [7, 14, 21, 28, 28, 28, 28, 28, 21, 14, 7] },
      { name: "Spout", counts: [4, 6, 6, 6, 6] },
      { name: "Lid", counts: [6, 12, 18] },
    ],
  },
  {
    hand: "sheep, popcorn fleece, spoken",
    text: `Sheep

Start with the face, in black. Magic circle, 6 sc. Next round: 2 sc in every stitch, 12. Next round: 1 sc, 2 sc in the next, all the way round, 18. Then 3 rounds without increasing, 18. Swap to white. Next round: 2 sc, 2 sc in the next, all the way round, 24. Next round: 3 sc, 2 sc in the next, all the way round, 30. Then 6 rounds without increasing, 30. Next round: 3 sc, decrease, all the way round, 24. Next round: 2 sc, decrease, all the way round, 18. Stuff it. Next round: 1 sc, decrease, all the way round, 12. Last round: decrease all the way round, 6. Close up.

Ears: make two in black. Magic circle, 4 sc. Next round: 1 sc, 2 sc in the next, twice, 6. One round without increasing, 6. Fold and sew.

Feet: make four in black. Magic circle, 6 sc. Then 2 rounds without increasing, 6.`,
    parts: [
      { name: "Sheep", counts: [6, 12, 18, 18, 18, 18, 24, 30, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [4, 6, 6] },
      { name: "Feet", make: 4, counts: [6, 6, 6] },
    ],
  },
  {
    hand: "star garland, points from rounds with picots",
    text: `Garland star

Rnd 1: in a magic ring: ch 1, 5 sc, sl st to first sc. [5]
Rnd 2: ch 1, 2 sc in each st, sl st to first sc. [10]
Rnd 3: ch 1, *sc in next st, 2 sc in next st; rep from * around, sl st to first sc. [15]
Rnd 4: *ch 6, sl st in 2nd ch from hook, sc in next ch, hdc in next ch, dc in next 2 ch, skip 2 sts, sl st in next st; rep from * 4 more times. [5 points]
Fasten off.`,
    parts: [{ name: "Garland star", counts: [5, 10, 15, 5] }],
  },
  {
    hand: "snail with spiral shell, rows 'dc' UK, miss",
    text: `SNAIL (uses UK crochet terms)

Shell: using caramel, make 42ch.
Row 1: 1dc in 2nd ch from hook, 1dc in each ch to end, turn. 41 sts.
Row 2: 1ch, 2htr in each of next 20 sts, 2tr in each st to end, turn. 82 sts.
Row 3: 1ch, 1dc in each st to end. 82 sts.
Fasten off. Roll up and sew.

Body: using cream, make a magic ring.
Round 1: 1ch, 5dc into ring. 5 sts.
Round 2: 2dc in each st. 10 sts.
Rounds 3-6: 1dc in each st. 10 sts.
Round 7: dc2tog, 1dc in each of next 8 sts. 9 sts.
Rounds 8-14: 1dc in each st. 9 sts.
Round 15: (1dc in next st, dc2tog) three times. 6 sts.
Fill lightly. Thread yarn through the last 6 sts, pull up and fasten.

Feelers (make 2): using cream, make 6ch, ss in 2nd ch from hook and in each ch to end. 5 sts.`,
    parts: [
      { name: "Shell", counts: [41, 82, 82] },
      { name: "Body", counts: [5, 10, 10, 10, 10, 10, 9, 9, 9, 9, 9, 9, 9, 9, 6] },
      { name: "Feelers", make: 2, counts: [5] },
    ],
  },
  {
    hand: "bumble bee: stripes, alternating and abbreviations 'X V A'",
    text: `Bumble bee   X=sc V=inc A=dec

body yellow/black
R1 6X in mr yellow
R2 6V (12) yellow
R3 (X,V)*6 (18) black
R4 (2X,V)*6 (24) black
R5-R6 24X (24) yellow
R7-R8 24X (24) black
R9-R10 24X (24) yellow
R11 (2X,A)*6 (18) black
R12 (X,A)*6 (12) black
R13 6A (6) black

wing white *2
R1 5X in mr
R2 5V (10)
R3 10X (10)
R4 5A (5)`,
    parts: [
      { name: "body yellow", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "wing", make: 2, counts: [5, 10, 10, 5] },
    ],
  },
  {
    hand: "elephant keyring w/ continuing trunk",
    text: `Nellie, an elephant for your keys

Trunk and head
Round 1: 5 sc in magic ring.
Rounds 2-7: sc in BLO in each st around. (5)
Round 8: sc 2, 2 sc in next st, sc 2. (6)
Round 9: 2 sc in each st around. (12)
Round 10: *Sc 1, 2 sc in next st*, repeat 6 times. (18)
Round 11: *Sc 2, 2 sc in next st*, repeat 6 times. (24)
Rounds 12-15: sc in each st around. (24)
Attach 5mm eyes at either side of trunk at round 10.
Round 16: *Sc 2, sc2tog*, repeat 6 times. (18)
Stuff.
Round 17: *Sc 1, sc2tog*, repeat 6 times. (12)
Round 18: sc2tog around. (6)
Fasten off, gather last 6 sts with tail.

Ears
Make 2.
Round 1: 6 sc in magic ring.
Round 2: 2 sc in each st around. (12)
Round 3: 2 sc in each of first 6 sts, sc 6. (18)
Fasten off leaving a tail for sewing.

Body
Round 1: 6 sc in magic ring.
Round 2: 2 sc in each st around. (12)
Round 3: *Sc 1, 2 sc in next st*, repeat 6 times. (18)
Rounds 4-8: sc in each st around. (18)
Fasten off. Stuff and sew on head.`,
    parts: [
      { name: "Trunk and head", counts: [5, 5, 5, 5, 5, 5, 5, 6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [6, 12, 18] },
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 18, 18] },
    ],
  },
  {
    hand: "koi, section numbers and 'each' totals",
    text: `§ Koi keyring §

1 / Body [white + orange]

  r1   6sc into mr                     6
  r2   2sc into each                  12
  r3   *1sc, 2sc into next* rpt       18
  r4   1sc into each (orange)         18
  r5   1sc into each (orange)         18
  r6   1sc into each (white)          18
  r7   1sc into each                  18
  r8   *4sc, sc2tog* rpt              15
  r9   1sc into each                  15
  r10  *3sc, sc2tog* rpt              12
  r11  1sc into each (orange)         12
       stuff
  r12  *2sc, sc2tog* rpt               9
  r13  1sc into each                   9
  r14  *1sc, sc2tog* rpt               6

2 / Tail fin [white] two needed

  r1   4sc into mr                     4
  r2   2sc into each                   8
  r3   1sc into each                   8

3 / Side fin [white] two needed

  r1   5sc into mr                     5`,
    parts: [
      { name: "1 / Body", counts: [6, 12, 18, 18, 18, 18, 18, 15, 15, 12, 12, 9, 9, 6] },
      { name: "2 / Tail fin", make: 2, counts: [4, 8, 8] },
      { name: "3 / Side fin", make: 2, counts: [5] },
    ],
  },
  {
    hand: "phone-note style, lower case, no punctuation",
    text: `chick in egg
yellow chick
mr 6
inc all 12
sc inc repeat 18
sc all 3 rounds 18
sc dec repeat 12
stuff
dec all 6
egg half white x2
mr 6
inc all 12
sc inc repeat 18
2 sc inc repeat 24
sc all 4 rounds 24`,
    parts: [
      { name: "yellow chick", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "egg half", make: 2, counts: [6, 12, 18, 24, 24, 24, 24, 24] },
    ],
  },
  {
    hand: "wreath: tube worked until length",
    text: `Wreath
Round 1: 8 sc in magic ring, do not close tightly. (8)
Rounds 2–60: sc in each st. (8)
Stuff as you go. Sew ends together.

Berry (red, make 9)
Round 1: 5 sc in magic ring. (5)
Round 2: 2 sc in each st. (10)
Round 3: sc2tog 5 times. (5)

Bow (red)
Row 1: ch 21, sc in second chain from hook and in each chain. (20)
Rows 2–3: ch 1, turn, sc in each st. (20)
Tie in the middle.`,
    parts: [
      {
        name: "Wreath",
        counts: [
          8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8,
          8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8,
        ],
      },
      { name: "Berry", make: 9, counts: [5, 10, 5] },
      { name: "Bow", counts: [20, 20, 20] },
    ],
  },
  {
    hand: "panda: 'inc in next, sc n' mixtures with slashes and alt counts",
    text: `Panda charm — pattern notes in [square brackets], stitch counts in (round brackets)

*** Head *** [white]
R.1 sc6 in mr (6)
R.2 inc6 (12)
R.3 sc1 inc1 [6x] (18)
R.4 sc2 inc1 [6x] (24)
R.5-8 sc24 (24)
R.9 sc2 dec1 [6x] (18)
R.10 sc1 dec1 [6x] (12)
[stuff] R.11 dec6 (6)

*** Ear *** [black, twice]
R.1 sc6 in mr (6)
R.2 inc6 (12)
R.3 sc12 (12)

*** Eye patch *** [black, twice]
R.1 sc5 in mr (5)
R.2 inc3 sc2 (8)`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Ear", make: 2, counts: [6, 12, 12] },
      { name: "Eye patch", make: 2, counts: [5, 8] },
    ],
  },
  {
    hand: "robin, JSON-like punctuation",
    text: `robin {
  body, brown:
    r1: mr + 6sc = 6
    r2: inc*6 = 12
    r3: (sc + inc)*6 = 18
    r4: (2sc + inc)*6 = 24
    r5: (3sc + inc)*6 = 30
    r6..r11: 30sc = 30
    r12: (3sc + dec)*6 = 24
    r13: (2sc + dec)*6 = 18
    r14: (sc + dec)*6 = 12
    r15: dec*6 = 6
  breast, red:
    r1: mr + 6sc = 6
    r2: inc*6 = 12
    r3: (sc + inc)*6 = 18
  wing, brown, 2 pcs:
    r1: mr + 5sc = 5
    r2: inc*5 = 10
    r3: 10sc = 10
}`,
    parts: [
      { name: "body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "breast", counts: [6, 12, 18] },
      { name: "wing", make: 2, counts: [5, 10, 10] },
    ],
  },
  {
    hand: "gnome with two legs joined into body",
    text: `Pocket Gnome

LEG (make 2, grey)
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x6 (12)
Rnd 3: BLO sc around (12)
Rnds 4-6: sc around (12)
Fasten off the first leg. Do not fasten off the second.

BODY
Rnd 7: ch 3, join to first leg with sc, 11 sc around first leg, 3 sc along the chain, 12 sc around second leg, 3 sc along other side of chain (30)
Rnds 8-11: sc around (30)
Change to red.
Rnd 12: BLO sc around (30)
Rnd 13: (3 sc, dec) x6 (24)
Rnd 14: sc around (24)
Rnd 15: (2 sc, dec) x6 (18)
Stuff.
Rnd 16: sc around (18)
Rnd 17: (sc, dec) x6 (12)
Rnd 18: sc around (12)
Rnd 19: (2 sc, dec) x3 (9)
Rnd 20: sc around (9)
Rnd 21: (sc, dec) x3 (6)
Close.

NOSE (peach)
Rnd 1: 6 sc in MR (6)
Rnd 2: sc around (6)`,
    parts: [
      { name: "LEG", make: 2, counts: [6, 12, 12, 12, 12, 12] },
      { name: "BODY", counts: [30, 30, 30, 30, 30, 30, 24, 24, 18, 18, 12, 12, 9, 9, 6] },
      { name: "NOSE", counts: [6, 6] },
    ],
  },
  {
    hand: "slice of watermelon half circle rows",
    text: `Watermelon slice

Materials: sport yarn in red, white and green; black floss; 2.5mm hook.

Red:
Row 1: MR, ch 1, 4 sc, turn (do not close to a circle). [4]
Row 2: ch 1, inc in each st, turn. [8]
Row 3: ch 1, (sc, inc) across, turn. [12]
Row 4: ch 1, (2 sc, inc) across, turn. [16]
Row 5: ch 1, (3 sc, inc) across, change to white, turn. [20]
Row 6: ch 1, (4 sc, inc) across, change to green, turn. [24]
Row 7: ch 1, (5 sc, inc) across. [28]
Make a second one. Hold together and sc around all edges.`,
    parts: [{ name: "Watermelon slice", make: 2, counts: [4, 8, 12, 16, 20, 24, 28] }],
  },
  {
    hand: "mushroom with frill",
    text: `Toadstool

Cap
R1: 6 sc in MR [6]
R2: inc in every st [12]
R3: *sc 1, inc* x 6 [18]
R4: *sc 2, inc* x 6 [24]
R5: *sc 3, inc* x 6 [30]
R6-R8: sc in every st [30]
R9: FLO: *sc 3, dec* x 6 [24]
Finish, weave in.

Stem
Attach cream to the back loops of R8 of the cap.
R1: BLO of R8: *sc 3, dec* x 6 [24]
R2: *sc 2, dec* x 6 [18]
R3-R6: sc in every st [18]
R7: *sc 2, inc* x 6 [24]
R8: BLO *sc 2, dec* x 6 [18]
Stuff firmly.
R9: *sc 1, dec* x 6 [12]
R10: dec x 6 [6]`,
    parts: [
      { name: "Cap", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24] },
      { name: "Stem", counts: [24, 18, 18, 18, 18, 18, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "bunny, blog-style with 'in each st around (18 sts)' and 'rep'",
    text: `Easy Amigurumi Bunny Keychain Pattern

This little bunny works up in under an hour and is perfect for beginners!

What you'll need:
Worsted weight yarn (about 15 yards)
Size D (3.25 mm) hook
6 mm safety eyes
Fiberfill
Key ring

Abbreviations:
sc – single crochet
inc – increase (2 sc in the same stitch)
dec – invisible decrease
st(s) – stitch(es)
FO – fasten off

Head:
Round 1: Start with a magic ring, sc 6 in ring. (6 sts)
Round 2: Inc in each st around. (12 sts)
Round 3: *Sc in next st, inc in next st*. Rep from * around. (18 sts)
Round 4: *Sc in next 2 sts, inc in next st*. Rep from * around. (24 sts)
Rounds 5-8: Sc in each st around. (24 sts)
Insert the eyes between rounds 6 and 7, about 4 stitches apart.
Round 9: *Sc in next 2 sts, dec*. Rep from * around. (18 sts)
Round 10: *Sc in next st, dec*. Rep from * around. (12 sts)
Stuff the head.
Round 11: Dec around. (6 sts)
FO, close the hole and weave in the end.

Ears (make 2):
Round 1: Start with a magic ring, sc 4 in ring. (4 sts)
Round 2: *Sc in next st, inc in next st*. Rep from * around. (6 sts)
Round 3: *Sc in next 2 sts, inc in next st*. Rep from * around. (8 sts)
Rounds 4-7: Sc in each st around. (8 sts)
Round 8: *Sc in next 2 sts, dec*. Rep from * around. (6 sts)
FO leaving a 6 inch tail. Flatten and sew to the top of the head.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [4, 6, 8, 8, 8, 8, 8, 6] },
    ],
  },
  {
    hand: "heart: two humps joined",
    text: `Puffy heart

First hump:
1. mc 6 (6)
2. inc*6 (12)
3. (1sc, inc)*6 (18)
4. sc (18)
5. sc (18)
fasten off

Second hump:
1. mc 6 (6)
2. inc*6 (12)
3. (1sc, inc)*6 (18)
4. sc (18)
5. sc (18)
don't fasten off

Joining:
6. 9sc on second hump, 18sc on first hump, 9sc on second hump (36)
7. sc (36)
8. (4sc, dec)*6 (30)
9. (3sc, dec)*6 (24)
10. sc (24)
11. (2sc, dec)*6 (18)
12. (1sc, dec)*6 (12)
stuff
13. dec*6 (6)`,
    parts: [
      { name: "First hump", counts: [6, 12, 18, 18, 18] },
      { name: "Second hump", counts: [6, 12, 18, 18, 18] },
      { name: "Joining", counts: [36, 36, 30, 24, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "sloth w/ oval feet, colour per round",
    text: `Sloth

Face plate (cream)
Ch 7
Rnd 1: 2 sc in 2nd ch from hook, 4 sc, 4 sc in last ch, working on the other side 4 sc, 2 sc in last ch (16)
Rnd 2: 2 inc, 4 sc, 4 inc, 4 sc, 2 inc (24)
Rnd 3: sc around (24)

Head (brown)
Rnd 1: 6 sc in magic ring (6)
Rnd 2: [inc] x 6 (12)
Rnd 3: [sc, inc] x 6 (18)
Rnd 4: [2 sc, inc] x 6 (24)
Rnd 5: [3 sc, inc] x 6 (30)
Rnd 6-10: sc in all 30 st (30)
Rnd 11: [3 sc, dec] x 6 (24)
Rnd 12: [2 sc, dec] x 6 (18)
Rnd 13: [sc, dec] x 6 (12)

Arms (2x) brown
Rnd 1: 5 sc in magic ring (5)
Rnd 2: [inc] x 5 (10)
Rnd 3-14: sc in all 10 st (10)
Stuff the end only.`,
    parts: [
      { name: "Face plate", counts: [16, 24, 24] },
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Arms", make: 2, counts: [5, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10] },
    ],
  },
  {
    hand: "UK robin with dc2tog, 'tension', 'miss'",
    text: `ROBIN HANGING DECORATION
UK terms.

Tension isn't critical.

BODY
Using brown, make a magic loop.
Rnd 1: 6 dc into the loop. 6 sts.
Rnd 2: 2 dc into each st. 12 sts.
Rnd 3: *1 dc, 2 dc into next st; rep from * to end. 18 sts.
Rnd 4: *2 dc, 2 dc into next st; rep from * to end. 24 sts.
Rnds 5–9: 1 dc into each st.
Rnd 10: *2 dc, dc2tog; rep from * to end. 18 sts.
Rnd 11: *1 dc, dc2tog; rep from * to end. 12 sts.
Fill with toy stuffing.
Rnd 12: dc2tog all round. 6 sts.
Fasten off.

BREAST
Using red, make a magic loop.
Rnd 1: 6 dc into the loop. 6 sts.
Rnd 2: 2 dc into each st. 12 sts.
Fasten off, leaving a long tail.

WINGS (make 2)
Using brown, make a magic loop.
Row 1: 3 ch, 5 tr into the loop, turn. 6 sts.
Row 2: 1 ch, 1 dc into each st. 6 sts.

BEAK
Using yellow, 3 ch, ss into 2nd ch from hook, 1 dc into next ch.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "BREAST", counts: [6, 12] },
      { name: "WINGS", make: 2, counts: [6, 6] },
      { name: "BEAK", counts: [2] },
    ],
  },
  {
    hand: "lighthouse stripes w/ alternate colour notes",
    text: `Lighthouse

Base/tower
Colour change every 3 rounds: red, white, red, white.
Round 1 (red): 8 sc in a magic ring. (8)
Round 2: Increase in each stitch. (16)
Round 3: Sc 1, inc 1 around. (24)
Round 4 (white): In back loops only, sc around. (24)
Rounds 5 and 6: Sc around. (24)
Round 7 (red): (Sc 4, dec) four times. (20)
Rounds 8 and 9: Sc around. (20)
Round 10 (white): (Sc 3, dec) four times. (16)
Rounds 11 and 12: Sc around. (16)
Round 13 (red): (Sc 2, dec) four times. (12)
Rounds 14 and 15: Sc around. (12)
Fasten off and stuff.

Gallery (black)
Round 1: 6 sc in a magic ring. (6)
Round 2: Increase in each stitch. (12)
Round 3: Sc 1, inc 1 around. (18)
Slip stitch and fasten off.

Lamp (yellow)
Round 1: 6 sc in a magic ring. (6)
Rounds 2 to 4: Sc around. (6)

Roof (red)
Round 1: 4 sc in a magic ring. (4)
Round 2: Sc 1, inc 1 around. (6)
Round 3: Sc 1, inc 1 around. (9)
Round 4: Sc 2, inc 1 around. (12)`,
    parts: [
      { name: "Base/tower", counts: [8, 16, 24, 24, 24, 24, 20, 20, 20, 16, 16, 16, 12, 12, 12] },
      { name: "Gallery", counts: [6, 12, 18] },
      { name: "Lamp", counts: [6, 6, 6, 6] },
      { name: "Roof", counts: [4, 6, 9, 12] },
    ],
  },
  {
    hand: "baby seal with count-in-words bracket",
    text: `SEAL PUP

Yarn: off-white aran
Hook: 3.5 mm

Body
Start: magic ring
Round 1: 6 sc in ring [6]
Round 2: inc in each st [12]
Round 3: (inc, sc) around [18]
Round 4: (inc, 2 sc) around [24]
Round 5: (inc, 3 sc) around [30]
Rounds 6 – 9: sc in each st [30]
Round 10: (dec, 8 sc) three times [27]
Round 11: sc in each st [27]
Round 12: (dec, 7 sc) three times [24]
Round 13: (dec, 6 sc) three times [21]
Round 14: (dec, 5 sc) three times [18]
Round 15: (dec, 4 sc) three times [15]
Round 16: (dec, 3 sc) three times [12]
Stuff as you go
Round 17: (dec, 2 sc) three times [9]
Round 18: (dec, sc) three times [6]

Flippers (4)
Start: magic ring
Round 1: 5 sc in ring [5]
Round 2: inc, 4 sc [6]
Round 3: inc, 5 sc [7]
Round 4: sc in each st [7]
Press flat.`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 27, 27, 24, 21, 18, 15, 12, 9, 6] },
      { name: "Flippers", make: 4, counts: [5, 6, 7, 7] },
    ],
  },
  {
    hand: "cat, starts on ears, chains between",
    text: `Mini cat

EARS (make 2)
Rnd 1: 3 sc in magic ring (3)
Rnd 2: inc in each (6)
Rnd 3: sc in each (6)
Rnd 4: *sc, inc* 3 times (9)
Cut yarn on the first ear only.

HEAD
Rnd 1: from second ear ch 3, sc around the first ear (9), sc in 3 ch, sc around the second ear (9), sc in the other side of 3 ch (24)
Rnd 2: *sc 3, inc* 6 times (30)
Rnds 3-6: sc in each (30)
Rnd 7: *sc 3, dec* 6 times (24)
Rnd 8: *sc 2, dec* 6 times (18)
Rnd 9: *sc 1, dec* 6 times (12)
Stuff.
Rnd 10: dec 6 times (6)

TAIL
Rnd 1: 5 sc in magic ring (5)
Rnds 2-12: sc in each (5)`,
    parts: [
      { name: "EARS", make: 2, counts: [3, 6, 6, 9] },
      { name: "HEAD", counts: [24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "TAIL", counts: [5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5, 5] },
    ],
  },
  {
    hand: "hedgehog with loop stitch",
    text: `Hedgehog

Abbreviations: lp st = loop stitch; worked on the wrong side.

Face and body (start with beige)
Rd 1: 4 sc in mr (4)
Rd 2: (1 sc, 1 inc) x 2 (6)
Rd 3: (1 sc, 1 inc) x 3 (9)
Rd 4: (2 sc, 1 inc) x 3 (12)
Rd 5: (3 sc, 1 inc) x 3 (15)
Change to brown
Rd 6: (4 lp st, 1 inc) x 3 (18)
Rd 7: (2 lp st, 1 inc) x 6 (24)
Rd 8-11: 24 lp st (24)
Rd 12: (2 lp st, 1 dec) x 6 (18)
Rd 13: (1 lp st, 1 dec) x 6 (12)
Stuff
Rd 14: 6 dec (6)

Feet x4 (beige)
Rd 1: 4 sc in mr (4)`,
    parts: [
      { name: "Face and body", counts: [4, 6, 9, 12, 15, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Feet", make: 4, counts: [4] },
    ],
  },
  {
    hand: "bell with clapper, odd totals",
    text: `Jingle bell ornament

Bell, gold
Rnd 1 - mr, 7 sc - 7 sts
Rnd 2 - inc all - 14 sts
Rnd 3 - 1 sc + inc, x7 - 21 sts
Rnd 4 - sc all - 21 sts
Rnd 5 - 2 sc + inc, x7 - 28 sts
Rnds 6 to 10 - sc all - 28 sts
Rnd 11 - 3 sc + inc, x7 - 35 sts
Rnd 12 - FLO, 4 sc + inc, x7 - 42 sts
Rnd 13 - sl st all - 42 sts

Clapper, red
Rnd 1 - mr, 6 sc - 6 sts
Rnd 2 - inc all - 12 sts
Rnd 3 - sc all - 12 sts
Rnd 4 - dec all - 6 sts
Ch 6 to hang it inside.`,
    parts: [
      { name: "Bell", counts: [7, 14, 21, 21, 28, 28, 28, 28, 28, 28, 35, 42, 42] },
      { name: "Clapper", counts: [6, 12, 12, 6] },
    ],
  },
  {
    hand: "ladybird, text paragraphs with rounds inline",
    text: `Ladybird. Body (red, one piece): Rnd 1: 6 sc in magic ring. Rnd 2: 2 sc in each (12). Rnd 3: *sc, 2 sc in next; rep from * (18). Rnd 4: *2 sc, 2 sc in next; rep from * (24). Rnds 5-6: sc around (24). Fasten off.

Base (black, one piece): Rnd 1: 6 sc in magic ring. Rnd 2: 2 sc in each (12). Rnd 3: *sc, 2 sc in next; rep from * (18). Rnd 4: *2 sc, 2 sc in next; rep from * (24). Fasten off, leave a long tail.

Head (black, one piece): Rnd 1: 6 sc in magic ring. Rnd 2: 2 sc in each (12). Rnd 3: sc around (12). Fasten off.`,
    parts: [
      { name: "Ladybird", counts: [6, 12, 18, 24, 24, 24] },
      { name: "Base", counts: [6, 12, 18, 24] },
      { name: "Head", counts: [6, 12, 12] },
    ],
  },
  {
    hand: "strawberry with seeds and leaf points",
    text: `Strawberry
Red
Rnd 1 6 sc in magic ring 6
Rnd 2 sc, inc x3 9
Rnd 3 2 sc, inc x3 12
Rnd 4 3 sc, inc x3 15
Rnd 5 4 sc, inc x3 18
Rnd 6 5 sc, inc x3 21
Rnd 7-8 sc around 21
Rnd 9 5 sc, dec x3 18
Rnd 10 sc, dec x6 12
stuff
Rnd 11 dec x6 6

Leaf, green
Rnd 1 5 sc in magic ring 5
Rnd 2 (ch 4, sl st in 2nd ch from hook, sc, hdc, sl st in next sc) x5`,
    parts: [
      { name: "Strawberry", counts: [6, 9, 12, 15, 18, 21, 21, 21, 18, 12, 6] },
      { name: "Leaf", counts: [5, 5] },
    ],
  },
  {
    hand: "llama neck continuing, 'for the next N rounds'",
    text: `Llama

Head & neck (cream):
Rnd 1: ch 4, 2 sc in 2nd ch from hook, 1 sc, 4 sc in last ch, on the other side 1 sc, 2 sc (10)
Rnd 2: 2 inc, 1 sc, 4 inc, 1 sc, 2 inc (18)
Rnd 3: sc around (18)
Rnd 4: sc around (18)
For the next 2 rounds: sc around (18)
Rnd 7: 6 dec, 6 sc (12)
Rnd 8 until rnd 15: sc around (12)
Fasten off, leaving a tail for sewing.

Body (cream):
Rnd 1: 6 sc in a magic ring (6)
Rnd 2: inc around (12)
Rnd 3: (sc, inc) around (18)
Rnd 4: (2 sc, inc) around (24)
Rnd 5 until rnd 12: sc around (24)
Rnd 13: (2 sc, dec) around (18)
Rnd 14: (sc, dec) around (12)
Rnd 15: dec around (6)

Legs, 4x (cream):
Rnd 1: 6 sc in a magic ring (6)
Rnd 2 until rnd 6: sc around (6)`,
    parts: [
      { name: "Head & neck", counts: [10, 18, 18, 18, 18, 18, 12, 12, 12, 12, 12, 12, 12, 12, 12] },
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Legs", make: 4, counts: [6, 6, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "carrot with ridges BLO FLO alternating",
    text: `Carrot
Work in a spiral from the tip with orange.
Round 1: 4 sc in a ring. 4
Round 2: sc in each. 4
Round 3: 2 sc in first, sc in rest. 5
Round 4: sc in each. 5
Round 5: 2 sc in first, sc in rest. 6
Round 6: BLO sc in each. 6
Round 7: [sc 1, 2 sc in next] x 3. 9
Round 8: sc in each. 9
Round 9: BLO sc in each. 9
Round 10: [sc 2, 2 sc in next] x 3. 12
Rounds 11, 12, 13: sc in each. 12
Stuff.
Round 14: sc2tog x 6. 6
Top: with green, join to the last round, [ch 10, sl st in same st, sl st in next st] x 3.`,
    parts: [{ name: "Carrot", counts: [4, 4, 5, 5, 6, 6, 9, 9, 9, 12, 12, 12, 12, 6] }],
  },
  {
    hand: "boat hull from oval UK",
    text: `Rowing boat (UK terms)

Hull: with blue make 9ch.
Rnd 1: 2dc in 2nd ch from hook, 1dc in each of next 6ch, 4dc in last ch, turn to work along the other side: 1dc in each of next 6ch, 2dc in last ch. 20 sts.
Rnd 2: 2dc in each of next 2 sts, 1dc in each of next 6 sts, 2dc in each of next 4 sts, 1dc in each of next 6 sts, 2dc in each of next 2 sts. 28 sts.
Rnd 3: working in back loops only, 1dc in each st. 28 sts.
Rnds 4-5: 1dc in each st. 28 sts.
Change to white.
Rnd 6: 1dc in each st. 28 sts. Fasten off.

Seat (make 2): with tan make 6ch.
Row 1: 1dc in 2nd ch from hook and in each ch to end, turn. 5 sts.
Row 2: 1ch, 1dc in each st. 5 sts. Fasten off.

Oar (make 2): with tan make 13ch, ss in 2nd ch from hook, ss in each of next 8ch, 1dc, 1htr, 1dc. 12 sts.`,
    parts: [
      { name: "Hull", counts: [20, 28, 28, 28, 28, 28] },
      { name: "Seat", make: 2, counts: [5, 5] },
      { name: "Oar", make: 2, counts: [12] },
    ],
  },
];
