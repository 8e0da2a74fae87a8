import { findKit } from "../../../db/queries/kits";
import type { Workshop } from "../../../db/queries/workshops";
import type { Scope } from "../../../db/scope";
import { measuresOf } from "../figure/picture.server";
import { openItem } from "../items/load.server";
import { kitOf, kitPaper } from "./kit.server";
import { sheetSchema, tagSchema } from "../paper/choices";
import type { ItemPaper, KitPaper, PaperTask } from "../paper/input";
import { itemPaper } from "../paper/paper.server";

export const ITEM_SHEETS = ["pattern", "position", "tags", "kit"] as const;
export type ItemSheet = (typeof ITEM_SHEETS)[number];

export type SheetTask =
  | { readonly ok: true; readonly task: PaperTask; readonly name: string; readonly itemId: string }
  | { readonly ok: false; readonly status: 400 | 404 | 409; readonly why: string };

/**
 * What a sheet of an item has to say. `wished` is what stands in its address: `c` is the colourway, the rest
 * its choices.
 */
export async function sheetTask(
  scope: Scope,
  workshop: Workshop,
  itemId: string,
  sheet: ItemSheet,
  { c, ...wished }: Readonly<Record<string, string>>,
): Promise<SheetTask> {
  const opened = await openItem(scope, workshop, itemId, c);
  if (!opened) return { ok: false, status: 404, why: "There is no such item." };
  const { entry, got, name, surroundings: s } = opened;
  if (!got.ok || got.value.piece.parts.length === 0)
    return { ok: false, status: 409, why: "Nothing of this pattern is counted yet." };
  const item = itemPaper(entry, got.value, s, workshop, await measuresOf(entry, got.value), name);
  // The bag of a kit says what lies in it.
  const asked = sheet === "kit" || (sheet === "tags" && got.value.kit !== undefined);
  const kit = asked ? await findKit(scope, entry.item.id) : undefined;
  const inKit = kit && kitPaper(kitOf(entry, got.value, s, kit), got.value, kit, s);
  const read = taskOf(sheet, item, wished, workshop.terms, inKit);
  return read.ok
    ? { ok: true, task: read.task, name, itemId: entry.item.id }
    : { ok: false, status: 400, why: read.why };
}

function taskOf(
  sheet: ItemSheet,
  item: ItemPaper,
  wished: Readonly<Record<string, string>>,
  terms: "us" | "uk",
  kit: KitPaper | undefined,
): { ok: true; task: PaperTask } | { ok: false; why: string } {
  if (sheet === "tags") {
    const read = tagSchema.safeParse(wished);
    if (!read.success) return { ok: false, why: read.error.issues[0]?.message ?? "" };
    const codeText =
      read.data.codeText === "" && read.data.code !== "ean"
        ? codeFor(item, read.data.batch)
        : read.data.codeText;
    return { ok: true, task: { sheet, item, choice: { ...read.data, codeText }, kit } };
  }
  const read = sheetSchema(terms).safeParse(wished);
  if (!read.success) return { ok: false, why: read.error.issues[0]?.message ?? "" };
  if (sheet !== "kit") return { ok: true, task: { sheet, item, choice: read.data } };
  return kit
    ? { ok: true, task: { sheet, item, choice: read.data, kit } }
    : { ok: false, why: "There is no kit of this item." };
}

/** Without a wish of hers the code says maker, item and batch: what somebody asks who finds a fault. */
const codeFor = (item: { maker: string; name: string }, batch: string): string =>
  [item.maker, item.name, ...(batch === "" ? [] : [`batch ${batch}`])]
    .join(" / ")
    .replace(/[^\x20-\x7e]/g, "")
    .slice(0, 100);
