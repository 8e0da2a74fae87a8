import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const KELP: readonly Whole[] = [
  {
    name: "mini-whale",
    text: `Mini whale (approx 2 in)

Worsted weight yarn, blue and white. Size E hook. 6mm safety eyes.

Abbreviations
st(s) = stitch(es), sc = single crochet, inc = 2 sc in same st, dec = invisible decrease, FLO/BLO

BODY
Row 1) In blue, magic circle with 6 sc (6)
Row 2) inc around (12)
Row 3) (inc, sc 1) around (18)
Row 4) (inc, sc 2) around (24)
Row 5) (inc, sc 3) around (30)
Row 6-9) sc around (30)
Change to white
Row 10) sc around in BLO (30)
Row 11) (dec, sc 3) around (24)
Row 12) (dec, sc 2) around (18)
Add eyes between rows 7 and 8, about 8 stitches apart. Begin stuffing.
Row 13) (dec, sc 1) around (12)
Row 14) dec around (6)
Finish off and close.

TAIL (make 2)
Row 1) In blue, magic circle with 4 sc (4)
Row 2) inc, sc 3 (5)
Row 3) inc, sc 4 (6)
Row 4) inc, sc 2, inc, sc 2 (8)
Row 5) sc around (8)
Row 6) dec, sc 2, dec, sc 2 (6)
Finish off leaving a tail.

FINS (make 2)
Row 1) In blue, magic circle with 4 sc (4)
Row 2) (inc, sc 1) around (6)
Row 3) sc around (6)`,
    parts: ["6 12 18 24 30 30 30 30 30 30 24 18 12 6", "x2 4 5 6 8 8 6", "x2 4 6 6"],
  },
  {
    name: "ghost-joined",
    text: `Little ghost

Use white worsted and a 3.5mm hook. Join every round with a sl st, ch 1.

Rnd 1: Ch 2, 8 sc in second ch from hook. 8 sc
Rnd 2: 2 sc in each. 16 sc
Rnd 3: [1 sc, 2 sc in next] 8 times. 24 sc
Rnds 4 - 9: 1 sc in each. 24 sc
Rnd 10: [2 sc, 2 sc in next] 8 times. 32 sc
Rnd 11: [skip 1, 5 dc in next, skip 1, sl st in next] 8 times. 48
Fasten off. Add eyes between rnds 5 and 6.`,
    parts: ["8 16 24 24 24 24 24 24 24 32 48"],
  },
  {
    name: "bee-compact",
    text: `BEE
Body: R1 yellow MR6. R2 inc (12). R3 black 1,inc (18). R4 18. R5 yellow 18. R6 18. R7 black 18. R8 18. R9 yellow 1,dec (12). Stuff. R10 dec (6). Close.
Wings x2 white: R1 MR6. R2 inc (12). Fold, 6 sc through both.
Stinger black: R1 MR4. R2 4.`,
    parts: ["6 12 18 18 18 18 18 18 12 6", "x2 6 12 6", "4 4"],
  },
  {
    name: "tortoise",
    text: `Tortoise, 9 cm long

SHELL (moss)
1st round: 6 sc into a magic ring, join.
2nd round: ch 1, 2 sc into each sc, join. (12 sc)
3rd round: ch 1, [1 sc into next sc, 2 sc into next sc] to end, join. (18 sc)
4th round: ch 1, [1 sc into each of next 2 sc, 2 sc into next sc] to end, join. (24 sc)
5th round: ch 1, [1 sc into each of next 3 sc, 2 sc into next sc] to end, join. (30 sc)
6th, 7th and 8th rounds: ch 1, 1 sc into each sc to end, join. (30 sc)
9th round: working into the front loops only, ch 1, 1 sc into each sc to end, join. (30 sc)
Fasten off.

BELLY (sand)
Work as shell to end of 5th round. (30 sc)
Fasten off. Hold to the back loops of the 8th round of the shell and sc through both, stuffing before closing. (30 sc)

HEAD (sand)
1st round: 6 sc into a magic ring.
2nd round: 2 sc into each sc. (12 sc)
3rd to 5th rounds: 1 sc into each sc. (12 sc)
6th round: [sc2tog, 1 sc into each of next 4 sc] twice. (10 sc)
7th round: 1 sc into each sc. (10 sc)

LEG (sand) make 4
1st round: 5 sc into a magic ring.
2nd round: 2 sc into each sc. (10 sc)
3rd and 4th rounds: 1 sc into each sc. (10 sc)`,
    parts: ["6 12 18 24 30 30 30 30 30", "6 12 18 24 30 30", "6 12 12 12 12 10 10", "x4 5 10 10 10"],
  },
  {
    name: "heart-two-lobes",
    text: `Puffy heart

Lobe (make 2, leave the second attached)
r1: mr, 6sc (6)
r2: 6 x inc (12)
r3: 6 x (1sc, inc) (18)
r4-5: 18sc (18)

Join
r6: 9sc on second lobe, 18sc around first lobe, 9sc on second lobe (36)
r7: 36sc (36)
r8: 6 x (4sc, dec) (30)
r9: 30sc (30)
r10: 6 x (3sc, dec) (24)
r11: 6 x (2sc, dec) (18)
stuff
r12: 6 x (1sc, dec) (12)
r13: 6 x dec (6)
fo`,
    parts: ["x2 6 12 18 18 18", "36 36 30 30 24 18 12 6"],
  },
  {
    name: "bear-emoji",
    text: `🐻 BEAR BUDDY 🐻

✦ Head ✦ (honey)
✧ R1: 6 sc in MR (6)
✧ R2: inc * 6 (12)
✧ R3: (1 sc, inc) * 6 (18)
✧ R4: (2 sc, inc) * 6 (24)
✧ R5 – R8: sc (24)
👀 eyes between R6 & R7
✧ R9: (2 sc, dec) * 6 (18)
✧ R10: (1 sc, dec) * 6 (12)
✂ FO

✦ Ears ✦ (honey, x2)
✧ R1: 5 sc in MR (5)
✧ R2: inc * 5 (10)
✂ FO

✦ Muzzle ✦ (cream)
✧ R1: 6 sc in MR (6)
✧ R2: inc * 6 (12)
✂ FO`,
    parts: ["6 12 18 24 24 24 24 24 18 12", "x2 5 10", "6 12"],
  },
  {
    name: "shark-err",
    text: `Shark
body (grey)
1: 6 in MR (6)
2: inc (12)
3: 1, inc (18)
4: 18
5: 2, inc (24)
6-10: 24
11: 2, dec (18)
12: 18
13: 1, dec (12)
14: 12
15: dec (8)
fin (grey)
1: 4 in MR (4)
2: 1, inc (6)
3: 2, inc (8)`,
    parts: ["6 12 18 18 24 24 24 24 24 24 18 18 12 12 8", "4 6 8"],
    slip: 13,
  },
  {
    name: "turnip-err",
    text: `TURNIP (UK)
Round 1: 6 dc in ring (6)
Round 2: 2 dc in each (12)
Round 3: *dc 1, 2 dc in next* (18)
Round 4: *dc 2, 2 dc in next* (24)
Round 5: *dc 3, 2 dc in next* (30)
Round 6: *dc 5, 2 dc in next* (36)
Round 7-9: dc in each (36)
Round 10: *dc 4, dc2tog* (30)
Round 11: *dc 3, dc2tog* (24)
Round 12: *dc 2, dc2tog* (18)
Round 13: *dc 1, dc2tog* (12)
Round 14: dc2tog around (6)`,
    parts: ["6 12 18 24 30 36 36 36 36 30 24 18 12 6"],
    slip: 7,
  },
  {
    name: "scarf-doll",
    text: `Doll scarf + hat set

Scarf: ch 41.
Row 1: hdc in 3rd ch from hook and in each ch to the end. (39)
Row 2: ch 2, turn, hdc in each st. (39)
Row 3: as row 2.
Fringe: tie two strands in each corner.

Hat: 
Rnd 1: 8 hdc in ring, sl st. (8)
Rnd 2: ch 2, 2 hdc in each, sl st. (16)
Rnd 3: ch 2, (hdc 1, 2 hdc in next) x8, sl st. (24)
Rnd 4: ch 2, (hdc 2, 2 hdc in next) x8, sl st. (32)
Rnds 5-8: ch 2, hdc in each, sl st. (32)
Brim, rnd 9: ch 1, sc in front loop of each, sl st. (32)`,
    parts: ["39 39 39", "8 16 24 32 32 32 32 32", "32"],
  },
];
