import sharp from "sharp";

/** Longest side that is kept, px; pictures of more pixels than this are not opened at all. */
const SIDE = 1000;
const MOST_PIXELS = 24_000_000;

/**
 * A picture as it is kept: decoded and written anew, so that nothing but its pixels comes along (no place, no
 * camera, no second file behind it). undefined when it is no picture that can be opened.
 */
export async function reencoded(bytes: Uint8Array): Promise<Buffer | undefined> {
  try {
    return await sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: "error" })
      .rotate()
      .resize({ width: SIDE, height: SIDE, fit: "inside", withoutEnlargement: true })
      .jpeg({ quality: 82 })
      .toBuffer();
  } catch {
    return undefined;
  }
}
