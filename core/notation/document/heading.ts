import { readColourChange, readShade } from "../colours";
import { Cursor } from "../cursor";
import { startsEvent } from "../events";
import { isRoundWord } from "../labels";
import { MAX_MAKE } from "../limits";
import type { Terms } from "../stitches";
import type { Token } from "../tokens";
import { readStitch } from "../vocabulary";
import { NAME } from "./costs";
import { makesIn } from "./makes";
import { saidSame } from "./same";
import type { Unit } from "./units";

/** A line read as the name of a part, with what it says beside the name. */
export interface HeadingReading {
  readonly name: string;
  readonly make: number;
  readonly slot: string | undefined;
  /** Where the name begins. */
  readonly from: number;
  /** Work or set-up on the same line, behind the name. */
  readonly rest: readonly Token[];
  readonly cost: number;
  /** A list or a chapter, not a part: "Materials", "Assembly". */
  readonly section: "list" | "sewing" | "talk" | undefined;
}

/** Words that head lists and chapters. */
const LIST =
  /^(materials?|abbreviations?|abbrev|abbrevs|abbr|abbrs|supplies|tools|gauge|tension|hooks?|yarns?|legend|key|sizes?|finished|terms|equipment|needed|need|requirements|glossary|stitches|colou?rs?|what|skills?|level|difficulty|takes|uses|time|measurements?|dimensions?)$/;
/** "Sport-weight cotton in 3 colours"; a "chunky robin" is a name. */
const YARN_CLASS = /^(sport|worsted|aran|fingering|chunky|bulky)$/;
const YARN = /^(weight|yarn|wool|cotton|acrylic|hook|mm)$/;
const CHAPTER =
  /^(notes?|tips?|important|optional|instructions?|description|pattern|special|copyright|general|before|techniques?|about|introduction|pattern|you|this|these|if|when|for|please|note|how|variations?|hints?|remember|reminder|result|check|count|explanations?|pages?|pg|pto|continued|cont|www|https?|br|nbsp)$/;
const SEWING =
  /^(assembly|assembling|assemble|finishing|finish|making|sewing|joining|putting|together|embroidery|details?)$/;
/** Sentences, not names: a name hardly ever begins with these. */
const SENTENCE =
  /^(finally|lastly|afterwards|next|let|let's|now|do|don't|change|changing|join|carry|carrying|drop|pick|cut|pop|continue|hold|holding|fold|flatten|turn|wrap|then|next|leave|leaving|start|starts|begin|begins|made|insert|move|pull|keep|weave|hide|switch|attach|sew|stuff|fasten|break|close|slip|knot|glue|trim|thread|embroider|blush|cover|go|stop|see|be|we|it|there|follow|place|remove|count|check|mark|finish|add|rejoin|not|in|on|at|from|after|before|until|only|still|press|secure|as|does|did|is|are|here|your|my|with|using|use|work|worked|crochet|repeat|rep|make|fill|put|wind|wool|yarn|colour|color|fo|photo|photos|picture|pictures|pic|image|figure|fig|see|safety|dk|polyester|scissors|stuffing|filling|fibre|all|approx|uk|us|same)$/;
const MAKE = /^(make|makes|work|crochet|cut|need|knit)$/;
const PIECES =
  /^(x|times|of|off|pieces?|pcs?|details?|alike|identical|the|same|total|halves|in|all|them|each|more|parts?|needed|altogether)$/;
/** Words over the columns of a table. */
const COLUMN =
  /^(round|rnd|row|work|instructions?|sts?|stitches|count|counts|total|totals|pattern|notes?|colou?r|no|number|what|how|many|done)$/;
const LEAD = /^(step|stage|section|chapter|part|piece)$/;
const DESCRIBES =
  /^(worked|starting|start|starts|begin|begins|beginning|from|made|with|using|in|approx|about|optional|see)$/;

/**
 * "make 2", "x2", "2x", "2 pieces", "2 in all", "(2)": how many pieces, at the cursor. `alone`: a number by
 * itself is enough.
 */
