import { isRoundWord } from "../labels";
import type { Token } from "../tokens";
import { RING } from "./listed";

/** So many lines in a row make it a way of writing. */
const FEWEST = 3;
/** A ring of fewer stitches is hardly begun with. */
const LEAST = 3;
const SIGN = /^(:|-|--|=|\|)$/;

/**
 * "12: inc x6", "18 - (sc, inc) x 6", line under line: what stands in front is what each round comes to, since it
 * does not count 1, 2, 3. Each gets the label that it stands for, "next round", and its sum behind the work. Linear
 * in the text.
 *
 * @param works tells whether stitches or numbers of them stand among some words
 */
export function sumsInFront(
  lines: readonly (readonly Token[])[],
  works: (tokens: readonly Token[]) => boolean,
): readonly (readonly Token[])[] {
  const out = [...lines];
  let run: number[] = [];
  const settle = () => {
    if (run.length >= FEWEST && areSums(run.map((i) => lines[i]?.[0]?.value ?? 0)))
      for (const i of run) out[i] = summedBehind(lines[i] ?? []);
    run = [];
  };
  lines.forEach((tokens, i) => {
    if (tokens.length === 0) return;
    if (leads(tokens, works)) run.push(i);
    else if (!isAside(tokens)) settle();
  });
  settle();
  return out;
}

/** A number, a sign, and work behind them. */
function leads(tokens: readonly Token[], works: (tokens: readonly Token[]) => boolean): boolean {
  const [n, sign, ...rest] = tokens;
  if (n?.kind !== "number" || !Number.isInteger(n.value) || n.value < LEAST) return false;
  if (!SIGN.test(sign?.text ?? "") || rest.length === 0 || rest[0]?.kind === "number") return false;
  return works(rest) || rest.some((t) => RING.test(t.text));
}

/** "Stuff.", "Change to white": a few words between the rounds. */
const isAside = (tokens: readonly Token[]): boolean =>
  tokens.length <= 6 && !tokens.some((t) => t.kind === "number" || isRoundWord(t.text));

/** Labels go up by one; sums stay, or go up and down by several. */
function areSums(numbers: readonly number[]): boolean {
  const steps = numbers.slice(1).map((n, i) => n - (numbers[i] ?? 0));
  return steps.filter((s) => s !== 1).length * 4 >= steps.length * 3 && steps.some((s) => s !== 0);
}

function summedBehind(tokens: readonly Token[]): readonly Token[] {
  const [n, sign, ...rest] = tokens as [Token, Token, ...Token[]];
  const at = (t: Token, text: string, kind: Token["kind"]): Token => ({ ...t, kind, text, value: NaN });
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
