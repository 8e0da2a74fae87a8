import { tokensOf } from "../aliases";
import type { Token } from "../tokens";
import type { Line } from "../text";
import { isRoundWord } from "../labels";
import { ZERO } from "./label";
import { bareLabels } from "./bare-labels";
import { withoutEndCommas } from "./comma-ended";
import { doingLabels } from "./doing";
import { equates, explains } from "./explains";
import { flowing, type Live } from "./flowing";
import { gluedLabels } from "./glued-labels";
import { bracketedLabels, COMMA, listedRounds } from "./listed";
import { ownLabels } from "./own-labels";
import { placeAhead } from "./place-ahead";
import { sumsBehindStops } from "./sums-behind-stops";
import { sumsByRange } from "./sums-by-range";
import { sumsInFront } from "./sums-in-front";
import { toldBehindName } from "./told-behind-name";

/** A stretch of a line that is read as one: the whole line, or what stands between two labels in it. */
export interface Unit {
  readonly line: Line;
  /** Its words without decoration. */
  readonly tokens: readonly Token[];
  readonly atStart: boolean;
  /** Begins with a bullet, a sign or a dash. */
  readonly bullet: boolean;
  readonly indented: boolean;
  /** Marked as a heading: "## …", "**…**", "~ … ~", underlined. */
  readonly marked: boolean;
  /** An empty line, or the beginning of the text, stands before it. */
  readonly spaced: boolean;
  /** Cells of a table row. */
  readonly table: boolean;
}

