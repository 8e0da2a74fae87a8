import { Cursor } from "../cursor";
import { isRoundWord } from "../labels";
import { readStitch, type StitchWord } from "../vocabulary";
import { COST } from "./costs";
import { NONE, words, type Context, type Phrase, type PieceBody, type Reading } from "./phrase";
import { stitchAhead } from "./stitches";
import { opensRepeat, readTimes } from "./times";

const CLOSER: ReadonlyMap<string, string> = new Map(
  Object.entries({
    "(": ")",
    "[": "]",
    "{": "}",
    "<": ">",
    "|": "|",
    "~": "~",
    '"': '"',
    "/": "/",
    "*": "*",
    "**": "**",
  }),
);
const SIGN = words("= == - -- : / | \u2026 ~ > ** __");
/** "you should now have", "for a total of", "st count:". */
const LEAD = words(
  "so total totals count stitch stitches st sts you should will now have be are there is giving making makes gives this a of leaving to make get with end ends ending up for gets leaves left have: altogether in all = : that's that it its round rnd row which at after check result still stays stay remains remain",
);
const LEAD_START = words(
  "so total totals count stitch stitches st sts you there ends ending giving making makes gives leaving leaves for this to now in that's that which round rnd row at after check result still stays remains",
);
/** Words that may stand behind the number and say no more. */
const TRAIL = words(
  "remain remaining left overall rem total totals altogether now made in all each around on per stitch stitches st sts s sti stich stiches count . side round rnd leg row the your hook every at end of this",
);
/** The round is worked to its end: "…, all the way round, 24." */
const GONE_ROUND =
  /^(round|around|along|across|end|times|twice|thrice|each|every|stitch|st|sts|stitches|together|tog|[)\]])$/;
/** Nothing more can be worked behind "repeat from * to end": ", 12 sc" tells what it comes to. */
const repeatedToEnd = (c: Cursor, at: number): boolean =>
  WHOLE.test(c.tokens[at - 2]?.text ?? "") &&
  c.tokens.slice(0, at - 2).some((t) => /^(rep|repeat|repeating)$/.test(t.text));
const WHOLE = /^(end|around|round|across)$/;
const SHORT_UNIT = words("s st sts stitch stitches stiches sti stich");
const THINGS_STOP = words("x times time more cm mm g m yd oz inch inches rounds rnds rows round rnd row");

/** "= 21st" is twenty-one stitches, whatever it looks like. */
function totalNumber(c: Cursor): number | undefined {
  const token = c.peek();
  if (token?.kind === "number" && Number.isInteger(token.value)) return (c.at++, token.value);
  if (token?.kind !== "ordinal" || !token.text.endsWith("1st")) return undefined;
  c.at++;
  return token.value;
}

/** Does the round, or a sentence of it, end here? */
const atEnd = (c: Cursor): boolean => c.done || c.is(".", ";", "!", ")", "]", "\n", "|");

/** What is done when a round's stitches are made. */
const CLOSING = words("ss sl slst join fo fasten cut turn stuff fill close finish break");

/** ", ch 1, turn": a chain behind the sum lifts the next row. */
const liftsAndTurns = (c: Cursor): boolean =>
  /^(ch|chain)$/.test(c.text(1)) &&
  c.kind(2) === "number" &&
  (c.kind(3) === "end" || /^(turn|and|\.)$/.test(c.text(3)) || (c.text(3) === "," && c.text(4) === "turn"));

interface Counted {
  readonly n: number;
  readonly each: boolean;
  readonly unit: StitchWord | undefined;
  readonly named: boolean;
  /** "in all", "total": said to be a total. */
  readonly said: boolean;
}

