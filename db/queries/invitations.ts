import { and, desc, eq, gt, isNull } from "drizzle-orm";
import { mustOwn } from "../change";
import type { Database } from "../connect";
import { hand, invitation, workshop } from "../schema";
import { mine, newId, transact, type Scope } from "../scope";
import type { Role } from "../tables/accounts";
import { setMember } from "./accounts";
import { saveHand } from "./hands";
import { drawSecret, hashOfSecret } from "./sessions";

const DAY_MS = 86_400_000;
/**
 * An invitation that nobody took ends after so many days; a link to sign in on another device after so many
 * minutes.
 */
const INVITED_DAYS = 7;
const SIGN_IN_MINUTES = 10;

export interface Invited {
  readonly id: string;
  readonly workshopId: string;
  readonly workshop: string;
  readonly role: Role;
  readonly handId: string | null;
  /** Set where it signs in somebody who is here already. */
  readonly accountId: string | null;
  readonly forName: string;
}

/** An invitation; its secret is told once. @throws NotThere when the hand is not of this workshop */
export async function invite(
  scope: Scope,
  to: { role: Role; forName: string; handId?: string | undefined; accountId?: string },
): Promise<string> {
  const { secret, hash } = drawSecret();
  await transact(scope, async (tx) => {
    await mustOwn(tx, hand, to.handId, "This hand");
    await tx.db.insert(invitation).values({
      id: newId(),
      workshopId: tx.workshopId,
      tokenHash: hash,
      role: to.role,
      handId: to.handId ?? null,
      accountId: to.accountId ?? null,
      forName: to.forName,
      createdAt: tx.now,
      endsAt: new Date(tx.now.getTime() + (to.accountId ? SIGN_IN_MINUTES * 60_000 : INVITED_DAYS * DAY_MS)),
    });
  });
  return secret;
}

const open = (now: Date) =>
  and(isNull(invitation.usedAt), isNull(invitation.revokedAt), gt(invitation.endsAt, now));

/** What a link invites to; undefined when it was used, taken back, or is over. */
export async function findInvitation(db: Database, secret: string, now: Date): Promise<Invited | undefined> {
  if (!/^[A-Za-z0-9_-]{43}$/.test(secret)) return undefined;
  const [row] = await db
    .select({
      id: invitation.id,
      workshopId: invitation.workshopId,
      workshop: workshop.name,
      role: invitation.role,
      handId: invitation.handId,
      accountId: invitation.accountId,
      forName: invitation.forName,
    })
    .from(invitation)
    .innerJoin(workshop, eq(workshop.id, invitation.workshopId))
    .where(and(eq(invitation.tokenHash, hashOfSecret(secret)), open(now)))
    .limit(1);
  return row;
}

/**
 * Takes an invitation for an account: once, however many ask at the same time. Answers whether it was taken.
 */
export async function acceptInvitation(scope: Scope, invited: Invited, accountId: string): Promise<boolean> {
  return transact(scope, async (tx) => {
    const [head] = await tx.db
      .update(invitation)
      .set({ usedAt: tx.now })
      .where(and(eq(invitation.id, invited.id), open(tx.now)));
    if (head.affectedRows !== 1) return false;
    // Somebody new to a workshop; who is here already keeps what they are.
    if (invited.accountId === null) await join({ ...tx, workshopId: invited.workshopId }, invited, accountId);
    return true;
  });
}

/** A helper who comes without a hand gets one of her own name: what she measures is hers. */
async function join(scope: Scope, invited: Invited, accountId: string): Promise<void> {
  const handId =
    invited.role === "helper"
      ? (invited.handId ?? (await saveHand(scope, { name: invited.forName, loops: "over" })))
      : null;
  await setMember(scope, accountId, invited.role, handId);
}

export async function listInvitations(
  scope: Scope,
): Promise<{ id: string; role: Role; forName: string; endsAt: Date }[]> {
  return scope.db
    .select({
      id: invitation.id,
      role: invitation.role,
      forName: invitation.forName,
      endsAt: invitation.endsAt,
    })
    .from(invitation)
    .where(and(mine(scope, invitation), isNull(invitation.accountId), open(scope.now)))
    .orderBy(desc(invitation.createdAt));
}

export async function revokeInvitation(scope: Scope, id: string): Promise<void> {
  await transact(scope, async (tx) => {
    await tx.db
      .update(invitation)
      .set({ revokedAt: tx.now })
      .where(and(mine(tx, invitation), eq(invitation.id, id)));
  });
}
