import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const DRIFTWOOD: readonly Whole[] = [
  {
    name: "koi",
    text: `Koi fish bag charm
Level: easy. Size: 8 cm.

Supplies
White, orange and black cotton (8/4), about 10 g each
Hook 2.0 mm
5 mm eyes, 2
Polyfill

Terms (US): MR magic ring, SC single crochet, INC increase, DEC decrease, HDC half double crochet, SL ST slip stitch

Body, start with white
Rnd 1: 5 SC in MR [5]
Rnd 2: INC in each [10]
Rnd 3: (SC, INC) x5 [15]
Rnds 4-5: SC in each [15]
Rnd 6: change to orange. (SC 2, INC) x5 [20]
Rnds 7-9: SC in each [20]
Insert eyes between Rnds 4 and 5 with 6 SC between.
Rnd 10: change to white. SC in each [20]
Rnd 11: (SC 2, DEC) x5 [15]
Rnds 12-13: SC in each [15]
Rnd 14: change to black. (SC, DEC) x5 [10]
Fill, but not the last three rounds.
Rnds 15-17: SC in each [10]
Flatten and close with 5 SC through both layers. Do not cut.
Tail: CH 6, SL ST in 2nd CH, SC, HDC, HDC, SC; SL ST in the next closing st; repeat once more. Fasten off.

Dorsal fin (orange)
CH 9
Row 1: from 2nd CH: SL ST, SC 2, HDC 2, SC 2, SL ST [8]`,
    parts: ["5 10 15 15 15 20 20 20 20 20 15 15 15 10 10 10 10 5", "12", "8"],
  },
  {
    name: "hermit",
    text: `HERMIT CRAB
~ Shell (beige) ~
R1: ch 2; 6 sc into the 2nd ch from the hook (6)
R2: 2 sc in each st (12)
R3: BLO, 1 sc, 2 sc in next, rep. (18)
R4-R6: sc (18)
R7: 2 sc, 2 sc in next, rep. (24)
R8-R10: sc (24)
R11: 2 sc, dec, rep. (18)
R12: 1 sc, dec, rep. (12)
leave open

~ Crab (red) ~
R1: ch 2; 6 sc into the 2nd ch from the hook (6)
R2: 2 sc in each st (12)
R3-R8: sc (12)
Stuff, push into the shell, sew.

~ Eyestalks (red, 2 of them) ~
R1: ch 2; 4 sc into the 2nd ch from the hook (4)
R2-R3: sc (4)

~ Pincers (red, 2 of them) ~
R1: ch 2; 4 sc into the 2nd ch from the hook (4)
R2: 1 sc, 2 sc in next, rep. (6)
R3: sc (6)
R4: now 3 sc only, ch 1, turn, 3 sc (3)`,
    parts: ["6 12 18 18 18 18 24 24 24 24 18 12", "6 12 12 12 12 12 12 12", "x2 4 4 4", "x2 4 6 6 3"],
  },
  {
    name: "hippo",
    text: `HIPPO

Muzzle & Head
1: mr 6
2: inc all (12)
3: 1 inc ×6 (18)
4: 2 inc ×6 (24)
5: 3 inc ×6 (30)
6-9: 30
10: 3 dec ×6 (24)
11: 2 dec ×6 (18)
12: 2 inc ×6 (24)
13-16: 24
17: 2 dec ×6 (18)
18: 1 dec ×6 (12)
19: dec all (6)

Nostrils (2)
1: mr 5
2: 5

Ears (2)
1: mr 4
2: 1 inc ×2 (6)
fold`,
    parts: ["6 12 18 24 30 30 30 30 30 24 18 24 24 24 24 24 18 12 6", "x2 5 5", "x2 4 6"],
  },
  {
    name: "uk-toadstool",
    text: `Toadstool pincushion. UK crochet terms. Worked in continuous rounds.

Cap (with red 4ply and 2.5mm hook)
Make an adjustable ring.
1st rnd: 6dc into ring.
2nd rnd: 2dc into each dc. 12 sts.
3rd rnd: *1dc in next dc, 2dc in next dc, rep from * to end. 18 sts.
4th rnd: *1dc in each of next 2dc, 2dc in next dc, rep from * to end. 24 sts.
5th rnd: *1dc in each of next 3dc, 2dc in next dc, rep from * to end. 30 sts.
6th rnd: *1dc in each of next 4dc, 2dc in next dc, rep from * to end. 36 sts.
7th-11th rnds: 1dc in each dc. 36 sts.
12th rnd: 1ss in each dc. Fasten off.

Gills (with cream)
Work as for Cap to end of 6th rnd. Do not fasten off. Place gills inside cap, 36dc through both. Fasten off.

Stalk (with cream)
1st-3rd rnds: As for Cap.
4th rnd: 1dc into back loop of each dc.
5th-10th rnds: 1dc in each dc.
11th rnd: *1dc, dc2tog, rep from * to end. 12 sts.`,
    parts: ["6 12 18 24 30 36 36 36 36 36 36 36", "6 12 18 24 30 36 36", "6 12 18 18 18 18 18 18 18 18 12"],
  },
  {
    name: "fox-head",
    text: `fox keychain, all lowercase because the caps key broke

head: white for the snout first
r1 6 sc in ring
r2 (sc, inc)x3 [9]
r3 sc [9]
r4 (2 sc, inc)x3 [12], join rust in the last loop
r5 (sc, inc)x6 [18]
r6 (2 sc, inc)x6 [24]
r7 sc [24]
r8 sc [24]
r9 sc [24]
eyes on r6, 7 apart
r10 (2 sc, dec)x6 [18]
r11 (sc, dec)x6 [12]
stuff
r12 dec x6 [6]
ears, 2, rust with black tips
r1 black 4 sc in ring
r2 rust (sc, inc)x2 [6]
r3 (2 sc, inc)x2 [8]
r4 sc [8]`,
    parts: ["6 9 9 12 18 24 24 24 24 18 12 6", "x2 4 6 8 8"],
  },
  {
    name: "candle",
    text: `Advent candle

Candle, ivory
Rd 1 ... 6 sc in MR ... 6
Rd 2 ... 6 inc ... 12
Rd 3 ... (sc, inc) 6 times ... 18
Rd 4 ... sc in back loops ... 18
Rd 5-12 ... sc ... 18
Rd 13 ... front loops: (sl st, ch 2, sl st) at random, 18 sl st ... 18
Stuff. 
Top, ivory
Rd 1 ... 6 sc in MR ... 6
Rd 2 ... 6 inc ... 12
Rd 3 ... (sc, inc) 6 times ... 18
Sew in, into the back loops of Rd 12.
Flame, yellow
Rd 1 ... 4 sc in MR ... 4
Rd 2 ... (sc, inc) twice ... 6
Rd 3 ... (2 sc, inc) twice ... 8
Rd 4 ... (2 sc, dec) twice ... 6
Rd 5 ... (sc, dec) twice ... 4`,
    parts: ["6 12 18 18 18 18 18 18 18 18 18 18 18", "6 12 18", "4 6 8 6 4"],
  },
  {
    name: "oval-mouse",
    text: `Flat mouse bookmark

Body: ch 16.
Rnd 1: 2 sc in 2nd ch from hook, 1 sc in each of next 13 ch, 4 sc in last ch; working along opposite side of chain, 1 sc in each of next 13 ch, 2 sc in last ch. 34 sc.
Rnd 2: 2 sc in each of next 2 sc, 13 sc, 2 sc in each of next 4 sc, 13 sc, 2 sc in each of next 2 sc. 42 sc.
Sl st, finish off.

Ear (make 2): ch 2. Rnd 1: 6 sc in 2nd ch from hook. Rnd 2: 2 sc in each sc. 12 sc. Finish off.
Tail: ch 60.`,
    parts: ["34 42", "x2 6 12", "0"],
  },
  {
    name: "cat-loaf",
    text: `Loaf cat

** BODY (oat) **
Chain 8
1 | sc 6, 3 sc in last, turn to other side, sc 5, 2 sc in first | 16
2 | inc, sc 5, inc 3, sc 5, inc 2 | 22
3 | sc, inc, sc 5, (sc, inc) 3, sc 5, (sc, inc) 2 | 28
4-7 | sc | 28
8 | sc 8, dec 3, sc 8, dec 3 | 22
9 | sc | 22
stuff
10 | dec 11 | 11
Sew shut along the back.

** HEAD (oat) **
1 | 6 in magic ring | 6
2 | inc | 12
3 | (sc 1, inc) 6 | 18
4 | (sc 2, inc) 6 | 24
5-7 | sc | 24
8 | (sc 2, dec) 6 | 18
9 | (sc 1, dec) 6 | 12

** EARS x 2 **
1 | 3 in magic ring | 3
2 | inc | 6
3 | (sc 1, inc) 3 | 9`,
    parts: ["16 22 28 28 28 28 28 22 22 11", "6 12 18 24 24 24 24 18 12", "x2 3 6 9"],
  },
  {
    name: "owl-tbl-cont",
    text: `OWL ORNAMENT
Color code: G = gray, W = white

Rnd 1 (G): 6 sc in MR. (6 sts)
Rnd 2 (G): Inc 6. (12 sts)
Rnd 3 (G): [1 sc, inc] x 6. (18 sts)
Rnd 4 (G): [2 sc, inc] x 6. (24 sts)
Rnd 5 (G/W): 9 sc G, 6 sc W, 9 sc G. (24 sts)
Rnd 6 (G/W): 8 sc G, 8 sc W, 8 sc G. (24 sts)
Rnd 7 (G/W): Repeat Rnd 6. (24 sts)
Rnd 8 (G/W): Repeat Rnd 5. (24 sts)
Rnd 9 (G): [2 sc, dec] x 6. (18 sts)
Rnd 10 (G): 18 sc. (18 sts)
Rnd 11 (G): Fold, pinch and sc 9 through both layers. (9 sts)`,
    parts: ["6 12 18 24 24 24 24 24 18 18 9"],
  },
  {
    name: "seahorse",
    text: `Seahorse
Head. Rnd 1-2: work as usual: 6 sc in mr, inc x6 [12].
Rnd 3: [3 sc, inc] x3 [15].
Rnd 4-6: sc [15].
Rnd 7: sc 5, dec x3, sc 4 [12].
Rnd 8-9: sc [12].
Body. Rnd 10: [3 sc, inc] x3 [15].
Rnd 11: [4 sc, inc] x3 [18].
Rnd 12-15: sc [18].
Rnd 16: [4 sc, dec] x3 [15].
Rnd 17-18: sc [15].
Rnd 19: [3 sc, dec] x3 [12].
Rnd 20-21: sc [12].
Rnd 22: [2 sc, dec] x3 [9].
Rnd 23-26: sc [9].
Rnd 27: [1 sc, dec] x3 [6].
Rnd 28-34: sc [6]. No filling from here on.
Snout. Rnd 1: 5 sc in mr [5]. Rnd 2-4: sc [5].
Back fin. Ch 6, row 1: 5 sc [5]; row 2: (sl st, ch 2) in each [5].`,
    parts: [
      "6 12 15 15 15 15 12 12 12 15 18 18 18 18 18 15 15 15 12 12 12 9 9 9 9 9 6 6 6 6 6 6 6 6",
      "5 5 5 5",
      "5 5",
    ],
  },
  {
    name: "broken-5",
    text: `Whale tail
Rnd 1: 6 sc in mr (6)
Rnd 2: (sc, inc) x3 (9)
Rnd 3: (2 sc, inc) x3 (12)
Rnd 4: sc around (12)
Rnd 5: (4 sc, dec) x3 (10)
Rnd 6: sc around (10)`,
    parts: ["6 9 12 12 10 10"],
    slip: 6,
  },
];
