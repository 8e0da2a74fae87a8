import { describe, expect, it } from "vitest";
import type { Answer } from "@core/notation";
import { answersOf, answersSchema, keptAnswers } from "./answers";

const ALL: Answer[] = [
  { kind: "word", word: "pp", means: "sc" },
  { kind: "line", line: "rnd 2: see the picture", is: "note" },
  { kind: "line", line: "the little ones", is: "heading" },
  { kind: "totals", count: "slip stitches" },
];

describe("answers in their column", () => {
  it("come back as they went in, and nothing is null", () => {
    expect(answersOf(keptAnswers(ALL))).toEqual(ALL);
    expect(keptAnswers([])).toBeNull();
    expect(answersOf(null)).toEqual([]);
  });
  it("are read with what is known of them, whatever stands there", () => {
    for (const odd of ["", "{", "[]", "null", '{"form":2,"answers":[]}']) expect(answersOf(odd)).toEqual([]);
    expect(answersOf(JSON.stringify({ form: 1, answers: [ALL[0], { kind: "later" }, 7] }))).toEqual([ALL[0]]);
  });
  it("are bounded at the form", () => {
    expect(answersSchema.safeParse(ALL).success).toBe(true);
    expect(answersSchema.safeParse(Array.from({ length: 41 }, () => ALL[0])).success).toBe(false);
    expect(answersSchema.safeParse([{ kind: "word", word: "x".repeat(21), means: "sc" }]).success).toBe(
      false,
    );
    expect(answersSchema.safeParse([{ kind: "line", line: "a", is: "round" }]).success).toBe(false);
  });
});
