import type { CheckedRound, StitchName } from "../notation";

/**
 * Height of a stitch against that of a single crochet (common practice, no source: the turning chains of one,
 * two, three and four that stand for them run the same way). A swatch of the stitch itself would replace it.
 */
export const HEIGHT_RATIO: ReadonlyMap<StitchName, number> = new Map<StitchName, number>([
  ["slst", 0.4],
  ["sc", 1],
  ["rsc", 1],
  ["bobble", 1],
  ["hdc", 1.4],
  ["dc", 2],
  ["tr", 2.9],
  ["dtr", 3.8],
]);

/** How high a round is, in rows of single crochet: the mean over its stitches. */
export function roundHeight(round: Pick<CheckedRound, "made">): number {
  let sum = 0;
  let n = 0;
  for (const [stitch, ratio] of HEIGHT_RATIO) {
    const made = round.made[stitch] ?? 0;
    // A slip stitch that joins is no height of the round; a round of nothing else is one.
    if (stitch === "slst") continue;
    sum += made * ratio;
    n += made;
  }
  if (n > 0) return sum / n;
  return (round.made.slst ?? 0) > 1 ? (HEIGHT_RATIO.get("slst") ?? 1) : 1;
}
