import { Cursor } from "./cursor";
import { isRoundWord } from "./labels";
import type { CheckedPart, CheckedPattern } from "./check";
import { stitchWord, type StitchName, type Terms } from "./stitches";
import { tokenize } from "./tokens";
import { readStitch } from "./vocabulary";

/**
 * Names in full. Source: Craft Yarn Council, Crochet Abbreviations Master List and US/UK conversion table
 * (from memory).
 */
const FULL: Readonly<Record<StitchName, { readonly us: string; readonly uk: string }>> = {
  ch: { us: "chain", uk: "chain" },
  slst: { us: "slip stitch", uk: "slip stitch" },
  sc: { us: "single crochet", uk: "double crochet" },
  hdc: { us: "half double crochet", uk: "half treble" },
  dc: { us: "double crochet", uk: "treble" },
  tr: { us: "treble", uk: "double treble" },
  dtr: { us: "double treble", uk: "triple treble" },
  rsc: { us: "reverse single crochet", uk: "reverse double crochet" },
  bobble: { us: "bobble: several stitches closed together", uk: "bobble: several stitches closed together" },
  picot: { us: "picot: a tiny loop of chains", uk: "picot: a tiny loop of chains" },
};

export const fullName = (stitch: StitchName, terms: Terms): string => FULL[stitch][terms];

export type WordKind = "stitch" | "increase" | "decrease" | "label" | "loops" | "start" | "repeat";

/**
 * What a word of a round is, for colouring it; undefined for plain talk. `word` is one word in lower case.
 */
export function wordKind(word: string, terms: Terms): WordKind | undefined {
  if (isRoundWord(word)) return "label";
  if (/^(blo|flo|loops?|front|back|third)$/.test(word)) return "loops";
  if (/^(magic|ring|mr|mc|chain|join|turn|spiral)$/.test(word)) return "start";
  if (/^(rep|repeat|around|times|twice|evenly|until)$/.test(word)) return "repeat";
  const stitch = stitchOf(word, terms);
  if (!stitch || stitch.kind === "generic") return undefined;
  return stitch.kind === "inc" ? "increase" : stitch.kind === "dec" ? "decrease" : "stitch";
}

function stitchOf(word: string, terms: Terms) {
  const tokens = tokenize(word, 0, word.length);
  const c = new Cursor(tokens, word);
  const stitch = readStitch(c, terms);
  return stitch && c.done ? stitch : undefined;
}

export interface Meaning {
  /** "sc: single crochet". */
  readonly title: string;
  /** The same stitch in the other terms: "UK: dc, double crochet". */
  readonly other: string;
  readonly note: string;
}

/** A stitch's meaning in its own and the other terms; undefined for words that are no stitch. */
export function meaningOf(word: string, terms: Terms): Meaning | undefined {
  const stitch = stitchOf(word.toLowerCase(), terms);
  if (!stitch || stitch.kind === "generic") return undefined;
  const others: Terms = terms === "us" ? "uk" : "us";
  const short = stitchWord(stitch.stitch, terms);
  const otherShort = stitchWord(stitch.stitch, others);
  if (stitch.kind === "inc")
    return {
      title: `${word}: increase`,
      other: `${others.toUpperCase()}: the same word, worked in ${otherShort}`,
      note: `${stitch.legs} ${short} in one stitch: uses 1, makes ${stitch.legs}`,
    };
  if (stitch.kind === "dec")
    return {
      title: `${word}: decrease`,
      other: `${others.toUpperCase()}: ${otherShort}${stitch.legs}tog`,
      note: `${stitch.legs} ${short} drawn together: uses ${stitch.legs}, makes 1`,
    };
  const same = otherShort === short && fullName(stitch.stitch, others) === fullName(stitch.stitch, terms);
  const note =
    stitch.stitch === "ch"
      ? "uses nothing of the round, makes no stitch"
      : stitch.kind === "foundation"
        ? "chain and stitch in one"
        : "uses 1, makes 1";
  return {
    title: `${short}: ${fullName(stitch.stitch, terms)}`,
    other: same
      ? `the same in ${others.toUpperCase()} terms`
      : `${others.toUpperCase()}: ${otherShort}, ${fullName(stitch.stitch, others)}`,
    note,
  };
}

/** Stitch words offered while typing, with their meaning. */
export function stitchChoices(terms: Terms): { readonly word: string; readonly meaning: string }[] {
  const names: StitchName[] = ["sc", "hdc", "dc", "tr", "slst", "ch", "bobble", "picot"];
  return [
    ...names.map((n) => ({ word: stitchWord(n, terms), meaning: fullName(n, terms).split(":")[0] ?? "" })),
    { word: "inc", meaning: `2 ${stitchWord("sc", terms)} in one stitch` },
    { word: "dec", meaning: `2 ${stitchWord("sc", terms)} drawn together` },
    { word: "BLO", meaning: "back loops only" },
    { word: "FLO", meaning: "front loops only" },
    { word: "magic ring", meaning: "a ring that can be drawn shut" },
  ];
}

export interface NextRound {
  readonly text: string;
  readonly meaning: string;
}

/**
 * What may come next after the round above `line`: growing on, even, shrinking, each with its total. The
 * label is written as the round above writes it. Empty where no counted round stands above.
 */
export function nextRounds(pattern: CheckedPattern, source: string, line: number): NextRound[] {
  let part: CheckedPart | undefined;
  for (const p of pattern.parts) if (p.line <= line && p.rounds.some((r) => r.line < line)) part = p;
  if (!part) return [];
  const above = part.rounds.filter((r) => r.line < line);
  const last = above[above.length - 1];
  if (!last?.count || last.number === undefined || last.broken) return [];
  const { count, number } = last;
  const typed = source.slice(last.from, last.to);
  const label =
    /^\s*(?:(rnds?|rounds?|r|rows?)(\s?\.?\s?)\d+(?:\s*[-–—to]+\s*\w?\d+)?|\d+)(\s*[:.)–-])?/i.exec(typed);
  const word = (label?.[1] ?? "Rnd").replace(/(?<=[a-z]{2})s$/i, "");
  const head =
    label && label[1] === undefined
      ? `${number + 1}${label[3] ?? ":"} `
      : `${word}${label?.[2] ?? " "}${number + 1}${label?.[3] ?? ":"} `;
  const sc = stitchWord("sc", pattern.terms);
  const first = part.rounds[0]?.count ?? 6;
  const m =
    [last.increases, last.decreases, ...above.map((r) => r.increases).reverse(), first, 6].find(
      (n) => n > 0 && count % n === 0,
    ) ?? 0;
  const unit = m > 0 ? count / m : 0;
  const repeat = (plain: number, change: string) =>
    plain === 0 ? `${change} × ${m}` : `(${plain === 1 ? sc : `${plain} ${sc}`}, ${change}) × ${m}`;
  const grow =
    m > 0
      ? { text: `${head}${repeat(unit - 1, "inc")} (${count + m})`, meaning: `${m} increases` }
      : undefined;
  const even = { text: `${head}${sc} in each st around (${count})`, meaning: "even" };
  const shrink =
    m > 0 && unit >= 2 && count - m >= 3
      ? { text: `${head}${repeat(unit - 2, "dec")} (${count - m})`, meaning: `${m} decreases` }
      : undefined;
  const order =
    last.decreases > 0
      ? [shrink, even, grow]
      : last.increases > 0
        ? [grow, even, shrink]
        : [even, shrink, grow];
  return order.filter((x) => x !== undefined);
}
