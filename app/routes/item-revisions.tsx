import { data, Form, Link, redirect, useNavigation, useSubmit } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-revisions";
import {
  findItem,
  findRevisions,
  listRevisions,
  saveItem,
  type ItemWithRevision,
  type Revision,
} from "@db/queries/items";
import { analyseStored, loadSurroundings, type Surroundings } from "../features/items/load.server";
import { slotColours } from "../features/figure/picture.server";
import { mainOf, type ItemAnalysis, silhouetteOf } from "@core/item";
import { choiceChanges, figureChanges } from "../features/items/revision-changes";
import {
  ChoicesSheet,
  FiguresSheet,
  TextSheet,
  type RevisionPicture,
} from "../features/items/revisions-view";
import { diffText } from "../features/items/text-diff";
import { once, openForm } from "../server/form.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage } from "../ui/away";
import { Button, ButtonLink, Page, PageHead, Row, Sheet, Small, Stack } from "../ui/basics";
import { Select } from "../ui/field";
import { WorkForm } from "../ui/form";
import { useReading } from "../ui/reading";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Revisions of ${loaderData?.name ?? "an item"} · Lapka` },
];

/** So many are offered to be looked at. */
const MOST = 200;
const numberIn = (url: URL, key: string): number | undefined => {
  const read = z
    .string()
    .regex(/^\d{1,9}$/)
    .safeParse(url.searchParams.get(key));
  return read.success ? Number(read.data) : undefined;
};

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [entry, heads, s] = await Promise.all([
    findItem(scope, params.id),
    listRevisions(scope, params.id, MOST),
    loadSurroundings(scope, workshop),
  ]);
  if (!entry) throw data(null, { status: 404 });
  const url = new URL(request.url);
  const head = (n: number | undefined) => heads.find((h) => h.number === n);
  const after = head(numberIn(url, "after")) ?? head(entry.item.revision) ?? heads[0];
  const before = head(numberIn(url, "before")) ?? heads.find((h) => h.number < (after?.number ?? 0));
  const name = { id: entry.item.id, name: entry.item.name, current: entry.item.revision };
  const revisions = heads.map((h) => ({
    number: h.number,
    note: h.note,
    at: h.createdAt.toISOString(),
  }));
  if (!after || !before) return { ...name, revisions, compared: undefined };
  const found = await findRevisions(scope, [before.id, after.id]);
  const [was, is] = [found.get(before.id), found.get(after.id)];
  return { ...name, revisions, compared: was && is ? await comparedOf(entry, was, is, s) : undefined };
}

async function comparedOf({ item }: ItemWithRevision, was: Revision, is: Revision, s: Surroundings) {
  const [before, after] = await Promise.all(
    [was, is].map((revision) => analyseStored({ item, revision }, s)),
  );
  const value = (got: typeof before) => (got?.ok ? got.value : undefined);
  return {
    before: was.number,
    after: is.number,
    rows: diffText(was.pattern, is.pattern),
    figures: figureChanges(value(before), value(after)),
    pictures: [[was, before] as const, [is, after] as const].map(([revision, got]) =>
      pictureOf(revision, value(got), s),
    ),
    choices: choiceChanges(was, is, s.yarns, s.notions),
    unreckoned: [before?.ok ? [] : [was.number], after?.ok ? [] : [is.number]]
      .flat()
      .map((n) => `revision ${n}`),
  };
}

/** The main part from the side, in its yarns; undefined where nothing is counted. */
function pictureOf(revision: Revision, got: ItemAnalysis | undefined, s: Surroundings): RevisionPicture {
  const main = got && mainOf(got.piece);
  return {
    shape: main && silhouetteOf(main),
    colours: slotColours(revision.slots, new Map(s.yarns.map((y) => [y.id, y]))),
  };
}

const backSchema = z.object({
  intent: z.literal("back"),
  basedOn: z.coerce.number().int().min(1),
  number: z.coerce.number().int().min(1),
});

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args);
  return once(opened, form, async ({ scope }) => {
    const entry = await findItem(scope, args.params.id);
    if (!entry) throw data(null, { status: 404 });
    const read = backSchema.safeParse(Object.fromEntries(form));
    if (!read.success) return data({ error: "Choose a revision from the list." }, { status: 400 });
    const { item } = entry;
    const head = (await listRevisions(scope, item.id, MOST)).find((h) => h.number === read.data.number);
    const old = head && (await findRevisions(scope, [head.id])).get(head.id);
    if (!old) return data({ error: "That revision is not there any more." }, { status: 404 });
    const { name, kind, price, channelId } = item;
    await saveItem(scope, item.id, read.data.basedOn, { name, kind, price, channelId }, old);
    return redirect(`/items/${item.id}/revisions`);
  });
}
export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);

export default function ItemRevisionsRoute({ loaderData: d }: Route.ComponentProps) {
  const c = d.compared;
  const titles = [`Revision ${c?.before ?? ""}`, `Revision ${c?.after ?? ""}`] as const;
  return (
    <Page>
      <PageHead>
        <h1>
          Revisions <Small>{d.name}</Small>
        </h1>
        <ButtonLink to={`/items/${d.id}`}>Back to the item</ButtonLink>
      </PageHead>
      {c ? (
        <Stack>
          <Sheet>
            <Row>
              <Choices revisions={d.revisions} before={c.before} after={c.after} />
              {[c.before, c.after]
                .filter((n) => n !== d.current)
                .map((n) => (
                  <GoBack key={n} number={n} current={d.current} />
                ))}
            </Row>
          </Sheet>
          <FiguresSheet figures={c.figures} pictures={c.pictures} titles={titles} unreckoned={c.unreckoned} />
          <ChoicesSheet choices={c.choices} titles={titles} />
          <TextSheet rows={c.rows} titles={titles} />
        </Stack>
      ) : (
        <Sheet>
          <p>
            This item has one revision so far. Each time its text, yarns or notions are saved otherwise, the
            one before is kept here: what was changed, what it makes of yarn, time and cost, and a way back.{" "}
            <Link to={`/items/${d.id}`}>Go on writing.</Link>
          </p>
        </Sheet>
      )}
    </Page>
  );
}

type Head = Route.ComponentProps["loaderData"]["revisions"][number];

/** Two lists to choose from; the page follows at once. */
function Choices({
  revisions,
  before,
  after,
}: {
  revisions: readonly Head[];
  before: number;
  after: number;
}) {
  const r = useReading();
  const submit = useSubmit();
  const told = (h: Head) => {
    const day = new Date(h.at).toLocaleString(r.locale, { dateStyle: "medium", timeStyle: "short" });
    const note = h.note === "" ? "" : `: ${h.note.slice(0, 40)}`;
    return `${h.number}, ${day}${note}`;
  };
  const list = (label: string, name: string, value: number) => (
    <label>
      {label}{" "}
      <Select
        name={name}
        key={value}
        defaultValue={value}
        style={{ width: "auto", maxWidth: "min(250px, 70vw)" }}
        onChange={(e) => void submit(e.currentTarget.form, { preventScrollReset: true })}
      >
        {revisions.map((h) => (
          <option key={h.number} value={h.number}>
            {told(h)}
          </option>
        ))}
      </Select>
    </label>
  );
  return (
    <Form method="get">
      <Row>
        {list("From revision", "before", before)}
        {list("to", "after", after)}
      </Row>
    </Form>
  );
}

/** An earlier revision becomes the newest; the one that was stays in the list. */
function GoBack({ number, current }: { number: number; current: number }) {
  const busy = useNavigation().state !== "idle";
  return (
    <WorkForm>
      <input type="hidden" name="intent" value="back" />
      <input type="hidden" name="basedOn" value={current} />
      <input type="hidden" name="number" value={number} />
      <Button type="submit" disabled={busy}>
        Go back to revision {number}
      </Button>
    </WorkForm>
  );
}
