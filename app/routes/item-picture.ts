import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/item-picture";
import { findItem } from "@db/queries/items";
import { pictureOf, slotColours } from "../features/figure/picture.server";
import { analyseStored, inColourway, loadSurroundings } from "../features/items/load.server";
import { liveColourways } from "../server/rows.server";
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
  const [found, s] = await Promise.all([findItem(scope, params.id), loadSurroundings(scope, workshop)]);
  if (!found) throw data(null, { status: 404 });
  const { view, w, h, c, v } = wish.data;
  const colourway = c
    ? (await liveColourways(scope)).find((x) => x.id === c && x.itemId === found.item.id)
    : undefined;
  if (c && !colourway) throw data(null, { status: 404 });
  const entry = inColourway(found, colourway);
  const got = await analyseStored(entry, s);
  const colours = slotColours(entry.revision.slots, new Map(s.yarns.map((y) => [y.id, y])));
  const picture = got.ok
    ? await pictureOf(entry, got.value, colours, { view, width: w, height: h ?? w, as })
    : undefined;
  if (!picture) throw data(null, { status: 404 });
  const name = `${entry.item.name.replace(/[^\p{L}\p{N} _-]/gu, "").slice(0, 80) || "item"} ${view}.${as}`;
  return new Response(new Uint8Array(picture), {
    headers: {
      "Content-Type": as === "png" ? "image/png" : "image/svg+xml",
      "Content-Disposition": `inline; filename*=UTF-8''${encodeURIComponent(name)}`,
      "Content-Security-Policy": "default-src 'none'; style-src 'unsafe-inline'",
      // An address with a mark of what it shows is never another picture.
      "Cache-Control": v ? "private, max-age=604800" : "private, no-cache",
    },
  });
}
