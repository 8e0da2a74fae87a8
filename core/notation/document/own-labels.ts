import { isRoundWord } from "../labels";
import { RING } from "./listed";
import { putIn } from "./put-in";
import type { Token } from "../tokens";
import { SHADES, TONES } from "../words/shades";

/** How far into a line its number may stand. */
const REACH = 4;
/** Rounds counted 1, 2, 3 in one way, with work behind them, make it her way of writing labels. */
const FEWEST = 3;
/** So wide a gap behind a number sets it in a column. */
const COLUMN = 2;
/** Signs that may end a label. */
const CLOSES = /^[^\p{L}\p{N}("'[{]+$/u;
const ROMAN = /^(x{0,3})(ix|iv|v?i{0,3})$/;
const FROM_TO = new Set(["-", "--", "to", "~", "=", ">", "\u2026"]);

/** A line's beginning that may be a label: what stands around its number, and the number. */
interface Frame {
  /** The words and signs around the number: its way of being written. */
  readonly key: string;
  readonly first: number;
  readonly last: number;
  /** Index of the token of each number, and of the first token behind the label. */
  readonly at: number;
  readonly lastAt: number;
  readonly end: number;
}

/**
 * Labels in a way of her own: "Step 3 –", "3°", "<3>", "III.", "Line 3:", "3.R", "#3". What counts 1, 2, 3
 * from line to line with stitches behind it is a label, whatever stands around the number; it is put into the
 * shape that the reader knows, a number and a colon. Ways that the reader knows already are left as they are.
 * Linear in the text.
 *
 * @param lines the tokens of each line, with their decoration
 * @param works tells whether stitches or numbers of them stand among some words
 */
export function ownLabels(
  lines: readonly (readonly Token[])[],
  works: (tokens: readonly Token[]) => boolean,
): readonly (readonly Token[])[] {
  const frames = lines.map(frameOf);
  const own = ownWays(lines, frames, works);
  if (own.size === 0) return lines;
  return lines.map((tokens, i) => {
    const frame = frames[i];
    return frame && own.has(frame.key) && frame.end < tokens.length ? relabelled(tokens, frame) : tokens;
  });
}

/** The ways in which rounds are counted, from 1 on and one after the other. */
function ownWays(
  lines: readonly (readonly Token[])[],
  frames: readonly (Frame | undefined)[],
  works: (tokens: readonly Token[]) => boolean,
): ReadonlySet<string> {
  const runs = new Map<string, { last: number; many: number }>();
  const own = new Set<string>();
  for (const [i, frame] of frames.entries()) {
    if (!frame || own.has(frame.key)) continue;
    const run = runs.get(frame.key);
    const goesOn = frame.first === 1 || run?.last === frame.first - 1;
    const behind = lines[i]?.slice(frame.end) ?? [];
    // "1, inc", "2, inc", "3, inc": one stitch, two, three; a label only where the first of them begins a piece.
    const counts = frame.first === 1 && lines[i]?.[frame.end - 1]?.text === "," && !begins(behind);
    // "{3}-{5} 12": among rounds a number alone is what one comes to.
    const summed = (run?.many ?? 0) >= 2 && behind.length === 1 && behind[0]?.kind === "number";
    if (counts || !goesOn || !(works(behind) || summed || (frame.first === 1 && begins(behind)))) {
      if (frame.first !== 1) runs.delete(frame.key);
      continue;
    }
    const many = frame.first === 1 ? 1 : (run?.many ?? 0) + 1;
    runs.set(frame.key, { last: frame.last, many });
    if (many >= FEWEST) own.add(frame.key);
  }
  return own;
}

/** "mc6", "ring of 6": a first round need not name its stitch. */
const begins = (tokens: readonly Token[]): boolean =>
  tokens.some((t) => RING.test(t.text) || /^(loop|ch|chain)$/.test(t.text)) &&
  tokens.some((t) => t.kind === "number");

/** "1.3 (sc, inc) x 6", "2.4-2.6": the round of a numbered part; each part counts from 1. */
function decimalFrame(tokens: readonly Token[]): Frame | undefined {
  const [part, first] = decimal(tokens[0]) ?? [];
  if (part === undefined || first === undefined) return undefined;
  const [of, to] = (FROM_TO.has(tokens[1]?.text ?? "") && decimal(tokens[2])) || [];
  const lastAt = of === part && to !== undefined && to > first ? 2 : 0;
  let end = lastAt + 1;
  while (/^[.:)-]$/.test(tokens[end]?.text ?? "")) end++;
  return { key: "1.1", first, last: lastAt > 0 ? (to ?? first) : first, at: 0, lastAt, end };
}
const decimal = (t: Token | undefined): readonly number[] | undefined =>
  t?.kind === "number" ? /^(\d)\.(\d{1,2})$/.exec(t.text)?.slice(1).map(Number) : undefined;

function frameOf(tokens: readonly Token[]): Frame | undefined {
  const parted = decimalFrame(tokens);
  if (parted) return parted;
  for (let at = 0; at < REACH && at < tokens.length; at++) {
    const first = numeral(tokens[at]);
    if (first === undefined) {
      if (/^["'|]$/.test(tokens[at]?.text ?? "")) return undefined;
      continue;
    }
    const before = tokens.slice(0, at);
    const range = rangeFrom(
      tokens,
      at,
      before.map((t) => t.text).filter((t) => t !== "-"),
    );
    const lastAt = range ?? at;
    const last = numeral(tokens[lastAt]) ?? first;
    let end = lastAt + 1;
    while (end < tokens.length && end <= lastAt + 2 && closes(tokens, end, lastAt)) end++;
    // "1. Runde:", "3) course –": a word of hers behind the number, set off by a sign.
    if (ownWord(tokens, end)) end += 2;
    const after = tokens.slice(lastAt + 1, end);
    if (opensRepeat(before, after)) return undefined;
    const roman = tokens[at]?.kind === "word";
    const short = tokens.slice(lastAt + 1, lastAt + 3);
    if ((!roman && !ownWord(tokens, lastAt + 2) && known(before, short)) || last < first) return undefined;
    // "2 sc in each st": a number alone counts what stands behind it.
    const padded = tokens[at]?.text.startsWith("0");
    const column = (tokens[end]?.from ?? 0) - (tokens[end - 1]?.to ?? 0) >= COLUMN;
    if (before.length + after.length === 0 && !padded && !column && tokens[end]?.kind === "word")
      return undefined;
    const one = (t: Token) => t.text.replace(/^([a-z]{2,})s$/, "$1");
    // A number in a column of its own is one way, whatever sign a range of them brings along.
    const sign = column && before.length === 0 ? "" : after.map(one).join(" ");
    const key = `${before.map(one).join(" ")} ${roman ? "i" : "1"} ${column ? "|" : ""}${sign}`;
    return { key, first, last, at, lastAt, end };
  }
  return undefined;
}

/**
 * "(1 sc, inc) around", "(2 sc, inc) around", "(3 sc, …": what is opened before the number and not closed behind
 * it is a repeat, and its numbers count only by chance.
 */
function opensRepeat(before: readonly Token[], after: readonly Token[]): boolean {
  const shut = before.map(
    (t) => SHUTS.get(t.text) ?? (t.text === "*" && before.length === 1 ? "*" : undefined),
  );
  return shut.some((sign) => sign !== undefined && !after.some((t) => t.text === sign));
}
const SHUTS: ReadonlyMap<string, string> = new Map([
  ["(", ")"],
  ["[", "]"],
  ["{", "}"],
]);

/** "3-5", "III to V", "step 3 - step 5": the place of the second number. */
function rangeFrom(tokens: readonly Token[], at: number, before: readonly string[]): number | undefined {
  // "a5) – a6)": the sign that ends a label may stand in front of the range's.
  const ends = tokens[at + 1]?.kind === "mark" && CLOSES.test(tokens[at + 1]?.text ?? "");
  const sign = ends && FROM_TO.has(tokens[at + 2]?.text ?? "") ? at + 2 : at + 1;
  // "5, 6", "7 and 8": two rounds one after the other.
  const [next, n] = [tokens[sign]?.text ?? "", tokens[sign + 1]];
  if (/^(,|and|&|\+)$/.test(next) && sign === at + 1 && numeral(n) === (numeral(tokens[at]) ?? 0) + 1)
    return n?.kind === tokens[at]?.kind && isSetOff(tokens, sign + 1) ? sign + 1 : undefined;
  if (!FROM_TO.has(next)) return undefined;
  let i = sign + 1;
  if (before.length > 0 && before.every((t, k) => tokens[i + k]?.text === t)) i += before.length;
  const last = numeral(tokens[i]);
  const counts = tokens[i + 1];
  // "Step 3 - 6 sc": the second number counts stitches.
  const counted = counts?.kind === "word" && !isRoundWord(counts.text);
  if (last === undefined || tokens[i]?.kind !== tokens[at]?.kind || counted) return undefined;
  return i;
}

/** Stands a wide gap or a sign behind the number, so that it counts nothing? */
const isSetOff = (tokens: readonly Token[], i: number): boolean =>
  tokens[i + 1]?.kind === "mark" || (tokens[i + 1]?.from ?? 0) - (tokens[i]?.to ?? 0) >= COLUMN;

/** Is there a word and a colon, as in "3. Runde:"? */
const ownWord = (tokens: readonly Token[], i: number): boolean =>
  tokens[i]?.kind === "word" &&
  !isRoundWord(tokens[i]?.text ?? "") &&
  !NOT_OWN.test(tokens[i]?.text ?? "") &&
  /^[.)]$/.test(tokens[i - 1]?.text ?? "") &&
  tokens[i + 1]?.text === ":";
/** Words of work, which a colon may stand behind as well. */
const NOT_OWN = /^(?:inc|dec|sc|repeat|rep|even|increase|decrease|around|times|mr|mc|ring|blo|flo|stuff)$/;

const closes = (tokens: readonly Token[], i: number, number: number): boolean => {
  const t = tokens[i];
  if (!t) return false;
  // "3. Rnd", "3r": the word behind the number, but not where a number of its own follows.
  if (t.kind === "word")
    return isRoundWord(t.text) && tokens[i + 1]?.kind !== "number"
      ? true
      : i === number + 2 && isRoundWord(t.text);
  // "*3*" is set off by stars; "3 *sc, inc*" begins a repeat.
  return (
    t.kind === "mark" && CLOSES.test(t.text) && t.text !== "|" && (t.text !== "*" || tokens[0]?.text === "*")
  );
};

/** Ways that are read without help: "Rnd 3", "R3:", "3.", "3)", "(3)". */
function known(before: readonly Token[], after: readonly Token[]): boolean {
  const all = before.filter((t) => t.kind === "word");
  // "RED R1", "A Rnd 1": a colour, or her letter for one, in front of a label.
  const lead = all.findIndex((t) => !SHADES.has(t.text) && !TONES.has(t.text));
  const lettered = lead === 0 && all.length === 2 && /^[a-h]$/.test(all[0]?.text ?? "");
  const words = isRoundWord(all.at(-1)?.text ?? "") ? all.slice(lettered ? 1 : Math.max(0, lead)) : all;
  const signs = before.filter((t) => t.kind === "mark").map((t) => t.text);
  if (words.length === 1 && isRoundWord(words[0]?.text ?? "")) return !signs.some((t) => /^[([<]$/.test(t));
  if (words.length > 0) return false;
  const bullets = signs.every((t) => /^(-|--|>|\*)$/.test(t));
  const closed = /^[.:)]$/.test(after[0]?.text ?? "") && !isRoundWord(after[1]?.text ?? "");
  return bullets && closed;
}

function numeral(t: Token | undefined): number | undefined {
  if (!t) return undefined;
  if (t.kind === "number")
    return Number.isInteger(t.value) && t.value > 0 && t.value < 400 ? t.value : undefined;
  if (t.kind !== "word" || t.text === "" || t.text.length > 7) return undefined;
  const m = ROMAN.exec(t.text);
  if (!m) return undefined;
  const units = m[2] ?? "";
  const ones =
    units === "ix" ? 9 : units === "iv" ? 4 : (units.startsWith("v") ? 5 : 0) + units.replace("v", "").length;
  return 10 * (m[1]?.length ?? 0) + ones;
}

/** The label as a number, or two, and a colon; the places in the text stay what they are. */
function relabelled(tokens: readonly Token[], f: Frame): readonly Token[] {
  const begin = tokens[0]?.from ?? 0;
  const end = tokens[f.end - 1]?.to ?? begin;
  const number = (value: number, t: Token | undefined): Token => ({
    kind: "number",
    text: String(value),
    value,
    from: t?.from ?? begin,
    to: t?.to ?? end,
  });
  const numbers = [{ ...number(f.first, tokens[f.at]), from: begin }];
  if (f.lastAt > f.at) numbers.push(putIn(end, "-"), number(f.last, tokens[f.lastAt]));
  return [...numbers, putIn(end, ":"), ...tokens.slice(f.end)];
}
