import { createHash } from "node:crypto";
import { eq, sql } from "drizzle-orm";
import { trail, trailHead } from "./schema";
import type { Scope } from "./scope";
import type { TrailDetail } from "./tables/accounts";

/** Who acts, and what they ask for: what a change leaves in the trail. */
export interface Doing {
  /** Null for the open demo. */
  readonly accountId: string | null;
  readonly who: string;
  /** "item:save" */
  readonly what: string;
  readonly subject: string;
  readonly detail: TrailDetail;
}

export interface TrailRow extends Doing {
  readonly seq: number;
  readonly at: Date;
  readonly hash: string;
}

/** Before the first row. */
export const NO_HASH = "0".repeat(64);

/** The hash of a row and of all before it: SHA-256 over what it says, field by field, in one order. */
export function trailHash(before: string, workshopId: string, row: Omit<TrailRow, "hash">): string {
  const detail = Object.entries(row.detail).sort(([a], [b]) => (a < b ? -1 : 1));
  const said = [
    workshopId,
    row.seq,
    row.at.toISOString(),
    row.accountId,
    row.who,
    row.what,
    row.subject,
    detail,
  ];
  return createHash("sha256")
    .update(`${before}\n${JSON.stringify(said)}`)
    .digest("hex");
}

/**
 * Adds a row in the transaction of the act itself: both are kept, or neither is. The head of the trail is
 * locked, which puts the acts of a workshop in one order; it is asked for last, so nobody waits for it longer
 * than a commit takes.
 */
export async function writeTrail(tx: Scope, doing: Doing): Promise<void> {
  const { workshopId } = tx;
  // "Ignore" would share the row's lock, and two who share it can neither write: this one asks for all of it.
  await tx.db
    .insert(trailHead)
    .values({ workshopId, seq: 0, hash: NO_HASH })
    .onDuplicateKeyUpdate({ set: { seq: sql`${trailHead.seq}` } });
  const [head] = await tx.db
    .select()
    .from(trailHead)
    .where(eq(trailHead.workshopId, workshopId))
    .for("update");
  const seq = (head?.seq ?? 0) + 1;
  const row = { ...doing, seq, at: tx.now };
  const hash = trailHash(head?.hash ?? NO_HASH, workshopId, row);
  await tx.db.insert(trail).values({ ...row, workshopId, hash });
  await tx.db.update(trailHead).set({ seq, hash }).where(eq(trailHead.workshopId, workshopId));
}

/**
 * The first row that is not as it was written, or is missing; undefined while the trail is whole. Rows in
 * order.
 */
export function brokenAt(
  workshopId: string,
  rows: Iterable<TrailRow>,
  head: { readonly seq: number; readonly hash: string } | undefined,
): number | undefined {
  let before = NO_HASH;
  let seq = 0;
  for (const row of rows) {
    seq++;
    if (row.seq !== seq || trailHash(before, workshopId, row) !== row.hash) return seq;
    before = row.hash;
  }
  return seq === (head?.seq ?? 0) && before === (head?.hash ?? NO_HASH) ? undefined : seq + 1;
}
