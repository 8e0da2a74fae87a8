import type { Logger } from "pino";
import type { Database } from "../../../db/connect";
import { ownPrinter } from "./printer.server";
import { bringLabels } from "./queue.server";

/** Brings labels to the printer this server was started with, if any. */
export function keepPrinter(db: Database, log: Logger): { stop: () => void } {
  const printer = ownPrinter();
  return printer ? bringLabels(db, printer, log) : { stop: () => undefined };
}
