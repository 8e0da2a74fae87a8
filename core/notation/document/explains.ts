import type { Token } from "../tokens";

const LETTERS =
  /^(sc|dc|hdc|htr|tr|dtr|inc|dec|invdec|inv|sl|ss|slst|ch|chs|mr|mc|ml|amr|st|sts|rnd|rnds|rep|blo|flo|bl|fl|sk|tog|beg|yo|rs|ws|lp|sp|pm|fo|sc2tog|dc2tog)$/;
/** Words that letters are short for; each begins with the letter that its short form begins with. */
const NAME =
  /^(single|double|half|treble|triple|increase|decrease|slip|magic|adjustable|invisible|fasten|chain|stitch|stitches|round|rounds|repeat|back|front|skip|together|space|place|right|wrong|beginning|yarn)$/;
const SIGN = /^(=|:|-|--|\(|means?|is|for)$/;
const TELLS = /^(means?|says?)$/;
const ONE = /^(same|one|a|together|tog)$/;

/** A line of more is a text. */
const MOST_TOKENS = 200;
const FEWEST = 2;

/**
 * "SC – single crochet; INC – two SC in one stitch; MR – magic ring", "where it says inc, work two sc into the same
 * stitch": does a line without a label say what its words mean? Two entries do, or one that is told in words. It
 * works nothing, whatever stitches and numbers it names. Linear in the line.
 */
export function explains(tokens: readonly Token[]): boolean {
  if (tokens.length < 4 || tokens.length > MOST_TOKENS) return false;
  let entries = 0;
  for (let i = 0; i < tokens.length; i++) {
    const to = entryAt(tokens, i);
    if (to === undefined) continue;
    entries++;
    i = to;
  }
  const letters = (i: number) => LETTERS.test(tokens[i]?.text ?? "");
  const told = tokens.some((t, i) => TELLS.test(t.text) && (letters(i - 1) || letters(i + 1)));
  return entries >= FEWEST || told;
}

/** "sc = single crochet": one entry, and its sign is no other's. */
export const equates = (tokens: readonly Token[]): boolean =>
  tokens[1]?.text === "=" && entryAt(tokens, 0) !== undefined;

/** The end of an entry that begins at `i`: letters, a sign or none, and what they mean. */
function entryAt(tokens: readonly Token[], i: number): number | undefined {
  const short = tokens[i]?.text ?? "";
  if (!LETTERS.test(short)) return undefined;
  let at = i + 1;
  // "st(s)".
  if (tokens[at]?.text === "(" && tokens[at + 1]?.text === "s") at += 3;
  if (SIGN.test(tokens[at]?.text ?? "")) at++;
  if (tokens[at]?.text === "for") at++;
  const word = tokens[at]?.text ?? "";
  // "inc - repeat" is work: letters stand for a word that begins as they do.
  if (NAME.test(word) && word[0] === short[0] && word !== short) return at;
  // "inc: 2 sc in the same stitch", "dec two sc together".
  const worked = tokens[at]?.kind === "number" && LETTERS.test(tokens[at + 1]?.text ?? "");
  return worked && tokens.slice(at + 2, at + 6).some((t) => ONE.test(t.text)) ? at + 1 : undefined;
}
