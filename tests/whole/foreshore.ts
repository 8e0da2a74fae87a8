import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const FORESHORE: readonly Whole[] = [
  {
    name: "b-count",
    text: `Koala
HEAD
rnd 1: 6 sc in MR
rnd 2: 6 inc (12)
rnd 3: [1 sc, 1 inc] 6x (18)
rnd 4: [2 sc, 1 inc] 6x (24)
rnd 5-8: 24 sc (24)
rnd 9: [2 sc, 1 dec] 5x (18)
rnd 10: [1 sc, 1 dec] 6x (12)
rnd 11: 6 dec (6)`,
    parts: ["6 12 18 24 24 24 24 24 18 12 6"],
    slip: 8,
  },
  {
    name: "b-more",
    text: `UK rabbit tail
Rnd 1: 6dc into a ring (6)
Rnd 2: 2dc in each st (12)
Rnd 3: dc in next 14 sts (12)
Rnd 4: dc2tog around (6)`,
    parts: ["6 12 12 6"],
    slip: 4,
  },
  {
    name: "b-skip",
    text: `Egg
1 - 5 sc MR (5)
2 - inc (10)
3 - (sc, inc) x5 (15)
4 - sc (15)
6 - (2 sc, inc) x5 (20)
7 - sc (20)
8 - (2 sc, dec) x5 (15)
9 - (sc, dec) x5 (10)
10 - dec (5)`,
    parts: ["5 10 15 15 20 20 15 10 5"],
    slip: 6,
  },
  {
    name: "b-twice",
    text: `Nut
R1: 6sc mr (6)
R2: inc (12)
R3: (1, inc) (18)
R3: 18
R5: (1, dec) (12)
R6: dec (6)`,
    parts: ["6 12 18 18 12 6"],
    slip: 5,
  },
  {
    name: "b-shortrow",
    text: `Flag
Row 1: ch 9, sc in 2nd ch from hook and each ch across (8)
Row 2: ch 1, turn, sc in each st (8)
Row 3: ch 1, turn, dec, sc 4, dec (8)
Row 4: ch 1, turn, sc in each st (6)`,
    parts: ["8 8 6 6"],
    slip: 4,
  },
  {
    name: "b-tall",
    text: `Coaster (joined)
Rnd 1: mr, ch 3 (counts as dc), 11 dc, join (12)
Rnd 2: ch 3, dc in same st, 2 dc in each st around, join (24)
Rnd 3: ch 3, 2 dc in next, *dc in next, 2 dc in next* x 10, join (36)`,
    parts: ["12 24 36"],
    slip: 4,
  },
  {
    name: "b-range",
    text: `Log
Rd1. 6 sc in MR. 6
Rd2. 6 inc. 12
Rd3. (sc, inc) 6. 18
Rds 4-8. 16 sc. 18
Rd9. (sc, dec) 6. 12`,
    parts: ["6 12 18 18 18 18 18 18 12"],
    slip: 5,
  },
  {
    name: "b-bracket",
    text: `Bud
R1: 6 sc in mr (6)
R2: inc x6 (12)
R3: (sc, inc x6 (18)
R4: sc (18)`,
    parts: ["6 12 18 18"],
    slip: 4,
  },
  {
    name: "owl-full",
    text: `Barn owl, 9 cm high, pattern by the harbour stall

YOU WILL NEED
white 15 g, gold 10 g (DK, 50 g = 120 m); 3 mm hook; 7 mm safety eyes 2 pcs; toy filling 8 g; stitch marker; darning needle

STITCHES
mr = magic ring, sc = single crochet, inc = 2 sc in one, dec = invisible decrease, BLO = back loop only

HEAD AND BODY (gold from round 9 on)
white
1. mr 6 [6]
2. inc x 6 [12]
3. (sc, inc) x 6 [18]
4. (2 sc, inc) x 6 [24]
5. (3 sc, inc) x 6 [30]
6.-8. sc x 30 [30]
gold
9. BLO sc x 30 [30]
10.-14. sc x 30 [30]
Fix the eyes between rounds 6 and 7, five stitches apart. Stuff as you go.
15. (3 sc, dec) x 6 [24]
16. (2 sc, dec) x 6 [18]
17. (sc, dec) x 6 [12]
18. dec x 6 [6]
Fasten off, close the hole.

WINGS (make 2, gold)
1. mr 5 [5]
2. inc x 5 [10]
3.-5. sc x 10 [10]
6. (3 sc, dec) x 2 [8]
7. (2 sc, dec) x 2 [6]
Flatten and sew to the sides at round 10.

FACE DISC (white)
ch 8
1. sc in 2nd ch, sc x 5, 3 sc in last; other side: sc x 5, 2 sc in the first ch [16]
2. inc, sc x 5, inc x 3, sc x 5, inc x 2 [22]
Fasten off leaving a long tail.`,
    parts: ["6 12 18 24 30 30 30 30 30 30 30 30 30 30 24 18 12 6", "x2 5 10 10 10 10 8 6", "16 22"],
  },
];
