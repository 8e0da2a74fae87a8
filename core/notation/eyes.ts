import { isRoundWord } from "./labels";
import type { Token } from "./tokens";
import type { PatternEvent } from "./tree";

export type EyesEvent = Extract<PatternEvent, { kind: "eyes" }>;
type Word = Pick<Token, "text" | "kind" | "value">;

/** Embroidered, or something else that is called after eyes. */
const OTHERWISE = /^(embroider|embroidered|sew|patch|patches|whites)$/;
/** "Below the eyes": a place, and no eyes to be put in. */
const BESIDE =
  /^(between|below|above|under|underneath|beside|behind|of|than|from|near|past|with|to|over|around|each|every|per)$/;
const BEFORE_IT = /^(the|your|my|these|those|both|two|each|every|safety|plastic|toy|black|level|small|doll)$/;
const PUTS =
  /^(insert|attach|place|add|put|fix|position|fit|push|install|press|pop|fasten|secure|mount|set|snap|screw|mark)$/;
const SITS = /^(go|goes|sit|sits|belong|belongs|come|comes|are|should|get|lie|in|on|between|at|:)$/;
const NEVER = /^(not|don't|never|without|instead|unless|keep|check|you'll|need)$/;
const STITCHES = /^(st|sts|stitch|stitches|sc|dc|hdc)$/;

/** Index of the eyes that are spoken of themselves, not of a place beside them; −1 without any. */
function themselves(words: readonly Word[]): number {
  return words.findIndex((w, i) => {
    if (!/^(eyes?|noses?)$/.test(w.text)) return false;
    if (
      /^(white|whites)$/.test(words[i - 1]?.text ?? "") ||
      /^(whites?|patch|patches)$/.test(words[i + 1]?.text ?? "")
    )
      return false;
    let before = i - 1;
    while (before >= 0 && (BEFORE_IT.test(words[before]?.text ?? "") || words[before]?.kind === "number"))
      before--;
    return !BESIDE.test(words[before]?.text ?? "");
  });
}

/**
 * What words say of eyes, or of a nose, that are put in: how many, their size in mm, between which rounds, so
 * many stitches apart. Undefined where the words are of something else.
 */
export function eyesIn(words: readonly Word[]): EyesEvent | undefined {
  const at = themselves(words);
  if (at < 0 || words.some((w) => OTHERWISE.test(w.text))) return undefined;
  const all = numbersIn(words);
  // "After round 9 place the eyes between rounds 7 and 8": what stands behind them goes before.
  const behind = numbersIn(words.slice(at + 1));
  const nose = !words.some((w) => /^eyes?$/.test(w.text));
  const other = words.some((w) => w.text === "other");
  const one = nose || words.some((w) => w.text === "eye");
  return {
    kind: "eyes",
    what: nose ? "nose" : "eye",
    count: other ? 2 : (all.count ?? (one ? 1 : 2)),
    sizeMm: all.sizeMm,
    rounds: behind.rounds ?? all.rounds,
    apart: behind.apart ?? all.apart,
  };
}

/**
 * Eyes in a sentence that begins with other words: "Now the eyes go in, between …", "(place the eyes …)". It
 * has to say that they are put in, or where they sit.
 */
export function eyesTold(words: readonly Word[]): EyesEvent | undefined {
  const eyes = eyesIn(words);
  const at = themselves(words);
  if (!eyes || words[at]?.text === "nose" || forbidden(words, at)) return undefined;
  const near = (from: number, to: number, re: RegExp) =>
    words.slice(Math.max(0, from), to).some((w) => re.test(w.text));
  const put = near(at - 6, at, PUTS) || near(at + 1, at + 4, PUTS);
  return put || (eyes.rounds && near(at + 1, at + 3, SITS)) ? eyes : undefined;
}

/** "Do not add eyes for a baby", "you'll need eyes"; not "don't close before the eyes are in". */
function forbidden(words: readonly Word[], at: number): boolean {
  const never = words.findIndex((w) => NEVER.test(w.text));
  return never >= 0 && !words.slice(never, at).some((w) => /^(before|until)$/.test(w.text));
}

/** What two sentences say of the same eyes; the first goes before. */
export const together = (a: EyesEvent, b: EyesEvent): EyesEvent => ({
  ...a,
  sizeMm: a.sizeMm ?? b.sizeMm,
  rounds: a.rounds ?? b.rounds,
  apart: a.apart ?? b.apart,
});

function numbersIn(
  words: readonly Word[],
): Partial<Pick<EyesEvent, "sizeMm" | "rounds" | "apart" | "count">> {
  let sizeMm: number | undefined;
  let rounds: readonly [number, number] | undefined;
  let apart: number | undefined;
  let count: number | undefined;
  for (let i = 0; i < words.length; i++) {
    const word = words[i];
    if (word?.kind !== "number" && word?.kind !== "ordinal") continue;
    const next = words[i + 1]?.text ?? "";
    const second = secondOf(words, i);
    if (next === "mm" || (next === "-" && words[i + 2]?.text === "mm")) sizeMm = word.value;
    else if (STITCHES.test(next)) apart = word.value;
    else if (second) {
      rounds ??= [word.value, second.value];
      i = words.indexOf(second);
    } else if (isRoundWord(words[i - 1]?.text ?? "")) rounds ??= [word.value, word.value];
    else if (count === undefined && word.value <= 12 && i <= 3 && !isRoundWord(next)) count = word.value;
  }
  return { sizeMm, rounds, apart, count };
}

/** "5 and 6", "R5-R6", "the 7th and the 8th": the second of two rounds. */
function secondOf(words: readonly Word[], i: number): Word | undefined {
  if (!/^(and|&|-|\+|\/|to)$/.test(words[i + 1]?.text ?? "")) return undefined;
  let at = i + 2;
  while (at <= i + 3 && (words[at]?.text === "the" || isRoundWord(words[at]?.text ?? ""))) at++;
  const second = words[at];
  return second && (second.kind === "number" || second.kind === "ordinal") ? second : undefined;
}
