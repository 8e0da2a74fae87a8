import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

/** Counts of each part, and what is said to be wrong. */
const read = (text: string) => {
  const c = checkPattern(text);
  return {
    counts: c.parts.map((p) => p.rounds.map((r) => r.count)),
    errors: c.problems.filter((p) => p.severity === "error").length,
  };
};
const sound = (text: string) => {
  const { counts, errors } = read(text);
  expect(errors).toBe(0);
  return counts;
};

const disc = "Front (make 2)\nRound 1: 6 sc in mr\nRound 2: inc around (12)";

describe("two pieces worked together", () => {
  it.each([
    "Hold both together and join with 12 sc through both edges.",
    "Hold both together and join them with 12 sc.",
    "Crochet the two pieces together with 12 sc, stuffing as you go.",
    "Hold front and back together and join with 12 sc through both, stuffing before you close.",
    "Place front and back together; join with sc around through both layers (12).",
    "Join the two pieces by working 12 sc through both layers.",
    "Round 3: hold both pieces together and join them with 12 sc.",
  ])("are a round more: %s", (text) => expect(sound(`${disc}\n${text}`)).toEqual([[6, 12, 12]]));
  it.each(["Sew both pieces together with 12 whip stitches.", "Join both with a sl st."])(
    "and are none where nothing is worked: %s",
    (text) => expect(sound(`${disc}\n${text}`)).toEqual([[6, 12]]),
  );
  it("are a round behind what the line's own round comes to", () => {
    expect(
      sound(
        "Base\nR1: mr 6 (6)\nR2: inc around (12). Do not fasten off. Hold to the head and work 12 sc through both edges.",
      ),
    ).toEqual([[6, 12, 12]]);
    expect(
      sound(
        "Fins, two: Rnd 1. {4 sc} magic ring. 4 sts. Rnd 2. {inc} x 4. 8 sts. Fold, 4 sc through both layers.",
      ),
    ).toEqual([[4, 8, 4]]);
  });
});

describe("a round behind what is done", () => {
  it.each([
    "Stuff. Then work 6 dec around (6).",
    "Stuff. Dec around (6).",
    "Stuff and pin. Then dec x6 (6).",
  ])("on the line of another: (12). %s", (behind) =>
    expect(sound(`Body\nR1: mr 6 (6)\nR2: inc around (12). ${behind}`)).toEqual([[6, 12, 6]]),
  );
  it("but a bracket of what is done is no sum", () =>
    expect(sound("Body\nR1: mr 6 (6)\nR2: inc around (12). Sew the eyes on. Leave a tail (15 cm).")).toEqual([
      [6, 12],
    ]));
  it.each(["Press flat, 3 sc to close.", "Press together and 3 sc across.", "Flatten, 3 sc to close."])(
    "shuts what is pressed flat: %s",
    (text) =>
      expect(sound(`Fin\nR1: mr 6\nR2: inc around (12)\nR3: dec around (6)\n${text}`)).toEqual([
        [6, 12, 6, 3],
      ]),
  );
});

describe("rounds behind rounds of another part", () => {
  const body = "Body\nRound 1: 6 sc in mr\nRound 2: inc around\nBase\n";
  it.each([
    ["As body to Round 2. Then sc around (12). Fasten off.", [6, 12, 12]],
    ["As body to Round 2, then 3 rounds of sc. Fasten off.", [6, 12, 12, 12, 12]],
    ["As body to Round 2. Work 3 rounds even. Fasten off.", [6, 12, 12, 12, 12]],
    ["As body to Round 2. Hold to body and work 12 sc through both edges. Fasten off.", [6, 12, 12]],
    ["Same as body. Leave a 20 cm tail (for sewing).", [6, 12]],
  ] as const)("go on from them: %s", (text, counts) =>
    expect(sound(`${body}${text}`)).toEqual([[6, 12], [...counts]]),
  );
  const cup =
    "Cup\nStart: 6 sc in mr.\nRnd 1: 2 sc in each sc. 12.\nRnd 2: [1 sc, 2 sc in next] to end. 18.\nSaucer\n";
  it.each(["Work as cup to Rnd 2. 18.", "Rnds 1-2: as cup"])(
    "begin with what stands before round 1: %s",
    (text) =>
      expect(sound(`${cup}${text}\nRnd 3: [2 sc, 2 sc in next] to end. 24.`)).toEqual([
        [6, 12, 18],
        [6, 12, 18, 24],
      ]),
  );
});

