import type { Page, PageWord } from "@core/page";
import type { PDFDocumentProxy, PDFPageProxy } from "pdfjs-dist";
import workerUrl from "pdfjs-dist/build/pdf.worker.min.mjs?url";
import { MOST_PAGES, NotReadable } from "./kinds";
import type { Progress, SourcePicture } from "./source";

/** Points of the page to pixels of its picture: large enough to compare, small enough for a telephone. */
const SHOWN = 1.4;
/** For recognising, letters should be about thirty pixels high. */
const RECOGNISED = 3;

export interface PdfPages {
  readonly pages: readonly Page[];
  readonly pictures: readonly SourcePicture[];
  /** Pages of the file; more than `pages` when it is longer than what is read. */
  readonly of: number;
}

/**
 * The words of a PDF as they lie on its pages, with a picture of each page.
 *
 * @throws NotReadable for a locked file, a broken one, or one whose pages are only pictures
 */
export async function readPdf(
  bytes: ArrayBuffer,
  progress: Progress,
  signal: AbortSignal,
): Promise<PdfPages> {
  return withPdf(bytes, signal, async (file) => {
    const pages: Page[] = [];
    const pictures: SourcePicture[] = [];
    const count = Math.min(file.numPages, MOST_PAGES);
    for (let n = 1; n <= count; n++) {
      progress({ what: `Reading page ${n} of ${count}`, share: (n - 1) / count });
      const page = await file.getPage(n);
      signal.throwIfAborted();
      pages.push(await wordsOf(page));
      pictures.push(await pictureOf(page, SHOWN));
      signal.throwIfAborted();
    }
    if (pages.every((p) => p.words.length === 0))
      throw new NotReadable(
        "The pages of this PDF are pictures: there is no text in them. They can be recognised like photos, which takes some seconds a page.",
        true,
      );
    return { pages, pictures, of: file.numPages };
  });
}

/** The pages as pictures to be recognised. */
export async function picturesOfPdf(bytes: ArrayBuffer, signal: AbortSignal): Promise<Blob[]> {
  return withPdf(bytes, signal, async (file) => {
    const found: Blob[] = [];
    for (let n = 1; n <= Math.min(file.numPages, MOST_PAGES); n++) {
      const { canvas } = await drawn(await file.getPage(n), RECOGNISED);
      found.push(
        await new Promise<Blob>((done, fail) =>
          canvas.toBlob((b) => (b ? done(b) : fail(new Error("no picture"))), "image/png"),
        ),
      );
      signal.throwIfAborted();
    }
    return found;
  });
}

async function withPdf<T>(
  bytes: ArrayBuffer,
  signal: AbortSignal,
  work: (file: PDFDocumentProxy) => Promise<T>,
): Promise<T> {
  const { getDocument, GlobalWorkerOptions } = await import("pdfjs-dist");
  GlobalWorkerOptions.workerSrc = workerUrl;
  // A copy: the worker takes what it is given, and the pages may be asked for again as pictures.
  const loading = getDocument({
    data: bytes.slice(0),
    isEvalSupported: false,
    verbosity: 0,
    enableXfa: false,
  });
  const stop = () => void loading.destroy();
  signal.addEventListener("abort", stop);
  try {
    return await work(await opened(loading.promise));
  } finally {
    signal.removeEventListener("abort", stop);
    await loading.destroy();
  }
}

async function opened(file: Promise<PDFDocumentProxy>): Promise<PDFDocumentProxy> {
  try {
    return await file;
  } catch (error) {
    const name = error instanceof Error ? error.name : "";
    if (name === "PasswordException")
      throw new NotReadable(
        "This PDF is locked with a password. Open it where you can, print it to a new PDF or copy its text, and bring that in.",
      );
    throw new NotReadable(
      "This PDF is damaged and cannot be opened. Fetch or save it again, or paste its text.",
    );
  }
}

interface TextPiece {
  readonly str: string;
  /** a b c d e f of the way from text to page; e and f are where its baseline begins. */
  readonly transform: readonly number[];
  readonly width: number;
}

async function wordsOf(page: PDFPageProxy): Promise<Page> {
  const view = page.getViewport({ scale: 1 });
  const { items } = await page.getTextContent();
  const words: PageWord[] = [];
  for (const item of items) {
    if (!("str" in item) || item.str.trim() === "") continue;
    const { str, transform, width } = item as TextPiece;
    const [x = 0, base = 0] = view.convertToViewportPoint(transform[4] ?? 0, transform[5] ?? 0) as number[];
    const height = Math.hypot(transform[2] ?? 0, transform[3] ?? 0);
    // Blanks inside a piece may be the columns of a table: each word has its own place.
    const letter = width / str.length;
    for (const m of str.matchAll(/\S+(?: \S+)*/g))
      words.push({
        text: m[0],
        x: x + m.index * letter,
        y: base - 0.8 * height,
        width: m[0].length * letter,
        height,
        sure: 1,
      });
  }
  return { width: view.width, height: view.height, words, whole: false };
}

async function drawn(page: PDFPageProxy, scale: number) {
  const viewport = page.getViewport({ scale });
  const canvas = document.createElement("canvas");
  canvas.width = Math.ceil(viewport.width);
  canvas.height = Math.ceil(viewport.height);
  await page.render({ canvas, viewport }).promise;
  return { canvas, scale };
}
async function pictureOf(page: PDFPageProxy, scale: number): Promise<SourcePicture> {
  const { canvas } = await drawn(page, scale);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/webp", 0.8));
  if (!blob) throw new NotReadable("A page of this PDF is too large to be shown.");
  return { url: URL.createObjectURL(blob), width: canvas.width / scale, height: canvas.height / scale };
}
