import type { Case } from "./case";

/** The last of the hands: what a tester of a year sees on her table. */
export const STRANGERS: readonly Case[] = [
  {
    hand: "a crab with legs as spurs, told in a sentence",
    text: `Crab

Body
Round 1: Start with a magic ring and work 6 single crochet into it (6 stitches).
Round 2: Increase in every stitch (12 stitches).
Round 3: *Single crochet 1, increase 1; repeat from * 6 times (18 stitches).
Round 4: Single crochet in all 18 stitches.
Round 5: *Single crochet 2, chain 6, single crochet in the 2nd chain from the hook and in the next 4 chains; repeat from * 4 times, single crochet 10 (18 stitches).
Round 6: Single crochet in all 18 stitches, leaving the legs at the front.
Stuff the body.
Round 7: *Single crochet 1, decrease 1; repeat from * 6 times (12 stitches).
Round 8: Decrease 6 times (6 stitches).`,
    parts: [
      {
        name: "Body",
        counts: [6, 12, 18, 18, 18, 18, 12, 6],
        made: { sc: 6 + 12 + 18 + 18 + 18 + 20 + 18 + 12 + 6, ch: 24 },
      },
    ],
  },
  {
    hand: "rounds counted from the ring as zero",
    text: `Pom
Setup: magic ring
Rnd 1: 7 sc (7)
Rnd 2: 7 inc (14)
Rnd 3: 14 sc (14)
Rnd 4: 7 dec (7)`,
    parts: [{ name: "Pom", counts: [7, 14, 14, 7] }],
  },
  {
    hand: "working in joined rounds with ch 1 told once",
    text: `Rosette
Note: every round begins with ch 1 and ends with a sl st in the first st; they are not counted.
Rnd 1: 6 sc in mr (6)
Rnd 2: 2 sc in each st (12)
Rnd 3: [1 sc, 2 sc in next st] 6 times (18)`,
    parts: [{ name: "Rosette", counts: [6, 12, 18] }],
  },
  {
    hand: "the number of stitches first, then how they come",
    text: `Cap
R1 (6): 6 sc in MR
R2 (12): inc x 6
R3 (18): (sc, inc) x 6
R4 (24): (2 sc, inc) x 6
R5 (24): BLO sc
R6-7 (24): sc`,
    parts: [{ name: "Cap", counts: [6, 12, 18, 24, 24, 24, 24] }],
  },
  {
    hand: "UK: work straight, decrease as set",
    text: `BARREL (UK)
Rnd 1: 6 dc into ring
Rnd 2: 2 dc in each st - 12
Rnd 3: *1 dc, 2 dc in next* 6 times - 18
Work 4 rnds straight - 18
Rnd 8: *1 dc, dc2tog* 6 times - 12
Rnd 9: dc2tog 6 times - 6`,
    parts: [{ name: "BARREL", counts: [6, 12, 18, 18, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "stitch counts in words behind a comma",
    text: `Fig
Row one of the ball: six sc in a magic ring, six stitches
Round 2: inc six times, twelve stitches
Round 3: one sc and one inc, six times, eighteen stitches
Rounds 4 and 5: sc, eighteen stitches
Round 6: one sc and one dec, six times, twelve stitches`,
    parts: [{ name: "Fig", counts: [6, 12, 18, 18, 18, 12] }],
  },
  {
    hand: "each leg its own heading with make in the sentence",
    text: `Legs
Make two of these.
Rnd 1: 6 sc in a MR. (6)
Rnd 2: sc in each st. (6)

Tail
You only need one.
Rnd 1: 4 sc in a MR. (4)
Rnd 2: inc in each st. (8)
Rnd 3: 8 sc. (8)`,
    parts: [
      { name: "Legs", make: 2, counts: [6, 6] },
      { name: "Tail", counts: [4, 8, 8] },
    ],
  },
  {
    hand: "square in the round with corners of three",
    text: `Tile
R1 8 sc in MR (8)
R2 (sc, 3sc in next) x4 (16)
R3 (2sc, 3sc in next, sc) x4 (24)
R4 24 sc BLO (24)`,
    parts: [{ name: "Tile", counts: [8, 16, 24, 24] }],
  },
  {
    hand: "hdc oval with chain two",
    text: `Bath mat
Ch 10
Rnd 1: 2 hdc in 3rd ch from hook, hdc in next 6, 4 hdc in last ch. On other side: hdc in next 6, 2 hdc in last ch (20)
Rnd 2: 2 hdc inc, 6 hdc, 4 hdc inc, 6 hdc, 2 hdc inc (28)`,
    parts: [{ name: "Bath mat", worked: "oval", counts: [20, 28] }],
  },
  {
    hand: "spiral of loops and a frill, then new yarn to the back loops",
    text: `Mop
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: sc in FLO around (12)
Rnd 4: (sc, ch 6, sl st in same st) in each st around (12)
Fasten off.
Handle
Join brown in the back loops left free by round 3 of the mop.
Rnd 1: sc around (12)
Rnd 2: dec x 6 (6)
Rnds 3-8: sc around (6)`,
    parts: [
      { name: "Mop", counts: [6, 12, 12, 12] },
      { name: "Handle", counts: [12, 6, 6, 6, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "three-round colour stripes, told by a list",
    text: `Buoy stripes
Rnd 1 (white): 6 sc in MR (6)
Rnd 2 (white): inc x 6 (12)
Rnd 3 (white): (sc, inc) x 6 (18)
Rnds 4-6 (red): sc around (18)
Rnds 7-9 (white): sc around (18)
Rnds 10-12 (red): sc around (18)`,
    parts: [{ name: "Buoy stripes", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 18, 18, 18] }],
  },
  {
    hand: "a neck joined to the body in the same round",
    text: `Head
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnds 3-5: 12 sc (12)
Cut yarn.

Body
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnds 3-6: 12 sc (12)
Do not cut. Hold head and body side by side.
Rnd 7: sc 6 on the body, sc 12 around the head, sc 6 on the body (24)
Rnd 8: (2 sc, dec) x 6 (18)`,
    parts: [
      { name: "Head", counts: [6, 12, 12, 12, 12] },
      { name: "Body", counts: [6, 12, 12, 12, 12, 12, 24, 18] },
    ],
  },
  {
    hand: "increases told as 'in next' and 'in the following'",
    text: `Petal (make 5)
Round 1: 5 sc in a magic loop [5]
Round 2: 1 sc in the next, 2 sc in the following, 1 sc in the next 3 [6]
Round 3: 2 sc in the first, 1 sc in each of the other 5 [7]
Round 4: 1 sc in each of the 7 [7]`,
    parts: [{ name: "Petal", make: 5, counts: [5, 6, 7, 7] }],
  },
  {
    hand: "count at the end with a tick and a star",
    text: `Nut
R1: 6 sc in MR ✓6
R2: 6 inc ✓12
R3: 12 sc ✓12
R4: 6 dec ✓6`,
    parts: [{ name: "Nut", counts: [6, 12, 12, 6] }],
  },
  {
    hand: "work in pairs, decreases alternating front and both loops",
    text: `Snail foot
Rnd 1: 8 sc in MR (8)
Rnd 2: inc in each (16)
Rnd 3: (6 sc, inv. dec.) x 2 (14)
Rnd 4: (5 sc, sc2tog tfl) x 2 (12)
Rnd 5: 12 sc (12)`,
    parts: [{ name: "Snail foot", counts: [8, 16, 14, 12, 12] }],
  },
  {
    hand: "Danish-style commas and dots in lists, semicolons between stitches",
    text: `Kugle
1: 6 sc in mr; (6)
2: 6 inc; (12)
3: 1 sc; 1 inc; x 6; (18)
4: 18 sc; (18)
5: 1 sc; 1 dec; x 6; (12)`,
    parts: [{ name: "Kugle", counts: [6, 12, 18, 18, 12] }],
  },
  {
    hand: "scarf in rows of tall stitches, UK",
    text: `Scarf for the seal (UK terms)
Make 23 ch.
Row 1: 1 tr in 4th ch from hook, 1 tr in each ch to end. 21 sts
Row 2: 3 ch (counts as 1 tr), turn, miss first st, 1 tr in each st to end. 21 sts
Repeat row 2 once more.`,
    parts: [{ name: "Scarf for the seal", worked: "rows", counts: [21, 21, 21] }],
  },
  {
    hand: "long stretch of asides inside a round",
    text: `Egg
Rnd 1: 6 sc in magic ring (this is the pointed end), pull tight (6)
Rnd 2: inc, sc, inc, sc, inc, sc - it will look wonky, that is fine (9)
Rnd 3: sc in every st, and place your marker (9)
Rnd 4: (2 sc, inc) x 3, you are now at the widest part (12)
Rnd 5: sc in every st (12)
Rnd 6: dec all the way around, adding filling as you go (6)`,
    parts: [{ name: "Egg", counts: [6, 9, 9, 12, 12, 6] }],
  },
  {
    hand: "two at once: head and hat with their own rounds on the same lines",
    text: `Snowman hat
R1. MR, 6sc. (6)
R2. (inc)*6. (12)
R3. 12sc. (12)
R4. FLO: (inc)*12. (24)
FO, leave tail.

Snowman nose
R1. MR, 3sc. (3)
R2. inc, 2sc. (4)
R3. inc, 3sc. (5)
FO, leave tail.`,
    parts: [
      { name: "Snowman hat", counts: [6, 12, 12, 24] },
      { name: "Snowman nose", counts: [3, 4, 5] },
    ],
  },
  {
    hand: "decreasing with skips",
    text: `Bud
Rnd 1: 6 sc in MR (6)
Rnd 2: inc around (12)
Rnd 3: (sc in next 2 sts, skip 1) x 4 (8)
Rnd 4: (skip 1, sc) x 4 (4)`,
    parts: [{ name: "Bud", counts: [6, 12, 8, 4] }],
  },
  {
    hand: "told to a friend",
    text: `hi! here is the little whale, have fun
body: 
r1 - 6 sc in a magic ring (6)
r2 - double everything (12)
r3 - sc, inc, keep going (18)
r4 to r6 - just sc (18)
r7 - sc, dec, keep going (12)
stuff it!!
r8 - dec, keep going (6)`,
    parts: [{ name: "body", counts: [6, 12, 18, 18, 18, 18, 12, 6] }],
  },
];
