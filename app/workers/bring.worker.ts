import { expose } from "comlink";
import { NotReadable, type FileKind } from "../features/items/bring/kinds";
import type { Handed } from "../features/items/bring/handed-schema";
import { textOfMarkdown } from "../features/items/bring/markdown";
import { decodeText } from "../features/items/bring/plain";

/** What is read without pages. */
export type PlainKind = Extract<FileKind, "text" | "markdown" | "word" | "handed">;

const READERS = {
  handed: () => import("../features/items/bring/handed"),
  word: () => import("../features/items/bring/word"),
};

/** Files are read away from the page: a file made to hurt takes its worker with it, not what she typed. */
const api = {
  /** Fetches what reads such a file, so that a slow line is not taken for a file that is hard to read. */
  fetchReader: async (kind: PlainKind): Promise<void> => {
    if (kind === "handed" || kind === "word") await READERS[kind]();
  },
  text: async (
    kind: PlainKind,
    bytes: ArrayBuffer,
  ): Promise<{ ok: true; text: string; handed?: Handed } | { ok: false; why: string }> => {
    try {
      if (kind === "handed") {
        const { itemOfZip } = await READERS.handed();
        return { ok: true, ...itemOfZip(new Uint8Array(bytes)) };
      }
      if (kind === "word") {
        const { textOfWord } = await READERS.word();
        return { ok: true, text: await textOfWord(bytes) };
      }
      const text = decodeText(new Uint8Array(bytes));
      return { ok: true, text: kind === "markdown" ? textOfMarkdown(text) : text };
    } catch (error) {
      if (error instanceof NotReadable) return { ok: false, why: error.why };
      return { ok: false, why: "This file could not be read. Open it, copy its text and paste it below." };
    }
  },
};
export type BringApi = typeof api;
expose(api);
