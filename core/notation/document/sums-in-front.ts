import { isRoundWord } from "../labels";
import type { Token } from "../tokens";
import type { Live } from "./flowing";
import { RING } from "./listed";
import { putIn } from "./put-in";

/** So many lines in a row make it a way of writing. */
const FEWEST = 3;
/** A ring of fewer stitches is hardly begun with. */
const LEAST = 3;
const SIGN = /^(:|-|--|=|\|)$/;

/**
 * How a line tells its sum first: "12: inc", "12 (inc)", "[12] inc", "12 inc" with nothing between, "24 x3" for three
 * plain rounds, or "12" alone, a plain round among such lines.
 */
type How = "signed" | "framed" | "boxed" | "direct" | "many" | "alone";
interface Led {
  readonly line: number;
  readonly how: How;
}

/**
 * "12: inc x6", "18 - (sc, inc) x 6", "18 (sc, inc)", "18 1/inc", line under line: what stands in front is what each
 * round comes to, since it does not count 1, 2, 3; "18" alone among such lines is a plain round. Each gets the label
 * that it stands for, "next round", and its sum behind the work. Linear in the text.
 *
 * @param works tells whether stitches or numbers of them stand among some words
 * @param lives what some words come to as a round
 */
export function sumsInFront(
  lines: readonly (readonly Token[])[],
  works: (tokens: readonly Token[]) => boolean,
  lives: Live,
): readonly (readonly Token[])[] {
  const out = [...lines];
  let run: Led[] = [];
  const settle = () => {
    const sums = run.map((r) => sumOf(lines[r.line] ?? []));
    if (run.every((r) => r.how === "alone") && growsFromRing(sums))
      run.forEach((r, i) => (out[r.line] = byItsSum(lines[r.line]?.[0] as Token, sums[i - 1])));
    // A number alone tells a round else only where its neighbours say what theirs are.
    const led = run.filter((r) => r.how !== "alone").length >= FEWEST - 1;
    if (led && run.length >= FEWEST && areSums(sums))
      for (const r of touches(run) ? told(run, lines, lives) : run)
        out[r.line] = summedBehind(lines[r.line] ?? [], r.how);
    run = [];
  };
  lines.forEach((tokens, line) => {
    if (tokens.length === 0) return;
    const how = leads(tokens, works);
    if (how) run.push({ line, how });
    else if (!isAside(tokens)) settle();
  });
  settle();
  return out;
}

/** Nothing but numbers: so many of them, begun in a ring that doubles, are what rounds come to. */
const FEWEST_BARE = 5;
const RINGS = [4, 10] as const;
function growsFromRing(sums: readonly number[]): boolean {
  const [first = 0, second] = sums;
  const inRing = first >= RINGS[0] && first <= RINGS[1] && second === 2 * first;
  return (
    sums.length >= FEWEST_BARE &&
    inRing &&
    sums.every((n, i) => i === 0 || (n <= 2 * (sums[i - 1] ?? 0) && 2 * n >= (sums[i - 1] ?? 0)))
  );
}

/** "18" behind "12": six increases, spread evenly. */
function byItsSum(n: Token, before: number | undefined): readonly Token[] {
  const put = (text: string, value?: number) => putIn(n.to, text, value);
  const by = n.value - (before ?? 0);
  const work =
    before === undefined
      ? [put("mr")]
      : by === 0
        ? [put("even"), put("=")]
        : [put(by > 0 ? "inc" : "dec"), put(`${Math.abs(by)}`, Math.abs(by)), put("evenly"), put("=")];
  return [{ ...putIn(n.to, "next"), from: n.from }, put("rnd"), put(":"), ...work, { ...n, from: n.to }];
}

/** Does a number touch its work in one of them? "12 inc" may be twelve increases. */
const touches = (run: readonly Led[]): boolean => run.some((r) => r.how === "direct");

/**
 * Of lines whose numbers may be stitches to work, those whose numbers are sums: the stitches tell. None where the
 * lines as they stand work out one on the other, nor where they do not with their sums either.
 */
function told(run: readonly Led[], lines: readonly (readonly Token[])[], lives: Live): readonly Led[] {
  let before: number | undefined;
  const sums: Led[] = [];
  for (const led of run) {
    const tokens = lines[led.line] ?? [];
    const sum = sumOf(tokens);
    const even = led.how === "many" || led.how === "alone";
    const summed = even ? sum === before : lives(workIn(tokens, led.how), before, true)?.live === sum;
    // "6 sc in mr": its number works, and is its sum all the same.
    if (!summed && (even || lives(tokens, before, true)?.live !== sum)) return [];
    if (summed) sums.push(led);
    before = sum;
  }
  return worksOut(run, lines, lives) ? [] : sums;
}

/** Does each line as it stands take all of the one before it? */
function worksOut(run: readonly Led[], lines: readonly (readonly Token[])[], lives: Live): boolean {
  let live: number | undefined;
  return run.every(({ line }) => {
    const got = lives(lines[line] ?? [], live, true);
    live = got?.live;
    return got?.round;
  });
}

const sumOf = (tokens: readonly Token[]): number => ledBy(tokens)?.value ?? 0;

