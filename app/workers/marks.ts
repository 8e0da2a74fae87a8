import { createHash } from "node:crypto";
import { mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";

/** A text that was under work this often when the process ended is not begun again by itself. */
export const MOST_ENDS = 2;

/**
 * Texts under work, each as a small file that is gone when the work is done: what is still there after the process ended is what it was doing.
 * A power cut marks an innocent text now and then, so one such end is forgiven.
 */
export function marksIn(dir: string | undefined, pid = process.pid) {
  const file = (pattern: string, terms: string) =>
    path.join(dir ?? "", createHash("sha256").update(`${terms}\n${pattern}`).digest("hex").slice(0, 32));
  return {
    /** Marks a text; false when it ended the process too often. */
    begin(pattern: string, terms: string): boolean {
      if (dir === undefined) return true;
      const at = file(pattern, terms);
      const before = read(at);
      // One text in several colourways is under work in several threads of one process: that ended nothing.
      if (before?.pid === pid) return true;
      const ends = before ? before.ends + 1 : 0;
      if (ends >= MOST_ENDS) return false;
      mkdirSync(dir, { recursive: true });
      writeFileSync(at, `${ends} ${pid}`);
      return true;
    },
    forget(pattern: string, terms: string): void {
      if (dir !== undefined) rmSync(file(pattern, terms), { force: true });
    },
  };
}

/** How many processes ended over a text before, and whose mark it is now. */
function read(file: string): { readonly ends: number; readonly pid: number } | undefined {
  try {
    const [ends = 0, pid = 0] = readFileSync(file, "utf8").split(" ").map(Number);
    return { ends: ends || 0, pid: pid || 0 };
  } catch {
    return undefined;
  }
}
