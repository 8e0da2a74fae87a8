import { describe, expect, it } from "vitest";
import { CORPUS } from "../../../tests/corpus";
import { one } from "../../../tests/generated/rate";
import { checkPattern } from "..";

const BALL = "Ball\nRnd 1: 7 sc in MR (7)\nRnd 2: inc x 7 (14)\n";
const last = (text: string) => checkPattern(text).parts.at(-1)?.rounds.at(-1);
const told = (text: string) => checkPattern(text).problems.map((p) => `${p.severity} ${p.code} ${p.line}`);

describe("the stitches decide between readings", () => {
  it("an ornament in one stitch counts as one where the total says so", () => {
    const text = `${BALL}Rnd 3: 6 sc, (sl st, 3 dc, sl st) in front loop of next st, 7 sc (14)`;
    expect(last(text)).toMatchObject({ count: 14, made: { sc: 13, dc: 3, slst: 2 } });
    expect(told(text)).toEqual([]);
  });
  it("what is worked behind the last round is tallied once", () => {
    const text = `${BALL}Rnds 3-8: sc around (14)\nSlip stitch in the next 2 sts and fasten off.`;
    expect(checkPattern(text).parts[0]?.made).toMatchObject({ sc: 7 + 14 * 7, slst: 2 });
  });
  it("numbers that go on over a heading go on in the same stitches", () => {
    expect(told(`${BALL}Neck\nRnd 3: (2 sc, inc) x 7 (28)`)).toEqual(["error too-many-used 5"]);
    expect(told(`${BALL}Neck\nRnd 3: (sc, inc) x 7 (21)`)).toEqual([]);
  });
  it("“around” an edge is as many as the total says", () => {
    expect(
      last(`${BALL}\nCuff\nPick up yarn at the rim.\nRnd 1: sc evenly around the edge (22)`),
    ).toMatchObject({
      count: 22,
      made: { sc: 22 },
    });
  });
  it("what could not be read is a warning, never the maker's mistake", () => {
    const p = checkPattern(`${BALL}Rnd 3: 14 zorb (14)\nRnd 4: 14 sc (14)`);
    expect(p.problems.map((x) => [x.severity, x.code, x.line])).toEqual([["warning", "unknown-word", 4]]);
    expect([p.ok, p.sure]).toEqual([true, false]);
    expect(checkPattern(BALL).sure).toBe(true);
  });
});

describe("a repeat without a number", () => {
  it("goes all the way round where that comes out", () => {
    for (const words of ["sc, inc, repeat", "*sc, inc*, rep", "*sc, inc; rep from *"])
      expect([last(`${BALL}Rnd 3: ${words} (21)`)?.count, told(`${BALL}Rnd 3: ${words} (21)`)]).toEqual([
        21,
        [],
      ]);
  });
  it("is told where it does not, and a length is quoted in its words", () => {
    expect(told(`${BALL}Rnd 3: 2 sc, inc, repeat`)).toEqual(["error repeat-does-not-fit 4"]);
    const [p] = checkPattern(`${BALL}Rnd 3: sc around until it is 5 cm tall`).problems;
    expect(p?.code === "number-asked" && p.text).toBe("until it is 5 cm tall");
  });
});

describe("a habit of writing", () => {
  const hand = "mr 6\n1sc inc x3 (9)\n2sc inc x3 (12)\n12sc\n2sc dec x3 (9)\n1sc dec x3 (6)";
  it("once borne out by a total is what a slip is held against", () => {
    expect(told(`Claw\n${hand}`)).toEqual([]);
    const [slip, ...more] = checkPattern(`Claw\n${hand.replace("x3 (9)\n1sc", "x3 (8)\n1sc")}`).problems;
    expect(slip && [slip.line, slip.code, "made" in slip && slip.made]).toEqual([6, "total-wrong", 9]);
    expect(more).toEqual([]);
  });
});

describe("a long range with a slip in its total", () => {
  it("is told once, however many rounds it has", () => {
    for (const range of ["Rows 3-5", "Rows 3-14", "Rows 3-40"]) {
      const text = `Flap\nRow 1: ch 8, sc in 2nd ch from hook and in each ch, turn (7)\nRow 2: sc across, turn (7)\n${range}: sc across, turn (6)\nRow 41: dec, sc 3, dec (5)`;
      expect(told(text).filter((t) => !t.includes("round-missing"))).toEqual(["error total-wrong 4"]);
    }
  });
});

/** Every number of a text that is no measure and no name of a place, found without the reader. */
function numbersOf(text: string): { at: number; end: number }[] {
  return [...text.matchAll(/(?<![\p{L}\d.,])\d+(?![\d.,]*\d|\p{L})/gu)]
    .map((m) => ({ at: m.index, end: m.index + m[0].length }))
    .filter(({ at, end }) => {
      const before = text.slice(Math.max(0, at - 12), at).toLowerCase();
      const after = text.slice(end, end + 14).toLowerCase();
      return (
        !/^[ -]?(mm|cm|m\b|g\b|gram|%|in\b|inch|oz|yd|yards?|hook|hour|h\b|min|eyes?|strand|ply|x\b|×|pieces?|needle|beads?|years?)/.test(
          after,
        ) &&
        !/(rounds?|rnds?|rows?|photo|picture|step|page|r|rd|rds|no|nr|size|part|of|number)[ .#]*$/.test(
          before,
        )
      );
    });
}

describe("nothing is lost in silence", () => {
  const texts = [...CORPUS.map((c) => c.text), ...Array.from({ length: 200 }, (_, i) => one(9000 + i).text)];
  it("every number is counted, a total, a label or a name, or listed as not counted", () => {
    for (const text of texts) {
      const p = checkPattern(text);
      const held: { from: number; to: number }[] = [...p.uncounted];
      const lines = text.split("\n");
      let at = 0;
      lines.forEach((line, i) => {
        if (/heading|setup|colour|event|continuation|round/.test(p.lines[i]?.kind ?? ""))
          held.push({ from: at, to: at + line.length });
        at += line.length + 1;
      });
      const lost = numbersOf(text).filter((n) => !held.some((h) => h.from <= n.at && n.end <= h.to));
      expect(lost.map((n) => `${text.slice(n.at - 20, n.end + 20)}`)).toEqual([]);
    }
  });
  it("how many to make is a name's, also where the first round stands on its line", () => {
    const p = checkPattern("Wing x2, yellow. MR 6, inc to 12, 2 rounds of 12.");
    expect([p.parts[0]?.make, p.uncounted]).toEqual([2, []]);
  });
  it("talk among the rounds is listed with its line, and a measure is not", () => {
    const p = checkPattern(
      `${BALL}If you have 13 or 15 stitches, go back.\nIt should be 5 cm wide.\nRnd 3: 14 sc (14)`,
    );
    expect(p.uncounted.map((u) => [u.line, u.why])).toEqual([[4, "talk"]]);
  });
});
