import { MAX_NUMBER } from "./limits";

/** A token keeps its half-open offsets into the text as typed. */
export interface Token {
  readonly kind: "number" | "ordinal" | "word" | "mark";
  readonly text: string;
  /** For numbers and ordinals; NaN otherwise. */
  readonly value: number;
  readonly from: number;
  readonly to: number;
}

const UNITS = ["one", "two", "three", "four", "five", "six", "seven", "eight", "nine"] as const;
const TEENS = [
  "ten",
  "eleven",
  "twelve",
  "thirteen",
  "fourteen",
  "fifteen",
  "sixteen",
  "seventeen",
  "eighteen",
  "nineteen",
] as const;
const TENS = ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"] as const;
const UNIT_PLACES = [
  "first",
  "second",
  "third",
  "fourth",
  "fifth",
  "sixth",
  "seventh",
  "eighth",
  "ninth",
] as const;
const TEEN_PLACES = ["tenth", "eleventh", "twelfth", ...TEENS.slice(3).map((t) => `${t}th`)];

/** "one" to "ninety-nine", and a dozen. */
const NUMBER_WORDS: ReadonlyMap<string, number> = new Map<string, number>([
  ...UNITS.map((w, i): [string, number] => [w, i + 1]),
  ...TEENS.map((w, i): [string, number] => [w, i + 10]),
  ...TENS.flatMap((w, i): [string, number][] => [
    [w, 10 * i + 20],
    ...UNITS.map((u, k): [string, number] => [`${w}-${u}`, 10 * i + 21 + k]),
  ]),
  ["dozen", 12],
]);
/** "first" to "ninety-ninth". */
const ORDINAL_WORDS: ReadonlyMap<string, number> = new Map<string, number>([
  ...UNIT_PLACES.map((w, i): [string, number] => [w, i + 1]),
  ...TEEN_PLACES.map((w, i): [string, number] => [w, i + 10]),
  ...TENS.flatMap((w, i): [string, number][] => [
    [w.replace(/y$/, "ieth"), 10 * i + 20],
    ...UNIT_PLACES.map((u, k): [string, number] => [`${w}-${u}`, 10 * i + 21 + k]),
  ]),
]);

