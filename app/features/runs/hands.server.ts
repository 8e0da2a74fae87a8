import { type SpecialDays, type WeekHours, weekOf } from "@core/planning";
import type { Hand } from "@db/queries/hands";
import type { Scope } from "@db/scope";
import { loadMeasured } from "../../server/measured.server";
import { changedDays, specialDays } from "./days.server";

/** Somebody who works beside the maker, with her hours. */
export interface Helper {
  readonly id: string;
  readonly name: string;
  readonly week: WeekHours;
  readonly does: Hand["does"];
}

export const helperOf = (h: Hand): Helper => ({ id: h.id, name: h.name, week: weekOf(h), does: h.does });

/** Hands beside the maker's own, which is the first. */
export const helpersOf = async (scope: Scope): Promise<readonly Helper[]> =>
  (await loadMeasured(scope)).hands.slice(1).map(helperOf);

/** Hours of single days that differ from the week's, by hand. A market day is the maker's only. */
export async function specialByHand(scope: Scope): Promise<SpecialDays> {
  const [own, days] = await Promise.all([specialDays(scope), changedDays(scope)]);
  const out = new Map([["", own]]);
  for (const d of days)
    if (d.handId !== "")
      out.set(d.handId, new Map([...(out.get(d.handId) ?? []), [d.onDay, d.minutes / 60]]));
  return out;
}
