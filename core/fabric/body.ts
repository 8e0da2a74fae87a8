import type { CheckedPart, CheckedRound } from "../notation";

/**
 * Indices of the rounds that a part's surface is made of, in their order: those with a known count, without
 * frills, rims and ruffles. Where two rounds go into one (one into its front loops, one into its back loops)
 * the body is what more rounds follow; where as many do, the one worked last.
 */
export function bodyIndices(part: Pick<CheckedPart, "rounds">): readonly number[] {
  const { rounds } = part;
  const into = rounds.map((r, i) => r.into ?? i - 1);
  const longest = rounds.map(() => 1);
  for (let i = rounds.length - 1; i > 0; i--) {
    const below = into[i] ?? -1;
    if (below >= 0 && below < i) longest[below] = Math.max(longest[below] ?? 1, 1 + (longest[i] ?? 1));
  }
  const chosen = new Map<number, number>();
  into.forEach((below, i) => {
    const other = chosen.get(below);
    if (below >= 0 && (other === undefined || (longest[i] ?? 0) >= (longest[other] ?? 0)))
      chosen.set(below, i);
  });
  const aside = new Set<number>();
  into.forEach((below, i) => {
    if (below >= 0 && (chosen.get(below) !== i || aside.has(below))) aside.add(i);
  });
  return rounds.flatMap((r, i) => (r.count !== undefined && r.count > 0 && !aside.has(i) ? [i] : []));
}

export const bodyRounds = (part: Pick<CheckedPart, "rounds">): readonly CheckedRound[] =>
  bodyIndices(part).flatMap((i) => part.rounds[i] ?? []);

/** A chain of so many, joined, leaves a hole that nothing draws shut (common practice, no source). */
const OPEN_RING = 8;
/** More stitches than this were never begun in a ring of single crochet (common practice, no source). */
const MOST_IN_RING = 10;

const inRing = (nodes: CheckedRound["nodes"]): boolean =>
  nodes.some((n) => (n.kind === "group" ? inRing(n.items) : n.kind === "work" && n.op.into === "ring"));

/**
 * Does a part begin with an edge: a long chain joined to a ring, or stitches of another part, of loops left
 * free or of a bridge? A magic ring and what stands for it is drawn shut.
 */
export function openStart(part: Pick<CheckedPart, "rounds">): boolean {
  const first = bodyRounds(part)[0];
  if (!first) return false;
  const start = first.nodes.find((n) => n.kind === "start");
  if (start) return start.start === "chain-ring" && start.chains >= OPEN_RING;
  return !inRing(first.nodes) && first.foundation === 0 && (first.count ?? 0) > MOST_IN_RING;
}
