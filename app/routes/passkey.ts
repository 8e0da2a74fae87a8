import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/passkey";
import { askToSign, bySignature, passkeySite } from "../features/accounts/passkeys.server";
import { letIn, safePage } from "../features/accounts/sign-in.server";
import { readForm } from "../server/form.server";

const schema = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("ask") }),
  z.object({
    intent: z.literal("sign-in"),
    answer: z.string().max(40_000),
    to: z.string().max(500).optional(),
    own: z.literal("on").optional(),
  }),
]);

/** Signing in by a passkey: what is to be signed, and what was. */
export async function action({ request, context }: Route.ActionArgs) {
  const read = schema.safeParse(Object.fromEntries(await readForm(request)));
  const site = passkeySite(request);
  if (!read.success || !site) throw data(null, { status: 400 });
  if (read.data.intent === "ask") return { ask: await askToSign(context, site) };
  const got = await bySignature(context, site, read.data.answer);
  if (!got.ok) return data({ wrong: got.why }, { status: got.status });
  return letIn(request, context, got.accountId, read.data.own ? "own" : "shared", safePage(read.data.to));
}
