import { setTimeout as sleep } from "node:timers/promises";
import { randomUUID } from "node:crypto";
import type { Logger } from "pino";
import type { Database } from "@db/connect";
import { claimLabel, holdLabel, noteLabel, type Claimed } from "@db/queries/printer";
import { toldOf } from "../../server/log";
import type { LabelPrinter } from "./printer.server";

const LOOK_MS = 1000;
/** After a line that was cut: the printer is off, or was started again. */
const AGAIN_MS = 1500;

/**
 * Brings what waits to the label printer, a label at a time, as long as it runs. What became of a label is
 * written down before the next one is taken; a process that dies in between asks the printer for the same label
 * again, by the same id, and the printer prints nothing twice.
 */
export function bringLabels(db: Database, printer: LabelPrinter, log: Logger): { stop: () => void } {
  const holder = randomUUID();
  let stopping = false;
  const one = async (job: Claimed): Promise<void> => {
    const became = await printer.print(
      job.labelId,
      job.png,
      async () => stopping || !(await holdLabel(db, job, holder, new Date())),
    );
    if (became) await noteLabel(db, job, became, new Date());
    else await sleep(AGAIN_MS, undefined, { ref: false });
  };
  const work = async (): Promise<void> => {
    while (!stopping) {
      try {
        const job = await claimLabel(db, holder, new Date());
        if (job) await one(job);
        else await sleep(LOOK_MS, undefined, { ref: false });
      } catch (error) {
        log.error({ err: toldOf(error) }, "labels could not be printed");
        await sleep(AGAIN_MS, undefined, { ref: false });
      }
    }
  };
  void work();
  return { stop: () => void (stopping = true) };
}
