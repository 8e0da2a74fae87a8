import type { Token } from "../tokens";
import { SHADES } from "../words/shades";
import { makesIn } from "./makes";

/** A longer line says more than which part comes. */
const LONGEST = 22;
const MOST_MAKES = 7;
/** A name of more words is a sentence. */
const MOST_NAME = 4;

/** Where in the order of things: "So", "Okay, now", "Last but not least". */
const ORDER =
  /^(?:so|ok|okay|right|well|and|but|now|then|next|up|first|firstly|second|secondly|third|finally|lastly|last|least|not|of|all|after|that|here|hooray|yes)$/;
/** Who does it, and what she does: "let's start with", "we make", "time for", "moving on to". */
const DOING =
  /^(?:let's|lets|let|us|we|we'll|we're|i|i'll|i'm|you|you'll|will|can|need|to|going|gonna|ready|always|usually|start|starts|starting|begin|begins|beginning|continue|continuing|do|doing|make|makes|making|crochet|crocheting|work|working|move|moving|go|on|onto|time|for|with|by|off|come|comes|is|are|it's|how|instructions|instruction|directions|pattern|get|hook|here's|there's|we've)$/;
const BEGINS = /^(?:start|starts|starting|begin|begins|beginning)$/;
/** Behind the name: that it comes, and how it is. */
const TELLS = /^(?:is|are|was|were|comes|come|follows|follow|goes|go|gets|get|starts|start|begins|begin)$/;
/** Words of a sentence about a part that is named already. */
const OF_IT =
  /^(?:in|with|of|between|to|onto|embroidered|stitched|sewn|attached|left|stuffed|filled|closed|glued|placed|optional|about|cm|mm)$/;
const LAST = /^(?:now|next|then|first|too|also|today|please|time|already|yet|again)$/;
const ARTICLE = /^(?:the|your|our|my|his|her|its|a|an|some|both|these|those)$/;
/** "…, in one piece", "… all in one": of how it is worked. */
const IN_ONE =
  /(?:,| -| --| \()? ?(?:(?:all|both|worked|made) )*in (?:one|1)(?: piece| go)?(?: with the [a-z]+)? ?\)?/;
/** None of these names a part. */
const NO_NAME =
  /^(?:yarn|yarns|colou?rs?|hook|needle|stitch|stitches|sts?|rows?|rounds?|rnds?|loops?|ring|mr|mc|magic|circle|chains?|ch|filling|stuffing|sewing|assembly|assembling|photos?|pictures?|pattern|video|top|bottom|front|back|end|ends|same|following|rest|it|this|that|one|each|every|them|all|long|tail-end|left|right|side|work|knot|slip|loose|sc|dc|hdc|tr|inc|dec|counting|decreasing|increasing|decreases?|increases?|shaping|closing|materials?|step|steps|fun|part|piece|pieces|making|crocheting|next|first|second)$/;
