import { spoken, type Token } from "../tokens";

/** Of a longer text the first words tell. */
const LONGEST = 60;
/** What is done or told beside the stitches: it speaks of a piece without working it. */
const BESIDE =
  /\b(?:fasten|cut|break|keep|leave|leaving|mark|repeat|rep|same|make|stop|aside|not|don't|worked like|place|sew|stuff)\b/;
const INTO = "(?:around|round|on|onto|of|in|into|along|over|across|from|to|with)";

/**
 * Does a round work all pieces of a part that is made twice: "sc 9 around leg 1, sc 9 around leg 2", "9 sc on the first
 * leg, 9 sc on the second", "sc around both legs"? From there on it is one piece. A piece that is only spoken of ("fasten
 * off the first leg", "mark the second ear") is not worked, and two layers, sides or edges are of one piece.
 * Pure; bounded by its words.
 *
 * @param name the part's: "Legs (make 2)"
 */
export function joinsBoth(tokens: readonly Token[], name: string): boolean {
  const clauses = spoken(tokens.slice(0, LONGEST)).split(/ ?[.,;!-]+ /);
  const said = clauses.filter((clause) => !BESIDE.test(clause)).join(" , ");
  const stem = stemOf(name);
  if (stem === "") return false;
  const noun = `(?:${stem}|leg|limb|piece|half|foot)`;
  // "12 sc on second (24)": the piece may be left out.
  const END = `(?: ${noun}\\b| ?,| ?[([=]| ?$)`;
  const where = (piece: string) =>
    new RegExp(
      `\\b${INTO} (?:(?:the|each|st|sts|stitch|stitches|of|all|in) )*${piece}|[([] ?${piece}|(?:^|, )${piece} ?:`,
    ).exec(said)?.index;
  if (where(`(?:both|two|2) (?:of the )?(?:${noun}s?|halves|feet)\\b`) !== undefined) return true;
  const one = where(`(?:${noun} (?:1|one|a)\\b|(?:first|1st|1)${END})`);
  const two = where(`(?:${noun} (?:2|two|b)\\b|(?:second|2nd|2|other)${END})`);
  if (two === undefined) return false;
  // "Sc 9, then sc 9 around the other leg": what is on the hook has no name, but its stitches stand before.
  return one !== undefined || /\d.*,.*\d/.test(said.slice(0, two));
}

const stemOf = (name: string): string =>
  (
    name
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .findLast((w) => w.length > 2) ?? ""
  ).replace(/s$/, "");

/** What two legs become, by what was said since: "go on to the body". */
export const nameOfJoined = (between: string, name: string): string =>
  /\bbody\b/i.test(between) ? "Body" : `${name}, joined`;
