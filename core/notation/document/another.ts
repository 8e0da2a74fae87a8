import { spoken, type Token } from "../tokens";
import { SHADES } from "../words/shades";

/** A sentence that has another piece made as the one before it. */
export interface Another {
  /** What it calls the piece, in small letters: "leg", "bump"; undefined for "one". */
  readonly noun: string | undefined;
  /** It says which rounds make the piece. */
  readonly rounds: { readonly first: number; readonly last: number } | undefined;
}

/** A longer sentence says more than that. */
const LONGEST = 30;
const LONGEST_NAME = 5;
/** "Attach the yarn to the body again and …". */
const DONE = "(?:(?:[a-z]+ ){1,12}(?:and|then|,) )?";
const LEAD = `^${DONE}(?:(?:now|then|next|and|finally) ,? ?)*`;
const WHICH = "(?:the |a |an |1 |your )?(?:second|2nd|other|another|third|3rd|more|right|left)";
const MAKE = "(?:make|work|crochet|do|repeat|complete)";
const OTHERS = new Set("second 2nd other another third 3rd more right left".split(" "));
/** What is done with the yarn before it; no stitches of its own. */
const MIDDLE = "(?:(?!(?:sc|dc|hdc|tr|inc|dec|ch|x) )[a-z0-9]+ |, ){0,12}";
const SIGN = "(?:[:,;-]|--)";
const RANGE = String.raw`(?:rounds?|rnds?|rows?|r) ?(\d+) (?:-|--|to|through|and) (?:r )?(\d+)`;
/** What may stand between the verb and the piece. */
const FILLER = String.raw`(?:(?:the|same|for|again|to|make|this|all|of|thing|exactly|in|steps?|everything|way|process) |${RANGE} )*`;
const LIKE = "(?:(?:identical|matching|similar|same|,) )*";
/** What may stand behind the piece: an end, or how it is made. */
const BEHIND = String.raw`(?= ?$| ?[.,;:!(]| -| (?:but|leaving|leave|without|do|don't|keep|keeping|this time|(?:over|on|with|across|in) (?:the )?(?:other|remaining|rest|unworked|free|skipped)|as|like|just|again|only|too|also|identical|exactly|similarly|to match|(?:in )?(?:exactly )?(?:the|this) same|(?:in )?(?:the )?same|in this way|and (?:leave|keep|do|don't)))`;
const ALIKE = String.raw`(?:(?:in )?(?:exactly )?(?:the )?(?:same|identical|ditto|likewise)(?! (?:hook|size))|(?:just |exactly )?(?:as|like) (?:the |for )*(?:first|1st|other|previous|before|above|[a-z]+ 1)\b|(?:repeat )?${RANGE})`;

/** Ways to say it, over the words of a sentence with a space between each. */
const WAYS: readonly RegExp[] = [
  // "Make a second leg the same way", "repeat for the other ear", "repeat R1-3 to make the second leg".
  new RegExp(`${LEAD}${MAKE} ${FILLER}${WHICH} ${LIKE}(?<noun>[a-z]+)${BEHIND}`),
  // "Cut the yarn, make another the same and leave it on the hook".
  new RegExp(
    `${LEAD}${MAKE} (?:another|a second|one more)(?: one)? (?:exactly )?(?:the same|like (?:this|it|that)|alike)${BEHIND}`,
  ),
  // "Second leg the same", "the other wing is made just like the first", "second leg: rounds 1-3 as before".
  new RegExp(
    `${LEAD}${WHICH} (?<noun>[a-z]+) (?:(?:is|are) )?(?:(?:made|worked|crocheted|done) )?(?:${SIGN} )*(?:(?:${MAKE}|just|also|again|exactly) )*${ALIKE}`,
  ),
  // "For the other leg do the same", "Leg 2: join the yarn and work the remaining 9 sts the same".
  new RegExp(`${LEAD}for ${WHICH} (?<noun>[a-z]+) ,? ?(?:${MAKE} )?(?:it |this )?${ALIKE}`),
  new RegExp(
    `${LEAD}(?:${WHICH} (?<noun>[a-z]+)|(?<named>[a-z]+) 2) (?:${SIGN} )*${MIDDLE}(?:the same|likewise|in the same way|(?:as|like) (?:[a-z]+ 1|the first)\\b)`,
  ),
  // "Leg 2: work as leg 1".
  new RegExp(`${LEAD}(?<noun>[a-z]+) 2 (?:${SIGN} )*(?:(?:${MAKE}|just|exactly) )*${ALIKE}`),
];
/** "Repeat on the other 9 sts", "do the same over the remaining stitches", of a piece that was divided. */
const SHARE = new RegExp(
  `${LEAD}(?:${MAKE} )?(?:(?:the|this|same|likewise|again) )*(?:on|over|for|with|in|across) (?:the )?(?:other|remaining|rest|second|unworked|skipped|free)(?: of the)?(?: half| side| \\d+)*(?: (?:sts?|stitches|half|side))?(?= ?$| ?[.,;])`,
);
const SPAN = new RegExp(RANGE);
const NAME = new RegExp(`^(?:${WHICH} (?<noun>[a-z]+)|(?<named>[a-z]+) 2) ?:?$`);
/** Words behind "other" and "second" that are no piece. */
const NO_PIECE =
  /^(the|exactly|rounds?|rnds?|rows?|sides?|sts?|stitch|stitches|times?|loops?|colou?rs?|yarns?|chains?|chs?|ends?|sc|dc|hdc|tr|inc|dec|way|half|layers?|eyes?|version|set|increase|decrease|ring|magic|mr)$/;

