import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/swatch-photo";
import { findSwatchPhoto } from "@db/queries/materials";
import { openWorkshop } from "../server/scope.server";

/** The picture of a swatch. It never changes, so the browser may keep it; nobody else may. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const id = z.uuid().safeParse(params.id);
  const jpeg = id.success ? await findSwatchPhoto(scope, id.data) : undefined;
  if (!jpeg) throw data(null, { status: 404 });
  return new Response(new Uint8Array(jpeg), {
    headers: { "Content-Type": "image/jpeg", "Cache-Control": "private, max-age=31536000, immutable" },
  });
}
