import { data } from "react-router";
import type { Route } from "./+types/material-reasons";
import { listNotions, listYarns } from "@db/queries/materials";
import { reservedBy } from "@db/queries/runs";
import { movesOf } from "@db/queries/stock";
import type { Reason } from "@core/estimate";
import { printMass, type Grams } from "@core/units";
import { dayOf, openWorkshop } from "../server/scope.server";
import { printDay } from "../ui/days";
import type { Opened } from "../ui/figure";
import { openRuns } from "../server/rows.server";
import { stockOnHand } from "../server/rows.server";

/** A balance opened to its moves, newest first, and what runs have promised of it. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, reading } = await openWorkshop(request, context);
  const [yarns, notions, onHand, moves, runs] = await Promise.all([
    listYarns(scope, true),
    listNotions(scope, true),
    stockOnHand(scope),
    movesOf(scope, params.id),
    openRuns(scope),
  ]);
  const yarn = yarns.find((y) => y.id === params.id);
  const notion = notions.find((n) => n.id === params.id);
  if (!yarn && !notion) throw data(null, { status: 404 });
  const mass = yarn !== undefined || notion?.kind === "filling";
  const measure: Reason["measure"] = mass ? "grams" : "count";
  const of = (q: number) => (mass ? q / 1000 : q);
  const shown: Reason[] = moves.map((m) => ({
    label: `${m.kind}, ${printDay(dayOf(m.at, scope.zone), reading.locale)}${m.note ? `: ${m.note}` : ""}`,
    measure,
    value: of(m.quantity),
  }));
  const total = onHand.get(params.id) ?? 0;
  const older = total - moves.reduce((s, m) => s + m.quantity, 0);
  const promised = reservedBy(runs).get(params.id) ?? 0;
  const reasons: Record<string, Opened> = {
    onHand: {
      reason: {
        label: `${yarn ? `${yarn.name}, ${yarn.shade}` : (notion?.name ?? "")}: on hand`,
        measure,
        value: of(total),
        from:
          promised > 0
            ? `the stock book; open runs have promised ${mass ? printMass(of(promised) as Grams, reading) : promised} of it`
            : "the stock book",
        parts: older === 0 ? shown : [...shown, { label: "older moves", measure, value: of(older) }],
      },
    },
  };
  return Response.json(reasons);
}
