import { isRoundWord } from "../labels";
import type { Token } from "../tokens";
import { putIn } from "./put-in";

/** What a first round begins with. */
export const RING = /^(mr|mc|ring|circle)$/;
const isRing = (t: Token): boolean => t.kind === "word" && RING.test(t.text);
/** A line is a list of rounds only when it has so many. */
const FEWEST = 3;
/** … or two, where the second goes over several rounds. */
const goesOver = (words: readonly Token[]): boolean =>
  /^(even|plain|straight)$/.test(words[0]?.text ?? "") || repeated(words).many > 1;
const MOST_TOKENS = 400;
// An arrow is an equals sign by the time it is read.
const SIGNS = ["/", ";", "|", ">", ",", ".", "="] as const;
/** Where each round ends in its sum, a comma parts them, and "sc/inc (18)" is one of them. */
export const COMMA = [","] as const;

/** A stretch of a line between two signs. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  /** Said or done between rounds: it gets no label. */
  readonly between?: boolean;
}

/**
 * "Body: 6 mr / 6 inc (12) / 18 x5 rnds / …": rounds in a row with a sign between them and no label. Each
 * gets the label that it stands for, "next round", so that the rest of the reader sees what it knows. Linear
 * in the line.
 *
 * @param works tells whether stitches or numbers of them stand among some words
 * @returns the same tokens where the line is nothing of the kind
 */
export function listedRounds(
  tokens: readonly Token[],
  works: (tokens: readonly Token[]) => boolean,
  signs: readonly string[] = SIGNS,
): readonly Token[] {
  // "1. Magic ring; 5 sc; (5)" has its label.
  const labelledAlready = tokens[0]?.kind === "number" && tokens[1]?.kind === "mark";
  if (tokens.length < 6 || tokens.length > MOST_TOKENS || labelledAlready) return tokens;
  // A list of rounds begins in a ring: most lines have none, and are told at a glance.
  if (!tokens.some(isRing)) return tokens;
  for (const sign of signs) {
    const rounds = stretches(tokens, sign);
    // "Mr 6. 12. 18. 18.": full stops part rounds where most are sums and no more.
    if (sign === "." && !mostlySums(tokens, rounds)) continue;
    if (sign === "," && !rounds.every((r, i) => ended(tokens.slice(r.from, r.to)) || i === 0)) continue;
    if (
      (rounds.length >= FEWEST || (rounds.length === 2 && goesOver(tokens.slice(rounds[1]?.from)))) &&
      areRounds(tokens, rounds, works)
    )
      return asRounds(tokens, rounds);
  }
  return tokens;
}

/**
 * "Wing x 2: (1) 6 sc mr [6] (2) 6 inc [12] (3) …": numbers in brackets that count up from one in a line are its
 * labels. Each becomes the label it stands for.
 */
export function bracketedLabels(tokens: readonly Token[]): readonly Token[] {
  const labels: { readonly at: number; readonly to: number }[] = [];
  let next = 1;
  tokens.forEach((t, i) => {
    const n = tokens[i + 1];
    if (t.text !== "(" || n?.kind !== "number" || n.value !== next) return;
    // "(7-10)".
    const last = TO.test(tokens[i + 2]?.text ?? "") && tokens[i + 3]?.kind === "number" ? i + 3 : i + 1;
    const behind = tokens[last + 2];
    const works = behind !== undefined && (behind.kind !== "mark" || /^[*([]$/.test(behind.text));
    if (tokens[last + 1]?.text !== ")" || !works) return;
    labels.push({ at: i, to: last + 2 });
    next = (tokens[last]?.value ?? n.value) + 1;
  });
  if (labels.length < 2 || tokens.length > MOST_TOKENS) return tokens;
  const out: Token[] = [];
  let from = 0;
  for (const { at, to } of labels) {
    const n = tokens[at + 1] as Token;
    const sign = (text: string, kind: Token["kind"]): Token => ({ ...n, kind, text, value: NaN });
    out.push(...tokens.slice(from, at));
    if (out.length > 0 && !/^[:.]$/.test(out.at(-1)?.text ?? "")) out.push(sign(".", "mark"));
    out.push(sign("rnd", "word"), ...tokens.slice(at + 1, to - 1), sign(":", "mark"));
    from = to;
  }
  return [...out, ...tokens.slice(from)];
}
const TO = /^(-|--|to)$/;

/** "Mr 6. 12. 18.": most of them are what a round comes to, and no more. */
export const mostlySums = (tokens: readonly Token[], rounds: readonly Stretch[]): boolean =>
  2 * rounds.filter((r) => r.to - r.from === 1 && tokens[r.from]?.kind === "number").length > rounds.length;

function stretches(tokens: readonly Token[], sign: string): Stretch[] {
  const out: Stretch[] = [];
  // "Body: 6 mr / …", "Body (white) 6 mr": the first begins behind the name.
  const named = tokens.slice(0, 8).findIndex((t) => t.text === ":");
  let from = named + 1;
  let depth = 0;
  for (const [i, t] of tokens.entries()) {
    if (/^[([{]$/.test(t.text)) depth++;
    else if (/^[)\]}]$/.test(t.text)) depth--;
    else if (t.text === sign && depth === 0 && i >= from) {
      if (i > from) out.push({ from, to: i });
      from = i + 1;
    }
  }
  if (from < tokens.length) out.push({ from, to: tokens.length });
  return out;
}

/** "1+inc (18)", "even x3", "stuff": with commas between them, each has its total or is plain. */
const ended = (all: readonly Token[]): boolean => {
  const words = all.at(-1)?.text === "." ? all.slice(0, -1) : all;
  return (
    (/^[)\]]$/.test(words.at(-1)?.text ?? "") && words.at(-2)?.kind === "number") ||
    goesOver(words) ||
    STEP.test(words[0]?.text ?? "")
  );
};
/** Done between the rounds. */
const STEP = /^(stuff|fill|close|fo|eyes)$/;

