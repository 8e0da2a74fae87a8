import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/workshops";
import { createWorkshop, findWorkshop } from "@db/queries/workshops";
import { once, readForm } from "../server/form.server";
import { openWorkshop, workshopCookie } from "../server/scope.server";

const schema = z.union([
  z.object({ intent: z.literal("open"), id: z.string().regex(/^[0-9a-f-]{36}$/) }),
  z.object({ intent: z.literal("create"), name: z.string().trim().min(1).max(120) }),
]);

/** Opens another workshop of this server, or begins an empty one. */
export async function action(args: Route.ActionArgs) {
  const { context } = args;
  const form = await readForm(args.request);
  const read = schema.safeParse(Object.fromEntries(form));
  if (!read.success) return redirect("/settings?workshop=unnamed");
  const wanted = read.data;
  // The cookie is part of no kept answer: what is kept is which workshop was begun.
  const id =
    wanted.intent === "open"
      ? wanted.id
      : (
          await once(await openWorkshop(args.request, context), form, async ({ scope }) =>
            data({ id: await createWorkshop(scope.db, wanted.name) }),
          )
        ).data.id;
  if (!(await findWorkshop(context.db, id))) throw data(null, { status: 404 });
  return redirect("/", { headers: { "Set-Cookie": await workshopCookie.serialize(id) } });
}

export function loader() {
  return redirect("/settings");
}
