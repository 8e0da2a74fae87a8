import type { Route } from "./+types/buy-csv";
import { minorDigits } from "@core/units";
import { loadBuying } from "../features/runs/buying.server";
import { csvResponse } from "../server/csv.server";
import { openWorkshop } from "../server/scope.server";

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const { groups, cupboard } = await loadBuying(
    scope,
    new URL(request.url).searchParams.get("run") ?? undefined,
  );
  const digits = minorDigits(workshop.currency);
  return csvResponse(
    "buy-list.csv",
    [
      "supplier",
      "order_by",
      "material",
      "unit",
      "missing",
      "packs",
      "pack_size",
      `cost_${workshop.currency}`,
      "for_runs",
    ],
    groups.flatMap((g) =>
      g.lines.map((l) => {
        const mass = l.kind !== "notion";
        const of = (q: number) => (mass ? (q / 1000).toFixed(1) : q);
        return [
          cupboard.suppliers.find((s) => s.id === g.supplierId)?.name ?? "",
          g.orderBy,
          l.label,
          mass ? "g" : "pieces",
          of(l.missing),
          l.packs,
          of(l.packSize),
          (l.cost / 10 ** digits).toFixed(digits),
          l.runs.map((r) => r.label).join("; "),
        ];
      }),
    ),
  );
}
