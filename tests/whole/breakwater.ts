import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const BREAKWATER: readonly Whole[] = [
  {
    name: "turtle",
    text: `Pocket Turtle - by the harbour stall
Finished size: 6 cm long
Materials
- worsted yarn: sea green 12 g, sand 10 g
- 3.5 mm hook
- 2 black beads

Abbreviations: st = stitch; sc = single crochet; inc = two sc in one st; dec = invisible decrease

SHELL (sea green)
Round 1: 6 sc in magic ring (6 st)
Round 2: inc in each st around (12 st)
Round 3: [sc 1, inc] around (18 st)
Round 4: [sc 2, inc] around (24 st)
Round 5: [sc 3, inc] around (30 st)
Round 6: sc 30
Round 7: sc 30
Round 8: sl st 30 in the front loop. Finish off.

BELLY (sand)
Repeat rounds 1-5 of the shell. Do not finish off.
Round 6: Working through both the belly and the back loops of shell round 7, sc 30. Stuff before closing.

HEAD (sand)
Round 1: 6 sc in magic ring (6 st)
Round 2: inc in each st around (12 st)
Round 3: [sc 3, inc] around (15 st)
Round 4-5: sc 15
Round 6: [sc 3, dec] around (12 st)
Round 7: [sc 2, dec] around (9 st)
Round 8: sc 9. Stuff head lightly. Finish off.

FLIPPERS (make 4, sand)
Round 1: 5 sc in magic ring (5 st)
Round 2: sc 5
Round 3: [inc, sc 1] 2 times, sc 1 (7 st)
Round 4: sc 7
Flatten, sc 3 through both sides. Finish off.`,
    parts: ["6 12 18 24 30 30 30 30", "6 12 18 24 30 30", "6 12 15 15 15 12 9 9", "x4 5 5 7 7 3"],
  },
  {
    name: "bunny-cols",
    text: `BUNNY
Rnd   What to do             Sts
 1    mr, 6 sc                6
 2    6 inc                  12
 3    (sc, inc) 6x           18
 4    (2 sc, inc) 6x         24
 5-8  sc                     24
 9    (2 sc, dec) 6x         18
10    (sc, dec) 6x           12
11    (sc, inc) 6x           18
12    (2 sc, inc) 6x         24
13-16 sc                     24
17    (2 sc, dec) 6x         18
18    (sc, dec) 6x           12
19    6 dec                   6

EARS (2)
 1    mr, 6 sc                6
 2    (sc, inc) 3x            9
 3-8  sc                      9
 9    (sc, dec) 3x            6

TAIL
 1    mr, 6 sc                6
 2    6 inc                  12
 3    sc                     12
 4    6 dec                   6`,
    parts: ["6 12 18 24 24 24 24 24 18 12 18 24 24 24 24 24 18 12 6", "x2 6 9 9 9 9 9 9 9 6", "6 12 12 6"],
  },
  {
    name: "pumpkin",
    text: `Mini pumpkin (crocheted in rows, ribbed)

With orange, ch 13.
Row 1: hdc in 3rd ch from hook and in each ch across. (11 hdc)
Row 2: Ch 2 (does not count), turn, hdc BLO in each st across. (11)
Rows 3-24: Repeat row 2.
Fold so that row 24 meets the foundation chain; sl st the two edges together (11). Cut a 30 cm tail.
Run the tail through the edge of one end, pull tight; stuff; close the other end the same way.

Stalk (brown)
Rnd 1: 5 sc in MR. (5)
Rnd 2-4: sc in each st. (5)
Sl st, cut.

Vine (green): ch 20, 2 sc in 2nd ch and in each ch. (38)`,
    parts: ["11 11 11 11 11 11 11 11 11 11 11 11 11 11 11 11 11 11 11 11 11 11 11 11", "5 5 5 5", "38"],
  },
  {
    name: "ghost",
    text: `ghost bag charm 👻

white yarn, 2 mm black eyes, 2.5 hook

rnd 1 - 7 sc into mr (7)
rnd 2 - 2 sc per st (14)
rnd 3 - 1 sc, 2 sc in next, repeat x7 (21)
rnd 4 to 9 - 1 sc per st (21)
  place eyes between rnd 6 + 7, 4 st apart
rnd 10 - 2 sc, 2 sc in next, repeat x7 (28)
rnd 11 - 1 sc per st (28)
rnd 12 - *sc, hdc, 2 dc in next, hdc, sl st* x... work: [sl st, sc, hdc, sc] x7 (28)
cut & weave in
no bottom needed - stuff w/ a bit of fibre and glue felt circle on

arms x 2
rnd 1 - 4 sc into mr (4)
rnd 2 & 3 - 1 sc per st (4)
sew on at rnd 8`,
    parts: ["7 14 21 21 21 21 21 21 21 28 28 28", "x2 4 4 4"],
  },
  {
    name: "carrot",
    text: `C A R R O T

Orange:
R1) MR, 4 SC = 4
R2) SC x 4 = 4
R3) SC, INC, SC, INC = 6
R4) SC x 6 = 6
R5) (SC, INC) x 3 = 9
R6-7) SC x 9 = 9
R8) (2SC, INC) x 3 = 12
R9-11) SC x 12 = 12
R12) (3SC, INC) x 3 = 15
R13-14) SC x 15 = 15
R15) (3SC, DEC) x 3 = 12
STUFF
R16) DEC x 6 = 6
CLOSE

Leaves, green, x3:
CH 10, SL ST IN 2ND CH, SC x 8`,
    parts: ["4 4 6 6 9 9 9 12 12 12 12 15 15 15 12 6", "x3 9"],
  },
  {
    name: "snowman-cont",
    text: `Snowman ornament, worked from bottom to top in one piece.

White. Start: magic ring, 6 single crochet.
Rnd 2: increase 6 times. 12
Rnd 3: 1 single, 1 increase, six times. 18
Rnd 4: 2 single, 1 increase, six times. 24
Rnd 5: 3 single, 1 increase, six times. 30
Rnds 6, 7, 8, 9, 10: 30 single. 30
Rnd 11: 3 single, 1 decrease, six times. 24
Rnd 12: 2 single, 1 decrease, six times. 18
Fill the bottom ball.
Rnd 13: 1 single, 1 decrease, six times. 12
Rnd 14: 1 single, 1 increase, six times. 18
Rnd 15: 2 single, 1 increase, six times. 24
Rnds 16, 17, 18, 19: 24 single. 24
Rnd 20: 2 single, 1 decrease, six times. 18
Rnd 21: 1 single, 1 decrease, six times. 12
Fill the head.
Rnd 22: decrease six times. 6

Nose, orange: magic ring, 4 single crochet. Rnd 2: 4 single. 4. Rnd 3: 1 single, 1 increase, twice. 6.

Scarf, red: chain 41. Row 1: single crochet in the second chain and all along. 40.`,
    parts: ["6 12 18 24 30 30 30 30 30 30 24 18 12 18 24 24 24 24 24 18 12 6", "4 4 6", "40"],
  },
  {
    name: "uk-owl",
    text: `Owl (British terms throughout)
Body. Using grey, make a loop and work 6 dc into it. Pull tight. (6 sts)
Next round: 2 dc in each st. (12 sts)
Next round: * 1 dc, 2 dc in next st * repeat to end. (18 sts)
Next round: * 2 dc, 2 dc in next st * repeat to end. (24 sts)
Next 6 rounds: 1 dc in each st. (24 sts)
Next round: * 2 dc, dc2tog * repeat to end. (18 sts)
Next 2 rounds: 1 dc in each st. (18 sts)
Stuff. Flatten the top and work 9 dc through both layers. Fasten off.

Wings (make 2). Using white, make a loop and work 5 dc into it. (5 sts)
Next round: 2 dc in each st. (10 sts)
Next round: 1 dc in each st. (10 sts)
Fasten off.

Beak. Using yellow, ch 3. 1 dc in 2nd ch from hook, 1 htr in last ch. Fasten off.`,
    parts: ["6 12 18 24 24 24 24 24 24 24 18 18 18 9", "x2 5 10 10", "2"],
  },
  {
    name: "cherry-pair",
    text: `Two cherries

Cherry (×2), dark red
⟶ 6 sc in a magic ring (6)
⟶ 2 sc in every stitch (12)
⟶ *sc, 2 sc in the next* ×6 (18)
⟶ sc around, 3 rounds (18)
⟶ *sc, dec* ×6 (12)
⟶ fill
⟶ dec ×6 (6)
⟶ close

Stems, green: ch 24, fasten off, tie both ends into the cherries.
Leaf, green: ch 7. sl st in 2nd ch, sc, hdc, dc, hdc, sl st; (ch 1) turn to other side: sl st, hdc, dc, hdc, sc, sl st. (12)`,
    parts: ["x2 6 12 18 18 18 18 12 6", "0", "12"],
  },
  {
    name: "hedgehog",
    text: `Hedgehog
Face: cream. Spines: brown.
1: 6 in mr
2: 6 even
3: (inc, 1) 3 (9)
4: even
5: (inc, 2) 3 (12)
6: (inc, 1) 6 (18)
switch to brown
7: (inc, 2) 6 (24) BLO
8: (inc, 3) 6 (30)
9-14: even
15: (dec, 3) 6 (24)
16: (dec, 2) 6 (18)
stuff
17: (dec, 1) 6 (12)
18: dec 6 (6)
ears: 4 in mr, brown, make 2
feet: 5 in mr; even; cream, make 4`,
    parts: ["6 6 9 9 12 18 24 30 30 30 30 30 30 30 24 18 12 6", "x2 4", "x4 5 5"],
  },
  {
    name: "wreath",
    text: `Ring wreath

Dark green, ch 30, join with sl st into a ring, being careful not to twist.
Rnd 1: ch 1, sc in each ch (30)
Rnds 2-7: sc in each st (30)
Fasten off, leaving a long tail. Fold the tube in half lengthwise over the filling and sew round 7 to the chain.

Berries, red, 5 of them: 5 sc in mr, pull shut.

Bow, white: ch 40.`,
    parts: ["30 30 30 30 30 30 30", "x5 5", "0"],
  },
  {
    name: "cup",
    text: `TEACUP
Foundation: 6sc in mr.
Rnd 1: 2sc in each sc. 12.
Rnd 2: [1sc, 2sc in next] to end. 18.
Rnd 3: [2sc, 2sc in next] to end. 24.
Rnd 4: blo, 1sc in each. 24.
Rnd 5–8: 1sc in each. 24.
Rnd 9: [3sc, 2sc in next] to end. 30.
Rnd 10: sl st in each. 30.
HANDLE
Ch 9, 1sc in 2nd ch & each ch. 8. Fasten off; sew to side.
SAUCER
Work as teacup to Rnd 3. 24.
Rnd 4: [3sc, 2sc in next] to end. 30.
Rnd 5: [4sc, 2sc in next] to end. 36.
Rnd 6: sl st in each. 36.`,
    parts: ["6 12 18 24 24 24 24 24 24 30 30", "8", "6 12 18 24 30 36 36"],
  },
  {
    name: "tulip",
    text: `Tulip

Flower head
Rd. 1: 6 sc in MR. [6]
Rd. 2: (sc 1, inc) × 3. [9]
Rd. 3: (sc 2, inc) × 3. [12]
Rd. 4: (sc 1, inc) × 6. [18]
Rd. 5-8: sc 18. [18]
Rd. 9: (sl st, [hdc, dc, hdc] in next, sl st) × 6. [30]
Do not fasten off. Turn head inside... no turning needed. Stuff.
Stem
Rd. 1: 5 sc in MR. [5]
Rd. 2-12: BLO for rd. 2 only, sc 5. [5]
Leaf (make 2)
Row 1: ch 12, from 2nd ch: sl st 1, sc 2, hdc 2, dc 3, hdc 1, sc 1, sl st 1. [11]`,
    parts: ["6 9 12 18 18 18 18 18 30", "5 5 5 5 5 5 5 5 5 5 5 5", "x2 11"],
  },
  {
    name: "gift",
    text: `GIFT BOX (cube, 6 squares)

Square - make 6 (3 red, 3 white)
Ch 9
1st row: 1 sc in 2nd ch from hook, 1 sc in each ch to end, ch 1, turn. 8 sc.
2nd row: 1 sc in each sc, ch 1, turn. 8 sc.
Rep 2nd row 6 times more. Fasten off.
Sew the squares edge to edge, leaving one open; stuff; close.

Ribbon - gold
Ch 50. Fasten off.`,
    parts: ["x6 8 8 8 8 8 8 8 8", "0"],
  },
  {
    name: "elf-hat",
    text: `Elf boot

1. Make 6sc in an adjustable loop
2. Increase around [12]
3. 1sc, inc; rep to end [18]
4. Back loops: 18sc
5. 18sc
6. 5sc, 4dec, 5sc [14]
7. 4sc, 3dec, 4sc [11]
8-11. 11sc
12. Turn the cuff: FL, (1sc, inc) x5, 1sc [16]
13. 16hdc
End with sl st.
Bell: 5sc in loop, 5inc [10], 10sc, 5dec [5]`,
    parts: ["6 12 18 18 18 14 11 11 11 11 11 16 16", "5 10 10 5"],
  },
  {
    name: "cloud",
    text: `Cloud with rain drops

Cloud, white, 2x
Ch 11
R1: sc in 2nd ch from hook, sc 8, 3 sc in last; other side of chain: sc 8, 2 sc in last = 22
R2: hdc 3, dc in next 2, 2 dc in next... see: (sl st, skip 1, 5 dc in next, skip 1) 5 times, sl st 2 = 32
Put the clouds together, sl st through both around (32), stuffing.
Drop, light blue, 3x
R1: mr 4
R2: (1, inc)2 = 6
R3: (2, inc)2 = 8
R4: 8
R5: dec x 4 = 4`,
    parts: ["x2 22 32 32", "x3 4 6 8 8 4"],
  },
  {
    name: "bear-wide",
    text: `Bear head brooch
Gauge not critical.

Using brown yarn & 2.75mm hook:
Rnd 1: 6 sc in magic ring 〔6〕
Rnd 2: inc × 6 〔12〕
Rnd 3: 〔sc, inc〕 × 6 〔18〕
Rnd 4: 〔sc 2, inc〕 × 6 〔24〕
Rnd 5: sc in all 24
Rnd 6: sc in all 24
Fasten off, flatten; felt back.

Ears ×2
Rnd 1: 5 sc in magic ring 〔5〕
Rnd 2: inc × 5 〔10〕

Muzzle, beige
ch 4; Rnd 1: inc in 2nd ch, sc, 4 sc in last, on other side: sc, inc → 10
Rnd 2: sc in all 10`,
    parts: ["6 12 18 24 24 24", "x2 5 10", "10 10"],
  },
];
