import { useEffect } from "react";
import { data, Form, Link, redirect, useNavigation } from "react-router";
import type { Route } from "./+types/sign-in";
import { anyAccount } from "@db/queries/accounts";
import { DOOR, Door, NameField, OwnDevice, PhraseField, Wrong } from "../features/accounts/door";
import { passkeySite } from "../features/accounts/passkeys.server";
import { SignInByPasskey } from "../features/accounts/sign-in-by-passkey";
import { byPhrase, letIn, safePage } from "../features/accounts/sign-in.server";
import { signInSchema, wrongsOf } from "../features/accounts/schema";
import { readForm } from "../server/form.server";
import { Button, Small } from "../ui/basics";

export const handle = DOOR;
export const meta: Route.MetaFunction = () => [{ title: "Sign in · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const to = safePage(new URL(request.url).searchParams.get("to"));
  if (context.passed.who.kind !== "nobody") throw redirect(to);
  if (!(await anyAccount(context.db))) throw redirect("/begin");
  return { to, passkeys: passkeySite(request) !== undefined };
}

export async function action({ request, context }: Route.ActionArgs) {
  const read = signInSchema.safeParse(Object.fromEntries(await readForm(request)));
  if (!read.success) return data({ wrongs: wrongsOf(read.error), name: "" }, { status: 400 });
  const { name, phrase, own, to } = read.data;
  const got = await byPhrase(context, name, phrase);
  if (!got.ok) return data({ wrong: got.why, name }, { status: got.status });
  return letIn(request, context, got.accountId, own ? "own" : "shared", safePage(to));
}

export default function SignIn({ loaderData, actionData }: Route.ComponentProps) {
  const wrongs = actionData && "wrongs" in actionData ? actionData.wrongs : {};
  const wrong = actionData && "wrong" in actionData ? actionData.wrong : undefined;
  const busy = useNavigation().state !== "idle";
  useForgetTables();
  return (
    <Door title="Sign in">
      {loaderData.passkeys ? <SignInByPasskey to={loaderData.to} /> : null}
      <Form method="post">
        <input type="hidden" name="to" value={loaderData.to} />
        {wrong ? <Wrong role="alert">{wrong}</Wrong> : null}
        <NameField errors={wrongs.name} value={actionData?.name} />
        <PhraseField name="phrase" label="Pass phrase" errors={wrongs.phrase} />
        <OwnDevice />
        <Button type="submit" $primary disabled={busy}>
          Sign in
        </Button>
        <Small>
          On a shared device you are signed out after half an hour without work.{" "}
          <Link to="/recover">I have lost my phrase</Link>
        </Small>
      </Form>
    </Door>
  );
}

/**
 * What the bench and the stall kept of their pages is nobody's to look at on a device that is signed out;
 * what waits to be sent stays.
 */
function useForgetTables(): void {
  useEffect(() => {
    if ("caches" in window) void window.caches.delete("lapka-bench");
  }, []);
}
