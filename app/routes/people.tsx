import { toSVG } from "bwip-js/node";
import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/people";
import { changeMember, LastOwner, listPeople, ROLES } from "@db/queries/accounts";
import { listHands } from "@db/queries/hands";
import { invite, listInvitations, revokeInvitation } from "@db/queries/invitations";
import { passkeySite } from "../features/accounts/passkeys.server";
import { askProof, isProved } from "../features/accounts/proof.server";
import { PeoplePage } from "../features/accounts/people-page";
import { wrongsOf } from "../features/accounts/schema";
import { id } from "../forms";
import { once, openForm, refused } from "../server/form.server";
import { publicOrigin } from "../server/origin";
import { openWorkshop, type Opened } from "../server/scope.server";
import { ButtonLink, Empty, Page, PageHead } from "../ui/basics";
import { keepPage, taken } from "../ui/away";

export const meta: Route.MetaFunction = () => [{ title: "People · Lapka" }];

export async function loader({ request, context }: Route.LoaderArgs) {
  const { scope } = await openWorkshop(request, context);
  const { who } = context.passed;
  if (who.kind !== "account") return undefined;
  const [people, invited, hands] = await Promise.all([
    listPeople(scope),
    listInvitations(scope),
    listHands(scope),
  ]);
  return {
    me: who.session.accountId,
    people: people.map(({ since: _since, ...p }) => p),
    invited: invited.map((i) => ({ ...i, endsAt: i.endsAt.toISOString() })),
    hands: hands.map((h) => ({ id: h.id, name: h.name })),
    proved: isProved(who.session),
    passkeys: passkeySite(request) !== undefined,
  };
}

const handId = id.optional().or(z.literal("").transform(() => undefined));
const inviteSchema = z.object({
  forName: z
    .string({ error: "Write whom it is for." })
    .trim()
    .min(1, { error: "Write whom it is for." })
    .max(80, { error: "80 letters at most." }),
  role: z.enum(ROLES),
  handId,
});
const changeSchema = z.object({ id, role: z.enum(ROLES), handId });

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  const asked = await askProof(args.request, form, args.context, "/people");
  if (asked) return asked;
  const origin = publicOrigin()?.origin ?? new URL(args.request.url).origin;
  // What a link says is told once, so this answer is kept nowhere.
  if (form.get("intent") === "invite") {
    const read = inviteSchema.safeParse(Object.fromEntries(form));
    if (!read.success) return data({ wrongs: wrongsOf(read.error) }, { status: 400 });
    const { role, forName } = read.data;
    const hand = role === "helper" ? read.data.handId : undefined;
    const secret = await invite(opened.scope, { role, forName, handId: hand });
    return data({ ...linkOf(origin, secret), forName, known: false });
  }
  if (form.get("intent") === "device") {
    const person = (await listPeople(opened.scope)).find((p) => p.id === form.get("id"));
    // Whoever may do as much as the owner signs in by a phrase of their own.
    if (!person || (person.role !== "helper" && person.role !== "stall")) throw data(null, { status: 404 });
    const secret = await invite(opened.scope, {
      role: person.role,
      forName: person.name,
      accountId: person.id,
    });
    return data({ ...linkOf(origin, secret), forName: person.name, known: true });
  }
  return once(opened, form, (o) => change(form, o));
}

function linkOf(origin: string, secret: string) {
  const link = `${origin}/join/${secret}`;
  return { link, code: toSVG({ bcid: "qrcode", text: link, scale: 4, paddingwidth: 4, paddingheight: 4 }) };
}

async function change(form: FormData, { scope }: Opened) {
  try {
    switch (form.get("intent")) {
      case "revoke":
        await revokeInvitation(scope, id.parse(form.get("id")));
        return redirect("/people");
      case "remove":
        await changeMember(scope, id.parse(form.get("id")), undefined);
        return redirect("/people");
      case "change": {
        const read = changeSchema.parse(Object.fromEntries(form));
        await changeMember(scope, read.id, read.role, read.role === "helper" ? (read.handId ?? null) : null);
        return redirect("/people?saved=1");
      }
      default:
        throw data(null, { status: 400 });
    }
  } catch (error) {
    if (error instanceof LastOwner)
      return refused("A workshop keeps at least one owner. Make somebody else an owner first.", 409);
    if (error instanceof z.ZodError) throw data(null, { status: 400 });
    throw error;
  }
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function People({ loaderData, actionData }: Route.ComponentProps) {
  if (!loaderData)
    return (
      <Page>
        <PageHead>
          <h1>People</h1>
        </PageHead>
        <Empty>
          <h2>Nobody signs in here</h2>
          <p>
            This demo is open to whoever uses this computer. With an owner, helpers can have the bench on
            their phones, and somebody can sell at the stall, each seeing only what they need.
          </p>
          <ButtonLink to="/begin" $primary>
            Become its owner, to try accounts
          </ButtonLink>
        </Empty>
      </Page>
    );
  return <PeoplePage of={loaderData} answer={taken(actionData)} />;
}
