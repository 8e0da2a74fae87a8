import { data, redirect, useSearchParams } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/account";
import {
  countRecoveryCodes,
  findAccount,
  forgetAccount,
  LastOwner,
  membershipsOf,
  setPhrase,
  setRecoveryCodes,
} from "@db/queries/accounts";
import { devicesOf, endDevice, endSessions, markOf } from "@db/queries/sessions";
import { AccountPage } from "../features/accounts/account-page";
import { drawCodes, isPhrase, keepPhrase, phraseTrouble } from "../features/accounts/phrase.server";
import { NOT_TOGETHER, TOO_MANY } from "../features/accounts/sign-in.server";
import type { Database } from "@db/connect";
import { dropSession } from "../server/session.server";
import { readForm } from "../server/form.server";
import { triesOf } from "../server/tries";
import { nameKeyOf } from "@db/queries/accounts";
import { ButtonLink, Page, PageHead } from "../ui/basics";
import { keepPage, taken } from "../ui/away";

export const meta: Route.MetaFunction = () => [{ title: "Your account · Lapka" }];

export async function loader({ context }: Route.LoaderArgs) {
  const { db, passed } = context;
  if (passed.who.kind !== "account") return undefined;
  const { session } = passed.who;
  const [devices, codes, memberships] = await Promise.all([
    devicesOf(db, session.accountId),
    countRecoveryCodes(db, session.accountId),
    membershipsOf(db, session.accountId),
  ]);
  return {
    name: session.name,
    here: markOf(session.tokenHash),
    devices: devices.map((d) => ({ ...d, since: d.since.toISOString(), seenAt: d.seenAt.toISOString() })),
    codes,
    memberships: memberships.map((m) => ({ ...m, open: m.workshopId === session.workshopId })),
  };
}

const phraseForm = z.object({ phrase: z.string().max(400).default("") });

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
    case "phrase":
    case "delete":
    case "codes": {
      // The phrase is asked for again: an open browser alone must not be enough to take an account over.
      const tries = triesOf(db, nameKeyOf(session.name), context.address);
      if (!(await tries.admit())) return data({ wrongs: { now: [TOO_MANY] } }, { status: 429 });
      const account = await findAccount(db, session.accountId);
      if (!(await isPhrase(account?.phrase, phraseForm.parse({ phrase: form.get("now") ?? "" }).phrase))) {
        await tries.failed();
        return data({ wrongs: { now: [NOT_TOGETHER] }, of: form.get("intent") }, { status: 401 });
      }
      await tries.right();
      if (form.get("intent") === "delete") return forget(db, session.accountId);
      if (form.get("intent") === "codes") {
        const { codes, hashes } = drawCodes();
        await setRecoveryCodes(db, session.accountId, hashes);
        return data({ codes });
      }
      const { phrase } = phraseForm.parse({ phrase: form.get("phrase") ?? "" });
      const trouble = phraseTrouble(phrase, [session.name]);
      if (trouble) return data({ wrongs: { phrase: [trouble] }, of: "phrase" }, { status: 400 });
      await setPhrase(db, session.accountId, await keepPhrase(phrase), new Date());
      await endSessions(db, session.accountId, session.tokenHash);
      return redirect("/account?done=phrase");
    }
    default:
      throw data(null, { status: 400 });
  }
}

async function forget(db: Database, accountId: string) {
  try {
    await forgetAccount(db, accountId, new Date());
  } catch (error) {
    if (!(error instanceof LastOwner)) throw error;
    const why =
      "You are the last owner of a workshop. Make somebody else its owner first, or take the workshop with you and ask whoever runs the machine.";
    return data({ wrongs: { now: [why] }, of: "delete" }, { status: 409 });
  }
  return redirect("/sign-in", { headers: { "Set-Cookie": await dropSession() } });
}

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
