import { spoken, type Token } from "../tokens";
import { isStitchNoun } from "../vocabulary";

/** Words of what is said between a round and the next one on its line. */
const MOST_SAID = 24;

/**
 * "… (12). Stuff. |", "… x 4. 8 sts. |", "… = 8. |": does a sum end the last sentence with a number in front of token
 * `i`? A bounded look.
 */
export function behindSummed(tokens: readonly Token[], i: number): boolean {
  let at = i - 1;
  while (at > 1 && i - at < MOST_SAID) {
    const before = tokens[at - 1];
    if (/^[)\]}]$/.test(before?.text ?? "")) return tokens[at - 2]?.kind === "number";
    if (before?.kind === "number") {
      const ends = isStitchNoun(tokens[at]?.text ?? "") ? at + 1 : at;
      return tokens[ends]?.text === "." && /^[.=]$/.test(tokens[at - 2]?.text ?? "");
    }
    at--;
  }
  return false;
}

/**
 * "As the body to round 2. |", "Ear 2: same. Stuff. |": does the line begin by standing for other rounds, in front of
 * token `i`? A bounded look.
 */
export function standsForOthers(tokens: readonly Token[], i: number): boolean {
  const front = tokens.slice(0, Math.min(i, MOST_SAID));
  const stop = front.findIndex((t) => /^[.,;]$/.test(t.text));
  const said = front.slice(0, Math.max(0, stop));
  const colon = said.findIndex((t) => t.text === ":");
  return /^(?:(?:work|crochet|make|do|the|exactly) ){0,2}(?:as|like|same)\b/.test(
    spoken(said.slice(colon + 1)),
  );
}

/** "(red): crochet 12": the verb with its number, and no more. */
export const crochets = (rest: readonly Token[]): boolean =>
  rest.some(
    (t, i) =>
      t.text === "crochet" && rest[i + 1]?.kind === "number" && (rest[i + 2]?.kind ?? "mark") === "mark",
  );

/** "… through both layers", "… both sides together". */
export const throughBoth = (tokens: readonly Token[]): boolean =>
  tokens.some(
    (t, i) =>
      t.text === "both" &&
      (/^(through|thru)$/.test(tokens[i - 1]?.text ?? "") ||
        /^(together|tog)$/.test(tokens[i + 2]?.text ?? "")),
  );
