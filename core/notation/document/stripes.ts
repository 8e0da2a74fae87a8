import { readShade } from "../colours";
import type { Cursor } from "../cursor";
import { isRoundWord } from "../labels";
import { spoken, type Token } from "../tokens";
import { SHADES, TONES } from "../words/shades";

/** What colours the rounds of a part have, told in a sentence. */
export type Stripes =
  | { readonly kind: "cycle"; readonly bands: readonly Band[] }
  /** `rest`: of the rounds that no range holds; undefined where they keep the colour that they have. */
  | {
      readonly kind: "ranges";
      readonly ranges: readonly Range[];
      readonly over?: true;
      readonly rest?: string;
    };
interface Band {
  readonly slot: string;
  readonly rounds: number;
}
interface Range {
  readonly slot: string;
  readonly first: number;
  readonly last: number;
}

/** A longer sentence says more, and stripes are of so many rounds and so many colours. */
const MOST_TOKENS = 40;
const MOST_ROUNDS = 60;
const MOST_BANDS = 24;

/** The colour of a round by its number, from one; undefined where the sentence says nothing of it. */
export function stripeAt(stripes: Stripes, number: number): string | undefined {
  if (stripes.kind === "ranges")
    return stripes.ranges.find((r) => number >= r.first && number <= r.last)?.slot ?? stripes.rest;
  const all = stripes.bands.reduce((sum, b) => sum + b.rounds, 0);
  let left = (number - 1) % all;
  for (const band of stripes.bands) {
    if (left < band.rounds) return band.slot;
    left -= band.rounds;
  }
  return undefined;
}

/**
 * "Change colour every 2 rounds, starting with A", "2 rounds red, 2 rounds green, repeat", "rounds 1-3 in A,
 * rounds 4-6 in B": does a sentence that works nothing tell which rounds have which colour? `declared`: her
 * colours in the order of the text. Pure; linear in the words.
 */
export function stripesOf(c: Cursor, declared: readonly string[]): Stripes | undefined {
  const { tokens } = c;
  if (tokens.length < 4 || tokens.length > MOST_TOKENS) return undefined;
  if (!tokens.some((t) => isRoundWord(t.text)) && !tokens.some((t) => SEQUENCE.test(t.text)))
    return undefined;
  if (tokens.some((t) => OTHER.test(t.text))) return undefined;
  // "Head + body (charcoal to R6, white R7 on)" is a name.
  const [first] = tokens;
  c.at = 0;
  const coloured = shadeAt(c) !== undefined;
  if (!first || !(coloured || first.kind === "number" || isRoundWord(first.text) || BEGINS.test(first.text)))
    return undefined;
  return rangesIn(c) ?? oddAndEven(c) ?? bandsIn(c) ?? sequenceIn(c) ?? changeIn(c) ?? everyIn(c, declared);
}

const BEGINS =
  /^(change|changing|changes|alternate|alternating|stripes?|striped|work|worked|working|use|using|odd|even|switch|switching|swap|colou?rs?|yarns?|sequence|the|in|repeat|\*|a|one)$/;
const SEQUENCE = /^(sequence|order|pattern)$/;
/** Stitches, and what is done to a piece rather than worked into it. */
const OTHER =
  /^(sc|dc|hdc|tr|inc|dec|mr|mc|ch|chain|st|sts|stitch|stitches|single|double|crochet|increase|decrease|embroider|embroidered|sew|eyes?|mm|cm|g|balls?|skeins?)$/;
const AGAIN =
  /^(alternate|alternately|alternating|stripes?|striped|repeat|repeating|rep|sequence|pattern|throughout|on|\*)$/;

/** A shade or the letter of one, at the cursor. */
function shadeAt(c: Cursor): string | undefined {
  return c.attempt(() => {
    c.take("colour", "color", "yarn");
    const word = c.text();
    const letter = c.kind() === "word" ? c.colours.get(word) : undefined;
    return letter !== undefined ? (c.at++, letter) : readShade(c);
  });
}

