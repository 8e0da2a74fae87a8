import { createHash } from "node:crypto";
import path from "node:path";
import { LRUCache } from "lru-cache";
import sharp from "sharp";
import type { ItemWithRevision } from "@db/queries/items";
import type { ItemAnalysis, YarnView } from "../items/analyse";
import { Reckoner } from "../../server/reckoner";
import { VIEWS, type PictureAnswer, type PictureTask, type ViewName } from "./picture";

/** One thread: pictures wait for each other rather than for pages. */
const drawer = new Reckoner<PictureTask, PictureAnswer | undefined>(
  path.resolve("build/server/figure.thread.js"),
  { threads: 1, ms: 8000, megabytes: 256, bytes: 40_000_000 },
);
/** Pictures by all that they show. */
const drawn = new LRUCache<string, Promise<Buffer | undefined>>({
  max: 4000,
  maxSize: 60_000_000,
  sizeCalculation: () => 15_000,
});

export interface PictureWish {
  readonly view: ViewName;
  readonly width: number;
  readonly height: number;
  readonly as: "png" | "svg";
}

/** The colours of an item's slots, as its yarns have them. */
export function slotColours(
  slots: readonly { readonly slot: string; readonly yarnId: string }[],
  yarns: ReadonlyMap<string, Pick<YarnView, "colour">>,
): Record<string, string> {
  return Object.fromEntries(
    slots.flatMap((s) => {
      const colour = yarns.get(s.yarnId)?.colour;
      return colour ? [[s.slot, colour]] : [];
    }),
  );
}

/** What a picture of this item depends on, as a short text: the address of a picture carries it, so that it may be kept for long. */
export const pictureMark = (entry: ItemWithRevision, colours: Readonly<Record<string, string>>): string =>
  createHash("sha256")
    .update(JSON.stringify([entry.revision.id, colours]))
    .digest("base64url")
    .slice(0, 10);

/** A picture of the whole figure; undefined for an item without a counted part. */
export async function pictureOf(
  entry: ItemWithRevision,
  analysis: ItemAnalysis,
  colours: Readonly<Record<string, string>>,
  wish: PictureWish,
): Promise<Buffer | undefined> {
  const parts = analysis.piece.parts.map((p) => ({ part: p.part, fabric: p.fabric }));
  const sizes = parts.map((p) => [p.fabric.width, p.fabric.height, p.fabric.form]);
  const key = JSON.stringify([entry.revision.id, colours, wish, sizes]);
  const had = drawn.get(key);
  if (had) return had;
  const { checked } = analysis;
  const made = drawer
    .reckon({
      checked: { parts: checked.parts, lines: checked.lines },
      text: entry.revision.pattern,
      parts,
      colours,
      view: VIEWS[wish.view],
      width: wish.width,
      height: wish.height,
      title: `${entry.item.name}, ${wish.view === "turned" ? "put together" : `from the ${wish.view}`}`,
      as: wish.as === "png" ? "pixels" : "svg",
    })
    .then((r) => (r.ok && r.value ? encoded(r.value) : undefined));
  drawn.set(key, made);
  made.then(
    (b) => b || drawn.delete(key),
    () => drawn.delete(key),
  );
  return made;
}

const encoded = (p: PictureAnswer): Promise<Buffer> | Buffer =>
  p.kind === "svg"
    ? Buffer.from(p.svg)
    : sharp(p.rgba, { raw: { width: p.width, height: p.height, channels: 4 } })
        .png({ compressionLevel: 8, palette: false })
        .toBuffer();
