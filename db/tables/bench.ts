import type { Milligrams } from "@core/units";
import {
  bigint,
  datetime,
  index,
  int,
  mysqlEnum,
  mysqlTable,
  primaryKey,
  varchar,
} from "drizzle-orm/mysql-core";
import { runLine } from "./runs";
import { id, workshopId } from "./workshop";

export const BENCH_ACTS = ["done", "undo", "again", "note", "work", "weighed"] as const;

/**
 * What was done at the table, act by act: the state is what they come to (`benchState`). Nothing is changed
 * or taken out.
 */
export const benchAct = mysqlTable(
  "bench_act",
  {
    workshopId: workshopId(),
    /** Given by the device: sent again, it is the same act. */
    actKey: varchar({ length: 64 }).notNull(),
    lineId: id()
      .notNull()
      .references(() => runLine.id, { onDelete: "cascade" }),
    handId: id(),
    device: varchar({ length: 40 }).notNull(),
    /** Milliseconds since 1970 by the device's clock. */
    at: bigint({ mode: "number" }).notNull(),
    kind: mysqlEnum(BENCH_ACTS).notNull(),
    piece: int(),
    step: varchar({ length: 40 }),
    ms: int(),
    /** The act that is undone, or called work. */
    about: varchar({ length: 64 }),
    text: varchar({ length: 500 }),
    /** The ball that was weighed, and what was on it then. */
    ballId: id(),
    mg: int().$type<Milligrams>(),
    keptAt: datetime({ fsp: 3 }).notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.workshopId, t.actKey] }),
    index("act_line").on(t.workshopId, t.lineId, t.at),
  ],
);
