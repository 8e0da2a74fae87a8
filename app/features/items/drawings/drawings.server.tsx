import { createRequire } from "node:module";
import path from "node:path";
import { createCanvas, GlobalFonts, loadImage } from "@napi-rs/canvas";
import { renderToStaticMarkup } from "react-dom/server";
import type { CheckedPattern } from "@core/notation";
import type { PieceEstimate } from "@core/estimate";
import type { Reading } from "@core/units";
import { ReadingProvider } from "../../../ui/reading";
import type { SlotColours } from "../silhouette-view";
import { LadderDocument } from "./ladder-document";
import { asDocument } from "./on-paper";
import { ShapeDocument } from "./shape-document";

export const DRAWINGS = ["ladder", "shape"] as const;
export type DrawingName = (typeof DRAWINGS)[number];

/** What a drawing shows. */
interface Drawn {
  readonly name: string;
  readonly checked: CheckedPattern;
  readonly piece: PieceEstimate;
  readonly colours: SlotColours;
  readonly reading: Reading;
}

/** Longest side of a picture made of pixels: a pattern of many hundred rounds is a long ladder. */
const LONGEST = 12_000;

/** The ladder or the shapes of an item as an SVG document that needs nothing beside it. */
export function drawingOf(what: DrawingName, { name, checked, piece, colours, reading }: Drawn): string {
  const drawn = { name, colours };
  return asDocument(
    renderToStaticMarkup(
      <ReadingProvider value={reading}>
        {what === "ladder" ? (
          <LadderDocument pattern={checked} {...drawn} />
        ) : (
          <ShapeDocument piece={piece} {...drawn} />
        )}
      </ReadingProvider>,
    ),
  );
}

const fonts = path.dirname(
  createRequire(import.meta.url).resolve("@expo-google-fonts/recursive/package.json"),
);
let ready = false;
/** The shipped letters, told to the drawing library once: a machine without a font draws the same words. */
function withLetters(): void {
  if (ready) return;
  for (const weight of ["400Regular", "600SemiBold"])
    GlobalFonts.registerFromPath(path.join(fonts, `Recursive_${weight}.ttf`), "Recursive");
  ready = true;
}

/** An SVG document as a PNG of some width, px; less where it would be longer than can be drawn. */
export async function pixelsOf(svg: string, wished: number): Promise<Uint8Array> {
  withLetters();
  const [, w = "1", h = "1"] = /width="(\d+)" height="(\d+)"/.exec(svg) ?? [];
  const width = Math.floor(Math.min(wished, (LONGEST * Number(w)) / Number(h)));
  const height = Math.max(1, Math.floor((width * Number(h)) / Number(w)));
  // Drawn at its size from the start: enlarged pixels are soft.
  const sized = svg.replace(/width="\d+" height="\d+"/, `width="${width}" height="${height}"`);
  const picture = await loadImage(Buffer.from(sized));
  const canvas = createCanvas(width, height);
  canvas.getContext("2d").drawImage(picture, 0, 0, width, height);
  return new Uint8Array(await canvas.encode("png"));
}