function areRounds(
  tokens: readonly Token[],
  rounds: readonly Stretch[],
  works: (tokens: readonly Token[]) => boolean,
): boolean {
  const [first] = rounds;
  const words = (s: Stretch) => tokens.slice(s.from, s.to);
  if (!first || !words(first).some(isRing)) return false;
  // Labels of its own say more than signs.
  // … "3 rnds 24" is none.
  const labelled = (t: Token, i: number) =>
    isRoundWord(t.text) && tokens[i + 1]?.kind === "number" && tokens[i - 1]?.kind !== "number";
  if (tokens.some(labelled)) return false;
  const counted = rounds.filter(
    (s) => s === first || works(words(s)) || words(s)[0]?.kind === "number" || goesOver(words(s)),
  );
  return counted.length * 3 >= rounds.length * 2 && counted.length >= 2;
}

/** Each stretch with the label that it stands for. */
export function asRounds(tokens: readonly Token[], rounds: readonly Stretch[]): readonly Token[] {
  const out: Token[] = tokens.slice(0, rounds[0]?.from ?? 0);
  for (const s of rounds) {
    const words = tokens.slice(s.from, s.to);
    const on = straight(words);
    const { many, rest, said } = repeated(words);
    const at = words[0]?.from ?? 0;
    const sign = (text: string, value?: number) => putIn(at, text, value);
    if (s.between ?? STEP.test(words[0]?.text ?? "")) {
      out.push(sign("."), ...words);
      continue;
    }
    // Behind a name stands its sign; between rounds nothing is left of theirs but an end.
    if (out.length > 0 && out.at(-1)?.text !== ":") out.push(sign("."));
    out.push(sign("next"));
    if (on && on.at >= 0) {
      const far = on.at + roundsBehind(words, on.at) + 1;
      const label = [words[on.at] as Token, words[far - 1] as Token];
      const end = label.at(-1)?.to ?? at;
      // "8 rounds of 18 sc": what is worked, where it is said.
      const how = words.slice(far).filter((t) => !JOINING.test(t.text));
      const work = how.some((t) => t.kind === "word") ? how : [putIn(end, "even")];
      out.push(...label, putIn(end, ":"), ...work);
      continue;
    }
    if (many > 1) out.push(said ?? sign(String(many), many));
    out.push(sign("rnd"), sign(":"), ...rest);
  }
  return out;
}

const EVEN = /^(even|evenly|plain|straight)$/;

/** "18 sc x5 rnds", "sc 12 for 2 rounds", "3 even": how many rounds it stands for, and what each is. */
export function repeated(words: readonly Token[]): {
  many: number;
  rest: readonly Token[];
  /** The number as it stands there. */
  said?: Token;
} {
  const at = words.findIndex(
    (t, i) =>
      t.kind === "number" &&
      isRoundWord(words[i + 1]?.text ?? "") &&
      /^(x|for|\*|over|next)$/.test(words[i - 1]?.text ?? ""),
  );
  const behind = at < 0 ? roundsApart(words) : undefined;
  if (behind) return behind;
  // "sc around x 3": a whole round, so often.
  const [sign, n] = words.slice(-2);
  const whole = words.at(-3)?.text === "around" && !words.some((t) => t.kind === "mark" && t !== sign);
  if (at < 0 && whole && /^(x|\*)$/.test(sign?.text ?? "") && n?.kind === "number")
    return { many: Math.min(200, n.value), rest: words.slice(0, -2), said: n };
  // "even x3": of something plain, so many rounds.
  if (at < 0 && words.length === 3 && EVEN.test(words[0]?.text ?? "") && words[1]?.text === "x")
    return { many: Math.min(200, words[2]?.value ?? 1), rest: words.slice(0, 1), said: words[2] };
  // "3 even".
  const [count, even] = words;
  if (at < 0 && words.length === 2 && count?.kind === "number" && EVEN.test(even?.text ?? ""))
    return { many: Math.min(200, count.value), rest: words.slice(1), said: count };
  const many = words[at]?.value ?? 0;
  if (at < 2 || !Number.isInteger(many) || many < 1 || many > 200) return { many: 1, rest: words };
  return { many, rest: [...words.slice(0, at - 1), ...words.slice(at + 2)], said: words[at] };
}

