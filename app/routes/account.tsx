import { data, redirect, useSearchParams, type AppLoadContext } from "react-router";
import type { Route } from "./+types/account";
import {
  countRecoveryCodes,
  forgetAccount,
  LastOwner,
  membershipsOf,
  setPhrase,
  setRecoveryCodes,
} from "@db/queries/accounts";
import { devicesOf, endDevice, endSessions, markOf, type SessionUse } from "@db/queries/sessions";
import { leaveTrail } from "@db/scope";
import { passkeysOf, removePasskey } from "@db/queries/passkeys";
import { askForNew, keepNew, passkeySite } from "../features/accounts/passkeys.server";
import { askProof, isProved } from "../features/accounts/proof.server";
import { AccountPage } from "../features/accounts/account-page";
import { drawCodes, keepPhrase, phraseTrouble } from "../features/accounts/phrase.server";
import { byPhrase } from "../features/accounts/sign-in.server";
import { readForm } from "../server/form.server";
import { doingIn } from "../server/scope.server";
import { deviceOf, dropSession } from "../server/session.server";
import { keepPage, taken } from "../ui/away";
import { ButtonLink, Page, PageHead } from "../ui/basics";

export const meta: Route.MetaFunction = () => [{ title: "Your account · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { db, passed } = context;
  if (passed.who.kind !== "account") return undefined;
  const { session } = passed.who;
  const [devices, codes, memberships, keys] = await Promise.all([
    devicesOf(db, session.accountId),
    countRecoveryCodes(db, session.accountId),
    membershipsOf(db, session.accountId),
    passkeysOf(db, session.accountId),
  ]);
  const named = new URL(request.url);
  named.hostname = "localhost";
  return {
    name: session.name,
    here: markOf(session.tokenHash),
    devices: devices.map((d) => ({ ...d, since: d.since.toISOString(), seenAt: d.seenAt.toISOString() })),
    codes,
    passkeys: keys.map((k) => ({
      id: k.id,
      name: k.name,
      since: k.createdAt.toISOString(),
      usedAt: k.usedAt?.toISOString(),
    })),
    passkeysHere: passkeySite(request) ? (true as const) : `${named.origin}/account`,
    device: deviceOf(request.headers.get("User-Agent")),
    proved: isProved(session),
    memberships: memberships.map((m) => ({ ...m, open: m.workshopId === session.workshopId })),
  };
}

export async function action({ request, context }: Route.ActionArgs) {
  const { db, passed } = context;
  if (passed.who.kind !== "account") throw redirect("/sign-in");
  const { session } = passed.who;
  const form = await readForm(request);
  switch (form.get("intent")) {
    case "end-device":
      await endDevice(db, session.accountId, String(form.get("mark") ?? "").slice(0, 16));
      return redirect("/account?done=device#devices");
    case "end-others":
      await endSessions(db, session.accountId, session.tokenHash);
      return redirect("/account?done=others#devices");
    case "prove":
    case "passkey-ask":
    case "passkey-add":
    case "passkey-remove":
      return (await askProof(request, form, context, "/account")) ?? keysOf(request, form, session, context);
    case "phrase":
    case "delete":
    case "codes":
      return provedChange(form, session, context);
    default:
      throw data(null, { status: 400 });
  }
}

/** Adds and takes away what opens an account beside its phrase. */
async function keysOf(request: Request, form: FormData, session: SessionUse, context: AppLoadContext) {
  const of = form.get("intent");
  if (of === "passkey-remove") {
    await removePasskey(context.db, session.accountId, typed(form, "id"));
    return redirect("/account?done=unkey");
  }
  const site = passkeySite(request);
  if (!site) throw data(null, { status: 400 });
  if (of === "passkey-ask") return data({ ask: await askForNew(context, site, session) });
  const name = typed(form, "name").trim().slice(0, 60) || deviceOf(request.headers.get("User-Agent"));
  const kept = await keepNew(context, site, session.accountId, name, String(form.get("answer") ?? ""));
  return kept
    ? redirect("/account?done=key")
    : data({ wrongs: { key: [NOT_KEPT] }, of: "passkey-add" }, { status: 400 });
}
const NOT_KEPT =
  "This passkey could not be taken: it came too late, or it is known here already. Try once more.";

/** The phrase is asked for again: an open browser alone must not be enough to take an account over. */
async function provedChange(form: FormData, session: SessionUse, context: AppLoadContext) {
  const { db } = context;
  const of = form.get("intent");
  const proved = await byPhrase(context, session.name, typed(form, "now"));
  if (!proved.ok) return data({ wrongs: { now: [proved.why] }, of }, { status: proved.status });
  if (of === "delete") return forget(session, context);
  if (of === "codes") {
    const { codes, hashes } = drawCodes();
    await setRecoveryCodes(db, session.accountId, hashes);
    return data({ codes });
  }
  const phrase = typed(form, "phrase");
  const trouble = phraseTrouble(phrase, [session.name]);
  if (trouble) return data({ wrongs: { phrase: [trouble] }, of }, { status: 400 });
  await setPhrase(db, session.accountId, await keepPhrase(phrase), new Date());
  await endSessions(db, session.accountId, session.tokenHash);
  return redirect("/account?done=phrase");
}

const typed = (form: FormData, name: string): string => String(form.get(name) ?? "").slice(0, 400);

async function forget({ accountId }: SessionUse, context: AppLoadContext) {
  const { db } = context;
  const now = new Date();
  const left = await membershipsOf(db, accountId);
  try {
    await forgetAccount(db, accountId, now);
  } catch (error) {
    if (!(error instanceof LastOwner)) throw error;
    return data({ wrongs: { now: [LAST_OWNER] }, of: "delete" }, { status: 409 });
  }
  for (const { workshopId } of left)
    await leaveTrail({ db, workshopId, now, doing: { ...doingIn(context), what: "account:delete" } });
  return redirect("/sign-in", { headers: { "Set-Cookie": await dropSession() } });
}
const LAST_OWNER =
  "You are the last owner of a workshop. Make somebody else its owner first, or take the workshop with you and ask whoever runs the machine.";

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function Account({ loaderData, actionData }: Route.ComponentProps) {
  const [params] = useSearchParams();
  if (!loaderData)
    return (
      <Page>
        <PageHead>
          <h1>Your account</h1>
        </PageHead>
        <p>Nobody signs in to this demo: whoever opens it on this computer is its owner.</p>
        <p style={{ marginTop: 16 }}>
          <ButtonLink to="/begin" $primary>
            Become its owner, to try accounts
          </ButtonLink>
        </p>
      </Page>
    );
  return (
    <AccountPage
      account={loaderData}
      answer={taken(actionData)}
      done={params.get("done") ?? params.get("new")}
    />
  );
}
