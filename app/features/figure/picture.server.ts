import { createHash } from "node:crypto";
import path from "node:path";
import { LRUCache } from "lru-cache";
import sharp from "sharp";
import type { ItemWithRevision } from "@db/queries/items";
import { mainOf, type ItemAnalysis, type YarnView } from "@core/item";
import { Reckoner } from "../../server/reckoner";
import {
  VIEWS,
  type FigureAnswer,
  type FigureTask,
  type Measures,
  type PictureAnswer,
  type ViewName,
} from "./picture";

/** One thread: pictures wait for each other rather than for pages. */
const drawer = new Reckoner<FigureTask, FigureAnswer | undefined>(
  path.resolve("build/server/figure.thread.js"),
  { threads: 1, ms: 20_000, megabytes: 256, bytes: 40_000_000, waiting: 400 },
);
/** Pictures and measures by all that they rest on; a picture is taken for so many bytes. */
const known = new LRUCache<string, Promise<Buffer | Measures | undefined>>({
  max: 4000,
  maxSize: 60_000_000,
  sizeCalculation: () => 15_000,
});

/** Asked for by two pages at once, made once; what could not be made may be another time. */
function once<T extends Buffer | Measures>(
  key: string,
  make: () => Promise<T | undefined>,
): Promise<T | undefined> {
  const had = known.get(key) as Promise<T | undefined> | undefined;
  if (had) return had;
  const made = make();
  known.set(key, made);
  made.then(
    (b) => b ?? known.delete(key),
    () => known.delete(key),
  );
  return made;
}

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

/** Another number when figures are drawn otherwise: pictures are kept by their address for long. */
const DRAWN_AS = 2;
/**
 * What a picture of this item depends on, as a short text: the address of a picture carries it, so that it
 * may be kept for long.
 */
export const pictureMark = (entry: ItemWithRevision, colours: Readonly<Record<string, string>>): string =>
  createHash("sha256")
    .update(JSON.stringify([DRAWN_AS, entry.revision.id, colours]))
    .digest("base64url")
    .slice(0, 10);

const sourceOf = (entry: ItemWithRevision, { checked, piece }: ItemAnalysis) => ({
  checked: { parts: checked.parts, lines: checked.lines },
  text: entry.revision.pattern,
  parts: piece.parts.map((p) => ({ part: p.part, fabric: p.fabric })),
});
/**
 * What a figure rests on, as a short text: its revision, and the size of its fabric, which moves with her
 * hand.
 */
const keyOf = (entry: ItemWithRevision, analysis: ItemAnalysis, rest: unknown): string =>
  JSON.stringify([
    entry.revision.id,
    analysis.piece.parts.map((p) => [p.fabric.width, p.fabric.height, p.fabric.form]),
    rest,
  ]);

/** A picture of the whole figure; undefined for an item without a counted part. */
export const pictureOf = (
  entry: ItemWithRevision,
  analysis: ItemAnalysis,
  colours: Readonly<Record<string, string>>,
  wish: PictureWish,
): Promise<Buffer | undefined> =>
  once(keyOf(entry, analysis, [colours, wish]), async () => {
    const r = await drawer.reckon({
      ...sourceOf(entry, analysis),
      colours,
      view: VIEWS[wish.view],
      width: wish.width,
      height: wish.height,
      title: `${entry.item.name}, ${wish.view === "turned" ? "put together" : `from the ${wish.view}`}`,
      as: wish.as === "png" ? "pixels" : "svg",
    });
    return r.ok && r.value && r.value.kind !== "measures" ? encoded(r.value) : undefined;
  });

/** How large the whole figure is; its main part where it cannot be put together. */
export async function measuresOf(entry: ItemWithRevision, analysis: ItemAnalysis): Promise<Measures> {
  const got = await once(keyOf(entry, analysis, "measures"), async () => {
    // A page or a paper waits for these; forty tiles of a list may be waiting to be drawn.
    const r = await drawer.reckon({ ...sourceOf(entry, analysis), as: "measures" }, true);
    return r.ok && r.value?.kind === "measures" ? r.value.measures : undefined;
  });
  const main = mainOf(analysis.piece)?.fabric;
  if (got) return got;
  return {
    height: main?.height ?? 0,
    width: main?.width ?? 0,
    depth: main?.depth ?? 0,
    loops: [],
    places: [],
  };
}

const encoded = (p: PictureAnswer): Promise<Buffer> | Buffer =>
  p.kind === "svg"
    ? Buffer.from(p.svg)
    : sharp(p.rgba, { raw: { width: p.width, height: p.height, channels: 4 } })
        .png({ compressionLevel: 8, palette: false })
        .toBuffer();