/**
 * Does this sentence have another piece made as the one before it: "Make a second leg, but do not fasten
 * off", "Second bump the same"? In other colours it is a piece of its own. Pure; bounded by its words.
 */
export function anotherPiece(tokens: readonly Token[]): Another | undefined {
  // Nearly every line names no other piece, and is told at a glance.
  if (tokens.length > LONGEST || !tokens.some((t) => OTHERS.has(t.text) || t.value === 2)) return undefined;
  if (tokens.some((t) => SHADES.has(t.text))) return undefined;
  const text = spoken(tokens);
  for (const way of WAYS) {
    const said = way.exec(text);
    const noun = said?.groups?.noun ?? said?.groups?.named ?? "";
    if (!said || NO_PIECE.test(noun)) continue;
    const span = SPAN.exec(text);
    return {
      noun: noun === "one" || noun === "" ? undefined : noun,
      rounds: span ? { first: Number(span[1]), last: Number(span[2]) } : undefined,
    };
  }
  return undefined;
}

/** Has a sentence the rest of a divided piece worked as the limb above was: "Repeat on the other 9 sts"? */
export const worksOtherShare = (tokens: readonly Token[]): boolean =>
  tokens.length <= LONGEST && SHARE.test(spoken(tokens));

/** "Second leg", "Leg 2": a name that says it is another of the one before, and no more. */
export function namesAnother(tokens: readonly Token[]): boolean {
  if (tokens.length > LONGEST_NAME) return false;
  const text = spoken(tokens);
  const said = NAME.exec(text);
  const noun = said?.groups?.noun ?? said?.groups?.named;
  return noun !== undefined && !NO_PIECE.test(noun);
}

/** Is the piece that is called so one of the part with this name: another "bump" of "First bump"? */
export function isOneOf(noun: string | undefined, name: string): boolean {
  if (noun === undefined) return true;
  const stem = (word: string) => word.replace(/s$/, "");
  return name
    .toLowerCase()
    .split(/[^a-z]+/)
    .some((word) => word !== "" && stem(word) === stem(noun));
}

/** "First leg" → "Second leg", "Leg 1" → "Leg 2", "Ear" → "Ear 2". */
export function nameOfNext(name: string): string {
  const ordinals: readonly [RegExp, string][] = [
    [/\bfirst\b/, "second"],
    [/\bFirst\b/, "Second"],
    [/\bFIRST\b/, "SECOND"],
    [/\b1st\b/i, "2nd"],
    [/\b1$/, "2"],
  ];
  const found = ordinals.find(([from]) => from.test(name));
  return found ? name.replace(found[0], found[1]) : `${name} 2`;
}

/** The first sentences of a line. */
export function sentencesOf(tokens: readonly Token[]): readonly (readonly Token[])[] {
  const out: (readonly Token[])[] = [];
  for (let from = 0; out.length < MOST_SENTENCES && from < tokens.length;) {
    const stop = tokens.findIndex((t, i) => i >= from && /^[.;]$/.test(t.text));
    const end = stop < 0 ? tokens.length : stop;
    out.push(tokens.slice(from, end));
    from = end + 1;
  }
  return out;
}

/** The sentence of a line that has another piece made: where it begins, and where the next does. */
export function anotherIn(
  tokens: readonly Token[],
): { readonly another: Another; readonly from: number; readonly to: number } | undefined {
  let from = 0;
  for (let n = 0; n < MOST_SENTENCES && from < tokens.length; n++) {
    const stop = tokens.findIndex((t, i) => i >= from && /^[.;]$/.test(t.text));
    const end = stop < 0 ? tokens.length : stop;
    const another = anotherPiece(tokens.slice(from, end));
    if (another) return { another, from, to: Math.min(end + 1, tokens.length) };
    from = end + 1;
  }
  return undefined;
}
const MOST_SENTENCES = 4;

/** "12 sc around the second leg", "join the halves": more than one piece is worked in. */
export const worksPieces = (tokens: readonly Token[]): boolean =>
  tokens.some((t) => /^(both|second|2nd|other|first|1st|legs?|join|joining|pieces|halves)$/.test(t.text));
