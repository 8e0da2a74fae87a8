/** Longest side of a kept picture, px, and its most as base64 text. */
const SIDE = 1000;
export const MOST_PHOTO = 900_000;
const HEAD = "data:image/jpeg;base64,";

/** The bytes of a JPEG data URL; undefined when it is anything else. */
export function readJpeg(dataUrl: string): Uint8Array | undefined {
  if (!dataUrl.startsWith(HEAD)) return undefined;
  try {
    const bytes = Uint8Array.from(atob(dataUrl.slice(HEAD.length)), (c) => c.charCodeAt(0));
    // A JPEG begins with SOI and a marker and ends with EOI (ITU-T T.81, annex B).
    const whole =
      bytes.length > 4 &&
      bytes[0] === 0xff &&
      bytes[1] === 0xd8 &&
      bytes[2] === 0xff &&
      bytes.at(-2) === 0xff &&
      bytes.at(-1) === 0xd9;
    return whole ? bytes : undefined;
  } catch {
    return undefined;
  }
}

/**
 * A photo made small in the browser; what a phone takes has ten megabytes, and says where it was taken:
 * neither is kept.
 */
export async function shrinkPhoto(file: Blob): Promise<string> {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, SIDE / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  for (const quality of [0.82, 0.6, 0.4]) {
    const url = canvas.toDataURL("image/jpeg", quality);
    if (url.length <= MOST_PHOTO) return url;
  }
  throw new RangeError("the picture cannot be made small enough");
}