/** Words of what is done before a round, on its line. */
const MOST_DONE = 8;
const DONE = /^(stuff|fill|insert|put|add|place|attach|finish|begin|start)$/;
const JOINS = /^(and|then|now)$/;
const NO_ALIASES: ReadonlyMap<string, string> = new Map();
const DECORATION = /^(-+|>|\||=+|~|\*|\*\*|_|__|#|\.|,|;|:|\/|\\|%|@|\+|!|"|'|`|\u2026|&)$/;
const EMPHASIS = /^(\*\*+|__+|_)$/;
/** Signs without a letter or a digit in them: emoji, arrows, ornaments. */
const ORNAMENT = /^[^\p{L}\p{N}\x21-\x7e\u2026]+$/u;

const plainWord = (t: Token): boolean => t.kind !== "mark";
/** Signs that only decorate. Asked of every word there is: the kind is looked at first. */
const noise = (t: Token): boolean =>
  t.kind === "mark" &&
  (t.text === "#" || EMPHASIS.test(t.text) || (t.text.charCodeAt(0) > 127 && ORNAMENT.test(t.text)));

/** Lines cut into units, decoration taken off. Linear in the text. */
export function unitsOf(
  plain: string,
  source: string,
  lines: readonly Line[],
  cut: (t: readonly Token[]) => number[],
  aliases: ReadonlyMap<string, string> = NO_ALIASES,
  works: (t: readonly Token[]) => boolean = () => false,
  lives: Live = () => undefined,
): Unit[] {
  const units: Unit[] = [];
  let spaced = true;
  let live: number | undefined;
  const written = gluedLabels(
    lines.map((line) => placeAhead(tokensOf(plain, line.from, line.to, aliases))),
    works,
  );
  const parted = withoutEndCommas(written, lives);
  const read = bareLabels(ownLabels(sumsInFront(sumsByRange(parted), works, lives), works), lives);
  for (const [i, line] of lines.entries()) {
    const all = read[i] ?? [];
    const bared = toldBehindName(bareOf(all, works), works);
    const own = sumsBehindStops(bracketedLabels(doingLabels(bared, works)));
    // "1. 6 sc in mr 2. 6 inc/12 3. …": what has its labels needs none.
    const settled = explains(own) || labelsInARow(own).size > 0;
    const summed = settled ? own : listedRounds(own, works, COMMA);
    const flows = summed === own && !settled ? flowing(own, lives, live) : undefined;
    live = flows?.live;
    const bare = settled ? own : summed === own ? (flows?.tokens ?? listedRounds(own, works)) : summed;
    if (bare.length === 0) {
      // "-----" under a name is part of the name.
      const rule = all.length > 0 && all.every((t) => /^(--+|==+|~+|-|=|\*+|_+)$/.test(t.text));
      const last = units[units.length - 1];
      if (rule && last?.line.number === line.number - 1) units[units.length - 1] = { ...last, marked: true };
      else spaced = true;
      continue;
    }
    const first = all[0]?.text ?? "";
    const shape = {
      line,
      bullet: /^(-|--|>)$/.test(first) && !/^-+$/.test(all[all.length - 1]?.text ?? ""),
      indented: /^[ \t]/.test(source.slice(line.from, line.from + 1)),
      marked:
        !settled &&
        !equates(own) &&
        (first === "#" ||
          first === "~" ||
          (/^(-+|=+|\*+)$/.test(first) &&
            /^(-+|=+|\*+)$/.test(all[all.length - 1]?.text ?? "") &&
            bare.length <= 6) ||
          (first === "**" && /^(\*\*|:)$/.test(all[all.length - 1]?.text ?? ""))),
      table: all.filter((t) => t.text === "|").length >= 2,
    };
    const cuts = cut(bare);
    let from = 0;
    for (const to of [...cuts, bare.length]) {
      // The stroke between "5 sc in MR / r2 …" belongs to neither.
      let end = to < bare.length && bare[to - 1]?.text === "/" ? to - 1 : to;
      // "Switch to red and | work rnd 4: …": what joined the two belongs to neither.
      while (to < bare.length && end > from + 1 && JOINS.test(bare[end - 1]?.text ?? "")) end--;
      if (end > from)
        units.push({
          ...shape,
          tokens: bare.slice(from, end),
          atStart: from === 0,
          spaced: spaced && from === 0,
        });
      from = to;
    }
    spaced = false;
  }
  return units;
}

/** Do token `i` and the next stand together, with no space between? */
const joined = (all: readonly Token[], i: number): boolean =>
  all[i] !== undefined && all[i].to === all[i + 1]?.from;

/** "#4": a sign that counts. */
const numberSign = (all: readonly Token[], i: number): boolean =>
  all[i]?.text === "#" && all[i + 1]?.kind === "number" && joined(all, i);

/**
 * "* EAR * x2", "== Ears == (make 2)": signs around a name and something behind it, where nothing is worked.
 */
function unframed(all: readonly Token[], works: (t: readonly Token[]) => boolean): readonly Token[] {
  const sign = all[0]?.text ?? "";
  if (!/^(\*+|=+|~+|-{2,}|_+)$/.test(sign) || all.length > MOST_FRAMED) return all;
  const shut = all.findIndex((t, i) => i > 1 && t.text === sign);
  // "* sc = single crochet *".
  if (shut === all.length - 1 && equates(all.slice(1, shut))) return all.slice(1, shut);
  const counts = all.some((t) => t.kind === "number");
  if (shut < 0 || (shut === all.length - 1 && !counts) || works(all)) return all;
  const inside = all.slice(1, shut);
  // "* Long ears x2 *", "* Ears, two alike *", "* Ears (two) *", "*Claws - make 2*": how many, too.
  const counted = (t: Token) => t.kind === "number" || /^([,():-]|--)$/.test(t.text);
  const named = inside.every((t, k) => t.kind === "word" || (k > 0 && counted(t)));
  return named && inside[0]?.kind === "word" ? [...inside, ...all.slice(shut + 1)] : all;
}
/** "*Rnd 3:* (sc, inc) x 6": stars that only set off the label. */
function unstarred(all: readonly Token[]): readonly Token[] {
  if (all[0]?.text !== "*") return all;
  const shut = all.slice(0, MOST_LABEL).findIndex((t, i) => i > 1 && t.text === "*");
  // "*Beak:* orange, …": a name that ends in a colon.
  const named = all[shut - 1]?.text === ":" && all[1]?.kind === "word";
  return shut > 0 && (named || isRoundWord(all[1]?.text ?? ""))
    ? all.filter((_, i) => i !== 0 && i !== shut)
    : all;
}
/** A label has no more words than this. */
const MOST_LABEL = 9;
/** A longer line is no name. */
const MOST_FRAMED = 12;

/** A line's words without bullets, emphasis and ornaments around them. Stars that open a repeat stay. */
function bareOf(given: readonly Token[], works: (t: readonly Token[]) => boolean): readonly Token[] {
  const all = unstarred(unframed(given, works));
  const smile = (t: Token, i: number) =>
    (t.text === ":" && /^[)(]$/.test(all[i + 1]?.text ?? "") && joined(all, i) && !joined(all, i - 1)) ||
    (/^[)(]$/.test(t.text) && all[i - 1]?.text === ":" && joined(all, i - 1) && !joined(all, i - 2));
  const decorates = (t: Token, i: number) => noise(t) && !numberSign(all, i);
  const tokens = all.some((t, i) => decorates(t, i) || smile(t, i))
    ? all.filter((t, i) => !decorates(t, i) && !smile(t, i))
    : all;
  let begin = 0;
  while (begin < tokens.length && DECORATION.test(tokens[begin]?.text ?? "") && !numberSign(tokens, begin)) {
    // "*sc, inc* x 6": a star in front of work is no bullet when another star follows.
    if (
      tokens[begin]?.text === "*" &&
      tokens[begin + 1]?.kind !== "mark" &&
      tokens.slice(begin + 1).some((t) => t.text === "*" || /^(rep|repeat)$/.test(t.text))
    )
      break;
    begin++;
  }
  let end = tokens.length;
  // "--- BODY ---", "~*~ Bee ~*~": what stands in front stands behind as well.
  const lead = all[0]?.text ?? "";
  const twin = /^(--+|==+|~)$/.test(lead) && all[all.length - 1]?.text === lead;
  const framed = /^(-+|=+|~|\*+|_+)$/.test(lead) && (twin || !tokens.some((t) => t.kind === "number"));
  while (end > begin && framed && /^(-+|=+|~|\*+|_+)$/.test(tokens[end - 1]?.text ?? "")) end--;
  if (!tokens.slice(begin, end).some(plainWord)) return [];
  return begin === 0 && end === tokens.length ? tokens : tokens.slice(begin, end);
}

const NO_LABELS: ReadonlySet<number> = new Set();
/** So many labels that count on in a line are a list of rounds, whatever signs stand between them. */
const FEWEST_IN_ROW = 3;

/** "/ 2. (1, inc) x 3", "(4) 2. inc": a number with its sign, behind what parts rounds, or behind a sum. */
const numbered = (tokens: readonly Token[], i: number, next: number): boolean =>
  tokens[i]?.kind === "number" &&
  /^[.)]$/.test(tokens[rangeEnd(tokens, i) + 1]?.text ?? "") &&
  (/^[/|;:]$/.test(tokens[i - 1]?.text ?? "") ||
    (tokens[i]?.value === next && (i === 0 || behindSum(tokens, i) || unopened(tokens, i))));

