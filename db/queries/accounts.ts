import { and, asc, count, eq, isNull, sql } from "drizzle-orm";
import type { Database } from "../connect";
import { account, member, recoveryCode, workshop } from "../schema";
import { mine, newId, transact, type Scope } from "../scope";
import type { Role } from "../tables/accounts";

export { ROLES, type Role } from "../tables/accounts";
export type Account = typeof account.$inferSelect;

/** A name is taken already: two that look alike would be one person to everybody who reads them. */
export class NameTaken extends Error {
  constructor(readonly taken: string) {
    super(`there is an account named ${taken} already`);
    this.name = "NameTaken";
  }
}

/** How a name is compared: without regard to case, width and accents' spelling. */
export const nameKeyOf = (name: string): string =>
  name.normalize("NFKC").trim().replace(/\s+/g, " ").toLocaleLowerCase("en");

/** Is there anybody who signs in here? Where nobody is, a workshop has yet to be begun. */
export async function anyAccount(db: Database): Promise<boolean> {
  const [row] = await db.select({ id: account.id }).from(account).limit(1);
  return row !== undefined;
}

export async function findAccount(db: Database, id: string): Promise<Account | undefined> {
  const [row] = await db.select().from(account).where(eq(account.id, id)).limit(1);
  return row;
}

export async function accountNamed(db: Database, name: string): Promise<Account | undefined> {
  const [row] = await db
    .select()
    .from(account)
    .where(eq(account.nameKey, nameKeyOf(name)))
    .limit(1);
  return row;
}

/** The first account of an installation; undefined when somebody else was first. */
export async function createFirstAccount(
  db: Database,
  name: string,
  phrase: string,
  now: Date,
): Promise<string | undefined> {
  // Of two who begin at the same moment one waits for the other, or is chosen as the victim of a deadlock.
  try {
    return await db.transaction(
      async (tx) =>
        (await anyAccount(tx as unknown as Database))
          ? undefined
          : createAccount(tx as unknown as Database, name, phrase, now),
      { isolationLevel: "serializable" },
    );
  } catch (error) {
    if (await anyAccount(db)) return undefined;
    throw error;
  }
}

/** @param phrase encoded by Argon2id. @throws NameTaken */
export async function createAccount(db: Database, name: string, phrase: string, now: Date): Promise<string> {
  const id = newId();
  try {
    await db
      .insert(account)
      .values({ id, name, nameKey: nameKeyOf(name), phrase, phraseAt: now, createdAt: now });
  } catch (error) {
    if (await accountNamed(db, name)) throw new NameTaken(name);
    throw error;
  }
  return id;
}

export async function setPhrase(db: Database, id: string, phrase: string, now: Date): Promise<void> {
  await db.update(account).set({ phrase, phraseAt: now }).where(eq(account.id, id));
}

/** The codes of an account; what it had before opens nothing any more. */
export async function setRecoveryCodes(db: Database, id: string, hashes: readonly string[]): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.delete(recoveryCode).where(eq(recoveryCode.accountId, id));
    if (hashes.length > 0)
      await tx.insert(recoveryCode).values(hashes.map((codeHash) => ({ accountId: id, codeHash })));
  });
}

/** Takes one code, once. */
export async function useRecoveryCode(db: Database, id: string, hash: string, now: Date): Promise<boolean> {
  const [head] = await db
    .update(recoveryCode)
    .set({ usedAt: now })
    .where(and(eq(recoveryCode.accountId, id), eq(recoveryCode.codeHash, hash), isNull(recoveryCode.usedAt)));
  return head.affectedRows === 1;
}

export async function countRecoveryCodes(db: Database, id: string): Promise<number> {
  const [row] = await db
    .select({ n: count() })
    .from(recoveryCode)
    .where(and(eq(recoveryCode.accountId, id), isNull(recoveryCode.usedAt)));
  return row?.n ?? 0;
}

interface Membership {
  readonly workshopId: string;
  readonly workshop: string;
  readonly role: Role;
  readonly handId: string | null;
}

/** The workshops that an account is in, the oldest first. */
export async function membershipsOf(db: Database, accountId: string): Promise<Membership[]> {
  return db
    .select({
      workshopId: member.workshopId,
      workshop: workshop.name,
      role: member.role,
      handId: member.handId,
    })
    .from(member)
    .innerJoin(workshop, eq(workshop.id, member.workshopId))
    .where(eq(member.accountId, accountId))
    .orderBy(asc(workshop.createdAt), asc(workshop.id));
}

/** Adds somebody to a workshop, or changes what they are there. */
export async function setMember(
  scope: Pick<Scope, "db" | "workshopId" | "now">,
  accountId: string,
  role: Role,
  handId: string | null = null,
): Promise<void> {
  await scope.db
    .insert(member)
    .values({ workshopId: scope.workshopId, accountId, role, handId, createdAt: scope.now })
    .onDuplicateKeyUpdate({ set: { role, handId } });
}

export interface Person {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly handId: string | null;
  readonly since: Date;
}

export async function listPeople(scope: Scope): Promise<Person[]> {
  return scope.db
    .select({
      id: account.id,
      name: account.name,
      role: member.role,
      handId: member.handId,
      since: member.createdAt,
    })
    .from(member)
    .innerJoin(account, eq(account.id, member.accountId))
    .where(mine(scope, member))
    .orderBy(asc(member.role), asc(account.name));
}

/** A workshop that nobody owns could not be opened to anybody again. */
export class LastOwner extends Error {
  constructor() {
    super("a workshop keeps at least one owner");
    this.name = "LastOwner";
  }
}

/**
 * Changes what somebody is here, or takes them out (`role` undefined). Owners are counted behind a lock, so
 * that two who take each other out at the same time do not leave nobody. @throws LastOwner
 */
export async function changeMember(
  scope: Scope,
  accountId: string,
  role: Role | undefined,
  handId: string | null = null,
): Promise<void> {
  await transact(scope, async (tx) => {
    const rows = await tx.db
      .select({ id: member.accountId, role: member.role })
      .from(member)
      .where(mine(tx, member))
      .for("update");
    if (role !== "owner" && !rows.some((r) => r.role === "owner" && r.id !== accountId))
      throw new LastOwner();
    const one = and(mine(tx, member), eq(member.accountId, accountId));
    if (role === undefined) await tx.db.delete(member).where(one);
    else await tx.db.update(member).set({ role, handId }).where(one);
  });
}

/**
 * Forgets an account: name, phrase, devices, codes and what it is in workshops. The trail keeps the name
 * beside what was done.
 * @throws LastOwner where a workshop would be left to nobody
 */
export async function forgetAccount(db: Database, id: string, now: Date): Promise<void> {
  const memberships = await membershipsOf(db, id);
  await transact({ db, workshopId: "", now }, async (tx) => {
    for (const { workshopId } of memberships) await changeMember({ ...tx, workshopId }, id, undefined);
    await tx.db.delete(account).where(eq(account.id, id));
  });
}

/** Takes the workshops that nobody is in yet: an installation that was used before it had accounts. */
export async function ownTheUnowned(db: Database, accountId: string, now: Date): Promise<number> {
  const [head] = await db.execute(
    sql`insert into ${member} (workshop_id, account_id, role, created_at)
        select w.id, ${accountId}, 'owner', ${now} from ${workshop} w
        left join ${member} m on m.workshop_id = w.id where m.workshop_id is null`,
  );
  return (head as { affectedRows: number }).affectedRows;
}