/** "sc x24 (3 rnds)", "24 sc, 5 rounds": how many rounds, in brackets or behind a comma at the end. */
function roundsApart(words: readonly Token[]): ReturnType<typeof repeated> | undefined {
  const at = words.findIndex((t, i) => i > 1 && t.kind === "number" && isRoundWord(words[i + 1]?.text ?? ""));
  const said = words[at];
  if (!said || !Number.isInteger(said.value) || said.value < 2 || said.value > 200) return undefined;
  const [before, behind] = [words[at - 1]?.text ?? "", words[at + 2]?.text];
  const framed = /^[([]$/.test(before) && /^[)\]]$/.test(behind ?? "");
  const last = behind === undefined || (behind === "." && at + 3 === words.length);
  if (!framed && !(before === "," && last)) return undefined;
  return {
    many: said.value,
    rest: [...words.slice(0, at - 1), ...words.slice(at + (framed ? 3 : 2))],
    said,
  };
}

/** Rounds that only go on over what is there. */
export interface Straight {
  readonly many: number;
  /** How many stitches each has, where it is said. */
  readonly of: number | undefined;
  /** Where the number of rounds stands; below 0 where it is said behind the work. */
  readonly at: number;
}

/** How far behind a number its word of rounds stands: "4 rounds", "4 more rounds"; 0 where there is none. */
function roundsBehind(words: readonly Token[], i: number): number {
  const by = /^(more|further|plain|even|straight)$/.test(words[i + 1]?.text ?? "") ? 2 : 1;
  return isRoundWord(words[i + by]?.text ?? "") ? by : 0;
}

/** "8 rounds of 18", "work 5 rounds straight", "even for 3 rounds": so many rounds over what is there. */
export function straight(all: readonly Token[]): Straight | undefined {
  // "3 rnds 24 [24]": the sum once more.
  const words = withoutSum(all);
  const again = repeated(words);
  // "Sc around (12), 2 rounds".
  if (again.many > 1 && withoutSum(again.rest).every((t) => PLAIN.test(t.text)))
    return { many: again.many, of: undefined, at: -1 };
  const at = words.findIndex((t, i) => t.kind === "number" && roundsBehind(words, i) > 0);
  const many = words[at]?.value ?? 0;
  if (at < 0 || !Number.isInteger(many) || many < 1 || many > 200) return undefined;
  const rest = [...words.slice(0, at), ...words.slice(at + roundsBehind(words, at) + 1)];
  const numbers = rest.filter((t) => t.kind === "number");
  const plain = rest.every((t) => t.kind !== "word" || PLAIN.test(t.text));
  return plain && numbers.length <= 1 ? { many, of: numbers[0]?.value, at } : undefined;
}

/** "sc around (12)" without "(12)". */
const withoutSum = (words: readonly Token[]): readonly Token[] =>
  /^[)\]]$/.test(words.at(-1)?.text ?? "") &&
  words.at(-2)?.kind === "number" &&
  /^[([]$/.test(words.at(-3)?.text ?? "")
    ? words.slice(0, -3)
    : words;

/** "sc around (12), | 2 rounds": a number of rounds that tells of what stands in front of its comma. */
export function tellsOfBefore(tokens: readonly Token[], at: number, end: number): boolean {
  if (end - at !== 2 || tokens[at]?.kind !== "number" || !isRoundWord(tokens[at + 1]?.text ?? ""))
    return false;
  if (tokens[at - 1]?.text !== ",") return false;
  const stop = tokens.slice(0, at - 1).findLastIndex((t) => /^[,;.:]$/.test(t.text));
  const before = withoutSum(tokens.slice(stop + 1, at - 1));
  return before.length > 0 && before.every((t) => t.kind === "word" && PLAIN.test(t.text));
}
const JOINING = /^(of|in|with|for|then|the|more|straight|even|plain|no|increase|increases)$/;
const PLAIN =
  /^(work|crochet|do|make|then|for|of|in|the|more|another|sc|dc|even|straight|plain|evenly|each|st|sts|stitch|stitches|around|with|no|increase|increases|increasing|without|any|further|shaping|change|changes|decrease|decreases|decreasing|or|and|all)$/;
