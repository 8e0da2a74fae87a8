import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/workshops";
import { createWorkshop, findWorkshop } from "@db/queries/workshops";
import { readForm } from "../server/form.server";
import { workshopCookie } from "../server/scope.server";

const schema = z.union([
  z.object({ intent: z.literal("open"), id: z.string().regex(/^[0-9a-f-]{36}$/) }),
  z.object({ intent: z.literal("create"), name: z.string().trim().min(1).max(120) }),
]);

/** Opens another workshop of this server, or begins an empty one. */
export async function action({ request, context }: Route.ActionArgs) {
  const read = schema.safeParse(Object.fromEntries(await readForm(request)));
  if (!read.success) return redirect("/settings?workshop=unnamed");
  const id = read.data.intent === "open" ? read.data.id : await createWorkshop(context.db, read.data.name);
  if (!(await findWorkshop(context.db, id))) throw data(null, { status: 404 });
  return redirect("/", { headers: { "Set-Cookie": await workshopCookie.serialize(id) } });
}

export function loader() {
  return redirect("/settings");
}
