import { readColourChange, readShade } from "../colours";
import { Cursor } from "../cursor";
import { beginsLoops, noTarget, readLoopPhrase, readLoops, readTarget, type Target } from "../target";
import type { Token } from "../tokens";
import type { Span } from "../tree";
import { beginsStitch, isStitchNoun, readStitch } from "../vocabulary";
import { COST } from "./costs";
import { NONE, saidAlone, words, type Context, type Phrase, type Reading, type SaidWork } from "./phrase";
import { readStandsFor } from "./stands-for";
import { readTimes } from "./times";

const BRACKET = words("( [ { <");
const PLAIN = /^(sc|hdc|dc|htr|tr)$/;
const CHANGE = /^(inc|dec|increase|decrease|invdec)$/;
const CLOSED = /^[)\]}>]$/;
/** Verbs and articles in front of a stitch add nothing: "work 6 sc", "make an increase". */
const LEAD = words(
  "you'll we'll we i i'll let's work make crochet do working place put you begin start starting off beginning continue a an the by making just only with 1x followed worked one",
);

/** What begins a place: where, after how many of what, they are worked. */
const PLACED = /^(in|into|on|onto|around|each|every|all|across|along|through|evenly|over|per|working)$/;
const MANNER = words("loosely tightly firmly carefully gently neatly");

/** Is there a stitch with a name of its own at the cursor? */
export function stitchAhead(c: Cursor, x: Context): boolean {
  const at = c.at;
  const word = readStitch(c, x.terms);
  c.at = at;
  return word !== undefined && word.kind !== "generic";
}

/**
 * How many of what are worked into what: "6 sc", "sc in each of the next 6 sts", "2 sc in next st", "inc x
 * 6".
 */
export const stitches: Phrase = {
  name: "stitches",
  starts: words("any"),
  read(c, x) {
    const start = c.at;
    if (!mayBegin(c)) return NONE;
    const plain = bothWays(c, x);
    if (plain.length > 0) return [...plain, ...loopsAhead(c, plain)];
    c.at = start;
    if (!LEAD.has(c.text())) return NONE;
    while (LEAD.has(c.text()) && !(c.is("one") && !LEAD.has(c.text(1)) && isStitchNoun(c.text(1)))) c.at++;
    c.take("of");
    return c.kind() === "number" || stitchAhead(c, x) ? bothWays(c, x) : NONE;
  },
  examples: [
    ["6 sc", "6 sc"],
    ["sc 6", "6 sc"],
    ["2 sc in next st", "2 sc, next"],
    ["work 2 sc into each of the 6 sts", "2 sc, each 6"],
    ["make an increase in each stitch around", "inc, each"],
    ["2sc in ea st", "2 sc, each"],
    ["inc x 6", "6 inc"],
    ["sc2tog", "dec"],
    ["7 dc in the ring", "7 dc, ring"],
  ],
};

/** Nearly all places of a text have nothing of the kind: they are told by their first word. */
function mayBegin(c: Cursor): boolean {
  const word = c.text();
  return (
    c.kind() === "number" || beginsStitch(word) || beginsLoops(word) || LEAD.has(word) || c.legend.has(word)
  );
}

