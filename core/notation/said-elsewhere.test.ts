import { describe, expect, it } from "vitest";
import { countsOf } from "../../tests/counts";
import { checkPattern } from "./index";

/** Lists of all that came to mind, written down before any of them was read. */
const HEAD = "Head\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\n";
const TAIL = "\n\nTail\nR1: 4 sc in mr (4)\n";

describe("a part on one line", () => {
  it.each([
    "Arms (make 2): 5 sc in MR, then sc around for 3 rounds.",
    "Arm x2: MR 5, 3 rounds of 5 sc.",
    "Arms (x2): R1: 5 sc in MR. R2-4: 5 sc.",
    "ARMS (2): mr, 5 sc; sc around for 3 more rounds; fasten off.",
    "Arms - make 2 - 5 sc in magic ring, work 3 rounds even, fasten off",
    "Arms, make 2: Start with 5 sc in a magic ring. Work 3 rounds of sc. FO leaving a tail.",
    "Make 2 arms: 5 sc in MR, 3 rounds plain.",
    "Arms (make two): magic ring of 5, then 3 rounds of 5 sc.",
    "Arms (2x): 5 sc in mr; rnds 2-4: sc around.",
    "Arms: Make 2. Rnd 1: 5 sc in MR (5). Rnds 2-4: sc around (5).",
    "Arms (make 2)\n5 sc in MR, then work even for 3 rounds.",
    "Two arms: 5 sc in MR, sc 3 rounds",
    "For each arm (make 2): 5 sc in a ring, 3 rounds straight.",
    "Arms (make 2) R1 5 sc in MR R2-4 sc around (5)",
  ])("%s", (says) => {
    expect(countsOf(`${HEAD}\n${says}\n`)).toEqual([
      [6, 12, 18],
      [5, 5, 5, 5],
    ]);
    expect(checkPattern(`${HEAD}\n${says}\n`).parts[1]?.make).toBe(2);
  });
});

describe("rounds of another part, in a colour", () => {
  const body = "Body\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: (2 sc, inc) x6 (24)\n";
  it.each([
    "Using white, work as body to end of round 3.",
    "Using white, work as for body to end of round 3.",
    "Using white, work rounds 1-3 of body.",
    "Using white, work rounds 1-3 as for body.",
    "In white, work as for body up to and including round 3.",
    "Use the white yarn. Work as body to round 3.",
    "Use white and work as body to round 3.",
    "With white, make another body but stop after round 3.",
    "With white yarn crochet like the body as far as round 3.",
    "In white, make as the body, ending with round 3.",
  ])("%s", (says) => {
    const text = `${body}\nTummy\n${says}\nSl st in next st and fasten off.\n`;
    expect(countsOf(text)).toEqual([
      [6, 12, 18, 24],
      [6, 12, 18],
    ]);
    expect(checkPattern(text).parts[1]?.rounds.map((r) => r.slot)).toEqual(["white", "white", "white"]);
  });
});

describe("front loops picked up for a skirt", () => {
  const body = `Body\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4: BLO sc around (18)
R5: (sc, dec) x6 (12)\nR6: dec x6 (6)\nFasten off.\n\n`;
  it.each([
    "Skirt\nJoin yarn to the front loops of round 3.\nR1: sc in each front loop around (18)\nR2: inc x18 (36)",
    "Skirt\nAttach yarn in any front loop left from round 4.\nR1: sc around (18)\nR2: 2 sc in each st (36)",
    "Skirt: join pink to a free front loop of R3. R1: sc around (18). R2: inc around (36).",
    "Skirt\nR1: in the free loops, sc in each (18)\nR2: inc each st (36)",
    "Skirt\nR1: with new yarn sc in each of the remaining loops from R4 (18)\nR2: [inc] 18 times (36)",
    "Skirt\nPick up the 18 front loops of R3.\nR1: 18 sc (18)\nR2: 18 inc (36)",
    "Skirt (worked in the front loops of rnd 3)\nR1: 18 sc (18)\nR2: 18 inc (36)",
    "Skirt\nR1: 18 sc in FLO of R3 (18)\nR2: inc x 18 (36)",
  ])("%s", (says) => {
    expect(countsOf(`${body}${says}\n`)).toEqual([
      [6, 12, 18, 18, 12, 6],
      [18, 36],
    ]);
  });
});

describe("ears worked in by a round", () => {
  const ear = "Ear (make 2)\nR1: 6 sc in mr (6)\nR2: sc around (6)\n\n";
  it.each([
    "R4: 4 sc, 3 sc through ear and head, 4 sc, 3 sc through ear and head, 4 sc (18)",
    "R4: sc 4, sc 3 together with first ear, sc 4, sc 3 together with second ear, sc 4 (18)",
    "R4: 4 sc, attach ear with 3 sc, 4 sc, attach ear with 3 sc, 4 sc (18)",
    "R4: 4 sc, join the ear with 3 sc, 4 sc, join the second ear with 3 sc, 4 sc (18)",
    "R4: 4 sc, 3 sc (through the ear), 4 sc, 3 sc (through the other ear), 4 sc (18)",
    "R4: 4 sc, (place ear) 3 sc, 4 sc, (place ear) 3 sc, 4 sc (18)",
    "R4: sc 4, crochet the ear on with 3 sc, sc 4, crochet the second ear on with 3 sc, sc 4 (18)",
    "R4: 4 sc, 3 sc catching the ear, 4 sc, 3 sc catching the ear, 4 sc (18)",
    "R4: 4 sc, work the ear in with the next 3 sc, 4 sc, work the ear in with the next 3 sc, 4 sc (18)",
    "R4: 4 sc, insert ear, 3 sc through both, 4 sc, insert ear, 3 sc through both, 4 sc (18)",
  ])("%s", (says) => {
    expect(countsOf(`${ear}${HEAD}${says}\nR5: sc around (18)\n`)).toEqual([
      [6, 6],
      [6, 12, 18, 18, 18],
    ]);
  });
});

