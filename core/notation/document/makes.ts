import { MAX_MAKE } from "../limits";
import type { Token } from "../tokens";
import { SHADES } from "../words/shades";

/** How many pieces, found among the words of a heading. */
export interface Makes {
  readonly n: number;
  /** Half-open range of the tokens that say it. */
  readonly from: number;
  readonly to: number;
}

/** A number, and what a pair is said with. */
const N = String.raw`(\d{1,2})`;
const SIDE = "(?:left|right)";
const ALSO = String.raw`(?:and|&|\+|\/|,)`;
/** What a number in a heading may measure or count besides pieces. */
const MEASURE =
  "(?:rounds?|rnds?|rds?|rows?|mm|cm|g|grams?|inch|inches|strands?|parts?|colou?rs?|yarns?|sts?|stitches|sides?|versions?|sizes?|layers?|ply|hours?|minutes?)\\b";
/** Several things, by the end of their name. */
const SEVERAL = "(?:[^s]s|feet|teeth|geese)";
/** Where a statement begins and ends: at a sign or at an end. */
const OPEN = String.raw`(?<=^|[-,;:/|~=(\[<*.] )`;
const SHUT = String.raw`(?= ?$| [-,;:/|~=()[\]>*.])`;

/**
 * Ways to say how many, over the words of a line with a space between each; a way without a number means a
 * pair.
 */
const WAYS: readonly RegExp[] = [
  new RegExp(
    String.raw`\b(?:you(?:'ll| will)? )?(?:make|work|crochet|need|knit|do) [:-]? ?${N}\b(?! (?:more |further |plain |even )?(?:rounds?|rnds?|rds?|rows?|sts?|stitches|sc|hdc|dc|inc|dec)\b)(?: (?:times|the same|alike|identical|of (?:these|those|them)|altogether))?`,
  ),
  new RegExp(String.raw`\b(?:qty|quantity|count|pieces|pcs) [:.=]? ?${N}${SHUT}`),
  new RegExp(
    String.raw`${OPEN}${N} (?:of (?:these|those|them)|of|off|pcs?|pieces?|details?|identical|(?:the same|alike)${SHUT}|copies|x|needed|required)`,
  ),
  new RegExp(String.raw`(?<=^| )(?:x|\*|=) ${N}${SHUT}`),
  new RegExp(String.raw`\b${N} x${SHUT}`),
  // "Wings x2 white:".
  new RegExp(String.raw`(?<=^| )x ${N}(?= (?:in )?(?:${[...SHADES.keys()].join("|")})${SHUT})`),
  // "Ears (2 grey)", "2 ears, grey": things and no measure.
  new RegExp(String.raw`(?<=[([] )${N}(?= (?!${MEASURE})[a-z]{2,}(?: [a-z]+)? [)\]])`),
  // "Front and back (2 squares, brown)".
  new RegExp(String.raw`(?<=[([] )${N}(?= (?!${MEASURE})[a-z]+[^s\W]s ,)`),
  new RegExp(String.raw`^${N}(?= (?!${MEASURE})(?:[a-z]+ )?[a-z]+[^s\W]s\b)`),
  // "Ears – 2", "Ears: 2": only several things are counted so.
  new RegExp(String.raw`(?<=${SEVERAL} [-:=,|(\[/]+ )${N}${SHUT}`),
  // "Bread – 2 panels, cream".
  new RegExp(String.raw`(?<=[a-z] [-:|/,]+ )${N}(?= (?!${MEASURE})[a-z]+[^s\W]s${SHUT})`),
  // "Wings, 4 in white:".
  new RegExp(String.raw`(?<=${SEVERAL} [-:,] )${N}(?= (?:in|with) (?!${MEASURE})[a-z]+(?: [a-z]+)?${SHUT})`),
  // "Ears. In cream, two."
  new RegExp(String.raw`(?<=[a-z] [,;] )${N}(?= ?[.]? ?$)`),
  // "Leaf – green – 3": behind the name and its shade.
  new RegExp(
    String.raw`(?<=[a-z] [-:,|/]+ (?:(?:light|dark|pale) )?(?:${[...SHADES.keys()].join("|")}) [-:,|/]+ )${N}(?= ?[.:]? ?$)`,
  ),
  // "Feet. Orange yarn. Two.": a sentence of its own, behind another; "Bear no. 5" is a name.
  new RegExp(String.raw`(?<= [.] [a-z ]*[a-z]{3,} [.] )${N}(?= ?[.]? ?$)`),
  new RegExp(String.raw`\b1 ${SIDE} ,? ?${ALSO}? ?1 ${SIDE}\b`),
  new RegExp(String.raw`\b${SIDE} (?:[a-z]+ )?${ALSO} (?:the )?${SIDE}\b`),
  new RegExp(String.raw`(?<=[a-z] )1 (?:and|&|\+|\/) (?:[a-z]+ )?2${SHUT}`),
  new RegExp(String.raw`\b(?:1st|first) (?:and|&|\+|\/) (?:2nd|second)\b`),
  new RegExp(String.raw`\b1 ,? ?(?:and )?then (?:another|a second|the other)\b`),
  new RegExp(String.raw`${OPEN}(?:a |1 |an )?(?:identical |matching )?pair(?: of)?\b`),
  new RegExp(String.raw`${OPEN}both\b(?! (?:loops?|sides?|layers?|strands?|yarns?|colou?rs?)\b)`),
  new RegExp(String.raw`\btwice${SHUT}`),
  new RegExp(String.raw`\b1 (?:for |on )?each (?:side|ear|arm|leg)\b`),
  new RegExp(String.raw`\brepeat (?:for|to make) (?:the |a )?(?:2nd|second|other)\b`),
];

