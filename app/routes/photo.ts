import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/photo";
import { findPhoto } from "@db/queries/photos";
import { keptPicture } from "../server/file.server";
import { openWorkshop } from "../server/scope.server";

/** A photo of an item or of a batch. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const id = z.uuid().safeParse(params.id);
  const jpeg = id.success ? await findPhoto(scope, id.data) : undefined;
  if (!jpeg) throw data(null, { status: 404 });
  return keptPicture(request, jpeg, "image/jpeg", params.id);
}
