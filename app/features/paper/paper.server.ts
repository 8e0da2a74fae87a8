import path from "node:path";
import { LRUCache } from "lru-cache";
import { MAIN_SLOT } from "@core/notation";
import type { ItemWithRevision } from "@db/queries/items";
import type { Workshop } from "@db/queries/workshops";
import { Reckoner, type Reckoned } from "../../server/reckoner";
import { readingOf } from "../../server/scope.server";
import type { Measures } from "../figure/picture";
import { slotColours } from "../figure/picture.server";
import type { ItemAnalysis } from "@core/item";
import { draftOf, type Surroundings } from "../items/load.server";
import { besideOf, safetyFacts } from "../safety/facts";
import type { ItemPaper, PaperOrder } from "./input";

/** Sheets are made one after the other: a page never waits for a printer. */
const maker = new Reckoner<PaperOrder, Uint8Array>(path.resolve("build/server/paper.thread.js"), {
  threads: 1,
  ms: 20_000,
  megabytes: 384,
  bytes: 30_000_000,
  waiting: 100,
});
/** A preview and the file behind it are asked for one after the other. */
const made = new LRUCache<string, Promise<Reckoned<Uint8Array>>>({ max: 40, ttl: 600_000 });

export function paperOf(task: PaperOrder): Promise<Reckoned<Uint8Array>> {
  const key = JSON.stringify(task);
  const had = made.get(key);
  if (had) return had;
  const pdf = maker.reckon(task);
  made.set(key, pdf);
  void pdf.then((r) => r.ok || made.delete(key));
  return pdf;
}

/** All that an item's sheets say. */
export function itemPaper(
  entry: ItemWithRevision,
  analysis: ItemAnalysis,
  s: Surroundings,
  workshop: Workshop,
  measures: Measures,
  label = entry.item.name,
): ItemPaper {
  const draft = draftOf(entry.revision);
  const yarns = new Map(s.yarns.map((y) => [y.id, y]));
  const slots = new Map(draft.slots.map((x) => [x.slot, x]));
  const facts = safetyFacts(entry.item.useFor, draft, analysis, measures, s.yarns, s.notions);
  const parts = analysis.piece.parts.map((p) => ({ part: p.part, fabric: p.fabric }));
  return {
    name: label,
    kind: entry.item.kind,
    maker: workshop.name,
    licence: workshop.licence,
    reading: readingOf(workshop),
    checked: analysis.checked,
    text: entry.revision.pattern,
    parts,
    colours: slotColours(draft.slots, yarns),
    yarns: analysis.piece.yarn.map((y) => {
      const choice = slots.get(y.slot) ?? slots.get(MAIN_SLOT) ?? draft.slots[0];
      const yarn = yarns.get(choice?.yarnId ?? "");
      return {
        slot: y.slot,
        label: yarn ? `${yarn.name}, ${yarn.shade}` : y.slot,
        colour: yarn?.colour ?? "#b9c3c5",
        fibre: yarn?.fibre ?? "",
        hookMm: choice?.hookMm ?? 3,
        metres: y.metres.value,
        grams: y.grams.value,
      };
    }),
    fillingGrams: analysis.piece.filling.value,
    notions: facts.notions.filter((n) => n.count > 0).map((n) => ({ name: n.name, quantity: n.count })),
    steps: analysis.order.steps.map((x) => x.label),
    price: analysis.price,
    use: entry.item.useFor,
    ...besideOf(entry.item.useFor, facts),
    size: [measures.height, measures.width, measures.depth],
  };
}