/** "1 long, 1 short", "two in green and one in blue": each kind with its number. */
const KINDS = new RegExp(
  String.raw`(?<=^| )(?:make |work |crochet |need )?\d{1,2} (?:in |with )?[a-z]{3,}(?: (?:[,/&+]|and|, and) \d{1,2} (?:in |with )?[a-z]{3,})+${SHUT}`,
);
const KIND = /(\d{1,2}) (?:in |with )?([a-z]{3,})/g;
const SIZED = new Set(
  "left right long short big small large little tall wide narrow plain striped".split(" "),
);

/** "one each in coral, mint and navy", "make one in each: coral, mint, navy": as many as there are colours. */
const EACH =
  /\b1 (?:(?:in|of|with) )?each (?:colou?r )?(?:(?:in|of|:|,|-|\() )?([a-z]{3,}(?: (?:,|and|, and|&|\/) [a-z]{3,})+)/;
const LISTED = / (?:, and|and|,|&|\/) /;

/** One of these stands in each way that needs no number. */
const COUNTING = new Set("left right first 1st second 2nd then pair both twice".split(" "));

/** The first statement of how many there are to be, anywhere in a heading. Pure; bounded by its words. */
export function makesIn(tokens: readonly Token[]): Makes | undefined {
  // Most lines count nothing: they are told without a look at each way.
  const ones = tokens.some((t) => t.text === "one") && tokens.some((t) => t.text === "each");
  if (!ones && !tokens.some((t) => t.kind === "number" || COUNTING.has(t.text))) return undefined;
  const starts: number[] = [];
  let text = "";
  for (const t of tokens) {
    starts.push(text.length);
    text += `${t.kind === "number" ? String(t.value) : t.text === "one" ? "1" : t.text} `;
  }
  const found = (n: number, m: RegExpExecArray): Makes | undefined => {
    if (n < 2 || n > MAX_MAKE) return undefined;
    const end = m.index + m[0].trimEnd().length;
    const from = starts.findIndex((s) => s >= m.index);
    const to = starts.findIndex((s) => s >= end);
    return { n, from, to: to < 0 ? tokens.length : to };
  };
  const kinds = KINDS.exec(text);
  const each = kinds ? [...kinds[0].matchAll(KIND)] : [];
  const sum = each.reduce((n, [, of]) => n + Number(of), 0);
  const told = each.every(([, , kind = ""]) => SIZED.has(kind) || SHADES.has(kind));
  const summed = kinds && told ? found(sum, kinds) : undefined;
  if (summed) return summed;
  const listed = EACH.exec(text);
  const shades = listed?.[1]?.split(LISTED) ?? [];
  const inEach = listed && shades.every((x) => SHADES.has(x)) ? found(shades.length, listed) : undefined;
  if (inEach) return inEach;
  for (const way of WAYS) {
    const m = way.exec(text);
    const makes = m ? found(m[1] === undefined ? 2 : Number(m[1]), m) : undefined;
    if (makes) return makes;
  }
  return undefined;
}