const SHAPE =
  /((?:\d*[02-9])?1st|\d*2nd|\d*3rd|\d+th)(?![a-z])|(\d+(?:\.\d+)?)|(f[./]o(?![a-z])\.?|w\/o?(?![a-z])|(?:(?:twen|thir|for|fif|six|seven|eigh|nine)ty[ -](?:one|two|three|four|five|six|seven|eight|nine|first|second|third|fourth|fifth|sixth|seventh|eighth|ninth)(?![a-z-]))|s\.c\.|d\.c\.|h\.d\.c\.|sl?\. ?sts?(?![a-z])|(?:sc|hdc|dc|tr|htr|dtr|inv)\d+(?:tog|inc)(?![a-z])|(?:inc|dec|invdec|sc|hdc|dc|tr|htr|ch)(?=x ?\d)|(?:two|three|four|five|six|seven|eight|nine|ten|twelve)-(?!sts?|stitch|single|double|half|treble|hdc|inc|dec|times|rounds?|rnds?|rows?)[a-z]{3,}|(?:blo?|flo?)(?=(?:sc|hdc|dc|tr)(?![a-z]))|(?:sc|hdc|dc|tr)(?=(?:blo|flo|mr|mc)(?![a-z]))|[a-zà-ÿß]+(?:'[a-z]+)?|[^\x00-\x7f]+)|(\*\*+|__+|--+|==+|[^\s])/y;

const FRAMED = /^[([{<]$/;
const SHUT = /^ ?[)\]}>]/;

/** Emoji, arrows and other signs are marks, not words. */
const LETTER = /\p{L}/u;

/**
 * Tokens of `plain` (already regular) between two offsets. Linear; every visible character lands in some
 * token.
 */
export function tokenize(plain: string, from: number, to: number): Token[] {
  const tokens: Token[] = [];
  let at = from;
  while (at < to) {
    if (plain.charCodeAt(at) <= 32) {
      at++;
      continue;
    }
    SHAPE.lastIndex = at;
    const match = SHAPE.exec(plain);
    if (!match) {
      at++;
      continue;
    }
    const end = Math.min(to, at + match[0].length);
    const text = plain.slice(at, end);
    const framed = match[1] !== undefined && FRAMED.test(tokens.at(-1)?.text ?? "");
    if (framed && text.length > 3 && text.endsWith("1st") && SHUT.test(plain.slice(end, end + 2))) {
      // "[31st]": stitches, whatever it looks like.
      const cut = end - 2;
      const n = Math.min(MAX_NUMBER, parseInt(text, 10));
      tokens.push({ kind: "number", text: text.slice(0, -2), value: n, from: at, to: cut });
      tokens.push({ kind: "word", text: "st", value: NaN, from: cut, to: end });
    } else if (match[1] !== undefined)
      tokens.push({
        kind: "ordinal",
        text,
        value: Math.min(MAX_NUMBER, parseInt(text, 10)),
        from: at,
        to: end,
      });
    else if (match[2] !== undefined)
      tokens.push({ kind: "number", text, value: Math.min(MAX_NUMBER, Number(text)), from: at, to: end });
    else if (match[3] !== undefined && (text.charCodeAt(0) < 128 || LETTER.test(text)))
      tokens.push(word(text, at, end));
    else if (circled(text) > 0) {
      // "③ 12 sc": a number and the sign that sets it off.
      tokens.push({ kind: "number", text: String(circled(text)), value: circled(text), from: at, to: end });
      tokens.push({ kind: "mark", text: ".", value: NaN, from: end, to: end });
    } else tokens.push({ kind: "mark", text, value: NaN, from: at, to: end });
    at = end;
  }
  return tokens;
}

/** First character of each run of numbers in circles, brackets or with a full stop, its number, and how many. */
const CIRCLES: readonly (readonly [from: number, first: number, many: number])[] = [
  [0x2460, 1, 20],
  [0x2474, 1, 20],
  [0x2488, 1, 20],
  [0x24eb, 11, 10],
  [0x24f5, 1, 10],
  [0x2776, 1, 10],
  [0x2780, 1, 10],
  [0x278a, 1, 10],
];
/** The number in a circle; 0 for another sign. */
function circled(text: string): number {
  const code = text.charCodeAt(0);
  if (code < 0x2460 || code > 0x2793) return 0;
  const run = CIRCLES.find(([from, , many]) => code >= from && code < from + many);
  return run ? code - run[0] + run[1] : 0;
}

/** Words that are written short and mean nothing else. */
const SHORT: ReadonlyMap<string, string> = new Map([
  ["nxt", "next"],
  ["cont", "continue"],
  ["hk", "hook"],
]);
function word(text: string, from: number, to: number): Token {
  // "F.O.", "f/o": fasten off; "sl.st", "s.c.": stitches.
  if (/^f[./]o/.test(text)) return { kind: "word", text: "fo", value: NaN, from, to };
  // "mr w/ 5 sc".
  if (text === "w/" || text === "w/o")
    return { kind: "word", text: text === "w/" ? "with" : "without", value: NaN, from, to };
  const short = SHORT.get(text);
  if (short !== undefined) return { kind: "word", text: short, value: NaN, from, to };
  if (text.includes(".")) {
    const letters = /^s[.l].*t/.test(text) ? "slst" : text.replace(/\./g, "");
    return { kind: "word", text: letters, value: NaN, from, to };
  }
  const key = text.replace(" ", "-");
  const number = NUMBER_WORDS.get(key);
  if (number !== undefined) return { kind: "number", text, value: number, from, to };
  const ordinal = ORDINAL_WORDS.get(key);
  if (ordinal !== undefined) return { kind: "ordinal", text, value: ordinal, from, to };
  return { kind: "word", text, value: NaN, from, to };
}

/** "4", "four", "seventeen": a number as it may be said; undefined for anything else. */
export const numberSaid = (word: string): number | undefined =>
  /^\d+$/.test(word) ? Number(word) : NUMBER_WORDS.get(word);

/** Words with a space between each, numbers in digits whichever way they were written: for patterns over a line. */
export const spoken = (tokens: readonly Token[]): string =>
  tokens.map((t) => (t.kind === "number" ? String(t.value) : t.text)).join(" ");
