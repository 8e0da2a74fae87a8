import type { Case } from "./case";

/**
 * Whole patterns as they come over the quay: sentences, tables, columns, ordinals, UK magazines. Each was
 * read once before anything was mended.
 */
export const HARBOUR: readonly Case[] = [
  {
    hand: "otis the otter – pocket size",
    text: `Otis the Otter – pocket size

You will need
• Sport weight cotton in walnut, cream and a bit of black
• 2.25 mm hook
• 6 mm safety eyes (2)
• toy stuffing, darning needle, stitch marker

This pattern is worked in a continuous spiral – do not join unless told to. Move your marker up as you go.

HEAD (walnut)
Round 1: Start with a magic ring and work 6 sc into it. [6 sts]
Round 2: Work 2 sc into every stitch. [12 sts]
Round 3: *Sc in the first stitch, inc in the next*. Repeat from * to * 6 times in total. [18 sts]
Round 4: *Sc in the first 2 stitches, inc in the next*. Repeat from * to * 6 times in total. [24 sts]
Round 5: *Sc in the first 3 stitches, inc in the next*. Repeat from * to * 6 times in total. [30 sts]
Rounds 6–10: Sc in every stitch. (5 rounds) [30 sts]
Place the eyes between rounds 8 and 9, leaving 5 stitches between them.
Round 11: *Sc in the first 3 stitches, dec over the next two*. Repeat from * to * 6 times in total. [24 sts]
Round 12: *Sc in the first 2 stitches, dec over the next two*. Repeat from * to * 6 times in total. [18 sts]
Stuff the head now, firmly.
Round 13: *Sc in the first stitch, dec over the next two*. Repeat from * to * 6 times in total. [12 sts]
Leave the opening open. Fasten off.

BODY (walnut)
Rounds 1–3: Work as for the head. [18 sts]
Rounds 4–11: Sc in every stitch. (8 rounds) [18 sts]
Round 12: *Sc in the first stitch, dec over the next two*. Repeat from * to * 6 times in total. [12 sts]
Fasten off and leave a tail of about 25 cm to sew the head on. Stuff.

TUMMY PATCH (cream)
Round 1: Start with a magic ring and work 6 sc into it. [6 sts]
Round 2: Work 2 sc into every stitch. [12 sts]
Slip stitch, fasten off, leave a tail.

ARMS (make 2, walnut)
Round 1: Start with a magic ring and work 6 sc into it. [6 sts]
Rounds 2–6: Sc in every stitch. (5 rounds) [6 sts]
Do not stuff.

TAIL (walnut)
Round 1: Start with a magic ring and work 5 sc into it. [5 sts]
Round 2: Work 2 sc into the first stitch, sc in the remaining 4. [6 sts]
Round 3: Sc in every stitch. [6 sts]
Round 4: Work 2 sc into the first stitch, sc in the remaining 5. [7 sts]
Rounds 5–8: Sc in every stitch. (4 rounds) [7 sts]`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "BODY", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 18, 18, 12] },
      { name: "TUMMY PATCH", counts: [6, 12] },
      { name: "ARMS", make: 2, counts: [6, 6, 6, 6, 6, 6] },
      { name: "TAIL", counts: [5, 6, 6, 7, 7, 7, 7, 7] },
    ],
  },
  {
    hand: "acorn ornament",
    text: `Acorn ornament
CAP
With brown: mc
1) 8 sc in mc. (8)
2) inc x8 (16)
3) (sc 1, inc) x8 (24)
4) (sc 2, inc) x8 (32)
5) sc (32)
6) sc (32)
7) sc (32)
f/o, leave tail.
NUT
With tan: mc
1) 6 sc in mc. (6)
2) (sc 1, inc) x3 (9)
3) (sc 2, inc) x3 (12)
4) (sc 1, inc) x6 (18)
5) (sc 2, inc) x6 (24)
6) (sc 3, inc) x6 (30)
7-12) sc (30)
stuff w/ fiberfill
13) (sc 3, dec) x6 (24)
14) (sc 2, dec) x6 (18)
15) (sc 1, dec) x6 (12)
16) dec x6 (6)
f/o and close.
LEAF - make two
With green: ch 9
Starting in the second chain from the hook: sl st, sc, hdc, dc 2, hdc, sc, and 3 sc in the last chain. Now down the other side: sc, hdc, dc 2, hdc, sc, sl st. (17)
f/o.`,
    parts: [
      { name: "CAP", counts: [8, 16, 24, 32, 32, 32, 32] },
      { name: "NUT", counts: [6, 9, 12, 18, 24, 30, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "LEAF", make: 2, counts: [17] },
    ],
  },
  {
    hand: "little whelk hermit",
    text: `Little Whelk Hermit
Shell:
Rnd 1. ch2, 4sc in 2nd ch from hook – 4 sts
Rnd 2. 1sc in each st around – 4 sts
Rnd 3. [1sc in next st, 2sc in next st] twice – 6 sts
Rnd 4. 1sc in each st around – 6 sts
Rnd 5. [1sc in next 2 sts, 2sc in next st] twice – 8 sts
Rnd 6. 1sc in each st around – 8 sts
Rnd 7. [1sc in next 3 sts, 2sc in next st] twice – 10 sts
Rnd 8. [1sc in next 4 sts, 2sc in next st] twice – 12 sts
Rnd 9. [1sc in next st, 2sc in next st] 6 times – 18 sts
Rnd 10. in back loops only: 1sc in each st around – 18 sts
Rnd 11. 1sc in each st around – 18 sts
Rnd 12. 1sc in next 9 sts, leave the remaining 9 sts unworked, ch 9, turn – 18 sts
Cut the yarn.

Claws (big one):
Rnd 1. ch2, 5sc in 2nd ch from hook – 5 sts
Rnd 2. 2sc in each st around – 10 sts
Rnd 3. 1sc in each st around – 10 sts
Rnd 4. [1sc in next 3 sts, sc2tog] twice – 8 sts
Rnd 5. [1sc in next 2 sts, sc2tog] twice – 6 sts
Claws (small one):
Rnd 1. ch2, 4sc in 2nd ch from hook – 4 sts
Rnd 2. 2sc in each st around – 8 sts
Rnd 3. [1sc in next 2 sts, sc2tog] twice – 6 sts`,
    parts: [
      { name: "Shell", counts: [4, 4, 6, 6, 8, 8, 10, 12, 18, 18, 18, 18] },
      { name: "Claws", counts: [5, 10, 10, 8, 6] },
      { name: "Claws", counts: [4, 8, 6] },
    ],
  },
  {
    hand: "crab!! (beginner friendly)",
    text: `Crab!! (beginner friendly)

**Body** — orange, worked bottom up
R1 6 sc in magic loop --> 6
R2 6x inc --> 12
R3 6x (1 sc, inc) --> 18
R4 6x (2 sc, inc) --> 24
R5 6x (3 sc, inc) --> 30
R6 to R9 30 sc --> 30
R10 6x (3 sc, dec) --> 24
R11 6x (2 sc, dec) --> 18
*pop the eyes in here: between R8 and R9, 6 stitches apart. stuff!!*
R12 6x (1 sc, dec) --> 12
R13 6x dec --> 6
Close.

**Claw** — orange, 2 pieces
R1 5 sc in magic loop --> 5
R2 5x inc --> 10
R3 10 sc --> 10
R4 5x dec --> 5
R5+R6 5 sc --> 5

**Legs** — orange, 6 pieces
ch 7, sl st in 2nd ch from hook and the next 5 --> 6`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Claw", make: 2, counts: [5, 10, 10, 5, 5, 5] },
      { name: "Legs", make: 6, counts: [6] },
    ],
  },
  {
    hand: "sleepy bee",
    text: `Sleepy Bee

Yarn A: yellow. Yarn B: brown. Yarn C: white.

With A, make 6 sc in a magic ring (6)
Rnd 2: with A, inc in each st (12)
Rnd 3: with A, (sc, inc) rep to end (18)
Rnd 4: with B, sc in each st (18)
Rnd 5: with B, (2 sc, inc) rep to end (24)
Rnd 6–7: with A, sc in each st (24)
Rnd 8–9: with B, sc in each st (24)
Rnd 10: with A, sc in each st (24)
Rnd 11: with A, (2 sc, dec) rep to end (18)
Rnd 12: with B, (sc, dec) rep to end (12)
Stuff.
Rnd 13: with B, dec to end (6)

Wings – with C, make 2
Make 6 sc in a magic ring (6)
Rnd 2: inc in each st (12)
Rnd 3: sc in each st (12)
Rnd 4: fold flat and crochet shut with 6 sc (6)`,
    parts: [
      { name: "Sleepy Bee", counts: [6, 12, 18, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [6, 12, 12, 6] },
    ],
  },
  {
    hand: "tiny teapot",
    text: `Tiny Teapot

Pot
Rnd 1: 8 sc in MC [8]
Rnd 2: inc around [16]
Rnd 3: [sc, inc] around [24]
Rnd 4: BLO: sc around [24]
Rnd 5: [sc in next 5, inc] around [28]
Rnd 6-9: sc around [28]
Rnd 10: [sc in next 5, dec] around [24]
Rnd 11: [sc, dec] around [16]
sl st in next st, finish off, weave in end.

Lid
Rnd 1: 6 sc in MC [6]
Rnd 2: inc around [12]
Rnd 3: [sc, inc] around [18]
Rnd 4: sc around, sl st to join [18]
Finish off leaving long end.

Knob
Rnd 1: 5 sc in MC [5]
Rnd 2: sc around [5]

Spout
Rnd 1: 5 sc in MC [5]
Rnd 2: inc in first st, sc in next 4 [6]
Rnd 3: inc in first st, sc in next 5 [7]
Rnd 4: sl st in next 3, hdc in next 4 [7]
Rnd 5: sc around [7]

Handle
Ch 11, sc in 2nd ch from hook and across [10]`,
    parts: [
      { name: "Pot", counts: [8, 16, 24, 24, 28, 28, 28, 28, 28, 24, 16] },
      { name: "Lid", counts: [6, 12, 18, 18] },
      { name: "Knob", counts: [5, 5] },
      { name: "Spout", counts: [5, 6, 7, 7, 7] },
      { name: "Handle", counts: [10] },
    ],
  },
  {
    hand: "penguin (ca. 6 cm)",
    text: `PENGUIN (ca. 6 cm)

Head & body:
1st rnd: 6 sc in magic ring
2nd rnd: double all sts = 12 sts
3rd rnd: double every 2nd st = 18 sts
4th rnd: double every 3rd st = 24 sts
5th–9th rnd: 1 sc in every st = 24 sts
10th rnd: crochet every 3rd and 4th st together = 18 sts
11th rnd: 1 sc in every st = 18 sts
12th rnd: double every 3rd st = 24 sts
13th–18th rnd: 1 sc in every st = 24 sts
Stuff with fibrefill, keep stuffing as you go
19th rnd: crochet every 3rd and 4th st together = 18 sts
20th rnd: crochet every 2nd and 3rd st together = 12 sts
21st rnd: crochet all sts together in pairs = 6 sts
Close the opening with the yarn end.

Flippers (2x):
1st rnd: 6 sc in magic ring
2nd rnd: double every 2nd st = 9 sts
3rd–6th rnd: 1 sc in every st = 9 sts
7th rnd: crochet every 2nd and 3rd st together = 6 sts

Beak:
1st rnd: 4 sc in magic ring
2nd rnd: double every 2nd st = 6 sts`,
    parts: [
      {
        name: "Head & body",
        counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 18, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6],
      },
      { name: "Flippers", make: 2, counts: [6, 9, 9, 9, 9, 9, 6] },
      { name: "Beak", counts: [4, 6] },
    ],
  },
  {
    hand: "xmas light bulb garland",
    text: `Xmas Light Bulb Garland

Bulb (make as many as you like, mine has 12)
Rnd 1: mr, 5sc (5)
Rnd 2: *sc, inc, sc, inc, sc* (7)
Rnd 3: *sc 2, inc, sc 3, inc* (9)
Rnd 4: *sc 2, inc* 3x (12)
Rnd 5: *sc 3, inc* 3x (15)
Rnds 6-9: sc all (15)
Rnd 10: *sc 3, dec* 3x (12)
Rnd 11: change to silver. BLO sc all (12)
Rnd 12: sc all (12)
Rnd 13: sc all (12)
stuff.
Rnd 14: BLO dec all (6)
FO. Sew shut. ch 10 for a loop.`,
    parts: [{ name: "Bulb", make: 12, counts: [5, 7, 9, 12, 15, 15, 15, 15, 15, 12, 12, 12, 12, 6] }],
  },
  {
    hand: "turtle in 30 minutes",
    text: `Turtle in 30 minutes

SHELL – green
MR
R1: sc x 6 (6)
R2: inc x 6 (12)
R3: sc, inc; repeat x 6 (18)
R4: sc x 2, inc; repeat x 6 (24)
R5: sc x 3, inc; repeat x 6 (30)
R6: BLO sc x 30 (30)
R7: sc x 30 (30)
R8: sc x 30 (30)
R9: FLO (sl st, ch 1) x 30 - this makes the rim (30)
FO

BELLY – tan
Repeat R1-R5 of shell. (30)
FO leaving 40 cm for sewing

HEAD – tan
MR
R1: sc x 6 (6)
R2: inc x 6 (12)
R3-R5: sc x 12 (12)
R6: dec x 3, sc x 6 (9)
FO, stuff

LEGS – tan (x 4)
MR
R1: sc x 6 (6)
R2-R3: sc x 6 (6)
FO`,
    parts: [
      { name: "SHELL", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30] },
      { name: "BELLY", counts: [6, 12, 18, 24, 30] },
      { name: "HEAD", counts: [6, 12, 12, 12, 12, 9] },
      { name: "LEGS", make: 4, counts: [6, 6, 6] },
    ],
  },
  {
    hand: "bunny, 7 cm",
    text: `BUNNY, 7 cm

X – single crochet
V – increase
A – decrease
SL – slip stitch
mr – magic ring

HEAD
1. mr 6X (6)
2. 6V (12)
3. (X, V)*6 (18)
4. (2X, V)*6 (24)
5. (3X, V)*6 (30)
6-9. 30X (30)
10. (3X, A)*6 (24)
11. (2X, A)*6 (18)
12. (X, A)*6 (12)
EARS 2 PCS
1. mr 6X (6)
2. (X, V)*3 (9)
3-8. 9X (9)
9. (X, A)*3 (6)
Fold in half, 3X through both sides (3)
BODY
1. mr 6X (6)
2. 6V (12)
3. (X, V)*6 (18)
4-7. 18X (18)
8. (X, A)*6 (12)
9. 12X, SL (12)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "EARS", make: 2, counts: [6, 9, 9, 9, 9, 9, 9, 9, 6, 3] },
      { name: "BODY", counts: [6, 12, 18, 18, 18, 18, 18, 12, 12] },
    ],
  },
  {
    hand: "hot air balloon",
    text: `Hot air balloon

Envelope. Colours: red (MC), sand (CC)
With MC, 6 sc in magic circle (6 st).
Rnd 2 – inc all around (12 st).
Rnd 3 – sc in first, inc in next, around (18 st).
Rnd 4 – sc in first 2, inc in next, around (24 st).
Rnd 5 – sc in first 3, inc in next, around (30 st).
Rnd 6 – even (30 st).
Switch to CC.
Rnd 7–8 – even (30 st).
Switch to MC.
Rnd 9–11 – even (30 st).
Rnd 12 – sc in first 3, dec, around (24 st).
Rnd 13 – even (24 st).
Rnd 14 – sc in first 2, dec, around (18 st).
Rnd 15 – even (18 st).
Rnd 16 – sc in first, dec, around (12 st).
Stuff it well. Close with a disc:
Disc. With CC, 6 sc in magic circle (6 st).
Rnd 2 – inc all around (12 st).

Basket. With sand, 6 sc in magic circle (6 st).
Rnd 2 – inc all around (12 st).
Rnd 3 – even, in back loops (12 st).
Rnd 4–5 – even (12 st).`,
    parts: [
      { name: "Hot air balloon", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 30, 24, 24, 18, 18, 12] },
      { name: "Disc", counts: [6, 12] },
      { name: "Basket", counts: [6, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "snail",
    text: `Snail

Foot (sand)
Chain 13.
Round 1: 1 sc in second chain from hook, 1 sc in each of the next 10 chains, 3 sc in the last chain. Continue along the other side of the chain: 1 sc in each of the next 10 chains, 2 sc in the last. (26)
Round 2: 2 sc in next stitch, 1 sc in each of next 10 stitches, 2 sc in each of next 3 stitches, 1 sc in each of next 10 stitches, 2 sc in each of next 2 stitches. (32)
Rounds 3-4: 1 sc in each stitch. (32)
Fasten off.

Shell (rust)
Round 1: 7 sc in magic ring. (7)
Round 2: 2 sc in each stitch. (14)
Round 3: (1 sc, 2 sc in next) x 7. (21)
Rounds 4-6: 1 sc in each. (21)
Round 7: (1 sc, sc2tog) x 7. (14)
Round 8: sc2tog x 7. (7)

Horns: make 2
Round 1: 4 sc in magic ring. (4)
Rounds 2-4: 1 sc in each. (4)`,
    parts: [
      { name: "Foot", counts: [26, 32, 32, 32] },
      { name: "Shell", counts: [7, 14, 21, 21, 21, 21, 14, 7] },
      { name: "Horns", make: 2, counts: [4, 4, 4, 4] },
    ],
  },
  {
    hand: "strawberry pin (uk terms)",
    text: `Strawberry pin (UK terms)

Fruit, in red double knitting:
Begin with 4 dc in a ring.
2nd round: (1 dc, 2 dc in next) twice. 6 sts
3rd round: 2 dc in each. 12 sts
4th round: 1 dc in each. 12 sts
5th round: (1 dc, 2 dc in next) 6 times. 18 sts
6th and 7th rounds: 1 dc in each. 18 sts
8th round: (2 dc, 2 dc in next) 6 times. 24 sts
9th round: 1 dc in each. 24 sts
10th round: (2 dc, dc2tog) 6 times. 18 sts
Stuff.
11th round: (1 dc, dc2tog) 6 times. 12 sts
12th round: dc2tog 6 times. 6 sts
Gather the last round and fasten off.

Calyx, in green:
Begin with 5 dc in a ring, ss to join.
Next round: (4 ch, ss in 2nd ch from hook, 1 dc, 1 htr, ss in next st of ring) 5 times.
Fasten off.`,
    parts: [
      { name: "Fruit", counts: [4, 6, 12, 12, 18, 18, 18, 24, 24, 18, 12, 6] },
      { name: "Calyx", counts: [5, 5] },
    ],
  },
  {
    hand: "round 1–3 are the same for all three chicks!",
    text: `Round 1–3 are the same for all three chicks!

Chick (yellow, make 3)
Rnd 1 - 6 sc in a MC
Rnd 2 - 2 sc in each sc
Rnd 3 - (1 sc, 2 sc in next sc) around
Rnd 4 - (2 sc, 2 sc in next sc) around
Rnd 5 - sc around
Rnd 6 - sc around
Rnd 7 - sc around
Rnd 8 - (2 sc, sc2tog) around
Rnd 9 - (sc, sc2tog) around
Stuff
Rnd 10 - sc2tog around
FO, weave the tail through the last 6 stitches and pull closed

Beak (orange, make 3)
Rnd 1 - 4 sc in a MC
Rnd 2 - (sc, 2 sc in next sc) twice
FO

Comb (red, make 3)
Ch 2, (3 dc, sl st) in 2nd ch from hook
FO`,
    parts: [
      { name: "Chick", make: 3, counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Beak", make: 3, counts: [4, 6] },
      { name: "Comb", make: 3, counts: [4] },
    ],
  },
  {
    hand: "gnome - quick make",
    text: `Gnome - quick make

Hat (R = red)
R-1: 4 sc into mr {4}
R-2: sc, inc, sc, inc {6}
R-3: sc {6}
R-4: (sc, inc)x3 {9}
R-5: sc {9}
R-6: (2sc, inc)x3 {12}
R-7: sc {12}
R-8: (3sc, inc)x3 {15}
R-9: (4sc, inc)x3 {18}
R-10: FLO (sc, inc)x9 {27}
slst, f.o.

Body (grey)
R-1: 6 sc into mr {6}
R-2: incx6 {12}
R-3: (sc, inc)x6 {18}
R-4: BLO sc {18}
R-5 to R-9: sc {18}
R-10: (sc, dec)x6 {12}
R-11: decx6 {6}
slst, f.o.

Nose (pink)
R-1: 5 sc into mr {5}
R-2: sc {5}
pull the tail so it makes a ball`,
    parts: [
      { name: "Hat", counts: [4, 6, 6, 9, 9, 12, 12, 15, 18, 27] },
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Nose", counts: [5, 5] },
    ],
  },
  {
    hand: "cupcake",
    text: `Cupcake

*** Cake ***
1st rnd: MC, ch 1, 6 sc into ring, sl st to join (6 sc)
2nd rnd: ch 1, 2 sc in each st, sl st to join (12 sc)
3rd rnd: ch 1, *1 sc, 2 sc in next; rep from * around, sl st to join (18 sc)
4th rnd: ch 1, *2 sc, 2 sc in next; rep from * around, sl st to join (24 sc)
5th rnd: ch 1, fpsc around, sl st to join (24 sc)
6th rnd: ch 1, sc around, sl st to join (24 sc)
7th rnd: ch 1, *3 sc, 2 sc in next; rep from * around, sl st to join (30 sc)
8th rnd: ch 1, sc around, sl st to join (30 sc)
Fasten off brown.

*** Icing ***
1st rnd: MC, ch 1, 6 sc into ring, sl st to join (6 sc)
2nd rnd: ch 1, 2 sc in each st, sl st to join (12 sc)
3rd rnd: ch 1, *1 sc, 2 sc in next; rep from * around, sl st to join (18 sc)
4th rnd: ch 1, *2 sc, 2 sc in next; rep from * around, sl st to join (24 sc)
5th rnd: ch 1, *3 sc, 2 sc in next; rep from * around, sl st to join (30 sc)
6th rnd: *skip 2, 5 dc in next st, skip 2, sl st in next; rep from * around (5 scallops)
Fasten off, leaving a long tail.

*** Cherry ***
1st rnd: MC, ch 1, 6 sc into ring (6 sc)
2nd rnd: 2 sc in each st (12 sc)
3rd rnd: sc around (12 sc)
4th rnd: sc2tog around (6 sc)`,
    parts: [
      { name: "Cake", counts: [6, 12, 18, 24, 24, 24, 30, 30] },
      { name: "Icing", counts: [6, 12, 18, 24, 30, 30] },
      { name: "Cherry", counts: [6, 12, 12, 6] },
    ],
  },
  {
    hand: "whale bookmark / flat",
    text: `Whale bookmark / flat

Body, worked in rows:
Row 1: ch 9, sc in 2nd ch from hook and in each ch across, turn. (8 sc)
Row 2: ch 1, sc in each st across, turn. (8 sc)
Row 3: ch 1, inc, sc in each st to last st, inc, turn. (10 sc)
Rows 4-7: ch 1, sc in each st across, turn. (10 sc)
Row 8: ch 1, dec, sc in each st to last 2 sts, dec, turn. (8 sc)
Row 9: ch 1, dec, sc 4, dec, turn. (6 sc)
Row 10: ch 1, dec 3 times. (3 sc)
Do not turn. Edging: sc evenly around the whole piece, 3 sc in each corner, join. Fasten off.

Tail, make 2:
Row 1: ch 4, sc in 2nd ch from hook, sc, sc, turn. (3 sc)
Row 2: ch 1, inc, sc, inc, turn. (5 sc)
Row 3: ch 1, sc across. (5 sc)`,
    parts: [
      { name: "Body", counts: [8, 8, 10, 10, 10, 10, 10, 8, 6, 3] },
      { name: "Tail", make: 2, counts: [3, 5, 5] },
    ],
  },
  {
    hand: "bat, about 5 cm wide",
    text: `Bat, about 5 cm wide

Body – black
Rnd 1: 6 sc in magic ring (6 sc).
Rnd 2: [2 sc in next st] 6 times (12 sc).
Rnd 3: [1 sc, 2 sc in next st] 6 times (18 sc).
Rnd 4: [2 sc, 2 sc in next st] 6 times (24 sc).
Rnds 5-8: 1 sc in each st (24 sc; 4 rounds).
Rnd 9: [2 sc, dec] 6 times (18 sc).
Insert 6 mm eyes between rnds 6 and 7, about 4 sts apart.
Rnd 10: [1 sc, dec] 6 times (12 sc). Stuff.
Rnd 11: [dec] 6 times (6 sc).
Fasten off, close hole, weave in end.

Ear – black; make two.
Rnd 1: 3 sc in magic ring (3 sc).
Rnd 2: [2 sc in next st] 3 times (6 sc).
Rnd 3: [2 sc, 2 sc in next st] twice (8 sc).
Fasten off, leave tail to sew.

Wing – black; make two.
Row 1: Ch 2, 2 sc in 2nd ch from hook (2 sc). Turn.
Row 2: Ch 1, 2 sc in first st, 1 sc (3 sc). Turn.
Row 3: Ch 1, 2 sc in first st, 2 sc (4 sc). Turn.
Row 4: Ch 1, 2 sc in first st, 3 sc (5 sc). Turn.
Row 5: Ch 1, 5 sc (5 sc). Turn.
Row 6: *Ch 2, sl st in 2nd ch from hook, sl st in next 2 sts; rep from * once, ch 2, sl st in 2nd ch from hook, sl st in last st.
Fasten off.`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Ear", make: 2, counts: [3, 6, 8] },
      { name: "Wing", make: 2, counts: [2, 3, 4, 5, 5, 5] },
    ],
  },
  {
    hand: "lighthouse keyring",
    text: `Lighthouse keyring
Size: 6.5 cm tall in sport cotton with a 2.5 mm hook.

TOWER
Foundation: with red, make a magic ring with 8 sc. Do not join. [8]
1: 2 sc in each [16]
2: BLO, sc in each [16]
3-4: sc in each [16]
change to white
5-7: sc in each [16]
change to red
8: (sc 6, dec) x 2 [14]
9-10: sc in each [14]
change to white
11: (sc 5, dec) x 2 [12]
12-13: sc in each [12]
fasten off, stuff

GALLERY (black)
Foundation: chain 18, join to a ring.
1: sc in each chain [18]
fasten off

LAMP ROOM (yellow)
Foundation: magic ring with 6 sc [6]
1: 2 sc in each [12]
2-3: sc in each [12]
fasten off

ROOF (red)
Foundation: magic ring with 4 sc [4]
1: 2 sc in each [8]
2: (sc 1, inc) x 4 [12]
3: (sc 3, inc) x 3 [15]
fasten off`,
    parts: [
      { name: "TOWER", counts: [8, 16, 16, 16, 16, 16, 16, 16, 14, 14, 14, 12, 12, 12] },
      { name: "GALLERY", counts: [18] },
      { name: "LAMP ROOM", counts: [6, 12, 12, 12] },
      { name: "ROOF", counts: [4, 8, 12, 15] },
    ],
  },
  {
    hand: "mouse in a teacup | level: easy | about 3 hours",
    text: `Mouse in a teacup | level: easy | about 3 hours

Mouse: head + body
R1  MR, 6 sc                     6
R2  (sc, inc) x3                 9
R3  sc around                    9
R4  (sc, inc) x4, sc            13
R5  (inc, 3 sc) x3, sc          16
R6  sc around                   16
R7  sc around                   16
R8  (2 sc, dec) x4              12
R9  sc around                   12
R10 (2 sc, inc) x4              16
R11 (3 sc, inc) x4              20
R12 sc around                   20
R13 sc around                   20
R14 sc around                   20
R15 (3 sc, dec) x4              16
R16 (2 sc, dec) x4              12
R17 dec x6                       6

Mouse: ears, 2
R1  MR, 6 sc                     6
R2  inc x6                      12

Mouse: tail
ch 20, sl st back along the chain (19)

Teacup
R1  MR, 6 sc                     6
R2  inc x6                      12
R3  (sc, inc) x6                18
R4  (2 sc, inc) x6              24
R5  BLO sc around               24
R6  (3 sc, inc) x6              30
R7  sc around                   30
R8  sc around                   30
R9  sl st around                30`,
    parts: [
      {
        name: "Mouse: head + body",
        counts: [6, 9, 9, 13, 16, 16, 16, 12, 12, 16, 20, 20, 20, 20, 16, 12, 6],
      },
      { name: "Mouse: ears", make: 2, counts: [6, 12] },
      { name: "Mouse: tail", counts: [19] },
      { name: "Teacup", counts: [6, 12, 18, 24, 24, 30, 30, 30, 30] },
    ],
  },
  {
    hand: "the little ghost",
    text: `THE LITTLE GHOST

Work with the white yarn and a 3 mm hook throughout. Everything is worked in rounds without closing them.

First, make a magic ring and crochet 6 single crochets into it (6). In the second round, crochet two single crochets in every stitch (12). For the third round, work one single crochet, then an increase, and repeat that six times (18). For the fourth round, work two single crochets, then an increase, and repeat that six times (24). Rounds five to eleven are plain: one single crochet in every stitch (24).

For the frill, round 12: [skip one stitch, 5 dc in the next stitch, skip one stitch, sl st in the next] six times (36).`,
    parts: [{ name: "LITTLE GHOST", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 36] }],
  },
  {
    hand: "robin christmas bauble",
    text: `ROBIN CHRISTMAS BAUBLE

Yarn: approx 12 g brown, 5 g red, 1 g yellow | Hook: 3.0 mm | Tension is not important, but keep stitches tight.

BODY
R1: 6sc in MR [6]
R2: 6inc [12]
R3: *1sc, 1inc* x6 [18]
R4: *1inc, 2sc* x6 [24]
R5: *3sc, 1inc* x6 [30]
R6: *2sc, 1inc, 2sc* x6 [36]
R7 - R9: 36sc [36]
R10: 12sc (brown), 12sc (red), 12sc (brown) [36]
R11: 11sc (brown), 14sc (red), 11sc (brown) [36]
R12: 11sc (brown), 14sc (red), 11sc (brown) [36]
R13: *2sc, 1dec, 2sc* x6 in brown [30]
R14: *3sc, 1dec* x6 [24]
R15: *1dec, 2sc* x6 [18]
Stuff.
R16: *1sc, 1dec* x6 [12]
R17: 6dec [6]

WINGS (make two, brown)
R1: 6sc in MR [6]
R2: *1sc, 1inc* x3 [9]
R3: 9sc [9]
R4: *2sc, 1inc* x3 [12]
R5: 12sc [12]
Fold wing. 6sc through both sides to close [6]

HANGING LOOP: ch 20, fasten off`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] },
      { name: "WINGS", make: 2, counts: [6, 9, 9, 12, 12, 6] },
      { name: "HANGING LOOP", counts: [0] },
    ],
  },
  {
    hand: "hedgehog from the hedge",
    text: `Hedgehog from the hedge

Terms: American. Stitches: sc, inc, dec, loop st (LS).

NOSE TO BACK
1st: Begin with a ring of 5 sc (5 sts)
2nd: sc round (5 sts)
3rd: inc round (10 sts)
4th: sc round (10 sts)
5th: *sc, inc* round (15 sts)
6th: sc round (15 sts)
7th: *2 sc, inc* round (20 sts)
8th: switch to brown, sc round (20 sts)
9th: LS round (20 sts)
10th: *3 sc, inc* round (25 sts)
11th: LS round (25 sts)
12th: sc round (25 sts)
13th: LS round (25 sts)
14th: *3 sc, dec* round (20 sts)
15th: LS round (20 sts)
16th: *2 sc, dec* round (15 sts)
Stuffing goes in now
17th: *sc, dec* round (10 sts)
18th: dec round (5 sts)

FEET, 4 of them
1st: Begin with a ring of 5 sc (5 sts)
2nd: sc round (5 sts)`,
    parts: [
      { name: "NOSE TO BACK", counts: [5, 5, 10, 10, 15, 15, 20, 20, 20, 25, 25, 25, 25, 20, 20, 15, 10, 5] },
      { name: "FEET", make: 4, counts: [5, 5] },
    ],
  },
  {
    hand: "pea pod with three peas",
    text: `Pea pod with three peas

Pea (x3) – light green
R1. 6 sc in MR. 6
R2. inc 6. 12
R3-4. sc 12. 12
R5. dec 6. 6
Stuff before the last round. FO.

Pod – dark green
Row 1. Ch 4. Sc in 2nd ch, sc 2. Ch 1, turn. 3
Row 2. Inc, sc, inc. Ch 1, turn. 5
Row 3. Inc, sc 3, inc. Ch 1, turn. 7
Rows 4-13. Sc 7. Ch 1, turn. 7
Row 14. Dec, sc 3, dec. Ch 1, turn. 5
Row 15. Dec, sc, dec. Ch 1, turn. 3
Row 16. Sc3tog. 1
Do not cut. Sc evenly along both long edges. FO.`,
    parts: [
      { name: "Pea", make: 3, counts: [6, 12, 12, 12, 6] },
      { name: "Pod", counts: [3, 5, 7, 7, 7, 7, 7, 7, 7, 7, 7, 7, 7, 5, 3, 1] },
    ],
  },
  {
    hand: "doll hat and scarf",
    text: `Doll hat and scarf

Hat
With lilac, ch 4, join with sl st to form ring.
Rnd 1: Ch 3 (counts as first dc), 11 dc in ring, join with sl st in top of beg ch-3. (12 dc)
Rnd 2: Ch 3, dc in same st, 2 dc in each st around, join. (24 dc)
Rnd 3: Ch 3, dc in next st, *2 dc in next st, dc in next 2 sts; rep from * around to last st, 2 dc in last st, join. (32 dc)
Rnds 4-5: Ch 3, dc in each st around, join. (32 dc)
Rnd 6: Ch 1, sc in each st around, join. (32 sc)
Fasten off.

Scarf
With lilac, ch 41.
Row 1: Sc in 2nd ch from hook and in each ch across. (40 sc)
Fasten off. Fringe: cut 8 pieces of yarn 6 cm long and knot 4 at each end.`,
    parts: [
      { name: "Hat", counts: [12, 24, 32, 32, 32, 32] },
      { name: "Scarf", counts: [40] },
    ],
  },
  {
    hand: "toadstool house",
    text: `** TOADSTOOL HOUSE **

= = = Roof = = =
(r1) magic ring 6 sc
(r2) 6 inc = 12
(r3) 6 (sc, inc) = 18
(r4) 6 (2 sc, inc) = 24
(r5) 6 (3 sc, inc) = 30
(r6) 6 (4 sc, inc) = 36
(r7)-(r10) 36 sc
(r11) BLO 6 (4 sc, dec) = 30
(r12) 6 (3 sc, dec) = 24
= = = House = = =
(r1) magic ring 6 sc
(r2) 6 inc = 12
(r3) 6 (sc, inc) = 18
(r4) 6 (2 sc, inc) = 24
(r5) BLO 24 sc
(r6)-(r12) 24 sc
= = = Door = = =
ch 5
(row 1) skip 1, 4 sc, turn
(row 2)-(row 5) ch 1, 4 sc, turn`,
    parts: [
      { name: "Roof", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24] },
      { name: "House", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24] },
      { name: "Door", counts: [4, 4, 4, 4, 4] },
    ],
  },
  {
    hand: "octopus – pocket friend (makes one)",
    text: `Octopus – pocket friend (makes one)

Head:
Rnd 1: Sc 6 in MC. (6 sc)
Rnd 2: Inc in each sc. (12 sc)
Rnd 3: *Inc, sc; repeat from * to end. (18 sc)
Rnd 4: *Inc, sc 2; repeat from * to end. (24 sc)
Rnd 5: *Inc, sc 3; repeat from * to end. (30 sc)
Rnds 6 to 11: Sc in each sc. (30 sc)
Rnd 12: *Dec, sc 3; repeat from * to end. (24 sc)
Rnd 13: *Dec, sc 2; repeat from * to end. (18 sc)
Rnd 14: Sc in each sc. (18 sc)

Tentacles: *ch 12, 2 sc in 2nd ch from hook and in each of the next 10 ch, sl st in the next 2 sc of rnd 14; repeat from * 7 more times, sl st in the last 2 sts. (8 tentacles)

Base:
Rnd 1: Sc 6 in MC. (6 sc)
Rnd 2: Inc in each sc. (12 sc)
Rnd 3: *Inc, sc; repeat from * to end. (18 sc)
Leave a long tail. Sew on.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 30, 24, 18, 18] },
      { name: "Tentacles", counts: [18], made: { ch: 96, sc: 176, slst: 18 } },
      { name: "Base", counts: [6, 12, 18] },
    ],
  },
  {
    hand: "kitten",
    text: `Kitten

HEAD: rnd 1 – 6 sc in MR; rnd 2 – inc x 6 (12); rnd 3 – (sc 1, inc) x 6 (18); rnd 4 – (sc 2, inc) x 6 (24); rnds 5-8 – sc (24); rnd 9 – (sc 2, dec) x 6 (18); rnd 10 – (sc 1, dec) x 6 (12); stuff; rnd 11 – dec x 6 (6).
EAR (2): rnd 1 – 4 sc in MR; rnd 2 – (sc 1, inc) x 2 (6); rnd 3 – (sc 2, inc) x 2 (8).
BODY: rnd 1 – 6 sc in MR; rnd 2 – inc x 6 (12); rnd 3 – (sc 3, inc) x 3 (15); rnds 4-7 – sc (15); rnd 8 – (sc 3, dec) x 3 (12).
LEG (4): rnd 1 – 6 sc in MR; rnds 2-4 – sc (6).
TAIL: ch 12, sc in 2nd ch from hook and each ch (11).`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "EAR", make: 2, counts: [4, 6, 8] },
      { name: "BODY", counts: [6, 12, 15, 15, 15, 15, 15, 12] },
      { name: "LEG", make: 4, counts: [6, 6, 6, 6] },
      { name: "TAIL", counts: [11] },
    ],
  },
  {
    hand: "sailboat",
    text: `Sailboat

Hull (blue)
Ch 8
R1: Sc in the 2nd ch from the hook, sc 5, sc 3 in the last ch, (other side) sc 5, sc 2 in the last (16)
R2: Inc 1, sc 5, inc 3, sc 5, inc 2 (22)
R3: In BLO: sc 22 (22)
R4-5: Sc 22 (22)
R6: Sl st 22

Sail (white)
Ch 11
R1: Sc 10 (10), turn
R2: Dec, sc 8 (9), turn
R3: Sc 7, dec (8), turn
R4: Dec, sc 6 (7), turn
R5: Sc 5, dec (6), turn
R6: Dec, sc 4 (5), turn
R7: Sc 3, dec (4), turn
R8: Dec, sc 2 (3), turn
R9: Sc 1, dec (2), turn
R10: Dec (1)`,
    parts: [
      { name: "Hull", counts: [16, 22, 22, 22, 22, 22] },
      { name: "Sail", counts: [10, 9, 8, 7, 6, 5, 4, 3, 2, 1] },
    ],
  },
  {
    hand: "puffin chick",
    text: `Puffin chick

Materials: grey 4ply (about 10 g), scraps of white and orange; 2 mm hook; 4 mm beads for eyes.
Gauge is not critical.

Body & head (grey). Start at the bottom.
Rnd 1 (RS): 6 sc in magic loop.
Rnd 2: 2 sc in each st. – 12
Rnd 3: *1 sc, 2 sc in next st; rep from * to end. – 18
Rnd 4: *2 sc, 2 sc in next st; rep from * to end. – 24
Rnds 5–9: sc to end.
Rnd 10: *2 sc, dec; rep from * to end. – 18
Rnds 11 & 12: sc to end.
Rnd 13: *2 sc, 2 sc in next st; rep from * to end. – 24
Rnds 14–17: sc to end.
Rnd 18: *2 sc, dec; rep from * to end. – 18
Stuff body and head.
Rnd 19: *1 sc, dec; rep from * to end. – 12
Rnd 20: dec to end. – 6
Break yarn, gather sts.

Face (white; make 2 discs)
Rnd 1: 6 sc in magic loop.
Rnd 2: 2 sc in each st. – 12

Wings (grey; 2)
Row 1: 4 ch, 1 sc in 2nd ch from hook, 2 sc, turn. – 3
Row 2: 1 ch, 2 sc in first st, 1 sc, 2 sc in last st, turn. – 5
Rows 3–6: 1 ch, 5 sc, turn.
Row 7: 1 ch, dec, 1 sc, dec, turn. – 3
Row 8: 1 ch, sc3tog. – 1

Feet (orange; 2)
4 ch, (1 sc, 1 hdc, 1 sc) in 2nd ch from hook, sl st in next 2 ch.`,
    parts: [
      {
        name: "Body & head",
        counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 18, 18, 24, 24, 24, 24, 24, 18, 12, 6],
      },
      { name: "Face", make: 2, counts: [6, 12] },
      { name: "Wings", make: 2, counts: [3, 5, 5, 5, 5, 5, 3, 1] },
      { name: "Feet", make: 2, counts: [5] },
    ],
  },
  {
    hand: "sheep – grazing",
    text: `Sheep – grazing

Written in British terms.
The fleece is worked in loop stitch [lp st]; if you can't do it, work dc.

BODY (cream)
Rnd 1: 2ch, 6dc in 2nd ch from hook. [6]
Rnd 2: 2dc in each dc. [12]
Rnd 3: (1dc, 2dc in next dc) 6 times. [18]
Rnd 4: (2dc, 2dc in next dc) 6 times. [24]
Rnd 5: dc around.
Rnd 6: lp st around. [24]
Rnd 7: dc around. [24]
Rnd 8: lp st around. [24]
Rnd 9: (2dc, dc2tog) 6 times. [18]
Rnd 10: (1dc, dc2tog) 6 times. [12] Stuff firmly.
Rnd 11: dc2tog 6 times. [6]

HEAD (black)
Rnd 1: 2ch, 6dc in 2nd ch from hook. [6]
Rnd 2: (1dc, 2dc in next dc) 3 times. [9]
Rnd 3: dc around. [9]
Rnd 4: (2dc, 2dc in next dc) 3 times. [12]
Rnds 5 and 6: dc around. [12]
Rnd 7: dc2tog 6 times. [6]

EARS (black, make 2)
3ch, 1htr in 2nd ch from hook, ss in last ch. Fasten off.

LEGS (black, make 4)
Rnd 1: 2ch, 5dc in 2nd ch from hook. [5]
Rnds 2-4: dc around. [5]`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "HEAD", counts: [6, 9, 9, 12, 12, 12, 6] },
      { name: "EARS", make: 2, counts: [2] },
      { name: "LEGS", make: 4, counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "bee skep (hive)",
    text: `Bee skep (hive)

[ yarn: honey, dark honey · hook: 2.5 ]

Row/Rnd – Instruction – Total
1 – magic ring, 6 sc – 6
2 – inc in each – 12
3 – (sc, inc) × 6 – 18
4 – BLO: sc in each – 18
5 – (2 sc, inc) × 6 – 24
6 – BLO: sc in each – 24
7 – (3 sc, inc) × 6 – 30
8 – BLO: sc in each – 30
9–12 – sc in each – 30
13 – sc in 13, ch 4, skip 4, sc in 13 – 30
14 – sc in each st and ch – 30

Bottom
1 – magic ring, 6 sc – 6
2 – inc in each – 12
3 – (sc, inc) × 6 – 18
4 – (2 sc, inc) × 6 – 24
5 – (3 sc, inc) × 6 – 30`,
    parts: [
      { name: "Bee skep", counts: [6, 12, 18, 18, 24, 24, 30, 30, 30, 30, 30, 30, 30, 30] },
      { name: "Bottom", counts: [6, 12, 18, 24, 30] },
    ],
  },
  {
    hand: "reindeer brooch",
    text: `Reindeer brooch

Head - make 1 in fawn:
MR.
1. 6 sc. (6)
2. 2 sc in each st. (12)
3. 1 sc in each st. (12)
4. *1 sc, 2 sc in next*, rep. (18)
5.-7. 1 sc in each st. (18)
8. *1 sc, dec*, rep. (12)
9. dec, rep. (6)

Antlers - make 2 in brown:
ch 8. Sl st in 2nd ch, and next 2 ch; ch 4, sl st in 2nd ch and next 2 ch; sl st in last 4 ch of the base. (10 sl sts)

Nose - make 1 in red:
MR.
1. 5 sc. (5)
2. 1 sc in each st. (5)

Ears - make 2 in fawn:
MR.
1. 4 sc. (4)
2. *1 sc, 2 sc in next*, rep. (6)
3. 1 sc in each st. (6)`,
    parts: [
      { name: "Head", counts: [6, 12, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Antlers", make: 2, counts: [10] },
      { name: "Nose", counts: [5, 5] },
      { name: "Ears", make: 2, counts: [4, 6, 6] },
    ],
  },
  {
    hand: "fish biscuit",
    text: `Fish biscuit

Body
Round 1: Using C1, make 6 sc in MR. 6 sts.
Round 2: *Inc 1, sc 1* ×3. 9 sts.
Round 3: Sc each st. 9 sts.
Round 4: *Inc 1, sc 2* ×3. 12 sts.
Round 5: C2. Sc each st. 12 sts.
Round 6: *Inc 1, sc 3* ×3. 15 sts.
Round 7: C1. Sc each st. 15 sts.
Round 8: C2. Sc each st. 15 sts.
Round 9: C1. *Dec 1, sc 3* ×3. 12 sts.
Round 10: C2. *Dec 1, sc 2* ×3. 9 sts.
Fill it.
Round 11: C1. *Dec 1, sc 1* ×3. 6 sts.
Tail
Round 12: Inc ×6. 12 sts.
Round 13: Flatten. Sc through both layers ×6. 6 sts.
Round 14: Ch 2, turn. 2 dc in each st. 12 sts.`,
    parts: [
      { name: "Body", counts: [6, 9, 9, 12, 12, 15, 15, 15, 12, 9, 6] },
      { name: "Tail", counts: [12, 6, 12] },
    ],
  },
  {
    hand: "frog, sitting – about 60 mm",
    text: `Frog, sitting – about 60 mm

Note: sc4 means 1 sc in each of next 4 sts. inc3 means an inc in each of next 3.

Head
rd 1  sc6 in ring  6
rd 2  inc6  12
rd 3  sc3, inc3, sc3, inc3  18
rd 4  sc3, (sc1, inc1)x3, sc3, (sc1, inc1)x3  24
rd 5-8  sc24  24
rd 9  (sc2, dec1)x6  18
rd 10  (sc1, dec1)x6  12

Eyes, make 2
rd 1  sc6 in ring  6
rd 2  sc6  6

Body
rd 1  sc6 in ring  6
rd 2  inc6  12
rd 3  (sc1, inc1)x6  18
rd 4-6  sc18  18
rd 7  (sc1, dec1)x6  12

Front legs, make 2
rd 1  sc5 in ring  5
rd 2-6  sc5  5
Back legs, make 2
rd 1  sc6 in ring  6
rd 2  inc6  12
rd 3  sc12  12
rd 4  dec6  6
rd 5-8  sc6  6`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12] },
      { name: "Eyes", make: 2, counts: [6, 6] },
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 12] },
      { name: "Front legs", make: 2, counts: [5, 5, 5, 5, 5, 5] },
      { name: "Back legs", make: 2, counts: [6, 12, 12, 6, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "small basket with handles",
    text: `Small basket with handles

Base
Ch 4, sl st to form a ring.
Rnd 1: Ch 1, 8 sc in ring. Join with sl st to first sc. (8)
Rnd 2: Ch 1, 2 sc in each sc. Join. (16)
Rnd 3: Ch 1, *sc in next sc, 2 sc in next sc; repeat from * around. Join. (24)
Rnd 4: Ch 1, *sc in next 2 sc, 2 sc in next sc; repeat from * around. Join. (32)
Sides
Rnd 5: Ch 1, working in back loops only, sc in each sc around. Join. (32)
Rnds 6-9: Ch 1, sc in each sc around. Join. (32)
Rnd 10: Ch 1, sc in next 5 sc, ch 6, skip 6 sc, sc in next 10 sc, ch 6, skip 6 sc, sc in last 5 sc. Join. (20 sc + 2 handles)
Rnd 11: Ch 1, sc in next 5 sc, 6 sc in ch-6 sp, sc in next 10 sc, 6 sc in ch-6 sp, sc in last 5 sc. Join. (32)
Rnd 12: Ch 1, sl st loosely in each st around. (32)
Fasten off and weave in ends.`,
    parts: [
      { name: "Base", counts: [8, 16, 24, 32] },
      { name: "Sides", counts: [32, 32, 32, 32, 32, 20, 32, 32] },
    ],
  },
  {
    hand: "seahorse charm",
    text: `Seahorse charm
(fingering cotton, 1.75 mm hook)

Worked in one piece from snout to tail.

Rnd 1. Magic ring, ch1, 4 sc into ring. Don't join. (4)
Rnd 2. Sc in each st around. (4)
Rnd 3. 2 sc in first st, sc in next 3 sts. (5)
Rnd 4. 2 sc in each of first 3 sts, sc in last 2 sts. (8)
Rnd 5. Sc in next 2, 2 sc in each of next 4, sc in last 2. (12)
Rnd 6. Sc in each st around. (12)
Rnd 7. Sc in next 2, [sc2tog] 4 times, sc in last 2. (8)
Neck:
Rnd 8. Sc in each st around. (8)
Rnd 9. Sc in next 3, 2 sc in each of next 2, sc in last 3. (10)
Rnd 10. Sc in next 4, 2 sc in each of next 2, sc in last 4. (12)
Rnds 11-13. Sc in each st around. (12)
Add stuffing as you go from here.
Rnd 14. Sc in next 4, [sc2tog] twice, sc in last 4. (10)
Rnd 15. Sc in next 3, [sc2tog] twice, sc in last 3. (8)
Rnd 16. Sc in each st around. (8)
Rnd 17. [Sc in next 2, sc2tog] twice. (6)
Rnds 18-25. Sc in each st around. (6)
Rnd 26. [Sc, sc2tog] twice. (4)
Fasten off; run tail through last 4 sts.

Fin: Ch 5. Hdc in 3rd ch from hook, dc in next ch, tr in last ch. Fasten off.`,
    parts: [
      { name: "Seahorse charm", counts: [4, 4, 5, 8, 12, 12, 8] },
      { name: "Neck", counts: [8, 10, 12, 12, 12, 12, 10, 8, 8, 6, 6, 6, 6, 6, 6, 6, 6, 6, 4] },
      { name: "Fin", counts: [3] },
    ],
  },
  {
    hand: "bonnie the bobble sheep",
    text: `Bonnie the bobble sheep

body: white. bobble = 5 dc together in the same stitch. (bo)
R1: 6 sc MR
R2: 6 inc (12)
R3: sc 1, inc 1 repeat (18)
R4: (sc 1, bo 1) repeat (18)
R5: sc 2, inc 1 repeat (24)
R6: (bo 1, sc 1) repeat (24)
R7: sc (24)
R8: (sc 1, bo 1) repeat (24)
R9: sc 2, dec 1 repeat (18)
R10: sc 1, dec 1 repeat (12)
R11: dec 6 (6)

head: black
R1: 6 sc MR
R2: 6 inc (12)
R3-R5: sc (12)
R6: dec 6 (6)

legs: black, x4
R1: 4 sc MR
R2-R3: sc (4)`,
    parts: [
      { name: "body", counts: [6, 12, 18, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "head", counts: [6, 12, 12, 12, 12, 6] },
      { name: "legs", make: 4, counts: [4, 4, 4] },
    ],
  },
  {
    hand: "cheeky monkey",
    text: `CHEEKY MONKEY

HEAD in BROWN
With 2.5 mm hook make a magic ring
rnd 1 6 sc
rnd 2 12 sc (2 in each)
rnd 3 18 sc (2 in every 2nd)
rnd 4 24 sc (2 in every 3rd)
rnd 5-8 24 sc
rnd 9 18 sc (tog every 3rd & 4th)
rnd 10 12 sc (tog every 2nd & 3rd)

MUZZLE in BEIGE
magic ring
rnd 1 6 sc
rnd 2 12 sc (2 in each)
rnd 3 12 sc

EARS in BEIGE - 2x
magic ring
rnd 1 6 sc
rnd 2 12 sc (2 in each)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12] },
      { name: "MUZZLE", counts: [6, 12, 12] },
      { name: "EARS", make: 2, counts: [6, 12] },
    ],
  },
  {
    hand: "rainbow cloud baby mobile part",
    text: `Rainbow cloud baby mobile part

Rainbow (worked flat, one colour per row)
Red: ch 31. Row 1: sc in 2nd ch from hook and in each ch across (30). Ch 1, turn.
Orange: Row 2: *sc 8, dec* 3 times (27). Ch 1, turn.
Yellow: Row 3: sc across (27). Ch 1, turn.
Green: Row 4: *sc 7, dec* 3 times (24). Ch 1, turn.
Blue: Row 5: sc across (24). Ch 1, turn.
Violet: Row 6: *sc 6, dec* 3 times (21). Fasten off.

Raindrop (blue, make 6)
Rnd 1: 4 sc in MR (4)
Rnd 2: *sc 1, inc* twice (6)
Rnd 3: *sc 1, inc* 3 times (9)
Rnd 4: *sc 2, inc* 3 times (12)
Rnd 5: sc around (12)
Rnd 6: *sc 1, dec* 4 times (8)
Rnd 7: *dec* 4 times (4)`,
    parts: [
      { name: "Rainbow", counts: [30, 27, 27, 24, 24, 21] },
      { name: "Raindrop", make: 6, counts: [4, 6, 9, 12, 12, 8, 4] },
    ],
  },
  {
    hand: "button mushroom pincushion",
    text: `Button mushroom pincushion

CAP, red. Begin: MR
R1 » sc x6 » 6
R2 » inc x6 » 12
R3 » [sc, inc] x6 » 18
R4 » [sc x2, inc] x6 » 24
R5 » [sc x3, inc] x6 » 30
R6–R8 » sc x30 » 30
R9 » [sc x3, dec] x6 » 24

GILLS, white. Begin: MR
R1 » sc x6 » 6
R2 » inc x6 » 12
R3 » [sc, inc] x6 » 18
R4 » [sc x2, inc] x6 » 24

STEM, white. Begin: MR
R1 » sc x6 » 6
R2 » inc x6 » 12
R3 » BLO sc x12 » 12
R4–R7 » sc x12 » 12`,
    parts: [
      { name: "CAP", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24] },
      { name: "GILLS", counts: [6, 12, 18, 24] },
      { name: "STEM", counts: [6, 12, 12, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "mole in a hole",
    text: `Mole in a hole

I used: Dark brown (A), Pink (B), Grass green (C).

Mole with A
Make an adjustable ring.
Round 1 - Work 6 dc into ring. 6 dc.
Round 2 - *Inc in next st; rep from * to end. 12 dc.
Round 3 - *1 dc, inc in next st; rep from * to end. 18 dc.
Rounds 4 to 8 - Dc to end. 18 dc.
Round 9 - *1 dc, dec; rep from * to end. 12 dc.
Stuff.
Round 10 - *Dec; rep from * to end. 6 dc.

Nose with B
Make an adjustable ring.
Round 1 - Work 5 dc into ring. 5 dc.
Round 2 - Dc to end. 5 dc.

Paws with B (make 2)
Make an adjustable ring.
Round 1 - Work 6 dc into ring, ss in first dc. 6 dc.

Hill with C
Make an adjustable ring.
Round 1 - Work 8 dc into ring. 8 dc.
Round 2 - *Inc in next st; rep from * to end. 16 dc.
Round 3 - *1 dc, inc in next st; rep from * to end. 24 dc.
Round 4 - *(1 dc, 3 ch, 1 dc) in next st, 1 dc; rep from * to end. 36 dc.`,
    parts: [
      { name: "Mole", counts: [6, 12, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Nose", counts: [5, 5] },
      { name: "Paws", make: 2, counts: [6] },
      { name: "Hill", counts: [8, 16, 24, 36] },
    ],
  },
  {
    hand: "kite tail bows",
    text: `Kite tail bows

Bow [10 needed]
R1 ch 9. In 2nd ch from hook: sc. Then sc 7 more (8).
R2 - R5 ch 1, turn. sc 8 (8).
Fasten off. Wrap middle with yarn 5 times.

Line
Ch 150 with kitchen twine.`,
    parts: [
      { name: "Bow", make: 10, counts: [8, 8, 8, 8, 8] },
      { name: "Line", counts: [0] },
    ],
  },
  {
    hand: "pip the pigeon",
    text: `PIP THE PIGEON

MATERIALS
1 x 25 g ball of 4-ply in Slate (MC), oddments in White (A) and Coral (B)
2.5mm (UK 12) crochet hook
Toy filling. 2 x 5mm toy eyes.
TENSION
6 dc and 7 rounds to 2.5 cm.
ABBREVIATIONS
dc double crochet; dc2tog work 2 dc together; ss slip stitch; st(s) stitch(es); htr half treble.
NOTE: Mark the first stitch of each round.

BODY
With MC, make a magic loop.
Round 1 Into the loop work 6 dc. 6 sts.
Round 2 2 dc in each st. 12 sts.
Round 3 [1 dc in next st, 2 dc in next st] six times. 18 sts.
Round 4 [1 dc in next 2 sts, 2 dc in next st] six times. 24 sts.
Round 5 [1 dc in next 3 sts, 2 dc in next st] six times. 30 sts.
Rounds 6 to 11 1 dc in each st.
Round 12 [1 dc in next 3 sts, dc2tog] six times. 24 sts.
Round 13 [1 dc in next 2 sts, dc2tog] six times. 18 sts.
Rounds 14 and 15 1 dc in each st.
Stuff body.
Round 16 [1 dc in next st, dc2tog] six times. 12 sts.
Round 17 [dc2tog] six times. 6 sts.
Fasten off.

WINGS (make 2)
With MC, make a magic loop.
Round 1 Into the loop work 5 dc. 5 sts.
Round 2 2 dc in each st. 10 sts.
Rounds 3 to 5 1 dc in each st.
Round 6 [1 dc in next 3 sts, dc2tog] twice. 8 sts.
Round 7 [1 dc in next 2 sts, dc2tog] twice. 6 sts.
Fasten off.

BEAK
With B, make 4 ch.
Row 1 1 dc in 2nd ch from hook, 1 htr in next ch, 1 dc in last ch. 3 sts.
Fasten off.

TO MAKE UP
Sew wings to sides of body over rounds 8 to 12. Sew on beak.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 30, 24, 18, 18, 18, 12, 6] },
      { name: "WINGS", make: 2, counts: [5, 10, 10, 10, 10, 8, 6] },
      { name: "BEAK", counts: [3] },
    ],
  },
  {
    hand: "chunky snowman ornament",
    text: `Chunky Snowman Ornament

Snowman's Body and Head:
*with white*
~ 6 sc in MR (6)
~ inc around (12)
~ *sc, inc* around (18)
~ *2 sc, inc* around (24)
~ sc around for 4 rounds (24)
~ *2 sc, dec* around (18)
~ *sc, dec* around (12)
~ *sc, inc* around (18)
~ sc around for 3 rounds (18)
~ *sc, dec* around (12)
~ dec around (6)

Snowman's Scarf:
*with red*
~ ch 40, hdc in 3rd ch from hook and in each ch across (38)

Snowman's Nose:
*with orange*
~ 4 sc in MR (4)
~ sc around (4)`,
    parts: [
      {
        name: "Snowman's Body and Head",
        counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 18, 18, 18, 18, 12, 6],
      },
      { name: "Snowman's Scarf", counts: [38] },
      { name: "Snowman's Nose", counts: [4, 4] },
    ],
  },
  {
    hand: "kawaii toast",
    text: `Kawaii Toast

Front & back (make 2, cream)
Row 1: ch 11, 10 sc starting from second chain. (10)
Row 2-8: ch1 & turn, 10 sc. (10)
Row 9: ch1 & turn, inc, 8 sc, inc. (12)
Row 10: ch1 & turn, 12 sc. (12)
Row 11: ch1 & turn, dec, 8 sc, dec. (10)
Finish off.

Crust (brown): ch 4
Row 1: 3 sc starting from second chain. (3)
Row 2-44: ch1 & turn, 3 sc. (3)
Finish off, leave a long tail for sewing.`,
    parts: [
      { name: "Front & back", make: 2, counts: [10, 10, 10, 10, 10, 10, 10, 10, 12, 12, 10] },
      {
        name: "Crust",
        counts: [
          3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3,
          3, 3, 3, 3, 3, 3, 3, 3, 3, 3, 3,
        ],
      },
    ],
  },
  {
    hand: "the matchbox bear — 45 mm",
    text: `The Matchbox Bear  —  45 mm

★ HEAD ★ (honey)
(1) 5 sc in a magic ring. [5]
(2) 2 sc in each. [10]
(3) 1 sc, 2 sc in next, all around. [15]
(4) 2 sc, 2 sc in next, all around. [20]
(5)–(7) 1 sc in each. [20]
(8) 2 sc, sc2tog, all around. [15]
(9) 1 sc, sc2tog, all around. [10]
(10) sc2tog, all around. [5]

★ BODY ★ (honey)
(1) 5 sc in a magic ring. [5]
(2) 2 sc in each. [10]
(3) 1 sc, 2 sc in next, all around. [15]
(4)–(6) 1 sc in each. [15]
(7) 1 sc, sc2tog, all around. [10]

★ EARS ★ (honey, two)
(1) 5 sc in a magic ring, do not close into a circle. [5]

★ ARMS ★ (honey, two)
(1) 4 sc in a magic ring. [4]
(2)–(5) 1 sc in each. [4]

★ LEGS ★ (honey, two)
(1) 5 sc in a magic ring. [5]
(2)–(4) 1 sc in each. [5]`,
    parts: [
      { name: "HEAD", counts: [5, 10, 15, 20, 20, 20, 20, 15, 10, 5] },
      { name: "BODY", counts: [5, 10, 15, 15, 15, 15, 10] },
      { name: "EARS", make: 2, counts: [5] },
      { name: "ARMS", make: 2, counts: [4, 4, 4, 4, 4] },
      { name: "LEGS", make: 2, counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "egg-shaped chick with evenly spaced shaping",
    text: `Egg-shaped chick with evenly spaced shaping

Round 1 (6): magic ring, 6 sc
Round 2 (12): inc in every stitch
Round 3 (18): increase 6 times evenly spaced
Round 4 (24): increase 6 times evenly spaced
Rounds 5-8 (24): work even
Round 9 (20): decrease 4 times evenly spaced
Round 10 (20): work even
Round 11 (15): decrease 5 times evenly spaced
Round 12 (10): decrease 5 times evenly spaced
Round 13 (5): decrease all the way round

Wings, 2 alike
Round 1 (6): magic ring, 6 sc
Round 2 (8): increase 2 times
Round 3 (8): work even`,
    parts: [
      { name: "Egg-shaped chick", counts: [6, 12, 18, 24, 24, 24, 24, 24, 20, 20, 15, 10, 5] },
      { name: "Wings", make: 2, counts: [6, 8, 8] },
    ],
  },
  {
    hand: "rabbit in a hat - amigurumi finger puppet",
    text: `Rabbit in a Hat - amigurumi finger puppet

RABBIT
Rnd 1: 5 sc in MR [5 sc]
Rnd 2: 2 sc each [10 sc]
Rnd 3: 1 sc, 2 sc in next, repeat [15 sc]
Rnd 4-7: 1 sc each [15 sc]
Rnd 8: 1 sc, dec, repeat [10 sc]
Stuff the head only.
Rnd 9: 1 sc, 2 sc in next, repeat [15 sc]
Rnd 10-16: 1 sc each [15 sc]
Fasten off, leave open for the finger.

RABBIT EAR [x2]
Rnd 1: 4 sc in MR [4 sc]
Rnd 2: 1 sc, 2 sc in next, repeat [6 sc]
Rnd 3-7: 1 sc each [6 sc]

HAT
Rnd 1: 6 sc in MR [6 sc]
Rnd 2: 2 sc each [12 sc]
Rnd 3: BL only, 1 sc each [12 sc]
Rnd 4-5: 1 sc each [12 sc]
Rnd 6: FL only, 2 sc each [24 sc]
Rnd 7: sl st each [24 sl st]`,
    parts: [
      { name: "RABBIT", counts: [5, 10, 15, 15, 15, 15, 15, 10, 15, 15, 15, 15, 15, 15, 15, 15] },
      { name: "RABBIT EAR", make: 2, counts: [4, 6, 6, 6, 6, 6, 6] },
      { name: "HAT", counts: [6, 12, 12, 12, 12, 24, 24] },
    ],
  },
  {
    hand: "walrus (sport weight, e hook)",
    text: `WALRUS (sport weight, E hook)

Body: brown
Round 1: (6 sc) in magic ring
Round 2: (2 sc in next st) x 6 — 12 sc
Round 3: (sc in next st, 2 sc in next st) x 6 — 18 sc
Round 4: (sc in next 2 sts, 2 sc in next st) x 6 — 24 sc
Round 5: (sc in next 3 sts, 2 sc in next st) x 6 — 30 sc
Rounds 6 thru 10: sc in each st — 30 sc
Round 11: sc in next 10 sts, (dec) x 5, sc in next 10 sts — 25 sc
Round 12: sc in each st — 25 sc
Round 13: sc in next 5 sts, (dec, sc in next st) x 5, sc in next 5 sts — 20 sc
Round 14: (sc in next 2 sts, dec) x 5 — 15 sc
Round 15: (sc in next st, dec) x 5 — 10 sc
Stuff.
Round 16: (dec) x 5 — 5 sc

Muzzle: cream
Round 1: ch 4, 2 sc in second ch from hook, sc in next ch, 4 sc in last ch, working down the opposite side of the ch sc in next ch, 2 sc in same ch as beg — 10 sc
Round 2: (2 sc in next st, sc in next 4 sts) x 2 — 12 sc

Flipper: brown, make 2
Round 1: (4 sc) in magic ring
Round 2: (sc in next st, 2 sc in next st) x 2 — 6 sc
Rounds 3 and 4: sc in each st — 6 sc

Tusk: white, make 2
Ch 4, sc in second ch from hook, sl st in next 2 ch — 3 sts`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 25, 25, 20, 15, 10, 5] },
      { name: "Muzzle", counts: [10, 12] },
      { name: "Flipper", make: 2, counts: [4, 6, 6, 6] },
      { name: "Tusk", make: 2, counts: [3] },
    ],
  },
  {
    hand: "amigurumi cherry pair",
    text: `Amigurumi cherry pair

Cherry, red (make 2):
1r: 6sc in mr;
2r: 6inc;
3r: (1sc, 1inc)*6;
4r: (2sc, 1inc)*6;
5r-8r: 24sc;
9r: (2sc, 1dec)*6;
10r: (1sc, 1dec)*6;
stuff;
11r: 6dec;

Leaf, green:
1r: ch 8, from the 2nd ch: 1sl, 1sc, 1hdc, 2dc, 1hdc, 1sc = 7

Stem, green: ch 25, from the 2nd ch: 24sl`,
    parts: [
      { name: "Cherry", make: 2, counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Leaf", counts: [7] },
      { name: "Stem", counts: [24] },
    ],
  },
  {
    hand: "sea turtle - shell in two colors",
    text: `Sea Turtle - shell in two colors

Key: R=round; S=single crochet; I=increase; D=decrease; M=magic ring

Shell top (teal, lime)
R1 M 6S (6)
R2 6I (12)
R3 1S 1I x6 (18) in lime
R4 2S 1I x6 (24) in teal
R5 3S 1I x6 (30) in lime
R6 30S (30) in teal
R7 30S (30)

Shell bottom (tan)
R1 M 6S (6)
R2 6I (12)
R3 1S 1I x6 (18)
R4 2S 1I x6 (24)
R5 3S 1I x6 (30)

Head (tan)
R1 M 6S (6)
R2 6I (12)
R3-R5 12S (12)
R6 6D (6)

Flipper (tan) x4
R1 M 4S (4)
R2 1S 1I x2 (6)
R3-R5 6S (6)`,
    parts: [
      { name: "Shell top", counts: [6, 12, 18, 24, 30, 30, 30] },
      { name: "Shell bottom", counts: [6, 12, 18, 24, 30] },
      { name: "Head", counts: [6, 12, 12, 12, 12, 6] },
      { name: "Flipper", make: 4, counts: [4, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "lavender sachet mouse",
    text: `Lavender sachet mouse

With lavender yarn make 7 sc into an adjustable ring, pull tight.
R2: inc, sc 2, inc, sc 3 = 9 sts
R3: sc 9
R4: inc, sc 2, inc, sc 2, inc, sc 2 = 12 sts
R5-6: sc 12 each
R7: inc, sc 3 (x3) = 15 sts
R8-12: sc 15 each
Fill with lavender.
R13: dec, sc 3 (x3) = 12 sts
R14: dec, sc 2 (x3) = 9 sts
R15: dec, sc 1 (x3) = 6 sts
Ch 18 for the tail, fasten off.

Ears: 2x. 5 sc into an adjustable ring, do not join.`,
    parts: [
      { name: "Lavender sachet mouse", counts: [7, 9, 9, 12, 12, 12, 15, 15, 15, 15, 15, 15, 12, 9, 6] },
      { name: "Ears", make: 2, counts: [5] },
    ],
  },
];
