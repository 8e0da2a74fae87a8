import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-sample";
import { findItem, setItemPoints } from "@db/queries/items";
import { listPhotos } from "@db/queries/photos";
import { analyseStored, loadSurroundings } from "../features/items/load.server";
import { dropPhoto, keepPhoto, photoView } from "../features/photos/photos.server";
import { PointsSheet, SamplePhotos } from "../features/photos/sample-sheets";
import { readPoints } from "../features/photos/own-points";
import { pointsOf } from "../features/runs/points";
import { FILE_FORM, once, openForm } from "../server/form.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import { ButtonLink, Columns, Page, PageHead, Small } from "../ui/basics";

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Sample of ${loaderData?.name ?? "an item"} · Lapka` },
];

export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [entry, photos, s] = await Promise.all([
    findItem(scope, params.id),
    listPhotos(scope, params.id),
    loadSurroundings(scope, workshop),
  ]);
  if (!entry) throw data(null, { status: 404 });
  const got = await analyseStored(entry, s);
  return {
    id: entry.item.id,
    name: entry.item.name,
    points: got.ok ? pointsOf(got.value, entry.revision.hanger, s.reading).map((p) => p.text) : [],
    own: entry.item.points ?? [],
    photos: photos.map((p) => photoView(p, scope)),
  };
}

export async function action(args: Route.ActionArgs) {
  const { form, opened } = await openForm(args, FILE_FORM);
  return once(opened, form, async ({ scope }) => {
    const entry = await findItem(scope, args.params.id);
    if (!entry) throw data(null, { status: 404 });
    switch (z.enum(["photo", "photo-delete", "points"]).safeParse(form.get("intent")).data) {
      case "photo":
        return keepPhoto(scope, entry.item, form);
      case "photo-delete":
        return redirect(`/items/${entry.item.id}/sample?${await dropPhoto(scope, form)}`);
      case "points": {
        const read = readPoints(form.get("points"));
        if (!read.ok) return data({ points: read.wrong }, { status: 400 });
        await setItemPoints(scope, entry.item.id, read.points);
        return data({});
      }
      default:
        throw data(null, { status: 400 });
    }
  });
}
export const clientAction = (args: Route.ClientActionArgs) => keepPage(args);
export { unlessAway as shouldRevalidate } from "../ui/away";

/** What each finished piece of an item is held against: its photos, and what is looked at. */
export default function ItemSample({ loaderData: d, actionData }: Route.ComponentProps) {
  const answer = taken(actionData) as { photo?: string; points?: string } | undefined;
  return (
    <Page>
      <PageHead>
        <h1>
          Sample <Small>{d.name}</Small>
        </h1>
        <ButtonLink to={`/items/${d.id}`}>Back to the item</ButtonLink>
      </PageHead>
      <Columns>
        <SamplePhotos photos={d.photos} wrong={answer?.photo} />
        <PointsSheet id={d.id} points={d.points} own={d.own} wrong={answer?.points} />
      </Columns>
    </Page>
  );
}
