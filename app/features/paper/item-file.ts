import type { ItemFile, KitFile } from "../items/item-file-schema";
import type { ItemPaper } from "./input";

export const itemFile = (item: ItemPaper, kit?: KitFile): ItemFile => ({
  format: "lapka-item",
  version: 1,
  name: item.name,
  kind: item.kind,
  soldAs: item.use,
  currency: item.reading.currency,
  price: item.price,
  pattern: item.text,
  sizeMm: { height: item.size[0], width: item.size[1], depth: item.size[2] },
  yarns: item.yarns.map((y) => ({ ...y })),
  fillingGrams: item.fillingGrams,
  notions: item.notions.map((n) => ({ ...n })),
  parts: item.checked.parts.map((p) => ({
    name: p.name,
    make: p.make,
    rounds: p.rounds.map((r) => ({ label: r.label, stitches: r.count ?? null })),
  })),
  orderOfWork: [...item.steps],
  cautions: [...item.cautions],
  ...(kit ? { kit } : {}),
});
