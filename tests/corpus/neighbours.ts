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
      { name: "Head & body in one", counts: [6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6] },
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
    hand: "of the plain hands, s1: 31. Heart. First make two hu",
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
    hand: "of the plain hands, s2: 32. Head (light grey)",
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
    hand: "of the plain hands, s2: 33. BODY in red - R1 MR 6, R",
    text: `BODY in red - R1 MR 6, R2 6 inc, R3 1/inc x 6, R4 2/inc x 6, R5 even, R6 2/dec x 6.
ARMS in red (2) - R1 MR 5, R2-4 even.`,
    parts: [
      { name: "BODY", counts: [6, 12, 18, 24, 24, 18] },
      { name: "ARMS", make: 2, counts: [5, 5, 5, 5] },
    ],
  },
  {
    hand: "of the plain hands, s2: 34. Ghost",
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
    hand: "of the plain hands, s2: 35. Turtle",
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
    hand: "of the plain hands, s2: 36. Ears (make 2 pink, then ",
    text: `Ears (make 2 pink, then sew flat)
Rnd 1: 6 sts in magic circle.
Rnd 2: double each st = 12
Rnd 3-4: 12 sts even.
Rnd 5: 2 decreases = 10
Rnd 6: 2 decreases = 8`,
    parts: [{ name: "Ears", make: 2, counts: [6, 12, 12, 12, 10, 8] }],
  },
  {
    hand: "of the plain hands, s2: 37. Begin at the bottom.",
    text: `Begin at the bottom.
1) mc, 6sc
2) inc ×6 [12]
3) 1sc+inc ×6 [18]
4) ~ 5) 18sc`,
    parts: [{ name: "Piece", counts: [6, 12, 18, 18, 18] }],
  },
  {
    hand: "of the plain hands, s2: 38. CLOUD: ch 9. 2 sc in 2nd",
    text: `CLOUD: ch 9. 2 sc in 2nd ch from hook, 6 sc, 4 sc in last ch, 6 sc on the other side, 2 sc in the same ch as the first. Join (20).
RAINDROPS (3): Rnd 1: 5 sc in mr. Rnd 2: 5 sc. Rnd 3: sc, inc, sc, inc, inc (8).`,
    parts: [
      { name: "CLOUD", counts: [20] },
      { name: "RAINDROPS", make: 3, counts: [5, 5, 8] },
    ],
  },
  {
    hand: "of the plain hands, s2: 39. Ball ornament, hook 2,5 ",
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
    hand: "of the plain hands, s2: 40. Snout, beige. Ch 4, work",
    text: `Snout, beige. Ch 4, work around the chain: Rnd 1: 2 sc in 2nd ch, 1 sc, 2 sc in last; other side 2 sc, 1 sc - count 8. Rnd 2: 2 inc, 1 sc, 3 inc, 1 sc, 1 inc = 14. Rnd 3: sc around = 14.`,
    parts: [{ name: "Snout", counts: [8, 14, 14] }],
  },
  {
    hand: "of the plain hands, s2: 41. Little bee",
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
      { name: "A", counts: [6, 12, 18, 18, 18, 18, 12] },
      { name: "Wings", make: 2, counts: [6, 9, 9] },
    ],
  },
  {
    hand: "of the plain hands, s2: 42. FISH BODY. Start at nose",
    text: `FISH BODY. Start at nose. R1: 6sc in MR; R2: [1sc, inc] 3 times (9); R3: [2sc, inc] 3 times (12); R4: [3sc, inc] 3 times (15); R5-R6: sc evenly (15); R7: [3sc, dec] 3 times (12); R8: [2sc, dec] 3 times (9); stuff; R9: [1sc, dec] 3 times (6).
TAIL FIN, 2 pieces. R1: 4sc in MR; R2: [1sc, inc] 2 times (6); R3: [2sc, inc] 2 times (8).`,
    parts: [
      { name: "FISH BODY", counts: [6, 9, 12, 15, 15, 15, 12, 9, 6] },
      { name: "TAIL FIN", make: 2, counts: [4, 6, 8] },
    ],
  },
  {
    hand: "of the plain hands, s2: 43. Two legs and body.",
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
    hand: "of the plain hands, s2: 44. Witch hat: start from th",
    text: `Witch hat: start from the tip.
Rnd 1: 6 sc in a MR.
Rnd 2: (sc, inc) x 3. [9]
Rnd 3: (2 sc, inc) x 3. [12]
Rnd 4: sc around. [12]`,
    parts: [{ name: "Witch hat", counts: [6, 9, 12, 12] }],
  },
  {
    hand: "of the plain hands, s2: 45. Ball",
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
    hand: "of the plain hands, s2: 46. Heart (small)",
    text: `Heart (small)
rnd 1: mr, ch 1, 6 sc, ss
rnd 2: ch 1, 12 sc, ss
rnd 3: ch 1, 18 sc, ss
rnd 4: ch 1, 18 sc, ss`,
    parts: [{ name: "Heart", counts: [6, 12, 18, 18] }],
  },
  {
    hand: "of the plain hands, s2: 47. Antennae (make 2): with ",
    text: `Antennae (make 2): with brown, chain 9. Starting in 2nd chain from hook, slip stitch in each chain. (8)`,
    parts: [{ name: "Antennae", make: 2, counts: [8] }],
  },
  {
    hand: "of the plain hands, s2: 48. Cactus",
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
    hand: "of the plain hands, s2: 49. Beads. Make 2 of these: ",
    text: `Beads. Make 2 of these: magic ring 6 sc; 12; 12; 12; dec all the way to 6.`,
    parts: [{ name: "Beads", make: 2, counts: [6, 12, 12, 12, 6] }],
  },
  {
    hand: "of the plain hands, s2: 50. Mitten garland (for one ",
    text: `Mitten garland (for one mitten, make two)
Round 1  6 sc in ring
Round 2  2 sc in each sc (12 sc)
Rounds 3-5  sc in each sc (12 sc)
Round 6  sc in next 3 sc, popcorn in next sc, sc in remaining sc (12 sc)`,
    parts: [{ name: "Mitten garland", make: 2, counts: [6, 12, 12, 12, 12, 12] }],
  },
  {
    hand: "of the plain hands, s3: 51. Mouse pincushion",
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
    hand: "of the plain hands, s3: 52. Star base, white, make 2",
    text: `Star base, white, make 2
R1 5 sc in mr (5)
R2 inc in every st (10)
R3 *inc, sc 1* repeat (15)
R4 *inc, sc 2* repeat (20)
R5 in BLO: sc in every st (20)`,
    parts: [{ name: "Star base", make: 2, counts: [5, 10, 15, 20, 20] }],
  },
  {
    hand: "of the plain hands, s3: 53. Pumpkin. I work in a spi",
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
    hand: "of the plain hands, s3: 54. JELLYFISH (UK terms)",
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
    hand: "of the plain hands, s3: 55. Mug",
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
    hand: "of the plain hands, s3: 56. Bear head (brown)",
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
    hand: "of the plain hands, s3: 57. Egg",
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
    hand: "of the plain hands, s3: 58. Chick. Round 1: make 6 s",
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
    hand: "of the plain hands, s3: 59. Bell",
    text: `Bell
* Ring with 6 sc
* 6 increases - 12
* 6x (1 sc and increase) - 18
* 3 rounds without increase - 18
* Through front loops: 6x (2 sc and increase) - 24`,
    parts: [{ name: "Bell", counts: [6, 12, 18, 18, 18, 18, 24] }],
  },
  {
    hand: "of the plain hands, s3: 60. Shell. Rnd 1: 4 sc mr. R",
    text: `Shell. Rnd 1: 4 sc mr. Rnd 2: inc 1, sc 3 (5). Rnd 3: inc 1, sc 4 (6). Rnd 4: inc 1, sc 5 (7). Rnd 5: inc 1, sc 6 (8).`,
    parts: [{ name: "Shell", counts: [4, 5, 6, 7, 8] }],
  },
  {
    hand: "of the plain hands, s3: 61. Bunny body, color white",
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
    hand: "of the plain hands, s3: 62. Whale body",
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
    hand: "of the plain hands, s3: 63. Little tree",
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
    hand: "of the plain hands, s4: 64. Lighthouse (red and whit",
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
    hand: "of the plain hands, s4: 65. Robin",
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
    hand: "of the plain hands, s4: 66. Snowman, head and body w",
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
    hand: "of the plain hands, s4: 67. Flower - white",
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
    hand: "of the plain hands, s4: 68. Banana",
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
    hand: "of the plain hands, s4: 69. Octopus",
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
    hand: "of the plain hands, s4: 70. Lucky bag",
    text: `Lucky bag
R.1  6 sc, MR
R.2  (inc) 6x  [12]
R.3  (inc, 1 sc) 6x  [18]
R.4  18 sc, BLO  [18]
R.5  18 sc  [18]`,
    parts: [{ name: "Lucky bag", counts: [6, 12, 18, 18, 18] }],
  },
  {
    hand: "of the plain hands, s4: 71. Donut",
    text: `Donut
Chain 24 and join with a slip stitch, careful not to twist.
1st round: single crochet in each chain (24)
2nd - 6th round: single crochet in each stitch (24)
Fold and sew the edges together, stuffing as you go.`,
    parts: [{ name: "Donut", counts: [24, 24, 24, 24, 24, 24] }],
  },
  {
    hand: "of the plain hands, s4: 72. Bob the worm segment",
    text: `Bob the worm segment
Rnd 1: 6 sc mr
Rnd 2: *2 sc in 1 sc* around
Rnd 3: *1 sc in 1 sc* around
Rnd 4: = Rnd 3
Rnd 5: *2 sc tog* around`,
    parts: [{ name: "Bob the worm segment", counts: [6, 12, 12, 12, 6] }],
  },
  {
    hand: "of the plain hands, s4: 73. Egg cosy",
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
    hand: "of the plain hands, s5: 74. Sun face (make two yello",
    text: `Sun face (make two yellow circles)
Rnd 1: Start with 6 single crochet in a magic loop
Rnd 2: Two single crochet in every stitch = 12
Rnd 3: *One single crochet, two in the next* to the end = 18
Rnd 4: *Two single crochet, two in the next* to the end = 24
Rnd 5: *Three single crochet, two in the next* to the end = 30`,
    parts: [{ name: "Sun face", make: 2, counts: [6, 12, 18, 24, 30] }],
  },
  {
    hand: "of the plain hands, s5: 75. Cactus in a pot",
    text: `Cactus in a pot
body: 6 in MR [6], 6x inc [12], 6x (1, inc) [18], 6x (2, inc) [24], 3 rnds 24 [24], 8x (1, dec) [16], 8x dec [8]
spikes, 5x: 3 in MR.`,
    parts: [
      { name: "body", counts: [6, 12, 18, 24, 24, 24, 24, 16, 8] },
      { name: "spikes", make: 5, counts: [3] },
    ],
  },
  {
    hand: "of the plain hands, s5: 76. Dog head (US), beige",
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
    hand: "of the plain hands, s5: 77. Koala",
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
    hand: "of the plain hands, s5: 78. Ghost, from the top down",
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
    hand: "of the plain hands, s5: 79. ARM (2x)",
    text: `ARM (2x)
1: 6 MR
2 - 5: 6
6: dec, dec, 2 (4)`,
    parts: [{ name: "ARM", make: 2, counts: [6, 6, 6, 6, 6, 4] }],
  },
  {
    hand: "of the plain hands, s5: 80. Bee",
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
    hand: "of the plain hands, s5: 81. Bookmark: FSC 10. Rows 2",
    text: `Bookmark: FSC 10. Rows 2 to 4: ch 1, turn, sc in each st across. (10)`,
    parts: [{ name: "Bookmark", counts: [10, 10, 10, 10] }],
  },
  {
    hand: "of the plain hands, s5: 82. Juggling ball",
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
];
