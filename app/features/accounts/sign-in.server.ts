import { redirect, type AppLoadContext } from "react-router";
import { accountNamed, membershipsOf, nameKeyOf, useRecoveryCode } from "@db/queries/accounts";
import { beginSession, endSession, type SESSIONS } from "@db/queries/sessions";
import { triesOf } from "../../server/tries";
import { deviceOf, keepSession } from "../../server/session.server";
import { hashOfCode, isPhrase } from "./phrase.server";

const TOO_MANY =
  "Too many tries that were wrong. Wait a quarter of an hour; the phrase may also be reset by a recovery code, or on the machine itself: bin/lapka account reset.";
/** One answer to a wrong name and to a wrong phrase: it tells nobody which names there are. */
const NOT_TOGETHER = "This name and phrase do not go together.";
const NO_CODE = "This name and code do not go together, or the code was used before.";

/** Only a page of ours: never another site that the address names. */
export const safePage = (to: unknown): string =>
  typeof to === "string" && /^\/(?![/\\])[^\s\\]*$/.test(to) && to.length < 500 ? to : "/";

/** Ends what this browser was signed in with, begins a session with a new secret, and goes on. */
export async function letIn(
  request: Request,
  context: AppLoadContext,
  accountId: string,
  kind: keyof typeof SESSIONS,
  to: string,
  { proved = true } = {},
): Promise<Response> {
  const cookie = await newSession(request, context, accountId, kind, { proved });
  return redirect(to, { headers: { "Set-Cookie": cookie } });
}

/**
 * The cookie of a new session; the one before it ends. `workshopId`: what is open in it at first. `proved`:
 * they have shown who they are, which a link does not.
 */
export async function newSession(
  request: Request,
  { db, passed }: AppLoadContext,
  accountId: string,
  kind: keyof typeof SESSIONS,
  { workshopId, proved = true }: { workshopId?: string | undefined; proved?: boolean } = {},
): Promise<string> {
  if (passed.who.kind === "account") await endSession(db, passed.who.session.tokenHash);
  const first = workshopId ?? (await membershipsOf(db, accountId))[0]?.workshopId ?? null;
  const secret = await beginSession(
    db,
    { accountId, workshopId: first, device: deviceOf(request.headers.get("User-Agent")), kind, proved },
    new Date(),
  );
  return keepSession(secret, kind);
}

type Attempt =
  | { readonly ok: true; readonly accountId: string }
  | { readonly ok: false; readonly why: string; readonly status: 401 | 429 };

/**
 * Is it who they say? Wrong tries are counted and slowed down, alike for names that there are and names that
 * there are not.
 */
async function attempt(
  { db, address }: AppLoadContext,
  name: string,
  proves: (account: { id: string; phrase: string } | undefined) => Promise<boolean>,
  wrong: string,
): Promise<Attempt> {
  const tries = triesOf(db, nameKeyOf(name), address);
  if (!(await tries.admit())) return { ok: false, why: TOO_MANY, status: 429 };
  const account = await accountNamed(db, name);
  if (!(await proves(account)) || !account) {
    await tries.failed();
    return { ok: false, why: wrong, status: 401 };
  }
  await tries.right();
  return { ok: true, accountId: account.id };
}

export const byPhrase = (context: AppLoadContext, name: string, phrase: string): Promise<Attempt> =>
  attempt(context, name, (a) => isPhrase(a?.phrase, phrase), NOT_TOGETHER);

export const byCode = (context: AppLoadContext, name: string, code: string): Promise<Attempt> =>
  attempt(
    context,
    name,
    async (a) => a !== undefined && (await useRecoveryCode(context.db, a.id, hashOfCode(code), new Date())),
    NO_CODE,
  );
