import { createHash } from "node:crypto";
import { mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";

/**
 * What is known of a text from before: nothing, it was under work when a process ended, or it ended one of
 * its own.
 */
export type Mark = "none" | "suspect" | "proved";

/**
 * Texts under work, each as a small file that is gone when the work is done: what is still there after the
 * process ended is what it was doing. That proves nothing (a power cut marks the innocent too), so a suspect
 * is reckoned in a process of its own, and only its end is a proof.
 */
export function marksIn(dir: string | undefined, pid = process.pid) {
  const file = (pattern: string, terms: string) =>
    path.join(dir ?? "", createHash("sha256").update(`${terms}\n${pattern}`).digest("hex").slice(0, 32));
  const write = (pattern: string, terms: string, what: string) => {
    if (dir === undefined) return;
    mkdirSync(dir, { recursive: true });
    writeFileSync(file(pattern, terms), what);
  };
  return {
    of(pattern: string, terms: string): Mark {
      if (dir === undefined) return "none";
      const said = read(file(pattern, terms));
      if (said === PROVED) return PROVED;
      // One text in several colourways is under work in several threads of one process: that ended nothing.
      return said === undefined || said === String(pid) ? "none" : "suspect";
    },
    begin: (pattern: string, terms: string) => write(pattern, terms, String(pid)),
    prove: (pattern: string, terms: string) => write(pattern, terms, PROVED),
    forget(pattern: string, terms: string): void {
      if (dir !== undefined) rmSync(file(pattern, terms), { force: true });
    },
  };
}

const PROVED = "proved";

function read(file: string): string | undefined {
  try {
    return readFileSync(file, "utf8");
  } catch {
    return undefined;
  }
}
