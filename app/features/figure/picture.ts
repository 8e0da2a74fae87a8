import {
  drawing,
  facesOf,
  figureOf,
  placedWords,
  raster,
  sizeOfFigure,
  type FigurePart,
  type Raster,
  type View,
} from "@core/figure";
import type { CheckedPattern } from "@core/notation";

/** From where a figure is shown, by name. */
export const VIEWS = {
  front: { turn: 0, tilt: 6 },
  side: { turn: -90, tilt: 6 },
  back: { turn: 180, tilt: 6 },
  turned: { turn: -32, tilt: 14 },
} as const satisfies Readonly<Record<string, View>>;
export type ViewName = keyof typeof VIEWS;

/** What is so flat, of its height to the lesser of its width and depth, would show its edge and no more. */
const FLAT = 0.4;
const FROM_ABOVE = 58;
export const sameView = (a: View, b: View): boolean => a.turn === b.turn && a.tilt === b.tilt;
/** The turned view of what lies flat, a star or a leaf, is from higher above: its face is what she sells. */
export const shownFrom = (
  view: View,
  size: { readonly height: number; readonly width: number; readonly depth: number },
): View =>
  sameView(view, VIEWS.turned) && size.height < FLAT * Math.min(size.width, size.depth)
    ? { ...view, tilt: FROM_ABOVE }
    : view;

interface FigureSource {
  readonly checked: Pick<CheckedPattern, "parts" | "lines">;
  readonly text: string;
  readonly parts: readonly FigurePart[];
}
export interface PictureTask extends FigureSource {
  readonly colours: Readonly<Record<string, string>>;
  readonly view: View;
  readonly width: number;
  readonly height: number;
  readonly title: string;
  readonly as: "pixels" | "svg";
}
/** What is known of a figure beside its picture, mm. */
export interface Measures {
  readonly height: number;
  readonly width: number;
  readonly depth: number;
  /** Indices of the parts that hang as a loop. */
  readonly loops: readonly number[];
  /** Where each piece goes on another. */
  readonly places: readonly PlaceTold[];
}
export interface PlaceTold {
  /** Index of the part in the pattern, and which of its copies, from 1. */
  readonly part: number;
  readonly copy: number;
  /** "between rounds 7 and 8 of the body, in the middle of the front". */
  readonly where: string;
  /** The pattern leaves it open. */
  readonly guessed: boolean;
}
export type MeasureTask = FigureSource & { readonly as: "measures" };
export type FigureTask = PictureTask | MeasureTask;

export type FigureAnswer = PictureAnswer | { readonly kind: "measures"; readonly measures: Measures };
export type PictureAnswer =
  | { readonly kind: "pixels"; readonly width: number; readonly height: number; readonly rgba: Uint8Array }
  | { readonly kind: "svg"; readonly svg: string };

/** Puts a figure together and draws or measures it; an item without a counted part has none. */
export function figureAnswer(task: FigureTask): FigureAnswer | undefined {
  if (task.parts.length === 0) return undefined;
  const figure = figureOf(task.checked as CheckedPattern, task.text, task.parts);
  const facets = facesOf(figure);
  if (facets.length === 0) return undefined;
  if (task.as === "measures") {
    const loops = figure.put.filter((p) => p.solid.form === "loop").map((p) => p.place.part);
    const places = figure.put.flatMap(({ place }) => {
      const where = placedWords(figure, place);
      if (where === undefined) return [];
      return [{ part: place.part, copy: place.piece + 1, where, guessed: place.line === undefined }];
    });
    const measures = { ...sizeOfFigure(facets), loops: [...new Set(loops)], places };
    return { kind: "measures", measures };
  }
  const shot = { ...task, view: shownFrom(task.view, sizeOfFigure(facets)) };
  if (task.as === "svg") return { kind: "svg", svg: drawing(figure, shot, facets) };
  const r: Raster = raster(figure, shot, facets);
  return { kind: "pixels", width: r.width, height: r.height, rgba: new Uint8Array(r.rgba.buffer) };
}
