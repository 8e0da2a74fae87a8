import { Camera, Trash2 } from "lucide-react";
import { useState } from "react";
import styled from "styled-components";
import { Button, Row, Small } from "../../ui/basics";
import { printDay } from "../../ui/days";
import { Field, Input } from "../../ui/field";
import { WorkForm } from "../../ui/form";
import { PhotoField } from "../../ui/photo-field";
import { useReading } from "../../ui/reading";

export interface PhotoView {
  readonly id: string;
  readonly kind: "sample" | "position" | "batch";
  readonly batchId: string | null;
  readonly caption: string;
  /** The day as the workshop has it. */
  readonly on: string;
}
/** What was wrong with a photo that was sent. */
export interface PhotoReply {
  readonly photo?: string;
}

/** Photos beside each other, each opening at its full size; with `canDelete` they can be deleted here. */
export function Photos({ photos, canDelete = false }: { photos: readonly PhotoView[]; canDelete?: boolean }) {
  const r = useReading();
  return (
    <Strip>
      {photos.map((p) => (
        <li key={p.id}>
          <a href={`/photos/${p.id}.jpg`} target="_blank" rel="noreferrer">
            <img src={`/photos/${p.id}.jpg`} alt={p.caption} loading="lazy" />
          </a>
          <Row $gap={6} style={{ justifyContent: "space-between", flexWrap: "nowrap" }}>
            <Small>
              {p.caption}
              <br />
              {printDay(p.on, r.locale)}
            </Small>
            {canDelete ? (
              <WorkForm>
                <input type="hidden" name="intent" value="photo-delete" />
                <input type="hidden" name="id" value={p.id} />
                <Button type="submit" $quiet aria-label={`Delete the photo ${p.caption}`}>
                  <Trash2 size={16} aria-hidden />
                </Button>
              </WorkForm>
            ) : null}
          </Row>
        </li>
      ))}
    </Strip>
  );
}

/** A photo to be added: chosen or taken, made small, with a word to it. */
export function AddPhoto({
  kind,
  batchId,
  label,
  wrong,
}: {
  kind: PhotoView["kind"];
  batchId?: string;
  label: string;
  wrong: string | undefined;
}) {
  const [there, setThere] = useState(false);
  return (
    <WorkForm style={{ marginTop: 14 }}>
      <input type="hidden" name="intent" value="photo" />
      <input type="hidden" name="kind" value={kind} />
      {batchId ? <input type="hidden" name="batchId" value={batchId} /> : null}
      <PhotoField
        name="photo"
        label={label}
        hint="Kept small, without the place it was taken; only your workshop sees it."
        wrong={wrong}
        onTaken={setThere}
      />
      {there ? (
        <Row style={{ alignItems: "end", marginTop: 10 }}>
          <Field label="What it shows, if you like" name="caption">
            {(bind) => <Input {...bind} maxLength={120} autoComplete="off" />}
          </Field>
          <Button type="submit" $primary>
            <Camera size={17} aria-hidden /> Keep the photo
          </Button>
        </Row>
      ) : null}
    </WorkForm>
  );
}

const Strip = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 14px;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  a {
    display: block;
  }
  img {
    width: 100%;
    aspect-ratio: 4 / 3;
    object-fit: cover;
    border-radius: 6px;
    border: 1px solid var(--line);
    background: var(--ground);
  }
`;
