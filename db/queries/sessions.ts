import { createHash, randomBytes } from "node:crypto";
import { and, desc, eq, lt, ne, sql } from "drizzle-orm";
import type { Database } from "../connect";
import { account, member, session, tryCount } from "../schema";
import type { Role } from "../tables/accounts";

/** A secret of 256 bits, and what is kept of it. */
export const drawSecret = (): { secret: string; hash: string } => {
  const secret = randomBytes(32).toString("base64url");
  return { secret, hash: hashOfSecret(secret) };
};
/** Secrets are drawn at random, so a plain hash keeps them: there is nothing to guess. */
export const hashOfSecret = (secret: string): string => createHash("sha256").update(secret).digest("hex");

/** Seconds after which a session that is not used ends, and after which it ends in any case. */
export const SESSIONS = {
  /** On a device that others use too. */
  shared: { idle: 30 * 60, whole: 12 * 3600 },
  /** On a device of one's own. */
  own: { idle: 30 * 86_400, whole: 180 * 86_400 },
} as const;

/** How exactly the last use is known: a row is not written at every request. */
const SEEN_STEP_MS = 60_000;

export interface SessionUse {
  readonly tokenHash: string;
  readonly accountId: string;
  readonly name: string;
  /** The workshop that is open in it; undefined when the account is in none of that id (any more). */
  readonly workshopId: string | undefined;
  readonly role: Role | undefined;
  readonly handId: string | undefined;
  /** When who sits there last showed who they are. */
  readonly provedAt: Date | undefined;
}

/** Begins a session and answers its secret, which is told to the browser and kept nowhere. */
export async function beginSession(
  db: Database,
  of: {
    accountId: string;
    workshopId: string | null;
    device: string;
    kind: keyof typeof SESSIONS;
    /** A link lets somebody in who has shown nothing. */
    proved?: boolean;
  },
  now: Date,
): Promise<string> {
  const { secret, hash } = drawSecret();
  const { idle, whole } = SESSIONS[of.kind];
  await db.insert(session).values({
    tokenHash: hash,
    accountId: of.accountId,
    workshopId: of.workshopId,
    device: of.device.slice(0, 80),
    createdAt: now,
    seenAt: now,
    idleSeconds: idle,
    endsAt: new Date(now.getTime() + whole * 1000),
    provedAt: of.proved === false ? null : now,
  });
  return secret;
}

/** Who a browser is. Answers nothing for a session that ended, is unknown, or lay unused for too long. */
export async function useSession(db: Database, secret: string, now: Date): Promise<SessionUse | undefined> {
  if (!/^[A-Za-z0-9_-]{43}$/.test(secret)) return undefined;
  const tokenHash = hashOfSecret(secret);
  const [row] = await db
    .select({
      accountId: session.accountId,
      name: account.name,
      workshopId: member.workshopId,
      role: member.role,
      handId: member.handId,
      seenAt: session.seenAt,
      idleSeconds: session.idleSeconds,
      endsAt: session.endsAt,
      provedAt: session.provedAt,
    })
    .from(session)
    .innerJoin(account, eq(account.id, session.accountId))
    .leftJoin(member, and(eq(member.accountId, session.accountId), eq(member.workshopId, session.workshopId)))
    .where(eq(session.tokenHash, tokenHash))
    .limit(1);
  if (!row) return undefined;
  const idle = now.getTime() - row.seenAt.getTime();
  if (row.endsAt <= now || idle > row.idleSeconds * 1000) {
    await endSession(db, tokenHash);
    return undefined;
  }
  if (idle > SEEN_STEP_MS)
    await db.update(session).set({ seenAt: now }).where(eq(session.tokenHash, tokenHash));
  return {
    tokenHash,
    accountId: row.accountId,
    name: row.name,
    workshopId: row.workshopId ?? undefined,
    role: row.role ?? undefined,
    handId: row.handId ?? undefined,
    provedAt: row.provedAt ?? undefined,
  };
}

/** Who sits there has shown once more who they are. */
export const noteProved = (db: Database, tokenHash: string, now: Date): Promise<unknown> =>
  db.update(session).set({ provedAt: now }).where(eq(session.tokenHash, tokenHash));

/** Another workshop is open in this browser from now on. */
export const openInSession = (db: Database, tokenHash: string, workshopId: string): Promise<unknown> =>
  db.update(session).set({ workshopId }).where(eq(session.tokenHash, tokenHash));

export const endSession = (db: Database, tokenHash: string): Promise<unknown> =>
  db.delete(session).where(eq(session.tokenHash, tokenHash));

/** Signs an account out everywhere, but for one browser where that is named. */
export async function endSessions(db: Database, accountId: string, but?: string): Promise<number> {
  const [head] = await db
    .delete(session)
    .where(and(eq(session.accountId, accountId), but === undefined ? undefined : ne(session.tokenHash, but)));
  return head.affectedRows;
}

/** One browser of an account's, named by the first letters of its hash. */
export async function endDevice(db: Database, accountId: string, mark: string): Promise<void> {
  await db
    .delete(session)
    .where(and(eq(session.accountId, accountId), sql`left(${session.tokenHash}, 16) = ${mark}`));
}

export interface Device {
  /** Enough of the hash to name it; it opens nothing. */
  readonly mark: string;
  readonly device: string;
  readonly since: Date;
  readonly seenAt: Date;
}

export async function devicesOf(db: Database, accountId: string): Promise<Device[]> {
  const rows = await db
    .select()
    .from(session)
    .where(eq(session.accountId, accountId))
    .orderBy(desc(session.seenAt));
  return rows.map((r) => ({
    mark: markOf(r.tokenHash),
    device: r.device,
    since: r.createdAt,
    seenAt: r.seenAt,
  }));
}
export const markOf = (tokenHash: string): string => tokenHash.slice(0, 16);

/** Sessions that are over are forgotten, and tries that no longer count. */
export async function forgetSessions(db: Database, now: Date): Promise<void> {
  await db.delete(session).where(lt(session.endsAt, now));
  await db.delete(tryCount).where(lt(tryCount.expire, now.getTime()));
}
