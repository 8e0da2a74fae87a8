import type { Logger } from "pino";
import type { Database } from "../../../db/connect";
import { shopsDue } from "../../../db/queries/shop";
import { findWorkshop } from "../../../db/queries/workshops";
import { shopRound } from "./round.server";
import { ownShop, shopFeed } from "./shop.server";
import { toldOf } from "../../server/log";

const LOOK_MS = 5000;

/**
 * Asks the shops whose time has come, one after the other. Every process may look: a shop is asked by one of
 * them at a time.
 */
export function keepShops(db: Database, log: Logger): { stop: () => void } {
  const at = ownShop();
  if (!at) return { stop: () => undefined };
  let running = false;
  /** What goes wrong with one shop keeps no other from being asked. */
  const one = async (id: string) => {
    try {
      const workshop = await findWorkshop(db, id);
      if (!workshop) return;
      const scope = { db, workshopId: id, now: new Date(), zone: workshop.timeZone || undefined };
      const round = await shopRound(scope, workshop, shopFeed(at, id));
      if (round.kind === "failed") log.warn({ workshop: id, why: round.why }, "a shop could not be asked");
    } catch (error) {
      log.error({ workshop: id, err: toldOf(error) }, "the round with a shop ended early");
    }
  };
  const look = async () => {
    if (running) return;
    running = true;
    try {
      for (const id of await shopsDue(db, new Date())) await one(id);
    } catch (error) {
      log.error({ err: toldOf(error) }, "the shops that are due could not be listed");
    } finally {
      running = false;
    }
  };
  const timer = setInterval(() => void look(), LOOK_MS);
  timer.unref();
  return { stop: () => clearInterval(timer) };
}
