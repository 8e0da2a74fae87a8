import { data } from "react-router";
import { z } from "zod";
import { addPhoto, MOST_PHOTOS, setPhotoDeleted, TooManyPhotos, type PhotoHead } from "@db/queries/photos";
import type { Scope } from "@db/scope";
import { id } from "../../forms";
import { photoField } from "../../photo-form";
import { reencoded } from "../../server/picture.server";
import { dayOf } from "../../server/scope.server";
import type { PhotoReply, PhotoView } from "./photos";

const schema = z.object({
  kind: z.enum(["sample", "position", "batch"]),
  batchId: id.optional(),
  caption: z.string().trim().max(120, { error: "120 letters at most." }).default(""),
  photo: photoField,
});
/** What a photo is called until she says more. */
const CALLED = { sample: "Sample", position: "Eyes and limbs", batch: "Batch" } as const;

/** Keeps the photo of a form with its item; what is wrong comes back beside its field. */
export async function keepPhoto(
  scope: Scope,
  item: { readonly id: string; readonly name: string },
  form: FormData,
) {
  const wrong = (said: string, status = 400) => data<PhotoReply>({ photo: said }, { status });
  const read = schema.safeParse(Object.fromEntries(form));
  if (!read.success) return wrong(read.error.issues[0]?.message ?? "Choose a photo.");
  const { kind, batchId, caption, photo } = read.data;
  const jpeg = await reencoded(photo);
  if (!jpeg) return wrong("This picture could not be opened. Choose a photo.");
  try {
    await addPhoto(
      scope,
      {
        kind,
        itemId: item.id,
        batchId: kind === "batch" ? (batchId ?? null) : null,
        caption: (caption || `${CALLED[kind]}: ${item.name}`).slice(0, 160),
      },
      jpeg,
    );
  } catch (error) {
    if (!(error instanceof TooManyPhotos)) throw error;
    return wrong(`${MOST_PHOTOS} photos of this item are kept already: delete one first.`, 409);
  }
  return data<PhotoReply>({});
}

/** Deletes a photo; it comes back by Undo or from the bin. Answers what Undo is told. */
export async function dropPhoto(scope: Scope, form: FormData): Promise<string> {
  const own = z.object({ id }).safeParse(Object.fromEntries(form));
  if (!own.success) throw data(null, { status: 400 });
  await setPhotoDeleted(scope, own.data.id, true);
  return `deleted=photo:${own.data.id}`;
}

export const photoView = (p: PhotoHead, { zone }: Scope): PhotoView => ({
  id: p.id,
  kind: p.kind,
  batchId: p.batchId,
  caption: p.caption,
  on: dayOf(p.createdAt, zone),
});
