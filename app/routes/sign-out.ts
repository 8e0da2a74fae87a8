import { redirect } from "react-router";
import type { Route } from "./+types/sign-out";
import { endSession } from "@db/queries/sessions";
import { dropSession } from "../server/session.server";

/** Ends this browser's session, here and in the database. */
export async function action({ context }: Route.ActionArgs) {
  const { who } = context.passed;
  if (who.kind === "account") await endSession(context.db, who.session.tokenHash);
  return redirect("/sign-in", { headers: { "Set-Cookie": await dropSession() } });
}

export function loader() {
  return redirect("/");
}
