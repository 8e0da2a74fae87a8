import { careOf, cautionsOf, checksOf, type SafetyFacts, type Use } from "@core/safety";
import type { Measures } from "../figure/picture";
import type { ItemAnalysis, ItemDraft, NotionView, YarnView } from "@core/item";

/** What the rules look at, from an item as it is reckoned. mm. */
export function safetyFacts(
  use: Use,
  draft: ItemDraft,
  analysis: ItemAnalysis,
  measures: Measures,
  yarns: readonly YarnView[],
  notions: readonly NotionView[],
): SafetyFacts {
  const parts = analysis.piece.parts;
  const used = new Set(draft.slots.map((s) => s.yarnId));
  const chosen = draft.notions.flatMap(({ notionId, quantity }) => {
    const n = notions.find((x) => x.id === notionId);
    return n ? [{ kind: n.kind, name: n.name, sizeMm: n.sizeMm, count: quantity }] : [];
  });
  return {
    use,
    whole: [measures.width, measures.height, measures.depth],
    parts: parts.map((p) => ({
      name: p.part.name,
      make: p.part.make,
      size: [p.fabric.width, p.fabric.height, p.fabric.depth],
      sewn: p.held === "sewn",
    })),
    notions: chosen.filter((n) => n.kind !== "filling"),
    pressedEyes: analysis.piece.hardware.reduce((sum, h) => sum + h.count, 0),
    cords: [
      ...parts.flatMap((p, i) =>
        p.fabric.form === "cord"
          ? [{ name: p.part.name, lengthMm: p.fabric.height, loop: measures.loops.includes(i) }]
          : [],
      ),
      ...analysis.checked.assembly.flatMap(({ event }) => {
        const width = analysis.piece.parts[0]?.fabric.stitch.width ?? 0;
        // Told of in the making-up: taken to be put on with both ends.
        return event.kind === "cord" ? [{ name: "Loop", lengthMm: event.chains * width, loop: true }] : [];
      }),
    ],
    filled: analysis.piece.filling.value > 0,
    filling: chosen.find((n) => n.kind === "filling")?.name,
    yarns: yarns
      .filter((y) => used.has(y.id))
      .map((y) => ({ name: `${y.name}, ${y.shade}`, fibre: y.fibre })),
    text: draft.pattern,
  };
}

/** Something of it is hard: it does not go into a washing machine. */
const hasHardParts = (facts: SafetyFacts): boolean =>
  facts.notions.some((n) => /^(?:bell|bead|ring|jump-ring|hook|pin)$/.test(n.kind) && n.count > 0);

/** What belongs beside a piece wherever it goes: what was looked at, cautions by whom it is for, and care. */
export function besideOf(use: Use, facts: SafetyFacts) {
  const checks = checksOf(facts);
  return {
    checks,
    cautions: cautionsOf(use, checks),
    care: careOf([...new Set(facts.yarns.map((y) => y.fibre))], hasHardParts(facts)),
  };
}
