import { setTimeout as sleep } from "node:timers/promises";
import { RateLimiterMySQL, RateLimiterRes } from "rate-limiter-flexible";
import type { Database } from "../../db/connect";

const QUARTER_HOUR = 15 * 60;
const DAY = 86_400;
/** A try that failed makes the next one wait longer, up to this. */
const SLOWEST_MS = 2000;
const STEP_MS = 250;

/**
 * Wrong tries to sign in that are taken: for one name from one address, for one name from anywhere, from one
 * address.
 */
const LIMITS = {
  pair: { points: 10, duration: QUARTER_HOUR },
  name: { points: 100, duration: DAY },
  address: { points: 100, duration: QUARTER_HOUR },
} as const;
type Limit = keyof typeof LIMITS;

export interface Tries {
  /** Waits as long as the failed tries so far ask for; false when no further one is taken now. */
  readonly admit: () => Promise<boolean>;
  readonly failed: () => Promise<void>;
  /** The phrase was right: this name from this address begins anew. */
  readonly right: () => Promise<void>;
}

const limiters = new WeakMap<Database, Readonly<Record<Limit, RateLimiterMySQL>>>();

/** The counts lie in the database: every process of the app knows them, and a restart forgets none. */
function limitersOf(db: Database): Readonly<Record<Limit, RateLimiterMySQL>> {
  const made = limiters.get(db);
  if (made) return made;
  const { pool } = (
    db as unknown as { $client: { pool: { config: { connectionConfig: { database: string } } } } }
  ).$client;
  const of = (limit: Limit) =>
    new RateLimiterMySQL({
      storeClient: pool,
      storeType: "pool",
      dbName: pool.config.connectionConfig.database,
      tableName: "try_count",
      tableCreated: true,
      clearExpiredByTimeout: false,
      keyPrefix: limit,
      ...LIMITS[limit],
    });
  const all = { pair: of("pair"), name: of("name"), address: of("address") };
  limiters.set(db, all);
  return all;
}

/** Tries to get in by a name from an address, whether there is an account of that name or not. */
export function triesOf(db: Database, name: string, address: string): Tries {
  const l = limitersOf(db);
  const keys: Readonly<Record<Limit, string>> = {
    pair: `${name}|${address}`.slice(0, 200),
    name: name.slice(0, 200),
    address,
  };
  const each = Object.keys(LIMITS) as Limit[];
  return {
    admit: async () => {
      const had = await Promise.all(each.map((k) => l[k].get(keys[k])));
      const full = each.some((k, i) => (had[i]?.consumedPoints ?? 0) >= LIMITS[k].points);
      const wrong = had[0]?.consumedPoints ?? 0;
      await sleep(Math.min(SLOWEST_MS, wrong * STEP_MS));
      return !full;
    },
    failed: async () => {
      for (const k of each)
        await l[k].consume(keys[k]).catch((e: unknown) => {
          if (!(e instanceof RateLimiterRes)) throw e;
        });
    },
    right: async () => {
      await l.pair.delete(keys.pair);
    },
  };
}
