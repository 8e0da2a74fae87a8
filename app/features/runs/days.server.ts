import type { DayHours } from "@core/planning";
import { listDays, type SpecialDay } from "@db/queries/days";
import { listMarkets } from "@db/queries/places";
import type { Scope } from "@db/scope";
import { readOnce } from "../../server/kept";
import { todayOf } from "../../server/scope.server";

/** Days that were given hours of their own, whoever's, from today on. */
export const changedDays = (scope: Scope): Promise<readonly SpecialDay[]> =>
  readOnce(scope, "changed days", () => listDays(scope, todayOf(scope)));

/**
 * Hours of the maker's single days that differ from the week's: those that she gave them, and none on a market day, which
 * is spent at the stall.
 */
export async function specialDays(scope: Scope): Promise<DayHours> {
  const [markets, days] = await Promise.all([
    readOnce(scope, "market days", () => listMarkets(scope)),
    changedDays(scope),
  ]);
  const today = todayOf(scope);
  return new Map([
    ...markets.filter((m) => m.state !== "closed" && m.onDay >= today).map((m) => [m.onDay, 0] as const),
    ...days.filter((d) => d.handId === "").map((d) => [d.onDay, d.minutes / 60] as const),
  ]);
}
