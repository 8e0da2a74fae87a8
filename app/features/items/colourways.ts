import { colourwayWarnings, type ColourwayWarning } from "@core/planning";
import type { CheckedPattern } from "@core/notation";
import type { NotionView, SlotView, YarnView } from "@core/item";

/** Warnings of a set of slots, as the page and the server both see them. */
export function warningsOf(
  checked: CheckedPattern,
  slots: readonly SlotView[],
  yarns: readonly YarnView[],
  notions: readonly NotionView[],
  chosen: readonly string[],
): ColourwayWarning[] {
  const eye = notions.find((n) => chosen.includes(n.id) && n.kind === "eye");
  return colourwayWarnings(
    checked,
    (slot) => {
      const s = slots.find((x) => x.slot === slot) ?? (slot === "main" ? slots[0] : undefined);
      const y = yarns.find((x) => x.id === s?.yarnId);
      return s && y
        ? {
            label: `${y.shade}, ${y.name}`,
            colour: y.colour,
            weightClass: y.weightClass,
            hookMm: s.hookMm,
            strands: s.strands,
            deleted: y.deleted,
          }
        : undefined;
    },
    eye ? (eye.colour ?? "#111111") : undefined,
  );
}

export function warningText(w: ColourwayWarning): string {
  switch (w.code) {
    case "missing-shade":
      return `No yarn for ${w.slot === "main" ? "the yarn" : w.slot}.`;
    case "gone-shade":
      return `${w.yarn} was deleted from Materials.`;
    case "mixed-class":
      return `${w.part}: ${w.yarns.join(" and ")} work like different weight classes (${w.classes.join(" and ")}). The tension changes inside the part.`;
    case "mixed-hook":
      return `${w.part} changes hooks (${w.hooks.join(" and ")} mm): more set-ups, and an edge where it changes.`;
    case "pale-eyes":
      return `${w.part}: the eyes hardly show on ${w.yarn}. Take a paler face, or eyes with a ring.`;
  }
}
