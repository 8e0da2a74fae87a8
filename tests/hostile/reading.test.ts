import { describe, expect, it } from "vitest";
import { checkPattern, MAX_MAKE, MAX_ROUNDS, PLAIN_STYLE, printPattern } from "../../core/notation";
import { delimiterOf, localeOf, readTable } from "../../app/features/import/table";
import { parseDuration, parseLength, parseMass, parseMoney, parseNumber } from "../../core/units";
import { wrongWith } from "./reading";
import { drawFrom, hostileText, LONGEST, SPITEFUL } from "./texts";

const counted = (text: string) => {
  const p = checkPattern(text);
  return {
    rounds: p.parts.flatMap((x) => x.rounds.map((r) => r.count)),
    reports: p.problems.map((x) => `${x.severity} ${x.code} ${x.line}`),
  };
};

describe("a number where a round's number stands", () => {
  it.each([
    ["an article number", "Rnd 1: 6 sc in mr (6)\nRnd 4006381333931234567: sc around (6)", [6, 6]],
    ["two to the fifty-third", "Rnd 1: 6 sc in mr (6)\nRnd 9007199254740992: sc around (6)", [6, 6]],
    ["a range without end", "Rnd 1: 6 sc in mr (6)\nRnds 2-200000002: sc around (6)", [6, 6]],
    ["a range from without end", "Rnd 1: 6 sc in mr (6)\nRnds 200000000-2: sc around (6)", [6, 6]],
    ["next rounds without end", "Rnd 1: 6 sc in mr (6)\nNext 4000000000 rnds: sc around (6)", [6, 6]],
  ])("%s counts as one round and is told", (_what, text, rounds) => {
    expect(counted(text)).toEqual({ rounds, reports: ["error too-large 2"] });
  });
  it("may be as high as the most rounds there are", () => {
    const { rounds, reports } = counted(`Rnd 1: 6 sc in mr (6)\nRnds 2-${MAX_ROUNDS}: sc around (6)`);
    expect(rounds.length).toBe(MAX_ROUNDS);
    expect(reports).toEqual([]);
  });
  it("a repeat of rounds without end stops at the most rounds there are", () => {
    const { rounds } = counted(
      "Rnd 1: 6 sc in mr (6)\nRnds 2-9007199254740993: sc around\nRepeat rnds 1-9007199254740993 9007199254740993 times",
    );
    expect(rounds.length).toBeLessThanOrEqual(MAX_ROUNDS);
  });
});

describe("how many to make", () => {
  const make = (text: string) => {
    const p = checkPattern(text);
    return [p.parts.map((x) => x.make), p.problems.map((x) => `${x.code} ${x.line}`)];
  };
  it("is counted up to a bound, and told beyond it", () => {
    expect(make("Ear (make 500)\nRnd 1: 6 sc in mr (6)")).toEqual([[500], []]);
    expect(make("Ear (make 1000)\nRnd 1: 6 sc in mr (6)")).toEqual([[MAX_MAKE], ["too-large 1"]]);
    expect(make("Ear\nRnd 1: 6 sc in mr (6)\nMake 5000000 of these.")).toEqual([[MAX_MAKE], ["too-large 1"]]);
    expect(make("Ear\nRnd 1: 6 sc in mr (6)\nMake 99999999999999999999.")[0]).toEqual([MAX_MAKE]);
  });
  it("a year behind a title is no number of pieces", () => {
    expect(make("Owl (2026)\nRnd 1: 6 sc in mr (6)")).toEqual([[1], []]);
  });
});

describe("words that every object answers to", () => {
  it.each(["constructor", "__proto__", "toString", "valueOf", "hasOwnProperty"])(
    "“%s” is no stitch and no unit",
    (word) => {
      const p = checkPattern(`Rnd 1: 6 sc in mr (6)\nRnd 2: 6 ${word}\nWith ${word}: 6 sc`);
      expect(p.problems.some((x) => x.code === "unknown-word" || x.code === "not-understood")).toBe(true);
      for (const read of [parseMass, parseLength, parseDuration])
        expect(read(`5 ${word.toLowerCase()}`)).toMatchObject({
          ok: false,
          problem: { code: expect.stringMatching(/unknown-unit|not-a-number/) as string },
        });
    },
  );
});

