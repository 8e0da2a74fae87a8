import { describe, expect, it } from "vitest";
import { checkPattern } from "./check";
import { problemText } from "./problems";

/** Counts of the first part's rounds; "?" where nothing is known. */
function counts(text: string): (number | "?")[] {
  return (checkPattern(text).parts[0]?.rounds ?? []).map((r) => r.count ?? "?");
}
function problems(text: string): string[] {
  return checkPattern(text).problems.map((p) => `${p.severity} ${p.code} ${p.line}`);
}

/** Ways in which the same things are written. Expected counts were worked out by hand. */
const HEAD = "Rnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\n";
const WAYS: readonly [string, string, readonly number[]][] = [
  ["round brackets for the total", "Rnd 1: 6 sc in magic ring (6)", [6]],
  ["square brackets, no space", "Rnd 1: 6 sc in magic ring (6)\nR2. inc x6 [12]", [6, 12]],
  ["stars and = total", `${HEAD}Round 3: *sc 1, inc* repeat 6 times = 18 sts`, [6, 12, 18]],
  ["bare number label", `${HEAD}3: (sc, inc) × 6. (18 sts)`, [6, 12, 18]],
  ["count before the bracket", `${HEAD}R3 – 6x (1 sc, 1 inc) = 18`, [6, 12, 18]],
  ["no spaces, star as times", `${HEAD}Rnd 3: (1sc,1inc)*6`, [6, 12, 18]],
  ["rows that are rounds", `${HEAD}Rows 3-5: sc in each st around. (12)`, [6, 12, 12, 12, 12]],
  ["range with its length", `${HEAD}R3–R5 (3 rounds): 12 sc`, [6, 12, 12, 12, 12]],
  ["range in words", `${HEAD}Rounds 3 through 5: sc around`, [6, 12, 12, 12, 12]],
  ["list of rounds", `${HEAD}Rounds 3, 4 and 5: 12 sc`, [6, 12, 12, 12, 12]],
  ["repeat of a round, more", `${HEAD}Rnd 3: 12 sc\nRep rnd 3 three times more`, [6, 12, 12, 12, 12, 12]],
  [
    "repeat of two rounds",
    `${HEAD}Rnd 3: 12 sc (12)\nRnd 4: sc around (12)\nRepeat rounds 3 and 4 twice`,
    [6, 12, 12, 12, 12, 12, 12, 12],
  ],
  [
    "label that repeats",
    "Rnd 1: 6 sc in mr (6)\nRnd 2: 2 sc in each st\nRnds 3-5: repeat round 2",
    [6, 12, 24, 48, 96],
  ],
  [
    "ordinals and next",
    "1st rnd: 6 sc in magic ring\nNext rnd: inc around\nNext rnd: (sc, inc) around",
    [6, 12, 18],
  ],
  ["rep around without a star", `${HEAD}Rnd 3: 1 inc, 1 sc, rep around`, [6, 12, 18]],
  ["rep from * around", `${HEAD}Rnd 3: *sc, inc; rep from * around [18]`, [6, 12, 18]],
  ["rep from * n more times", `${HEAD}Rnd 3: *sc, inc; rep from * 5 more times`, [6, 12, 18]],
  ["rep from * n times, read by what fits", `${HEAD}Rnd 3: *sc, inc; rep from * 5 times (18)`, [6, 12, 18]],
  ["tog around", `${HEAD}Rnd 3: sc2tog around`, [6, 12, 6]],
  ["invisible decreases", `${HEAD}Rnd 3: invdec x6`, [6, 12, 6]],
  ["inv dec in two words", `${HEAD}Rnd 3: (inv dec) x 6 (6)`, [6, 12, 6]],
  ["longhand targets", `${HEAD}Rnd 3: *sc in next st, 2 sc in next st; repeat from * around`, [6, 12, 18]],
  [
    "longhand stitches",
    "Round 1: Work six single crochet in a magic ring.\nRound 2: Two single crochet in each stitch around (12 stitches).\nRound 3: (Single crochet in next stitch, increase) six times. You should have 18 stitches.",
    [6, 12, 18],
  ],
  [
    "unicode and no-break spaces",
    "\ufeffRnd\u00a01: 6\u00a0sc in “magic ring” (6)\r\nRnd 2: inc × 6 (12)\r\n",
    [6, 12],
  ],
  ["run-on line", "Rnd 1: 6 sc in mr (6). Rnd 2: inc x 6 (12). Rnd 3: (sc, inc) x 6 (18).", [6, 12, 18]],
  ["indented continuation", `${HEAD}Rnd 3: (sc, inc) x 3,\n   (sc, inc) x 3 (18)`, [6, 12, 18]],
  ["chain-2 start", "Rnd 1: ch 2, 6 sc in 2nd ch from hook (6)\nRnd 2: inc in each st around (12)", [6, 12]],
  [
    "chain ring",
    "Rnd 1: ch 4, join with sl st to form a ring, 8 sc in ring (8)\nRnd 2: 2 sc in each st (16)",
    [8, 16],
  ],
  ["ring on a line of its own", "Make a magic ring.\nRnd 1: 6 sc (6)\nRnd 2: inc around (12)", [6, 12]],
  [
    "joined rounds",
    "Rnd 1: 6 sc in magic ring, join with sl st (6)\nRnd 2: ch 1, inc x 6, sl st to first st (12)",
    [6, 12],
  ],
  ["four evenly", `${HEAD}Rnd 3: 4 increases evenly (16)`, [6, 12, 16]],
  ["every third stitch", `${HEAD}Rnd 3: increase in every 3rd stitch (16)`, [6, 12, 16]],
  ["to the last stitches", `${HEAD}Rnd 3: sc to last 2 sts, dec (11)`, [6, 12, 11]],
  ["open stretch between increases", `${HEAD}Rnd 3: inc, sc in each st to last st, inc (14)`, [6, 12, 14]],
  ["nested repeats", `${HEAD}Rnd 3: ((sc, inc) x 2, 2 sc) x 2 (16)`, [6, 12, 16]],
  ["partial repeat", `${HEAD}Rnd 3: (sc, inc) x 3, then 6 sc (15)`, [6, 12, 15]],
  ["offset increases", `${HEAD}Rnd 3: sc, inc, (sc, inc) × 4, sc, inc (18)`, [6, 12, 18]],
  ["increase first", `${HEAD}Rnd 3: (inc, sc) × 6 (18)`, [6, 12, 18]],
  ["decrease written 2tog apart", `${HEAD}Rnd 3: (sc, sc 2 tog) x 4 (8)`, [6, 12, 8]],
  [
    "sc over two together",
    `${HEAD}Rnd 3: *sc in next st, sc next 2 sts together; rep from * around (8)`,
    [6, 12, 8],
  ],
  ["three into one", `${HEAD}Rnd 3: sc3tog x 4 (4)`, [6, 12, 4]],
  [
    "shell in one stitch",
    `${HEAD}Rnd 3: (sl st, (sc, hdc, sc) in next st, sl st) x 4 in FLO (20)`,
    [6, 12, 20],
  ],
  ["skips", `${HEAD}Rnd 3: (skip 1, sc) x 6 (6)`, [6, 12, 6]],
  ["even round", `${HEAD}Rnd 3: work even (12)`, [6, 12, 12]],
  [
    "UK terms",
    "Rnd 1: 6 dc in magic ring (6)\nRnd 2: 2 dc in each st around (12)\nRnd 3: (dc2tog) x 6 (6)",
    [6, 12, 6],
  ],
  [
    "oval on both sides of a chain",
    "Rnd 1: ch 7. Sc in 2nd ch from hook, sc in next 4, 3 sc in last ch; working along the other side: sc in next 4, 2 sc in last (14)\nRnd 2: inc, 4 sc, inc x 3, 4 sc, inc x 2 (20)",
    [14, 20],
  ],
  [
    "rows on a chain",
    "Ch 11.\nRow 1: sc in 2nd ch from hook and in each ch across (10)\nRow 2: ch 1, turn, sc in each st across (10)",
    [10, 10],
  ],
  [
    "back loops only",
    `${HEAD}Rnd 3: BLO sc around (12)\nRnd 4: in back loops only, 12 sc (12)`,
    [6, 12, 12, 12],
  ],
  ["terse, without labels", "6 sc in mr (6)\ninc x 6 (12)\n(sc, inc) x 6 (18)", [6, 12, 18]],
  ["notes inside a round", `${HEAD}Rnd 3: (sc, inc) x 6, place marker (18)`, [6, 12, 18]],
  ["worked into it", "1st round: Make a magic circle and work 6 sc into it. (6 sts)", [6]],
  ["rep from * without an end", `${HEAD}Rnd 3: *1 sc, inc; rep from * (18)`, [6, 12, 18]],
  ["a ring and a bare number", "R1: MR 6\nR2: 6inc (12)", [6, 12]],
  ["sums and no more", "R1: 6 mr\nR2: 12\nR3: 18\nR4: 18\nR5: 12", [6, 12, 18, 18, 12]],
  ["sums between full stops", "Mr 6. 12. 18. 18. 12. 6.", [6, 12, 18, 18, 12, 6]],
  [
    "labels in brackets along a line",
    "(1) 6 sc magic loop [6] (2) 6 inc [12] (3) 12 sc [12] (4) fold, 6 sc through both [6]",
    [6, 12, 12, 6],
  ],
  [
    "the far side named behind its stitches",
    "R1: ch 9, 3 sc in 2nd ch from hook, 6 sc, 3 sc in last ch, 6 sc back along the other side (18)",
    [18],
  ],
  [
    "a legend the other way about",
    "increase = v, sc = x\n1: 6x in a ring\n2: 6v = 12\n3: (x, v) x 6 = 18",
    [6, 12, 18],
  ],
  ["doubled", "8 sc in the magic ring.\ndouble them. 16\ninc every 2nd stitch. 24", [8, 16, 24]],
  [
    "as a round by its number",
    `${HEAD}(3) sc, inc, repeat [18]\n(4) 18 sc [18]\n(5) as 4 [18]`,
    [6, 12, 18, 18, 18],
  ],
  [
    "her letter for a colour before the label",
    "A = navy B = cream\n1: 4 sc in MR. [4]\n2: (sc, inc) x 2. [6]\nB 3: (sc 2, inc) x 2. [8]\nA 4-5: sc around. [8]",
    [4, 6, 8, 8, 8],
  ],
  [
    "the word behind the number, and rounds without a change",
    "1 row: 5 sc in ring (5)\n2 row: without changes (5)\n3 row: inc x 5 (10)\n4-5 rows: unchanged (10)",
    [5, 5, 10, 10, 10],
  ],
  [
    "a ring begun by making it",
    "Start by making a magic ring and work six single crochet into it. Pull it closed. 6 stitches.\nRound 2: inc in each (12)",
    [6, 12],
  ],
  ["each without its stitch", `${HEAD}R3: 2ea (24)\nR4: 1 each (24)`, [6, 12, 24, 24]],
  [
    "singles",
    "Round 1 – 6 singles in the ring.\nRound 2 – two singles in each of the 6. [12]\nRound 3 – a single in each of two, then two in the next; four times. [16]",
    [6, 12, 16],
  ],
  ["two labels with a sign each", "1) 5 sc in mr (5)\n2) and 3) 5 sc (5)\n4) 5 sc (5)", [5, 5, 5, 5]],
  ["together, by itself", `${HEAD}Rnd 3: (1, tog) x 4 (8)`, [6, 12, 8]],
  ["so many rounds of so many", "mr 5\n3 rounds of 5 sc", [5, 5, 5, 5]],
  ["repeated to a sum", `${HEAD}Rnd 3: (sc, inc) to 18`, [6, 12, 18]],
  [
    "what a round does for its label",
    "Start: magic circle, sc 5. Count: 5\nIncrease: inc 5. Count: 10\nEven, 2 rounds. Count: 10\nDecrease: dec all round. Count: 5",
    [5, 10, 10, 10, 5],
  ],
  [
    "repeats that count up by chance",
    "6 sc in magic circle. 6\n6 inc. 12\n(1 sc, inc) around. 18\n(2 sc, inc) around. 24\n(3 sc, inc) around. 30\n30 sc for 2 rounds. 30",
    [6, 12, 18, 24, 30, 30, 30],
  ],
  [
    "stars that count up by chance",
    "6 sc in mr (6)\n*1 inc* 6 times (12)\n*1 sc, inc* 6 times (18)\n*2 sc, inc* 6 times (24)\n*3 sc, inc* 6 times (30)",
    [6, 12, 18, 24, 30],
  ],
  [
    "colours with a colon",
    "1: mr 5 (5)\n2: inc all (10)\nRed: 3-4: 10 (10)\n5: blue: 10 (10)",
    [5, 10, 10, 10, 10],
  ],
  [
    "sums in front of each round",
    "6sc in mr\n12: inc x6\n18: (sc, inc) x6\nChange to white.\n18: sc x18\n12: (sc, dec) x6",
    [6, 12, 18, 18, 12],
  ],
  [
    "sums in front, from the ring on",
    "6 - mr\n12 - inc x 6\n18 - (sc, inc) x 6\n18 - sc around",
    [6, 12, 18, 18],
  ],
  ["labels in front all the same", "3: 6 sc in mr\n4: inc x6 (12)\n5: 12 sc (12)", [6, 12, 12]],
  ["rounds of a stitch", "6 dc into magic ring (6)\n3 rounds of dc - 6", [6, 6, 6, 6]],
  ["so many rows behind a sign", "mr 6\nsc around x 3 rows (6)", [6, 6, 6, 6]],
  ["rounds that have", `${HEAD}3rd round has (1 sc, 2 sc in next) around (18)`, [6, 12, 18]],
  ["arrows between", "▪ Round 1 ▸ magic circle, 6 sc ▸ 6\n▪ Round 2 ▸ 6 inc ▸ 12", [6, 12]],
  [
    "rounds counted behind the total",
    `${HEAD}Rnd 3 - Rnd 5: sc in each st around (12) (3 rounds)`,
    [6, 12, 12, 12, 12],
  ],
  ["the count in brackets", `${HEAD}Rnd 3: dec (x6) [6]`, [6, 12, 6]],
  ["the total behind a dash", `${HEAD}Rnd 3) (sc, inc)*6 - 18`, [6, 12, 18]],
  [
    "the total as its own sentence",
    "Round 1. Ch 2, work 6 sc in second chain from hook. 6 sc\nRound 2. Work 2 sc into each stitch. (12 sc)",
    [6, 12],
  ],
  ["repeat with a bare number", `${HEAD}R3 (1 sc, inc) repeat 6 (18)`, [6, 12, 18]],
  [
    "more and eyes behind the total",
    `${HEAD}Rnd 3: 12 sc (12). Place eyes between rounds 1 & 2 about 4 stitches apart. Begin stuffing.\nRnd 4: dec 6 times. You should have 6 sts. FO.`,
    [6, 12, 12, 6],
  ],
  ["colour in the label", `${HEAD}Rnd 3 (change to white): sc in each of the next 12 sts`, [6, 12, 12]],
  [
    "open repeat by itself",
    `${HEAD}Rnd 3: sc in next st, inc in next st, (sc in next st, inc) 5 times (18)`,
    [6, 12, 18],
  ],
  ["bobbles", `${HEAD}Rnd 3: 3 sc, bobble, 4 sc, bobble, 3 sc (12)`, [6, 12, 12]],
];

