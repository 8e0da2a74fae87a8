import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const GROYNE: readonly Whole[] = [
  {
    name: "shark",
    text: `SHARK KEYCHAIN

Grey yarn:
Rnd 1: Magic ring with 6 sc (6)
Rnd 2: sc in each st (6)
Rnd 3: inc in each st (12)
Rnd 4: sc in each st (12)
Rnd 5: *sc 1, inc* x 6 (18)
Rnd 6-8: sc in each st (18)
Rnd 9: *sc 2, inc* x 6 (24)
Rnd 10-13: sc in each st (24)
Rnd 14: *sc 2, dec* x 6 (18)
Rnd 15: sc in each st (18)
Attach safety eyes at Rnd 6 and stuff.
Rnd 16: *sc 1, dec* x 6 (12)
Rnd 17: sc in each st (12)
Rnd 18: dec x 6 (6)
Rnd 19: sc in each st (6)
Fasten off and weave in.

Dorsal fin (grey):
Ch 6
Row 1: sc in 2nd ch from hook, sc in next 4 (5), ch 1, turn
Row 2: dec, sc 3 (4), ch 1, turn
Row 3: sc 2, dec (3), ch 1, turn
Row 4: dec, sc 1 (2), ch 1, turn
Row 5: dec (1)
Fasten off.

Side fins, make 2 (grey):
Rnd 1: Magic ring with 4 sc (4)
Rnd 2: *sc 1, inc* x 2 (6)
Rnd 3: *sc 2, inc* x 2 (8)
Rnd 4: sc in each st (8)
Press flat. Fasten off with long tail.

Tail fin, make 2 (grey):
Rnd 1: Magic ring with 3 sc (3)
Rnd 2: inc in each st (6)
Rnd 3-4: sc in each st (6)
Rnd 5: dec x 3 (3)`,
    parts: [
      "6 6 12 12 18 18 18 18 24 24 24 24 24 18 18 12 12 6 6",
      "5 4 3 2 1",
      "x2 4 6 8 8",
      "x2 3 6 6 6 3",
    ],
  },
  {
    name: "bear-uk2",
    text: `TEDDY (UK) — 7 cm

HEAD: brown
1. Magic ring, 6 dc. (6)
2. 2 dc in each st. (12)
3. [1 dc, 2 dc in next st] 6 times. (18)
4. [2 dc, 2 dc in next st] 6 times. (24)
5 - 8. 1 dc in each st. (24)
9. [2 dc, dc2tog] 6 times. (18)
10. [1 dc, dc2tog] 6 times. (12)
Fasten off, stuff.

BODY: brown
1 - 3. As head. (18)
4 - 7. 1 dc in each st. (18)
8. [1 dc, dc2tog] 6 times. (12)
Fasten off, stuff, sew to head.

ARMS AND LEGS (make 4): brown
1. Magic ring, 5 dc. (5)
2 - 5. 1 dc in each st. (5)

EARS (make 2): brown
1. Magic ring, 5 dc, turn. (5)
2. 1 ch, 2 dc in each st. (10)`,
    parts: ["6 12 18 24 24 24 24 24 18 12", "6 12 18 18 18 18 18 12", "x4 5 5 5 5 5", "x2 5 10"],
  },
  {
    name: "tulip-bag",
    text: `Sweet pea pod, for the spring table

Pod (green)
Foundation chain of 16.
Rnd 1 - sc in 2nd ch from hook and in next 13 ch, 3 sc in last ch. Do not turn, continue on other side of foundation: sc in next 13 ch, 2 sc in last ch. (32)
Rnd 2 - sc in each st around. (32)
Rnd 3 - sc in each st around. (32)
Rnd 4 - sc in each st around. (32)
Fold in half and sl st the edges for 5 sts at each end.

Peas (light green, x3)
Rnd 1 - 6 sc in magic circle. (6)
Rnd 2 - inc in each st around. (12)
Rnd 3 - sc in each st around. (12)
Rnd 4 - dec around. (6)
Stuff before closing.`,
    parts: ["32 32 32 32", "x3 6 12 12 6"],
  },
  {
    name: "lamb",
    text: `lamb ~ tiny ~ no sew

LEGS (black, x4)
R1 {5} mr 5 sc
R2 {5} sc
cut first three; keep the fourth

BODY (cream)
R1 {6} mr 6 sc
R2 {12} inc
R3 {18} sc, inc
R4 {24} 2 sc, inc
R5 {24} join legs as you go: *2 sc through leg and body, 4 sc* x 4
R6 {24} sc
R7 {24} sc
R8 {18} 2 sc, dec
R9 {12} sc, dec
stuff
R10 {6} dec

HEAD (black)
R1 {5} mr 5 sc
R2 {10} inc
R3 {10} sc
R4 {10} sc
R5 {5} dec`,
    parts: ["x4 5 5", "6 12 18 24 24 24 24 18 12 6", "5 10 10 10 5"],
  },
  {
    name: "buoy",
    text: `Buoy (red/white)

rnd 1, white: mr, sc 6 (6 st)
rnd 2, white: 2 sc in every st (12 st)
rnd 3, red: *1 sc, 2 sc in the following st*, 6 times (18 st)
rnd 4, red: *2 sc, 2 sc in the following st*, 6 times (24 st)
rnd 5+6, white: sc in every st (24 st)
rnd 7+8, red: sc in every st (24 st)
rnd 9, white: *2 sc, sc 2 tog*, 6 times (18 st)
rnd 10, white: *1 sc, sc 2 tog*, 6 times (12 st)
fill
rnd 11, red: sc 2 tog, 6 times (6 st)
rnd 12-16, red: sc in every st (6 st)
leave a loop for the ring`,
    parts: ["6 12 18 24 24 24 24 24 18 12 6 6 6 6 6 6"],
  },
  {
    name: "acorn-hat-boy",
    text: `Acorn boy
1) Head, skin
   r1: 6 (mr)
   r2: 12
   r3: 18
   r4-7: 18
   r8: 12
   r9: 6, stuff
2) Cap, brown
   r1: 6 (mr)
   r2: 12
   r3: 18
   r4: 21
   r5-6: 21
3) Stalk
   ch 5, sc 4 back`,
    parts: ["6 12 18 18 18 18 18 12 6", "6 12 18 21 21 21", "4"],
  },
  {
    name: "dog-pdf",
    text: `PUPPY                                page 1
HEAD
Rnd 1  Start 6 sc in a magic ring   [6]
Rnd 2  6 inc                        [12]
Rnd 3  (1 sc, 1 inc) x 6            [18]
Rnd 4  (2 sc, 1 inc) x 6            [24]
PUPPY                                page 2
Rnd 5 – 8  24 sc                    [24]
Rnd 9  (2 sc, 1 dec) x 6            [18]
Rnd 10  (1 sc, 1 dec) x 6           [12]
Rnd 11  6 dec                       [6]
EARS (x2)
Rnd 1  Start 5 sc in a magic ring   [5]
Rnd 2  5 inc                        [10]
Rnd 3 – 4  10 sc                    [10]
© harbour stall                      page 3
Rnd 5  (3 sc, 1 dec) x 2            [8]`,
    parts: ["6 12 18 24 24 24 24 24 18 12 6", "x2 5 10 10 10 8"],
  },
  {
    name: "cherry-dc",
    text: `Retro flower coaster charm
Round 1: Ch 4, join with sl st to form ring. Ch 3 (counts as first dc), 11 dc into ring. Join to top of ch-3. 12 dc.
Round 2: Ch 3, dc in same st, 2 dc in each dc around. Join. 24 dc.
Round 3: *Ch 3, skip 1 dc, sl st in next dc; repeat from * around. 12 loops.
Round 4: In each ch-3 loop work (sc, hdc, 2 dc, hdc, sc). Join. 72 sts.`,
    parts: ["12 24 12 72"],
  },
];