export function readMake(c: Cursor, alone: boolean): number | undefined {
  return c.attempt(() => {
    const said = MAKE.test(c.text()) && (c.at++, true);
    if (said) c.take(":", "-");
    // "Wings, twice", "Ears (a pair)".
    if (c.is("a") && c.text(1) === "pair") c.at++;
    if (c.is("twice", "pair") && (said || alone || c.at > 0)) {
      c.at++;
      return c.done || c.kind() === "mark" || c.is("in", "with") ? 2 : undefined;
    }
    const cross = c.take("x", "*");
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !Number.isInteger(n) || n < 1) return undefined;
    if (!said && n > MAX_MAKE) return undefined;
    if (
      !said &&
      !cross &&
      !(alone && (c.done || (c.is(":") && (c.kind(1) === "end" || /^(in|with|using)$/.test(c.text(1)))))) &&
      !/^(x|pieces?|pcs?|details?|halves|in|total|off|of|alike|identical|times|parts?|needed|altogether)$/.test(
        c.text(),
      )
    )
      return undefined;
    if (c.is("in", "of") && !/^(all|total|each|them)$/.test(c.text(1))) return said || cross ? n : undefined;
    while (PIECES.test(c.text())) c.at++;
    return n;
  });
}

interface Parsed {
  words: Token[];
  make: number;
  slot: string | undefined;
  /** A colon or a full stop ended the name. */
  ended: string;
  rest: readonly Token[];
  /** Words that describe, numbers among them, work in brackets: marks of a sentence. */
  oddities: number;
}

/** What a piece is ended with. */
const ENDS =
  /^(fo|fasten|finish|off|cut|break|bind|the|your|yarn|wool|thread|and|leave|leaving|a|long|tail|[.,!&])$/;

const LONGEST_NAME = 60;
/** What is joined to a word by a hyphen, and the words behind that up to one that begins a remark. */
const COMPOUND = /^(?:-\p{L}+)+(?: (?!(?:with|in|using|from|for|and|make|is|as)\b)\p{L}+){0,3}/u;

