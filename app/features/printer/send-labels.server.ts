import { data, redirect } from "react-router";
import { addPrintJob, openPrintJobs } from "@db/queries/printer";
import { once, refused } from "../../server/form.server";
import type { Opened } from "../../server/scope.server";
import { tagSchema } from "../paper/choices";
import { paperOf } from "../paper/paper.server";
import { sheetTask } from "../kit/sheet-task.server";
import { LABEL_FIELDS } from "./fields";

/** More than this at once is a mistake, or somebody else's. */
const MOST_WAITING = 60;

/** Draws the label as it will come out and hands it to the label printer, as often as she wants it. */
export async function sendLabels(opened: Opened, form: FormData, itemId: string) {
  const { count = "", ...wished } = Object.fromEntries(
    LABEL_FIELDS.flatMap((name) => {
      const value = form.get(name);
      return typeof value === "string" && value !== "" ? [[name, value]] : [];
    }),
  ) as Record<string, string>;
  const copies = tagSchema.safeParse({ count });
  if (!copies.success) throw refused(copies.error.issues[0]?.message ?? "", 400);
  if ((await openPrintJobs(opened.scope)) >= MOST_WAITING)
    throw refused(`${MOST_WAITING} lots of labels wait already. Let them come out, or stop some.`, 409);
  const label = { ...wished, count: "1", paper: "ROLL" };
  const made = await sheetTask(opened.scope, opened.workshop, itemId, "tags", label);
  if (!made.ok) return data({ refused: made.why }, { status: made.status });
  const png = await paperOf({ ...made.task, as: "picture" });
  if (!png.ok) throw refused("The label could not be drawn. Nothing was printed; try it once more.", 503);
  // The picture is made before: no transaction is held open over it.
  return once(opened, form, async (o) => {
    await addPrintJob(o.scope, {
      title: made.name,
      itemId: made.itemId,
      copies: copies.data.count,
      png: png.value,
    });
    return redirect("/printer");
  });
}
