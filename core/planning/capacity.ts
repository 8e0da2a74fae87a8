import type { PieceNeed } from "./needs";

export interface Capacity {
  /** Whole pieces (or whole sets of a mix) that free stock covers. */
  readonly pieces: number;
  /** What ends first: without more of it, not one piece more. Empty when nothing limits. */
  readonly first: readonly string[];
  /** Per material, how many pieces it would be enough for, fewest first. */
  readonly each: readonly {
    readonly materialId: string;
    readonly pieces: number;
    readonly free: number;
    readonly perPiece: number;
  }[];
}

/**
 * How many more can be made from what is free, and what runs out first. Reckoned with the upper end of each
 * need, as runs are planned; a material that is not in `free` counts as none. Never promises more than there
 * is: each count is rounded down by itself.
 */
export function howManyMore(needs: readonly PieceNeed[], free: ReadonlyMap<string, number>): Capacity {
  const each = needs
    .filter((n) => n.eachHigh > 0)
    .map((n) => {
      const there = Math.max(0, free.get(n.materialId) ?? 0);
      return {
        materialId: n.materialId,
        pieces: Math.floor(there / n.eachHigh + 1e-9),
        free: there,
        perPiece: n.eachHigh,
      };
    })
    .sort((a, b) => a.pieces - b.pieces || (a.materialId < b.materialId ? -1 : 1));
  const pieces = each[0]?.pieces ?? 0;
  return { pieces, first: each.filter((e) => e.pieces === pieces).map((e) => e.materialId), each };
}

/** Needs of one set of a mix: "2 puffins and 1 buoy" as if it were one piece. */
export function mixNeeds(
  lines: readonly { readonly needs: readonly PieceNeed[]; readonly quantity: number }[],
): PieceNeed[] {
  const sums = new Map<string, PieceNeed>();
  for (const line of lines) {
    for (const n of line.needs) {
      const before = sums.get(n.materialId);
      sums.set(n.materialId, {
        kind: n.kind,
        materialId: n.materialId,
        each: (before?.each ?? 0) + n.each * line.quantity,
        eachHigh: (before?.eachHigh ?? 0) + n.eachHigh * line.quantity,
      });
    }
  }
  return [...sums.values()];
}
