import { data } from "react-router";
import type { Route } from "./+types/commission-note";
import { findCommission } from "@db/queries/commissions";
import { paidWith } from "@db/queries/sales";
import { commissionTask } from "../features/commissions/note.server";
import { paperOf } from "../features/paper/paper.server";
import { fileResponse } from "../server/file.server";
import { openWorkshop } from "../server/scope.server";

/** A commission's quote or receipt as PDF. The file's name says its number and nobody's name. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const opened = await openWorkshop(request, context);
  const note = new URL(request.url).pathname.endsWith("/receipt.pdf") ? "receipt" : "quote";
  const c = await findCommission(opened.scope, params.id);
  const by = c?.saleKey ? await paidWith(opened.scope, c.saleKey) : undefined;
  const made = await commissionTask(opened, params.id, note, by);
  if (!made) throw data(null, { status: 404 });
  if (note === "receipt" && !made.paid)
    throw data("Nothing is paid yet: there is nothing to write a receipt for.", { status: 409 });
  const pdf = await paperOf(made.task);
  if (!pdf.ok) throw data("This paper could not be made.", { status: 503 });
  return fileResponse(pdf.value, {
    name: `${note} ${made.number}`,
    ending: "pdf",
    type: "application/pdf",
    inline: true,
  });
}
