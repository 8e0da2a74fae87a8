import type { Route } from "./+types/cupboard-json";
import { listBalls } from "@db/queries/balls";
import { listColourways } from "@db/queries/colourways";
import { listNotions, listSwatches, listYarns } from "@db/queries/materials";
import { listPurchases } from "@db/queries/purchases";
import { stockBook } from "@db/queries/stock";
import { listSuppliers } from "@db/queries/suppliers";
import { openWorkshop } from "../server/scope.server";

/** Everything of Materials in base units: mg, mm, µm, minor units, UTC. */
export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [yarns, notions, suppliers, balls, swatches, colourways, purchases, moves] = await Promise.all([
    listYarns(scope),
    listNotions(scope),
    listSuppliers(scope),
    listBalls(scope, { empty: true }),
    listSwatches(scope),
    listColourways(scope),
    listPurchases(scope, 10_000),
    stockBook(scope, { limit: 500_000 }),
  ]);
  const bare = <T extends { workshopId: string }>({ workshopId: _w, ...rest }: T) => rest;
  const body = {
    format: "lapka-materials",
    version: 1,
    units: {
      weight: "mg",
      length: "mm",
      hook: "µm",
      money: `minor units of ${workshop.currency}`,
      time: "UTC",
    },
    currency: workshop.currency,
    yarns: yarns.map(bare),
    notions: notions.map(bare),
    suppliers: suppliers.map(bare),
    balls: balls.map(bare),
    swatches: swatches.map(bare),
    colourways: colourways.map(bare),
    orders: purchases.map((p) => ({ ...bare(p.purchase), lines: p.lines.map(bare) })),
    moves: moves.map(bare),
  };
  return new Response(JSON.stringify(body, null, 1), {
    headers: {
      "Content-Type": "application/json; charset=utf-8",
      "Content-Disposition": 'attachment; filename="materials.json"',
    },
  });
}