/** "1. 6 sc in mr 2. 6 inc/12 3. …": the number that comes next, with its full stop and more behind it. */
const dotted = (tokens: readonly Token[], i: number, next: number): boolean => {
  const stop = tokens[rangeEnd(tokens, i) + 1];
  return (
    tokens[i]?.value === next && tokens[i]?.kind === "number" && stop?.text === "." && i + 2 < tokens.length
  );
};

/** "Feet: 1: 5 sc in mr, 2: 5 inc (10), 3: …": the number that comes next, with a colon, behind a sign. */
const coloned = (tokens: readonly Token[], i: number, next: number): boolean =>
  tokens[i]?.value === next &&
  tokens[i]?.kind === "number" &&
  tokens[rangeEnd(tokens, i) + 1]?.text === ":" &&
  /^[,;.:|)\]]$/.test(tokens[i - 1]?.text ?? ":");

/** "1) 5 sc MR 2) inc x5 = 10 3) …": what shuts behind the number was opened nowhere. */
const unopened = (tokens: readonly Token[], i: number): boolean =>
  tokens[rangeEnd(tokens, i) + 1]?.text === ")" &&
  tokens[i - 1]?.kind !== "mark" &&
  tokens.slice(Math.max(0, i - MOST_OPEN), i).findLast((t) => /^[()]$/.test(t.text))?.text !== "(";
const MOST_OPEN = 24;

