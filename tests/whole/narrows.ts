import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const NARROWS: readonly Whole[] = [
  {
    name: "owl-blog",
    text: `Hi everyone! Today I'm sharing my little owl. He is about 5 cm tall.

Please note: I use US terms. Work in a continuous spiral unless told otherwise.

Body:

Using the grey yarn, make a magic ring.
Round 1: work 6 single crochet into the ring. You should have 6 stitches.
Round 2: increase in every stitch around. (12 stitches)
Round 3: single crochet in the first stitch, increase in the next; repeat all the way around. (18 stitches)
Round 4: single crochet in the first 2 stitches, increase in the next; repeat all the way around. (24 stitches)
Rounds 5 to 12: single crochet in every stitch around. (24 stitches)
Now add the eyes between rounds 9 and 10, about 6 stitches apart, and start stuffing.
Round 13: single crochet in the first 6 stitches, decrease; repeat all the way around. (21 stitches)
Round 14: single crochet in every stitch around. (21 stitches)
Flatten the top and single crochet through both sides to close: 10 stitches. Fasten off and leave a long tail.

Wings (make two):

With the white yarn, make a magic ring.
Round 1: work 5 single crochet into the ring.
Round 2: increase in every stitch around. (10 stitches)
Rounds 3 to 5: single crochet in every stitch around. (10 stitches)
Fasten off, leaving a tail for sewing.

Beak:

With the yellow yarn, chain 3. Slip stitch in the 2nd chain from the hook, single crochet in the last one.`,
    parts: ["6 12 18 24 24 24 24 24 24 24 24 24 21 21 10", "x2 5 10 10 10 10", "2"],
  },
  {
    name: "pear",
    text: `PEAR KEYCHAIN / 4-ply cotton / 2 mm

Fruit
R1 6sc MR
R2 inc*6 {12}
R3 (1,inc)*6 {18}
R4 (2,inc)*6 {24}
R5 (3,inc)*6 {30}
R6-9 30
R10 (3,dec)*6 {24}
R11-12 24
R13 (2,dec)*6 {18}
R14-16 18
R17 (1,dec)*6 {12}
stuff
R18 dec*6 {6}

Leaf
ch7; 2nd ch: sc, hdc, dc, dc, hdc, sc {6}

Stalk
ch5; 2nd ch: 4 slst {4}`,
    parts: ["6 12 18 24 30 30 30 30 30 24 24 24 18 18 18 18 12 6", "6", "4"],
  },
  {
    name: "mouse-uk",
    text: `Sugar mouse

Tension isn't important. UK terms throughout.

Begin at the nose with white 4ply and a 2.5mm hook.
1st round: 4dc into a slip ring.
2nd round: (1dc in next dc, 2dc in next dc) twice. 6dc.
3rd round: (1dc in each of next 2dc, 2dc in next dc) twice. 8dc.
4th round: (1dc in each of next 3dc, 2dc in next dc) twice. 10dc.
5th round: (1dc in each of next 4dc, 2dc in next dc) twice. 12dc.
6th round: (1dc in next dc, 2dc in next dc) 6 times. 18dc.
7th to 12th rounds: 1dc in each dc. 18dc.
13th round: (1dc in next dc, dc2tog) 6 times. 12dc.
Fill firmly.
14th round: (dc2tog) 6 times. 6dc.
Fasten off, closing the hole.

Ears (both alike)
1st round: 5dc into a slip ring. Fasten off.

Tail
Make 20ch.`,
    parts: ["4 6 8 10 12 18 18 18 18 18 18 18 12 6", "x2 5", "0"],
  },
  {
    name: "boot",
    text: `CHRISTMAS BOOT

Sole (brown)
Ch 6
R1: sc in 2nd ch from hook, sc 3, 3 sc in last ch, on the other side: sc 3, inc in last (12)
R2: inc, sc 3, inc x3, sc 3, inc x2 (18)
R3: BLO sc around (18)
Change to red
R4: sc around (18)
R5: sc 6, dec x3, sc 6 (15)
R6: sc 5, dec, sc 1, dec, sc 5 (13)
R7-10: sc around (13)
Change to white
R11: FLO inc, sc 12 (14)
R12: sc around (14)
Fasten off

Loop (white)
Ch 12, sl st to first ch`,
    parts: ["12 18 18 18 15 13 13 13 13 13 14 14", "12"],
  },
  {
    name: "mermaid-tail",
    text: `Fish-tail charm

1 - mr 6
2 - inc all (12)
3 - 12
4 - *1 sc, inc* (18)
5 - 18
6 - 18
7 - *4 sc, dec* (15)
8 - 15
9 - *3 sc, dec* (12)
10 - 12
11 - *2 sc, dec* (9)
12 - 9
stuff lightly
13 - *1 sc, dec* (6)
14 - 6
Do not close. Flatten.
Fin: ch 1, 3 sc through both layers; turn
Row 2 - ch 1, inc, sc, inc (5)
Row 3 - ch 1, inc, sc 3, inc (7)
Row 4 - sl st, hdc, dc, sl st, dc, hdc, sl st (7)`,
    parts: ["6 12 12 18 18 18 15 15 12 12 9 9 6 6", "3 5 7 7"],
  },
  {
    name: "gnome-broken",
    text: `Gnome

Hat (green)
Rnd 1: 4 sc in MR (4)
Rnd 2: sc around (4)
Rnd 3: *sc 1, inc* x2 (6)
Rnd 4: sc around (6)
Rnd 5: *sc 2, inc* x2 (8)
Rnd 6: sc around (8)
Rnd 7: *sc 3, inc* x2 (10)
Rnd 8: *sc 4, inc* x3 (12)
Rnd 9: *sc 1, inc* x6 (18)
Rnd 10: sc around (18)

Body (cream)
Rnd 1: 6 sc in MR (6)
Rnd 2: inc around (12)
Rnd 3: *sc 1, inc* x6 (18)
Rnds 4-8: sc around (18)
Rnd 9: *sc 1, dec* x6 (12)
Rnd 10: dec around (6)`,
    parts: ["4 4 6 6 8 8 10 12 18 18", "6 12 18 18 18 18 18 18 12 6"],
    slip: 11,
  },
  {
    name: "elf-ears-inline",
    text: `Elf head
R1: MR 6 sc
R2: inc in each st (12)
R3: [sc 1, inc] repeat (18)
R4: [sc 2, inc] repeat (24)
R5-R8: sc in each st (24)
R9: sc 6, (3 hdc in one st), sc 11, (3 hdc in one st), sc 5 (28)
R10: sc 6, skip 3, sc 11, skip 3, sc 5 (22)
R11: [sc 9, dec] repeat (20)
R12: [sc 3, dec] repeat (16)
R13: [sc 2, dec] repeat (12)
Stuff.
R14: [dec] repeat (6)`,
    parts: ["6 12 18 24 24 24 24 24 28 22 20 16 12 6"],
  },
  {
    name: "bear-flat",
    text: `Gingerbread man (flat, two layers)

Head – make 2
Round 1: 6 sc in MR, sl st in first sc (6)
Round 2: ch 1, inc in each, sl st (12)
Round 3: ch 1, *sc, inc* around, sl st (18)

Body – make 2
Row 1: ch 9, sc in 2nd ch from hook, sc to end (8)
Rows 2–8: ch 1, turn, sc to end (8)

Arm – make 4
Row 1: ch 5, sc in 2nd ch from hook, sc to end (4)
Rows 2–4: ch 1, turn, sc to end (4)
Row 5: ch 1, turn, dec, dec (2)

Leg – make 4
Row 1: ch 5, sc in 2nd ch from hook, sc to end (4)
Rows 2–6: ch 1, turn, sc to end (4)
Row 7: ch 1, turn, dec, dec (2)`,
    parts: ["x2 6 12 18", "x2 8 8 8 8 8 8 8 8", "x4 4 4 4 4 2", "x4 4 4 4 4 4 4 2"],
  },
  {
    name: "jellyfish",
    text: `Jelly

Bell (lilac): 
1) 6 sc mr
2) 6 inc -12-
3) (sc, inc) 6 times -18-
4) (2 sc, inc) 6 times -24-
5) (3 sc, inc) 6 times -30-
6) - 9) 30 sc
10) (3 sc, dec) 6 times -24-

Underside (white):
1) 6 sc mr
2) 6 inc -12-
3) (sc, inc) 6 times -18-
4) (2 sc, inc) 6 times -24-

Tentacles (white), 5 pieces: ch 20, then 2 sc in each ch from the 2nd (38)`,
    parts: ["6 12 18 24 30 30 30 30 30 24", "6 12 18 24", "x5 38"],
  },
  {
    name: "candle",
    text: `Candle

Wax, cream, 1 piece.
Chain 2.
Round 1. 8 sc in second chain from hook.
Round 2. 2 sc in each sc. 16.
Round 3. Sc, working in back loops. 16.
Rounds 4 to 14. Sc. 16.
Stuff tightly.
Round 15. In back loops: sc2tog 8 times. 8.
Round 16. Sc2tog 4 times. 4.
Fasten off.

Flame, yellow, 1 piece.
Round 1. 4 sc in ring.
Round 2. (1 sc, 2 sc in next) twice. 6.
Round 3. (1 sc, 2 sc in next) 3 times. 9.
Round 4. Sc. 9.
Round 5. (1 sc, sc2tog) 3 times. 6.
Fasten off, sew on.

Drips, cream, 4 pieces.
Chain 4, 3 sc along the chain. 3.`,
    parts: ["8 16 16 16 16 16 16 16 16 16 16 16 16 16 8 4", "4 6 9 9 6", "x4 3"],
  },
];
