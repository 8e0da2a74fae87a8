import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/swatch-photo";
import { findSwatchPhoto } from "@db/queries/materials";
import { keptPicture } from "../server/file.server";
import { openWorkshop } from "../server/scope.server";

/** The picture of a swatch. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const id = z.uuid().safeParse(params.id);
  const jpeg = id.success ? await findSwatchPhoto(scope, id.data) : undefined;
  if (!jpeg) throw data(null, { status: 404 });
  return keptPicture(request, jpeg, "image/jpeg", params.id);
}
