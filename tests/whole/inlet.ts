import type { Whole } from "./whole";

/** Whole patterns, put down with their counts before they were read. */
export const INLET: readonly Whole[] = [
  {
    name: "puffin",
    text: `PUFFIN – 7 cm
You need: DK cotton in black, white, orange; 2.5 mm hook; 2 × 5 mm eyes

Body (black)
Rnd 1: mc 6sc [6]
Rnd 2: inc all [12]
Rnd 3: 1sc, inc ×6 [18]
Rnd 4: 2sc, inc ×6 [24]
Rnd 5: 3sc, inc ×6 [30]
Rnd 6 → 12: sc all [30]
Rnd 13: 3sc, dec ×6 [24]
Rnd 14 → 15: sc all [24]
Rnd 16: 2sc, dec ×6 [18]
Rnd 17: 1sc, dec ×6 [12]
stuff now
Rnd 18: dec ×6 [6]
fo, sew shut

Tummy (white)
Rnd 1: mc 6sc [6]
Rnd 2: inc all [12]
Rnd 3: 1sc, inc ×6 [18]
fo

Beak (orange)
Rnd 1: mc 4sc [4]
Rnd 2: 1sc, inc ×2 [6]
Rnd 3: sc all [6]
Rnd 4: 2sc, inc ×2 [8]

Wings ×2 (black)
Rnd 1: mc 5sc [5]
Rnd 2: inc all [10]
Rnd 3 → 5: sc all [10]
Rnd 6: 3sc, dec ×2 [8]
press flat, 4sc through both layers`,
    parts: [
      "6 12 18 24 30 30 30 30 30 30 30 30 24 24 24 18 12 6",
      "6 12 18",
      "4 6 6 8",
      "x2 5 10 10 10 10 8 4",
    ],
  },
  {
    name: "acorn-prose",
    text: `Acorn. Two colours, worked in the round without joining.

The nut (tan): put 6 sc in a ring. Inc in every st, 12. Next *sc, inc*, 18. Work 4 rounds straight, 18. Then *sc, dec*, 12, and dec all round, 6. Close.

The cup (brown): 6 sc in a ring. Inc in every st, 12. *Sc, inc*, 18. *2 sc, inc*, 24. Work 2 rounds straight, 24. Sl st, leave a tail to sew it on.`,
    parts: ["6 12 18 18 18 18 18 12 6", "6 12 18 24 24 24"],
  },
  {
    name: "fox-uk",
    text: `Fox brooch (UK terms)

Face
With rust, make 6 dc in a ring, sl st to join. (6 dc)
Round 2: 1 ch, 2 dc in each dc, sl st to join. (12 dc)
Round 3: 1 ch, *1 dc in next dc, 2 dc in next dc; rep from * 5 more times, sl st to join. (18 dc)
Round 4: 1 ch, *1 dc in each of next 2 dc, 2 dc in next dc; rep from * 5 more times, sl st to join. (24 dc)
Fasten off.

Cheek (make 2)
With white, make 3 ch.
Row 1: 1 dc in 2nd ch from hook, 1 dc in last ch, turn. (2 dc)
Row 2: 1 ch, 2 dc in each dc, turn. (4 dc)
Row 3: 1 ch, 1 dc in each dc. (4 dc)
Fasten off.

Ear (make 2)
With rust, make 4 ch.
Row 1: 1 dc in 2nd ch from hook, 1 dc in each of next 2 ch, turn. (3 dc)
Row 2: 1 ch, dc2tog, 1 dc, turn. (2 dc)
Row 3: 1 ch, dc2tog. (1 dc)
Fasten off.`,
    parts: ["6 12 18 24", "x2 2 4 4", "x2 3 2 1"],
  },
  {
    name: "rocket",
    text: `ROCKET

Start at the tip with red.
R1 — 4 sc in MR — 4
R2 — [sc, inc] 2x — 6
R3 — [sc 2, inc] 2x — 8
R4 — [sc 3, inc] 2x — 10
R5 — [sc 4, inc] 2x — 12
R6 — [sc, inc] 6x — 18
Change to white.
R7 — BLO sc 18 — 18
R8-R15 — sc 18 — 18
Change to red.
R16 — sc 18 — 18
R17 — BLO [sc, dec] 6x — 12
Stuff, put the weight in.
R18 — dec 6x — 6
Close.

FINS, three, red
R1 — 4 sc in MR — 4
R2 — [sc, inc] 2x — 6
R3-4 — sc 6 — 6
R5 — [sc 2, inc] 2x — 8
Flatten, do not stuff.

WINDOW, light blue
R1 — 6 sc in MR — 6
R2 (grey) — inc 6x — 12`,
    parts: ["4 6 8 10 12 18 18 18 18 18 18 18 18 18 18 18 12 6", "x3 4 6 6 6 8", "6 12"],
  },
  {
    name: "sloth-table",
    text: `Sloth head

| Rnd | Work | Sts |
|-----|------|-----|
| 1 | 6 sc in MR | 6 |
| 2 | inc x 6 | 12 |
| 3 | (sc, inc) x 6 | 18 |
| 4 | (2 sc, inc) x 6 | 24 |
| 5-8 | sc around | 24 |
| 9 | (2 sc, dec) x 6 | 18 |
| 10 | (sc, dec) x 6 | 12 |
| 11 | dec x 6 | 6 |

Face patch, cream

| Rnd | Work | Sts |
|-----|------|-----|
| 1 | 6 sc in MR | 6 |
| 2 | inc x 6 | 12 |
| 3 | sc 2, hdc inc, hdc, hdc inc, sc 2, hdc inc, hdc, hdc inc, sc 2 | 16 |`,
    parts: ["6 12 18 24 24 24 24 24 18 12 6", "6 12 16"],
  },
  {
    name: "snowman-count",
    text: `Snowman (worked in one go from the bottom)

1. Magic ring, 6
2. 6 inc, 12
3. (1, inc) six times, 18
4. (2, inc) six times, 24
5. (3, inc) six times, 30
6. to 10. 30
11. (3, dec) six times, 24
12. (2, dec) six times, 18
13. (2, inc) six times, 24
14. to 17. 24
18. (2, dec) six times, 18
19. (1, dec) six times, 12
fill
20. dec six times, 6

Hat, black: 1. Magic ring, 6 / 2. 6 inc, 12 / 3. BLO 12 / 4. 12 / 5. FLO (1, inc) six times, 18
Nose, orange: 1. Magic ring, 4 / 2. 4 / 3. 4`,
    parts: ["6 12 18 24 30 30 30 30 30 30 24 18 24 24 24 24 24 18 12 6", "6 12 12 12 18", "4 4 4"],
  },
  {
    name: "ladybird-uk",
    text: `Ladybird (5cm). UK crochet terms used throughout.

Body, in red
Rnd 1: 6dc in magic ring. [6sts]
Rnd 2: (dc2inc) 6 times. [12sts]
Rnd 3: (1dc, dc2inc) 6 times. [18sts]
Rnd 4: (2dc, dc2inc) 6 times. [24sts]
Rnds 5–7: dc all sts. [24sts]
Change to black
Rnd 8: in back loops, (2dc, dc2tog) 6 times. [18sts]
Rnd 9: (1dc, dc2tog) 6 times. [12sts]
Stuff
Rnd 10: (dc2tog) 6 times. [6sts]
Break yarn and close.

Head, in black
Rnd 1: 6dc in magic ring. [6sts]
Rnd 2: (dc2inc) 6 times. [12sts]
Rnds 3–4: dc all sts. [12sts]
Stuff lightly, sew on.

Antennae, in black (make 2)
Ch 6, fasten off.`,
    parts: ["6 12 18 24 24 24 24 18 12 6", "6 12 12 12", "x2 0"],
  },
  {
    name: "shell-long",
    text: `Scallop shell
With coral ch 4, sl st to form ring.
Row 1: ch 3 (counts as dc), 6 dc in ring, turn. (7 dc)
Row 2: ch 3, dc in first st, 2 dc in each st across, turn. (14 dc)
Row 3: ch 3, 2 dc in next st, *dc in next st, 2 dc in next st; rep from * across, turn. (21 dc)
Edge: *skip 1 st, 5 dc in next st, skip 1 st, sl st in next st; rep from * 4 more times, sl st in last st. Fasten off.`,
    parts: ["7 14 21", "31"],
  },
  {
    name: "dino-err",
    text: `Dino egg keychain
R1 6 sc in MR (6)
R2 inc x6 (12)
R3 (sc, inc)x6 (18)
R4 sc (18)
R5 (2sc, inc)x6 (24)
R6-9 sc (24)
R10 (2sc, dec)x6 (18)
R11 (sc, dec)x6 (14)
R12 dec x6 (6)`,
    parts: ["6 12 18 18 24 24 24 24 24 18 12 6"],
    slip: 9,
  },
  {
    name: "jellyfish-err",
    text: `Jellyfish

Top (lilac)
1st rnd – 6 sc in ring – 6 sts
2nd rnd – 2 sc in each st – 12 sts
3rd rnd – (sc 1, 2 sc in next) rep 6 – 18 sts
4th rnd – (sc 2, 2 sc in next) rep 6 – 24 sts
5th rnd – (sc 3, 2 sc in next) rep 5 – 30 sts
6th to 8th rnd – sc – 30 sts
9th rnd – FLO: (skip 1, 5 hdc in next, skip 1, sl st in next) 7 times, sl st 2 – 44 sts

Base (lilac)
1st rnd – 6 sc in ring – 6 sts
2nd rnd – 2 sc in each st – 12 sts
3rd rnd – (sc 1, 2 sc in next) rep 6 – 18 sts
4th rnd – (sc 2, 2 sc in next) rep 6 – 24 sts
5th rnd – (sc 3, 2 sc in next) rep 6 – 30 sts`,
    parts: ["6 12 18 24 30 30 30 30 44", "6 12 18 24 30"],
    slip: 8,
  },
  {
    name: "carrot-kit",
    text: `Kit: little carrot

1 Carrot (orange)
  1 rd: 5 sc, magic ring
  2 rd: 5 sc
  3 rd: 5 inc (10)
  4 rd: 10 sc
  5 rd: 5 x (1 sc, inc) (15)
  6-8 rd: 15 sc
  9 rd: 5 x (2 sc, inc) (20)
  10-13 rd: 20 sc
  14 rd: 10 dec (10)
  fill
  15 rd: 5 dec (5)
2 Leaves (green, 3 alike)
  ch 9, from 2nd ch: 8 sl st`,
    parts: ["5 5 10 10 15 15 15 15 20 20 20 20 20 10 5", "x3 8"],
  },
  {
    name: "mouse-bottom",
    text: `Mouse with a dress

Legs. Grey. Make 2.
Rd 1. 6 sc in a magic ring.
Rd 2. Sc in each.
Rd 3 - 6. Same.
Change to pink. Cut the yarn of the first leg, keep the second on the hook.

Body. Pink.
Rd 7. From the second leg: ch 2, sc 6 on the first leg, sc 2 on the chain, sc 6 on the second leg, sc 2 on the chain. 16
Rd 8 - 11. Sc in each. 16
Rd 12. [Sc 6, dec] twice. 14
Rd 13. In the back loop: sc in each. 14
Change to grey.
Rd 14. [Sc 5, dec] twice. 12
Head.
Rd 15. Inc in each. 24
Rd 16 - 20. Sc in each. 24
Rd 21. [Sc 2, dec] six times. 18
Rd 22. [Sc 1, dec] six times. 12
Rd 23. Dec six times. 6

Ears. Grey. Make 2.
Rd 1. 6 sc in a magic ring.
Rd 2. Inc in each. 12
Tail. Grey.
Ch 16.`,
    parts: ["x2 6 6 6 6 6 6", "16 16 16 16 16 14 14 12 24 24 24 24 24 24 18 12 6", "x2 6 12", "0"],
  },
];
