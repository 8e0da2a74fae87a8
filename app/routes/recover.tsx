import { data, Form, Link, redirect, useNavigation } from "react-router";
import type { Route } from "./+types/recover";
import { setPhrase } from "@db/queries/accounts";
import { endSessions } from "@db/queries/sessions";
import { DOOR, Door, NameField, PhraseField, Wrong } from "../features/accounts/door";
import { keepPhrase, phraseTrouble } from "../features/accounts/phrase.server";
import { recoverSchema, wrongsOf, type Wrongs } from "../features/accounts/schema";
import { byCode, letIn } from "../features/accounts/sign-in.server";
import { readForm } from "../server/form.server";
import { Button, Small } from "../ui/basics";
import { Field, Input } from "../ui/field";

export const handle = DOOR;
export const meta: Route.MetaFunction = () => [{ title: "A lost phrase · Lapka" }];

export function loader({ context }: Route.LoaderArgs) {
  if (context.passed.who.kind !== "nobody") throw redirect("/account");
  return null;
}

/** A code of hers and a new phrase: whoever was signed in by the old one is not any more. */
export async function action({ request, context }: Route.ActionArgs) {
  const read = recoverSchema.safeParse(Object.fromEntries(await readForm(request)));
  if (!read.success) return data({ wrongs: wrongsOf(read.error) }, { status: 400 });
  const { name, code, phrase } = read.data;
  // Looked at first: a code is not spent on a phrase that will not do.
  const trouble = phraseTrouble(phrase, [name]);
  if (trouble) return data({ wrongs: { phrase: [trouble] } as Wrongs }, { status: 400 });
  const got = await byCode(context, name, code);
  if (!got.ok) return data({ wrong: got.why }, { status: got.status });
  await setPhrase(context.db, got.accountId, await keepPhrase(phrase), new Date());
  await endSessions(context.db, got.accountId);
  return letIn(request, context, got.accountId, "shared", "/account?new=phrase");
}

export default function Recover({ actionData }: Route.ComponentProps) {
  const wrongs: Wrongs = actionData && "wrongs" in actionData ? actionData.wrongs : {};
  const wrong = actionData && "wrong" in actionData ? actionData.wrong : undefined;
  const busy = useNavigation().state !== "idle";
  return (
    <Door
      title="A lost phrase"
      lead="One of the codes that you wrote down opens your account, once, and you choose another phrase."
    >
      <Form method="post">
        {wrong ? <Wrong role="alert">{wrong}</Wrong> : null}
        <NameField errors={wrongs.name} />
        <Field
          label="Recovery code"
          name="code"
          errors={wrongs.code}
          hint="Sixteen letters and digits in fours."
        >
          {(bind) => <Input {...bind} autoComplete="off" required maxLength={60} spellCheck={false} />}
        </Field>
        <PhraseField name="phrase" label="Your new pass phrase" isNew errors={wrongs.phrase} />
        <Button type="submit" $primary disabled={busy}>
          Let me in
        </Button>
        <Small>
          No code left? Whoever runs the machine can do it there: <code>bin/lapka account reset</code>.{" "}
          <Link to="/sign-in">Back</Link>
        </Small>
      </Form>
    </Door>
  );
}
