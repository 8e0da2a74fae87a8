import { data, redirect } from "react-router";
import { z } from "zod";
import { saveColourway, setColourwayDeleted, type Colourway } from "@db/queries/colourways";
import type { ItemWithRevision } from "@db/queries/items";
import { madeStock } from "@db/queries/pieces";
import { analyseStored, inColourway, type Surroundings } from "../items/load.server";
import { errorsByField } from "../items/schema";
import { fields, id, name } from "../../forms";
import type { Opened } from "../../server/scope.server";

/** The kits of an item that she sells, each with what it costs, brings and how many there are. */
export async function offeredKits(
  scope: Opened["scope"],
  entry: ItemWithRevision,
  colourways: readonly Colourway[],
  s: Surroundings,
) {
  const made = await madeStock(scope);
  const kits = await Promise.all(
    colourways
      .filter((c) => c.asKit)
      .map(async (c) => ({ c, got: await analyseStored(inColourway(entry, c), s) })),
  );
  return kits.flatMap(({ c, got }) =>
    got.ok
      ? [
          {
            id: c.id,
            name: c.name,
            price: got.value.price,
            cost: got.value.cost.total,
            perHour: got.value.earning.perHour,
            there: made.get(`${entry.item.id}:${c.id}`) ?? 0,
          },
        ]
      : [],
  );
}
export type OfferedKit = Awaited<ReturnType<typeof offeredKits>>[number];

const offerSchema = (locale: string, currency: string, units: "metric" | "imperial") =>
  z.object({
    intent: z.literal("offer"),
    colours: z.union([id, z.literal("")]),
    name: name("Name it, such as “kit”.").max(80, { error: "80 letters at most." }),
    price: z.union([
      z.literal("").transform(() => null),
      fields(locale, currency, units).money("Write what a kit costs, or nothing.", 1),
    ]),
  });

/** Puts a kit among what she sells, in the item's own colours or in those of a colourway. */
export async function offerKit(
  { scope, workshop }: Opened,
  entry: ItemWithRevision,
  colourways: readonly Colourway[],
  form: FormData,
) {
  const read = offerSchema(workshop.locale, workshop.currency, workshop.units).safeParse(
    Object.fromEntries(form),
  );
  if (!read.success) return data({ errors: errorsByField(read.error) }, { status: 400 });
  const k = read.data;
  const colours = k.colours === "" ? undefined : colourways.find((c) => c.id === k.colours && !c.asKit);
  if (k.colours !== "" && !colours)
    return data(
      { errors: { colours: ["These colours are not there any more. Choose others."] } },
      { status: 400 },
    );
  if (colourways.some((c) => c.name.toLowerCase() === k.name.toLowerCase()))
    return data(
      { errors: { name: ["There is one of this name already. Choose another."] } },
      { status: 400 },
    );
  await saveColourway(scope, {
    itemId: entry.item.id,
    name: k.name,
    price: k.price,
    asKit: true,
    slots: colours?.slots ?? [],
  });
  return { ok: true };
}

/** Takes a kit from what she sells; what lies on the shelf stays in its book. */
export async function withdrawKit(
  { scope }: Opened,
  itemId: string,
  colourways: readonly Colourway[],
  form: FormData,
) {
  const own = colourways.find((c) => c.id === form.get("id") && c.asKit);
  if (!own) throw data(null, { status: 404 });
  await setColourwayDeleted(scope, own.id, true);
  return redirect(`/items/${itemId}/kit?deleted=colourway:${own.id}`);
}
