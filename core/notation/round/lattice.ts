import type { Cursor } from "../cursor";
import { COST } from "../phrases/costs";
import { readingsAt, type Context, type Piece } from "../phrases";

/** Whole readings of a round that are kept. More of them cost time and hardly ever win. */
const KEPT = 6;

interface Step {
  readonly cost: number;
  /** What it cuts the words into, as a number: two ways that only put a mark to another piece have the same. */
  readonly shape: number;
  readonly before: Step | undefined;
  readonly piece: Piece | undefined;
}
/** All the words of a round cut into phrases in one way. */
export interface Path {
  readonly cost: number;
  readonly pieces: readonly Piece[];
}

/**
 * The cheapest ways to cut the cursor's words into phrases, best first: a chart over the places between the
 * words that keeps `KEPT` at each. Time is linear in the words, since each phrase looks a bounded number of
 * words ahead.
 */
export function cheapestPaths(c: Cursor, x: Context): readonly Path[] {
  const { tokens } = c;
  const at: Step[][] = Array.from({ length: tokens.length + 1 }, () => []);
  at[0]?.push({ cost: 0, shape: 0, before: undefined, piece: undefined });
  for (let i = 0; i < tokens.length; i++) {
    const here = at[i];
    if (!here || here.length === 0) continue;
    c.at = i;
    const readings = readingsAt(c, x);
    const from = tokens[i]?.from ?? 0;
    // A word that nothing can begin with is passed by.
    if (readings.length === 0) passBy(at, here, i, from, tokens[i]?.to ?? from);
    for (const [n, r] of readings.entries()) {
      const piece: Piece = { ...r.piece, from, to: tokens[r.to - 1]?.to ?? from };
      const which = readings.slice(0, n).filter((x) => x.to === r.to && x.piece.kind === r.piece.kind).length;
      const codes = codesOf(piece.kind, which, tokens[i]?.text ?? "", tokens[r.to - 1]?.text ?? "");
      for (const step of here) {
        const shape = codes.reduce(mixed, step.shape);
        keep(at[r.to], { cost: step.cost + r.cost, shape, before: step, piece });
      }
    }
  }
  c.at = tokens.length;
  return (at[tokens.length] ?? []).map((end) => {
    const pieces: Piece[] = [];
    for (let s: Step | undefined = end; s?.piece; s = s.before) pieces.push(s.piece);
    return { cost: end.cost, pieces: pieces.reverse() };
  });
}

function passBy(at: Step[][], here: readonly Step[], i: number, from: number, to: number): void {
  for (const step of here)
    keep(at[i + 1], {
      cost: step.cost + COST.passedBy,
      shape: mixed(step.shape, PASSED_BY),
      before: step,
      piece: { kind: "separator", mark: "", from, to },
    });
}

const OPENS = /^[([{<=-]$|^--$/;
const DASHES = /^(--?|=)$/;
const CLOSES = /^[)\]}>]$/;
const PASSED_BY = 1;
const mixed = (shape: number, code: number): number => (Math.imul(shape, 31) + code) | 0;
const codeOf = (text: string): number => [...text].reduce((sum, x) => mixed(sum, x.charCodeAt(0)), 7);

/**
 * A piece with the marks it begins and ends with apart: "(white)" is a bracket, a colour and a bracket, whether one
 * phrase reads all three or three do. Readings of the same words by the same kind of phrase stay apart by `which`.
 */
function codesOf(kind: string, which: number, first: string, last: string): readonly number[] {
  if (kind === "open" || kind === "close" || kind === "star") return [codeOf(first)];
  if (kind === "separator") return [codeOf(DASHES.test(first) ? first : `${kind} ${first}`)];
  const codes = [codeOf(kind) + which];
  if (OPENS.test(first)) codes.unshift(codeOf(first));
  if (CLOSES.test(last)) codes.push(codeOf(last));
  return codes;
}

/** Puts a step among the cheapest of its place; the list stays sorted and short. */
function keep(list: Step[] | undefined, step: Step): void {
  if (!list) return;
  const same = list.findIndex((x) => x.shape === step.shape);
  if (same >= 0) {
    if ((list[same]?.cost ?? 0) <= step.cost) return;
    list.splice(same, 1);
  }
  let i = list.length;
  while (i > 0 && (list[i - 1]?.cost ?? 0) > step.cost) i--;
  if (i >= KEPT) return;
  list.splice(i, 0, step);
  if (list.length > KEPT) list.pop();
}
