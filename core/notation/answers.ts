import { Cursor } from "./cursor";
import type { Legend } from "./legend";
import type { Terms } from "./stitches";
import { regular, type Line } from "./text";
import { tokenize } from "./tokens";
import { readStitch, type StitchWord } from "./vocabulary";

/** What a written total may count beside the stitches that the next round goes into. */
export type AlsoCounted = "slip stitches" | "chains" | "unworked stitches";

/**
 * What a maker said about a doubt, once for the whole pattern. It is kept with the item and part of its
 * reading; a line is known by its words, so that it stays answered when lines are added above it.
 */
export type Answer =
  /** "x" stands for a stitch, which is given by a name that the reader knows, in the pattern's own terms. */
  | { readonly kind: "word"; readonly word: string; readonly means: string }
  /** A line that says nothing of the work, or one that names the part below it. */
  | { readonly kind: "line"; readonly line: string; readonly is: "note" | "heading" }
  | { readonly kind: "totals"; readonly count: AlsoCounted };

/** Bounds of what is kept: more answers than this are another pattern. */
export const MAX_ANSWERS = 40;
export const MAX_ANSWER_LENGTH = 200;

/** How a line is known: its words, whatever the blanks and dashes around them. */
export const lineKey = (text: string): string =>
  regular(text).trim().replace(/\s+/g, " ").slice(0, MAX_ANSWER_LENGTH);

/** Answers as the reader uses them. */
export interface Told {
  /** The text without the lines that are notes: blanks stand in their places. */
  readonly plain: string;
  readonly words: readonly (readonly [string, string])[];
  /** Numbers of lines that name a part. */
  readonly headings: ReadonlySet<number>;
  readonly totals: ReadonlySet<AlsoCounted>;
}
const NO_LINES: ReadonlySet<number> = new Set();
export const NO_TOTALS: ReadonlySet<AlsoCounted> = new Set();

/** Linear in the text. */
export function told(plain: string, lines: readonly Line[], answers: readonly Answer[]): Told {
  if (answers.length === 0) return { plain, words: [], headings: NO_LINES, totals: NO_TOTALS };
  const said = new Map<string, "note" | "heading">();
  for (const a of answers) if (a.kind === "line") said.set(lineKey(a.line), a.is);
  const headings = new Set<number>();
  const kept: string[] = [];
  let at = 0;
  for (const line of said.size > 0 ? lines : []) {
    const is = said.get(lineKey(plain.slice(line.from, line.to)));
    if (is === "heading") headings.add(line.number);
    if (is !== "note") continue;
    kept.push(plain.slice(at, line.from), " ".repeat(line.to - line.from));
    at = line.to;
  }
  return {
    plain: kept.join("") + plain.slice(at),
    words: answers.flatMap((a) => (a.kind === "word" ? [[regular(a.word).trim(), a.means] as const] : [])),
    headings,
    totals: new Set(answers.flatMap((a) => (a.kind === "totals" ? [a.count] : []))),
  };
}

/** The maker's words with those she was asked about; what cannot be understood changes nothing. */
export function withWords(legend: Legend, words: Told["words"], terms: Terms): Legend {
  if (words.length === 0) return legend;
  const out = new Map(legend);
  for (const [word, means] of words) {
    const stitch = stitchCalled(means, terms);
    if (word !== "" && stitch) out.set(word, stitch);
  }
  return out;
}

/** The stitch of a name, such as "sc" or "sl st"; undefined for what is none. */
export function stitchCalled(means: string, terms: Terms): StitchWord | undefined {
  const text = regular(means);
  const c = new Cursor(tokenize(text, 0, text.length), means);
  const found = readStitch(c, terms);
  return c.done ? found : undefined;
}
