import { data } from "react-router";
import type { Route } from "./+types/item-sheet";
import { findKit } from "@db/queries/kits";
import { kitOf, kitPaper } from "../features/kit/kit.server";
import { measuresOf } from "../features/figure/picture.server";
import { openItem } from "../features/items/load.server";
import { sheetSchema, tagSchema } from "../features/paper/choices";
import type { KitPaper, PaperTask } from "../features/paper/input";
import { itemPaper, paperOf } from "../features/paper/paper.server";
import { fileResponse } from "../server/file.server";
import { openWorkshop } from "../server/scope.server";

const NAMES = { pattern: "pattern", position: "position note", tags: "tags", kit: "kit sheet" } as const;

/**
 * A sheet of an item as PDF: `/items/…/paper/pattern.pdf?paper=A4&terms=uk`. What is chosen stands in the
 * address.
 */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const url = new URL(request.url);
  const sheet = (["pattern", "position", "tags", "kit"] as const).find((s) =>
    url.pathname.endsWith(`/${s}.pdf`),
  );
  const query = Object.fromEntries(url.searchParams);
  const { c, ...wished } = query;
  const opened = await openItem(scope, workshop, params.id, c);
  if (!opened || !sheet) throw data(null, { status: 404 });
  const { entry, got, name, surroundings: s } = opened;
  if (!got.ok || got.value.piece.parts.length === 0)
    throw data("Nothing of this pattern is counted yet.", { status: 409 });
  const item = itemPaper(entry, got.value, s, workshop, await measuresOf(entry, got.value), name);
  const kit = sheet === "kit" ? await findKit(scope, entry.item.id) : undefined;
  const inKit = kit && kitPaper(kitOf(entry, got.value, s, kit), got.value, kit, s);
  const task = taskOf(sheet, item, wished, workshop.terms, inKit);
  if (!task.ok) throw data(task.why, { status: 400 });
  const pdf = await paperOf(task.task);
  if (!pdf.ok) throw data("This sheet could not be made.", { status: 503 });
  return fileResponse(pdf.value, {
    name: `${name} ${NAMES[sheet]}`,
    ending: "pdf",
    type: "application/pdf",
    inline: true,
  });
}

function taskOf(
  sheet: keyof typeof NAMES,
  item: ReturnType<typeof itemPaper>,
  wished: Record<string, string>,
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
    return { ok: true, task: { sheet, item, choice: { ...read.data, codeText } } };
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
