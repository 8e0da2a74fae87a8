import { Cursor } from "./cursor";
import type { Terms } from "./stitches";
import type { Line } from "./text";
import { tokenize, type Token } from "./tokens";
import { isRoundWord } from "./labels";
import { lettersOf } from "./letters";
import { readStitch, type StitchWord } from "./vocabulary";

/** Words of the maker's own for stitches, as her legend gives them: "V = 2 single crochet in one stitch". */
export type Legend = ReadonlyMap<string, StitchWord>;
export const NO_LEGEND: Legend = new Map();

const ORDINARY =
  /^(the|an|in|on|and|or|of|to|with|note|hook|yarn|eyes|size|round|row|make|total|us|uk|magic|ring|mr|mc)$/;

/** A word, an equals sign and words behind it: "= 18" is a total. */
const GIVES = /[a-z+^@%$&!?<>~-]\s*=\s*(?:[a-z]|\d\s*[a-z])/;
const IN_WORDS = /crochet|increase|decrease|treble|slip stitch/;
const TOLD = /^\W*[a-z]{1,4} ?[:-] [^\d]*(?:crochet|increase|decrease|treble|slip stitch)/;
/** "Loop stitch (LS)": a stitch and its letters behind it. */
const NAMED = /(?:st|stitch|crochet|increase|decrease|bobble|popcorn|cluster) ?\([a-z]{1,6}\)/;
/** "V: inc", "x – sc": a letter or two and an abbreviation, and no more. */
const SHORT = /^\W*[a-z]{1,2} ?[:-] ?(?:hdc|htr|sc|dc|tr|inc|dec|invdec|sl st|slst|ss|ch)\W*$/;

/** "X - sc, V - inc, A - dec": two such at least, one behind the other. */
const ENTRY = String.raw`[a-z]{1,2} ?(?:[:-]|--) ?(?:[a-z]+ ?){1,3}`;
const LISTED = new RegExp(String.raw`^\W*${ENTRY}[,;] ?${ENTRY}`);

/**
 * Reads "X = single crochet, V = increase" wherever it stands above or between the rounds. Only words that
 * are not stitches already are taken, and only where the other side names a stitch. Linear in the text.
 */
export function readLegend(plain: string, lines: readonly Line[], source: string, terms: Terms): Legend {
  const told = toldLegend(plain, lines, source, terms);
  const school = lettersOf(plain);
  return school.size === 0 ? told : new Map([...school, ...told]);
}

function toldLegend(plain: string, lines: readonly Line[], source: string, terms: Terms): Legend {
  let legend: Map<string, StitchWord> | undefined;
  const gives = plain.includes("=");
  const told = IN_WORDS.test(plain);
  const named = NAMED.test(plain);
  if (!gives && !told && !named && !/^[^\w\n]{0,4}[a-z]{1,2} ?[:-]/m.test(plain)) return NO_LEGEND;
  for (const line of lines) {
    if (line.to - line.from > 600) continue;
    const text = plain.slice(line.from, line.to);
    const listed = LISTED.test(text);
    // Behind a colon mostly stands work; it is a meaning only when it is told in words.
    const coloned = listed || SHORT.test(text) || (told && TOLD.test(text));
    const equal = gives && text.includes("=") && GIVES.test(text);
    if (!equal && !coloned && !(named && NAMED.test(text))) continue;
    const tokens = tokenize(plain, line.from, line.to);
    for (const entry of entries(tokens, listed, coloned || !text.includes("="))) {
      const [word, meaning] = entry;
      if (legend?.has(word.text)) continue;
      const known = new Cursor([word], source);
      const meansItself = readStitch(known, terms);
      const own = meansItself && ownLetter(meaning, source, terms);
      // "Increase = v": the other way about.
      if (own && meansItself && !legend?.has(own)) (legend ??= new Map()).set(own, meansItself);
      if (isRoundWord(word.text) || ORDINARY.test(word.text) || meansItself) continue;
      const stitch = meant(meaning, source, terms);
      if (stitch) (legend ??= new Map()).set(word.text, stitch);
    }
  }
  return legend ?? NO_LEGEND;
}

