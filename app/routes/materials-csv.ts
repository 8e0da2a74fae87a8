import type { Route } from "./+types/materials-csv";
import { listNotions, listYarns } from "@db/queries/materials";
import { reservedBy } from "@db/queries/runs";
import { balances } from "@db/queries/stock";
import { minorDigits } from "@core/units";
import { csvResponse } from "../server/csv.server";
import { openWorkshop } from "../server/scope.server";
import { openRuns } from "../server/rows.server";

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [yarns, notions, onHand, runs] = await Promise.all([
    listYarns(scope),
    listNotions(scope),
    balances(scope),
    openRuns(scope),
  ]);
  const reserved = reservedBy(runs);
  const digits = minorDigits(workshop.currency);
  const money = (n: number) => (n / 10 ** digits).toFixed(digits);
  const grams = (mg: number) => (mg / 1000).toFixed(1);
  return csvResponse(
    "materials.csv",
    [
      "kind",
      "name",
      "shade",
      "fibre",
      "weight_class",
      "m_per_100g",
      "pack_g",
      "pack_pieces",
      `pack_price_${workshop.currency}`,
      "on_hand_g",
      "on_hand_pieces",
      "promised_g",
      "promised_pieces",
    ],
    [
      ...yarns.map((y) => [
        "yarn",
        y.name,
        y.shade,
        y.fibre,
        y.weightClass,
        (y.mmPer100g / 1000).toFixed(1),
        grams(y.ballMg),
        "",
        money(y.ballPrice),
        grams(onHand.get(y.id) ?? 0),
        "",
        grams(reserved.get(y.id) ?? 0),
        "",
      ]),
      ...notions.map((n) => {
        const mass = n.kind === "filling";
        const q = onHand.get(n.id) ?? 0;
        const p = reserved.get(n.id) ?? 0;
        return [
          n.kind,
          n.name,
          "",
          "",
          "",
          "",
          mass ? grams(n.packSize) : "",
          mass ? "" : n.packSize,
          money(n.packPrice),
          mass ? grams(q) : "",
          mass ? "" : q,
          mass ? grams(p) : "",
          mass ? "" : p,
        ];
      }),
    ],
  );
}
