import type { Case } from "./case";

const times = (count: number, n: number): number[] => Array.from({ length: n }, () => count);

/** Whole patterns by many hands, put down with their counts before they were read. Counts by pencil. */
export const SAILMAKERS: readonly Case[] = [
  {
    hand: "of the sailmakers: # little barnacle goose",
    text: `# Little Barnacle Goose

**You need:** DK cotton in black, white and grey · 2.5 mm hook · two 5 mm safety eyes · fibrefill

## Head (black)
1. Magic ring, 6 sc **(6)**
2. Inc in every st **(12)**
3. [1 sc, inc] six times **(18)**
4. – 6. 18 sc **(18)**
7. Change to white. [1 sc, dec] six times **(12)**
8. 12 sc **(12)**

Put the eyes in between rounds 5 and 6. Fill.

9. 6 dec **(6)**

Cut, pull through, close.

## Beak (grey)
1. Magic ring, 4 sc **(4)**
2. [1 sc, inc] twice **(6)**
3. 6 sc **(6)**

Leave 15 cm for sewing.

## Wings (grey, make two)
1. Magic ring, 5 sc **(5)**
2. Inc in every st **(10)**
3. – 5. 10 sc **(10)**
6. [3 sc, dec] twice **(8)**

Flatten and sew on.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 18, 18, 18, 12, 12, 6] },
      { name: "Beak", counts: [4, 6, 6] },
      { name: "Wings", make: 2, counts: [5, 10, 10, 10, 10, 8] },
    ],
  },
  {
    hand: "of the sailmakers: bobble hat for a key",
    text: `Bobble hat for a key
yarn: scraps of worsted; hook 4 mm

rnd 1: 8 hdc in a ring
rnd 2: 2 hdc in each (16)
rnd 3: *hdc, 2 hdc in next* 8 times (24)
rnds 4, 5, 6: hdc (24)
rnd 7: sl st in each st, loosely (24)
finish off and weave in. make a 2 cm pompom, sew to the top.`,
    parts: [{ name: "Piece", counts: [8, 16, 24, 24, 24, 24, 24] }],
  },
  {
    hand: "of the sailmakers: | round | work | stitches |",
    text: `| Round | Work | Stitches |
|---|---|---|
| | **Pear body** | |
| 1 | 6 dc in magic loop | 6 |
| 2 | 2 dc in each st | 12 |
| 3 | (1 dc, 2 dc in next) rep | 18 |
| 4 | (2 dc, 2 dc in next) rep | 24 |
| 5–8 | dc round | 24 |
| 9 | (2 dc, dc2tog) rep | 18 |
| 10–11 | dc round | 18 |
| 12 | (1 dc, dc2tog) rep | 12 |
| | stuff | |
| 13 | dc2tog round | 6 |
UK terms. Finish by closing the hole; embroider a stalk in brown.`,
    parts: [{ name: "Pear body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "of the sailmakers: sea urchin pincushion (us terms)",
    text: `Sea urchin pincushion (US terms)

Rnd 1: With plum, make a magic ring and work 7 sc. Do not join. [7]
Rnd 2: 2 sc in each sc around. [14]
Rnd 3: [Sc in next sc, 2 sc in next sc] 7 times. [21]
Rnd 4: [Sc in next 2 sc, 2 sc in next sc] 7 times. [28]
Rnd 5: [Sc in next 3 sc, bobble in next sc] 7 times. [28]
Rnd 6: Sc in each st around. [28]
Rnd 7: [Bobble in next sc, sc in next 3 sc] 7 times. [28]
Rnd 8: Sc in each st around. [28]
Rnd 9: [Sc in next 2 sc, sc2tog] 7 times. [21]
Rnd 10: [Sc in next sc, sc2tog] 7 times. [14]
Stuff firmly.
Rnd 11: [Sc2tog] 7 times. [7]
Fasten off and close.`,
    parts: [{ name: "Sea urchin pincushion", counts: [7, 14, 21, 28, 28, 28, 28, 28, 21, 14, 7] }],
  },
  {
    hand: "of the sailmakers: pink starfish",
    text: `PINK STARFISH

Centre
R1: MR, 5 sc. (5)
R2: 2 sc per st. (10)
R3: 1 sc, inc, ×5. (15)
R4: 2 sc, inc, ×5. (20)

Arms (worked on the centre, five times)
Row 1: 4 sc, turn (4)
Row 2: ch 1, dec, dec, turn (2)
Row 3: ch 1, dec (1)
Fasten off each arm and join the yarn at the next free stitch.`,
    parts: [
      { name: "Centre", counts: [5, 10, 15, 20] },
      { name: "Arms", make: 5, counts: [4, 2, 1] },
    ],
  },
  {
    hand: "of the sailmakers: grandad's pipe-smoking owl, part one: body",
    text: `Grandad's Pipe-smoking Owl, Part one: body

Start: six trebles? No! Six double crochet into a ring, this is a UK pattern.
Second round: two dc into every stitch, twelve.
Third round: one dc, two dc into the next, all round, eighteen.
Fourth round: two dc, two into the next, all round, twenty-four.
Rounds five to eleven: one dc in every stitch, twenty-four.
Twelfth round: fold flat and dc through both layers, twelve.`,
    parts: [{ name: "Piece", counts: [6, 12, 18, 24, ...times(24, 7), 12] }],
  },
  {
    hand: "of the sailmakers: apple core",
    text: `APPLE CORE

start in red, 8 stitches in the magic ring.
double them. 16
inc every 2nd stitch. 24
inc every 3rd stitch. 32
3 rounds plain. 32
cream: dec every 3rd and 4th stitch. 24
dec every 2nd and 3rd stitch. 16
6 rounds plain. 16
inc every 2nd stitch. 24
red: inc every 3rd stitch. 32
2 rounds plain. 32
dec every 3rd and 4th. 24
dec every 2nd and 3rd. 16
fill it.
dec all round. 8`,
    parts: [
      {
        name: "APPLE CORE",
        counts: [8, 16, 24, 32, 32, 32, 32, 24, 16, ...times(16, 6), 24, 32, 32, 32, 24, 16, 8],
      },
    ],
  },
  {
    hand: "of the sailmakers: duck feet, orange, make 2",
    text: `Duck feet, orange, make 2

Foundation: ch 4
1st row: 1 sc in 2nd ch, 1 sc in each of next 2 ch (3 sc)
2nd row: turn, ch 1, 2 sc in each st (6 sc)
3rd row: turn, ch 1, 6 sc (6 sc)
4th row: turn, (ch 2, sl st in 2nd ch from hook, sl st in next 2 sc) 3 times (3 toes)`,
    parts: [{ name: "Duck feet", make: 2, counts: [3, 6, 6, 6] }],
  },
  {
    hand: "of the sailmakers: snowman ornament",
    text: `Snowman Ornament

Materials
- 10 g white worsted, a little orange
- 3.75 mm hook

Ball, bottom
Round 1: 6sc in magic circle
Round 2: 2sc in each stitch (12)
Round 3: (1sc, 2sc in next stitch) x 6 (18)
Round 4: (2sc, 2sc in next stitch) x 6 (24)
Rounds 5-8: 1sc in each stitch (24)
Round 9: (2sc, sc2tog) x 6 (18)
Round 10: (1sc, sc2tog) x 6 (12)
Stuff. Continue with the head, do not break off:
Round 11: (1sc, 2sc in next stitch) x 6 (18)
Rounds 12-14: 1sc in each stitch (18)
Round 15: (1sc, sc2tog) x 6 (12)
Stuff.
Round 16: sc2tog x 6 (6)

Nose, orange
Round 1: 3sc in magic circle
Round 2: (2sc in next stitch, 1sc) - finish with 1sc (4)
Round 3: 4sc (4)`,
    parts: [
      { name: "Ball, bottom", counts: [6, 12, 18, 24, ...times(24, 4), 18, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Nose", counts: [3, 4, 4] },
    ],
  },
  {
    hand: "of the sailmakers: mushroom keychain -- us terms",
    text: `Mushroom Keychain -- US terms

STEM (off white)
1) mr 6
2) inc x6 = 12
3) blo sc x12 = 12
4-6) sc x12 = 12
7) (sc 4, dec) x2 = 10
8) sc x10 = 10
fasten off, stuff

