import { findWorkshop } from "@db/queries/workshops";
import { listCommissions, PROMISED } from "@db/queries/commissions";
import { listMarkets } from "@db/queries/places";
import { listOpenRuns } from "@db/queries/runs";
import { listPurchases } from "@db/queries/purchases";
import type { Scope } from "@db/scope";
import { printDay } from "../../ui/days";
import { loadShelves, plansOf } from "../runs/load.server";
import { todayOf } from "../../server/scope.server";
import { numberText } from "../commissions/words";
import { calendarFile, type DayAhead } from "./feed";

/**
 * What lies ahead of a workshop as a calendar file: due days, when a run is expected to be done, market days,
 * deliveries.
 */
export async function calendarOf(scope: Scope): Promise<string> {
  const workshop = await findWorkshop(scope.db, scope.workshopId);
  const today = todayOf(scope);
  const [runs, markets, commissions, purchases] = await Promise.all([
    listOpenRuns(scope),
    listMarkets(scope),
    listCommissions(scope),
    listPurchases(scope),
  ]);
  const plans = plansOf(await loadShelves(scope, runs), runs, today);
  const locale = workshop?.locale ?? "en-IE";
  const days: DayAhead[] = [
    ...runs.map((r): DayAhead => {
      const plan = plans.get(r.run.id);
      return {
        id: `run-${r.run.id}`,
        on: r.run.dueOn,
        title: `Due: ${r.run.name}`,
        note: [
          r.lines.map((l) => `${l.quantity} ${l.plannedWith.label}`).join(", "),
          plan?.finish ? `Expected to be done on ${printDay(plan.finish, locale, true)}.` : "",
        ]
          .filter(Boolean)
          .join("\n"),
      };
    }),
    ...runs
      .filter((r) => r.run.state === "planned")
      .map((r): DayAhead => ({ id: `begin-${r.run.id}`, on: r.run.startOn, title: `Begin: ${r.run.name}` })),
    ...markets
      .filter((m) => m.state !== "closed")
      .map((m): DayAhead => ({
        id: `market-${m.id}`,
        on: m.onDay,
        title: m.name,
        note: m.note || undefined,
      })),
    // A calendar is looked at by others too: it says what, and for nobody's name.
    ...commissions
      .filter((c) => PROMISED.includes(c.state))
      .map((c): DayAhead => ({
        id: `commission-${c.id}`,
        on: c.dueOn,
        title: `Promised: ${numberText(c)}`,
      })),
    ...purchases.flatMap(({ purchase: p }): DayAhead[] =>
      p.expectedOn === null || p.state !== "ordered"
        ? []
        : [{ id: `delivery-${p.id}`, on: p.expectedOn, title: "A delivery is expected" }],
    ),
  ];
  return calendarFile(workshop?.name ?? "Lapka", days, scope.now);
}
