import { data, redirect } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-sample";
import { findItem, setItemPoints } from "@db/queries/items";
import { listPhotos } from "@db/queries/photos";
import { analyseStored, loadSurroundings } from "../features/items/load.server";
import { AddPhoto, Photos } from "../features/photos/photos";
import { dropPhoto, keepPhoto, photoView } from "../features/photos/photos.server";
import { readPoints, MOST_POINTS } from "../features/runs/own-points";
import { pointsOf } from "../features/runs/points";
import { FILE_FORM, once, openForm } from "../server/form.server";
import { openWorkshop } from "../server/scope.server";
import { keepPage, taken } from "../ui/away";
import {
  Button,
  ButtonLink,
  Columns,
  Page,
  PageHead,
  Row,
  Sheet,
  SheetHead,
  Small,
  Stack,
} from "../ui/basics";
import { Field, Textarea } from "../ui/field";
import { WorkForm } from "../ui/form";

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
  const of = (kind: "sample" | "position" | "batch") => d.photos.filter((p) => p.kind === kind);
  return (
    <Page>
      <PageHead>
        <h1>
          Sample <Small>{d.name}</Small>
        </h1>
        <ButtonLink to={`/items/${d.id}`}>Back to the item</ButtonLink>
      </PageHead>
      <Columns>
        <Stack>
          <Sheet aria-labelledby="sample-title">
            <SheetHead>
              <h2 id="sample-title">How it should look</h2>
              <Small>stands beside the list when a run is inspected</Small>
            </SheetHead>
            <Photos photos={of("sample")} canDelete />
            <AddPhoto
              key={`s${d.photos.length}`}
              kind="sample"
              label="Photo of the sample"
              wrong={answer?.photo}
            />
          </Sheet>
          <Sheet aria-labelledby="position-title">
            <SheetHead>
              <h2 id="position-title">Where eyes and limbs sit</h2>
              <Small>close up, with a ruler beside it if you like</Small>
            </SheetHead>
            <Photos photos={of("position")} canDelete />
            <AddPhoto
              key={`p${d.photos.length}`}
              kind="position"
              label="Photo of their places"
              wrong={undefined}
            />
          </Sheet>
          {of("batch").length > 0 ? (
            <Sheet aria-labelledby="batches-title">
              <SheetHead>
                <h2 id="batches-title">Batches so far</h2>
              </SheetHead>
              <Photos photos={of("batch")} canDelete />
            </Sheet>
          ) : null}
        </Stack>
        <Sheet aria-labelledby="points-title">
          <SheetHead>
            <h2 id="points-title">What is looked at in each piece</h2>
          </SheetHead>
          {d.points.length > 0 ? (
            <ul style={{ margin: "0 0 14px", paddingLeft: 20 }}>
              {d.points.map((p) => (
                <li key={p}>{p}</li>
              ))}
            </ul>
          ) : null}
          <WorkForm key={d.own.join("\n")} draft={`points ${d.id}`}>
            <input type="hidden" name="intent" value="points" />
            <Field
              label="Your own points, one a line"
              name="points"
              hint={`The list above comes from the pattern. Up to ${MOST_POINTS} more, such as “Beak closed, no gap below”.`}
              errors={answer?.points ? [answer.points] : undefined}
            >
              {(bind) => <Textarea {...bind} rows={5} defaultValue={d.own.join("\n")} />}
            </Field>
            <Row style={{ marginTop: 10 }}>
              <Button type="submit" $primary>
                Keep the points
              </Button>
            </Row>
          </WorkForm>
        </Sheet>
      </Columns>
    </Page>
  );
}
