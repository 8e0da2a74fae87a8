import type { Route } from "./+types/items-csv";
import { minorDigits } from "@core/units";
import { sizeOf } from "@core/item";
import { loadAnalysedItems } from "../features/items/load.server";
import { csvResponse } from "../server/csv.server";
import { openWorkshop } from "../server/scope.server";

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const digits = minorDigits(workshop.currency);
  const money = (n: number | undefined) => (n === undefined ? "" : (n / 10 ** digits).toFixed(digits));
  const { items, unreckoned } = await loadAnalysedItems(scope, workshop);
  return csvResponse(
    "items.csv",
    [
      "item",
      "kind",
      "width_mm",
      "height_mm",
      "yarn_m",
      "yarn_g",
      "filling_g",
      "minutes",
      `cost_${workshop.currency}`,
      `price_${workshop.currency}`,
      `per_hour_${workshop.currency}`,
    ],
    [
      ...items.map(({ entry, analysis: a }) => {
        const size = sizeOf(a.piece);
        const sum = (pick: (y: (typeof a.piece.yarn)[number]) => number) =>
          a.piece.yarn.reduce((s, y) => s + pick(y), 0);
        return [
          entry.item.name,
          entry.item.kind,
          (size?.width ?? 0).toFixed(1),
          (size?.height ?? 0).toFixed(1),
          sum((y) => y.metres.value).toFixed(2),
          sum((y) => y.grams.value).toFixed(2),
          a.piece.filling.value.toFixed(2),
          (a.piece.seconds.value / 60).toFixed(1),
          money(a.cost.total),
          money(a.price),
          money(a.earning.perHour),
        ];
      }),
      ...unreckoned.map((i) => [
        i.name,
        i.kind,
        "could not be reckoned",
        ...Array.from({ length: 8 }, () => ""),
      ]),
    ],
  );
}
