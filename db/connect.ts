import { drizzle, type MySql2Database } from "drizzle-orm/mysql2";
import mysql from "mysql2/promise";

export type Database = MySql2Database;

/** Requests wait for one of these; more than `QUEUE` waiting are told at once that the server is busy. */
const CONNECTIONS = 8;
const QUEUE = 120;
/**
 * Every connection: no statement longer than ten seconds, no wait for a lock longer than five, and each read
 * in a transaction sees what is committed by then: rows that decide are locked by name (`for update`), and
 * sums taken behind a lock must not be older than it.
 */
const SESSIONS = [
  "set session transaction isolation level read committed",
  "set session max_statement_time = 10, innodb_lock_wait_timeout = 5",
];

/**
 * Of several nodes one may be a moment behind: each statement then waits for what was committed before it, on
 * whichever node, so that what was written is read.
 */
const IN_A_CLUSTER = "set session wsrep_sync_wait = 7";

/**
 * Where the pages' connections go: the same database by a user who reads and writes rows and may not change tables,
 * so that a statement that should never be cannot drop them. `url` where there is no such user, or it is one of
 * another server.
 */
export function pagesUrl(url: string, pages: string | undefined): string {
  if (!pages) return url;
  const [own, least] = [new URL(url), new URL(pages)];
  if (own.host !== least.host) return url;
  least.pathname = own.pathname;
  return least.href;
}

/** A pool for the given server. Dates are UTC both ways; `close` ends all connections. */
export function connect(url: string): {
  db: Database;
  close: () => Promise<void>;
  pool: { readonly waiting: () => number; readonly open: () => number };
} {
  const pool = mysql.createPool({
    uri: url,
    connectionLimit: CONNECTIONS,
    queueLimit: QUEUE,
    connectTimeout: 5000,
    timezone: "Z",
    supportBigNumbers: true,
    dateStrings: ["DATE"],
  });
  pool.pool.on("connection", (c) => {
    for (const s of process.env.LAPKA_CLUSTER === "1" ? [...SESSIONS, IN_A_CLUSTER] : SESSIONS) c.query(s);
  });
  return {
    db: drizzle({ client: pool, casing: "snake_case" }),
    close: () => pool.end(),
    pool: {
      waiting: () => queued(pool.pool, "_connectionQueue"),
      open: () => queued(pool.pool, "_allConnections"),
    },
  };
}

/** How long a list of the pool's own is; the package tells it by no other way. */
function queued(pool: object, name: string): number {
  const list = (pool as Record<string, { length?: number } | undefined>)[name];
  return list?.length ?? 0;
}

/**
 * Codes of a database that is not there, does not answer, is full or is read-only: nothing was written, and
 * trying again later may help.
 */
const AWAY = new Set([
  "ECONNREFUSED",
  "ECONNRESET",
  "ENOENT",
  "EPIPE",
  "ETIMEDOUT",
  "PROTOCOL_CONNECTION_LOST",
  "PROTOCOL_ENQUEUE_AFTER_FATAL_ERROR",
  "ER_SERVER_SHUTDOWN",
  "ER_CON_COUNT_ERROR",
  "ER_LOCK_WAIT_TIMEOUT",
  "ER_LOCK_DEADLOCK",
  "ER_STATEMENT_TIMEOUT",
  "ER_QUERY_INTERRUPTED",
  "ER_RECORD_FILE_FULL",
  "ER_DISK_FULL",
  "ER_ERROR_ON_WRITE",
  "ER_OPTION_PREVENTS_STATEMENT",
  "ER_OPEN_AS_READONLY",
  "ER_READ_ONLY_MODE",
  "ER_INNODB_READ_ONLY",
]);

/** Is it the database that could not do it, and not what was asked? */
export function isDatabaseAway(error: unknown): boolean {
  for (let e: unknown = error, depth = 0; e !== undefined && depth < 5; depth++) {
    if (typeof e !== "object" || e === null) return false;
    if ("code" in e && typeof e.code === "string" && AWAY.has(e.code)) return true;
    if (
      "message" in e &&
      typeof e.message === "string" &&
      /^Queue limit reached|^Pool is closed/.test(e.message)
    )
      return true;
    e = "cause" in e ? e.cause : undefined;
  }
  return false;
}
