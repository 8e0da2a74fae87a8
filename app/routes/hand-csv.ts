import { data } from "react-router";
import type { Route } from "./+types/hand-csv";
import { listColourways } from "@db/queries/colourways";
import { listItems } from "@db/queries/items";
import { listYarns } from "@db/queries/materials";
import { loadMeasured } from "../server/measured.server";
import { csvResponse } from "../server/csv.server";
import { openWorkshop } from "../server/scope.server";

/**
 * A hand's measurements as CSV, in base units a spreadsheet can count with; timings come in again as they go
 * out.
 */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const [measured, items, yarns, colourways] = await Promise.all([
    loadMeasured(scope),
    listItems(scope),
    listYarns(scope, true),
    listColourways(scope, { withDeleted: true }),
  ]);
  const hand = new Map(measured.hands.map((h) => [h.id, h.name]));
  const own = measured.hands[0]?.name ?? "";
  const item = new Map(items.map((i) => [i.item.id, i.item.name]));
  const yarn = new Map(yarns.map((y) => [y.id, `${y.name}, ${y.shade}`]));
  const colourway = new Map(colourways.map((c) => [c.id, c.name]));
  const grams = (mg: number | null) => (mg === null ? "" : (mg / 1000).toFixed(3));
  const aside = (x: boolean) => (x ? "yes" : "");
  const hook = (um: number | null) => (um === null ? "" : (um / 1000).toFixed(2));
  switch (params.what) {
    case "timings":
      return csvResponse(
        "timings.csv",
        [
          "day",
          "item",
          "part",
          "stage",
          "pieces",
          "seconds",
          "expected_by_the_trade_s",
          "hand",
          "note",
          "set_aside",
        ],
        measured.timings.map((t) => [
          t.madeOn,
          item.get(t.itemId) ?? "",
          t.part,
          t.stage,
          t.pieces,
          t.seconds,
          Object.values(t.work)
            .reduce((s, v) => s + v, 0)
            .toFixed(0),
          hand.get(t.handId) ?? "",
          t.note,
          aside(t.setAside),
        ]),
      );
    case "weigh-ins":
      return csvResponse(
        "weigh-ins.csv",
        [
          "day",
          "item",
          "colourway",
          "part",
          "pieces",
          "of",
          "yarn",
          "hook_mm",
          "loops",
          "weight_g",
          "before_g",
          "after_g",
          "scale_step_g",
          "expected_by_the_trade_g",
          "beside_g",
          "hand",
          "note",
          "set_aside",
        ],
        measured.weighIns.map((w) => [
          w.madeOn,
          item.get(w.itemId) ?? "",
          colourway.get(w.colourwayId ?? "") ?? "",
          w.part,
          w.pieces,
          w.kind,
          yarn.get(w.yarnId ?? "") ?? "",
          hook(w.hookUm),
          w.loops,
          grams(w.weightMg),
          grams(w.beforeMg),
          grams(w.afterMg),
          grams(w.stepMg),
          grams(w.expectedMg),
          grams(w.besideMg + w.fillingMg),
          hand.get(w.handId) ?? "",
          w.note,
          aside(w.setAside),
        ]),
      );
    case "swatches":
      return csvResponse(
        "swatches.csv",
        [
          "day",
          "yarn",
          "hook_mm",
          "loops",
          "stitches",
          "over_mm",
          "rows",
          "rows_over_mm",
          "unravelled_stitches",
          "gave_mm",
          "hand",
          "set_aside",
        ],
        measured.swatches.map((s) => [
          s.madeOn,
          yarn.get(s.yarnId) ?? "",
          hook(s.hookUm),
          s.loops,
          s.stitches ?? "",
          s.overMm ?? "",
          s.rounds ?? "",
          s.roundsOverMm ?? "",
          s.sampleStitches ?? "",
          s.sampleMm ?? "",
          hand.get(s.handId ?? "") ?? own,
          aside(s.setAside),
        ]),
      );
    default:
      throw data(null, { status: 404 });
  }
}
