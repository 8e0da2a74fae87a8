/**
 * A way to another size by yarn and hook: a figure scales with the width of its stitches, all of it alike.
 */
export interface Reach {
  readonly key: string;
  /** Width of a stitch, mm. */
  readonly width: number;
  readonly height: number;
  /** Against the wanted height, mm: below 0 it stays smaller. */
  readonly off: number;
  /** What changes by the ratio of sizes: lengths of yarn by the first power, filling by the third. */
  readonly yarn: number;
  readonly filling: number;
}

/**
 * Yarns and hooks at hand by how near they bring a figure to a wanted height, mm. `now`: its height with
 * stitches so wide. Exact as long as rows keep their share of the stitch's width: a filled shape that is
 * scaled is a solution too (decision 0004).
 */
export function reachSize(
  wanted: number,
  now: { readonly height: number; readonly width: number },
  others: readonly { readonly key: string; readonly width: number }[],
): Reach[] {
  return others
    .map(({ key, width }): Reach => {
      const ratio = width / now.width;
      const height = now.height * ratio;
      return { key, width, height, off: height - wanted, yarn: ratio, filling: ratio ** 3 };
    })
    .sort((a, b) => Math.abs(a.off) - Math.abs(b.off) || a.key.localeCompare(b.key));
}

/** Even rounds to add to (or take from, below 0) a part, so that a figure comes nearest to a height. */
export function roundsToReach(wanted: number, height: number, rowHeight: number): number {
  return rowHeight > 0 ? Math.round((wanted - height) / rowHeight) : 0;
}