/** A name that is sentences ahead of its colon is none: these tell what to do with it. */
const TALK =
  /^(?:use|uses|used|using|need|needs|until|when|because|if|so|than|not|don't|never|through|into|between|over|around)$/;

/**
 * The name in a line of talk that says which part comes: "So let's start with the body:", "The beak is super easy:",
 * "Last but not least: the scarf", "Head and body in one piece". undefined where a line says nothing of the kind, or
 * where it is the name already. What stands in brackets behind it, how many or which colour, stays with it.
 *
 * Pure; bounded by the words of a line.
 */
export function announced(tokens: readonly Token[]): readonly Token[] | undefined {
  if (tokens.length > LONGEST || tokens.length < 3) return undefined;
  return ledIn(tokens) ?? toldOf(tokens) ?? inOne(tokens);
}

/** "Now we make two ears": a number of them in front of their name. */
const isMany = (t: Token | undefined): boolean => t?.kind === "number" && t.value >= 2 && t.value <= MOST_OF;
const MOST_OF = 12;

/** "Start at the tip", "mine with the other": places, and no names. */
const PLACES = /^(?:at|in|from|by|on|near|to|with|of|mine|yours|for)$/;
const isName = (t: Token): boolean =>
  // "Work tightly" tells how.
  (t.kind === "word" &&
    !t.text.endsWith("ly") &&
    !PLACES.test(t.text) &&
    !NO_NAME.test(t.text) &&
    !TALK.test(t.text)) ||
  /^[&+]$/.test(t.text);

/** Words from `at` that may name a part, and where they end. */
function nameFrom(
  tokens: readonly Token[],
  at: number,
): { readonly from: number; readonly to: number } | undefined {
  let from = at;
  while (ARTICLE.test(tokens[from]?.text ?? "")) from++;
  const many = isMany(tokens[from]) ? 1 : 0;
  // "the first leg", "the left ear": a side is part of the name, and no name of its own.
  const sided = /^(?:first|second|third|left|right|other|front|back)$/.test(tokens[from]?.text ?? "");
  let to = from + (sided ? 1 : many);
  while (to < tokens.length && isName(tokens[to] as Token) && !TELLS.test(tokens[to]?.text ?? "")) to++;
  while (to > from + 1 && LAST.test(tokens[to - 1]?.text ?? "")) to--;
  const words = to - from - many;
  // "Begin with orange": a yarn.
  if (tokens.slice(from, to).every((t) => SHADES.has(t.text))) return undefined;
  return words > (sided ? 1 : 0) && words <= MOST_NAME ? { from, to } : undefined;
}

/** What stands behind a name: a sign, "now", and what is in brackets, with how many or which colour in it. */
function behind(tokens: readonly Token[], at: number): readonly Token[] | undefined {
  let to = at;
  while (LAST.test(tokens[to]?.text ?? "")) to++;
  const rest = tokens.slice(to);
  // "…, two of them:".
  if (makesIn(rest) && rest.length <= MOST_MAKES) return rest;
  // "…, it's just a tube:".
  const talks = rest.slice(1).every((t) => t.kind === "word" || /^[.:!,]$/.test(t.text));
  if (rest[0]?.text === "," && rest.length > 2 && talks && /^[.:!]$/.test(rest.at(-1)?.text ?? "")) return [];
  const open = rest.findIndex((t) => /^[([]$/.test(t.text));
  const signs = open < 0 ? rest : rest.slice(0, open);
  if (!signs.every((t) => /^[.:!;,-]+$/.test(t.text))) return undefined;
  return open < 0 ? [] : rest.slice(open);
}

/** "Now for the ears (make 2):", "First up: tail", "Let's do the fins next". */
function ledIn(tokens: readonly Token[]): readonly Token[] | undefined {
  let at = 0;
  let said = false;
  while (at < tokens.length - 1) {
    const t = tokens[at] as Token;
    const sign = at > 0 && /^[,:!-]+$/.test(t.text);
    if (!sign && !ORDER.test(t.text) && !DOING.test(t.text)) break;
    said ||= !sign;
    at++;
  }
  if (!said) return undefined;
  // "Last leg" is a name: talk has its sign, its verb or its article.
  const led = tokens.slice(0, at);
  const plain = led.every((t) => ORDER.test(t.text)) && !ARTICLE.test(tokens[at]?.text ?? "");
  if (plain) return undefined;
  // "Start with the muzzle (brown)" may be where a part begins; "Let's start with the body:" names one.
  const colon = tokens.at(-1)?.text === ":" || led.some((t) => t.text === ":");
  if (!colon && led.some((t) => BEGINS.test(t.text))) return undefined;
  const name = nameFrom(tokens, at);
  const rest = name && behind(tokens, name.to);
  return name && rest && [...tokens.slice(name.from, name.to), ...rest];
}

/** "The beak is super easy:", "The tail comes next", "The body is worked from the bottom up." */
function toldOf(tokens: readonly Token[]): readonly Token[] | undefined {
  if (!ARTICLE.test(tokens[0]?.text ?? "")) return undefined;
  const name = nameFrom(tokens, 0);
  if (!name || !TELLS.test(tokens[name.to]?.text ?? "")) return undefined;
  const told = tokens.slice(name.to + 1);
  // "The body is green", "The nose is embroidered in pink" tell of it, and begin nothing.
  const plain = told.every(
    (t) => (t.kind === "word" && !OF_IT.test(t.text) && !SHADES.has(t.text)) || /^[.:!,]$/.test(t.text),
  );
  return plain && told.length > 0 ? tokens.slice(name.from, name.to) : undefined;
}

/** "Head + body, all in one piece", "Body in one piece with the head". */
function inOne(tokens: readonly Token[]): readonly Token[] | undefined {
  const text = tokens.map((t) => t.text).join(" ");
  const found = IN_ONE.exec(text);
  if (!found || found.index === 0) return undefined;
  const words = (s: string) => s.split(" ").filter((w) => w !== "").length;
  const from = words(text.slice(0, found.index));
  const to = words(text.slice(0, found.index + found[0].length));
  const name = tokens.slice(0, from);
  if (name.length > MOST_NAME || !name.every((t) => isName(t) || t.text === "and")) return undefined;
  return [...name, ...(behind(tokens, to) ?? [])];
}
