import type { Line } from "./text";
import { tokenize, type Token } from "./tokens";
import { isRoundWord } from "./labels";

/** What a maker's letter may stand for besides a stitch, and the word that the reader knows for it. */
const MEANINGS: readonly (readonly [RegExp, string])[] = [
  [/^(?:magic|adjustable|slip|sliding) (?:ring|circle|loop)$/, "mr"],
  [/^(?:stitch|stitches)$/, "st"],
  [/^(?:round|rounds)$/, "rnd"],
  [/^(?:repeat|repeats)$/, "rep"],
  [/^(?:around|to the end)$/, "around"],
  [/^(?:in (?:the )?)?(?:back|rear) loops?(?: only)?$/, "blo"],
  [/^(?:in (?:the )?)?front loops?(?: only)?$/, "flo"],
  [/^skip(?: stitch)?$/, "skip"],
];
const KNOWN = /^(?:a|an|the|in|x|st|sts|ch|sc|dc|hdc|tr|mr|mc|inc|dec|blo|flo|rep)$/;

/** "M = magic ring", "K: repeat": letters that stand for words which are no stitches. Linear in the text. */
export function readAliases(plain: string, lines: readonly Line[]): ReadonlyMap<string, string> {
  const out = new Map<string, string>();
  for (const line of lines) {
    if (line.to - line.from > 600) continue;
    for (const entry of plain.slice(line.from, line.to).split(/[;,|\n]/)) {
      const m = /^\s*(?:[a-z ]{1,20}: )?([a-z]{1,4}) ?[=:-] ?([a-z ]{4,24})\.?\s*$/.exec(entry);
      const [, word, meaning] = m ?? [];
      if (!word || !meaning || out.has(word) || KNOWN.test(word) || isRoundWord(word)) continue;
      const found = MEANINGS.find(([re]) => re.test(meaning.trim()));
      if (found) out.set(word, found[1]);
    }
  }
  return out;
}

/** "1 dc tbl": through the back loop; as some write it (UK). */
const THROUGH: ReadonlyMap<string, string> = new Map([
  ["tbl", "blo"],
  ["tfl", "flo"],
]);

/** "6 sc in a loop", "work 5 sc into an adjustable loop": a ring, and no loop of a stitch. */
function loopsAsRings(tokens: readonly Token[]): readonly Token[] {
  const rings = (t: Token, i: number): boolean => {
    if (t.text !== "loop") return false;
    const magic = /^(magic|adjustable|sliding|slip)$/.test(tokens[i - 1]?.text ?? "");
    const a = magic ? i - 2 : i - 1;
    return tokens[a]?.text.replace("an", "a") === "a" && /^(in|into)$/.test(tokens[a - 1]?.text ?? "");
  };
  return tokens.some(rings) ? tokens.map((t, i) => (rings(t, i) ? { ...t, text: "ring" } : t)) : tokens;
}

/**
 * Words of a line with a maker's letters put into the words that the reader knows; places stay where they
 * are.
 */
export function tokensOf(
  plain: string,
  from: number,
  to: number,
  aliases: ReadonlyMap<string, string>,
): readonly Token[] {
  const tokens = loopsAsRings(tokenize(plain, from, to));
  const meant = (t: Token) => (t.kind === "word" ? (aliases.get(t.text) ?? THROUGH.get(t.text)) : undefined);
  if (!tokens.some((t) => meant(t) !== undefined)) return tokens;
  return tokens.map((t) => ({ ...t, text: meant(t) ?? t.text }));
}
