import { describe, expect, it } from "vitest";
import { checkPattern } from "./check";
import { CORPUS } from "../../tests/corpus";
import { BROKEN } from "../../tests/corpus/broken";
import type { Problem } from "./problems";

const told = (p: Problem) => `${p.severity} ${p.code} ${p.line}`;

describe("patterns in many hands", () => {
  it("are many, each in a hand of its own", () => {
    expect(CORPUS.length).toBeGreaterThanOrEqual(150);
    expect(new Set(CORPUS.map((c) => c.hand)).size).toBe(CORPUS.length);
  });
  it.each(CORPUS.map((c) => [c.hand, c] as const))("%s", (_hand, c) => {
    const p = checkPattern(c.text);
    expect(
      p.parts.map((x) => ({ name: x.name, make: x.make, counts: x.rounds.map((r) => r.count) })),
    ).toEqual(c.parts.map((x) => ({ name: x.name, make: x.make ?? 1, counts: x.counts })));
    c.parts.forEach((want, i) => {
      if (want.worked) expect(p.parts[i]?.worked).toBe(want.worked);
      if (want.made) expect(p.parts[i]?.made).toMatchObject(want.made);
    });
    expect(p.problems.map(told)).toEqual(c.reports ?? []);
  });
});

describe("broken copies", () => {
  it("are many", () => expect(BROKEN.length).toBeGreaterThanOrEqual(35));
  it.each(BROKEN.map((b) => [b.what, b] as const))("%s: one report, at its line", (_what, b) => {
    const sound = CORPUS.find((c) => c.hand === b.hand);
    expect(sound?.text).toContain(b.from);
    const text = (sound?.text ?? "").replace(b.from, b.to);
    const found = checkPattern(text).problems.filter((p) => !(sound?.reports ?? []).includes(told(p)));
    expect(found.map((p) => `${p.code} ${p.line}`)).toEqual([`${b.code} ${b.line}`]);
  });
});

/** Hands in which a written total is not the only truth, so that another number may be meant. */
const TWO_WAYS = [
  // A double crochet over three chains: they may count as one.
  "a simple snail",
  "the end of a limb left at an odd number",
  "doll hat and scarf",
  "lemon slice, dc rounds joined",
  "chunky snowman ornament",
  "a panel whose rows bite one side stitch at each end",
  "a square worked in rows and edged in the round",
  "feet with free front loops, then a leg without a name for its rounds",
  // "*Dec 1*" to 8: a decrease and one more stitch.
  "of the plain hands, y6: 347. Egg (for the wreath)",
  // "Same as shell Rd1-4" ends in a number that is no total.
  "of the plain hands, y8: 382. Sea turtle, palm size",
];

describe("a changed total anywhere in the corpus", () => {
  it.each(CORPUS.filter((c) => !TWO_WAYS.includes(c.hand)).map((c) => [c.hand, c] as const))(
    "%s",
    (_hand, c) => {
      const lines = c.text.split(/\r?\n/);
      const { lines: kinds } = checkPattern(c.text);
      lines.forEach((line, i) => {
        const m = /[([={–-]\s*(\d+)(\s*(sts?|sc|dc))?\s*[)\]}.]?\s*$/.exec(line);
        if (!m?.[1] || !/round|continuation/.test(kinds[i]?.kind ?? "") || !/rn?d|row|^\d|^R|\|/i.test(line))
          return;
        const at = m.index + m[0].indexOf(m[1]);
        for (const by of [1, -1, 2]) {
          const changed = lines
            .map((l, j) =>
              j === i
                ? line.slice(0, at) + String(Number(m[1]) + by) + line.slice(at + String(m[1]).length)
                : l,
            )
            .join("\n");
          const found = checkPattern(changed).problems.filter((p) => !(c.reports ?? []).includes(told(p)));
          let first = i;
          while (first > 0 && kinds[first]?.kind === "continuation") first--;
          expect(
            found.map((p) => p.line >= first + 1 && p.line <= i + 1),
            `${line} → ${by}`,
          ).toEqual([true]);
        }
      });
    },
  );
});
