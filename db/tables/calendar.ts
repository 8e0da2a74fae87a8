import { date, index, int, mysqlTable, primaryKey, varchar } from "drizzle-orm/mysql-core";
import { createdAt, workshopId } from "./workshop";

/**
 * A private address that a calendar program asks for what lies ahead; only its hash is kept. One a workshop.
 */
export const calendarAddress = mysqlTable(
  "calendar_address",
  {
    workshopId: workshopId().primaryKey(),
    /** SHA-256 of the token, hexadecimal. */
    tokenHash: varchar({ length: 64 }).notNull(),
    createdAt: createdAt(),
  },
  (t) => [index("calendar_token").on(t.tokenHash)],
);

/** A day whose hours are others than its weekday's: none on a day off, more on a long one. */
export const dayHours = mysqlTable(
  "day_hours",
  {
    workshopId: workshopId(),
    /** Whose day: "" for the maker's own. */
    handId: varchar({ length: 36 }).notNull().default(""),
    onDay: date({ mode: "string" }).notNull(),
    minutes: int().notNull(),
    note: varchar({ length: 80 }).notNull().default(""),
  },
  (t) => [primaryKey({ columns: [t.workshopId, t.handId, t.onDay] })],
);
