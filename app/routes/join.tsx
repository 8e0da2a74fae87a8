import { data, Form, Link, redirect, useNavigation } from "react-router";
import type { Route } from "./+types/join";
import { createAccount, NameTaken, setRecoveryCodes } from "@db/queries/accounts";
import { acceptInvitation, findInvitation } from "@db/queries/invitations";
import { openInSession } from "@db/queries/sessions";
import { transact, type Scope } from "@db/scope";
import { CodesDoor, DOOR, Door, NameField, OwnDevice, PhraseField } from "../features/accounts/door";
import { drawCodes, keepPhrase, phraseTrouble } from "../features/accounts/phrase.server";
import { ROLE_WORDS } from "../features/accounts/roles";
import { joinSchema, wrongsOf, type Wrongs } from "../features/accounts/schema";
import { letIn, newSession } from "../features/accounts/sign-in.server";
import { readForm } from "../server/form.server";
import { homeOf } from "../server/access";
import { Button, ButtonLink, Small } from "../ui/basics";

export const handle = DOOR;
export const meta: Route.MetaFunction = () => [{ title: "Come in · Lapka" }];

export async function loader({ params, context }: Route.LoaderArgs) {
  const invited = await findInvitation(context.db, params.token, new Date());
  const { who } = context.passed;
  return {
    invited: invited && {
      workshop: invited.workshop,
      role: invited.role,
      forName: invited.forName,
      known: invited.accountId !== null,
    },
    me: who.kind === "account" ? who.session.name : undefined,
    back: `/sign-in?to=${encodeURIComponent(`/join/${params.token}`)}`,
  };
}

const OVER = "This link was used already, taken back, or is over. Ask for another one.";

/** Takes the invitation: with the account that is signed in, as somebody who is known, or as somebody new. */
export async function action({ request, params, context }: Route.ActionArgs) {
  const { db } = context;
  const now = new Date();
  const form = await readForm(request);
  const invited = await findInvitation(db, params.token, now);
  if (!invited) return wrong({ name: [OVER] }, 410);
  const { who } = context.passed;
  const doing = {
    accountId: who.kind === "account" ? who.session.accountId : invited.accountId,
    who: who.kind === "account" ? who.session.name : invited.forName,
    what: "join",
    subject: "",
    detail: { as: invited.role },
  };
  const scope: Scope = { db, workshopId: invited.workshopId, now, doing };
  if (invited.accountId !== null) {
    if (!(await acceptInvitation(scope, invited, invited.accountId))) return wrong({ name: [OVER] }, 410);
    return letIn(request, context, invited.accountId, "own", homeOf(invited.role), {
      proved: false,
    });
  }
  if (who.kind === "account") {
    if (!(await acceptInvitation(scope, invited, who.session.accountId))) return wrong({ name: [OVER] }, 410);
    await openInSession(db, who.session.tokenHash, invited.workshopId);
    return redirect(homeOf(invited.role));
  }
  const read = joinSchema.safeParse(Object.fromEntries(form));
  if (!read.success) return wrong(wrongsOf(read.error));
  const { name, phrase, own } = read.data;
  const trouble = phraseTrouble(phrase, [name, invited.workshop]);
  if (trouble) return wrong({ phrase: [trouble] });
  const kept = await keepPhrase(phrase);
  const { codes, hashes } = drawCodes();
  let accountId: string | undefined;
  try {
    // The account and the place in the workshop come together, or neither does.
    accountId = await transact(scope, async (tx) => {
      const made = await createAccount(tx.db, name, kept, now);
      if (!(await acceptInvitation(tx, { ...invited, forName: name }, made))) throw new Over();
      return made;
    });
  } catch (error) {
    if (error instanceof Over) return wrong({ name: [OVER] }, 410);
    if (!(error instanceof NameTaken)) throw error;
    return wrong({
      name: ["Somebody of this name signs in here already. If it is you, sign in first; else add a letter."],
    });
  }
  await setRecoveryCodes(db, accountId, hashes);
  const cookie = await newSession(request, context, accountId, own ? "own" : "shared", {
    workshopId: invited.workshopId,
  });
  return data({ codes, home: homeOf(invited.role) }, { headers: { "Set-Cookie": cookie } });
}
class Over extends Error {}
const wrong = (wrongs: Wrongs, status = 400) => data({ wrongs }, { status });

/** The codes are shown by this answer alone. */
export const shouldRevalidate = () => false;

export default function Join({ loaderData, actionData }: Route.ComponentProps) {
  const { invited, me } = loaderData;
  const busy = useNavigation().state !== "idle";
  if (actionData && "codes" in actionData)
    return <CodesDoor title="Come in" codes={actionData.codes} to={actionData.home} />;
  const wrongs: Wrongs = actionData && "wrongs" in actionData ? actionData.wrongs : {};
  if (!invited || wrongs.name?.[0] === OVER)
    return (
      <Door title="This link leads nowhere now" lead={OVER}>
        <p style={{ marginTop: 16 }}>
          <ButtonLink to="/">To Lapka</ButtonLink>
        </p>
      </Door>
    );
  const role = ROLE_WORDS[invited.role];
  return (
    <Door
      title={`Come into “${invited.workshop}”`}
      lead={
        invited.known
          ? `This signs ${invited.forName} in on this device, and stays until you sign out.`
          : `${role.name}: ${role.may}.`
      }
    >
      <Form method="post">
        {invited.known || me !== undefined ? (
          <Button type="submit" $primary disabled={busy}>
            {invited.known ? `I am ${invited.forName}: sign me in` : `Come in as ${me ?? ""}`}
          </Button>
        ) : (
          <>
            <NameField errors={wrongs.name} isNew value={invited.forName} />
            <PhraseField name="phrase" label="Pass phrase" isNew errors={wrongs.phrase} />
            <OwnDevice />
            <Button type="submit" $primary disabled={busy}>
              Come in
            </Button>
            <Small>
              You sign in here already? <Link to={loaderData.back}>Sign in first</Link>
            </Small>
          </>
        )}
      </Form>
    </Door>
  );
}
