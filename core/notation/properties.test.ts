import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { checkPattern } from "./check";
import { RoundMemory } from "./document";

/** A round known by construction: how it is written in several hands, and what it comes to. */
interface Made {
  readonly texts: readonly string[];
  readonly count: number;
}

/** A start and rounds that each fit the one before; the truth is made first, the text after it. */
const pattern = fc
  .record({
    start: fc.integer({ min: 4, max: 10 }),
    steps: fc.array(fc.record({ kind: fc.constantFrom("inc", "even", "dec", "blo"), pick: fc.nat(7) }), {
      minLength: 1,
      maxLength: 14,
    }),
  })
  .map(({ start, steps }) => {
    const rounds: Made[] = [
      {
        count: start,
        texts: [
          `${start} sc in magic ring`,
          `ch 2, ${start} sc in 2nd ch from hook`,
          `${start} sc into an adjustable loop`,
        ],
      },
    ];
    let live = start;
    for (const { kind, pick } of steps) {
      const units = [1, 2, 3, 4, 5, 6, 7, 8].filter(
        (k) => live % (kind === "dec" ? k + 1 : k) === 0 && (kind === "dec" || k >= 1),
      );
      const k = units[pick % Math.max(1, units.length)];
      if (kind === "inc" && k !== undefined && live / k <= 60) {
        const m = live / k;
        const plain = k - 1;
        rounds.push({
          count: live + m,
          texts:
            plain === 0
              ? [`inc x ${m}`, `2 sc in each st around`, `[inc] × ${m}`]
              : [
                  `(${plain} sc, inc) x ${m}`,
                  `*${plain} sc, inc; rep from * around`,
                  `*sc ${plain}, inc* repeat ${m} times`,
                  `${m}x (${plain} sc, 1 inc)`,
                  `(${plain}sc,1inc)*${m}`,
                ],
        });
        live += m;
      } else if (kind === "dec" && k !== undefined && live / (k + 1) >= 3) {
        const m = live / (k + 1);
        const plain = k - 1;
        rounds.push({
          count: live - m,
          texts:
            plain === 0
              ? [`dec x ${m}`, `sc2tog around`, `invdec x${m}`]
              : [
                  `(${plain} sc, dec) x ${m}`,
                  `*sc in next ${plain} sts, sc2tog; rep from * around`,
                  `[${plain} sc, inv dec] × ${m}`,
                ],
        });
        live -= m;
      } else
        rounds.push({
          count: live,
          texts:
            kind === "blo"
              ? [`in back loops only, ${live} sc`, `BLO: sc around`]
              : [`${live} sc`, `sc in each st around`, `sc around`, `work even`],
        });
    }
    return rounds;
  });

const style = fc.record({
  label: fc.constantFrom(
    (n: number) => `Rnd ${n}: `,
    (n: number) => `R${n}. `,
    (n: number) => `Round ${n} – `,
    (n: number) => `${n}: `,
  ),
  total: fc.constantFrom(
    (n: number) => ` (${n})`,
    (n: number) => ` [${n}]`,
    (n: number) => ` = ${n} sts`,
    (n: number) => `. (${n} sts)`,
  ),
  choice: fc.array(fc.nat(9), { minLength: 16, maxLength: 16 }),
});

function write(
  rounds: readonly Made[],
  s: { label: (n: number) => string; total: (n: number) => string; choice: readonly number[] },
): string {
  return rounds
    .map(
      (r, i) =>
        `${s.label(i + 1)}${r.texts[(s.choice[i % 16] ?? 0) % r.texts.length] ?? ""}${s.total(r.count)}`,
    )
    .join("\n");
}

