import { isRoundWord } from "../labels";
import type { Token } from "../tokens";
import { asRounds, mostlySums, RING, straight, tellsOfBefore, type Stretch } from "./listed";

/** What a stretch of words comes to as a round of its own. */
export interface Lived {
  /** Live stitches behind it. */
  readonly live: number | undefined;
  /** Takes every stitch that is there, or begins in a ring; a stretch that is done between rounds is none. */
  readonly round: boolean;
}
/**
 * Reads words as a round over `live` stitches; undefined where they are none, or leave stitches over. `strict`: a
 * written sum alone makes no round, it has to come out.
 */
export type Live = (
  tokens: readonly Token[],
  live: number | undefined,
  strict?: boolean,
) => Lived | undefined;

/** Where a round may end. */
const ENDS = /^(\.|,|;|\/|-|--|then|and)$/;
/** A list of rounds has so many; or one less, where the second cannot be the sum of the first. */
const FEWEST = 3;
/** A round is cut at most into so many stretches, and a line has at most so many. */
const MOST_IN_ROUND = 5;
const MOST_STRETCHES = 80;
const MOST_TOKENS = 400;

/**
 * "Cactus: 6 sc in MR, inc around (12), sc 1 inc 1 around (18), then 8 rounds of 18.": a whole part in a
 * sentence, without a label and with or without sums. Where it may be cut, the stitches tell: each round
 * takes all of the one before it. The cut with the most rounds that holds to the end of the line is taken,
 * and each gets the label that it stands for. Linear in the line.
 *
 * @param from live stitches of a line above that flowed, where this goes on with it
 */
export function flowing(
  given: readonly Token[],
  lives: Live,
  from: number | undefined,
): { readonly tokens: readonly Token[]; readonly live: number | undefined } | undefined {
  const next = nextLabel(given);
  if (next > 0) {
    // One sentence is one round, and needs no look.
    const numbers = given.slice(0, next).map((t) => (t.text === "." ? "." : t.kind === "number" ? "n" : ""));
    if (!/n\.+n/.test(numbers.join(""))) return undefined;
    const ahead = flowing(given.slice(0, next), lives, from);
    return ahead && { tokens: [...ahead.tokens, ...given.slice(next)], live: undefined };
  }
  if (given.length < 6 || given.length > MOST_TOKENS || labels(given)) return undefined;
  const named = nameEnds(given);
  // Whatever ends the name, the rest of the reader sees a colon; and a comma before how many there are.
  const seen = (t: Token, i: number) =>
    i === named - 1 ? ":" : i < named && /^[.:]$/.test(t.text) ? "," : t.text;
  const tokens = given.map((t, i) => ({ ...t, text: seen(t, i) }));
  const pieces = piecesOf(tokens, named);
  const begins = tokens.slice(named).some((t) => RING.test(t.text) || t.text === "loop");
  if ((!begins && from === undefined) || pieces.length < 2 || pieces.length > MOST_STRETCHES)
    return undefined;
  if (mostlySums(tokens, pieces) || intoTheRing(tokens, pieces)) return undefined;
  const strict: Live = (words, live) => lives(words, live, true);
  const live = begins ? undefined : from;
  // A cut whose sums all come out, before one with more rounds and a sum that does not.
  const best = bestCut(tokens, pieces, strict, live) ?? bestCut(tokens, pieces, lives, live);
  if (!best) return undefined;
  const goesOver = best.rounds.some((s) => straight(tokens.slice(s.from, s.to)) !== undefined);
  // "6 sc in a ring (6), then sc all around (6)": two sums are two rounds.
  const summed = best.rounds.filter((s) => tokens[s.to - 1]?.text === ")" && closesSum(tokens, s.to - 1));
  // "5 sc in a ring, sc around": what goes all the way round is a round of its own.
  const behind = best.rounds.filter((s) => !s.between).slice(1);
  const around =
    behind.length > 0 &&
    behind.every(({ from, to }) => {
      const words = tokens.slice(from, to);
      return words.some(allRound) || asOften(words, best.begun);
    });
  const apart = best.live !== best.begun || goesOver || around || summed.length > 1;
  const fewest = apart ? FEWEST - 1 : FEWEST;
  if (made(best.rounds) < fewest) return undefined;
  return { tokens: asRounds(tokens, best.rounds), live: best.live };
}

/**
 * "Make a ring and work 6 sc into it. 2 sc in each. Next round: …": where the first label without a number
 * stands, behind rounds that have none; below 1 where there is none.
 */
