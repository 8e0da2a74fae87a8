import { readShade } from "../colours";
import type { Cursor } from "../cursor";
import { isRoundWord, wordOf, type RoundLabel } from "../labels";
import { MAX_ROUNDS } from "../limits";
import type { Token } from "../tokens";
import { isStitchNoun } from "../vocabulary";
import { signedAt } from "../phrases/signed";
import { LABEL } from "./costs";

/** One way to read the beginning of a line as the label of a round. */
export interface LabelReading {
  readonly label: RoundLabel;
  /** Index of the first token behind it. */
  readonly to: number;
  readonly cost: number;
  /** Its shape: what it is written with, so that a text's own way shows. */
  readonly style: string;
}

const TO = new Set(["-", "--", "to", "through", "thru", "till", "until", "up", "\u2026", "~"]);
const AND = new Set(["and", "&", "+", ",", "/"]);
const CLOSE = new Set([":", ".", ")", "-", "--", "=", ";", "]", "|", "/", ",", ">", "\u2026"]);
const PLURAL = /^(rounds|rnds|rds|rows|rws|rns)$/;
/** What cannot stand behind a round's number: it is a number of something else. */
const UNIT =
  /^(mm|cm|g|gram|grams|oz|yd|yds|inch|inches|%|hours?|minutes?|mins?|eyes?|pieces?|balls?|skeins?)$/;

/** What comes before round 1. */
export const ZERO = /^(foundation|setup|start|begin|beginning)$/;
/** Words before "round:" that speak of several. */
const OF_MANY = /^(each|every|all|both|these|those|other|previous|odd|repeat|per|no|the|of|note)$/;
/** Tell that a round follows, without the word. */
const ORDER = /^(next|finally|lastly|afterwards)$/;
const STITCH = /^(sc|hdc|dc|htr|tr|inc|dec|ch|single|half|double|treble|sl|slst|ss|invdec)$/;

interface Numbers {
  readonly last: number;
  readonly list?: readonly number[];
  readonly alternate?: true;
  readonly to: number;
  readonly cost: number;
}

/** "… and all even rounds", "& every following odd-numbered rnd": whether it stands at the cursor. */
const alternates = (c: Cursor): boolean =>
  c.attempt(() => {
    const bracket = c.take("(", "[");
    if (!c.takeAny(AND) || !c.take("all", "every", "each", "the")) return undefined;
    c.take("the");
    c.take("following", "other", "subsequent", "remaining", "next");
    if (!c.take("even", "odd", "alternate")) return undefined;
    c.take("-");
    c.take("numbered", "number");
    if (!isRoundWord(c.text())) return undefined;
    c.at++;
    return !bracket || c.take(")", "]") ? true : undefined;
  }) ?? false;

const isNumber = (c: Cursor): boolean => c.kind() === "number" || c.kind() === "ordinal";
const take = (c: Cursor): number | undefined =>
  isNumber(c) ? (c.at++, c.tokens[c.at - 1]?.value) : undefined;
function roundWord(c: Cursor): void {
  if (!isRoundWord(c.text())) return;
  c.at++;
  c.take(".", "#", ":", "-");
}

/** "3-9": two numbers right behind the cursor with nothing around their dash. */
const closedUp = (c: Cursor): boolean => {
  const [first, dash, last] = c.tokens.slice(Math.max(0, c.at - 3), c.at);
  return first !== undefined && first.to === dash?.from && dash.to === last?.from;
};

