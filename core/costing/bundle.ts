import type { Channel, Making } from "./sale";

/**
 * Several pieces sold as one ("3 for …"): what they take together, so that one price can be held against it.
 * Each carries its own share of failed pieces; the wage is one maker's and must be the same for all.
 *
 * @throws RangeError for an empty bundle or one with two wages.
 */
export function bundled(pieces: readonly Making[], packaging = 0): Making {
  const [first] = pieces;
  if (!first) throw new RangeError("a bundle needs at least one piece");
  if (pieces.some((p) => p.wagePerHour !== first.wagePerHour || p.overheadPerHour !== first.overheadPerHour))
    throw new RangeError("the pieces of a bundle are made at one wage and one overhead");
  const sum = (of: (p: Making) => number) => pieces.reduce((s, p) => s + of(p), 0);
  return {
    materials: sum((p) => p.materials / p.yield - ((p.secondsBring ?? 0) * (1 - p.yield)) / p.yield),
    minutes: sum((p) => p.minutes / p.yield),
    wagePerHour: first.wagePerHour,
    overheadPerHour: first.overheadPerHour,
    packaging: sum((p) => p.packaging) + packaging,
    yield: 1,
  };
}

/**
 * A way of selling as a bundle of `pieces` meets it: it is one sale by itself, and takes as many shares of the
 * stall's fee as it has pieces.
 */
export const forBundle = (c: Channel, pieces: number): Channel => ({
  ...c,
  piecesPerSale: 1,
  expectedPieces: c.expectedPieces / Math.max(1, pieces),
});
