import { createCookie, type AppLoadContext } from "react-router";
import { createWorkshop, findWorkshop, listWorkshops, type Workshop } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import type { Reading } from "@core/units";

/** Which workshop this browser works in. It names one, and is checked against the database each time. */
export const workshopCookie = createCookie("lapka-workshop", {
  path: "/",
  httpOnly: true,
  sameSite: "lax",
  maxAge: 60 * 60 * 24 * 400,
});

export interface Opened {
  readonly scope: Scope;
  readonly workshop: Workshop;
  readonly reading: Reading;
}

/** The workshop of this request: the one the browser chose, else the oldest, else a new empty one. */
export async function openWorkshop(request: Request, context: AppLoadContext): Promise<Opened> {
  const wanted: unknown = await workshopCookie.parse(request.headers.get("Cookie"));
  let workshop =
    typeof wanted === "string" && /^[0-9a-f-]{36}$/.test(wanted)
      ? await findWorkshop(context.db, wanted)
      : undefined;
  if (!workshop) {
    const [first] = await listWorkshops(context.db);
    workshop = await findWorkshop(context.db, first?.id ?? (await createWorkshop(context.db, "My workshop")));
  }
  if (!workshop) throw new Error("no workshop could be opened");
  return {
    scope: { db: context.db, workshopId: workshop.id, now: new Date() },
    workshop,
    reading: readingOf(workshop),
  };
}

export const readingOf = (w: Pick<Workshop, "locale" | "units" | "currency">): Reading => ({
  locale: w.locale,
  system: w.units,
  currency: w.currency,
});

/** Today in the workshop's own day, as YYYY-MM-DD. The server runs where she works. */
export function todayOf(now: Date): string {
  const two = (n: number) => String(n).padStart(2, "0");
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
