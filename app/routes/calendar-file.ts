import { workshopOfCalendar } from "@db/queries/calendar";
import { findWorkshop } from "@db/queries/workshops";
import type { Route } from "./+types/calendar-file";
import { calendarOf } from "../features/calendar/days.server";
import { openWorkshop } from "../server/scope.server";

/** Hours that a calendar program may show what it has. */
const FRESH_SECONDS = 3600;

/**
 * The calendar as a file: of the workshop that is open, or of the one that a private address belongs to. An
 * address that is not known, or was taken back, is not there: it says nothing of why.
 */
export async function loader({ request, params, context }: Route.LoaderArgs): Promise<Response> {
  if (params.token === undefined) {
    const { scope } = await openWorkshop(request, context);
    return answer(await calendarOf(scope));
  }
  const workshopId = await workshopOfCalendar(context.db, params.token);
  const workshop = workshopId === undefined ? undefined : await findWorkshop(context.db, workshopId);
  if (!workshop) return new Response("Not found", { status: 404 });
  return answer(
    await calendarOf({
      db: context.db,
      workshopId: workshop.id,
      now: new Date(),
      zone: workshop.timeZone || undefined,
    }),
  );
}

const answer = (text: string): Response =>
  new Response(text, {
    headers: {
      "Content-Type": "text/calendar; charset=utf-8",
      "Content-Disposition": 'attachment; filename="lapka.ics"',
      "Cache-Control": `private, max-age=${FRESH_SECONDS}`,
    },
  });
