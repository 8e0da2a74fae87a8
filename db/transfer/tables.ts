import { getTableName, is } from "drizzle-orm";
import { getTableConfig, MySqlTable, type MySqlColumn } from "drizzle-orm/mysql-core";
import * as schema from "../schema";

/**
 * People and what they sign in with are an installation's, not a workshop's; acts and beats mean nothing
 * elsewhere.
 */
export const STAYS: ReadonlySet<MySqlTable> = new Set<MySqlTable>([
  schema.account,
  schema.member,
  schema.session,
  schema.recoveryCode,
  schema.passkey,
  schema.passkeyAsk,
  schema.invitation,
  schema.tryCount,
  schema.formAct,
  schema.calendarAddress,
  schema.pulse,
  // What waits for the printer of this machine.
  schema.printJob,
]);

export interface Table {
  readonly name: string;
  readonly table: MySqlTable;
  /** Columns by the name that the program has for them. */
  readonly columns: readonly (readonly [string, MySqlColumn])[];
  readonly primary: readonly string[];
  /** Columns that name a row of another table that goes along. */
  readonly refers: readonly { readonly column: string; readonly to: string; readonly at: string }[];
}

function described(table: MySqlTable): Table {
  const config = getTableConfig(table);
  const names = new Map<MySqlColumn, string>(
    Object.entries(table as unknown as Record<string, MySqlColumn>)
      .filter(([, c]) => config.columns.includes(c))
      .map(([name, c]) => [c, name]),
  );
  const nameOf = (c: MySqlColumn | undefined) => (c && names.get(c)) ?? "";
  const primary = config.primaryKeys.flatMap((p) => p.columns);
  return {
    name: getTableName(table),
    table,
    columns: config.columns.map((c) => [nameOf(c), c] as const),
    primary: (primary.length > 0 ? primary : config.columns.filter((c) => c.primary)).map(nameOf),
    refers: config.foreignKeys.map((f) => {
      const { columns, foreignTable, foreignColumns } = f.reference();
      const [at] = foreignColumns;
      const [there] = Object.entries(foreignTable as unknown as Record<string, MySqlColumn>).find(
        ([, c]) => c === at,
      ) ?? [""];
      return { column: nameOf(columns[0]), to: getTableName(foreignTable), at: there };
    }),
  };
}

/** A column that holds a picture: it lies beside the file. */
export const isPicture = (column: MySqlColumn): boolean => column.columnType === "MySqlCustomColumn";

/** The tables that go along with a workshop; each after those that its rows refer to. */
export const TABLES: readonly Table[] = inOrder(
  Object.values(schema)
    .filter((t) => is(t, MySqlTable) && !STAYS.has(t))
    .map((t) => described(t as MySqlTable)),
);

function inOrder(all: readonly Table[]): Table[] {
  const out: Table[] = [];
  const put = (t: Table) => {
    if (out.includes(t)) return;
    for (const r of t.refers) {
      const to = all.find((x) => x.name === r.to);
      if (to && to !== t) put(to);
    }
    out.push(t);
  };
  for (const t of [...all].sort((a, b) => (a.name < b.name ? -1 : 1))) put(t);
  return out;
}