describe("ways of writing (craft §2.7; counts worked by hand)", () => {
  it.each(WAYS)("%s", (_name, text, expected) => {
    expect(counts(text)).toEqual(expected);
    expect(problems(text)).toEqual([]);
  });
});

describe("parts, colours and events", () => {
  const text =
    "BODY (white)\nRnd 1: 6 sc in magic ring (6)\nRnd 2: change to grey. Inc x 6 (12)\nInsert 6 mm safety eyes between rounds 1 and 2, 3 sts apart.\nRnd 3: 6 sc in grey, 6 sc in white (12)\nStuff lightly.\nFasten off, leave a 30 cm tail for sewing.\n\nEars – make 2\nRnd 1: 5 sc in magic ring (5)\n\nArm\nmake two\nRnd 1: work as rounds 1 of the ears\nRnd 2: 5 sc (5)";
  const p = checkPattern(text);
  it("finds parts and how many to make", () => {
    expect(p.parts.map((x) => [x.name, x.make, x.rounds.length])).toEqual([
      ["BODY", 1, 3],
      ["Ears", 2, 1],
      ["Arm", 2, 2],
    ]);
    expect(p.problems).toEqual([]);
  });
  it("tallies stitches by colour", () => {
    expect(p.parts[0]?.bySlot.map((s) => [s.slot, s.made.sc])).toEqual([
      ["white", 12],
      ["grey", 18],
    ]);
  });
  it("understands eyes, filling and tails", () => {
    expect(p.parts[0]?.events.map((e) => e.event)).toEqual([
      { kind: "eyes", what: "eye", count: 2, sizeMm: 6, rounds: [1, 2], apart: 3 },
      { kind: "stuff", firmness: "light", none: false },
      { kind: "fasten-off", tailMm: 300, forSewing: true },
    ]);
  });
  it("tells spiral, joined, rows, oval and chain apart", () => {
    const kind = (t: string) => checkPattern(t).parts[0]?.worked;
    expect(kind("Rnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)")).toBe("spiral");
    expect(
      kind("Rnd 1: 6 sc in magic ring, join with sl st (6)\nRnd 2: ch 1, inc x 6, join with sl st (12)"),
    ).toBe("joined");
    expect(
      kind("Ch 6.\nRow 1: sc in 2nd ch from hook and in each ch across (5)\nRow 2: ch 1, turn, 5 sc (5)"),
    ).toBe("rows");
    expect(
      kind(
        "Rnd 1: ch 5, sc in 2nd ch from hook, 2 sc, 3 sc in last ch; on the other side: 2 sc, 2 sc in last (10)",
      ),
    ).toBe("oval");
    expect(kind("Hanger\nCh 9.")).toBe("chain");
  });
  it("counts an increase as two and a decrease as one", () => {
    const r = checkPattern("Rnd 1: 6 sc in magic ring\nRnd 2: inc x 6\nRnd 3: (4 sc, dec) x 2").parts[0];
    expect(r?.rounds.map((x) => [x.made.sc, x.increases, x.decreases])).toEqual([
      [6, 0, 0],
      [12, 6, 0],
      [10, 0, 2],
    ]);
  });
});