/** "4", "4-6", "4 thru 6", "R4 to R6", "4.-6.": the last number of the label whose first one stands at `at`. */
function rangeEnd(tokens: readonly Token[], at: number): number {
  const sign = tokens[at + 1]?.text === "." && RANGES.test(tokens[at + 2]?.text ?? "") ? at + 2 : at + 1;
  if (!RANGES.test(tokens[sign]?.text ?? "")) return at;
  const to = isRoundWord(tokens[sign + 1]?.text ?? "") ? sign + 2 : sign + 1;
  return tokens[to]?.kind === "number" && (tokens[to].value ?? 0) > (tokens[at]?.value ?? Infinity) ? to : at;
}
const RANGES = /^(-|--|to|thru|through|till|until)$/;

const behindSum = (tokens: readonly Token[], i: number): boolean =>
  i > 1 && /^[)\]]$/.test(tokens[i - 1]?.text ?? "") && tokens[i - 2]?.kind === "number";

/** "BODY – R1 MR 6, R2 6 inc, R3-4 even": the places of labels that count on from the first in one line. */
export function labelsInARow(tokens: readonly Token[]): ReadonlySet<number> {
  const found: number[] = [];
  let last = 0;
  let worked = true;
  let goesOn = false;
  for (let i = 0; i < tokens.length - 1; i++) {
    // "1st rnd 5 sc, 2nd rnd …" as well.
    const ordered = tokens[i]?.kind === "ordinal" && isRoundWord(tokens[i + 1]?.text ?? "");
    const worded = ordered || (isRoundWord(tokens[i]?.text ?? "") && tokens[i + 1]?.kind === "number");
    const at = worded && !ordered ? i + 1 : i;
    const n = tokens[at];
    const bare = !worded && (found[0] === undefined || tokens[found[0]]?.kind === "number");
    const counts =
      worded ||
      numbered(tokens, i, last + 1) ||
      (bare && (dotted(tokens, i, last + 1) || coloned(tokens, i, last + 1)));
    if (!n || !counts) {
      worked ||= tokens[i]?.kind !== "mark";
      continue;
    }
    // "Black: R7 24, R8 2+dec (18)": the rounds of a line may go on from another.
    if (found.length === 0 && worded && !ordered && (i === 0 || tokens[i - 1]?.text === ":")) {
      last = n.value - 1;
      goesOn = n.value > 1;
    }
    // "6 inc/12. 3. …": behind the stroke stands the sum.
    if (n.value !== last + 1 && bare && tokens[i - 1]?.text === "/") continue;
    if (n.value !== last + 1 || !worked) return NO_LABELS;
    // "Rnd 3: sc in each st. Repeat for rounds 4-6." goes on in words.
    if (goesOn && found.length > 0 && tokens[i - 1]?.kind !== "mark") return NO_LABELS;
    const to = ordered ? at : rangeEnd(tokens, at);
    found.push(i);
    last = tokens[to]?.value ?? n.value;
    worked = false;
    i = ordered ? at + 1 : to;
  }
  // "1. 5 sc MR | 2. inc (10)", "1. 4 sc (4) 2. inc (8)", "1. 5 sc in mr. 2. 5 inc": parted by a stroke, a sum or a
  // full stop, two are enough.
  const second = found[1] ?? 0;
  const stopped = /^[.:]$/.test(tokens[(found[0] ?? 0) + 1]?.text ?? "") && tokens[second - 1]?.text === ".";
  // "Stinger: R1 MR 4. R2 4": labels in so many words behind a name, each behind a sign.
  const named =
    isRoundWord(tokens[found[0] ?? 0]?.text ?? "") &&
    /^(:|)$/.test(tokens[(found[0] ?? 0) - 1]?.text ?? "") &&
    /^[.,:]$/.test(tokens[second - 1]?.text ?? "");
  const stroked = /^[|;]$/.test(tokens[second - 1]?.text ?? "") || behindSum(tokens, second) || stopped;
  return found.length >= 2 && (last >= FEWEST_IN_ROW || stroked || named || goesOn)
    ? new Set(found)
    : NO_LABELS;
}

