/** What a file of a pattern is, by what it begins with and how it is called. */
export type FileKind = "text" | "markdown" | "word" | "handed" | "pdf" | "picture";

/** Largest file of each kind, in bytes: a page photographed by a telephone, a leaflet of a few sheets. */
const LARGEST: Readonly<Record<FileKind, number>> = {
  text: 1_000_000,
  markdown: 1_000_000,
  word: 10_000_000,
  handed: 25_000_000,
  pdf: 25_000_000,
  picture: 25_000_000,
};
/** Pages that are read of a PDF, and pictures taken at once. */
export const MOST_PAGES = 30;
export const MOST_PICTURES = 12;

export const ACCEPT =
  ".txt,.md,.markdown,.text,.docx,.zip,.pdf,.jpg,.jpeg,.png,.webp,.gif,.bmp,image/*,text/plain,application/pdf";

/** Why a file is not read: said to her as it is. */
export class NotReadable extends Error {
  constructor(
    readonly why: string,
    /** Whether its pages can be looked at as pictures instead. */
    readonly asPictures = false,
  ) {
    super(why);
  }
}

const begins = (bytes: Uint8Array, ...codes: readonly number[]) => codes.every((c, i) => bytes[i] === c);
const named = (name: string, ...ends: readonly string[]) => ends.some((e) => name.toLowerCase().endsWith(e));

/**
 * The kind of a file from its first bytes, and only for plain text from its name.
 *
 * @param first at least the first 16 bytes
 * @throws NotReadable for kinds that Lapka does not read, with what to do instead
 */
export function kindOf(name: string, type: string, first: Uint8Array): FileKind {
  if (begins(first, 0x25, 0x50, 0x44, 0x46)) return "pdf";
  if (begins(first, 0x50, 0x4b, 0x03, 0x04)) {
    if (named(name, ".docx")) return "word";
    // An item that another workshop handed on, or something that holds none: that is told from its inside.
    if (named(name, ".zip")) return "handed";
    throw new NotReadable(
      "This is a packed file. Bring in a Word file (.docx), or unpack it and bring in what is inside.",
    );
  }
  if (begins(first, 0xd0, 0xcf, 0x11, 0xe0))
    throw new NotReadable("This is a Word file of the old kind. Save it as .docx or as plain text first.");
  if (isPicture(first)) return "picture";
  if (type.startsWith("image/") || named(name, ".heic", ".heif", ".tif", ".tiff"))
    throw new NotReadable("Pictures of this kind cannot be read here. Save the photo as JPEG or PNG first.");
  if (named(name, ".rtf", ".odt", ".pages", ".doc"))
    throw new NotReadable("Save this as .docx, PDF or plain text first, or paste its text.");
  return named(name, ".md", ".markdown") ? "markdown" : "text";
}

const isPicture = (b: Uint8Array): boolean =>
  begins(b, 0xff, 0xd8, 0xff) ||
  begins(b, 0x89, 0x50, 0x4e, 0x47) ||
  begins(b, 0x47, 0x49, 0x46, 0x38) ||
  begins(b, 0x42, 0x4d) ||
  (begins(b, 0x52, 0x49, 0x46, 0x46) && begins(b.subarray(8), 0x57, 0x45, 0x42, 0x50));

/** @throws NotReadable for a file above the limit of its kind, or with nothing in it */
export function withinLimits(kind: FileKind, bytes: number): void {
  if (bytes === 0) throw new NotReadable("The file is empty.");
  if (bytes > LARGEST[kind])
    throw new NotReadable(
      `The file has ${(bytes / 1e6).toFixed(1)} MB; at most ${LARGEST[kind] / 1e6} MB are read. ` +
        (kind === "picture" ? "Make the photo smaller." : "Bring in only the pages of the pattern."),
    );
}
