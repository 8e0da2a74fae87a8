import { data } from "react-router";
import type { Route } from "./+types/item-text";
import { findItem } from "@db/queries/items";
import { openWorkshop } from "../server/scope.server";

/** The written pattern as she typed it, as a file. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const entry = await findItem(scope, params.id);
  if (!entry) throw data(null, { status: 404 });
  return new Response(entry.revision.pattern, {
    headers: {
      "Content-Type": "text/plain; charset=utf-8",
      "Content-Disposition": 'attachment; filename="pattern.txt"',
    },
  });
}
