import type { Route } from "./+types/run-change";
import { keepChange, loadChange } from "../features/runs/change.server";
import { ChangePage } from "../features/runs/change-page";
import { LIST_FORM, once, openForm } from "../server/form.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Change ${loaderData?.run.name ?? "a run"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  return loadChange(params.id, await openWorkshop(request, context));
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, LIST_FORM);
  return once(opened, form, (o) => keepChange(form, args.params.id, o));
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function RunChange({ loaderData, actionData }: Route.ComponentProps) {
  return <ChangePage of={loaderData} answer={taken(actionData)} />;
}
