import { minor, type Minor } from "@core/units";
import {
  date,
  datetime,
  index,
  int,
  mysqlEnum,
  mysqlTable,
  uniqueIndex,
  varchar,
} from "drizzle-orm/mysql-core";
import { createdAt, deletedAt, id, version, workshopId } from "./workshop";

export const COMMISSION_STATES = ["asked", "agreed", "making", "ready", "handed", "off"] as const;

/**
 * Something made for somebody who asked for it. Of the person only a name and a way to reach them are kept,
 * and both can be forgotten while the work and its money stay in the book.
 */
export const commission = mysqlTable(
  "commission",
  {
    id: id().primaryKey(),
    workshopId: workshopId(),
    /** Counted within the workshop: what quote and receipt are called by. */
    number: int().notNull(),
    state: mysqlEnum(COMMISSION_STATES).notNull().default("asked"),
    /** "" once they are forgotten. */
    customer: varchar({ length: 80 }).notNull(),
    reach: varchar({ length: 160 }).notNull().default(""),
    itemId: id().notNull(),
    /** "" for the item's own colours. */
    colourwayId: varchar({ length: 36 }).notNull().default(""),
    /** What is other than the item: "hat in mustard, a scarf". */
    wishes: varchar({ length: 500 }).notNull().default(""),
    quantity: int().notNull(),
    channelId: id().notNull(),
    /** For all of it, as the customer pays. Minor units. */
    price: int().$type<Minor>().notNull(),
    depositAsked: int().$type<Minor>().notNull().default(minor(0)),
    depositPaid: int().$type<Minor>().notNull().default(minor(0)),
    depositOn: date({ mode: "string" }),
    dueOn: date({ mode: "string" }).notNull(),
    /** The run that makes it. */
    runId: id(),
    /** The sale that it became. */
    saleKey: varchar({ length: 80 }),
    handedOn: date({ mode: "string" }),
    /** When it was handed over or called off: from then on its customer is forgotten after a while. */
    endedAt: datetime({ fsp: 3 }),
    forgottenAt: datetime({ fsp: 3 }),
    version: version(),
    createdAt: createdAt(),
    deletedAt: deletedAt(),
  },
  (t) => [
    index("commission_due").on(t.workshopId, t.state, t.dueOn),
    uniqueIndex("commission_number").on(t.workshopId, t.number),
  ],
);
