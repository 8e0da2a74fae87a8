import { faceOf, nearestEyeSize } from "../fabric";
import { estimatePiece, mainPart, type PieceEstimate, type PieceInput } from "./piece";
import { sumTogether, type Estimate } from "./value";
import type { YarnSpec } from "./yarn";

/** Split rings as they are sold, outer mm. Common practice, no source. */
export const RING_SIZES: readonly number[] = [8, 10, 12, 15, 20, 25, 30, 35];
/** A ring two fifths as wide as the piece is tall looks right and can be held (from memory). */
const RING_SHARE = 0.42;

export interface Compared {
  readonly label: string;
  /** Of the main part when filled. */
  readonly width: number;
  readonly height: number;
  readonly metres: Estimate;
  readonly grams: Estimate;
  readonly filling: Estimate;
  readonly seconds: Estimate;
  readonly eyes: readonly {
    readonly what: "eye" | "nose";
    readonly count: number;
    readonly sizeMm: number;
  }[];
  readonly ringMm: number;
  readonly piece: PieceEstimate;
}

export type CompareInput = Pick<PieceInput, "pattern" | "firmness" | "hanger" | "pace" | "packing">;

/**
 * The same pattern in other yarns and hooks, the first of `pairs` being the one it is planned in. One yarn is
 * taken for all colour slots. Sizes of eyes and rings go with the stitch width to the first power (craft §10)
 * and snap to what is sold.
 */
export function compareYarns(input: CompareInput, pairs: readonly YarnSpec[]): Compared[] {
  const pieces = pairs.map((spec) => estimatePiece({ ...input, specOf: () => spec }));
  const own = widthOf(pieces[0]);
  return pieces.map((piece, i) => {
    const spec = pairs[i] as YarnSpec;
    const ratio = own > 0 ? widthOf(piece) / own : 1;
    const main = mainOf(piece);
    const suggested = piece.parts.flatMap((p) => faceOf(p.part, p.fabric));
    return {
      label: spec.label,
      width: main?.fabric.width ?? 0,
      height: main?.fabric.height ?? 0,
      metres: sumTogether(
        piece.yarn.map((y) => y.metres),
        "yarn",
        "metres",
      ),
      grams: sumTogether(
        piece.yarn.map((y) => y.grams),
        "yarn",
        "grams",
      ),
      filling: piece.filling,
      seconds: piece.seconds,
      eyes: piece.hardware.map((h) => ({
        what: h.kind,
        count: h.count,
        sizeMm:
          h.sizeMm === undefined
            ? (suggested.find((s) => s.what === h.kind)?.suggestedMm ?? 6)
            : nearestEyeSize(h.sizeMm * ratio),
      })),
      ringMm: nearest(RING_SIZES, (main?.fabric.height ?? 0) * RING_SHARE),
      piece,
    };
  });
}

const mainOf = (piece: PieceEstimate) =>
  piece.parts.find((p) => p.part === mainPart(piece.parts.map((x) => x.part)));

/** Stitch width of the main part: what everything else scales with. */
function widthOf(piece: PieceEstimate | undefined): number {
  const main = piece && mainOf(piece);
  const widest = main?.fabric.profile.reduce((a, b) => Math.max(a, b), 0) ?? 0;
  return main && widest > 0 ? main.fabric.width / widest : 0;
}

const nearest = (sizes: readonly number[], wanted: number): number =>
  sizes.reduce((best, s) => (Math.abs(s - wanted) < Math.abs(best - wanted) ? s : best), sizes[0] ?? 0);
