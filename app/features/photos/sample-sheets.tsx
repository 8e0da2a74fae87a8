import { Button, Row, Sheet, SheetHead, Small, Stack } from "../../ui/basics";
import { Field, Textarea } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { MOST_POINTS } from "./own-points";
import { AddPhoto, Photos, type PhotoView } from "./photos";

/** How a piece should look, where its eyes and limbs sit, and what its batches came out like. */
export function SamplePhotos({
  photos,
  wrong,
}: {
  photos: readonly PhotoView[];
  /** What was wrong with the photo that was sent. */
  wrong: string | undefined;
}) {
  const of = (kind: PhotoView["kind"]) => photos.filter((p) => p.kind === kind);
  return (
    <Stack>
      <Sheet aria-labelledby="sample-title">
        <SheetHead>
          <h2 id="sample-title">How it should look</h2>
          <Small>stands beside the list when a run is inspected</Small>
        </SheetHead>
        <Photos photos={of("sample")} canDelete />
        <AddPhoto key={`s${photos.length}`} kind="sample" label="Photo of the sample" wrong={wrong} />
      </Sheet>
      <Sheet aria-labelledby="position-title">
        <SheetHead>
          <h2 id="position-title">Where eyes and limbs sit</h2>
          <Small>close up, with a ruler beside it if you like</Small>
        </SheetHead>
        <Photos photos={of("position")} canDelete />
        <AddPhoto key={`p${photos.length}`} kind="position" label="Photo of their places" wrong={undefined} />
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
  );
}

/** What is looked at: by the pattern, and by her. */
export function PointsSheet({
  id,
  points,
  own,
  wrong,
}: {
  id: string;
  points: readonly string[];
  own: readonly string[];
  wrong: string | undefined;
}) {
  const typed = own.join("\n");
  return (
    <Sheet aria-labelledby="points-title">
      <SheetHead>
        <h2 id="points-title">What is looked at in each piece</h2>
      </SheetHead>
      {points.length > 0 ? (
        <ul style={{ margin: "0 0 14px", paddingLeft: 20 }}>
          {points.map((p) => (
            <li key={p}>{p}</li>
          ))}
        </ul>
      ) : null}
      <WorkForm key={typed} draft={`points ${id}`}>
        <input type="hidden" name="intent" value="points" />
        <Field
          label="Your own points, one a line"
          name="points"
          hint={`The list above comes from the pattern. Up to ${MOST_POINTS} more, such as “Beak closed, no gap below”.`}
          errors={wrong ? [wrong] : undefined}
        >
          {(bind) => <Textarea {...bind} rows={5} defaultValue={typed} />}
        </Field>
        <Row style={{ marginTop: 10 }}>
          <Button type="submit" $primary>
            Keep the points
          </Button>
        </Row>
      </WorkForm>
    </Sheet>
  );
}
