import { data } from "react-router";
import { z } from "zod";
import { moveDay } from "@db/queries/days";
import { findMarket, saveMarket } from "@db/queries/places";
import { setRunDay } from "@db/queries/run-change";
import { ChangedMeanwhile, NotThere } from "@db/scope";
import { isoDay } from "../../forms";
import { refused } from "../../server/form.server";
import { todayOf, type Opened } from "../../server/scope.server";

const schema = z.object({
  what: z.enum(["due", "begin", "market", "day"]),
  /** Of a run or a market; a day of hers is known by itself. */
  id: z.union([z.literal(""), z.uuid()]).default(""),
  from: isoDay("Choose the day."),
  to: isoDay("Choose the day."),
});

/** What stands on one day goes to another: a run's first or due day, a market that is ahead, hours of a day. */
export async function shift(form: FormData, { scope }: Opened) {
  const got = schema.safeParse(Object.fromEntries(form));
  if (!got.success) throw data(null, { status: 400 });
  const { what, id, from, to } = got.data;
  // A run that was to begin on a day that is over begins today: that is a way back, too.
  if (what === "begin") {
    if ((await setRunDay(scope, id, "startOn", from, to)) === "crossed")
      throw refused("The run is due before that day: choose an earlier one, or put its due day off.", 422);
    return data({});
  }
  if (to < todayOf(scope)) throw refused("That day is over: choose one that is ahead.", 422);
  if (what === "due" && (await setRunDay(scope, id, "dueOn", from, to)) === "crossed")
    throw refused("The run begins after that day: choose a later one, or change when it begins.", 422);
  if (what === "day" && (await moveDay(scope, from, to)) === "taken")
    throw refused("That day has hours of its own already: give it its usual ones first.", 409);
  if (what === "market") {
    const m = await findMarket(scope, id);
    if (!m || m.state !== "planned") throw new NotThere("The market day");
    if (m.onDay !== from) throw new ChangedMeanwhile("The market day");
    const { name, channelId, placeId, float, note, version } = m;
    await saveMarket(scope, { id, name, channelId, placeId, float, note, onDay: to }, version);
  }
  return data({});
}
