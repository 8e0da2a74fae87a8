import type { CheckedPattern } from "../notation";
import { shadeDistance } from "./substitute";

export interface ColourwayYarn {
  readonly label: string;
  readonly colour: string;
  readonly weightClass: number;
  readonly hookMm: number;
  readonly strands: number;
  readonly deleted: boolean;
}

export type ColourwayWarning =
  | { readonly code: "missing-shade"; readonly slot: string }
  | { readonly code: "gone-shade"; readonly slot: string; readonly yarn: string }
  | {
      readonly code: "mixed-class";
      readonly part: string;
      readonly yarns: readonly string[];
      readonly classes: readonly number[];
    }
  | { readonly code: "mixed-hook"; readonly part: string; readonly hooks: readonly number[] }
  | { readonly code: "pale-eyes"; readonly part: string; readonly yarn: string; readonly distance: number };

/** Below this CIEDE2000 distance dark eyes are lost on a dark face (from memory). */
const LEAST_EYE_DISTANCE = 30;
/** Two strands held together work like a yarn of about two classes more (common practice, no source). */
const CLASSES_PER_DOUBLING = 2;

/** The class that a yarn works like with so many strands held together; below 1 for a split yarn. */
export function workedClass(weightClass: number, strands: number): number {
  return Math.max(0, Math.min(7, Math.round(weightClass + CLASSES_PER_DOUBLING * Math.log2(strands))));
}

/**
 * What is wrong with a colourway before it is worked: slots without a shade, two tensions in one part, eyes
 * that do not show. `yarnOf` answers with what fills a slot; `eyes` is the colour of the eyes that go on.
 */
export function colourwayWarnings(
  pattern: CheckedPattern,
  yarnOf: (slot: string) => ColourwayYarn | undefined,
  eyes: string | undefined,
): ColourwayWarning[] {
  const warnings: ColourwayWarning[] = [];
  const seen = new Set<string>();
  for (const part of pattern.parts) {
    const used = part.bySlot.filter((s) => Object.keys(s.made).length > 0);
    const yarns = used.flatMap((s) => {
      const yarn = yarnOf(s.slot);
      if (!seen.has(s.slot)) {
        seen.add(s.slot);
        if (!yarn) warnings.push({ code: "missing-shade", slot: s.slot });
        else if (yarn.deleted) warnings.push({ code: "gone-shade", slot: s.slot, yarn: yarn.label });
      }
      return yarn ? [yarn] : [];
    });
    const classes = [...new Set(yarns.map((y) => workedClass(y.weightClass, y.strands)))];
    const hooks = [...new Set(yarns.map((y) => y.hookMm))];
    if (classes.length > 1)
      warnings.push({
        code: "mixed-class",
        part: part.name,
        yarns: [...new Set(yarns.map((y) => y.label))],
        classes,
      });
    else if (hooks.length > 1) warnings.push({ code: "mixed-hook", part: part.name, hooks });
    const eye = part.events.find((e) => e.event.kind === "eyes" && e.event.what === "eye");
    if (eye && eyes) {
      // The face is the round behind which the eyes go in; where it has several colours they are set on the
      // palest.
      const round = part.rounds[Math.max(0, Math.min(part.rounds.length - 1, eye.afterRound - 1))];
      const faces = (round?.bySlot.flatMap((s) => yarnOf(s.slot) ?? []) ?? yarns).map((y) => ({
        label: y.label,
        distance: shadeDistance(y.colour, eyes) ?? Infinity,
      }));
      const best = faces.reduce<(typeof faces)[number] | undefined>(
        (b, f) => (!b || f.distance > b.distance ? f : b),
        undefined,
      );
      if (best && best.distance < LEAST_EYE_DISTANCE)
        warnings.push({ code: "pale-eyes", part: part.name, yarn: best.label, distance: best.distance });
    }
  }
  return warnings;
}
