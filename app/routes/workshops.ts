import { data, redirect, type AppLoadContext } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/workshops";
import { membershipsOf, setMember } from "@db/queries/accounts";
import { openInSession, type SessionUse } from "@db/queries/sessions";
import { createWorkshop, findWorkshop } from "@db/queries/workshops";
import { leaveTrail } from "@db/scope";
import { homeOf } from "../server/access";
import { once, readForm } from "../server/form.server";
import { doingIn, openWorkshop, workshopCookie } from "../server/scope.server";

const schema = z.union([
  z.object({ intent: z.literal("open"), id: z.string().regex(/^[0-9a-f-]{36}$/) }),
  z.object({ intent: z.literal("create"), name: z.string().trim().min(1).max(120) }),
]);

/**
 * Opens another workshop, or begins an empty one. With accounts: one that the account is in, and it owns what
 * it begins.
 */
export async function action({ request, context }: Route.ActionArgs) {
  const form = await readForm(request);
  const { who } = context.passed;
  const read = schema.safeParse(Object.fromEntries(form));
  if (!read.success) return redirect(who.kind === "account" ? "/account" : "/settings?workshop=unnamed");
  if (who.kind === "nobody") throw data(null, { status: 401 });
  return who.kind === "account"
    ? forAccount(read.data, who.session, context)
    : forOpen(read.data, form, request, context);
}
type Wanted = z.infer<typeof schema>;

async function forAccount(wanted: Wanted, session: SessionUse, context: AppLoadContext) {
  const { db } = context;
  const id = wanted.intent === "open" ? wanted.id : await createWorkshop(db, wanted.name);
  if (wanted.intent === "create") {
    const scope = { db, workshopId: id, now: new Date() };
    await setMember(scope, session.accountId, "owner");
    await leaveTrail({ ...scope, doing: { ...doingIn(context), detail: { name: wanted.name } } });
  }
  const membership = (await membershipsOf(db, session.accountId)).find((m) => m.workshopId === id);
  if (!membership) throw data(null, { status: 404 });
  await openInSession(db, session.tokenHash, id);
  return redirect(homeOf(membership.role));
}

async function forOpen(wanted: Wanted, form: FormData, request: Request, context: AppLoadContext) {
  // The cookie is part of no kept answer: what is kept is which workshop was begun.
  const id =
    wanted.intent === "open"
      ? wanted.id
      : (
          await once(await openWorkshop(request, context), form, async ({ scope }) =>
            data({ id: await createWorkshop(scope.db, wanted.name) }),
          )
        ).data.id;
  if (!(await findWorkshop(context.db, id))) throw data(null, { status: 404 });
  return redirect("/", { headers: { "Set-Cookie": await workshopCookie.serialize(id) } });
}

export function loader() {
  return redirect("/settings");
}