/** Places between a bracket and the one that shuts it, but the first: "(R3: …" may begin with a label. */
export function inBrackets(tokens: readonly Token[]): ReadonlySet<number> {
  const open: number[] = [];
  const pairs: { readonly from: number; readonly to: number }[] = [];
  tokens.forEach((t, i) => {
    if (/^[([{]$/.test(t.text)) open.push(i);
    const from = /^[)\]}]$/.test(t.text) ? open.pop() : undefined;
    if (from !== undefined) pairs.push({ from, to: i });
  });
  const inside = new Set<number>();
  let covered = 0;
  // From the left, so that what is inside another pair is not gone through again.
  for (const { from, to } of pairs.sort((a, b) => a.from - b.from)) {
    for (let k = Math.max(from + 2, covered); k < to; k++) inside.add(k);
    covered = Math.max(covered, to);
  }
  return inside;
}

/** May a label begin at token `i`, behind something that is finished? */
export function mayCut(tokens: readonly Token[], i: number): boolean {
  const t = tokens[i];
  if (!t || t.kind === "mark") return false;
  const before = tokens[i - 1]?.text ?? "";
  const listed = before === "," && /^[)\]}.>]$/.test(tokens[i - 2]?.text ?? "");
  if (
    /^[,:]$/.test(before) &&
    isRoundWord(t.text) &&
    tokens[i + 1]?.kind === "number" &&
    tokens[rangeEnd(tokens, i + 1) + 1]?.text === ":"
  )
    // "Rnd 4, Rnd 5, Rnd 6:" is one label.
    return tokens
      .slice(0, i)
      .some((b) => !(b.kind === "number" || isRoundWord(b.text) || /^(,|and|&)$/.test(b.text)));
  // "Rnd 2: 12: inc in all": behind a label stands its sum.
  const labelled =
    tokens[i - 2]?.kind === "number" &&
    (i === 2 || (i === 4 && tokens[1]?.text === "-") || isRoundWord(tokens[i - 3]?.text ?? ""));
  if (labelled && t.kind === "number" && (before === ":" || (i === 2 && /^[).]$/.test(before)))) return false;
  // "r6..r11" is a range.
  if (before === "." && tokens[i - 2]?.text === ".") return false;
  // "Fill, then rnd 9: …".
  if (before === "then" && isRoundWord(t.text) && tokens[i + 1]?.kind === "number")
    return /^[,.;]$/.test(tokens[i - 2]?.text ?? "");
  // "5 sc in MR / r2 sc, inc": behind a stroke in so many words.
  if (before === "/") return isRoundWord(t.text) && tokens[i + 1]?.kind === "number";
  // "Stuff, 4: dec x6": done before the round.
  if (before === "," && t.kind === "number" && tokens[i + 1]?.text === ":")
    return (
      i <= MOST_DONE &&
      DONE.test(tokens[0]?.text ?? "") &&
      tokens.slice(0, i).every((w) => w.kind !== "number" && w.text !== ":")
    );
  if (!/^[.;)\]}!:|]$/.test(before) && !listed) return false;
  // "… (12). For the third round, work …"
  if (/^(in|for|on)$/.test(t.text)) {
    const next = tokens[i + 1]?.text === "the" ? i + 2 : i + 1;
    const word = tokens[next]?.text ?? "";
    return (
      tokens[next]?.kind === "ordinal" ||
      isRoundWord(word) ||
      (/^(next|last|final|following)$/.test(word) && isRoundWord(tokens[next + 1]?.text ?? ""))
    );
  }
  if (/^(work|crochet)$/.test(t.text))
    return isRoundWord(tokens[i + 1]?.text ?? "") && tokens[i + 2]?.kind === "number";
  return (
    (t.kind === "word" && (isRoundWord(t.text) || /^(next|first|last)$/.test(t.text))) ||
    // "White. Start: magic ring, 6 sc."
    (ZERO.test(t.text) && tokens[i + 1]?.text === ":") ||
    t.kind === "ordinal" ||
    (t.kind === "number" &&
      /^[)\]}.;|:]$/.test(before) &&
      // "11) …", and "6-10) …" for several.
      (/^[:)]$/.test(tokens[rangeEnd(tokens, i) + 1]?.text ?? "") ||
        (/^[.:]$/.test(before) && tokens[i + 1]?.text === ".")) &&
      !isRoundWord(tokens[i - 2]?.text ?? ""))
  );
}
