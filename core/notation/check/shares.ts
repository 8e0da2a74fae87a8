import { plainest, type CheckedPart, type Expanded } from "../count/checked";
import type { RawPart } from "../document";
import { LIMB_NOUNS } from "../words/limbs";

/** Names of what a piece is divided into. */
const LIMB = new RegExp(`\\b(?:${LIMB_NOUNS.join("|")}|half|first|second|1st|2nd|left|right)\\b`, "i");
/** Said where a piece is divided. */
const DIVIDES =
  /\b(?:split\w*|divid\w*|separat\w*|only|each|half|halves|unworked|remaining|leav\w+|skip\w*|other|rest)\b/i;
/** "Work over 9 sts only", "count 9 stitches". */
const OVER = /\b(\d{1,3}) (?:sts?|stitches)\b/gi;
/** A piece is divided into no more than so many. */
const MOST_LIMBS = 4;

/** What a limb may take of the piece that is divided. */
export interface Share {
  /** Stitches that no limb before it took. */
  readonly free: number;
  /** What it may be worked over instead of all of them, the likeliest first. */
  readonly options: readonly number[];
}

/**
 * "Leg 1 / Rnd 15: 9 sc", behind a body of 18 whose last round is 14: the stitches of a piece are divided, and each
 * limb begins with the number that follows the piece's. undefined where the numbers or the words tell nothing of it.
 *
 * @param said what stands between the rounds before and this one
 */
export function shareOf(
  e: Expanded,
  raw: RawPart,
  before: readonly CheckedPart[],
  after: readonly RawPart[],
  said: string,
): Share | undefined {
  // "Leg 2: work as leg 1" begins where that one did.
  const first = e.raw.label?.first ?? (e.raw.reference ? before.at(-1)?.rounds[0]?.number : undefined);
  if (first === undefined || first < 2 || !(LIMB.test(raw.name) || DIVIDES.test(said))) return undefined;
  // Limbs before it began with the same number.
  let at = before.length - 1;
  let taken = 0;
  while (at >= 0 && before[at]?.rounds[0]?.number === first) {
    const limb = before[at] as CheckedPart;
    taken += (limb.rounds[0]?.used ?? 0) * limb.make;
    at--;
  }
  const end = before[at]?.rounds.at(-1);
  if (end?.number !== first - 1 || end.count === undefined || end.broken || before[at]?.make !== 1)
    return undefined;
  const free = end.count - taken;
  if (free <= 0) return undefined;
  const options = new Set<number>();
  // As its sister did.
  const sister = at < before.length - 1 ? before.at(-1)?.rounds[0] : undefined;
  if (sister) options.add(sister.used);
  // One of several may leave a few stitches between them: what it comes to is what it takes.
  const total = plainest(e).nodes.findLast((n) => n.kind === "total");
  const several = raw.make > 1 || sister !== undefined || after[0]?.rounds[0]?.label?.first === first;
  if (several && total?.kind === "total" && 2 * total.n <= end.count) options.add(total.n);
  for (const [, n] of said.matchAll(OVER)) options.add(Number(n));
  for (let n = Math.max(2, raw.make); n <= MOST_LIMBS; n++)
    if (end.count % n === 0) options.add(end.count / n);
  options.delete(free);
  return { free, options: [...options].filter((n) => n * raw.make <= free) };
}