describe("4,000 hostile and mutated texts", () => {
  // How long each takes is told by `npm run fuzz`: a clock in a test fails when the machine is busy.
  it("each is answered, with places inside it, whole counts and bounded lists", () => {
    const draw = drawFrom(20261126);
    const texts = [...SPITEFUL, ...Array.from({ length: 4000 }, () => hostileText(draw))];
    expect(texts.length).toBeGreaterThan(4000);
    for (const text of texts) expect({ text, wrong: wrongWith(text) }).toEqual({ text, wrong: [] });
    expect(LONGEST).toBe(8192);
  }, 900_000);
});

/** Best of three in milliseconds. */
function best(work: () => unknown): number {
  let least = Infinity;
  for (let i = 0; i < 3; i++) {
    const began = performance.now();
    work();
    least = Math.min(least, performance.now() - began);
  }
  return least;
}

describe("four times the text takes about four times as long, never sixteen", () => {
  const check = (text: string) => checkPattern(text);
  const print = (text: string) => printPattern(checkPattern(text), text, PLAIN_STYLE);
  const cases: readonly (readonly [string, (text: string) => unknown, (times: number) => string])[] = [
    ["join each", check, (n) => "join each ".repeat(n * 400)],
    ["all", check, (n) => "all ".repeat(n * 1000)],
    ["each st", check, (n) => "each st ".repeat(n * 500)],
    ["join leg", check, (n) => "join leg ".repeat(n * 500)],
    ["end of round without a join", check, (n) => "end of round ".repeat(n * 300)],
    ["draw up a loop and digits", check, (n) => `Rnd 1: draw up a loop in 3 sts ${"9".repeat(n * 4000)}`],
    ["one range of rounds", check, (n) => `Rnd 1: 6 sc in mr\nRnds 2-${n * 2000}: sc around, 3 sc`],
    [
      "loops of one round, again and again",
      check,
      (n) => `Rnd 1: 6 sc in mr\nRnd 2: sc in BLO\nRnds 3-${n * 2000}: 6 sc in front loops of rnd 1`,
    ],
    [
      "a title of spaces, written out",
      print,
      (n) => `(${" ".repeat(n * 4000)}US terms${" (".repeat(n * 1000)}x\nRnd 1: 6 sc in mr`,
    ],
    [
      "a broken round over many lines, written out",
      print,
      (n) => `Rnd 1: 6 foo (${"   \n   ".repeat(n * 1000)}6 sc`,
    ],
    ["a weight of letters", (t) => parseMass(t), (n) => `5 ${"a".repeat(n * 20_000)}`],
    ["a weight of spaces", (t) => parseMass(t), (n) => `5${" ".repeat(n * 20_000)}x`],
    [
      "a length of spaces",
      (t) => parseLength(t),
      (n) => `${" ".repeat(n * 20_000)}5${" ".repeat(n * 20_000)}q`,
    ],
    ["a duration", (t) => parseDuration(t), (n) => `5 h${" ".repeat(n * 20_000)}q`],
    ["a number of zeros", (t) => parseNumber(t), (n) => `0.${"0".repeat(n * 20_000)}1`],
    ["money of zeros", (t) => parseMoney(t, "EUR"), (n) => `0.${"0".repeat(n * 20_000)}1`],
    ["money of marks", (t) => parseMoney(t, "EUR"), (n) => "1,".repeat(n * 20_000)],
    [
      "a cell of spaces",
      (t) => localeOf({ header: ["a"], rows: [{ line: 1, cells: [t] }], delimiter: "," }, "en"),
      (n) => `5${" ".repeat(n * 20_000)}1`,
    ],
    [
      "a cell of digits",
      (t) => localeOf({ header: ["a"], rows: [{ line: 1, cells: [t] }], delimiter: "," }, "en"),
      (n) => `${"5".repeat(n * 20_000)}x`,
    ],
    ["a heading line of quotes", (t) => delimiterOf(t), (n) => '"'.repeat(n * 20_000 + 1)],
    ["a table of quotes", (t) => readTable(t), (n) => `a\n${'"x'.repeat(n * 2000)}`],
  ];
  it.each(cases)("%s", (_what, work, make) => {
    work(make(1));
    // A busy machine may spoil a measurement; what grows with the square does so every time.
    const ratio = () =>
      best(() => work(make(4))) /
      Math.max(
        1,
        best(() => work(make(1))),
      );
    let least = ratio();
    for (let i = 0; i < 3 && least >= 10; i++) least = Math.min(least, ratio());
    expect(least).toBeLessThan(10);
  });
});
