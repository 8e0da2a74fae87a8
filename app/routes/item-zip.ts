import { strToU8 } from "fflate";
import { data } from "react-router";
import type { Route } from "./+types/item-zip";
import { measuresOf, pictureOf, slotColours } from "../features/figure/picture.server";
import { openItem } from "../features/items/load.server";
import { kitFile, kitHandedOn, kitOf, kitPaper } from "../features/kit/kit.server";
import { sheetSchema } from "../features/paper/choices";
import { drawingOf } from "../features/paper/drawings/drawing";
import { itemZip } from "../features/paper/item-zip";
import { itemPaper, paperOf } from "../features/paper/paper.server";
import { fileResponse } from "../server/file.server";
import { openWorkshop } from "../server/scope.server";

const SIDE = 1000;

const making = new Map<string, Promise<Uint8Array>>();
/** Who asks while it is being made gets the same file: pictures and sheets take seconds each. */
function shared(key: string, make: () => Promise<Uint8Array>): Promise<Uint8Array> {
  const had = making.get(key);
  if (had) return had;
  const made = make().finally(() => making.delete(key));
  making.set(key, made);
  return made;
}

/** An item with its pictures and sheets as one file to hand on. */
export async function loader({ request, params, context }: Route.LoaderArgs) {
  const { scope, workshop, reading } = await openWorkshop(request, context);
  const opened = await openItem(scope, workshop, params.id);
  if (!opened) throw data(null, { status: 404 });
  const { entry, got, name, surroundings: s } = opened;
  if (!got.ok || got.value.piece.parts.length === 0)
    throw data("Nothing of this pattern is counted yet.", { status: 409 });
  const { value } = got;
  const bytes = await shared(`${workshop.id} ${entry.item.id}`, async () => {
    const item = itemPaper(entry, value, s, workshop, await measuresOf(entry, value));
    const colours = slotColours(entry.revision.slots, new Map(s.yarns.map((y) => [y.id, y])));
    const picture = (view: "turned" | "front" | "side" | "back", as: "png" | "svg") =>
      pictureOf(entry, value, colours, { view, width: SIDE, height: SIDE, as });
    const choice = sheetSchema(workshop.terms).parse({});
    // A sheet takes its time: only where she has chosen what a kit is, or sells one.
    const kit = await kitHandedOn(scope, entry.item.id);
    const view = kit && kitOf(entry, value, s, kit);
    const drawn = { name, ...value, colours, reading };
    const [ladder, shape] = [drawingOf("ladder", drawn), drawingOf("shape", drawn)];
    const [turned, front, side, back, outline, rounds, parts, pattern, position, inKit] = await Promise.all([
      picture("turned", "png"),
      picture("front", "png"),
      picture("side", "png"),
      picture("back", "png"),
      picture("front", "svg"),
      paperOf({ sheet: "drawing", svg: ladder, width: SIDE }),
      paperOf({ sheet: "drawing", svg: shape, width: SIDE }),
      paperOf({ sheet: "pattern", item, choice }),
      paperOf({ sheet: "position", item, choice }),
      kit && view && paperOf({ sheet: "kit", item, choice, kit: kitPaper(view, value, kit, s) }),
    ]);
    const along = Object.entries({
      "figure.png": turned,
      "figure front.png": front,
      "figure side.png": side,
      "figure back.png": back,
      "figure front.svg": outline,
      "rounds.svg": strToU8(ladder),
      "rounds.png": rounds.ok ? rounds.value : undefined,
      "parts.svg": strToU8(shape),
      "parts.png": parts.ok ? parts.value : undefined,
      "pattern sheet.pdf": pattern.ok ? pattern.value : undefined,
      "position note.pdf": position.ok ? position.value : undefined,
      "kit sheet.pdf": inKit?.ok ? inKit.value : undefined,
    }).flatMap(([name, bytes]) => (bytes ? [[name, new Uint8Array(bytes)] as const] : []));
    return itemZip(item, Object.fromEntries(along), kit && view && kitFile(view, kit));
  });
  return fileResponse(bytes, { name, ending: "zip", type: "application/zip" });
}
