import type { CheckedPattern } from "../../notation";
import type { Said } from "../said";
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
  return readPlaces(said, names, sectionOf);
}

/** "Rnd 5: 12 sc (12). Sew on.": only sentences that begin with a verb of assembly. */
const afterRound = (t: string, line: number) => {
  const at = /[.)\]]\s+(?=(?:sew|attach|place|pin|position)\b)/i.exec(t);
  return at ? [{ text: t.slice(at.index + 1), line }] : [];
};