CAP (red)
1) mr 6
2) inc x6 = 12
3) (sc, inc) x6 = 18
4) (sc 2, inc) x6 = 24
5) (sc 3, inc) x6 = 30
6-7) sc x30 = 30
switch to off white
8) blo sc x30 = 30
9) (sc 3, dec) x6 = 24
10) (sc 2, dec) x6 = 18
11) (sc 1, dec) x6 = 12
fasten off leaving a tail, sew stem to cap

SPOTS (off white, x5)
1) mr 5`,
    parts: [
      { name: "STEM", counts: [6, 12, 12, 12, 12, 12, 10, 10] },
      { name: "CAP", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12] },
      { name: "SPOTS", make: 5, counts: [5] },
    ],
  },
  {
    hand: "of the sailmakers: cherry pair",
    text: `Cherry pair

Cherry (you need two)
Begin with a sliding loop.
Rnd 1 – work 6 sc into the loop – 6 sts
Rnd 2 – inc in each st around – 12 sts
Rnd 3 – *sc in next st, inc in next st; repeat from * around – 18 sts
Rnd 4 to 6 – sc in each st around – 18 sts
Rnd 7 – *sc in next st, sc2tog; repeat from * around – 12 sts
Add filling
Rnd 8 – sc2tog around – 6 sts

