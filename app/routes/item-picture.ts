import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-picture";
import { pictureOf, slotColours } from "../features/figure/picture.server";
import { openItem } from "../features/items/load.server";
import { fileResponse } from "../server/file.server";
import { openWorkshop } from "../server/scope.server";

const size = z
  .string()
  .regex(/^\d{2,4}$/)
  .transform(Number)
  .pipe(z.number().min(32).max(2000));
const wishSchema = z.object({
  view: z.enum(["front", "side", "back", "turned"]).default("turned"),
  w: size.default(480),
  h: size.optional(),
  c: z.uuid().optional(),
  v: z.string().max(40).optional(),
});

/** The whole figure as PNG or SVG: `/items/…/figure.png?view=front&w=480&c=colourway`. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const url = new URL(request.url);
  const as = url.pathname.endsWith(".svg") ? "svg" : "png";
  const wish = wishSchema.safeParse(Object.fromEntries(url.searchParams));
  if (!wish.success) throw data(null, { status: 400 });
  const { view, w, h, c, v } = wish.data;
  const opened = await openItem(scope, workshop, params.id, c);
  if (!opened?.got.ok) throw data(null, { status: 404 });
  const { entry, got, surroundings: s } = opened;
  const colours = slotColours(entry.revision.slots, new Map(s.yarns.map((y) => [y.id, y])));
  const picture = await pictureOf(entry, got.value, colours, { view, width: w, height: h ?? w, as });
  if (!picture) throw data(null, { status: 404 });
  return fileResponse(picture, {
    name: `${opened.name} ${view}`,
    ending: as,
    type: as === "png" ? "image/png" : "image/svg+xml",
    inline: true,
    // An address with a mark of what it shows is never another picture.
    cache: v ? "private, max-age=604800" : "private, no-cache",
    headers: { "Content-Security-Policy": "default-src 'none'; style-src 'unsafe-inline'" },
  });
}
