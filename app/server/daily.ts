import type { Logger } from "pino";
import { listCopies, makeCopy, outdated, throwAway } from "../../db/copies/copies";
import { drill, lastDrill } from "../../db/copies/drill";
import type { Database } from "../../db/connect";
import { forgetActs } from "../../db/queries/acts";
import { forgetCustomers } from "../../db/queries/commissions";
import { forgetPrintJobs } from "../../db/queries/printer";
import { forgetParcels } from "../../db/queries/shop";
import { forgetSessions } from "../../db/queries/sessions";
import { listWorkshops } from "../../db/queries/workshops";
import { toldOf } from "./log";

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** A page that stood open longer is loaded anew before it sends a form. */
const ACTS_DAYS = 30;
/** So often a copy is brought back for a trial. */
const DRILL_DAYS = 30;

/**
 * Looks every hour whether a day has passed since the last copy; makes one, and throws away those that the
 * rule no longer keeps.
 */
export function keepCopies(url: string, dir: string, db: Database, log: Logger): { stop: () => void } {
  let running = false;
  const look = async () => {
    if (running) return;
    running = true;
    try {
      const now = new Date();
      await forgetActs(db, new Date(now.getTime() - ACTS_DAYS * DAY));
      await forgetSessions(db, now);
      await forgetCustomers(db, now);
      await forgetParcels(db, now);
      await forgetPrintJobs(db, now);
      const last = listCopies(dir).find((c) => c.why === "daily");
      const due = !last || now.getTime() - Date.parse(last.madeAt) > DAY - HOUR / 2;
      if (due && (await listWorkshops(db)).length > 0) {
        await makeCopy(url, dir, "daily", now);
        throwAway(outdated(listCopies(dir)));
      }
      const drilled = lastDrill(dir);
      if (!drilled || now.getTime() - Date.parse(drilled.at) > DRILL_DAYS * DAY) {
        const done = await drill(url, dir, now);
        if (done && !done.ok)
          log.error({ copy: done.copy, why: done.why }, "a copy could not be brought back");
      }
    } catch (error) {
      log.error({ err: toldOf(error) }, "the daily copy could not be made");
    } finally {
      running = false;
    }
  };
  const first = setTimeout(() => void look(), 30_000);
  const timer = setInterval(() => void look(), HOUR);
  first.unref();
  timer.unref();
  return {
    stop: () => {
      clearTimeout(first);
      clearInterval(timer);
    },
  };
}
