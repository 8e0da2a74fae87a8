import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item";
import { findItem, saveItem, setItemDeleted, type ItemWithRevision } from "@db/queries/items";
import type { Workshop } from "@db/queries/workshops";
import { ChangedMeanwhile } from "@db/scope";
import { minorDigits, printNumber, printTrimmed, micrometres } from "@core/units";
import { pictureMark, slotColours } from "../features/figure/picture.server";
import { ItemPage, type SaveResult } from "../features/items/item-page";
import {
  analyseStored,
  channelView,
  draftOf,
  loadSurroundings,
  tryItemAgain,
} from "../features/items/load.server";
import { errorsByField, itemSchema, MAX_PATTERN, PATTERN_TOO_LONG } from "../features/items/schema";
import { unreckonedText } from "../features/items/unreckoned";
import { UnreckonedPage, type MendResult } from "../features/items/unreckoned-page";
import { once, openForm, ownWorkshop, PATTERN_FORM, readJson } from "../server/form.server";
import { openWorkshop, type Opened } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
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
  const got = await analyseStored(entry, s);
  const head = { id: item.id, revision: item.revision, version: item.version, name: item.name };
  if (!got.ok) return { ...head, page: undefined, unreckoned: { why: got.why, pattern: revision.pattern } };
  return {
    ...head,
    unreckoned: undefined,
    page: {
      ...head,
      kind: item.kind,
      channelId: item.channelId,
      note: revision.note,
      draft: draftOf(revision),
      price: item.price === null ? "" : printNumber(item.price / 10 ** digits, digits, reading.locale),
      yarns: s.yarns.filter((y) => !y.deleted || revision.slots.some((x) => x.yarnId === y.id)),
      notions: s.notions.filter((n) => !n.deleted || revision.notions.some((x) => x.notionId === n.id)),
      passes: printTrimmed(item.yieldBp / 100, 2, reading.locale),
      secondBrings: printNumber(item.secondBrings / 10 ** digits, digits, reading.locale),
      channels: s.channels.map(channelView),
      money: s.money,
      terms: s.terms,
      hand: { pace: s.hand.pace, density: s.hand.density },
      analysis: got.value,
      pictureMark: pictureMark(entry, slotColours(revision.slots, new Map(s.yarns.map((y) => [y.id, y])))),
    },
  };
}

export async function action(args: Route.ActionArgs) {
  const { request, params, context } = args;
  const found = async (o: Opened) => {
    const entry = await findItem(o.scope, params.id);
    if (!entry) throw data(null, { status: 404 });
    return entry;
  };
  if (!(request.headers.get("Content-Type") ?? "").startsWith("application/json")) {
    const { form, opened } = await openForm(args, PATTERN_FORM);
    return once(opened, form, async (o) => formAction(form, await found(o), o));
  }
  const opened = await openWorkshop(request, context);
  const { workshop } = opened;
  const entry = await found(opened);
  const body = await readJson(request);
  ownWorkshop((body as { workshop?: unknown } | null)?.workshop, opened);
  const read = itemSchema(workshop.currency, workshop.locale).safeParse(body);
  if (!read.success) return data<SaveResult>({ errors: errorsByField(read.error) }, { status: 400 });
  const { basedOn, seen, name, kind, price, channelId, passes, secondBrings, slots, ...content } = read.data;
  return keep(
    opened,
    entry,
    { revision: basedOn, version: seen },
    { name, kind, price, channelId, yieldBp: passes, secondBrings },
    {
      ...content,
      slots: slots.map((s) => ({
        slot: s.slot,
        yarnId: s.yarnId,
        hookUm: micrometres(s.hookMm * 1000),
        strands: s.strands,
      })),
    },
  );
}

type Fields = Parameters<typeof saveItem>[3];
type Content = Parameters<typeof saveItem>[4];
interface Seen {
  readonly revision: number;
  readonly version: number | undefined;
}

/** What another tab saved meanwhile, beside which she sees her own. */
function theirsOf({ item, revision }: ItemWithRevision, w: Workshop): { label: string; text: string }[] {
  const digits = minorDigits(w.currency);
  return [
    { label: "Name", text: item.name },
    { label: "Kind", text: item.kind },
    {
      label: "Price",
      text: item.price === null ? "as suggested" : printNumber(item.price / 10 ** digits, digits, w.locale),
    },
    { label: "Pattern", text: revision.pattern },
  ];
}

/** Reckons what would be kept, then keeps it: a text that cannot be reckoned stays on the page. */
async function keep(opened: Opened, entry: ItemWithRevision, seen: Seen, own: Fields, content: Content) {
  const { scope, workshop } = opened;
  const would = {
    item: { ...entry.item, ...own },
    revision: { ...entry.revision, ...content },
  };
  const got = await analyseStored(would, await loadSurroundings(scope, workshop));
  if (!got.ok) return data<SaveResult>({ errors: { pattern: unreckonedText(got.why) } }, { status: 422 });
  try {
    const { revision, version } = await saveItem(
      scope,
      entry.item.id,
      seen.revision,
      own,
      content,
      seen.version,
    );
    return data<SaveResult>({ saved: revision, version });
  } catch (error) {
    if (!(error instanceof ChangedMeanwhile)) throw error;
    const now = await findItem(scope, entry.item.id);
    return data<SaveResult>({ conflict: now ? theirsOf(now, workshop) : [] }, { status: 409 });
  }
}

const mendSchema = z.object({
  basedOn: z
    .string()
    .regex(/^\d{1,9}$/)
    .transform(Number),
  pattern: z.string().max(MAX_PATTERN, { error: PATTERN_TOO_LONG }),
});

/** Plain forms: deleting, and mending an item that could not be reckoned. */
async function formAction(form: FormData, entry: ItemWithRevision, opened: Opened) {
  const { scope, workshop } = opened;
  const { item, revision } = entry;
  switch (form.get("intent")) {
    case "delete":
      await setItemDeleted(scope, item.id, true);
      return redirect(`/items?deleted=item:${item.id}`);
    case "retry":
      tryItemAgain(entry, await loadSurroundings(scope, workshop));
      return redirect(`/items/${item.id}`);
    case "mend": {
      const read = mendSchema.safeParse(Object.fromEntries(form));
      if (!read.success) return data<MendResult>({ errors: errorsByField(read.error) }, { status: 400 });
      const { name, kind, price, channelId } = item;
      return keep(
        opened,
        entry,
        { revision: read.data.basedOn, version: undefined },
        { name, kind, price, channelId },
        {
          ...revision,
          pattern: read.data.pattern,
        },
      );
    }
    default:
      throw data(null, { status: 400 });
  }
}

export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

export default function ItemRoute({ loaderData: d, actionData: answered }: Route.ComponentProps) {
  const actionData = taken(answered);
  return (
    <Page>
      {d.page ? (
        <ItemPage key={d.id} data={d.page} />
      ) : (
        <UnreckonedPage key={d.id} item={d} result={actionData as MendResult | undefined} />
      )}
    </Page>
  );
}