/** A letter of her own that no stitch is called by, alone behind the sign. */
function ownLetter(meaning: readonly Token[], source: string, terms: Terms): string | undefined {
  const said = meaning.filter((t) => !/^[,;.)|]$/.test(t.text));
  const [only] = said;
  if (said.length !== 1 || only?.kind !== "word" || !/^[a-z]$/.test(only.text)) return undefined;
  return readStitch(new Cursor([only], source), terms) === undefined || only.text === "x"
    ? only.text
    : undefined;
}

/**
 * "word = …" pieces of a line; each runs to the next "word =".
 *
 * @param listed other signs stand for it, too
 * @param coloned … and behind the first word
 */
function entries(tokens: readonly Token[], listed: boolean, coloned: boolean): [Token, readonly Token[]][] {
  const signs: number[] = [];
  tokens.forEach((t, i) => {
    const other = /^(?::|--?)$/.test(t.text);
    const follows = listed && /^[,;.]$/.test(tokens[i - 2]?.text ?? "");
    if (t.text !== "=" && !(other && ((coloned && signs.length === 0 && i <= 2) || follows))) return;
    const word = tokens[i - 1];
    if (word && (word.kind === "word" || (word.kind === "mark" && /^[+^@%$&!?\\<>~-]$/.test(word.text))))
      signs.push(i);
  });
  const told = signs.map((at, i): [Token, readonly Token[]] => [
    tokens[at - 1] as Token,
    tokens.slice(at + 1, i + 1 < signs.length ? (signs[i + 1] ?? 0) - 1 : tokens.length),
  ]);
  tokens.forEach((t, i) => {
    if (t.kind !== "word" || tokens[i - 1]?.text !== "(" || tokens[i + 1]?.text !== ")") return;
    const from = tokens.slice(0, i - 1).findLastIndex((x) => x.kind === "mark") + 1;
    told.push([t, tokens.slice(Math.max(from, i - 5), i - 1)]);
  });
  return told;
}

function meant(tokens: readonly Token[], source: string, terms: Terms): StitchWord | undefined {
  const c = new Cursor(tokens, source);
  let plain: StitchWord | undefined;
  let legs: number | undefined;
  // "Leg = ch 6, sc in 2nd ch…" is a block of work, not a word.
  if (
    tokens.some(
      (t, i) =>
        /^(ch|chain)$/.test(t.text) && (tokens[i + 1]?.kind === "number" || tokens[i - 1]?.kind === "number"),
    )
  )
    return undefined;
  while (!c.done) {
    if (c.is("=")) break;
    const counted = c.kind() === "number" ? c.peek()?.value : undefined;
    const at = c.at;
    const word = readStitch(c, terms);
    if (word && (word.kind === "inc" || word.kind === "dec" || word.kind === "bobble")) return word;
    if (word?.kind === "plain") {
      plain ??= word;
      if (c.kind() === "number" && /^(tog|together)$/.test(c.text(1)))
        return { ...word, kind: "dec", legs: c.peek()?.value ?? 2 };
      continue;
    }
    if (word === undefined) c.at = at;
    if (counted !== undefined && counted >= 2 && counted <= 9) legs = counted;
    if (plain && legs !== undefined && /^(together|tog)$/.test(c.text()))
      return { ...plain, kind: "dec", legs };
    if (plain && legs !== undefined && /^(one|same|1)$/.test(c.text()))
      return { ...plain, kind: "inc", legs };
    if (word === undefined) c.at++;
  }
  if (plain && legs !== undefined && tokens.some((t) => /^(same|into|in)$/.test(t.text)))
    return { ...plain, kind: "inc", legs };
  return plain;
}
