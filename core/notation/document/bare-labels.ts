import { isRoundWord } from "../labels";
import type { Token } from "../tokens";
import type { Live } from "./flowing";
import { putIn } from "./put-in";

/** So many lines in a row make it a way of writing. */
const FEWEST = 3;
/** … when so many of them come out with the number as a label. */
const SHARE = 0.7;
const RANGE = /^(-|--|to)$/;
const MEASURE = /^(mm|cm|g|oz|x|of|pairs?|eyes?|balls?|strands?|pcs?|pieces?)$/;

/** A line that begins with the number that comes next. */
interface Led {
  readonly line: number;
  readonly last: number;
  /** Index of the first token behind the number, or behind the range. */
  readonly to: number;
  /** Has its sign already. */
  readonly signed: boolean;
}

/**
 * "1 mr 6 [6]", "2 inc [12]", "3 1 sc, inc [18]": labels without a sign. Whether a number in front counts lines or
 * stitches is told by the stitches: it is a label where the lines come out without it, and fewer do with it. Each
 * gets the sign that it lacks. Linear in the text.
 */
export function bareLabels(lines: readonly (readonly Token[])[], lives: Live): readonly (readonly Token[])[] {
  const all = runsIn(lines);
  const unsigned = all.filter((run) => run.some((r) => !r.signed));
  const runs = all.filter((run) => run.length >= FEWEST);
  const bare = unsigned.filter((run) => run.length >= FEWEST);
  const sound = new Set(bare.filter((run) => comeOut(lines, run, lives, SHARE)));
  // Where one part is written so, a part with a slip in it is too, and one of a round or two.
  const written = sound.size > 0 || bare.length < runs.length;
  const out = [...lines];
  for (const run of unsigned) {
    // Of a line or two that come out either way, what the others are tells.
    const short = sound.size > 0 && run.length < FEWEST;
    if (!sound.has(run) && !(written && comeOut(lines, run, lives, 0, short))) continue;
    for (const led of run) if (!led.signed) out[led.line] = signed(lines[led.line] ?? [], led.to);
  }
  return out;
}

/** Lines in a row, each of which begins with the number that comes next. */
function runsIn(lines: readonly (readonly Token[])[]): readonly (readonly Led[])[] {
  const runs: Led[][] = [];
  let run: Led[] | undefined;
  lines.forEach((tokens, line) => {
    const first = tokens[0]?.kind === "number" ? tokens[0].value : undefined;
    // "Stuff." between two rounds ends nothing.
    if (first === undefined) return;
    const led = ledBy(tokens, line);
    if (led && run && first === (run.at(-1)?.last ?? 0) + 1) run.push(led);
    else {
      run = led && first === 1 ? [led] : undefined;
      if (run) runs.push(run);
    }
  });
  return runs;
}

function ledBy(tokens: readonly Token[], line: number): Led | undefined {
  const [first, sign, second] = tokens;
  const ranged = RANGE.test(sign?.text ?? "") && second?.kind === "number";
  const to = ranged ? 3 : 1;
  const last = ranged ? second.value : (first?.value ?? NaN);
  const behind = tokens[to];
  if (!Number.isInteger(last)) return undefined;
  if (behind?.text === ":") return { line, last, to: to + 1, signed: true };
  const work =
    behind?.kind === "word"
      ? !MEASURE.test(behind.text) && !isRoundWord(behind.text)
      : /^(\d+|[([*])$/.test(behind?.text ?? "");
  return work ? { line, last, to, signed: false } : undefined;
}

/** Do more of the lines come out as rounds without the number than with it, and so large a share of them? */
function comeOut(
  lines: readonly (readonly Token[])[],
  run: readonly Led[],
  lives: Live,
  share: number,
  either = false,
): boolean {
  const sound = (from: (led: Led) => number | undefined): number => {
    let live: number | undefined;
    let many = 0;
    for (const led of run) {
      const words = (lines[led.line] ?? []).slice(from(led) ?? led.to);
      if (from(led) !== undefined && lives(words, live, true)?.round) many++;
      live = lives(words, live)?.live ?? live;
    }
    return many;
  };
  const without = sound((led) => led.to);
  // "1 6 sc", "2 2 sc": of two numbers in a row the first is a label.
  const doubled = run.filter((led) => lines[led.line]?.[led.to]?.kind === "number").length >= 2;
  return (
    without >= share * run.length &&
    without + (doubled || either ? 1 : 0) > sound((led) => (led.signed ? undefined : 0))
  );
}

const signed = (tokens: readonly Token[], to: number): readonly Token[] => {
  const colon = putIn(tokens[to - 1]?.to ?? 0, ":");
  return [...tokens.slice(0, to), colon, ...tokens.slice(to)];
};
