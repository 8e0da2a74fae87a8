import type { Measure } from "@core/estimate";
import type { Revision } from "@db/queries/items";
import { sizeOf, type ItemAnalysis, type NotionView, type YarnView } from "@core/item";

/** A figure of two revisions; undefined where a revision has none, or could not be reckoned. */
export interface FigureChange {
  readonly label: string;
  readonly measure: Measure;
  readonly before: number | undefined;
  readonly after: number | undefined;
}
/** What was chosen for the item, in words. */
export interface ChoiceChange {
  readonly label: string;
  readonly before: string;
  readonly after: string;
}

/** What the two cost, take and come to, with today's yarns, prices and hand: only the item differs. */
export function figureChanges(
  before: ItemAnalysis | undefined,
  after: ItemAnalysis | undefined,
): readonly FigureChange[] {
  const row = (
    label: string,
    measure: Measure,
    pick: (a: ItemAnalysis) => number | undefined,
  ): FigureChange => ({ label, measure, before: before && pick(before), after: after && pick(after) });
  const slots = [
    ...new Set([...(after?.piece.yarn ?? []), ...(before?.piece.yarn ?? [])].map((y) => y.slot)),
  ];
  const rows = [
    row("Stitches", "count", (a) => a.piece.parts.reduce((n, p) => n + p.stitches * p.part.make, 0)),
    ...slots.map((slot) =>
      row(`Yarn, ${slot}`, "grams", (a) => a.piece.yarn.find((y) => y.slot === slot)?.grams.value),
    ),
    row("Filling", "grams", (a) => a.piece.filling.value),
    row("Height", "mm", (a) => sizeOf(a.piece)?.height),
    row("Width", "mm", (a) => sizeOf(a.piece)?.width),
    row("Time", "seconds", (a) => a.piece.seconds.value),
    row("Cost", "minor", (a) => a.cost.total),
    row("Price that would do", "minor", (a) => a.pricing?.suggested),
  ];
  return rows.filter((r) => (r.before ?? 0) !== 0 || (r.after ?? 0) !== 0);
}

/** What was chosen otherwise: yarns and hooks by colour, firmness, hanger, notions. */
export function choiceChanges(
  before: Revision,
  after: Revision,
  yarns: readonly YarnView[],
  notions: readonly NotionView[],
): readonly ChoiceChange[] {
  const yarn = (r: Revision, slot: string): string => {
    const s = r.slots.find((x) => x.slot === slot);
    const y = s && yarns.find((x) => x.id === s.yarnId);
    if (!s) return "none";
    const strands = s.strands === 1 ? "" : `, ${s.strands} strands`;
    return `${y ? `${y.name}, ${y.shade}` : "a yarn that is gone"}, ${s.hookUm / 1000} mm hook${strands}`;
  };
  const notion = (r: Revision, id: string): string =>
    String(r.notions.find((n) => n.notionId === id)?.quantity ?? 0);
  const slots = [...new Set([...after.slots, ...before.slots].map((s) => s.slot))];
  const used = [...new Set([...after.notions, ...before.notions].map((n) => n.notionId))];
  const all: ChoiceChange[] = [
    ...slots.map((s) => ({ label: `Colour ${s}`, before: yarn(before, s), after: yarn(after, s) })),
    { label: "Filled", before: before.firmness, after: after.firmness },
    { label: "Hanger", before: before.hanger ? "yes" : "no", after: after.hanger ? "yes" : "no" },
    ...used.map((id) => ({
      label: notions.find((n) => n.id === id)?.name ?? "A notion that is gone",
      before: notion(before, id),
      after: notion(after, id),
    })),
    {
      label: "Answers to doubts",
      before: String(before.answers?.length ?? 0),
      after: String(after.answers?.length ?? 0),
    },
    { label: "Note", before: before.note || "none", after: after.note || "none" },
  ];
  return all.filter((c) => c.before !== c.after);
}
