import { data } from "react-router";
import type { Route } from "./+types/item-zip";
import { findItem } from "@db/queries/items";
import { pictureOf, slotColours } from "../features/figure/picture.server";
import { analyseStored, loadSurroundings } from "../features/items/load.server";
import { sheetSchema } from "../features/paper/choices";
import { itemZip } from "../features/paper/item-zip";
import { itemPaper, paperOf } from "../features/paper/paper.server";
import { openWorkshop } from "../server/scope.server";

const SIDE = 1000;

/** An item with its pictures and sheets as one file to hand on. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop } = await openWorkshop(request, context);
  const [entry, s] = await Promise.all([findItem(scope, params.id), loadSurroundings(scope, workshop)]);
  if (!entry) throw data(null, { status: 404 });
  const got = await analyseStored(entry, s);
  if (!got.ok || got.value.piece.parts.length === 0)
    throw data("Nothing of this pattern is counted yet.", { status: 409 });
  const { value } = got;
  const item = itemPaper(entry, value, s, workshop);
  const colours = slotColours(entry.revision.slots, new Map(s.yarns.map((y) => [y.id, y])));
  const picture = (view: "turned" | "front" | "side" | "back", as: "png" | "svg") =>
    pictureOf(entry, value, colours, { view, width: SIDE, height: SIDE, as });
  const choice = sheetSchema(workshop.terms).parse({});
  const [turned, front, side, back, drawn, pattern, position] = await Promise.all([
    picture("turned", "png"),
    picture("front", "png"),
    picture("side", "png"),
    picture("back", "png"),
    picture("front", "svg"),
    paperOf({ sheet: "pattern", item, choice }),
    paperOf({ sheet: "position", item, choice }),
  ]);
  const along = Object.entries({
    "figure.png": turned,
    "figure front.png": front,
    "figure side.png": side,
    "figure back.png": back,
    "figure front.svg": drawn,
    "pattern sheet.pdf": pattern.ok ? pattern.value : undefined,
    "position note.pdf": position.ok ? position.value : undefined,
  }).flatMap(([name, bytes]) => (bytes ? [[name, new Uint8Array(bytes)] as const] : []));
  const zip = itemZip(item, Object.fromEntries(along));
  const name = `${entry.item.name.replace(/[^\p{L}\p{N} ,._-]/gu, "").slice(0, 90) || "item"}.zip`;
  return new Response(new Uint8Array(zip), {
    headers: {
      "Content-Type": "application/zip",
      "Content-Disposition": `attachment; filename*=UTF-8''${encodeURIComponent(name)}`,
      "Cache-Control": "private, no-store",
    },
  });
}