/** "sc in front loops, *2 sc, inc* around": the stitch only says where the repeat behind it goes. */
function loopsAhead(c: Cursor, plain: readonly Reading[]): readonly Reading[] {
  return plain.flatMap(({ to, piece }): Reading[] => {
    if (piece.kind !== "work" || c.tokens[to]?.text !== ",") return [];
    const { word, n, target } = piece.said;
    const loops = target.loops;
    const ahead = loops !== undefined && word.kind === "plain" && n === undefined && target.n === undefined;
    if (!ahead || !/^[*([]$/.test(c.tokens[to + 1]?.text ?? "")) return [];
    return [{ to, cost: COST.place * 2, piece: { kind: "loops", loops, free: undefined } }];
  });
}

/** "*sc, inc* 6 times": the star may say how often, or close a repeat. */
function bothWays(c: Cursor, x: Context): readonly Reading[] {
  const start = c.at;
  const out: Reading[] = [];
  const add = (s: SaidWork | undefined) => {
    if (s)
      out.push({
        to: c.at,
        cost: COST.phrase + nounCost(c, s, start) + starCost(c, start) + gluedCost(c, start),
        piece: { kind: "work", said: s },
      });
  };
  add(said(c, x, true));
  // "sc 1 inc 1 around": whose number it is in a row of stitches, the end of the row tells.
  const [row, numbered, beyond] = c.tokens.slice(start, start + 3);
  if (row?.kind === "word" && numbered?.kind === "number" && beyond?.kind === "word") {
    const here = c.at;
    c.at = start;
    const behind = said(c, x, true, true);
    if (behind && c.at > start + 1 && c.at !== here)
      out.push({ to: c.at, cost: COST.place, piece: { kind: "work", said: behind } });
    c.at = here;
  }
  // "inc2", "dec2": the two may be how many go into one, or come out of two.
  const [change, legs] = [c.tokens[start], c.tokens[start + 1]];
  if (change && legs && /^(inc|dec)$/.test(change.text) && legs.value === 2 && legs.from === change.to) {
    const at = new Cursor(
      [...c.tokens.slice(0, start + 1), ...c.tokens.slice(start + 2)],
      c.source,
      c.names,
      c.legend,
      c.colours,
    );
    at.at = start;
    const once = said(at, x, true);
    if (once) out.push({ to: at.at + 1, cost: COST.noun, piece: { kind: "work", said: once } });
  }
  // "sc inc repeat 6 times": one increase in single crochet, or a single crochet and an increase.
  const first = c.tokens[start];
  // With a number only where no commas part the work: "2 hdc inc, 6 hdc" are two increases.
  const parted = c.tokens[start - 1]?.text === "," || c.tokens[start + 3]?.text === ",";
  const counted = first?.kind === "number" && Number.isInteger(first.value) && !parted ? 1 : 0;
  const noun = c.tokens[start + counted];
  // "sc-inc" is one or two as well; a dash with room around it, or one after the other, parts them.
  const sign = c.tokens[start + counted + 1];
  const dash = noun && sign && DASH.test(sign.text) ? 1 : 0;
  if (
    noun?.kind === "word" &&
    PLAIN.test(noun.text) &&
    CHANGE.test(c.tokens[start + counted + 1 + dash]?.text ?? "")
  ) {
    const word = readStitch(new Cursor([noun], c.source, c.names, c.legend), x.terms);
    const alone = word?.kind === "plain" ? saidAlone(word, noTarget()) : undefined;
    // "sc inc sc inc sc inc", "2 sc inc 2 sc inc": again and again without a comma, they are two each time.
    const pair = 2 + counted + dash;
    const again =
      dash === 1
        ? (sign?.from ?? 0) > noun.to || [start - 1, start + pair].some((i) => DASH.test(textAt(c, i)))
        : [start + pair, start - pair].some(
            (i) => (counted === 0 || c.tokens[i]?.kind === "number") && pairAt(c, i + counted),
          );
    // "2 sc inc x6" is rather two stitches and an increase, six times, than twelve increases.
    const multiplied = counted === 1 && /^[x*(]$/.test(textAt(c, start + 3 + dash));
    if (again) for (const [i, r] of out.entries()) out[i] = { ...r, cost: r.cost + COST.unreadWord };
    else if (multiplied && (first?.value ?? 0) > 1)
      for (const [i, r] of out.entries()) out[i] = { ...r, cost: r.cost + COST.totalBare };
    if (alone)
      out.push({
        to: start + counted + 1,
        cost: again || multiplied ? COST.phrase : COST.noun,
        piece: {
          kind: "work",
          said:
            counted && first ? { ...alone, n: first.value, at: { from: first.from, to: first.to } } : alone,
        },
      });
  }
  // "dc2inc", "sc2dec": glued, the two are the stitches that go into one or come out of two.
  const [of, two, shape] = [c.tokens[start], c.tokens[start + 1], c.tokens[start + 2]];
  const glued = two?.value === 2 && of?.to === two.from && shape?.from === two.to;
  if (of && shape && glued && PLAIN.test(of.text) && CHANGE.test(shape.text)) {
    const without = [...c.tokens.slice(0, start), of, shape, ...c.tokens.slice(start + 3)];
    const at = new Cursor(without, c.source, c.names, c.legend, c.colours);
    at.at = start;
    const one = said(at, x, true);
    if (one) out.push({ to: at.at + 1, cost: COST.phrase, piece: { kind: "work", said: one } });
  }
  // "inc 12", "1 sc inc 24" at the end of a round: the number is what it comes to.
  const [shaping, sum] = [c.tokens[start], c.tokens[start + 1]];
  if (sum?.kind === "number" && c.tokens.length === start + 2 && CHANGE.test(shaping?.text ?? "")) {
    const at = new Cursor([shaping as Token], c.source, c.names, c.legend, c.colours);
    const one = said(at, x, true);
    if (one) out.push({ to: start + 1, cost: COST.totalBare, piece: { kind: "work", said: one } });
  }
  if (c.tokens.slice(start, c.at).some((t) => t.text === "*")) {
    c.at = start;
    add(said(c, x, false));
  }
  return out;
}

const DASH = /^(?:-|--)$/;
const textAt = (c: Cursor, i: number): string => c.tokens[i]?.text ?? "";
/** Does "sc inc" stand here once more? */
const pairAt = (c: Cursor, i: number): boolean =>
  PLAIN.test(c.tokens[i]?.text ?? "") && CHANGE.test(c.tokens[i + 1]?.text ?? "");

/** "sc2 inc1": a number that hangs on the word before it belongs to that. */
function gluedCost(c: Cursor, start: number): number {
  const [before, number] = [c.tokens[start - 1], c.tokens[start]];
  const glued =
    number?.kind === "number" &&
    before?.kind === "word" &&
    before.to === number.from &&
    !/^x$/.test(before.text);
  return glued && c.tokens[start + 1]?.from !== number.to ? COST.unclosed : 0;
}

/** "*2 sc, 1 inc* 6 times": the star closes what one before it opened, and is hardly a sign of times. */
function starCost(c: Cursor, start: number): number {
  let taken = false;
  for (let i = start; i < c.at; i++) taken ||= c.tokens[i]?.text === "*";
  if (!taken) return 0;
  let before = 0;
  for (let i = 0; i < start; i++) if (c.tokens[i]?.text === "*") before++;
  return before % 2 === 1 ? COST.unclosed : 0;
}

/** "12 sts" without a place tells mostly what a round comes to. */
function nounCost(c: Cursor, s: SaidWork, start: number): number {
  if (s.word.kind !== "generic") return 0;
  const last = c.tokens[c.at - 1]?.text ?? "";
  // "21 stitches in all", which is no place.
  const inAll = /^(all|total)$/.test(last) || c.is("total", "altogether", "overall");
  if (inAll && c.tokens[c.at - 2]?.text !== "of") return COST.nounAlone;
  // "12 stitches each" behind the work of several rounds: "in" says where, "each" alone does not.
  const apiece = /^(each|ea)$/.test(last) && !/^(in|into)$/.test(c.tokens[c.at - 2]?.text ?? "");
  if (apiece && c.tokens[start - 1]?.text === ",") return COST.nounAlone;
  if (s.target.place !== undefined || s.target.reach !== undefined) return 0;
  const before = c.tokens[start - 1]?.text ?? "";
  const alone = /^(--?|[.;=!\n])$/.test(before) || (/^[([{]$/.test(before) && /^[)\]}]$/.test(c.text()));
  return alone ? COST.nounAlone : COST.noun;
}

/** "6 evenly spaced inc": how they lie, said between the number and the stitch. */
function spreadBefore(c: Cursor, x: Context): boolean {
  return (
    c.attempt(() => {
      if (!c.take("evenly", "equally")) return undefined;
      c.take("-");
      c.take("spaced", "placed", "spread", "distributed");
      return stitchAhead(c, x) ? true : undefined;
    }) ?? false
  );
}

function said(c: Cursor, x: Context, stars: boolean, own = false): SaidWork | undefined {
  const numberAt = c.peek();
  let before: number | undefined;
  let word = c.kind() === "number" ? readStitch(c, x.terms) : undefined;
  let colour: string | undefined;
  let spread = false;
  if (!word && c.kind() === "number") {
    before = c.number();
    if (before === undefined || !Number.isInteger(before)) return undefined;
    const sign = !ownCross(c) && (stars ? c.take("x", "*", "times") : c.take("x", "times"));
    if (sign && BRACKET.has(c.text())) return undefined;
    if (!c.legend.has(c.text())) c.take("more", "-", "of", "additional", "a", "an");
    // "12 sts sc": the stitch behind the noun is what they are.
    if (isStitchNoun(c.text())) c.attempt(() => (c.at++, stitchAhead(c, x) ? true : undefined));
    spread = spreadBefore(c, x);
    colour = c.attempt(() => {
      const s = readShade(c);
      return s !== undefined && stitchAhead(c, x) ? s : undefined;
    });
  }
  const loopsBefore = word
    ? undefined
    : c.attempt(() => {
        const l = readLoops(c);
        return l && stitchAhead(c, x) ? l : undefined;
      });
  word ??= readStitch(c, x.terms);
  // "12 sc (2 in each)": the stitch is left out where it is plain.
  const place = c.text(1) === "the" ? 2 : 1;
  // "Sc in two, two in the third": the one behind those.
  const third = c.kind(place) === "ordinal" && (c.kind(place + 1) === "mark" || c.kind(place + 1) === "end");
  const named = third || /^(each|every|next|same|one|1)$/.test(c.text(place));
  if (!word && before !== undefined && c.is("in", "into") && named)
    word = { stitch: "sc", kind: "plain", legs: 1 };
  // "2 each (12)", "1 ea": so many in each; "6 of each" tells how many of both there are.
  const inEach = c.is("each", "ea") && c.tokens[c.at - 1]?.text !== "of";
  if (!word && before !== undefined && inEach && (c.kind(1) === "end" || c.kind(1) === "mark"))
    word = { stitch: "sc", kind: "plain", legs: 1 };
  if (!word || (word.kind === "generic" && before === undefined)) return undefined;
  // "2 single crochet stitches in every stitch": the noun behind a stitch's own name adds nothing.
  // "12 single crochet stitches".
  const ended = c.kind(1) === "end" || /^[.,;)\]]$/.test(c.text(1));
  if (word.kind !== "generic" && isStitchNoun(c.text()) && (ended || PLACED.test(c.text(1)))) c.at++;
  // "4 dc (UK) into the ring": whose word it is.
  if (c.is("(", "[") && /^(uk|us)$/.test(c.text(1)) && /^[)\]]$/.test(c.text(2))) c.at += 3;
  // "Sl st loosely in each": how, which counts nothing.
  if (MANNER.has(c.text()) && !(c.kind(1) === "mark" || c.kind(1) === "end")) c.at++;
  const phrase =
    loopsBefore === undefined && c.is("blo", "flo", "in", "bl", "fl", "through", "working")
      ? readLoopPhrase(c)
      : undefined;
  const afterAt = c.peek();
  const after = before === undefined ? countBehind(c, x, stars, own) : undefined;
  let often: SaidWork["often"];
  if (before !== undefined && word.kind !== "generic") {
    // "1 inc x 6": one increase, six times.
    const multiplied = c.attempt(() =>
      (c.is("x") || (stars && c.is("*"))) && !ownCross(c) ? readTimes(c) : undefined,
    );
    if (multiplied?.times.kind === "number") often = multiplied.times;
  }
  const target: Target = noTarget();
  const loops = loopsBefore ?? phrase?.loops;
  if (loops) target.loops = loops;
  target.freeLoops = phrase?.free;
  if (phrase?.each) target.place = "each";
  target.evenly = spread;
  // Before a place is looked for: "ch 3 for the first dc" names none.
  let standsFor = word.stitch === "ch" ? readStandsFor(c, x.terms) : undefined;
  readTarget(c, target);
  colour ??= colourBehind(c);
  const n = before ?? after ?? (target.layers ? shutWith(c, x) : undefined);
  const at: Span | undefined =
    n === undefined ? undefined : before !== undefined ? numberAt : lastNumberAt(c, afterAt);
  if (word.stitch === "ch") standsFor ??= readStandsFor(c, x.terms);
  often ??= oftenBehind(c);
  // "Ch 16 loosely".
  if (MANNER.has(c.text()) && (c.kind(1) === "mark" || c.kind(1) === "end")) c.at++;
  return { word, n, at, behind: after !== undefined, target, loops, colour, standsFor, often };
}

