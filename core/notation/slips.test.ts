import { describe, expect, it } from "vitest";
import { CORPUS } from "../../tests/corpus";
import { checkPattern } from "./index";

/** Sound patterns, each of which is spoilt in one place at a time; every third place of a kind is tried. */
const SOUND = CORPUS.filter((c) => c.hand.startsWith("of the plain hands, y6"));
/** "[30] (sc 3, inc 1) x6": of a sum in front it is not told yet that the rounds behind bear it out. */
const SUMS_IN_FRONT = /^rnd \d+ \[\d+\]/;
const EVERY = 3;
/** Of some ninety rounds left out so many may be told of twice or elsewhere; fewer is better, more is a step back. */
const MOST_WRONG = 7;
const LABEL = /^\W*(?:r|rn?d|round|row)?s?\W*\d+\W/i;

/** A slip of the pen in a round's line; undefined where the line has no place for it. */
type Slip = (line: string) => string | undefined;
const fewer = (m: RegExpExecArray | null, line: string): string | undefined => {
  const n = Number(m?.[1]);
  if (!m?.[1] || n < 3) return undefined;
  const at = m.index + m[0].lastIndexOf(m[1]);
  return line.slice(0, at) + String(n - 1) + line.slice(at + m[1].length);
};
const SLIPS: Readonly<Record<string, Slip>> = {
  "one repeat fewer": (l) =>
    fewer(/[)\]*] ?(?:x|\*|×)? ?(\d+)(?= ?(?:times|x)?\s*(?:[([=–-]|$|\.))/.exec(l), l),
  "one plain stitch fewer": (l) => fewer(/[(*[]\s*(\d+) ?sc,/.exec(l), l),
  "a decrease for an increase": (l) => (/[(*[].*\binc\b/.test(l) ? l.replace(/\binc\b/, "dec") : undefined),
};

const told = (text: string) =>
  checkPattern(text).problems.filter((p) => p.severity === "error" || p.severity === "warning");

describe("one slip in a sound pattern is told once, in its line", () => {
  it.each(Object.entries(SLIPS))("%s", (_what, slip) => {
    let tried = 0;
    let places = 0;
    for (const { text } of SOUND) {
      const lines = text.split("\n");
      const kinds = checkPattern(text).lines;
      for (const [i, line] of lines.entries()) {
        const tries = kinds[i]?.kind === "round" && !SUMS_IN_FRONT.test(line);
        const spoilt = tries ? slip(line) : undefined;
        if (spoilt === undefined || places++ % EVERY !== 0) continue;
        tried++;
        const found = told(lines.with(i, spoilt).join("\n"));
        expect(
          found.map((p) => p.line),
          `${line} → ${spoilt}`,
        ).toEqual([i + 1]);
      }
    }
    expect(tried).toBeGreaterThan(5);
  });

  it("a round left out, where the numbers jump", () => {
    let places = 0;
    const wrong: string[] = [];
    for (const { text } of SOUND) {
      const lines = text.split("\n");
      const kinds = checkPattern(text).lines;
      for (let i = 1; i < lines.length - 1; i++) {
        const rounds = [i - 1, i, i + 1].every((k) => kinds[k]?.kind === "round");
        const numbered = LABEL.test(lines[i] ?? "") && LABEL.test(lines[i + 1] ?? "");
        if (!rounds || !numbered || places++ % EVERY !== 0) continue;
        const found = told(lines.with(i, "").join("\n"));
        if (found.length !== 1 || found[0]?.line !== i + 2) wrong.push(lines[i] ?? "");
      }
    }
    // A round that others are made of by its number, or a way of labels that too few lines are left of.
    expect(wrong.length).toBeLessThanOrEqual(MOST_WRONG);
    expect(places).toBeGreaterThan(200);
  });
});