Stalk: with green, ch 25, join to the second cherry with a sl st, fasten off.

Leaf: ch 8, sc in 2nd ch from hook, hdc in next, dc in next 3, hdc in next, 3 sc in last ch, working along the other side: hdc in next, dc in next 3, hdc in next, sc in last, sl st to first sc.`,
    parts: [
      { name: "Cherry", make: 2, counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Stalk", counts: [0] },
      { name: "Leaf", counts: [15] },
    ],
  },
  {
    hand: "of the sailmakers: tiny house",
    text: `Tiny House

WALLS
Ch 6 (foundation).
R1. sc in 2nd ch from hook, sc 3, 3 sc in last ch; on other side sc 3, 2 sc in last [12]
R2. 2 sc in first st, sc 3, 2 sc in each of next 3, sc 3, 2 sc in each of last 2 [18]
R3. in BLO: sc around [18]
R4–R8. sc around [18]
Fasten off.

ROOF
R1. 4 sc in MR [4]
R2. 2 sc in each [8]
R3. *1 sc, 2 sc in next* ×4 [12]
R4. *2 sc, 2 sc in next* ×4 [16]
R5. *3 sc, 2 sc in next* ×4 [20]
R6. *4 sc, 2 sc in next* ×4 [24]`,
    parts: [
      { name: "WALLS", counts: [12, 18, 18, 18, 18, 18, 18, 18] },
      { name: "ROOF", counts: [4, 8, 12, 16, 20, 24] },
    ],
  },
  {
    hand: "of the sailmakers: bunny ears (uk)",
    text: `Bunny ears (UK)

Work two in white and two in pink.
6 ch.
Rnd 1: 1 dc in 2nd ch from hook, 1 dc in each of the next 3 ch, 4 dc in last ch, turn to work along the underside, 1 dc in each of next 4 ch. (12 dc)
Rnd 2: 1 dc in each of next 5 dc, 2 dc in each of next 2 dc, 1 dc in each of next 5 dc. (14 dc)
Rnd 3: 1 dc in each dc. (14 dc)
Put a pink on a white, wrong sides facing, and dc around the edge with white through both.`,
    parts: [{ name: "Bunny ears", make: 4, counts: [12, 14, 14] }],
  },
  {
    hand: "of the sailmakers: chunky robin // body: brown, tummy: red",
    text: `Chunky Robin // body: brown, tummy: red

(1) 6 sc magic loop [6]
(2) 6 inc [12]
(3) 1 sc 1 inc x6 [18]
(4) 2 sc 1 inc x6 [24]
(5) 3 sc 1 inc x6 [30]
(6) brown 11 sc, red 8 sc, brown 11 sc [30]
(7) brown 10 sc, red 10 sc, brown 10 sc [30]
(8) as 7 [30]
(9) as 6 [30]
(10) brown 3 sc 1 dec x6 [24]
(11) 2 sc 1 dec x6 [18]
(12) 1 sc 1 dec x6 [12]
(13) 6 dec [6]