const OPEN = /^[([{]$/;
const CLOSE = /^[)\]}]$/;
/** The number that a line begins with, in a bracket of its own or without. */
const ledBy = (tokens: readonly Token[]): Token | undefined =>
  OPEN.test(tokens[0]?.text ?? "") && CLOSE.test(tokens[2]?.text ?? "") ? tokens[1] : tokens[0];

/** "x3", "3 rounds", "sc x 3", "- 3 rnds": so many plain rounds; undefined where something else stands there. */
function manyIn(rest: readonly Token[], sum: number): number | undefined {
  const words = rest.filter((t, i) => !(i === 0 && SIGN.test(t.text)) && !/^[[\](){}]$/.test(t.text));
  const said =
    /^(?:(?:sc|dc|even|plain) )?(?:[x×*] ?(\d+)(?: (?:rounds?|rnds?|rows?))?|(\d+) (?:rounds?|rnds?|rows?|x|times))$/;
  const [, behind, before] = said.exec(words.map((t) => t.text).join(" ")) ?? [];
  const many = Number(behind ?? before);
  // "18: sc x18" is so many stitches.
  return Number.isInteger(many) && many > 1 && many !== sum ? many : undefined;
}

/** A number, and work behind it, behind a sign or in brackets, or nothing at all. */
function leads(tokens: readonly Token[], works: (tokens: readonly Token[]) => boolean): How | undefined {
  const box = OPEN.test(tokens[0]?.text ?? "") ? ledBy(tokens) : undefined;
  if (box?.kind === "number" && box.value >= LEAST && tokens[3])
    return Number.isInteger(box.value) && works(tokens.slice(3)) ? "boxed" : undefined;
  const [n, sign, ...rest] = tokens;
  if (n?.kind !== "number" || !Number.isInteger(n.value) || n.value < LEAST) return undefined;
  if (!sign) return "alone";
  if (manyIn([sign, ...rest], n.value) !== undefined) return "many";
  if (sign.text === "(" && rest.findIndex((t) => t.text === ")") === rest.length - 1)
    return works(rest.slice(0, -1)) ? "framed" : undefined;
  const worksSo = (some: readonly Token[]) => works(some) || some.some((t) => RING.test(t.text));
  if (!SIGN.test(sign.text)) return worksSo([sign, ...rest]) ? "direct" : undefined;
  // "3 - 5" is a range of rounds, "18 - 1 sc, 1 inc" is none.
  const numbered = rest[0]?.kind === "number" && sign.text !== ":" && sign.text !== "=";
  if (rest.length === 0 || (numbered && rest[1]?.kind !== "word")) return undefined;
  return worksSo(rest) ? (numbered ? "direct" : "signed") : undefined;
}

/** "Stuff.", "Change to white": a few words between the rounds. */
const isAside = (tokens: readonly Token[]): boolean =>
  tokens.length <= 6 && !tokens.some((t) => t.kind === "number" || isRoundWord(t.text));

/** Labels go up by one; sums stay, or go up and down by several. */
function areSums(numbers: readonly number[]): boolean {
  const steps = numbers.slice(1).map((n, i) => n - (numbers[i] ?? 0));
  return steps.filter((s) => s !== 1).length * 4 >= steps.length * 3 && steps.some((s) => s !== 0);
}

/** The words of a line with its sum behind them. */
function workIn(tokens: readonly Token[], how: How): readonly Token[] {
  const said = summedBehind(tokens, how);
  return said.slice(said.findIndex((t) => t.text === ":") + 1);
}

function summedBehind(tokens: readonly Token[], how: How): readonly Token[] {
  const [n, ...behind] = (how === "boxed" ? [tokens[1], ...tokens.slice(3)] : tokens) as [Token, ...Token[]];
  // How many rounds is told behind the sum: what is put in stands behind that.
  const place = how === "many" ? (behind.at(-1) ?? n).to : n.to;
  const put = (text: string) => putIn(place, text);
  const signed = how === "signed" || (how === "direct" && SIGN.test(behind[0]?.text ?? ""));
  const sign = signed ? (behind[0] ?? n) : put(":");
  const even = how === "alone" || how === "many";
  const rest = even ? [put("even")] : apart(signed ? behind.slice(1) : behind);
  const end = rest.at(-1) ?? sign;
  // Rounds are known again by their stretch of the text: what stands last in one must end it.
  const sum = { ...n, from: end.to, to: end.to };
  const many = how === "many" ? manyIn(behind, n.value) : undefined;
  const next = { ...putIn(n.to, "next"), from: n.from };
  const label =
    many === undefined ? [next, put("rnd")] : [next, behind.find((t) => t.value === many) ?? n, put("rnds")];
  // The ring says how many by its own number: "6: mr" is six in it.
  const ring = rest.length === 1 && RING.test(rest[0]?.text ?? "");
  const behindIt = ring ? [sum] : [putIn(end.to, "="), sum];
  return [...label, { ...putIn(sign.to, ":"), from: sign.from }, ...rest, ...behindIt];
}

/** "1/inc" is one stitch and an increase. */
const apart = (rest: readonly Token[]): Token[] =>
  rest.map((t, i) =>
    t.text === "/" && rest[i - 1]?.kind === "number" && rest[i + 1]?.kind === "word"
      ? { ...t, text: "," }
      : t,
  );
