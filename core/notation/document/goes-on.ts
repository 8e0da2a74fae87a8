import type { Cursor } from "../cursor";
import { isRoundWord } from "../labels";
import { MAX_ROUNDS } from "../limits";
import type { Token } from "../tokens";

/** A clause of a labelled round that says how far its work goes on. */
export interface GoesOn {
  /** Number of the last round that it stands for. */
  readonly last: number;
  /** Its tokens, half open. */
  readonly from: number;
  readonly to: number;
}

const VERB = /^(repeat|rep|rpt|do|work|continue|keep|go|crochet)$/;
const LIKE = /^(this|that|same|like|so)$/;
const FILLER =
  /^(in|like|as|with|the|same|this|that|way|doing|going|on|even|so|above|it|for|manner|pattern)$/;
const UNTIL = /^(until|till|til|through|thru|to|up)$/;
const NEXT = /^(next|following)$/;
/** A clause begins at the head of a sentence or behind one of these. */
const BEFORE = /^(?:[.,;:(\-\n]|--|and|then|around|round|across|st|sts|stitch|even)$/;

/**
 * "Repeat this round 3 more times", "for this round and the next three", "rounds 4 to 6 are the same",
 * "continue like this through rnd 6", "then 3 more rounds of the same": how far a round that is labelled with
 * `first` alone goes on.
 */
export function goesOn(c: Cursor, first: number): GoesOn | undefined {
  // Most rounds say nothing of the kind, and are told at a glance.
  if (!c.tokens.some((t) => NEXT.test(t.text) || isRoundWord(t.text))) return undefined;
  for (let i = 0; i < c.tokens.length; i++) {
    if (i > 0 && !BEFORE.test(c.tokens[i - 1]?.text ?? "")) continue;
    c.at = i;
    const last = clause(c, first);
    if (last === undefined || last <= first || last - first > MAX_ROUNDS) continue;
    c.take("in", "all");
    return { last, from: leading(c.tokens, i), to: c.at };
  }
  return undefined;
}

/** The sign and the word that lead into the clause go with it. */
function leading(tokens: readonly Token[], i: number): number {
  let from = i;
  while (from > 0 && /^([,;-]|--|and|then)$/.test(tokens[from - 1]?.text ?? "")) from--;
  return from;
}

function clause(c: Cursor, first: number): number | undefined {
  c.take("and", "then");
  return (
    c.attempt(() => thisAndNext(c, first)) ??
    c.attempt(() => moreRounds(c, first)) ??
    c.attempt(() => theSame(c, first)) ??
    c.attempt(() => repeated(c, first))
  );
}

const roundWord = (c: Cursor): boolean => isRoundWord(c.text()) && (c.at++, c.take("."), true);
function whole(c: Cursor): number | undefined {
  if (c.kind() !== "number" && c.kind() !== "ordinal") return undefined;
  const n = c.peek()?.value;
  return n !== undefined && Number.isInteger(n) ? (c.at++, n) : undefined;
}

/** "for this round and the next three (rounds 3, 4, 5 and 6)". */
function thisAndNext(c: Cursor, first: number): number | undefined {
  c.take("for", "on");
  if (!c.take("this")) return undefined;
  roundWord(c);
  if (!c.take("and", "&", "+")) return undefined;
  c.take("the", "for");
  c.take("the");
  if (!c.take("next", "following")) return undefined;
  const n = whole(c) ?? 1;
  roundWord(c);
  // The numbers again, in brackets.
  c.attempt(() => {
    if (!c.take("(", "[") || !roundWord(c)) return undefined;
    while (!c.done && !c.is(")", "]")) c.at++;
    return c.take(")", "]") ? true : undefined;
  });
  return first + n;
}

/** "3 more rounds of the same", "another 3 rounds like this". */
function moreRounds(c: Cursor, first: number): number | undefined {
  c.take("for");
  const another = c.take("another");
  const n = whole(c);
  if (n === undefined || !(c.take("more", "further", "additional") || another) || !roundWord(c))
    return undefined;
  while (/^(of|the|same|like|this|that|in|way|even)$/.test(c.text())) c.at++;
  return first + n;
}

/** "Rounds 4 to 6 are the same". */
function theSame(c: Cursor, first: number): number | undefined {
  const range = rounds(c);
  if (range?.from !== first + 1) return undefined;
  c.take("are", "is", ":", "-", "go");
  c.take("worked", "done", "made");
  c.take("exactly", "all");
  c.take("the", "as");
  if (!c.take("same", "likewise", "alike")) return undefined;
  while (/^(way|as|this|round|rnd|row|one)$/.test(c.text())) c.at++;
  return range.to;
}

function repeated(c: Cursor, first: number): number | undefined {
  if (!VERB.test(c.text())) return undefined;
  const repeat = /^re?p/.test(c.text());
  const goes = /^(continue|keep|go)$/.test(c.text());
  c.at++;
  let like = false;
  let many = 0;
  while (FILLER.test(c.text()) && many++ < 6) {
    like ||= LIKE.test(c.text());
    c.at++;
  }
  // "Repeat round 3 three more times": this very one.
  const own = c.attempt(() => {
    if (!roundWord(c)) return undefined;
    // "This round 3 more times": the number is how often.
    if (like && /^(more|further|times|time|x)$/.test(c.text(1))) return true;
    const n = whole(c);
    return n === first || (n === undefined && like) ? true : undefined;
  });
  c.take("for");
  if (UNTIL.test(c.text())) {
    while (
      UNTIL.test(c.text()) ||
      c.is("and", "including", "the", "end", "of", "you", "reach", "have", "finished")
    )
      c.at++;
    const to = rounds(c);
    return (own || like || goes) && to ? to.to : undefined;
  }
  const range = c.attempt(() => rounds(c));
  if (range) return repeat && range.from === first + 1 ? range.to : undefined;
  c.take("a", "another");
  const n = whole(c);
  if (n === undefined || !(own || like)) return undefined;
  const more = c.take("more", "further");
  if (roundWord(c)) return c.take("more") || more ? first + n : undefined;
  // "Repeat that six times" is of a bracket; of a round only where the round is named.
  return own && c.take("times", "time", "x") && (c.take("more") || more || repeat) ? first + n : undefined;
}

/** "rounds 4-6", "rnd 6", "rnds 4, 5 and 6". */
function rounds(c: Cursor): { readonly from: number; readonly to: number } | undefined {
  if (!roundWord(c)) return undefined;
  const from = whole(c);
  if (from === undefined) return undefined;
  let to = from;
  for (;;) {
    const next = c.attempt(() => {
      if (!c.take("-", "--", "to", "through", "thru", ",", "and", "&", "until", "till")) return undefined;
      c.take("and");
      roundWord(c);
      const n = whole(c);
      return n !== undefined && n > to ? n : undefined;
    });
    if (next === undefined) return { from, to };
    to = next;
  }
}