const shadesFrom = (c: Cursor, from: number): string[] => {
  const out: string[] = [];
  c.at = from;
  while (!c.done) {
    const shade = shadeAt(c);
    if (shade !== undefined) out.push(shade);
    else c.at++;
  }
  return out;
};

/** "1-3", "1, 2, 5, 6", "4 and 5" behind the word for rounds. */
function numbersAt(c: Cursor): readonly { first: number; last: number }[] | undefined {
  const out: { first: number; last: number }[] = [];
  for (;;) {
    const first = c.kind() === "number" ? c.number() : undefined;
    if (first === undefined || !Number.isInteger(first)) return out.length > 0 ? out : undefined;
    const last = c.attempt(() => (c.take("-", "--", "to", "through") ? c.number() : undefined)) ?? first;
    if (last < first || last > 400) return undefined;
    out.push({ first, last });
    const more = c.attempt(() => (c.take(",", "and", "&", "+") && c.kind() === "number" ? true : undefined));
    if (!more) return out;
  }
}

const onlyColours = (t: Token): boolean =>
  (t.kind !== "word" && !/^[([|]$/.test(t.text)) ||
  isRoundWord(t.text) ||
  SHADES.has(t.text) ||
  TONES.has(t.text) ||
  /^(work|worked|working|use|using|in|with|are|is|for|and|the|yarn|colou?r|stripes?|to)$/.test(t.text);
/** Of all rounds that are not named. */
const REST = /^(all|others?|rest|remaining|else|everything)$/;
const EXCEPT = /^(except|but|only)$/;
/** From a round on, and not in it alone. */
const ON_FROM = /^(from|after|until|till|before|at|on|onwards?|start|change|changing|switch|swap)$/;

/**
 * "Rounds 1-2 in A, rounds 3-4 in B", "use A for rounds 1-3 and B for rounds 4-6", "A: rnds 1-3. B: …"; and of some
 * rounds only: "rounds 4 and 6 are white", "red for all rounds except 4 and 6, which are white".
 */
function rangesIn(c: Cursor): Stripes | undefined {
  const ranges: Range[] = [];
  let rest: string | undefined;
  let open: {
    slot: string | undefined;
    spans: readonly { first: number; last: number }[] | "rest" | undefined;
  } = { slot: undefined, spans: undefined };
  const close = () => {
    if (open.slot === undefined || !open.spans) return;
    if (open.spans === "rest") rest = open.slot;
    else for (const s of open.spans) ranges.push({ slot: open.slot, ...s });
    open = { slot: undefined, spans: undefined };
  };
  c.at = 0;
  while (!c.done) {
    const spans = c.attempt(() => {
      const names = isRoundWord(c.text()) || EXCEPT.test(c.text());
      if (names) return (c.at++, c.take("rounds", "rnds", "for", "in"), numbersAt(c));
      return undefined;
    });
    if (!spans && REST.test(c.text())) {
      while (REST.test(c.text()) || isRoundWord(c.text())) c.at++;
      open = { ...open, spans: "rest" };
      close();
      continue;
    }
    const shade = spans ? undefined : shadeAt(c);
    if (spans) open = { ...open, spans };
    else if (shade !== undefined) open = { ...open, slot: shade };
    else if (c.kind() === "number") return undefined;
    else c.at++;
    close();
  }
  const slots = new Set(ranges.map((r) => r.slot));
  if (ranges.length === 0 || ranges.length > MOST_BANDS) return undefined;
  if (slots.size > 1 && rest === undefined) return { kind: "ranges", ranges };
  if (c.tokens.some((t) => ON_FROM.test(t.text))) return undefined;
  // One colour alone: nothing else may be said, or the rounds are those of another part.
  if (slots.size === 1 && rest === undefined && !c.tokens.every(onlyColours)) return undefined;
  return { kind: "ranges", ranges, over: true, ...(rest === undefined ? {} : { rest }) };
}

/** "Odd rounds in A, even rounds in B". */
function oddAndEven(c: Cursor): Stripes | undefined {
  const odd = c.tokens.findIndex((t) => t.text === "odd");
  const even = c.tokens.findIndex((t) => t.text === "even");
  if (odd < 0 || even < 0) return undefined;
  const [first] = shadesFrom(c, odd);
  const [second] = shadesFrom(c, even);
  if (first === undefined || second === undefined) return undefined;
  return { kind: "cycle", bands: [first, second].map((slot) => ({ slot, rounds: 1 })) };
}

/** "2 rounds A, 2 rounds B, repeat", "one round red, one round green, and so on". */
function bandsIn(c: Cursor): Stripes | undefined {
  if (!c.tokens.some((t) => AGAIN.test(t.text))) return undefined;
  const bands: Band[] = [];
  c.at = 0;
  while (!c.done) {
    const band = c.attempt(() => {
      const rounds = c.kind() === "number" ? c.number() : undefined;
      if (rounds === undefined || !Number.isInteger(rounds) || rounds < 1 || rounds > MOST_ROUNDS)
        return undefined;
      if (!isRoundWord(c.text())) return undefined;
      c.at++;
      c.take("of", "in", "with", ":", "-");
      const slot = shadeAt(c);
      return slot === undefined ? undefined : { slot, rounds };
    });
    if (band) bands.push(band);
    else c.at++;
  }
  return bands.length > 1 && bands.length <= MOST_BANDS ? { kind: "cycle", bands } : undefined;
}

/** "Colour sequence: A, A, B, B". */
function sequenceIn(c: Cursor): Stripes | undefined {
  const at = c.tokens.findIndex(
    (t, i) => SEQUENCE.test(t.text) && /^(colou?rs?|stripes?|yarns?)$/.test(c.tokens[i - 1]?.text ?? ""),
  );
  if (at < 0 || c.tokens.some((t) => t.kind === "number")) return undefined;
  const shades = shadesFrom(c, at);
  return shades.length > 1 && shades.length <= MOST_BANDS ? cycle(shades, 1) : undefined;
}

const cycle = (shades: readonly string[], rounds: number): Stripes => ({
  kind: "cycle",
  bands: shades.map((slot) => ({ slot, rounds })),
});

/** "Change colour every 2 rounds, starting with A", "alternate A and B every round", "stripes of 2 rounds each". */
function everyIn(c: Cursor, declared: readonly string[]): Stripes | undefined {
  const said = spoken(c.tokens);
  if (
    !/^(?:\W|work |then |the |in )*(?:change|changing|switch|switching|swap|alternat|stripe|colou?rs? change)/.test(
      said,
    )
  )
    return undefined;
  const every =
    /\b(?:(?:every|each|after every) (?:(\d+|other|second|2nd|third|3rd) )?|of (\d+) )(?:rounds?|rnds?|rows?)\b/.exec(
      said,
    );
  if (!every) return undefined;
  const many =
    { other: 2, second: 2, "2nd": 2, third: 3, "3rd": 3 }[every[1] ?? ""] ??
    Number(every[1] ?? every[2] ?? 1);
  if (!Number.isInteger(many) || many < 1 || many > MOST_ROUNDS) return undefined;
  const named = [...new Set(shadesFrom(c, 0))];
  if (named.length > 1) return cycle(named, many);
  const [first] = named;
  const start = first === undefined ? 0 : declared.indexOf(first);
  if (declared.length < 2 || start < 0) return undefined;
  return cycle([...declared.slice(start), ...declared.slice(0, start)], many);
}

/** "Change to B after round 3", "change to green at the start of round 4". */
function changeIn(c: Cursor): Stripes | undefined {
  const said = spoken(c.tokens);
  const when =
    /^(?:change|changing|switch|swap) (?:colou?rs? |yarns? )?to .*\b(after|at|in|from|on|for) (?:the )?(?:(?:start|beginning|end) of )?(?:the )?(?:round|rnd|row|r) (\d+)\W*$/.exec(
      said,
    );
  if (!when) return undefined;
  const [slot, more] = shadesFrom(c, 0);
  if (slot === undefined || more !== undefined) return undefined;
  const behind = when[1] === "after" || /\bend of\b/.test(said);
  return { kind: "ranges", ranges: [{ slot, first: Number(when[2]) + (behind ? 1 : 0), last: Infinity }] };
}
