import { drawing, facesOf, figureOf, raster, type FigurePart, type Raster, type View } from "@core/figure";
import type { CheckedPattern } from "@core/notation";

/** From where a figure is shown, by name. */
export const VIEWS = {
  front: { turn: 0, tilt: 6 },
  side: { turn: -90, tilt: 6 },
  back: { turn: 180, tilt: 6 },
  turned: { turn: -32, tilt: 14 },
} as const satisfies Readonly<Record<string, View>>;
export type ViewName = keyof typeof VIEWS;

export interface PictureTask {
  readonly checked: Pick<CheckedPattern, "parts" | "lines">;
  readonly text: string;
  readonly parts: readonly FigurePart[];
  readonly colours: Readonly<Record<string, string>>;
  readonly view: View;
  readonly width: number;
  readonly height: number;
  readonly title: string;
  readonly as: "pixels" | "svg";
}
export type PictureAnswer =
  | { readonly kind: "pixels"; readonly width: number; readonly height: number; readonly rgba: Uint8Array }
  | { readonly kind: "svg"; readonly svg: string };

/** Draws a whole figure; an item without a counted part has none. */
export function drawPicture(task: PictureTask): PictureAnswer | undefined {
  if (task.parts.length === 0) return undefined;
  const figure = figureOf(task.checked as CheckedPattern, task.text, task.parts);
  const facets = facesOf(figure);
  if (facets.length === 0) return undefined;
  if (task.as === "svg") return { kind: "svg", svg: drawing(figure, task, facets) };
  const r: Raster = raster(figure, task, facets);
  return { kind: "pixels", width: r.width, height: r.height, rgba: new Uint8Array(r.rgba.buffer) };
}
