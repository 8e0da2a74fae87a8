import { times, type ApartPattern } from "./pattern";

export const THIRD: readonly ApartPattern[] = [
  {
    hand: "photo captions and remarks between all rounds",
    text: `Hedgehog
Step 1: the body
Round 1. 6sc in magic ring (6)
Photo 1
Round 2. 6inc (12)
Photo 2: two rounds done
Round 3. (1sc, 1inc) x 6 (18)
Round 4. (2sc, 1inc) x 6 (24)
The piece should curl up at the edge.
Round 5. 24sc (24)
Round 6. 24sc (24)
Round 7. 24sc (24)
Did you count? Good. 24 it is.
Round 8. (2sc, 1dec) x 6 (18)
Round 9. (1sc, 1dec) x 6 (12)
Fill with fibre; use the back of a pencil for the corners.
Round 10. 6dec (6)
Step 2: the feet (make 4)
Round 1. 4sc in magic ring (4)
Round 2. 4sc (4)
Photo 7`,
    parts: [{ counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] }, { make: 4, counts: [4, 4] }],
  },
  {
    hand: "totals first, then the work",
    text: `Cherry
R1 (6): MR 6
R2 (12): inc all
R3 (18): (sc, inc) 6x
R4-6 (18): sc all
R7 (12): (sc, dec) 6x
R8 (6): dec all`,
    parts: [{ counts: [6, 12, 18, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "frill in the front loops, body goes on in the back loops",
    text: `Ballerina mouse, body
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnds 4-6: sc around (18)
Rnd 7: in BLO, sc around (18)
Rnd 8: (sc, dec) x 6 (12)
Rnd 9: sc around (12)
Fasten off.
Skirt: join pink to the front loops of rnd 6
Rnd 1: 2 dc in each front loop (36)
Rnd 2: dc in each st (36)`,
    parts: [{ counts: [6, 12, 18, 18, 18, 18, 18, 12, 12] }, { counts: [36, 36], made: { dc: 72 } }],
  },
  {
    hand: "terse Scandinavian brackets and commas without words",
    text: `Heart, 2 halves
1: mr 6
2: 6 inc (12)
3: (1, inc) * 6 (18)
4-5: 18 (18)
cut yarn on first half, keep second
join halves:
6: 18 around first half, 18 around second half (36)
7: 36 (36)
8: (4, dec) * 6 (30)
9: (3, dec) * 6 (24)
10: (2, dec) * 6 (18)
11: (1, dec) * 6 (12)
12: dec * 6 (6)`,
    parts: [{ make: 2, counts: [6, 12, 18, 18, 18] }, { counts: [36, 36, 30, 24, 18, 12, 6] }],
  },
  {
    hand: "stripes with a change in the last stitch of every second round",
    text: `Lighthouse tower
With white, 6 sc in magic ring. (6)
Rnd 2: inc x 6. (12)
Rnd 3: (sc, inc) x 6. (18)
Rnd 4: BLO, sc around. (18)
Rnd 5: sc around, changing to red in last st. (18)
Rnds 6-7: sc around, changing to white at the end of rnd 7. (18)
Rnds 8-9: sc around, changing to red at the end of rnd 9. (18)
Rnd 10: (4 sc, dec) x 3. (15)
Rnd 11: sc around. (15)`,
    parts: [
      {
        counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 15, 15],
        slots: { white: 6 + 12 + 18 * 5, red: 36 + 30 },
      },
    ],
  },
  {
    hand: "half double crochet and skipped corners, US magazine",
    text: `SQUARE COASTER
CH 4; join with sl st in first ch to form a ring.
RND 1: Ch 1, 8 sc in ring; join with sl st in first sc – 8 sc.
RND 2: Ch 1, 2 hdc in each sc around; join with sl st in first hdc – 16 hdc.
RND 3: Ch 1, *hdc in next 3 hdc, 3 hdc in next hdc; rep from * 3 more times; join with sl st in first hdc – 24 hdc.
RND 4: Ch 1, hdc in each hdc around; join with sl st in first hdc – 24 hdc. Fasten off.`,
    parts: [{ counts: [8, 16, 24, 24], made: { sc: 8, hdc: 64 } }],
  },
  {
    hand: "two-coloured rounds",
    text: `Panda face: white (W) and black (B)
R1: W 6 sc in MR (6)
R2: W inc x 6 (12)
R3: W (sc, inc) x 6 (18)
R4: W 4 sc, B 3 sc, W 4 sc, B 3 sc, W 4 sc (18)
R5: W 4 sc, B 3 sc, W 4 sc, B 3 sc, W 4 sc (18)
R6: W 18 sc (18)
R7: W (sc, dec) x 6 (12)
R8: W dec x 6 (6)`,
    parts: [{ counts: [6, 12, 18, 18, 18, 18, 12, 6], slots: { white: 96, black: 12 } }],
  },
  {
    hand: "weights and hours above, a heading per colour, rounds with words for numbers",
    text: `PUMPKIN KEYRING
Takes: 1 hour. Uses: 8 g orange, 2 g green.
Hook: 2.25 mm

Orange part
First round: six single crochet in a magic ring (6).
Second round: two single crochet in each (12).
Third round: one single crochet, one increase, repeat to the end (18).
Fourth round: two single crochet, one increase, repeat to the end (24).
Fifth to eighth round: single crochet in each (24).
Ninth round: two single crochet, one decrease, repeat to the end (18).
Tenth round: one single crochet, one decrease, repeat to the end (12).
Fill.
Eleventh round: six decreases (6).

Green part
First round: six single crochet in a magic ring (6).
Second round: in the back loops only, single crochet in each (6).
Third and fourth round: single crochet in each (6).`,
    parts: [
      { counts: [6, 12, 18, ...times(24, 5), 18, 12, 6], slots: { orange: 192 } },
      { counts: [6, 6, 6, 6], slots: { green: 24 } },
    ],
  },
  {
    hand: "an elephant's trunk: rounds with slip stitches that bend it, ends left open",
    text: `Elephant trunk
Rnd 1: 6 sc in MR (6)
Rnd 2: (sc, inc) x 3 (9)
Rnd 3: BLO: 9 sc (9)
Rnd 4: 9 sc (9)
Rnd 5: 3 sl st, 6 sc (9)
Rnd 6: 3 sl st, 6 sc (9)
Rnd 7: 2 sc, inc, 2 sc, inc, 2 sc, inc (12)
Rnd 8: 4 sl st, 8 sc (12)
Rnd 9: (3 sc, inc) x 3 (15)
Rnd 10: sc around, sl st in next st, fasten off (15)`,
    parts: [{ counts: [6, 9, 9, 9, 9, 9, 12, 12, 15, 15], made: { sc: 95, slst: 11 } }],
  },
  {
    hand: "sk, sp and tail in rows, then an edge",
    text: `Bookmark mouse – tail
Ch 31
Row 1: sk first ch, sl st in each ch to end (30)
Fasten off

Head
Round 1: 6 sc in a ring (6)
Round 2: sc 1, inc 1, sc 1, inc 1, sc 1, inc 1 (9)
Round 3: sc 2, inc 1, sc 2, inc 1, sc 2, inc 1 (12)
Round 4: sc 3, inc 1, sc 3, inc 1, sc 3, inc 1 (15)
Rounds 5+6: sc (15)
Round 7: sc 3, dec 1 – 3 times (12)
Round 8: dec 1 – 6 times (6)`,
    parts: [{ counts: [30], made: { slst: 30, ch: 31 } }, { counts: [6, 9, 12, 15, 15, 15, 12, 6] }],
  },
];
