import { data, Form, Link, redirect, useNavigation } from "react-router";
import type { Route } from "./+types/begin";
import {
  anyAccount,
  createFirstAccount,
  membershipsOf,
  ownTheUnowned,
  setMember,
  setRecoveryCodes,
} from "@db/queries/accounts";
import { createWorkshop, listWorkshops } from "@db/queries/workshops";
import { leaveTrail } from "@db/scope";
import { CodesDoor, DOOR, Door, NameField, OwnDevice, PhraseField } from "../features/accounts/door";
import { drawCodes, keepPhrase, phraseTrouble } from "../features/accounts/phrase.server";
import { beginSchema, wrongsOf, type Wrongs } from "../features/accounts/schema";
import { newSession } from "../features/accounts/sign-in.server";
import { readForm } from "../server/form.server";
import { Button, Small } from "../ui/basics";
import { Field, Input } from "../ui/field";

export const handle = DOOR;
export const meta: Route.MetaFunction = () => [{ title: "Begin · Lapka" }];

export async function loader({ context }: Route.LoaderArgs) {
  const { who } = context.passed;
  if (who.kind === "account") throw redirect("/");
  // Without JavaScript the page is made anew after the form: it has the codes to show.
  if (begun.has(context)) return { demo: false, there: [] };
  if (await anyAccount(context.db)) throw redirect("/sign-in");
  return {
    demo: who.kind === "open",
    there: (await listWorkshops(context.db)).map((w) => w.name),
  };
}

const begun = new WeakSet<object>();

/**
 * The first account of this installation: the owner of what is there, or of a workshop that begins with it.
 */
export async function action({ request, context }: Route.ActionArgs) {
  const { db } = context;
  const read = beginSchema.safeParse(Object.fromEntries(await readForm(request)));
  if (!read.success) return wrong(wrongsOf(read.error));
  const { name, phrase, own, workshop = "My workshop" } = read.data;
  const trouble = phraseTrouble(phrase, [name, workshop]);
  if (trouble) return wrong({ phrase: [trouble] });
  const now = new Date();
  const accountId = await createFirstAccount(db, name, await keepPhrase(phrase), now);
  if (!accountId) throw redirect("/sign-in");
  if ((await ownTheUnowned(db, accountId, now)) === 0)
    await setMember({ db, workshopId: await createWorkshop(db, workshop), now }, accountId, "owner");
  for (const { workshopId } of await membershipsOf(db, accountId))
    await leaveTrail({
      db,
      workshopId,
      now,
      doing: { accountId, who: name, what: "begin", subject: "", detail: {} },
    });
  const { codes, hashes } = drawCodes();
  await setRecoveryCodes(db, accountId, hashes);
  const [first] = await membershipsOf(db, accountId);
  const cookie = await newSession(request, context, accountId, own ? "own" : "shared", {
    workshopId: first?.workshopId,
  });
  begun.add(context);
  return data({ codes }, { headers: { "Set-Cookie": cookie } });
}
const wrong = (wrongs: Wrongs) => data({ wrongs }, { status: 400 });

/** The codes are shown by this answer alone. */
export const shouldRevalidate = () => false;

export default function Begin({ loaderData, actionData }: Route.ComponentProps) {
  const busy = useNavigation().state !== "idle";
  if (actionData && "codes" in actionData)
    return <CodesDoor title="Your workshop is yours" codes={actionData.codes} to="/" />;
  const wrongs = actionData && "wrongs" in actionData ? actionData.wrongs : {};
  const { there } = loaderData;
  return (
    <Door
      title="Begin your workshop"
      lead={
        loaderData.demo
          ? "You become the owner of this demo: from then on one signs in here."
          : there.length > 0
            ? `You become the owner of ${there.map((w) => `“${w}”`).join(" and ")}, with all that is in it. Others you let in later.`
            : "You are its owner. Others you let in later, each with what they may do."
      }
    >
      <Form method="post">
        <NameField errors={wrongs.name} isNew />
        {there.length > 0 ? null : (
          <Field label="Your workshop" name="workshop" errors={wrongs.workshop}>
            {(bind) => <Input {...bind} autoComplete="organization" required maxLength={120} />}
          </Field>
        )}
        <PhraseField name="phrase" label="Pass phrase" isNew errors={wrongs.phrase} />
        <OwnDevice ticked />
        <Button type="submit" $primary disabled={busy}>
          Begin
        </Button>
        <Small>
          Nothing leaves this machine: no mail, no number.{" "}
          {loaderData.demo ? <Link to="/">Leave the demo open</Link> : null}
        </Small>
      </Form>
    </Door>
  );
}