Wing x 2: (1) 6 sc magic loop [6] (2) 6 inc [12] (3) 12 sc [12] (4) fold, 6 sc through both [6]
Tail: (1) 5 sc magic loop [5] (2) 5 sc [5] (3) 5 inc [10] (4) 10 sc [10]`,
    parts: [
      { name: "Chunky Robin", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Wing", make: 2, counts: [6, 12, 12, 6] },
      { name: "Tail", counts: [5, 5, 10, 10] },
    ],
  },
  {
    hand: "of the sailmakers: moon (a crescent in rows, uk terms)",
    text: `Moon (a crescent in rows, UK terms)
With 3 mm hook and silver make 3 ch.
Row 1: 1 dc into 2nd ch from hook, 1 dc into next ch, turn. 2 sts
Row 2: 1 ch, 2 dc into first st, 1 dc into last st, turn. 3 sts
Row 3: 1 ch, 1 dc into each st, turn. 3 sts
Row 4: 1 ch, 2 dc into first st, 1 dc into each st to end, turn. 4 sts
Row 5: As row 3. 4 sts
Row 6: As row 4. 5 sts
Rows 7 to 12: As row 3. 5 sts
Row 13: 1 ch, dc2tog, 1 dc into each st to end, turn. 4 sts
Row 14: As row 3. 4 sts
Row 15: As row 13. 3 sts
Row 16: As row 3. 3 sts
Row 17: As row 13. 2 sts
Make 2 and join with dc all round.`,
    parts: [{ name: "Moon", make: 2, counts: [2, 3, 3, 4, 4, 5, ...times(5, 6), 4, 4, 3, 3, 2] }],
  },
  {
    hand: "of the sailmakers: giraffe",
    text: `GIRAFFE

Legs (make 4)
Round 1: with brown, 6 sc in magic ring. (6)
Round 2: [sc 1, inc] x3. (9)
Round 3: BLO sc around. (9)
Change to yellow.
Round 4-7: sc around. (9)
Fasten off the first three legs. Stuff. Don't fasten off the fourth leg.

Body (yellow)
Round 8: Continue from fourth leg: ch 2, sc 9 around third leg, ch 2, sc 9 around second leg, ch 2, sc 9 around first leg, ch 2, sc 9 around fourth leg. (44)
Round 9: sc around, working into the chains too. (44)
Round 10: [sc 9, dec] x4. (40)
Round 11-13: sc around. (40)`,
    parts: [
      { name: "Legs", make: 4, counts: [6, 9, 9, 9, 9, 9, 9] },
      { name: "Body", counts: [44, 44, 40, 40, 40, 40] },
    ],
  },
  {
    hand: "of the sailmakers: hedgehog",
    text: `Hedgehog
Face, beige. 
R1: 5 x into ring. [5]
R2: 2x into each. [10]
R3: (1x, 2x into next) ×5 [15]
R4: 15x [15]
Change to brown fluffy.
R5: (2x, 2x into next) ×5 [20]
R6: (3x, 2x into next) ×5 [25]
R7-R10: 25x [25]
R11: (3x, tog) ×5 [20]
R12: (2x, tog) ×5 [15]
R13: (1x, tog) ×5 [10]
R14: tog ×5 [5]
x = single crochet, tog = two together`,
    parts: [{ name: "Face", counts: [5, 10, 15, 15, 20, 25, 25, 25, 25, 25, 20, 15, 10, 5] }],
  },
  {
    hand: "of the sailmakers: boot ornament",
    text: `Boot ornament

Sole: ch 9, 3 sc in 2nd ch from hook, 6 sc, 3 sc in last ch, 6 sc back along the other side. Sl st to join. 18
Rnd 2: ch 1, 2 sc in each of the first 3 sts, 6 sc, 2 sc in each of 3 sts, 6 sc, join. 24
Rnd 3: ch 1, back loops: 24 sc, join. 24
Rnd 4: ch 1, 24 sc, join. 24
Rnd 5: ch 1, 8 sc, 4 dec, 8 sc, join. 20
Rnd 6: ch 1, 6 sc, 4 dec, 6 sc, join. 16
Rnds 7 – 11: ch 1, 16 sc, join. 16
Rnd 12: front loops, white: ch 1, 16 sc, join. 16`,
    parts: [{ name: "Sole", counts: [18, 24, 24, 24, 20, 16, ...times(16, 5), 16] }],
  },
  {
    hand: "of the sailmakers: pocket ghost",
    text: `Pocket Ghost