/** "Sc both edges together with 6 sc": how many, said behind the edges. */
const shutWith = (c: Cursor, x: Context): number | undefined =>
  c.attempt(() => {
    if (!c.take("with", "by", "using", "in", ":")) return undefined;
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !Number.isInteger(n)) return undefined;
    return readStitch(c, x.terms) === undefined ? undefined : n;
  });

/** "x" is the maker's own word for a stitch here: "6 x (…)" multiplies all the same. */
const ownCross = (c: Cursor): boolean =>
  c.is("x") &&
  c.legend.has("x") &&
  (!BRACKET.has(c.text(1)) || (c.kind(2) === "number" && CLOSED.test(c.text(3))));

/** "sc 6", "inc x6", "sc 6 times", "ch 7". */
function countBehind(c: Cursor, x: Context, stars: boolean, own: boolean): number | undefined {
  if (c.done || c.is(",", ")", "]", ";", ".")) return undefined;
  const times = c.attempt(() => {
    const t =
      c.is("x", "twice", "thrice") ||
      (stars && c.is("*")) ||
      (c.kind() === "number" && /^(times|time|x)$/.test(c.text(1)))
        ? readTimes(c)
        : undefined;
    return t?.times.kind === "number" && !t.more ? t.times.n : undefined;
  });
  if (times !== undefined) return times;
  if (c.kind() !== "number") return undefined;
  return c.attempt(() => {
    const n = c.number();
    if (n === undefined || !Number.isInteger(n)) return undefined;
    // "sc 2 sc": the number belongs to what follows; "sc 3 sts" and "sc 3 in next" do not.
    // … and "sc2 inc1" says by its spaces whose number it is.
    const number = c.tokens[c.at - 1];
    const glued = c.tokens[c.at - 2]?.to === number?.from && number?.to !== c.peek()?.from;
    if (!own && !glued && c.kind() === "word" && !isStitchNoun(c.text()) && stitchAhead(c, x))
      return undefined;
    if (c.is("x") && BRACKET.has(c.text(1))) return undefined;
    if (isStitchNoun(c.text())) c.at++;
    c.take("more");
    return n;
  });
}

/** "sc through the ear and the head 3 times", "2 sc in next st twice". */
function oftenBehind(c: Cursor): SaidWork["often"] {
  if (!(c.is("twice", "thrice") || (c.kind() === "number" && /^(times|time)$/.test(c.text(1)))))
    return undefined;
  const times = c.attempt(() => readTimes(c));
  return times?.times.kind === "number" ? times.times : undefined;
}

function colourBehind(c: Cursor): string | undefined {
  if (c.done || (c.kind() === "mark" && !c.is("(", "["))) return undefined;
  return c.attempt(() => {
    if (c.is("with", "in")) return readColourChange(c);
    const bracket = c.take("(", "[");
    const shade = readShade(c);
    if (shade === undefined) return undefined;
    if (bracket) return c.take(")", "]") ? shade : undefined;
    return c.done || c.is(",", ".", ";", ")", "]", "*", "(") ? shade : undefined;
  });
}

function lastNumberAt(c: Cursor, start: Span | undefined): Span | undefined {
  for (let i = c.at - 1; i >= 0 && start !== undefined && (c.tokens[i]?.from ?? 0) >= start.from - 1; i--) {
    const token = c.tokens[i];
    if (token?.kind === "number") return token;
  }
  return start;
}
