import { textOfPages, type ColumnWay, type Page, type PageText } from "@core/page";
import { wrap } from "comlink";
import type { BringApi, PlainKind } from "../../../workers/bring.worker";
import type { Handed } from "./handed-schema";
import { kindOf, MOST_PICTURES, NotReadable, withinLimits, type FileKind } from "./kinds";
import { releasePictures, type Progress, type SourcePicture } from "./source";

/** What came out of a file, before it is taken. */
export interface Brought {
  readonly name: string;
  readonly kind: FileKind;
  /** Words on pages, for PDF and pictures: the text can be put together anew in another way. */
  readonly pages: readonly Page[];
  readonly pictures: readonly SourcePicture[];
  readonly read: PageText;
  /** What she should know about how it was read. */
  readonly notes: readonly string[];
  /** What an item that was handed on says of itself. */
  readonly handed?: Handed | undefined;
}

/** Longest that a text file or a Word file may take, once what reads it is there. */
const PATIENCE_MS = 20_000;

/**
 * Reads files into a text: one text, Word or PDF file, or several pictures as the pages of one pattern.
 *
 * @param asPictures recognise the pages of a PDF as photos
 * @throws NotReadable with what to do; an AbortError when `signal` ended it
 */
export async function readFiles(
  files: readonly File[],
  progress: Progress,
  signal: AbortSignal,
  asPictures = false,
): Promise<Brought> {
  const [first] = files;
  if (!first) throw new NotReadable("No file came. Choose one, or paste the text.");
  progress({ what: `Opening ${first.name}`, share: undefined });
  const kinds = await Promise.all(files.map(kindOfFile));
  const kind = kinds[0] ?? "text";
  if (files.length > 1 && kinds.some((k) => k !== "picture"))
    throw new NotReadable(
      "Bring in one file at a time; only photos may come together, as the pages of one pattern.",
    );
  if (files.length > MOST_PICTURES)
    throw new NotReadable(`At most ${MOST_PICTURES} photos are recognised at once.`);
  const name = files.length > 1 ? `${files.length} photos` : first.name;
  if (kind === "picture" || asPictures) return fromPictures(name, kind, files, progress, signal, asPictures);
  const bytes = await first.arrayBuffer();
  if (kind !== "pdf") {
    const { text, handed } = await inWorker(kind, bytes, signal);
    const notes = handed
      ? [
          `${handed.name}, with its yarns, hooks and notions: what your cupboard has by the same name is chosen.`,
        ]
      : [];
    return { name, kind, pages: [], pictures: [], read: { text, places: [], leftOut: [] }, notes, handed };
  }
  const { readPdf } = await import("./pdf");
  const { pages, pictures, of } = await readPdf(bytes, progress, signal);
  const notes = of > pages.length ? [`Only the first ${pages.length} of its ${of} pages were read.`] : [];
  return { name, kind, pages, pictures, read: textOfPages(pages), notes };
}

async function fromPictures(
  name: string,
  kind: FileKind,
  files: readonly File[],
  progress: Progress,
  signal: AbortSignal,
  asPictures: boolean,
): Promise<Brought> {
  const blobs = asPictures
    ? await (await import("./pdf")).picturesOfPdf(await (files[0] as File).arrayBuffer(), signal)
    : files;
  const { readPictures } = await import("./picture");
  const { pages, pictures } = await readPictures(blobs, progress, signal);
  return { name, kind, pages, pictures, read: textOfPages(pages), notes: [] };
}

async function kindOfFile(file: File): Promise<FileKind> {
  const kind = kindOf(file.name, file.type, new Uint8Array(await file.slice(0, 32).arrayBuffer()));
  withinLimits(kind, file.size);
  return kind;
}

/**
 * A text made by a worker of its own, which ends with it, with the time it may take, or with her patience.
 */
async function inWorker(
  kind: PlainKind,
  bytes: ArrayBuffer,
  signal: AbortSignal,
): Promise<{ readonly text: string; readonly handed?: Handed | undefined }> {
  const worker = new Worker(new URL("../../../workers/bring.worker.ts", import.meta.url), { type: "module" });
  let patience: ReturnType<typeof setTimeout> | undefined;
  const reader = wrap<BringApi>(worker);
  const notThere = () =>
    new NotReadable("What reads such a file did not arrive. Bring it in again when you are connected.");
  let fail: (why: Error) => void = () => undefined;
  const ended = new Promise<never>((_, reject) => (fail = reject));
  worker.onerror = () => fail(notThere());
  signal.addEventListener("abort", () => fail(new DOMException("stopped", "AbortError")));
  try {
    const fetched = reader.fetchReader(kind).catch(() => Promise.reject(notThere()));
    await Promise.race([fetched, ended]);
    const late = () => fail(new NotReadable("This file takes too long to read. Paste its text instead."));
    patience = setTimeout(late, PATIENCE_MS);
    worker.onerror = late;
    const answer = await Promise.race([reader.text(kind, bytes), ended]);
    if (!answer.ok) throw new NotReadable(answer.why);
    return answer;
  } finally {
    clearTimeout(patience);
    worker.terminate();
  }
}

/** The same pages read in another order of columns. */
export const readAgain = (b: Brought, way: ColumnWay): Brought => ({ ...b, read: textOfPages(b.pages, way) });

export const release = (b: Brought | undefined): void => releasePictures(b?.pictures ?? []);
