import type { Token } from "../tokens";
import { isRoundWord } from "../labels";
import type { Live } from "./flowing";
import { RING } from "./listed";

/** So many lines in a row that end in a comma, and the one that ends them, are a list of rounds, one a line. */
const FEWEST = 3;
const MOST_TOKENS = 60;

/**
 * "6 sc in mr," / "inc x 6," / "12 sc,": lines without labels whose commas end rounds instead of parting what is worked
 * in one. The stitches tell: each line takes all of the one before it. The commas are taken off. Linear in the text.
 */
export function withoutEndCommas(
  lines: readonly (readonly Token[])[],
  lives: Live,
): readonly (readonly Token[])[] {
  const out = [...lines];
  let run: number[] = [];
  let live: number | undefined;
  const settle = () => {
    if (run.length > FEWEST) for (const i of run) out[i] = bare(lines[i] ?? []);
    run = [];
    live = undefined;
  };
  lines.forEach((tokens, i) => {
    const begun = run.length > 0;
    const ended = tokens.at(-1)?.text === ",";
    const goesOn = begun && lines[run.at(-1) ?? 0]?.at(-1)?.text === ",";
    if (begun && !goesOn) settle();
    // Most lines end in no comma, and are told at a glance.
    if (!ended && !goesOn) return;
    if (!goesOn && !tokens.some((t) => RING.test(t.text))) return;
    const got = tokens.length <= MOST_TOKENS && !labelled(tokens) ? lives(bare(tokens), live) : undefined;
    if (!got || (run.length === 0 && !got.round)) return settle();
    run.push(i);
    live = got.live;
  });
  settle();
  return out;
}

const bare = (tokens: readonly Token[]): readonly Token[] =>
  tokens.at(-1)?.text === "," ? tokens.slice(0, -1) : tokens;

/** "Rnd 3: …," is told by its label where it begins. */
const labelled = (tokens: readonly Token[]): boolean =>
  (isRoundWord(tokens[0]?.text ?? "") && tokens[1]?.kind === "number") ||
  (tokens[0]?.kind === "number" && /^[.:)]$/.test(tokens[1]?.text ?? ""));
