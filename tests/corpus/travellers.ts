import type { Case } from "./case";

const times = (count: number, n: number): number[] => Array.from({ length: n }, () => count);

/** Hands met after the reader was rebuilt: each brings a way of writing that the others do not have. */
export const TRAVELLERS: readonly Case[] = [
  {
    hand: "all stitches counted out, “st” for stitches, repeats in words",
    text: `SHEEP
BODY
Rnd 1: start 6 sc in a magic ring [6]
Rnd 2: inc in all 6 st [12]
Rnd 3: (sc in next st, inc in next st) repeat 6 times [18]
Rnd 4: (sc in next 2 st, inc in next st) repeat 6 times [24]
Rnd 5 – 8: sc in all 24 st [24]
Insert the safety eyes between rnd 6 and 7, with an interspace of 5 st.
Rnd 9: (sc in next 2 st, dec) repeat 6 times [18]
Rnd 10: (sc in next st, dec) repeat 6 times [12]
Fasten off, leaving a long tail for sewing.`,
    parts: [{ name: "BODY", counts: [6, 12, 18, ...times(24, 5), 18, 12] }],
  },
  {
    hand: "numbers without their stitch, rows of dots",
    text: `Crab claw (x2)
R1: 5 in MR (5)
R2: inc x5 (10)
R3: (1, inc) x5 (15)
R4–6: 15 (15)
R7: (1, dec) x5 (10)
R8: 10 (10)`,
    parts: [{ name: "Crab claw", make: 2, counts: [5, 10, 15, 15, 15, 15, 10, 10] }],
  },
  {
    hand: "increase in every second and third stitch",
    text: `Cap of a toadstool
Round 1: 6 sc in a magic ring (6)
Round 2: increase in every stitch (12)
Round 3: increase in every second stitch (18)
Round 4: increase in every third stitch (24)
Rounds 5 and 6: sc in each stitch (24)
Round 7: (2 sc, decrease) all around (18)`,
    parts: [{ name: "Cap of a toadstool", counts: [6, 12, 18, 24, 24, 24, 18] }],
  },
  {
    hand: "same as a round, repeat a round so many more times",
    text: `Lamp
Rnd 1: 8 sc in MR (8)
Rnd 2: inc around (16)
Rnd 3: sc around (16)
Repeat Rnd 3 four more times.
Rnd 8: (sc 2, dec) around (12)
Rnds 9-10: Same as Rnd 3 (12)`,
    parts: [{ name: "Lamp", counts: [8, 16, ...times(16, 5), 12, 12, 12] }],
  },
  {
    hand: "a flat round of tall stitches, chains that count",
    text: `Coaster base
Ch 4, sl st to first ch to form a ring.
Rnd 1: Ch 3 (counts as dc), 11 dc in ring, sl st to top of ch 3. (12)
Rnd 2: Ch 3 (counts as dc), dc in same st, 2 dc in each st around, sl st to top of ch 3. (24)`,
    parts: [{ name: "Coaster base", counts: [12, 24] }],
  },
  {
    hand: "a leaf along a chain",
    text: `Leaf (make 3, green)
Ch 8.
Row 1: sc in 2nd ch from hook, hdc in next ch, dc in next 3 ch, hdc in next ch, sc in last ch. (7)
Fasten off.`,
    parts: [{ name: "Leaf", make: 3, counts: [7], made: { sc: 2, hdc: 2, dc: 3, ch: 8 } }],
  },
  {
    hand: "bobbles for toes",
    text: `Paw
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: 4 sc, bobble, sc, bobble, sc, bobble, 3 sc (12)
Rnd 4: 12 sc (12)
Rnd 5: (2 sc, dec) x 3 (9)`,
    parts: [{ name: "Paw", counts: [6, 12, 12, 12, 9] }],
  },
  {
    hand: "braces for the repeat, “time” behind each stitch",
    text: `Mouse head
Rnd 1 : 6 sc in magic ring . ( 6 )
Rnd 2 : { inc 1 time } repeat 6 times . ( 12 )
Rnd 3 : { sc 1 , inc 1 } repeat 6 times . ( 18 )
Rnd 4 : { sc 2 , inc 1 } repeat 6 times . ( 24 )
Rnd 5 - 7 : sc in each st . ( 24 )
Rnd 8 : { sc 2 , dec 1 } repeat 6 times . ( 18 )`,
    parts: [{ name: "Mouse head", counts: [6, 12, 18, 24, 24, 24, 24, 18] }],
  },
  {
    hand: "everything told to “you”",
    text: `Snowman's head
Make a magic ring and crochet 6 single crochets into it. You have 6 stitches.
Round 2: Put two single crochets into every stitch. You have 12 stitches.
Round 3: Crochet one single crochet, then an increase. Do this 6 times. You have 18 stitches.
Round 4 to round 6: Crochet one single crochet into every stitch. You have 18 stitches.
Round 7: Crochet one single crochet, then a decrease. Do this 6 times. You have 12 stitches.`,
    parts: [{ name: "Snowman's head", counts: [6, 12, 18, 18, 18, 18, 12] }],
  },
  {
    hand: "legs joined with a chain of two, the second leg kept",
    text: `Frog
Leg 1
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnds 3-5: sc around (12)
Fasten off.
Leg 2
Rnds 1-5: same as leg 1. Do not fasten off.
Body
Rnd 6: ch 2, sc 12 around leg 1, sc 2 along the chain, sc 12 around leg 2, sc 2 along the other side of the chain (28)
Rnds 7-9: sc around (28)`,
    parts: [
      { name: "Leg 1", counts: [6, 12, 12, 12, 12] },
      { name: "Leg 2", counts: [6, 12, 12, 12, 12] },
      { name: "Body", counts: [28, 28, 28, 28] },
    ],
  },
  {
    hand: "a beak in two rows of asides, colours by yarn letter",
    text: `PARROT (Yarn A = green, Yarn B = yellow)

BEAK, yarn B
Rnd 1. 4 sc in MR (4). Don't join, place a marker.
Rnd 2. inc, 1 sc, inc, 1 sc (6).
Rnd 3. inc, 2 sc, inc, 2 sc (8). Fasten off.

HEAD, yarn A
Rnd 1. 6 sc in MR (6).
Rnd 2. inc x 6 (12).
Rnd 3. [1 sc, inc] x 6 (18).
Rnds 4-6. 18 sc (18).`,
    parts: [
      { name: "BEAK", counts: [4, 6, 8] },
      { name: "HEAD", counts: [6, 12, 18, 18, 18, 18] },
    ],
  },
  {
    hand: "UK, wording of a magazine from long ago",
    text: `A SMALL RABBIT (UK terms)
Tension is not important.

HEAD
Using 3mm hook and grey, make 2ch.
1st round: Work 6dc into 2nd ch from hook.
2nd round: 2dc into each dc. 12dc.
3rd round: (1dc into next dc, 2dc into next dc) 6 times. 18dc.
4th and 5th rounds: 1dc into each dc.
6th round: (1dc into next dc, dc2tog) 6 times. 12dc.
7th round: (dc2tog) 6 times. 6dc.
Fasten off.`,
    parts: [{ name: "HEAD", counts: [6, 12, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "a shell edge, each petal in one stitch",
    text: `Flower
Rnd 1: 5 sc in MR, sl st to join (5)
Rnd 2: ch 1, inc x 5, sl st to join (10)
Rnd 3: *(sl st, ch 2, 2 dc, ch 2, sl st) in next st, sl st in next st; repeat from * around (5 petals)`,
    parts: [{ name: "Flower", counts: [5, 10, 25] }],
  },
  {
    hand: "a tube worked even for so many rounds",
    text: `Giraffe neck
Rnd 1: 9 sc in MR (9)
Continue to sc in each st around for 6 rounds (9)
Fasten off.`,
    parts: [{ name: "Giraffe neck", counts: [9, ...times(9, 6)] }],
  },
  {
    hand: "colour changes between the rounds, told in lines of their own",
    text: `Striped ball
Colour: red
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Colour: white
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: 18 sc (18)
Back to red
Rnd 5: (sc, dec) x 6 (12)`,
    parts: [{ name: "Striped ball", counts: [6, 12, 18, 18, 12] }],
  },
  {
    hand: "a row of semicolons and capital X",
    text: `TURTLE SHELL; make 1
R1; 6SC in MR; 6
R2; INC X 6; 12
R3; (1SC, INC) X 6; 18
R4; (2SC, INC) X 6; 24
R5; BLO 24SC; 24
R6; (2SC, DEC) X 6; 18`,
    parts: [{ name: "TURTLE SHELL", counts: [6, 12, 18, 24, 24, 18] }],
  },
  {
    hand: "ears left open, flattened, edge closed by single crochet through both sides",
    text: `Dog ear – make 2
1) 6 sc in MR
2) inc x 6 (12)
3) - 5) sc around (12)
6) flatten and sc through both sides, 6 sc (6)`,
    parts: [{ name: "Dog ear", make: 2, counts: [6, 12, 12, 12, 12, 6] }],
  },
  {
    hand: "front posts and half doubles",
    text: `Basket
Rnd 1: 8 hdc in MR, join (8)
Rnd 2: ch 1, 2 hdc in each st around, join (16)
Rnd 3: ch 1, *hdc in next st, 2 hdc in next st; rep from * around, join (24)
Rnd 4: ch 1, fpdc around each st, join (24)
Rnd 5: ch 1, hdc in each st around, join (24)`,
    parts: [{ name: "Basket", counts: [8, 16, 24, 24, 24] }],
  },
  {
    hand: "short notes in capitals behind the round",
    text: `EGG
Rnd 1: 6 sc in MR (6) MARK FIRST STITCH
Rnd 2: inc x 6 (12) MOVE MARKER
Rnd 3: (1 sc, inc) x 6 (18)
Rnd 4-8: sc around (18) STUFF AS YOU GO
Rnd 9: (1 sc, dec) x 6 (12)
Rnd 10: dec x 6 (6) CUT YARN`,
    parts: [{ name: "EGG", counts: [6, 12, 18, ...times(18, 5), 12, 6] }],
  },
  {
    hand: "increases told by their number alone",
    text: `Potato
Rnd 1: 6 sc in magic loop (6)
Rnd 2: 6 increases (12)
Rnd 3: 6 increases evenly (18)
Rnd 4: sc (18)
Rnd 5: sc (18)
Rnd 6: 6 decreases evenly (12)
Rnd 7: 6 decreases (6)`,
    parts: [{ name: "Potato", counts: [6, 12, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "a cord to hang it by, then a tassel",
    text: `Bell pull
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: sc around (12)

Cord
Chain 45, sl st in 2nd chain from hook and in each chain to the end. (44)`,
    parts: [
      { name: "Bell pull", counts: [6, 12, 12] },
      { name: "Cord", counts: [44], made: { slst: 44, ch: 45 } },
    ],
  },
  {
    hand: "a checklist with boxes",
    text: `Bear nose
☐ Rnd 1: Ch 4, sc in 2nd ch from hook, sc, 3 sc in last ch, continue on the other side: sc, 2 sc in last ch (8)
☐ Rnd 2: inc, sc, inc x 3, sc, inc x 2 (14)
☐ Rnd 3: sc around (14)`,
    parts: [{ name: "Bear nose", worked: "oval", counts: [8, 14, 14] }],
  },
  {
    hand: "the stitch said once, then only numbers of it",
    text: `Arm 1 and 2
R1: sc 5 in MR (5)
R2: sc 1, inc 1, sc 1, inc 1, sc 1 (7)
R3-R5: sc 7 (7)
R6: sc 2, inc 1, sc 2, inc 1, sc 1 (9)
R7: sc 9 (9)`,
    parts: [{ name: "Arm 1 and 2", make: 2, counts: [5, 7, 7, 7, 7, 9, 9] }],
  },
  {
    hand: "finished size and difficulty in front, stars for difficulty",
    text: `*** CHICK ***
Difficulty: ★★☆☆☆
Finished size: 5 cm
Time: about 1 hour

--- BODY ---
rnd 1 - 6sc in mr - 6
rnd 2 - inc x 6 - 12
rnd 3 - (sc, inc) x 6 - 18
rnd 4 to 6 - sc around - 18
rnd 7 - (sc, dec) x 6 - 12
-- stuff --
rnd 8 - dec x 6 - 6`,
    parts: [{ name: "BODY", counts: [6, 12, 18, 18, 18, 18, 12, 6] }],
  },
];
