import { layoutOf, tallySize, type CheckedPart, type CheckedRound } from "../notation";

/**
 * Rounds through which one colour is worked without being cut. A yarn left for one round waits at its place;
 * left for longer it is cut and taken up again (common practice, no source).
 */
export interface Stretch {
  readonly slot: string;
  /** Index of its first and of its last round. */
  readonly first: number;
  readonly last: number;
  /** Stitches of other colours that it is carried behind. */
  readonly carried: number;
  /** Rounds that it waits through and climbs by. */
  readonly climbed: number;
}

/** A colour waits through this many rounds at most. */
const WAITS = 1;

const stitchesOf = (round: CheckedRound, slot: string): number =>
  tallySize(round.bySlot.find((s) => s.slot === slot)?.made ?? {});
const usedIn = (round: CheckedRound, slot: string): boolean =>
  round.bySlot.some((s) => s.slot === slot && Object.keys(s.made).length > 0);

/**
 * Stitches of other colours between the first and the last of this one in a round, before its first and
 * behind its last.
 */
function around(round: CheckedRound, slot: string): { before: number; within: number; behind: number } {
  const { segments } = layoutOf(round);
  const first = segments.findIndex((s) => s.slot === slot);
  const last = segments.findLastIndex((s) => s.slot === slot);
  if (first < 0) return { before: 0, within: 0, behind: 0 };
  const others = (from: number, to: number) =>
    segments.slice(from, to).reduce((sum, s) => sum + (s.slot === slot ? 0 : s.to - s.from), 0);
  return { before: others(0, first), within: others(first, last), behind: others(last, segments.length) };
}

/** Every stretch of every colour of a part, in the order in which they begin. */
export function stretchesOf(part: CheckedPart): readonly Stretch[] {
  const slots = [...new Set(part.rounds.flatMap((r) => r.bySlot.map((s) => s.slot)))];
  const found = slots.flatMap((slot) => {
    const used = part.rounds.flatMap((r, i) => (usedIn(r, slot) ? [i] : []));
    const out: { first: number; last: number }[] = [];
    for (const i of used) {
      const open = out[out.length - 1];
      if (open && i - open.last <= WAITS + 1) open.last = i;
      else out.push({ first: i, last: i });
    }
    return out.map((s) => ({ slot, ...s, ...carriedIn(part, slot, s.first, s.last) }));
  });
  return found.sort((a, b) => a.first - b.first);
}

function carriedIn(
  part: CheckedPart,
  slot: string,
  first: number,
  last: number,
): { carried: number; climbed: number } {
  let carried = 0;
  let climbed = 0;
  for (let i = first; i <= last; i++) {
    const round = part.rounds[i];
    if (!round) continue;
    if (!usedIn(round, slot)) {
      climbed++;
      continue;
    }
    // A round of one colour passes nothing behind it: most of them are.
    if (round.bySlot.length < 2) continue;
    if (i > first && i < last)
      carried += round.bySlot.reduce((s, t) => s + (t.slot === slot ? 0 : stitchesOf(round, t.slot)), 0);
    else {
      const a = around(round, slot);
      carried += a.within + (i > first ? a.before : 0) + (i < last ? a.behind : 0);
    }
  }
  return { carried, climbed };
}