/** "3-9", "3)–6)", "1.-3.", "4 and 5", "5, 6 and 7", or the first number alone: every reading. */
function numbers(c: Cursor, first: number): readonly Numbers[] {
  const start = c.at;
  const out: Numbers[] = [];
  const range = c.attempt(() => {
    // "7.)-11.)" too.
    c.attempt(() => {
      while (c.take(".", ")", "]", ":"));
      return TO.has(c.text()) ? true : undefined;
    });
    // "r6..r11", "R2...R4".
    const dots = c.attempt(() => {
      const at = c.at;
      while (c.take(".", "\u2026"));
      return (c.at > at + 1 || c.tokens[at]?.text === "\u2026") && isRoundWord(c.text()) ? true : undefined;
    });
    // "4...6".
    if (c.is(".") && c.text(1) === ".") {
      let end = 2;
      while (c.text(end) === ".") end++;
      if (c.kind(end) === "number") c.at += end - 1;
    }
    const several = c.is(".") && c.tokens[c.at - 1]?.text === "." && (c.at++, true);
    // An arrow goes to the last round only where the word stands again or a colon follows: "R1 → 6 sc" is work.
    const named = isRoundWord(c.text(1)) || (c.kind(1) === "number" && c.text(2) === ":");
    const arrow = c.is(">", "=") && named && (c.at++, true);
    if (!arrow && !dots && !several && !c.takeAny(TO)) return undefined;
    c.take("to", "and", ".");
    while (c.take(".", "-"));
    c.take("#");
    // "(r7)-(r10)": a number that is framed as the first one is.
    const framed = /^[([]$/.test(c.tokens[start - 2]?.text ?? "");
    if (c.is("(", "[") && (isRoundWord(c.text(1)) || (framed && c.kind(1) === "number"))) c.at++;
    roundWord(c);
    c.take("#");
    const last = take(c);
    if (arrow && (last ?? 0) <= first) return undefined;
    return last !== undefined && Number.isInteger(last) ? last : undefined;
  });
  if (range !== undefined && range !== first) {
    // "3 - 6x (sc, inc)" is round 3 and a repeat, not rounds 3 to 6.
    // … and "3-4 st in st" says how plain they are.
    const plain = isStitchNoun(c.text()) && /^(in|into|by)$/.test(c.text(1)) && isStitchNoun(c.text(2));
    const counts = !c.done && !plain && (/^(x|times|\*)$/.test(c.text()) || isStitchNoun(c.text()));
    // … and "3 sc" may be what is worked, unless the stitch has a number of its own: "2-3 sc 5".
    // … or goes all the way round: "3-7 sc around".
    const everywhere =
      /^(around|each|every|all|even|evenly|only|everywhere|throughout)$/.test(c.text(1)) ||
      (/^(in|into)$/.test(c.text(1)) && /^(each|every|all)$/.test(c.text(2))) ||
      // "7-9 sc (36)": what it comes to is another number.
      (/^[([{<]$/.test(c.text(1)) && c.kind(2) === "number" && c.peek(2)?.value !== range) ||
      // "3-4 sc → 10" too, where nothing stands between the numbers and their dash.
      (closedUp(c) &&
        /^(?:[=>:-]|--)$/.test(c.text(1)) &&
        c.kind(2) === "number" &&
        c.peek(2)?.value !== range);
    const worked =
      c.tokens[c.at - 2]?.text === "-" && STITCH.test(c.text()) && c.kind(1) !== "number" && !everywhere;
    // "Row 8 – 13 [13]": the same number again is what the row comes to.
    const sum = /^[([]$/.test(c.text()) && c.peek(1)?.value === range && /^[)\]]$/.test(c.text(2));
    const counted = counts || (sum && !closedUp(c) && (c.kind(3) === "end" || c.text(3) === "."));
    out.push({
      last: range,
      to: c.at,
      cost:
        (counted ? LABEL.rangeCounts : worked ? LABEL.rangeWorked : 0) +
        (range < first ? LABEL.backwards : 0),
    });
  }
  c.at = start;
  // "Rnd 3 and the next 3 rounds".
  const following = c.attempt(() => {
    if (!c.takeAny(AND)) return undefined;
    c.take("the");
    if (!c.take("next", "following")) return undefined;
    const many = take(c) ?? 1;
    return isRoundWord(c.text()) ? (c.at++, many) : undefined;
  });
  if (following !== undefined) out.push({ last: first + following, to: c.at, cost: 0 });
  c.at = start;
  if (alternates(c)) return [{ last: first, to: c.at, cost: 0, alternate: true }];
  const list = [first];
  for (;;) {
    const next = c.attempt(() => {
      // "2. +6 = 12" is round 2 and what it adds.
      if (c.is(")", ".") && c.text(1) === "+" && !/^[).]$/.test(c.text(3))) return undefined;
      // "2) and 3)".
      if (c.is(")", ".") && /^(and|&|\+)$/.test(c.text(1))) c.at++;
      if (!c.takeAny(AND)) return undefined;
      c.take("and", "&");
      roundWord(c);
      const value = take(c);
      return value !== undefined && Number.isInteger(value) && value > (list[list.length - 1] ?? 0)
        ? value
        : undefined;
    });
    if (next === undefined) break;
    list.push(next);
  }
  if (list.length > 1) {
    const last = list[list.length - 1] ?? first;
    const run = last - first === list.length - 1;
    // "1, 6 sc": a comma and a number alone are more likely what is worked.
    const loose = list.length === 2 && c.tokens[c.at - 2]?.text === "," && !CLOSE.has(c.text());
    out.push({
      last,
      to: c.at,
      cost: (run ? 0 : LABEL.list) + (loose ? LABEL.listOfWork : 0),
      ...(run ? {} : { list }),
    });
  }
  c.at = start;
  const framed = framedOn(c, first);
  if (framed !== undefined) out.push({ last: framed, to: c.at, cost: 0 });
  // "6 7 8 9 sc": numbers that count on, with nothing between them.
  let next = start;
  while (c.tokens[next]?.kind === "number" && c.tokens[next]?.value === first + 1 + next - start) next++;
  if (next - start >= 2) out.push({ last: first + next - start, to: next, cost: 0 });
  out.push({ last: first, to: start, cost: out.length > 0 ? LABEL.cutShort : 0 });
  return out;
}

/** "Rnd 4 (5, 6, 7):", "Rnd 4 (and 5):": numbers in brackets that count on from the first; the last of them. */
function framedOn(c: Cursor, first: number): number | undefined {
  if (!c.take("(", "[")) return undefined;
  const led = c.take("and", "&", "+", "also");
  let last = first;
  do {
    c.take("and", "&");
    if (c.kind() !== "number" || c.peek()?.value !== last + 1) return undefined;
    c.at++;
    last++;
  } while (c.take(",", "and", "&", "/"));
  // "Rnd 4 (5)" may be a sum.
  return c.take(")", "]") && (led || last > first + 1) ? last : undefined;
}

interface Tail {
  readonly written?: { readonly n: number; readonly from: number; readonly to: number };
  readonly total?: { readonly n: number; readonly from: number; readonly to: number };
  readonly closed: boolean;
}

/** "Rnd 2: 12: inc in all", "2 | 12 | inc": a sum between the label and the work, behind the label's own sign. */
function sumFirst(c: Cursor): Tail["total"] {
  const before = c.tokens[c.at - 1]?.text ?? "";
  const sign = /^[|=]$/.test(before) ? before : ":";
  const at = c.from;
  const n = c.kind() === "number" ? c.number() : undefined;
  if (n === undefined || !Number.isInteger(n)) return undefined;
  const to = c.to;
  c.take("st", "sts", "stitches");
  const works = () =>
    c.kind() === "word" || c.is("(", "[", "*") || (c.kind() === "number" && c.kind(1) === "word");
  // "5-7 | 32 |": a plain round has an empty cell.
  return c.take(sign) && (works() || (sign === "|" && c.done)) ? { n, from: at, to } : undefined;
}

/** "Rounds 5 to 9 are just single crochet": what a round is, told by a verb; only in front of work. */
function copula(c: Cursor): true | undefined {
  // "Work rnd 4 as (2 sc, inc) x 6"; "as 2 and 3" speaks of rounds.
  if (c.is("as", "by") && c.kind(1) === "number" && c.kind(2) !== "word") return undefined;
  if (!c.take("is", "are", "was", "were", "will", "as", "by")) return undefined;
  while (c.take("be", "just", "simply", "only", "all", "both", "each", "worked", "as", "in"));
  return c.kind() === "number" || STITCH.test(c.text()) || c.is("(", "[", "*") ? true : undefined;
}

/** "(5 rounds)", "(RS)", "(18)" behind the numbers, and the sign that ends the label. */
function tail(c: Cursor): Tail {
  let written: Tail["written"];
  let total: Tail["total"];
  for (;;) {
    const got = c.attempt(() => {
      if (!c.take("(", "[")) return undefined;
      if (c.take("rs", "ws", "right", "wrong")) {
        c.take("side");
        return c.take(")", "]") ? true : undefined;
      }
      const at = c.from;
      const n = c.kind() === "number" ? c.number() : undefined;
      if (n === undefined || !Number.isInteger(n)) return undefined;
      const end = c.to;
      if (isRoundWord(c.text())) {
        c.at++;
        c.take("total", "in");
        c.take("all", "total");
        if (!c.take(")", "]")) return undefined;
        written = { n, from: at, to: end };
        return true;
      }
      c.take("st", "sts", "stitches", "sc", "dc");
      if (!c.take(")", "]")) return undefined;
      if (!c.is(":", "-", "--", "=")) return undefined;
      total = { n, from: at, to: c.to };
      return true;
    });
    if (!got) break;
  }
  // "Rnds 4 – 6 inclusive".
  c.take("inclusive", "incl", "including");
  // "Rnd 3 of 12:".
  c.attempt(() =>
    c.take("of") && c.kind() === "number" && (c.at++, CLOSE.has(c.text())) ? true : undefined,
  );
  const from = c.at;
  c.attempt(() => copula(c));
  // "- x3" may be work where she says that "-" is a decrease.
  // … and "-6 (12)" is six stitches fewer.
  while (
    CLOSE.has(c.text()) &&
    !(c.at > from && c.legend.has(c.text())) &&
    !(signedAt(c.tokens, c.at) && c.tokens[c.at - 1]?.to !== c.from)
  )
    c.at++;
  const sum = c.at > from ? c.attempt(() => sumFirst(c)) : undefined;
  if (sum) total ??= sum;
  return { ...(written ? { written } : {}), ...(total ? { total } : {}), closed: c.at > from };
}

/** "4 B: 18", "7 white: 20": does a colour and the sign stand behind the number? It stays with the work. */
const shadeCloses = (c: Cursor): boolean => {
  const { at } = c;
  const lettered = c.kind() === "word" && c.colours.has(c.text()) && (c.at++, true);
  const shade = lettered || readShade(c) !== undefined;
  const closes = shade && c.is(":");
  c.at = at;
  return closes;
};

/**
 * The likeliest way to read what stands at the cursor as a label, which is passed; undefined where it is
 * none.
 */
export function likeliestLabel(c: Cursor, bare: boolean): RoundLabel | undefined {
  const all = labelReadings(c, bare);
  const [first] = all;
  if (!first) return undefined;
  const best = all.reduce((a, b) => (b.cost < a.cost ? b : a), first);
  c.at = best.to;
  return best.label;
}

/** "(12) Rnd 2:", "[18 sts] R3": the total stands before the label. */
const totalFirst = (c: Cursor): RoundLabel["total"] =>
  c.attempt(() => {
    const from = c.from;
    if (!c.take("(", "[")) return undefined;
    const n = c.kind() === "number" ? c.number() : undefined;
    if (n === undefined || !Number.isInteger(n)) return undefined;
    c.take("st", "sts", "stitches", "sc");
    const to = c.to;
    if (!c.take(")", "]") || !isRoundWord(c.text()) || c.kind(1) !== "number") return undefined;
    return { n, from, to };
  });

/** "Side 1: sc 2, hdc 2, …": one side of a chain with its stitches; "Side 1" alone names a part. */
function sideLabel(c: Cursor): Token | undefined {
  const n = c.peek(1);
  if (!c.is("side") || n?.kind !== "number" || n.value > 2) return undefined;
  const colon = c.tokens.findIndex((t, i) => i > c.at && t.text === ":");
  const told = c.tokens.slice(c.at + 2, colon);
  // "Side 2 (along the other side of the chain):".
  const plain = told.length === 0 || (told[0]?.text === "(" && told.at(-1)?.text === ")");
  const [stitch, number] = c.tokens.slice(colon + 1, colon + 3);
  const works =
    STITCH.test(stitch?.text ?? "") || (stitch?.kind === "number" && STITCH.test(number?.text ?? ""));
  return colon > 0 && plain && works ? n : undefined;
}

/** Does a bracket hold numbers of rounds, and no total: "(4-6)", "(4 to 6)"? */
const framedNumbers = (c: Cursor): boolean => {
  const end = c.tokens.findIndex((t, i) => i > c.at && /^[)\]]$/.test(t.text));
  return end - c.at === 4 && TO.has(c.text(2)) && c.kind(3) === "number";
};

/**
 * All ways to read the beginning of a line as a label. `bare` allows a number alone, which only a line's
 * start may be.
 */
export function labelReadings(c: Cursor, bare: boolean): readonly LabelReading[] {
  const start = c.at;
  const from = c.from;
  const out: LabelReading[] = [];
  const lead = totalFirst(c);
  // "Then round ten is …".
  if (c.is("then", "now") && (isRoundWord(c.text(1)) || /^(for|in|on)$/.test(c.text(1)))) c.at++;
  c.take("for", "in", "on", "from");
  // "Work rounds five, six and seven even".
  if (c.is("work", "crochet") && isRoundWord(c.text(1)) && c.kind(2) === "number") c.at++;
  c.take("the");
  // "4 Rnd 4: …": lines counted by themselves.
  if (bare && c.kind() === "number" && isRoundWord(c.text(1)) && c.kind(2) === "number" && c.text(3) !== "of")
    c.at++;
  const bracket = c.take("(", "[");
  const first = c.tokens[c.at];
  if (!first) return out;
  const finish = (
    word: "round" | "row",
    style: string,
    n: number | undefined,
    more: readonly Numbers[],
    many: number,
    cost: number,
    manyAt?: Token,
  ) => {
    for (const m of more) {
      c.at = m.to;
      if (isRoundWord(c.text()) && style === "ordinal") c.at++;
      const numbersEnd = c.to;
      const t = tail(c);
      const beyond = Math.max(n ?? 0, m.last, many) > MAX_ROUNDS;
      const label: RoundLabel = {
        from,
        to: c.to,
        first: beyond ? undefined : n,
        last: beyond || n === undefined ? undefined : m.last,
        word,
        written: t.written?.n,
        writtenAt: t.written ? { from: t.written.from, to: t.written.to } : undefined,
        list: beyond ? undefined : m.list,
        ...(m.alternate ? { alternate: true } : {}),
        many: beyond ? 1 : many,
        ...(manyAt ? { manyAt: { from: manyAt.from, to: manyAt.to } } : {}),
        ...(beyond ? { beyond: { from, to: numbersEnd } } : {}),
        ...((t.total ?? lead) ? { total: t.total ?? lead } : {}),
      };
      const plural = PLURAL.test(first.text);
      const single = n !== undefined && m.last === n;
      out.push({
        label,
        to: c.at,
        style: `${style}${t.closed ? (c.tokens[c.at - 1]?.text ?? "") : ""}`,
        cost:
          cost +
          m.cost +
          (t.closed ? 0 : LABEL.open) +
          (plural && single && style !== "ordinal" ? LABEL.pluralOfOne : 0),
      });
    }
    c.at = start;
  };
  // "#4 sc 12", "#6-#9 sc 24".
  if (first.text === "#" && c.kind(1) === "number") {
    c.at++;
    const n = take(c);
    // "#1 Head" counts parts.
    const works = c.tokens.slice(c.at).some((t) => t.kind === "number" || STITCH.test(t.text));
    if (n !== undefined && Number.isInteger(n) && works) finish("round", "bare#", n, numbers(c, n), 1, 0);
    return out;
  }
  const side = sideLabel(c);
  if (side) {
    c.at += 2;
    finish("row", "side", side.value, [{ last: side.value, to: c.at, cost: 0 }], 1, LABEL.next);
    return out;
  }
  if (isRoundWord(first.text) && first.kind === "word") {
    c.at++;
    c.take(".", "#", "-", ":", "/");
    c.take("#", "no", "number", "nr");
    c.take(".");
    // "Rnds (4-6)".
    const framed = c.is("(", "[") && c.kind(1) === "number" && framedNumbers(c) && (c.at++, true);
    const n = take(c);
    if (n !== undefined && Number.isInteger(n)) {
      const more = numbers(c, n).filter((m) => !framed || /^[)\]]$/.test(c.tokens[m.to]?.text ?? ""));
      finish(wordOf(first.text), first.text.replace(/s$/, ""), n, more, 1, 0);
    }
    return out;
  }
  // "Even rounds: sc around", "All odd rnds: …".
  const parity = c.is("all", "every") ? 1 : 0;
  // "Even rounds: sc" are all of even number; "even round: sc" is a round without shaping.
  const many = isRoundWord(c.text(parity + 1)) && c.text(parity + 1).endsWith("s");
  if (/^(even|odd)$/.test(c.text(parity)) && many && c.text(parity + 2) === ":") {
    const n = c.text(parity) === "even" ? 2 : 3;
    c.at += parity + 2;
    finish("round", "ordinal", n, [{ last: n, to: c.at, cost: 0, alternate: true }], 1, 0);
    return out;
  }
  // "To start: magic ring".
  if (c.is("to") && ZERO.test(c.text(1)) && c.text(2) === ":") {
    c.at += 2;
    finish("round", "zero", 0, [{ last: 0, to: c.at, cost: 0 }], 1, 0);
    return out;
  }
  // "Foundation: 6 sc in a ring" under which round 1 begins.
  if (ZERO.test(first.text)) {
    c.at++;
    if (isRoundWord(c.text()) || c.is("ring", "chain")) c.at++;
    if (c.is(":")) finish("round", "zero", 0, [{ last: 0, to: c.at, cost: 0 }], 1, 0);
    c.at = start;
    return out;
  }
  // "Next: dec x 6", "Lastly, (1, dec) x 6": the round is left out.
  if (bare && ORDER.test(first.text) && /^[:,]$/.test(c.text(1))) {
    c.at++;
    finish("round", "next", undefined, [{ last: 0, to: c.at, cost: 0 }], 1, LABEL.next);
    return out;
  }
  if (c.is("next", "following", "last", "final")) {
    c.at++;
    const said = c.kind() === "number" ? c.peek() : undefined;
    const many = said ? (c.number() ?? 1) : 1;
    if (!isRoundWord(c.text())) return out;
    const word = wordOf(c.text());
    c.at++;
    finish(word, "next", undefined, [{ last: 0, to: c.at, cost: 0 }], many, LABEL.next, said);
    return out;
  }
  // "Joining round: …", "Edging row: …", "2nd increase round: …": called by what it does.
  if (first.kind === "ordinal" && c.kind(1) === "word" && isRoundWord(c.text(2)) && c.text(3) === ":") {
    const word = wordOf(c.text(2));
    c.at += 3;
    finish(word, "called", undefined, [{ last: 0, to: c.at, cost: 0 }], 1, LABEL.next);
    return out;
  }
  if (first.kind === "word" && isRoundWord(c.text(1)) && c.text(2) === ":" && !OF_MANY.test(first.text)) {
    const word = wordOf(c.text(1));
    c.at += 2;
    finish(word, "called", undefined, [{ last: 0, to: c.at, cost: 0 }], 1, LABEL.next);
    return out;
  }
  if (first.kind === "ordinal") {
    const n = first.value;
    c.at++;
    // "Fourth and last round: …".
    c.attempt(() =>
      c.take("and", "&") && c.take("last", "final") && isRoundWord(c.text()) ? true : undefined,
    );
    if (isRoundWord(c.text())) {
      const word = wordOf(c.text());
      c.at++;
      finish(word, "ordinal", n, [{ last: n, to: c.at, cost: 0 }], 1, 0);
      return out;
    }
    const more = numbers(c, n).filter((m) => ((c.at = m.to), isRoundWord(c.text())));
    if (more.length > 0) {
      const word = wordOf(c.text());
      finish(word, "ordinal", n, more, 1, 0);
    }
    c.at = start;
    // "1st: begin with a ring", "2nd - 5th: sc round": the word is left out.
    if (bare && out.length === 0 && first === c.tokens[start]) {
      c.at = start + 1;
      for (const m of numbers(c, n)) {
        c.at = m.to;
        if (c.is(":", ")") || (c.is("-", "--", ".") && m.last !== n))
          finish("round", "ordinal", n, [m], 1, LABEL.bareDash);
        c.at = start + 1;
      }
    }
    // "For the 2nd, put two in each": told as steps of one round after the other.
    const behind = c.tokens.indexOf(first) + 1;
    const led = /^(for|in|on)$/.test(c.tokens[start]?.text ?? "") && c.tokens[behind - 2]?.text === "the";
    if (led && /^[,:]$/.test(c.tokens[behind]?.text ?? "") && out.length === 0)
      finish("round", "ordinal", n, [{ last: n, to: behind, cost: 0 }], 1, LABEL.bareDash);
    c.at = start;
    return out;
  }
  // "0 | ch 12, join": what comes before round 1, in a table or a list.
  if (
    bare &&
    first.text === "0" &&
    CLOSE.has(c.text(1)) &&
    /^(ch|chain|magic|mr|mc|make|start)$/.test(c.text(2))
  ) {
    finish("round", "bare", 0, [{ last: 0, to: c.at + 1, cost: 0 }], 1, LABEL.bare);
    return out;
  }
  if (bare && first.kind === "number" && Number.isInteger(first.value) && first.value > 0) {
    c.at++;
    const behind = c.at;
    // "2 row: …", "5-8 rows: …": the word behind the number; "2 rounds: sc around" is two of them.
    for (const m of numbers(c, first.value)) {
      c.at = m.to;
      const several = m.last !== first.value;
      const word = c.text();
      if (!isRoundWord(word) || PLURAL.test(word) !== several || c.text(1) !== ":") continue;
      c.at = behind;
      finish(wordOf(word), "ordinal", first.value, [m], 1, LABEL.bare);
      return out;
    }
    c.at = behind;
    // "1r:", "5r-8r:": the word stands behind the number.
    if (isRoundWord(c.text()) && c.peek()?.from === first.to) {
      const word = wordOf(c.text());
      c.at++;
      const more = numbers(c, first.value).map((m) => {
        c.at = m.to;
        if (isRoundWord(c.text()) && m.last !== first.value) c.at++;
        return { ...m, to: c.at };
      });
      c.at = start + 2;
      finish(word, "ordinal", first.value, more, 1, 0);
      return out;
    }
    const at = c.at;
    for (const m of numbers(c, first.value)) {
      c.at = m.to;
      // "(1 sc, inc) around", "[1, inc] x 6" open a repeat: the number of a label is closed as it was opened.
      const closed = bracket ? c.is(")", "]") : (CLOSE.has(c.text()) && !c.is(",")) || shadeCloses(c);
      if (!closed) continue;
      if ((c.is(".") && c.kind(1) === "end") || (c.is("-", "--") && c.kind(1) === "end")) continue;
      c.at = at;
      finish(
        "round",
        "bare",
        first.value,
        [m],
        1,
        c.tokens[m.to]?.text === "-" ? LABEL.bareDash : LABEL.bare,
      );
    }
    for (const r of [...out]) if (UNIT.test(c.tokens[r.to]?.text ?? "")) out.splice(out.indexOf(r), 1);
    c.at = start;
  }
  return out;
}
