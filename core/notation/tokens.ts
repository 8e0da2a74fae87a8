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

const NUMBER_WORDS: ReadonlyMap<string, number> = new Map(
  Object.entries({
    one: 1,
    two: 2,
    three: 3,
    four: 4,
    five: 5,
    six: 6,
    seven: 7,
    eight: 8,
    nine: 9,
    ten: 10,
    eleven: 11,
    twelve: 12,
    thirteen: 13,
    fourteen: 14,
    fifteen: 15,
    sixteen: 16,
    eighteen: 18,
    twenty: 20,
    thirty: 30,
  }),
);
const ORDINAL_WORDS: ReadonlyMap<string, number> = new Map(
  Object.entries({
    first: 1,
    second: 2,
    third: 3,
    fourth: 4,
    fifth: 5,
    sixth: 6,
    seventh: 7,
    eighth: 8,
    ninth: 9,
    tenth: 10,
    eleventh: 11,
    twelfth: 12,
  }),
);

const SHAPE =
  /(\d*1st|\d*2nd|\d*3rd|\d+th)(?![a-z])|(\d+(?:\.\d+)?)|((?:sc|hdc|dc|tr|htr|dtr|inv)\d+tog(?![a-z])|(?:inc|dec|invdec|sc|hdc|dc|tr|htr|ch)(?=x ?\d)|[a-zà-ÿß]+(?:'[a-z]+)?|[^\x00-\x7f]+)|(\*\*+|__+|--+|==+|[^\s])/y;

/** Emoji, arrows and other signs are marks, not words. */
const LETTER = /\p{L}/u;

/** Tokens of `plain` (already regular) between two offsets. Linear; every visible character lands in some token. */
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
    if (match[1] !== undefined)
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
    else tokens.push({ kind: "mark", text, value: NaN, from: at, to: end });
    at = end;
  }
  return tokens;
}

function word(text: string, from: number, to: number): Token {
  const number = NUMBER_WORDS.get(text);
  if (number !== undefined) return { kind: "number", text, value: number, from, to };
  const ordinal = ORDINAL_WORDS.get(text);
  if (ordinal !== undefined) return { kind: "ordinal", text, value: ordinal, from, to };
  return { kind: "word", text, value: NaN, from, to };
}
