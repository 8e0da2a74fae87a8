import type { Case } from "./case";

/** Patterns of every kind once more, from people who never met. */
export const VISITORS: readonly Case[] = [
  {
    hand: "with abbreviations list, gauge and a stitch key",
    text: `LITTLE LIGHTHOUSE
You will need: DK cotton in red, white and grey, 3 mm hook, stuffing
Finished size: about 9 cm tall
Abbreviations: ch – chain; sl st – slip stitch; sc – single crochet; inc – 2 sc in the same stitch; dec – single crochet 2 stitches together; BLO – back loop only; st(s) – stitch(es)
Note: worked in a continuous spiral, do not join rounds.

TOWER
Start with red.
Rnd 1: sc 6 in a magic ring [6]
Rnd 2: inc in all 6 st [12]
Rnd 3: (sc in next st, inc in next st) repeat 6 times [18]
Rnd 4: BLO sc in all 18 st [18]
Rnd 5 – 7: sc in all 18 st [18]
Change to white.
Rnd 8 – 10: sc in all 18 st [18]
Change to red.
Rnd 11: (sc in next 4 st, dec) repeat 3 times [15]
Rnd 12 – 13: sc in all 15 st [15]
Stuff the tower firmly.
Rnd 14: (sc in next 3 st, dec) repeat 3 times [12]
Rnd 15: dec 6 times [6]
Fasten off and weave in the ends.`,
    parts: [{ name: "TOWER", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 18, 15, 15, 15, 12, 6] }],
  },
  {
    hand: "feet with free front loops, then a leg without a name for its rounds",
    text: `Boot
1st rnd. Using brown, 7 sc into adjustable ring.
2nd rnd. 2 sc into each st. (14 sts)
3rd rnd. 1 sc into the back loop of each st. (14 sts)
4th rnd. 1 sc into each of next 4 sts, (sc2tog) 3 times, 1 sc into each of last 4 sts. (11 sts)
5th rnd. Change to blue. 1 sc into each st. (11 sts)
6th and 7th rnds. As 5th.
Fasten off.
Sole trim. Join brown to any free front loop of 2nd rnd. 1 sl st into each loop to end. (14 sts)`,
    parts: [
      { name: "Boot", counts: [7, 14, 14, 11, 11, 11, 11] },
      { name: "Sole trim", counts: [14] },
    ],
  },
  {
    hand: "work even, told by how many rounds",
    text: `Candle
Rnd 1: 6 sc in a magic ring - 6 sts
Rnd 2: (inc) around - 12 sts
Rnd 3: sc in back loops around - 12 sts
Work 5 rounds even - 12 sts
Rnd 9: (dec) around - 6 sts`,
    parts: [{ name: "Candle", counts: [6, 12, 12, 12, 12, 12, 12, 12, 6] }],
  },
  {
    hand: "half the round in one stitch, half in another",
    text: `Wave
Rnd 1: 8 sc in mr [8]
Rnd 2: 4 hdc, 4 sc [8]
Rnd 3: 2 hdc in each of next 4 sts, sc in next 4 sts [12]
Rnd 4: hdc in next 8, sc in next 4 [12]
Rnd 5: [hdc2tog] x 4, sc 4 [8]`,
    parts: [{ name: "Wave", counts: [8, 8, 12, 12, 8] }],
  },
  {
    hand: "arms crocheted on by both layers of the body round",
    text: `Arm (make 2)
Rnd 1: 5 sc in mr (5)
Rnd 2: 5 sc (5)
Rnd 3: 5 sc (5)

Body
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnd 3: 12 sc (12)
Rnd 4: 2 sc, 2 sc joining the first arm, 4 sc, 2 sc joining the second arm, 2 sc (12)
Rnd 5: (dec) x 6 (6)`,
    parts: [
      { name: "Arm", make: 2, counts: [5, 5, 5] },
      { name: "Body", counts: [6, 12, 12, 12, 6] },
    ],
  },
  {
    hand: "cup turned, panel, then all around again",
    text: `Hood
Row 1: ch 15, sc in 2nd ch from hook and each ch across, turn [14]
Row 2: ch 1, sc2tog, sc 10, sc2tog, turn [12]
Row 3: ch 1, sc2tog, sc 8, sc2tog, turn [10]
Row 4: ch 1, sc in each st, turn [10]
Row 5: ch 1, inc, sc 8, inc [12]`,
    parts: [{ name: "Hood", worked: "rows", counts: [14, 12, 10, 10, 12] }],
  },
  {
    hand: "rounds in words and ordinals, UK, with turning chains",
    text: `Toadstool (UK terminology)
Cap
First round: 2 ch, 8 dc in second ch from hook, ss into first dc. 8 sts.
Second round: 1 ch, 2 dc in each st, ss into first dc. 16 sts.
Third round: 1 ch, *dc in next st, 2 dc in next st; repeat from * to end, ss into first dc. 24 sts.
Fourth to sixth rounds: 1 ch, dc in each st to end, ss into first dc. 24 sts.
Fasten off.
Spots (make 3)
First round: 2 ch, 5 dc in second ch from hook, ss into first dc. Fasten off.`,
    parts: [
      { name: "Cap", worked: "joined", counts: [8, 16, 24, 24, 24, 24] },
      { name: "Spots", make: 3, counts: [5] },
    ],
  },
  {
    hand: "two ovals with offset increases",
    text: `Fish belly
Ch 6.
R1: inc in 2nd ch from hook, 3 sc, 4 sc in last ch; on the other side of the chain: 3 sc, 2 sc in last ch [14]
R2: 2 inc, 3 sc, 4 inc, 3 sc, 2 inc [22]
R3: 22 sc [22]`,
    parts: [{ name: "Fish belly", worked: "oval", counts: [14, 22, 22] }],
  },
  {
    hand: "sc3tog, 3 in one, mixed with plus and minus rounds",
    text: `Heart
R1: 6 sc in MR (6)
R2: 3 sc in next st, 2 sc, 3 sc in next st, 2 sc (10)
R3: 1 sc, 3 sc in next st, 4 sc, 3 sc in next st, 3 sc (14)
R4: sc3tog, 4 sc, sc3tog, 4 sc (10)
R5: 10 sc (10)`,
    parts: [{ name: "Heart", counts: [6, 10, 14, 10, 10] }],
  },
  {
    hand: "hand that says x times after commas",
    text: `Grape
Rnd 1: 5 sc into mr (5 sts)
Rnd 2: inc, 5 times (10 sts)
Rnd 3: sc, inc, 5 times (15 sts)
Rnd 4: sc 15 (15 sts)
Rnd 5: sc, dec, 5 times (10 sts)
Rnd 6: dec, 5 times (5 sts)`,
    parts: [{ name: "Grape", counts: [5, 10, 15, 15, 10, 5] }],
  },
  {
    hand: "beard of loops over some rounds",
    text: `Gnome face
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, ch 4, sl st in same st, sc) x 6 (12)
Rnd 4: 12 sc, keeping the loops in front (12)`,
    parts: [{ name: "Gnome face", counts: [6, 12, 12, 12] }],
  },
  {
    hand: "hat brim in front loops and crown behind",
    text: `Sou'wester
R1: 6sc in MR (6)
R2: inc*6 (12)
R3: (1sc,inc)*6 (18)
R4: (2sc,inc)*6 (24)
R5: BLO 24sc (24)
R6-R7: 24sc (24)
R8: FLO (3sc,inc)*6 (30)
R9: (4sc,inc)*6 (36)
FO`,
    parts: [{ name: "Sou'wester", counts: [6, 12, 18, 24, 24, 24, 24, 30, 36] }],
  },
  {
    hand: "ladder of notes in square brackets with eyes and beak",
    text: `OWL - one piece, bottom to top, make 1
[use grey]
rnd 1 = 6 sc in mr (6)
rnd 2 = 6 inc (12)
rnd 3 = 6 x (sc, inc) (18)
rnd 4 = 6 x (2 sc, inc) (24)
rnd 5 to rnd 9 = 24 sc (24)
[place 8 mm eyes between rnd 7 and rnd 8, 4 sts apart]
[stuff]
rnd 10 = fold the top flat and sc 12 through both layers (12)`,
    parts: [{ name: "OWL", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 12] }],
  },
  {
    hand: "an earlier round called previous",
    text: `Cork
Rnd 1: 8 sc in magic ring (8)
Rnd 2: 2 sc in each st (16)
Rnd 3: sc in the back loop only of each st from previous round (16)
Rnd 4: sc in each st of previous round (16)
Rnds 5-6: repeat previous round (16)`,
    parts: [{ name: "Cork", counts: [8, 16, 16, 16, 16, 16] }],
  },
  {
    hand: "sentences that give the repeat before the work",
    text: `Marble
Rnd 1: Into a magic ring work 6 sc. (6)
Rnd 2: Six times: inc. (12)
Rnd 3: Repeat six times: 1 sc, inc. (18)
Rnd 4: Around: sc. (18)
Rnd 5: Repeat six times: 1 sc, dec. (12)`,
    parts: [{ name: "Marble", counts: [6, 12, 18, 18, 12] }],
  },
  {
    hand: "slash means and, dots everywhere",
    text: `Ring
r1. 6 sc. mr. (6)
r2. inc. x 6. (12)
r3. sc. / inc. x 6. (18)
r4. sc. around. (18)`,
    parts: [{ name: "Ring", counts: [6, 12, 18, 18] }],
  },
  {
    hand: "tentacles of different lengths out of one round",
    text: `Squid
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnds 3-5: sc around (12)
Rnd 6: (sc, ch 8, sc in 2nd ch from hook and in next 6 ch, sc, ch 5, sc in 2nd ch from hook and in next 3 ch) x 6 (12)
Rnd 7: dec x 6, working in front of the tentacles (6)`,
    parts: [
      {
        name: "Squid",
        counts: [6, 12, 12, 12, 12, 12, 6],
        made: { sc: 6 + 12 + 36 + 12 + 42 + 24 + 6, ch: 78 },
      },
    ],
  },
  {
    hand: "left and right told apart inside one part",
    text: `Ears (make 2: one grey, one white)
Rnd 1: 6 sc in mr. (6)
Rnd 2: (sc, inc) x 3. (9)
Rnds 3-5: sc around. (9)
Rnd 6: (sc, dec) x 3. (6)
Do not stuff. Flatten. Leave a tail of 20 cm for sewing.`,
    parts: [{ name: "Ears", make: 2, counts: [6, 9, 9, 9, 9, 6] }],
  },
  {
    hand: "counts written as so many sc and so many ch",
    text: `Net
Rnd 1: 6 sc in MR (6 sc)
Rnd 2: (sc, ch 2) x 6 (6 sc, 6 ch-2 spaces)
Rnd 3: (3 sc in ch-2 space) x 6 (18 sc)`,
    parts: [{ name: "Net", counts: [6, 6, 18] }],
  },
  {
    hand: "decrease to the end, a bit left over",
    text: `Gumdrop
Rnd 1: 7 sc in mr (7)
Rnd 2: inc x 7 (14)
Rnd 3: (sc, inc) x 7 (21)
Rnds 4-6: sc (21)
Rnd 7: (sc, dec) x 7 (14)
Rnd 8: dec x 7 (7)`,
    parts: [{ name: "Gumdrop", counts: [7, 14, 21, 21, 21, 21, 14, 7] }],
  },
  {
    hand: "text full of emphasis and stray signs",
    text: `~*~ BEE ~*~
**Round 1:** 6 sc in magic ring *(6)*
**Round 2:** inc × 6 *(12)*
__Round 3:__ (sc, inc) × 6 *(18)*
**Round 4:** sc around *(18)*
> Change colour to black!
**Round 5:** sc around *(18)*
**Round 6:** (sc, dec) × 6 *(12)*`,
    parts: [{ name: "BEE", counts: [6, 12, 18, 18, 18, 12] }],
  },
  {
    hand: "row by row fish tail grown on the last round",
    text: `Fish
R1 6sc in MR (6)
R2 (1sc, inc)x3 (9)
R3 (2sc, inc)x3 (12)
R4-6 12sc (12)
R7 (2sc, dec)x3 (9)
R8 (1sc, dec)x3 (6)
flatten
R9 3sc through both sides (3)
R10 ch1, turn, inc x3 (6)
R11 ch1, turn, 6sc (6)`,
    parts: [{ name: "Fish", counts: [6, 9, 12, 12, 12, 12, 9, 6, 3, 6, 6] }],
  },
  {
    hand: "a strip, its ends sewn to a ring",
    text: `Scarf
Chain 4.
Row 1: Skip 1 chain, 3 sc. Turn. (3)
Row 2: Ch 1, 3 sc. Turn. (3)
Rows 3–20: Repeat row 2. (3)
Sew the 3 sts of the first row to the 3 sts of the last row.`,
    parts: [{ name: "Scarf", worked: "rows", counts: Array.from({ length: 20 }, () => 3) }],
  },
  {
    hand: "tail in tr and dtr, UK",
    text: `Mermaid tail fin
UK terms.
Row 1: 7 ch, 1 dc in 2nd ch from hook, 1 dc in each ch to end. (6)
Row 2: 1 ch, turn, 2 tr in each st. (12)
Row 3: 1 ch, turn, *1 dc, 2 tr in next st, 1 dc; rep from * to end. (16)`,
    parts: [{ name: "Mermaid tail fin", worked: "rows", counts: [6, 12, 16], made: { dc: 20, sc: 14 } }],
  },
  {
    hand: "short and shorter, lower case, no blank lines",
    text: `body
1: mr 6
2: inc all
3: sc, inc
4: sc, sc, inc
5-8: sc all
9: sc, sc, dec
10: sc, dec
11: dec all
arm x2
1: mr 5
2-4: sc all`,
    parts: [
      { name: "body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "arm", make: 2, counts: [5, 5, 5, 5] },
    ],
  },
];
