import { expect, it } from "vitest";
import { checkPattern } from "..";

/** A ball whose rounds are called by what they do; every way written down before any was read. */
const CALLED = [
  [
    "Start: 6 sc in MR.",
    "Increase round 1: inc x6 [12].",
    "Increase round 2: (sc, inc) x6 [18].",
    "Even rounds: sc around for 2 rounds [18].",
    "Decrease round 1: (sc, dec) x6 [12].",
    "Decrease round 2: dec x6 [6].",
  ],
  [
    "Beginning round: 6 sc in MR.",
    "First increase: inc x6 [12].",
    "Second increase: (sc, inc) x6 [18].",
    "Straight: sc around x 2 rounds [18].",
    "First decrease: (sc, dec) x6 [12].",
    "Second decrease: dec x6 [6].",
  ],
  [
    "Magic ring with 6 sc.",
    "Inc round: inc x6 = 12",
    "Inc round: (sc, inc) x6 = 18",
    "Plain round: sc around = 18",
    "Plain round: sc around = 18",
    "Dec round: (sc, dec) x6 = 12",
    "Dec round: dec x6 = 6",
  ],
  [
    "Foundation round: 6 sc in MR (6)",
    "Next round: inc x6 (12)",
    "Next round: (sc, inc) x6 (18)",
    "Next two rounds: sc around (18)",
    "Next round: (sc, dec) x6 (12)",
    "Last round: dec x6 (6)",
  ],
  [
    "Work 6 sc in MR (6)",
    "1st inc rnd: inc x6 (12)",
    "2nd inc rnd: (sc, inc) x6 (18)",
    "2 plain rnds: sc around (18)",
    "1st dec rnd: (sc, dec) x6 (12)",
    "2nd dec rnd: dec x6 (6)",
  ],
  [
    "Rnd 1 (start): 6 sc in MR (6)",
    "Rnd 2 (increase): inc x6 (12)",
    "Rnd 3 (increase): (sc, inc) x6 (18)",
    "Rnds 4-5 (even): sc around (18)",
    "Rnd 6 (decrease): (sc, dec) x6 (12)",
    "Rnd 7 (decrease): dec x6 (6)",
  ],
  [
    "Rnd 1, start: 6 sc in MR (6)",
    "Rnd 2, increase: inc x6 (12)",
    "Rnd 3, increase: (sc, inc) x6 (18)",
    "Rnds 4-5, even: sc around (18)",
    "Rnd 6, decrease: (sc, dec) x6 (12)",
    "Rnd 7, close: dec x6 (6)",
  ],
  [
    "Increase section:",
    "1. 6 sc in MR (6)",
    "2. inc x6 (12)",
    "3. (sc, inc) x6 (18)",
    "Even section:",
    "4-5. sc around (18)",
    "Decrease section:",
    "6. (sc, dec) x6 (12)",
    "7. dec x6 (6)",
  ],
  [
    "Increasing",
    "Rnd 1: 6 sc in MR (6)",
    "Rnd 2: inc x6 (12)",
    "Rnd 3: (sc, inc) x6 (18)",
    "Straight part",
    "Rnd 4-5: sc around (18)",
    "Decreasing",
    "Rnd 6: (sc, dec) x6 (12)",
    "Rnd 7: dec x6 (6)",
  ],
  [
    "Increases:",
    "MR 6",
    "inc x6 (12)",
    "(sc, inc) x6 (18)",
    "Straight:",
    "18 sc, 2 rounds",
    "Decreases:",
    "(sc, dec) x6 (12)",
    "dec x6 (6)",
  ],
  [
    "Shape the top: Rnd 1: 6 sc in MR (6)",
    "Rnd 2: inc x6 (12)",
    "Rnd 3: (sc, inc) x6 (18)",
    "Sides: Rnds 4-5: sc around (18)",
    "Shape the bottom: Rnd 6: (sc, dec) x6 (12)",
    "Rnd 7: dec x6 (6)",
  ],
  [
    "Top",
    "1: 6 sc in MR (6)",
    "2: inc x6 (12)",
    "3: (sc, inc) x6 (18)",
    "Middle",
    "4-5: sc around (18)",
    "Bottom",
    "6: (sc, dec) x6 (12)",
    "7: dec x6 (6)",
  ],
  [
    "6 sc in MR [6 sts]. Inc rnd: 2 sc in each st [12 sts]. Inc rnd: (1 sc, 2 sc in next st) 6 times [18 sts]. Work 2 rnds even. Dec rnd: (1 sc, dec) 6 times [12 sts]. Dec rnd: (dec) 6 times [6 sts].",
  ],
  [
    "Rnd 1: 6 sc in MR (6)",
    "Inc in each st around (12)",
    "Inc in every second st around (18)",
    "Work even for two rounds (18)",
    "Decrease every second st around (12)",
    "Decrease around (6)",
  ],
  [
    "Start: 6 sc in MR.",
    "Increase round: inc x6 - 12.",
    "Increase round: (sc, inc) x6 - 18.",
    "Plain rounds: two of them.",
    "Decrease round: (sc, dec) x6 - 12.",
    "Put the filling in.",
    "Decrease round: two together all round - 6.",
  ],
];

it.each(CALLED.map((lines) => [lines.join(" / "), lines] as const))("%s", (_, lines) => {
  const { parts, problems } = checkPattern(["Ball", ...lines, "Fasten off."].join("\n"));
  expect(parts.flatMap((p) => p.rounds.map((r) => r.count))).toEqual([6, 12, 18, 18, 18, 12, 6]);
  expect(problems.filter((p) => p.severity !== "note")).toEqual([]);
});

const COLOURED = [
  "4 B: 18",
  "4 B: 18 sc",
  "4 B - 18 sc",
  "4: B 18",
  "4 (B): 18 sc",
  "4 (B) 18",
  "4. B 18",
  "4 B 18 sc",
];
it.each(COLOURED)("the colour between a number and its sign: %s", (line) => {
  for (const [y, b] of [
    ["Y", "B"],
    ["yellow", "black"],
  ] as const) {
    const text = [
      "1 Y: 6 in MR",
      "2 Y: inc * 6 (12)",
      "3 Y: (1, inc) * 6 (18)",
      line,
      "5 B: (1, dec) * 6 (12)",
    ]
      .join("\n")
      .replace(/\bY\b/g, y)
      .replace(/\bB\b/g, b);
    const { parts, problems } = checkPattern(`(Y = yellow, B = black)\nBody\n${text}`);
    expect(parts.map((p) => p.rounds.map((r) => r.count))).toEqual([[6, 12, 18, 18, 12]]);
    expect(parts[0]?.bySlot.map((s) => s.slot)).toEqual(["yellow", "black"]);
    expect(problems).toEqual([]);
  }
});
