import { checkPattern } from "../../core/notation";
import { CORPUS, type Case } from "../corpus";
import { isTold, rateOf, type Measured, type Rate } from "../measure";

type Dress = (line: string) => string;
const LABEL =
  /^(\s*)(Rnds?|Rounds?|R|RND|Rd)\.? ?(\d+)\)?(?:\s?(?:-|–|\.\.|to|through)\s?R?(\d+))?\s?[:.)](?!\.)\s*/;
const TOTAL = /\s*[([](\d+)(?: sts| sc)?[)\]]\.?$/;

const labels: readonly ((a: string, b: string | undefined) => string)[] = [
  (a, b) => `R${a}${b ? `–R${b}` : ""} - `,
  (a, b) => `${a}${b ? `-${b}` : ""}. `,
  (a, b) => `${a}${b ? `–${b}` : ""}) `,
  (a, b) => `Round ${a}${b ? ` through ${b}` : ""} = `,
  (a, b) => `**Rnd ${a}${b ? ` to ${b}` : ""}:** `,
  (a, b) => `☐ Rnd ${a}${b ? `-${b}` : ""}: `,
  (a, b) => `Rnd ${a}${b ? `-${b}` : ""}\t`,
  (a, b) => `[R${a}${b ? `-${b}` : ""}] `,
];
const totals: readonly ((n: string) => string)[] = [
  (n) => ` = ${n}`,
  (n) => `. ${n} sts.`,
  (n) => ` [${n} st]`,
  (n) => ` → ${n}`,
  (n) => `, ${n} stitches in all`,
  (n) => ` – ${n}`,
  (n) => ` {${n}}`,
  (n) => ` | ${n}`,
];
const marks: readonly Dress[] = [
  (l) => l,
  (l) => l.replaceAll(" x ", " × ").replaceAll(", ", ","),
  (l) =>
    l
      .replace(/\binc\b/g, "INC")
      .replace(/\bdec\b/g, "DEC")
      .replace(/\bsc\b/g, "SC"),
  (l) => l.replaceAll("(", "[").replaceAll(")", "]"),
];

/**
 * One pattern of the corpus with other labels, totals and marks; the stitches stay. Undefined where there is
 * nothing to change.
 */
export function dressed(c: Case, label: number, total: number, mark: number): string | undefined {
  if (!c.text.split("\n").some((l) => LABEL.test(l))) return undefined;
  return c.text
    .split("\n")
    .map((line) => {
      const m = LABEL.exec(line);
      if (!m) return line;
      let work = line.slice(m[0].length);
      const t = TOTAL.exec(work);
      if (t) work = work.slice(0, t.index);
      const put = labels[label % labels.length];
      const sum = totals[total % totals.length];
      const make = marks[mark % marks.length];
      return `${put?.(m[3] ?? "", m[4]) ?? ""}${make?.(work) ?? work}${t?.[1] ? (sum?.(t[1]) ?? "") : ""}`;
    })
    .join("\n");
}

/** A text against what the corpus says of its pattern. */
export function isRight(c: Case, text: string): Measured {
  const p = checkPattern(text);
  const told = isTold(p);
  let right = 0;
  let rounds = 0;
  c.parts.forEach((want, i) => {
    rounds += want.counts.length;
    want.counts.forEach((n, j) => {
      if (p.parts[i]?.rounds[j]?.count === n) right++;
    });
  });
  const same =
    p.parts.length === c.parts.length && p.parts.every((x, i) => x.make === (c.parts[i]?.make ?? 1));
  return { perfect: !told && same && right === rounds, told, right, rounds };
}

/** Every sound pattern of the corpus that has plain labels, in `n` other dresses. */
export function dressedRate(n: number): Rate {
  const all: Measured[] = [];
  CORPUS.forEach((c, i) => {
    if (c.reports) return;
    for (let k = 0; k < n; k++) {
      const text = dressed(c, i + k, i * 3 + k * 5, i + 2 * k + 1);
      if (text !== undefined) all.push(isRight(c, text));
    }
  });
  return rateOf(all);
}
