import { asc, eq, gte, inArray } from "drizzle-orm";
import { changing } from "../pulse";
import { mustOwn } from "../change";
import { dayHours, hand } from "../schema";
import { mine, NotThere, type Scope } from "../scope";

export type SpecialDay = Omit<typeof dayHours.$inferSelect, "workshopId">;

/** Days from one on whose hours are others than their weekday's. */
export const listDays = (scope: Scope, from: string): Promise<SpecialDay[]> =>
  scope.db
    .select({
      handId: dayHours.handId,
      onDay: dayHours.onDay,
      minutes: dayHours.minutes,
      note: dayHours.note,
    })
    .from(dayHours)
    .where(mine(scope, dayHours, gte(dayHours.onDay, from)))
    .orderBy(asc(dayHours.onDay));

/**
 * The hours that a day of the maker's was given go to another day, which has its weekday's so far.
 * @throws NotThere where the day has none of its own
 */
export async function moveDay(scope: Scope, from: string, to: string): Promise<"kept" | "taken"> {
  return changing(scope, "shelf", async (tx) => {
    const days = await tx.db
      .select()
      .from(dayHours)
      .where(mine(tx, dayHours, eq(dayHours.handId, ""), inArray(dayHours.onDay, [from, to])))
      .for("update");
    const own = days.find((d) => d.onDay === from);
    if (!own) throw new NotThere("The day");
    if (days.length > 1) return "taken";
    await tx.db
      .update(dayHours)
      .set({ onDay: to })
      .where(mine(tx, dayHours, eq(dayHours.handId, ""), eq(dayHours.onDay, from)));
    return "kept";
  });
}

/**
 * So many minutes on this day; `undefined` gives it its weekday's again.
 * @param handId whose day: "" for the maker's own. @throws NotThere where the workshop has no such hand
 */
export async function setDays(
  scope: Scope,
  days: readonly string[],
  minutes: number | undefined,
  note: string,
  handId = "",
): Promise<void> {
  if (days.length === 0) return;
  await changing(scope, "shelf", async (tx) => {
    if (handId !== "") await mustOwn(tx, hand, handId, "The hand");
    if (minutes === undefined)
      await tx.db
        .delete(dayHours)
        .where(mine(tx, dayHours, eq(dayHours.handId, handId), inArray(dayHours.onDay, [...days])));
    else
      await tx.db
        .insert(dayHours)
        .values(days.map((onDay) => ({ workshopId: tx.workshopId, handId, onDay, minutes, note })))
        .onDuplicateKeyUpdate({ set: { minutes, note } });
  });
}

/** The same of one day. */
export const setDay = (
  scope: Scope,
  onDay: string,
  minutes: number | undefined,
  note: string,
  handId = "",
): Promise<void> => setDays(scope, [onDay], minutes, note, handId);
