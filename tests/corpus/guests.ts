import type { Case } from "./case";

/** Patterns as guests at the stall would bring them: every construction again, in other words. */
export const GUESTS: readonly Case[] = [
  {
    hand: "bag of a hand that writes st for everything",
    text: `SEAL PUP - head and body in one piece

R1: start with 6 sc in a magic ring. = 6st
R2: inc every st = 12st
R3: *1sc, inc* x6 = 18st
R4: *2sc, inc* x6 = 24st
R5 - R8: 1sc in every st = 24st
R9: *2sc, dec* x6 = 18st
R10: *1sc, dec* x6 = 12st
(eyes go on between R6 and R7, with 5 st between)
R11: *1sc, inc* x6 = 18st
R12-R14: 1sc in every st = 18st
fill
R15: *1sc, dec* x6 = 12st
R16: dec x6 = 6st
close up

FLIPPER (2x)
R1: 5 sc in a magic ring = 5st
R2: inc every st = 10st
R3-R4: 1sc in every st = 10st
do not fill, leave long end`,
    parts: [
      { name: "SEAL PUP", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 18, 18, 18, 18, 12, 6] },
      { name: "FLIPPER", make: 2, counts: [5, 10, 10, 10] },
    ],
  },
  {
    hand: "starts told in their own line, joined rounds",
    text: `Coaster ring
Make a chain of 5 and join into a ring with a slip stitch.
Round 1: Chain 1, work 10 single crochet into the ring, slip stitch into the first single crochet. (10)
Round 2: Chain 1, 2 single crochet in each stitch around, slip stitch into first stitch to join. (20)
Round 3: Chain 1, *single crochet in the next stitch, 2 single crochet in the next stitch*, repeat from * to * around, join. (30)`,
    parts: [{ name: "Coaster ring", worked: "joined", counts: [10, 20, 30] }],
  },
  {
    hand: "fan in turned rows out of a ring, totals at the front",
    text: `Scallop fin
Row 1 (5 sts): 5 sc in MR, do not join, turn
Row 2 (10 sts): ch 1, inc x 5, turn
Row 3 (15 sts): ch 1, (sc, inc) x 5, turn
Row 4 (15 sts): ch 1, sc across`,
    parts: [{ name: "Scallop fin", worked: "rows", counts: [5, 10, 15, 15] }],
  },
  {
    hand: "body on two legs, chains counted inside the round",
    text: `Leg A
Rnd 1: 6 sc in mr (6)
Rnd 2: inc x 6 (12)
Rnd 3: sc around (12)
FO

Leg B
Rnd 1-3: repeat leg A
Don't fasten off.

Body
Rnd 4: sc 6 on leg B, ch 2, sc 12 around leg A, sc in next 2 ch, sc 6 on leg B, sc in other side of 2 ch (28)
Rnd 5: sc around (28)
Rnd 6: (5 sc, dec) x 4 (24)`,
    parts: [
      { name: "Leg A", counts: [6, 12, 12] },
      { name: "Leg B", counts: [6, 12, 12] },
      { name: "Body", counts: [28, 28, 24] },
    ],
  },
  {
    hand: "chain bridge without stitches named for its far side",
    text: `Foot (make 2)
Rnd 1: 5 sc in MC (5)
Rnd 2: inc in all 5 sts (10)
Rnd 3: 10 sc (10)
Fasten off the first foot; keep the yarn on the second.

Tummy
Rnd 1: ch 3, sc around the first foot (10), sc over the ch 3, sc around the second foot (10), sc over the other side of the ch 3 (26)
Rnd 2: 26 sc (26)`,
    parts: [
      { name: "Foot", make: 2, counts: [5, 10, 10] },
      { name: "Tummy", counts: [26, 26] },
    ],
  },
  {
    hand: "skirt in front loops with a new yarn, later",
    text: `Dancer
R1: 6 sc in MR [6]
R2: 6 inc [12]
R3: [1 sc, inc] ×6 [18]
R4–R6: 18 sc [18]
R7: 18 sc, back loops only [18]
R8–R9: 18 sc [18]
R10: [1 sc, dec] ×6 [12]
FO.

Skirt – pink
Attach pink to any free front loop of R7.
R1: 18 sc in the free loops [18]
R2: 2 hdc in every st [36]
R3: [sl st, ch 2, sl st] in each st around
FO, weave in.`,
    parts: [
      { name: "Dancer", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 12] },
      { name: "Skirt", counts: [18, 36, 72] },
    ],
  },
  {
    hand: "frill worked at once, body behind it",
    text: `Seahorse crest
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: FLO (2 hdc in each st) (24)
Rnd 4: working behind the frill, sc in the unworked back loops of rnd 2 (12)
Rnd 5: sc around (12)`,
    parts: [{ name: "Seahorse crest", counts: [6, 12, 24, 12, 12] }],
  },
  {
    hand: "prongs and toes",
    text: `Starfish
Rnd 1: 5 sc in magic ring (5)
Rnd 2: inc x 5 (10)
Rnd 3: (sc, inc) x 5 (15)
Rnd 4: *ch 6, sl st in 2nd ch from hook, sc, hdc, dc, tr, skip 2 sts, sl st in next st* x 5
Fasten off.`,
    parts: [{ name: "Starfish", counts: [5, 10, 15, 5] }],
  },
  {
    hand: "legs as spurs, abbreviated by a block name in capitals",
    text: `LEG = ch 6, sc in 2nd ch from hook and next 4 ch

SHRIMP
R1 6 sc in ring (6)
R2 inc x6 (12)
R3 sc x12 (12)
R4 (2 sc, LEG) x 6 (12)
R5 sc x12 (12)
R6 dec x6 (6)`,
    parts: [
      {
        name: "SHRIMP",
        counts: [6, 12, 12, 12, 12, 6],
        made: { sc: 6 + 12 + 12 + 12 + 30 + 12 + 6, ch: 36 },
      },
    ],
  },
  {
    hand: "seam counts in the sewing notes",
    text: `Snout (pink)
Rnd 1: 8 sc in MR (8)
Rnd 2: inc x 8 (16)
Rnd 3: BLO sc around (16)
Rnd 4: sc around (16)
Fasten off with a 25 cm tail.

Head (pink)
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: (2 sc, inc) x 6 (24)
Rnds 5-8: sc around (24)

Sewing: place the snout over rounds 4 to 7 and sew through all 16 sts.`,
    parts: [
      { name: "Snout", counts: [8, 16, 16, 16] },
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24] },
    ],
  },
  {
    hand: "first and last halves of a colour pattern",
    text: `Sardine body
with silver
R1: 6 sc in MR
R2: (sc, inc) x 3 – 9
R3: (2 sc, inc) x 3 – 12
add navy
R4: 6 navy sc, 6 silver sc – 12
R5: 6 navy sc, 6 silver sc – 12
R6–8: as R5
only silver now
R9: (2 sc, dec) x 3 – 9
R10: (sc, dec) x 3 – 6`,
    parts: [{ name: "Sardine body", counts: [6, 9, 12, 12, 12, 12, 12, 12, 9, 6] }],
  },
  {
    hand: "letters with a count behind each",
    text: `Bead
rnd1) mr sc6 (6)
rnd2) inc6 (12)
rnd3) sc12 (12)
rnd4) dec6 (6)`,
    parts: [{ name: "Bead", counts: [6, 12, 12, 6] }],
  },
  {
    hand: "plus signs between stitches, equals for the total",
    text: `Drop
R1: MR + 4 sc = 4
R2: (1 sc + 1 inc) x 2 = 6
R3: (2 sc + 1 inc) x 2 = 8
R4: 3 sc + 1 inc + 3 sc + 1 inc = 10
R5: 10 sc = 10
R6: 5 dec = 5`,
    parts: [{ name: "Drop", counts: [4, 6, 8, 10, 10, 5] }],
  },
  {
    hand: "prose with all numbers in words",
    text: `Round potato
Round one. Six single crochet in a magic ring. (six)
Round two. Increase in each stitch around. (twelve)
Round three. Single crochet in one stitch, increase in the next; do this six times. (eighteen)
Round four. Single crochet in each stitch. (eighteen)
Round five. Single crochet one, decrease one; do this six times. (twelve)`,
    parts: [{ name: "Round potato", counts: [6, 12, 18, 18, 12] }],
  },
  {
    hand: "a cup that stays open and is turned inside out",
    text: `HAT
With red yarn.
Rnd 1: Make 6 sc in a magic ring. [6]
Rnd 2: Inc in every st. [12]
Rnd 3: *Sc 1, inc 1.* Repeat ** 6 times. [18]
Rnd 4: *Sc 2, inc 1.* Repeat ** 6 times. [24]
Rnd 5: Sc in the back loops of every st. [24]
Rnds 6 & 7: Sc in every st. [24]
Rnd 8: *Sc 3, inc 1.* Repeat ** 6 times. [30]
Turn the hat inside out. Fasten off, leave a tail for sewing.`,
    parts: [{ name: "HAT", counts: [6, 12, 18, 24, 24, 24, 24, 30] }],
  },
  {
    hand: "UK with chains in front and missed stitches",
    text: `ROWING BOAT (UK)
Hull
Make 8ch.
Round 1: 1dc in 2nd ch from hook, 5dc, 3dc in last ch, turn to work along the other side of the ch, 5dc, 2dc in last ch. [16dc]
Round 2: 2dc in next dc, 5dc, 2dc in each of next 3dc, 5dc, 2dc in each of next 2dc. [22dc]
Round 3: working in back loops only, dc in each dc. [22dc]
Round 4: dc in each dc. [22dc]`,
    parts: [{ name: "Hull", worked: "oval", counts: [16, 22, 22, 22] }],
  },
  {
    hand: "steps ticked off in boxes",
    text: `Buoy bell
[ ] R1: 6 sc in magic ring (6)
[ ] R2: inc x 6 (12)
[ ] R3: sc around (12)
[x] R4: (sc, inc) x 6 (18)
☐ R5: sc around (18)`,
    parts: [{ name: "Buoy bell", counts: [6, 12, 12, 18, 18] }],
  },
  {
    hand: "rounds with times taken in the margin",
    text: `Stone
Rnd 1: 6 sc in mr (6) - 1 min
Rnd 2: inc x 6 (12) - 1 min
Rnd 3: (sc, inc) x 6 (18) - 2 min
Rnd 4: sc around (18)`,
    parts: [{ name: "Stone", counts: [6, 12, 18, 18] }],
  },
  {
    hand: "a doubled start and a finer hook",
    text: `Rope knot
Use 2 strands and a 4 mm hook.
Rnd 1: 5 sc in MR (5)
Rnd 2: inc x 5 (10)
Drop one strand, change to the 3 mm hook.
Rnd 3: sc around (10)
Rnd 4: (3 sc, dec) x 2 (8)`,
    parts: [{ name: "Rope knot", counts: [5, 10, 10, 8] }],
  },
  {
    hand: "increase rounds that begin or end with half a stretch",
    text: `Apple
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: sc, inc, (2 sc, inc) x 5, sc (24)
Rnd 5: (3 sc, inc) x 6 (30)
Rnd 6: 2 sc, inc, (4 sc, inc) x 5, 2 sc (36)
Rnd 7: sc in each st (36)
Rnd 8: 2 sc, dec, (4 sc, dec) 5 times, 2 sc (30)`,
    parts: [{ name: "Apple", counts: [6, 12, 18, 24, 30, 36, 36, 30] }],
  },
  {
    hand: "ears closed through both sides, caught by the head",
    text: `Ears (make 2)
Rnd 1: 6 sc in MR (6)
Rnds 2-3: sc around (6)
Flatten and sc across through both layers (3)
Fasten off.

Head
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: 2 sc, sc through the ear and the head 3 times, 2 sc, sc through the second ear and the head 3 times, 2 sc (12)
Rnd 4: sc around (12)`,
    parts: [
      { name: "Ears", make: 2, counts: [6, 6, 6, 3] },
      { name: "Head", counts: [6, 12, 12, 12] },
    ],
  },
  {
    hand: "three picots and a stem in one round",
    text: `Strawberry cap
Rnd 1: 5 sc in MR (5)
Rnd 2: *(sl st, ch 3, picot in 3rd ch from hook, sl st) in next st* x 5 (10)
Fasten off.`,
    parts: [{ name: "Strawberry cap", counts: [5, 10] }],
  },
  {
    hand: "a square worked in rows and edged in the round",
    text: `Quilt
Row 1: ch 9, sc in 2nd ch from hook and in next 7 ch, turn (8)
Rows 2-8: ch 1, sc in each st across, turn (8)
Edge: sc evenly around all four sides, 32 sc (32)`,
    parts: [
      { name: "Quilt", counts: [8, 8, 8, 8, 8, 8, 8, 8] },
      { name: "Edge", counts: [32] },
    ],
  },
  {
    hand: "bobbles inside a plain round, legs named",
    text: `Puppy paw
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: 3 sc, (bobble, sc) x 3, 3 sc (12)
Rnd 4: 12 sc (12)
Rnd 5: 3 sc, dec x 3, 3 sc (9)`,
    parts: [{ name: "Puppy paw", counts: [6, 12, 12, 12, 9] }],
  },
  {
    hand: "decreases in all the ways",
    text: `Cone
Rnd 1: 18 sc in a ch-18 ring (18)
Rnd 2: (sc, sc2tog) x 6 (12)
Rnd 3: sc, sc3tog, sc 2, sc3tog, sc 3 (8)
Rnd 4: (2sctog) x 4 (4)`,
    parts: [{ name: "Cone", counts: [18, 12, 8, 4] }],
  },
  {
    hand: "an opening left, told",
    text: `Pot
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnds 4–6: sc around (18)
Rnd 7: sc in next 12 sts, leave the last 6 sts free (12)
Rnd 8: ch 1, turn, sc in next 12 sts (12)`,
    parts: [{ name: "Pot", counts: [6, 12, 18, 18, 18, 18, 12, 12] }],
  },
  {
    hand: "sl st edges and reverse rim after the last round",
    text: `Bowl
Rnd 1: 7 sc in MR (7)
Rnd 2: inc x 7 (14)
Rnd 3: (sc, inc) x 7 (21)
Rnd 4: sc in BLO around (21)
Rnd 5: sc around (21)
Rnd 6: sl st in each st around (21)
Break yarn. Hide the end.`,
    parts: [{ name: "Bowl", counts: [7, 14, 21, 21, 21, 21] }],
  },
  {
    hand: "numbers first, no labels, dashes",
    text: `Chestnut
1 – 6 sc in MR – 6
2 – inc × 6 – 12
3 – (1 sc, inc) × 6 – 18
4 to 6 – sc – 18
7 – (1 sc, dec) × 6 – 12
8 – dec × 6 – 6`,
    parts: [{ name: "Chestnut", counts: [6, 12, 18, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "two ways for small and large, only one is counted",
    text: `Egg cosy
Rnd 1: 8 hdc in magic ring, join (8)
Rnd 2: ch 1, 2 hdc in each st, join (16)
Rnd 3: ch 1, (hdc, 2 hdc in next st) x 8, join (24)
Rnds 4–7: ch 1, hdc in each st, join (24)
Rnd 8: ch 1, crab stitch in each st, join (24)`,
    parts: [{ name: "Egg cosy", worked: "joined", counts: [8, 16, 24, 24, 24, 24, 24, 24] }],
  },
  {
    hand: "assembly with numbered steps that hold stitch words",
    text: `Tail
1: 4 sc in MR (4)
2: inc in each st (8)
3: 8 sc (8)
4: 8 sc (8)

Assembly
1: Pin the tail to the back, between rounds 8 and 10.
2: Whip stitch all 8 sc to the body.
3: Insert the 6 mm eyes between rounds 5 and 6, 4 sts apart.
4: Embroider the nose with 3 stitches.`,
    parts: [{ name: "Tail", counts: [4, 8, 8, 8] }],
  },
];