/** Reads a unit as a heading. Gives it a cost by how much it looks like one; undefined where it cannot be. */
export function headingOf(unit: Unit, c: Cursor, terms: Terms, source: string): HeadingReading | undefined {
  const p = parse(c, terms);
  if (p?.make === 1) countAnywhere(p, c, terms);
  const first = p?.words[0];
  if (!p || !first || p.words.length > 7 || source[first.from - 1] === "@") return undefined;
  const letters = p.words.filter((t) => t.kind === "word");
  if (letters.length === 0) return undefined;
  // "With yellow, mr, 6 sc": the work begins.
  if (letters.length === 1 && /^(mr|mc)$/.test(first.text) && p.rest.length > 0) return undefined;
  // "Fasten off" right above round 1 ends a part and names none.
  if (/^(fo|fasten|finish|cut|break|bind)$/.test(first.text) && c.tokens.every((t) => ENDS.test(t.text)))
    return undefined;
  // "Red: ch 31. Row 1: …" changes the colour of what stands behind it.
  const shade = new Cursor(p.words, c.source, c.names, c.legend, c.colours);
  if (p.rest.length > 0 && readShade(shade) !== undefined && shade.done) return undefined;
  // "Coaster — hdc throughout": of what it is worked, and no work yet.
  if (p.rest.some((t) => t.text === "throughout")) p.rest = [];
  const cost = costOf(unit, p, c, terms, source);
  // "Orange part", "Belly, white": a shade in the name is its colour until another is named.
  if (p.slot === undefined && p.words.length > 1) {
    p.slot = coloursIn(p.words, c)[0];
    // "body blue": the shade behind the name is none of it.
    for (let at = 1; at < p.words.length; at++) {
      const behind = new Cursor(p.words.slice(at), c.source, c.names, c.legend, c.colours);
      if (readShade(behind) === undefined || !behind.done) continue;
      p.words.length = at;
      while (p.words.at(-1)?.kind === "mark") p.words.pop();
      break;
    }
  }
  const last = p.words[p.words.length - 1] ?? first;
  // "1 Carrot (orange)": one of it, or the first in a list of parts.
  const begin = first.text === "1" && p.words[1]?.kind === "word" ? p.words[1] : first;
  // "Fish-tail charm": a hyphen between two words joins them.
  const compound = COMPOUND.exec(source.slice(last.to, last.to + LONGEST_NAME))?.[0] ?? "";
  const name = source
    .slice(begin.from, last.to + compound.length)
    .replace(/\s+/g, " ")
    .replace(/[*_#]+/g, "")
    .trim()
    .slice(0, LONGEST_NAME);
  // "To assemble": what is to be done heads it.
  const word = first.text === "to" ? (p.words[1]?.text ?? first.text) : first.text;
  const section =
    SEWING.test(word) && p.words.length <= 4
      ? "sewing"
      : LIST.test(word) || (YARN_CLASS.test(word) && c.tokens.some((t) => YARN.test(t.text)))
        ? "list"
        : CHAPTER.test(word)
          ? "talk"
          : undefined;
  return { name, make: p.make, slot: p.slot, from: first.from, rest: p.rest, cost, section };
}

/**
 * "Ears // make 2", "Pair of ears", "Right and left ear": how many, wherever it stands in a name that works
 * nothing.
 */
function countAnywhere(p: Parsed, c: Cursor, terms: Terms): void {
  if (c.tokens.length > MOST_COUNTED || p.rest.some((_, i) => beginsWork(at(p.rest.slice(i)), terms))) return;
  const makes = makesIn(c.tokens);
  if (!makes) return;
  p.make = makes.n;
  const told = c.tokens.slice(makes.from, makes.to);
  const sides =
    told.some((t) => /^(left|right)$/.test(t.text)) || (told[0]?.value === 1 && told.at(-1)?.value === 2);
  const said = new Set(told);
  // "Right and left ear", "Arm 1 and 2" are names; of "Both ears" the ears are.
  const words = sides ? p.words : p.words.filter((t) => !said.has(t));
  while (words.length > 1 && (words[0]?.kind === "mark" || /^(of|the)$/.test(words[0]?.text ?? "")))
    words.shift();
  while (words.length > 0 && words[words.length - 1]?.kind === "mark") words.pop();
  if (words.length > 0) p.words = words;
  const behind = p.rest.filter((t) => !said.has(t) && t.kind !== "mark");
  const shade = at(behind);
  shade.take("in", "with", "using");
  const slot = behind.length > 0 ? shadeOf(shade) : undefined;
  if (slot !== undefined && shade.done) p.slot ??= slot;
  if (behind.length === 0 || (slot !== undefined && shade.done)) p.rest = [];

  function at(tokens: readonly Token[]): Cursor {
    return new Cursor(tokens, c.source, c.names, c.legend, c.colours);
  }
}
/** Behind the first word of a name these tell, and name nothing. */
const TOLD = /^(is|are|was|were|used)$/;
/** A longer line is a sentence. */
const MOST_COUNTED = 16;

/** Capitals and no small letters. */
function isUpper(text: string): boolean {
  const letters = text.replace(/\P{L}/gu, "");
  return letters.length >= 3 && letters === letters.toUpperCase() && letters !== letters.toLowerCase();
}

function costOf(unit: Unit, p: Parsed, c: Cursor, terms: Terms, source: string): number {
  const first = p.words[0] as Token;
  const letters = p.words.filter((t) => t.kind === "word");
  let cost: number = NAME.any + p.oddities;
  cost += Math.max(0, letters.length - 2) * NAME.word;
  if (unit.marked) cost += NAME.marked;
  if (isUpper(source.slice(first.from, c.tokens[c.tokens.length - 1]?.to))) cost += NAME.upper;
  if (unit.spaced) cost += NAME.spaced;
  if (unit.bullet && !unit.marked) cost += NAME.bullet;
  if (/^\p{Lu}/u.test(source.slice(first.from, first.from + 1))) cost += NAME.capital;
  const [lead, then] = p.rest;
  // "Handle. Ch 13. Sc in …": what a piece begins with, right behind its name.
  const chains = /^(ch|chain)$/.test(lead?.text ?? "") && then?.kind === "number";
  // "Saucer. Work as for cup to round 4."
  const refers = [lead, then].some((t) => /^(as|same|like)$/.test(t?.text ?? ""));
  const sets =
    ((chains || refers) && !SENTENCE.test(first.text)) ||
    /^(join|attach|with|using|rejoin)$/.test(lead?.text ?? "");
  // "Tier 2: join in the back loops of round 4": where the part begins.
  if (sets && p.rest.some((t) => /^loops?$/.test(t.text))) cost += NAME.sets;
  // "Upper: red.": a name and its colour, and no more.
  const coloured = p.slot !== undefined && p.rest.length === 0 && p.oddities === 0;
  // "Beak: orange, ch 4", "Back: green. Mr, 6 sc": the sign ends the colour, and a colon the name.
  const named = c.tokens.find((t) => t.from >= (p.words.at(-1)?.to ?? 0))?.text === ":";
  const shaded = named && p.slot !== undefined && !/^(join|attach|rejoin)$/.test(lead?.text ?? "");
  if (p.ended === "." && !sets && !coloured && !shaded) cost += NAME.stopped;
  if (p.ended === "," && p.rest.length > 0 && !shaded) cost += NAME.comma;
  if (!coloured && p.rest.length === 0 && /[.!?]/.test(c.tokens[c.tokens.length - 1]?.text ?? ""))
    cost += NAME.stopped;
  if (letters.every((t) => COLUMN.test(t.text) || isRoundWord(t.text))) cost += NAME.columns;
  // "Join", and no more, names what two limbs become.
  const joins = first.text === "join" && letters.length === 1;
  if (SENTENCE.test(first.text) && !joins) cost += letters.length > 1 ? NAME.sentence : NAME.sentenceAlone;
  const at = new Cursor(p.words, c.source, c.names, c.legend);
  const stitch = readStitch(at, terms);
  const begins = stitch !== undefined && stitch.kind !== "generic";
  const more = letters.length > 1 && at.at < p.words.length;
  const works = begins ? !more : onlyStitches(at, terms);
  if (works) cost += NAME.stitch;
  else if (begins) cost += NAME.stitchAndMore;
  // "inc (12)": what a round comes to, and not how many there are of it.
  if (p.make > 1 && !works) cost += NAME.make;
  // "New colour: white".
  if (letters.length > 1 && /^(colou?r|yarn)$/.test(letters.at(-1)?.text ?? "")) cost += NAME.sentence;
  if (letters.slice(1).some((t) => TOLD.test(t.text))) cost += NAME.sentence;
  // "End of round: 12 sc".
  if (first.text === "end" && isRoundWord(letters.at(-1)?.text ?? "")) cost += NAME.sentence;
  // "To close, rnd 4: …" leads into what is worked.
  if (first.text === "to" && p.ended === "," && SENTENCE.test(letters[1]?.text ?? "")) cost += NAME.sentence;
  // "Black for the nose, white for the belly", "I used green": of colours, and no name.
  at.at = 0;
  if (readShade(at) !== undefined && at.is("for", "from", "now", "again")) cost += NAME.sentence;
  if (p.slot !== undefined && letters.length === 1 && SENTENCE.test(first.text)) cost += NAME.sentence;
  at.at = 0;
  if (startsEvent(at) && !joins) cost += NAME.event;
  at.at = 0;
  if (readColourChange(at) !== undefined) cost += NAME.colourChange;
  at.at = 0;
  if (p.words.length <= 2 && readShade(at) !== undefined && at.done) cost += NAME.shade;
  for (const t of p.words) {
    if (t.kind === "number")
      cost += t === p.words[p.words.length - 1] && t.value < 10 ? NAME.lastNumber : NAME.number;
    else if (t.kind === "mark") cost += t.text === "," ? NAME.comma : NAME.sign;
    else if (
      /^(mm|cm|gram|grams|g|oz|around|each|until|stitches|sts|st|should|will|is|are|have|has|you|your|it|this|that|now)$/.test(
        t.text,
      )
    )
      cost += NAME.talkWord;
  }
  return cost;
}

/** "blo sc", "2, inc": loops, numbers and stitches, and nothing that names a thing. */
function onlyStitches(at: Cursor, terms: Terms): boolean {
  let stitches = 0;
  at.at = 0;
  while (!at.done) {
    if (at.kind() !== "word") {
      at.at++;
      continue;
    }
    if (at.take("blo", "flo", "bl", "fl")) continue;
    const word = readStitch(at, terms);
    if (!word || word.kind === "generic") return false;
    stitches++;
  }
  return stitches > 0;
}

function parse(c: Cursor, terms: Terms): Parsed | undefined {
  const p: Parsed = { words: [], make: 1, slot: undefined, ended: "", rest: [], oddities: 0 };
  c.at = 0;
  // "Step 1 – Head": what stands before the name counts chapters.
  c.attempt(() => {
    // "(B) Ears".
    if (c.is("(") && /^[a-h]$/.test(c.text(1)) && c.text(2) === ")" && c.kind(3) === "word")
      return ((c.at += 3), true);
    // "2. Ears", "B) Ears".
    const numbered =
      (c.kind() === "number" && /^[.)]$/.test(c.text(1)) && c.kind(2) === "word") ||
      (/^[a-h]$/.test(c.text()) && /^[.)]$/.test(c.text(1))) ||
      (c.is("#") && c.kind(1) === "number" && c.kind(2) === "word");
    const counted = c.kind(1) === "number" || c.kind(1) === "ordinal" || /^[a-h]$/.test(c.text(1));
    if (!numbered && (!LEAD.test(c.text()) || !counted)) return undefined;
    // "Part 2" alone is a name.
    if (/^(part|piece)$/.test(c.text()) && !(/^(-|--|:|[.)=])$/.test(c.text(2)) && c.kind(3) === "word"))
      return undefined;
    c.at += 2;
    while (c.take("-", "--", ":", ".", ")", "=")) continue;
    return c.done ? undefined : true;
  });
  // "Colour brown: stalk".
  p.slot = c.attempt(() => {
    if (!c.take("colour", "color", "yarn")) return undefined;
    const shade = readShade(c);
    return shade !== undefined && c.take(":", "-", "--") && c.kind() === "word" && !beginsWork(c, terms)
      ? shade
      : undefined;
  });
  c.attempt(() => forThe(c));
  const many = readMake(c, false);
  if (many !== undefined) {
    p.make = many;
    c.take("x", ":", "of", "-");
    if (c.done) return undefined;
  }
  const some = many === undefined ? (framedCount(c) ?? severalOf(c)) : undefined;
  if (some !== undefined) p.make = some;
  while (!c.done) {
    if (c.is("(", "[", "<", "*") && bracket(c, p, terms)) continue;
    if (p.words.length > 0) {
      const made = readMake(c, false);
      if (
        made !== undefined &&
        (c.done || c.kind() === "mark" || c.is("in", "with", "using") || shadeEnds(c))
      ) {
        p.make = made;
        continue;
      }
    }
    const ornament = c.is("*") && c.tokens.filter((t) => t.text === "*").length === 1;
    if (ornament || c.is(":", "-", "--", "=", "|", "/", "\u2026", ",", ".", ";", ">", "~")) {
      const mark = c.text();
      if (mark === "." && p.words.length > 0 && !sayNoMore(c)) {
        // "Tiny mushroom. Cap (red):": the last sentence names the part.
        c.at++;
        const upper = c.source.slice(c.from, c.from + 1);
        if (c.done) {
          p.ended = ".";
          break;
        }
        if (
          upper !== upper.toLowerCase() &&
          (c.tokens.slice(c.at).length <= 7 || namesRounds(c)) &&
          !shadeEnds(c, ".") &&
          !SENTENCE.test(c.text()) &&
          !saysLike(c.tokens.slice(c.at)) &&
          !beginsWork(c, terms)
        ) {
          p.words = [];
          p.slot = undefined;
          p.make = 1;
          continue;
        }
        const made = c.attempt(() => {
          const n = readMake(c, false);
          c.take(".");
          return n !== undefined && c.done ? n : undefined;
        });
        p.make = made ?? p.make;
        p.ended = ".";
        p.rest = c.tokens.slice(c.at);
        break;
      }
      c.at++;
      if (p.words.length === 0) continue;
      // "EARS: (make 2, white)".
      if (
        mark === ":" &&
        c.is("(", "[") &&
        endsInBracket(c) &&
        !worksInside(c, terms) &&
        bracket(c, p, terms)
      )
        continue;
      if (mark === "/" && c.kind() === "word") {
        p.words.push(c.tokens[c.at - 1] as Token);
        continue;
      }
      if (mark === ":" && partOfName(c, terms)) {
        p.words.push(c.tokens[c.at - 1] as Token);
        continue;
      }
      if (aside(c, p, terms)) continue;
      if (c.done) {
        p.ended = mark;
        break;
      }
      if (mark === "," && describesOnly(c)) {
        p.ended = mark;
        break;
      }
      // "Nose, skin: mr 5": the word in front of the colon belongs to the name, however long the line.
      const named = c.tokens.length <= 8 || c.text(1) === ":";
      if (mark === "," && c.kind() === "word" && named && !DESCRIBES.test(c.text())) {
        p.words.push(c.tokens[c.at - 1] as Token);
        continue;
      }
      p.ended = mark;
      p.rest = c.tokens.slice(c.at);
      break;
    }
    const t = c.peek();
    if (!t) break;
    if (t.kind === "mark" && !/^[&'"+!?]$/.test(t.text)) return undefined;
    const shade = c.is("in", "with", "using")
      ? c.attempt(() => (c.at++, c.take("colour", "color", ":"), shadeOf(c) ?? namedColour(c, p)))
      : undefined;
    if (shade !== undefined) {
      p.slot = shade;
      continue;
    }
    p.words.push(t);
    c.at++;
    if (p.words.length > 8) return undefined;
  }
  const quoted = p.words.filter((t) => t.text === '"').length === 2;
  while (p.words.length > 0 && p.words[p.words.length - 1]?.kind === "mark" && !quoted) p.words.pop();
  while (p.words.length > 1 && /^(the|a|each)$/.test(p.words[0]?.text ?? "")) p.words.shift();
  return p.words.length > 0 ? p : undefined;
}

/** "For the body, start with …", "For the ears (make 2):": a part is named, and then told. */
function forThe(c: Cursor): true | undefined {
  if (!c.take("for") || !c.take("the", "each", "both")) return undefined;
  const end = c.tokens.findIndex((t, i) => i >= c.at && /^[,:([]$/.test(t.text));
  const name = c.tokens.slice(c.at, end < 0 ? undefined : end);
  const named = name.every((t) => t.kind === "word" && !isRoundWord(t.text) && !LIST.test(t.text));
  // "For the frill, work in the front loops of round 9" goes on with what is there.
  // A colon behind the name, and no more on its line, names it too.
  const alone = c.tokens.at(-1)?.text === ":";
  const begins = alone || c.tokens.slice(end, end + FOR_WITHIN).some((t) => BEGINS.test(t.text));
  return named && begins && end > c.at && name.length <= MOST_FOR ? true : undefined;
}
const BEGINS = /^(mr|mc|ring|circle|ch|chain)$/;
const FOR_WITHIN = 16;
const MOST_FOR = 3;

/**
 * "Head - make 1 in fawn": a word behind "in" that ends the name is a colour, also one that nobody listed.
 */
function namedColour(c: Cursor, p: Parsed): string | undefined {
  const word = c.peek();
  const ends = c.kind(1) === "end" || (c.text(1) === ":" && c.kind(2) === "end");
  if (p.words.length === 0 || word?.kind !== "word" || !ends || NO_COLOUR.test(word.text)) return undefined;
  c.at++;
  return word.text;
}
const NO_COLOUR =
  /^(rounds?|rnds?|rows?|one|two|pairs?|pieces?|all|spirals?|back|front|loops?|ring|circle|turn|total|half|place|sc|dc|hdc|parts?|stitch|stitches|crochet)$/;

/** "Mouse: head + body", "Mouse: ears, 2": what stands behind the colon goes on with the name. */
function partOfName(c: Cursor, terms: Terms): boolean {
  const open = c.tokens.findIndex((t, i) => i > c.at && t.text === "(");
  const rest = c.tokens.slice(c.at, open < 0 ? undefined : open);
  const plain = rest.every(
    (t, i) => t.kind === "word" || /^[&+,]$/.test(t.text) || (t.kind === "number" && i === rest.length - 1),
  );
  const ring = /^(mr|mc|ring)$/.test(rest[0]?.text ?? "") && rest[1]?.kind === "number";
  if (!plain || ring || rest.length > 5 || rest[0]?.kind !== "word") return false;
  if (DESCRIBES.test(rest[0].text) || MAKE.test(rest[0].text) || SENTENCE.test(rest[0].text)) return false;
  return rest.every((_, i) => {
    const at = new Cursor(rest, c.source, c.names, c.legend, c.colours);
    at.at = i;
    return !startsEvent(at) && readShade(at) === undefined && readStitch(at, terms) === undefined;
  });
}

/** "Ears. Magic circle, 4 sc.": a ring or stitches begin, and no name. */
function beginsWork(c: Cursor, terms: Terms): boolean {
  const rest = c.tokens.slice(c.at);
  if (/^(mr|mc|magic|ring|adjustable|chain|ch)$/.test(rest[0]?.text ?? "")) return true;
  const at = new Cursor(rest, c.source, c.names, c.legend, c.colours);
  at.number();
  return readStitch(at, terms) !== undefined;
}

/** "Spines (brown), loop stitch", "Collar, fluffy yarn": how it is worked, behind a name that is told already. */
function describesOnly(c: Cursor): boolean {
  const behind = c.tokens.slice(c.at);
  const words = behind.at(-1)?.text === ":" ? behind.slice(0, -1) : behind;
  const told = c.tokens[c.at - 2]?.text === ")" || HOW.test(words.at(-1)?.text ?? "");
  return told && words.length > 0 && words.length <= MOST_HOW && words.every((t) => t.kind === "word");
}
const HOW = /^(stitch|stitches|yarn|rows|rounds|throughout|technique)$/;
const MOST_HOW = 5;

/** "Petals: (sl st in next loop, ch 4) 16 times [16]": the bracket behind the name is worked. */
const worksInside = (c: Cursor, terms: Terms): boolean =>
  beginsWork(new Cursor(c.tokens.slice(c.at + 1), c.source, c.names, c.legend, c.colours), terms);

/** "Ladybird. Body (red, one piece): Rnd 1: …": a few words, a colon, and the first round. */
function namesRounds(c: Cursor): boolean {
  const rest = c.tokens.slice(c.at, c.at + 12);
  const colon = rest.findIndex((t) => t.text === ":");
  return (
    colon > 0 && colon <= 8 && isRoundWord(rest[colon + 1]?.text ?? "") && rest[colon + 2]?.kind === "number"
  );
}

/** Is the full stop at the cursor that of an abbreviation or of a number? */
const sayNoMore = (c: Cursor): boolean => c.kind(1) === "number" && c.peek(1)?.from === c.peek()?.to;

const shadeOf = (c: Cursor): string | undefined =>
  readShade(c) ??
  (c.kind() === "word" && c.colours.has(c.text())
    ? (c.at++, c.colours.get(c.tokens[c.at - 1]?.text ?? ""))
    : undefined);

/** What tells one of two parts of a name from the other. */
const WHICH =
  /^(left|right|top|bottom|upper|lower|underside|inner|outer|inside|outside|front|back|small|smaller|large|larger|big|bigger|little|long|longer|short|shorter|first|second)$/;

/** What stands behind a dash or a comma: how many, which colour, or a description. */
function aside(c: Cursor, p: Parsed, terms: Terms): boolean {
  const sign = c.tokens[c.at - 1];
  // "Arm, small", "Cap – underside – white": which of two of a name belongs to it.
  if (sign && WHICH.test(c.text()) && (c.at + 1 === c.tokens.length || c.kind(1) === "mark")) {
    p.words.push(sign, c.tokens[c.at++] as Token);
    return true;
  }
  const made = c.attempt(() => {
    const alone = c.tokens[c.at - 1]?.text === "," && (c.peek()?.value ?? 0) > 1;
    const n = readMake(c, alone);
    return n !== undefined && (c.done || c.kind() === "mark" || c.is("in", "with", "using")) ? n : undefined;
  });
  if (made !== undefined) {
    p.make = made;
    return true;
  }
  const comma = c.tokens[c.at - 1]?.text === ",";
  const shade = c.attempt(() => {
    c.take("in", "with", "using", "colour", "color", ":");
    const s = shadeOf(c);
    // "Back, green: mr, 8 sc": a colon ends the name behind a comma only.
    return s !== undefined && (c.done || (c.kind() === "mark" && (comma || !c.is(":"))) || c.is("and"))
      ? s
      : undefined;
  });
  if (shade !== undefined) {
    p.slot = shade;
    if (c.is("and")) c.at = c.tokens.length;
    return true;
  }
  // "Body – start at the beak end, using brown", "Panda face: white (W) and black (B)": talk, with a colour
  // in it.
  const rest = c.tokens.slice(c.at);
  if (saysLike(rest)) return false;
  const worked = rest.some((_, i) => {
    const at = new Cursor(rest, c.source, c.names, c.legend, c.colours);
    at.at = i;
    const word = rest[i]?.kind === "word" ? readStitch(at, terms) : undefined;
    return word !== undefined && word.kind !== "generic";
  });
  // "Repeat R1 to R2" begins so; "… around R11" tells a place.
  const begins = (t: Token, i: number) =>
    /^(mr|mc|ring|loops?|join|attach|rejoin|rnds?|rounds?)$/.test(t.text) ||
    (t.text === "r" && rest[i + 1]?.kind === "number" && i <= 1);
  if (worked || rest.some(begins)) return false;
  if (rest.length > 0 && (rest[0]?.kind === "word" || rest[0]?.text === "(")) {
    const colour = coloursIn(rest, c)[0];
    if (colour !== undefined) p.slot ??= colour;
    p.oddities += colour !== undefined ? NAME.talkOfColour : Math.min(NAME.talkMost, NAME.talk * rest.length);
    c.at = c.tokens.length;
    return true;
  }
  return false;
}

/** "Second leg: as the first, keep the yarn", "Leg 2: as leg 1", "Leg 2: same, but …": what it is made like. */
function saysLike(rest: readonly Token[]): boolean {
  const [first] = rest;
  if (saidSame(rest)) return true;
  const refers = (t: Token, i: number) =>
    t.kind === "ordinal" || isRoundWord(t.text) || (t.kind === "number" && i > 0 && rest[i]?.kind === "word");
  return /^(as|same|like|identical)$/.test(first?.text ?? "") && rest.slice(1, 5).some(refers);
}

/** Is all that is left a shade, perhaps with a sign behind it? */
function shadeEnds(c: Cursor, sign?: string): boolean {
  const at = c.at;
  const ends = readShade(c) !== undefined && ((sign !== undefined && c.take(sign)) || c.done);
  c.at = at;
  return ends;
}

function coloursIn(tokens: readonly Token[], c: Cursor): string[] {
  const out: string[] = [];
  const at = new Cursor(tokens, c.source, c.names, c.legend, c.colours);
  while (!at.done) {
    const s = readShade(at);
    if (s !== undefined) out.push(s);
    else at.at++;
  }
  return out;
}

/** "Two ears", "2 wings": a number and what there are so many of, and no more than its name. */
const severalOf = (c: Cursor): number | undefined =>
  c.attempt(() => {
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !Number.isInteger(n) || n < 2 || n > MAX_SOME) return undefined;
    const many = c.kind() === "word" && /[^s]s$|feet|teeth/.test(c.text()) && !UNCOUNTED.test(c.text());
    return many && (c.kind(1) !== "word" || /^(in|with)$/.test(c.text(1))) ? n : undefined;
  });
/** "(2) Ears". */
const framedCount = (c: Cursor): number | undefined =>
  c.attempt(() => {
    if (!c.take("(", "[") || c.kind() !== "number") return undefined;
    const n = c.number() ?? 0;
    return n >= 2 && n <= MAX_SOME && c.take(")", "]") && /[^s]s$/.test(c.text()) && !UNCOUNTED.test(c.text())
      ? n
      : undefined;
  });
/** More of one part than this is hardly said before its name. */
const MAX_SOME = 12;
/** Things of a list rather than parts. */
const UNCOUNTED =
  /^(mm|cm|grams|eyes?|balls?|skeins?|hooks?|rounds?|rnds?|rows?|stitches|sts|colou?rs?|yarns?|pieces?|pcs?|beads?|buttons?|times|hours?|minutes?|mins|sizes?|inches|parts?|markers?|needles?|rings?|chains?|chs)$/;
const endsInBracket = (c: Cursor): boolean => /^[)\]]$/.test(c.tokens[c.tokens.length - 1]?.text ?? "");
/** "(both the same)", "(left and right)": a pair. */
const bothOf = (c: Cursor): number | undefined =>
  c.attempt(() => {
    if (c.take("both")) {
      while (c.kind() === "word") c.at++;
      return c.done || c.kind() === "mark" ? 2 : undefined;
    }
    return c.take("left", "right") && c.take("and", "&", "/", "+") && c.take("left", "right") ? 2 : undefined;
  });

