import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const LABELS =
  "Body\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x6 (12)\nRnd 3: sc around (12)\nRnd 4: dec x6 (6)\n\n" +
  "Ears (make 2)\nRnd 1: 5 sc in MR (5)\nRnd 2: sc around (5)\n";
const NUMBERS = "Body\n1. MR 6\n2. inc x 6 (12)\n3. 12\n4. dec x 6 (6)\n\nEars x2\n1. MR 5\n2. 5\n";

/** Parts that have stitches, and slips. */
function read(text: string): string {
  const { parts, problems } = checkPattern(text);
  const worked = parts.filter((p) => p.rounds.some((r) => (r.count ?? 0) > 0));
  const slips = problems.filter((p) => p.severity !== "note").map((p) => `${p.code} ${p.line}`);
  return [
    ...worked.map((p) => `${p.name} x${p.make} ${p.rounds.map((r) => r.count).join(" ")}`),
    ...slips,
  ].join(" / ");
}
const BEAR = "Body x1 6 12 12 6 / Ears x2 5 5";

/** Lines between the title and the first part; written down before any was read. */
const HEAD = [
  "Gauge: 5 sc = 2 cm",
  "Gauge: 10 sc x 11 rows = 5 cm",
  "Tension: 6 dc and 6 rows to 2.5 cm",
  "Gauge is not important, but keep your sc tight.",
  "Row gauge: 5 rows = 2 cm",
  "Finished size: 6 cm tall, 12 sts wide",
  "Skill level: easy (you need sc, inc, dec)",
  "Time: about 2 rounds a minute",
  "Yarn: 15 g DK, 1 ball white, 2 m black",
  "Hook size: 2.5 mm (C/2)",
  "Hook C-2 (2.75 mm)",
  "Stitches: sc, sl st, inc, dec, ch",
  "You need to know: magic ring, sc, inc (2 sc in 1 st), invisible dec",
  "sc – single crochet",
  "inc – 2 sc in 1 st",
  "dec – sc 2 sts together",
  "[ ] = total number of sts",
  "( ) x 6 = work 6 times",
  "* * = repeat",
  "(18) is the number of sts at the end of the round",
  "Numbers in brackets are the st count.",
  "Rnd = round",
  "R: round",
  "Work in continuous rounds; do not join or turn.",
  "Use a marker for the first st of each round.",
  "The first number is the round, the last is the stitch count.",
  "Work tightly: 6 sc should measure 2 cm.",
  "If you prefer, start with ch 2 and 6 sc in the second ch.",
  "Magic ring: wrap yarn around 2 fingers, insert hook, ch 1.",
  "inv dec: insert hook in front loops of next 2 sts, yo, pull through 2, yo, pull through 2.",
  "bobble: 5 dc in same st, closed together",
  "Eyes: 2 x 6 mm",
  "Pieces: 1 body, 2 ears, 4 legs",
  "Parts: Body (1), Ears (2)",
  "1 body + 2 ears",
  "Version 2, 2026",
  "(c) 2026 by nobody",
  "Pattern no. 12",
  "Level: 2 of 5",
  "Page 1 of 3",
  "1 skein = 50 g = 125 m",
  "Needle, scissors, 2 pins",
  "US 4 hook",
  "Rounds 1–3 are the same for all sizes.",
  "Small (medium, large)",
  "For the small one use 4-ply, for the large one DK.",
  "Start with the body, then make 2 ears.",
  "It takes 4 parts.",
  "Each ear has 3 rounds.",
  "Wool: 20 g",
  "Colours: A white, B grey",
  "MC = white; CC = grey",
  "Work 1 ch at the start of each round (not counted).",
  "ch 1 at the beginning does not count as a st",
  "A 3-round border finishes it.",
];
describe("a line at the head of a pattern is no part and no round", () => {
  it.each(HEAD)("%s", (line) => {
    for (const rest of [LABELS, NUMBERS]) {
      const text = `Little bear\n\n${line}\n\n${rest}`;
      expect(read(text)).toBe(BEAR);
      expect(checkPattern(text).parts.map((p) => p.name)).toEqual(["Body", "Ears"]);
    }
  });
});

/** Lines behind the last part. */
const TAIL = [
  "Sew the ears to the head between rounds 2 and 3.",
  "Ears: sew on at round 2, 4 sts apart.",
  "Step 1: sew the ears on at rnd 2",
  "Pin the ears 3 sts from the centre and sew with 5 sts each.",
  "Embroider a smile with 3 straight stitches.",
  "Make a 10 cm cord: ch 25.",
  "For the hanger ch 30, sl st in the first ch.",
  "Loop: ch 20 and fasten off.",
  "Thread 2 strands of 10 cm through the top.",
  "Weave in all 5 ends.",
  "Now make 11 more!",
  "You are done – 1 bear in 30 minutes.",
  "If you made 2, join them with a ch of 20.",
  "Tag me with #bear2026",
  "Body 20 sts, ears 10 sts: that is all.",
  "Whiskers: cut 3 pieces of 6 cm.",
  "Cheeks: 2 french knots with pink.",
  "Muzzle: embroider a Y over 2 rounds.",
  "Tail: make a 2 cm pompom.",
  "Scarf: ch 40.",
  "Finish: close all gaps, 2 sts each.",
  "Glue 2 hearts on.",
  "Attach a keyring with 1 jump ring (8 mm).",
  "Total: 66 sts, about 4 g of yarn.",
  "Price: 12 euro",
  "Wash at 30 degrees.",
  "For children over 3 years only.",
  "Variation: use 24 sts instead of 12.",
  "Variation: for a bigger head repeat round 3 two more times.",
  "The legs are knotted strings: 2 x 5 cm.",
  "Whip stitch the 6 sts shut.",
  "Sew the 5 sts of the ear flat.",
  "Place the ears at 10 and 2 o'clock.",
  "Steam lightly, 3 seconds.",
];
describe("a line behind the last part works nothing in it", () => {
  it.each(TAIL)("%s", (line) => {
    for (const title of ["Assembly", "", "Finishing:", "To make up"])
      expect(read(`${LABELS}Fasten off.\n\n${title}\n${line}\nDone!`)).toBe(BEAR);
  });
});

describe("lines that end in commas", () => {
  it("are rounds where each takes all of the one before it", () => {
    const lines = [
      "white: 6 sc in mr,",
      "in BLO sc 6,",
      "sc 6,",
      "next: inc in every stitch (12),",
      "red: sc 12 in BLO,",
    ];
    expect(
      read(["Mushroom", ...lines, "(1 sc, inc) x 6 (18),", "stuff,", "(1 sc, dec) x 6."].join("\n")),
    ).toBe("Mushroom x1 6 6 6 12 12 18 12");
  });
  it("are one round where they part what is worked in it", () => {
    expect(read("Ball\nRnd 1: 6 sc in mr (6)\nRnd 2: 2 sc,\n inc,\n 2 sc,\n inc (8)")).toBe("Ball x1 6 8");
  });
});

it("loops behind a number alone, and in front of a repeat", () => {
  for (const [third, fourth] of [
    ["12 blo", "18 (1, inc)"],
    ["12 flo", "18 flo (1, inc)"],
  ])
    expect(read(`Hat\n1: 6 sc mr\n2: 12 (inc all)\n3: ${third}\n4: ${fourth}`)).toBe("Hat x1 6 12 12 18");
});

it("stitches that are lost beside something done are told as not counted", () => {
  const { uncounted } = checkPattern("Body\nRnd 1: 6 sc in MR (6)\nStuff, decrease six times, and close.\n");
  expect(uncounted.map((u) => u.text)).toEqual(["decrease six"]);
});
