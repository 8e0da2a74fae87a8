import { describe, expect, it } from "vitest";
import { checkPattern } from "..";

const LEGS = (sum: (n: number) => string) =>
  `Legs (make 2)\nRnd 1: 6 sc in MR${sum(6)}\nRnd 2: (sc, inc) x 3${sum(9)}\nRnd 3: sc around${sum(9)}\nFasten off the first leg only.\n\n`;
/** Said between the legs and the round that joins them; the number goes on, or begins anew. */
const BETWEEN = [
  "Do not fasten off. Continue with the body:",
  "Don't cut the yarn, go on to the body.",
  "BODY (continue from second leg)",
  "Body",
  "Continue:",
  "Now join the legs:",
  "Joining the legs",
  "Body: continue on leg 2",
  "Keep the yarn on leg 2.\n\nBody",
];
const JOINS = [
  "sc 9 around leg 1, sc 9 around leg 2",
  "9 sc on first leg, 9 sc on second leg",
  "join to leg 1 with sc, sc 8 more, sc 9 around leg 2",
  "sc 9, then sc 9 around the other leg",
  "sc around both legs",
];

describe("legs that are made twice and joined", () => {
  it.each(JOINS)("%s", (join) => {
    for (const sum of [
      (n: number) => ` (${n})`,
      () => "",
      (n: number) => ` – ${n} sts`,
      (n: number) => ` = ${n}`,
    ])
      for (const said of BETWEEN) {
        const text = `${LEGS(sum)}${said}\nRnd 4: ${join}${sum(18)}\nRnd 5: sc around${sum(18)}\nRnd 6: (sc, dec) x 6${sum(12)}\n`;
        const { parts, problems } = checkPattern(text);
        expect({ text, parts: parts.map((p) => [p.make, ...p.rounds.map((r) => r.count)]) }).toEqual({
          text,
          parts: [
            [2, 6, 9, 9],
            [1, 18, 18, 12],
          ],
        });
        expect(problems).toEqual([]);
      }
  });
  it.each([
    "sc 4 through both layers (4)",
    "sc around both sides (9)",
    "sc 3, place the first eye, sc 6 (9)",
    "sc in both loops around (9)",
    "sc around (9), fasten off on the first leg",
    "sc around (9). Fasten off the first leg, keep the yarn on the second leg.",
    "sc 4, mark the first leg here, sc 5 (9)",
    "sc around (9) – the other leg is worked the same",
    "sc 9. Do not fasten off the second leg",
    "sc around; for the second leg do the same in pink (9)",
    "change to pink on the second leg, sc around (9)",
    "on the second leg only: sc 4, dec, sc 3 (8)",
  ])("but not where one of them is worked: %s", (round) => {
    const { parts } = checkPattern(`${LEGS((n) => ` (${n})`)}Rnd 4: ${round}\n`);
    expect(parts.map((p) => p.make)).toEqual([2]);
  });
});
