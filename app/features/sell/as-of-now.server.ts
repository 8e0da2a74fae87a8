import { PULSES } from "@db/tables/pulse";
import { keep } from "../../server/kept";
import type { Opened } from "../../server/scope.server";
import { restsOn } from "../items/load.server";
import { loadCupboard } from "../materials/load.server";
import { specialDays } from "../runs/days.server";
import { ownSecondsLeft } from "../runs/lines";
import { loadRuns } from "../runs/load.server";

/**
 * Reckons what rests on everything there is only when something of it has changed. Runs, days and what is on its way
 * have no pulse of their own, so what they bring, take and promise is part of what it rests on.
 *
 * @param name of what there is one of in a workshop
 * @param asked what else it depends on
 */
export async function asOfNow<T>(
  opened: Opened,
  name: string,
  asked: unknown,
  reckon: () => Promise<T>,
): Promise<T> {
  const { scope, workshop } = opened;
  const [runs, days, cupboard] = await Promise.all([
    loadRuns(scope),
    specialDays(scope),
    loadCupboard(scope),
  ]);
  const rests = [
    asked,
    restsOn(scope, workshop),
    runs.map((r) => [r.run.dueOn, ownSecondsLeft(r), r.lines.map((l) => [l.id, l.quantity])]),
    cupboard.suppliers.map((x) => x.deliveryDays),
    ...[days, cupboard.reserved, cupboard.onOrder].map((m) => [...m]),
  ];
  return keep(scope, name, PULSES, reckon, JSON.stringify(rests));
}
