import { linesOf, regularText, type CheckedPattern } from "../../notation";
import type { Said } from "../said";
import { callsOf } from "./mentions";
import { sentencesOf } from "./normal";
import { readSentence } from "./sentence";
import { MAKING_UP } from "./words";

/** Longer lines say nothing of places that anybody could follow. */
const LONGEST_LINE = 2_000;
const MOST_SAID = 400;

/** What sentences say of the parts so named. `sectionOf` gives the part whose lines a line belongs to. */
export function readPlaces(
  lines: readonly { readonly text: string; readonly line: number }[],
  names: readonly string[],
  sectionOf: (line: number) => number | undefined,
): Said[] {
  const calls = callsOf(names);
  const said: Said[] = [];
  let before: readonly number[] = [];
  for (const { text, line } of lines) {
    if (text.length > LONGEST_LINE || said.length > MOST_SAID) continue;
    for (const s of sentencesOf(text, line)) {
      const found = readSentence(s, { calls, section: sectionOf(line), before });
      said.push(...found);
      if (found.length > 0) before = found.at(-1)?.parts ?? [];
    }
  }
  return said;
}

/**
 * The same of a pattern as it was read: lines of its rounds are left to the stitches, except for what stands
 * behind them.
 */
export function placesSaid(pattern: CheckedPattern, text: string): Said[] {
  const kinds = new Map(pattern.lines.map((l) => [l.line, l.kind]));
  const plain = regularText(text);
  const all = linesOf(plain).map((l) => plain.slice(l.from, l.to));
  const made = all.findIndex((l) => MAKING_UP.test(l.toLowerCase())) + 1;
  const lines = all.flatMap((t, i) => {
    const line = i + 1;
    if (kinds.get(line) === "heading" && made !== line) return [];
    return kinds.get(line) === "round" ? afterRound(t, line) : [{ text: t, line }];
  });
  return readPlaces(
    lines,
    pattern.parts.map((p) => p.name),
    (line) => (made > 0 && line >= made ? undefined : sectionAt(pattern, line)),
  );
}

/** "Rnd 5: 12 sc (12). Sew on.": only sentences that begin with a verb of assembly. */
const afterRound = (t: string, line: number) => {
  const at = /[.)\]]\s+(?=(?:sew|attach|place|pin|position)\b)/i.exec(t);
  return at ? [{ text: t.slice(at.index + 1), line }] : [];
};

/** The part whose lines a line belongs to. */
export function sectionAt(pattern: CheckedPattern, line: number): number | undefined {
  const at = pattern.parts.findLastIndex((p) => p.line <= line);
  return at < 0 ? undefined : at;
}