const nextLabel = (tokens: readonly Token[]): number =>
  tokens.findIndex(
    (t, i) =>
      i > 0 &&
      /^(next|last|final|following)$/.test(t.text) &&
      isRoundWord(tokens[i + 1]?.text ?? "") &&
      tokens[i + 2]?.text === ":" &&
      /^[.;]$/.test(tokens[i - 1]?.text ?? ""),
  );

const MANY_ROUNDS =
  /^(inc|dec|invdec|increase|decrease|around|round|each|every|even|plain|straight|rep|repeat|\(|\[|\*)$/;
const TALL = /^(hdc|dc|tr|dtr|htr)$/;
/** "mr: ch 3, 2 tr, 3 dc, ch 1, 1 tr, …": stitches of several heights and no more are one round, all in the ring. */
function intoTheRing(tokens: readonly Token[], pieces: readonly Stretch[]): boolean {
  const [first, ...others] = pieces;
  if (!first) return false;
  // Its sum, which ends the last of them, tells nothing of several.
  const behind = tokens.slice(first.to, others.at(-1)?.to);
  const summed = behind.findIndex((t, i) => /^[([]$/.test(t.text) && behind[i + 1]?.kind === "number");
  const work = summed < 0 ? behind : behind.slice(0, summed);
  const tall = new Set(work.filter((t) => TALL.test(t.text)).map((t) => t.text));
  return tall.size >= 2 && !work.some((t) => MANY_ROUNDS.test(t.text) || isRoundWord(t.text));
}

const allRound = (t: Token): boolean => /^(around|round|each|every|even|plain|straight)$/.test(t.text);

/** "(…, sl st in next sc) 5 times": into the next stitch, as often as there are stitches. */
const asOften = (words: readonly Token[], live: number | undefined): boolean =>
  words.some((t) => t.text === "next") &&
  words.some((t, i) => t.value === live && (words[i + 1]?.text === "times" || words[i - 1]?.text === "x"));

/** "(6)", "(6 stitches)": the bracket that closes at token `i` holds what a round comes to. */
const closesSum = (tokens: readonly Token[], i: number): boolean =>
  tokens[i]?.text === ")" &&
  tokens.slice(Math.max(0, i - 3), i).some((t, k, all) => t.text === "(" && all[k + 1]?.kind === "number");

/** "Body:", "EYES, 2.": where a name in front of the rounds ends. */
function nameEnds(tokens: readonly Token[]): number {
  const colon = tokens.slice(0, 8).findIndex((t) => t.text === ":");
  // "Feet: make four in black. Magic circle, …": how many belongs to the name.
  const many = SAYS_MAKE.test(tokens[colon + 1]?.text ?? "") && tokens[colon + 2]?.kind === "number";
  const said = tokens.findIndex((t, i) => i > colon && t.text === ".");
  if (colon >= 0 && many && said > 0 && said <= MOST_NAME) return said + 1;
  if (colon >= 0) return colon + 1;
  if (tokens[0]?.kind !== "word" || /^(mr|mc|start|begin|then)$/.test(tokens[0].text)) return 0;
  if (tokens[1]?.text === "." && !SAYS_MAKE.test(tokens[2]?.text ?? "")) return 2;
  // "Eyes. Make 2.", "EYES, 2.", "Back paws (make two).": how many, and no more, up to the full stop.
  const words = tokens.slice(1, 4).findIndex((t) => t.kind !== "word" || t.text === "x");
  const stop = tokens.findIndex((t, i) => i > words + 2 && t.text === ".");
  const between = words < 0 ? [] : tokens.slice(words + 1, stop);
  const counted = between.some((t) => t.kind === "number") && between.every(saysMany);
  return counted && stop <= MOST_NAME ? stop + 1 : 0;
}

const MOST_NAME = 10;
const SAYS_MAKE = /^(make|work|crochet|need)$/;
const saysMany = (t: Token): boolean =>
  t.kind !== "word" ||
  SAYS_MAKE.test(t.text) ||
  /^(x|of|these|them|pieces|pcs|in|all|total|needed)$/.test(t.text);

const PLACED =
  /^(on|at|to|onto|between|over|from|near|above|below|of|in|into|along|around|behind|after|before)$/;
/** Labels of its own say more than signs: "Rnd 4", "1st rnd", "Next round:". */
const labels = (tokens: readonly Token[]): boolean =>
  (tokens[0]?.kind === "number" && tokens[1]?.kind === "mark") ||
  tokens.some(
    (t, i) =>
      isRoundWord(t.text) &&
      // "Sew on at round 8": a place, and no label.
      !PLACED.test(tokens[i - 1]?.text ?? "") &&
      (tokens[i + 1]?.kind === "number" || tokens[i - 1]?.kind === "ordinal" || tokens[i + 1]?.text === ":"),
  );

/** What stands between two places where a round may end, outside all brackets. */
function piecesOf(tokens: readonly Token[], start: number): Stretch[] {
  const out: Stretch[] = [];
  let from = start;
  let depth = 0;
  let starred = false;
  tokens.forEach((t, i) => {
    if (i < start) return;
    if (/^[([{]$/.test(t.text)) depth++;
    else if (/^[)\]}]$/.test(t.text)) depth--;
    else if (t.text === "*") starred = !starred;
    else if (depth === 0 && !starred && ENDS.test(t.text)) {
      if (i > from) out.push({ from, to: i });
      from = i + 1;
    }
  });
  if (from < tokens.length) out.push({ from, to: tokens.length });
  return out;
}

interface Cut {
  readonly rounds: readonly Stretch[];
  /** Rounds that would begin with a number alone; a part of one for each that begins behind a comma. */
  readonly inFront: number;
  /** Live stitches of the first round. */
  readonly begun: number | undefined;
  readonly live: number | undefined;
}

/** The cut of pieces `0 … i` with the most rounds, for each i. */
function bestCut(
  tokens: readonly Token[],
  pieces: readonly Stretch[],
  lives: Live,
  from: number | undefined,
): (Cut & { live: number }) | undefined {
  const best: (Cut | undefined)[] = [{ rounds: [], inFront: 0, begun: from, live: from }];
  for (let i = 1; i <= pieces.length; i++)
    for (let j = Math.max(0, i - MOST_IN_ROUND); j < i; j++) {
      const before = best[j];
      if (!before) continue;
      const [begin, end] = [pieces[j]?.from ?? 0, pieces[i - 1]?.to ?? 0];
      if (tellsOfBefore(tokens, begin, end)) continue;
      // "inc5 (10), 10": a number alone behind a sum is no other sum.
      const plain = end - begin === 1 && tokens[begin]?.value === before.live && closesSum(tokens, begin - 2);
      const got = plain
        ? { live: before.live, round: true }
        : livesOn(tokens.slice(begin, end), before.live, lives);
      if (!got || (!got.round && j < i - 1)) continue;
      // "…, all the way round (8)" ends what stands before it.
      const begun = `${tokens[begin]?.text ?? ""} ${tokens[begin + 1]?.text ?? ""}`;
      if (j > 0 && ENDS_ROUND.test(begun)) continue;
      // What it begins with has its number: "MC = magic circle" begins nothing.
      if (
        before.live === undefined &&
        got.round &&
        !tokens.slice(begin, end).some((t) => t.kind === "number")
      )
        continue;
      const rounds = [...before.rounds, { from: begin, to: end, between: !got.round }];
      // "(1, inc), 18. (2, inc), 24": a sum ends a round and begins none.
      const summed = j < i - 1 && isSum(tokens, pieces[j]);
      // "… 18. Stuff.": no round of eighteen.
      const [behind] = pieces.slice(j + 1);
      if (summed && behind && !livesOn(tokens.slice(behind.from, end), before.live, lives)?.round) continue;
      // A full stop parts rounds sooner than a comma.
      const weak = tokens[begin - 1]?.text === "," ? WEAK : 0;
      const inFront = before.inFront + (summed ? 1 : 0) + weak;
      const kept = best[i];
      if (!kept || worth(rounds, inFront) > worth(kept.rounds, kept.inFront))
        best[i] = { rounds, inFront, begun: before.begun ?? got.live, live: got.live };
    }
  const all = best[pieces.length];
  return all?.live === undefined ? undefined : { ...all, live: all.live };
}

const WEAK = 0.25;
const ENDS_ROUND = /^(?:all (?:the|around|round)|around|round)\b/;
const isSum = (tokens: readonly Token[], s: Stretch | undefined): boolean =>
  s !== undefined && s.to - s.from === 1 && tokens[s.from]?.kind === "number";
/** The most rounds, and of those the cut that joins no talk to them and puts sums where they belong. */
const worth = (rounds: readonly Stretch[], inFront: number): number =>
  made(rounds) + (rounds.length - inFront / MOST_STRETCHES) / (2 * MOST_STRETCHES);
const made = (rounds: readonly Stretch[]): number => rounds.filter((r) => !r.between).length;

/** A round that is said plainly, or again and again, or by its stitches. */
function livesOn(words: readonly Token[], live: number | undefined, lives: Live): Lived | undefined {
  const many = straight(words);
  if (many && live !== undefined && (many.of ?? live) === live) return { live, round: true };
  return lives(words, live);
}
