import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { checkPattern } from "../notation";
import { withEvenRounds } from "./even-rounds";

const read = (t: string) => checkPattern(t);
const change = (text: string, by: number, part = 0) => withEvenRounds(text, read(text), part, by, read);
const ball = (even: string, ...rest: string[]) =>
  ["Body", "Rnd 1: 6 sc in MR (6)", "Rnd 2: inc x6 (12)", even, ...rest].join("\n");
const END = "Rnd 7: dec x6 (6)";

describe("even rounds added and taken out", () => {
  it("lengthens a range and renumbers what comes behind", () => {
    expect(change(ball("Rnd 3-6: sc around (12)", END), 4)).toBe(
      ball("Rnd 3-10: sc around (12)", "Rnd 11: dec x6 (6)"),
    );
  });
  it("shortens a range, down to one round", () => {
    expect(change(ball("Rnds 3–6: sc around (12)", END), -2)).toBe(
      ball("Rnds 3–4: sc around (12)", "Rnd 5: dec x6 (6)"),
    );
    expect(change(ball("Rnds 3-6: sc around (12)", END), -3)).toBe(
      ball("Rnds 3: sc around (12)", "Rnd 4: dec x6 (6)"),
    );
    expect(change(ball("Rnds 3-6: sc around (12)", END), -4)).toBeUndefined();
  });
  it("makes a range of a single round, and takes whole lines out", () => {
    const singles = ball("R3: 12 sc (12)", "R4: 12 sc (12)", "R5: 12 sc (12)", "R6: dec x6 (6)");
    expect(change(singles, 2)).toBe(
      ball("R3: 12 sc (12)", "R4: 12 sc (12)", "R5-7: 12 sc (12)", "R8: dec x6 (6)"),
    );
    expect(change(singles, -2)).toBe(ball("R3: 12 sc (12)", "R4: dec x6 (6)"));
  });
  it("counts rounds that have no numbers", () => {
    expect(change(ball("Work 4 rounds even (12)", "Next round: dec x6 (6)"), 3)).toBe(
      ball("Work 7 rounds even (12)", "Next round: dec x6 (6)"),
    );
  });
  it("moves rounds that are spoken of behind the place, and none before it", () => {
    const text = ball(
      "Rnd 3-6: sc around (12)",
      "Put 6 mm eyes between rounds 4 and 5.",
      END,
      "Fold at round 7.",
      "",
      "Ear (make 2)",
      "Rnd 1: 4 sc in MR (4)",
      "Sew the ears to the body at round 7, 4 sts apart.",
    );
    expect(change(text, 2)).toBe(
      ball(
        "Rnd 3-8: sc around (12)",
        "Put 6 mm eyes between rounds 4 and 5.",
        "Rnd 9: dec x6 (6)",
        "Fold at round 9.",
        "",
        "Ear (make 2)",
        "Rnd 1: 4 sc in MR (4)",
        "Sew the ears to the body at round 9, 4 sts apart.",
      ),
    );
  });
  it("leaves a text alone that has no even rounds at its widest", () => {
    expect(change("Body\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x6 (12)\nRnd 3: dec x6 (6)", 3)).toBeUndefined();
    expect(change(ball("Rnd 3-6: sc around (12)", END), 0)).toBeUndefined();
  });
  it.each(readdirSync("demo/patterns").filter((f) => f.endsWith(".txt")))(
    "has the rounds it had and five more, or is left: %s",
    (file) => {
      const text = readFileSync(`demo/patterns/${file}`, "utf8");
      const before = read(text);
      before.parts.forEach((part, i) => {
        const longer = withEvenRounds(text, before, i, 5, read);
        if (longer === undefined) return;
        const after = read(longer);
        expect(after.parts[i]?.rounds).toHaveLength(part.rounds.length + 5);
        expect(after.problems.filter((p) => p.severity === "error")).toHaveLength(
          before.problems.filter((p) => p.severity === "error").length,
        );
        // There and back again is the same item, round by round.
        const back = withEvenRounds(longer, after, i, -5, read);
        expect(back && read(back).parts.map((p) => p.rounds.map((r) => r.count))).toEqual(
          before.parts.map((p) => p.rounds.map((r) => r.count)),
        );
      });
    },
  );
});
