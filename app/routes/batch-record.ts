import { data } from "react-router";
import type { Route } from "./+types/batch-record";
import { listResponse, paperSize } from "../features/paper/list.server";
import { batchRecord } from "../features/runs/batch-record";
import { loadBatchFacts } from "../features/runs/batch-record.server";
import { openWorkshop } from "../server/scope.server";

/** The record of a batch, as PDF: what, of which lots, what was looked at, by whom, when. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const paper = paperSize(new URL(request.url).searchParams);
  const facts = await loadBatchFacts(scope, workshop, { runId: params.id, batchId: params.batch, paper });
  if (!facts) throw data(null, { status: 404 });
  return listResponse(batchRecord(facts), `batch ${facts.number} ${facts.label}`);
}
