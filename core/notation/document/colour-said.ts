import { readColourChange, readShade } from "../colours";
import type { Cursor } from "../cursor";
import { isRoundWord } from "../labels";

/** What a sentence without work tells of a colour: this part's, or that of something else. */
export type ColourSaid = { readonly slot: string } | "elsewhere";

/** The part itself, by whatever name. */
const OWN =
  /^(body|part|piece|pieces|whole|everything|all|it|this|these|main|rest|work|yarn|colour|color|edge|edging|border|brim|trim|chain|ring|circle|start|beginning|top|bottom|half|stripes?|section|base)$/;
const BE = /^(is|are|was|were)$/;
const LEAD = /^(i|we|you|used|use|using|with|have|take|choose|chose|mine|my|in)$/;
const MOST_WORDS = 14;

/**
 * "Use green for the eyes", "Black for the nose, white for the belly", "The body is green", "Use green
 * throughout": whose colour a sentence tells. `part`: the name of the part that it stands in. undefined where it
 * tells none in one of these ways. Pure; linear in the words.
 */
export function colourSaid(c: Cursor, part: string): ColourSaid | undefined {
  const { tokens } = c;
  if (tokens.length < 3 || tokens.length > MOST_WORDS || tokens.some((t) => t.kind === "number"))
    return undefined;
  const own = (words: readonly string[]) => {
    const names = namesOf(part);
    return words.some((w) => OWN.test(w) || names.has(w) || isRoundWord(w));
  };
  return c.attempt(() => {
    c.at = 0;
    // "The eyes are green", "The body is green."
    const be = tokens.findIndex((t) => BE.test(t.text));
    if (be > 0 && be <= 4) {
      const subject = tokens.slice(0, be).map((t) => t.text);
      c.at = be + 1;
      c.take("worked", "made", "crocheted", "all", "in");
      c.take("in");
      const shade = readShade(c);
      if (shade === undefined || !ends(c)) return undefined;
      return own(subject) ? { slot: shade } : "elsewhere";
    }
    while (LEAD.test(c.text()) && c.at < 3) c.at++;
    const shade = readShade(c);
    if (shade === undefined) return undefined;
    c.take("yarn", "thread", "wool", "cotton", "embroidery", "floss");
    c.take("thread", "floss");
    if (c.take("throughout") && ends(c)) return { slot: shade };
    if (!c.take("for")) return undefined;
    const rest = tokens.slice(c.at, tokens.findIndex((t, i) => i >= c.at && isStop(t.text)) + 1 || undefined);
    const words = rest.filter((t) => t.kind === "word").map((t) => t.text);
    if (words.length === 0 || words.length > 6) return undefined;
    return own(words) ? { slot: shade } : "elsewhere";
  });
}
const isStop = (text: string): boolean => /^[.,;!]$/.test(text) || text === "and";
const ends = (c: Cursor): boolean => c.done || (c.is(".", "!", ";") && c.kind(1) === "end");

/** Words that bring another colour in, wherever they stand in a sentence. */
const BRINGS = /^(join|attach|rejoin|change|switch|swap|continue|continuing|go|carry|use|using|pick)$/;
/** A sentence of these is about something that is put onto the part. */
const ONTO = /^(embroider|sew|sewing|eyes?|nose|mouth|whiskers?|cheeks?|glue|thread|tail|fringe|hair)$/;

/**
 * "Cut yarn and join white", "Drop the main colour, pick up white", "From now on use white": the colour that a
 * sentence without work brings in, the last of several. undefined for none. Pure; linear in the words.
 */
export function changeIn(c: Cursor): string | undefined {
  const { tokens } = c;
  if (tokens.length > MOST_WORDS || tokens.some((t) => ONTO.test(t.text))) return undefined;
  let slot: string | undefined;
  for (let i = 0; i < tokens.length; i++) {
    if (!BRINGS.test(tokens[i]?.text ?? "")) continue;
    c.at = i;
    const found = c.attempt(() => {
      if (c.take("pick", "carry", "go")) {
        if (!c.take("up", "on")) return undefined;
        c.take("with", "in");
        c.take("the");
        return readShade(c);
      }
      return readColourChange(c);
    });
    if (found !== undefined && !c.is("for") && ofYarn(c)) slot = found;
  }
  return slot ?? soleShade(c);
}

