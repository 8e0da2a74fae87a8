import { data } from "react-router";
import type { Route } from "./+types/cupboard-csv";
import { listBalls } from "@db/queries/balls";
import { listNotions, listYarns } from "@db/queries/materials";
import { stockBook } from "@db/queries/stock";
import { listSuppliers } from "@db/queries/suppliers";
import { listItems } from "@db/queries/items";
import { minorDigits } from "@core/units";
import { csvResponse } from "../server/csv.server";
import { openWorkshop } from "../server/scope.server";

const MOST_MOVES = 200_000;

/** Balls, suppliers and the whole stock book as tables. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const digits = minorDigits(workshop.currency);
  const money = (n: number | null) => (n === null ? "" : (n / 10 ** digits).toFixed(digits));
  const grams = (mg: number) => (mg / 1000).toFixed(3);
  switch (params.what) {
    case "balls": {
      const [balls, yarns] = await Promise.all([listBalls(scope), listYarns(scope, true)]);
      const byId = new Map(yarns.map((y) => [y.id, y]));
      return csvResponse(
        "balls.csv",
        [
          "yarn",
          "shade",
          "lot",
          "state",
          "place",
          "left_g",
          "promised_g",
          "full_g",
          `price_${workshop.currency}`,
          "note",
        ],
        balls.map((b) => [
          byId.get(b.yarnId)?.name ?? "",
          byId.get(b.yarnId)?.shade ?? "",
          b.lot,
          b.state,
          b.place,
          grams(b.mg),
          grams(b.reserved),
          grams(b.fullMg),
          money(b.price),
          b.note,
        ]),
      );
    }
    case "suppliers":
      return csvResponse(
        "suppliers.csv",
        ["supplier", "delivery_days", `least_order_${workshop.currency}`, "note"],
        (await listSuppliers(scope)).map((s) => [s.name, s.deliveryDays, money(s.minOrder), s.note]),
      );
    case "moves": {
      const [moves, yarns, notions, items] = await Promise.all([
        stockBook(scope, { limit: MOST_MOVES }),
        listYarns(scope, true),
        listNotions(scope, true),
        listItems(scope),
      ]);
      const label = new Map([
        ...yarns.map((y) => [y.id, `${y.name}, ${y.shade}`] as const),
        ...notions.map((n) => [n.id, n.name] as const),
        ...items.map((i) => [i.item.id, i.item.name] as const),
      ]);
      const mass = new Set([
        ...yarns.map((y) => y.id),
        ...notions.filter((n) => n.kind === "filling").map((n) => n.id),
      ]);
      return csvResponse(
        "stock-book.csv",
        ["at", "kind", "material", "grams", "pieces", `paid_${workshop.currency}`, "note", "taken_back"],
        moves.map((m) => [
          m.at.toISOString(),
          m.kind,
          label.get(m.materialId) ?? "",
          mass.has(m.materialId) ? grams(m.quantity) : "",
          mass.has(m.materialId) ? "" : m.quantity,
          money(m.cost),
          m.note,
          m.takenBack ? "yes" : "",
        ]),
      );
    }
    default:
      throw data(null, { status: 404 });
  }
}
