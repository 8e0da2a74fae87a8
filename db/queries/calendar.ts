import { createHash, randomBytes } from "node:crypto";
import { eq } from "drizzle-orm";
import type { Database } from "../connect";
import { calendarAddress } from "../schema";
import { mine, transact, type Scope } from "../scope";

const hashOf = (token: string): string => createHash("sha256").update(token).digest("hex");

/**
 * A new private address for the workshop's calendar; the one before it answers no more. Told once: its hash
 * alone is kept.
 */
export async function newCalendarAddress(scope: Scope): Promise<string> {
  const token = randomBytes(24).toString("base64url");
  const tokenHash = hashOf(token);
  await transact(scope, async (tx) => {
    await tx.db
      .insert(calendarAddress)
      .values({ workshopId: tx.workshopId, tokenHash, createdAt: tx.now })
      .onDuplicateKeyUpdate({ set: { tokenHash, createdAt: tx.now } });
  });
  return token;
}

export async function revokeCalendarAddress(scope: Scope): Promise<void> {
  await scope.db.delete(calendarAddress).where(mine(scope, calendarAddress));
}

/** When the address was made; undefined where there is none. */
export async function calendarAddressOf(scope: Scope): Promise<Date | undefined> {
  const [row] = await scope.db
    .select({ at: calendarAddress.createdAt })
    .from(calendarAddress)
    .where(mine(scope, calendarAddress));
  return row?.at;
}

/** Whose calendar an address is. The one query that is not asked for a workshop: the token says which. */
export async function workshopOfCalendar(db: Database, token: string): Promise<string | undefined> {
  if (!/^[A-Za-z0-9_-]{32}$/.test(token)) return undefined;
  const [row] = await db
    .select({ workshopId: calendarAddress.workshopId })
    .from(calendarAddress)
    .where(eq(calendarAddress.tokenHash, hashOf(token)))
    .limit(1);
  return row?.workshopId;
}
