import type { Route } from "./+types/workshop-zip";
import { workshopZip } from "../features/settings/workshop-zip.server";
import { fileResponse } from "../server/file.server";
import { openWorkshop, todayOf } from "../server/scope.server";

/** The whole workshop as one file to leave with. */
export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  return fileResponse(await workshopZip(scope), {
    name: `${workshop.name} ${todayOf(scope)}`,
    ending: "zip",
    type: "application/zip",
  });
}
