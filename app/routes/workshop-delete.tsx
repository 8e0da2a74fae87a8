import { Download, Trash2 } from "lucide-react";
import { data, Link, redirect } from "react-router";
import type { Route } from "./+types/workshop-delete";
import { membershipsOf } from "@db/queries/accounts";
import { openInSession } from "@db/queries/sessions";
import { deleteWorkshop, whatIsIn } from "@db/transfer/away";
import { passkeySite } from "../features/accounts/passkeys.server";
import { isProved, notProved, prove, PROVE_FIRST } from "../features/accounts/proof.server";
import { ProveForm } from "../features/accounts/prove-form";
import { homeOf } from "../server/access";
import { openForm, refused } from "../server/form.server";
import { openWorkshop, workshopCookie } from "../server/scope.server";
import {
  Button,
  ButtonLink,
  Columns,
  Page,
  PageHead,
  Row,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { keepPage, taken } from "../ui/away";
import { Field, Input } from "../ui/field";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";
import { printNumber } from "@core/units";

export const meta: Route.MetaFunction = () => [{ title: "Delete the workshop · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const { who } = context.passed;
  return {
    name: workshop.name,
    holds: await whatIsIn(scope.db, scope.workshopId),
    proved: who.kind !== "account" || isProved(who.session),
    passkeys: passkeySite(request) !== undefined,
  };
}

const OTHER_NAME = "This is not its name. Write it as it stands above, so that no other workshop is meant.";

/** Deletes the workshop that is open. No kept answer: there is no workshop left to keep it in. */
export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  const { db, passed } = args.context;
  const { scope, workshop } = opened;
  if (passed.who.kind === "account") {
    if (form.get("intent") === "prove") {
      const shown = await prove(args.request, form, passed.who.session, args.context);
      return shown.ok ? redirect("/settings/delete") : notProved(shown.why, shown.status);
    }
    if (!isProved(passed.who.session)) return refused(PROVE_FIRST, 409);
  }
  const written = String(form.get("name") ?? "").slice(0, 400);
  if (written.trim() !== workshop.name.trim())
    return data({ wrongs: { name: [OTHER_NAME] }, of: "delete" }, { status: 400 });
  await deleteWorkshop(db, scope.workshopId);
  if (passed.who.kind !== "account")
    return redirect("/", { headers: { "Set-Cookie": await workshopCookie.serialize("", { maxAge: 0 }) } });
  const [next] = await membershipsOf(db, passed.who.session.accountId);
  if (!next) return redirect("/account");
  await openInSession(db, passed.who.session.tokenHash, next.workshopId);
  return redirect(homeOf(next.role));
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

const WORDS: readonly (readonly [table: string, one: string, several: string])[] = [
  ["item", "item", "items"],
  ["yarn", "yarn", "yarns"],
  ["run", "run", "runs"],
  ["sale", "sale", "sales"],
  ["photo", "photo", "photos"],
];

export default function WorkshopDelete({ loaderData, actionData }: Route.ComponentProps) {
  const { name, holds, proved, passkeys } = loaderData;
  const answer = taken<{ wrongs?: Record<string, string[]>; of?: string }>(actionData);
  const { locale } = useReading();
  return (
    <Page>
      <PageHead>
        <h1>Delete “{name}”</h1>
        <Small>
          <Link to="/settings">back to the settings</Link>
        </Small>
      </PageHead>
      <Columns>
        <Stack $gap={18}>
          <Sheet aria-labelledby="goes-title">
            <SheetHead>
              <h2 id="goes-title">What goes</h2>
            </SheetHead>
            <ul style={{ margin: "0 0 10px", paddingInlineStart: 20 }}>
              {WORDS.filter(([t]) => (holds[t] ?? 0) > 0).map(([t, one, several]) => (
                <li key={t}>
                  <b>{printNumber(holds[t] ?? 0, 0, locale)}</b> {holds[t] === 1 ? one : several}
                </li>
              ))}
              <li>stock, measurements, prices, commissions, the trail of who did what</li>
              <li>everybody’s way into it, invitations and calendar addresses</li>
            </ul>
            <p>There is no way back from here: it does not lie in the bin.</p>
          </Sheet>
          <Sheet aria-labelledby="stays-title">
            <SheetHead>
              <h2 id="stays-title">What stays</h2>
            </SheetHead>
            <p>
              People’s own accounts; each deletes theirs. Copies of the whole database on this machine, which
              hold it until they are replaced by newer ones or thrown away. Files that somebody took along.
            </p>
          </Sheet>
        </Stack>
        <Stack $gap={18}>
          <Sheet aria-labelledby="first-title">
            <SheetHead>
              <h2 id="first-title">First, take it with you</h2>
            </SheetHead>
            <Row>
              <ButtonLink to="/workshop.zip" reloadDocument>
                <Download size={16} aria-hidden /> The whole workshop (ZIP)
              </ButtonLink>
              <Small>with this file it can be brought back, here or elsewhere</Small>
            </Row>
          </Sheet>
          {proved ? (
            <Sheet aria-labelledby="delete-title">
              <SheetHead>
                <h2 id="delete-title">Then delete it</h2>
              </SheetHead>
              <WorkForm>
                <input type="hidden" name="intent" value="delete" />
                <Stack $gap={12} style={{ maxWidth: 420 }}>
                  <Field label={`Write its name: ${name}`} name="name" errors={answer?.wrongs?.name}>
                    {(bind) => <Input {...bind} autoComplete="off" required maxLength={120} />}
                  </Field>
                  <Row>
                    <Button type="submit">
                      <Trash2 size={16} aria-hidden /> Delete it for good
                    </Button>
                  </Row>
                </Stack>
              </WorkForm>
            </Sheet>
          ) : (
            <ProveForm
              action="/settings/delete"
              what="a workshop"
              does="deleted"
              passkeys={passkeys}
              wrongs={answer?.of === "prove" ? answer.wrongs : undefined}
            />
          )}
        </Stack>
      </Columns>
    </Page>
  );
}
