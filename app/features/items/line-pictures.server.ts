import type { Scope } from "../../../db/scope";
import { inColourway } from "./load.server";
import { allColourways, allItems, allYarns } from "../../server/rows.server";
import type { PictureOf } from "../figure/figure-picture";
import { pictureMark, slotColours } from "../figure/picture.server";

/** What of a run's line says which figure it is. */
interface Line {
  readonly itemId: string;
  readonly colourwayId: string | null;
}

/**
 * The picture of each line of a run, as the item is drawn now; undefined where the item is gone. Rows that every
 * page keeps are all that is read: nothing is reckoned for an address.
 */
export async function linePictures(scope: Scope): Promise<(line: Line) => PictureOf | undefined> {
  const [items, colourways, yarns] = await Promise.all([
    allItems(scope),
    allColourways(scope),
    allYarns(scope),
  ]);
  const byItem = new Map(items.map((i) => [i.item.id, i]));
  const byColourway = new Map(colourways.map((c) => [c.id, c]));
  const byYarn = new Map(yarns.map((y) => [y.id, y]));
  const pictureFor = ({ itemId, colourwayId }: Line): PictureOf | undefined => {
    const entry = byItem.get(itemId);
    const colourway = byColourway.get(colourwayId ?? "");
    // A colourway that is sold no longer has no address of its own.
    const open = colourway?.deletedAt === null ? colourway : undefined;
    if (!entry) return undefined;
    const dressed = inColourway(entry, open);
    return {
      itemId,
      colourwayId: open?.id,
      mark: pictureMark(dressed, slotColours(dressed.revision.slots, byYarn)),
    };
  };
  // A list of runs names the same few items over and over.
  const known = new Map<string, PictureOf | undefined>();
  return (line) => {
    const key = `${line.itemId} ${line.colourwayId ?? ""}`;
    if (!known.has(key)) known.set(key, pictureFor(line));
    return known.get(key);
  };
}
