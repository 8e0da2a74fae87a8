import { data } from "react-router";
import type { Route } from "./+types/workshop-sealed";
import { sealed } from "@db/copies/seal";
import { LEAST_LETTERS, MOST_LETTERS } from "../features/accounts/letters";
import { workshopZip } from "../features/settings/workshop-zip.server";
import { fileResponse } from "../server/file.server";
import { openForm } from "../server/form.server";
import { todayOf } from "../server/scope.server";

/** The whole workshop as one file that only a phrase opens. */
export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  const phrase = String(form.get("phrase") ?? "");
  const letters = [...phrase].length;
  if (letters < LEAST_LETTERS || letters > MOST_LETTERS)
    throw data(`A phrase of ${LEAST_LETTERS} to ${MOST_LETTERS} letters is needed.`, { status: 400 });
  const { scope, workshop } = opened;
  return fileResponse(await sealed(await workshopZip(scope), phrase), {
    name: `${workshop.name} ${todayOf(scope)}`,
    ending: "zip.sealed",
    type: "application/octet-stream",
  });
}

export function loader() {
  throw data(null, { status: 405 });
}
