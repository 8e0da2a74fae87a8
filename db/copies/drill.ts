import { readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { z } from "zod";
import { migrateDatabase } from "../migrate";
import { listCopies, loadedBeside, sameState, type Copy } from "./copies";
import { stateOf } from "./tables";

const schema = z.object({
  at: z.string(),
  /** Name of the copy that was tried. */
  copy: z.string(),
  ok: z.boolean(),
  why: z.string(),
  seconds: z.number(),
});
/** A copy was brought back for a trial, and what came of it. */
export type Drill = z.infer<typeof schema>;

const noteIn = (dir: string): string => path.join(dir, "drill.json");

/** The last drill; undefined before the first. */
export function lastDrill(dir: string): Drill | undefined {
  try {
    return schema.parse(JSON.parse(readFileSync(noteIn(dir), "utf8")));
  } catch {
    return undefined;
  }
}

/**
 * Brings the newest copy back beside what is there, holds it against its note table by table, brings its
 * schema up to date, and takes it away again: a copy that nobody ever brought back is a hope. Leaves a note.
 * Answers nothing where there is no copy.
 */
export async function drill(url: string, dir: string, now: Date): Promise<Drill | undefined> {
  const [copy] = listCopies(dir);
  if (!copy) return undefined;
  const began = performance.now();
  const why = await trouble(url, copy.file, copy.tables);
  const note: Drill = {
    at: now.toISOString(),
    copy: path.basename(copy.file),
    ok: why === "",
    why,
    seconds: Math.round((performance.now() - began) / 100) / 10,
  };
  writeFileSync(noteIn(dir), JSON.stringify(note), { mode: 0o600 });
  return note;
}

async function trouble(url: string, file: string, tables: Copy["tables"]): Promise<string> {
  try {
    const loaded = await loadedBeside(url, file, async (there, other) => {
      sameState(file, tables, await stateOf(other));
      await migrateDatabase(there);
    });
    return loaded ? "" : "this database server lets nobody make a second database";
  } catch (error) {
    return error instanceof Error ? error.message.slice(0, 300) : "it could not be brought back";
  }
}