describe("a remark in brackets", () => {
  it("that names rounds is no round", () =>
    expect(sound("Arm\nRnd 1  6 sc in mr\nRnd 2-5  sc [6]   (short: Rnd 2-3)\nFO.")).toEqual([
      [6, 6, 6, 6, 6],
    ]));
});

describe("labels", () => {
  it("behind a comma may go over several rounds", () =>
    expect(sound("Trunk: MR 6, R2: inc x6 = 12, R3: BLO 12, R4–R6: 12. Off.")).toEqual([
      [6, 12, 12, 12, 12, 12],
    ]));
  it("with a dash and their sum twice are one round", () =>
    expect(
      sound("Wedge\nRow 1 – ch 2, 3 sc in 2nd ch [3]\nRow 2 – inc, 1, inc [5]\nRow 3 – 5 [5]\nRow 4 – 5 [5]"),
    ).toEqual([[3, 5, 5, 5]]));
  it.each(["White. Start: magic ring, 6 single crochet.", "White. Rnd 1: magic ring, 6 single crochet."])(
    "stand behind a colour: %s",
    (text) => expect(sound(`Snowman ornament\n\n${text}\nRnd 2: increase 6 times. 12`)).toEqual([[6, 12]]),
  );
});

describe("a part in a line", () => {
  it.each([
    ["mr 6; inc around (12); sc around (12), 2 rounds.", [6, 12, 12, 12]],
    ["mr 6, inc around (12), 2 rounds, dec around (6).", [6, 12, 12, 12, 6]],
    ["mr 6; inc around (12); sc around for 2 rounds (12).", [6, 12, 12, 12]],
    ["5 sc in mr. (ch 4, sl st in 2nd ch, sc, hdc, sl st in next sc) 5 times.", [5, 5]],
    ["5 sc in mr. *ch 4, sl st in 2nd ch, sc, hdc, sl st in next sc.* 5 times.", [5, 5]],
  ] as const)("%s", (text, counts) => expect(sound(`Bump: ${text}`)).toEqual([[...counts]]));
  it("stands below another of one round", () => {
    const c = checkPattern(
      "Bear\n1: 6 sc in mr\n2: inc x6\nears: 4 in mr, make 2\ntail: 5 in mr, inc around (10)",
    );
    expect(c.parts.map((p) => [p.name, p.make, p.rounds.map((r) => r.count)])).toEqual([
      ["Bear", 1, [6, 12]],
      ["ears", 2, [4]],
      ["tail", 1, [5, 10]],
    ]);
  });
});

describe("loops of an earlier round", () => {
  it.each([
    "Going back to the BLO of round 1:",
    "Back in the BLO of round 1:",
    "In the loops left behind in round 1:",
    "Work into the loops left behind in round 1:",
    "Return to the free back loops of round 1:",
  ])("%s", (where) =>
    expect(
      sound(
        `Jelly\n1. 18 sc in mr\n2. FLO: (sc, hdc, dc, hdc, sc) in one st, sl st in the next; repeat 9x in all → 54\n3. ${where} [sc, dec] 6x → 12`,
      ),
    ).toEqual([[18, 54, 12]]),
  );
});

describe("a number of what is plain", () => {
  it("is so many stitches, or so many rounds where those do not come out", () => {
    expect(sound("Ball\n1: 6 sc in mr\n2: 6 even\n3: inc x6")).toEqual([[6, 6, 12]]);
    expect(sound("Ball\nR1: 6 sc in mr\nR2: inc x6\nR3-4: 2 even\nR5: dec x6")).toEqual([[6, 12, 12, 12, 6]]);
  });
});

describe("one letter a stitch", () => {
  it.each([
    ["1) 6x [6]\n2) 6V [12]\n3) (x, V) x 6 [18]", [6, 12, 18]],
    ["R1: mr, 6x (6)\nR2: 6v (12)\nR3: (x, v)x6 (18)\nR4: 2 hdc in next, 17x (19)", [6, 12, 18, 19]],
  ] as const)("with sums and times beside it: %s", (text, counts) =>
    expect(sound(`Ball\n${text}`)).toEqual([[...counts]]),
  );
});
