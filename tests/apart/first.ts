import { times, type ApartPattern } from "./pattern";

export const FIRST: readonly ApartPattern[] = [
  {
    hand: "longhand sentences, bare totals behind a full stop",
    text: `Sea pebble

You will need: 10 g of grey yarn, a 2.5 mm hook, a pinch of filling.

Round 1 - Start with a magic ring of 6 single crochet. 6
Round 2 - Increase in every stitch. 12
Round 3 - Single crochet 1, increase 1, all round. 18
Round 4 - Single crochet 2, increase 1, all round. 24
Rounds 5 to 8 - Single crochet every stitch. 24
Fill it now, not too hard.
Round 9 - Single crochet 2, decrease 1, all round. 18
Round 10 - Single crochet 1, decrease 1, all round. 12
Round 11 - Decrease 6 times. 6
Thread the tail through the six stitches and pull.`,
    parts: [{ counts: [6, 12, 18, ...times(24, 5), 18, 12, 6] }],
  },
  {
    hand: "a table with columns",
    text: `# Buoy

| Rnd | Work | Sts |
|-----|------|-----|
| 1 | 6 sc in MR | 6 |
| 2 | inc x 6 | 12 |
| 3 | (1 sc, inc) x 6 | 18 |
| 4 | (2 sc, inc) x 6 | 24 |
| 5-9 | sc around | 24 |
| 10 | (2 sc, dec) x 6 | 18 |
| 11 | (1 sc, dec) x 6 | 12 |
| 12 | dec x 6 | 6 |

Close the hole.`,
    parts: [{ counts: [6, 12, 18, ...times(24, 6), 18, 12, 6] }],
  },
  {
    hand: "a snail: numbered list of steps that are the rounds, colour in the heading",
    text: `SNAIL
finished height about 6 cm

Shell (mustard)
1. 6 sc into a magic circle
2. 2 sc into every st – 12 st
3. *sc, inc* six times – 18 st
4. *sc in 2, inc* six times – 24 st
5. no shaping: sc all round – 24 st
6. same again – 24 st
7. *sc in 2, sc2tog* six times – 18 st
8. *sc, sc2tog* six times – 12 st
Stuff, then
9. sc2tog six times – 6 st

Foot (cream)
1. 5 sc into a magic circle
2. 2 sc into every st – 10 st
3.-9. sc all round – 10 st
10. sc2tog five times – 5 st
Leave a long end.

Feelers, make two (cream)
Chain 4 and fasten off.`,
    parts: [
      { counts: [6, 12, 18, 24, 24, 24, 18, 12, 6], slots: { mustard: 144 } },
      { counts: [5, 10, ...times(10, 7), 5], slots: { cream: 90 } },
      { make: 2, counts: [0], made: { ch: 4 } },
    ],
  },
  {
    hand: "UK, joined rounds with chain one, worked flat ears",
    text: `Fox head (UK terms)

Rnd 1: Make a magic ring, 1 ch, 6 dc into ring, ss to first dc. 6 dc.
Rnd 2: 1 ch, 2 dc in each dc around, ss to first dc. 12 dc.
Rnd 3: 1 ch, (1 dc in next dc, 2 dc in next dc) to end, ss to first dc. 18 dc.
Rnd 4: 1 ch, 1 dc in each dc around, ss to first dc. 18 dc.
Rnd 5: as rnd 4.
Rnd 6: 1 ch, (1 dc in next dc, dc2tog) to end, ss to first dc. 12 dc.
Stuff.
Rnd 7: 1 ch, (dc2tog) to end, ss to first dc. 6 dc.

Ear (make 2)
7 ch.
Row 1: 1 dc in 2nd ch from hook, 1 dc in each ch to end, turn. 6 dc.
Row 2: 1 ch, dc2tog, 2 dc, dc2tog, turn. 4 dc.
Row 3: 1 ch, dc2tog twice, turn. 2 dc.
Row 4: 1 ch, dc2tog. 1 dc.
Fasten off.`,
    parts: [
      { counts: [6, 12, 18, 18, 18, 12, 6], made: { sc: 90, slst: 7 } },
      { make: 2, counts: [6, 4, 2, 1], made: { sc: 13 } },
    ],
  },
  {
    hand: "colour letters in front of the round",
    text: `Bee
A = yellow, B = black, C = white

Body
R1 (A): MR, 6 sc [6]
R2 (A): 6 inc [12]
R3 (B): (1 sc, 1 inc) 6 times [18]
R4 (B): 18 sc [18]
R5 (A): 18 sc [18]
R6 (A): 18 sc [18]
R7 (B): 18 sc [18]
R8 (B): (1 sc, 1 dec) 6 times [12]
R9 (A): 12 sc [12]
R10 (A): 6 dec [6]

Wing x2 (C)
R1: MR, 5 sc [5]
R2: 5 inc [10]
R3: 10 sc [10]`,
    parts: [
      {
        counts: [6, 12, 18, 18, 18, 18, 18, 12, 12, 6],
        slots: { yellow: 6 + 12 + 18 + 18 + 12 + 6, black: 18 + 18 + 18 + 12 },
      },
      { make: 2, counts: [5, 10, 10], slots: { white: 25 } },
    ],
  },
  {
    hand: "an oval base told at length, then walls",
    text: `Little boat
Hull
Foundation: ch 7.
Rnd 1: Beginning in the 2nd ch from the hook, sc in next 5 ch, 3 sc in the last ch. Turn the work so that you see the underside of the chain, sc in next 4 ch, 2 sc in the last one. [14]
Rnd 2: inc, sc 4, inc x 3, sc 4, inc x 2. [20]
Rnd 3: BLO sc in each st around. [20]
Rnd 4: sc in each st around. [20]
Rnd 5: sc in each st around. [20]
Slip stitch in the next stitch and cut the yarn.`,
    parts: [{ counts: [14, 20, 20, 20, 20], made: { sc: 94 } }],
  },
  {
    hand: "everything in one paragraph a part",
    text: `Tiny mushroom. Cap (red): R1: 6 sc in MR. (6) R2: inc x6. (12) R3: (sc, inc) x6. (18) R4: (2 sc, inc) x6. (24) R5-6: sc around. (24) R7: BLO (2 sc, dec) x6. (18) R8: (sc, dec) x6. (12)
Stem (white): R1: 6 sc in MR. (6) R2: inc x6. (12) R3: BLO sc around. (12) R4-7: sc around. (12) Leave a tail.`,
    parts: [
      { counts: [6, 12, 18, 24, 24, 24, 18, 12], slots: { red: 138 } },
      { counts: [6, 12, 12, 12, 12, 12, 12], slots: { white: 78 } },
    ],
  },
  {
    hand: "ornament with a hanging loop and a joined chain ring",
    text: `Christmas bauble – approx. 5 cm

With red: ch 4, join with a sl st to form a ring.
Round 1: ch 1, 8 sc in ring, join. (8 sc)
Round 2: ch 1, 2 sc in each sc around, join. (16 sc)
Round 3: ch 1, *sc in next sc, 2 sc in next sc; repeat from * around, join. (24 sc)
Rounds 4-7: ch 1, sc in each sc around, join. (24 sc)
Change to gold.
Round 8: ch 1, *sc in next sc, sc2tog; repeat from * around, join. (16 sc)
Round 9: ch 1, *sc2tog; repeat from * around, join. (8 sc)
Fasten off. Stuff with a little fibrefill and close.

Hanging loop: With gold, ch 20. Fasten off.`,
    parts: [
      {
        counts: [8, 16, 24, 24, 24, 24, 24, 16, 8],
        made: { sc: 168, slst: 10 },
        slots: { red: 144 + 8, gold: 24 + 2 },
      },
      { counts: [0], made: { ch: 20 } },
    ],
  },
  {
    hand: "x for single crochet, v and a, Chinese-style table of letters",
    text: `Duckling
x - single crochet
v - increase
a - decrease

Head + body, yellow
1) 6x
2) 6v (12)
3) (x, v)*6 (18)
4) (2x, v)*6 (24)
5)-8) 24x (24)
9) (2x, a)*6 (18)
10) (x, a)*6 (12)
11) (x, v)*6 (18)
12) (2x, v)*6 (24)
13)-15) 24x (24)
16) (2x, a)*6 (18)
17) (x, a)*6 (12)
18) 6a (6)

Beak, orange
1) 5x
2) 5v (10)
3) 10x (10)`,
    parts: [
      {
        counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 18, 24, 24, 24, 24, 18, 12, 6],
        slots: { yellow: 336 },
      },
      { counts: [5, 10, 10], slots: { orange: 25 } },
    ],
  },
  {
    hand: "a gnome: cone from the tip, short increases every other round, totals in a sentence",
    text: `The gnome's hat
Begin at the tip.
Rnd 1: 4 sc in a magic ring (you have 4 stitches).
Rnd 2: 4 sc.
Rnd 3: (sc, inc) twice (you have 6 stitches).
Rnd 4: 6 sc.
Rnd 5: (sc 2, inc) twice (you have 8 stitches).
Rnd 6: 8 sc.
Rnd 7: (sc 3, inc) twice (you have 10 stitches).
Rnd 8: (sc 4, inc) twice (you have 12 stitches).
Rnd 9: (sc 3, inc) 3 times (you have 15 stitches).
Rnds 10 & 11: sc in every st.
Do not fasten off; fold the brim up.`,
    parts: [{ counts: [4, 4, 6, 6, 8, 8, 10, 12, 15, 15, 15] }],
  },
];
