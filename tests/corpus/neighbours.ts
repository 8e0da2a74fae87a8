import type { Case } from "./case";

/**
 * Short patterns of plain hands, each put down with its counts before it was read: no two write alike.
 */
export const NEIGHBOURS: readonly Case[] = [
  {
    hand: "of the plain hands, d6: 1. Little Vole",
    text: `Little Vole
I used leftover 8-ply and a 3mm hook.

HEAD
1. 6 sc in a magic ring. 6
2. Increase in every st. 12
3. Increase every 2nd st. 18
4. Increase every 3rd st. 24
5-7. Work even. 24
8. Decrease every 3rd st. 18
Put in 6 mm eyes between rounds 5 and 6, stuff.
9. Decrease every 2nd st. 12
10. Decrease all round. 6
Close up.

BODY
1. 6 sc in a magic ring. 6
2. Increase in every st. 12
3. Increase every 2nd st. 18
4-5. Work even. 18
6. Decrease every 5th st. 15
7. Work even. 15
8. Decrease every 4th st. 12
Leave long end to sew.

EARS - 2
1. 6 sc in a magic ring. 6
2. Increase every 2nd st. 9
3-4. Work even. 9
Flatten.

TAIL
1. 5 sc in a magic ring. 5
2. Increase in every st. 10
3. Work even. 10
4. Decrease all round. 5`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "BODY", counts: [6, 12, 18, 18, 18, 15, 15, 12] },
      { name: "EARS", make: 2, counts: [6, 9, 9, 9] },
      { name: "TAIL", counts: [5, 10, 10, 5] },
    ],
  },
  {
    hand: "of the plain hands, d6: 2. PENGUIN BAUBLE  (skill: ",
    text: `PENGUIN BAUBLE  (skill: easy)

Body, black
R1 6x
R2 6v (12)
R3 (x, v)*6 (18)
R4 (2x, v)*6 (24)
R5 (3x, v)*6 (30)
R6-R9 30x
R10 (3x, a)*6 (24)
R11 (2x, a)*6 (18)
stuff
R12 (x, a)*6 (12)
R13 6a (6)

Feet, orange, 2 pcs
R1 6x
R2 6v (12)
R3 12x
fold flat, sew to body

x single crochet; v increase; a decrease`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Feet", make: 2, counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, d6: 3. Toadstool pin cushion",
    text: `Toadstool pin cushion

Cap (red)
Begin with a magic loop. Work 7 dc into the loop. (7 sts)
Round 2: 2 dc into each dc. (14 sts)
Round 3: *1 dc into next dc, 2 dc into next dc* repeat to end. (21 sts)
Round 4: *1 dc into each of next 2 dc, 2 dc into next dc* repeat to end. (28 sts)
Rounds 5 - 6: 1 dc into each dc. (28 sts)
Fasten off leaving a long end.

Stem (white)
Begin with a magic loop. Work 6 dc into the loop. (6 sts)
Rounds 2 - 4: 1 dc into each dc. (6 sts)
Round 5: *1 dc into next dc, 2 dc into next dc* repeat to end. (9 sts)
Fasten off. Stuff.

Spots (white, make 5)
Begin with a magic loop. Work 6 dc into the loop. Slip stitch to join. Fasten off.

Making up: Sew the spots on the cap, then cap to stem.`,
    parts: [
      { name: "Cap", counts: [7, 14, 21, 28, 28, 28] },
      { name: "Stem", counts: [6, 6, 6, 6, 9] },
      { name: "Spots", make: 5, counts: [6] },
    ],
  },
  {
    hand: "of the plain hands, d6: 4. Acorn garland",
    text: `Acorn garland

Acorn
Round 1 (right side): 6 sc in ring.
Round 2: 2 sc in each sc around: 12 sc.
Round 3: (Sc in next sc, 2 sc in next sc) 6 times: 18 sc.
Rounds 4 and 5: Sc in each sc around.
Round 6: (Sc in next sc, sc2tog) 6 times: 12 sc.
Stuff firmly.
Round 7: Sc2tog 6 times: 6 sc. Fasten off, leaving a long tail; weave through and pull closed.

Cap
Round 1: 6 sc in ring.
Round 2: 2 sc in each sc around: 12 sc.
Round 3: (Sc in next sc, 2 sc in next sc) 6 times: 18 sc.
Round 4: Working in back loops only, sc in each sc around. Fasten off, leaving a tail for sewing.

Leaf (make 3)
Ch 8.
Row 1: Sc in second ch from hook and in next 5 ch, 3 sc in last ch; working along opposite side of chain, sc in next 5 ch.
Fasten off.`,
    parts: [
      { name: "Acorn", counts: [6, 12, 18, 18, 18, 12, 6] },
      { name: "Cap", counts: [6, 12, 18, 18] },
      { name: "Leaf", make: 3, counts: [14] },
    ],
  },
  {
    hand: "of the plain hands, d6: 5. Lion cub keychain",
    text: `Lion cub keychain

MATERIALS
• worsted in tan and rust
• 2 × 8 mm safety eyes
• hook 3.25 mm

~ Head ~ tan
Rd1 ⇒ 6 sc in mc ⇒ 6
Rd2 ⇒ inc×6 ⇒ 12
Rd3 ⇒ [sc, inc]×6 ⇒ 18
Rd4 ⇒ [2sc, inc]×6 ⇒ 24
Rd5 ⇒ [3sc, inc]×6 ⇒ 30
Rd6–9 ⇒ 30 sc ⇒ 30
Rd10 ⇒ [3sc, dec]×6 ⇒ 24
Rd11 ⇒ [2sc, dec]×6 ⇒ 18
Stuff.
Rd12 ⇒ [sc, dec]×6 ⇒ 12
Sew closed.

~ Ear ~ tan, ×2
Rd1 ⇒ 6 sc in mc ⇒ 6
Rd2 ⇒ 6 sc ⇒ 6

~ Mane ~ rust
Ch 31
Row1 ⇒ sc in 2nd ch from hook, sc across ⇒ 30
Row2 ⇒ ch 1, turn, 3 sc in each st ⇒ 90
Wrap round the face and sew.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Ear", make: 2, counts: [6, 6] },
      { name: "Mane", counts: [30, 90] },
    ],
  },
  {
    hand: "of the plain hands, d6: 6. Mini pumpkin -- hook D (",
    text: `Mini pumpkin -- hook D (3.25mm) -- worsted orange + green

PUMPKIN
R1: 7 sc in MR
R2: *inc* (14)
R3: *inc, sc* (21)
R4: *inc, 2 sc* (28)
R5 thru R7: sc (28)
R8: *dec, 2 sc* (21)
R9: *dec, sc* (14)
Stuff!
R10: *dec* (7)
FO, sew shut; wrap yarn around to form segments.

STALK
R1: 5 sc in MR
R2 thru R4: sc (5)
FO, sew on top.`,
    parts: [
      { name: "PUMPKIN", counts: [7, 14, 21, 28, 28, 28, 28, 21, 14, 7] },
      { name: "STALK", counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, d6: 7. No-sew bunny (nearly)",
    text: `No-sew bunny (nearly)

Color A = cream, color B = blue
Head & body in one, start at top of head with A:
R1. mr 6
R2. 6 inc (12)
R3. [sc, inc] x 6 (18)
R4. [2 sc, inc] x 6 (24)
R5-9. 24 sc (5 rounds)
Eyes between R7 and R8, 5 sts apart
R10. [2 sc, dec] x 6 (18)
R11. [sc, dec] x 6 (12)
stuff head
R12. 6 dec (6)
Body, B:
R1. mr 6 (6)
R2. 6 inc (12)
R3. [sc, inc] x 6 (18)
R4-6. 18 sc
Ears (A, x2)
R1. mr 6
R2. 6 sc
R3. [sc, inc] x 3 (9)
R4. 9 sc
R5. [sc, dec] x 3 (6)
Legs (A, x2)
R1. mr 5
R2-3. 5 sc`,
    parts: [
      { name: "Head & body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Body", counts: [6, 12, 18, 18, 18, 18] },
      { name: "Ears", make: 2, counts: [6, 6, 9, 9, 6] },
      { name: "Legs", make: 2, counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, s1: 8. R1 6 sc; R2 12 sc; R3-R4",
    text: `R1 6 sc; R2 12 sc; R3-R4 12 sc; R5 6 sc. Close.`,
    parts: [{ name: "Piece", counts: [6, 12, 12, 12, 6] }],
  },
  {
    hand: "of the plain hands, s1: 9. Ball",
    text: `Ball
R1 - 6sc in MR
R2 - inc all (12)
R3 - inc every other (18)
R4 - no inc (18)
R5 - dec every other (12)`,
    parts: [{ name: "Ball", counts: [6, 12, 18, 18, 12] }],
  },
  {
    hand: "of the plain hands, s1: 10. Ears: 5 in ring, inc to ",
    text: `Ears: 5 in ring, inc to 10, 2 rows plain. Two of these.`,
    parts: [{ name: "Ears", make: 2, counts: [5, 10, 10, 10] }],
  },
  {
    hand: "of the plain hands, s1: 11. 4 legs",
    text: `4 legs
6sc mr
3 rounds sc`,
    parts: [{ name: "legs", make: 4, counts: [6, 6, 6, 6] }],
  },
  {
    hand: "of the plain hands, s1: 12. Body",
    text: `Body
* Rnd one: six sc in magic ring
* Rnd two: two sc in each of the six sc (twelve)
* Rnd three: one sc in the next, two in the one after, six times (eighteen)
* Rnd four: one sc in each (eighteen)`,
    parts: [{ name: "Body", counts: [6, 12, 18, 18] }],
  },
  {
    hand: "of the plain hands, s1: 13. Nose: In black, 8 sc in ",
    text: `Nose: In black, 8 sc in a magic ring, join, fasten off with a tail.`,
    parts: [{ name: "Nose", counts: [8] }],
  },
  {
    hand: "of the plain hands, s1: 14. Cone",
    text: `Cone
rnd 1 - 4 sc in ring [4]
rnd 2 and all even rnds - sc around
rnd 3 - (sc, inc) x 2 [6]
rnd 5 - (2 sc, inc) x 2 [8]
rnd 6 - sc around [8]`,
    parts: [{ name: "Cone", counts: [4, 4, 6, 6, 8, 8] }],
  },
  {
    hand: "of the plain hands, s1: 15. Round    Stitches       ",
    text: `Round    Stitches              Count
1        6 sc into ring        6
2        inc x 6               12
3        (sc, inc) x 6         18
4        (2 sc, inc) x 6       24
5, 6     sc around             24
7        (2 sc, dec) x 6       18
8        (sc, dec) x 6         12
9        dec x 6               6`,
    parts: [{ name: "Piece", counts: [6, 12, 18, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, s1: 16. Arm (x2)",
    text: `Arm (x2)
R1: 5 sc mr
R2: inc, sc, inc, 2 sc (7)
R3-5: 7`,
    parts: [{ name: "Arm", make: 2, counts: [5, 7, 7, 7, 7] }],
  },
  {
    hand: "of the plain hands, s1: 17. Head:",
    text: `Head:
1st row. 6 dc in a magic loop.
2nd row. 2 dc in every st. [12]
3rd row. *dc in next st, 2 dc in next; rep from * [18]
4th row. *2 dc, 2 dc in next; rep from * [24]
5th row. dc in every st. [24]`,
    parts: [{ name: "Head", counts: [6, 12, 18, 24, 24] }],
  },
  {
    hand: "of the plain hands, s1: 18. Wings (make two identica",
    text: `Wings (make two identical pieces)
Rd. 1: 6 sts in MR
Rd. 2: 3 incs evenly (9 sts)
Rd. 3: 3 incs evenly (12 sts)
Rd. 4: work even`,
    parts: [{ name: "Wings", make: 2, counts: [6, 9, 12, 12] }],
  },
  {
    hand: "of the plain hands, s1: 19. Pear: R1 MR6. R2 inc (12",
    text: `Pear: R1 MR6. R2 inc (12). R3 [1,inc]6 (18). R4-5 18. R6 [4,dec]3 (15). R7 [3,dec]3 (12). R8 12. R9 [2,dec]3 (9).`,
    parts: [{ name: "Pear", counts: [6, 12, 18, 18, 18, 15, 12, 12, 9] }],
  },
  {
    hand: "of the plain hands, s1: 20. Ball",
    text: `Ball
rnd1 6sc in mc, slst, ch1
rnd2 2sc in ea, slst, ch1 (12)
rnd3 [1sc, 2sc in nxt] rep, slst, ch1 (18)
rnd4 1sc in ea, slst, fo (18)`,
    parts: [{ name: "Ball", counts: [6, 12, 18, 18] }],
  },
  {
    hand: "of the plain hands, s1: 21. Ring: ch 24, join to a r",
    text: `Ring: ch 24, join to a ring without twisting. Rnd 1: sc in each ch (24). Rnd 2: sc around (24). FO.`,
    parts: [{ name: "Ring", counts: [24, 24] }],
  },
  {
    hand: "of the plain hands, s1: 22. Patch (rows)",
    text: `Patch (rows)
Ch 9
Row 1: sc in 2nd ch from hook and across (8)
Row 2-4: ch 1, turn, sc across (8)`,
    parts: [{ name: "Patch", counts: [8, 8, 8, 8] }],
  },
  {
    hand: "of the plain hands, s1: 23. Flag",
    text: `Flag
Row 1: ch 2, sc in 2nd ch from hook (1)
Row 2: ch 1, turn, 2 sc in st (2)
Row 3: ch 1, turn, sc, inc (3)
Row 4: ch 1, turn, sc to last st, inc (4)
Row 5: ch 1, turn, sc to last st, inc (5)`,
    parts: [{ name: "Flag", counts: [1, 2, 3, 4, 5] }],
  },
  {
    hand: "of the plain hands, s1: 24. Ball",
    text: `Ball
1: 6
2: 6 inc
3: 6(1, inc)
4: 6(2, inc)
5: 6(2, dec)`,
    parts: [{ name: "Ball", counts: [6, 12, 18, 24, 18] }],
  },
  {
    hand: "of the plain hands, s1: 25. Body, worked bottom up. ",
    text: `Body, worked bottom up. Round 1: 6 sc in a ring. Round 2: Increase in each stitch around to 12. Round 3: Increase in every other stitch to 18. Round 4: Increase in every third stitch to 24. Rounds 5, 6 and 7: Single crochet around.`,
    parts: [{ name: "Body", counts: [6, 12, 18, 24, 24, 24, 24] }],
  },
  {
    hand: "of the plain hands, s1: 26. BALL:",
    text: `BALL:
Rnd 1: MR, 6 SC. (6)
Rnd 2: 6 INC. (12)
Rnd 3: 1 SC, 1 INC, repeat 6 times. (18)
Rnd 4: 18 SC. (18)
Rnd 5: 1 SC, 1 DEC, repeat 6 times. (12)
Rnd 6: 6 DEC. (6)`,
    parts: [{ name: "BALL", counts: [6, 12, 18, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, s1: 27. R1: 6 sc",
    text: `R1: 6 sc
R2: inc x 6 = 12
R3: inc, 1 x 6 = 18
R4: 18 = 18
R5: dec, 1 x 6 = 12
R6: dec x 6 = 6`,
    parts: [{ name: "Piece", counts: [6, 12, 18, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, s1: 28. Oval base. Ch 4. Rnd 1: ",
    text: `Oval base. Ch 4. Rnd 1: 2 sc in second ch from hook, sc in next, 3 sc in last ch; turn to work in the bottom of the chain, sc in next, sc in last (8). Rnd 2: inc in first, sc, inc in next 3, sc, inc in next 2 (14). Rnds 3-4: sc around (14).`,
    parts: [{ name: "Oval base", counts: [8, 14, 14, 14] }],
  },
  {
    hand: "of the plain hands, s1: 29. Mushroom",
    text: `Mushroom
(1) 6 in magic ring
(2) inc around
(3) 1 sc, inc around
(4) sc around
(5) blo: dec around
(6-7) sc around`,
    parts: [{ name: "Mushroom", counts: [6, 12, 18, 18, 9, 9, 9] }],
  },
  {
    hand: "of the plain hands, s1: 30. Body: R1: 6 sc in MR. R2",
    text: `Body: R1: 6 sc in MR. R2: 6 inc (12). R3: 12 sc (12). Fasten off. Tail: R1: 3 sc in MR. R2: 3 sc (3). Fasten off.`,
    parts: [
      { name: "Body", counts: [6, 12, 12] },
      { name: "Part 2", counts: [3, 3] },
    ],
  },
  {
    hand: "of the plain hands, s1: 31. Body",
    text: `Body
R1-R3: usual start, increase 6 each round (6, 12, 18)
R4-R5: sc around (18)
Spot (make 2): 5 sc in MR`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 18, 18] },
      { name: "Spot", make: 2, counts: [5] },
    ],
  },
  {
    hand: "of the plain hands, s1: 32. Heart. First make two hu",
    text: `Heart. First make two humps: Rnd 1: 6 sc in MR (6). Rnd 2: inc around (12). Rnd 3: sc around (12). Fasten off the first; do not fasten off the second.
Join: sc 12 around the second hump, sc 12 around the first (24)
Rnd 5: (4 sc, dec) x 4 (20)
Rnd 6: (3 sc, dec) x 4 (16)
Rnd 7: (2 sc, dec) x 4 (12)
Rnd 8: (sc, dec) x 4 (8)
Rnd 9: dec x 4 (4)`,
    parts: [
      { name: "First make two humps", make: 2, counts: [6, 12, 12] },
      { name: "Join", counts: [24, 20, 16, 12, 8, 4] },
    ],
  },
  {
    hand: "of the plain hands, s2: 33. Head (light grey)",
    text: `Head (light grey)
Rd 1: 6 sc into MR [6 sts]
Rd 2: inc in each st [12 sts]
Rd 3: (inc, sc in next st) repeat 6 times [18 sts]
Rd 4: (inc, sc in next 2 sts) repeat 6 times [24 sts]
Rd 5 – 6: sc in all 24 sts [24 sts]
Rd 7: (dec, sc in next 2 sts) repeat 6 times [18 sts]
Rd 8: (dec, sc in next st) repeat 6 times [12 sts]
Rd 9: dec 6 times [6 sts]`,
    parts: [{ name: "Head", counts: [6, 12, 18, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, s2: 34. BODY in red - R1 MR 6, R",
    text: `BODY in red - R1 MR 6, R2 6 inc, R3 1/inc x 6, R4 2/inc x 6, R5 even, R6 2/dec x 6.
ARMS in red (2) - R1 MR 5, R2-4 even.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 18] },
      { name: "ARMS", make: 2, counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, s2: 35. Ghost",
    text: `Ghost
Round 1. Six single crochet in a magic ring. Place marker.
Round 2. Two single crochet in each stitch (12).
Round 3. Single crochet in each stitch (12).
Round 4. *Single crochet, increase*, six times (18).
Round 5. Single crochet in each stitch (18).
Round 6. *Two single crochet, increase*, six times (24).
Round 7. Single crochet in each stitch (24). Finish off.`,
    parts: [{ name: "Ghost", counts: [6, 12, 12, 18, 18, 24, 24] }],
  },
  {
    hand: "of the plain hands, s2: 36. Turtle",
    text: `Turtle
Shell in green: 6sc in mr. inc x6. (sc, inc) x6. (2sc, inc) x6. sc 3 rounds. fasten off.
Belly in cream: 6sc in mr. inc x6. (sc, inc) x6. (2sc, inc) x6. fasten off.
Legs x4 in green: 5sc in mr. sc 2 rounds. fasten off.
Head in green: 6sc in mr. inc x6. sc 2 rounds. (sc, dec) x4. fasten off.`,
    parts: [
      { name: "Shell", counts: [6, 12, 18, 24, 24, 24, 24] },
      { name: "Belly", counts: [6, 12, 18, 24] },
      { name: "Legs", make: 4, counts: [5, 5, 5] },
      { name: "Head", counts: [6, 12, 12, 12, 8] },
    ],
  },
  {
    hand: "of the plain hands, s2: 37. Ears (make 2 pink, then ",
    text: `Ears (make 2 pink, then sew flat)
Rnd 1: 6 sts in magic circle.
Rnd 2: double each st = 12
Rnd 3-4: 12 sts even.
Rnd 5: 2 decreases = 10
Rnd 6: 2 decreases = 8`,
    parts: [{ name: "Ears", make: 2, counts: [6, 12, 12, 12, 10, 8] }],
  },
  {
    hand: "of the plain hands, s2: 38. Begin at the bottom.",
    text: `Begin at the bottom.
1) mc, 6sc
2) inc ×6 [12]
3) 1sc+inc ×6 [18]
4) ~ 5) 18sc`,
    parts: [{ name: "Piece", counts: [6, 12, 18, 18, 18] }],
  },
  {
    hand: "of the plain hands, s2: 39. CLOUD: ch 9. 2 sc in 2nd",
    text: `CLOUD: ch 9. 2 sc in 2nd ch from hook, 6 sc, 4 sc in last ch, 6 sc on the other side, 2 sc in the same ch as the first. Join (20).
RAINDROPS (3): Rnd 1: 5 sc in mr. Rnd 2: 5 sc. Rnd 3: sc, inc, sc, inc, inc (8).`,
    parts: [
      { name: "CLOUD", counts: [20] },
      { name: "RAINDROPS", make: 3, counts: [5, 5, 8] },
    ],
  },
  {
    hand: "of the plain hands, s2: 40. Ball ornament, hook 2,5 ",
    text: `Ball ornament, hook 2,5 mm
1. round: 6 sc in magic ring
2. round: 6x inc (12 st)
3. round: 6x (1 sc, inc) (18 st)
4. round: 6x (2 sc, inc) (24 st)
5.-8. round: sc in every st (24 st)
9. round: 6x (2 sc, dec) (18 st)
10. round: 6x (1 sc, dec) (12 st)
11. round: 6x dec (6 st)`,
    parts: [{ name: "Ball ornament", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, s2: 41. Snout, beige. Ch 4, work",
    text: `Snout, beige. Ch 4, work around the chain: Rnd 1: 2 sc in 2nd ch, 1 sc, 2 sc in last; other side 2 sc, 1 sc - count 8. Rnd 2: 2 inc, 1 sc, 3 inc, 1 sc, 1 inc = 14. Rnd 3: sc around = 14.`,
    parts: [{ name: "Snout", counts: [8, 14, 14] }],
  },
  {
    hand: "of the plain hands, s2: 42. Little bee",
    text: `Little bee
A = yellow, B = black
Body
A: R1 6sc MR (6)
A: R2 inc*6 (12)
B: R3 (sc, inc)*6 (18)
A: R4 sc*18 (18)
B: R5 sc*18 (18)
A: R6 sc*18 (18)
B: R7 (sc, dec)*6 (12)
Wings 2x, white
R1 6sc MR (6)
R2 (sc, inc)*3 (9)
R3 sc*9 (9)`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 12] },
      { name: "Wings", make: 2, counts: [6, 9, 9] },
    ],
  },
  {
    hand: "of the plain hands, s2: 43. FISH BODY. Start at nose",
    text: `FISH BODY. Start at nose. R1: 6sc in MR; R2: [1sc, inc] 3 times (9); R3: [2sc, inc] 3 times (12); R4: [3sc, inc] 3 times (15); R5-R6: sc evenly (15); R7: [3sc, dec] 3 times (12); R8: [2sc, dec] 3 times (9); stuff; R9: [1sc, dec] 3 times (6).
TAIL FIN, 2 pieces. R1: 4sc in MR; R2: [1sc, inc] 2 times (6); R3: [2sc, inc] 2 times (8).`,
    parts: [
      { name: "FISH BODY", counts: [6, 9, 12, 15, 15, 15, 12, 9, 6] },
      { name: "TAIL FIN", make: 2, counts: [4, 6, 8] },
    ],
  },
  {
    hand: "of the plain hands, s2: 44. Two legs and body.",
    text: `Two legs and body.
First leg
Rnd 1: 6 sc in MR (6)
Rnd 2: inc around (12)
Rnd 3-4: sc around (12)
Cut yarn.
Second leg
Rnd 1-4: same as the first leg, do not cut yarn.
Body
Rnd 5: ch 2, sc 12 around first leg, sc 2 along ch, sc 12 around second leg, sc 2 along ch (28)
Rnd 6-7: sc around (28)
Rnd 8: (2 sc, dec) x 7 (21)
Rnd 9: (sc, dec) x 7 (14)`,
    parts: [
      { name: "First leg", counts: [6, 12, 12, 12] },
      { name: "Second leg", counts: [6, 12, 12, 12] },
      { name: "Body", counts: [28, 28, 28, 21, 14] },
    ],
  },
  {
    hand: "of the plain hands, s2: 45. Witch hat: start from th",
    text: `Witch hat: start from the tip.
Rnd 1: 6 sc in a MR.
Rnd 2: (sc, inc) x 3. [9]
Rnd 3: (2 sc, inc) x 3. [12]
Rnd 4: sc around. [12]`,
    parts: [{ name: "Witch hat", counts: [6, 9, 12, 12] }],
  },
  {
    hand: "of the plain hands, s2: 46. Ball",
    text: `Ball
Ch 2, 6 sc in 2nd ch from hook.
*2 sc in each st. (12)
*1 sc, 2 sc in next st; repeat. (18)
*2 sc, 2 sc in next st; repeat. (24)
*Sc around. (24)
*2 sc, dec; repeat. (18)
*1 sc, dec; repeat. (12)
*Dec around. (6)`,
    parts: [{ name: "Ball", counts: [6, 12, 18, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, s2: 47. Heart (small)",
    text: `Heart (small)
rnd 1: mr, ch 1, 6 sc, ss
rnd 2: ch 1, 12 sc, ss
rnd 3: ch 1, 18 sc, ss
rnd 4: ch 1, 18 sc, ss`,
    parts: [{ name: "Heart", counts: [6, 12, 18, 18] }],
  },
  {
    hand: "of the plain hands, s2: 48. Antennae (make 2): with ",
    text: `Antennae (make 2): with brown, chain 9. Starting in 2nd chain from hook, slip stitch in each chain. (8)`,
    parts: [{ name: "Antennae", make: 2, counts: [8] }],
  },
  {
    hand: "of the plain hands, s2: 49. Cactus",
    text: `Cactus
r1 - 8sc in mr
r2 - 8inc - 16
r3 - (1sc, 1inc)x8 - 24
r4-r8 - 24
Pot
r1 - 6sc in mr
r2 - 6inc - 12
r3 - (1sc, 1inc)x6 - 18
r4 - (2sc, 1inc)x6 - 24
r5 - blo - 24
r6-7 - 24`,
    parts: [
      { name: "Cactus", counts: [8, 16, 24, 24, 24, 24, 24, 24] },
      { name: "Pot", counts: [6, 12, 18, 24, 24, 24, 24] },
    ],
  },
  {
    hand: "of the plain hands, s2: 50. Beads. Make 2 of these: ",
    text: `Beads. Make 2 of these: magic ring 6 sc; 12; 12; 12; dec all the way to 6.`,
    parts: [{ name: "Beads", make: 2, counts: [6, 12, 12, 12, 6] }],
  },
  {
    hand: "of the plain hands, s2: 51. Mitten garland (for one ",
    text: `Mitten garland (for one mitten, make two)
Round 1  6 sc in ring
Round 2  2 sc in each sc (12 sc)
Rounds 3-5  sc in each sc (12 sc)
Round 6  sc in next 3 sc, popcorn in next sc, sc in remaining sc (12 sc)`,
    parts: [{ name: "Mitten garland", make: 2, counts: [6, 12, 12, 12, 12, 12] }],
  },
  {
    hand: "of the plain hands, s3: 52. Mouse pincushion",
    text: `Mouse pincushion

Body, grey yarn, start at the nose and stuff as you go
Rnd 1 6 sc in magic ring
Rnd 2 (inc) 6 times
Rnd 3 (sc, inc) 6 times
Rnd 4 (2 sc, inc) 6 times
Rnds 5 to 7 sc in each
Rnd 8 (2 sc, dec) 6 times
Rnd 9 (sc, dec) 6 times
close with a needle.

Ears, pink yarn, make 2
Rnd 1 5 sc in magic ring
Rnd 2 inc, sc, inc, 2 sc
Rnd 3 sc in each

Tail, pink
Rnd 1 6 sc in magic ring
Rnd 2 sc in each`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
      { name: "Ears", make: 2, counts: [5, 7, 7] },
      { name: "Tail", counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, s3: 53. Star base, white, make 2",
    text: `Star base, white, make 2
R1 5 sc in mr (5)
R2 inc in every st (10)
R3 *inc, sc 1* repeat (15)
R4 *inc, sc 2* repeat (20)
R5 in BLO: sc in every st (20)`,
    parts: [{ name: "Star base", make: 2, counts: [5, 10, 15, 20, 20] }],
  },
  {
    hand: "of the plain hands, s3: 54. Pumpkin. I work in a spi",
    text: `Pumpkin. I work in a spiral with 3 mm hook.

mr 6
2 in each (12)
*1, 2in1* x6 (18)
*2, 2in1* x6 (24)
*3, 2in1* x6 (30)
3 rounds plain (30)
*3, dec* x6 (24)
*2, dec* x6 (18)
fill
*1, dec* x6 (12)
dec x6 (6)

Stem
mr 5
2 rounds plain (5)`,
    parts: [
      { name: "Pumpkin", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Stem", counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, s3: 55. JELLYFISH (UK terms)",
    text: `JELLYFISH (UK terms)
1st round: Make a magic loop and work 7 dc into it (7 dc)
2nd round: 2 dc in each dc around (14 dc)
3rd round: (1 dc in next dc, 2 dc in next dc) 7 times (21 dc)
4th round: (1 dc in next 2 dc, 2 dc in next dc) 7 times (28 dc)
5th - 8th rounds: 1 dc in each dc (28 dc)
9th round: (1 dc in next 2 dc, dc2tog) 7 times (21 dc)
10th round: (1 dc in next dc, dc2tog) 7 times (14 dc)
11th round: dc2tog 7 times (7 dc)`,
    parts: [{ name: "JELLYFISH", counts: [7, 14, 21, 28, 28, 28, 28, 28, 21, 14, 7] }],
  },
  {
    hand: "of the plain hands, s3: 56. Mug",
    text: `Mug
Rnd 1: Sc 6 in magic ring {6}
Rnd 2: Inc around {12}
Rnd 3: {Sc 1, inc} around {18}
Rnd 4: {Sc 2, inc} around {24}
Rnd 5: BLO sc around {24}
Rnd 6-7: Sc around {24}
FO.
Handle: Ch 9, sc in second ch from hook and next 7. FO.`,
    parts: [
      { name: "Mug", counts: [6, 12, 18, 24, 24, 24, 24] },
      { name: "Handle", counts: [8] },
    ],
  },
  {
    hand: "of the plain hands, s3: 57. Bear head (brown)",
    text: `Bear head (brown)
6 sc in a magic ring                     [6]
2 sc in each st                          [12]
1 sc in next, 2 sc in next, x6           [18]
1 sc in next 2, 2 sc in next, x6         [24]
1 sc in next 3, 2 sc in next, x6         [30]
sc all around for 3 rounds               [30]
1 sc in next 3, sc2tog, x6               [24]
1 sc in next 2, sc2tog, x6               [18]
1 sc in next, sc2tog, x6                 [12]
Muzzle (cream)
6 sc in a magic ring                     [6]
2 sc in each st                          [12]
sc all around                            [12]
Ears (brown, two)
6 sc in a magic ring                     [6]
2 sc in each st                          [12]
sc all around                            [12]`,
    parts: [
      { name: "Bear head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Muzzle", counts: [6, 12, 12] },
      { name: "Ears", make: 2, counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, s3: 58. Egg",
    text: `Egg
R1: 6 sc in MR = 6
R2: 6 inc = 12
R3: (3 sc, inc) x3 = 15
R4: (4 sc, inc) x3 = 18
R5-R7: sc = 18
R8: (4 sc, dec) x3 = 15
Fill with wadding.
R9: (3 sc, dec) x3 = 12
R10: 6 dec = 6`,
    parts: [{ name: "Egg", counts: [6, 12, 15, 18, 18, 18, 18, 15, 12, 6] }],
  },
  {
    hand: "of the plain hands, s3: 59. Chick. Round 1: make 6 s",
    text: `Chick. Round 1: make 6 sc in a ring. Round 2: 2 sc into every stitch, 12. Round 3: 1 sc, then 2 in the next, all the way round, 18. Rounds 4 through 6: one sc into every stitch. Round 7: crochet every two stitches together, 9. Fill before the hole gets small and close.
Beak: 3 sc in a ring in orange. Close, fold, sew.
Wings (two): ch 5; sc in second ch, 2 more sc, 4 sc in the last; on the other side 3 sc (10).`,
    parts: [
      { name: "Chick", counts: [6, 12, 18, 18, 18, 18, 9] },
      { name: "Beak", counts: [3] },
      { name: "Wings", make: 2, counts: [10] },
    ],
  },
  {
    hand: "of the plain hands, s3: 60. Bell",
    text: `Bell
* Ring with 6 sc
* 6 increases - 12
* 6x (1 sc and increase) - 18
* 3 rounds without increase - 18
* Through front loops: 6x (2 sc and increase) - 24`,
    parts: [{ name: "Bell", counts: [6, 12, 18, 18, 18, 18, 24] }],
  },
  {
    hand: "of the plain hands, s3: 61. Shell. Rnd 1: 4 sc mr. R",
    text: `Shell. Rnd 1: 4 sc mr. Rnd 2: inc 1, sc 3 (5). Rnd 3: inc 1, sc 4 (6). Rnd 4: inc 1, sc 5 (7). Rnd 5: inc 1, sc 6 (8).`,
    parts: [{ name: "Shell", counts: [4, 5, 6, 7, 8] }],
  },
  {
    hand: "of the plain hands, s3: 62. Bunny body, color white",
    text: `Bunny body, color white
Round 1 / MR 6 sc / 6
Round 2 / 6 inc / 12
Round 3 / (1 sc, inc)6 / 18
Round 4 / (2 sc, inc)6 / 24
Round 5-6 / sc around / 24
Round 7 / (2 sc, dec)6 / 18
Round 8 / sc around / 18
Round 9 / (1 sc, dec)6 / 12`,
    parts: [{ name: "Bunny body", counts: [6, 12, 18, 24, 24, 24, 18, 18, 12] }],
  },
  {
    hand: "of the plain hands, s3: 63. Whale body",
    text: `Whale body
Rnd 1: Using blue, 6 sc in MR. Do not join; place a marker and move it up each round. (6)
Rnd 2: 2 sc in each st. (12)
Rnd 3: Work 1 sc in the first st, 2 sc in the next st; continue like this to the end of the round. (18)
Rnd 4: Work 1 sc in the first 2 sts, 2 sc in the next st; continue like this to the end of the round. (24)
Rnd 5: Work 1 sc in the first 3 sts, 2 sc in the next st; continue like this to the end of the round. (30)
Rnd 6: Work 1 sc in each st. (30)
Rnds 7 and 8: As Rnd 6. (30)
Rnd 9: Work 1 sc in the first 3 sts, then a decrease; continue like this to the end of the round. (24)`,
    parts: [{ name: "Whale body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24] }],
  },
  {
    hand: "of the plain hands, s3: 64. Little tree",
    text: `Little tree
r1 5 in mr
r2 5
r3 incx5 (10)
r4 10
r5 (sc,inc)x5 (15)
r6 15`,
    parts: [{ name: "Little tree", counts: [5, 5, 10, 10, 15, 15] }],
  },
  {
    hand: "of the plain hands, s4: 65. Lighthouse (red and whit",
    text: `Lighthouse (red and white, 8 rounds striped)
Rnd 1 (red): 8 sc in MR
Rnd 2 (red): inc x8 – 16
Rnd 3 (red): (sc, inc) x8 – 24
Rnd 4 (red, blo): sc around – 24
Rnds 5–6 (white): sc around – 24
Rnds 7–8 (red): sc around – 24
Rnd 9 (white): (sc, dec) x8 – 16
Rnd 10 (white): dec x8 – 8`,
    parts: [{ name: "Lighthouse", counts: [8, 16, 24, 24, 24, 24, 24, 24, 16, 8] }],
  },
  {
    hand: "of the plain hands, s4: 66. Robin",
    text: `Robin
| Rnd | Work | Sts |
|---|---|---|
| 1 | 6 sc in mr | 6 |
| 2 | inc around | 12 |
| 3 | (sc, inc) x 6 | 18 |
| 4-5 | sc around | 18 |
| 6 | (sc, dec) x 6 | 12 |`,
    parts: [{ name: "Robin", counts: [6, 12, 18, 18, 18, 12] }],
  },
  {
    hand: "of the plain hands, s4: 67. Snowman, head and body w",
    text: `Snowman, head and body without cutting the yarn
Rnd 1: start 6 sc in a magic ring
Rnd 2: 6 inc
Rnd 3: 6 x (1 sc, 1 inc)
Rnd 4: 6 x (2 sc, 1 inc)
Rnd 5-6: 24 sc
Rnd 7: 6 x (2 sc, 1 dec)
Rnd 8: 6 x (1 sc, 1 dec)
stuff the head
Body
Rnd 9: 12 sc
Rnd 10: 6 x (1 sc, 1 inc)
Rnd 11-12: 18 sc
Rnd 13: 6 x (1 sc, 1 dec)
Rnd 14: 6 dec`,
    parts: [
      { name: "Snowman", counts: [6, 12, 18, 24, 24, 24, 18, 12] },
      { name: "Body", counts: [12, 18, 18, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, s4: 68. Flower - white",
    text: `Flower - white
1: 5 sc mr
2: 2 sc in each sc [10]
Centre - yellow
1: 6 sc mr`,
    parts: [
      { name: "Flower", counts: [5, 10] },
      { name: "Centre", counts: [6] },
    ],
  },
  {
    hand: "of the plain hands, s4: 69. Banana",
    text: `Banana
5 st in MR
R2: 5
R3: inc, sc, inc, sc, inc (8)
R4: inc, 3, inc, 3 (10)
R5-7: 10
R8: dec x5 (5)`,
    parts: [{ name: "Banana", counts: [5, 5, 8, 10, 10, 10, 10, 5] }],
  },
  {
    hand: "of the plain hands, s4: 70. Octopus",
    text: `Octopus
Rnd 1: 6 sc in MR (6 sc)
Rnd 2: 2 sc in each sc (12 sc)
Rnd 3: (1 sc, 2 sc in next sc) × 6 (18 sc)
Rnd 4: (2 sc, 2 sc in next sc) × 6 (24 sc)
Rnd 5: (3 sc, 2 sc in next sc) × 6 (30 sc)
Rnds 6 – 9: 30 sc (30 sc)
Tentacles (8): ch 12, 2 sc in second ch from hook and in each of the next 10 ch.`,
    parts: [
      { name: "Octopus", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30] },
      { name: "Tentacles", make: 8, counts: [22] },
    ],
  },
  {
    hand: "of the plain hands, s4: 71. Lucky bag",
    text: `Lucky bag
R.1  6 sc, MR
R.2  (inc) 6x  [12]
R.3  (inc, 1 sc) 6x  [18]
R.4  18 sc, BLO  [18]
R.5  18 sc  [18]`,
    parts: [{ name: "Lucky bag", counts: [6, 12, 18, 18, 18] }],
  },
  {
    hand: "of the plain hands, s4: 72. Donut",
    text: `Donut
Chain 24 and join with a slip stitch, careful not to twist.
1st round: single crochet in each chain (24)
2nd - 6th round: single crochet in each stitch (24)
Fold and sew the edges together, stuffing as you go.`,
    parts: [{ name: "Donut", counts: [24, 24, 24, 24, 24, 24] }],
  },
  {
    hand: "of the plain hands, s4: 73. Bob the worm segment",
    text: `Bob the worm segment
Rnd 1: 6 sc mr
Rnd 2: *2 sc in 1 sc* around
Rnd 3: *1 sc in 1 sc* around
Rnd 4: = Rnd 3
Rnd 5: *2 sc tog* around`,
    parts: [{ name: "Bob the worm segment", counts: [6, 12, 12, 12, 6] }],
  },
  {
    hand: "of the plain hands, s4: 74. Egg cosy",
    text: `Egg cosy
Foundation: 4 ch, join with ss to form a ring.
Rnd 1: 7 dc into the ring.
Rnd 2: 2 dc into each st. (14)
Rnd 3: (1 dc, 2 dc into next st) to end. (21)
Rnd 4: (2 dc, 2 dc into next st) to end. (28)
Rnds 5 to 8: dc to end. (28)`,
    parts: [{ name: "Egg cosy", counts: [7, 14, 21, 28, 28, 28, 28, 28] }],
  },
  {
    hand: "of the plain hands, s5: 75. Sun face (make two yello",
    text: `Sun face (make two yellow circles)
Rnd 1: Start with 6 single crochet in a magic loop
Rnd 2: Two single crochet in every stitch = 12
Rnd 3: *One single crochet, two in the next* to the end = 18
Rnd 4: *Two single crochet, two in the next* to the end = 24
Rnd 5: *Three single crochet, two in the next* to the end = 30`,
    parts: [{ name: "Sun face", make: 2, counts: [6, 12, 18, 24, 30] }],
  },
  {
    hand: "of the plain hands, s5: 76. Cactus in a pot",
    text: `Cactus in a pot
body: 6 in MR [6], 6x inc [12], 6x (1, inc) [18], 6x (2, inc) [24], 3 rnds 24 [24], 8x (1, dec) [16], 8x dec [8]
spikes, 5x: 3 in MR.`,
    parts: [
      { name: "body", counts: [6, 12, 18, 24, 24, 24, 24, 16, 8] },
      { name: "spikes", make: 5, counts: [3] },
    ],
  },
  {
    hand: "of the plain hands, s5: 77. Dog head (US), beige",
    text: `Dog head (US), beige
  r1) 7sc in mr {7}
  r2) inc {14}
  r3) sc,inc {21}
  r4) 2sc,inc {28}
  r5-7) sc {28}
  r8) 2sc,dec {21}
  r9) sc,dec {14}
Dog ears x2, brown
  r1) 5sc in mr {5}
  r2) sc {5}
  r3) inc,sc,inc,2sc {7}
  r4) sc {7}`,
    parts: [
      { name: "Dog head", counts: [7, 14, 21, 28, 28, 28, 28, 21, 14] },
      { name: "Dog ears", make: 2, counts: [5, 5, 7, 7] },
    ],
  },
  {
    hand: "of the plain hands, s5: 78. Koala",
    text: `Koala
RND 1 – MR, 6 SC
RND 2 – 6 INC
RND 3 – 1 SC, INC – 6 TIMES
RND 4 – 2 SC, INC – 6 TIMES
RND 5 – 3 SC, INC – 6 TIMES
RNDS 6, 7 – 30 SC
RND 8 – 3 SC, DEC – 6 TIMES`,
    parts: [{ name: "Koala", counts: [6, 12, 18, 24, 30, 30, 30, 24] }],
  },
  {
    hand: "of the plain hands, s5: 79. Cat toy mouse",
    text: `Cat toy mouse
Begin at nose: ch 2, 4 sc in first ch
Round 2 - double every stitch (8)
Round 3 - inc every second stitch (12)
Round 4 - inc every third stitch (16)
Round 5 and 6 - straight
Round 7 - dec every third stitch (12)`,
    parts: [{ name: "Cat toy mouse", counts: [4, 8, 12, 16, 16, 16, 12] }],
  },
  {
    hand: "of the plain hands, s5: 80. Ghost, from the top down",
    text: `Ghost, from the top down
6sc in ring, (6)
2sc in each st, (12)
[sc, 2sc in next st] around, (18)
[2sc, 2sc in next st] around, (24)
4 rounds: sc in each st around, (24)
finish with: [sl st, ch 2, dc in same st] around`,
    parts: [{ name: "Piece", counts: [6, 12, 18, 24, 24, 24, 24, 24] }],
  },
  {
    hand: "of the plain hands, s5: 81. ARM (2x)",
    text: `ARM (2x)
1: 6 MR
2 - 5: 6
6: dec, dec, 2 (4)`,
    parts: [{ name: "ARM", make: 2, counts: [6, 6, 6, 6, 6, 4] }],
  },
  {
    hand: "of the plain hands, s5: 82. Bee",
    text: `Bee
Body, begin with yellow:
1 6 sc in mr (6)
2 6 inc (12)
3 6 (sc, inc) (18)
change to black
4–5 18 sc (18)
change to yellow
6–7 18 sc (18)
Wings, white, 2:
1 6 sc in mr (6)
2 2 (2 sc, inc) (8)
3 8 sc (8)`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 18] },
      { name: "Wings", make: 2, counts: [6, 8, 8] },
    ],
  },
  {
    hand: "of the plain hands, s5: 83. Bookmark: FSC 10. Rows 2",
    text: `Bookmark: FSC 10. Rows 2 to 4: ch 1, turn, sc in each st across. (10)`,
    parts: [{ name: "Bookmark", counts: [10, 10, 10, 10] }],
  },
  {
    hand: "of the plain hands, s5: 84. Juggling ball",
    text: `Juggling ball
1 -> 6 sc
2 -> 6 inc (12)
3 -> sc inc ×6 (18)
4 -> 2sc inc ×6 (24)
5-6 -> 24
7 -> 2sc dec ×6 (18)
8 -> sc dec ×6 (12)
9 -> 6 dec (6)`,
    parts: [{ name: "Juggling ball", counts: [6, 12, 18, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, t1: 85. Bertie Bear",
    text: `Bertie Bear

Finished size approx. 11 cm. You'll need: DK weight yarn in honey and cream, 3 mm hook, 8 mm safety eyes, toy stuffing, darning needle.

Abbreviations
MR magic ring
sc single crochet
inc increase
dec decrease (invisible)
( ) number of stitches at end of round

HEAD
Using honey.
1: MR 6
2: inc x 6 (12)
3: (1 sc, inc) x 6 (18)
4: (2 sc, inc) x 6 (24)
5: (3 sc, inc) x 6 (30)
6: (4 sc, inc) x 6 (36)
7 to 11: sc around (36)
12: (4 sc, dec) x 6 (30)
Put the eyes in between rounds 9 and 10, 7 stitches apart.
13: (3 sc, dec) x 6 (24)
14: (2 sc, dec) x 6 (18)
Fasten off leaving a long tail. Stuff.

BODY
Using honey.
1: MR 6
2: inc x 6 (12)
3: (1 sc, inc) x 6 (18)
4: (2 sc, inc) x 6 (24)
5: (3 sc, inc) x 6 (30)
6 to 8: sc around (30)
9: (3 sc, dec) x 6 (24)
10: sc around (24)
11: (2 sc, dec) x 6 (18)
12: sc around (18)
Stuff and leave open.

ARMS (make 2)
Start with cream.
1: MR 6
2: (1 sc, inc) x 3 (9)
Change to honey.
3 to 6: sc around (9)
7: (1 sc, dec) x 3 (6)
Only stuff the paw.

LEGS (make 2)
Start with cream.
1: MR 6
2: inc x 6 (12)
Change to honey.
3 to 4: sc around (12)
5: 4 sc, dec x 2, 4 sc (10)
6 to 7: sc around (10)
Stuff lightly.

EARS (make 2)
1: MR 6
2: inc x 6 (12)
3: sc around (12)
Do not stuff. Flatten.

Sew everything together. Embroider a nose.`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 24, 18] },
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 24, 18, 18] },
      { name: "ARMS", make: 2, counts: [6, 9, 9, 9, 9, 9, 6] },
      { name: "LEGS", make: 2, counts: [6, 12, 12, 12, 10, 10, 10] },
      { name: "EARS", make: 2, counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, t1: 86. Mini octopus",
    text: `Mini octopus
Yarn: worsted, hook 3.5

Start: 6 sc into magic ring
R2: 2 sc in each (12)
R3: [sc, 2 sc in next] rep around (18)
R4: [2 sc, 2 sc in next] rep around (24)
R5: [3 sc, 2 sc in next] rep around (30)
R6: [4 sc, 2 sc in next] rep around (36)
R7-10: 1 sc in each (36)
R11: [4 sc, sc2tog] rep around (30)
R12: [3 sc, sc2tog] rep around (24)
R13: [2 sc, sc2tog] rep around (18)
Stuff
R14: [sc, sc2tog] rep around (12)
Close. Tentacles: attach yarn, ch 15, 3 sc in 2nd ch and in each ch, sl st to base. Make 8.`,
    parts: [
      { name: "Mini octopus", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18, 12] },
      { name: "Tentacles", make: 8, counts: [42] },
    ],
  },
  {
    hand: "of the plain hands, t1: 87. Carrot keyring",
    text: `Carrot keyring

CARROT - orange
Rnd 1. 6 sc in a magic ring.
Rnd 2. Sc in each st. (6)
Rnd 3. *2 sc, inc*, repeat. (8)
Rnd 4. Sc in each st. (8)
Rnd 5. *3 sc, inc*, repeat. (10)
Rnd 6. Sc in each st. (10)
Rnd 7. *4 sc, inc*, repeat. (12)
Rnds 8 & 9. Sc in each st. (12)
Rnd 10. *5 sc, inc*, repeat. (14)
Rnds 11 & 12. Sc in each st. (14)
Stuff.
Rnd 13. Dec all around. (7)
Cut yarn, weave through the last stitches and pull tight.

LEAVES - green - make 3
Ch 9, starting from 2nd ch: 8 sl st.`,
    parts: [
      { name: "CARROT", counts: [6, 6, 8, 8, 10, 10, 12, 12, 12, 14, 14, 14, 7] },
      { name: "LEAVES", make: 3, counts: [8] },
    ],
  },
  {
    hand: "of the plain hands, t1: 88. Whale — pattern in US te",
    text: `Whale — pattern in US terms, worked in a spiral unless told otherwise

Body (blue, change to white for the belly if you like)
Round 1: Magic ring with 6 single crochet
Round 2: Increase in every stitch. 12 stitches.
Round 3: 1 single crochet, increase, repeat around. 18 stitches.
Round 4: 2 single crochet, increase, repeat around. 24 stitches.
Round 5: 3 single crochet, increase, repeat around. 30 stitches.
Round 6: 4 single crochet, increase, repeat around. 36 stitches.
Round 7: 5 single crochet, increase, repeat around. 42 stitches.
Rounds 8 through 14: Single crochet in every stitch. 42 stitches.
Round 15: 5 single crochet, decrease, repeat around. 36 stitches.
Round 16: 4 single crochet, decrease, repeat around. 30 stitches.
Round 17: 3 single crochet, decrease, repeat around. 24 stitches.
Add the safety eyes now. Start stuffing.
Round 18: 2 single crochet, decrease, repeat around. 18 stitches.
Round 19: 1 single crochet, decrease, repeat around. 12 stitches.
Round 20: Decrease around. 6 stitches.
Finish off and close the hole.

Fins (make two)
Round 1: Magic ring with 5 single crochet
Round 2: Increase in every stitch. 10 stitches.
Rounds 3 through 5: Single crochet in every stitch. 10 stitches.

Tail halves (make two)
Round 1: Magic ring with 6 single crochet
Round 2: 1 single crochet, increase, repeat around. 9 stitches.
Round 3: 2 single crochet, increase, repeat around. 12 stitches.
Round 4: Single crochet in every stitch. 12 stitches.
Sew the halves together and then to the body.`,
    parts: [
      {
        name: "Body",
        counts: [6, 12, 18, 24, 30, 36, 42, 42, 42, 42, 42, 42, 42, 42, 36, 30, 24, 18, 12, 6],
      },
      { name: "Fins", make: 2, counts: [5, 10, 10, 10, 10] },
      { name: "Tail halves", make: 2, counts: [6, 9, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, t1: 89. Strawberry",
    text: `Strawberry
With RED
1)6X
2)3(X,V) 9
3)3(2X,V) 12
4)3(3X,V) 15
5)3(4X,V) 18
6)3(5X,V) 21
7)3(6X,V) 24
8)-9)24X
10)8(X,A) 16
11)8A 8
F.O.
X = single crochet, V = increase, A = decrease`,
    parts: [{ name: "Strawberry", counts: [6, 9, 12, 15, 18, 21, 24, 24, 24, 16, 8] }],
  },
  {
    hand: "of the plain hands, t1: 90. CAT",
    text: `CAT
Head
Rnd 1: sc 6 in MR [6 st]
Rnd 2: sc inc x6 [12 st]
Rnd 3: (sc 1, sc inc) x6 [18 st]
Rnd 4: (sc 2, sc inc) x6 [24 st]
Rnd 5: (sc 3, sc inc) x6 [30 st]
Rnd 6 – 9: sc 30 [30 st]
Rnd 10: (sc 3, sc dec) x6 [24 st]
Rnd 11: (sc 2, sc dec) x6 [18 st]
Fasten off
Ear (make 2)
Rnd 1: sc 4 in MR [4 st]
Rnd 2: (sc 1, sc inc) x2 [6 st]
Rnd 3: (sc 2, sc inc) x2 [8 st]
Rnd 4: (sc 3, sc inc) x2 [10 st]
Fasten off, leave a tail for sewing
Tail
Rnd 1: sc 6 in MR [6 st]
Rnd 2 – 10: sc 6 [6 st]`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18] },
      { name: "Ear", make: 2, counts: [4, 6, 8, 10] },
      { name: "Tail", counts: [6, 6, 6, 6, 6, 6, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, t1: 91. Bumble bee",
    text: `Bumble bee
C1 = yellow, C2 = black

R1 (C1): 6sc in MR
R2 (C1): inc around - 12
R3 (C2): (sc, inc) around - 18
R4 (C2): sc around - 18
R5-6 (C1): sc around - 18
R7-8 (C2): sc around - 18
R9 (C1): (sc, dec) around - 12
R10 (C1): dec around - 6

Wings x2 (white)
8 sc in MR, pull closed, sl st. FO.`,
    parts: [
      { name: "Bumble bee", counts: [6, 12, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [8] },
    ],
  },
  {
    hand: "of the plain hands, t1: 92. Little ghost",
    text: `Little ghost
MR
Rnd 1: 6sc (6)
Rnd 2: 2sc in each st (12)
Rnd 3: 1sc, 2sc in next x6 (18)
Rnd 4: 2sc, 2sc in next x6 (24)
Rnd 5-11: sc around (24)
Rnd 12: (sc, ch 2, sc) in each st around (48)
Fasten off.`,
    parts: [{ name: "Little ghost", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 48] }],
  },
  {
    hand: "of the plain hands, t1: 93. Toadstool",
    text: `Toadstool

Cap (red)
R1. 6 sc in mc
R2. *inc* rep (12)
R3. *sc 1, inc* rep (18)
R4. *sc 2, inc* rep (24)
R5. *sc 3, inc* rep (30)
R6. *sc 4, inc* rep (36)
R7–R8. sc (36)
Sl st, fo.

Stem (cream)
R1. 6 sc in mc
R2. *inc* rep (12)
R3. BLO sc (12)
R4–R6. sc (12)
R7. *sc 1, inc* rep (18)
Sl st, fo leaving long end. Stuff the stem, sew to the cap.`,
    parts: [
      { name: "Cap", counts: [6, 12, 18, 24, 30, 36, 36, 36] },
      { name: "Stem", counts: [6, 12, 12, 12, 12, 12, 18] },
    ],
  },
  {
    hand: "of the plain hands, t1: 94. Penguin (about 8 cm high",
    text: `Penguin (about 8 cm high)

*Body* with black
Row 1: 6 sc in MR
Row 2: 6 x inc = 12
Row 3: 6 x (sc, inc) = 18
Row 4: 6 x (2 sc, inc) = 24
Row 5: 6 x (3 sc, inc) = 30
Row 6-10: sc in each = 30
Row 11: 6 x (3 sc, dec) = 24
Row 12: sc in each = 24
Row 13: 6 x (2 sc, dec) = 18. Stuff
Row 14: 6 x (sc, dec) = 12
Row 15: 6 x dec = 6

*Belly* with white
Row 1: 6 sc in MR
Row 2: 6 x inc = 12
Row 3: 6 x (sc, inc) = 18

*Wings* with black, 2 pieces
Row 1: 6 sc in MR
Row 2-4: sc in each = 6

*Feet* with orange, 2 pieces
Row 1: 5 sc in MR, close with a sl st

*Beak* with orange
Row 1: 4 sc in MR
Row 2: 2 x (sc, inc) = 6`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 24, 18, 12, 6] },
      { name: "Belly", counts: [6, 12, 18] },
      { name: "Wings", make: 2, counts: [6, 6, 6, 6] },
      { name: "Feet", make: 2, counts: [5] },
      { name: "Beak", counts: [4, 6] },
    ],
  },
  {
    hand: "of the plain hands, t1: 95. Star ornament, two the s",
    text: `Star ornament, two the same
Rnd 1: 5 sc in MR (5)
Rnd 2: 2 sc in each sc around (10)
Rnd 3: *1 sc in next sc, 2 sc in next sc* 5 times (15)
Points: *ch 4, sl st in 2nd ch, sc in next, hdc in last, skip 2, sl st* 5 times.
Sew both with wrong sides together, stuffing a little.`,
    parts: [
      { name: "Star ornament", make: 2, counts: [5, 10, 15] },
      { name: "Points", counts: [5] },
    ],
  },
  {
    hand: "of the plain hands, t1: 96. Snail",
    text: `Snail
Shell:
6 sc in ring. [6]
inc every st. [12]
*sc, inc* x6. [18]
*2 sc, inc* x6. [24]
*3 sc, inc* x6. [30]
2 rounds even. [30]
*3 sc, dec* x6. [24]
*2 sc, dec* x6. [18]
*sc, dec* x6. [12]
Body:
6 sc in ring. [6]
*sc, inc* x3. [9]
*2 sc, inc* x3. [12]
8 rounds even. [12]
*2 sc, dec* x3. [9]
*sc, dec* x3. [6]
Close.`,
    parts: [
      { name: "Snail", counts: [6, 12, 18, 24, 30, 30, 30, 24, 18, 12] },
      { name: "Part 2", counts: [6, 9, 12, 12, 12, 12, 12, 12, 12, 12, 12, 9, 6] },
    ],
  },
  {
    hand: "of the plain hands, t2: 97. Gnome (UK terms), made f",
    text: `Gnome (UK terms), made from the feet up

First leg, brown
Rnd 1: 6 dc in magic ring
Rnd 2: 2 dc in each (12)
Change to green
Rnd 3-5: dc around (12)
Cut the yarn.

Second leg
As the first, but do not cut the yarn.

Body
Rnd 6: ch 1, dc around the first leg (12), dc in the ch, dc around the second leg (12), dc in the other side of the ch (26)
Rnd 7: dc around (26)
Rnd 8: (3 dc, inc) x 6, 2 dc (32)
Rnd 9-12: dc around (32)
Rnd 13: (6 dc, dec) x 4 (28)
Rnd 14: dc around (28)
Rnd 15: (5 dc, dec) x 4 (24)
Rnd 16: (2 dc, dec) x 6 (18)
Fasten off.

Head, skin
Rnd 1: 6 dc in magic ring
Rnd 2: 2 dc in each (12)
Rnd 3: (dc, inc) x 6 (18)
Rnd 4: (2 dc, inc) x 6 (24)
Rnd 5: (3 dc, inc) x 6 (30)
Rnd 6-8: dc around (30)
Rnd 9: (3 dc, dec) x 6 (24)
Rnd 10: (2 dc, dec) x 6 (18)
Sew to the body.`,
    parts: [
      { name: "First leg", counts: [6, 12, 12, 12, 12] },
      { name: "Second leg", counts: [6, 12, 12, 12, 12] },
      { name: "Body", counts: [26, 26, 32, 32, 32, 32, 32, 28, 28, 24, 18] },
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18] },
    ],
  },
  {
    hand: "of the plain hands, t2: 98. Pumpkin",
    text: `Pumpkin

| Round | What to do | Stitches |
|---|---|---|
| 1 | 6 sc in a magic ring | 6 |
| 2 | inc in every st | 12 |
| 3 | [sc, inc] x6 | 18 |
| 4 | [2 sc, inc] x6 | 24 |
| 5 | [3 sc, inc] x6 | 30 |
| 6 | [4 sc, inc] x6 | 36 |
| 7-10 | sc in every st | 36 |
| 11 | [4 sc, dec] x6 | 30 |
| 12 | [3 sc, dec] x6 | 24 |
| 13 | [2 sc, dec] x6 | 18 |
| 14 | [sc, dec] x6 | 12 |
| 15 | dec x6 | 6 |

Stem

| Round | What to do | Stitches |
|---|---|---|
| 1 | 5 sc in a magic ring | 5 |
| 2-3 | sc in every st in the back loops only | 5 |
| 4 | inc in every st | 10 |`,
    parts: [
      { name: "Pumpkin", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] },
      { name: "Stem", counts: [5, 5, 5, 10] },
    ],
  },
  {
    hand: "of the plain hands, t2: 99. Accessories for a mouse",
    text: `Accessories for a mouse

Scarf:
Ch 5. Row 1: sc in 2nd ch from hook and in each ch across (4). Ch 1, turn.
Rows 2 to 6: sc across (4). Ch 1, turn.
Add fringes.

Hat:
Rnd 1: 8 sc in MR. Sl st to first. (8)
Rnd 2: Ch 1, inc in each st around. Sl st to first. (16)
Rnd 3: Ch 1, (sc in next st, inc in next st) around. Sl st to first. (24)
Rnds 4-6: Ch 1, sc in each st around. Sl st to first. (24)
Rnd 7: Ch 1, FLO (2 sc, inc) around. Sl st to first. (32)`,
    parts: [
      { name: "Scarf", counts: [4, 4, 4, 4, 4, 4] },
      { name: "Hat", counts: [8, 16, 24, 24, 24, 24, 32] },
    ],
  },
  {
    hand: "of the plain hands, t2: 100. Bunny Pip / colours: w",
    text: `Bunny "Pip" / colours: white (main), pink (a little)

BODY: start at the bottom with white
R1: 6 sc mr
R2: 6 inc 【12】
R3: (1 sc, 1 inc)×6 【18】
R4: (2 sc, 1 inc)×6 【24】
R5: (3 sc, 1 inc)×6 【30】
R6: (4 sc, 1 inc)×6 【36】
R7~R12: 36 sc 【36】
R13: (4 sc, 1 dec)×6 【30】
R14: (3 sc, 1 dec)×6 【24】
R15: 24 sc 【24】
R16: (2 sc, 1 dec)×6 【18】
R17: (1 sc, 1 dec)×6 【12】

EARS ×2
R1: 6 sc mr
R2: 6 inc 【12】
R3~R5: 12 sc 【12】
R6: (4 sc, 1 dec)×2 【10】
R7: (3 sc, 1 dec)×2 【8】

PAWS ×4
R1: 6 sc mr
R2: (2 sc, 1 inc)×2 【8】
R3~R4: 8 sc 【8】

TAIL
R1: 6 sc mr
R2: 6 inc 【12】
R3: 12 sc 【12】
R4: 6 dec 【6】`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 36, 30, 24, 24, 18, 12] },
      { name: "EARS", make: 2, counts: [6, 12, 12, 12, 12, 10, 8] },
      { name: "PAWS", make: 4, counts: [6, 8, 8, 8] },
      { name: "TAIL", counts: [6, 12, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, t2: 101. Tiny mitten ornament",
    text: `Tiny mitten ornament

With red: 6 sc into adjustable loop, do not join, mark first st.
Next rnd: *sc in next st, 2 sc in next st; rep from * 3 times: 9 sts.
Next rnd: *sc in next 2 sts, 2 sc in next st; rep from * 3 times: 12 sts.
Work 5 rnds even.
Fasten off.
Thumb: 4 sc into adjustable loop. Work 2 rnds even. Fasten off. Sew in place.`,
    parts: [
      { name: "Tiny mitten ornament", counts: [6, 9, 12, 12, 12, 12, 12, 12] },
      { name: "Thumb", counts: [4, 4, 4] },
    ],
  },
  {
    hand: "of the plain hands, t2: 102. Fish",
    text: `Fish
Rd.1 MR, 6SC(6)
Rd.2 6INC(12)
Rd.3 SC AROUND(12)
Rd.4 (SC,INC)*6(18)
Rd.5 SC AROUND(18)
Rd.6 (2SC,INC)*6(24)
Rd.7-9 SC AROUND(24)
Rd.10 SC AROUND(24) change to white
Rd.11 (2SC,DEC)*6(18)
Rd.12 SC AROUND(18)
Rd.13 (SC,DEC)*6(12)
Rd.14 6DEC(6)
TAIL FIN
ch4
Row.1 from 2nd ch: 3SC(3) turn
Row.2 3SC(3) turn
Row.3 INC,SC,INC(5) turn
Row.4 INC,3SC,INC(7)`,
    parts: [
      { name: "Fish", counts: [6, 12, 12, 18, 18, 24, 24, 24, 24, 24, 18, 18, 12, 6] },
      { name: "TAIL FIN", counts: [3, 3, 5, 7] },
    ],
  },
  {
    hand: "of the plain hands, t2: 103. Dinosaur!",
    text: `Dinosaur!

Body -- green --
rnd1 -- 6sc -- 6
rnd2 -- 6inc -- 12
rnd3 -- 6x(1sc,inc) -- 18
rnd4 -- 6x(2sc,inc) -- 24
rnd5/6 -- 24sc -- 24
rnd7 -- 6x(3sc,inc) -- 30
rnd8/9/10 -- 30sc -- 30
rnd11 -- 6x(3sc,dec) -- 24
rnd12 -- 6x(2sc,dec) -- 18
rnd13 -- 6x(1sc,dec) -- 12

Spikes -- orange -- x3
rnd1 -- 3sc -- 3
rnd2 -- 2sc,inc -- 4
rnd3 -- 3sc,inc -- 5

Legs -- green -- x4
rnd1 -- 6sc -- 6
rnd2/3 -- 6sc -- 6`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Spikes", make: 3, counts: [3, 4, 5] },
      { name: "Legs", make: 4, counts: [6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, t2: 104. Sheep – instructions",
    text: `Sheep – instructions

Body (bobbles optional). Cream.
1st round: 6sc into ring.
2nd round: 2sc into each sc. (12sc)
3rd round: (1sc, 2sc into next sc) 6 times. (18sc)
4th round: (2sc, 2sc into next sc) 6 times. (24sc)
5th to 7th rounds: 1sc into each sc. (24sc)
8th round: (2sc, sc2tog) 6 times. (18sc)
9th round: (1sc, sc2tog) 6 times. (12sc)
Stuff firmly, gather last round and fasten off.

Head. Black.
1st round: 5sc into ring.
2nd round: 2sc into each sc. (10sc)
3rd and 4th rounds: 1sc into each sc. (10sc)
5th round: (sc2tog) 5 times. (5sc)

Legs (make 4). Black.
1st round: 5sc into ring.
2nd and 3rd rounds: 1sc into each sc.
Leave an end for sewing.`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
      { name: "Head", counts: [5, 10, 10, 10, 5] },
      { name: "Legs", make: 4, counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, t2: 105. Cloud brooch, oval",
    text: `Cloud brooch, oval
Ch 10
R1: 3 sc in 2nd ch from hook, 7 sc, 3 sc in last ch, on other side 7 sc [20]
R2: inc x3, 7 sc, inc x3, 7 sc [26]
R3: (sc, inc) x3, 7 sc, (sc, inc) x3, 7 sc [32]
sl st, fasten off`,
    parts: [{ name: "Cloud brooch", counts: [20, 26, 32] }],
  },
  {
    hand: "of the plain hands, t3: 106. Lion head keychain",
    text: `Lion head keychain
sc = single crochet, inc = 2 sc in one, dec = sc 2 together

Lion head [ochre]
- R1 : 6 sc in mr
- R2 : inc*6 (12)
- R3 : (sc, inc)*6 (18)
- R4 : (sc2, inc)*6 (24)
- R5 : (sc3, inc)*6 (30)
- R6 : (sc4, inc)*6 (36)
- R7-R10 : sc36 (36)
- Eyes 8 mm between R8 and R9, 8 st apart
- R11 : (sc4, dec)*6 (30)
- R12 : (sc3, dec)*6 (24)
- R13 : (sc2, dec)*6 (18)
- R14 : (sc, dec)*6 (12)
- Fill, close.

Muzzle [white]
- R1 : 6 sc in mr
- R2 : inc*6 (12)
- R3 : sc12 (12)

Lion ears [ochre] 2 pcs
- R1 : 5 sc in mr
- R2 : inc*5 (10)
- R3 : sc10 (10)

Mane: cut 60 threads of 8 cm in brown and knot them around R11.`,
    parts: [
      { name: "Lion head", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18, 12] },
      { name: "Muzzle", counts: [6, 12, 12] },
      { name: "Lion ears", make: 2, counts: [5, 10, 10] },
    ],
  },
  {
    hand: "of the plain hands, t3: 107. Frog (hook 2.5)",
    text: `Frog (hook 2.5)
BODY. 6 into MR. Inc all, 12. (1, inc), 18. (2, inc), 24. (3, inc), 30. 3 even. (3, dec), 24. (2, dec), 18. Stuff. (1, dec), 12. Dec all, 6.
EYES, 2. 6 into MR. Inc all, 12. 1 even. Dec all, 6.
ARMS, 2. 5 into MR. 3 even.
LEGS, 2. 5 into MR. 5 even.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "EYES", make: 2, counts: [6, 12, 12, 6] },
      { name: "ARMS", make: 2, counts: [5, 5, 5, 5] },
      { name: "LEGS", make: 2, counts: [5, 5, 5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, t3: 108. Christmas bauble",
    text: `Christmas bauble
Round 1 (right side): With A, make a magic ring, ch 1, 6 sc in ring, join with sl st in first sc. [6 sc]
Round 2: Ch 1, 2 sc in same st as join and in each st around, join. [12 sc]
Round 3: Ch 1, *sc in next st, 2 sc in next st; rep from * around, join. [18 sc]
Round 4: Ch 1, *sc in next 2 sts, 2 sc in next st; rep from * around, join. [24 sc]
Round 5: Ch 1, *sc in next 3 sts, 2 sc in next st; rep from * around, join. [30 sc]
Round 6: Ch 1, *sc in next 4 sts, 2 sc in next st; rep from * around, join. [36 sc]
Round 7: Ch 1, sc in each st around, join with B. [36 sc]
Round 8: With B, ch 1, sc in each st around, join. [36 sc]
Round 9: Rep Round 8, join with A. [36 sc]
Round 10: With A, ch 1, sc in each st around, join. [36 sc]
Round 11: Ch 1, *sc in next 4 sts, sc2tog; rep from * around, join. [30 sc]
Round 12: Ch 1, *sc in next 3 sts, sc2tog; rep from * around, join. [24 sc]
Round 13: Ch 1, *sc in next 2 sts, sc2tog; rep from * around, join. [18 sc]
Stuff.
Round 14: Ch 1, *sc in next st, sc2tog; rep from * around, join. [12 sc]
Round 15: Ch 1, *sc2tog; rep from * around, join. [6 sc]
Fasten off. With tail, make a hanging loop.`,
    parts: [{ name: "Christmas bauble", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, t3: 109. Snake",
    text: `Snake
Head:
1st row – 6 sc in ring (6)
2nd row – [sc, inc] * 3 (9)
3rd row – [2 sc, inc] * 3 (12)
4th–5th row – 12 sc
6th row – [2 sc, dec] * 3 (9)
Body, changing colour every three rows:
7th–19th row – 9 sc
20th row – [sc, dec] * 3 (6)
21st row – 3 dec (3)`,
    parts: [{ name: "Head", counts: [6, 9, 12, 12, 12, 9, 9, 9, 9, 9, 9, 9, 9, 9, 9, 9, 9, 9, 9, 6, 3] }],
  },
  {
    hand: "of the plain hands, t3: 110. Trinket pot",
    text: `Trinket pot

Base - 4 ply cotton, sage
Into a magic ring work 6 dc
Rnd 2 - inc x 6 - 12 sts
Rnd 3 - (1 dc, inc) x 6 - 18 sts
Rnd 4 - (2 dc, inc) x 6 - 24 sts
Rnd 5 - (3 dc, inc) x 6 - 30 sts
Rnd 6 - dc in the back loop of each st - 30 sts
Rnds 7 & 8 - dc in each st - 30 sts

Lid
Into a magic ring work 6 dc
Rnd 2 - inc x 6 - 12 sts
Rnd 3 - (1 dc, inc) x 6 - 18 sts
Rnd 4 - (2 dc, inc) x 6 - 24 sts
Rnd 5 - (3 dc, inc) x 6 - 30 sts
Rnd 6 - (4 dc, inc) x 6 - 36 sts
Rnd 7 - dc in each st - 36 sts

Knob
Into a magic ring work 6 dc
Rnd 2 - dc in each st - 6 sts
UK terms throughout. dc = double crochet.`,
    parts: [
      { name: "Base", counts: [6, 12, 18, 24, 30, 30, 30, 30] },
      { name: "Lid", counts: [6, 12, 18, 24, 30, 36, 36] },
      { name: "Knob", counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, t3: 111. Bath duck",
    text: `Bath duck

Head and body in one, yellow
Rnd 1 6 sc mc
Rnd 2 inc × 6 → 12
Rnd 3 (sc, inc) × 6 → 18
Rnd 4 (2 sc, inc) × 6 → 24
Rnd 5 (3 sc, inc) × 6 → 30
Rnd 6–8 sc → 30
Rnd 9 (3 sc, dec) × 6 → 24
Rnd 10 sc → 24
Rnd 11 (3 sc, inc) × 6 → 30
Rnd 12 (4 sc, inc) × 6 → 36
Rnd 13–14 sc → 36
Rnd 15 (4 sc, dec) × 6 → 30
Rnd 16 (3 sc, dec) × 6 → 24
Rnd 17 dec × 12 → 12

Bill, orange
Ch 4
Rnd 1 2nd ch: 1 sc, 1 sc, 3 sc in the last, turn the work around, 1 sc, 2 sc in the last → 8
Rnd 2 sc → 8

Wings, yellow, twice
Rnd 1 5 sc mc
Rnd 2 inc × 5 → 10
Rnd 3–4 sc → 10`,
    parts: [
      {
        name: "Head and body",
        counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 24, 30, 36, 36, 36, 30, 24, 12],
      },
      { name: "Bill", counts: [8, 8] },
      { name: "Wings", make: 2, counts: [5, 10, 10, 10] },
    ],
  },
  {
    hand: "of the plain hands, t3: 112. Coffee cup with a face",
    text: `Coffee cup with a face

Cup
#1 6sc mr
#2 inc6 (12)
#3 sc1 inc1 x6 (18)
#4 sc2 inc1 x6 (24)
#5 blo sc24 (24)
#6-#9 sc24 (24)

Handle
#1 5sc mr
#2-#8 sc5 (5)`,
    parts: [
      { name: "Cup", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24] },
      { name: "Handle", counts: [5, 5, 5, 5, 5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, t3: 113. Bear face coaster — hdc ",
    text: `Bear face coaster — hdc throughout unless stated
rnd 1: 6 hdc in ring. (6)
rnd 2: 2 hdc in each. (12)
rnd 3: hdc in next, 2 hdc in next, around. (18)
rnd 4: hdc in next 2, 2 hdc in next, around. (24)
Loop: ch 21, sc in 2nd ch and each ch (20).`,
    parts: [
      { name: "Bear face coaster", counts: [6, 12, 18, 24] },
      { name: "Loop", counts: [20] },
    ],
  },
  {
    hand: "of the plain hands, t3: 114. OWL IN ONE EVENING",
    text: `OWL IN ONE EVENING
Body. Grey. Work in spirals.
Rnd 1 ... 6 sc in magic ring
Rnd 2 ... inc in each = 12
Rnd 3 ... inc in every 2nd = 18
Rnd 4 ... inc in every 3rd = 24
Rnd 5 ... inc in every 4th = 30
Rnd 6 to 12 ... no increases = 30
Stuff. Flatten the top and sew it closed; pull the corners out as ears.
Eye patches. White. 2 x.
Rnd 1 ... 6 sc in magic ring
Rnd 2 ... inc in each = 12
Wings. Grey. 2 x.
Rnd 1 ... 6 sc in magic ring
Rnd 2 ... inc in every 2nd = 9
Rnd 3 ... inc in every 3rd = 12
Rnd 4 ... no increases = 12`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 30, 30] },
      { name: "Eye patches", make: 2, counts: [6, 12] },
      { name: "Wings", make: 2, counts: [6, 9, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, t3: 115. Crab",
    text: `Crab
Body (1x): 1. 6 sc MR | 2. 6 inc (12) | 3. (1 sc, 1 inc)x6 (18) | 4. (2 sc, 1 inc)x6 (24) | 5. (3 sc, 1 inc)x6 (30) | 6.-7. 30 sc (30) | 8. (3 sc, 1 dec)x6 (24) | 9. (2 sc, 1 dec)x6 (18) | 10. (1 sc, 1 dec)x6 (12) | 11. 6 dec (6)
Claws (2x): 1. 5 sc MR | 2. (1 sc, 1 inc)x2, 1 inc (8) | 3. 8 sc (8) | 4. 3 dec, 2 sc (5)
Legs (6x): ch 5, from the 2nd ch 4 sc`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Claws", make: 2, counts: [5, 8, 8, 5] },
      { name: "Legs", make: 6, counts: [4] },
    ],
  },
  {
    hand: "of the plain hands, t3: 116. Easter bunny pom (7s)",
    text: `Easter bunny pom (7s)
MR w/ 7 sc (7)
inc in ea st (14)
sc, inc; rep (21)
2 sc, inc; rep (28)
sc 4 rnds
2 sc, dec; rep (21)
sc, dec; rep (14)
dec ea (7)`,
    parts: [{ name: "Easter bunny pom", counts: [7, 14, 21, 28, 28, 28, 28, 28, 21, 14, 7] }],
  },
  {
    hand: "of the plain hands, t4: 117. Potted cactus, UK terms",
    text: `Potted cactus, UK terms

CACTUS (green)
R1: MR, 8dc [8]
R2: 8 x inc [16]
R3: 8 x (1dc, inc) [24]
R4–R8: 24dc in BLO [24]
R9: 8 x (1dc, dec) [16]
R10: 8 x dec [8]

ARMS (x2)
R1: MR, 6dc [6]
R2–R4: 6dc [6]

POT (terracotta)
R1: MR, 6dc [6]
R2: 6 x inc [12]
R3: 6 x (1dc, inc) [18]
R4: 6 x (2dc, inc) [24]
R5: 24dc in BLO [24]
R6–R8: 24dc [24]
R9: 3 x (7dc, inc) in FLO [27]
Sl st, finish. Cardboard circle in the bottom.`,
    parts: [
      { name: "CACTUS", counts: [8, 16, 24, 24, 24, 24, 24, 24, 16, 8] },
      { name: "ARMS", make: 2, counts: [6, 6, 6, 6] },
      { name: "POT", counts: [6, 12, 18, 24, 24, 24, 24, 24, 27] },
    ],
  },
  {
    hand: "of the plain hands, t4: 118. Bunny keychain",
    text: `Bunny keychain
* Rabbit Head *
1. 6 sc MR
2. inc x6 - 12
3. sc, inc x6 - 18
4. 2 sc, inc x6 - 24
5-7. sc - 24
8. 2 sc, dec x6 - 18
9. sc, dec x6 - 12
* Long ears x2 *
1. 6 sc MR
2. sc - 6
3. 2 sc, inc x2 - 8
4-8. sc - 8
9. 2 sc, dec x2 - 6`,
    parts: [
      { name: "Rabbit Head", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
      { name: "Long ears", make: 2, counts: [6, 6, 8, 8, 8, 8, 8, 8, 6] },
    ],
  },
  {
    hand: "of the plain hands, t4: 119. Apple (red)",
    text: `Apple (red)
magic loop 6
increase all the way round, 12
1 sc and 1 inc all the way round, 18
2 sc and 1 inc all the way round, 24
3 sc and 1 inc all the way round, 30
4 sc and 1 inc all the way round, 36
5 rounds of sc, 36
4 sc and 1 dec all the way round, 30
3 sc and 1 dec all the way round, 24
2 sc and 1 dec all the way round, 18
stuff it
1 sc and 1 dec all the way round, 12
dec all the way round, 6
Leaf (green): ch 7, sl st in 2nd ch, sc, hdc, hdc, sc, sl st, turn and work the other side: sl st, sc, hdc, hdc, sc, sl st`,
    parts: [
      { name: "Apple", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] },
      { name: "Leaf", counts: [12] },
    ],
  },
  {
    hand: "of the plain hands, t4: 120. Muffin",
    text: `Muffin
Base:
Rnd 1 (6) 6 sc in MR
Rnd 2 (12) inc around
Rnd 3 (18) *sc, inc* around
Rnd 4 (24) *2 sc, inc* around
Rnd 5 (30) *3 sc, inc* around
Top:
Rnd 1 (6) 6 sc in MR
Rnd 2 (12) inc around
Rnd 3 (18) *sc, inc* around
Rnd 4 (24) *2 sc, inc* around
Rnd 5 (30) *3 sc, inc* around
Rnds 6-8 (30) sc around
Sew base and top together.`,
    parts: [
      { name: "Base", counts: [6, 12, 18, 24, 30] },
      { name: "Top", counts: [6, 12, 18, 24, 30, 30, 30, 30] },
    ],
  },
  {
    hand: "of the plain hands, t4: 121. Unicorn parts",
    text: `Unicorn parts
Horn, gold
rnd 1 4 sc in mr (4)
rnd 2 sc (4)
rnd 3 3 sc, inc (5)
rnd 4 sc (5)
rnd 5 4 sc, inc (6)
rnd 6 sc (6)
Ears, white, make two
rnd 1 5 sc in mr (5)
rnd 2 inc all (10)
rnd 3 sc (10)
Head, white
rnd 1 7 sc in mr (7)
rnd 2 inc all (14)
rnd 3 (sc, inc) 7x (21)
rnd 4 (2 sc, inc) 7x (28)
rnd 5 (3 sc, inc) 7x (35)
rnd 6 7 8 9 sc (35)
rnd 10 (3 sc, dec) 7x (28)
rnd 11 (2 sc, dec) 7x (21)`,
    parts: [
      { name: "Horn", counts: [4, 4, 5, 5, 6, 6] },
      { name: "Ears", make: 2, counts: [5, 10, 10] },
      { name: "Head", counts: [7, 14, 21, 28, 35, 35, 35, 35, 35, 28, 21] },
    ],
  },
  {
    hand: "of the plain hands, t4: 122. Hedgehog (face first, th",
    text: `Hedgehog (face first, then back)
Face colour
R1 5sc in MC
R2 sc each - 5
R3 inc each - 10
R4 sc each - 10
R5 (sc, inc)x5 - 15
Back colour (loop stitch if you like)
R6 (2sc, inc)x5 - 20
R7 (3sc, inc)x5 - 25
R8 (4sc, inc)x5 - 30
R9-R11 sc each - 30
R12 (4sc, dec)x5 - 25
R13 (3sc, dec)x5 - 20
R14 (2sc, dec)x5 - 15
R15 (sc, dec)x5 - 10
R16 dec x5 - 5`,
    parts: [{ name: "Hedgehog", counts: [5, 5, 10, 10, 15, 20, 25, 30, 30, 30, 30, 25, 20, 15, 10, 5] }],
  },
  {
    hand: "of the plain hands, u1: 123. Little owl",
    text: `Little owl

Materials
Sport weight cotton in brown (25 g), cream (10 g), yellow (5 g)
Hook 2.5 mm
Safety eyes 8 mm, 2 pcs
Fibre fill

Worked in continuous rounds unless stated otherwise.

HEAD — brown
Round 1. 8sc into magic ring [8]
Round 2. inc in each st [16]
Round 3. *1sc, inc* x8 [24]
Round 4. *2sc, inc* x8 [32]
Round 5. *3sc, inc* x8 [40]
Rounds 6 to 10. 1sc in each st [40]
Insert eyes between rounds 7 and 8, leaving 8 sts between.
Round 11. *3sc, dec* x8 [32]
Round 12. *2sc, dec* x8 [24]
Begin stuffing and carry on as you go.
Round 13. *1sc, dec* x8 [16]
Fasten off, leaving a tail for sewing.

BODY — brown
Round 1. 8sc into magic ring [8]
Round 2. inc in each st [16]
Round 3. *1sc, inc* x8 [24]
Rounds 4 to 6. 1sc in each st [24]
Round 7. *4sc, dec* x4 [20]
Round 8. 1sc in each st [20]
Round 9. *3sc, dec* x4 [16]
Fasten off.

FEET — yellow, make two
Round 1. 6sc into magic ring [6]
Round 2. inc in each st [12]
Round 3. 1sc in each st [12]
Round 4. *2sc, dec* x3 [9]
Flatten, do not stuff.

WINGS — brown, make two
Round 1. 5sc into magic ring [5]
Round 2. inc in each st [10]
Rounds 3 and 4. 1sc in each st [10]
Flatten and close with a row of sc through both layers.

BEAK — yellow
Round 1. 4sc into magic ring [4]
Round 2. *1sc, inc* x2 [6]
Sl st, fasten off.

ASSEMBLY
Sew the head to the body. Sew the wings at each side below the head.`,
    parts: [
      { name: "HEAD", counts: [8, 16, 24, 32, 40, 40, 40, 40, 40, 40, 32, 24, 16] },
      { name: "BODY", counts: [8, 16, 24, 24, 24, 24, 20, 20, 16] },
      { name: "FEET", make: 2, counts: [6, 12, 12, 9] },
      { name: "WINGS", make: 2, counts: [5, 10, 10, 10] },
      { name: "BEAK", counts: [4, 6] },
    ],
  },
  {
    hand: "of the plain hands, u1: 124. Tadpole the whale",
    text: `Tadpole the whale

UK terminology. dc = double crochet, inc = 2 dc in one stitch, dec = decrease, ss = slip stitch, ch = chain, st(s) = stitch(es)

Body
Foundation: 7 ch
R1: Starting in the 2nd ch from the hook, dc 5, 3 dc in the last ch. Working along the other side of the chain: dc 4, 2 dc in the next ch (14)
R2: inc, dc 4, inc x 3, dc 4, inc x 2 (20)
R3: (dc 9, inc) x 2 (22)
R4-8: dc in each st (22)
R9: (dc 9, dec) x 2 (20)
Attach the eyes between R6 and R7 on either side.
R10: (dc 3, dec) x 4 (16)
Stuff.
R11: (dc 2, dec) x 4 (12)
R12: dec x 6 (6)
Break yarn, thread through and pull tight.

Fin (make 2)
R1: 4 dc in a magic ring (4)
R2: (dc 1, inc) x 2 (6)
R3: (dc 2, inc) x 2 (8)
R4: dc in each st (8)
Press flat.

Tail (make 2)
Worked in rows.
Row 1: 5 ch, 1 dc in 2nd ch from hook, dc to end, turn (4)
Row 2: 1 ch, dc across, turn (4)
Row 3: 1 ch, inc, dc 2, inc, turn (6)
Row 4: 1 ch, dec, dc 2, dec (4)
Sew both to the end of the body.`,
    parts: [
      { name: "Body", counts: [14, 20, 22, 22, 22, 22, 22, 22, 20, 16, 12, 6] },
      { name: "Fin", make: 2, counts: [4, 6, 8, 8] },
      { name: "Tail", make: 2, counts: [4, 4, 6, 4] },
    ],
  },
  {
    hand: "of the plain hands, u1: 125. Pincushion in a pot",
    text: `Pincushion in a pot
You need a 3.5mm hook, worsted yarn in terracotta, brown & green, polyfill.

-POT-
Terracotta
1. 6 sc in magic circle - 6 sts
2. 2 sc in each st - 12 sts
3. 1 sc, 2 sc in next - repeat 6x - 18 sts
4. 2 sc, 2 sc in next - repeat 6x - 24 sts
5. 3 sc, 2 sc in next - repeat 6x - 30 sts
6. BLO 1 sc in each st - 30 sts
7.-8. 1 sc in each st - 30 sts
Sl st and fasten off.

-SOIL-
Brown
1.-5. Work as the pot. - 30 sts
Fasten off, leave a long tail to sew it into the pot.

-CACTUS-
Green
1. 6 sc in magic circle - 6 sts
2. 2 sc in each st - 12 sts
3. 1 sc, 2 sc in next - repeat 6x - 18 sts
4.-7. 1 sc in each st - 18 sts
8. 1 sc, dec - repeat 6x - 12 sts
Stuff and sew to the soil.`,
    parts: [
      { name: "POT", counts: [6, 12, 18, 24, 30, 30, 30, 30] },
      { name: "SOIL", counts: [6, 12, 18, 24, 30] },
      { name: "CACTUS", counts: [6, 12, 18, 18, 18, 18, 18, 12] },
    ],
  },
  {
    hand: "of the plain hands, u1: 126. FRED THE FOX",
    text: `FRED THE FOX
by our kitchen table

What you'll need:
- Orange, white and dark brown 8 ply cotton
- 3mm crochet hook
- 9mm safety eyes
- Hobbyfill
- Tapestry needle

Head (start at the top, orange)
Rd 1: 6 sc in MR
Rd 2: 6 inc =12
Rd 3: (1 sc, inc)x6 =18
Rd 4: (2 sc, inc)x6 =24
Rd 5: (3 sc, inc)x6 =30
Rd 6: (4 sc, inc)x6 =36
Rd 7-10: 36 sc
switch to white
Rd 11: (4 sc, dec)x6 =30
Rd 12: (3 sc, dec)x6 =24
place eyes between rd 8 & 9
Rd 13: (2 sc, dec)x6 =18
stuff, FO

Snout (white)
Rd 1: 6 sc in MR
Rd 2: (1 sc, inc)x3 =9
Rd 3: (2 sc, inc)x3 =12
Rd 4: 12 sc
FO, leave tail

Ears (x2, orange)
Rd 1: 6 sc in MR
Rd 2: (1 sc, inc)x3 =9
Rd 3-4: 9 sc
FO

Body (orange)
Rd 1: 6 sc in MR
Rd 2: 6 inc =12
Rd 3: (1 sc, inc)x6 =18
Rd 4: (2 sc, inc)x6 =24
Rd 5: (3 sc, inc)x6 =30
Rd 6-7: 30 sc
Rd 8: (8 sc, dec)x3 =27
Rd 9: 27 sc
Rd 10: (7 sc, dec)x3 =24
Rd 11: 24 sc
Rd 12: (6 sc, dec)x3 =21
Rd 13: (5 sc, dec)x3 =18
FO

Legs (x2, begin with brown)
Rd 1: 6 sc in MR
Rd 2: 6 inc =12
Rd 3: (3 sc, inc)x3 =15
Rd 4-5: 15 sc
switch to orange
Rd 6: (3 sc, dec)x3 =12
Rd 7-9: 12 sc
FO

Arms (x2, begin with brown)
Rd 1: 6 sc in MR
Rd 2: (1 sc, inc)x3 =9
Rd 3: 9 sc
switch to orange
Rd 4-7: 9 sc
FO

Tail (begin with white)
Rd 1: 5 sc in MR
Rd 2: 5 inc =10
Rd 3: (1 sc, inc)x5 =15
Rd 4: 15 sc
switch to orange
Rd 5: 15 sc
Rd 6: (3 sc, dec)x3 =12
Rd 7: 12 sc
Rd 8: (2 sc, dec)x3 =9
Rd 9: (1 sc, dec)x3 =6
FO, sew everything on`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18] },
      { name: "Snout", counts: [6, 9, 12, 12] },
      { name: "Ears", make: 2, counts: [6, 9, 9, 9] },
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 27, 27, 24, 24, 21, 18] },
      { name: "Legs", make: 2, counts: [6, 12, 15, 15, 15, 12, 12, 12, 12] },
      { name: "Arms", make: 2, counts: [6, 9, 9, 9, 9, 9, 9] },
      { name: "Tail", counts: [5, 10, 15, 15, 15, 12, 12, 9, 6] },
    ],
  },
  {
    hand: "of the plain hands, u1: 127. AVOCADO & STONE (UK)",
    text: `AVOCADO & STONE (UK)
Tension is not important.

Avocado
Work in a spiral in dark green.
Rnd 1: 2ch, 8dc in 2nd ch from hook. 8 sts
Rnd 2: 2dc in each dc to end. 16 sts
Rnd 3: (1dc, 2dc in next dc) to end. 24 sts
Rnd 4: (2dc, 2dc in next dc) 8 times. 32 sts
Rnds 5–7: 1dc in each dc. 32 sts
Rnd 8: (6dc, dc2tog) 4 times. 28 sts
Rnd 9: 1dc in each dc. 28 sts
Rnd 10: (5dc, dc2tog) 4 times. 24 sts
Rnd 11: 1dc in each dc. 24 sts
Rnd 12: (4dc, dc2tog) 4 times. 20 sts
Rnd 13: (3dc, dc2tog) 4 times. 16 sts
Stuff.
Rnd 14: (dc2tog) 8 times. 8 sts
Fasten off and gather the last rnd.

Stone
Rnd 1: 2ch, 6dc in 2nd ch from hook. 6 sts
Rnd 2: 2dc in each dc. 12 sts
Rnd 3: (1dc, 2dc in next dc) 6 times. 18 sts
Rnd 4: 1dc in each dc. 18 sts
Rnd 5: (1dc, dc2tog) 6 times. 12 sts
Rnd 6: (dc2tog) 6 times. 6 sts
Fasten off.`,
    parts: [
      { name: "Avocado", counts: [8, 16, 24, 32, 32, 32, 32, 28, 28, 24, 24, 20, 16, 8] },
      { name: "Part 2", counts: [6, 12, 18, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, u1: 128. Winter gnome",
    text: `Winter gnome

BODY
(grey)
1 – 7 sc in MC (7)
2 – 7 inc (14)
3 – 7 x [1 sc, 1 inc] (21)
4 – 7 x [2 sc, 1 inc] (28)
5-9 – 28 sc (28)
10 – BLO: 28 sc (28)
11 – 4 x [5 sc, 1 dec] (24)
12 – 24 sc (24)
13 – 4 x [4 sc, 1 dec] (20)
14 – 4 x [3 sc, 1 dec] (16)
15 – 4 x [2 sc, 1 dec] (12)
Fasten off.

NOSE
(skin)
1 – 6 sc in MC (6)
2 – 6 sc (6)
Fasten off.

HAT
(red)
1 – 4 sc in MC (4)
2 – 4 sc (4)
3 – 4 inc (8)
4 – 8 sc (8)
5 – 4 x [1 sc, 1 inc] (12)
6 – 12 sc (12)
7 – 4 x [2 sc, 1 inc] (16)
8 – 16 sc (16)
9 – 4 x [3 sc, 1 inc] (20)
10 – 20 sc (20)
11 – 4 x [4 sc, 1 inc] (24)
12 – 4 x [5 sc, 1 inc] (28)
Fasten off.

BEARD
Cut 20 strands of cream, 12 cm each, and knot them into the loops of round 10.`,
    parts: [
      { name: "BODY", counts: [7, 14, 21, 28, 28, 28, 28, 28, 28, 28, 24, 24, 20, 16, 12] },
      { name: "NOSE", counts: [6, 6] },
      { name: "HAT", counts: [4, 4, 8, 8, 12, 12, 16, 16, 20, 20, 24, 28] },
    ],
  },
  {
    hand: "of the plain hands, u1: 129. Sea turtle keyring",
    text: `Sea turtle keyring

Yarn A: teal. Yarn B: sand.

Shell (A)
R1 6sc in mc (6)
R2 inc all (12)
R3 (sc,inc) all (18)
R4 (2sc,inc) all (24)
R5 (3sc,inc) all (30)
R6 (4sc,inc) all (36)
R7-R9 sc all (36)
f/o

Belly (B)
R1-R6 as shell
do not f/o, put belly on shell and sc together through both layers, stuffing before closing

Head (B)
R1 6sc in mc (6)
R2 inc all (12)
R3 (3sc,inc) all (15)
R4-5 sc all (15)
R6 (3sc,dec) all (12)
f/o, stuff

Leg x4 (B)
R1 6sc in mc (6)
R2 (sc,inc) all (9)
R3-R4 sc all (9)
f/o, no stuffing

Tail (B)
R1 4sc in mc (4)
R2 (sc,inc) all (6)
f/o`,
    parts: [
      { name: "Shell", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36] },
      { name: "Belly", counts: [6, 12, 18, 24, 30, 36] },
      { name: "Head", counts: [6, 12, 15, 15, 15, 12] },
      { name: "Leg", make: 4, counts: [6, 9, 9, 9] },
      { name: "Tail", counts: [4, 6] },
    ],
  },
  {
    hand: "of the plain hands, u1: 130. MUSHROOM",
    text: `MUSHROOM

Size: approx. 7 cm
Gauge: 5 sts and 6 rounds = 2.5 cm

Cap, in red
Round 1: Make a magic ring, 6 sc into the ring. (6)
Round 2: 2 sc into every stitch. (12)
Round 3: (1 sc, 2 sc into the next stitch) around. (18)
Round 4: (2 sc, 2 sc into the next stitch) around. (24)
Round 5: (3 sc, 2 sc into the next stitch) around. (30)
Round 6: (4 sc, 2 sc into the next stitch) around. (36)
Round 7: (5 sc, 2 sc into the next stitch) around. (42)
Round 8 – Round 10: sc around. (42)
Fasten off with a slip stitch.

Gills, in white
Round 1: Make a magic ring, 6 sc into the ring. (6)
Round 2: 2 sc into every stitch. (12)
Round 3: (1 sc, 2 sc into the next stitch) around. (18)
Round 4: (2 sc, 2 sc into the next stitch) around. (24)
Round 5: (3 sc, 2 sc into the next stitch) around. (30)
Round 6: (4 sc, 2 sc into the next stitch) around. (36)
Round 7: (5 sc, 2 sc into the next stitch) around. (42)
Hold the gills against the cap and slip stitch them together, stuffing as you go.

Stem, in white
Round 1: Make a magic ring, 6 sc into the ring. (6)
Round 2: 2 sc into every stitch. (12)
Round 3: (1 sc, 2 sc into the next stitch) around. (18)
Round 4: In back loops, sc around. (18)
Round 5: (4 sc, sc2tog) around. (15)
Round 6: sc around. (15)
Round 7: (3 sc, sc2tog) around. (12)
Round 8 – Round 9: sc around. (12)
Round 10: (3 sc, 2 sc into the next stitch) around. (15)
Fasten off and leave a long end.

Spots, in white, make 5
Round 1: Make a magic ring, 6 sc into the ring. (6)
Pull the ring shut, slip stitch, fasten off.

Sew the spots onto the cap and the stem onto the gills.`,
    parts: [
      { name: "Cap", counts: [6, 12, 18, 24, 30, 36, 42, 42, 42, 42] },
      { name: "Gills", counts: [6, 12, 18, 24, 30, 36, 42] },
      { name: "Stem", counts: [6, 12, 18, 18, 15, 15, 12, 12, 12, 15] },
      { name: "Spots", make: 5, counts: [6] },
    ],
  },
  {
    hand: "of the plain hands, u1: 131. Reef fish",
    text: `Reef fish
Notes: Do not join rounds; use a marker. Colours: A coral, B white.

Fish (start at nose)
A: 1. 5 sc in ring. 5
2. inc x5. 10
3. (sc, inc) x5. 15
4. (2 sc, inc) x5. 20
B: 5. sc x20. 20
A: 6. (3 sc, inc) x5. 25
7. sc x25. 25
B: 8. sc x25. 25
A: 9-10. sc x25. 25
Eyes between 4 and 5.
B: 11. (3 sc, dec) x5. 20
A: 12. sc x20. 20
13. (2 sc, dec) x5. 15
14. sc x15. 15
Stuff.
15. (sc, dec) x5. 10
16. dec x5. 5
End.

Tail fin
A: 1. 5 sc in ring. 5
2. sc x5. 5
3. inc x5. 10
B: 4. sc x10. 10
Flatten and sew.

Side fins, 2 pcs
B: 1. 5 sc in ring. 5
2-3. sc x5. 5`,
    parts: [
      { name: "Fish", counts: [5, 10, 15, 20, 20, 25, 25, 25, 25, 25, 20, 20, 15, 15, 10, 5] },
      { name: "Tail fin", counts: [5, 5, 10, 10] },
      { name: "Side fins", make: 2, counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, u1: 132. Strawberry",
    text: `Strawberry

*Berry* in red

Rnd 1 (RS): Ch 2, work 6 sc in second ch from hook; join with sl st in first sc — 6 sc.
Rnd 2: Ch 1, 2 sc in each sc around; join — 12 sc.
Rnd 3: Ch 1, [sc in next sc, 2 sc in next sc] 6 times; join — 18 sc.
Rnd 4: Ch 1, [sc in next 2 sc, 2 sc in next sc] 6 times; join — 24 sc.
Rnd 5: Ch 1, [sc in next 3 sc, 2 sc in next sc] 6 times; join — 30 sc.
Rnds 6-7: Ch 1, sc in each sc around; join — 30 sc.
Rnd 8: Ch 1, [sc in next 3 sc, sc2tog] 6 times; join — 24 sc.
Rnd 9: Ch 1, sc in each sc around; join — 24 sc.
Rnd 10: Ch 1, [sc in next 2 sc, sc2tog] 6 times; join — 18 sc.
Rnd 11: Ch 1, sc in each sc around; join — 18 sc.
Stuff berry.
Rnd 12: Ch 1, [sc in next sc, sc2tog] 6 times; join — 12 sc.
Rnd 13: Ch 1, [sc2tog] 6 times; join — 6 sc. Fasten off.

With a length of yellow, make small straight stitches all over for the seeds.`,
    parts: [{ name: "Berry", counts: [6, 12, 18, 24, 30, 30, 30, 24, 24, 18, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, u2: 133. Tiny dancer",
    text: `Tiny dancer

Yarn: pink, skin, brown

BODY AND HEAD (in one piece, from the head down, begin with skin)
Rnd 1: 6 sc in mr
Rnd 2: inc around (12)
Rnd 3: [sc, inc] around (18)
Rnd 4: [2 sc, inc] around (24)
Rnd 5: [3 sc, inc] around (30)
Rnd 6: [4 sc, inc] around (36)
Rnd 7-10: sc around (36)
Rnd 11: [4 sc, dec] around (30)
Change to pink.
Rnd 12: sc around in BLO (30)
Rnd 13: [3 sc, dec] around (24)
Rnd 14: sc around (24)
Rnd 15: [2 sc, dec] around (18)
Stuff now.
Rnd 16: [sc, dec] around (12)
Rnd 17: dec around (6)

SKIRT
Join pink in any free front loop of Rnd 11.
Rnd 1: 30 sc in the front loops (30)
Rnd 2: 2 hdc in each st (60)
Rnd 3: 2 dc in each st, sl st to first dc (120)
Fasten off.

ARMS (make 2, skin)
Rnd 1: 5 sc in mr
Rnd 2-6: sc around (5)`,
    parts: [
      { name: "BODY AND HEAD", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 30, 24, 24, 18, 12, 6] },
      { name: "SKIRT", counts: [30, 60, 120] },
      { name: "ARMS", make: 2, counts: [5, 5, 5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, u2: 134. Twinkle star",
    text: `Twinkle star
Worked flat in joined rounds. Make 2 and sew together.

Rnd 1: 5 sc in magic ring, join. (5)
Rnd 2: ch 1, 2 sc in each st, join. (10)
Rnd 3: ch 1, (sc, 2 sc in next) 5 times, join. (15)
Fasten off the first, keep the second on the hook, hold together and sc through both layers all round, stuffing before you close.`,
    parts: [{ name: "Twinkle star", make: 2, counts: [5, 10, 15] }],
  },
  {
    hand: "of the plain hands, u2: 135. Carrot for the rabbit",
    text: `Carrot for the rabbit

Orange:
1.) 4 sc into magic ring (4)
2.) 4 x inc (8)
3.) 8 sc (8)
4.) 4 x (1 sc, inc) (12)
5.) 12 sc (12)
6.) 4 x (2 sc, inc) (16)
7.)-11.) 16 sc (16)
12.) 4 x (2 sc, dec) (12)
fill
13.) 6 x dec (6)
Change to green: (ch 8, sl st in second ch from hook and next 6, sl st in next st) 3 times. Fasten off.`,
    parts: [{ name: "Carrot for the rabbit", counts: [4, 8, 8, 12, 12, 16, 16, 16, 16, 16, 16, 12, 6] }],
  },
  {
    hand: "of the plain hands, u2: 136. Doll's boots",
    text: `Doll's boots

UK terms throughout.

Boot (make two alike)
Using navy, ch 5.
Rnd 1: 1 dc in 2nd ch from hook, 1 dc in each of next 2 ch, 4 dc in last ch, working on the other side of the foundation 1 dc in each of next 2 ch, 3 dc in the first ch. (12)
Rnd 2: [1 dc, 2 dc in next st] 6 times. (18)
Rnd 3: [2 dc, 2 dc in next st] 6 times. (24)
Rnd 4: Working in back loops only, 1 dc in each st. (24)
Rnd 5: 1 dc in each st. (24)
Rnd 6: 7 dc, [dc2tog] 5 times, 7 dc. (19)
Rnd 7: 4 dc, [dc2tog] 5 times, 5 dc. (14)
Rnds 8 and 9: 1 dc in each st. (14)
Fasten off. Turn down the cuff.`,
    parts: [{ name: "Boot", make: 2, counts: [12, 18, 24, 24, 24, 19, 14, 14, 14] }],
  },
  {
    hand: "of the plain hands, u2: 137. ELLA ELEPHANT",
    text: `ELLA ELEPHANT

Skill level: confident beginner
Finished height: 10 cm

Elephant head and trunk
R 1: 6 sc in MR = 6 sts
R 2: 6 inc = 12 sts
R 3: (1 sc, 1 inc) 6x = 18 sts
R 4: (2 sc, 1 inc) 6x = 24 sts
R 5: (3 sc, 1 inc) 6x = 30 sts
R 6: (4 sc, 1 inc) 6x = 36 sts
R 7 - R 12: 1 sc in every st = 36 sts
R 13: (4 sc, 1 dec) 6x = 30 sts
R 14: (3 sc, 1 dec) 6x = 24 sts
Attach eyes between R 10 and R 11, 9 sts apart.
R 15: (2 sc, 1 dec) 6x = 18 sts
R 16: (1 sc, 1 dec) 6x = 12 sts
Stuff the head.
R 17: 1 sc in every st = 12 sts
R 18: (4 sc, 1 dec) 2x = 10 sts
R 19 - R 20: 1 sc in every st = 10 sts
R 21: (3 sc, 1 dec) 2x = 8 sts
R 22 - R 25: 1 sc in every st = 8 sts
Stuff the trunk lightly, sl st, cut.

Ears (2x)
R 1: 7 sc in MR = 7 sts
R 2: 7 inc = 14 sts
R 3: (1 sc, 1 inc) 7x = 21 sts
R 4: (2 sc, 1 inc) 7x = 28 sts
Sl st, cut, fold in half.

Body
R 1: 6 sc in MR = 6 sts
R 2: 6 inc = 12 sts
R 3: (1 sc, 1 inc) 6x = 18 sts
R 4: (2 sc, 1 inc) 6x = 24 sts
R 5: (3 sc, 1 inc) 6x = 30 sts
R 6 - R 9: 1 sc in every st = 30 sts
R 10: (3 sc, 1 dec) 6x = 24 sts
R 11: 1 sc in every st = 24 sts
R 12: (2 sc, 1 dec) 6x = 18 sts
Sl st, cut.

Legs (4x)
R 1: 6 sc in MR = 6 sts
R 2: 6 inc = 12 sts
R 3: BLO 1 sc in every st = 12 sts
R 4 - R 5: 1 sc in every st = 12 sts
Stuff, sl st, cut.

Tail
R 1: 4 sc in MR = 4 sts
R 2 - R 5: 1 sc in every st = 4 sts`,
    parts: [
      {
        name: "Elephant head and trunk",
        counts: [
          6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 36, 30, 24, 18, 12, 12, 10, 10, 10, 8, 8, 8, 8, 8,
        ],
      },
      { name: "Ears", make: 2, counts: [7, 14, 21, 28] },
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 24, 18] },
      { name: "Legs", make: 4, counts: [6, 12, 12, 12, 12] },
      { name: "Tail", counts: [4, 4, 4, 4, 4] },
    ],
  },
  {
    hand: "of the plain hands, u2: 138. Otto octopus",
    text: `Otto octopus

Stitches: single crochet (sc), increase (inc), decrease (dec), half double crochet (hdc), chain (ch)

MAIN BODY
Row 1: 7 sc into a magic ring (7)
Row 2: inc in every stitch around (14)
Row 3: (sc in next stitch, inc) x 7 (21)
Row 4: (sc in next 2 stitches, inc) x 7 (28)
Row 5: (sc in next 3 stitches, inc) x 7 (35)
Rows 6 - 10: sc in every stitch around (35)
Row 11: (sc in next 3 stitches, dec) x 7 (28)
Row 12: sc in every stitch around (28)
Row 13: (sc in next 2 stitches, dec) x 7 (21)
Add eyes between rows 8 and 9 with 6 stitches between them and embroider a smile.
Row 14: (sc in next stitch, dec) x 7 (14)
Stuff firmly
Row 15: dec x 7 (7)
Fasten off and weave in the tail.`,
    parts: [{ name: "MAIN BODY", counts: [7, 14, 21, 28, 35, 35, 35, 35, 35, 35, 28, 28, 21, 14, 7] }],
  },
  {
    hand: "of the plain hands, u2: 139. Balloon charm ~ 6 cm",
    text: `Balloon charm ~ 6 cm

~ Balloon ~
Start with YELLOW
1. 6 sc in magic ring - 6
2. (inc) * 6 - 12
3. (1, inc) * 6 - 18
4. (2, inc) * 6 - 24
Change to WHITE
5. (3, inc) * 6 - 30
6. (4, inc) * 6 - 36
Change to BLUE
7-9. 36 - 36
10. (4, dec) * 6 - 30
11. (3, dec) * 6 - 24
Fill.
12. (2, dec) * 6 - 18
13. (1, dec) * 6 - 12
Fasten off.

~ Basket ~
BROWN
1. 6 sc in magic ring - 6
2. (inc) * 6 - 12
3. BLO 12 - 12
4-5. 12 - 12
Fasten off. Four cords of 3 cm join basket and balloon.`,
    parts: [
      { name: "Balloon", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 30, 24, 18, 12] },
      { name: "Basket", counts: [6, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, u2: 140. Croissant",
    text: `Croissant

Using light brown, make a magic ring.
1st round: 3 sc in ring.
2nd round: 2 sc in each sc (6 sc).
3rd round: (1 sc in next sc, 2 sc in next sc) 3 times (9 sc).
4th round: (1 sc in each of next 2 sc, 2 sc in next sc) 3 times (12 sc).
5th round: (1 sc in each of next 3 sc, 2 sc in next sc) 3 times (15 sc).
6th round: (1 sc in each of next 4 sc, 2 sc in next sc) 3 times (18 sc).
7th-9th rounds: 1 sc in each sc (18 sc).
10th round: (1 sc in each of next 4 sc, sc2tog) 3 times (15 sc).
11th round: (1 sc in each of next 3 sc, sc2tog) 3 times (12 sc).
12th round: (1 sc in each of next 2 sc, sc2tog) 3 times (9 sc).
Stuff.
13th round: (1 sc in next sc, sc2tog) 3 times (6 sc).
14th round: (sc2tog) 3 times (3 sc).
Fasten off.`,
    parts: [{ name: "Croissant", counts: [3, 6, 9, 12, 15, 18, 18, 18, 18, 15, 12, 9, 6, 3] }],
  },
  {
    hand: "of the plain hands, u2: 141. Pocket bunny (head and b",
    text: `Pocket bunny (head and body in one)

Colours: oatmeal, a bit of pink

No. of round / what to do / stitches
1 / magic ring, 6 sc / 6
2 / 6 inc / 12
3 / 1 sc, inc - 6 times / 18
4 / 2 sc, inc - 6 times / 24
5-7 / 24 sc / 24
8 / 2 sc, dec - 6 times / 18
9 / 1 sc, dec - 6 times / 12
10 / 12 sc / 12
11 / 1 sc, inc - 6 times / 18
12 / 2 sc, inc - 6 times / 24
13 / 3 sc, inc - 6 times / 30
14-16 / 30 sc / 30
17 / 3 sc, dec - 6 times / 24
18 / 2 sc, dec - 6 times / 18
fill
19 / 1 sc, dec - 6 times / 12
20 / 6 dec / 6

Ear - 2 pieces
1 / magic ring, 6 sc / 6
2 / 6 sc / 6
3 / 2 sc, inc - 2 times / 8
4-5 / 8 sc / 8
6 / 2 sc, dec - 2 times / 6

Arm - 2 pieces
1 / magic ring, 5 sc / 5
2-3 / 5 sc / 5

Tail
1 / magic ring, 6 sc / 6
2 / 6 sc / 6`,
    parts: [
      {
        name: "Pocket bunny",
        counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6],
      },
      { name: "Ear", make: 2, counts: [6, 6, 8, 8, 8, 6] },
      { name: "Arm", make: 2, counts: [5, 5, 5] },
      { name: "Tail", counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, u3: 142. Snowy the polar bear",
    text: `Snowy the polar bear

Rnds are worked in a continuous spiral. Mark the first st of each rnd.

HEAD
Using white, make a magic ring.
Rnd 1: 6 sc (6 sts)
Rnd 2: inc in each st around (12 sts)
Rnd 3: (sc in next st, inc in next st) repeat 6 times (18 sts)
Rnd 4: sc in next st, inc in next st, (sc in next 2 sts, inc in next st) repeat 5 times, sc in next st (24 sts)
Rnd 5: (sc in next 3 sts, inc in next st) repeat 6 times (30 sts)
Rnd 6: sc in next 2 sts, inc in next st, (sc in next 4 sts, inc in next st) repeat 5 times, sc in next 2 sts (36 sts)
Rnd 7: sc in each st around (36 sts)
Rnd 8: (sc in next 5 sts, inc in next st) repeat 6 times (42 sts)
Rnds 9 – 12: sc in each st around (42 sts)
Rnd 13: (sc in next 5 sts, dec) repeat 6 times (36 sts)
Rnd 14: sc in next 2 sts, dec, (sc in next 4 sts, dec) repeat 5 times, sc in next 2 sts (30 sts)
Rnd 15: (sc in next 3 sts, dec) repeat 6 times (24 sts)
Rnd 16: sc in next st, dec, (sc in next 2 sts, dec) repeat 5 times, sc in next st (18 sts)
Insert safety eyes between Rnds 10 and 11, with 7 sts in between. Fasten off, leaving a long end.

BODY
Using white, make a magic ring.
Rnd 1: 6 sc (6 sts)
Rnd 2: inc in each st around (12 sts)
Rnd 3: (sc in next st, inc in next st) repeat 6 times (18 sts)
Rnd 4: (sc in next 2 sts, inc in next st) repeat 6 times (24 sts)
Rnd 5: (sc in next 3 sts, inc in next st) repeat 6 times (30 sts)
Rnds 6 – 8: sc in each st around (30 sts)
Rnd 9: (sc in next 8 sts, dec) repeat 3 times (27 sts)
Rnd 10: sc in each st around (27 sts)
Rnd 11: (sc in next 7 sts, dec) repeat 3 times (24 sts)
Rnd 12: sc in each st around (24 sts)
Rnd 13: (sc in next 6 sts, dec) repeat 3 times (21 sts)
Rnd 14: sc in each st around (21 sts)
Rnd 15: (sc in next 5 sts, dec) repeat 3 times (18 sts)
Fasten off. Stuff head and body and sew together.

ARMS (make 2)
Using white, make a magic ring.
Rnd 1: 6 sc (6 sts)
Rnd 2: (sc in next st, inc in next st) repeat 3 times (9 sts)
Rnds 3 – 4: sc in each st around (9 sts)
Rnd 5: (sc in next st, dec) repeat 3 times (6 sts)
Rnds 6 – 9: sc in each st around (6 sts)
Fasten off.

LEGS (make 2)
Using white, make a magic ring.
Rnd 1: 6 sc (6 sts)
Rnd 2: inc in each st around (12 sts)
Rnd 3: (sc in next 3 sts, inc in next st) repeat 3 times (15 sts)
Rnd 4: sc in each st around (15 sts)
Rnd 5: (sc in next 3 sts, dec) repeat 3 times (12 sts)
Rnd 6: (sc in next 2 sts, dec) repeat 3 times (9 sts)
Rnds 7 – 10: sc in each st around (9 sts)
Fasten off. Stuff lightly.

EARS (make 2)
Using white, make a magic ring.
Rnd 1: 6 sc (6 sts)
Rnd 2: inc in each st around (12 sts)
Rnd 3: (sc in next st, inc in next st) repeat 6 times (18 sts)
Fold in half and sew to head.`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 36, 36, 42, 42, 42, 42, 42, 36, 30, 24, 18] },
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 27, 27, 24, 24, 21, 21, 18] },
      { name: "ARMS", make: 2, counts: [6, 9, 9, 9, 6, 6, 6, 6, 6] },
      { name: "LEGS", make: 2, counts: [6, 12, 15, 15, 12, 9, 9, 9, 9, 9] },
      { name: "EARS", make: 2, counts: [6, 12, 18] },
    ],
  },
  {
    hand: "of the plain hands, u3: 143. Pear",
    text: `Pear

r1: mr6 (6)
r2: 6inc (12)
r3: 6(1sc, 1inc) (18)
r4: 6(2sc, 1inc) (24)
r5: 6(3sc, 1inc) (30)
r6: 6(4sc, 1inc) (36)
r7-10: 36sc (36)
r11: 6(4sc, 1dec) (30)
r12: 30sc (30)
r13: 6(3sc, 1dec) (24)
r14: 24sc (24)
r15: 6(2sc, 1dec) (18)
r16: 18sc (18)
stuff!
r17: 6(1sc, 1dec) (12)
r18: 6dec (6)
cut & close`,
    parts: [{ name: "Pear", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 30, 24, 24, 18, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, u3: 144. Chick",
    text: `Chick

Body and head are made in one.
Rnd 1 (yellow): 6 sc in a magic ring = 6
Rnd 2: *2 sc in next sc; rep from * around = 12
Rnd 3: *1 sc, 2 sc in next sc; rep from * around = 18
Rnd 4: *2 sc, 2 sc in next sc; rep from * around = 24
Rnd 5-8: sc in each sc = 24
Rnd 9: *2 sc, sc2tog; rep from * around = 18
Rnd 10: *1 sc, sc2tog; rep from * around = 12
Stuff and finish with
Rnd 11: *sc2tog; rep from * around = 6

Wings, make 2: ch 9, turn.
Row 1: sc in 2nd ch from hook and in each ch across (8). Turn.
Row 2: ch 1, sc across (8). Turn.
Row 3: ch 1, sc2tog, 4 sc, sc2tog (6). Turn.
Row 4: ch 1, sc2tog, 2 sc, sc2tog (4). Turn.
Row 5: ch 1, sc2tog twice (2). Fasten off.`,
    parts: [
      { name: "Chick", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [8, 8, 6, 4, 2] },
    ],
  },
  {
    hand: "of the plain hands, u3: 145. Pumpkin",
    text: `Pumpkin

Abbr.: SC – single crochet; INC – two SC in one stitch; DEC – two SC together; SLST – slip stitch; MR – magic ring.

1) 8 SC in MR [8]
2) 8 INC [16]
3) (SC, INC) – 8 times [24]
4) (2 SC, INC) – 8 times [32]
5) (3 SC, INC) – 8 times [40]
6) (4 SC, INC) – 8 times [48]
7–11) 48 SC [48]
12) (4 SC, DEC) – 8 times [40]
13) (3 SC, DEC) – 8 times [32]
14) (2 SC, DEC) – 8 times [24]
Stuff loosely.
15) (SC, DEC) – 8 times [16]
16) 8 DEC [8]
Leave a long tail. Pass it through the middle and around the outside six times, pulling each wrap tight.

Stem
1) 5 SC in MR [5]
2) BLO: 5 SC [5]
3–4) 5 SC [5]
5) 5 INC [10]
Sew on top.`,
    parts: [
      { name: "Pumpkin", counts: [8, 16, 24, 32, 40, 48, 48, 48, 48, 48, 48, 40, 32, 24, 16, 8] },
      { name: "Stem", counts: [5, 5, 5, 5, 10] },
    ],
  },
  {
    hand: "of the plain hands, u3: 146. Coffee cup (play food)",
    text: `Coffee cup (play food)

Gauge is not critical but make your stitches tight so the filling does not show.

Cup - off white
Rd 1: magic ring, 7 dc in ring. 7
Rd 2: inc all around. 14
Rd 3: *dc, inc* around. 21
Rd 4: *2 dc, inc* around. 28
Rd 5: back loops: dc around. 28
Rd 6-9: dc around. 28
Finish with ss.

Handle - off white
Row 1: chain 4, dc in 2nd chain from hook, dc in next 2 chains, turn. 3
Row 2-8: chain 1, dc in each st, turn. 3
Finish, sew to cup.

Coffee - brown
Rd 1: magic ring, 7 dc in ring. 7
Rd 2: inc all around. 14
Rd 3: *dc, inc* around. 21
Rd 4: *2 dc, inc* around. 28
Sew in.

Saucer - off white
Rd 1-4: as coffee. 28
Rd 5: *3 dc, inc* around. 35
Rd 6: *4 dc, inc* around. 42
Rd 7: *5 dc, inc* around. 49
Finish with ss.
UK terms used.`,
    parts: [
      { name: "Cup", counts: [7, 14, 21, 28, 28, 28, 28, 28, 28] },
      { name: "Handle", counts: [3, 3, 3, 3, 3, 3, 3, 3] },
      { name: "Coffee", counts: [7, 14, 21, 28] },
      { name: "Saucer", counts: [7, 14, 21, 28, 35, 42, 49] },
    ],
  },
  {
    hand: "of the plain hands, u3: 147. Dino",
    text: `Dino

|Rnd|What to do|Sts|
|---|---|---|
|1|6 sc in magic ring|6|
|2|inc x 6|12|
|3|(sc, inc) x 6|18|
|4|(2 sc, inc) x 6|24|
|5|(3 sc, inc) x 6|30|
|6|(4 sc, inc) x 6|36|
|7-11|sc around|36|
|12|(4 sc, dec) x 6|30|
|13|sc around|30|
|14|(3 sc, dec) x 6|24|
|15|sc around|24|
|16|(2 sc, dec) x 6|18|
|17|sc around|18|
|18|(sc, dec) x 6|12|
|19|sc around|12|
|20|(2 sc, dec) x 3|9|
|21|sc around|9|
|22|(sc, dec) x 3|6|
|23|sc around|6|

**Spikes (5)**

|Rnd|What to do|Sts|
|---|---|---|
|1|3 sc in magic ring|3|
|2|2 sc, inc|4|
|3|3 sc, inc|5|
|4|4 sc, inc|6|

**Leg (4)**

|Rnd|What to do|Sts|
|---|---|---|
|1|6 sc in magic ring|6|
|2|inc x 6|12|
|3-5|sc around|12|`,
    parts: [
      {
        name: "Dino",
        counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 30, 24, 24, 18, 18, 12, 12, 9, 9, 6, 6],
      },
      { name: "Spikes", make: 5, counts: [3, 4, 5, 6] },
      { name: "Leg", make: 4, counts: [6, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, u3: 148. Blue whale with bobble b",
    text: `Blue whale with bobble barnacles

Whale (blue, belly cream)
Rnd 1: 6 sc in MR (6)
Rnd 2: inc x6 (12)
Rnd 3: (1 sc, inc) x6 (18)
Rnd 4: (2 sc, inc) x6 (24)
Rnd 5: (3 sc, inc) x6 (30)
Rnd 6: (4 sc, inc) x6 (36)
Rnd 7: (5 sc, inc) x6 (42)
Rnd 8: blue 28, cream 14 (42)
Rnd 9: blue 28, cream 14 (42)
Rnd 10: 6 sc, bobble, 15 sc, bobble, 19 sc (42)
Rnds 11-12: 42 sc (42)
Rnd 13: (5 sc, dec) x6 (36)
Rnd 14: (4 sc, dec) x6 (30)
Rnd 15: (3 sc, dec) x6 (24)
Rnd 16: (2 sc, dec) x6 (18)
Stuff.
Rnd 17: (1 sc, dec) x6 (12)
Rnd 18: (2 sc, dec) x3 (9)
Rnd 19: 9 sc (9)
Rnd 20: (1 sc, dec) x3 (6)
FO.

Fin (x2)
Rnd 1: 5 sc in MR (5)
Rnd 2: inc, 3 sc, inc (7)
Rnd 3: inc, 5 sc, inc (9)
Rnd 4: 9 sc (9)
FO.

Fluke (x2)
Rnd 1: 5 sc in MR (5)
Rnd 2: 5 sc (5)
Rnd 3: inc, 3 sc, inc (7)
Rnd 4: inc, 5 sc, inc (9)
FO and sew to the end.`,
    parts: [
      { name: "Whale", counts: [6, 12, 18, 24, 30, 36, 42, 42, 42, 42, 42, 42, 36, 30, 24, 18, 12, 9, 9, 6] },
      { name: "Fin", make: 2, counts: [5, 7, 9, 9] },
      { name: "Fluke", make: 2, counts: [5, 5, 7, 9] },
    ],
  },
  {
    hand: "of the plain hands, u4: 149. Pebble the cat, designed",
    text: `Pebble the cat, designed at our kitchen table. For personal use; you may sell what you make.

SUPPLIES: grey DK yarn, pink floss, 7mm eyes, hook 3mm (US C/2).
SIZE: about 6 cm high
SPECIAL STITCHES: invisible decrease - insert hook in front loops of next 2 sts, yarn over and pull through, yarn over and pull through both loops.

BODY & HEAD
Make a magic ring and work 8 sc into it. (8)
2nd round - 2 sc in every st. (16)
3rd round - *sc, 2 sc in next st* all around. (24)
4th round - *2 sc, 2 sc in next st* all around. (32)
5th to 8th round - sc all around. (32)
Place the eyes between the 5th and 6th round, 6 sts apart. Embroider nose and whiskers.
9th round - *2 sc, inv dec* all around. (24)
10th round - sc all around. (24)
11th round - *sc, inv dec* all around. (16)
Stuff.
12th round - inv dec all around. (8)
Cut yarn and close.

EAR, make 2
Make a magic ring and work 6 sc into it. (6)
2nd round - *sc, 2 sc in next st* all around. (9)
3rd round - *2 sc, 2 sc in next st* all around. (12)
4th round - sc all around. (12)

TAIL
Make a magic ring and work 7 sc into it. (7)
2nd to 6th round - sc all around. (7)
Do not stuff.`,
    parts: [
      { name: "BODY & HEAD", counts: [8, 16, 24, 32, 32, 32, 32, 32, 24, 24, 16, 8] },
      { name: "EAR", make: 2, counts: [6, 9, 12, 12] },
      { name: "TAIL", counts: [7, 7, 7, 7, 7, 7] },
    ],
  },
  {
    hand: "of the plain hands, u4: 150. Christmas bell",
    text: `Christmas bell

Round 1 : 6 SC in a Magic Circle
Round 2 : INC in each stitch = 12
Round 3 : ( 1 SC, INC ) x 6 = 18
Round 4 : ( 2 SC, INC ) x 6 = 24
Round 5 : Back loops only - SC around = 24
Round 6 - 7 : SC around = 24
Round 8 : ( 3 SC, INC ) x 6 = 30
Round 9 : ( 4 SC, INC ) x 6 = 36
Slip stitch and cut the yarn.

Clapper
Round 1 : 5 SC in a Magic Circle
Round 2 : SC around = 5`,
    parts: [
      { name: "Christmas bell", counts: [6, 12, 18, 24, 24, 24, 24, 30, 36] },
      { name: "Clapper", counts: [5, 5] },
    ],
  },
  {
    hand: "of the plain hands, u4: 151. Lemon slice set — whole ",
    text: `Lemon slice set — whole lemon

with yellow yarn
R1 - 6 x into ring
R2 - 6 x
R3 - 6 v (12)
R4 - (x, v)*6 (18)
R5 - (2x, v)*6 (24)
R6 - (3x, v)*6 (30)
R7-R11 - 30 x (5 rounds)
R12 - (3x, a)*6 (24)
R13 - (2x, a)*6 (18)
R14 - (x, a)*6 (12)
R15 - 6 a (6)
R16 - 6 x
x = single crochet, v = increase, a = decrease`,
    parts: [
      { name: "Lemon slice set", counts: [6, 6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, u4: 152. Heart keyring",
    text: `Heart keyring

Lobes (make 2)
Rnd 1: 6 sc in a magic ring
Rnd 2: 6 inc (12)
Rnd 3: (1 sc, inc) x 6 (18)
Rnds 4-5: 18 sc (18)
Fasten off the first lobe; do not fasten off the second.

Join
Rnd 6: 18 sc around the first lobe, 18 sc around the second lobe (36)
Rnd 7: 36 sc (36)
Rnd 8: (4 sc, dec) x 6 (30)
Rnd 9: (3 sc, dec) x 6 (24)
Stuff
Rnd 10: (2 sc, dec) x 6 (18)
Rnd 11: (1 sc, dec) x 6 (12)
Rnd 12: 6 dec (6)
Fasten off`,
    parts: [
      { name: "Lobes", make: 2, counts: [6, 12, 18, 18, 18] },
      { name: "Join", counts: [36, 36, 30, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, u4: 153. Bumble bee",
    text: `Bumble bee

Yellow (Y), black (B)
(Y) Rnd 1: 6 sc in MR {6}
(Y) Rnd 2: 2 sc in each {12}
(Y) Rnd 3: [sc 1, inc] 6x {18}
(B) Rnd 4 + 5: sc around {18}
(Y) Rnd 6 + 7: sc around {18}
(B) Rnd 8: sc around {18}
Stuff
(B) Rnd 9: [sc 1, dec] 6x {12}
(B) Rnd 10: dec 6x {6}

Wing (white, 2x)
Rnd 1: 6 sc in MR {6}
Rnd 2: 2 sc in each {12}`,
    parts: [
      { name: "Yellow", counts: [6, 12, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Wing", make: 2, counts: [6, 12] },
    ],
  },
  {
    hand: "of the plain hands, u4: 154. Dragon (no sew head and ",
    text: `Dragon (no sew head and body)

Head
Start at the nose. MC 6 (6)
inc*6 (12)
(1sc,inc)*6 (18)
(2sc,inc)*6 (24)
(3sc,inc)*6 (30)
(4sc,inc)*6 (36)
sc36 *4 rounds (36)
(4sc,dec)*6 (30)
(3sc,dec)*6 (24)
(2sc,dec)*6 (18)
Fasten off, stuff.

Horns, two of them
Start at the tip. MC 3 (3)
2sc,inc (4)
3sc,inc (5)
4sc,inc (6)
Fasten off.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18] },
      { name: "Horns", make: 2, counts: [3, 4, 5, 6] },
    ],
  },
  {
    hand: "of the plain hands, u4: 155. Fir tree (UK)",
    text: `Fir tree (UK)

Tree
With green, make a magic ring.
1 4dc
2 (1dc, 2dc in next) x2 - 6
3 (2dc, 2dc in next) x2 - 8
4 8dc
5 (1dc, 2dc in next) x4 - 12
6 12dc
7 (2dc, 2dc in next) x4 - 16
8 (3dc, 2dc in next) x4 - 20
9 20dc
10 (4dc, 2dc in next) x4 - 24
11 (5dc, 2dc in next) x4 - 28
12 28dc
13 (6dc, 2dc in next) x4 - 32
Fasten off.

Base
With green, make a magic ring.
1 7dc
2 2dc in each st - 14
3 (1dc, 2dc in next) x7 - 21
4 (2dc, 2dc in next) x7 - 28
5 (6dc, 2dc in next) x4 - 32
Sew to the tree, stuffing.

Trunk
With brown, make a magic ring.
1 6dc
2 2dc in each st - 12
3 in back loops, 12dc
4 12dc`,
    parts: [
      { name: "Tree", counts: [4, 6, 8, 8, 12, 12, 16, 20, 20, 24, 28, 28, 32] },
      { name: "Base", counts: [7, 14, 21, 28, 32] },
      { name: "Trunk", counts: [6, 12, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, u4: 156. Penguin, simple, 8 cm.",
    text: `Penguin, simple, 8 cm.

Use black for the body, white for eyes, orange for the beak.

Body. MR, 6 sc (6). Inc around (12). *Sc 1, inc* around (18). *Sc 2, inc* around (24). *Sc 3, inc* around (30). *Sc 4, inc* around (36). Sc around for 6 rounds (36). *Sc 4, dec* around (30). *Sc 3, dec* around (24). Stuff. *Sc 2, dec* around (18). *Sc 1, dec* around (12). Dec around (6). Close.

Eyes. Make 2. MR, 6 sc (6). Inc around (12). Slip stitch, fasten off. Glue or sew a black bead on each.

Beak. MR, 3 sc (3). Inc around (6). Fasten off.`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] },
      { name: "Eyes", make: 2, counts: [6, 12] },
      { name: "Beak", counts: [3, 6] },
    ],
  },
  {
    hand: "of the plain hands, u5: 157. Robot Bolt",
    text: `Robot Bolt

Colours: steel (main), red, black
Hook: 2.5
Abbreviations used: sc, inc, dec, hdc, ch, BLO

Body: in steel
Rnd 1 (6): 6 sc into a ring
Rnd 2 (12): inc around
Rnd 3 (18): [sc, inc] around
Rnd 4 (24): [2 sc, inc] around
Rnd 5 (30): [3 sc, inc] around
Rnd 6 (30): BLO, sc around
Rnds 7-8 (30): sc around
Rnd 9 (24): [3 sc, dec] around
Rnd 10 (24): sc around
Rnd 11 (18): [2 sc, dec] around
Rnd 12 (18): sc around
Rnd 13 (12): [sc, dec] around
Leave open, fill.

Head: in steel
Rnd 1 (7): 7 sc into a ring
Rnd 2 (14): inc around
Rnd 3 (21): [sc, inc] around
Rnd 4 (28): [2 sc, inc] around
Rnd 5 (35): [3 sc, inc] around
Rnds 6-9 (35): sc around
Eyes at Rnd 7.
Rnd 10 (28): [3 sc, dec] around
Rnd 11 (21): [2 sc, dec] around
Rnd 12 (14): [sc, dec] around

Arms, two: in red
Rnd 1 (6): 6 sc into a ring
Rnd 2 (8): [2 sc, inc] x 2
Rnds 3-6 (8): sc around

Feet, two: in black
ch 4
Rnd 1 (9): sc in 2nd ch from hook, sc in next ch, 4 sc in last ch, other side: sc in next ch, 2 sc in last ch
Rnd 2 (14): sc, inc, sc, inc x 2, sc, sc, inc x 2
Rnds 3-4 (14): sc around`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 24, 18, 18, 12] },
      { name: "Head", counts: [7, 14, 21, 28, 35, 35, 35, 35, 35, 28, 21, 14] },
      { name: "Arms", make: 2, counts: [6, 8, 8, 8, 8, 8] },
      { name: "Feet", make: 2, counts: [9, 14, 14, 14] },
    ],
  },
  {
    hand: "of the plain hands, u5: 158. Turnip",
    text: `Turnip

With white
Rnd. 1: work 5 sc into magic ring — 5 sc
Rnd. 2: work 2 sc into each sc — 10 sc
Rnd. 3: (sc into next sc, 2 sc into next sc) five times — 15 sc
Rnd. 4: (sc into next 2 sc, 2 sc into next sc) five times — 20 sc
Rnd. 5: (sc into next 3 sc, 2 sc into next sc) five times — 25 sc
Change to purple
Rnd. 6: (sc into next 4 sc, 2 sc into next sc) five times — 30 sc
Rnd. 7 to Rnd. 9: sc into each sc — 30 sc
Rnd. 10: (sc into next 4 sc, sc next 2 sc together) five times — 25 sc
Rnd. 11: (sc into next 3 sc, sc next 2 sc together) five times — 20 sc
Stuff
Rnd. 12: (sc into next 2 sc, sc next 2 sc together) five times — 15 sc
Rnd. 13: (sc into next sc, sc next 2 sc together) five times — 10 sc
Rnd. 14: (sc next 2 sc together) five times — 5 sc
Fasten off`,
    parts: [{ name: "Turnip", counts: [5, 10, 15, 20, 25, 30, 30, 30, 30, 25, 20, 15, 10, 5] }],
  },
  {
    hand: "of the plain hands, u5: 159. Jellyfish — 1 hour make",
    text: `Jellyfish — 1 hour make

Magic loop, ch 1
1 – sc x 8 in loop [8]
2 – inc x 8 [16]
3 – (sc, inc) x 8 [24]
4 – (sc x 2, inc) x 8 [32]
5 – (sc x 3, inc) x 8 [40]
6–12 – sc x 40 [40]
Insert eyes b/w rounds 9 and 10
13 – (sc x 3, dec) x 8 [32]
14 – (sc x 2, dec) x 8 [24]
Stuff!
15 – (sc, dec) x 8 [16]
16 – dec x 8 [8]
FO`,
    parts: [{ name: "Jellyfish", counts: [8, 16, 24, 32, 40, 40, 40, 40, 40, 40, 40, 40, 32, 24, 16, 8] }],
  },
  {
    hand: "of the plain hands, u5: 160. Trinket pot (UK terms)",
    text: `Trinket pot (UK terms)

BASE
Rnd 1: 8 htr in a magic ring, ss to first htr. (8 htr)
Rnd 2: 2 ch (does not count as a stitch), 2 htr in each st around, ss to join. (16 htr)
Rnd 3: 2 ch, *1 htr, 2 htr in next st; repeat from * around, ss to join. (24 htr)
Rnd 4: 2 ch, *2 htr, 2 htr in next st; repeat from * around, ss to join. (32 htr)
SIDES
Rnd 5: 1 ch, dc in back loop of each st around, ss to join. (32 dc)
Rnds 6-10: 1 ch, dc in each st around, ss to join. (32 dc)
Fasten off.
LID
Rnd 1: 8 htr in a magic ring, ss to first htr. (8 htr)
Rnd 2: 2 ch, 2 htr in each st around, ss to join. (16 htr)
Rnd 3: 2 ch, *1 htr, 2 htr in next st; repeat from * around, ss to join. (24 htr)
Rnd 4: 2 ch, *2 htr, 2 htr in next st; repeat from * around, ss to join. (32 htr)
Rnd 5: 2 ch, *3 htr, 2 htr in next st; repeat from * around, ss to join. (40 htr)
Rnd 6: 1 ch, dc in back loop of each st around, ss to join. (40 dc)
Fasten off.`,
    parts: [
      { name: "BASE", counts: [8, 16, 24, 32] },
      { name: "SIDES", counts: [32, 32, 32, 32, 32, 32] },
      { name: "LID", counts: [8, 16, 24, 32, 40, 40] },
    ],
  },
  {
    hand: "of the plain hands, u5: 161. Snail mail",
    text: `Snail mail
~ body (sand) ~
r1 6 sc mr
r2 sc 6
r3 *sc 2, inc* 2x (8)
r4-r11 sc 8
r12 *sc 2, dec* 2x (6)
stuff only the first half
~ shell (rust) ~
r1 6 sc mr
r2 inc 6 (12)
r3 *sc, inc* 6x (18)
r4 *sc 2, inc* 6x (24)
r5-r7 sc 24
r8 *sc 2, dec* 6x (18)
stuff
r9 *sc, dec* 6x (12)
r10 dec 6 (6)`,
    parts: [
      { name: "body", counts: [6, 6, 8, 8, 8, 8, 8, 8, 8, 8, 8, 6] },
      { name: "shell", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, u5: 162. Sleepy cat loaf. Finishe",
    text: `Sleepy cat loaf. Finished size about 7 cm long.

Cat
Using the tabby yarn:
Round 1: 6sc in magic ring. [6st]
Round 2: 6inc. [12st]
Round 3: (1sc, 1inc) x 6. [18st]
Round 4: (2sc, 1inc) x 6. [24st]
Round 5: (3sc, 1inc) x 6. [30st]
Round 6: (4sc, 1inc) x 6. [36st]
Round 7–11: 36sc. [36st]
Round 12: (4sc, 1dec) x 6. [30st]
Round 13: (3sc, 1dec) x 6. [24st]
Round 14–17: 24sc. [24st]
Embroider closed eyes on Round 8.
Round 18: (2sc, 1dec) x 6. [18st]
Stuff.
Round 19: (1sc, 1dec) x 6. [12st]
Round 20: 6dec. [6st]
Fasten off.

Ears (x2)
Round 1: 4sc in magic ring. [4st]
Round 2: (1sc, 1inc) x 2. [6st]
Round 3: (2sc, 1inc) x 2. [8st]
Fasten off.

Paw (x4)
Round 1: 5sc in magic ring. [5st]
Round 2: 5sc. [5st]
Fasten off.`,
    parts: [
      { name: "Cat", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [4, 6, 8] },
      { name: "Paw", make: 4, counts: [5, 5] },
    ],
  },
  {
    hand: "of the plain hands, u5: 163. Pig money charm. (A 9-st",
    text: `Pig money charm. (A 9-stitch gauge over 2 cm is fine.)

PIG: R1. MR6sc(6). R2. 6inc(12). R3. [1sc,1inc]6(18). R4. [2sc,1inc]6(24). R5. [3sc,1inc]6(30). R6. [4sc,1inc]6(36). R7-12. 36sc(36). R13. [4sc,1dec]6(30). R14. [3sc,1dec]6(24). Stuff. R15. [2sc,1dec]6(18). R16. [1sc,1dec]6(12). R17. 6dec(6). Close.
SNOUT: R1. MR8sc(8). R2. BLO 8sc(8). Sl st.
EAR, make 2: R1. MR3sc(3). R2. 1sc,2inc(5). R3. 3sc,2inc(7). Sl st.
TROTTER, make 4: R1. MR6sc(6). R2. BLO 6sc(6). Sl st.`,
    parts: [
      { name: "PIG", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] },
      { name: "SNOUT", counts: [8, 8] },
      { name: "EAR", make: 2, counts: [3, 5, 7] },
      { name: "TROTTER", make: 4, counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, u6: 164. Rosie rabbit with dress",
    text: `Rosie rabbit with dress

HEAD (cream)
Rnd 1: 6 sc in MR (6)
Rnd 2: (inc)*6 (12)
Rnd 3: (sc 1, inc)*6 (18)
Rnd 4: (sc 2, inc)*6 (24)
Rnd 5: (sc 3, inc)*6 (30)
Rnd 6: (sc 4, inc)*6 (36)
Rnd 7: (sc 5, inc)*6 (42)
Rnd 8-12: sc 42 (42)
Rnd 13: (sc 5, dec)*6 (36)
Rnd 14: (sc 4, dec)*6 (30)
Rnd 15: (sc 3, dec)*6 (24)
Rnd 16: (sc 2, dec)*6 (18)
Place eyes. Stuff. Change to rose; the body goes on from here.

BODY (rose)
Rnd 17: FLO sc 18 (18)
Rnd 18: (sc 2, inc)*6 (24)
Rnd 19: (sc 3, inc)*6 (30)
Rnd 20-22: sc 30 (30)
Rnd 23: (sc 3, dec)*6 (24)
Rnd 24: sc 24 (24)
Rnd 25: (sc 2, dec)*6 (18)
Stuff.
Rnd 26: (sc 1, dec)*6 (12)
Rnd 27: (dec)*6 (6)
Fasten off and close.

EARS (cream, make 2)
Rnd 1: 6 sc in MR (6)
Rnd 2: sc 6 (6)
Rnd 3: (sc 1, inc)*3 (9)
Rnd 4: sc 9 (9)
Rnd 5: (sc 2, inc)*3 (12)
Rnd 6-7: sc 12 (12)
Rnd 8: (sc 2, dec)*3 (9)
Fasten off. Pinch the end together.

ARMS (cream, make 2)
Rnd 1: 5 sc in MR (5)
Rnd 2: sc 1, inc, sc 1, inc, sc 1 (7)
Rnd 3-6: sc 7 (7)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 36, 42, 42, 42, 42, 42, 42, 36, 30, 24, 18] },
      { name: "BODY", counts: [18, 24, 30, 30, 30, 30, 24, 24, 18, 12, 6] },
      { name: "EARS", make: 2, counts: [6, 6, 9, 9, 12, 12, 12, 9] },
      { name: "ARMS", make: 2, counts: [5, 7, 7, 7, 7, 7] },
    ],
  },
  {
    hand: "of the plain hands, u6: 165. Sun brooch",
    text: `Sun brooch

Front, yellow
6 sc in a ring. Next round: 2 sc in each. Next round: 1 sc, 2 sc in next, six times. Next round: 2 sc, 2 sc in next, six times. Next round: 3 sc, 2 sc in next, six times. Next round: 4 sc, 2 sc in next, six times. (36)

Back, orange
As the front.`,
    parts: [
      { name: "Front", counts: [6, 12, 18, 24, 30, 36] },
      { name: "Back", counts: [6, 12, 18, 24, 30, 36] },
    ],
  },
  {
    hand: "of the plain hands, u6: 166. Acorn baby",
    text: `Acorn baby

(6 mm eyes, worsted wool, hook 3.5)

Nut
1: MR, 6sc
2: inc ×6 (12)
3: (1sc, inc) ×6 (18)
4: (2sc, inc) ×6 (24)
5–7: 24sc
Face: eyes between 5 and 6, four apart.
8: (2sc, dec) ×6 (18)
9: (1sc, dec) ×6 (12)
stuffing
10: dec ×6 (6)

Cap
1: MR, 6sc
2: inc ×6 (12)
3: (1sc, inc) ×6 (18)
4: (2sc, inc) ×6 (24)
5: (3sc, inc) ×6 (30)
6: 30sc
sl st, tail

Twig
1: MR, 4sc
2–3: 4sc`,
    parts: [
      { name: "Nut", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Cap", counts: [6, 12, 18, 24, 30, 30] },
      { name: "Twig", counts: [4, 4, 4] },
    ],
  },
  {
    hand: "of the plain hands, u6: 167. Frog prince",
    text: `Frog prince

Worked in one piece from the bottom of the body. sc throughout.

Foundation rnd: 6 sc in magic ring.
Rnd 1: 2 sc in every st. 12 sts.
Rnd 2: *1 sc, 2 sc in next st. Repeat from * to end. 18 sts.
Rnd 3: *2 sc, 2 sc in next st. Repeat from * to end. 24 sts.
Rnd 4: *3 sc, 2 sc in next st. Repeat from * to end. 30 sts.
Rnds 5-8: 1 sc in every st. 30 sts.
Rnd 9: *3 sc, dec. Repeat from * to end. 24 sts.
Rnd 10: 1 sc in every st. 24 sts.
Rnd 11: *2 sc, dec. Repeat from * to end. 18 sts.
Stuff the body.
Rnd 12: *1 sc, dec. Repeat from * to end. 12 sts.
Rnd 13: *1 sc, 2 sc in next st. Repeat from * to end. 18 sts.
Rnd 14: *2 sc, 2 sc in next st. Repeat from * to end. 24 sts.
Rnds 15-17: 1 sc in every st. 24 sts.
Rnd 18: *2 sc, dec. Repeat from * to end. 18 sts.
Rnd 19: *1 sc, dec. Repeat from * to end. 12 sts.
Stuff the head.
Rnd 20: dec 6 times. 6 sts.
Fasten off.

Eye bumps, 2
Rnd 1: 5 sc in magic ring.
Rnd 2: 1 sc in every st. 5 sts.
Sew on top.`,
    parts: [
      {
        name: "Frog prince",
        counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 24, 18, 12, 18, 24, 24, 24, 24, 18, 12, 6],
      },
      { name: "Eye bumps", make: 2, counts: [5, 5] },
    ],
  },
  {
    hand: "of the plain hands, u6: 168. Ringed planet",
    text: `Ringed planet

Planet (plum)
R1: 6sc in mr =6
R2: 6inc =12
R3: [1sc, 1inc] 6x =18
R4: [2sc, 1inc] 6x =24
R5: [3sc, 1inc] 6x =30
R6: [4sc, 1inc] 6x =36
R7-R11: 36sc =36
R12: [4sc, 1dec] 6x =30
R13: [3sc, 1dec] 6x =24
R14: [2sc, 1dec] 6x =18
Stuff
R15: [1sc, 1dec] 6x =12
R16: 6dec =6

Ring (sand)
Ch 48, join with sl st to form a ring, do not twist.
R1: 48sc =48
R2: [5sc, 1inc] 8x =56
R3: [6sc, 1inc] 8x =64
Fasten off, slip over the planet and tack down.`,
    parts: [
      { name: "Planet", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] },
      { name: "Ring", counts: [48, 56, 64] },
    ],
  },
  {
    hand: "of the plain hands, v1: 169. Whale by the pier (uk te",
    text: `Whale by the pier (uk terms)

You will need: DK cotton in denim and ecru, 3 mm hook, 7 mm safety eyes, toy filling.
ss = slip stitch, dc = double crochet, dc2tog = two dc together, tch = turning chain.

BODY
Begin at the nose with denim.
Round 1: 6 dc into a magic ring. [6 sts]
Round 2: 2 dc in each st. [12 sts]
Round 3: *1 dc, 2 dc in next st; rep from * to end. [18 sts]
Round 4: *2 dc, 2 dc in next st; rep from * to end. [24 sts]
Round 5: *3 dc, 2 dc in next st; rep from * to end. [30 sts]
Round 6: *4 dc, 2 dc in next st; rep from * to end. [36 sts]
Rounds 7 to 10: 1 dc in each st. [36 sts]
Change to ecru at the end of the last round.
Round 11: *4 dc, dc2tog; rep from * to end. [30 sts]
Fit the eyes between rounds 7 and 8, 12 sts between them. Start to fill.
Round 12: *3 dc, dc2tog; rep from * to end. [24 sts]
Round 13: *2 dc, dc2tog; rep from * to end. [18 sts]
Round 14: *1 dc, dc2tog; rep from * to end. [12 sts]
Top up the filling.
Round 15: (dc2tog) 6 times. [6 sts]
Fasten off, weave the tail through the last 6 sts and pull tight.

FIN (make two)
Round 1: 5 dc into a magic ring. [5 sts]
Round 2: 3 dc in first st, 1 dc, 2 dc in next st, 2 dc. [8 sts]
Round 3: 2 dc in next st, 3 dc, 2 dc in next st, 3 dc. [10 sts]
Round 4: 2 dc in next st, 4 dc, 2 dc in next st, 4 dc. [12 sts]
Round 5: 1 dc in each st. [12 sts]
Do not fill. Fasten off with a long end.

TAIL FLUKE (make two)
Round 1: 6 dc into a magic ring. [6 sts]
Round 2: 1 dc in each st. [6 sts]
Round 3: *1 dc, 2 dc in next st; rep from * to end. [9 sts]
Round 4: *2 dc, 2 dc in next st; rep from * to end. [12 sts]
Round 5: 1 dc in each st. [12 sts]`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] },
      { name: "FIN", make: 2, counts: [5, 8, 10, 12, 12] },
      { name: "TAIL FLUKE", make: 2, counts: [6, 6, 9, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, v1: 170. Mini bear",
    text: `Mini bear

X = sc, V = inc, A = dec

Head
R1: 6X in ring (6)
R2: 6V (12)
R3: (X, V)*6 (18)
R4: (2X, V)*6 (24)
R5-R7: 24X (24)
R8: 24X (24)
R9: (2X, A)*6 (18)
R10: (X, A)*6 (12)
Stuff and leave it open.

Body
R1: 12X in the open edge of the head (12)
R2: (X, V)*6 (18)
R3-R4: 18X (18)
R5: (X, A)*6 (12)
R6: 6A (6)
Close.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12] },
      { name: "Body", counts: [12, 18, 18, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, v1: 171. R1: 6X",
    text: `R1: 6X
R2: 6V (12)
R3: 6(X, V) (18)
R4: 6(2X, V) (24)
R5-R7: 24X
R8: 24X
R9: 6(2X, A) (18)
R10: 6(X, A) (12)
R11: 6A (6)`,
    parts: [{ name: "Piece", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, v1: 172. Little hen, written out ",
    text: `Little hen, written out in full

The hen
Start by making a magic ring and work six single crochet into it. Pull the ring closed. 6 stitches.
Round two: increase in every stitch around. 12 stitches.
Round three: one single crochet in the next stitch, increase in the following one; repeat this all the way round. 18 stitches.
Round four: two single crochet, then an increase; repeat all the way round. 24 stitches.
Round five: three single crochet, then an increase; repeat all the way round. 30 stitches.
Rounds six to eight: single crochet in every stitch. 30 stitches.
Round nine: three single crochet, then a decrease; repeat all the way round. 24 stitches.
Put the safety eyes in now, between rounds six and seven.
Round ten: two single crochet, then a decrease; repeat all the way round. 18 stitches.
Stuff the hen.
Round eleven: one single crochet, then a decrease; repeat all the way round. 12 stitches.
Round twelve: decrease all the way round. 6 stitches.
Cut the yarn and close the hole.

The wings (you need two)
Round one: six single crochet in a magic ring. 6 stitches.
Round two: one single crochet, then an increase; repeat all the way round. 9 stitches.
Round three: two single crochet, then an increase; repeat all the way round. 12 stitches.
Round four: single crochet in every stitch. 12 stitches.`,
    parts: [
      { name: "hen", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "wings", make: 2, counts: [6, 9, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, v1: 173. Body.",
    text: `Body.
1 row: 6 sc in amigurumi ring (6)
2 row: 6 inc (12)
3 row: (1 sc, inc) x 6 (18)
4 row: (2 sc, inc) x 6 (24)
5-8 rows: without changes 24 sc (4 rows)
Insert the eyes between 6 and 7 rows.
9 row: (2 sc, dec) x 6 (18)
10 row: (1 sc, dec) x 6 (12)
Fill tightly.
11 row: 6 dec (6)
Close the hole, hide the thread.

Ears, 2 details.
1 row: 6 sc in amigurumi ring (6)
2 row: without changes (6)
3 row: (1 sc, inc) x 3 (9)
4-5 rows: without changes (9)
Do not fill. Leave a thread for sewing.`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [6, 6, 9, 9, 9] },
    ],
  },
  {
    hand: "of the plain hands, v1: 174. | Rnd | Work | Sts |",
    text: `| Rnd | Work | Sts |
|---|---|---|
| POT | terracotta | |
| 1 | MR, 6 sc | 6 |
| 2 | inc x6 | 12 |
| 3 | (sc, inc) x6 | 18 |
| 4 | (2 sc, inc) x6 | 24 |
| 5 | BLO sc around | 24 |
| 6-8 | sc around | 24 |
| 9 | sc around | 24 |
| 10 | (5 sc, inc) x4 | 28 |
| CACTUS | green | |
| 1 | MR, 6 sc | 6 |
| 2 | inc x6 | 12 |
| 3 | (sc, inc) x6 | 18 |
| 4-7 | sc around | 18 |
| FLOWER | pink | |
| 1 | MR, 5 sc | 5 |
| 2 | inc x5 | 10 |`,
    parts: [
      { name: "POT", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 28] },
      { name: "CACTUS", counts: [6, 12, 18, 18, 18, 18, 18] },
      { name: "FLOWER", counts: [5, 10] },
    ],
  },
  {
    hand: "of the plain hands, v1: 175. BEE KEYCHAIN",
    text: `BEE KEYCHAIN

Colours: Y yellow, B black, W white

Bee
Rnd 1 (Y): 6 sc in MR (6)
Rnd 2 (Y): inc around (12)
Rnd 3 (Y): *sc, inc* x6 (18)
Rnd 4 (B): *sc 2, inc* x6 (24)
Rnd 5 (B): sc around (24)
Rnds 6–7 (Y): sc around (24)
Rnds 8–9 (B): sc around (24)
eyes between rnd 4 and 5
Rnd 10 (Y): *sc 2, dec* x6 (18)
start stuffing
Rnd 11 (Y): *sc, dec* x6 (12)
Rnd 12 (B): dec around (6)
fo, leave a tail of 15 cm, close up

Wing, W, x2
Rnd 1: 6 sc in MR (6)
Rnd 2: inc around (12)
Rnd 3: sc around (12)
fo

Sew the wings side by side on the back, at rnd 6.`,
    parts: [
      { name: "Bee", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Wing", make: 2, counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, v1: 176. - MONKEY -",
    text: `- MONKEY -

Leg (2)
- Round 1: start 6 sc in a magic ring [6]
- Round 2: inc in all 6 st [12]
- Round 3 - 6: sc in all 12 st [12]
Cut the yarn on the first leg. On the second leg, don't: we continue with the body.

Body
- Round 7: ch 3, join the first leg with a sc, sc in the next 11 st of the leg, sc in the 3 ch, sc in the 12 st of the second leg, sc in the other side of the 3 ch [30]
- Round 8 - 10: sc in all 30 st [30]
- Round 11: (sc in next 3 st, dec) repeat 6 times [24]
- Round 12: sc in all 24 st [24]
- Round 13: (sc in next 2 st, dec) repeat 6 times [18]
- Round 14: (sc in next st, dec) repeat 6 times [12]
Fasten off, leaving a long tail.`,
    parts: [
      { name: "Leg", make: 2, counts: [6, 12, 12, 12, 12, 12] },
      { name: "Body", counts: [30, 30, 30, 30, 24, 24, 18, 12] },
    ],
  },
  {
    hand: "of the plain hands, v1: 177. Pouch for the boat kit",
    text: `Pouch for the boat kit

Row 1: ch 15, sc in 2nd ch from hook, sc in next 13 ch, turn. (14)
Rows 2 - 6: ch 1, sc in each st across, turn. (14)
Fold and sew the sides.

Strap
ch 41, sc in 2nd ch from hook and in each ch across. (40)`,
    parts: [
      { name: "Pouch for the boat kit", counts: [14, 14, 14, 14, 14, 14] },
      { name: "Strap", counts: [40] },
    ],
  },
  {
    hand: "of the plain hands, v1: 178. Mushroom",
    text: `Mushroom

Abbreviations: SC (single crochet), INC (2 SC in one stitch), BLO (back loop only), MR (magic ring), SL ST (slip stitch)

Cap - red yarn
RND 1: 6 SC in MR...6
RND 2: INC in each...12
RND 3: [SC 1, INC] around...18
RND 4: [SC 2, INC] around...24
RND 5: [SC 3, INC] around...30
RND 6: [SC 4, INC] around...36
RND 7 thru 9: SC around...36
SL ST, fasten off.

Stem - off-white yarn
RND 1: 6 SC in MR...6
RND 2: INC in each...12
RND 3: [SC 1, INC] around...18
RND 4: in BLO, SC around...18
RND 5 thru 6: SC around...18
RND 7: [SC 2, INC] around...24
RND 8: [SC 3, INC] around...30
RND 9: [SC 4, INC] around...36
SL ST, fasten off leaving a long tail. Sew the stem under the cap, stuffing as you go.`,
    parts: [
      { name: "Cap", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36] },
      { name: "Stem", counts: [6, 12, 18, 18, 18, 18, 24, 30, 36] },
    ],
  },
  {
    hand: "of the plain hands, v1: 179. Egg hanger in hdc",
    text: `Egg hanger in hdc

hdc throughout, in a spiral.
1. 8 hdc in ring (8)
2. 2 hdc in ea (16)
3. (1, 2 in next) 8x (24)
4. (1, 1, 2 in next) 8x (32)
5.-9. hdc in ea (32)
10. (2, hdc2tog) 8x (24)
11. hdc in ea (24)
stuff
12. (1, hdc2tog) 8x (16)
13. hdc2tog 8x (8)
close, make a hanging loop of ch 25.`,
    parts: [{ name: "Egg hanger in hdc", counts: [8, 16, 24, 32, 32, 32, 32, 32, 32, 24, 24, 16, 8] }],
  },
  {
    hand: "of the plain hands, v2: 180. Mouse in a scarf",
    text: `Mouse in a scarf

Finished size: about 11 cm. Yarn: worsted in dove grey, blush and cherry. Hook: 3.25 mm. Eyes: 8 mm.

HEAD & BODY (worked in one piece, grey)
R1. MR, sc x6 (6)
R2. inc x6 (12)
R3. [sc, inc] x6 (18)
R4. [sc 2, inc] x6 (24)
R5. [sc 3, inc] x6 (30)
R6. [sc 4, inc] x6 (36)
R7-R11. sc around (36)
Eyes go between R9 and R10, 7 sts apart.
R12. [sc 4, dec] x6 (30)
R13. [sc 3, dec] x6 (24)
R14. [sc 2, dec] x6 (18)
Stuff the head. You are now at the neck.
R15. [sc 2, inc] x6 (24)
R16. [sc 3, inc] x6 (30)
R17-R20. sc around (30)
R21. sc around (30)
R22. [sc 3, dec] x6 (24)
R23. [sc 2, dec] x6 (18)
Stuff.
R24. [sc, dec] x6 (12)
R25. dec x6 (6)
FO.

EARS - make 2 in grey
R1. MR, sc x4 (4)
R2. inc x4 (8)
R3. sc around (8)
R4. [sc, inc] x4 (12)
R5. sc around (12)
R6. [sc, dec] x4 (8)
FO and leave a tail.

ARMS - make 2 in grey
R1. MR, sc x6 (6)
R2. sc 2, inc, sc 2, inc (8)
R3-R6. sc around (8)
R7. sc 3, dec, sc 1, dec (6)
Lightly stuff the hands only.

LEGS - make 2 in grey
R1. MR, sc x8 (8)
R2. [sc, inc] x4 (12)
R3-R5. sc around (12)
FO.

SCARF - cherry
Ch 46, hdc in 3rd ch from hook and in each ch to the end. Cut and knot a fringe of 3 strands in each end.`,
    parts: [
      {
        name: "HEAD & BODY",
        counts: [
          6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 24, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6,
        ],
      },
      { name: "EARS", make: 2, counts: [4, 8, 8, 12, 12, 8] },
      { name: "ARMS", make: 2, counts: [6, 8, 8, 8, 8, 8, 6] },
      { name: "LEGS", make: 2, counts: [8, 12, 12, 12, 12] },
      { name: "SCARF", counts: [44] },
    ],
  },
  {
    hand: "of the plain hands, v2: 181. Octopus charm",
    text: `Octopus charm
With coral:
Rnd 1 - 8 sc into MR. (8 sc)
Rnd 2 - 2 sc into each sc. (16 sc)
Rnd 3 - [1 sc, 2 sc in next] eight times. (24 sc)
Rnd 4 - [2 sc, 2 sc in next] eight times. (32 sc)
Rnd 5 to Rnd 11 - sc in each sc. (32 sc)
Attach eyes on Rnd 8.
Rnd 12 - [2 sc, sc2tog] eight times. (24 sc)
Rnd 13 - [1 sc, sc2tog] eight times. (16 sc)
Stuff.
Rnd 14 - [ch 16, 2 sc in 2nd ch from hook and in each ch along, sl st in next 2 sc] eight times for the tentacles.
Fasten off. Sew a circle of felt over the hole.`,
    parts: [{ name: "Octopus charm", counts: [8, 16, 24, 32, 32, 32, 32, 32, 32, 32, 32, 24, 16, 16] }],
  },
  {
    hand: "of the plain hands, v2: 182. Apple (kids' kitchen)",
    text: `Apple (kids' kitchen)

Row 1: 6sc in magic ring (6sc)
Row 2: 2sc in each sc around (12sc)
Row 3: *sc in next sc, 2sc in next sc* repeat around (18sc)
Row 4: *sc in next 2sc, 2sc in next sc* repeat around (24sc)
Row 5: *sc in next 3sc, 2sc in next sc* repeat around (30sc)
Row 6-10: sc in each sc around (30sc)
Row 11: *sc in next 3sc, sc2tog* repeat around (24sc)
Row 12: *sc in next 2sc, sc2tog* repeat around (18sc)
Stuff firmly.
Row 13: *sc in next sc, sc2tog* repeat around (12sc)
Finish off, sew the hole closed, pull the needle up and down through the middle to dent top and bottom.

Leaf: ch 7. Sl st in 2nd ch from hook, sc in next ch, hdc in next 2 ch, sc in next ch, sl st in last ch. Do not turn, work along the other side: sl st, sc, 2 hdc, sc, sl st. Finish off. (12)

Stem: ch 6, sl st in 2nd ch from hook and in next 4 ch. Finish off.`,
    parts: [
      { name: "Apple", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Leaf", counts: [12] },
      { name: "Stem", counts: [5] },
    ],
  },
  {
    hand: "of the plain hands, v2: 183. Sheep with a bobbly coat",
    text: `Sheep with a bobbly coat

bo = bobble: 4 dc together in one stitch, pushed to the front.

Body, cream
1. 6 sc in a magic ring
2. inc in each (12)
3. (sc, inc) 6 times (18)
4. (bo, sc, inc) 6 times (24)
5. (3 sc, inc) 6 times (30)
6. (bo, 2 sc) 10 times (30)
7. sc around (30)
8. (sc, bo, sc) 10 times (30)
9. sc around (30)
10. (bo, 2 sc) 10 times (30)
11. (3 sc, dec) 6 times (24)
12. (2 sc, dec) 6 times (18)
Stuff it.
13. (sc, dec) 6 times (12)
14. dec 6 times (6)
Close.

Face, black
1. 6 sc in a magic ring
2. (sc, inc) 3 times (9)
3. (2 sc, inc) 3 times (12)
4. sc around (12)

Legs, black, four of them
1. 6 sc in a magic ring
2. - 3. sc around (6)`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Face", counts: [6, 9, 12, 12] },
      { name: "Legs", make: 4, counts: [6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, v2: 184. Puffed heart",
    text: `Puffed heart

First bump: R1 - 6 in mr (6); R2 - inc x 6 (12); R3 - sc (12). Fasten off.
Second bump: R1 - 6 in mr (6); R2 - inc x 6 (12); R3 - sc (12). Don't fasten off.
Join: R4 - sc in all 12 st of the second bump, then all 12 st of the first (24); R5 - (sc 2, dec) x 6 (18); R6 - (sc, dec) x 6 (12); stuff; R7 - dec x 6 (6). Close.`,
    parts: [
      { name: "First bump", counts: [6, 12, 12] },
      { name: "Second bump", counts: [6, 12, 12] },
      { name: "Join", counts: [24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, v2: 185. Little fir tree, worked ",
    text: `Little fir tree, worked from the top
In bottle green make a magic ring.
Rnd 1. 5 dc in ring. (5 dc)
Rnd 2. 1 dc in each dc. (5 dc)
Rnd 3. 2 dc in each dc. (10 dc)
Rnd 4. 1 dc in each dc. (10 dc)
Rnd 5. (1 dc in next dc, 2 dc in next dc) 5 times. (15 dc)
Rnd 6. 1 dc in each dc. (15 dc)
Rnd 7. (1 dc in each of next 2 dc, 2 dc in next dc) 5 times. (20 dc)
Rnd 8. 1 dc in each dc. (20 dc)
Rnd 9. (1 dc in each of next 3 dc, 2 dc in next dc) 5 times. (25 dc)
Rnd 10. 1 dc in each dc. (25 dc)
Slst and fasten off.`,
    parts: [{ name: "Little fir tree", counts: [5, 5, 10, 10, 15, 15, 20, 20, 25, 25] }],
  },
  {
    hand: "of the plain hands, v2: 186. Snail",
    text: `Snail

Shell:
Rd 1: 6 sc in MC
Rd 2: 6x inc (12)
Rd 3: 6x (sc, inc) (18)
Rd 4: 6x (2 sc, inc) (24)
Rd 5+6: 24 sc
Rd 7: 6x (2 sc, dec) (18)
Rd 8: 6x (sc, dec) (12)

Body:
Rd 1: 5 sc in MC
Rd 2: inc, sc, inc, sc, inc (8)
Rd 3-10: 8 sc`,
    parts: [
      { name: "Shell", counts: [6, 12, 18, 24, 24, 24, 18, 12] },
      { name: "Body", counts: [5, 8, 8, 8, 8, 8, 8, 8, 8, 8] },
    ],
  },
  {
    hand: "of the plain hands, v2: 187. Coaster, garter look",
    text: `Coaster, garter look

ch 17
Row 1 (RS): Sc in 2nd ch from hook and in each ch across, turn. 16 sts.
Row 2: Ch 1, sc in BLO of each st across, turn. 16 sts.
Rows 3-6: Rep Row 2.`,
    parts: [{ name: "Coaster", counts: [16, 16, 16, 16, 16, 16] }],
  },
  {
    hand: "of the plain hands, v2: 188. Advent candle in two col",
    text: `Advent candle in two colours

Candle (red): R1 6 sc mr, R2 inc x6 (12), R3 (1 sc, inc) x6 (18), R4 blo sc (18), R5-9 sc (18). Stuff. Change to white for the flame... no, cut the yarn.
Flame (gold): R1 6 sc mr, R2 sc (6), R3 (1 sc, inc) x3 (9), R4 (1 sc, dec) x3 (6).`,
    parts: [
      { name: "Candle", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18] },
      { name: "Flame", counts: [6, 6, 9, 6] },
    ],
  },
  {
    hand: "of the plain hands, v3: 189. Gran's chick",
    text: `Gran's chick
Magic ring, 6 sts. Then twice in every stitch, 12. Then every second stitch twice, 18. Then every third stitch twice, 24. Two rounds plain. Then every third and fourth together, 18. Stuff. Every second and third together, 12. All together by twos, 6. Close.`,
    parts: [{ name: "Gran's chick", counts: [6, 12, 18, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, v3: 190. Pom ball",
    text: `Pom ball
Round 1 – 6 singles in the ring.
Round 2 – two singles in each of the 6. [12]
Round 3 – one single, then two in the next; six times. [18]
Round 4 – a single in each of two, then two in the next; six times. [24]
Rounds 5, 6 and 7 – one in each. [24]
Round 8 – a single in each of two, then work two together; six times. [18]
Round 9 – one single, then work two together; six times. [12]
Round 10 – work two together six times. [6]`,
    parts: [{ name: "Pom ball", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, v3: 191. Egg - US",
    text: `Egg - US
R1: mr6
R2: 2ea (12)
R3: 1,2 x6 (18)
R4-5: 1ea (18)
R6: 1,tog x6 (12)
R7: tog x6 (6)`,
    parts: [{ name: "Egg", counts: [6, 12, 18, 18, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, v3: 192. Cat head.",
    text: `Cat head.
Ear (x 2)
rnd 1. 6sc [6]; rnd 2. 6inc [12]; rnds 3, 4: 12sc [12].
Head
rnd 1. 6sc [6]; rnd 2. 6inc [12]; rnd 3. 6(1sc, 1inc) [18]; rnd 4. 6(2sc, 1inc) [24]; rnds 5, 6: 24sc [24].`,
    parts: [
      { name: "Ear", make: 2, counts: [6, 12, 12, 12] },
      { name: "Head", counts: [6, 12, 18, 24, 24, 24] },
    ],
  },
  {
    hand: "of the plain hands, v3: 193. Star base",
    text: `Star base
Rnd 1 (RS): 5 sc in MR; join with sl st in first sc; ch 1. -5 sts-
Rnd 2: 2 sc in each sc; join; ch 1. -10 sts-
Rnd 3: *1 sc in next sc, 2 sc in next sc; rep from * 4 more times; join; ch 1. -15 sts-
Rnd 4: *1 sc in each of next 2 sc, 2 sc in next sc; rep from * 4 more times; join; ch 1. -20 sts-
Rnd 5: *1 sc in each of next 3 sc, 2 sc in next sc; rep from * 4 more times; join. -25 sts-`,
    parts: [{ name: "Star base", counts: [5, 10, 15, 20, 25] }],
  },
  {
    hand: "of the plain hands, v3: 194. Fish",
    text: `Fish
(Rnd 1) 4sc in MR /4/
(Rnd 2) inc*4 /8/
(Rnd 3) (sc, inc)*4 /12/
(Rnd 4) (2sc, inc)*4 /16/
(Rnds 5-7) sc /16/
(Rnd 8) (2sc, dec)*4 /12/
(Rnd 9) (sc, dec)*4 /8/
(Rnd 10) dec*4 /4/`,
    parts: [{ name: "Fish", counts: [4, 8, 12, 16, 16, 16, 16, 12, 8, 4] }],
  },
  {
    hand: "of the plain hands, v3: 195. Ghost",
    text: `Ghost
R1 = 6 sc in mr = 6
R2 = 6 inc = 12
R3 = 6 x (1 sc + 1 inc) = 18
R4 = 6 x (2 sc + 1 inc) = 24
R5 to R9 = 24 sc = 24
R10 = 24 sc = 24
R11 = 12 x (1 sc + 1 inc) = 36`,
    parts: [{ name: "Ghost", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 36] }],
  },
  {
    hand: "of the plain hands, v3: 196. Bobble hat for the seal",
    text: `Bobble hat for the seal
With rib side inside.
Rnd 1: 10 hdc in MR, sl st to first hdc. (10)
Rnd 2: ch 1 (does not count), 2 hdc in each st, sl st to first hdc. (20)
Rnd 3: ch 1, *hdc in next st, 2 hdc in next*; rep around, sl st to first hdc. (30)
Rnd 4-6: ch 1, hdc in each st around, sl st to first hdc. (30)
Make a pompom of 3 cm and sew it on.`,
    parts: [{ name: "Piece", counts: [10, 20, 30, 30, 30, 30] }],
  },
  {
    hand: "of the plain hands, w1: 197. Pocket Bear",
    text: `Pocket Bear
by the stall

You'll need
– light worsted cotton, caramel (about 18 g) and cream (2 g)
– 2.75 mm hook
– 2 safety eyes, 7 mm
– fibrefill, darning needle

Work in a spiral, do not join. Tension matters less than tightness.

Head (caramel)
Rd 1: Start with 6 sc into a magic loop (6)
Rd 2: inc into every st (12)
Rd 3: *1 sc, inc* around (18)
Rd 4: *2 sc, inc* around (24)
Rd 5: *3 sc, inc* around (30)
Rds 6 – 8: sc in every st (30)
Rd 9: *3 sc, dec* around (24)
Place the eyes between Rds 6 and 7, about 6 sts apart.
Rd 10: *2 sc, dec* around (18)
Start filling.
Rd 11: *1 sc, dec* around (12)
Fasten off, leave the opening; the head is sewn onto the body.

Body (caramel)
Rds 1–4: as Head. (24)
Rds 5–6: sc in every st (24)
Rd 7: *10 sc, dec* twice (22)
Rd 8: *9 sc, dec* twice (20)
Rd 9: *8 sc, dec* twice (18)
Fasten off with a long tail. Fill firmly.

Arms (caramel, 2 pieces)
Rd 1: 5 sc into a magic loop (5)
Rd 2: *1 sc, inc* twice, inc (8)
Rds 3 – 6: sc in every st (8)
Fill only the paw. Flatten and close with 4 sc through both layers. Fasten off.

Ears (caramel, 2 pieces)
Rd 1: 4 sc into a magic loop (4)
Rd 2: inc into every st (8)
Rd 3: sc in every st (8)
Do not fill.

Snout (cream)
Rd 1: 6 sc into a magic loop (6)
Rd 2: inc into every st (12)
Rd 3: sc in every st (12)
Embroider the nose in black before you sew the snout on.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 22, 20, 18] },
      { name: "Arms", make: 2, counts: [5, 8, 8, 8, 8, 8, 4] },
      { name: "Ears", make: 2, counts: [4, 8, 8] },
      { name: "Snout", counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, w1: 198. Toadstool (UK terms)",
    text: `Toadstool (UK terms)
Materials: DK cotton in red, white. 3 mm hook. Stuffing.
Abbreviations: dc = double crochet; inc = 2dc into same st; st(s) = stitch(es); ss = slip stitch; BLO = back loop only

CAP
With red yarn make a magic ring.
Round 1: 6dc into ring. [6 sts]
Round 2: 2dc into each st. [12 sts]
Round 3: (1dc, 2dc into next st) six times. [18 sts]
Round 4: (2dc into next st, 1dc into next 2 sts) six times. [24 sts]
Round 5: (1dc into next 3 sts, 2dc into next st) six times. [30 sts]
Round 6: (2dc into next st, 1dc into next 4 sts) six times. [36 sts]
Rounds 7 to 9: 1dc into each st. [36 sts]
Ss into next st and fasten off, leaving a long end.

STEM
With white yarn make a magic ring.
Rounds 1 and 2: As for cap. [12 sts]
Round 3: Working into back loop only, 1dc into each st. [12 sts]
Rounds 4 to 6: 1dc into each st. [12 sts]
Round 7: (1dc, 2dc into next st) six times. [18 sts]
Ss into next st and fasten off.

BASE OF CAP
With white yarn make a magic ring.
Rounds 1 to 3: As for cap. [18 sts]
Fasten off.

MAKING UP
Sew base to stem, stuff, then sew to the cap 2 rounds from the edge. Embroider 7 spots with white.`,
    parts: [
      { name: "CAP", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36] },
      { name: "STEM", counts: [6, 12, 12, 12, 12, 12, 18] },
      { name: "BASE OF CAP", counts: [6, 12, 18] },
    ],
  },
  {
    hand: "of the plain hands, w1: 199. Octo",
    text: `Octo
Yarn: any. Hook: one that gives you tight fabric.
You start with the head:
1.) 8 sc in MR
2.) 8x inc (16)
3.) 8x (sc, inc) (24)
4.) 8x (2 sc, inc) (32)
5.) 8x (3 sc, inc) (40)
6.) - 10.) 40 sc
11.) 8x (3 sc, dec) (32)
12.) 8x (2 sc, dec) (24)
eyes, stuff
13.) 8x (sc, dec) (16)
14.) 8x dec (8)
close the hole with the tail

Feelers (8x)
ch 21, sc in 2nd ch from hook and in each ch to the end (20)
leave tail for sewing`,
    parts: [
      { name: "head", counts: [8, 16, 24, 32, 40, 40, 40, 40, 40, 40, 32, 24, 16, 8] },
      { name: "Feelers", make: 8, counts: [20] },
    ],
  },
  {
    hand: "of the plain hands, w1: 200. Robin ornament - quick",
    text: `Robin ornament - quick
(brown)
mr 6 - 6
inc x6 - 12
[sc, inc] x6 - 18
(switch to rust)
sc x18 for 3 rows - 18
(switch to brown)
sc x18 - 18
eyes
[sc, dec] x6 - 12
stuff
dec x6 - 6
close

wing x2 (brown)
mr 5 - 5
inc x5 - 10

beak (yellow)
mr 4 - 4
sc x4 - 4`,
    parts: [
      { name: "Robin ornament", counts: [6, 12, 18, 18, 18, 18, 18, 12, 6] },
      { name: "wing", make: 2, counts: [5, 10] },
      { name: "beak", counts: [4, 4] },
    ],
  },
  {
    hand: "of the plain hands, w1: 201. Little boat",
    text: `Little boat
Hull in navy
Ch 7.
R1: 2 sc in 2nd ch from hook, sc in next 4 ch, 4 sc in last ch. Continue along the other side of the chain: sc in next 4 ch. (14)
R2: 2 sc in each of next 2 sts, sc in next 4, 2 sc in each of next 4 sts, sc in next 4. (20)
R3: (1 sc, inc) 2 times, sc in next 4, (1 sc, inc) 4 times, sc in next 4. (26)
R4: BLO sc in each st around. (26)
R5-R7: sc in each st around. (26)
Sl st, fasten off and weave in.

Sail in white
Ch 11.
Row 1: sc in 2nd ch from hook and in each ch across, ch 1, turn. (10)
Row 2: sc2tog, sc in each st across, ch 1, turn. (9)
Rows 3-9: Repeat row 2. At the end of row 9 there are 2 sts.
Row 10: sc2tog. (1)
Fasten off.`,
    parts: [
      { name: "Hull", counts: [14, 20, 26, 26, 26, 26, 26] },
      { name: "Sail", counts: [10, 9, 8, 7, 6, 5, 4, 3, 2, 1] },
    ],
  },
  {
    hand: "of the plain hands, w1: 202. Whale, written as it is ",
    text: `Whale, written as it is told
For the body, you'll start off with 6 single crochet in a magic circle. Round two is 2 single crochet in every stitch, so 12. On round three you do a single crochet then an increase, all the way round, for 18 stitches. Round four: two single crochet and an increase, all the way round, 24 stitches. Rounds five to nine are just single crochet, 24 stitches each. Then round ten is two single crochet and a decrease, all round (18). Round eleven is one single crochet and a decrease, all round (12). Stuff it, then round twelve, decrease all the way round (6). Done.

Fins, make two. Five single crochet in a magic circle. Round 2, single crochet around (5). Round 3, increase around (10).`,
    parts: [
      { name: "body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Fins", make: 2, counts: [5, 5, 10] },
    ],
  },
  {
    hand: "of the plain hands, w1: 203. Coaster keyring",
    text: `Coaster keyring
Rnd 1: ch 3 (counts as 1 dc), 11 dc in magic ring, sl st in top of ch 3. [12 dc]
Rnd 2: ch 3 (counts as 1 dc), dc in same st, 2 dc in each st around, sl st to top of ch 3. [24 dc]
Rnd 3: ch 3 (counts as 1 dc), 2 dc in next st, *dc in next st, 2 dc in next st; rep from * around, sl st to top of ch 3. [36 dc]

Centre button
Rnd 1: 6 sc in MR, join. Fasten off.`,
    parts: [
      { name: "Coaster keyring", counts: [12, 24, 36] },
      { name: "Centre button", counts: [6] },
    ],
  },
  {
    hand: "of the plain hands, w1: 204. HEAD",
    text: `HEAD
❤ MR 7sc (7)
❤ 7inc (14)
❤ (1sc,1inc)*7 (21)
❤ (2sc,1inc)*7 (28)
❤ 3 rounds of 28sc (28)
❤ (28)
❤ (2sc,1dec)*7 (21)
❤ (1sc,1dec)*7 (14)
❤ 7dec (7)
ARM 2 pcs
❤ MR 6sc (6)
❤ 2sc,1inc,2sc,1inc (8)
❤ 5 rounds of 8sc (8)`,
    parts: [
      { name: "HEAD", counts: [7, 14, 21, 28, 28, 28, 28, 21, 14, 7] },
      { name: "ARM", make: 2, counts: [6, 8, 8, 8, 8, 8, 8] },
    ],
  },
  {
    hand: "of the plain hands, w1: 205. CARROT",
    text: `CARROT
Using orange, 3 sc in magic ring.
Round 2: 2 sc in each st. (6 sts)
Round 3: sc around.
Round 4: *sc 1, 2 sc in next st* 3 times. (9 sts)
Round 5: sc around.
Round 6: *sc 2, 2 sc in next st* 3 times. (12 sts)
Round 7: sc around.
Round 8: *sc 3, 2 sc in next st* 3 times. (15 sts)
Rounds 9 & 10: sc around.
Round 11: *sc 1, sc2tog* 5 times. (10 sts) Stuff carrot.
Round 12: *sc2tog* 5 times. (5 sts) Fasten off and close hole.

LEAVES (make 3)
Using green, ch 9. Sl st in 2nd ch from hook and in next 7 chs. Fasten off.`,
    parts: [
      { name: "CARROT", counts: [3, 6, 6, 9, 9, 12, 12, 15, 15, 15, 10, 5] },
      { name: "LEAVES", make: 3, counts: [8] },
    ],
  },
  {
    hand: "of the plain hands, w2: 206. PENGUIN KEYCHAIN",
    text: `PENGUIN KEYCHAIN

MATERIALS
Yarn A: charcoal
Yarn B: white
Yarn C: mustard
2.5mm hook, 6mm safety eyes (2), keyring

BODY (yarn A)
R1    6 sc in MR                6
R2    inc x 6                   12
R3    (sc, inc) x 6             18
R4    (2 sc, inc) x 6           24
R5    (3 sc, inc) x 6           30
R6    (4 sc, inc) x 6           36
R7-8  sc in each st             36
R9    A: 12 sc, B: 12 sc, A: 12 sc    36
R10   A: 10 sc, B: 16 sc, A: 10 sc    36
R11   A: 9 sc, B: 18 sc, A: 9 sc      36
R12   (4 sc, dec) x 6  in A     30
R13   (3 sc, dec) x 6           24
--- eyes between R9 and R10 ---
R14   (2 sc, dec) x 6           18
R15   (sc, dec) x 6             12
R16   dec x 6                   6
FO

WING (yarn A) - make 2
R1    6 sc in MR                6
R2    (sc, inc) x 3             9
R3    (2 sc, inc) x 3           12
R4-5  sc in each st             12
FO, press flat, leave tail

FOOT (yarn C) - make 2
R1    5 sc in MR                5
R2    inc x 5                   10
FO

BEAK (yarn C)
R1    6 sc in MR                6
R2    sc in each st             6
FO`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] },
      { name: "WING", make: 2, counts: [6, 9, 12, 12, 12] },
      { name: "FOOT", make: 2, counts: [5, 10] },
      { name: "BEAK", counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, w2: 207. Mouse",
    text: `Mouse
Body, starting at the nose:
1: magic ring with 6 sc {6}
2: *sc 1, inc 1* x3 {9}
3: *sc 2, inc 1* x3 {12}
4: *sc 3, inc 1* x3 {15}
5: *sc 4, inc 1* x3 {18}
6: *sc 5, inc 1* x3 {21}
7: *sc 6, inc 1* x3 {24}
8, 9: sc 24 {24}
Add eyes on row 5, 7 stitches between
10: *sc 1, dec 1* x8 {16}
Stuff well
11: dec 8 {8}
Close with the tail of yarn.

Ear (2x):
1: magic ring with 6 sc {6}
2: inc 6 {12}
Slip stitch, tail.

Tail:
Chain 21, slip stitch back along the chain from the second chain {20}`,
    parts: [
      { name: "Body", counts: [6, 9, 12, 15, 18, 21, 24, 24, 24, 16, 8] },
      { name: "Ear", make: 2, counts: [6, 12] },
      { name: "Tail", counts: [20] },
    ],
  },
  {
    hand: "of the plain hands, w2: 208. PUMPKIN. Orange. Rnd 1: ",
    text: `PUMPKIN. Orange. Rnd 1: 6 sc in magic ring (6). Rnd 2: inc around (12). Rnd 3: (1 sc, inc) around (18). Rnd 4: (2 sc, inc) around (24). Rnd 5: (3 sc, inc) around (30). Rnds 6–9: sc around (30). Rnd 10: (3 sc, dec) around (24). Rnd 11: (2 sc, dec) around (18). Stuff. Rnd 12: (1 sc, dec) around (12). Rnd 13: dec around (6). Fasten off, and with the tail wrap six sections.
STALK. Brown. Rnd 1: 5 sc in magic ring (5). Rnds 2–3: sc around (5). Fasten off. Sew to the top.`,
    parts: [
      { name: "PUMPKIN", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "STALK", counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, w2: 209. Puffy heart",
    text: `Puffy heart
First lobe
R1: 6sc MR
R2: inc*6 (12)
R3: (sc, inc)*6 (18)
R4-5: sc (18)
Cut yarn.
Second lobe
R1-5: same as first lobe. Don't cut yarn.
Joining
R6: sc 18 round the second lobe, sc 18 round the first lobe (36)
R7: (4sc, dec)*6 (30)
R8: (3sc, dec)*6 (24)
R9: (2sc, dec)*6 (18)
R10: (sc, dec)*6 (12)
stuff
R11: dec*6 (6)`,
    parts: [
      { name: "First lobe", counts: [6, 12, 18, 18, 18] },
      { name: "Second lobe", counts: [6, 12, 18, 18, 18] },
      { name: "Joining", counts: [36, 30, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, w2: 210. Dolly with joined legs",
    text: `Dolly with joined legs

Leg 1
r1. 6 sc in mr (6)
r2. inc ×6 (12)
r3–4. sc 12 (12)
Fasten off.

Leg 2 and body
r1–r4. same as leg 1, do not fasten off.
r5. ch 2, sc 12 around leg 1, sc 2 along the chain, sc 12 around leg 2, sc 2 along the other side of the chain (28)
r6–8. sc 28 (28)
r9. (5 sc, dec) ×4 (24)
r10. (2 sc, dec) ×6 (18)
Stuff legs and body.
r11. (1 sc, dec) ×6 (12)
r12. dec ×6 (6)`,
    parts: [
      { name: "Leg 1", counts: [6, 12, 12, 12] },
      { name: "Leg 2 and body", counts: [6, 12, 12, 12, 28, 28, 28, 28, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, w2: 211. Tiny tote",
    text: `Tiny tote
Strap: ch 31, turn, sc in second ch from hook and each ch along (30), ch 1, turn. Sc along two more rows (30). Fasten off.
Bag front (and back the same): ch 13, turn; row 1 sc in second ch from hook and each ch along (12); rows 2 to 6 ch 1, turn, sc along (12).`,
    parts: [
      { name: "Strap", counts: [30, 30, 30] },
      { name: "Bag front", counts: [12, 12, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, w2: 212. TURTLE (US TERMS)",
    text: `TURTLE (US TERMS)
Shell -- green
Round 1) Make 6 sc into a magic circle – 6 stitches
Round 2) Make 2 sc into each stitch – 12 stitches
Round 3) Make 1 sc, then 2 sc into the next. Repeat to end – 18 stitches
Round 4) Make 2 sc, then 2 sc into the next. Repeat to end – 24 stitches
Round 5) Make 3 sc, then 2 sc into the next. Repeat to end – 30 stitches
Round 6) - Round 7) Make 1 sc into each stitch – 30 stitches
Belly -- tan
Repeat Rounds 1 to 5 of the shell.
Head -- tan
Round 1) Make 6 sc into a magic circle – 6 stitches
Round 2) Make 2 sc into each stitch – 12 stitches
Rounds 3 to 5) Make 1 sc into each stitch – 12 stitches
Legs (4) -- tan
Round 1) Make 5 sc into a magic circle – 5 stitches
Round 2) Make 2 sc into the next stitch, 1 sc, 2 sc into the next, 2 sc – 7 stitches
Round 3) Make 1 sc into each stitch – 7 stitches
Tail -- tan
Round 1) Make 3 sc into a magic circle – 3 stitches
Round 2) Make 2 sc into each of the first two stitches, 1 sc – 5 stitches`,
    parts: [
      { name: "Shell", counts: [6, 12, 18, 24, 30, 30, 30] },
      { name: "Belly", counts: [6, 12, 18, 24, 30] },
      { name: "Head", counts: [6, 12, 12, 12, 12] },
      { name: "Legs", make: 4, counts: [5, 7, 7] },
      { name: "Tail", counts: [3, 5] },
    ],
  },
  {
    hand: "of the plain hands, w3: 213. Hedgehog pin cushion",
    text: `Hedgehog pin cushion
Materials
* fingering yarn in beige and dark brown
* hook 2.25 mm
Stitches used: sc, inc, invdec, loop stitch (lp)

Body
Begin in beige
Rnd 1. 6 sc in mr
Rnd 2. inc in all (12)
Rnd 3. sc, inc in all (18)
Change to brown
Rnd 4. 2 lp, inc in all (24)
Rnd 5. 3 lp, inc in all (30)
Rnd 6-9. lp in all (30)
Rnd 10. 3 sc, invdec in all (24)
Rnd 11. 2 sc, invdec in all (18)
Fill.
Rnd 12. sc, invdec in all (12)
Rnd 13. invdec x6 (6)`,
    parts: [{ name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, w3: 214. Little bell for the tree",
    text: `Little bell for the tree
* sc = single crochet *
Round 1: 6 sc in a ring - (6 stitches)
Round 2: 2 sc in each (12 stitches)
Round 3: (1 sc in the first, 2 sc in the second) repeat 6 times (18 stitches)
Rounds 4, 5, 6: sc all around (18 stitches)
Round 7: (1 sc in each of the first two, 2 sc in the third) repeat 6 times (24 stitches)
Round 8: reverse sc all around (24 stitches)
Clapper: 6 sc in a ring (6 stitches), then sc all around (6 stitches). Gather.`,
    parts: [
      { name: "Little bell for the tree", counts: [6, 12, 18, 18, 18, 18, 24, 24] },
      { name: "Clapper", counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, w3: 215. Pear (green) w/ leaf",
    text: `Pear (green) w/ leaf
RND 1: MR, 5 SC (5 SC)
RND 2: 5 INC (10 SC)
RND 3: 5 x [1 SC, 1 INC] (15 SC)
RND 4: 5 x [2 SC, 1 INC] (20 SC)
RND 5: 5 x [3 SC, 1 INC] (25 SC)
RND 6: 5 x [4 SC, 1 INC] (30 SC)
RND 7 TO RND 9: 30 SC (30 SC)
RND 10: 6 x [3 SC, 1 DEC] (24 SC)
RND 11: 24 SC (24 SC)
RND 12: 6 x [2 SC, 1 DEC] (18 SC)
RND 13: 18 SC (18 SC)
RND 14: 6 x [1 SC, 1 DEC] (12 SC)
RND 15: 12 SC (12 SC)
STUFF
RND 16: 6 DEC (6 SC)
FO

LEAF
CH 8, FROM THE 2ND CH FROM HOOK: SL ST, SC, HDC, DC, HDC, SC, SL ST. ROTATE AND WORK BACK ON OTHER SIDE: SL ST, SC, HDC, DC, HDC, SC, SL ST (14)
FO`,
    parts: [
      { name: "Pear", counts: [5, 10, 15, 20, 25, 30, 30, 30, 30, 24, 24, 18, 18, 12, 12, 6] },
      { name: "LEAF", counts: [14] },
    ],
  },
  {
    hand: "of the plain hands, w3: 216. Starfish",
    text: `Starfish
Arm, make 5
ch 2
1: 4 sc in 2nd ch from hook (4)
2: [inc, sc] twice (6)
3: [inc, 2 sc] twice (8)
4: [inc, 3 sc] twice (10)
5: sc in each (10)
Body
ch 2
1: 6 sc in 2nd ch from hook (6)
2: inc in each (12)
3: [inc, sc] 6 times (18)
4: [inc, 2 sc] 6 times (24)
5: [inc, 3 sc] 6 times (30)
Sew on.`,
    parts: [
      { name: "Arm", make: 5, counts: [4, 6, 8, 10, 10] },
      { name: "Body", counts: [6, 12, 18, 24, 30] },
    ],
  },
  {
    hand: "of the plain hands, w3: 217. MINI MITTENS (pair)",
    text: `MINI MITTENS (pair)
Mitten (make two): Magic ring.
Rnd 1 5 sc into ring 5 sts
Rnd 2 2 sc into each st around 10 sts
Rnd 3 *sc, 2 sc into next; rep from * around 15 sts
Rnd 4-7 sc around 15 sts
Thumb (make two): Magic ring.
Rnd 1 5 sc into ring 5 sts
Rnd 2-3 sc around 5 sts`,
    parts: [
      { name: "Mitten", make: 2, counts: [5, 10, 15, 15, 15, 15, 15] },
      { name: "Thumb", make: 2, counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, w3: 218. Jellyfish",
    text: `Jellyfish
What you need: 15 g of cotton yarn; hook size 3; a pair of black eyes of 8 mm
Bell (work in rounds; the number in brackets = stitches at the end)
1st rnd: 6 sc in magic ring (6)
2nd rnd: 2 sc in every sc (12)
3rd rnd: 2 sc in every 2nd sc (18)
4th rnd: 2 sc in every 3rd sc (24)
5th rnd: 2 sc in every 4th sc (30)
6th rnd: 2 sc in every 5th sc (36)
7th-9th rnd: sc (36)
Insert the eyes between 7th and 8th rnd.
Long tentacles, 4 pcs: ch 31. Sl st in 2nd ch from hook and in each ch (30).
Curly tentacles, 3 pcs: ch 21. 2 sc in 2nd ch from hook, 2 sc in each ch (40).`,
    parts: [
      { name: "Bell", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36] },
      { name: "Long tentacles", make: 4, counts: [30] },
      { name: "Curly tentacles", make: 3, counts: [40] },
    ],
  },
  {
    hand: "of the plain hands, w3: 219. Dice (6 squares)",
    text: `Dice (6 squares)
SQUARE (make 6)
Foundation: Ch 9.
Row 1 (RS): Sc in second ch from hook and in each ch across; turn — 8 sc.
Rows 2–9: Ch 1, sc in each sc across; turn — 8 sc.
Fasten off, leaving a tail of 20 cm. Embroider dots with black. Sew the edges, fill before closing the last one.`,
    parts: [{ name: "SQUARE", make: 6, counts: [8, 8, 8, 8, 8, 8, 8, 8, 8] }],
  },
  {
    hand: "of the plain hands, w3: 220. Snowman",
    text: `Snowman
Snowman is worked from the bottom up in white:
R1: 6 sc in MR (6)
R2: inc in each st (12)
R3: (sc, inc) x6 (18)
R4: (sc, inc, sc) x6 (24)
R5: (3 sc, inc) x6 (30)
R6: (2 sc, inc, 2 sc) x6 (36)
R7-R11: sc in each st (36)
R12: (2 sc, dec, 2 sc) x6 (30)
R13: (3 sc, dec) x6 (24)
R14: (sc, dec, sc) x6 (18)
Stuff the bottom ball firmly.
R15: (sc, inc, sc) x6 (24)
R16: (3 sc, inc) x6 (30)
R17-R19: sc in each st (30)
R20: (3 sc, dec) x6 (24)
R21: (sc, dec, sc) x6 (18)
Add eyes at R18, stuff the head.
R22: (sc, dec) x6 (12)
R23: dec x6 (6)
Carrot nose (orange): R1: 4 sc in MR (4). R2: sc in each st (4). R3: (sc, inc) x2 (6). FO with tail.
Top hat (black): R1: 6 sc in MR (6). R2: inc in each st (12). R3: (sc, inc) x6 (18). R4: BLO sc in each st (18). R5-R6: sc in each st (18). R7: FLO (sc, inc) x9 (27). R8: (2 sc, inc) x9 (36). Sl st, FO.
Scarf (red): Ch 41. Row 1: sc in 2nd ch and across (40). Row 2: ch 1, turn, sc across (40). FO.`,
    parts: [
      {
        name: "Snowman",
        counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 24, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6],
      },
      { name: "Carrot nose", counts: [4, 4, 6] },
      { name: "Top hat", counts: [6, 12, 18, 18, 18, 18, 27, 36] },
      { name: "Scarf", counts: [40, 40] },
    ],
  },
  {
    hand: "of the plain hands, w4: 221. Yarn ball cat toy",
    text: `Yarn ball cat toy
Crochet 6 sc in ring. Crochet two sc into each sc. Now 12.
Next round one sc, two sc into next sc, repeat. Now 18.
Next round two sc, two sc into next sc, repeat. Now 24.
Two rounds just sc.
Next round two sc, sc two together, repeat. Now 18.
Next round one sc, sc two together, repeat. Now 12.
Fill. Next round sc two together to the end. Now 6. Sew closed.`,
    parts: [{ name: "Piece", counts: [6, 12, 18, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, w4: 222. Bauble in stripes (UK)",
    text: `Bauble in stripes (UK)
MC red, CC white. Change at the end of the round.
MC
1 8dc in mr
2 (2dc) x8 [16]
CC
3 (1dc, 2dc in next) x8 [24]
MC
4 (2dc, 2dc in next) x8 [32]
5-8 dc [32]
CC
9 dc [32]
MC
10 (2dc, dc2tog) x8 [24]
11 (1dc, dc2tog) x8 [16]
12 dc2tog x8 [8]
Cap in gold: 6dc in mr, then 2 rounds of 6dc.`,
    parts: [
      { name: "Bauble in stripes", counts: [8, 16, 24, 32, 32, 32, 32, 32, 32, 24, 16, 8] },
      { name: "Cap", counts: [6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, w4: 223. FROG",
    text: `FROG
All in green. Hook C.
Body
rnd1 6sc in mr.............6
rnd2 inc x6...............12
rnd3 (sc,inc) x6..........18
rnd4 (2sc,inc) x6.........24
rnd5 (3sc,inc) x6.........30
rnd6-9 sc.................30
rnd10 (3sc,dec) x6........24
rnd11 (2sc,dec) x6........18
rnd12 (sc,dec) x6.........12
rnd13 dec x6...............6
Eyes x2
rnd1 6sc in mr.............6
rnd2 sc....................6
Feet x4
rnd1 3sc in mr.............3
rnd2 inc x3................6`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Eyes", make: 2, counts: [6, 6] },
      { name: "Feet", make: 4, counts: [3, 6] },
    ],
  },
  {
    hand: "of the plain hands, w4: 224. Leaf pendant",
    text: `Leaf pendant
Row 1: ch 10, sc in 2nd ch from hook, hdc in next, dc in next 2, tr in next, dc in next 2, hdc in next, sc in last. (9)`,
    parts: [{ name: "Leaf pendant", counts: [9] }],
  },
  {
    hand: "of the plain hands, w4: 225. Drawstring pouch for dic",
    text: `Drawstring pouch for dice
Ch 24, join with sl st to first ch to form a ring, being careful not to twist.
Rnd 1: Ch 1, sc in each ch around, join. (24 sc)
Rnds 2-7: Ch 1, sc in each sc around, join. (24 sc)
Fasten off. Sew the bottom closed.`,
    parts: [{ name: "Drawstring pouch for dice", counts: [24, 24, 24, 24, 24, 24, 24] }],
  },
  {
    hand: "of the plain hands, w4: 226. GNOME (about 9 cm)",
    text: `GNOME (about 9 cm)
Work body in grey, hat in red, nose in skin.
**Body**
- Round 1: 6 sc into magic ring
- Round 2: inc ×6 → 12
- Round 3: [1 sc, inc] ×6 → 18
- Round 4: [2 sc, inc] ×6 → 24
- Rounds 5–10: sc → 24
**Hat**
- Round 1: 4 sc into magic ring
- Round 2: sc → 4
- Round 3: [1 sc, inc] ×2 → 6
- Round 4: sc → 6
- Round 5: [1 sc, inc] ×3 → 9
- Round 6: sc → 9
- Round 7: [2 sc, inc] ×3 → 12
- Round 8: sc → 12
- Round 9: [3 sc, inc] ×3 → 15
- Round 10: sc → 15
- Round 11: [4 sc, inc] ×3 → 18
- Round 12: sc → 18
- Round 13: [2 sc, inc] ×6 → 24
- Round 14: sc → 24
**Nose**
- Round 1: 5 sc into magic ring
- Round 2: sc → 5`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24] },
      { name: "Hat", counts: [4, 4, 6, 6, 9, 9, 12, 12, 15, 15, 18, 18, 24, 24] },
      { name: "Nose", counts: [5, 5] },
    ],
  },
  {
    hand: "of the plain hands, w5: 227. Bumble (by request)",
    text: `Bumble (by request)
Yarn: A = amber, B = black. Changing colours every two rounds, carry the other one up inside.
Body:
1. A: 6sc in ring. (6)
2. A: inc*6 (12)
3. B: (1sc,inc)*6 (18)
4. B: (2sc,inc)*6 (24)
5. A: sc*24 (24)
6. A: sc*24 (24)
7. B: (2sc,dec)*6 (18)
8. B: (1sc,dec)*6 (12)
9. A: dec*6 (6)
Wings: in white, two of them. 1. 4sc in ring. (4) 2. inc*4 (8)`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [4, 8] },
    ],
  },
  {
    hand: "of the plain hands, w5: 228. Strawberry",
    text: `Strawberry
I start mine at the tip.
Rnd 1: MR, 4 sc. [4]
Rnd 2: 2 sc in each. [8]
Rnd 3: *1 sc, 2 sc in next* x 4. [12]
Rnd 4: *2 sc, 2 sc in next* x 4. [16]
Rnd 5: *3 sc, 2 sc in next* x 4. [20]
Rnd 6: *4 sc, 2 sc in next* x 4. [24]
Rnd 7 + 8: sc. [24]
Rnd 9: sc2tog around. [12] Stuff, draw thread through the last 12 sts and pull.
Cap, green
Rnd 1: MR, 5 sc. [5]
Rnd 2: *ch 4, sl st in 2nd ch, sc, hdc, sl st in next sc* x 5.`,
    parts: [
      { name: "Strawberry", counts: [4, 8, 12, 16, 20, 24, 24, 24, 12] },
      { name: "Cap", counts: [5, 5] },
    ],
  },
  {
    hand: "of the plain hands, w5: 229. Panda",
    text: `Panda
Head (white)
R1 6sc MR (6)
R2 6inc (12)
R3 1sc 1inc (18)
R4 2sc 1inc (24)
R5 3sc 1inc (30)
R6–R9 30sc (30)
R10 3sc 1dec (24)
R11 2sc 1dec (18)
stuff
R12 1sc 1dec (12)
R13 6dec (6)
Ear (black) ×2
R1 6sc MR (6)
R2 6inc (12)
R3 12sc (12)
Eye patch (black) ×2
R1 6sc MR (6)
R2 6inc (12)`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Ear", make: 2, counts: [6, 12, 12] },
      { name: "Eye patch", make: 2, counts: [6, 12] },
    ],
  },
  {
    hand: "of the plain hands, w5: 230. Snail",
    text: `Snail
Shell (worked as a long tube, later rolled up)
Round 1: 6 sc in mc
Round 2: sc in each around
Round 3: inc, 2 sc, inc, 2 sc (8)
Round 4: sc in each around
Round 5: inc, 3 sc, inc, 3 sc (10)
Round 6: sc in each around
Round 7: inc, 4 sc, inc, 4 sc (12)
Round 8: sc in each around
Body
Round 1: 5 sc in mc
Round 2: inc in each (10)
Rounds 3 through 7: sc in each around
Roll up the shell and sew it on the body.`,
    parts: [
      { name: "Shell", counts: [6, 6, 8, 8, 10, 10, 12, 12] },
      { name: "Body", counts: [5, 10, 10, 10, 10, 10, 10] },
    ],
  },
  {
    hand: "of the plain hands, w5: 231. Hair bow",
    text: `Hair bow
Bow: Ch 21. R1: hdc in 2nd ch from hook, hdc across (20). R2-5: ch 1, turn, hdc across (20). FO.
Middle: Ch 5. R1: sc in 2nd ch from hook, sc across (4). R2-6: ch 1, turn, sc across (4). FO, wrap around the bow and sew.`,
    parts: [
      { name: "Bow", counts: [20, 20, 20, 20, 20] },
      { name: "Middle", counts: [4, 4, 4, 4, 4, 4] },
    ],
  },
  {
    hand: "of the plain hands, w5: 232. Little fir",
    text: `Little fir
Rnd   Work                            Sts
1     6 sc in ring                    6
2     (sc 1, inc) 3x                  9
3     (sc 2, inc) 3x                  12
4     (sc 3, inc) 3x                  15
5     (sc 4, inc) 3x                  18
6     (sc 5, inc) 3x                  21
7     (sc 6, inc) 3x                  24
8     (sc 7, inc) 3x                  27
9     (sc 8, inc) 3x                  30
Trunk
Rnd   Work                            Sts
1     6 sc in ring                    6
2     inc 6x                          12
3-4   sc around                       12`,
    parts: [
      { name: "Little fir", counts: [6, 9, 12, 15, 18, 21, 24, 27, 30] },
      { name: "Trunk", counts: [6, 12, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, w5: 233. SHEEP — loop yarn in cre",
    text: `SHEEP — loop yarn in cream, the rest grey
BODY
Magic ring with cream.
Rnd 1. 6 sc. (6)
Rnd 2. 6 inc. (12)
Rnd 3. (sc, inc) × 6. (18)
Rnd 4. (2 sc, inc) × 6. (24)
Rnd 5-11. 24 sc. (24)
Rnd 12. (2 sc, dec) × 6. (18)
Rnd 13. (sc, dec) × 6. (12)
LEGS. Make four.
Magic ring with grey.
Rnd 1. 6 sc. (6)
Rnd 2-5. 6 sc. (6)
HEAD
Magic ring with grey.
Rnd 1. 6 sc. (6)
Rnd 2. 6 inc. (12)
Rnd 3. (sc, inc) × 6. (18)
Rnd 4-6. 18 sc. (18)
Rnd 7. (sc, dec) × 6. (12)
Rnd 8. 6 dec. (6)`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 18, 12] },
      { name: "LEGS", make: 4, counts: [6, 6, 6, 6, 6] },
      { name: "HEAD", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, w6: 234. Unicorn - mini",
    text: `Unicorn - mini

Head and snout [white]
Rnd 1 | 6 sc in magic ring | 6
Rnd 2 | 6 x inc | 12
Rnd 3 | 6 x (sc, inc) | 18
Rnd 4 | 6 x (2 sc, inc) | 24
Rnd 5 | 6 x (3 sc, inc) | 30
Rnd 6-8 | 30 sc | 30
Rnd 9 | 6 x (3 sc, dec) | 24
Rnd 10 | 6 x (2 sc, dec) | 18
Rnd 11 | 6 x (sc, dec) | 12
Rnd 12 | 6 x dec | 6

Body [white]
Rnd 1 | 5 sc in magic ring | 5
Rnd 2 | 5 x inc | 10
Rnd 3 | 5 x (sc, inc) | 15
Rnd 4 | 5 x (2 sc, inc) | 20
Rnd 5-7 | 20 sc | 20
Rnd 8 | 5 x (2 sc, dec) | 15

Horn [gold]
Rnd 1 | 3 sc in magic ring | 3
Rnd 2 | 3 sc | 3
Rnd 3 | 3 x inc | 6

Legs [white, 4 times]
Rnd 1 | 6 sc in magic ring | 6
Rnd 2-4 | 6 sc | 6

Mane: cut 20 strands of 10 cm and knot them in.`,
    parts: [
      { name: "Head and snout", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Body", counts: [5, 10, 15, 20, 20, 20, 20, 15] },
      { name: "Horn", counts: [3, 3, 6] },
      { name: "Legs", make: 4, counts: [6, 6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, w6: 235. Nest with eggs (UK)",
    text: `Nest with eggs (UK)
Nest: using brown, 4 ch, ss to form ring.
1st round: 8 dc in ring, ss to first dc.
2nd round: 1 ch, 2 dc in each dc, ss to first dc. 16 dc.
3rd round: 1 ch, *1 dc in next dc, 2 dc in next dc; rep from * to end, ss to first dc. 24 dc.
4th to 6th rounds: 1 ch, 1 dc in each dc, ss to first dc. 24 dc.
Fasten off.`,
    parts: [{ name: "Nest", counts: [8, 16, 24, 24, 24, 24] }],
  },
  {
    hand: "of the plain hands, w6: 236. Speckled eggs, three",
    text: `Speckled eggs, three
With pale blue.
r 1: 5 in ring.
r 2: 2 in every st - 10.
r 3, 4, 5: 1 in every st - 10.
Fill.
r 6: sc2tog 5 times - 5.
Thread the end through and pull.`,
    parts: [{ name: "Speckled eggs", make: 3, counts: [5, 10, 10, 10, 10, 5] }],
  },
  {
    hand: "of the plain hands, w6: 237. Pizza slice x2",
    text: `Pizza slice x2
Row 1: Ch 2, 1 sc in 2nd ch from hook (1)
Row 2: Ch 1, turn, inc (2)
Row 3: Ch 1, turn, sc, inc (3)
Row 4: Ch 1, turn, 2 sc, inc (4)
Row 5: Ch 1, turn, 3 sc, inc (5)
Row 6: Ch 1, turn, 4 sc, inc (6)
Row 7: Ch 1, turn, 5 sc, inc (7)
Row 8: Ch 1, turn, 6 sc, inc (8)
Row 9: Ch 1, turn, 7 sc, inc (9)
Row 10: Ch 1, turn, 8 sc, inc (10)`,
    parts: [{ name: "Pizza slice", make: 2, counts: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10] }],
  },
  {
    hand: "of the plain hands, w6: 238. Doughnut",
    text: `Doughnut
Dough: ch 10, sl st into first ch to make a ring.
Rnd 1: sc in each ch (10)
Rnd 2: inc in each st (20)
Rnd 3: (sc, inc) 10 times (30)
Rnds 4-7: sc in each st (30)
Rnd 8: (sc, dec) 10 times (20)
Rnd 9: dec 10 times (10)
Fold the ends together, stuff as you sew the inner edge shut.
Icing (pink): ch 10, sl st into first ch to make a ring.
Rnd 1: sc in each ch (10)
Rnd 2: inc in each st (20)
Rnd 3: (sc, inc) 10 times (30)
Rnd 4: sc in each st (30)
Rnd 5: *sl st, hdc 2 in next, sl st* repeat (40)`,
    parts: [
      { name: "Dough", counts: [10, 20, 30, 30, 30, 30, 30, 20, 10] },
      { name: "Icing", counts: [10, 20, 30, 30, 40] },
    ],
  },
  {
    hand: "of the plain hands, w6: 239. BUNNY (fits in a hand)",
    text: `BUNNY (fits in a hand)
*Head*
Round 1: 6 sc in mr. Round count: 6.
Round 2: inc each. Round count: 12.
Round 3: 1 sc, inc. Round count: 18.
Round 4: 2 sc, inc. Round count: 24.
Rounds 5 to 8: 1 sc each. Round count: 24.
Round 9: 2 sc, dec. Round count: 18.
Round 10: 1 sc, dec. Round count: 12.
Fill, gather with the tail.
*Ears, two alike*
Round 1: 4 sc in mr. Round count: 4.
Round 2: inc each. Round count: 8.
Rounds 3 to 6: 1 sc each. Round count: 8.
Round 7: dec each. Round count: 4.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12] },
      { name: "Ears", make: 2, counts: [4, 8, 8, 8, 8, 8, 4] },
    ],
  },
  {
    hand: "of the plain hands, w7: 240. Ballerina mouse",
    text: `Ballerina mouse
BODY - start in white at the bottom
R1: 6sc in MR [6]
R2: 6inc [12]
R3: (1sc, 1inc)*6 [18]
R4: (2sc, 1inc)*6 [24]
R5-6: 24sc [24]
R7: BLO 24sc [24]
change to grey
R8-9: 24sc [24]
R10: (2sc, 1dec)*6 [18]
R11: (1sc, 1dec)*6 [12]
Stuff, leave open for the head.
SKIRT - join pink in a front loop of R7
R1: 24inc in the front loops [48]
R2: 48 hdc [48]
Fasten off and weave in.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12] },
      { name: "SKIRT", counts: [48, 48] },
    ],
  },
  {
    hand: "of the plain hands, w7: 241. Tiny man",
    text: `Tiny man
First leg: mr 6sc. (6) Round 2: (sc, inc) x3. (9) Round 3-4: sc. (9) Cut the yarn.
Second leg: as the first, keep the yarn.
Body: 
Round 5: ch 3, sc 9 around the first leg, sc 3 on the chain, sc 9 around the second leg, sc 3 on the other side of the chain. (24)
Round 6-8: sc. (24)
Round 9: (2sc, dec) x6. (18)
Round 10: (sc, dec) x6. (12)
Round 11: dec x6. (6)`,
    parts: [
      { name: "First leg", counts: [6, 9, 9, 9] },
      { name: "Second leg", counts: [6, 9, 9, 9] },
      { name: "Body", counts: [24, 24, 24, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, w7: 242. Bobble lamb",
    text: `Bobble lamb
bob = bobble: 4 dc together in one st
R1. 6 sc in mr [6]
R2. inc x 6 [12]
R3. (bob, inc) x 6 [18]
R4. (2 sc, inc) x 6 [24]
R5. (bob, sc) x 12 [24]
R6. sc around [24]
R7. (bob, sc) x 12 [24]
R8. (2 sc, dec) x 6 [18]
R9. (bob, dec) x 6 [12]
R10. dec x 6 [6]`,
    parts: [{ name: "Bobble lamb", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, w7: 243. Crown",
    text: `Crown
Ch 24, join into a ring with a sl st.
Rnd 1: ch 1, sc in each ch (24). Join.
Rnd 2: ch 1, sc in each st (24). Join.
Rnd 3: *sl st in next st, (hdc, dc, ch 2, sl st in 2nd ch from hook, dc, hdc) in next st, sl st in next st; rep from * to end. 8 points.`,
    parts: [{ name: "Crown", counts: [24, 24, 48] }],
  },
  {
    hand: "of the plain hands, w7: 244. Lighthouse keyring",
    text: `Lighthouse keyring
Tower: white, with red stripes
1) 6 sc in MR (6)
2) inc x6 (12)
3) (sc, inc) x6 (18)
4) (2 sc, inc) x6 (24)
5) BLO sc (24)
6-8) sc (24) red
9) sc (24) white
10) (10 sc, dec) x2 (22)
11-12) sc (22)
13) (9 sc, dec) x2 (20) red
14-15) sc (20)
Lamp: yellow
1) 6 sc in MR (6)
2) inc x6 (12)
3-4) sc (12)
Cap: red
1) 4 sc in MR (4)
2) inc x4 (8)
3) (sc, inc) x4 (12)
4) (2 sc, inc) x4 (16)`,
    parts: [
      { name: "Tower", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 22, 22, 22, 20, 20, 20] },
      { name: "Lamp", counts: [6, 12, 12, 12] },
      { name: "Cap", counts: [4, 8, 12, 16] },
    ],
  },
  {
    hand: "of the plain hands, w7: 245. Seahorse, from the tail ",
    text: `Seahorse, from the tail up
1. Mr with 5.
2. 5 sc.
3. Inc 2 evenly (7).
4. 7 sc.
5. Inc 2 evenly (9).
6. 9 sc.
7. Inc 3 evenly (12).
8. 12 sc.
9. Inc 3 evenly (15).
10. Inc 3 evenly (18).
11 - 13. 18 sc.
14. Dec 4 evenly (14).
15. Dec 4 evenly (10).
16 - 17. 10 sc.
18. Inc 2 evenly (12).
19. Inc 3 evenly (15).
20 - 21. 15 sc.
22. Dec 5 (10).
23. Dec 5 (5).`,
    parts: [
      {
        name: "Seahorse",
        counts: [5, 5, 7, 7, 9, 9, 12, 12, 15, 18, 18, 18, 18, 14, 10, 10, 10, 12, 15, 15, 15, 10, 5],
      },
    ],
  },
  {
    hand: "of the plain hands, w8: 246. Chick for the egg cup",
    text: `Chick for the egg cup
UK terms
Row 1 – 6 dc into an adjustable ring.
Row 2 – 2 dc in each st. (12)
Row 3 – 1 dc, 2 dc in next. (18)
Row 4 – 2 dc, 2 dc in next. (24)
Row 5 – 3 dc, 2 dc in next. (30)
Rows 6–9 – dc. (30)
Row 10 – 3 dc, dc2tog. (24)
Row 11 – 2 dc, dc2tog. (18)
Row 12 – 1 dc, dc2tog. (12)
Row 13 – dc2tog. (6)

Beak: orange. Row 1 – 4 dc into an adjustable ring. Row 2 – 1 dc, 2 dc in next. (6)
Wings: Row 1 – 4 dc into an adjustable ring. Row 2 – 2 dc in each st. (8) Row 3 – dc. (8) Make two.`,
    parts: [
      { name: "Chick for the egg cup", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Beak", counts: [4, 6] },
      { name: "Wings", make: 2, counts: [4, 8, 8] },
    ],
  },
  {
    hand: "of the plain hands, w8: 247. Piglet head",
    text: `Piglet head
-- snout --
mr (6)
inc (12)
blo sc (12)
fo

-- head --
mr (6)
inc (12)
1, inc (18)
2, inc (24)
3, inc (30)
sc (30) x4
3, dec (24)
2, dec (18)
stuff
1, dec (12)`,
    parts: [
      { name: "snout", counts: [6, 12, 12] },
      { name: "head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12] },
    ],
  },
  {
    hand: "of the plain hands, w8: 248. Turnip",
    text: `Turnip
In purple 6 sc into ring. Join with slip stitch and ch 1 at the end of this and every round.
2nd: 2 sc each. 12
3rd: *1, 2 in next* 18
4th: *2, 2 in next* 24
5th: *3, 2 in next* 30
6th: *4, 2 in next* 36
7th–10th: even. 36
11th: *4, sc2tog* 30
12th: *3, sc2tog* 24
13th: *2, sc2tog* 18
In white
14th: *1, sc2tog* 12
15th: sc2tog. 6`,
    parts: [{ name: "Turnip", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, w8: 249. A bear for your bag",
    text: `A bear for your bag
(R = round, s = single crochet, i = increase, d = decrease)
Head
R1. 6s in magic ring
R2. 6i - 12
R3. (1s, 1i) 6 times - 18
R4. (2s, 1i) 6 times - 24
R5. (3s, 1i) 6 times - 30
R6-9. 30s - 30
R10. (3s, 1d) 6 times - 24
R11. (2s, 1d) 6 times - 18
R12. (1s, 1d) 6 times - 12
R13. 6d - 6
Ear (make 2)
R1. 6s in magic ring
R2. 6i - 12
R3. 12s - 12`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Ear", make: 2, counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, w8: 250. Fish mobile",
    text: `Fish mobile
Body from the mouth: 
Round 1: Chain 2; 6 single crochet in the second chain from the hook. [6]
Round 2: 2 single crochet in each stitch around. [12]
Round 3: 1 single crochet in next stitch, 2 single crochet in next stitch, around. [18]
Round 4: 1 single crochet in next 2 stitches, 2 single crochet in next stitch, around. [24]
Rounds 5 and 6: Single crochet around. [24]
Round 7: Single crochet in next 4 stitches, single crochet 2 together, around. [20]
Round 8: Single crochet in next 3 stitches, single crochet 2 together, around. [16]
Round 9: Single crochet in next 2 stitches, single crochet 2 together, around. [12]
Round 10: Single crochet in next stitch, single crochet 2 together, around. [8]
Round 11: Single crochet 2 together around. [4]
Tail
Round 12: 3 single crochet in each stitch around. [12]
Fasten off.`,
    parts: [
      { name: "Body from the mouth", counts: [6, 12, 18, 24, 24, 24, 20, 16, 12, 8, 4] },
      { name: "Tail", counts: [12] },
    ],
  },
  {
    hand: "of the plain hands, w8: 251. Booties (tiny, for the t",
    text: `Booties (tiny, for the tree)
With cream, ch 6
R1 2sc in 2nd ch, 3sc, 4sc in last ch, 3sc back, 2sc in last [14]
R2 2inc, 3sc, 4inc, 3sc, 2inc [22]
R3 BLO 22sc [22]
R4 6sc, 5dec, 6sc [17]
R5-6 17sc [17]
FO. Make two.`,
    parts: [{ name: "Booties", make: 2, counts: [14, 22, 22, 17, 17, 17] }],
  },
  {
    hand: "of the plain hands, w8: 252. Christmas bauble — joine",
    text: `Christmas bauble — joined rounds, change colour every round
R1 (red): 6 sc in MR, sl st to join. (6)
R2 (white): ch 1, inc in each st, sl st to join. (12)
R3 (red): ch 1, (1 sc, inc) around, sl st to join. (18)
R4 (white): ch 1, (2 sc, inc) around, sl st to join. (24)
R5 (red): ch 1, (3 sc, inc) around, sl st to join. (30)
R6 (white), R7 (red), R8 (white): ch 1, sc around, sl st to join. (30)
R9 (red): ch 1, (3 sc, dec) around, sl st to join. (24)
R10 (white): ch 1, (2 sc, dec) around, sl st to join. (18)
R11 (red): ch 1, (1 sc, dec) around, sl st to join. (12)
Fill, cut, gather.`,
    parts: [{ name: "Christmas bauble", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12] }],
  },
  {
    hand: "of the plain hands, x1: 253. Doll cape",
    text: `Doll cape
Ch 13.
Row 1: dc in 4th ch from hook (counts as 2 dc), dc in each ch across. 11 dc.
Row 2: Ch 3 (counts as dc), dc in first st, dc in next st, *2 dc in next st, dc in next st; rep from * to end. 17 dc.
Row 3: Ch 3 (counts as dc), dc in each st across. 17 dc.
Fasten off.`,
    parts: [{ name: "Doll cape", counts: [11, 17, 17] }],
  },
  {
    hand: "of the plain hands, x1: 254. Doll beanie",
    text: `Doll beanie
Rnd 1: ch 2 (does not count as a stitch here and throughout), 12 hdc into a magic ring, join with a sl st to the first hdc. (12 hdc)
Rnd 2: ch 2, 2 hdc in each st around, join. (24 hdc)
Rnd 3: ch 2, [1 hdc in next st, 2 hdc in next st] 12 times, join. (36 hdc)
Rnds 4 to 6: ch 2, 1 hdc in each st around, join. (36 hdc)
Rnd 7: ch 1, sc in each st around, join. Fasten off. (36 sc)`,
    parts: [{ name: "Doll beanie", counts: [12, 24, 36, 36, 36, 36, 36] }],
  },
  {
    hand: "of the plain hands, x1: 255. Bunting triangle (work 6",
    text: `Bunting triangle (work 6)
R1: ch 2, sc in 2nd from hook. (1)
R2: ch 1, turn, 3 sc in the st. (3)
R3: ch 1, turn, 2 sc in first, sc, 2 sc in last. (5)
R4: ch 1, turn, 2 sc in first, sc 3, 2 sc in last. (7)
R5: ch 1, turn, 2 sc in first, sc 5, 2 sc in last. (9)
R6: ch 1, turn, 2 sc in first, sc 7, 2 sc in last. (11)`,
    parts: [{ name: "Bunting triangle", make: 6, counts: [1, 3, 5, 7, 9, 11] }],
  },
  {
    hand: "of the plain hands, x1: 256. Koi in two colours",
    text: `Koi in two colours
Begin with orange (O), use white (W) as told.
R1: O 6sc MR (6)
R2: O inc x6 (12)
R3: O 5sc, W 7sc (12)
R4: O (1sc,inc)x2, W (1sc,inc)x4 (18)
R5: W 9sc, O 9sc (18)
R6-R7: O 18sc (18)
R8: W 18sc (18)
R9: O (1sc,dec)x6 (12)
R10: O 12sc (12)
Stuff
R11: O dec x6 (6)
Tail
Pick up on the last round of the body: 
R12: O inc x6 (12)
R13: O 12sc (12)
R14: O inc x12 (24)`,
    parts: [
      { name: "Koi in two colours", counts: [6, 12, 12, 18, 18, 18, 18, 18, 12, 12, 6] },
      { name: "Tail", counts: [12, 12, 24] },
    ],
  },
  {
    hand: "of the plain hands, x1: 257. Reindeer head",
    text: `Reindeer head
Red nose
6 sc in MR, 1 round plain (6), fasten off.
Head: brown.
1. 6 sc in MR
2. (inc) x 6 — 12
3. (inc, sc) x 6 — 18
4. (inc, 2 sc) x 6 — 24
5. (inc, 3 sc) x 6 — 30
6.—8. sc — 30
9. (dec, 3 sc) x 6 — 24
10. (dec, 2 sc) x 6 — 18
11. (dec, sc) x 6 — 12
12. dec x 6 — 6`,
    parts: [
      { name: "Red nose", counts: [6, 6] },
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, x1: 258. Picot star",
    text: `Picot star
rnd 1: 6 sc in mr. sl st. (6)
rnd 2: ch 1, 2 sc in each. sl st. (12)
rnd 3: ch 1, (sc, 2 sc in next) x 6. sl st. (18)
rnd 4: (sc in next, ch 3, sl st in 3rd ch from hook, sc in next 2) x 6. sl st. (18)`,
    parts: [{ name: "Picot star", counts: [6, 12, 18, 18] }],
  },
  {
    hand: "of the plain hands, x1: 259. Cosy",
    text: `Cosy
Chain 30 and join into a circle with a slip stitch, careful not to twist.
1) Ch 1, 1 sc in each chain. Join. [30]
2)-5) Ch 1, 1 sc in each sc. Join. [30]`,
    parts: [{ name: "Cosy", counts: [30, 30, 30, 30, 30] }],
  },
  {
    hand: "of the plain hands, x1: 260. Cherry",
    text: `Cherry
Each cherry (make two)
R1 6 sc MR [6]
R2 inc around [12]
R3 *inc, 1* [18]
R4 *inc, 2* [24]
R5 *dec, 2* [18]
R6 *dec, 1* [12]
fill
R7 dec around [6]
Stalk
Ch 25, sl st to the second cherry.`,
    parts: [
      { name: "cherry", make: 2, counts: [6, 12, 18, 24, 18, 12, 6] },
      { name: "Stalk", counts: [0] },
    ],
  },
  {
    hand: "of the plain hands, x2: 261. Lion",
    text: `Lion
Head — golden yarn
r1: 6 in mr
r2: inc all around, 12
r3: 1 inc, 1 sc, six times, 18
r4: 1 inc, 2 sc, six times, 24
r5: 1 inc, 3 sc, six times, 30
r6: 1 inc, 4 sc, six times, 36
r7 until r10: sc, 36
r11: 1 dec, 4 sc, six times, 30
r12: 1 dec, 3 sc, six times, 24
r13: 1 dec, 2 sc, six times, 18
fill
r14: 1 dec, 1 sc, six times, 12
close`,
    parts: [{ name: "Head", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18, 12] }],
  },
  {
    hand: "of the plain hands, x2: 262. Cactus in a pot (US)",
    text: `Cactus in a pot (US)
POT (terracotta):
Round 1: Start with magic circle, 6sc
Round 2: 2sc in each sc = 12sc
Round 3: *1sc, 2sc in next sc* = 18sc
Round 4: *2sc, 2sc in next sc* = 24sc
Round 5: *3sc, 2sc in next sc* = 30sc
Round 6: sc in back loops = 30sc
Round 7 to 9: sc = 30sc
Round 10: sc in front loops, *4sc, 2sc in next sc* = 36sc
SOIL (brown):
Round 1 to 5: same as pot
CACTUS (green):
Round 1 to 4: same as pot
Round 5 to 10: sc = 24sc
Stuff, sew cactus on soil and soil into pot.`,
    parts: [
      { name: "POT", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 36] },
      { name: "SOIL", counts: [6, 12, 18, 24, 30] },
      { name: "CACTUS", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24] },
    ],
  },
  {
    hand: "of the plain hands, x2: 263. Trellis ball",
    text: `Trellis ball
1. Magic ring 6 sc (6 sts).
2. [2 sc in 1 st] 6 times (12 sts).
3. [2 sc in 1 st] 12 times (24 sts).
4. Single crochet into each stitch (24 sts).
5. Single crochet into each stitch (24 sts).
6. [2 sc together] 12 times (12 sts).
Fill it up.
7. [2 sc together] 6 times (6 sts).`,
    parts: [{ name: "Trellis ball", counts: [6, 12, 24, 24, 24, 12, 6] }],
  },
  {
    hand: "of the plain hands, x2: 264. Santa boots, one pair",
    text: `Santa boots, one pair
Ch 5. Work both sides of the chain.
R1: 3 sc in 2nd ch from hook, 2 sc, 4 sc in last ch, 3 sc = 12
R2: 3 inc, 2 sc, 5 inc, 2 sc = 20
R3: 20 sc BLO = 20
R4: 4 sc, 6 dec, 4 sc = 14
R5: 3 sc, 4 dec, 3 sc = 10
R6-8: 10 sc = 10`,
    parts: [{ name: "Santa boots", make: 2, counts: [12, 20, 20, 14, 10, 10, 10, 10] }],
  },
  {
    hand: "of the plain hands, x2: 265. Juggling ball",
    text: `Juggling ball
Rd 1 6 sc in ring
Rd 2 6 inc 12
Rd 3 sc, inc rep 6x 18
Rd 4 2 sc, inc rep 6x 24
Rd 5-7 sc 24
Rd 8 2 sc, dec rep 6x 18
Rd 9 sc, dec rep 6x 12
Rd 10 6 dec 6`,
    parts: [{ name: "Juggling ball", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, x2: 266. Peg doll with dress",
    text: `Peg doll with dress
HEAD
Rnd 1: 6sc in magic ring.
Rnd 2: 2sc in each st. (12)
Rnd 3: *1sc, 2sc in next; rep from * around. (18)
Rnd 4: *2sc, 2sc in next; rep from * around. (24)
Rnds 5-7: 1sc in each. (24)
Rnd 8: *2sc, sc2tog; rep from * around. (18)
Rnd 9: *1sc, sc2tog; rep from * around. (12)
Do not cut.
DRESS (join pink)
Rnd 10: 1sc in each. (12)
Rnd 11: *1sc, 2sc in next; rep from * around. (18)
Rnd 12: *2sc, 2sc in next; rep from * around. (24)
Rnd 13: 1sc in each. (24)
Rnd 14: 2dc in each. (48)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
      { name: "DRESS", counts: [12, 18, 24, 24, 48] },
    ],
  },
  {
    hand: "of the plain hands, x3: 267. Sleepy fox",
    text: `Sleepy fox
Supplies: 20 g rust, 5 g white, a bit of black for the face; 2.5 hook

BODY (rust; starts at the nose in white)
row1 6sc magic ring 6
row2 6inc 12
(change to rust)
row3 (1sc,inc)6 18
row4 (2sc,inc)6 24
row5 (3sc,inc)6 30
row6-9 30sc 30
row10 (3sc,dec)6 24
row11 (2sc,dec)6 18
stuff
row12 (1sc,dec)6 12

EARS (rust) 2 pc
row1 4sc magic ring 4
row2 (1sc,inc)2 6
row3 (2sc,inc)2 8

PAWS (black) 4 pc
row1 6sc magic ring 6
row2 6sc 6`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "EARS", make: 2, counts: [4, 6, 8] },
      { name: "PAWS", make: 4, counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, x3: 268. Elf (14 cm)",
    text: `Elf (14 cm)
All rounds are worked in continuous spirals unless told otherwise.
Head
Starting from the top. Colour: skin.
Rnd 1: 6 sc in MR.
Rnd 2: inc in every st. - 12 sts
Rnd 3: *1 sc, inc* 6 times. - 18 sts
Rnd 4: *2 sc, inc* 6 times. - 24 sts
Rnd 5: *3 sc, inc* 6 times. - 30 sts
Rnd 6: *4 sc, inc* 6 times. - 36 sts
Rnd 7 - 11: 1 sc in every st. - 36 sts
Rnd 12: *4 sc, dec* 6 times. - 30 sts
Rnd 13: *3 sc, dec* 6 times. - 24 sts
Rnd 14: *2 sc, dec* 6 times. - 18 sts
Rnd 15: *1 sc, dec* 6 times. - 12 sts
Now change to green and go on with the body.
Rnd 16: 1 sc in every st. - 12 sts
Rnd 17: *1 sc, inc* 6 times. - 18 sts
Rnd 18: *2 sc, inc* 6 times. - 24 sts
Rnd 19 - 21: 1 sc in every st. - 24 sts
Arm (2x)
Colour: skin for the first 2 rounds, then green.
Rnd 1: 6 sc in MR.
Rnd 2 - 8: 1 sc in every st. - 6 sts`,
    parts: [
      {
        name: "Starting from the top",
        counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 24, 18, 12, 12, 18, 24, 24, 24, 24],
      },
      { name: "Arm", make: 2, counts: [6, 6, 6, 6, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, x3: 269. Basket ornament (UK term",
    text: `Basket ornament (UK terms)
Base
Round 1: 6dc in a magic ring
Round 2: 2dc in each st (12)
Round 3: (2dc in next st, 1dc) around (18)
Round 4: (2dc in next st, 2dc) around (24)
Sides
Round 5: 1dc BLO in each st (24)
Rounds 6-8: 1dc in each st (24)
Slip stitch, fasten off.
Handle
21 chain, 1dc in second chain from hook, then 1dc in each chain to the end (20). Sew each end to the sides.`,
    parts: [
      { name: "Base", counts: [6, 12, 18, 24] },
      { name: "Sides", counts: [24, 24, 24, 24] },
      { name: "Part 3", counts: [20] },
    ],
  },
  {
    hand: "of the plain hands, x3: 270. cupcake keyring!!",
    text: `cupcake keyring!!
CAKE. beige.
(1) 6 sc in ring (2) inc x 6 [12] (3) *sc, inc* x 6 [18] (4) *2 sc, inc* x 6 [24] (5) *3 sc, inc* x 6 [30] (6) blo 30 sc [30] (7-10) 30 sc [30]
ICING. pink.
(1) 6 sc in ring (2) inc x 6 [12] (3) *sc, inc* x 6 [18] (4) *2 sc, inc* x 6 [24] (5) *3 sc, inc* x 6 [30] (6) 30 sc [30]
CHERRY. red.
(1) 5 sc in ring (2) inc x 5 [10] (3) 10 sc [10] (4) dec x 5 [5]`,
    parts: [
      { name: "CAKE", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30] },
      { name: "ICING", counts: [6, 12, 18, 24, 30, 30] },
      { name: "Part 3", counts: [5, 10, 10, 5] },
    ],
  },
  {
    hand: "of the plain hands, x3: 271. Sun",
    text: `Sun
with gold
1. 6X MR (6)
2. 6V (12)
3. (X,V)6 (18)
4. (2X,V)6 (24)
X=sc, V=inc, A=dec`,
    parts: [{ name: "Sun", counts: [6, 12, 18, 24] }],
  },
  {
    hand: "of the plain hands, x3: 272. Garland ghost, make five",
    text: `Garland ghost, make five
In white: 6 sc in a magic ring. *6*
Increase in each. *12*
Increase in every 2nd. *18*
Increase in every 3rd. *24*
Sc in each for six rounds. *24*
FO.`,
    parts: [{ name: "Garland ghost", make: 5, counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24] }],
  },
  {
    hand: "of the plain hands, x4: 273. Teapot for the tree",
    text: `Teapot for the tree
Use light blue throughout, white for the dots.

Body (from the bottom)
Rnd 1 6 sc in a magic loop.
Rnd 2 2 sc in each sc. 12 sc.
Rnd 3 (1 sc, 2 sc in next) 6 times. 18 sc.
Rnd 4 (2 sc, 2 sc in next) 6 times. 24 sc.
Rnd 5 (3 sc, 2 sc in next) 6 times. 30 sc.
Rnd 6 (4 sc, 2 sc in next) 6 times. 36 sc.
Rnds 7–10 sc in each sc. 36 sc.
Rnd 11 (4 sc, sc2tog) 6 times. 30 sc.
Rnd 12 (3 sc, sc2tog) 6 times. 24 sc.
Leave open.

Spout
Rnd 1 6 sc in a magic loop.
Rnds 2–3 sc in each sc. 6 sc.
Rnd 4 (2 sc, 2 sc in next) twice. 8 sc.
Rnd 5 sc in each sc. 8 sc.

Handle
Ch 17, sc in second ch from hook and in each ch to end. 16 sc.

Lid
Work rounds 1 to 4 of the body.`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24] },
      { name: "Spout", counts: [6, 6, 6, 8, 8] },
      { name: "Handle", counts: [16] },
      { name: "Lid", counts: [6, 12, 18, 24] },
    ],
  },
  {
    hand: "of the plain hands, x4: 274. One-piece bunny",
    text: `One-piece bunny
MR 6 [6]
Inc x6 [12]
(Sc, inc) x6 [18]
(2sc, inc) x6 [24]
Sc x24 (3 rnds) [24]
(2sc, dec) x6 [18]
(Sc, dec) x6 [12]
Stuff the head
(Sc, inc) x6 [18]
(2sc, inc) x6 [24]
Sc x24 (2 rnds) [24]
(2sc, dec) x6 [18]
(Sc, dec) x6 [12]
Stuff the body
Dec x6 [6]
Ears (make 2)
MR 4 [4]
(Sc, inc) x2 [6]
(2sc, inc) x2 [8]
Sc x8 (3 rnds) [8]
Dec x4 [4]
Tail
MR 5 [5]
Sc x5 [5]`,
    parts: [
      { name: "Piece", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 18, 24, 24, 24, 18, 12, 6] },
      { name: "Ears", make: 2, counts: [4, 6, 8, 8, 8, 8, 4] },
      { name: "Tail", counts: [5, 5] },
    ],
  },
  {
    hand: "of the plain hands, x4: 275. Owl pocket charm (UK cro",
    text: `Owl pocket charm (UK crochet terms are used)
Body: work 6 dc into a magic ring, pull tight and mark the first st. Continue in rounds:
Rnd 2: 2 dc in each st (12 sts). Rnd 3: *1 dc, 2 dc in next st, rep from * (18 sts). Rnd 4: *2 dc, 2 dc in next st, rep from * (24 sts). Rnd 5: *3 dc, 2 dc in next st, rep from * (30 sts). Work 7 rounds straight. Fold flat and sew the top edge.
Eyes: make 2 in white. 6 dc into a magic ring. Rnd 2: 2 dc in each st (12 sts).`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 30, 30] },
      { name: "Eyes", make: 2, counts: [6, 12] },
    ],
  },
  {
    hand: "of the plain hands, x4: 276. Bee",
    text: `Bee
Yarn A yellow, yarn B black
Rnd 1 (A) 6 sc into ring
Rnd 2 (A) [inc] 6 (12)
Rnd 3 (B) [sc, inc] 6 (18)
Rnd 4 (B) [2 sc, inc] 6 (24)
Rnd 5-6 (A) sc all around (24)
Rnd 7-8 (B) sc all around (24)
Rnd 9-10 (A) sc all around (24)
Rnd 11 (B) [2 sc, dec] 6 (18)
Rnd 12 (B) [sc, dec] 6 (12)
Rnd 13 (B) [dec] 6 (6)
Wings, white, make 2
Rnd 1 6 sc into ring
Rnd 2 [inc] 6 (12)`,
    parts: [
      { name: "Bee", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [6, 12] },
    ],
  },
  {
    hand: "of the plain hands, x4: 277. Pocket penguin || patter",
    text: `Pocket penguin || pattern by round
|| 6sc mr || 6
|| 6inc || 12
|| 1sc 1inc x6 || 18
|| 2sc 1inc x6 || 24
|| 24sc, 5 rounds || 24
|| 24sc || 24
|| 2sc 1dec x6 || 18
|| 1sc 1dec x6 || 12`,
    parts: [{ name: "Pocket penguin", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 18, 12] }],
  },
  {
    hand: "of the plain hands, x5: 278. Sea turtle, small",
    text: `Sea turtle, small
-------------------------
Upper shell (in moss):
rd 1: 6 sts into magic ring -> 6
rd 2: double every st -> 12
rd 3: double every 2nd st -> 18
rd 4: double every 3rd st -> 24
rd 5: double every 4th st -> 30
rd 6: double every 5th st -> 36
rd 7 & 8: no increases -> 36

Lower shell (in cream): like rds 1 to 6 of the upper shell.

Head (in sage):
rd 1: 6 sts into magic ring -> 6
rd 2: double every st -> 12
rd 3: double every 2nd st -> 18
rd 4 to 6: no increases -> 18

Flippers, 4 in total (in sage):
rd 1: 4 sts into magic ring -> 4
rd 2: double every st -> 8
rd 3 & 4: no increases -> 8`,
    parts: [
      { name: "Upper shell", counts: [6, 12, 18, 24, 30, 36, 36, 36] },
      { name: "Lower shell", counts: [6, 12, 18, 24, 30, 36] },
      { name: "Head", counts: [6, 12, 18, 18, 18, 18] },
      { name: "Flippers", make: 4, counts: [4, 8, 8, 8] },
    ],
  },
  {
    hand: "of the plain hands, x5: 279. Worry doll",
    text: `Worry doll
For BODY and HEAD (made as one) you need skin and blue.
Blue, R1, 6 SC in MR, 6.
R2, 6 INC, 12.
R3, 6 (SC, INC), 18.
R4, 6 (2 SC, INC), 24.
R5 to R9, 24 SC, 24.
Skin, R10 to R14, 24 SC, 24.
R15, 8 (SC, DEC), 16.
Stuff, run a thread through, pull, close.
For each LEG (2)
Skin, R1, 5 SC in MR, 5.
R2, 5 INC, 10.
R3 to R6, 10 SC, 10.`,
    parts: [
      { name: "Worry doll", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24, 24, 24, 16] },
      { name: "For each LEG", make: 2, counts: [5, 10, 10, 10, 10, 10] },
    ],
  },
  {
    hand: "of the plain hands, x5: 280. Nest & bird, terms: US",
    text: `Nest & bird, terms: US
+ Nest +
* start: ch 4, join *
1: 8 sc in the ring
2: *inc* x8
3: *inc, sc* x8
4: blo sc x24
5: sc x24
+ Bird +
1: mr, 6 sc
2: *inc* x6
3: *inc, sc* x6
4-6: sc x18
7: *dec, sc* x6
8: *dec* x6
+ Wings (2) +
1: mr, 5 sc
2: *inc* x5`,
    parts: [
      { name: "Nest", counts: [8, 16, 24, 24, 24] },
      { name: "Bird", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [5, 10] },
    ],
  },
  {
    hand: "of the plain hands, x5: 281. Pompon ball for the hat ",
    text: `Pompon ball for the hat of a gnome
Round one: five stitches into the loop.
Round two: two into each (ten).
Round three: one, then two into the next, five times (fifteen).
Round four: one into each of two, two into the next, five times (twenty).
Round five: one into each of three, two into the next, five times (twenty-five).
Rounds six to eight: one into each (twenty-five).
Round nine: one into each of three, two together, five times (twenty).
Round ten: one into each of two, two together, five times (fifteen).
Stuff.
Round eleven: one, two together, five times (ten).
Round twelve: two together, five times (five).`,
    parts: [{ name: "Piece", counts: [5, 10, 15, 20, 25, 25, 25, 25, 20, 15, 10, 5] }],
  },
  {
    hand: "of the plain hands, x5: 282. Wool mouse for cats",
    text: `Wool mouse for cats
Start at the nose: 6 sc in MR.
Rnd 2: inc 3 times evenly (9)
Rnd 3: inc 3 times evenly (12)
Rnd 4: inc 3 times evenly (15)
Rnd 5: inc 3 times evenly (18)
Rnd 6: inc 3 times evenly (21)
Rnds 7-10: work even (21)
Rnd 11: dec 7 times evenly (14)
Fill with wool and catnip.
Rnd 12: dec around (7)
Ears: 7 hdc in MR, do not close the round; pull half-tight (7). Make 2.
Tail: chain 25, sl st back (24).`,
    parts: [
      { name: "Piece", counts: [6, 9, 12, 15, 18, 21, 21, 21, 21, 21, 14, 7] },
      { name: "Ears", make: 2, counts: [7] },
      { name: "Tail", counts: [24] },
    ],
  },
  {
    hand: "of the plain hands, y1c: 283. Little bear keyring",
    text: `Little bear keyring
Yarn: fingering cotton, honey. Hook 2 mm. 5 mm eyes.
Everything is worked in a spiral; do not join.

HEAD
R1. Begin with 6 sc in a magic circle (6 st)
R2. Inc in all 6 st (12 st)
R3. (Sc in next st, inc in next st) repeat 6 times (18 st)
R4. (Sc in next 2 st, inc in next st) repeat 6 times (24 st)
R5. (Sc in next 3 st, inc in next st) repeat 6 times (30 st)
R6-9. Sc in all 30 st (30 st)
Fix the eyes between R7 and R8, 6 stitches between them.
R10. (Sc in next 3 st, dec) repeat 6 times (24 st)
R11. (Sc in next 2 st, dec) repeat 6 times (18 st)
R12. (Sc in next st, dec) repeat 6 times (12 st)
Finish off, leave the end for sewing.

BODY
R1. Begin with 6 sc in a magic circle (6 st)
R2. Inc in all 6 st (12 st)
R3. (Sc in next st, inc in next st) repeat 6 times (18 st)
R4. (Sc in next 2 st, inc in next st) repeat 6 times (24 st)
R5-7. Sc in all 24 st (24 st)
R8. (Sc in next 2 st, dec) repeat 6 times (18 st)
R9. Sc in all 18 st (18 st)
R10. (Sc in next st, dec) repeat 6 times (12 st)

EAR (crochet two)
R1. Begin with 6 sc in a magic circle (6 st)
R2. (Sc in next st, inc in next st) repeat 3 times (9 st)
R3. (Sc in next 2 st, inc in next st) repeat 3 times (12 st)
R4-5. Sc in all 12 st (12 st)

ARM (crochet two)
R1. Begin with 6 sc in a magic circle (6 st)
R2-6. Sc in all 6 st (6 st)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 18, 18, 12] },
      { name: "EAR", make: 2, counts: [6, 9, 12, 12, 12] },
      { name: "ARM", make: 2, counts: [6, 6, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, y1c: 284. Whale, stitch letters: X",
    text: `Whale, stitch letters: X = sc, V = inc, A = dec
Body
1) 6X in ring
2) 6V (12)
3) (X,V)6 (18)
4) (2X,V)6 (24)
5-8) 24X
9) (2X,A)6 (18)
10) (X,A)6 (12)
11) 6A (6)
Fin x 2
1) 4X in ring
2) (X,V)2 (6)
3) (2X,V)2 (8)
Tail
1) 5X in ring
2) 5V (10)
3) 10X`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Fin", make: 2, counts: [4, 6, 8] },
      { name: "Tail", counts: [5, 10, 10] },
    ],
  },
  {
    hand: "of the plain hands, y1c: 285. Toadstool",
    text: `Toadstool
| Round | Work | Count |
|---|---|---|
Cap (red)
| 1 | 6 sc in ring | 6 |
| 2 | inc in every st | 12 |
| 3 | sc, inc | 18 |
| 4 | 2 sc, inc | 24 |
| 5 | 3 sc, inc | 30 |
| 6–7 | sc | 30 |
Stem (cream)
| 1 | 6 sc in ring | 6 |
| 2 | inc in every st | 12 |
| 3 | back loops only: sc | 12 |
| 4–7 | sc | 12 |`,
    parts: [
      { name: "Cap", counts: [6, 12, 18, 24, 30, 30, 30] },
      { name: "Stem", counts: [6, 12, 12, 12, 12, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, y1c: 286. Gnome, legs first",
    text: `Gnome, legs first
Leg 1: black. Round 1: mr6. Round 2: inc6 (12). Round 3-4: sc around. change to green. Round 5-6: sc around. fasten off.
Leg 2: same, but do not fasten off.
Body: Round 7: ch 3, join to leg 1 with sc, sc 11 more around leg 1, sc 3 along the chain, sc 12 around leg 2, sc 3 along other side of chain (30). Round 8-10: sc around (30). Round 11: *3 sc, dec* x6 (24). Round 12: sc around (24). Round 13: *2 sc, dec* x6 (18). Round 14: *1 sc, dec* x6 (12). close.`,
    parts: [
      { name: "Leg 1", counts: [6, 12, 12, 12, 12, 12] },
      { name: "Leg 2", counts: [6, 12, 12, 12, 12, 12] },
      { name: "Body", counts: [30, 30, 30, 30, 24, 24, 18, 12] },
    ],
  },
  {
    hand: "of the plain hands, y1c: 287. Pear",
    text: `Pear
(round: what to do: number of stitches)
1: MR 6: 6
2: inc x 6: 12
3: sc inc x 6: 18
4: sc sc inc x 6: 24
5: sc sc sc inc x 6: 30
6-8: sc x 30: 30
9: sc sc sc dec x 6: 24 -- wait with filling
10: sc x 24: 24
11: sc sc dec x 6: 18
12: sc x 18: 18
13: sc dec x 6: 12
14: sc x 12: 12
15: dec x 6: 6
Leaf: ch 7, sl st in 2nd ch, sc, hdc, hdc, sc, sl st.`,
    parts: [
      { name: "Pear", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 24, 18, 18, 12, 12, 6] },
      { name: "Leaf", counts: [6] },
    ],
  },
  {
    hand: "of the plain hands, y1c: 288. Five-point star, flat, t",
    text: `Five-point star, flat, two sides
Side (2x): mr 5 (5). Inc all (10). *1 sc, inc* around (15).
Point (5x): mr 3 (3). Inc all (6). 6 sc (6).
Sew the points round the rim.`,
    parts: [
      { name: "Side", make: 2, counts: [5, 10, 15] },
      { name: "Point", make: 5, counts: [3, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, y1c: 289. Lavender sachet",
    text: `Lavender sachet
With lilac chain 9.
Row 1 (RS): Sc in second chain from hook and in each chain across. (8 sts) Ch 1, turn.
Rows 2 - 8: Sc in each st across, ch 1, turn. (8 sts)
Fasten off.
Cord: chain 41, sl st back along all 40 chains.`,
    parts: [
      { name: "Lavender sachet", counts: [8, 8, 8, 8, 8, 8, 8, 8] },
      { name: "Cord", counts: [40] },
    ],
  },
  {
    hand: "of the plain hands, y1c: 290. Cow, chunky",
    text: `Cow, chunky
BODY || 1. 7 sc in mr || 2. inc around – 14 || 3. (1, inc) x7 – 21 || 4. (2, inc) x7 – 28 || 5 thru 8. even || 9. (2, dec) x7 – 21 || 10. (1, dec) x7 – 14 || 11. dec around – 7
HORNS, two || 1. 4 sc in mr || 2. even || 3. (1, inc) x2 – 6
FEET, four || 1. 6 sc in mr || 2. even`,
    parts: [
      { name: "BODY", counts: [7, 14, 21, 28, 28, 28, 28, 28, 21, 14, 7] },
      { name: "HORNS", make: 2, counts: [4, 4, 6] },
      { name: "FEET", make: 4, counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, y2c: 291. Carrot",
    text: `Carrot
Orange yarn, 2.5mm hook
r1) magic loop with 4 sc inside
r2) 1sc inc 1sc inc 6
r3) 2sc inc 2sc inc 8
r4) 3sc inc 3sc inc 10
r5) 10
r6) 4sc inc 4sc inc 12
r7-9) 12
r10) blo 12
stuff firm
r11) 6 dec 6
close up. green tufts: cut 5 strands 8 cm`,
    parts: [{ name: "Carrot", counts: [4, 6, 8, 10, 10, 12, 12, 12, 12, 12, 6] }],
  },
  {
    hand: "of the plain hands, y2c: 292. Duckling, head and body ",
    text: `Duckling, head and body worked from the top
Pattern notes: US terms, continuous rounds, count in ().
Head: (yellow)
Rnd 1: Ch 2, work 6 sc in 2nd ch from hook. (6)
Rnd 2: 2 sc in ea sc around. (12)
Rnd 3: (sc in next sc, 2 sc in next sc) 6 times. (18)
Rnd 4: (sc in next 2 sc, 2 sc in next sc) 6 times. (24)
Rnds 5 - 7: Sc in ea sc around. (24)
Rnd 8: (sc in next 2 sc, sc dec) 6 times. (18)
Rnd 9: (sc in next sc, sc dec) 6 times. (12)
Body:
Rnd 10: Sc in ea sc around. (12)
Rnd 11: (sc in next sc, 2 sc in next sc) 6 times. (18)
Rnds 12 - 14: Sc in ea sc around. (18)
Rnd 15: (sc in next sc, sc dec) 6 times. (12)
Fasten off.`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
      { name: "Body", counts: [12, 18, 18, 18, 18, 12] },
    ],
  },
  {
    hand: "of the plain hands, y2c: 293. Wreath ornament",
    text: `Wreath ornament
Foundation: chain 30 and join into a ring with a slip stitch, taking care not to twist.
Round 1: single crochet in each chain [30 sc].
Rounds 2 through 5: single crochet in each stitch [30 sc].
Fasten off, fold the tube over and sew the edges together while stuffing.
Bow: chain 5. Row 1: starting in 2nd chain, single crochet in each of the 4 chains, turn. Rows 2 through 12: chain 1, single crochet in each of the 4 stitches, turn.`,
    parts: [
      { name: "Wreath ornament", counts: [30, 30, 30, 30, 30] },
      { name: "Bow", counts: [4, 4, 4, 4, 4, 4, 4, 4, 4, 4, 4, 4] },
    ],
  },
  {
    hand: "of the plain hands, y2c: 294. Pocket mushroom, all in ",
    text: `Pocket mushroom, all in one
Red
1. 6
2. 6inc = 12
3. (1, inc)x6 = 18
4. (2, inc)x6 = 24
5. (3, inc)x6 = 30
6. 30
7. 30
White
8. BLO 15dec = 15
9. 15
10. 15
11. 15`,
    parts: [{ name: "Pocket mushroom", counts: [6, 12, 18, 24, 30, 30, 30, 15, 15, 15, 15] }],
  },
  {
    hand: "of the plain hands, y2c: 295. Fir tree, worked tip to ",
    text: `Fir tree, worked tip to hem
R1 (6): 6 sc in magic ring
R2 (6): even
R3 (9): sc, inc – 3x
R4 (9): even
R5 (12): 2 sc, inc – 3x
R6 (12): even
R7 (15): 3 sc, inc – 3x
R8 (15): even
R9 (18): 4 sc, inc – 3x
R10 (18): even
R11 (24): 2 sc, inc – 6x
R12 (24): even`,
    parts: [{ name: "Fir tree", counts: [6, 6, 9, 9, 12, 12, 15, 15, 18, 18, 24, 24] }],
  },
  {
    hand: "of the plain hands, y2c: 296. Pizza slice, flat, two o",
    text: `Pizza slice, flat, two of them sewn together
ROW 1: CH 4, SC IN 2ND CH AND NEXT 2 CH (3) TURN
ROW 2: CH 1, 2 SC IN FIRST, SC, 2 SC IN LAST (5) TURN
ROW 3: CH 1, 2 SC IN FIRST, SC ACROSS, 2 SC IN LAST (7) TURN
ROW 4: REPEAT ROW 3 (9)
ROW 5: REPEAT ROW 3 (11)
ROW 6: REPEAT ROW 3 (13)
CRUST, IN TAN
ROW 7: CH 1, SC ACROSS (13) TURN
ROW 8: AS ROW 7 (13)`,
    parts: [
      { name: "Pizza slice", make: 2, counts: [3, 5, 7, 9, 11, 13] },
      { name: "CRUST", counts: [13, 13] },
    ],
  },
  {
    hand: "of the plain hands, y2c: 297. Bell",
    text: `Bell
With gold make a magic ring and ch1, 6sc into the ring, slst to first sc. 6
Ch1, 2sc into each st around, slst. 12
Ch1, *sc, 2sc in next*, repeat around, slst. 18
Ch1, sc around, slst. 18 (4 rounds)
Ch1, *2sc, 2sc in next*, repeat around, slst. 24
Ch1, sc around, slst. 24
Ch1, *3sc, 2sc in next*, repeat around, slst. 30
Clapper
Magic ring, 6sc. 6
2sc into each. 12
sc around. 12
dec around. 6`,
    parts: [
      { name: "Bell", counts: [6, 12, 18, 18, 18, 18, 18, 24, 24, 30] },
      { name: "Clapper", counts: [6, 12, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, y3c: 298. Penguin pocket friend ##",
    text: `Penguin pocket friend ## by the quay
All parts: amigurumi rounds, place a marker.
@ BODY, navy
@1: mr 6 [6]
@2: 6 inc [12]
@3: (1 sc, 1 inc) x6 [18]
@4: (2 sc, 1 inc) x6 [24]
@5-9: 24 sc [24]
@10: (2 sc, 1 dec) x6 [18], begin to fill
@11: (1 sc, 1 dec) x6 [12]
@12: 6 dec [6], close
@ HEAD, navy
@1: mr 6 [6]
@2: 6 inc [12]
@3: (1 sc, 1 inc) x6 [18]
@4-5: 18 sc [18]
@6: (1 sc, 1 dec) x6 [12], leave a tail
@ WING, navy, 2 pieces
@1: mr 5 [5]
@2: 2 inc, 3 sc [7]
@3: 2 inc, 5 sc [9]
@4: 9 sc [9]
@ FOOT, amber, 2 pieces
@1: mr 5 [5]
@2: 5 sc [5]`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "HEAD", counts: [6, 12, 18, 18, 18, 12] },
      { name: "WING", make: 2, counts: [5, 7, 9, 9] },
      { name: "FOOT", make: 2, counts: [5, 5] },
    ],
  },
  {
    hand: "of the plain hands, y3c: 299. Cactus in a pot (only th",
    text: `Cactus in a pot (only the plant)
R1: 6 sc in MR. (6)
R2: inc *6. (12)
R3: (sc 1, inc) *6. (18)
R4: (sc 2, inc) *6. (24)
R5-R12: sc *24. (24)
R13: (sc 2, dec) *6. (18)
R14: (sc 1, dec) *6. (12)
R15: dec *6. (6)
Arms *2:
R1: 6 sc in MR. (6)
R2-R4: sc *6. (6)
Flower: 5 sc in MR, sl st. (5)`,
    parts: [
      { name: "Cactus in a pot", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Arms", make: 2, counts: [6, 6, 6, 6] },
      { name: "Flower", counts: [5] },
    ],
  },
  {
    hand: "of the plain hands, y3c: 300. GHOST",
    text: `GHOST
-----
1 | magic ring, six single crochets
2 | two in each stitch (twelve)
3 | one, two in one, six times (eighteen)
4 | two, two in one, six times (twenty-four)
5, 6, 7, 8, 9, 10 | one in each (twenty-four)
11 | two in each for the frill (forty-eight)
ARM (two)
1 | magic ring, four single crochets
2, 3 | one in each (four)`,
    parts: [
      { name: "GHOST", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 48] },
      { name: "ARM", make: 2, counts: [4, 4, 4] },
    ],
  },
  {
    hand: "of the plain hands, y3c: 301. Goldfish in bowl",
    text: `Goldfish in bowl
--Bowl--
Rnd 1 6 sc in a magic ring
Rnd 2 2 sc in each st [12 sts]
Rnd 3 *1 sc, 2 sc in next st* 6 times [18 sts]
Rnd 4 *2 sc, 2 sc in next st* 6 times [24 sts]
Rnd 5 1 sc in blo of each st [24 sts]
Rnds 6 to 8 1 sc in each st [24 sts]
--Fish--
Rnd 1 4 sc in a magic ring
Rnd 2 2 sc in each st [8 sts]
Rnd 3 *1 sc, 2 sc in next st* 4 times [12 sts]
Rnds 4 to 5 1 sc in each st [12 sts]
Rnd 6 *1 sc, sc2tog* 4 times [8 sts]
Rnd 7 sc2tog 4 times [4 sts]`,
    parts: [
      { name: "Bowl", counts: [6, 12, 18, 24, 24, 24, 24, 24] },
      { name: "Fish", counts: [4, 8, 12, 12, 12, 8, 4] },
    ],
  },
  {
    hand: "of the plain hands, y3c: 302. Snail",
    text: `Snail
::: snail body ::: beige
[1] 4 sc, MR
[2] inc, sc, inc, sc = 6
[3-16] sc = 6
::: shell ::: rust
[1] 6 sc, MR
[2] inc all = 12
[3] sc+inc, all = 18
[4] sc+sc+inc, all = 24
[5-6] sc = 24
[7] 24 sc
[8] sc+sc+dec, all = 18
[9] sc+dec, all = 12`,
    parts: [
      { name: "snail body", counts: [4, 6, 6, 6, 6, 6, 6, 6, 6, 6, 6, 6, 6, 6, 6, 6] },
      { name: "shell", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
    ],
  },
  {
    hand: "of the plain hands, y3c: 303. Advent sock",
    text: `Advent sock
r1: ch2, 6sc in 2nd ch from hook (6)
r2: *2sc in next st* 6x (12)
r3: *sc, 2sc in next st* 6x (18)
r4: 18sc. (18)
r5–r6: rep r4
r7: sl st in each (18), cut
loop: ch 11, sl st in 2nd ch and 9 more. (10)`,
    parts: [
      { name: "Advent sock", counts: [6, 12, 18, 18, 18, 18, 18] },
      { name: "loop", counts: [10] },
    ],
  },
  {
    hand: "of the plain hands, y3c: 304. Dino, mini",
    text: `Dino, mini
body
(r1) 5 in mr
(r2) incx5 10
(r3) (1 sc inc)x5 15
(r4) (2 sc inc)x5 20
(r5-r7) 20 sc
(r8) 20 sc
(r9) (2 sc dec)x5 15
(r10) (1 sc dec)x5 10
(r11) decx5 5
spine
ch 13, from 2nd ch: (sl st, hdc) x6
legs x4
(r1) 4 in mr
(r2) 4 sc`,
    parts: [
      { name: "body", counts: [5, 10, 15, 20, 20, 20, 20, 20, 15, 10, 5] },
      { name: "spine", counts: [12] },
      { name: "legs", make: 4, counts: [4, 4] },
    ],
  },
  {
    hand: "of the plain hands, y4c: 305. Fish",
    text: `Fish
BODY : : grey
Row 1 : : 6sc in MR
Row 2 : : 6inc : : 12
Row 3 : : (sc,inc)*6 : : 18
Row 4 : : (2sc,inc)*6 : : 24
Row 5-11 : : 24sc : : 24
Row 12 : : (2sc,dec)*6 : : 18
Row 13 : : (sc,dec)*6 : : 12
FIN *2 : : pink
Row 1 : : 6sc in MR
Row 2-4 : : 6sc : : 6
TAIL : : pink
Row 1 : : 4sc in MR
Row 2 : : 4inc : : 8
Row 3 : : 8sc : : 8
Row 4 : : 8inc : : 16`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 24, 18, 12] },
      { name: "FIN", make: 2, counts: [6, 6, 6, 6] },
      { name: "TAIL", counts: [4, 8, 8, 16] },
    ],
  },
  {
    hand: "of the plain hands, y4c: 306. Kitty (head, then body w",
    text: `Kitty (head, then body without cutting the yarn)
- head & body -
Magic ring: 6sc.
1. inc all (12)
2. 1 + inc (18)
3. 2 + inc (24)
4. 3 + inc (30)
5. 4 + inc (36)
6-11. straight (36)
12. 4 + dec (30)
13. 3 + dec (24)
14. 2 + dec (18)`,
    parts: [{ name: "head & body", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 36, 30, 24, 18] }],
  },
  {
    hand: "of the plain hands, y4c: 307. Donut",
    text: `Donut
Ch 20, sl st to first ch to make a ring (do not twist).
Rnd 1. sc in each ch – 20
Rnd 2. 2 sc in each – 40
Rnd 3–6. sc in each – 40
Switch to icing colour
Rnd 7. sc in each – 40
Rnd 8. sc2tog around – 20
Sew inner edges together, fill as you go.`,
    parts: [{ name: "Donut", counts: [20, 40, 40, 40, 40, 40, 40, 20] }],
  },
  {
    hand: "of the plain hands, y4c: 308. Tomato pincushion, bulky",
    text: `Tomato pincushion, bulky yarn
7 sc in ring | 7
inc in each | 14
(1 sc, inc) to end | 21
(2 sc, inc) to end | 28
sc, 4 rounds | 28
(2 sc, dec) to end | 21
(1 sc, dec) to end | 14
dec in each | 7`,
    parts: [{ name: "Piece", counts: [7, 14, 21, 28, 28, 28, 28, 28, 21, 14, 7] }],
  },
  {
    hand: "of the plain hands, y4c: 309. Mouse, by the harbour kn",
    text: `Mouse, by the harbour knit club. Gauge: not important. US.
BODY/HEAD: begin at bottom w/ grey. Rnds 1-5: from 6 sc in mr inc 6 sts each rnd to 30 sts. Rnds 6-9: sc even (30). Rnd 10: dec 6 evenly (24). Rnd 11: even. Rnd 12: dec 6 evenly (18). Rnd 13: dec 6 evenly (12).
EARS (2): Rnds 1-3: from 3 sc in mr inc 3 sts each rnd to 9 sts. Rnd 4: even.
ARMS (2): Rnd 1: 5 sc in mr. Rnds 2-4: even.`,
    parts: [
      { name: "BODY/HEAD", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 24, 18, 12] },
      { name: "EARS", make: 2, counts: [3, 6, 9, 9] },
      { name: "ARMS", make: 2, counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, y4c: 310. Photo ring",
    text: `Photo ring
In sand: Ch 12 & join. R1 (12): 1 sc per ch. R2 (24): 2 sc per st. R3 (36): 1 sc, 2 in 1. R4 (48): 2 sc, 2 in 1. Cut.
Stand, in sand: Ch 7. R1–R6 (6): sc back and forth, ch 1 to turn.`,
    parts: [
      { name: "Piece", counts: [12, 24, 36, 48] },
      { name: "Stand", counts: [6, 6, 6, 6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, y5: 311. MOUSE",
    text: `MOUSE
BODY
Rnd 1 - Begin with 6 sc into an adjustable loop.
Rnd 2 - Increase in every stitch. There should now be 12.
Rnd 3 - 1 sc, increase; do this six times. There should now be 18.
Rnd 4 - 2 sc, increase; do this six times. There should now be 24.
Rnds 5 to 7 - Plain sc.
Rnd 8 - Plain sc once more. Now is a good time to add the eyes (7 mm), two rounds above, 5 stitches between.
Rnd 9 - 2 sc, decrease; do this six times. There should now be 18.
Rnd 10 - 1 sc, decrease; do this six times. There should now be 12.
Fill.
Rnd 11 - Decrease six times. There should now be 6.
Close up and hide the end.
EARS (two)
Rnd 1 - 5 sc into an adjustable loop.
Rnd 2 - Plain sc.
Rnd 3 - sc, increase, sc, increase, sc. There should now be 7.
Leave an end for sewing.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "EARS", make: 2, counts: [5, 5, 7] },
    ],
  },
  {
    hand: "of the plain hands, y5: 312. Little fish (one piece, worked from the ",
    text: `Little fish (one piece, worked from the nose to the tail)
1. ch 2, 4sc in 2nd ch from hook – 4 st
2. 2sc in each st – 8 st
3. *1sc, 2sc in next* 4 times – 12 st
4.–5. 1sc in each st – 12 st
Put a pair of 4 mm eyes on either side of round 3.
6. *1sc, sc2tog* 4 times – 8 st
stuff
7. sc2tog 4 times – 4 st
8. 2sc in each st – 8 st
Flatten the tail, sc through both layers, fasten off.`,
    parts: [{ name: "Little fish", counts: [4, 8, 12, 12, 12, 8, 4, 8] }],
  },
  {
    hand: "of the plain hands, y5: 313. Chick (worked top down, head and body in",
    text: `Chick (worked top down, head and body in one)
Yellow.
R1 6sc in MR (6)
R2 6inc (12)
R3 (1sc, 1inc)x6 (18)
R4 (2sc, 1inc)x6 (24)
R5-R6 24sc (24)
R7 (2sc, 1dec)x6 (18)
R8 (1sc, 1dec)x6 (12)
Stuff the head. Don't cut, go straight on with the body.
Body
R9 12sc in FLO... no wait, in both loops as usual (12)
R10 (3sc, 1inc)x3 (15)
R11 (4sc, 1inc)x3 (18)
R12 18sc (18)
R13 (1sc, 1dec)x6 (12)
R14 6dec (6)
Fasten off.`,
    parts: [
      { name: "Chick", counts: [6, 12, 18, 24, 24, 24, 18, 12] },
      { name: "Body", counts: [12, 15, 18, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, y5: 314. TURTLE — US TERMS",
    text: `TURTLE — US TERMS
Shell (green, make 1)
Rnd 1 (RS): 6 sc in ring. [6]
Rnd 2: 2 sc in each. [12]
Rnd 3: [2 sc in next, 1 sc in next] around. [18]
Rnd 4: [2 sc in next, 1 sc in next 2] around. [24]
Rnds 5, 6: sc in each. [24 each]
FO.
Belly (yellow, make 1)
As shell to rnd 4. FO, leave tail.
Legs (green, make 4)
Rnd 1: 5 sc in ring. [5]
Rnds 2, 3: sc in each. [5]
FO.
Head (green, make 1)
Rnd 1: 6 sc in ring. [6]
Rnd 2: [2 sc in next, 1 sc in next] around. [9]
Rnds 3, 4: sc in each. [9]
Stuff. Eyes between rnds 2 and 3.
Rnd 5: [sc2tog, 1 sc] around. [6]
FO.
Tail (green, make 1)
Rnd 1: 3 sc in ring. [3]
Rnd 2: 2 sc in next, sc in next 2. [4]
FO.`,
    parts: [
      { name: "Shell", counts: [6, 12, 18, 24, 24, 24] },
      { name: "Belly", counts: [6, 12, 18, 24] },
      { name: "Legs", make: 4, counts: [5, 5, 5] },
      { name: "Head", counts: [6, 9, 9, 9, 6] },
      { name: "Tail", counts: [3, 4] },
    ],
  },
  {
    hand: "of the plain hands, y5: 315. *Bear Key Ring*",
    text: `*Bear Key Ring*
Hook 2.5mm / cotton 8/4

*Head* - brown
1st rnd: 6sc in mr [6]
2nd rnd: inc in all 6 sts [12]
3rd rnd: sc 1, inc, rep 6 times in total [18]
4th rnd: sc 2, inc, rep 6 times in total [24]
5th rnd: sc 3, inc, rep 6 times in total [30]
6th - 8th rnd: sc in all 30 sts [30]
Place 6mm eyes between 6th and 7th rnds with 7 sts in between
9th rnd: sc 3, dec, rep 6 times in total [24]
...continue stuffing
10th rnd: sc 2, dec, rep 6 times in total [18]
11th rnd: sc 1, dec, rep 6 times in total [12]
Leave it open.

*Muzzle* - cream
1st rnd: 6sc in mr [6]
2nd rnd: inc in all 6 sts [12]
3rd rnd: sc in all 12 sts [12]

*Ears* - brown (2x)
1st rnd: 6sc in mr [6]
2nd rnd: sc 1, inc, rep 3 times in total [9]
3rd rnd: sc in all 9 sts [9]`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Muzzle", counts: [6, 12, 12] },
      { name: "Ears", make: 2, counts: [6, 9, 9] },
    ],
  },
  {
    hand: "of the plain hands, y5: 316. PENGUIN CHARM",
    text: `PENGUIN CHARM
Materials: black, white and orange 4-ply cotton; 2 mm hook; 2 black beads for eyes; fibrefill
Abbreviations: dc = double crochet (UK), dc2tog = decrease, ss = slip stitch

BODY
With black, make a magic loop.
Rnd 1. 6dc into loop. 6 sts.
Rnd 2. 2dc into each st. 12 sts.
Rnd 3. *1dc, 2dc into next st; rep from * to end. 18 sts.
Rnd 4. *2dc, 2dc into next st; rep from * to end. 24 sts.
Rnds 5-8. Dc to end.
Rnd 9. Change to white. *2dc, dc2tog; rep from * to end. 18 sts.
Rnd 10. Dc to end.
Rnd 11. *1dc, dc2tog; rep from * to end. 12 sts. Stuff.
Rnd 12. Dc2tog to end. 6 sts. Fasten off, gather.

WINGS (make two)
With black, magic loop.
Rnd 1. 6dc. Rnd 2. Dc to end.
Rnd 3. *1dc, 2dc into next st; rep from * to end. 9 sts. Fasten off.

BEAK
With orange, magic loop.
Rnd 1. 4dc.
Rnd 2. *1dc, 2dc into next st; rep from * once. 6 sts. Fasten off.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 18, 12, 6] },
      { name: "WINGS", make: 2, counts: [6, 6, 9] },
      { name: "BEAK", counts: [4, 6] },
    ],
  },
  {
    hand: "of the plain hands, y5: 317. Tiny heart",
    text: `Tiny heart
Lobes (make 2; do not cut the yarn after the second)
1) MR, 6 sc (6)
2) 6 x inc (12)
3) sc around (12)
Joining
4) sc 12 around lobe two, then sc 12 around lobe one (24)
5) sc around (24)
6) *sc 4, dec* x 4 (20)
7) *sc 3, dec* x 4 (16)
8) *sc 2, dec* x 4 (12)
Stuff lightly
9) *sc 1, dec* x 4 (8)
10) dec x 4 (4)`,
    parts: [
      { name: "Lobes", make: 2, counts: [6, 12, 12] },
      { name: "Joining", counts: [24, 24, 20, 16, 12, 8, 4] },
    ],
  },
  {
    hand: "of the plain hands, y5: 318. Mini pumpkin, worked in the round withou",
    text: `Mini pumpkin, worked in the round without joining

(orange)
Round 1 (6 sts): magic ring with 6 sc
Round 2 (12 sts): inc in every st
Round 3 (18 sts): sc, inc all around
Round 4 (24 sts): 2 sc, inc all around
Round 5 (30 sts): 3 sc, inc all around
Rounds 6 to 9 (30 sts): sc all around
Round 10 (30 sts): as round 9
Round 11 (24 sts): 3 sc, dec all around
Round 12 (18 sts): 2 sc, dec all around
stuff firmly
Round 13 (12 sts): sc, dec all around
Round 14 (6 sts): dec all around

(brown) for the stalk
Round 1 (5 sts): magic ring with 5 sc
Round 2 (5 sts): sc in BLO
Round 3 (5 sts): sc all around`,
    parts: [
      { name: "Mini pumpkin", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Part 2", counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, y5: 319. Whale (head to tail!)",
    text: `Whale (head to tail!)
R1 | MR6 | 6
R2 | inc | 12
R3 | 1sc+inc | 18
R4 | 2sc+inc | 24
R5 | 3sc+inc | 30
R6-8 | sc | 30
R9 | sc, eyes between R6/R7 | 30
R10 | 3sc+dec | 24
R11 | 2sc+dec | 18
R12 | 1sc+dec | 12
R13 | dec | 6
Fin (2x)
R1 | MR4 | 4
R2 | 1sc+inc | 6
R3 | sc | 6
Tail (2x)
R1 | MR5 | 5
R2 | inc | 10`,
    parts: [
      { name: "Whale", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Fin", make: 2, counts: [4, 6, 6] },
      { name: "Tail", make: 2, counts: [5, 10] },
    ],
  },
  {
    hand: "of the plain hands, y5: 320. Pocket gnome",
    text: `Pocket gnome
Begin with the hat colour; you work from the base up.
1. Magic ring, 6.
2. Double every stitch, 12.
3. Every second stitch doubled, 18.
4. Every third stitch doubled, 24.
5. Back loops only, 24.
6-8. Straight up, 24.
9. Every third and fourth stitch together, 18.
10. Straight up, 18.
11. Every second and third stitch together, 12. Stuff.
12. Straight up, 12.
13. All stitches together in pairs, 6.
14. Straight up, 6. Close.
Nose: magic ring with 6, one round straight up. Sew on round 8.`,
    parts: [
      { name: "Pocket gnome", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 18, 12, 12, 6, 6] },
      { name: "Nose", counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, y5: 321. Koala keyring (finished about 7 cm)",
    text: `Koala keyring (finished about 7 cm)

Yarn: grey (A), white (B)
Hook: B/1 (2.25 mm)

HEAD
With A.
Rd 1: 6 sc in magic loop (6 sts)
Rd 2: (inc) 6 times (12 sts)
Rd 3: (1 sc, inc) 6 times (18 sts)
Rd 4: (2 sc, inc) 6 times (24 sts)
Rd 5: (3 sc, inc) 6 times (30 sts)
Rd 6–9: sc in all sts (30 sts)
Rd 10: (3 sc, dec) 6 times (24 sts)
Insert safety eyes at Rd 8, 5 sts apart.
Rd 11: (2 sc, dec) 6 times (18 sts)
Rd 12: (1 sc, dec) 6 times (12 sts)
Fasten off. Stuff.

BODY
Work as head to Rd 3.
Rd 4–6: sc in all sts (18 sts)
Fasten off, stuff, sew to head.

ARMS (2 pcs)
Rd 1: 5 sc in magic loop (5 sts)
Rd 2–5: sc in all sts (5 sts)
LEGS (2 pcs)
Rd 1: 6 sc in magic loop (6 sts)
Rd 2: inc, 2 sc, inc, 2 sc (8 sts)
Rd 3–4: sc in all sts (8 sts)
EARS (2 pcs)
Rd 1: with B, 6 sc in magic loop (6 sts)
Rd 2: (1 sc, inc) 3 times (9 sts)
Change to A.
Rd 3: (2 sc, inc) 3 times (12 sts)
Rd 4: sc in all sts (12 sts)`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "BODY", counts: [6, 12, 18, 18, 18, 18] },
      { name: "ARMS", make: 2, counts: [5, 5, 5, 5, 5] },
      { name: "LEGS", make: 2, counts: [6, 8, 8, 8] },
      { name: "EARS", make: 2, counts: [6, 9, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, y5: 322. Ladybird",
    text: `Ladybird
Start with red
Rnd 1 7 sc in a magic ring
Rnd 2 inc in each st (14 sts)
Rnd 3 *1 sc, 1 inc* (21 sts)
Rnd 4 *2 sc, 1 inc* (28 sts)
Rnds 5-8 sc around
Switch to black
Rnd 9 sc in back loops
Rnd 10 sc around
Rnd 11 *2 sc, 1 dec* (21 sts)
Rnd 12 *1 sc, 1 dec* (14 sts)
Stuff the ladybird
Rnd 13 *1 dec* (7 sts)
Cut the yarn, close the hole`,
    parts: [{ name: "Ladybird", counts: [7, 14, 21, 28, 28, 28, 28, 28, 28, 28, 21, 14, 7] }],
  },
  {
    hand: "of the plain hands, y5: 323. Mushroom, all in one go",
    text: `Mushroom, all in one go
Red: 6 sc in ring; inc x 6; (1, inc) x 6; (2, inc) x 6; then 2 rounds plain.
Change to white, back loops: (1, dec) x 8 = 16. Dec x 8 = 8.
2 rounds plain. Stuff. (1, inc) x 4 = 12. Fasten off.`,
    parts: [{ name: "Mushroom", counts: [6, 12, 18, 24, 24, 24, 16, 8, 8, 8, 12] }],
  },
  {
    hand: "of the plain hands, y5: 324. BUNNY HEAD (white)",
    text: `BUNNY HEAD (white)
1. [MR 6]
2. [inc 6] = 12
3. [(sc 1, inc) 6] = 18
4. [(sc 2, inc) 6] = 24
5-7. [sc 24]
>> eyes on row 6, 6 st apart
8. [(sc 2, dec) 6] = 18
9. [(sc 1, dec) 6] = 12
>> stuffing
10. [dec 6] = 6
>> close

BUNNY EAR (white) make 2
1. [MR 6]
2. [sc 6]
3. [(sc 2, inc) 2] = 8
4-5. [sc 8]
6. [(sc 2, dec) 2] = 6
>> flatten, do not stuff`,
    parts: [
      { name: "BUNNY HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "BUNNY EAR", make: 2, counts: [6, 6, 8, 8, 8, 6] },
    ],
  },
  {
    hand: "of the plain hands, y5: 325. Robin (brown, red, cream)",
    text: `Robin (brown, red, cream)
r1 brown 6 in mr
r2 inc (12)
r3 1 inc (18)
r4 2 inc (24)
r5 24
r6 brown 8, red 8, brown 8
r7 brown 7, red 10, brown 7
r8 brown 8, cream 8, brown 8
r9 2 dec (18)
r10 1 dec (12)
r11 dec (6)`,
    parts: [{ name: "Robin", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, y5: 326. Pebble",
    text: `Pebble
Rnd 1: 6 sc in MR
Rnd 2: inc x6 (12)
Rnd 3: plain sc
Rnds 4 to 6 - work plain.
Rnd 7: sc once more. Add the eyes (5 mm), two rounds above, 4 stitches between.
Rnd 8: dec x6 (6)`,
    parts: [{ name: "Pebble", counts: [6, 12, 12, 12, 12, 12, 12, 6] }],
  },
  {
    hand: "of the plain hands, y5: 327. Buoy cap",
    text: `Buoy cap
MR 6
inc*6 (12)
(1,inc)*6 (18)
18 for 3 rows
18
18 x 2 rounds
(1,dec)*6 (12)`,
    parts: [{ name: "Buoy cap", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 12] }],
  },
  {
    hand: "of the plain hands, y5: 328. Gnome",
    text: `Gnome
1. Magic ring, 6.
2. Double every stitch, 12.
3. Straight up, 12.
Nose: magic ring with 6, one round straight up. Sew on round 3.`,
    parts: [
      { name: "Gnome", counts: [6, 12, 12] },
      { name: "Nose", counts: [6, 6] },
    ],
  },
  {
    hand: "of the plain hands, y5: 329. Little owl, grey",
    text: `Little owl, grey
base: 6 sc mr
r2 inc all - 12
r3 sc/inc - 18
patches x2: 8 sc mr
wings x2: 5 sc mr / r2 sc, inc, sc, inc, sc - 7`,
    parts: [
      { name: "base", counts: [6, 12, 18] },
      { name: "patches", make: 2, counts: [8] },
      { name: "wings", make: 2, counts: [5, 7] },
    ],
  },
  {
    hand: "of the plain hands, y5: 331. Net weight",
    text: `Net weight
R1: 6 single crochet stitches in a magic ring
R2: two in each (12)
R3: 12 single crochet stitches
R4: single crochet in one, two in the next - 18
R5: sc in two, two in the third - 24
R6: sc in two, then two together - 18`,
    parts: [{ name: "Net weight", counts: [6, 12, 12, 18, 24, 18] }],
  },
  {
    hand: "of the plain hands, y5: 332. Bollard",
    text: `Bollard
1. [MR 6]
2. [inc 6] = 12
3-4. [sc 12]`,
    parts: [{ name: "Bollard", counts: [6, 12, 12, 12] }],
  },
  {
    hand: "of the plain hands, y5: 333. Marker",
    text: `Marker
1. 6 in mr
2. inc
3 plain
6. dec
Feet (2x, orange): 5 sc in MR, sc around, fo.`,
    parts: [
      { name: "Marker", counts: [6, 12, 12, 12, 12, 6] },
      { name: "Feet", make: 2, counts: [5, 5] },
    ],
  },
  {
    hand: "of the plain hands, y6: 334. Pocket penguin",
    text: `Pocket penguin
© please do not resell this pattern

You will need:
- dk cotton in charcoal, white & mustard
- 2.5mm hook
- 5mm safety eyes
- toy stuffing

sc = single crochet / inc = 2 sc in same st / dec = invisible decrease / FLO, BLO as usual

Head and body (charcoal)
I work from top to bottom in a continuous spiral - use a marker!
R1: MR, 6 sc — 6
R2: inc x 6 — 12
R3: [sc, inc] x 6 — 18
R4: [sc, sc, inc] x 6 — 24
R5, R6, R7: sc in each st — 24
(eyes go in between R5 and R6, with 5 stitches between)
R8: [sc, sc, dec] x 6 — 18
R9: sc in each st — 18
Stuff the head now.
R10: [sc, sc, inc] x 6 — 24
R11: [sc 3, inc] x 6 — 30
R12, R13, R14: sc in each st — 30
R15: [sc 3, dec] x 6 — 24
R16: [sc 2, dec] x 6 — 18
R17: [sc, dec] x 6 — 12
R18: dec x 6 — 6
F/O, thread the tail through the front loops and pull tight.

Flippers (charcoal, make two)
R1: MR, 4 sc — 4
R2: [sc, inc] x 2 — 6
R3: [sc 2, inc] x 2 — 8
R4: sc in each st — 8
R5: dec, sc 2, dec, sc 2 — 6
Don't stuff. Flatten, sew on at R10.

Beak (mustard)
R1: MR, 4 sc — 4
R2: [sc, inc] x 2 — 6
Sl st, F/O with a tail.

Feet (mustard, make two)
R1: MR, 6 sc — 6
R2: [sc, inc] x 3 — 9
R3: sc in each st — 9
Flatten, sc the edge shut through both layers. F/O.`,
    parts: [
      {
        name: "Head and body",
        counts: [6, 12, 18, 24, 24, 24, 24, 18, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6],
      },
      { name: "Flippers", make: 2, counts: [4, 6, 8, 8, 6] },
      { name: "Beak", counts: [4, 6] },
      { name: "Feet", make: 2, counts: [6, 9, 9] },
    ],
  },
  {
    hand: "of the plain hands, y6: 335. Toadstool ornament — UK terms",
    text: `Toadstool ornament — UK terms

Cap — red
Round 1. Into a magic ring work 5 dc.
Round 2. 2 dc in every st to end. (10)
Round 3. 1 dc in next st, 2 dc in next st; repeat to end. (15)
Round 4. 1 dc in next 2 sts, 2 dc in next; repeat to end. (20)
Round 5. 1 dc in next 3 sts, 2 dc in next; repeat to end. (25)
Rounds 6 to 8. Work 1 dc in every st. (25)
Slip stitch into next st and fasten off.

Stem — cream
Round 1. Into a magic ring work 6 dc.
Rounds 2 to 5. Work 1 dc in every st. (6)
Round 6. 2 dc in next 2 sts, 1 dc in next st, 2 dc in next 2 sts, 1 dc. (10)
Round 7. Work 1 dc in every st. (10)
Fasten off leaving a tail of 20 cm for sewing to the underside of the cap.`,
    parts: [
      { name: "Cap", counts: [5, 10, 15, 20, 25, 25, 25, 25] },
      { name: "Stem", counts: [6, 6, 6, 6, 6, 10, 10] },
    ],
  },
  {
    hand: "of the plain hands, y6: 336. Bauble no. 3",
    text: `Bauble no. 3

Using the 2.5 mm hook and colour A, make an adjustable ring.
Rnd 1: ch1, 6sc into the ring, pull the ring tight. 6 sts
Rnd 2: 2sc into each sc. 12 sts
Rnd 3: *1sc into next sc, 2sc into next sc; rep from * 5 more times. 18 sts
Rnd 4: *1sc into each of next 2sc, 2sc into next sc; rep from * 5 more times. 24 sts
Rnd 5: 1sc into each sc.
Join colour B.
Rnd 6: With B, 1sc into each sc.
Rnd 7: With A, 1sc into each sc. 
Rnd 8: As rnd 6.
Cut B.
Rnd 9: *1sc into each of next 2sc, sc2tog; rep from * 5 more times. 18 sts
Rnd 10: *1sc into next sc, sc2tog; rep from * 5 more times. 12 sts
Stuff.
Rnd 11: *sc2tog; rep from * 5 more times. 6 sts
Cut yarn and thread through remaining sts. Attach hanging loop: ch 25, sl st to top.`,
    parts: [{ name: "Bauble no", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, y6: 337. Little octopus",
    text: `Little octopus

Yarn: any leftover dk, about 8 g
Main part
(1) ring of 6
(2) inc*6 (12)
(3) (1, inc)*6 (18)
(4) (2, inc)*6 (24)
(5)-(8) 24
(9) (2, dec)*6 (18)
(10) (1, dec)*6 (12)
leave open

Tentacles, 8 of them
chain 12, turn, 2nd ch from hook: 11 sc
sew to the open edge`,
    parts: [
      { name: "Main part", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12] },
      { name: "Tentacles", make: 8, counts: [11] },
    ],
  },
  {
    hand: "of the plain hands, y6: 338. Carrot",
    text: `Carrot
orange:
mr4
8 (inc each)
8
12 (sc inc)
12
12
16 (sc2 inc)
16
16
16
8 (dec each)
fill, close`,
    parts: [{ name: "Carrot", counts: [4, 8, 8, 12, 12, 12, 16, 16, 16, 16, 8] }],
  },
  {
    hand: "of the plain hands, y6: 339. Tiny basket",
    text: `Tiny basket
Base (straw)
Foundation: chain 6
Round 1: starting in the 2nd chain from the hook, 4 sc, 4 sc into the last chain. Rotate and work along the other side of the chain: 3 sc, 3 sc into the last. [14]
Round 2: inc, sc 3, inc 3, sc 4, inc 2, sc 1 [20]
Round 3: sc 1, inc, sc 4, inc, sc 1, inc, sc 4, inc, sc 1, inc, sc 3, inc [26]
Round 4: working in back loops only, sc around [26]
Round 5 and 6: sc around [26]
Invisible finish.

Lid (red)
Round 1: 6 sc in a magic ring [6]
Round 2: 2 sc in each around [12]
Round 3: sc in the first, 2 sc in the next, repeat around [18]
Round 4: sc in the first 2, 2 sc in the next, repeat around [24]
Invisible finish. Glue is not needed: stitch the lid at one point to the rim.`,
    parts: [
      { name: "Base", counts: [14, 20, 26, 26, 26, 26] },
      { name: "Lid", counts: [6, 12, 18, 24] },
    ],
  },
  {
    hand: "of the plain hands, y6: 340. Bunny bag charm, 8 cm without ears",
    text: `Bunny bag charm, 8 cm without ears

I used a light cotton that suits a 2.5 hook and my stitches are on the tight side.

= Head =
Round one: make a magic ring and put six single crochets into it. (6)
Round two: two single crochets into every stitch. (12)
Round three: one single crochet, then an increase; do this six times. (18)
Round four: two single crochets, then an increase; do this six times. (24)
Rounds five to seven: one single crochet into every stitch. (24)
Round eight: two single crochets, then a decrease; do this six times. (18)
Add the eyes between rounds five and six, and begin filling.
Round nine: one single crochet, then a decrease; do this six times. (12)
Leave a long end.

= Body =
Rounds one to three: as for the head. (18)
Rounds four to six: one single crochet into every stitch. (18)
Round seven: one single crochet, then a decrease; do this six times. (12)
Fill, sew to the head.

= Ears = (two)
Round one: make a magic ring and put five single crochets into it. (5)
Round two: two single crochets into every stitch. (10)
Rounds three and four: one single crochet into every stitch. (10)

= Arms = (two)
Round one: make a magic ring and put five single crochets into it. (5)
Rounds two to four: one single crochet into every stitch. (5)`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 12] },
      { name: "Ears", make: 2, counts: [5, 10, 10, 10] },
      { name: "Arms", make: 2, counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, y6: 341. BEE",
    text: `BEE
US terms / one colour change every round

▪ Body
R1 – yellow – 6 sc in magic ring (6)
R2 – yellow – inc ×6 (12)
R3 – yellow – (sc, inc) ×6 (18)
R4 – black – sc ×18
R5 – yellow – sc ×18
R6 – black – sc ×18
R7 – yellow – sc ×18
R8 – black – sc ×18
R9 – black – (sc, dec) ×6 (12)
R10 – black – dec ×6 (6)

▪ Wing (worked flat, white)
ch 4
Row 1 – 3 sc, from 2nd ch (3)
Row 2 – ch 1, turn, 2 sc in first, 2 sc (4)
Row 3 – ch 1, turn, 2 sc in first, 3 sc (5)
Row 4 – ch 1, turn, 2 sc in first, 4 sc (6)`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Wing", counts: [3, 4, 5, 6] },
    ],
  },
  {
    hand: "of the plain hands, y6: 343. Cactus in a pot",
    text: `Cactus in a pot
crochet hook 3 mm, green + terracotta + white

CACTUS (green)
Start: 6SC in MR
Rnd 2: INC*6 = 12
Rnd 3: (SC, INC)*6 = 18
Rnd 4: (2SC, INC)*6 = 24
Rnd 5-10: SC*24 = 24 (6 rnds)
Rnd 11: (2SC, DEC)*6 = 18
Rnd 12: (SC, DEC)*6 = 12
Rnd 13: DEC*6 = 6

POT (terracotta)
Rnd 1-4 like CACTUS
Rnd 5: BLO SC*24
Rnd 6-7: SC*24

ARM – 2×
Start: 6SC in MR
Rnd 2-4: SC*6`,
    parts: [
      { name: "CACTUS", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "POT", counts: [6, 12, 18, 24, 24, 24, 24] },
      { name: "ARM", make: 2, counts: [6, 6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, y6: 344. Coaster charm (US, joined rounds)",
    text: `Coaster charm (US, joined rounds)
Rnd 1: Ch 4 (counts as dc + 1), 11 dc in 4th ch from hook, sl st to top of ch. 12 dc
Rnd 2: Ch 3 (counts as dc), dc in same st, 2 dc in each dc around, join. 24 dc
Rnd 3: Ch 3, 2 dc in next dc, *dc in next dc, 2 dc in next dc; rep from * around, join. 36 dc
Fasten off.
Loop: ch 16, sl st in 2nd ch and in each ch. 15 sl st`,
    parts: [
      { name: "Coaster charm", counts: [12, 24, 36] },
      { name: "Loop", counts: [15] },
    ],
  },
  {
    hand: "of the plain hands, y6: 345. SNAIL",
    text: `SNAIL
Shell (in brown, leave start tail long)
rd. 1. 6 sc in ring.
rd. 2. 2 sc in each sc. 12 sc.
rd. 3.-7. sc in each sc. 12 sc each rd.
Sew shut.
Foot (in sand)
rd. 1. 6 sc in ring.
rd. 2. [1 sc in next sc, 2 sc in next sc] 3 times. 9 sc.
rd. 3.-7. sc in each sc. 9 sc each rd.
rd. 8. [1 sc in next sc, sc next 2 sc together] 3 times. 6 sc.`,
    parts: [
      { name: "Shell", counts: [6, 12, 12, 12, 12, 12, 12] },
      { name: "Foot", counts: [6, 9, 9, 9, 9, 9, 9, 6] },
    ],
  },
  {
    hand: "of the plain hands, y6: 346. Goldfish (no-sew eyes)",
    text: `Goldfish (no-sew eyes)

NOTES
Worked in the amigurumi style (spiral). R = round, numbers in ( ) are the stitches you should end up with.

BODY in orange
R1 Start 6 sc in MR (6)
R2 2 sc in each st (12)
R3 1 sc, 2 sc in next st. Repeat 6 times (18)
R4 2 sc, 2 sc in next st. Repeat 6 times (24)
R5-R8 1 sc in each st (24)
Put on eyes between R4 and R5.
R9 2 sc, sc2tog. Repeat 6 times (18)
R10 1 sc, sc2tog. Repeat 6 times (12)
Stuff.
R11 sc2tog. Repeat 6 times (6)
Close.

FINS make 2 in orange
R1 Start 5 sc in MR (5)
R2 1 sc in each st (5)
R3 2 sc in each st (10)
Fold flat.

TAIL in orange
R1 Start 6 sc in MR (6)
R2-R3 1 sc in each st (6)
R4 2 sc in each st (12)
Fold flat, sew to the closed end.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "FINS", make: 2, counts: [5, 5, 10] },
      { name: "TAIL", counts: [6, 6, 6, 12] },
    ],
  },
  {
    hand: "of the plain hands, y6: 347. Egg (for the wreath)",
    text: `Egg (for the wreath)

Round 1. Six sc into a magic loop.
Round 2. Inc in every st. = 12 sts
Round 3. *Sc 1, inc 1*, repeat to the end of the round. = 18 sts
Round 4. Sc in every st. = 18 sts
Round 5. *Sc 2, inc 1*, repeat to the end of the round. = 24 sts
Rounds 6, 7, 8 & 9. Sc in every st.
Round 10. *Sc 2, dec 1*, repeat to the end of the round. = 18 sts
Round 11. *Sc 1, dec 1*, repeat to the end of the round. = 12 sts
Fill firmly.
Round 12. *Dec 1*, repeat to the end of the round. = 6 sts`,
    parts: [{ name: "Egg", counts: [6, 12, 18, 18, 24, 24, 24, 24, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, y6: 348. Heart keyring",
    text: `Heart keyring

Humps (x 2)
1 | 6 sc in MR | 6
2 | (inc, sc 1) x 3 | 9
3 | (inc, sc 2) x 3 | 12
4 | sc 12 | 12
Cut the yarn on hump one only.

Joining
5 | sc 12 around hump two, sc 12 around hump one | 24
6 | sc 24 | 24
7 | (dec, sc 2) x 6 | 18
8 | (dec, sc 1) x 6 | 12
stuff
9 | dec x 6 | 6`,
    parts: [
      { name: "Humps", make: 2, counts: [6, 9, 12, 12] },
      { name: "Joining", counts: [24, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, y6: 349. Strawberry, US terms",
    text: `Strawberry, US terms

Berry, red – start at the tip
Rnd 1: 4 sc in magic ring (4)
Rnd 2: 2 sc in each sc around (8)
Rnd 3: [1 sc, inc] four times (12)
Rnd 4: [2 sc, inc] four times (16)
Rnd 5: [3 sc, inc] four times (20)
Rnd 6: [4 sc, inc] four times (24)
Rnd 7 and 8: even (24)
Rnd 9: [1 sc, dec] eight times (16)
Stuff.
Rnd 10: [dec] eight times (8)
Close with a gathering thread.`,
    parts: [{ name: "Berry", counts: [4, 8, 12, 16, 20, 24, 24, 24, 16, 8] }],
  },
  {
    hand: "of the plain hands, y6: 350. candle charm",
    text: `candle charm
------------
wax (cream)
1st rnd: mr, sc 6 [6]
2nd rnd: inc * 6 [12]
3rd rnd: (sc, inc) * 6 [18]
4th rnd: blo sc * 18 [18]
5th to 9th rnd: sc * 18 [18]
10th rnd: blo (sc, dec) * 6 [12]
11th rnd: dec * 6 [6]

flame (yellow)
1st rnd: mr, sc 4 [4]
2nd rnd: inc * 4 [8]
3rd rnd: sc * 8 [8]
4th rnd: dec * 4 [4]`,
    parts: [
      { name: "wax", counts: [6, 12, 18, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "flame", counts: [4, 8, 8, 4] },
    ],
  },
  {
    hand: "of the plain hands, y6: 351. Fox cub — charm size",
    text: `Fox cub — charm size

HEAD (rust)
Rnd 1 – 6 sc in MR
Rnd 2 – inc in each st – 12
Rnd 3 – *inc, sc* – 18
Rnd 4 – *inc, 2 sc* – 24
Rnds 5 - 7 – sc in each st – 24
Rnd 8 – *dec, 2 sc* – 18
Rnd 9 – *dec, sc* – 12
FO

EARS – 2 in rust
Rnd 1 – 3 sc in MR
Rnd 2 – inc in each st – 6
Rnd 3 – *inc, sc* – 9
FO

BODY (rust)
Rnd 1 – 6 sc in MR
Rnd 2 – inc in each st – 12
Rnd 3 – *inc, 3 sc* – 15
Rnds 4 - 6 – sc in each st – 15
FO

LEGS – 4 in black
Rnd 1 – 5 sc in MR
Rnds 2 - 3 – sc in each st – 5
FO

TAIL (rust)
Ch 9, sc in 2nd ch from hook and each ch to end – 8
FO`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
      { name: "EARS", make: 2, counts: [3, 6, 9] },
      { name: "BODY", counts: [6, 12, 15, 15, 15, 15] },
      { name: "LEGS", make: 4, counts: [5, 5, 5] },
      { name: "TAIL", counts: [8] },
    ],
  },
  {
    hand: "of the plain hands, y6: 352. Dumpling",
    text: `Dumpling
R1: 7sc in MR (7). R2: 7inc (14). R3: (1sc,1inc)*7 (21). R4: (2sc,1inc)*7 (28). R5-R6: 28sc (28). R7: (2sc,1dec)*7 (21). R8: (1sc,1dec)*7 (14). R9: 7dec (7).`,
    parts: [{ name: "Dumpling", counts: [7, 14, 21, 28, 28, 28, 21, 14, 7] }],
  },
  {
    hand: "of the plain hands, y6: 353. Pin cushion square",
    text: `Pin cushion square
Front and back (make 2)
Foundation: ch 13.
Row 1: sc in 2nd ch from hook and in each ch across, turn. (12 sc)
Row 2: ch 1, sc in each sc across, turn. (12 sc)
Rows 3–12: Rep Row 2.
Fasten off.
Hold both squares together and sc around through both layers, 3 sc in each corner.`,
    parts: [{ name: "Front and back", make: 2, counts: [12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12] }],
  },
  {
    hand: "of the plain hands, y6: 354. Sheep",
    text: `Sheep
Body (cream boucle)
Rnd 1: 6 sc in magic ring
Rnd 2: (inc) 6 times
Rnd 3: (sc, inc) 6 times
Rnd 4: (2 sc, inc) 6 times
Rnd 5-8: sc around
Rnd 9: (2 sc, dec) 6 times
Rnd 10: (sc, dec) 6 times
Rnd 11: (dec) 6 times
Head (black)
Rnd 1: 6 sc in magic ring
Rnd 2: (sc, inc, inc) 2 times
Rnd 3-4: sc around
Leg (black, 4)
Rnd 1: 4 sc in magic ring
Rnd 2-3: sc around`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Head", counts: [6, 10, 10, 10] },
      { name: "Leg", make: 4, counts: [4, 4, 4] },
    ],
  },
  {
    hand: "of the plain hands, y6: 355. Bow tie for the bear",
    text: `Bow tie for the bear
Row 1: Ch 21, sc in second ch from hook and across: 20 sc. Turn.
Row 2: Ch 1, 20 sc. Turn.
Row 3: as row 2.
Row 4: as row 2. Fasten off.
Band: ch 8, sc back along it (7 sc). Wrap round the middle and sew.`,
    parts: [
      { name: "Bow tie for the bear", counts: [20, 20, 20, 20] },
      { name: "Band", counts: [7] },
    ],
  },
  {
    hand: "of the plain hands, y6: 356. Mini mitten",
    text: `Mini mitten
{1} 6 sc in mr
{2} 12: inc x6
{3}-{5} 12
{6} 10: (4 sc, dec) x2`,
    parts: [{ name: "Mini mitten", counts: [6, 12, 12, 12, 12, 10] }],
  },
  {
    hand: "of the plain hands, y6: 357. Cupcake",
    text: `Cupcake
base in brown
rnd 1: 7sc in mc
rnd 2: 7 x inc (14)
rnd 3: 7 x (1sc, inc) (21)
rnd 4: in blo 21 sc (21)
rnd 5-6: 21 sc (21)
sl st, fo

frosting in pink
rnd 1: 7sc in mc
rnd 2: 7 x inc (14)
rnd 3: 7 x (1sc, inc) (21)
rnd 4: 7 x (2sc, inc) (28)
rnd 5: 28 sc (28)`,
    parts: [
      { name: "base", counts: [7, 14, 21, 21, 21, 21] },
      { name: "frosting", counts: [7, 14, 21, 28, 28] },
    ],
  },
  {
    hand: "of the plain hands, y6: 358. Bunny in pyjamas",
    text: `Bunny in pyjamas

LEGEND
mr - magic ring, sc - single crochet, inc - increase, dec - decrease, FO - fasten off, (..)*n - repeat n times

LEGS (make 2)
Colour: white
1) 6 sc in mr (6)
2) inc*6 (12)
Colour: blue
3) 12 sc (12)
4) (2sc, dec)*3 (9)
5) 9 sc (9)
FO both legs.

BODY
Colour: blue
1) 6 sc in mr (6)
2) inc*6 (12)
3) (1sc, inc)*6 (18)
4) (2sc, inc)*6 (24)
5) (3sc, inc)*6 (30)
6-8) 30 sc (30)
Colour: white
9-11) 30 sc (30)
12) (3sc, dec)*6 (24)
13) (2sc, dec)*6 (18)
Insert eyes between rounds 9 and 10.
14) (1sc, dec)*6 (12)
15) dec*6 (6)
FO.

EARS (make 2)
Colour: white
1) 6 sc in mr (6)
2) 6 sc (6)
3) (1sc, inc)*3 (9)
4-5) 9 sc (9)
FO.

ARMS (make 2)
Colour: white
1) 6 sc in mr (6)
Colour: blue
2-5) 6 sc (6)
FO.

NOSE
Colour: pink
1) 5 sc in mr (5)
FO.`,
    parts: [
      { name: "LEGS", make: 2, counts: [6, 12, 12, 9, 9] },
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "EARS", make: 2, counts: [6, 6, 9, 9, 9] },
      { name: "ARMS", make: 2, counts: [6, 6, 6, 6, 6] },
      { name: "NOSE", counts: [5] },
    ],
  },
  {
    hand: "of the plain hands, y6: 359. Teacup ornament",
    text: `Teacup ornament
CUP. Work in rounds without joining.
Round 1 (RS): 6 sc in magic ring.
Round 2: 2 sc in each st around—12 sc.
Round 3: *Sc in next st, 2 sc in next st; repeat from * around—18 sc.
Round 4: *Sc in next 2 sts, 2 sc in next st; repeat from * around—24 sc.
Round 5: Working in back loops only, sc in each st around.
Rounds 6–8: Sc in each st around.
Sl st in next st. Fasten off.
HANDLE. Ch 13. Sc in 2nd ch from hook and in each ch across—12 sc. Fasten off.
SAUCER. Work as for Cup through Round 4. 
Round 5: *Sc in next 3 sts, 2 sc in next st; repeat from * around—30 sc.
Sl st in next st. Fasten off.`,
    parts: [
      { name: "CUP", counts: [6, 12, 18, 24, 24, 24, 24, 24] },
      { name: "HANDLE", counts: [12] },
      { name: "SAUCER", counts: [6, 12, 18, 24, 30] },
    ],
  },
  {
    hand: "of the plain hands, y6: 360. Donut",
    text: `Donut
Ch 30, join into a ring without twisting.
R1. 30 sc
R2. 30 sc
R3. [4 sc, inc] x6 (36)
R4. 36 sc
R5. [5 sc, inc] x6 (42)
R6. 42 sc
R7. [5 sc, dec] x6 (36)
R8. 36 sc
R9. [4 sc, dec] x6 (30)
R10. 30 sc
Sew first and last round together, stuffing as you go.`,
    parts: [{ name: "Donut", counts: [30, 30, 36, 36, 42, 42, 36, 36, 30, 30] }],
  },
  {
    hand: "of the plain hands, y6: 361. Snake bookmark",
    text: `Snake bookmark
Round 1: 5 sc in MR
Round 2: inc, 2 sc, inc, 1 sc (7)
Round 3: inc, 3 sc, inc, 2 sc (9)
Round 4 - 10: 9 sc
Round 11: dec, 3 sc, dec, 2 sc (7)
Round 12: dec, 2 sc, dec, 1 sc (5)
Round 13 - 16: 5 sc
Round 17: dec, dec, 1 sc (3)`,
    parts: [{ name: "Snake bookmark", counts: [5, 7, 9, 9, 9, 9, 9, 9, 9, 9, 7, 5, 5, 5, 5, 5, 3] }],
  },
  {
    hand: "of the plain hands, y6: 362. Gnome",
    text: `Gnome

Head (skin colour)
1 row: 6 sc into amigurumi ring (6)
2 row: 6 inc (12)
3 row: (1 sc, inc) repeat 6 times (18)
4 row: (2 sc, inc) repeat 6 times (24)
5 row: (3 sc, inc) repeat 6 times (30)
6-9 row: 30 sc, 4 rows in total (30)
10 row: (3 sc, dec) repeat 6 times (24)
11 row: (2 sc, dec) repeat 6 times (18)
12 row: (1 sc, dec) repeat 6 times (12)
We fill the part. Fasten the thread, leave a tip for sewing.

Hat (red)
1 row: 6 sc into amigurumi ring (6)
2 row: 6 inc (12)
3 row: (1 sc, inc) repeat 6 times (18)
4 row: (2 sc, inc) repeat 6 times (24)
5 row: (3 sc, inc) repeat 6 times (30)
6 row: (9 sc, inc) repeat 3 times (33)
7 row: 33 sc (33)`,
    parts: [
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Hat", counts: [6, 12, 18, 24, 30, 33, 33] },
    ],
  },
  {
    hand: "of the plain hands, y6: 363. Bumble bee – beginner friendly!",
    text: `Bumble bee – beginner friendly!

You'll be crocheting in the round the whole time.

Rnd 1 (yellow): Make 6 sc in a magic ring.
Rnd 2 (yellow): Inc in each stitch. You should have 12 now.
Rnd 3 (yellow): Sc in the first stitch, inc in the next. Keep going all the way around. You should have 18 now.
Rnd 4 (black): Sc around.
Rnd 5 (yellow): Sc around.
Rnd 6 (black): Sc around.
Rnd 7 (yellow): Sc around.
Rnd 8 (black): Sc around.
Now put the eyes in, between rounds 3 and 4 with 4 stitches in between, and stuff.
Rnd 9 (black): Sc, dec. Keep going all the way around. You should have 12 now.
Rnd 10 (black): Dec around. You should have 6 now. Close up.

Wings, make 2 (white): In a magic ring, 8 sc, pull tight, sl st to close.`,
    parts: [
      { name: "Bumble bee", counts: [6, 12, 18, 18, 18, 18, 18, 18, 12, 6] },
      { name: "Wings", make: 2, counts: [8] },
    ],
  },
  {
    hand: "of the plain hands, y6: 364. Snowman, two-ball, in one piece",
    text: `Snowman, two-ball, in one piece

Bottom ball
rd1 6sc mr
rd2 inc x6 (12)
rd3 (sc, inc) x6 (18)
rd4 (2sc, inc) x6 (24)
rd5-7 sc x24
rd8 (2sc, dec) x6 (18)
rd9 (sc, dec) x6 (12)
stuff

Top ball (carry straight on)
rd10 (sc, inc) x6 (18)
rd11-12 sc x18
rd13 (sc, dec) x6 (12)
rd14 dec x6 (6)

Scarf (any bright colour): ch 41, sl st in each ch from 2nd (40)`,
    parts: [
      { name: "Bottom ball", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
      { name: "Top ball", counts: [18, 18, 18, 12, 6] },
      { name: "Scarf", counts: [40] },
    ],
  },
  {
    hand: "of the plain hands, y6: 365. Acorn and leaf brooch",
    text: `Acorn and leaf brooch
** Acorn ** (light brown)
R1: 6sc in MC (6)
R2: (inc) x 6 (12)
R3: (sc, inc) x 6 (18)
R4~R6: sc x 18 (18)
R7: (sc, dec) x 6 (12)
R8: (dec) x 6 (6)
** Cap ** (dark brown)
R1: 6sc in MC (6)
R2: (inc) x 6 (12)
R3: (sc, inc) x 6 (18)
R4: (5sc, inc) x 3 (21)`,
    parts: [
      { name: "Acorn", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "Cap", counts: [6, 12, 18, 21] },
    ],
  },
  {
    hand: "of the plain hands, y6: 366. Piglet: pink yarn (fingering), 2 mm hook",
    text: `Piglet: pink yarn (fingering), 2 mm hook, two 5-mm eyes.

BODY. 1) 6 sc in MR. 2) inc x 6 = 12. 3) (sc, inc) x 6 = 18. 4) (2 sc, inc) x 6 = 24. 5) (3 sc, inc) x 6 = 30. 6–10) 30 sc. 11) (3 sc, dec) x 6 = 24. 12) (2 sc, dec) x 6 = 18. Stuff. 13) (sc, dec) x 6 = 12. 14) dec x 6 = 6.
SNOUT. 1) 6 sc in MR. 2) (sc, inc) x 3 = 9. 3) BLO 9 sc.
EAR (make 2). 1) 4 sc in MR. 2) (sc, inc) x 2 = 6.
TROTTER (make 4). 1) 6 sc in MR. 2–3) 6 sc.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "SNOUT", counts: [6, 9, 9] },
      { name: "EAR", make: 2, counts: [4, 6] },
      { name: "TROTTER", make: 4, counts: [6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, y6: 367. Catnip mouse (not for children)",
    text: `Catnip mouse (not for children)
Rnd 1: MC, sc5, join [5]
Rnd 2: ch1, 2sc in ea st, join [10]
Rnd 3: ch1, *sc1, 2sc in next* 5x, join [15]
Rnd 4: ch1, *sc2, 2sc in next* 5x, join [20]
Rnds 5-8: ch1, sc in ea st, join [20]
Rnd 9: ch1, *sc2, sc2tog* 5x, join [15]
Rnd 10: ch1, *sc1, sc2tog* 5x, join [10]
Stuff with filling and catnip.
Rnd 11: ch1, sc2tog 5x, join [5]
FO.
Ears (2): MC, 8hdc, join [8]. FO.`,
    parts: [
      { name: "Catnip mouse", counts: [5, 10, 15, 20, 20, 20, 20, 20, 15, 10, 5] },
      { name: "Ears", make: 2, counts: [8] },
    ],
  },
  {
    hand: "of the plain hands, y6: 368. Mini bear, hangs from a zip",
    text: `Mini bear, hangs from a zip

Materials
Sport weight cotton: caramel (20 g), cream (3 g)
2.25 mm hook
6 mm black eyes, embroidery thread

HEAD & BODY (caramel), from top to bottom
Rnd 1: start with 6 sc in a magic ring (6)
Rnd 2: *inc* 6 times (12)
Rnd 3: *sc, inc* 6 times (18)
Rnd 4: *sc 2, inc* 6 times (24)
Rnd 5: *sc 3, inc* 6 times (30)
Rnd 6: *sc 4, inc* 6 times (36)
Rnd 7 – 10: sc in all 36 st (36)
Rnd 11: *sc 4, dec* 6 times (30)
Rnd 12: *sc 3, dec* 6 times (24)
Rnd 13: *sc 2, dec* 6 times (18)
Insert eyes between rounds 8 and 9. Stuff the head firmly.
Rnd 14: sc in all 18 st (18)
Rnd 15: *sc 2, inc* 6 times (24)
Rnd 16: *sc 3, inc* 6 times (30)
Rnd 17 – 19: sc in all 30 st (30)
Rnd 20: *sc 3, dec* 6 times (24)
Rnd 21: *sc 2, dec* 6 times (18)
Rnd 22: *sc, dec* 6 times (12)
Rnd 23: *dec* 6 times (6)

EARS (make 2, caramel)
Rnd 1: start with 5 sc in a magic ring (5)
Rnd 2: *inc* 5 times (10)
Rnd 3: *sc, inc* 5 times (15)
Rnd 4: sc in all 15 st (15)

ARMS (make 2; start in cream)
Rnd 1: start with 6 sc in a magic ring (6)
Rnd 2: *sc 2, inc* 2 times (8)
Change to caramel.
Rnd 3 – 5: sc in all 8 st (8)
Rnd 6: *sc 2, dec* 2 times (6)

FEET (make 2; cream)
Rnd 1: start with 6 sc in a magic ring (6)
Rnd 2: *inc* 6 times (12)
Rnd 3: sc in all 12 st (12)`,
    parts: [
      {
        name: "HEAD & BODY",
        counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 30, 24, 18, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6],
      },
      { name: "EARS", make: 2, counts: [5, 10, 15, 15] },
      { name: "ARMS", make: 2, counts: [6, 8, 8, 8, 8, 6] },
      { name: "FEET", make: 2, counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, y6: 369. Christmas tree ornament",
    text: `Christmas tree ornament

Tree. Work in green from the tip down.
Rd 1. 6 sc in MR.
Rd 2. (1 sc, inc) x 3. [9]
Rd 3. (2 sc, inc) x 3. [12]
Rd 4. (3 sc, inc) x 3. [15]
Rd 5. (4 sc, inc) x 3. [18]
Rd 6. (5 sc, inc) x 3. [21]
Rd 7. (6 sc, inc) x 3. [24]
Rd 8. (7 sc, inc) x 3. [27]
Rd 9. (8 sc, inc) x 3. [30]
Rd 10. sc in each. [30]
Break yarn.

Trunk. Work in brown.
Rd 1. 6 sc in MR.
Rd 2. inc x 6. [12]
Rd 3. BLO, sc in each. [12]
Rd 4. sc in each. [12]
Break yarn. Sew trunk to the middle of a felt circle cut to fit, and that to the tree.`,
    parts: [
      { name: "Tree", counts: [6, 9, 12, 15, 18, 21, 24, 27, 30, 30] },
      { name: "Trunk", counts: [6, 12, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, y6: 370. Whale — no sewing except the tail",
    text: `Whale — no sewing except the tail
(R = round; X = single crochet; V = increase; A = decrease)
R1: 6X
R2: 6V (12)
R3: 6(X, V) (18)
R4: 6(2X, V) (24)
R5: 6(3X, V) (30)
R6-8: 30X
R9: 6(3X, A) (24)
R10: 24X
R11: 6(2X, A) (18)
R12: 18X
R13: 6(X, A) (12)
R14: 4(X, A) (8)
R15: 8X
Tail fins, 2 pieces:
R1: 6X
R2: 3(X, V) (9)
R3: 3(2X, V) (12)
R4: 12X`,
    parts: [
      { name: "Whale", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 24, 18, 18, 12, 8, 8] },
      { name: "Tail fins", make: 2, counts: [6, 9, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, y6: 371. Pear",
    text: `Pear
row 1.........6 sc into the ring
row 2.........6 inc (12)
row 3.........1 sc, 1 inc (18)
row 4.........2 sc, 1 inc (24)
row 5.........3 sc, 1 inc (30)
row 6 + 7.....30 sc
row 8.........3 sc, 1 dec (24)
row 9.........2 sc, 1 dec (18)
row 10 + 11...18 sc
row 12........1 sc, 1 dec (12)
row 13........6 dec (6)
Leaf: 8 ch, turn, 7 sc back`,
    parts: [
      { name: "Pear", counts: [6, 12, 18, 24, 30, 30, 30, 24, 18, 18, 18, 12, 6] },
      { name: "Leaf", counts: [7] },
    ],
  },
  {
    hand: "of the plain hands, y6: 372. Mini mug cosy for an egg",
    text: `Mini mug cosy for an egg
Chain 30 and join with a sl st into a ring, don't twist.
Round 1: ch 1, hdc in each ch, join with sl st to first hdc. (30 hdc)
Rounds 2 to 6: ch 1, hdc in each hdc, join. (30 hdc)
Fasten off and weave in.`,
    parts: [{ name: "Mini mug cosy for an egg", counts: [30, 30, 30, 30, 30, 30] }],
  },
  {
    hand: "of the plain hands, y6: 373. Baby dino! 🦕",
    text: `Baby dino! 🦕

✿ Body ✿
1🦕 6sc in MR
2🦕 6inc [12]
3🦕 (1sc, inc)x6 [18]
4🦕 (2sc, inc)x6 [24]
5🦕-7🦕 24sc [24]
8🦕 (2sc, dec)x6 [18]
9🦕 (1sc, dec)x6 [12]
10🦕 6dec [6]

✿ Spikes ✿ make 5
1🦕 3sc in MR
2🦕 inc, 2sc [4]
3🦕 inc, 3sc [5]
4🦕 inc, 4sc [6]

✿ Legs ✿ make 4
1🦕 6sc in MR
2🦕-3🦕 6sc [6]`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Spikes", make: 5, counts: [3, 4, 5, 6] },
      { name: "Legs", make: 4, counts: [6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, y6: 374. Flat pumpkin, ribbed",
    text: `Flat pumpkin, ribbed
Ch 13.
Row 1: In 2nd ch from hook, sc and then sc across (12).
Row 2: Ch 1, turn. BLO sc across (12).
Repeat row 2 until you have 12 rows.
Sew the short edges together, gather one end, stuff, gather the other.`,
    parts: [{ name: "Flat pumpkin", counts: [12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12, 12] }],
  },
  {
    hand: "of the plain hands, y6: 375. Lion head",
    text: `Lion head
R1. 7 sc in magic loop
R2. (inc) repeat 7 = 14
R3. (sc, inc) repeat 7 = 21
R4. (2 sc, inc) repeat 7 = 28
R5–7. sc in every stitch = 28
R8. (2 sc, dec) repeat 7 = 21
R9. (sc, dec) repeat 7 = 14`,
    parts: [{ name: "Lion head", counts: [7, 14, 21, 28, 28, 28, 28, 21, 14] }],
  },
  {
    hand: "of the plain hands, y6: 376. Angel for the tree",
    text: `Angel for the tree

Cone body, white, from the tip
Round 1: Work 6 sc into a magic ring.
Round 2: Sc in each sc.
Round 3: *Sc in next sc, 2 sc in next sc* 3 times. (9 sc)
Round 4: *Sc in next 2 sc, 2 sc in next sc* 3 times. (12 sc)
Round 5: *Sc in next 3 sc, 2 sc in next sc* 3 times. (15 sc)
Round 6: *Sc in next 4 sc, 2 sc in next sc* 3 times. (18 sc)
Round 7: *Sc in next 5 sc, 2 sc in next sc* 3 times. (21 sc)
Round 8: *Sc in next 6 sc, 2 sc in next sc* 3 times. (24 sc)
Round 9: *Sc in next 7 sc, 2 sc in next sc* 3 times. (27 sc)
Round 10: *Sc in next 8 sc, 2 sc in next sc* 3 times. (30 sc)
Round 11: Sc in each sc. (30 sc)
Do not stuff. Fasten off.

Head, flesh
Round 1: Work 6 sc into a magic ring.
Round 2: 2 sc in each sc. (12 sc)
Round 3: *Sc in next sc, 2 sc in next sc* 6 times. (18 sc)
Round 4: *Sc in next 2 sc, 2 sc in next sc* 6 times. (24 sc)
Rounds 5–7: Sc in each sc.
Round 8: *Sc in next 2 sc, sc2tog* 6 times. (18 sc)
Round 9: *Sc in next sc, sc2tog* 6 times. (12 sc)
Stuff and sew to the cone.

Sleeves, white, make 2
Round 1: Work 5 sc into a magic ring.
Round 2: Sc in next sc, 2 sc in next sc, sc in next 2 sc, 2 sc in last sc. (7 sc)
Rounds 3–6: Sc in each sc.`,
    parts: [
      { name: "Cone body", counts: [6, 6, 9, 12, 15, 18, 21, 24, 27, 30, 30] },
      { name: "Head", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12] },
      { name: "Sleeves", make: 2, counts: [5, 7, 7, 7, 7, 7] },
    ],
  },
  {
    hand: "of the plain hands, y6: 377. Crab, 6 cm wide",
    text: `Crab, 6 cm wide
Body: top and bottom in one
rnd 1 [6] mr 6 sc
rnd 2 [12] inc x6
rnd 3 [18] (sc 1, inc 1) x6
rnd 4 [24] (sc 2, inc 1) x6
rnd 5 [30] (sc 3, inc 1) x6
rnd 6-8 [30] sc
rnd 9 [24] (sc 3, dec 1) x6
rnd 10 [18] (sc 2, dec 1) x6
eyes at rnd 6
rnd 11 [12] (sc 1, dec 1) x6
Claws: make 2
rnd 1 [6] mr 6 sc
rnd 2 [9] (sc 1, inc 1) x3
rnd 3 [9] sc
rnd 4 [6] (sc 1, dec 1) x3
Legs: make 6: ch 5, sc 4 back along the chain.`,
    parts: [
      { name: "Body: top and bottom in one", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Claws", make: 2, counts: [6, 9, 9, 6] },
      { name: "Legs", make: 6, counts: [4] },
    ],
  },
  {
    hand: "of the plain hands, y6: 378. Frog (bright green, 3.0 mm)",
    text: `Frog (bright green, 3.0 mm)
1st rnd. 7 dc in magic circle
2nd rnd. 2 dc in each st (14 dc)
3rd rnd. [dc, 2 dc in next] x 7 (21 dc)
4th rnd. [2 dc, 2 dc in next] x 7 (28 dc)
5th – 8th rnds. dc in each st
9th rnd. [2 dc, dc2tog] x 7 (21 dc)
10th rnd. [dc, dc2tog] x 7 (14 dc)
11th rnd. dc2tog x 7 (7 dc)
(UK terms are used)
Eye bumps (two)
1st rnd. 5 dc in magic circle
2nd rnd. [dc, 2 dc in next] x 2, dc (7 dc)
3rd rnd. dc in each st`,
    parts: [
      { name: "Frog", counts: [7, 14, 21, 28, 28, 28, 28, 28, 21, 14, 7] },
      { name: "Eye bumps", make: 2, counts: [5, 7, 7] },
    ],
  },
  {
    hand: "of the plain hands, y6: 379. Pincushion macaron",
    text: `Pincushion macaron
R1: magic ring, 6 sc.
R2: 6 inc. [12 sts]
R3: 1 sc, 1 inc; repeat 6x. [18 sts]
R4: 2 sc, 1 inc; repeat 6x. [24 sts]
R5: 3 sc, 1 inc; repeat 6x. [30 sts]
R6: 4 sc, 1 inc; repeat 6x. [36 sts]
R7: FLO: 36 sc. [36 sts]
R8: 36 sc. [36 sts]
R9: 4 sc, 1 dec; repeat 6x. [30 sts]
R10: 3 sc, 1 dec; repeat 6x. [24 sts]
R11: 2 sc, 1 dec; repeat 6x. [18 sts]
Stuff with wool offcuts.
R12: 1 sc, 1 dec; repeat 6x. [12 sts]
R13: 6 dec. [6 sts]`,
    parts: [{ name: "Pincushion macaron", counts: [6, 12, 18, 24, 30, 36, 36, 36, 30, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, y6: 380. Bell, gold",
    text: `Bell, gold
With gold, ch 2.
Rnd 1. 6 sc in 2nd ch from hook.
Rnd 2. 2 sc in each sc around. (12)
Rnd 3. *2 sc in next sc, 1 sc in next sc. Rep from * around. (18)
Rnd 4. 1 sc in each sc around.
Rnds 5 and 6. As Rnd 4.
Rnd 7. *2 sc in next sc, 1 sc in next 2 sc. Rep from * around. (24)
Rnd 8. As Rnd 4. Sl st in next sc. Fasten off.
Clapper
With red, ch 2.
Rnd 1. 5 sc in 2nd ch from hook.
Rnd 2. 1 sc in each sc around. Fasten off.`,
    parts: [
      { name: "Bell", counts: [6, 12, 18, 18, 18, 18, 24, 24] },
      { name: "Clapper", counts: [5, 5] },
    ],
  },
  {
    hand: "of the plain hands, y7: 381. Sums in front, two of them alone",
    text: `Bauble
6: mr
12: inc
18: (sc, inc)
24: (2 sc, inc)
24
24
18: (2 sc, dec)`,
    parts: [{ name: "Bauble", counts: [6, 12, 18, 24, 24, 24, 18] }],
  },
  {
    hand: "of the plain hands, y8: 382. Sea turtle, palm size",
    text: `Sea turtle, palm size

Shell (green)
Rd1 start 6 sc in mr
Rd2 2 in each = 12
Rd3 1, 2 in next = 18
Rd4 2, 2 in next = 24
Rd5 3, 2 in next = 30
Rd6+7 plain = 30
Rd8 3, dec = 24
fasten off

Belly (sand)
same as shell Rd1-4

Head (green)
Rd1 6 sc in mr
Rd2 2 in each = 12
Rd3+4 plain = 12
Rd5 dec all round = 6

Flippers (4x)
Rd1 5 sc in mr
Rd2+3 plain = 5`,
    parts: [
      { name: "Shell", counts: [6, 12, 18, 24, 30, 30, 30, 24] },
      { name: "Belly", counts: [6, 12, 18, 24] },
      { name: "Head", counts: [6, 12, 12, 12, 6] },
      { name: "Flippers", make: 4, counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, y8: 383. Little robot (yarn: steel grey, hook 3)",
    text: `Little robot (yarn: steel grey, hook 3)

BODY
❶ mr, 6 sc
❷ 6 inc (12)
❸ [1 sc, 1 inc] ✕ 6 (18)
❹ [2 sc, 1 inc] ✕ 6 (24)
❺–❽ 24 sc (24)
❾ [2 sc, 1 dec] ✕ 6 (18)
❿ [1 sc, 1 dec] ✕ 6 (12)
⓫ 6 dec (6)

ARMS (✕ 2)
❶ mr, 5 sc
❷–❹ 5 sc (5)`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6] },
      { name: "ARMS", make: 2, counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, y8: 384. Hedgehog, one piece, begins at the nose",
    text: `Hedgehog, one piece, begins at the nose
Beige: MR6. One round plain.
R3 +3 (9). R4 +3 (12). R5 +6 (18).
Brown, loops if you like: R6 +6 (24). R7 +6 (30). R8-10 plain.
R11 -6 (24). R12 -6 (18). Stuff. R13 -6 (12). R14 -6 (6).`,
    parts: [{ name: "Hedgehog", counts: [6, 6, 9, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6] }],
  },
  {
    hand: "of the plain hands, y8: 385. ICE CREAM (2 parts)",
    text: `ICE CREAM (2 parts)

Cone:
Into a magic ring: 4 sc.
Round two – work two increases evenly: 6.
Round three – the same: 8.
Round four – the same: 10.
Round five – the same: 12.
Round six – the same: 14.
Round seven – the same: 16.
Round eight – the same: 18.
Round nine – no increases.

Scoop:
Into a magic ring: 6 sc.
Round two – double: 12.
Round three – increase in every other stitch: 18.
Round four – increase in every third stitch: 24.
Rounds five and six – no increases.
Round seven – decrease over every third and fourth stitch: 18.`,
    parts: [
      { name: "Cone", counts: [4, 6, 8, 10, 12, 14, 16, 18, 18] },
      { name: "Scoop", counts: [6, 12, 18, 24, 24, 24, 18] },
    ],
  },
  {
    hand: "of the plain hands, y8: 386. Head, body and two legs for a keyring la",
    text: `Head, body and two legs for a keyring lamb - written as I made it.

HEAD: ring of 6. Then 2sc in each (12). (sc, 2sc in next)x6 (18). (sc, sc, 2sc in next)x6 (24). Four rounds of 24. (sc, sc, sc2tog)x6 (18). (sc, sc2tog)x6 (12). Stuff.
BODY: ring of 6. 2sc in each (12). (sc, 2sc in next)x6 (18). Two rounds of 18. (sc, sc2tog)x6 (12). Stuff, sew to the head.
LEG (two): ring of 6. Two rounds of 6.`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 24, 24, 24, 24, 18, 12] },
      { name: "BODY", counts: [6, 12, 18, 18, 18, 12] },
      { name: "LEG", make: 2, counts: [6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, z1: 387. Little Field Mouse",
    text: `Little Field Mouse
by the Harbour Stall

Skill level: easy
Finished size: about 14 cm tall when sitting

You will need
* DK cotton in Taupe (approx 40 g) and a little Pink
* 3 mm hook
* 2 x 8 mm safety eyes
* toy stuffing
* darning needle, stitch marker

Abbreviations (US terms)
st(s) – stitch(es)
sc – single crochet
inc – 2 sc in the same stitch
dec – invisible decrease
FO – fasten off
(…) x n – repeat what is in the brackets n times
[n] – number of stitches at the end of the round

The mouse is worked in continuous rounds. Do not join unless told to. Use a stitch marker.

HEAD
Start with Taupe.
Rnd 1: 6 sc in a magic ring [6]
Rnd 2: inc in every st [12]
Rnd 3: (sc 1, inc) x 6 [18]
Rnd 4: (sc 2, inc) x 6 [24]
Rnd 5: (sc 3, inc) x 6 [30]
Rnd 6: (sc 4, inc) x 6 [36]
Rnd 7 – 11: sc in every st (5 rounds) [36]
Rnd 12: (sc 4, dec) x 6 [30]
Place the eyes between rnd 9 and 10 with 7 stitches in between.
Rnd 13: (sc 3, dec) x 6 [24]
Rnd 14: (sc 2, dec) x 6 [18]
Stuff the head firmly. Fasten off, leaving a long tail for sewing.

BODY
Taupe
Rnd 1: 6 sc in a magic ring [6]
Rnd 2: inc in every st [12]
Rnd 3: (sc 1, inc) x 6 [18]
Rnd 4: (sc 2, inc) x 6 [24]
Rnd 5: (sc 3, inc) x 6 [30]
Rnd 6 – 9: sc in every st (4 rounds) [30]
Rnd 10: (sc 3, dec) x 6 [24]
Rnd 11: sc in every st [24]
Rnd 12: (sc 2, dec) x 6 [18]
Rnd 13: sc in every st [18]
FO and stuff.

ARM (make 2)
With Pink:
Rnd 1: 6 sc in a magic ring [6]
Rnd 2: inc in every st [12]
Rnd 3: sc in every st [12]
Change to Taupe.
Rnd 4: (sc 2, dec) x 3 [9]
Rnd 5 – 9: sc in every st [9]
Stuff only the hands. Press the opening flat and close with 4 sc through both layers. FO.

LEG (make 2)
With Pink:
Rnd 1: 6 sc in a magic ring [6]
Rnd 2: inc in every st [12]
Rnd 3: (sc 3, inc) x 3 [15]
Change to Taupe.
Rnd 4: sc in every st [15]
Rnd 5: (sc 1, dec) x 5 [10]
Rnd 6 – 8: sc in every st [10]
Stuff lightly, leave a tail for sewing.

EAR (make 2)
Rnd 1: 6 sc in a magic ring [6]
Rnd 2: (sc 1, inc) x 3 [9]
Rnd 3: (sc 2, inc) x 3 [12]
Rnd 4: (sc 3, inc) x 3 [15]
Rnd 5: sc in every st [15]
Do not stuff. Flatten and sew to the head between rnds 3 and 6.

TAIL
With Pink:
Rnd 1: 6 sc in a magic ring [6]
Rnd 2: (sc 1, inc) x 3 [9]
Rnd 3: sc in every st [9]
Rnd 4: (sc 1, dec) x 3 [6]
Then chain 20 and sl st back along the chain. Sew to the back of the body.

ASSEMBLY
Sew the head to the body. Sew the arms on both sides between rnds 12 and 13 of the body. Sew the legs to rnd 4–6. Embroider a pink nose over rnds 10 and 11.`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 36, 36, 36, 36, 36, 36, 30, 24, 18] },
      { name: "BODY", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 24, 18, 18] },
      { name: "ARM", make: 2, counts: [6, 12, 12, 9, 9, 9, 9, 9, 9, 4] },
      { name: "LEG", make: 2, counts: [6, 12, 15, 15, 10, 10, 10, 10] },
      { name: "EAR", make: 2, counts: [6, 9, 12, 15, 15] },
      { name: "TAIL", counts: [6, 9, 9, 6] },
    ],
  },
  {
    hand: "of the plain hands, z1: 388. Mushroom ornament",
    text: `Mushroom ornament

Materials: red, white and cream 8-ply cotton, 3.5mm hook, fibrefill

CAP - red

R1: 6sc in MR (6)
R2: 6inc (12)
R3: 1sc, 1inc x6 (18)
R4: 2sc, 1inc x6 (24)
R5: 3sc, 1inc x6 (30)
R6: 4sc, 1inc x6 (36)
R7: 36sc (36)
R8: 4sc, 1dec x6 (30)
sl st, F/O leaving long tail.

STEM - cream

R1: 6sc in MR (6)
R2: 6inc (12)
R3: BLO 12sc (12)
R4-6: 12sc (12) x3 rounds
R7: 1sc, 1inc x6 (18)
R8: 2sc, 1inc x6 (24)
R9: 3sc, 1inc x6 (30)
F/O. Stuff the stem.

Embroider white dots on cap. Whip stitch cap to stem through both loops, stuffing as you go.
Attach a loop of 12ch to the top.`,
    parts: [
      { name: "CAP", counts: [6, 12, 18, 24, 30, 36, 36, 30] },
      { name: "STEM", counts: [6, 12, 12, 12, 12, 12, 18, 24, 30] },
    ],
  },
  {
    hand: "of the plain hands, z1: 389. WHALE KEYRING (UK terms)",
    text: `WHALE KEYRING (UK terms)

Yarn: aran weight in grey-blue and white. Hook: 4 mm. Two 6 mm safety eyes. A key ring.

dc = double crochet, dc2tog = double crochet two together, ss = slip stitch, ch = chain

Body
In grey-blue
1st round: 8 dc into a magic loop. 8 sts
2nd round: 2 dc into each st. 16 sts
3rd round: *1 dc, 2 dc into next st; rep from * to end. 24 sts
4th round: *2 dc, 2 dc into next st; rep from * to end. 32 sts
5th–9th rounds: 1 dc into each st. 32 sts
Change to white.
10th round: 1 dc into each st. 32 sts
11th round: *2 dc, dc2tog; rep from * to end. 24 sts
Attach eyes between rounds 8 and 9, about 10 sts apart. Stuff.
12th round: *1 dc, dc2tog; rep from * to end. 16 sts
13th round: dc2tog around. 8 sts
Fasten off and weave the yarn through the remaining sts, pull tight.

Fins (make two)
In grey-blue
1st round: 4 dc into a magic loop. 4 sts
2nd round: *1 dc, 2 dc into next st; rep from * once more. 6 sts
3rd round: *2 dc, 2 dc into next st; rep from * once more. 8 sts
4th round: *3 dc, 2 dc into next st; rep from * once more. 10 sts
Fasten off leaving a tail to sew with.

Tail fin (make two)
In grey-blue
1st round: 5 dc into a magic loop. 5 sts
2nd round: 2 dc into each st. 10 sts
3rd round: 1 dc into each st. 10 sts
4th round: dc2tog around. 5 sts
Fasten off. Sew both tail fins side by side to the back of the body.

Top fin
In grey-blue, 6 ch.
1st row: 1 dc in 2nd ch from hook and in each ch to end. 5 sts
2nd and 3rd rows: 1 ch, 1 dc in each st. 5 sts
Fasten off. Sew along the back.`,
    parts: [
      { name: "Body", counts: [8, 16, 24, 32, 32, 32, 32, 32, 32, 32, 24, 16, 8] },
      { name: "Fins", make: 2, counts: [4, 6, 8, 10] },
      { name: "Tail fin", make: 2, counts: [5, 10, 10, 5] },
      { name: "Top fin", counts: [5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, z1: 390. PENGUIN (small, for a tree)",
    text: `PENGUIN (small, for a tree)

Colours: A = black, B = white, C = orange

Body
Rnd 1 (A): Mr, 6 sc. [6 sts]
Rnd 2: 2 sc in each. [12 sts]
Rnd 3: *sc in 1, 2 sc in next* x6. [18 sts]
Rnd 4: *sc in 2, 2 sc in next* x6. [24 sts]
Rnd 5: *sc in 3, 2 sc in next* x6. [30 sts]
Rnd 6 to Rnd 8: A: sc in 10; B: sc in 10; A: sc in 10. [30 sts]
Rnd 9 to Rnd 10: A: sc in 8; B: sc in 14; A: sc in 8. [30 sts]
Cut B. Continue with A.
Rnd 11: *sc in 3, sc2tog* x6. [24 sts]
Rnd 12: *sc in 2, sc2tog* x6. [18 sts]
Stuff.
Rnd 13: *sc in 1, sc2tog* x6. [12 sts]
Rnd 14: sc2tog x6. [6 sts]
Cut yarn, close.

Wing, make 2 (A)
Rnd 1: Mr, 6 sc. [6 sts]
Rnd 2: *sc in 1, 2 sc in next* x3. [9 sts]
Rnd 3: *sc in 2, 2 sc in next* x3. [12 sts]
Rnd 4 and Rnd 5: sc in each. [12 sts]
Flatten, sc through both sides. Cut yarn, leave an end for sewing.

Beak (C)
Rnd 1: Mr, 4 sc. [4 sts]
Rnd 2: *sc in 1, 2 sc in next* x2. [6 sts]
Rnd 3: *sc in 2, 2 sc in next* x2. [8 sts]
Cut yarn, leave an end for sewing.

Foot, make 2 (C)
Rnd 1: Mr, 6 sc. [6 sts]
Rnd 2 and 3: sc in each. [6 sts]
Flatten.

Make up
Sew the beak between Rnd 6 and 7. Glue or sew the eyes. Sew wings at Rnd 7.`,
    parts: [
      { name: "Body", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "Wing", make: 2, counts: [6, 9, 12, 12, 12] },
      { name: "Beak", counts: [4, 6, 8] },
      { name: "Foot", make: 2, counts: [6, 6, 6] },
    ],
  },
  {
    hand: "of the plain hands, z1: 391. **Little fisherman**",
    text: `**Little fisherman**

### Legs (make 2, start with the boots, black)

1. 6 sc in a magic ring (6)
2. inc x 6 (12)
3. sc around (12)
4. change to blue, sc around (12)
5. sc around (12)

Cut the yarn on the first leg. Do not cut on the second.

### Body

6. from the second leg: ch 2, join to the first leg with a sc, sc 11 around the first leg, sc in 2 ch, sc 12 around the second leg, sc in the other side of 2 ch (28)
7. sc around (28)
8. change to yellow, sc around (28)
9. - 10. sc around (28)
11. (sc 5, dec) x 4 (24)
12. (sc 4, dec) x 4 (20)
13. (sc 3, dec) x 4 (16)
14. (sc 2, dec) x 4 (12)
15. sc around (12)

Fasten off, stuff.

### Head (skin colour)

1. 6 sc in a magic ring (6)
2. inc x 6 (12)
3. (sc, inc) x 6 (18)
4. (2 sc, inc) x 6 (24)
5. (3 sc, inc) x 6 (30)
6. - 9. sc around (30)
10. (3 sc, dec) x 6 (24)
11. (2 sc, dec) x 6 (18)
12. (sc, dec) x 6 (12)

Stuff and sew to the body.

### Arms (make 2)

1. 5 sc in a magic ring (5), skin colour
2. sc around (5)
3. change to yellow, sc around (5)
4. - 6. sc around (5)

Sew to the sides.`,
    parts: [
      { name: "Legs", make: 2, counts: [6, 12, 12, 12, 12] },
      { name: "Body", counts: [28, 28, 28, 28, 28, 24, 20, 16, 12, 12] },
      { name: "Head", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18, 12] },
      { name: "Arms", make: 2, counts: [5, 5, 5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, z1: 392. Heart charm",
    text: `Heart charm

Yarn: leftovers, any weight. Hook to match.

You make two bumps and join them.

First bump
R1: 6 sc in MR. = 6
R2: inc in all 6 st. = 12
R3-4: sc in all 12 st. = 12
Cut yarn.

Second bump the same, but do not cut the yarn.

Now join: 
R5: sc in 12 st of the second bump, then sc in 12 st of the first bump. = 24
R6-7: sc in all 24 st. = 24
R8: *2 sc, dec* x 6. = 18
Stuff.
R9: *1 sc, dec* x 6. = 12
R10: dec x 6. = 6
Close the hole. Make a loop of 20 ch at the top.`,
    parts: [
      { name: "First bump", counts: [6, 12, 12, 12] },
      { name: "Second bump", counts: [6, 12, 12, 12, 24, 24, 24, 18, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, z1: 393. Tiny tortoise   ~ 6 cm",
    text: `Tiny tortoise   ~ 6 cm

hook 2.5 mm, sport weight green, brown

-- belly/body (green) --
rd 1   7 sc in mc  (7)
rd 2   7 inc  (14)
rd 3   7 x (1 sc, inc)  (21)
rd 4   7 x (2 sc, inc)  (28)
rd 5   sc in BLO  (28)
rd 6-8   sc  (28)
rd 9   7 x (2 sc, dec)  (21)
     stuff
rd 10   7 x (1 sc, dec)  (14)
rd 11   7 dec  (7)
close

-- shell (brown) --
rd 1   6 sc in mc  (6)
rd 2   6 inc  (12)
rd 3   6 x (1 sc, inc)  (18)
rd 4   6 x (2 sc, inc)  (24)
rd 5   6 x (3 sc, inc)  (30)
rd 6   6 x (4 sc, inc)  (36)
rd 7   sl st in FLO  (36)
sew on

-- legs, 4 (green) --
rd 1   6 sc in mc  (6)
rd 2-3   sc  (6)

-- head (green) --
rd 1   6 sc in mc  (6)
rd 2   6 inc  (12)
rd 3-4   sc  (12)
     eyes at rd 3
rd 5   6 dec  (6)
stuff a little, sew on`,
    parts: [
      { name: "belly/body", counts: [7, 14, 21, 28, 28, 28, 28, 28, 21, 14, 7] },
      { name: "shell", counts: [6, 12, 18, 24, 30, 36, 36] },
      { name: "legs", make: 4, counts: [6, 6, 6] },
      { name: "head", counts: [6, 12, 12, 12, 6] },
    ],
  },
  {
    hand: "of the plain hands, z1: 394. Bear on a ring",
    text: `Bear on a ring

X - sc, V - inc, A - dec, SL - slip stitch, FL - front loop, MR - magic ring

HEAD
R1: 6X in MR (6)
R2: 6V (12)
R3: (X, V)*6 (18)
R4: (2X, V)*6 (24)
R5: (3X, V)*6 (30)
R6-R9: 30X (30)
Eyes between R7-R8, gap of 5X.
R10: (3X, A)*6 (24)
R11: (2X, A)*6 (18)
Fill tightly. Leave a long thread for sewing.

EARS - 2 pcs
R1: 5X in MR (5)
R2: 5V (10)
R3: 10X (10)
Do not fill. Sew on R4-R5 of the head.

LEGS + BODY
First leg:
R1: 6X in MR (6)
R2: 6V (12)
R3-R5: 12X (12)
Cut the thread.
Second leg is the same, the thread is not cut.
We connect the legs:
R6: 12X on the second leg, 12X on the first leg (24)
R7-R10: 24X (24)
R11: (2X, A)*6 (18)
R12: 18X (18)
Fill, sew the head.`,
    parts: [
      { name: "HEAD", counts: [6, 12, 18, 24, 30, 30, 30, 30, 30, 24, 18] },
      { name: "EARS", make: 2, counts: [5, 10, 10] },
      { name: "First leg", counts: [6, 12, 12, 12, 12] },
      { name: "Second leg", counts: [6, 12, 12, 12, 12, 24, 24, 24, 24, 24, 18, 18] },
    ],
  },
  {
    hand: "of the plain hands, z1: 395. Striped bauble",
    text: `Striped bauble
Sport-weight cotton in 3 colours (A red, B green, C gold), 2.75 mm hook, stuffing.

Change colour every 2 rounds, starting with A.

rnd 1 - mr 6 sc {6}
rnd 2 - 2 sc in each st {12}
rnd 3 - [1 sc, 2 sc in next] rep 6 times {18}
rnd 4 - [2 sc, 2 sc in next] rep 6 times {24}
rnd 5 - [3 sc, 2 sc in next] rep 6 times {30}
rnd 6 to 8 - sc in each st {30}
rnd 9 - [3 sc, dec] rep 6 times {24}
rnd 10 - [2 sc, dec] rep 6 times {18}
stuff
rnd 11 - [1 sc, dec] rep 6 times {12}
rnd 12 - dec 6 times {6}
close

cap (gold)
rnd 1 - mr 6 sc {6}
rnd 2 - 2 sc in each st {12}
rnd 3 - blo sc in each st {12}
ch 15 for the loop, sl st in the same st, fasten off.`,
    parts: [
      { name: "Striped bauble", counts: [6, 12, 18, 24, 30, 30, 30, 30, 24, 18, 12, 6] },
      { name: "cap", counts: [6, 12, 12] },
    ],
  },
  {
    hand: "of the plain hands, z1: 396. Jelly",
    text: `Jelly
Body: Make a magic ring and work six single crochet into it. Work two single crochet in every stitch (12 stitches). Next round: one single crochet, two in the next, all the way round (18 stitches). Next round: two single crochet, two in the next, all the way round (24 stitches). Work three rounds without increasing. Next round: two single crochet, decrease, all the way round (18). Put in the eyes and stuff. Next round: one single crochet, decrease, all the way round (12). Last round: decrease all the way round (6). Close.
Tentacles (make four): Chain 11. Single crochet in the second chain from the hook and in each chain (10). Fasten off and sew underneath.`,
    parts: [
      { name: "Jelly", counts: [6, 12, 18, 24, 24, 24, 24, 18, 12, 6] },
      { name: "Tentacles", make: 4, counts: [10] },
    ],
  },
  {
    hand: "of the plain hands, z1: 397. | Rnd | Pattern | Sts |",
    text: `| Rnd | Pattern | Sts |
|---|---|---|
| | **Pear** | |
| 1 | 6 sc in MR | 6 |
| 2 | inc x 6 | 12 |
| 3 | (sc, inc) x 6 | 18 |
| 4 | (2 sc, inc) x 6 | 24 |
| 5 | (3 sc, inc) x 6 | 30 |
| 6-7 | sc around | 30 |
| 8 | (3 sc, dec) x 6 | 24 |
| 9 | sc around | 24 |
| 10 | (2 sc, dec) x 6 | 18 |
| 11 | sc around | 18 |
| 12 | (sc, dec) x 6 | 12 |
| 13 | sc around | 12 |
| 14 | dec x 6 | 6 |
| | **Leaf** | |
| 1 | ch 7, sl st, sc, hdc, hdc, sc, sl st | 6 |
| | **Stem** | |
| 1 | ch 5, 4 sl st back | 4 |`,
    parts: [
      { name: "Pear", counts: [6, 12, 18, 24, 30, 30, 30, 24, 24, 18, 18, 12, 12, 6] },
      { name: "Leaf", counts: [6] },
      { name: "Stem", counts: [4] },
    ],
  },
  {
    hand: "of the plain hands, z1: 398. LADYBIRD  hook 2.5  cotton red/black",
    text: `LADYBIRD  hook 2.5  cotton red/black

BODY, red
1: 6 sc MR
2: inc all (12)
3: sc, inc x6 (18)
4-6: sc (18)
7: sc, dec x6 (12)
stuff
8: dec x6 (6) close

SPOTS x3, black
1: 5 sc MR, pull tight, sl st to join (5)

HEAD, black
1: 6 sc MR
2: inc all (12)
3: sc (12)
stuff, 4: dec x6 (6)

ANTENNAE x2, black
ch 6, sl st in 2nd ch and next 4 ch (5)`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 18, 18, 18, 12, 6] },
      { name: "SPOTS", make: 3, counts: [5] },
      { name: "HEAD", counts: [6, 12, 12, 6] },
      { name: "ANTENNAE", make: 2, counts: [5] },
    ],
  },
  {
    hand: "of the plain hands, z1: 400. Little ghost",
    text: `Little ghost

[White yarn]
[6 sc] in a magic circle = 6 st
[inc] x6 = 12 st
[1 sc, inc] x6 = 18 st
[2 sc, inc] x6 = 24 st
24 sc, 5 rounds = 24 st
Stuff it and put in the eyes.
[dec] x12 = 12 st
[dec] x6 = 6 st

Arms, two of them
5 sc in a magic circle = 5 st
5 sc, 3 rounds = 5 st`,
    parts: [
      { name: "Little ghost", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 12, 6] },
      { name: "Arms", make: 2, counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "of small slips of the pen, z2: 401. Apple, sums with what they are made of, and a bullet behind a label",
    text: `Apple
Rnd 1: 6 sc in mr (6)
Rnd 2: * 2 sc in each (12)
Rnd 3: [sc once in next st, twice in next] 6 times (18)
Rnd 4 (5, 6): sc around (18)
Rnd 7: 8 sc, inc, 8 sc, inc (8 + 2 + 8 + 2 = 20)
Rnd 8: 9 sc, inc, 9 sc, inc (9 + 2 + 9 + 2 = 22)
Rnd 9: dec x 11 (11)

Leaf
Rnd 1: 6 sc in mr (6)
Rnd 2: (sc, 2 sc together in one st) x 3 (9)`,
    parts: [
      { name: "Apple", counts: [6, 12, 18, 18, 18, 18, 20, 22, 11] },
      { name: "Leaf", counts: [6, 9] },
    ],
  },
  {
    hand: "of a letter to a friend, z3: 402. Owl, its first round in a sentence below what is needed",
    text: `Little Owl

What you'll need: DK cotton in grey, a 2.5 mm hook.

Start with the body. I work everything in a spiral, so no joining.

Make a magic ring and crochet 6 single crochet into it. (6)
In the second round put 2 stitches in every stitch, you get 12.
Third: 1 sc, then 2 sc in the next, all the way around. (18)
Next rnd: *1 sc in next st, sc2tog, repeat from * to end, 12 sc.
Next rnd: sc2tog 6 times, 6 sc.`,
    parts: [{ name: "Little Owl", counts: [6, 12, 18, 12, 6] }],
  },
  {
    hand: "of a card, z4: 403. Pea, rounds without a label below a list of materials",
    text: `Pea

Materials
DK cotton, green

6 sc in a magic ring (6)
inc x6 (12)
(sc, inc) x6 (18)
18 sc
(sc, dec) x6 (12)
dec x6 (6)`,
    parts: [{ name: "Pea", counts: [6, 12, 18, 18, 12, 6] }],
  },
  {
    hand: "of shells told without a bracket, z5: 404. Star and flower",
    text: `Star
1: 5 sc in mr (5)
2: inc x5 (10)
3: (sc, inc) x5 (15)
4: *hdc, dc + tr + dc in one st, hdc* 5x (25)

Flower
MR: ch 2, 10 dc into ring, sl st in first dc (10)
R2: *sc, hdc, dc and hdc all in the next st; rep from * around (20)`,
    parts: [
      { name: "Star", counts: [5, 10, 15, 25] },
      { name: "Flower", counts: [10, 20] },
    ],
  },
  {
    hand: "of the tight line, z6: 405. Fox, labels glued to what is worked, and shells whose place stands in front",
    text: `Fox
1.6sc in MR(6)
2.6inc(12)
3.(1sc,inc)x6(18)
4-6.18sc(18)
7.(1sc,dec)x6(12)

Rosette
1.5 sc in MR(5)
2.In each st work (sc, hdc, dc, hdc, sc)(25)`,
    parts: [
      { name: "Fox", counts: [6, 12, 18, 18, 18, 18, 12] },
      { name: "Rosette", counts: [5, 25] },
    ],
  },
  {
    hand: "of the chandlers, z7: 406. Garland, pieces that count on and whose rounds go on",
    text: `Garland

Tier 1
Rnd 1: 6 sc in magic ring (6)
Rnd 2: (2 sc, inc) x 2 (8)
Rnd 3: (3 sc, inc) x 2 (10)

Tier 2
Rnd 4: 10 sc (10)
Rnd 5: (4 sc, inc) x 2 (12)`,
    parts: [
      { name: "Tier 1", counts: [6, 8, 10] },
      { name: "Tier 2", counts: [10, 12] },
    ],
  },
  {
    hand: "of the halves, z8: 407. Heart and foot, pieces named by their order alone, a chain begun with an increase",
    text: `Heart half x2
R1 [6] 6 sc in MR
R2 [12] 6 inc
R3-4 [12] sc
R5 [24] 12 sc on first, 12 sc on second
R6 [24] sc

Foot
Fnd: ch 6
Rnd 1: inc in 2nd ch from hook, 3 sc, 4 sc in last ch, 3 sc on the other side, 2 sc in last (14)
Rnd 2: 14 sc (14)`,
    parts: [
      { name: "Heart half", make: 2, counts: [6, 12, 12, 12] },
      { name: "Heart half, joined", counts: [24, 24] },
      { name: "Foot", counts: [14, 14] },
    ],
  },
];