▪ Round 1 ▸ magic circle, 6 sc ▸ 6
▪ Round 2 ▸ 6 inc ▸ 12
▪ Round 3 ▸ sc, inc (repeat 6 times) ▸ 18
▪ Round 4 ▸ 2 sc, inc (repeat 6 times) ▸ 24
▪ Rounds 5 through 10 ▸ 24 sc ▸ 24
▪ Round 11 ▸ in front loop only: [sl st, skip 1, 5 dc in next, skip 1] six times ▸ 36
▪ Finish ▸ cut yarn, weave in. Base ▸ 4 rounds like the top, sew in.`,
    parts: [{ name: "Pocket Ghost", counts: [6, 12, 18, 24, ...times(24, 6), 36] }],
  },
  {
    hand: "of the sailmakers: prickly pear magnet",
    text: `Prickly pear magnet
Pad (green)
r1: 6sc in mr (6)
r2: 2sc in each (12)
r3: *sc, 2sc in next* (18)
r4: *2sc, 2sc in next* (24)
r5–9: sc around (24)
r10: *2sc, sc2tog* (18)
Flatten it, sc the opening shut (9)
Fruit (pink, 3 needed)
r1: 5sc in mr (5)
r2–3: sc around (5)`,
    parts: [
      { name: "Pad", counts: [6, 12, 18, 24, ...times(24, 5), 18, 9] },
      { name: "Fruit", make: 3, counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the sailmakers: teacup (uk)",
    text: `Teacup (uk)

Begin at the base with cream.
Make a magic ring.
1st round: 7 dc into ring. Join with ss to first dc. (7 sts)
2nd round: 1 ch, 2 dc into each dc. Join. (14 sts)
3rd round: 1 ch, (1 dc, 2 dc into next dc) 7 times. Join. (21 sts)
4th round: 1 ch, working into back loops only, 1 dc into each dc. Join. (21 sts)
5th, 6th and 7th rounds: 1 ch, 1 dc into each dc. Join. (21 sts)
8th round: 1 ch, (2 dc, 2 dc into next dc) 7 times. Join. (28 sts)
9th round: 1 ch, 1 dc into each dc. Join. (28 sts)
Fasten off.

Handle
11 ch, fasten off leaving tails to sew with.`,
    parts: [
      { name: "Teacup", counts: [7, 14, 21, 21, 21, 21, 21, 28, 28] },
      { name: "Handle", counts: [0] },
    ],
  },
  {
    hand: "of the sailmakers: fox face brooch",
    text: `Fox face brooch

Work in rows. Chain 2 with rust.
ROW 1: 2sc in 2nd ch from hook, turn [2]
ROW 2: ch1, inc, inc, turn [4]
ROW 3: ch1, inc, 2sc, inc, turn [6]
ROW 4: ch1, 6sc, turn [6]
ROW 5: ch1, inc, 4sc, inc, turn [8]
ROW 6: ch1, 8sc, turn [8]
ROW 7: ch1, 3sc, leave the other 5, turn [3]
ROW 8: ch1, dec, 1sc, turn [2]
ROW 9: ch1, dec [1]
First ear done, cut the yarn.`,
    parts: [{ name: "Fox face brooch", counts: [2, 4, 6, 6, 8, 8, 3, 2, 1] }],
  },
  {
    hand: "of the sailmakers: -- octopus for a hook case --",
    text: `-- Octopus for a hook case --

HEAD, in aqua, from the top:
Round 1 (6): 6 sc in magic ring
Round 2 (12): inc x 6
Round 3 (18): (sc, inc) x 6
Round 4 (24): (2 sc, inc) x 6
Rounds 5-10 (24): sc all around
Round 11 (18): (2 sc, dec) x 6
Stuff well
Round 12 (12): (sc, dec) x 6
Round 13 (6): dec x 6
Close.

