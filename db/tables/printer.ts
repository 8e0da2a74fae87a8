import { datetime, index, int, mysqlEnum, mysqlTable, varchar } from "drizzle-orm/mysql-core";
import { createdAt, id, mediumblob, workshopId } from "./workshop";

export const PRINT_STATES = ["waiting", "doubt", "refused", "done", "cancelled"] as const;
/**
 * Labels that are to come out of the label printer, all alike, as they looked when they were asked for. `doubt`:
 * the next one began and may have come out; she says whether it did.
 */
export const printJob = mysqlTable(
  "print_job",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    /** What it is of: "Puffin: tags". */
    title: varchar({ length: 160 }).notNull(),
    itemId: id().notNull(),
    copies: int().notNull(),
    /** How many are out. */
    printed: int().notNull().default(0),
    /** How often the next one was tried: an attempt has an id of its own at the printer. */
    attempt: int().notNull().default(1),
    state: mysqlEnum(PRINT_STATES).notNull().default("waiting"),
    png: mediumblob().notNull(),
    /** One process brings it to the printer; until then nobody else does. */
    holder: varchar({ length: 36 }).notNull().default(""),
    busyUntil: datetime({ fsp: 3 }),
    endedAt: datetime({ fsp: 3 }),
    createdAt: createdAt(),
  },
  (t) => [
    index("print_job_of").on(t.workshopId, t.createdAt),
    index("print_job_next").on(t.state, t.createdAt),
  ],
);