/** One slip each: the line it is on and what it is called. */
const SLIPS: readonly [string, string, string, string | undefined][] = [
  [
    "a repeat that uses too little",
    "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnd 4: (sc, inc) x 6 (27)\nRnd 5: 27 sc (27)",
    "error count-wrong 4",
    "9",
  ],
  [
    "a repeat of 12 of 18 without a total",
    "Rnd 1: 6 sc in mr\nRnd 2: inc x 6\nRnd 3: (sc, inc) x 6\nRnd 4: (sc, inc) x 6\nRnd 5: 27 sc",
    "error too-few-used 4",
    "9",
  ],
  [
    "a wrong total",
    "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (13)\nRnd 3: (sc, inc) x 6 (18)",
    "error total-wrong 2",
    "12",
  ],
  [
    "more stitches than there are",
    "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 7 (14)\nRnd 3: (sc, inc) x 6 (18)",
    "error too-many-used 2",
    "6",
  ],
  [
    "an around that does not fit",
    "Rnd 1: 7 sc in mr (7)\nRnd 2: (sc, inc) around",
    "error repeat-does-not-fit 2",
    undefined,
  ],
  [
    "a round missing",
    "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 4: (2 sc, inc) x 6 (24)",
    "error round-missing 3",
    undefined,
  ],
  [
    "a round twice",
    "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 2: (sc, inc) x 6 (18)",
    "error round-twice 3",
    undefined,
  ],
  [
    "a range whose length disagrees",
    "Rnd 1: 6 sc in mr (6)\nRnds 2-5 (3 rounds): 6 sc (6)",
    "error range-length 2",
    "4",
  ],
  ["an unknown word", "Rnd 1: 6 sc in mr (6)\nRnd 2: icn x 6 (12)", "error unknown-word 2", undefined],
  [
    "an unclosed bracket",
    "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc x 6",
    "error unclosed-bracket 3",
    undefined,
  ],
  [
    "a part that is not there",
    "Head\nRnd 1: 6 sc in mr (6)\n\nLeg\nRnds 1-3: as rounds 1-3 of the arm",
    "error no-such-part 5",
    undefined,
  ],
  [
    "more stitches left than it says",
    "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: 8 sc, leave remaining 3 sts unworked (8)",
    "warning stitches-left 3",
    undefined,
  ],
];

