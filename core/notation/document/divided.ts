import { spoken, type Token } from "../tokens";
import { LIMB_NOUNS } from "../words/limbs";

/** A longer line says more than that. */
const LONGEST = 30;
/** What a piece is divided into. */
const LIMB = new RegExp(
  "\\b(?:(?:the|a|each|your) )?((?:(?:first|1st|second|2nd|left|right|other) )?" +
    `(?:${LIMB_NOUNS.join("|")})(?: (?:1|2|one|two))?)\\b`,
);
/** … and that it is. */
const DIVIDES =
  /\b(?:split|divide|divided|separate|separately|half of the|only on|on these|over these|sts only|stitches only|remaining|unworked|skipped|each (?:leg|arm|half|side)|(?:sts|stitches) each)\b/;

/**
 * "To make the first leg, work over half of the stitches:" right above a round that goes on: the name of the limb
 * that begins there. undefined where a line tells nothing of the kind. Pure; bounded by its words.
 */
export function limbBegun(tokens: readonly Token[]): string | undefined {
  if (tokens.length > LONGEST || tokens.length < 4) return undefined;
  const text = spoken(tokens);
  if (!DIVIDES.test(text)) return undefined;
  const name = LIMB.exec(text)?.[1];
  return name && name.charAt(0).toUpperCase() + name.slice(1);
}
