import { fabricPart, gaugePrior } from "../../core/fabric";
import type { Figure } from "../../core/figure/assemble";
import { figureOf } from "../../core/figure/figure";
import { checkPattern } from "../../core/notation";

const GAUGE = gaugePrior(3, 3 as never);
/** The figure of a pattern as it would be made with a 3 mm hook, filled as usual. */
export const made = (text: string): Figure => {
  const pattern = checkPattern(text);
  return figureOf(
    pattern,
    text,
    pattern.parts.map((part) => ({ part, fabric: fabricPart(part, GAUGE, "medium") })),
  );
};
