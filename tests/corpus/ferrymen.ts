import type { Case } from "./case";

const times = (count: number, n: number): number[] => Array.from({ length: n }, () => count);

/**
 * Whole patterns in ordinary hands, each read once before anything was mended; counts worked out from the
 * text.
 */
export const FERRYMEN: readonly Case[] = [
  {
    hand: "mushroom keyring",
    text: `MUSHROOM KEYRING

You will need
Red, white and cream DK
3mm hook
Stuffing

CAP (red)
Round 1 – 6dc into a magic ring. (6)
Round 2 – 2dc into each st around. (12)
Round 3 – *1dc, 2dc into next st; rep from * around. (18)
Round 4 – *2dc, 2dc into next st; rep from * around. (24)
Round 5 – *3dc, 2dc into next st; rep from * around. (30)
Rounds 6–8 – 1dc into each st around. (30)
Round 9 – *3dc, dc2tog; rep from * around. (24)
Fasten off.

STALK (cream)
Round 1 – 5dc into a magic ring. (5)
Round 2 – 2dc into each st around. (10)
Round 3 – working into back loops only, 1dc into each st around. (10)
Rounds 4–6 – 1dc into each st around. (10)
Round 7 – *4dc, 2dc into next st; rep from * once more. (12)
Fasten off leaving a long tail. Stuff lightly.

SPOTS (make 5, white)
Round 1 – 5dc into a magic ring. Slst to first st. Fasten off. (5)`,
    parts: [
      { name: "CAP", counts: [6, 12, 18, 24, 30, ...times(30, 3), 24] },
      { name: "STALK", counts: [5, 10, 10, ...times(10, 3), 12] },
      { name: "SPOTS", make: 5, counts: [5] },
    ],
  },
  {
    hand: "bee",
    text: `Bee

Yellow: body start
Rd 1. mr, 6 sc
Rd 2. 6 inc (12)
Rd 3. (1 sc, 1 inc) 6 times (18)
Change to black
Rd 4. 18 sc
Rd 5. (2 sc, 1 inc) 6 times (24)
Change to yellow
Rd 6. - Rd 7. 24 sc
Change to black
Rd 8. 24 sc
Rd 9. (2 sc, 1 dec) 6 times (18)
Put in the eyes.
Change to yellow
Rd 10. 18 sc
Rd 11. (1 sc, 1 dec) 6 times (12)
Stuff
Rd 12. 6 dec (6)
Cut the yarn and close.

Wings (2x, white)
Rd 1. mr, 5 sc
Rd 2. 5 inc (10)
Rd 3. 10 sc
Rd 4. 5 dec (5)
Do not stuff.

Antennae: with black embroider two lines over the eyes, 3 sts long.`,
    parts: [
      { name: "Yellow: body start", counts: [6, 12, 18, 18, 24, 24, 24, 24, 18, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [5, 10, 10, 5] },
    ],
    reports: ["note not-understood 30"],
  },
  {
    hand: "snowman ornament (us terms)",
    text: `Snowman ornament (US terms)

BODY & HEAD, worked in one piece from the bottom up
Rnd 1: 6 sc in magic loop. (6 sts)
Rnd 2: 2 sc in each st. (12 sts)
Rnd 3: *Sc 1, 2 sc in next st*, repeat 6 times. (18 sts)
Rnd 4: *Sc 2, 2 sc in next st*, repeat 6 times. (24 sts)
Rnd 5: in BLO sc around. (24 sts)
Rnds 6 to 8: sc around. (24 sts)
Rnd 9: *Sc 2, sc2tog*, repeat 6 times. (18 sts)
Rnd 10: *Sc 1, sc2tog*, repeat 6 times. (12 sts)
Stuff the body firmly.
Rnd 11: *Sc 1, 2 sc in next st*, repeat 6 times. (18 sts)
Rnds 12 to 14: sc around. (18 sts)
Rnd 15: *Sc 1, sc2tog*, repeat 6 times. (12 sts)
Stuff the head.
Rnd 16: *sc2tog*, repeat 6 times. (6 sts)
Fasten off and weave in the ends.

SCARF
Ch 31. Row 1: sl st in 2nd ch from hook and each ch across. (30 sts) Fasten off.

NOSE
With orange, ch 3, sl st in 2nd ch from hook, sc in next ch. Fasten off.`,
    parts: [
      {
        name: "BODY & HEAD",
        counts: [6, 12, 18, 24, 24, ...times(24, 3), 18, 12, 18, ...times(18, 3), 12, 6],
      },
      { name: "SCARF", counts: [30] },
      { name: "NOSE", counts: [2] },
    ],
  },
  {
    hand: "crab",
    text: `Crab
Claws x2, red
mr 6
1sc inc x3 (9)
2sc inc x3 (12)
12sc
2sc dec x3 (9)
1sc dec x3 (6)
fo leave tail

Body x1, red
mr 6
inc x6 (12)
1sc inc x6 (18)
2sc inc x6 (24)
24sc x3 rounds
eyes in between round 5 and 6
2sc dec x6 (18)
1sc dec x6 (12)
stuff
dec x6 (6)
fo and close

Legs x6
ch 6, skip first ch, 5 sl st. fo leave tail`,
    parts: [
      { name: "Claws", make: 2, counts: [6, 9, 12, 12, 9, 6] },
      { name: "Body", counts: [6, 12, 18, 24, ...times(24, 3), 18, 12, 6] },
      { name: "Legs", make: 6, counts: [5] },
    ],
  },
  {
    hand: "owl, in the round without joining",
    text: `Owl, in the round without joining

Row 1: Magic ring with 8 sc (8)
Row 2: 2 sc in each (16)
Row 3: (1 sc in first st, 2 sc in next) around (24)
Row 4-9: 1 sc in each (24)
Row 10: (sc in next 4, dec) around (20)
Row 11-12: 1 sc in each (20)
Row 13: Fold flat and sc through both layers across (10)
Fasten off, hide the tail inside.

Eyes – make two in white
Row 1: Magic ring with 6 sc, sl st to close (6)

Wings – make two
Row 1: Magic ring with 4 sc (4)
Row 2: 2 sc in each (8)
Row 3: 1 sc in each (8)
Row 4: (sc in next 2, dec) around (6)`,
    parts: [
      { name: "Owl", counts: [8, 16, 24, ...times(24, 6), 20, 20, 20, 10] },
      { name: "Eyes", make: 2, counts: [6] },
      { name: "Wings", make: 2, counts: [4, 8, 8, 6] },
    ],
  },
  {
    hand: "penguin hat with earflaps",
    text: `Penguin Hat with Earflaps
A: navy, B: white
1 (A): 6 sc into MR. 6
2 (A): *inc. Rep from * 12
3 (A): *sc 1, inc. Rep from * 18
4 (A): *sc 2, inc. Rep from * 24
5–6 (A): sc. 24
7 (B): sc BLO. 24
8 (B): sl st around. 24
Cut B.
Earflap (x2), attach A at front loop:
1: sc 4, turn 4
2: ch 1, dec, dec, turn 2
3: ch 1, dec 1
Ch 10, fasten off.`,
    parts: [
      { name: "Penguin Hat", counts: [6, 12, 18, 24, 24, 24, 24, 24] },
      { name: "Earflap", make: 2, counts: [4, 2, 1] },
    ],
  },
  {
    hand: "bunny",
    text: `Bunny

Head and body are made in one piece. Work in continuous rounds; use a stitch marker.

Rnd 1: Sc 6 in a magic ring. (6)
Rnd 2: Inc 6. (12)
Rnd 3: [Sc 1, inc] 6 times. (18)
Rnd 4: Sc 1, inc, [sc 2, inc] 5 times, sc 1. (24)
Rnd 5: [Sc 3, inc] 6 times. (30)
Rnds 6-10 (5 rounds): Sc around. (30)
Rnd 11: [Sc 3, sc2tog] 6 times. (24)
Rnd 12: Sc 1, sc2tog, [sc 2, sc2tog] 5 times, sc 1. (18)
Place eyes between rnds 8 and 9, 6 sts apart. Stuff.
Rnd 13: [Sc 1, sc2tog] 6 times. (12)
Rnd 14: [Sc 1, inc] 6 times. (18)
Rnd 15: [Sc 5, inc] 3 times. (21)
Rnd 16: Sc around. (21)
Rnd 17: [Sc 6, inc] 3 times. (24)
Rnd 18: Sc around. (24)
Rnd 19: In back loops only: [sc 2, sc2tog] 6 times. (18)
Rnd 20: [Sc 1, sc2tog] 6 times. (12)
Rnd 21: Sc2tog 6. (6)
F/O.

Ears. Make 2.
Rnd 1: Sc 5 in a magic ring. (5)
Rnd 2: Inc 5. (10)
Rnds 3-7 (5 rounds): Sc around. (10)
Rnd 8: [Sc 3, sc2tog] twice. (8)
Rnds 9-10 (2 rounds): Sc around. (8)
F/O, leaving a long tail.

Tail.
Rnd 1: Sc 5 in a magic ring. (5)
Rnd 2: Inc 5. (10)
Rnd 3: Sc2tog 5. (5)`,
    parts: [
      {
        name: "Bunny",
        counts: [6, 12, 18, 24, 30, ...times(30, 5), 24, 18, 12, 18, 21, 21, 24, 24, 18, 12, 6],
      },
      { name: "Ears", make: 2, counts: [5, 10, ...times(10, 5), 8, ...times(8, 2)] },
      { name: "Tail", counts: [5, 10, 5] },
    ],
  },
  {
    hand: "cactus in a pot",
    text: `Cactus in a pot
~ CACTUS ~ (green)
R1) MR, 6sc (6)
R2) 6inc (12)
R3) (1sc, 1inc)*6 (18)
R4)-R9) 18sc (18)
R10) (1sc, 1dec)*6 (12)
Stuff. Leave open, tail for sewing.

~ ARM ~ (green, 2 pcs)
R1) MR, 5sc (5)
R2) 5inc (10)
R3)-R4) 10sc (10)
R5) (3sc, 1dec)*2 (8)

~ POT ~ (brown)
R1) MR, 6sc (6)
R2) 6inc (12)
R3) (1sc, 1inc)*6 (18)
R4) (2sc, 1inc)*6 (24)
R5) BLO 24sc (24)
R6)-R9) 24sc (24)
R10) FLO 24sl st (24)

~ SOIL ~ (dark brown)
R1) MR, 6sc (6)
R2) 6inc (12)
R3) (1sc, 1inc)*6 (18)
R4) (2sc, 1inc)*6 (24)
Sew inside the pot.`,
    parts: [
      { name: "CACTUS", counts: [6, 12, 18, ...times(18, 6), 12] },
      { name: "ARM", make: 2, counts: [5, 10, 10, 10, 8] },
      { name: "POT", counts: [6, 12, 18, 24, 24, ...times(24, 4), 24] },
      { name: "SOIL", counts: [6, 12, 18, 24] },
    ],
  },
  {
    hand: "strawberry",
    text: `Strawberry

Work from the tip up with red.
Begin with a ring of 6 single crochet.
Round two: single crochet in each stitch. 6 stitches.
Round three: two single crochet in each stitch. 12 stitches.
Round four: single crochet in each stitch. 12 stitches.
Round five: single crochet one, increase; repeat six times. 18 stitches.
Rounds six and seven: single crochet in each stitch. 18 stitches.
Round eight: single crochet two, increase; repeat six times. 24 stitches.
Round nine: single crochet in each stitch. 24 stitches.
Round ten: single crochet two, decrease; repeat six times. 18 stitches.
Fill it.
Round eleven: single crochet one, decrease; repeat six times. 12 stitches.
Round twelve: decrease six times. 6 stitches.
Close the top.

Leaf, green
Begin with a ring of 5 single crochet.
Round two: chain four, slip stitch in second chain from hook, single crochet in next two chains, slip stitch in next stitch of ring; repeat five times.
Fasten off.`,
    parts: [
      { name: "Strawberry", counts: [6, 6, 12, 12, 18, 18, 18, 24, 24, 18, 12, 6] },
      { name: "Leaf", counts: [5, 20] },
    ],
  },
  {
    hand: "dog head",
    text: `DOG HEAD
rnd1 :: 6sc in mr :: 6
rnd2 :: inc*6 :: 12
rnd3 :: (sc,inc)*6 :: 18
rnd4 :: (2sc,inc)*6 :: 24
rnd5-rnd8 :: 24sc :: 24
rnd9 :: (2sc,dec)*6 :: 18
rnd10 :: (sc,dec)*6 :: 12
stuff
rnd11 :: dec*6 :: 6

DOG SNOUT
rnd1 :: ch5, from 2nd ch 3sc, 3sc in last, other side 2sc, 2sc in last :: 10
rnd2 :: inc, 2sc, 3inc, 2sc, 2inc :: 16
rnd3 :: 16sc :: 16
leave tail

DOG EAR (two)
rnd1 :: 6sc in mr :: 6
rnd2 :: (sc,inc)*3 :: 9
rnd3-rnd5 :: 9sc :: 9
rnd6 :: (sc,dec)*3 :: 6`,
    parts: [
      { name: "DOG HEAD", counts: [6, 12, 18, 24, ...times(24, 4), 18, 12, 6] },
      { name: "DOG SNOUT", counts: [10, 16, 16] },
      { name: "DOG EAR", make: 2, counts: [6, 9, ...times(9, 3), 6] },
    ],
  },
  {
    hand: "mini turtle keychain",
    text: `Mini Turtle keychain

SHELL
Using green yarn
Rnd 1: Make a magic ring, ch 1 (does not count as a st), work 6 sc into the ring, pull tight. 6 sts
Rnd 2: 2 sc in each st around. 12 sts
Rnd 3: (Sc in next st, 2 sc in next st) around. 18 sts
Rnd 4: (Sc in next 2 sts, 2 sc in next st) around. 24 sts
Rnds 5 & 6: Sc in each st around. 24 sts
Rnd 7: Working in front loops only, sl st in each st around. 24 sts
Fasten off.

BELLY
Using light green yarn
Rnds 1 – 4: Repeat Rnds 1 – 4 of shell. 24 sts
Fasten off leaving a long tail to sew to the back loops of Rnd 6 of shell.

HEAD
Rnd 1: 6 sc in magic ring. 6 sts
Rnd 2: 2 sc in each st around. 12 sts
Rnds 3 – 5: Sc in each st around. 12 sts
Rnd 6: (Sc in next 2 sts, sc2tog) around. 9 sts
Fasten off. Stuff.

LEGS (make four)
Rnd 1: 5 sc in magic ring. 5 sts
Rnds 2 & 3: Sc in each st around. 5 sts

TAIL
Ch 4. Sl st in 2nd ch from hook, sc in next ch, hdc in last ch. 3 sts. Fasten off.`,
    parts: [
      { name: "SHELL", counts: [6, 12, 18, 24, 24, 24, 24] },
      { name: "BELLY", counts: [6, 12, 18, 24] },
      { name: "HEAD", counts: [6, 12, 12, 12, 12, 9] },
      { name: "LEGS", make: 4, counts: [5, 5, 5] },
      { name: "TAIL", counts: [3] },
    ],
  },
  {
    hand: "octopus, rounds behind the number",
    text: `Octopus

HEAD (pink)
1 rnd – 6 sc in MR
2 rnd – 6 inc (12)
3 rnd – (sc, inc) × 6 (18)
4 rnd – (2 sc, inc) × 6 (24)
5-8 rnds – 24 sc (4 rnds)
9 rnd – (2 sc, dec) × 6 (18)
10 rnd – 18 sc
11 rnd – (sc, dec) × 6 (12)
Fill.
12 rnd – 6 dec (6)
Close.

TENTACLES (pink, 8 details)
Ch 16. From the second ch from the hook: 2 sc in each ch (30).
Cut the thread, leave a tail for sewing.`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, ...times(24, 4), 18, 18, 12, 6] },
      { name: "TENTACLES", make: 8, counts: [30] },
    ],
  },
  {
    hand: "pear",
    text: `Pear

Colors: A= light green, B= brown, C = leaf green

With A,
Rnd 1: 6 sc in Magic Ring (6 sts)
Rnd 2: inc in each st (12 sts)
Rnd 3: *sc in next st, inc in next st* 6 times (18 sts)
Rnd 4: *sc in next 2 sts, inc in next st* 6 times (24 sts)
Rnds 5-7: sc in each st (24 sts)
Rnd 8: *sc in next 6 sts, sc2tog* 3 times (21 sts)
Rnd 9: sc in each st (21 sts)
Rnd 10: *sc in next 5 sts, sc2tog* 3 times (18 sts)
Rnd 11: *sc in next 4 sts, sc2tog* 3 times (15 sts)
Rnd 12: sc in each st (15 sts)
Rnd 13: *sc in next 3 sts, sc2tog* 3 times (12 sts)
Stuff
Rnd 14: sc2tog around (6 sts)
Break yarn, weave through the remaining sts and pull tight.

Stem: with B ch 5, sl st in 2nd ch and in each remaining ch (4 sts). Sew on top.
Leaf: with C ch 7, sc in 2nd ch from hook, hdc in next 2, dc in next, hdc in next, 3 sc in last; on the other side: hdc, dc, hdc 2, sc; sl st to first sc (13 sts). Sew on.`,
    parts: [
      { name: "Pear", counts: [6, 12, 18, 24, ...times(24, 3), 21, 21, 18, 15, 15, 12, 6] },
      { name: "Stem", counts: [4] },
      { name: "Leaf", counts: [13] },
    ],
  },
  {
    hand: "avocado half",
    text: `Avocado half

Back — dark green
Ch 6.
Rnd 1: 2 sc in 2nd ch from hook, sc in next 3, 4 sc in last ch. Rotate to work along the other side: sc in next 3, 2 sc in the same ch as the first. (14)
Rnd 2: inc twice, sc 3, inc 4, sc 3, inc 2. (22)
Rnd 3: *sc, inc* twice, sc 3, *sc, inc* 4 times, sc 3, *sc, inc* twice. (30)
Rnd 4: sc around. (30)
Fasten off

Front — light green
Work rnds 1-3 as for the back. (30)
Do not fasten off. Hold front and back together and sc through both layers around. (30)
Stuff before closing.

Stone — brown
Rnd 1: 6 sc in MR. (6)
Rnd 2: inc around. (12)
Rnd 3: sc around. (12)`,
    parts: [
      { name: "Back", counts: [14, 22, 30, 30] },
      { name: "Front", counts: [14, 22, 30, 30] },
      { name: "Stone", counts: [6, 12, 12] },
    ],
  },
  {
    hand: "chick",
    text: `Chick
Body (yellow, worked bottom to top)
r1 6x in mr [6]
r2 6v [12]
r3 (x, v)*6 [18]
r4 (2x, v)*6 [24]
r5-r8 24x [24]
r9 (2x, a)*6 [18]
r10 18x [18]
r11 (x, a)*6 [12]
r12 6a [6]
x = sc, v = inc, a = dec
Beak (orange)
r1 4x in mr [4]
r2 (x, v)*2 [6]
Wings 2 pcs
r1 5x in mr [5]
r2 5v [10]
fold, 5x through both layers [5]`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, ...times(24, 4), 18, 18, 12, 6] },
      { name: "Beak", counts: [4, 6] },
      { name: "Wings", make: 2, counts: [5, 10, 5] },
    ],
  },
  {
    hand: "pumpkin",
    text: `PUMPKIN

Ch 21, leaving a long tail at the start.
Row 1: hdc in third ch from hook and in each ch across (19 sts)
Row 2: ch 1, turn, in BLO hdc in each st across (19 sts)
Rows 3-20: rep row 2 (19 sts)
Sew the first row to the last one to form a tube. Gather the bottom with the tail and close.
Stuff firmly. Gather the top.

STEM
Rnd 1: 5 sc in ring (5)
Rnd 2: BLO sc around (5)
Rnds 3–4: sc around (5)
Fasten off.`,
    parts: [
      { name: "PUMPKIN", counts: [19, 19, ...times(19, 18)] },
      { name: "STEM", counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "sheep, very small",
    text: `Sheep, very small

Wool for the body: white bouclé. Wool for the face and legs: black.

Body: mr 6 // inc x6 (12) // sc1 inc1 x6 (18) // sc 18 for 4 rounds // sc1 dec1 x6 (12) // stuff // dec x6 (6)
Head: mr 5 // inc x5 (10) // sc 10 for 2 rounds // sc3 dec1 x2 (8)
Legs, 4x: mr 4 // sc 4 for 3 rounds
Ears, 2x: ch 3, sl st in 2nd ch from hook, sc in last ch`,
    parts: [
      { name: "Body", counts: [6, 12, 18, ...times(18, 4), 12, 6] },
      { name: "Head", counts: [5, 10, 10, 10, 8] },
      { name: "Legs", make: 4, counts: [4, 4, 4, 4] },
      { name: "Ears", make: 2, counts: [2] },
    ],
  },
  {
    hand: "gnome",
    text: `Gnome

Hat
1 Rnd 1 with red: 4 sc in MC (4)
2 Rnd 2: *1 sc, inc* x 2 (6)
3 Rnd 3: *2 sc, inc* x 2 (8)
4 Rnd 4: *3 sc, inc* x 2 (10)
5 Rnd 5: *4 sc, inc* x 2 (12)
6 Rnd 6: *5 sc, inc* x 2 (14)
7 Rnd 7: *6 sc, inc* x 2 (16)
8 Rnd 8: *7 sc, inc* x 2 (18)
9 Rnd 9-10: sc in all sts (18)`,
    parts: [{ name: "Hat", counts: [4, 6, 8, 10, 12, 14, 16, 18, 18, 18] }],
  },
  {
    hand: "simple heart",
    text: `Simple Heart

First hump: 
R1: mr, sc6. (6)
R2: inc*6. (12)
R3: sc12. (12)
Cut the yarn.
Second hump: 
R1-3: same as the first one, don't cut the yarn.
R4: join both humps: sc12 on the second hump, sc12 on the first hump. (24)
R5: sc24. (24)
R6: dec, sc8, dec*2, sc8, dec. (20)
R7: dec, sc6, dec*2, sc6, dec. (16)
R8: dec, sc4, dec*2, sc4, dec. (12)
Stuff it.
R9: dec, sc2, dec*2, sc2, dec. (8)
R10: dec*4. (4)`,
    parts: [
      { name: "First hump", counts: [6, 12, 12] },
      { name: "Second hump", counts: [6, 12, 12, 24, 24, 20, 16, 12, 8, 4] },
    ],
  },
  {
    hand: "fox",
    text: `FOX

**Head** (orange → white)
Rnd 1: magic ring 6 (6)
Rnd 2: inc all around (12)
Rnd 3: [sc, inc] repeat around (18)
Rnd 4: [2 sc, inc] repeat around (24)
Rnd 5: [3 sc, inc] repeat around (30)
Rnds 6-8: sc all around (30)
Switch to white.
Rnd 9: [3 sc, dec] repeat around (24)
Rnd 10: [2 sc, dec] repeat around (18)
Add eyes at round 7, 7 stitches apart.
Rnd 11: [sc, dec] repeat around (12)
Stuff.
Rnd 12: dec all around (6)
Fasten off, sew shut.

**Ears** ×2 (orange)
Rnd 1: magic ring 4 (4)
Rnd 2: [sc, inc] repeat around (6)
Rnd 3: [2 sc, inc] repeat around (8)
Rnd 4: [3 sc, inc] repeat around (10)
Fasten off with tail.

**Tail** ×1 (white → orange)
Rnd 1: magic ring 4 (4)
Rnd 2: inc all around (8)
Rnd 3: [3 sc, inc] repeat around (10)
Switch to orange.
Rnds 4-6: sc all around (10)
Rnd 7: [3 sc, dec] repeat around (8)
Rnd 8: sc all around (8)`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, ...times(30, 3), 24, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [4, 6, 8, 10] },
      { name: "Tail", counts: [4, 8, 10, ...times(10, 3), 8, 8] },
    ],
  },
  {
    hand: "miniature hot air balloon",
    text: `Miniature Hot Air Balloon

Notes: Worked top to bottom in continuous rounds. Count in parentheses at end of each round.

BALLOON
Rnd 1: In CC1, 8 sc in magic circle. (8)
Rnd 2: 2 sc in each st around. (16)
Rnd 3: In CC2, *sc, 2 sc in next st; rep from * around. (24)
Rnd 4: *2 sc, 2 sc in next st; rep from * around. (32)
Rnd 5: In CC1, sc in each st around. (32)
Rnd 6: Sc in each st around. (32)
Rnd 7: In CC2, sc in each st around. (32)
Rnd 8: *2 sc, sc2tog; rep from * around. (24)
Rnd 9: Sc in each st around. (24)
Rnd 10: *sc, sc2tog; rep from * around. (16)
Stuff lightly.
Rnd 11: Sc in each st around. (16)
Rnd 12: *2 sc, sc2tog; rep from * around. (12)
FO.

BASKET
Rnd 1: In MC, 6 sc in magic circle. (6)
Rnd 2: 2 sc in each st around. (12)
Rnd 3: In BLO, sc in each st around. (12)
Rnds 4-5: Sc in each st around. (12)
FO.

ROPES (4)
Join MC to basket rim, ch 8, sl st to balloon edge, FO.`,
    parts: [
      { name: "BALLOON", counts: [8, 16, 24, 32, 32, 32, 32, 24, 24, 16, 16, 12] },
      { name: "BASKET", counts: [6, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "mini croissant",
    text: `Mini Croissant

Row 1 : Ch 2, 3 sc in 2nd ch from hook, ch 1, turn (3 sc)
Row 2 : inc, sc, inc, ch 1, turn (5 sc)
Row 3 : sc across, ch 1, turn (5 sc)
Row 4 : inc, sc 3, inc, ch 1, turn (7 sc)
Rows 5 - 14 : sc across, ch 1, turn (7 sc)
Row 15 : dec, sc 3, dec, ch 1, turn (5 sc)
Row 16 : sc across, ch 1, turn (5 sc)
Row 17 : dec, sc, dec, ch 1, turn (3 sc)
Row 18 : sc3tog (1 sc)
Roll up from the wide edge and sew. Fasten off.`,
    parts: [{ name: "Mini Croissant", counts: [3, 5, 5, 7, ...times(7, 10), 5, 5, 3, 1] }],
  },
  {
    hand: "frog",
    text: `Frog

HEAD-BODY, green
r1: sc x 6 into mr /6/
r2: inc x 6 /12/
r3: (sc x 1, inc) x 6 /18/
r4: (sc x 2, inc) x 6 /24/
r5-7: sc x 24 /24/
r8: (sc x 2, dec) x 6 /18/
r9: (sc x 1, inc) x 9 /27/
r10-12: sc x 27 /27/
r13: (sc x 7, dec) x 3 /24/
r14: (sc x 2, dec) x 6 /18/
stuff
r15: (sc x 1, dec) x 6 /12/
r16: dec x 6 /6/

EYE BUMPS, green, two
r1: sc x 5 into mr /5/
r2: inc x 5 /10/
r3: sc x 10 /10/
glue in 5 mm eyes (use safety eyes for children)

FRONT LEGS, green, two
r1: sc x 5 into mr /5/
r2-5: sc x 5 /5/

BACK LEGS, green, two
r1: sc x 6 into mr /6/
r2: sc x 2, inc x 2, sc x 2 /8/
r3-4: sc x 8 /8/
r5: dec x 4 /4/`,
    parts: [
      { name: "HEAD-BODY", counts: [6, 12, 18, 24, ...times(24, 3), 18, 27, ...times(27, 3), 24, 18, 12, 6] },
      { name: "EYE BUMPS", make: 2, counts: [5, 10, 10] },
      { name: "FRONT LEGS", make: 2, counts: [5, 5, 5, 5, 5] },
      { name: "BACK LEGS", make: 2, counts: [6, 8, 8, 8, 4] },
    ],
  },
  {
    hand: "a simple snail",
    text: `A Simple Snail

Body (tan):
Rnd 1. 5 sc in ring. - 5
Rnd 2. 5 sc. - 5
Rnd 3. inc, 4 sc. - 6
Rnd 4. 6 sc. - 6
Rnd 5. inc, 5 sc. - 7
Rnds 6. to 14. 7 sc. - 7
Rnd 15. 2 dec, 3 sc. - 5
Fasten off.

Shell (rust):
Ch 31.
Row 1. dc in 4th ch from hook, dc in each ch to end. - 29
Fasten off. Roll up into a spiral and sew.

Feelers (tan):
ch 3, sl st in 2nd ch from hook, sl st in last ch. Make two.`,
    parts: [
      { name: "Body", counts: [5, 5, 6, 6, 7, ...times(7, 9), 5] },
      { name: "Shell", counts: [29] },
      { name: "Feelers", make: 2, counts: [2] },
    ],
  },
  {
    hand: "lemon slice keyring (uk)",
    text: `Lemon slice keyring (UK)

Front and back: make 2.
With yellow, 2 ch.
1st round: 6 dc into 2nd ch from hook; ss to join. [6 dc]
2nd round: 1 ch, 2 dc into each dc; ss to join. [12 dc]
3rd round: 1 ch, (1 dc into next dc, 2 dc into next dc) 6 times; ss to join. [18 dc]
4th round: 1 ch, (1 dc into each of next 2 dc, 2 dc into next dc) 6 times; ss to join. [24 dc]
Change to white.
5th round: 1 ch, (1 dc into each of next 3 dc, 2 dc into next dc) 6 times; ss to join. [30 dc]
Change to yellow.
6th round: 1 ch, 1 dc into each dc; ss to join. [30 dc]
Fasten off.
With wrong sides together, dc round the edge through both pieces, filling lightly as you go. [30 dc]`,
    parts: [{ name: "Front and back", make: 2, counts: [6, 12, 18, 24, 30, 30, 30] }],
  },
  {
    hand: "tiny teapot, a legend below",
    text: `Tiny Teapot

POT
R1 : 6 ms in MR (6)
R2 : 6 inc (12)
R3 : (1 ms, 1 inc) x 6 (18)
R4 : (2 ms, 1 inc) x 6 (24)
R5 : BLO 24 ms (24)
R6 - R9 : 24 ms (24)
R10 : (2 ms, 1 dec) x 6 (18)
R11 : (1 ms, 1 dec) x 6 (12)
ms = single crochet
LID
R1 : 6 ms in MR (6)
R2 : 6 inc (12)
R3 : 12 ms (12)
SPOUT
R1 : 4 ms in MR (4)
R2 : 4 ms (4)
R3 : 1 inc, 3 ms (5)
R4 : 1 inc, 4 ms (6)
HANDLE
12 ch, 11 sl st from the 2nd chain.`,
    parts: [
      { name: "POT", counts: [6, 12, 18, 24, 24, ...times(24, 4), 18, 12] },
      { name: "LID", counts: [6, 12, 12] },
      { name: "SPOUT", counts: [4, 4, 5, 6] },
      { name: "HANDLE", counts: [11] },
    ],
  },
  {
    hand: "easter egg with stripes",
    text: `Easter egg with stripes

Use three colours: mint, lilac, cream. Change colour at the end of every second round.

1st rnd: 6 sc in a magic ring [6]
2nd rnd: *2 sc in next st* to the end [12]
3rd rnd: *sc, 2 sc in next st* to the end [18]
4th rnd: sc in each st [18]
5th rnd: *2 sc, 2 sc in next st* to the end [24]
6th rnd: sc in each st [24]
7th rnd: *3 sc, 2 sc in next st* to the end [30]
8th to 12th rnd: sc in each st [30]
13th rnd: *3 sc, dec* to the end [24]
14th rnd: sc in each st [24]
15th rnd: *2 sc, dec* to the end [18]
Stuff the egg.
16th rnd: *sc, dec* to the end [12]
17th rnd: *dec* to the end [6]`,
    parts: [{ name: "Easter egg", counts: [6, 12, 18, 18, 24, 24, 30, ...times(30, 5), 24, 24, 18, 12, 6] }],
  },
  {
    hand: "tulip",
    text: `Tulip

Petals/bloom: worked from the bottom up in pink.
Round 1: Work 6 SC in a magic ring = 6 sc
Round 2: Work 2 SC in every stitch = 12 sc
Round 3: (1 SC, 2 SC in the following stitch) repeat 6x = 18 sc
Round 4: (2 SC, 2 SC in the following stitch) repeat 6x = 24 sc
Round 5 + 6 + 7: Work 1 SC in every stitch = 24 sc
Round 8: (6 SC, SC2TOG) repeat 3x = 21 sc
Round 9: 1 SC in every stitch = 21 sc
Round 10: *skip 2, 5 DC in one stitch, skip 2, 1 SL ST* repeat 3x, 3 SL ST.
Fasten off.

Stem: in green. Round 1: Work 5 SC in a magic ring = 5 sc. Round 2 - 15: Work 1 SC in every stitch = 5 sc.
Leaves (2): in green, CH 14. SC in 2nd ch from hook, HDC 2, DC 7, HDC 2, SC 1 = 13 sts.`,
    parts: [
      { name: "Petals/bloom", counts: [6, 12, 18, 24, ...times(24, 3), 21, 21, 21] },
      { name: "Stem", counts: [5, ...times(5, 14)] },
      { name: "Leaves", make: 2, counts: [13] },
    ],
  },
  {
    hand: "little hedgehog",
    text: `Little Hedgehog

Abbreviations used: sc = single crochet; inc = increase; dec = decrease; mr = magic ring; lp st = loop stitch

Start with the nose in beige.
Rnd 1 – 4 sc into mr
Rnd 2 – inc, 3 sc (5)
Rnd 3 – inc, 2 sc, inc, sc (7)
Rnd 4 – inc around (14)
Rnd 5 – [6 sc, inc] x2 (16)
Change to brown; from now on work loop stitches.
Rnd 6 – [lp st in next st, 2 lp st in next st] x8 (24)
Rnds 7–11 – lp st in each st (24)
Rnd 12 – [2 lp st, dec] x6 (18)
Rnd 13 – [lp st, dec] x6 (12)
Stuff and close.
Rnd 14 – dec x6 (6)

Feet ×4, beige
Rnd 1 – 4 sc into mr
Rnd 2 – sc in each (4)`,
    parts: [
      { name: "Little Hedgehog", counts: [4, 5, 7, 14, 16, 24, ...times(24, 5), 18, 12, 6] },
      { name: "Feet", make: 4, counts: [4, 4] },
    ],
  },
  {
    hand: "ladybug keyfob",
    text: `Ladybug keyfob

Dome (red)
1. MR, 6 sc (6 sc)
2. Inc in each sc (12 sc)
3. (Sc, inc) around (18 sc)
4. (2 sc, inc) around (24 sc)
5.–7. Sc around (24 sc)
Finish off.

Bottom (black)
1. MR, 6 sc (6 sc)
2. Inc in each sc (12 sc)
3. (Sc, inc) around (18 sc)
4. (2 sc, inc) around (24 sc)
Do not finish off. Place on dome and sc both edges together, stuffing before the end (24 sc).

Head (black)
1. MR, 5 sc (5 sc)
2. Inc in each sc (10 sc)
3. Sc around (10 sc)
4. (3 sc, dec) twice (8 sc)

Chain: ch 25, sl st to first ch to form loop.`,
    parts: [
      { name: "Dome", counts: [6, 12, 18, 24, 24, 24, 24] },
      { name: "Bottom", counts: [6, 12, 18, 24, 24] },
      { name: "Head", counts: [5, 10, 10, 8] },
    ],
  },
  {
    hand: "peanut",
    text: `PEANUT

Rnd 1: sc 6 in ring {6}
Rnd 2: *inc* 6x {12}
Rnd 3: *sc, inc* 6x {18}
Rnd 4: *2 sc, inc* 6x {24}
Rnd 5 - 8 : sc {24}
Rnd 9: *2 sc, dec* 6x {18}
Rnd 10: *4 sc, dec* 3x {15}
Rnd 11: sc {15}
Rnd 12: *4 sc, inc* 3x {18}
Rnd 13: *2 sc, inc* 6x {24}
Rnd 14 - 17 : sc {24}
Rnd 18: *2 sc, dec* 6x {18}
Rnd 19: *sc, dec* 6x {12}
stuffing !!
Rnd 20: *dec* 6x {6}`,
    parts: [
      {
        name: "PEANUT",
        counts: [6, 12, 18, 24, ...times(24, 4), 18, 15, 15, 18, 24, ...times(24, 4), 18, 12, 6],
      },
    ],
  },
  {
    hand: "mouse with a long tail",
    text: `Mouse with a long tail

HEAD AND BODY (grey)
Round 1. Magic ring: 6
Round 2. (1, inc) 3 times: 9
Round 3. (2, inc) 3 times: 12
Round 4. (3, inc) 3 times: 15
Round 5. (4, inc) 3 times: 18
Round 6. (5, inc) 3 times: 21
Rounds 7 to 10. Even: 21
Round 11. (5, dec) 3 times: 18
Round 12. (1, dec) 6 times: 12
Eyes between rounds 4 and 5.
Round 13. Dec 6 times: 6

EARS, 2 (grey)
Round 1. Magic ring: 5
Round 2. Inc in each: 10

TAIL
Chain 20.`,
    parts: [
      { name: "HEAD AND BODY", counts: [6, 9, 12, 15, 18, 21, ...times(21, 4), 18, 12, 6] },
      { name: "EARS", make: 2, counts: [5, 10] },
      { name: "TAIL", counts: [0] },
    ],
  },
  {
    hand: "rainbow bookmark worm",
    text: `Rainbow bookmark worm

Ch 41 with red.
R1: 2 sc in the second ch from the hook, and 2 sc in each ch to the end (80)
Switch to orange
R2: sl st in each st (80)
Tie off. It curls by itself.

Head
R1: 6 in MR (6)
R2: inc all (12)
R3: even (12)
R4: dec all (6)`,
    parts: [
      { name: "Rainbow bookmark worm", counts: [80, 80] },
      { name: "Head", counts: [6, 12, 12, 6] },
    ],
  },
  {
    hand: "cat (sitting), 7 cm",
    text: `Cat (sitting), 7 cm

* HEAD *
RND 1. mr6
RND 2. inc x6 (12)
RND 3. (1sc, inc) x6 (18)
RND 4. (2sc, inc) x6 (24)
RND 5. (3sc, inc) x6 (30)
RND 6–9. 30sc
RND 10. (3sc, dec) x6 (24)
RND 11. (2sc, dec) x6 (18)
RND 12. (1sc, dec) x6 (12) → stuff, FO

* EAR * x2
RND 1. mr3
RND 2. inc x3 (6)
RND 3. (1sc, inc) x3 (9)
→ FO, leave tail

* BODY *
RND 1. mr6
RND 2. inc x6 (12)
RND 3. (1sc, inc) x6 (18)
RND 4. (2sc, inc) x6 (24)
RND 5. BLO: 24sc
RND 6–8. 24sc
RND 9. (6sc, dec) x3 (21)
RND 10. 21sc
RND 11. (5sc, dec) x3 (18)
RND 12. (4sc, dec) x3 (15)
RND 13. (3sc, dec) x3 (12)
→ stuff, FO, sew head on

* TAIL *
RND 1. mr5
RND 2–12. 5sc
→ don't stuff`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, ...times(30, 4), 24, 18, 12] },
      { name: "EAR", make: 2, counts: [3, 6, 9] },
      { name: "BODY", counts: [6, 12, 18, 24, 24, ...times(24, 3), 21, 21, 18, 15, 12] },
      { name: "TAIL", counts: [5, ...times(5, 11)] },
    ],
  },
  {
    hand: "planet with ring",
    text: `Planet with ring

Planet:
R1: 6 sc in an adjustable ring (6 st)
R2: *2 sc in the same stitch* around (12 st)
R3: *1 sc in the first stitch, 2 sc in the next one* around (18 st)
R4: *1 sc in each of the first 2 stitches, 2 sc in the next one* around (24 st)
R5: *1 sc in each of the first 3 stitches, 2 sc in the next one* around (30 st)
R6 to R10: 1 sc in each stitch (30 st)
R11: *1 sc in each of the first 3 stitches, join the next 2* around (24 st)
R12: *1 sc in each of the first 2 stitches, join the next 2* around (18 st)
R13: *1 sc in the first stitch, join the next 2* around (12 st)
R14: join 2 together around (6 st)

Ring: chain 40 and close into a circle with a slip stitch. R1: *1 sc in each of the first 3 ch, 2 sc in the next one* around (50 st). R2: sc around (50 st).`,
    parts: [
      { name: "Planet", counts: [6, 12, 18, 24, 30, ...times(30, 5), 24, 18, 12, 6] },
      { name: "Ring", counts: [50, 50] },
    ],
  },
  {
    hand: "axolotl",
    text: `Axolotl

Head
R1, 6sc in mr (6)
R2, 6inc (12)
R3, (1sc, 1inc)6 (18)
R4, (2sc, 1inc)6 (24)
R5, (3sc, 1inc)6 (30)
R6-R8, 30sc (30)
R9, (3sc, 1dec)6 (24)
R10, (2sc, 1dec)6 (18)
R11, (1sc, 1dec)6 (12)
Gills x6
R1, ch6, sk1, 5slst
R2, ch5, sk1, 4slst
fo
Body
R1, 5sc in mr (5)
R2, 5inc (10)
R3, (1sc, 1inc)5 (15)
R4-R6, 15sc (15)
R7, (3sc, 1dec)3 (12)`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, ...times(30, 3), 24, 18, 12] },
      { name: "Gills", make: 6, counts: [5, 4] },
      { name: "Body", counts: [5, 10, 15, ...times(15, 3), 12] },
    ],
  },
  {
    hand: "envelope charm",
    text: `Envelope charm

Row 1: ch 11, skip first ch, sc 10, turn
Rows 2-6: ch 1, sc 10, turn
Row 7: ch 1, dec, sc 6, dec, turn [8]
Row 8: ch 1, dec, sc 4, dec, turn [6]
Row 9: ch 1, dec, sc 2, dec, turn [4]
Row 10: ch 1, dec 2, turn [2]
Row 11: ch 1, dec [1]
Sl st evenly all around the edge. Fasten off. Fold and sew the sides.`,
    parts: [{ name: "Envelope charm", counts: [10, ...times(10, 5), 8, 6, 4, 2, 1] }],
  },
  {
    hand: "baby elephant",
    text: `Baby Elephant

Trunk+Head
with gray
(1) 5 sc into magic ring - 5
(2) sc around - 5
(3) sc around - 5
(4) inc, sc 4 - 6
(5) sc around - 6
(6) inc, sc 5 - 7
(7) inc, sc 6 - 8
(8) inc 8 - 16
(9) *sc 1, inc* 8 - 24
(10) *sc 3, inc* 6 - 30
(11-15) sc around - 30
(16) *sc 3, dec* 6 - 24
(17) *sc 2, dec* 6 - 18
(18) *sc 1, dec* 6 - 12
(19) dec 6 - 6

Ears, two
(1) 6 sc into magic ring - 6
(2) inc 6 - 12
(3) *sc 1, inc* 6 - 18
(4) *sc 2, inc* 6 - 24
fold in half, sc 12 through both`,
    parts: [
      { name: "Trunk+Head", counts: [5, 5, 5, 6, 6, 7, 8, 16, 24, 30, ...times(30, 5), 24, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [6, 12, 18, 24, 12] },
    ],
  },
  {
    hand: "key lime slice",
    text: `Key Lime slice

Round 1: with white, make a magic ring, ch 1, 6 sc, sl st to join -- 6 st
Round 2: with light green, ch 1, 2 sc in each st, sl st to join -- 12 st
Round 3: ch 1, *1 sc, 2 sc in next*, repeat, sl st to join -- 18 st
Round 4: ch 1, *2 sc, 2 sc in next*, repeat, sl st to join -- 24 st
Round 5: with white, ch 1, sc in each, sl st to join -- 24 st
Round 6: with dark green, ch 1, *3 sc, 2 sc in next*, repeat, sl st to join -- 30 st
Make two. Embroider white lines on both.`,
    parts: [{ name: "Key Lime slice", make: 2, counts: [6, 12, 18, 24, 24, 30] }],
  },
  {
    hand: "tadpole",
    text: `Tadpole

Body
R1 — magic ring, 6 single crochet (6)
R2 — increase in every stitch (12)
R3 — single crochet in every stitch (12)
R4 — single crochet 1, increase, repeat 6 times (18)
R5 to R7 — single crochet in every stitch (18)
R8 — single crochet 1, decrease, repeat 6 times (12)
Stuff firmly
R9 — decrease, single crochet 4, repeat twice (10)
R10 — decrease, single crochet 3, repeat twice (8)
R11 — decrease, single crochet 2, repeat twice (6)
R12 to R16 — single crochet in every stitch (6)
R17 — decrease 3 times (3)`,
    parts: [{ name: "Body", counts: [6, 12, 12, 18, ...times(18, 3), 12, 10, 8, 6, ...times(6, 5), 3] }],
  },
  {
    hand: "barrel",
    text: `Barrel

Top & bottom (brown) – 2 pieces
1) 6 sc in MR
2) 6 inc (12)
3) (1 sc, 1 inc) 6 times (18)
4) (2 sc, 1 inc) 6 times (24)
Cut the yarn on the first, continue with the second:
5) BLO, 24 sc (24)
6) (3 sc, 1 inc) 6 times (30)
7-9) 30 sc (30)
10) (3 sc, 1 dec) 6 times (24)
Stuff, sew the first piece on with 24 sts.`,
    parts: [{ name: "Top & bottom", make: 2, counts: [6, 12, 18, 24, 24, 30, ...times(30, 3), 24] }],
  },
  {
    hand: "robin",
    text: `Robin

HEAD + BODY: brown
R1: (MC) 6 sc [6]
R2: inc each [12]
R3: 1 sc + inc, 6x [18]
R4: 2 sc + inc, 6x [24]
R5-R6: sc [24]
R7: 8 sc brown, 8 sc red, 8 sc brown [24]
R8: 7 sc brown, 10 sc red, 7 sc brown [24]
R9: 7 brown, 10 red, 7 brown [24]
R10: 3 sc + inc, 6x keeping the colours [30]
R11: 9 brown, 12 red, 9 brown [30]
R12: change to cream, sc [30]
R13: 3 sc + dec, 6x [24]
R14: 2 sc + dec, 6x [18]
R15: 1 sc + dec, 6x [12]
R16: dec, 6x [6]
WING: brown, make 2
R1: (MC) 5 sc [5]
R2: inc each [10]
R3: sc [10]`,
    parts: [
      { name: "HEAD + BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 30, 30, 30, 24, 18, 12, 6] },
      { name: "WING", make: 2, counts: [5, 10, 10] },
    ],
  },
  {
    hand: "spiral seashell",
    text: `Spiral seashell

Ch 4, join with sl st to form a ring.
Rnd 1: 8 sc in ring. Do not join.
Rnd 2: 2 sc in each sc. (16 sc)
Rnd 3: (1 sc in next sc, 2 sc in next sc) 8 times. (24 sc)
Rnd 4: Working in back loop only, 1 sc in each sc. (24 sc)
Rnd 5: (1 sc in each of next 2 sc, sc2tog) 6 times. (18 sc)
Rnd 6: 1 sc in each sc. (18 sc)
Rnd 7: (1 sc in next sc, sc2tog) 6 times. (12 sc)
Rnd 8: 1 sc in each sc. (12 sc)
Stuff lightly.
Rnd 9: (sc2tog) 6 times. (6 sc)
Rnd 10: 1 sc in each sc. (6 sc)
Rnd 11: (sc2tog) 3 times. (3 sc)
End off.`,
    parts: [{ name: "Spiral seashell", counts: [8, 16, 24, 24, 18, 18, 12, 12, 6, 6, 3] }],
  },
  {
    hand: "tiny elf — designed for sport weight yarn",
    text: `TINY ELF — designed for sport weight yarn

**You'll need:** 3 colors of yarn · 2.25 mm hook · fiberfill

**HAT** – green
Rnd 1 | 4 sc in magic ring | 4
Rnd 2 | sc around | 4
Rnd 3 | (sc, inc) ×2 | 6
Rnd 4 | sc around | 6
Rnd 5 | (2 sc, inc) ×2 | 8
Rnd 6 | sc around | 8
Rnd 7 | (sc, inc) ×4 | 12
Rnd 8 | sc around | 12
Rnd 9 | (2 sc, inc) ×4 | 16
Rnd 10–11 | sc around | 16
**HEAD** – skin
Rnd 1 | 6 sc in magic ring | 6
Rnd 2 | inc ×6 | 12
Rnd 3 | (2 sc, inc) ×4 | 16
Rnd 4–6 | sc around | 16
Rnd 7 | (2 sc, dec) ×4 | 12
Rnd 8 | dec ×6 | 6`,
    parts: [
      { name: "HAT", counts: [4, 4, 6, 6, 8, 8, 12, 12, 16, 16, 16] },
      { name: "HEAD", counts: [6, 12, 16, ...times(16, 3), 12, 6] },
    ],
  },
  {
    hand: "carrot top bunny - head",
    text: `CARROT TOP BUNNY - HEAD
Row 1 - 6 sc in MC
Row 2 - 2 sc in each (12)
Row 3 - 2 sc in first, 1 sc in next, repeat around (18)
Row 4 - 2 sc in first, 1 sc in next 2, repeat around (24)
Row 5 - 2 sc in first, 1 sc in next 3, repeat around (30)
Row 6 thru 9 - sc in each around (30)
Row 10 - sc2tog, 1 sc in next 3, repeat around (24)
Row 11 - sc2tog, 1 sc in next 2, repeat around (18)
Row 12 - sc2tog, 1 sc in next, repeat around (12)
Stuff the head
Row 13 - sc2tog around (6)
Fasten off

CARROT TOP BUNNY - EAR - Make 2
Row 1 - 4 sc in MC
Row 2 - 2 sc in each (8)
Row 3 thru 8 - sc in each around (8)
Row 9 - sc2tog, 1 sc in next 2, repeat around (6)
Fasten off`,
    parts: [
      { name: "CARROT TOP BUNNY", counts: [6, 12, 18, 24, 30, ...times(30, 4), 24, 18, 12, 6] },
      { name: "CARROT TOP BUNNY", make: 2, counts: [4, 8, ...times(8, 6), 6] },
    ],
  },
  {
    hand: "snail shell, snail body",
    text: `Snail shell, snail body

SHELL: in brown
Start: magic ring
Round 1: 6 half doubles (6)
Round 2: 2 half doubles in each stitch (12)
Round 3: 1 half double, 2 half doubles in the next stitch; around (18)
Round 4: only through the back loop, 1 half double in each stitch (18)
Round 5: 1 half double, decrease; around (12)
BODY: in sand
Start: chain 13
Row 1: from the 2nd chain, 1 single crochet in each chain (12), turn
Row 2–6: chain 1, 1 single crochet in each stitch (12), turn
Roll up and sew together.`,
    parts: [
      { name: "SHELL", counts: [6, 12, 18, 18, 12] },
      { name: "BODY", counts: [12, ...times(12, 5)] },
    ],
  },
];