/** "18", "18 sts", "18 sc in all": the number with what it counts. */
function counted(c: Cursor, x: Context, sentence = false): Counted | undefined {
  const n = totalNumber(c);
  if (n === undefined) return undefined;
  const stop = c.at;
  c.take(".");
  let named = false;
  let unit: StitchWord | undefined;
  if (SHORT_UNIT.has(c.text())) {
    named = true;
    c.at++;
  } else if (c.kind() === "word") {
    unit = c.attempt(() => {
      const w = readStitch(c, x.terms);
      return w?.kind === "plain" ? w : undefined;
    });
    if (unit) named = true;
    if (SHORT_UNIT.has(c.text())) c.at++;
  }
  if (c.is("total", "altogether", "in") && !named) named = true;
  const at = c.at;
  // "6 sts are left".
  if (c.is("are", "is") && /^(left|remaining)$/.test(c.text(1))) c.at++;
  const each = c.is("each", "per") || (c.is("on") && c.text(1) === "each");
  while (
    !c.done &&
    (TRAIL.has(c.text()) || isRoundWord(c.text())) &&
    !(c.is(".") && !(c.kind(1) === "mark"))
  ) {
    named ||= /^(now|left|remain|remaining|total|altogether|overall|made)$/.test(c.text());
    c.at++;
  }
  // "12. Stuff": what comes behind the full stop is another sentence.
  if (sentence && c.at === stop + 1 && !named) c.at = stop;
  const said = c.tokens.slice(at, c.at).some((t) => /^(total|all|altogether|overall)$/.test(t.text));
  // "(9 with the chain)" too.
  if (named || c.is("with", "incl", "including", "counting")) c.attempt(() => besideChain(c) || undefined);
  return { n, each, unit, named, said };
}

/** "6 sts after the turning chain", "12 sts without the ch 1": what the number leaves out. */
function besideChain(c: Cursor): boolean {
  c.take(",");
  c.take("not");
  if (
    !c.take(..."after without excluding counting including incl with plus beside besides before".split(" "))
  )
    return false;
  c.take("the", "a", "your", "this");
  c.take("turning", "beginning", "starting", "first", "initial");
  if (!c.take("ch", "chain", "chains")) return false;
  c.number();
  return true;
}