/** Behind these a shade is that of the yarn. */
const TELLS = /^(in|with|using|use|colou?r|yarn|wool|:|=)$/;
/** Words that stand between a name and its first round beside a colour, and are no thing of that colour. */
const BESIDE = /^(dk|aran|chunky|worsted|cotton|acrylic|wool|yarn|make|made|worked|hook|size)$/;

/**
 * "All in red", "(with red, 2.5 mm hook)", "Red, make 1": the one shade that a line between a name and its first
 * round tells of the yarn, whatever else stands there. undefined for none, for several, and for what will be put
 * onto the part. Pure; linear in the words.
 */
export function colourAbove(c: Cursor): string | undefined {
  const { tokens } = c;
  if (tokens.length > MOST_SOLE || tokens.some((t) => ONTO.test(t.text) || DOUBTS.test(t.text)))
    return undefined;
  const found = new Set<string>();
  let first = true;
  for (c.at = 0; !c.done;) {
    const from = c.at;
    const before = tokens[from - 1]?.text ?? "";
    const shade = readShade(c);
    if (shade === undefined) {
      if (c.kind() !== "mark") first = false;
      c.at = from + 1;
      continue;
    }
    if ((first || TELLS.test(before)) && (ofYarn(c) || BESIDE.test(c.text()))) found.add(shade);
    else return undefined;
    first = false;
  }
  const [only] = found;
  return found.size === 1 ? only : undefined;
}
/** "Using white, …", "in the grey yarn …": the shade that a sentence begins with; the cursor stands behind it. */
export const colourAhead = (c: Cursor): string | undefined =>
  c.attempt(() => {
    if (!c.take("with", "using", "in", "use")) return undefined;
    const shade = readShade(c);
    while (c.kind() === "word" && BEHIND.test(c.text())) c.at++;
    c.take(",", ":", ".", "and");
    return c.done ? undefined : shade;
  });
/** Sentences that choose and foresee tell no colour. */
const DOUBTS =
  /^(need|later|scraps?|any|choose|your|optional|instead|or|if|buy|should|will|can|isn't|not|don't|until|photo|picture|stuff|stuffing|filling|like|looks?|stripes?|between)$/;

/** What comes before a shade that is done with, or laid by. */
const AWAY = /^(drop|dropping|cut|cutting|fasten|break|leave|leaving|keep|save|trim|hide|weave|carry|off)$/;
/** These sentences choose, describe and foresee. */
const TALKS =
  /^(need|later|scraps?|bit|any|choose|your|mine|my|i|you|like|looks?|photo|picture|optional|instead|or|if|buy|should|will|can|is|are|was|were|not|don't|until|before|after|when|same|both|all|between|stripes?|filling|stuff|stuffing)$/;
/** What may stand behind the shade of a yarn; anything else is a white thing and no white yarn. */
const BEHIND =
  /^(yarn|thread|wool|cotton|from|here|again|now|in|at|with|and|on|through|throughout|as|to|by|for|again|next|only|then)$/;

/** "White from here", "Tie on white and cut the main colour": one shade, and nothing else that it could be. */
function soleShade(c: Cursor): string | undefined {
  const { tokens } = c;
  // "One round in white:" above the round.
  const counts = tokens.some((t, i) => t.kind === "number" && !isRoundWord(tokens[i + 1]?.text ?? ""));
  if (counts || tokens.length > MOST_SOLE || tokens.some((t) => TALKS.test(t.text))) return undefined;
  const found = new Set<string>();
  for (c.at = 0; !c.done;) {
    const from = c.at;
    const shade = readShade(c);
    if (shade === undefined) {
      c.at = from + 1;
      continue;
    }
    if (!ofYarn(c)) return undefined;
    if (!tokens.slice(Math.max(0, from - 3), from).some((t) => AWAY.test(t.text))) found.add(shade);
  }
  const [only] = found;
  return found.size === 1 ? only : undefined;
}
const MOST_SOLE = 12;
/** The shade that was read is a yarn's, and not that of a white thing. */
const ofYarn = (c: Cursor): boolean => c.done || c.kind() !== "word" || BEHIND.test(c.text());

/** Words of a part's name, as a sentence would have them: with and without the s of several. */
const namesOf = (name: string): ReadonlySet<string> =>
  new Set(
    name
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .filter((w) => w.length > 2)
      .flatMap((w) => [w, w.replace(/s$/, ""), `${w}s`]),
  );