describe("an edge round", () => {
  it.each([
    "R4: sl st around (18)",
    "R4: reverse sc around (18)",
    "R4: 18 sl st. Fasten off.",
    "Finish with a round of sl st. (18)",
    "R4: (sl st, ch 1) around (18)",
    "Last round: sl st in each st (18)",
    "R4: crab stitch around (18)",
    "R4: slip stitch loosely in all 18 sts",
    "Work one round of slip stitches. (18)",
    "Final rnd: sl st 18. F/O.",
  ])("%s", (says) => {
    expect(countsOf(`${HEAD}${says}${TAIL}`)).toEqual([[6, 12, 18, 18], [4]]);
  });
});

describe("plain rounds up to the fourth", () => {
  it.each([
    "R2-4: sc around (6)",
    "R2 onwards: sc around until you have 4 rounds",
    "R2: sc around; repeat to R4",
    "Sc around until 4 rounds in all",
    "R2...R4: 6 sc",
    "R2 through R4 6 sc each",
    "R2, 3 and 4: 6 sc",
    "R2/3/4: 6 sc",
    "R2+3+4: sc around",
    "R2 & R3 & R4: sc around (6)",
    "(R2-R4) 6 sc",
    "R2~R4: 6 sc",
    "R2→R4: 6 sc",
    "Rnds 2 till 4: sc around (6)",
  ])("%s", (says) => {
    expect(countsOf(`Tube\nR1: 6 sc in mr (6)\n${says}${TAIL}`)).toEqual([[6, 6, 6, 6], [4]]);
  });
  it("“2 sc each” still goes into each", () => {
    expect(countsOf("Ball\nR1: 6 sc in mr\nR2: 2 sc each\nR3: 12 sc\n")).toEqual([[6, 12, 12]]);
  });
});

describe("legs that hang on a round, and gaps in it", () => {
  it.each([
    "R3: (2 sc, ch 5, sl st in 2nd ch from hook and next 3 ch) x6 (12)",
    "R3: *sc 2, ch 5, sl st 4 back down* x6 (12)",
    "R3: (2 sc, ch 5, starting in second ch from hook sl st 4) 6x (12)",
    "R3: 2 sc, make a leg (ch 5, 4 sl st back), repeat 5 more times (12)",
    "R3: (2 sc, ch 5, skip 1, sl st 4) x6 (12)",
    "R3: 5 sc, ch 2, skip 2, 5 sc (12)",
    "R3: 5 sc, 2 ch (skip 2 sts), 5 sc (12)",
    "R3: 5 sc, ch 2 over the next 2 sts, 5 sc (12)",
    "R3: sc 5, make an opening: ch 2, skip 2, sc 5 (12)",
  ])("%s", (says) => {
    expect(countsOf(`Crab\nR1: 6 sc in mr (6)\nR2: inc x6 (12)\n${says}\nR4: sc around (12)\n`)).toEqual([
      [6, 12, 12, 12],
    ]);
  });
});

describe("what stands beside the rounds", () => {
  it.each(["X - sc, V - inc, A - dec, MR - magic ring", "X: sc, V: inc, A: dec", "x – sc; v – inc; a – dec"])(
    "a legend on one line: %s",
    (legend) => {
      const rounds = "R1: 6X in MR (6)\nR2: 6V (12)\nR3: (X, V)*6 (18)\nR4: (X, A)*6 (12)\nR5: 12X (12)\n";
      expect(countsOf(`Bear\n\n${legend}\n\nHEAD\n${rounds}`)).toEqual([[6, 12, 18, 12, 12]]);
    },
  );
  it("what is done in front of a round, on its line", () => {
    expect(countsOf("Head\n1: 6 sc MR\n2: inc all (12)\n3: sc (12)\nstuff, 4: dec x6 (6)\n")).toEqual([
      [6, 12, 12, 6],
    ]);
  });
  it("how many rounds, in front of what each comes to", () => {
    const rounds =
      "[6 sc] in a magic circle = 6 st\n[inc] x6 = 12 st\n12 sc, 5 rounds = 12 st\n[dec] x6 = 6 st\n";
    expect(countsOf(`Ghost\n\n${rounds}`)).toEqual([[6, 12, 12, 12, 12, 12, 12, 6]]);
  });
  it("a yarn names no part", () => {
    const yarn = "Sport-weight cotton in 3 colours (A red, B green, C gold), 2.75 mm hook, stuffing.";
    const { parts } = checkPattern(`Striped bauble\n${yarn}\n\nrnd 1 - mr 6 sc {6}\nrnd 2 - inc x6 {12}\n`);
    expect(parts.map((p) => p.name)).toEqual(["Striped bauble"]);
  });
});
