import { data } from "react-router";
import type { Route } from "./+types/item-sheet";
import { paperOf } from "../features/paper/paper.server";
import { ITEM_SHEETS, sheetTask } from "../features/kit/sheet-task.server";
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
  const sheet = ITEM_SHEETS.find((s) => url.pathname.endsWith(`/${s}.pdf`));
  if (!sheet) throw data(null, { status: 404 });
  const made = await sheetTask(scope, workshop, params.id, sheet, Object.fromEntries(url.searchParams));
  if (!made.ok) throw data(made.why, { status: made.status });
  const pdf = await paperOf(made.task);
  if (!pdf.ok) throw data("This sheet could not be made.", { status: 503 });
  return fileResponse(pdf.value, {
    name: `${made.name} ${NAMES[sheet]}`,
    ending: "pdf",
    type: "application/pdf",
    inline: true,
  });
}
