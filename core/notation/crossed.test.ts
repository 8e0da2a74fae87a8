import { describe, expect, it } from "vitest";
import { checkPattern } from ".";

/** Ways of one thing crossed with ways of another: each alone is read, and so must all of them together be. */
const SUMS = [
  (n: number) => ` (${n})`,
  (n: number) => ` – ${n} sts`,
  () => "",
  (n: number) => `. [${n} sc]`,
  (n: number) => ` = ${n}`,
];

/** Parts as counts of their rounds, and what was told. */
function read(text: string) {
  const { parts, problems } = checkPattern(text);
  return { text, parts: parts.map((p) => p.rounds.map((r) => r.count)), told: problems.map((p) => p.code) };
}

describe("rows that turn", () => {
  const LABELS = [(n: number) => `Row ${n}: `, (n: number) => `${n}. `];
  const TURNS: readonly ((work: string, sum: string) => string)[] = [
    (w, s) => `ch 1, ${w}${s}`,
    (w, s) => `${w}, ch 1, turn${s}`,
    (w, s) => `${w}${s}. Turn.`,
    (w, s) => `${w}${s}, ch 1, turn`,
    (w, s) => `Turn, ch 1, ${w}${s}`,
    (w, s) => `ch 1 (does not count), ${w}${s}`,
  ];
  it.each(TURNS.map((turn) => [turn("sc across", " (10)"), turn] as const))("%s", (_name, turn) => {
    for (const label of LABELS)
      for (const sum of SUMS) {
        const row = (n: number, work: string, count: number) => label(n) + turn(work, sum(count));
        const text = [
          "Scarf",
          "ch 11.",
          `${label(1)}sc in 2nd ch from hook and in each ch across${sum(10)}`,
          row(2, "sc in each st across", 10),
          row(3, "dec, sc 6, dec", 8),
          row(4, "inc, sc 6, inc", 10),
          "Fasten off.",
        ].join("\n");
        expect(read(text)).toEqual({ text, parts: [[10, 10, 8, 10]], told: [] });
      }
  });
});

describe("a skirt in the loops that a round left", () => {
  const BACK = [
    "BLO sc around",
    "18 sc in back loops only",
    "sc in the back loop of each st",
    "BLO: 18 sc",
    "back loop only – sc in each st",
  ];
  const FRONT = [
    "Join yarn in the front loops of round 4: 2 sc in each front loop (36)",
    "Join to front loops of rnd 4, ch 1, 2 sc in each loop around (36)",
    "Rejoin yarn in a free front loop from Rnd 4. (2 sc in next loop) around (36)",
    "In the unused front loops of round 4: inc x 18 (36)",
    "Working in FLO of Rnd 4, attach yarn, inc in each st (36)",
  ];
  it.each(FRONT)("%s", (front) => {
    for (const back of BACK)
      for (const sum of SUMS.slice(0, 4)) {
        const text = [
          "Doll",
          `Rnd 1: 6 sc in MR${sum(6)}`,
          `Rnd 2: inc x 6${sum(12)}`,
          `Rnd 3: (sc, inc) x 6${sum(18)}`,
          `Rnd 4: sc around${sum(18)}`,
          `Rnd 5: ${back}${sum(18)}`,
          `Rnd 6: (sc, dec) x 6${sum(12)}`,
          "Fasten off.\n",
          "Skirt",
          `Rnd 1: ${front}`,
          `Rnd 2: sc around${sum(36)}`,
        ].join("\n");
        expect(read(text)).toEqual({
          text,
          parts: [
            [6, 12, 18, 18, 18, 12],
            [36, 36],
          ],
          told: [],
        });
      }
  });
});

describe("rounds of another part", () => {
  it.each([
    "Rnds 1-3: same as head",
    "Rnds 1-3: Same as for the head",
    "repeat rounds 1-3 of head",
    "Work rounds 1-3 as for head",
    "Rnds 1-3: = head 1-3",
    "Rnds 1-3: like head",
    "Rnds 1-3: see head",
    "Rnds 1-3 of Head",
    "Identical to Head rnds 1–3",
  ])("%s", (reference) => {
    for (const name of ["Body", "BODY (blue)", "Body:"]) {
      const text = [
        "Head\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnd 4: (sc, dec) x 6 (12)\n",
        name,
        reference,
        "Rnd 4: (2 sc, inc) x 6 (24)\nRnds 5-6: sc around (24)",
      ].join("\n");
      expect(read(text)).toEqual({
        text,
        parts: [
          [6, 12, 18, 12],
          [6, 12, 18, 24, 24, 24],
        ],
        told: [],
      });
    }
  });
});

describe("every second stitch doubled", () => {
  it.each([
    "(1 sc, 2 sc in the same st) x 6",
    "1 sc, then 2 sc in the same st, 6 times",
    "sc in next st, 2 sc in same st, around",
    "(one in the next, two in the one after) 6 times",
    "1 sc in the first, 2 sc in the second, repeat around",
    "sc in one, two in the next, around",
    "sc, then sc twice in the next stitch. Repeat.",
  ])("%s", (work) => {
    for (const sum of ["", " (18)"]) {
      const text = `Ball\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)\nRnd 3: ${work}${sum}\nRnd 4: sc around (18)`;
      expect(read(text)).toEqual({ text, parts: [[6, 12, 18, 18]], told: [] });
    }
  });
});
