import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/print-label";
import { printJobPicture } from "@db/queries/printer";
import { keptPicture } from "../server/file.server";
import { openWorkshop } from "../server/scope.server";

/** A label as it was sent to the printer. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const id = z.uuid().safeParse(params.id);
  const png = id.success ? await printJobPicture(scope, id.data) : undefined;
  if (!png) throw data(null, { status: 404 });
  return keptPicture(request, png, "image/png", params.id);
}
