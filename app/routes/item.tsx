import { data, redirect } from "react-router";
import type { Route } from "./+types/item";
import { findItem, saveItem, setItemDeleted } from "@db/queries/items";
import { ChangedMeanwhile } from "@db/scope";
import { minorDigits, printNumber } from "@core/units";
import { ItemPage, type SaveResult } from "../features/items/item-page";
import { analyseStored, draftOf, loadSurroundings } from "../features/items/load.server";
import { errorsByField, itemSchema } from "../features/items/schema";
import { openWorkshop } from "../server/scope.server";
import { unlessAway } from "../ui/away";
import { Page } from "../ui/basics";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.name ?? "Item"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop, reading } = await openWorkshop(request, context);
  const [entry, s] = await Promise.all([findItem(scope, params.id), loadSurroundings(scope, workshop)]);
  if (!entry) throw data(null, { status: 404 });
  const digits = minorDigits(reading.currency);
  const { item, revision } = entry;
  return {
    id: item.id,
    revision: item.revision,
    name: item.name,
    kind: item.kind,
    channelId: item.channelId,
    note: revision.note,
    draft: draftOf(revision),
    price: item.price === null ? "" : printNumber(item.price / 10 ** digits, digits, reading.locale),
    yarns: s.yarns.filter((y) => !y.deleted || revision.slots.some((x) => x.yarnId === y.id)),
    notions: s.notions.filter((n) => !n.deleted || revision.notions.some((x) => x.notionId === n.id)),
    channels: s.channels.map((c) => ({ id: c.id, label: c.name, percentBp: c.percentBp, fixed: c.fixed })),
    money: s.money,
    terms: s.terms,
    hand: { pace: s.hand.pace, density: s.hand.density },
    analysis: analyseStored(entry, s),
  };
}

export async function action({ request, params, context }: Route.ActionArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  if (!(request.headers.get("Content-Type") ?? "").includes("application/json")) {
    const form = await request.formData();
    if (form.get("intent") !== "delete") throw data(null, { status: 400 });
    const entry = await findItem(scope, params.id);
    if (!entry) throw data(null, { status: 404 });
    await setItemDeleted(scope, params.id, true);
    return redirect(`/items?deleted=item:${params.id}&label=${encodeURIComponent(entry.item.name)}`);
  }
  const body: unknown = await request.json().catch(() => undefined);
  const read = itemSchema(workshop.currency, workshop.locale).safeParse(body);
  if (!read.success) return data<SaveResult>({ errors: errorsByField(read.error) }, { status: 400 });
  const { basedOn, name, kind, price, channelId, slots, ...content } = read.data;
  try {
    const { revision } = await saveItem(
      scope,
      params.id,
      basedOn,
      { name, kind, price, channelId },
      {
        ...content,
        slots: slots.map((s) => ({
          slot: s.slot,
          yarnId: s.yarnId,
          hookUm: Math.round(s.hookMm * 1000),
          strands: s.strands,
        })),
      },
    );
    return data<SaveResult>({ saved: revision });
  } catch (error) {
    if (error instanceof ChangedMeanwhile) return data<SaveResult>({ conflict: true }, { status: 409 });
    throw error;
  }
}

/** A save that cannot reach the server says so on the page; leaving the page would lose her place. */
export async function clientAction({ serverAction }: Route.ClientActionArgs) {
  try {
    return await serverAction();
  } catch (error) {
    if (error instanceof TypeError) return { away: true } satisfies SaveResult;
    throw error;
  }
}

export const shouldRevalidate = unlessAway;

export default function ItemRoute({ loaderData }: Route.ComponentProps) {
  return (
    <Page>
      <ItemPage key={loaderData.id} data={loaderData} />
    </Page>
  );
}
