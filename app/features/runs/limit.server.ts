import { daysOverLimit, type DayOverLimit } from "@core/planning";
import type { Scope } from "@db/scope";
import { loadMeasured } from "../../server/measured.server";

/** A day above its hand's limit, with whose it is: no name for the maker's own. */
export interface TooLong extends DayOverLimit {
  readonly name: string | undefined;
}

/** Days on which plans lay more on a hand than it is to be given. */
export async function tooLongDays(
  scope: Scope,
  days: Iterable<{ readonly on: string; readonly hand: string; readonly hours: number }>,
): Promise<readonly TooLong[]> {
  const { hands } = await loadMeasured(scope);
  const [own] = hands;
  const of = (hand: string) => (hand === "" ? own : hands.find((h) => h.id === hand));
  return daysOverLimit(days, (hand) => (of(hand)?.dayLimitMinutes ?? 0) / 60).map((d) => ({
    ...d,
    name: d.hand === "" ? undefined : of(d.hand)?.name,
  }));
}
