import type { Terms } from "./stitches";

export interface TermsReading {
  readonly terms: Terms;
  /** Why, in words a maker can check. */
  readonly reason: string;
}

/**
 * The height of a chain tells which "dc" is meant: three chains stand for the tall one, one for the short
 * (Craft Yarn Council, turning chains, from memory).
 */
const THREE_CHAINS =
  /\b(?:ch|chain) ?3\b[^\n]{0,24}\b(?:counts?|stands|standing|acts) (?:as|for)[^\n]{0,16}\b(?:dc|double)|\bdc in (?:the )?4th (?:ch|chain)|\b[fb]pdc\b/;
/** "Rnd 2: ch 3, dc in same st": a round of them is begun with three. */
const BEGINS_WITH_THREE =
  /(?:^|\n)\W{0,3}(?:rnd|round|row|rd|r)s?\.? ?\d+[ :.)\]-]{1,4}(?:ch|chain) ?3,? (?:\d+ ?)?dc\b/;
/**
 * About twelve of the tall stitch close a ring that lies flat, six to eight of the short one (common
 * practice, no source).
 */
const TALL_RING = /\b1[0-6] ?dcs? (?:in(?:to|side)?|to)\b[^\n,]{0,12}\b(?:mr|mc|ring|circle|loop)\b/;
/** "dc (UK) / sc (US)", "dc means single crochet for US readers". */
const DC_IS_SC = /\bdc ?(?:means|=|is)(?: an?| the| us)* (?:sc|single)\b|\bdc \(uk\)/;
/** "(2 SC, inc)", "SC in each of next 3 sts, dec": the stitch that stands between increases or decreases. */
const between = (stitch: string) => {
  const place = "(?: \\d+| in [a-z ]{0,16}(?:\\d+(?: ?(?:sts?|stitch(?:es)?))?|sts?|stitch(?:es)?))";
  const separator = "(?: ?[,;+] ?| followed by | then | and )";
  const shaping = "(?:(?:1|an?) )?(?:inv(?:isible)? ?)?(?:inc|dec|\\w*\\dtog|(?:sc|dc) (?:inc|dec))";
  return new RegExp(`\\b${stitch}(?:${place}?${separator}|${place} )${shaping}`, "g");
};
const BETWEEN_DC = between("dc");
const BETWEEN_SC = between("(?:sc|hdc)");

/**
 * US or UK terms, as stated or as the words show. `plain` is regular (lower-case) text. Only words
 * that exist in one of the two count: "dc" alone exists in both, but a small round figure worked in
 * "dc" without a single "sc" is UK (common practice, no source). `otherwise` is taken when nothing decides:
 * the maker's own terms.
 */
export function recogniseTerms(plain: string, otherwise: Terms = "us"): TermsReading {
  if (
    /\b(uk|british|english)\s+(crochet\s+)?(terms?|terminology|abbreviations?|notation)\b|\b(terms?|terminology)\s*[:(-]?\s*uk\b/.test(
      plain,
    )
  )
    return { terms: "uk", reason: "the text says UK terms" };
  if (
    /\b(us|usa|american)\s+(crochet\s+)?(terms?|terminology|abbreviations?|notation)\b|\b(terms?|terminology)\s*[:(-]?\s*us\b/.test(
      plain,
    )
  )
    return { terms: "us", reason: "the text says US terms" };
  if (DC_IS_SC.test(plain)) return { terms: "uk", reason: "the text says that its “dc” is the US “sc”" };
  const count = (re: RegExp) => (plain.match(re) ?? []).length;
  const us = count(/(?<![a-z])(sc|scs|sc\d+tog|hdc|hdcs|single crochets?|half double crochets?)(?![a-z])/g);
  const tall = THREE_CHAINS.test(plain) || BEGINS_WITH_THREE.test(plain);
  if (us > 0 && !tall && !TALL_RING.test(plain) && count(BETWEEN_DC) > 1 && count(BETWEEN_SC) === 0)
    return { terms: "uk", reason: "“dc” stands between the increases and decreases, and “sc” never does" };
  if (us > 0) return { terms: "us", reason: "“sc” or “hdc” is only used in US terms" };
  if (tall) return { terms: "us", reason: "three chains stand for one “dc”, so it is the tall US stitch" };
  const uk = count(/(?<![a-z])(htr|dtr|ss|miss|half trebles?|htr\d+tog)(?![a-z])/g);
  const dc = count(/(?<![a-z])(dc|dcs|dc\d+tog|double crochets?)(?![a-z])/g);
  if (uk > 0 && dc > 0) return { terms: "uk", reason: "“dc” together with words that only UK terms use" };
  if (dc >= 2) return { terms: "uk", reason: "everything is worked in “dc” and never in “sc”" };
  return {
    terms: otherwise,
    reason:
      dc > 0
        ? `“dc” could be either, so it is read as your own ${otherwise.toUpperCase()} terms`
        : "nothing in it differs between US and UK terms",
  };
}
