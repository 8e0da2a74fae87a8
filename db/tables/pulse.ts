import { bigint, mysqlEnum, mysqlTable, primaryKey, varchar } from "drizzle-orm/mysql-core";
import { workshopId } from "./workshop";

/** What is read far more often than it changes, and is kept between requests until it does. */
export const PULSES = ["materials", "measured", "items", "stock", "shelf"] as const;

/** One row for each of them: another value whenever anything of it changes, written with the change. */
export const pulse = mysqlTable(
  "pulse",
  {
    workshopId: workshopId(),
    of: mysqlEnum(PULSES).notNull(),
    /** Drawn anew at each change, so that a copy that is brought back never looks like a later state. */
    beat: varchar({ length: 36 }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.workshopId, t.of] })],
);

/**
 * What is on hand: the sum of a material's moves, ball by ball, kept with the ledger in the same transaction.
 */
export const stockBalance = mysqlTable(
  "stock_balance",
  {
    workshopId: workshopId(),
    materialId: varchar({ length: 36 }).notNull(),
    /** Empty for moves that name no ball. */
    ballId: varchar({ length: 36 }).notNull(),
    /** mg for yarn and filling, pieces for the rest. */
    quantity: bigint({ mode: "number" }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.workshopId, t.materialId, t.ballId] })],
);