describe("slips", () => {
  it("takes the number behind a dash for the sum, not for more of the same", () => {
    expect(problems(`${HEAD}Rnds 3-4: 1 sc in each sc around – 11 sc.\nRnd 5: dec x 6 – 6 sc.`)).toEqual([
      "error total-wrong 3",
    ]);
  });
  it("tells a sum that no rule reaches", () => {
    expect(problems("R1: 6 mr\nR2: 12\nR3: 13\nR4: 12")).toHaveLength(1);
  });
  it("tells nothing of stitches that are left on purpose", () => {
    expect(
      problems(
        "Ch 9\nRow 1: sc in 2nd ch from hook and across, turn (8)\nRow 2: ch1, 3 sc, leave the other 5, turn (3)",
      ),
    ).toEqual([]);
  });
  it.each(SLIPS)("%s is one report at its line", (_name, text, expected, fix) => {
    const found = checkPattern(text).problems;
    expect(found.map((p) => `${p.severity} ${p.code} ${p.line}`)).toContain(expected);
    expect(found.filter((p) => p.severity === "error").length).toBeLessThanOrEqual(1);
    if (fix !== undefined) expect(found[0]?.fix?.text).toBe(fix);
    for (const p of found) expect(problemText(p).length).toBeGreaterThan(10);
  });
  it("mends what its fix says", () => {
    const text = "Rnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 5 (18)";
    const fix = checkPattern(text).problems[0]?.fix;
    expect(fix).toBeDefined();
    if (fix) expect(checkPattern(text.slice(0, fix.from) + fix.text + text.slice(fix.to)).ok).toBe(true);
  });
  it("points at the very words, 1-based", () => {
    const p = checkPattern("Rnd 1: 6 sc in mr (6)\nRnd 2: icn x 6 (12)").problems[0];
    expect([p?.line, p?.column, p?.endColumn]).toEqual([2, 8, 11]);
  });
});

