import { readShade } from "../colours";
import { Cursor } from "../cursor";
import type { Line } from "../text";
import { tokenize } from "../tokens";

const NOT_A_NAME =
  /^(with|in|and|or|the|of|to|change|colour|color|yarn|using|hook|x|sc|dc|hdc|tr|ch|inc|dec|st|sts|mr|ss|slst|from|for|join)$/;

/** A round's line names no colours; any other line may, where a short word stands beside a sign. */
const LABELLED = /^\W*(?:rnd|round|row|rd|r)s?\.? ?\d/;
const NAMES = /\([a-z]{1,3}\)|(?:^|[^a-z])[a-z]{1,3}\d? ?(?:[=:-]|\()/;

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
    if (/^\W*[a-z]{1,3}\d? [a-z]/.test(text) && text.length < 120)
      for (const [name, shade] of pairsOf(tokenize(plain, line.from, line.to), source))
        if (!names.has(name)) names.set(name, shade);
    if (!NAMES.test(text)) continue;
    const tokens = tokenize(plain, line.from, line.to);
    for (let i = 0; i < tokens.length; i++) {
      const t = tokens[i];
      if (t?.kind !== "word" || t.text.length > 3 || NOT_A_NAME.test(t.text)) continue;
      const sign = tokens[i + 1]?.text ?? "";
      if (/^(=|:|-)$/.test(sign)) {
        const upper = source.slice(t.from, t.to) === source.slice(t.from, t.to).toUpperCase();
        const c = new Cursor(tokens, source);
        c.at = i + 2;
        c.take("the", "main", "yarn");
        const shade = readShade(c);
        if (
          shade !== undefined &&
          shade.length > 2 &&
          (sign === "=" || (upper && t.text.length <= 2 && (c.done || c.kind() === "mark"))) &&
          !names.has(t.text)
        )
          names.set(t.text, shade);
      } else if (sign === "(" && /^(yarn|colou?r)$/.test(tokens[i - 1]?.text ?? "")) {
        // "Colour A (orange)".
        const c = new Cursor(tokens, source);
        c.at = i + 2;
        const shade = readShade(c);
        if (shade !== undefined && c.is(")") && !names.has(t.text)) names.set(t.text, shade);
      } else if (tokens[i - 1]?.text === "(" && sign === ")") {
        const shade = shadeBefore(tokens.slice(Math.max(0, i - 5), i - 1), source);
        if (shade !== undefined && !names.has(t.text)) names.set(t.text, shade);
      }
    }
  }
  return names;
}

/** "MC grey, CC red": letters and their shades in turn, and nothing else on the line. */
function pairsOf(tokens: Cursor["tokens"], source: string): readonly (readonly [string, string])[] {
  const c = new Cursor(tokens, source);
  const pairs: (readonly [string, string])[] = [];
  while (!c.done) {
    const t = c.peek();
    const capital = t ? source.slice(t.from, t.to) === source.slice(t.from, t.to).toUpperCase() : false;
    if (t?.kind !== "word" || t.text.length > 3 || !capital || NOT_A_NAME.test(t.text)) return [];
    c.at++;
    c.take("is", "=", ":", "-");
    const shade = readShade(c);
    if (shade === undefined || shade.length < 3) return [];
    pairs.push([t.text, shade]);
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
