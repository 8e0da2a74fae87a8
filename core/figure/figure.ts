import type { FabricPart } from "../fabric";
import type { CheckedPart, CheckedPattern } from "../notation";
import { assemble, type Figure, type Moved } from "./assemble";
import { placesSaid } from "./reading";
import { embroiderySaid } from "./reading/embroidery";

export interface FigurePart {
  readonly part: CheckedPart;
  readonly fabric: FabricPart;
}

/**
 * The whole figure of a pattern whose parts were counted: `text` as it was read, its sentences of assembly in
 * it.
 */
export const figureOf = (
  pattern: CheckedPattern,
  text: string,
  parts: readonly FigurePart[],
  moved: readonly Moved[] = [],
): Figure => assemble(parts, placesSaid(pattern, text), moved, embroiderySaid(pattern, text));
