import type { Route } from "./+types/buy-paper";
import { buyPaper } from "../features/materials/buy-paper";
import { loadBuying } from "../features/runs/buying.server";
import { listResponse, paperSize } from "../features/paper/list.server";
import { openWorkshop, readingOf, todayOf } from "../server/scope.server";

/** The buy list as PDF. */
export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const search = new URL(request.url).searchParams;
  const run = search.get("run") ?? undefined;
  const { groups, cupboard } = await loadBuying(scope, run);
  const yarns = new Map(cupboard.yarns.map((y) => [y.id, y.colour]));
  return listResponse(
    buyPaper({
      groups,
      supplier: (id) => cupboard.suppliers.find((s) => s.id === id)?.name,
      colour: (id) => yarns.get(id),
      maker: workshop.name,
      paper: paperSize(search),
      today: todayOf(scope),
      run: cupboard.runs.find((r) => r.run.id === run)?.run.name,
      reading: readingOf(workshop),
    }),
    "buy list",
  );
}