describe("properties of the count", () => {
  it("reads back what was made, in any of the styles, without a report", () => {
    fc.assert(
      fc.property(pattern, style, (rounds, s) => {
        const p = checkPattern(write(rounds, s));
        expect(p.parts[0]?.rounds.map((r) => r.count)).toEqual(rounds.map((r) => r.count));
        expect(p.problems).toEqual([]);
      }),
      { numRuns: 400, seed: 20261123 },
    );
  });

  it("reports a changed total at its line, once", () => {
    fc.assert(
      fc.property(pattern, style, fc.nat(), fc.integer({ min: 1, max: 5 }), (rounds, s, where, by) => {
        const at = where % rounds.length;
        const text = write(rounds, s).split("\n");
        const right = rounds[at]?.count ?? 0;
        const line = text[at] ?? "";
        const index = line.lastIndexOf(String(right));
        text[at] = `${line.slice(0, index)}${right + by}${line.slice(index + String(right).length)}`;
        const errors = checkPattern(text.join("\n")).problems.filter((p) => p.severity === "error");
        expect(errors.map((p) => p.line)).toEqual([at + 1]);
      }),
      { numRuns: 300, seed: 20261123 },
    );
  });

  it("reports a changed repeat at its line, once, and its fix mends it", () => {
    fc.assert(
      fc.property(pattern, fc.nat(), fc.integer({ min: 1, max: 3 }), (rounds, where, by) => {
        const repeats = rounds.flatMap((r, i) => (/x \d+$/.test(r.texts[0] ?? "") ? [i] : []));
        fc.pre(repeats.length > 0);
        const at = repeats[where % repeats.length] ?? 0;
        const lines = rounds.map((r, i) => `Rnd ${i + 1}: ${r.texts[0] ?? ""} (${r.count})`);
        lines[at] = (lines[at] ?? "").replace(/x (\d+) /, (_m, n: string) => `x ${Number(n) + by} `);
        const text = lines.join("\n");
        const errors = checkPattern(text).problems.filter((p) => p.severity === "error");
        expect(errors.map((p) => p.line)).toEqual([at + 1]);
        const fix = errors[0]?.fix;
        expect(fix).toBeDefined();
        if (fix)
          expect(checkPattern(text.slice(0, fix.from) + fix.text + text.slice(fix.to)).problems).toEqual([]);
      }),
      { numRuns: 300, seed: 20261123 },
    );
  });

  it("reads an edited text with a memory exactly as without", () => {
    fc.assert(
      fc.property(
        pattern,
        style,
        fc.array(
          fc.tuple(fc.nat(), fc.constantFrom("", "6", "\n", "sc ", "(", "x", "Rnd 3: inc x 6 (9)\n")),
          { maxLength: 6 },
        ),
        (rounds, s, edits) => {
          const memory = { us: new RoundMemory(), uk: new RoundMemory() };
          let text = write(rounds, s);
          expect(checkPattern(text, { memory })).toEqual(checkPattern(text));
          for (const [where, put] of edits) {
            const at = where % (text.length + 1);
            text =
              put === "" ? text.slice(0, at) + text.slice(at + 1) : text.slice(0, at) + put + text.slice(at);
            expect(checkPattern(text, { memory })).toEqual(checkPattern(text));
          }
        },
      ),
      { numRuns: 50, seed: 20261123 },
    );
  });

  it("answers any text, with places inside it", () => {
    const words = fc.constantFrom(
      "Rnd",
      "1",
      "2:",
      "sc",
      "inc",
      "(",
      ")",
      "*",
      "x",
      "6",
      "\n",
      "around",
      "rep",
      "from",
      "ch",
      "dec",
      ",",
      ".",
      "in",
      "next",
      "st",
      "magic",
      "ring",
      "make",
      "[",
      "]",
      "=",
      "Rnds 3-9:",
      "skip",
      "until",
      "évent",
      "🧶",
      "-",
      "white",
      "change to",
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 400, unit: "binary" }),
          fc.array(words, { maxLength: 120 }).map((w) => w.join(" ")),
        ),
        (text) => {
          const p = checkPattern(text);
          for (const x of p.problems) {
            expect(x.from).toBeGreaterThanOrEqual(0);
            expect(x.to).toBeLessThanOrEqual(Math.max(1, text.length));
            expect(x.column).toBeGreaterThanOrEqual(1);
            expect(x.endColumn).toBeGreaterThanOrEqual(x.column);
          }
          for (const part of p.parts)
            for (const r of part.rounds) if (r.count !== undefined) expect(r.count).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 1500, seed: 20261123 },
    );
  });
});
