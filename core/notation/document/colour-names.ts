import { readShade } from "../colours";
import { Cursor } from "../cursor";
import type { Line } from "../text";
import { tokenize } from "../tokens";

const NOT_A_NAME =
  /^(with|in|and|or|the|of|to|change|colour|color|yarn|using|hook|x|sc|dc|hdc|tr|ch|inc|dec|st|sts|mr|ss|slst|from|for|join)$/;

/** A round's line names no colours; any other line may, where a short word stands beside a sign. */
const LABELLED = /^\W*(?:rnd|round|row|rd|r)s?\.? ?\d/;
const NAMES =
  /(?:colou?rs|yarns?|shades):|\([a-z]{1,3}\)|(?:^|[^a-z])[a-z]{1,3}\d? ?(?:[=:-]|\()|(?:colou?r|col|yarn|shade) \w ?[=:-]|= ?[a-z]{1,2}\d?\W*$/;
const LIST = /^(colou?rs|yarns?|shades)$/;
const CARRIER = /^(colou?r|col|yarn|shade)$/;

/**
 * What a text calls one of its colours by, at the cursor: "A", "MC", "C1", "colour 2", "yarn B". As readShade
 * looks it up.
 */
export function readColourName(c: Cursor): string | undefined {
  return c.attempt(() => {
    const t = c.peek();
    if (t?.kind !== "word") return undefined;
    const next = c.peek(1);
    if (CARRIER.test(t.text) && next?.kind === "word" && /^[a-h]$/.test(next.text)) {
      c.at += 2;
      return next.text;
    }
    if (/^(c|cc|mc)$/.test(t.text) || CARRIER.test(t.text)) {
      const digit = next?.kind === "number" && Number.isInteger(next.value) && next.value < 10;
      if (digit && (CARRIER.test(t.text) || next.from === t.to)) {
        c.at += 2;
        return `${/^(cc|mc)$/.test(t.text) ? t.text : "c"}${next.value}`;
      }
    }
    if (t.text.length > 3 || NOT_A_NAME.test(t.text)) return undefined;
    c.at++;
    return t.text;
  });
}

/**
 * Letters and short words a text gives to its colours: "P = pink", "A: yellow", "white (W) and black (B)".
 * Linear in the text; the first meaning of a letter holds.
 */
export function readColourNames(
  plain: string,
  lines: readonly Line[],
  source: string,
): ReadonlyMap<string, string> {
  const names = new Map<string, string>();
  for (const line of lines) {
    if (line.to - line.from > 300 || line.to === line.from) continue;
    const text = plain.slice(line.from, line.to);
    if (LABELLED.test(text)) continue;
    if (/^\W*(?:[a-z]{1,3}\d?|(?:colou?r|col|yarn|shade) \w) [a-z]/.test(text) && text.length < 120)
      for (const [name, shade] of pairsOf(tokenize(plain, line.from, line.to), source))
        if (!names.has(name)) names.set(name, shade);
    if (!NAMES.test(text)) continue;
    const tokens = tokenize(plain, line.from, line.to);
    // "Work in a spiral. Colours: A coral, B white."
    const listed = tokens.findIndex((t, i) => LIST.test(t.text) && tokens[i + 1]?.text === ":");
    if (listed >= 0)
      for (const [name, shade] of pairsOf(tokens.slice(listed + 2), source))
        if (!names.has(name)) names.set(name, shade);
    for (let i = 0; i < tokens.length; i++)
      for (const [name, shade] of saidAt(tokens, i, source)) if (!names.has(name)) names.set(name, shade);
  }
  return names;
}

/** Is all of a line names of colours with their shades: "C1 = yellow, C2 = black", "Yellow = A"? */
export function namesColours(c: Cursor): boolean {
  let entries = 0;
  let signed = false;
  while (!c.done) {
    const entry = c.attempt(() => {
      const name = readColourName(c);
      // "Hat - red" names a part: only what was taken for a colour's name is one.
      if (name === undefined || !c.colours.has(name)) return undefined;
      const sign = c.take("=", ":", "-", "is");
      return readShade(c) === undefined ? undefined : { sign };
    });
    const turned = () =>
      readShade(c) !== undefined && c.take("=") && readColourName(c) !== undefined ? true : undefined;
    // "MC red, CC white. Change at the end of the round."
    if (!entry && !c.attempt(turned)) return entries > 1 && behindStop(c);
    signed ||= entry?.sign ?? true;
    entries++;
    if (!c.done && !c.take(",", ";", ".", "and", "&", "/")) return false;
    c.take("and", "&");
  }
  // "MC grey" alone is where it begins; two of them are a list.
  return entries > (signed ? 0 : 1);
}

const behindStop = (c: Cursor): boolean => c.tokens[c.at - 1]?.text === ".";

/** A name and its shade, said at one place of a line. */
function saidAt(
  tokens: Cursor["tokens"],
  i: number,
  source: string,
): readonly (readonly [name: string, shade: string])[] {
  const t = tokens[i];
  if (!t) return [];
  const c = new Cursor(tokens, source);
  c.at = i;
  const name = readColourName(c);
  const sign = c.text();
  if (name !== undefined && c.take("=", ":", "-")) {
    const upper = source.slice(t.from, t.to) === source.slice(t.from, t.to).toUpperCase();
    const plainly = sign === "=" || c.at - i > 2 || (upper && t.text.length <= 2);
    c.take("the", "main", "yarn");
    const shade = readShade(c);
    const ends = sign === "=" || c.done || c.kind() === "mark";
    return shade !== undefined && shade.length > 2 && plainly && ends ? [[name, shade]] : [];
  }
  if (t.kind !== "word" || t.text.length > 3 || NOT_A_NAME.test(t.text)) return [];
  const next = tokens[i + 1]?.text ?? "";
  if (next === "(" && /^(yarn|colou?r)$/.test(tokens[i - 1]?.text ?? "")) {
    // "Colour A (orange)".
    c.at = i + 2;
    const shade = readShade(c);
    return shade !== undefined && c.is(")") ? [[t.text, shade]] : [];
  }
  const before = tokens[i - 1]?.text;
  if (before === "(" && next === ")") return shadeFor(t.text, tokens, i - 1, source);
  // "Yellow = A": the other way about, where the line or the entry ends behind the letter.
  const alone = next === "" || /^[,;./]$/.test(next);
  return before === "=" && alone ? shadeFor(t.text, tokens, i - 1, source) : [];
}

function shadeFor(
  name: string,
  tokens: Cursor["tokens"],
  end: number,
  source: string,
): readonly (readonly [string, string])[] {
  const shade = shadeBefore(tokens.slice(Math.max(0, end - 4), end), source);
  return shade === undefined ? [] : [[name, shade]];
}

/** "MC grey, CC red": letters and their shades in turn, and nothing else on the line or in the sentence. */
function pairsOf(tokens: Cursor["tokens"], source: string): readonly (readonly [string, string])[] {
  const c = new Cursor(tokens, source);
  const pairs: (readonly [string, string])[] = [];
  while (!c.done) {
    const t = c.peek();
    const capital = t ? source.slice(t.from, t.to) === source.slice(t.from, t.to).toUpperCase() : false;
    const from = c.at;
    const ended = pairs.length >= 2 && behindStop(c);
    const name = readColourName(c);
    if (!t || name === undefined || (c.at - from === 1 && !capital)) return ended ? pairs : [];
    c.take("is", "=", ":", "-");
    const shade = readShade(c);
    if (shade === undefined || shade.length < 3) return ended ? pairs : [];
    pairs.push([name, shade]);
    if (!c.done && !c.take(",", ";", ".", "and", "&", "/")) return [];
  }
  return pairs.length >= 2 ? pairs : [];
}

/** The shade that ends right here: "dark grey (G)". */
function shadeBefore(tokens: Cursor["tokens"], source: string): string | undefined {
  for (let from = 0; from < tokens.length; from++) {
    const c = new Cursor(tokens, source);
    c.at = from;
    const shade = readShade(c);
    if (shade !== undefined && shade.length > 2 && c.done) return shade;
  }
  return undefined;
}
