import { expose, transfer } from "comlink";
import {
  facesOf,
  figureOf,
  hanging,
  lookingFrom,
  pieceName,
  placedWords,
  placeNear,
  raster,
  settlePlace,
  sizeOfFigure,
  standing,
  type Facet,
  type Figure,
  type FigurePart,
  type Moved,
  type Place,
  type Raster,
  type Shot,
} from "@core/figure";
import type { CheckedPattern } from "@core/notation";

export interface FigureInput {
  readonly checked: Pick<CheckedPattern, "parts" | "lines">;
  readonly text: string;
  readonly parts: readonly FigurePart[];
  /** Grams of fabric and filling of one piece, by part. */
  readonly weights: readonly { readonly fabric: number; readonly filling: number }[];
  readonly moved: readonly Moved[];
}
export interface PlacedPiece {
  /** Index into the figure's pieces, as the picture has them. */
  readonly put: number;
  readonly place: Place;
  readonly name: string;
  /** "between rounds 7 and 8 of the body, 6 sts right of the middle". */
  readonly where: string | undefined;
  readonly round: number;
}
export interface FigureFacts {
  readonly size: ReturnType<typeof sizeOfFigure>;
  readonly stands: ReturnType<typeof standing>;
  readonly hangs: ReturnType<typeof hanging>;
  readonly pieces: readonly PlacedPiece[];
}

let figure: Figure | undefined;
let facets: readonly Facet[] = [];
let last: { raster: Raster; shot: Shot; middle: readonly [number, number] } | undefined;

const told = (f: Figure): PlacedPiece[] =>
  f.put.map(({ place }, put) => {
    const part = f.pieces[place.part];
    return {
      put,
      place,
      name: part ? pieceName(part, place) : "",
      where: placedWords(f, place),
      round: place.band + 1,
    };
  });

/** The whole figure away from the page: put together, weighed and drawn. */
const api = {
  set(input: FigureInput): FigureFacts {
    figure = figureOf(input.checked as CheckedPattern, input.text, input.parts, input.moved);
    facets = facesOf(figure);
    const weights = (part: number) => input.weights[part] ?? { fabric: 1, filling: 0 };
    return {
      size: sizeOfFigure(facets),
      stands: standing(figure, facets, weights),
      hangs: hanging(figure, facets, weights),
      pieces: told(figure),
    };
  },
  draw(
    shot: Shot,
  ): { width: number; height: number; scale: number; rgba: Uint8ClampedArray<ArrayBuffer> } | undefined {
    if (!figure) return undefined;
    const r = raster(figure, shot, facets);
    last = { raster: r, shot, middle: r.middle };
    const rgba = new Uint8ClampedArray(r.rgba);
    return transfer({ width: r.width, height: r.height, scale: r.scale, rgba }, [rgba.buffer]);
  },
  /** Which piece is under a point of the picture drawn last; −1 for none. */
  at: (x: number, y: number): number =>
    last?.raster.pieces[Math.floor(y) * last.raster.width + Math.floor(x)] ?? -1,
  /** Where a piece that is dragged to a point of the picture would sit. */
  near(put: number, x: number, y: number): { band: number; angle: number } | undefined {
    if (!figure || !last) return undefined;
    const { raster: r, shot, middle } = last;
    const look = lookingFrom(shot.view);
    // The view is a turn: its rows are its columns backwards.
    const [ex, ey, ez] = [look([1, 0, 0]), look([0, 1, 0]), look([0, 0, 1])];
    const vx = middle[0] + (x - r.width / 2) / r.scale;
    const vy = middle[1] - (y - r.height / 2) / r.scale;
    const depth = r.depth[Math.floor(y) * r.width + Math.floor(x)] ?? -Infinity;
    const vz = Number.isFinite(depth) ? depth : 0;
    return placeNear(figure, put, [
      ex[0] * vx + ex[1] * vy + ex[2] * vz,
      ey[0] * vx + ey[1] * vy + ey[2] * vz,
      ez[0] * vx + ez[1] * vy + ez[2] * vz,
    ]);
  },
  /** The pattern with these places settled by lines of their own. */
  settle(text: string, places: readonly Place[]): string {
    const f = figure;
    return f ? places.reduce((t, p) => settlePlace(t, f, p), text) : text;
  },
};
export type FigureApi = typeof api;
expose(api);
