import { pointIn, type Figure, type Put } from "./assemble";
import { pointAround, type Band, type Row } from "./solid";
import { cross, sub, unit, type Vec } from "./vector";

/**
 * A corner of the surface: where, which way is out, and where in the round: stitches along it, 0 to 1 across
 * it.
 */
export interface Corner {
  readonly at: Vec;
  readonly out: Vec;
  readonly u: number;
  readonly v: number;
}
/** A four-cornered piece of surface in one colour. */
export interface Facet {
  readonly corners: readonly [Corner, Corner, Corner, Corner];
  readonly slot: string;
  /** Index into the figure's pieces that were put. */
  readonly put: number;
  /** Index of the round in its part. */
  readonly round: number;
}

const FEWEST = 18;
const MOST = 40;

/** The whole surface of a figure, piece by piece. About 40 × rounds × 2 facets a piece at most. */
export function facesOf(figure: Figure): Facet[] {
  return figure.put.flatMap((put, i) => facetsOf(put, i, figure.put));
}

function facetsOf(put: Put, index: number, all: readonly Put[]): Facet[] {
  const { solid } = put;
  const inner = solid.openEnd && solid.form === "round";
  // As many around in every round: where neighbours differed, seams would open between them.
  const most = solid.bands.reduce((n, b) => Math.max(n, b.stitches), 0);
  const around = Math.max(FEWEST, Math.min(MOST, Math.round(most * 1.5)));
  return solid.bands.flatMap((band) => {
    const lines = band.rows.map((row) => corners(put, all, row, band, around));
    const smooth = lines.map((line, r) => line.map((c, j) => ({ ...c, out: outOf(lines, r, j), v: r / 2 })));
    const faces: Facet[] = [];
    for (let r = 0; r < 2; r++)
      for (let j = 0; j < around; j++) {
        const share = (j + 0.5) / around;
        const slot = band.colours.find((c) => share <= c.to)?.slot ?? band.colours.at(-1)?.slot ?? "main";
        const quad = [
          smooth[r]?.[j],
          smooth[r + 1]?.[j],
          smooth[r + 1]?.[j + 1],
          smooth[r]?.[j + 1],
        ] as const;
        if (quad.every((c) => c !== undefined))
          faces.push({ corners: quad as unknown as Facet["corners"], slot, put: index, round: band.round });
      }
    return inner ? [...faces, ...faces.map(innerOf)] : faces;
  });
}

/** The inside of an open cup: the same facet seen from the other side. */
const innerOf = (f: Facet): Facet => {
  const [a, b, c, d] = f.corners;
  const turn = (x: Corner): Corner => ({ ...x, out: [-x.out[0], -x.out[1], -x.out[2]] });
  return { ...f, corners: [turn(a), turn(d), turn(c), turn(b)] };
};

function corners(put: Put, all: readonly Put[], row: Row, band: Band, around: number): Corner[] {
  return Array.from({ length: around + 1 }, (_, j) => ({
    at: pointIn(put, all, pointAround(put.solid, row, j / around)),
    out: [0, 0, 1] as const,
    u: (j / around) * band.stitches,
    v: 0,
  }));
}

/**
 * From the neighbours along and across the round; at a pole the rows fall together and the next row tells.
 */
function outOf(lines: readonly (readonly Corner[])[], r: number, j: number): Vec {
  const line = lines[r] ?? [];
  const n = line.length - 1;
  const at = (rr: number, jj: number): Vec => (lines[rr] ?? line)[((jj % n) + n) % n]?.at ?? [0, 0, 0];
  const wide = r === 0 ? 1 : r === lines.length - 1 ? r - 1 : r;
  const along = sub(at(wide, j + 1), at(wide, j - 1));
  const across = sub(at(Math.min(lines.length - 1, r + 1), j), at(Math.max(0, r - 1), j));
  return unit(cross(across, along), [0, 0, 1]);
}
