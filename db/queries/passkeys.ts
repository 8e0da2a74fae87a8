import { and, asc, eq, lt, sql } from "drizzle-orm";
import type { Database } from "../connect";
import { passkey, passkeyAsk } from "../schema";
import { hashOfSecret } from "./sessions";

export type Passkey = typeof passkey.$inferSelect;
/** Somebody has to find the device and unlock it. */
const ASK_MS = 5 * 60_000;

export const passkeysOf = (db: Database, accountId: string): Promise<Passkey[]> =>
  db.select().from(passkey).where(eq(passkey.accountId, accountId)).orderBy(asc(passkey.createdAt));

export async function findPasskey(db: Database, id: string): Promise<Passkey | undefined> {
  const [row] = await db.select().from(passkey).where(eq(passkey.id, id)).limit(1);
  return row;
}

/** Keeps a passkey; false where it is known already, whosever it is. */
export async function addPasskey(
  db: Database,
  of: Pick<Passkey, "id" | "accountId" | "publicKey" | "counter" | "transports" | "name">,
  now: Date,
): Promise<boolean> {
  const [head] = await db
    .insert(passkey)
    .ignore()
    .values({ ...of, createdAt: now });
  return head.affectedRows > 0;
}

/** It signed somebody in. False where its count did not grow: another one like it signed before. */
export async function notePasskeyUse(db: Database, id: string, counter: number, now: Date): Promise<boolean> {
  const [head] = await db
    .update(passkey)
    .set({ counter, usedAt: now })
    .where(
      and(
        eq(passkey.id, id),
        // A device that does not count says 0 for ever.
        counter === 0 ? eq(passkey.counter, 0) : sql`${passkey.counter} < ${counter}`,
      ),
    );
  return head.affectedRows > 0;
}

export const removePasskey = (db: Database, accountId: string, id: string): Promise<unknown> =>
  db.delete(passkey).where(and(eq(passkey.accountId, accountId), eq(passkey.id, id)));

/** All of an account's, and how many there were. */
export async function removePasskeys(db: Database, accountId: string): Promise<number> {
  const [head] = await db.delete(passkey).where(eq(passkey.accountId, accountId));
  return head.affectedRows;
}

/** Remembers what is to be signed; what was never signed is forgotten. */
export async function beginAsk(
  db: Database,
  challenge: string,
  accountId: string | null,
  now: Date,
): Promise<void> {
  await db.delete(passkeyAsk).where(lt(passkeyAsk.endsAt, now));
  await db
    .insert(passkeyAsk)
    .values({ hash: hashOfSecret(challenge), accountId, endsAt: new Date(now.getTime() + ASK_MS) });
}

/** Was this asked, for this account, and not answered yet? Taken once. */
export async function takeAsk(
  db: Database,
  challenge: string,
  accountId: string | null,
  now: Date,
): Promise<boolean> {
  const [row] = await db
    .select()
    .from(passkeyAsk)
    .where(eq(passkeyAsk.hash, hashOfSecret(challenge)));
  const [head] = await db.delete(passkeyAsk).where(eq(passkeyAsk.hash, hashOfSecret(challenge)));
  return head.affectedRows > 0 && row !== undefined && row.accountId === accountId && row.endsAt > now;
}
