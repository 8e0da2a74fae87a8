import { milligrams, minor, printMass, type Grams } from "@core/units";
import { data, redirect } from "react-router";
import { z } from "zod";
import { addBalls, listBalls } from "@db/queries/balls";
import { batchNumber, listBatches, rejectedOf, type Batch } from "@db/queries/batches";
import type { Yarn } from "@db/queries/materials";
import { listPhotos } from "@db/queries/photos";
import { findRun, type RunWithLines } from "@db/queries/runs";
import type { Scope } from "@db/scope";
import { fields, id } from "../../forms";
import { allItems, allYarns } from "../../server/rows.server";
import { readingOf, type Opened } from "../../server/scope.server";
import type { PhotoReply } from "../photos/photos";
import { keepPhoto, photoView } from "../photos/photos.server";

/** What was wrong with what was sent from the inspection. */
export interface InspectReply extends PhotoReply {
  readonly error?: string;
  readonly unravel?: string;
}
/** Photos of the items of a run, by item. */
export async function photosOfRun(scope: Scope, { lines }: RunWithLines) {
  const ids = [...new Set(lines.map((l) => l.itemId))];
  const all = await Promise.all(ids.map((id) => listPhotos(scope, id)));
  return new Map(ids.map((id, i) => [id, (all[i] ?? []).map((p) => photoView(p, scope))]));
}

/** The yarns of a batch, with what its rejected pieces hold of each, mg: at most that comes back. */
export function yarnsHeld({ lines }: RunWithLines, b: Batch, yarns: readonly Yarn[]) {
  const needs = lines.find((l) => l.id === b.lineId)?.plannedWith.needs ?? [];
  return needs.flatMap((n) => {
    const y = n.kind === "yarn" ? yarns.find((x) => x.id === n.materialId) : undefined;
    return y ? [{ id: y.id, label: `${y.shade}, ${y.name}`, mg: Math.round(n.each * rejectedOf(b)) }] : [];
  });
}

/** A photo of a batch of this run. */
export async function photographBatch(form: FormData, runId: string, { scope }: Opened) {
  const [batches, items] = await Promise.all([listBatches(scope, { runId }), allItems(scope)]);
  const own = batches.find((b) => b.id === form.get("batchId"));
  const item = items.find((i) => i.item.id === own?.itemId)?.item;
  if (!own || !item) throw data(null, { status: 404 });
  return keepPhoto(scope, item, form);
}

/** Yarn of rejected pieces that was unravelled goes back into the cupboard, as a scrap of its lot. */
export async function takeBack(form: FormData, runId: string, { scope, workshop }: Opened) {
  const f = fields(workshop.locale, workshop.currency, workshop.units);
  const read = z
    .object({
      batchId: id,
      yarnId: id,
      mg: f.massMg("Write what the unravelled yarn weighs."),
      lot: z.string().trim().max(40, { error: "40 letters at most." }).default(""),
    })
    .safeParse(Object.fromEntries(form));
  const wrong = (said: string) => data({ unravel: said }, { status: 400 });
  if (!read.success) return wrong(read.error.issues[0]?.message ?? "");
  const { batchId, yarnId, mg, lot } = read.data;
  const [found, batches, yarns] = await Promise.all([
    findRun(scope, runId),
    listBatches(scope, { runId }),
    allYarns(scope),
  ]);
  const own = batches.find((b) => b.id === batchId);
  const yarn = found && own && yarnsHeld(found, own, yarns).find((y) => y.id === yarnId);
  if (!yarn) throw data(null, { status: 404 });
  // A fifth more than was planned may be her hand; more than that is another yarn, or the scale's dish.
  const note = `unravelled, batch ${batchNumber({ id: batchId })}`;
  const before = (await listBalls(scope, { yarnId, empty: true })).filter((b) => b.note === note);
  const already = before.reduce((sum, b) => sum + b.fullMg, 0);
  const said = (n: number) => printMass((n / 1000) as Grams, readingOf(workshop));
  if (already + mg > yarn.mg * MOST_BACK)
    return wrong(
      `The rejected pieces hold about ${said(yarn.mg)} of ${yarn.label}${already > 0 ? `, and ${said(already)} of it are back already` : ""}: take the dish off the scale, and see that it is this yarn.`,
    );
  await addBalls(scope, [
    {
      yarnId,
      lot,
      scrap: true,
      place: "",
      fullMg: milligrams(mg),
      price: minor(0),
      note,
      mg: milligrams(mg),
      kind: "returned",
    },
  ]);
  return redirect(`/runs/${runId}/inspect?back=1`);
}
const MOST_BACK = 1.2;
