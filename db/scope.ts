import { and, eq, type Column, type SQL } from "drizzle-orm";
import { v7 } from "uuid";
import { writeBeats } from "./beats";
import type { Database } from "./connect";
import type { PULSES } from "./tables/pulse";
import { writeTrail, type Doing } from "./trail";

/** The one place where queries are tied to a workshop: every query function takes a Scope and uses `mine`. */
export interface Scope {
  readonly db: Database;
  readonly workshopId: string;
  readonly now: Date;
  /** The zone whose days are hers; undefined for that of the computer. */
  readonly zone?: string | undefined;
  /** Set for a request that changes nothing: what was read once in it holds for all of it. */
  readonly reads?: true;
  /** Set inside a transaction: what is called there belongs to it. */
  readonly within?: true;
  /** What changed in it and beats when it ends. */
  readonly due?: Set<(typeof PULSES)[number]>;
  /** Who acts: each transaction leaves a row in the trail. The program itself leaves none. */
  readonly doing?: Doing;
}

export function mine(
  scope: Scope,
  table: { workshopId: Column },
  ...more: (SQL | undefined)[]
): SQL | undefined {
  return and(eq(table.workshopId, scope.workshopId), ...more);
}

/** Time-ordered id (UUIDv7, RFC 9562). */
export const newId = (): string => v7();

/** Something another tab or person changed first; nothing was written. */
export class ChangedMeanwhile extends Error {
  constructor(readonly what: string) {
    super(`${what} was changed meanwhile`);
    this.name = "ChangedMeanwhile";
  }
}

/** Something that is not there, or not in this workshop. */
export class NotThere extends Error {
  constructor(readonly what: string) {
    super(`${what} is not in this workshop`);
    this.name = "NotThere";
  }
}

/** Waiting for a lock is long already: twice is enough. A deadlock is over at once, and rare again. */
const TRIES = { deadlock: 4, lockWait: 2 } as const;

/**
 * One transaction; inside another one it is part of that. Only the outermost is tried again: a deadlock rolls
 * all of it back, so an inner part alone must never be repeated. Runs again when the server picked it as a
 * deadlock's victim (1213) or it waited too long (1205).
 */
export async function transact<T>(scope: Scope, work: (tx: Scope) => Promise<T>): Promise<T> {
  if (scope.within) return work(scope);
  for (let attempt = 1; ; attempt++) {
    try {
      return await scope.db.transaction(async (tx) => {
        const due = new Set<(typeof PULSES)[number]>();
        const inside: Scope = { ...scope, db: tx as unknown as Database, within: true, due };
        const done = await work(inside);
        if (scope.doing) await writeTrail(inside, scope.doing);
        await writeBeats(inside, due);
        return done;
      });
    } catch (error) {
      const errno = errnoOf(error);
      const most = errno === 1213 ? TRIES.deadlock : errno === 1205 ? TRIES.lockWait : 0;
      if (attempt >= most) throw error;
    }
  }
}

/**
 * Leaves a row in a workshop's trail of something that is no change of its rows: that it began, or came in.
 */
export const leaveTrail = (scope: Scope): Promise<void> => transact(scope, () => Promise.resolve());

function errnoOf(error: unknown): unknown {
  const cause = error instanceof Error && error.cause !== undefined ? error.cause : error;
  return typeof cause === "object" && cause !== null && "errno" in cause ? cause.errno : undefined;
}
