import { data, redirect } from "react-router";
import type { Route } from "./+types/workshop-delete";
import { membershipsOf } from "@db/queries/accounts";
import { openInSession } from "@db/queries/sessions";
import { deleteWorkshop, whatIsIn } from "@db/transfer/away";
import { passkeySite } from "../features/accounts/passkeys.server";
import { askProof, isProved } from "../features/accounts/proof.server";
import { DeletePage } from "../features/settings/delete-page";
import { homeOf } from "../server/access";
import { openForm } from "../server/form.server";
import { openWorkshop, workshopCookie } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";

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
  const asked = await askProof(args.request, form, args.context, "/settings/delete");
  if (asked) return asked;
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

export default function WorkshopDelete({ loaderData, actionData }: Route.ComponentProps) {
  return <DeletePage of={loaderData} answer={taken(actionData)} />;
}
