import { closeSync, openSync, readFileSync, readSync, rmSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { noteOf, type Copy } from "./copies";
import { NotOpened, openFile, sealFile } from "./seal";

/** The end of a sealed copy's name. */
export const SEALED = ".sealed";
const MOST_NOTE = 1_000_000;

/** A copy and its note in one sealed file beside it: length of the note, note, copy. Answers its name. */
export async function sealCopy(copy: Copy, phrase: string): Promise<string> {
  const to = `${copy.file}${SEALED}`;
  const joined = `${to}.open`;
  const note = readFileSync(noteOf(copy.file));
  const length = Buffer.alloc(4);
  length.writeUInt32BE(note.length);
  try {
    writeFileSync(joined, Buffer.concat([length, note]), { mode: 0o600 });
    // Appended in pieces: a copy may be larger than memory.
    appendFile(copy.file, joined);
    await sealFile(joined, to, phrase);
  } finally {
    rmSync(joined, { force: true });
  }
  return to;
}

/**
 * Opens a sealed copy into a folder, copy and note side by side. Answers the copy's name. @throws NotOpened
 */
export async function openCopy(sealed: string, dir: string, phrase: string): Promise<string> {
  const joined = path.join(dir, "joined");
  await openFile(sealed, joined, phrase);
  const file = path.join(dir, path.basename(sealed).slice(0, -SEALED.length));
  const from = openSync(joined, "r");
  try {
    const length = Buffer.alloc(4);
    readSync(from, length, 0, 4, 0);
    const size = length.readUInt32BE();
    if (size > MOST_NOTE || size + 4 > statSync(joined).size) throw new NotOpened();
    const note = Buffer.alloc(size);
    readSync(from, note, 0, size, 4);
    writeFileSync(noteOf(file), note, { mode: 0o600 });
    writeFileSync(file, "", { mode: 0o600 });
    appendFile(joined, file, 4 + size);
  } finally {
    closeSync(from);
    rmSync(joined, { force: true });
  }
  return file;
}

const PIECE = 1 << 20;

function appendFile(from: string, to: string, start = 0): void {
  const a = openSync(from, "r");
  const b = openSync(to, "a");
  try {
    const piece = Buffer.alloc(PIECE);
    for (let at = start; ;) {
      const n = readSync(a, piece, 0, PIECE, at);
      if (n === 0) return;
      writeFileSync(b, piece.subarray(0, n));
      at += n;
    }
  } finally {
    closeSync(a);
    closeSync(b);
  }
}
