import { data } from "react-router";
import type { Route } from "./+types/run-csv";
import { findRun } from "@db/queries/runs";
import { minorDigits } from "@core/units";
import { loadRuns, loadShelves, planOf } from "../features/runs/load.server";
import { csvResponse } from "../server/csv.server";
import { openWorkshop, todayOf } from "../server/scope.server";

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [r, runs] = await Promise.all([findRun(scope, params.id), loadRuns(scope)]);
  if (!r) throw data(null, { status: 404 });
  const plan = planOf(await loadShelves(scope, runs), r, runs, todayOf(scope));
  const digits = minorDigits(workshop.currency);
  return csvResponse(
    "buy-list.csv",
    ["material", "unit", "missing", "packs", "pack_size", `cost_${workshop.currency}`],
    plan.needs
      .filter((n) => n.packs > 0)
      .map((n) => {
        const mass = n.kind !== "notion";
        const of = (q: number) => (mass ? (q / 1000).toFixed(1) : q);
        return [
          n.label,
          mass ? "g" : "pieces",
          of(n.missing),
          n.packs,
          of(n.packSize),
          (n.cost / 10 ** digits).toFixed(digits),
        ];
      }),
  );
}
