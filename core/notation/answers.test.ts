import { describe, expect, it } from "vitest";
import { answersTo, checkPattern, lineKey, type Answer } from ".";

const counts = (text: string, answers: readonly Answer[] = []) => {
  const p = checkPattern(text, { answers });
  return {
    errors: p.problems.filter((x) => x.severity === "error").length,
    doubts: p.problems.filter((x) => x.severity !== "error").length,
    live: p.parts.map((part) => part.rounds.map((r) => r.count)),
    names: p.parts.map((part) => part.name),
    p,
  };
};

const OWN = "Head\nRnd 1: 6 pp in magic ring (6)\nRnd 2: 2 pp in each (12)\nRnd 3: (pp, inc) x 6 (18)\n";
const SLIPS =
  "Head\nRnd 1: 6 sc in magic ring, sl st to join (7)\nRnd 2: inc x 6, sl st to join (13)\nRnd 3: (sc, inc) x 6, sl st to join (19)\n";

describe("what a maker answers is part of the reading", () => {
  it("a word of her own", () => {
    expect(counts(OWN).doubts).toBe(3);
    const read = counts(OWN, [{ kind: "word", word: "PP", means: "sc" }]);
    expect(read).toMatchObject({ errors: 0, doubts: 0, live: [[6, 12, 18]] });
    expect(read.p.parts[0]?.made).toEqual({ sc: 36 });
    // Another meaning is another count of stitches.
    expect(counts(OWN, [{ kind: "word", word: "pp", means: "dc" }]).p.parts[0]?.made.dc).toBe(24);
  });
  it("“x” as a stitch, where × stays a number of times", () => {
    const text = "Head\nRnd 1: 6 x in magic ring (6)\nRnd 2: (x, inc) * 3 (9)\nRnd 3: x around (9)\n";
    expect(counts(text, [{ kind: "word", word: "x", means: "sc" }])).toMatchObject({
      errors: 0,
      doubts: 0,
      live: [[6, 9, 9]],
    });
  });
  it("a line that is a note, wherever it moves", () => {
    const text = "Head\nRnd 1: 6 sc in magic ring (6)\nRnd 2: 7 fnord like 3 sc (12)\nRnd 2: inc x 6 (12)\n";
    const note: Answer = { kind: "line", line: lineKey("  Rnd 2: 7 fnord like 3 sc (12)  "), is: "note" };
    for (const t of [text, `More\n\n${text}`])
      expect(counts(t, [note])).toMatchObject({ errors: 0, doubts: 0, live: [[6, 12]] });
  });
  it("a line that names a part", () => {
    const text =
      "Rnd 1: 6 sc in ring (6)\n3 sc of the little ones now\nRnd 2: 5 sc in ring (5)\nRnd 3: inc x 5 (10)\n";
    const read = counts(text, [{ kind: "line", line: "3 sc of the little ones now", is: "heading" }]);
    expect(read.names.at(-1)).toContain("little ones");
    expect(read.live.at(-1)).toEqual([5, 10]);
  });
  it("totals that count the slip stitch of the join", () => {
    expect(counts(SLIPS).errors).toBeGreaterThan(0);
    expect(counts(SLIPS, [{ kind: "totals", count: "slip stitches" }])).toMatchObject({
      errors: 0,
      live: [[6, 12, 18]],
    });
    // A slip stays a slip.
    expect(counts(SLIPS.replace("(13)", "(15)"), [{ kind: "totals", count: "slip stitches" }]).errors).toBe(
      1,
    );
  });
  it("totals that count what is left unworked", () => {
    const text = "Ear\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\nRnd 3: sc 8 (12)\n";
    expect(counts(text, [{ kind: "totals", count: "unworked stitches" }])).toMatchObject({ errors: 0 });
  });
  it("nothing that cannot be understood changes anything", () => {
    const odd: Answer[] = [
      { kind: "word", word: "", means: "sc" },
      { kind: "word", word: "pp", means: "constructor" },
      { kind: "line", line: "", is: "note" },
    ];
    expect(counts(OWN, odd).live).toEqual(counts(OWN).live);
    expect(counts(OWN, odd).doubts).toBe(counts(OWN).doubts);
  });
});

describe("what may be answered to a doubt", () => {
  const asked = (text: string, answers: readonly Answer[] = []) => {
    const p = checkPattern(text, { answers });
    const first = p.problems[0];
    if (!first) throw new Error("no problem to ask about");
    return answersTo(text, p, first, { answers });
  };
  it("meanings with which it counts come first, then that it is a note or a name", () => {
    const offered = asked(OWN);
    expect(offered[0]).toEqual({ kind: "word", word: "pp", means: "sc" });
    expect(offered.slice(-2)).toEqual([
      { kind: "line", line: "rnd 1: 6 pp in magic ring (6)", is: "note" },
      { kind: "line", line: "rnd 1: 6 pp in magic ring (6)", is: "heading" },
    ]);
    // With increases the totals would be others.
    expect(offered.some((a) => a.kind === "word" && a.means === "inc")).toBe(false);
  });
  it("what totals count, only where it explains them", () => {
    expect(asked(SLIPS)[0]).toEqual({ kind: "totals", count: "slip stitches" });
    const slip = "Head\nRnd 1: 6 sc in magic ring (6)\nRnd 2: inc x 6 (13)\n";
    expect(asked(slip).filter((a) => a.kind === "totals")).toEqual([]);
  });
  it("never what was answered already", () => {
    const given: Answer[] = [{ kind: "word", word: "pp", means: "inc" }];
    expect(asked(OWN, given)).not.toContainEqual(given[0]);
  });
});
