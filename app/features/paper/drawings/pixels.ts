import { createCanvas, GlobalFonts, loadImage } from "@napi-rs/canvas";
import { fontFile } from "../fonts";

/** Longest side of a picture made of pixels: a pattern of many hundred rounds is a long ladder. */
const LONGEST = 8000;

let ready = false;
/** The shipped letters, told to the drawing library once: a machine without a font draws the same words. */
function withLetters(): void {
  if (ready) return;
  for (const weight of ["400Regular", "600SemiBold"] as const)
    GlobalFonts.registerFromPath(fontFile(weight), "Recursive");
  ready = true;
}

/**
 * An SVG document of ours as a PNG of some width, px; less where it would be longer than can be drawn. Takes tenths of
 * a second: see paper.thread.
 */
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
  return canvas.encode("png");
}
