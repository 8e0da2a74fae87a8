import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/swatch-photo";
import { findSwatchPhoto } from "@db/queries/materials";
import { openWorkshop } from "../server/scope.server";

/**
 * The picture of a swatch. It never changes, but it may be deleted: the browser asks each time, and is told
 * in a few bytes.
 */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const id = z.uuid().safeParse(params.id);
  const jpeg = id.success ? await findSwatchPhoto(scope, id.data) : undefined;
  if (!jpeg) throw data(null, { status: 404 });
  const headers = {
    "Content-Type": "image/jpeg",
    "Cache-Control": "private, no-cache",
    ETag: `"${params.id}"`,
  };
  return request.headers.get("If-None-Match") === headers.ETag
    ? new Response(null, { status: 304, headers })
    : new Response(new Uint8Array(jpeg), { headers });
}
