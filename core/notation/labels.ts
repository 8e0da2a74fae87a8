import type { Cursor } from "./cursor";
import { MAX_ROUNDS } from "./limits";
import type { Span } from "./tree";

export interface RoundLabel extends Span {
  /** undefined for "next round" and for lines that carry no number. */
  readonly first: number | undefined;
  readonly last: number | undefined;
  readonly word: "round" | "row";
  /** "(5 rounds)" after a range: what she wrote, to be held against the numbers. */
  readonly written: number | undefined;
  readonly writtenAt: Span | undefined;
  /** Single numbers in a list: "rounds 5, 7 and 9". */
  readonly list: readonly number[] | undefined;
  /** For "next 4 rounds". */
  readonly many: number;
  /** A number beyond `MAX_ROUNDS` where a round's number stands: an article number, a year with a slip. It names no round. */
  readonly beyond?: Span;
  /** "R3 (18):" says what the round comes to before it says how. */
  readonly total?: { readonly n: number; readonly from: number; readonly to: number };
}

const ROUND = new Set(["r", "rnd", "rnds", "rd", "rds", "round", "rounds", "rn", "rns", "rs"]);
const ROW = new Set(["row", "rows", "rw", "rws"]);
// Every one of them begins with an r, and hardly any other word does.
export const isRoundWord = (text: string): boolean =>
  text.charCodeAt(0) === 114 && (ROUND.has(text) || ROW.has(text));
const wordOf = (text: string): "round" | "row" => (ROW.has(text) ? "row" : "round");
const TO = new Set(["-", "--", "to", "through", "thru", "till", "until", "up"]);
const AND = new Set(["and", "&", "+", ","]);

/** Range or list after the first number: "-9", " to R9", ", 7 and 9". */
function readRange(c: Cursor, first: number): { last: number; list?: number[] } {
  const range = c.attempt(() => {
    if (!c.takeAny(TO)) return undefined;
    c.take("to", "and");
    if (isRoundWord(c.text())) c.at++;
    c.take(".", "#");
    // "3 - 6x (sc, inc)" is round 3 and a repeat, not rounds 3 to 6.
    if (/^(x|sc|inc|dec|hdc|dc|ch|st|sts|mm|cm)$/.test(c.text(1))) return undefined;
    return c.kind() === "number" || c.kind() === "ordinal" ? (c.at++, c.tokens[c.at - 1]?.value) : undefined;
  });
  if (range !== undefined) return { last: range };
  const list = [first];
  for (;;) {
    const next = c.attempt(() => {
      if (!c.takeAny(AND)) return undefined;
      c.take("and", "&");
      if (isRoundWord(c.text())) c.at++;
      const value =
        c.kind() === "number" || c.kind() === "ordinal" ? (c.at++, c.tokens[c.at - 1]?.value) : undefined;
      if (value === undefined || value <= (list[list.length - 1] ?? 0)) return undefined;
      return c.is(",", "and", "&", ":", ".", "-", ")", "=") ||
        c.done ||
        list.length > 1 ||
        c.tokens[c.at - 2]?.text !== ","
        ? value
        : undefined;
    });
    if (next === undefined) break;
    list.push(next);
  }
  const last = list[list.length - 1] ?? first;
  const consecutive = last - first === list.length - 1;
  return consecutive ? { last } : { last, list };
}

function finish(
  c: Cursor,
  from: number,
  word: "round" | "row",
  first: number | undefined,
  more: { last: number; list?: number[] } | undefined,
  many = 1,
): RoundLabel {
  let written: number | undefined;
  let writtenAt: Span | undefined;
  c.attempt(() => {
    if (!c.take("(", "[")) return undefined;
    const at = c.from;
    const n = c.number();
    if (n === undefined || !isRoundWord(c.text())) return undefined;
    c.at++;
    c.take("total");
    if (!c.take(")", "]")) return undefined;
    written = n;
    writtenAt = { from: at, to: at + String(n).length };
    return true;
  });
  const total = c.attempt(() => {
    const at = c.from;
    if (!c.take("(", "[")) return undefined;
    const n = c.number();
    if (n === undefined || !Number.isInteger(n)) return undefined;
    c.take("st", "sts", "stitches", "sc", "dc");
    if (!c.take(")", "]")) return undefined;
    const end = c.to;
    return c.is(":", "-", "--", "=") ? { n, from: at, to: end } : undefined;
  });
  c.attempt(() => (c.take("(") && c.take("rs", "ws") && c.take(")") ? true : undefined));
  const numbersEnd = c.to;
  while (c.take(":", ".", ")", "-", "--", "=", ";", "]", ",", "|"));
  const beyond = Math.max(first ?? 0, more?.last ?? 0, many) > MAX_ROUNDS;
  return {
    from,
    to: c.to,
    first: beyond ? undefined : first,
    last: beyond ? undefined : (more?.last ?? first),
    word,
    written,
    writtenAt,
    list: beyond ? undefined : more?.list,
    many: beyond ? 1 : many,
    ...(beyond ? { beyond: { from, to: numbersEnd } } : {}),
    ...(total ? { total } : {}),
  };
}

/**
 * The label at the beginning of a line: "Rnd 1:", "R5–R9 (5 rounds):", "2:", "1st rnd:", "Next rnd:",
 * "Rounds 5, 6 and 7". `bare` allows a number alone ("2: [inc] × 6"), which only a line's start may be.
 */
export function readLabel(c: Cursor, bare: boolean): RoundLabel | undefined {
  return c.attempt(() => {
    const from = c.from;
    c.take("for");
    c.take("the");
    c.take("(", "[");
    if (isRoundWord(c.text()) && c.kind() === "word") {
      const word = wordOf(c.text());
      c.at++;
      c.take(".", "#", "-", ":");
      c.take("#", "no", "number");
      c.take(".");
      const first =
        c.kind() === "number" || c.kind() === "ordinal" ? (c.at++, c.tokens[c.at - 1]?.value) : undefined;
      if (first === undefined || !Number.isInteger(first)) return undefined;
      return finish(c, from, word, first, readRange(c, first));
    }
    if (c.is("next", "following") || c.is("last", "final")) {
      c.at++;
      const many = c.number() ?? 1;
      if (!isRoundWord(c.text())) return undefined;
      const word = wordOf(c.text());
      c.at++;
      return finish(c, from, word, undefined, undefined, many);
    }
    if (c.kind() === "ordinal") {
      const first = c.peek()?.value ?? 1;
      c.at++;
      let more: { last: number; list?: number[] } | undefined;
      if (!isRoundWord(c.text())) {
        more = readRange(c, first);
        if (!isRoundWord(c.text())) return undefined;
      }
      const word = wordOf(c.text());
      c.at++;
      return finish(c, from, word, first, more ?? { last: first });
    }
    if (bare && c.kind() === "number") {
      const first = c.number() ?? 0;
      if (!Number.isInteger(first)) return undefined;
      const more = readRange(c, first);
      const closed = c.is(":", ".", ")") || (c.is("-", "--", "=", "|") && c.text(1) !== "");
      if (!closed || first === 0) return undefined;
      if (c.is(".") && c.kind(1) === "end") return undefined;
      return finish(c, from, "round", first, more);
    }
    return undefined;
  });
}
