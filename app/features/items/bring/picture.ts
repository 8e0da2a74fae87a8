import type { Page, PageWord } from "@core/page";
import type { Worker as Recogniser } from "tesseract.js";
import { NotReadable } from "./kinds";
import { RECOGNISE_PATH } from "../../../server/recognise-path";
import type { Progress, SourcePicture } from "./source";

/**
 * Longest and shortest long side of what is recognised, in pixels: smaller letters are lost, larger ones only
 * cost.
 */
const LONGEST = 2800;
const SHORTEST = 1800;

export interface Recognised {
  readonly pages: readonly Page[];
  readonly pictures: readonly SourcePicture[];
}

/**
 * The words on photos and scans, recognised in a worker of this browser with what ships with Lapka.
 *
 * @throws NotReadable when a picture cannot be opened or nothing is found on any
 */
export async function readPictures(
  files: readonly Blob[],
  progress: Progress,
  signal: AbortSignal,
): Promise<Recognised> {
  progress({ what: "Getting the recogniser ready", share: undefined });
  let current = 0;
  const recogniser = await start((share) =>
    progress({
      what: files.length > 1 ? `Recognising page ${current + 1} of ${files.length}` : "Recognising the words",
      share: (current + share) / files.length,
    }),
  );
  const stop = () => void recogniser.terminate();
  signal.addEventListener("abort", stop);
  const pictures: SourcePicture[] = [];
  try {
    const pages: Page[] = [];
    for (const [n, file] of files.entries()) {
      signal.throwIfAborted();
      current = n;
      const { page, picture } = await readOne(recogniser, await upright(file), signal);
      pages.push(page);
      pictures.push(picture);
    }
    if (pages.every((p) => p.words.length === 0))
      throw new NotReadable(
        "No words were found on this picture. Take the photo straight from above, in daylight, with the text filling it.",
      );
    return { pages, pictures };
  } catch (error) {
    pictures.forEach((p) => URL.revokeObjectURL(p.url));
    throw error;
  } finally {
    signal.removeEventListener("abort", stop);
    await recogniser.terminate();
  }
}

async function start(share: (done: number) => void): Promise<Recogniser> {
  const { createWorker, OEM, PSM } = await import("tesseract.js");
  const made = await createWorker("eng", OEM.LSTM_ONLY, {
    workerPath: `${RECOGNISE_PATH}/worker.js`,
    corePath: `${RECOGNISE_PATH}/core.js`,
    langPath: RECOGNISE_PATH,
    workerBlobURL: false,
    cacheMethod: "none",
    logger: (m) => {
      if (m.status === "recognizing text") share(m.progress);
    },
    errorHandler: () => {},
  });
  await made.setParameters({
    // Every word there is, in no order: a single block loses lines of columns, and the order is made by
    // core/page.
    tessedit_pageseg_mode: PSM.SPARSE_TEXT,
    // What a scan of a page has; left to itself it guesses, and says so on the console.
    user_defined_dpi: "300",
  });
  return made;
}

/** The picture as it was held, in a size that is good to recognise. */
async function upright(file: Blob): Promise<HTMLCanvasElement> {
  let map: ImageBitmap;
  try {
    map = await createImageBitmap(file, { imageOrientation: "from-image" });
  } catch {
    throw new NotReadable("This picture cannot be opened. Save it as JPEG or PNG and bring it in again.");
  }
  const long = Math.max(map.width, map.height);
  const scale = long > LONGEST ? LONGEST / long : long < SHORTEST ? Math.min(3, SHORTEST / long) : 1;
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(map.width * scale));
  canvas.height = Math.max(1, Math.round(map.height * scale));
  const context = canvas.getContext("2d");
  if (!context) throw new NotReadable("This browser cannot draw the picture.");
  context.imageSmoothingQuality = "high";
  context.drawImage(map, 0, 0, canvas.width, canvas.height);
  map.close();
  return canvas;
}

async function readOne(
  recogniser: Recogniser,
  canvas: HTMLCanvasElement,
  signal: AbortSignal,
): Promise<{ page: Page; picture: SourcePicture }> {
  const { data } = await recogniser.recognize(
    canvas,
    { rotateAuto: true },
    { text: false, blocks: true, imageColor: true },
  );
  signal.throwIfAborted();
  const words: PageWord[] = (data.blocks ?? [])
    .flatMap((b) => b.paragraphs.flatMap((p) => p.lines.flatMap((l) => l.words)))
    .filter((w) => w.text.trim() !== "")
    .map((w) => ({
      text: w.text,
      x: w.bbox.x0,
      y: w.bbox.y0,
      width: w.bbox.x1 - w.bbox.x0,
      height: w.bbox.y1 - w.bbox.y0,
      // Never quite sure: what was recognised is no drawn text.
      sure: Math.min(0.99, w.confidence / 100),
    }));
  const { width, height } = canvas;
  const picture = await turned(data.imageColor, canvas);
  return { page: { width, height, words, whole: true }, picture: { url: picture, width, height } };
}

/** The picture as the recogniser turned it, so that its places lie on the words. */
async function turned(dataUrl: string | null, canvas: HTMLCanvasElement): Promise<string> {
  const blob = dataUrl
    ? new Blob([Uint8Array.from(atob(dataUrl.slice(dataUrl.indexOf(",") + 1)), (c) => c.charCodeAt(0))], {
        type: "image/png",
      })
    : await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/jpeg", 0.85));
  if (!blob) throw new NotReadable("This picture is too large to be shown.");
  return URL.createObjectURL(blob);
}
