import type { Case } from "./case";

/**
 * Hands that say little: sums without a how, one-line parts, numbers of a shade. Each was read once before
 * anything was mended.
 */
export const LAMPLIGHTERS: readonly Case[] = [
  {
    hand: "crab, numbers as words in front",
    text: `Little Crab

Shell
First round: six single crochet in a magic ring (6)
Second round: increase in each stitch (12)
Third round: one single crochet, one increase, six times (18)
Fourth and fifth rounds: single crochet in every stitch (18)
Sixth round: one single crochet, one decrease, six times (12)
Stuff lightly.
Seventh round: six decreases (6)
Close.

Claws, two alike
First round: five single crochet in a magic ring (5)
Second round: increase in the first two stitches, single crochet in the last three (7)
Third round: single crochet in every stitch (7)

Legs, six
Chain 5. Starting in the second chain from the hook, slip stitch 4. (4)`,
    parts: [
      { name: "Shell", counts: [6, 12, 18, 18, 18, 12, 6] },
      { name: "Claws", make: 2, counts: [5, 7, 7] },
      { name: "Legs", make: 6, counts: [4] },
    ],
  },
  {
    hand: "mushroom, compact slash",
    text: `Toadstool
CAP // red
1) mr 6
2) inc all (12)
3) 1/inc x6 (18)
4) 2/inc x6 (24)
5-6) 24
7) 2/dec x6 (18)
STEM // cream
1) mr 6
2) inc all (12)
3) blo 12
4-6) 12
Sew stem under cap.`,
    parts: [
      { name: "CAP", counts: [6, 12, 18, 24, 24, 24, 18] },
      { name: "STEM", counts: [6, 12, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "snail, long sentences",
    text: `Pocket Snail

The body is worked flat from the tail up to the head in continuous rounds with the sand yarn.

Round 1 – Make a magic ring and work 4 sc into it; 4 stitches.
Round 2 – Work an increase in the first stitch and 1 sc in each of the remaining three; 5 stitches.
Round 3 – Work 1 sc in every stitch; 5 stitches.
Round 4 – Work an increase, then 4 sc; 6 stitches.
Rounds 5 to 12 – Work 1 sc in every stitch; 6 stitches.
Round 13 – Work 2 sc in each stitch; 12 stitches.
Rounds 14 and 15 – Work 1 sc in every stitch; 12 stitches.
Round 16 – Decrease all the way around; 6 stitches.
Fill the head only and gather the last round.

The house is worked with the brown yarn.

Round 1 – Make a magic ring and work 6 sc into it; 6 stitches.
Round 2 – Work 2 sc in each stitch; 12 stitches.
Round 3 – Work 1 sc and 2 sc in the next stitch, repeat to the end; 18 stitches.
Rounds 4 to 6 – Work 1 sc in every stitch; 18 stitches.`,
    parts: [
      { name: "Pocket Snail", counts: [4, 5, 5, 6, 6, 6, 6, 6, 6, 6, 6, 6, 12, 12, 12, 6] },
      { name: "house is worked", counts: [6, 12, 18, 18, 18, 18] },
    ],
  },
  {
    hand: "fish, sentence-case table of pipes",
    text: `Herring charm

| Rnd | What to do | Sts |
|---|---|---|
| 1 | 5 sc in magic ring | 5 |
| 2 | inc in each | 10 |
| 3 | (4 sc, inc) twice | 12 |
| 4–7 | sc in each | 12 |
| 8 | (4 sc, dec) twice | 10 |
| 9 | (3 sc, dec) twice | 8 |
| 10 | (2 sc, dec) twice | 6 |
| 11 | inc in each | 12 |
| 12 | sc in each | 12 |

Fold the tail flat and sew.`,
    parts: [{ name: "Herring charm", counts: [5, 10, 12, 12, 12, 12, 12, 10, 8, 6, 12, 12] }],
  },
  {
    hand: "penguin, colours inline and eye placement",
    text: `Penguin no. 4
Colours: Bk = black, Wh = white, Or = orange

Head and body
1: Bk – 6 in ring [6]
2: inc ×6 [12]
3: (sc, inc) ×6 [18]
4: sc 6 Bk, sc 2 Wh, sc 2 Bk, sc 2 Wh, sc 6 Bk [18]
5: sc 5 Bk, sc 8 Wh, sc 5 Bk [18]
6: sc 5 Bk, sc 8 Wh, sc 5 Bk [18]
Eyes go between 5 and 6, four stitches apart.
7: Bk (sc, dec) ×6 [12]
8: (sc, inc) ×6 [18]
9–11: sc 5 Bk, sc 8 Wh, sc 5 Bk [18]
12: Bk (sc, dec) ×6 [12]
13: dec ×6 [6]

Wing ×2, Bk
1: 4 in ring [4]
2: (sc, inc) ×2 [6]
3–5: sc 6 [6]

Beak, Or
1: 4 in ring [4]`,
    parts: [
      { name: "Head and body", counts: [6, 12, 18, 18, 18, 18, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Wing", make: 2, counts: [4, 6, 6, 6, 6] },
      { name: "Beak", counts: [4] },
    ],
  },
  {
    hand: "UK seal, htr tail",
    text: `SEAL PUP (UK terms throughout)

BODY
Rnd 1: 6 dc into magic loop. (6 dc)
Rnd 2: 2 dc into each dc. (12 dc)
Rnd 3: (1 dc, 2 dc into next dc) 6 times. (18 dc)
Rnd 4–6: 1 dc into each dc. (18 dc)
Rnd 7: (4 dc, dc2tog) 3 times. (15 dc)
Rnd 8–9: 1 dc into each dc. (15 dc)
Rnd 10: (3 dc, dc2tog) 3 times. (12 dc)
Rnd 11: (2 dc, dc2tog) 3 times. (9 dc)
Stuff.
Rnd 12: (1 dc, dc2tog) 3 times. (6 dc)

TAIL FIN (make 2)
Row 1: 4 ch, 1 dc into 2nd ch from hook, 1 htr into next ch, 1 tr into last ch. (3 sts)`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 18, 18, 18, 15, 15, 15, 12, 9, 6] },
      { name: "TAIL FIN", make: 2, counts: [3] },
    ],
  },
  {
    hand: "bunny heads, minimal notes",
    text: `bunny
head: mr6, inc (12), 1+inc (18), 2+inc (24), even x3, 2+dec (18), 1+dec (12), stuff, dec (6)
ear (2): mr5, even x4`,
    parts: [
      { name: "head", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "ear", make: 2, counts: [5, 5, 5, 5, 5] },
    ],
  },
  {
    hand: "star ornament, joined rounds ch1",
    text: `Five-Point Star (make two and join)
Rnd 1: In a magic ring, ch 1, 10 sc. Sl st to the first sc. (10 sc)
Rnd 2: Ch 1, 2 sc in each sc around. Sl st to join. (20 sc)
Rnd 3: *Sc, hdc, (dc, ch 2, dc) in next st, hdc; repeat from * 4 more times. Sl st to join. Fasten off. (25 sts)`,
    parts: [{ name: "Five-Point Star", make: 2, counts: [10, 20, 25] }],
  },
  {
    hand: "whale, rounds in prose between commas and totals with colon",
    text: `Whale

Make the body in blue: 
 1st rnd: 6 sc in a ring: 6
 2nd rnd: inc 6: 12
 3rd rnd: [1, inc] 6: 18
 4th rnd: [2, inc] 6: 24
 5th–8th rnd: no shaping: 24
 9th rnd: [2, dec] 6: 18
 10th rnd: no shaping: 18
 stuff now
 11th rnd: [1, dec] 6: 12
 12th rnd: dec 6: 6
Make the fins in blue, two of them:
 1st rnd: 5 sc in a ring: 5
 2nd rnd: no shaping: 5`,
    parts: [
      { name: "Whale", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 18, 12, 6] },
      { name: "fins", make: 2, counts: [5, 5] },
    ],
  },
  {
    hand: "octopus, arms grown, tally marks",
    text: `Octopus 8cm

HEAD (purple) – work in a spiral
R1 | 6 sc in MR | 6
R2 | 6 inc | 12
R3 | (1, inc) | 18
R4 | (2, inc) | 24
R5–R8 | sc | 24
R9 | (2, dec) | 18
R10 | (1, dec) | 12
R11 | (dec) | 6

ARMS (8 pieces)
ch 13
R1 | sc in 2nd ch from hook, 2 sc in each of the next 11 ch | 23`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "ARMS", make: 8, counts: [23] },
    ],
  },
  {
    hand: "acorn, sts in parentheses before colon",
    text: `Acorn button
Nut, hazel yarn
Row 1 (5 sts): 5 sc in MR.
Row 2 (10 sts): Inc to double.
Row 3 (10 sts): Sc.
Row 4 (15 sts): Sc, inc, rep x5.
Row 5–7 (15 sts): Sc.
Cup, umber yarn
Row 1 (6 sts): 6 sc in MR.
Row 2 (12 sts): Inc to double.
Row 3 (18 sts): Sc, inc, rep x6.
Row 4 (18 sts): Slip st in each.`,
    parts: [
      { name: "Nut", counts: [5, 10, 10, 15, 15, 15, 15] },
      { name: "Cup", counts: [6, 12, 18, 18] },
    ],
  },
  {
    hand: "starfish arms by rows turning",
    text: `STARFISH BADGE
Centre: in a magic ring work 10 sc, join with sl st (10)
Rnd 2: ch 1, 2 sc in each st, join (20)

Arm (work five times, 4 sts each)
Row 1: sc 4, turn (4)
Row 2: ch 1, dec, dec, turn (2)
Row 3: ch 1, dec (1)`,
    parts: [
      { name: "Centre", counts: [10, 20] },
      { name: "Arm", make: 5, counts: [4, 2, 1] },
    ],
  },
  {
    hand: "gull, dashes and stitch counts with st=",
    text: `Gull
BODY - white - 1 piece
R1 - mr, 6sc - st=6
R2 - inc*6 - st=12
R3 - (1sc, inc)*6 - st=18
R4 - (2sc, inc)*6 - st=24
R5..R9 - sc - st=24
R10 - (2sc, dec)*6 - st=18
R11 - sc - st=18
R12 - (1sc, dec)*6 - st=12
R13 - dec*6 - st=6
WING - grey - 2 pieces
R1 - mr, 6sc - st=6
R2 - (1sc, inc)*3 - st=9
R3..R5 - sc - st=9
R6 - (1sc, dec)*3 - st=6
BEAK - yellow - 1 piece
R1 - mr, 4sc - st=4
R2 - (1sc, inc)*2 - st=6`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 18, 12, 6] },
      { name: "WING", make: 2, counts: [6, 9, 9, 9, 9, 6] },
      { name: "BEAK", counts: [4, 6] },
    ],
  },
  {
    hand: "pebble cat, paragraphs with bold labels",
    text: `**Pebble Cat**

**Round 1.** Six single crochet in an adjustable ring. *(6 stitches)*
**Round 2.** Increase six times. *(12 stitches)*
**Round 3.** One single crochet, one increase; work this six times. *(18 stitches)*
**Rounds 4–7.** Single crochet all around. *(18 stitches)*
**Round 8.** One single crochet, one decrease; work this six times. *(12 stitches)*
**Round 9.** Decrease six times. *(6 stitches)*

**Ear — make two**
**Round 1.** Three single crochet in an adjustable ring. *(3 stitches)*
**Round 2.** Increase three times. *(6 stitches)*`,
    parts: [
      { name: "Pebble Cat", counts: [6, 12, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Ear", make: 2, counts: [3, 6] },
    ],
  },
  {
    hand: "bee, wraps on totals with arrow, stripes",
    text: `Bumble
Body: start with yellow
1. 6 sc MR → 6
2. inc ×6 → 12
3. (1 sc, inc) ×6 → 18
black
4. 18 sc → 18
5. 18 sc → 18
yellow
6. 18 sc → 18
7. 18 sc → 18
black
8. 18 sc → 18
9. (1 sc, dec) ×6 → 12
stuff
10. dec ×6 → 6
Wings (two)
1. 5 sc MR → 5
2. inc ×5 → 10
fold, sew on over row 5`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [5, 10] },
    ],
  },
  {
    hand: "boot ornament, oval sole",
    text: `Baby Boot Ornament

Sole
Ch 6.
Rnd 1: Sc in 2nd ch from hook, sc in next 3 ch, 3 sc in last ch. Working along the other side: sc in next 3 ch, 2 sc in last ch. (12)
Rnd 2: Inc, sc 3, inc 3, sc 3, inc 2. (18)
Rnd 3: In BLO, sc in each st. (18)
Rnd 4: Sc in each st. (18)
Rnd 5: Sc 5, dec 4, sc 5. (14)
Rnd 6: Sc in each st. (14)
Fasten off.`,
    parts: [{ name: "Sole", counts: [12, 18, 18, 18, 14, 14] }],
  },
  {
    hand: "duckling, [] sts at the line begin",
    text: `Duckling
-- Head --
[6] Rnd 1: 6 sc in MR
[12] Rnd 2: inc in each
[18] Rnd 3: (sc, inc) around
[18] Rnds 4-6: sc around
[12] Rnd 7: (sc, dec) around
[6] Rnd 8: dec around
-- Bill --
[4] Rnd 1: 4 sc in MR
[8] Rnd 2: inc in each`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Bill", counts: [4, 8] },
    ],
  },
  {
    hand: "anchor cord",
    text: `Anchor Charm
Shank: ch 11. Row 1: sc in second ch from hook and in each ch to the end (10). Row 2: ch 1, turn, sc in each (10). Fasten off.
Arms: ch 15. Row 1: sc in second ch from hook and each ch across (14). Fasten off.
Ring: ch 8, join with sl st. Rnd 1: 12 sc in the ring (12).`,
    parts: [
      { name: "Shank", counts: [10, 10] },
      { name: "Arms", counts: [14] },
      { name: "Ring", counts: [12] },
    ],
  },
  {
    hand: "rabbit, head first then work changes to body in one",
    text: `Mini Bunny in one piece

Starting at the top of the head:
Rnd 1   MR 6   (6)
Rnd 2   Inc x 6   (12)
Rnd 3   (Sc, inc) x 6   (18)
Rnd 4-6   Sc around   (18)
Rnd 7   (Sc, dec) x 6   (12)
Add eyes between rnds 5 and 6, 5 sts apart. Stuff.
Rnd 8   Dec x 6   (6)
Body
Rnd 9   Inc x 6   (12)
Rnd 10  (Sc, inc) x 6   (18)
Rnd 11-13  Sc around   (18)
Rnd 14  (Sc, dec) x 6   (12)
Rnd 15  Dec x 6   (6)

Ears (2)
Rnd 1   MR 4   (4)
Rnd 2   (Sc, inc) x 2   (6)
Rnd 3-7 Sc around   (6)`,
    parts: [
      { name: "Starting at the top of the head", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Body", counts: [12, 18, 18, 18, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [4, 6, 6, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "pumpkin dc rows post",
    text: `Flat pumpkin coaster (US terms)
Round 1: Ch 3 (counts as 1 dc), 11 dc in magic ring. Join to top of ch 3. (12 dc)
Round 2: Ch 3 (counts as 1 dc), dc in same st, 2 dc in each st around. Join. (24 dc)
Round 3: Ch 3 (counts as 1 dc), 2 dc in next st, *dc in next st, 2 dc in next st; repeat from * around. Join. (36 dc)
Stem: join green in any st. Ch 5, sl st in 2nd ch from hook and in next 3 ch. (4)`,
    parts: [
      { name: "Flat pumpkin coaster", counts: [12, 24, 36] },
      { name: "Stem", counts: [4] },
    ],
  },
  {
    hand: "egg cosy chick, rows decreasing words",
    text: `Chick cosy
Make the body from the top.
Round 1: Make 6 single crochets in a magic ring.
Round 2: Two single crochets into every stitch. You now have 12.
Round 3: One single crochet, then two into the next, all the way round. You now have 18.
Round 4: Two single crochets, then two into the next, all the way round. You now have 24.
Rounds 5 through 12: One single crochet into every stitch. You still have 24.
Round 13: Slip stitch all round.
Make the beak.
Round 1: Make 3 single crochets in a magic ring.
Round 2: Two into every stitch. You now have 6.`,
    parts: [
      { name: "Chick cosy", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24, 24] },
      { name: "beak", counts: [3, 6] },
    ],
  },
];
