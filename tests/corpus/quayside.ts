import type { Case } from "./case";

/**
 * Hands that tell a round's length, kind or colour beside its work. Each was read once before anything was
 * mended.
 */
export const QUAYSIDE: readonly Case[] = [
  {
    hand: "blog, narrative with bold-like headings and 'Round N.'",
    text: `Little Whale Keychain

Hi everyone! This little whale took me about an hour. I used cotton yarn and a 2.5 mm hook.

You will need
- blue cotton, about 12 g
- white cotton, a few metres
- 2 safety eyes, 6 mm
- fibrefill
- key ring

THE BODY

Begin with blue.
Round 1. Make a magic ring and work 6 sc into it. [6]
Round 2. Work 2 sc in every stitch. [12]
Round 3. *1 sc in the next st, 2 sc in the next st*, repeat from * to * 6 times in total. [18]
Round 4. *1 sc in each of the next 2 sts, 2 sc in the next st*, repeat 6 times. [24]
Rounds 5 to 8. 1 sc in every stitch. [24 each round]
Insert the eyes between rounds 6 and 7, about 8 stitches apart.
Round 9. *1 sc in each of the next 2 sts, decrease*, repeat 6 times. [18]
Round 10. *1 sc, decrease*, repeat 6 times. [12]
Fill the body with fibrefill, not too tight.
Round 11. Decrease all the way around. [6]
Cut the yarn and sew the hole shut.

THE TAIL FIN (make two)

Round 1. 4 sc into a magic ring. [4]
Round 2. 2 sc in every stitch. [8]
Round 3. 1 sc in every stitch. [8]
Flatten and sew to the back.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "TAIL FIN", make: 2, counts: [4, 8, 8] },
    ],
  },
  {
    hand: "compact, semi-colons between repeats, 'st' counts in <>",
    text: `MUSHROOM CHARM

Cap (red)
1: MR 6 <6>
2: inc*6 <12>
3: (1, inc)*6 <18>
4: (2, inc)*6 <24>
5: 24 <24>
6: 24 <24>
7: BLO (2, dec)*6 <18>
8: (1, dec)*6 <12>
FO

Stalk (cream)
1: MR 6 <6>
2: inc*6 <12>
3: BLO 12 <12>
4-6: 12 <12>
FO, leave tail. Stuff the stalk, sew to cap.`,
    parts: [
      { name: "Cap", counts: [6, 12, 18, 24, 24, 24, 18, 12] },
      { name: "Stalk", counts: [6, 12, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "UK magazine, 'Round 3 (inc)', dc, times words",
    text: `CHRISTMAS PUDDING
Using brown, make a magic ring.
Round 1 6dc into ring. 6 sts
Round 2 (inc) 2dc in each st. 12 sts
Round 3 (inc) (1dc, 2dc in next st) 6 times. 18 sts
Round 4 (inc) (2dc, 2dc in next st) 6 times. 24 sts
Rounds 5-7 Dc in each st. 24 sts
Change to cream.
Rounds 8-9 Dc in each st. 24 sts
Round 10 (dec) (2dc, dc2tog) 6 times. 18 sts
Round 11 (dec) (1dc, dc2tog) 6 times. 12 sts
Stuff firmly.
Round 12 (dec) (dc2tog) 6 times. 6 sts
Fasten off and close the gap.

HOLLY LEAVES (make 2)
Using green, ch 7.
Row 1 Sl st in 2nd ch from hook, dc in next ch, htr in next ch, dc in next ch, sl st in next ch, sl st in last ch. 6 sts
Fasten off.`,
    parts: [
      { name: "CHRISTMAS PUDDING", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "HOLLY LEAVES", make: 2, counts: [6] },
    ],
  },
  {
    hand: "table-like columns, tab: round, instruction, count",
    text: `Bee

Body		
Round	Instructions	Stitches
1	6 sc in magic ring (yellow)	6
2	inc in each st	12
3	(sc, inc) x 6 (black)	18
4	sc in each st	18
5	sc in each st (yellow)	18
6	sc in each st	18
7	sc in each st (black)	18
8	(sc, dec) x 6	12
9	dec x 6 (yellow)	6

Wings (make 2), white		
Round	Instructions	Stitches
1	5 sc in magic ring	5
2	inc in each st	10
3	sc in each st	10`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [5, 10, 10] },
    ],
  },
  {
    hand: "numbers with R and dots, side remarks in brackets after totals",
    text: `Frog egg-sized

HEAD+BODY (green)
R1. 6sc in mr (6) (tight!)
R2. 6inc (12)
R3. [1sc, 1inc] x6 (18)
R4. [2sc, 1inc] x6 (24)
R5-9. 24sc (24) (place a marker at R7)
R10. [2sc, 1dec] x6 (18)
R11. 18sc (18)
R12. [2sc, 1inc] x6 (24)
R13-15. 24sc (24)
R16. [2sc, 1dec] x6 (18)
Stuff now, neck firmly
R17. [1sc, 1dec] x6 (12)
R18. 6dec (6)
Close.

EYE BULGES ×2 (green)
R1. 6sc in mr (6)
R2-3. 6sc (6)
FO, tail.

FEET ×2 (green)
R1. 5sc in mr (5)
R2. 5inc (10)
R3. 10sc (10)
R4. 5dec (5)`,
    parts: [
      { name: "HEAD+BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "EYE BULGES", make: 2, counts: [6, 6, 6] },
      { name: "FEET", make: 2, counts: [5, 10, 10, 5] },
    ],
  },
  {
    hand: "'Sc in next 3, inc' style, x before number, plain English",
    text: `Snowman ornament

Bottom ball
Rnd 1: Start with a magic circle with 6 single crochet (6)
Rnd 2: Increase in each stitch (12)
Rnd 3: Single crochet in next stitch, increase in next stitch, x 6 (18)
Rnd 4: Single crochet in next 2 stitches, increase in next stitch, x 6 (24)
Rnd 5-8: Single crochet in each stitch (24)
Rnd 9: Single crochet in next 2 stitches, invisible decrease, x 6 (18)
Rnd 10: Single crochet in next stitch, invisible decrease, x 6 (12)
Stuff.
Continue for the head:
Rnd 11: Single crochet in next stitch, increase in next stitch, x 6 (18)
Rnd 12-14: Single crochet in each stitch (18)
Rnd 15: Single crochet in next stitch, invisible decrease, x 6 (12)
Stuff the head.
Rnd 16: Invisible decrease x 6 (6)
Fasten off.

Scarf
Chain 41. Starting in the second chain from the hook, single crochet in each chain across (40). Fasten off.`,
    parts: [
      { name: "Bottom ball", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Scarf", counts: [40] },
    ],
  },
  {
    hand: "'inc 6 times' with dashes, colours in square brackets",
    text: `Toucan

Body [black]
r1 - 6 sc into mr - 6
r2 - inc 6 times - 12
r3 - 1 sc, inc - repeat 6 times - 18
r4 - 2 sc, inc - repeat 6 times - 24
r5 to r7 - sc all around - 24
r8 - 6 sc [black], 6 sc [white], 12 sc [black] - 24
r9 - 5 sc [black], 8 sc [white], 11 sc [black] - 24
r10 - 2 sc, dec - repeat 6 times [black] - 18
r11 - 1 sc, dec - repeat 6 times - 12
stuff
r12 - dec 6 times - 6

Beak [orange]
r1 - 4 sc into mr - 4
r2 - 1 sc, inc - repeat 2 times - 6
r3 and r4 - sc all around - 6`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Beak", counts: [4, 6, 6, 6] },
    ],
  },
  {
    hand: "rows panel: scarf-like bookmark with shaping",
    text: `Fox bookmark

Head - orange
Ch 3.
Row 1: Sc in 2nd ch from hook and in next ch. Turn. (2)
Row 2: Ch 1, 2 sc in each st. Turn. (4)
Row 3: Ch 1, 2 sc in first st, sc in next 2 sts, 2 sc in last st. Turn. (6)
Row 4: Ch 1, sc in each st across. Turn. (6)
Row 5: Ch 1, 2 sc in first st, sc to last st, 2 sc in last st. Turn. (8)
Row 6: Ch 1, sc in each st across. Turn. (8)
Row 7: Ch 1, sc in first 3 sts. Leave the rest. (3)
Fasten off.

Strip - orange
Ch 31.
Row 1: Hdc in 2nd ch from hook and in each ch across. (30)
Row 2: Ch 1, turn, hdc in each st. (30)`,
    parts: [
      { name: "Head", counts: [2, 4, 6, 6, 8, 8, 3] },
      { name: "Strip", counts: [30, 30] },
    ],
  },
  {
    hand: "markdown bullets with rounds as list, inline code totals",
    text: `# Avocado

## Half (make 2)

**Yarn:** dark green, then light green

* **R1** 6 sc in MR \`6\`
* **R2** (inc) × 6 \`12\`
* **R3** (sc 1, inc) × 6 \`18\`
* **R4** sc 6, hdc 2, hdc-inc 2, hdc 2, sc 6 \`20\`
* **R5** sc 20, switch to light green \`20\`

## Stone

* **R1** 6 sc in MR, brown \`6\`
* **R2** (inc) × 6 \`12\`
* **R3–R4** sc 12 \`12\`
* **R5** (dec) × 6 \`6\``,
    parts: [
      { name: "Half", make: 2, counts: [6, 12, 18, 20, 20] },
      { name: "Stone", counts: [6, 12, 12, 12, 6] },
    ],
  },
  {
    hand: "ear flap hat for a doll: joined hdc rounds, ch 2 not counting",
    text: `Doll hat

Note: ch 2 does not count as a stitch.
Rnd 1: Ch 2, 8 hdc in magic ring, sl st to first hdc. (8)
Rnd 2: Ch 2, 2 hdc in each st around, join. (16)
Rnd 3: Ch 2, *hdc in next st, 2 hdc in next st; rep from * around, join. (24)
Rnds 4-5: Ch 2, hdc in each st around, join. (24)
Fasten off.

Ear flap (make 2)
Join yarn at the edge.
Row 1: Ch 1, sc in next 5 sts, turn. (5)
Row 2: Ch 1, sc2tog, sc, sc2tog, turn. (3)
Row 3: Ch 1, sc3tog. (1)
Ch 15 for the tie, fasten off.`,
    parts: [
      { name: "Doll hat", counts: [8, 16, 24, 24, 24] },
      { name: "Ear flap", make: 2, counts: [5, 3, 1] },
    ],
  },
  {
    hand: "totals behind the sentence 'You should have 18'",
    text: `Cactus in a pot

Cactus:
Round 1: In green, make a magic ring with 6 sc. You should have 6 stitches.
Round 2: Inc in each st. You should have 12 stitches.
Round 3: (Sc 1, inc 1) around. You should have 18 stitches.
Rounds 4-10: Sc in each st. You should have 18 stitches at the end of each round.
Stuff and leave open.

Pot:
Round 1: In terracotta, make a magic ring with 6 sc. You should have 6 stitches.
Round 2: Inc in each st. You should have 12 stitches.
Round 3: (Sc 1, inc 1) around. You should have 18 stitches.
Round 4: In back loops only, sc in each st. You should have 18 stitches.
Rounds 5-7: Sc in each st.
Round 8: In front loops only, (sc 2, inc 1) around. You should have 24 stitches.
Put the cactus into the pot and sew around.`,
    parts: [
      { name: "Cactus", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 18] },
      { name: "Pot", counts: [6, 12, 18, 18, 18, 18, 18, 24] },
    ],
  },
  {
    hand: "Etsy-like tidy with 'Rd.' and '[x6]' and separate colour lines",
    text: `TINY HEDGEHOG

Abbreviations: sc - single crochet, inc - increase, dec - decrease, MC - magic circle, st(s) - stitch(es)

1. BODY
(beige yarn)
Rd. 1: 4 sc in MC [4]
Rd. 2: (1 sc, inc) x2 [6]
Rd. 3: (1 sc, inc) x3 [9]
Rd. 4: (2 sc, inc) x3 [12]
(brown yarn)
Rd. 5: inc x12 [24]
Rd. 6-11: sc in each st [24]
Rd. 12: (2 sc, dec) x6 [18]
Rd. 13: (1 sc, dec) x6 [12]
Stuff
Rd. 14: dec x6 [6]
Cut the yarn, leaving a long tail for sewing the opening shut.

2. EARS (beige yarn, make 2)
Rd. 1: 5 sc in MC [5]
Leave a tail.

3. ASSEMBLY
Sew the ears between Rd. 5 and 6, about 4 sts apart. Embroider the nose with black yarn.`,
    parts: [
      { name: "BODY", counts: [4, 6, 9, 12, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "EARS", make: 2, counts: [5] },
    ],
  },
  {
    hand: "formal: 'Work 1 sc into each of next 3 sc, 2 sc into next sc; rep from *'",
    text: `ROBIN

BODY AND HEAD
With brown yarn, make a slip ring.
1st round: Work 6 sc into ring. (6 sc)
2nd round: Work 2 sc into each sc to end. (12 sc)
3rd round: * Work 1 sc into next sc, 2 sc into next sc; rep from * to end. (18 sc)
4th round: * Work 1 sc into each of next 2 sc, 2 sc into next sc; rep from * to end. (24 sc)
5th round: * Work 1 sc into each of next 3 sc, 2 sc into next sc; rep from * to end. (30 sc)
6th to 10th rounds: Work 1 sc into each sc to end. (30 sc)
11th round: * Work 1 sc into each of next 3 sc, sc2tog; rep from * to end. (24 sc)
12th round: * Work 1 sc into each of next 2 sc, sc2tog; rep from * to end. (18 sc)
13th round: Work 1 sc into each sc to end. (18 sc)
14th round: * Work 1 sc into next sc, sc2tog; rep from * to end. (12 sc)
Stuff body.
15th round: (Sc2tog) 6 times. (6 sc)
Fasten off.

BREAST
With red yarn, make a slip ring.
1st round: Work 7 sc into ring. (7 sc)
2nd round: Work 2 sc into each sc to end. (14 sc)
3rd round: * Work 1 sc into next sc, 2 sc into next sc; rep from * to end. (21 sc)
Fasten off, leaving a length of yarn.

WINGS (Make 2)
With brown yarn, make 5 ch.
1st row: Work 1 sc into 2nd ch from hook, 1 sc into each of next 3 ch. Turn. (4 sc)
2nd row: 1 ch, 1 sc into each sc to end. Turn. (4 sc)
3rd row: 1 ch, sc2tog, 1 sc into each of next 2 sc. Turn. (3 sc)
4th row: 1 ch, sc3tog. (1 sc)
Fasten off.`,
    parts: [
      { name: "BODY AND HEAD", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 18, 12, 6] },
      { name: "BREAST", counts: [7, 14, 21] },
      { name: "WINGS", make: 2, counts: [4, 4, 3, 1] },
    ],
  },
  {
    hand: "two colour tapestry heart key fob: in each 'N colour'",
    text: `Heart pocket charm

A: white  B: red

Front
R1: With A, 8 sc in MR. (8)
R2: With A, inc in each st. (16)
R3: *With A sc, with B inc; rep from * around. (24)
R4: *With A 2 sc, with B inc; rep from * around. (32)
R5: With B, sc in each st around. (32)
Fasten off both colours.

Back
Work as front, rounds 1-5, in A only.`,
    parts: [
      { name: "Front", counts: [8, 16, 24, 32, 32] },
      { name: "Back", counts: [8, 16, 24, 32, 32] },
    ],
  },
  {
    hand: "numbered list 1. 2. 3. with sentences in each, count in trailing sentence",
    text: `Mini pumpkin

Orange
1. Magic circle with 6 single crochets. 6 st.
2. Two single crochets in each stitch. 12 st.
3. One single crochet, then two in the next one. Repeat all the way round. 18 st.
4. Two single crochets, then two in the next one. Repeat all the way round. 24 st.
5. Single crochet all the way round for this row and the next three (rows 5, 6, 7 and 8). 24 st.
9. Two single crochets, then one decrease. Repeat all the way round. 18 st.
10. One single crochet, then one decrease. Repeat all the way round. 12 st.
Stuff it well.
11. Six decreases. 6 st.
Sew shut.`,
    parts: [{ name: "Mini pumpkin", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "oval base pouch/slipper then up, chains",
    text: `Boat bath toy ornament

HULL — blue
Chain 8.
Round 1: Inc in 2nd chain from hook, 5 sc, 4 sc in last chain. Working along the other side: 5 sc, inc in last chain. (18)
Round 2: Inc x2, 5 sc, inc x4, 5 sc, inc x2. (26)
Round 3: BLO sc around. (26)
Rounds 4-5: Sc around. (26)
Fasten off.

CABIN — white
Round 1: 6 sc in a magic ring. (6)
Round 2: Inc around. (12)
Round 3: BLO sc around. (12)
Rounds 4-5: Sc around. (12)
Fasten off. Stuff lightly and sew into the hull.

FUNNEL — red
Round 1: 5 sc in a magic ring. (5)
Rounds 2-3: Sc around. (5)
Fasten off.`,
    parts: [
      { name: "HULL", counts: [18, 26, 26, 26, 26] },
      { name: "CABIN", counts: [6, 12, 12, 12, 12] },
      { name: "FUNNEL", counts: [5, 5, 5] },
    ],
  },
  {
    hand: "arms and legs in one section with x2 in brackets after each",
    text: `MONKEY PARTS LIST

Head, brown, 1x
R1 MR6 (6)
R2 6 inc (12)
R3 (1 sc 1 inc) 6x (18)
R4 (2 sc 1 inc) 6x (24)
R5-R8 24 sc (24)
R9 (2 sc 1 dec) 6x (18)
R10 (1 sc 1 dec) 6x (12)
R11 6 dec (6)

Muzzle, beige, 1x
R1 MR6 (6)
R2 6 inc (12)
R3 12 sc (12)

Ears, brown, 2x
R1 MR5 (5)
R2 5 inc (10)

Arms, brown, 2x
R1 MR5 (5)
R2 (4 sc 1 inc) (6)
R3-R8 6 sc (6)

Tail, brown, 1x
R1 MR4 (4)
R2-R12 4 sc (4)`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Muzzle", counts: [6, 12, 12] },
      { name: "Ears", make: 2, counts: [5, 10] },
      { name: "Arms", make: 2, counts: [5, 6, 6, 6, 6, 6, 6, 6] },
      { name: "Tail", counts: [4, 4, 4, 4, 4, 4, 4, 4, 4, 4, 4, 4] },
    ],
  },
  {
    hand: "asterisks as bullets + rounds as 'Round 1 (MC):'",
    text: `* LITTLE SEAL *

~ BODY ~
Round 1 (grey): 6 sc in MC (6)
Round 2: inc x6 (12)
Round 3: (sc, inc) x6 (18)
Round 4: (2sc, inc) x6 (24)
Round 5: (3sc, inc) x6 (30)
Round 6-9: sc around (30)
Round 10: (3sc, dec) x6 (24)
Round 11: sc around (24)
Round 12: (2sc, dec) x6 (18)
* Start stuffing *
Round 13: sc around (18)
Round 14: (sc, dec) x6 (12)
Round 15-16: sc around (12)
Round 17: dec x6 (6)
* FO and close *

~ FLIPPERS (x2) ~
Round 1 (grey): 4 sc in MC (4)
Round 2: (sc, inc) x2 (6)
Round 3: sc around (6)
* Don't stuff *

~ TAIL (x2) ~
Round 1 (grey): 4 sc in MC (4)
Round 2: inc x4 (8)
* Don't stuff, flatten *`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 24, 18, 18, 12, 12, 12, 6] },
      { name: "FLIPPERS", make: 2, counts: [4, 6, 6] },
      { name: "TAIL", make: 2, counts: [4, 8] },
    ],
  },
  {
    hand: "slash separated: '1/ 6 sc mr'",
    text: `Acorn

Nut (tan)
1/ 6 sc in mr = 6
2/ inc x6 = 12
3/ (1 sc, inc) x6 = 18
4-8/ sc = 18
9/ (1 sc, dec) x6 = 12
10/ dec x6 = 6

Cap (brown)
1/ 6 sc in mr = 6
2/ inc x6 = 12
3/ (1 sc, inc) x6 = 18
4/ (2 sc, inc) x6 = 24
5-6/ sc = 24`,
    parts: [
      { name: "Nut", counts: [6, 12, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Cap", counts: [6, 12, 18, 24, 24, 24] },
    ],
  },
  {
    hand: "row totals '- 10 sts -' and 'alternating'",
    text: `Bookworm

Head in lime:
Round 1 - 6 sc in magic ring - 6 sts
Round 2 - inc in every st - 12 sts
Round 3 - alternating 1 sc and 1 inc around - 18 sts
Round 4 to 6 - sc in every st - 18 sts
Round 7 - alternating 1 sc and 1 dec around - 12 sts
Stuff.
Round 8 - dec around - 6 sts

Body in lime:
Ch 61. Row 1 - sc in the 2nd chain from the hook and in every chain - 60 sts`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Body", counts: [60] },
    ],
  },
  {
    hand: "round numbers in words with colon and total in square brackets before period",
    text: `Blueberry

Round one: Make 6 single crochet into a magic circle [6].
Round two: Increase in every stitch [12].
Round three: Single crochet one, increase one, around [18].
Rounds four through six: Single crochet around [18].
Round seven: Single crochet one, decrease one, around [12].
Stuff lightly.
Round eight: Decrease around [6].
For the crown, (ch 2, sl st in the next st) five times around the opening. Finish off.`,
    parts: [{ name: "Blueberry", counts: [6, 12, 18, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "crossed rows, ribbed hat in blo rows then sew",
    text: `Mini beanie

With wool, ch 9.
Row 1: sc in 2nd ch from hook and in each ch across (8)
Row 2: ch 1, turn, blo sc in each st across (8)
Rows 3-20: repeat row 2
Sl st the short ends together. Fasten off.
Weave the yarn through one long edge, pull tight and close.`,
    parts: [{ name: "Mini beanie", counts: [8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8] }],
  },
  {
    hand: "fish: fins worked out of flat, tail joined halves pinched",
    text: `FISH — orange

Body
Rnd 1. sc 6 in MR (6)
Rnd 2. sc 1, inc 1, sc 1, inc 1, sc 1, inc 1 (9)
Rnd 3. sc 2, inc 1, sc 2, inc 1, sc 2, inc 1 (12)
Rnd 4. sc 3, inc 1, sc 3, inc 1, sc 3, inc 1 (15)
Rnd 5. sc 4, inc 1, sc 4, inc 1, sc 4, inc 1 (18)
Rnd 6-10. sc 18 (18)
Rnd 11. sc 1, dec 1, sc 1, dec 1, sc 1, dec 1, sc 1, dec 1, sc 1, dec 1, sc 1, dec 1 (12)
Stuff now.
Rnd 12. dec 6 (6)
Rnd 13. inc 6 (12)
Rnd 14. sc 12 (12)
Rnd 15. Flatten and sc 6 through both layers (6)
Fasten off.

Fin (make 2)
Rnd 1. sc 4 in MR (4)
Rnd 2. inc 4 (8)
Fasten off, fold and sew on.`,
    parts: [
      { name: "Body", counts: [6, 9, 12, 15, 18, 18, 18, 18, 18, 18, 12, 6, 12, 12, 6] },
      { name: "Fin", make: 2, counts: [4, 8] },
    ],
  },
  {
    hand: "stitch counts in words '(12 stitches total)' and inc2 notation",
    text: `Little Chick

Yellow:
Rnd 1: 6 sc in magic ring (6 stitches total)
Rnd 2: inc2 in each st (12 stitches total)
Rnd 3: *sc1, inc2*, repeat *-* around (18 stitches total)
Rnd 4: *sc2, inc2*, repeat *-* around (24 stitches total)
Rnd 5 – Rnd 9: sc around (24 stitches total)
Rnd 10: *sc2, dec2*, repeat *-* around (18 stitches total)
Rnd 11: *sc1, dec2*, repeat *-* around (12 stitches total)
Stuff
Rnd 12: dec2 around (6 stitches total)

Where "inc2" means 2 sc in the same stitch and "dec2" means sc 2 together.`,
    parts: [{ name: "Little Chick", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "two-column with | and emoji bullets, hooks lines",
    text: `🐢 TURTLE 🐢

🧶 green DK, 🪝 2.5 mm

🐢 SHELL (dark green)
▫️R1: 6sc in MR | 6
▫️R2: 6inc | 12
▫️R3: (1sc, inc)*6 | 18
▫️R4: (2sc, inc)*6 | 24
▫️R5–R7: 24sc | 24
▫️Sl st, cut the yarn.

🐢 BELLY (light green)
▫️R1: 6sc in MR | 6
▫️R2: 6inc | 12
▫️R3: (1sc, inc)*6 | 18
▫️R4: (2sc, inc)*6 | 24

🐢 LEGS ×4 (light green)
▫️R1: 5sc in MR | 5
▫️R2: 5sc | 5
▫️R3: 5sc | 5

🐢 HEAD (light green)
▫️R1: 6sc in MR | 6
▫️R2: 6inc | 12
▫️R3–R4: 12sc | 12
▫️R5: (2sc, dec)*3 | 9
▫️R6: 9sc | 9`,
    parts: [
      { name: "SHELL", counts: [6, 12, 18, 24, 24, 24, 24] },
      { name: "BELLY", counts: [6, 12, 18, 24] },
      { name: "LEGS", make: 4, counts: [5, 5, 5] },
      { name: "HEAD", counts: [6, 12, 12, 12, 9, 9] },
    ],
  },
];
