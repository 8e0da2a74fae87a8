import { spoken, type Token } from "../tokens";

/** Of a longer text the first words tell. */
const LONGEST = 40;

/**
 * Does a round work all pieces of a part that is made twice: "sc 9 around leg 1, sc 9 around leg 2", "9 sc on the first
 * leg, 9 sc on the second", "sc around both legs"? From there on it is one piece. Two layers, sides or edges of one
 * piece are none of that. Pure; bounded by its words.
 *
 * @param name the part's: "Legs (make 2)"
 */
export function joinsBoth(tokens: readonly Token[], name: string): boolean {
  const said = ` ${spoken(tokens.slice(0, LONGEST))} `;
  const stem = (
    name
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .findLast((w) => w.length > 2) ?? ""
  ).replace(/s$/, "");
  if (stem === "") return false;
  const noun = `(?:${escaped(stem)}|leg|limb|piece|half|halve|foot|feet)`;
  const has = (pattern: string) => new RegExp(pattern).test(said);
  if (has(`\\b(?:both|two|the 2) (?:of the )?${noun}s?\\b`)) return true;
  // Each of them has its number, or the second is "the other".
  const one = `(?:${noun} (?:1|one|a)\\b|\\b(?:first|1st) (?:${noun}\\b|,|$| ))`;
  const two = `(?:${noun} (?:2|two|b)\\b|\\b(?:second|2nd|other) (?:${noun}\\b|,|$| ))`;
  return (has(one) && has(two)) || has(`\\b(?:second|2nd|other|first|1st) ${noun}\\b`);
}

const escaped = (word: string): string => word.replace(/[.*+?^${}()|[\]\\]/g, "");

/** What two legs become, by what was said since: "go on to the body". */
export function nameOfJoined(between: string, name: string): string {
  return /\bbody\b/i.test(between) ? "Body" : `${name}, joined`;
}
