import { isRoundWord } from "../labels";
import type { Token } from "../tokens";
import { RING } from "./listed";

/** So many lines in a row make it a way of writing. */
const FEWEST = 3;
/** A ring of fewer stitches is hardly begun with. */
const LEAST = 3;
const SIGN = /^(:|-|--|=|\|)$/;

/**
 * How a line tells its sum first: "12: inc", "12 (inc)", "[12] inc", or "12" alone, a plain round among such lines.
 */
type How = "signed" | "framed" | "boxed" | "alone";

/**
 * "12: inc x6", "18 - (sc, inc) x 6", "18 (sc, inc)", line under line: what stands in front is what each round comes
 * to, since it does not count 1, 2, 3; "18" alone among such lines is a plain round. Each gets the label that it
 * stands for, "next round", and its sum behind the work. Linear in the text.
 *
 * @param works tells whether stitches or numbers of them stand among some words
 */
export function sumsInFront(
  lines: readonly (readonly Token[])[],
  works: (tokens: readonly Token[]) => boolean,
): readonly (readonly Token[])[] {
  const out = [...lines];
  let run: { line: number; how: How }[] = [];
  const settle = () => {
    // A number alone tells a round only where its neighbours say what theirs are.
    const led = run.filter((r) => r.how !== "alone").length >= FEWEST - 1;
    if (led && run.length >= FEWEST && areSums(run.map((r) => ledBy(lines[r.line] ?? [])?.value ?? 0)))
      for (const r of run) out[r.line] = summedBehind(lines[r.line] ?? [], r.how);
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

const OPEN = /^[([{]$/;
const CLOSE = /^[)\]}]$/;
/** The number that a line begins with, in a bracket of its own or without. */
const ledBy = (tokens: readonly Token[]): Token | undefined =>
  OPEN.test(tokens[0]?.text ?? "") && CLOSE.test(tokens[2]?.text ?? "") ? tokens[1] : tokens[0];

/** A number, and work behind a sign or in brackets, or nothing at all. */
function leads(tokens: readonly Token[], works: (tokens: readonly Token[]) => boolean): How | undefined {
  const box = OPEN.test(tokens[0]?.text ?? "") ? ledBy(tokens) : undefined;
  if (box?.kind === "number" && box.value >= LEAST && tokens[3])
    return Number.isInteger(box.value) && works(tokens.slice(3)) ? "boxed" : undefined;
  const [n, sign, ...rest] = tokens;
  if (n?.kind !== "number" || !Number.isInteger(n.value) || n.value < LEAST) return undefined;
  if (!sign) return "alone";
  if (sign.text === "(" && rest.findIndex((t) => t.text === ")") === rest.length - 1)
    return works(rest.slice(0, -1)) ? "framed" : undefined;
  // "3 - 5" is a range of rounds.
  const range = rest[0]?.kind === "number" && sign.text !== ":" && sign.text !== "=";
  if (!SIGN.test(sign.text) || rest.length === 0 || range) return undefined;
  return works(rest) || rest.some((t) => RING.test(t.text)) ? "signed" : undefined;
}

/** "Stuff.", "Change to white": a few words between the rounds. */
const isAside = (tokens: readonly Token[]): boolean =>
  tokens.length <= 6 && !tokens.some((t) => t.kind === "number" || isRoundWord(t.text));

/** Labels go up by one; sums stay, or go up and down by several. */
function areSums(numbers: readonly number[]): boolean {
  const steps = numbers.slice(1).map((n, i) => n - (numbers[i] ?? 0));
  return steps.filter((s) => s !== 1).length * 4 >= steps.length * 3 && steps.some((s) => s !== 0);
}

function summedBehind(tokens: readonly Token[], how: How): readonly Token[] {
  const [n, ...behind] = (how === "boxed" ? [tokens[1], ...tokens.slice(3)] : tokens) as [Token, ...Token[]];
  const at = (t: Token, text: string, kind: Token["kind"]): Token => ({ ...t, kind, text, value: NaN });
  const put = (text: string, kind: Token["kind"]): Token => at({ ...n, from: n.to }, text, kind);
  const sign = how === "signed" ? (behind[0] ?? n) : put(":", "mark");
  const rest = how === "signed" ? behind.slice(1) : how === "alone" ? [put("even", "word")] : behind;
  const end = rest.at(-1) ?? sign;
  const stop = { ...end, from: end.to };
  // Rounds are known again by their stretch of the text: what stands last in one must end it.
  const sum = { ...n, from: end.to, to: end.to };
  // The ring says how many by its own number: "6: mr" is six in it.
  const ring = rest.length === 1 && RING.test(rest[0]?.text ?? "");
  if (ring) return [at(n, "next", "word"), at(n, "rnd", "word"), at(sign, ":", "mark"), ...rest, sum];
  return [
    at(n, "next", "word"),
    at(n, "rnd", "word"),
    at(sign, ":", "mark"),
    ...rest,
    at(stop, "=", "mark"),
    sum,
  ];
}
