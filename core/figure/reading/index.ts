import type { CheckedPattern } from "../../notation";
import type { Said } from "../said";
import { beginsAt } from "./begins";
import { LONGEST_LINE, textLines } from "./lines";
import { callsOf } from "./mentions";
import { sentencesOf } from "./normal";
import { readSentence } from "./sentence";

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
  const { lines, sectionOf } = textLines(pattern, text);
  const said = lines.flatMap((l) => {
    if (l.kind === "heading" && !l.making) return [];
    return l.kind === "round" ? afterRound(l.text, l.line) : [l];
  });
  const names = pattern.parts.map((p) => p.name);
  const begun = lines
    .filter((l) => l.text.length <= LONGEST_LINE)
    .map((l) => (l.kind === "round" ? { ...l, text: beforeNumbers(l.text) } : l))
    .flatMap((l) => begunSaid(l.text, l.line, sectionOf(l.line), names));
  // What is said outright of an opening stands behind, and goes before.
  return [...begun, ...readPlaces(said, names, sectionOf)];
}

/** The end that a part is begun at; what is said above all parts is said of all. */
const begunSaid = (
  text: string,
  line: number,
  section: number | undefined,
  names: readonly string[],
): Said[] =>
  sentencesOf(text, line).flatMap((s) => {
    const opening = beginsAt(s.text);
    const parts = section === undefined ? names.map((_, i) => i) : [section];
    return opening && parts.length > 0 ? [{ parts, opening, line }] : [];
  });

/** "Begin at the nose: ch 2, …": what a line says before it counts anything. */
const beforeNumbers = (t: string): string => /^[^\d]*/.exec(t)?.[0] ?? "";

/** "Rnd 5: 12 sc (12). Sew on.": only sentences that begin with a verb of assembly. */
const afterRound = (t: string, line: number) => {
  const at = /[.)\]]\s+(?=(?:sew|attach|place|pin|position)\b)/i.exec(t);
  return at ? [{ text: t.slice(at.index + 1), line }] : [];
};