/** "(2, white)": how many, before the colour. */
const countFirst = (c: Cursor): number | undefined =>
  c.at === 0 && c.kind() === "number" && c.text(1) === "," && (c.peek()?.value ?? 0) <= MAX_MAKE
    ? c.number()
    : undefined;

/** "(make 2, white)", "(2x)", "(worked from the top down)", "*make 2*". */
function bracket(c: Cursor, p: Parsed, terms: Terms): boolean {
  const open = c.text();
  const close = { "(": ")", "[": "]", "<": ">", "*": "*" }[open] ?? ")";
  const end = c.tokens.findIndex((t, i) => i > c.at && t.text === close);
  if (end < 0) return false;
  const inside = c.tokens.slice(c.at + 1, end);
  const at = new Cursor(inside, c.source, c.names, c.legend, c.colours);
  if (p.words.length === 0 && open !== "*") {
    // "[HEAD]": a name in brackets.
    const makes = makesIn(c.tokens);
    const behind = c.tokens.length - 1 - end;
    const shade = new Cursor(c.tokens.slice(end + 1), c.source, c.names, c.legend, c.colours);
    const shaded = behind > 0 && readShade(shade) !== undefined && shade.done;
    if (inside.length === 0 || inside.length > 4) return false;
    if (!(behind === 0 || shaded || (makes && makes.from > end))) return false;
    p.words.push(...inside.filter((t) => t.kind !== "mark"));
    c.at = end + 1;
    return p.words.length > 0;
  }
  if (
    p.words.length === 0 &&
    inside.length > 0 &&
    inside.length <= 4 &&
    inside.every((t) => t.kind === "word")
  ) {
    // "* HEAD * (honey)": a name set off by stars.
    const behind = c.tokens[end + 1]?.text ?? "(";
    const stitched = new Cursor(inside, c.source, c.names, c.legend);
    if (/^[(:-]$/.test(behind) && readStitch(stitched, terms) === undefined) {
      p.words.push(...inside);
      c.at = end + 1;
      return true;
    }
  }
  let understood = false;
  while (!at.done) {
    if (at.take(",", ";", "-", "--", ":", ".", "and", "&", "/")) continue;
    const n = readMake(at, true) ?? countFirst(at) ?? bothOf(at);
    if (n !== undefined) {
      if (!(inside.length === 1 && n > MAX_MAKE)) p.make = n;
      understood = true;
      continue;
    }
    const shade = at.attempt(() => (at.take("in", "with", "using", "colour", "color", ":"), shadeOf(at)));
    if (shade !== undefined) {
      if (p.slot === undefined || p.slot.length === 1) p.slot = shade;
      understood = true;
      continue;
    }
    const word =
      at.kind() === "word" ? readStitch(new Cursor(inside.slice(at.at), c.source), terms) : undefined;
    if (word && word.kind !== "generic") p.oddities += NAME.bracketedStitch;
    at.at++;
  }
  if (open === "*" && !understood) return false;
  c.at = end + 1;
  return true;
}