/** "(18)", "[18 sts]", "= 18", ". 18 sts.", "you should have 18", "18 in all": what the round comes to. */
export const totals: Phrase = {
  name: "totals",
  starts: new Set([
    "number",
    "ordinal",
    ...'( [ { < = == - -- : / | ~ > ** __ \u2026 " *'.split(" "),
    ...LEAD_START,
    "to",
  ]),
  read(c, x) {
    const out: Reading[] = [];
    const start = c.at;
    const push = (cost: number, t: Counted) => {
      out.push({ to: c.at, cost, piece: { kind: "total", n: t.n, each: t.each, unit: t.unit } });
    };
    const mark = c.text();
    if (holdsWords(c)) return out;
    const added = addedUp(c);
    if (added !== undefined) {
      out.push({
        to: c.at,
        cost: COST.totalBracketed,
        piece: { kind: "total", n: added, each: false, unit: undefined },
      });
      return out;
    }
    c.at = start;
    const bracketed = bracketTotal(c, x);
    if (bracketed) push(COST.totalBracketed, bracketed);
    c.at = start;
    if (mark === "(" || mark === "[" || mark === "{") {
      const each = eachOf(c);
      if (each !== undefined) {
        out.push({
          to: c.at,
          cost: COST.totalListed,
          piece: { kind: "total", n: each.at(-1) ?? 0, each: false, unit: undefined, list: each },
        });
        return out;
      }
      c.at = start;
      const list = listed(c, x);
      if (list) out.push(...list);
      return out;
    }
    const signed = SIGN.has(mark) && c.kind() === "mark";
    if (signed) {
      while (SIGN.has(c.text()) && c.kind() === "mark") c.at++;
      const led = leadWords(c);
      // "- 12 ruffles".
      if (!led && thingsAt(c, x)) out.push({ to: c.at + 2, cost: COST.things, piece: { kind: "aside" } });
      // "Join to the top of ch-3. 12 dc": no sum of three.
      const glued = /^--?$/.test(mark) && c.tokens[start - 1]?.to === c.tokens[start]?.from;
      const t = counted(c, x, !glued);
      if (t) {
        while (c.is("|", "~", "**", "*", "-", "--", "__", '"')) c.at++;
        const sure = mark === "=" || mark === "==" || mark === "\u2026" || led;
        // "- 18, ss, cut.": what ends the round comes behind its sum.
        const closes = c.is(",") && (CLOSING.has(c.text(1)) || liftsAndTurns(c));
        // ": 24 -- wait with filling": a remark.
        const dash = c.tokens[c.at - 1]?.text ?? "";
        const remarks =
          /^--?$/.test(dash) && c.kind() === "word" && (sure || mark === ":") && !stitchAhead(c, x);
        if (
          c.done ||
          closes ||
          remarks ||
          (atEnd(c) && (sure || t.named || c.is("."))) ||
          (sure && (t.named || mark === "=") && !times(c))
        )
          push(sure ? COST.totalSigned : COST.totalSigned * 2, t);
      }
      return out;
    }
    // "(sc, dec) to 12".
    const toward = c.is("to") && /^[)\]]$/.test(c.tokens[start - 1]?.text ?? "") && c.kind(1) === "number";
    if (toward) c.at++;
    if (c.kind() === "word") {
      if (!leadWords(c)) return out;
      c.take("=", ":", "-");
      const t = counted(c, x, true);
      // "…, ending with 1 dc. (30)": the sum is still to come.
      const stop = c.is(".", ";", ",") ? 1 : 0;
      const summed = /^[([{=]$/.test(c.text(stop)) && c.kind(stop + 1) === "number";
      if (summed && /^end/.test(c.tokens[start]?.text ?? "")) return out;
      // "That is one single crochet in each": work, said again.
      const placed = c.tokens
        .slice(start, c.at + 2)
        .some(
          (w, i, all) => /^(in|into)$/.test(w.text) && /^(each|every|next)$/.test(all[i + 1]?.text ?? ""),
        );
      if (t && (atEnd(c) || (t.named && !c.is(",") && !placed)) && !times(c)) push(COST.totalSaid, t);
      return out;
    }
    if (c.kind() !== "number" && c.kind() !== "ordinal") return out;
    const before = c.tokens[start - 1]?.text ?? "";
    // "5 petals.": things, in a sentence of their own.
    if (before === "." && thingsAt(c, x))
      out.push({ to: c.at + 2, cost: COST.things, piece: { kind: "aside" } });
    if (/^[.=]$/.test(before)) {
      // "10 sc + 2 ch-4 spaces." in a sentence of its own.
      out.push(...(listed(c, x, true) ?? []));
      c.at = start;
    }
    const t = counted(c, x, true);
    if (t && toward && atEnd(c)) push(COST.totalSaid, t);
    if (!t || toward || times(c) || !(atEnd(c) || (t.named && c.is("(", "[")))) return out;
    if (t.said) push(COST.totalSaid, t);
    else if (/^[.;!\n]$/.test(before)) push(COST.totalSentence, t);
    else if (before === "," && t.named && repeatedToEnd(c, start) && atEnd(c)) push(COST.totalBehindWhole, t);
    else if (before === "," && (t.named || GONE_ROUND.test(c.tokens[start - 2]?.text ?? "")))
      push(t.named ? COST.totalComma : COST.totalSentence, t);
    else if (
      t.named ||
      c.done ||
      (before === "," && c.is(".") && c.kind(1) === "end") ||
      (start === 0 && stopped(c))
    )
      push(start === 0 ? COST.totalFirst : before === "," ? COST.totalBehindComma : COST.totalBare, t);
    return out;
  },
  examples: [
    ["(18)", "total 18"],
    ["[18 sts]", "total 18"],
    ["{18}", "total 18"],
    ["= 18 sts", "total 18"],
    ["- 18", "total 18"],
    ["| 18 |", "total 18"],
    ["~18~", "total 18"],
    ["(=18)", "total 18"],
    ["(st count: 18)", "total 18"],
    ["(18 s)", "total 18"],
    ["18 in all", "total 18"],
    [": 18 sts are left", "total 18"],
    ["Stitches: 18", "total 18"],
    ["you should now have 18 stitches", "total 18"],
    ["(10 sc and 8 ch)", "total 10"],
    ["= 21st", "total 21"],
    ["(13-14-15)", "total 15"],
    ["(12, 12, 12)", "total 12"],
    ["(9 + 2 + 9 + 2 = 22)", "total 22"],
  ],
};

/**
 * "You now have 12 sc.", "12 sc in total": does a line tell what a round comes to, in words that work nothing? A
 * number of stitches alone is a round.
 */
export function tellsSum(c: Cursor, x: Context): boolean {
  const stop = c.tokens.at(-1)?.text === "." ? c.tokens.length - 1 : c.tokens.length;
  const [first, second] = c.tokens;
  const led = first?.kind === "word" && !/^(now|so|to|in|for)$/.test(first.text);
  const signed = first?.text === "=" || (first?.text === "(" && second?.kind === "word");
  const told =
    led || signed || c.tokens.some((t) => /^(total|altogether|left|remain|remaining)$/.test(t.text));
  if (!told || stop > LONGEST_SUM || !totals.starts.has(c.kind() === "number" ? "number" : c.text()))
    return false;
  return totals.read(c, x).some((r) => r.piece.kind === "total" && r.to >= stop);
}
const LONGEST_SUM = 16;

/** "(sc, inc)", "[2 sc": brackets whose first word leads to no number are no sum. */
const holdsWords = (c: Cursor): boolean =>
  /^[([{]$/.test(c.text()) && c.kind(1) === "word" && !LEAD.has(c.text(1)) && !JOINS.has(c.text(1));
const JOINS = words("and plus with of have");

/**
 * "18 sc inc": what the round comes to, said before how. Only the stitches tell it from eighteen of them, so it
 * is a dear reading.
 */
export const totalAhead: Phrase = {
  name: "total ahead",
  starts: words("number"),
  read(c, x) {
    if (c.at > 0) return NONE;
    const n = c.number();
    if (n === undefined || !Number.isInteger(n) || c.text() === "x") return NONE;
    // "18 flo (1, inc)".
    const opens = /^[([*]$/.test(c.text(/^(?:blo|flo|bl|fl)$/.test(c.text()) ? 1 : 0));
    const begins = opens || c.kind() === "number" || stitchAhead(c, x);
    return begins
      ? [
          {
            to: c.at,
            cost: COST.totalAhead,
            piece: { kind: "total", n, each: false, unit: undefined, ahead: true },
          },
        ]
      : NONE;
  },
  examples: [],
};

/** "5 petals", "12 ruffles" at the end: a number of things that are no stitches. */
function thingsAt(c: Cursor, x: Context): boolean {
  return (
    c.kind() === "number" &&
    c.kind(1) === "word" &&
    /s$/.test(c.text(1)) &&
    (c.kind(2) === "end" || c.text(2) === ".") &&
    !isRoundWord(c.text(1)) &&
    !SHORT_UNIT.has(c.text(1)) &&
    !THINGS_STOP.has(c.text(1)) &&
    !readStitch(new Cursor(c.tokens.slice(c.at + 1, c.at + 2), c.source), x.terms)
  );
}

/** Nothing but a full stop is left. */
const stopped = (c: Cursor): boolean => c.is(".", ";") && c.kind(1) === "end";

/** Moves past words that introduce a total; false when nothing of the kind stands there. */
function leadWords(c: Cursor): boolean {
  if (!LEAD_START.has(c.text())) return false;
  // "Round count: 12", and not "round 12".
  if (isRoundWord(c.text()) && !/^(count|total|totals|stitch|stitches|sts)$/.test(c.text(1))) return false;
  const from = c.at;
  while (c.at - from < 8 && c.kind() !== "number" && LEAD.has(c.text())) c.at++;
  if (c.kind() === "number" || c.kind() === "ordinal") return true;
  c.at = from;
  return false;
}
const times = (c: Cursor): boolean => {
  const at = c.at;
  const follows = c.kind() !== "mark" && readTimes(c) !== undefined;
  c.at = at;
  return follows;
};

/** A total between two marks that belong together. */
function bracketTotal(c: Cursor, x: Context): Counted | undefined {
  const marks: string[] = [];
  while (marks.length < 3 && CLOSER.has(c.text()) && c.kind() === "mark") {
    marks.push(c.text());
    c.at++;
  }
  if (marks.length === 0) return undefined;
  while (c.is("=", "-", ":", "~", "**", "*", "\u2026")) c.at++;
  leadWords(c);
  c.take("=", ":", "-", "of", "have");
  const t = counted(c, x);
  if (!t) return undefined;
  while (marks.length > 0) {
    c.take("**", "*", "!", ".");
    if (!c.take(CLOSER.get(marks.pop() ?? "") ?? ")")) return undefined;
  }
  // "(6 sc) x 3" and "(6 sts) 3 times" are repeats.
  if ((t.unit || t.named) && times(c)) return undefined;
  if (c.is("x", "*") && c.kind(1) === "number" && !opensRepeat(c)) return undefined;
  return t;
}

/** "(9 + 2 + 9 + 2 = 22)", "= 9 + 2 + 9 + 2 = 22": a sum with what it is made of. */
function addedUp(c: Cursor): number | undefined {
  const close = /^[([{]$/.test(c.text()) ? CLOSER.get(c.text()) : undefined;
  if (close === undefined && !c.is("=")) return undefined;
  c.at++;
  let terms = 0;
  let sum = 0;
  do {
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !Number.isInteger(n)) return undefined;
    if (SHORT_UNIT.has(c.text())) c.at++;
    sum += n;
    terms++;
  } while (c.take("+", "plus"));
  if (terms < 2 || !c.take("=")) return undefined;
  const n = c.kind() === "number" ? c.number() : undefined;
  if (SHORT_UNIT.has(c.text())) c.at++;
  // What does not add up is no sum of a round, whatever it is.
  return n === sum && (close === undefined ? atEnd(c) : c.take(close)) ? n : undefined;
}

/** "(5-6-7-8)", "(12, 12, 12)": the sum of each round of a range; the last is what it comes to. */
function eachOf(c: Cursor): readonly number[] | undefined {
  const close = CLOSER.get(c.text()) ?? ")";
  c.at++;
  const list: number[] = [];
  while (c.kind() === "number") {
    const n = c.number();
    if (n === undefined || !Number.isInteger(n)) return undefined;
    list.push(n);
    if (c.is("st", "sts", "stitches")) c.at++;
    if (!c.take(",", "-", "--", "/", ";")) break;
    c.take("and", "&");
  }
  return list.length >= LEAST_EACH && c.take(close) && !times(c) ? list : undefined;
}
/** "(2, 3)" may be worked; three numbers and no stitch are hardly. */
const LEAST_EACH = 3;

/**
 * "(10 sc and 8 ch)", "(12 sc, 6 petals)": kind by kind. Chains and things are no stitches, unless she counts
 * them along.
 */
function listed(c: Cursor, x: Context, sentence = false): Reading[] | undefined {
  const close = sentence ? "." : (CLOSER.get(c.text()) ?? ")");
  if (!sentence) c.at++;
  let n = 0;
  let extra = 0;
  let kinds = 0;
  let stitchKinds = 0;
  let lone = false;
  while (!c.done && !c.is(close)) {
    c.take(",", "and", "+", "&", ";", "/", "plus", "with");
    const k = c.kind() === "number" ? c.number() : undefined;
    if (k === undefined || !Number.isInteger(k)) return undefined;
    const unit = readStitch(c, x.terms);
    if (unit && unit.kind !== "plain" && unit.kind !== "generic") return undefined;
    if (unit && /^(space|spaces|sp|sps|loop|loops|arch|arches|-|gaps)$/.test(c.text())) {
      while (!c.done && !c.is(close, ",", "and", "+", "&")) c.at++;
      extra += k;
    } else if (unit && unit.stitch !== "ch" && unit.stitch !== "slst") {
      n += k;
      stitchKinds++;
    } else if (unit) extra += k;
    else {
      if (c.kind() !== "word" || THINGS_STOP.has(c.text())) return undefined;
      let many = 0;
      while (c.kind() === "word" && many < 3 && !c.is("and", "plus", "with")) {
        if (THINGS_STOP.has(c.text())) return undefined;
        c.at++;
        many++;
      }
      lone = true;
      extra += k;
    }
    kinds++;
  }
  if (!(c.take(close) || (sentence && c.done)) || kinds === 0 || (!sentence && times(c))) return undefined;
  if (sentence && kinds < 2) return undefined;
  const total = (count: number): PieceBody => ({ kind: "total", n: count, each: false, unit: undefined });
  if (kinds === 1)
    return lone
      ? [
          // "(7 fins)": seven things, or seven stitches called so.
          { to: c.at, cost: COST.things, piece: { kind: "aside" } },
          { to: c.at, cost: COST.things + 0.1, piece: total(extra) },
        ]
      : undefined;
  const at = c.at;
  const out: Reading[] = [{ to: at, cost: COST.totalListed, piece: total(stitchKinds > 0 ? n : extra) }];
  if (stitchKinds > 0 && extra > 0)
    out.push({ to: at, cost: COST.totalListed + 0.2, piece: total(n + extra) });
  return out;
}
