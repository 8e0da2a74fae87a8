import { data, redirect, type AppLoadContext } from "react-router";
import { noteProved, type SessionUse } from "@db/queries/sessions";
import { refused } from "../../server/form.server";
import { bySignature, passkeySite } from "./passkeys.server";
import { byPhrase } from "./sign-in.server";

/** So long what was shown is good for: an open browser alone is not enough to let people in. */
const PROOF_MS = 15 * 60_000;

export const isProved = (session: Pick<SessionUse, "provedAt">, now = new Date()): boolean =>
  session.provedAt !== undefined && now.getTime() - session.provedAt.getTime() < PROOF_MS;

const PROVE_FIRST = "Show first that it is you, above. Nothing was changed; what you wrote is still here.";

/** Who sits at a browser that is signed in shows once more who they are, by phrase or by a passkey of theirs. */
async function prove(
  request: Request,
  form: FormData,
  session: SessionUse,
  context: AppLoadContext,
): Promise<{ readonly ok: true } | { readonly ok: false; readonly why: string; readonly status: 401 | 429 }> {
  const signed = form.get("answer");
  const site = passkeySite(request);
  const shown =
    typeof signed === "string" && signed !== "" && site
      ? await bySignature(context, site, signed)
      : await byPhrase(context, session.name, String(form.get("now") ?? "").slice(0, 400));
  if (!shown.ok) return shown;
  if (shown.accountId !== session.accountId)
    return { ok: false, why: "This is the passkey of somebody else.", status: 401 };
  await noteProved(context.db, session.tokenHash, new Date());
  return { ok: true };
}

/** The answer to a proof that was not taken. */
const notProved = (why: string, status: 401 | 429) =>
  data({ wrongs: { now: [why] }, of: "prove" }, { status });

/**
 * What a page asks of whoever acts on it: the answer to a proof that was sent, or to an act without one, which is
 * refused. undefined where the act may go on.
 *
 * @param back where the page is, once it was shown
 */
export async function askProof(request: Request, form: FormData, context: AppLoadContext, back: string) {
  const { who } = context.passed;
  if (who.kind !== "account") return undefined;
  if (form.get("intent") === "prove") {
    const shown = await prove(request, form, who.session, context);
    return shown.ok ? redirect(back) : notProved(shown.why, shown.status);
  }
  // A page that was left open must not be enough.
  return isProved(who.session) ? undefined : refused(PROVE_FIRST, 409);
}
