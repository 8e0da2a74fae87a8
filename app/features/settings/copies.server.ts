import path from "node:path";
import { listCopies, makeCopy } from "@db/copies/copies";
import { lastDrill, type Drill } from "@db/copies/drill";

/** What Settings shows of copies; undefined where this server keeps none. */
export interface CopiesShown {
  readonly folder: string;
  readonly list: readonly {
    readonly name: string;
    readonly madeAt: string;
    readonly why: string;
    readonly bytes: number;
    readonly rows: number;
    readonly checked: boolean;
  }[];
  /** Days since the last one that was checked; undefined when there is none. */
  readonly age: number | undefined;
  /** The last time that one was brought back for a trial. */
  readonly drill: Drill | undefined;
}
const SHOWN = 8;

export function copiesShown(now = new Date()): CopiesShown | undefined {
  const folder = process.env.LAPKA_COPIES;
  if (!folder) return undefined;
  const all = listCopies(folder);
  const last = all.find((c) => c.checked);
  return {
    folder,
    list: all.slice(0, SHOWN).map((c) => ({
      name: path.basename(c.file),
      madeAt: c.madeAt,
      why: c.why,
      bytes: c.bytes,
      rows: Object.values(c.tables).reduce((n, t) => n + t.rows, 0),
      checked: c.checked,
    })),
    drill: lastDrill(folder),
    age: last ? (now.getTime() - Date.parse(last.madeAt)) / 86_400_000 : undefined,
  };
}

/** Makes a copy now. Answers its name. */
export async function makeAskedCopy(): Promise<string> {
  const folder = process.env.LAPKA_COPIES;
  const url = process.env.DATABASE_URL;
  if (!folder || !url) throw new Error("this server keeps no copies");
  return path.basename((await makeCopy(url, folder, "asked", new Date())).file);
}
