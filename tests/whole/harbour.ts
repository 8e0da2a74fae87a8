import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const HARBOUR: readonly Whole[] = [
  {
    name: "otter",
    text: `Otter on its back (abt. 8 cm)
Yarn: DK, 2.5 mm hook. Colors: A brown, B cream

BODY + HEAD (one piece, start at nose in B)
R1: MR 6
R2: inc x6 = 12
R3: (1 sc, inc) x6 = 18
-- change to A --
R4: sc around = 18
R5: (2 sc, inc) x6 = 24
R6-R9: sc around = 24
R10: (2 sc, dec) x6 = 18
R11: (1 sc, dec) x6 = 12
stuff head
R12: inc x12 = 24
R13: (3 sc, inc) x6 = 30
R14-R20: sc around = 30
R21: (3 sc, dec) x6 = 24
R22: (2 sc, dec) x6 = 18
R23: (1 sc, dec) x6 = 12
stuff body
R24: dec x6 = 6
FO, close.

PAWS (4x, A)
R1: MR 5
R2-R4: sc around = 5
FO, leave tail.

TAIL (A)
R1: MR 4
R2: (1 sc, inc) x2 = 6
R3-R8: sc around = 6
R9: (2 sc, inc) x2 = 8
FO.

EARS (2x, A)
MR 5, pull into a half circle. FO.`,
    parts: [
      "6 12 18 18 24 24 24 24 24 18 12 24 30 30 30 30 30 30 30 30 24 18 12 6",
      "x4 5 5 5 5",
      "4 6 6 6 6 6 6 6 8",
      "x2 5",
    ],
  },
  {
    name: "cactus-uk",
    text: `Cactus in a pot — UK terms

Cactus (green)
Make a magic loop.
Rd 1 - 6dc into loop (6 dc)
Rd 2 - 2dc in every dc (12 dc)
Rd 3 - *1dc, 2dc in next dc; rep from * around (18 dc)
Rd 4 to Rd 11 - 1dc in every dc (18 dc)
Fasten off leaving a long end.

Arm (green, work 2)
Rd 1 - 5dc into a magic loop (5 dc)
Rd 2 to 4 - 1dc in every dc (5 dc)
Fasten off.

Pot (terracotta)
Rd 1 - 6dc into a magic loop (6 dc)
Rd 2 - 2dc in every dc (12 dc)
Rd 3 - *1dc, 2dc in next dc; rep from * around (18 dc)
Rd 4 - working in back loops only, 1dc in every dc (18 dc)
Rd 5 to 7 - 1dc in every dc (18 dc)
Rd 8 - working in front loops only, *2dc, 2dc in next dc; rep from * around (24 dc)
Rd 9 - 1dc in every dc (24 dc)
Fasten off. Put a disc of card into the base.`,
    parts: ["6 12 18 18 18 18 18 18 18 18 18", "x2 5 5 5 5", "6 12 18 18 18 18 18 24 24"],
  },
  {
    name: "gnome",
    text: `GNOME
*****
HAT: (red, worsted)
1) mr 4sc --- 4
2) sc --- 4
3) inc, 1sc (x2) --- 6
4) sc --- 6
5) inc, 2sc (x2) --- 8
6) sc --- 8
7) inc, 3sc (x2) --- 10
8) sc --- 10
9) inc, 4sc (x2) --- 12
10) inc, 3sc (x3) --- 15
11) inc, 4sc (x3) --- 18
12) sc --- 18
13) FLO inc, 2sc (x6) --- 24
14) sc --- 24
sl st, fasten off

BODY: (grey, worsted)
join to back loops of hat rnd 12
1) sc --- 18
2) inc, 2sc (x6) --- 24
3-8) sc --- 24
9) BLO 2sc, dec (x6) --- 18
10) 1sc, dec (x6) --- 12
stuff w/ rice bag + fiberfill
11) dec (x6) --- 6
close

NOSE: (skin)
1) mr 6sc --- 6
2) sc --- 6
draw together`,
    parts: ["4 4 6 6 8 8 10 10 12 15 18 18 24 24", "18 24 24 24 24 24 24 24 18 12 6", "6 6"],
  },
  {
    name: "duckling",
    text: `Duckling (5 cm high): yellow sport cotton, orange scrap, 4 mm eyes

Head & body in one:
start w/ 6 sc in MR.
inc ×6 (12)
[sc, inc] ×6 (18)
3 rounds even (18)
[sc, dec] ×6 (12)
now the body: [inc, sc] ×6 (18)
[inc, sc 2] ×6 (24)
4 rounds even (24)
[dec, sc 2] ×6 (18)
[dec, sc] ×6 (12)
dec ×6 (6), close.

Wings ×2: 5 sc in MR, inc ×5 (10), fold & sc through both layers (5).
Beak: orange, ch 4, sc in 2nd ch & next 2 (3).
Feet ×2: orange, 5 sc in MR; don't close; tail for sewing.`,
    parts: ["6 12 18 18 18 18 12 18 24 24 24 24 24 18 12 6", "x2 5 10 5", "3", "x2 5"],
  },
  {
    name: "mitten",
    text: `Mitten ornament

Cuff (white): Ch 18, join with sl st to form a ring, being careful not to twist.
Rnd 1: Ch 1, sc in each ch around; join. (18 sc)
Rnds 2-3: Ch 1, sc in each sc around; join. (18 sc)
Change to red.
Hand: Rnd 4: Ch 1, sc in each sc around; do not join from here on. (18 sc)
Rnds 5-6: Sc around. (18 sc)
Rnd 7: Sc 8, ch 2, skip 2 sts (thumb hole), sc 8. (16 sc, 2 ch)
Rnd 8: Sc in each sc and ch around. (18 sc)
Rnds 9-11: Sc around. (18 sc)
Rnd 12: [Sc 1, sc2tog] around. (12 sc)
Rnd 13: [Sc2tog] around. (6 sc)
Fasten off; close.
Thumb (red): Join at thumb hole.
Rnd 1: Sc 2 in the skipped sts, sc 1 in the side, sc 2 in the chains, sc 1 in the side. (6 sc)
Rnd 2: Sc around. (6 sc)
Rnd 3: [Sc2tog] 3 times. (3 sc)`,
    parts: ["18 18 18", "18 18 18 16 18 18 18 18 12 6", "6 6 3"],
  },
  {
    name: "crab-err",
    text: `Little crab

Body (coral):
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc 6 times (12)
Rnd 3: (1 sc, inc) 6 times (18)
Rnd 4: (2 sc, inc) 6 times (24)
Rnd 5: (3 sc, inc) 6 times (32)
Rnd 6-8: sc around (30)
Rnd 9: (3 sc, dec) 6 times (24)
Rnd 10: (2 sc, dec) 6 times (18)
Rnd 11: (1 sc, dec) 6 times (12)
Rnd 12: dec 6 times (6)

Claw (coral, make 2):
Rnd 1: 5 sc in magic ring (5)
Rnd 2: inc 5 times (10)
Rnd 3-4: sc around (10)
Rnd 5: dec 5 times (5)`,
    parts: ["6 12 18 24 30 30 30 30 24 18 12 6", "x2 5 10 10 10 5"],
    slip: 8,
  },
  {
    name: "moth-err",
    text: `Moth

BODY - beige
R1 6sc in mc (6)
R2 6inc (12)
R3-R6 12sc (12)
R7 (2sc, dec)*3 (9)
R8-R10 9sc (9)
R11 (1sc, dec)*4 (6)
FO

UPPER WING - cream - 2x
R1 6sc in mc (6)
R2 6inc (12)
R3 (1sc, inc)*6 (18)
fold, sc through both layers 9 (9)`,
    parts: ["6 12 12 12 12 12 9 9 9 9 6", "x2 6 12 18 9"],
    slip: 9,
  },
  {
    name: "pine",
    text: `Pine tree
Worked from the top in green

Rnd 1: 4 sc in magic ring. 4
Rnd 2: (sc, inc) x 2. 6
Rnd 3: (sc, inc) x 3. 9
Rnd 4: (2 sc, inc) x 3. 12
Rnd 5: (3 sc, inc) x 3. 15
Rnd 6: FLO (hdc, ch 1) in each st, sl st. 15 hdc
Rnd 7: back to the BLO of Rnd 5: sc around. 15
Rnd 8: (4 sc, inc) x 3. 18
Rnd 9: (5 sc, inc) x 3. 21
Rnd 10: (6 sc, inc) x 3. 24
Rnd 11: FLO (hdc, ch 1) in each st, sl st. 24 hdc
Rnd 12: BLO of Rnd 10: (2 sc, dec) x 6. 18
Rnd 13: BLO (sc, dec) x 6. 12
Change to brown
Rnd 14: FLO sc around. 12
Rnd 15-16: sc around. 12
Rnd 17: BLO dec x 6. 6`,
    parts: ["4 6 9 12 15 15 15 18 21 24 24 18 12 12 12 12 6"],
  },
  {
    name: "hedgehog",
    text: `HEDGEHOG

Snout to tail, snout in sand:
1. rnd: 5 sc into an adjustable ring
2. rnd: sc around – 5
3. rnd: 5 inc – 10
4. rnd: (inc, 1) 5x – 15
5. rnd: (inc, 2) 5x – 20
switch to chocolate (bobble yarn)
6. rnd: (inc, 3) 5x – 25
7. – 12. rnd: sc around – 25
13. rnd: (dec, 3) 5x – 20
14. rnd: (dec, 2) 5x – 15
stuffing
15. rnd: (dec, 1) 5x – 10
16. rnd: 5 dec – 5
Sew shut.

Ear, sand, 2 pcs.:
1. rnd: 6 sc into an adjustable ring, do not close

Foot, sand, 4 pcs.:
1. rnd: 4 sc into an adjustable ring
2. rnd: sc around – 4`,
    parts: ["5 5 10 15 20 25 25 25 25 25 25 25 20 15 10 5", "x2 6", "x4 4 4"],
  },
  {
    name: "boot",
    text: `BABY BOOT for the car mirror (pair)

Sole: Ch 9.
R1. 2 sc in 2nd ch from hk, sc in next 3 ch, hdc in next 3 ch, 6 hdc in last ch; on the other side hdc in next 3 ch, sc in next 3 ch, 2 sc in the same ch as the first. [22]
R2. inc in 2 sts, sc in 6 sts, inc in 6 sts, sc in 6 sts, inc in 2 sts. [32]
Upper: R3. in BLO sc in each st. [32]
R4. sc in each st. [32]
R5. sc in 10, dec 6 times, sc in 10. [26]
R6. sc in 10, dec 3 times, sc in 10. [23]
R7-9. sc in each st. [23]
Fasten off. Make a second one.`,
    parts: ["x2 22 32", "x2 32 32 26 23 23 23 23"],
  },
  {
    name: "koala",
    text: `Koala clip-on

Head (grey, stuff lightly)
1: 6 sc in MR [6]
2: inc x 6 [12]
3: *sc, inc* x 6 [18]
4: *2 sc, inc* x 6 [24]
5-8: sc in all 24 [24]
9: *2 sc, dec* x 6 [18]
10: *sc, dec* x 6 [12]
11: dec x 6 [6]

Ear front (white, x2)
1: 6 sc in MR [6]
2: inc x 6 [12]

Ear back (grey, x2)
1-2: same as ear front [12]
3: hold front and back together, *sc, inc* x 6 through both [18]

Nose (black)
ch 4
1: 1 sc in 2nd, 1 sc, 3 sc in last; other side: 1 sc, 2 sc in first [8]
2: sc in all 8 [8]

Arms (grey, x2)
1: 5 sc in MR [5]
2-7: sc in all 5 [5]`,
    parts: ["6 12 18 24 24 24 24 24 18 12 6", "x2 6 12", "x2 6 12 18", "8 8", "x2 5 5 5 5 5 5 5"],
  },
  {
    name: "planet",
    text: `PLANET WITH RING

Sphere: (blue #1, swirl by changing to blue #2 every other round)
Rnd 1: 6sc in MR
Rnd 2: [inc] around = 12
Rnd 3: [sc, inc] around = 18
Rnd 4: [inc, 2sc] around = 24
Rnd 5: [3sc, inc] around = 30
Rnd 6: [inc, 4sc] around = 36
Rnd 7 through 12: sc around = 36
Rnd 13: [dec, 4sc] around = 30
Rnd 14: [3sc, dec] around = 24
Rnd 15: [dec, 2sc] around = 18
Rnd 16: [sc, dec] around = 12
Rnd 17: [dec] around = 6

Ring: (gold)
Ch 44, join to form a ring.
Rnd 1: [10sc, inc] around = 48
Rnd 2: [11sc, inc] around = 52
F/O. Slip over sphere and tack down at 4 points.`,
    parts: ["6 12 18 24 30 36 36 36 36 36 36 36 30 24 18 12 6", "48 52"],
  },
  {
    name: "whale-long",
    text: `A small whale for a key ring. You begin at the nose with the dark blue yarn and make a magic ring with six single crochets. In round two you increase in every stitch, which makes twelve. In round three you work one single crochet and one increase, six times over, for eighteen. In round four you work two single crochets and one increase six times over: twenty-four. Rounds five to nine are plain, twenty-four stitches each. In round ten you work two single crochets and one decrease six times: eighteen. Round eleven is plain. In round twelve work one single crochet and one decrease six times: twelve. Put in the stuffing now. Rounds thirteen and fourteen are plain. In round fifteen decrease six times: six stitches are left. Round sixteen is plain. Fasten off.`,
    parts: ["6 12 18 24 24 24 24 24 24 18 18 12 12 12 6 6"],
  },
];