describe("any text", () => {
  const started = (text: string) => checkPattern(text);
  it.each([
    ["nothing", ""],
    ["spaces", "   \n\t\r\n"],
    ["emoji", "🧶🧶🧶\nRnd 1: 🧶 x 6"],
    ["NUL bytes", "Rnd 1: 6 sc\0 in mr (6)\0"],
    ["another alphabet", "Ряд 1: 6 сбн в кольцо амигуруми (6)"],
    ["lone surrogates", "\ud800\udc00\ud800 Rnd 1: \udfff"],
    [
      "a billion repeats",
      "Rnd 1: 6 sc in mr\nRnd 2: ((((sc x 1000000000) x 1000000000) x 1000000000) x 1000000000",
    ],
    ["a billion rounds", "Rnds 1-1000000000: 6 sc"],
    ["brackets", "Rnd 1: " + "(".repeat(5000)],
    ["stars", "Rnd 1: " + "*".repeat(5000)],
    ["huge numbers", `Rnd ${"9".repeat(400)}: ${"9".repeat(400)} sc`],
  ])("%s gets an answer", (_name, text) => {
    const p = started(text);
    expect(p.problems.length).toBeLessThanOrEqual(101);
    expect(Array.isArray(p.parts)).toBe(true);
  });
  it("says that repeats have a limit", () => {
    expect(problems("Rnd 1: 6 sc in mr (6)\nRnd 2: (sc, inc) x 1000000000")).toContain("error too-large 2");
  });
});
