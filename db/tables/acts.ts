import { datetime, index, json, mysqlTable, primaryKey, varchar } from "drizzle-orm/mysql-core";
import { workshopId } from "./workshop";

/** What was answered to a form once. The same form again gets the same answer and changes nothing. */
export const formAct = mysqlTable(
  "form_act",
  {
    workshopId: workshopId(),
    /** SHA-256 of the form's key and content. */
    act: varchar({ length: 64 }).notNull(),
    answer: json().$type<KeptAnswer>(),
    at: datetime({ fsp: 3 }).notNull(),
  },
  (t) => [primaryKey({ columns: [t.workshopId, t.act] }), index("act_time").on(t.at)],
);

/** A redirect or a body with its status; cookies are never kept. */
export type KeptAnswer = { readonly to: string } | { readonly body: unknown; readonly status: number };
