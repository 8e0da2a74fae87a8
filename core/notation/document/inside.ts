import type { Cursor } from "../cursor";
import { isRoundWord } from "../labels";
import type { Token } from "../tokens";
import { labelReadings } from "./label";

/** Words of what is said in front of a label on its line. */
const MOST_IN_FRONT = 16;
/** Words of the work behind it that are looked at. */
const MOST_BEHIND = 16;
/** Lead a label in: "… and in round 4", "… and work round 4". */
const LEADS = /^(in|for|on|work|crochet|do)$/;
/** Part what is done from the round that follows. */
const PARTS = /^(,|;|:|-|--|then|and|now|!)$/;
/** Rounds that are only spoken of: as they were, again, or a place. */
const SPOKEN_OF =
  /^(as|rep|repeat|repeats|repeating|same|like|than|of|see|skip|omit|ignore|between|until|till|every|each|if|when|whether)$/;

/**
 * "Stuff, then in round 4 decrease six times", "Switch to red and work rnd 4: …": does a label begin at token `i`
 * behind something else that its line says? What stands in front holds no stitches, what stands behind does, and a
 * word or a sign parts them. A bounded look.
 *
 * @param works whether numbers of stitches, or their names, stand among some words
 */
export function labelInside(
  tokens: readonly Token[],
  i: number,
  works: (tokens: readonly Token[]) => boolean,
  cursor: (tokens: readonly Token[]) => Cursor,
): boolean {
  const at = LEADS.test(tokens[i]?.text ?? "") ? i + 1 : i;
  if (!namesRound(tokens, tokens[at]?.text === "the" ? at + 1 : at)) return false;
  // A sentence that is longer is not gone through: a line may have many thousands of words.
  let from = i;
  while (from > 0 && i - from <= MOST_IN_FRONT && !/^[.;!]$/.test(tokens[from - 1]?.text ?? "")) from--;
  const front = tokens.slice(from, i);
  if (front.length > MOST_IN_FRONT || !front.some((t) => t.kind === "word" && !PARTS.test(t.text)))
    return false;
  if (front.some((t) => SPOKEN_OF.test(t.text) || isRoundWord(t.text)) || works(front)) return false;
  const before = tokens[i - 1];
  // "1 - rnd 4", "3, rnd 4": numbers of a range or a list.
  if (/^(number|ordinal)$/.test(tokens[i - 2]?.kind ?? "") && before?.kind === "mark") return false;
  const c = cursor(tokens);
  c.at = i;
  return labelReadings(c, false).some((r) => {
    const closed = r.style.endsWith(":");
    // "Fill firmly before round 4: …": it has a sign of its own, and is a label wherever it stands.
    if (!PARTS.test(before?.text ?? "") && !(closed && before?.text === "before")) return false;
    const rest = tokens.slice(r.to, r.to + MOST_BEHIND);
    const stop = rest.findIndex((t) => /^[.;]$/.test(t.text));
    return rest.length > 0 && !ON.test(rest[0]?.text ?? "") && works(stop < 0 ? rest : rest.slice(0, stop));
  });
}

/** Goes on a sentence about the round instead of working it. */
const ON =
  /^(st|sts|stitches|is|are|was|will|should|and|or|of|to|with|between|sew|attach|embroider|insert|place|put)$/;

const namesRound = (tokens: readonly Token[], at: number): boolean =>
  isRoundWord(tokens[at]?.text ?? "")
    ? tokens[at + 1]?.kind === "number"
    : tokens[at]?.kind === "ordinal" && isRoundWord(tokens[at + 1]?.text ?? "");