ARMS (8), in aqua:
ch 16, 2 sc in second ch from hook, 2 sc in each ch (30)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, ...times(24, 6), 18, 12, 6] },
      { name: "ARMS", make: 8, counts: [30] },
    ],
  },
  {
    hand: "of the sailmakers: tiny tortoise 🐢",
    text: `Tiny Tortoise 🐢

🟢 shell
round 1 » 6 sc in magic ring » (6)
round 2 » [inc] x6 » (12)
round 3 » [1 sc, inc] x6 » (18)
round 4 » [2 sc, inc] x6 » (24)
round 5–6 » 24 sc » (24)
round 7 » sl st around in FLO » (24)

🟤 tummy
round 1 » 6 sc in magic ring » (6)
round 2 » [inc] x6 » (12)
round 3 » [1 sc, inc] x6 » (18)
round 4 » [2 sc, inc] x6 » (24)

🟤 legs (4)
round 1 » 5 sc in magic ring » (5)
round 2–3 » 5 sc » (5)`,
    parts: [
      { name: "shell", counts: [6, 12, 18, 24, 24, 24, 24] },
      { name: "tummy", counts: [6, 12, 18, 24] },
      { name: "legs", make: 4, counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the sailmakers: pebble penguin",
    text: `PEBBLE PENGUIN
You will be working in continuous rounds unless I say otherwise.

*Body:*
R1) Black: 6sc into MC [6sts]
R2) Inc in each st [12sts]
R3) (1sc, inc)x6 [18sts]
R4) 6sc black, 6sc white, 6sc black [18sts]
R5) (2sc, inc)x2 black, (2sc, inc)x2 white, (2sc, inc)x2 black [24sts]
R6-R8) 8sc black, 8sc white, 8sc black [24sts]
R9) (2sc, dec)x2 black, (2sc, dec)x2 white, (2sc, dec)x2 black [18sts]
R10) black: (1sc, dec)x6 [12sts]
R11) 6dec [6sts]

*Beak:* orange, 4sc into MC, pull tight, sew on.

*Flippers (2):*
R1) 4sc into MC [4sts]
R2) 4sc [4sts]
R3) (1sc, inc)x2 [6sts]
R4) 6sc [6sts]`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Beak", counts: [4] },
      { name: "Flippers", make: 2, counts: [4, 4, 6, 6] },
    ],
  },
  {
    hand: "of the sailmakers: pumpkin, small",
    text: `Pumpkin, small

Using orange, ch 2.
Rnd 1. 5 sc in 2nd ch from hook – 5 sc.
Rnd 2. 2 sc in each sc around – 10 sc.
Rnd 3. *1 sc in next sc, 2 sc in next sc, rep from * around – 15 sc.
Rnd 4. *1 sc in next 2 sc, 2 sc in next sc, rep from * around – 20 sc.
Rnd 5. *1 sc in next 3 sc, 2 sc in next sc, rep from * around – 25 sc.
Rnds 6–9. 1 sc in each sc around – 25 sc.
Rnd 10. *1 sc in next 3 sc, dec over next 2 sc, rep from * around – 20 sc.
Rnd 11. *1 sc in next 2 sc, dec over next 2 sc, rep from * around – 15 sc.
Stuff.
Rnd 12. *1 sc in next sc, dec over next 2 sc, rep from * around – 10 sc.
Rnd 13. *dec over next 2 sc, rep from * around – 5 sc.
Close. Pull the long tail up through the middle and down the outside five times for the ribs.

Stem: Using green, ch 5, sl st in 2nd ch from hook and next 3 ch – 4 sl st.`,
    parts: [
      { name: "Pumpkin, small", counts: [5, 10, 15, 20, 25, 25, 25, 25, 25, 20, 15, 10, 5] },
      { name: "Stem", counts: [4] },
    ],
  },
  {
    hand: "of the sailmakers: lemon slice coaster",
    text: `Lemon Slice Coaster
Yellow.
Rnd 1: Ch 3 (does not count), 12 dc in MR, sl st to first dc. 12
Rnd 2: Ch 3 (does not count), 2 dc in each st, sl st to first dc. 24
Rnd 3: Ch 3 (does not count), (dc, 2 dc in next) 12 times, sl st to first dc. 36
White. Rnd 4: Ch 1, (2 sc, 2 sc in next) 12 times, sl st to first sc. 48
Yellow. Rnd 5: Ch 1, 48 sc, sl st to first sc. 48`,
    parts: [{ name: "Lemon Slice Coaster", counts: [12, 24, 36, 48, 48] }],
  },
  {
    hand: "of the sailmakers: worry worm",
    text: `Worry worm

Ch 20.
3 sc in 2nd ch from hook and in each ch across. 57 sc
Finish off.`,
    parts: [{ name: "Worry worm", counts: [57] }],
  },
  {
    hand: "stitches of a round parted by dashes",
    text: `Duckling leg
r1: mr6
r2: inc-sc-inc-sc-inc-sc (9)
r3: sc9
r4: sc - dec - sc - dec - sc - dec (6)`,
    parts: [{ name: "Duckling leg", counts: [6, 9, 9, 6] }],
  },
  {
    hand: "rounds that are called by what they do",
    text: `Neck
Rnd 1: 8 sc in MR (8)
Increase round: 2 sc in each (16)
Even round: sc in each (16)
Now decrease: (2 sc, dec) 4 times (12)
Next round: sc (12)`,
    parts: [{ name: "Neck", counts: [8, 16, 16, 12, 12] }],
  },
  {
    hand: "sums in boxes in front, rounds without numbers",
    text: `Bean
[6] 6 sc into MR
[12] inc in each
[12] sc in each
[6] dec x 6`,
    parts: [{ name: "Bean", counts: [6, 12, 12, 6] }],
  },
  {
    hand: "no stitch has a name but the verb's",
    text: `Cherry
First round: Six single crochet into a magic ring.
Second round: Two single crochet in each stitch (12).
Third round: One single crochet in the first stitch, two in the next; repeat all round (18).
Fourth round: Crochet into each stitch (18).
Fifth round: Crochet one, crochet two together; repeat all round (12).
Sixth round: Crochet two together all round (6).`,
    parts: [{ name: "Cherry", counts: [6, 12, 18, 18, 12, 6] }],
  },
  {
    hand: "a plain stitch under a name of the hand's own",
    text: `Plum
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x6 (12)
Rnd 3: (1 norm, inc) x6 (18)
Rnd 4: 18 norm (18)
Rnd 5: (1 norm, dec) x6 (12)`,
    parts: [{ name: "Plum", counts: [6, 12, 18, 18, 12] }],
  },
  {
    hand: "how many rounds, said in other ways",
    text: `Bollard
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x6 (12)
Rnd 3 (x4): sc around (12)
Rnd 7: (sc, inc) x6 (18)
Rnd 8: sc around (18). Do this 2 more times.
Rnd 11 → 13: 18 sc
Rnd 14 up to and including rnd 15: sc around (18)
Rnd 16: sc around; repeat 2x
Rnd 18: (sc, dec) x6 (12)`,
    parts: [
      { name: "Bollard", counts: [6, 12, 12, 12, 12, 12, 18, 18, 18, 18, 18, 18, 18, 18, 18, 18, 18, 12] },
    ],
  },
  {
    hand: "UK magazine, a part worked in another colour as one before it",
    text: `BODY AND HEAD
Using black, make a magic ring.
Round 1 6dc into ring. (6 sts)
Round 2 2dc in each st to end. (12 sts)
Round 3 [1dc, 2dc in next st] 6 times. (18 sts)
Rounds 4–6 1dc in each st to end. (18 sts)
Round 7 [1dc, dc2tog] 6 times. (12 sts)
Stuff firmly.
Round 8 [dc2tog] 6 times. (6 sts)
Fasten off, drawing the tail through the remaining sts.

TUMMY
Using white, work as body to end of round 3.
Sl st in next st and fasten off, leaving a long tail.`,
    parts: [
      { name: "BODY AND HEAD", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "TUMMY", counts: [6, 12, 18] },
    ],
  },
  {
    hand: "a notebook's shorthand: the sum, then what is done",
    text: `crab body red
6 mr
12 inc
18 1/inc
24 2/inc
24 x3
18 2/dec
12 1/dec
6 dec`,
    parts: [{ name: "crab body", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] }],
  },
];
