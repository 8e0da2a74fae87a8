import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-drawing";
import { slotColours } from "../features/figure/picture.server";
import { openItem } from "../features/items/load.server";
import { drawingOf } from "../features/paper/drawings/drawing";
import { paperOf } from "../features/paper/paper.server";
import { fileResponse } from "../server/file.server";
import { openWorkshop } from "../server/scope.server";

const wishSchema = z.object({
  w: z
    .string()
    .regex(/^\d{3,4}$/)
    .transform(Number)
    .pipe(z.number().min(200).max(2000))
    .default(1200),
  c: z.uuid().optional(),
});
const NAMES = { ladder: "rounds", shape: "parts" } as const;

/** The ladder or the parts of an item as a drawing to keep: `/items/…/ladder.svg`, `/items/…/shape.png?w=1200`. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop, reading } = await openWorkshop(request, context);
  const url = new URL(request.url);
  const as = url.pathname.endsWith(".svg") ? "svg" : "png";
  const what = /ladder\.\w+$/.test(url.pathname) ? "ladder" : "shape";
  const wish = wishSchema.safeParse(Object.fromEntries(url.searchParams));
  if (!wish.success) throw data(null, { status: 400 });
  const opened = await openItem(scope, workshop, params.id, wish.data.c);
  if (!opened?.got.ok || opened.got.value.piece.parts.length === 0) throw data(null, { status: 404 });
  const { entry, got, name, surroundings: s } = opened;
  const svg = drawingOf(what, {
    name,
    ...got.value,
    colours: slotColours(entry.revision.slots, new Map(s.yarns.map((y) => [y.id, y]))),
    reading,
  });
  const file = { name: `${name} ${NAMES[what]}`, ending: as };
  if (as === "svg") return fileResponse(svg, { ...file, type: "image/svg+xml" });
  const png = await paperOf({ sheet: "drawing", svg, width: wish.data.w });
  if (!png.ok) throw data("The picture took too long; try again.", { status: 503 });
  return fileResponse(png.value, { ...file, type: "image/png" });
}
