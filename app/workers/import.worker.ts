import { expose } from "comlink";
import { guessTimingMapping, readTimings, type TimingsKnown } from "../features/hand/import";
import { guessMapping, readRows, type Mapping } from "../features/materials/import";
import { readTable, type ColumnMapping, type ImportProblem, type Table } from "../features/import/table";

/** What a file is read as. */
export type ImportKind = "materials" | "timings";
/** What the reading rests on beside the file. */
export type ImportKnown = TimingsKnown;

/** A file is read away from the page: five thousand rows take longer than a frame. */
const api = {
  open: (text: string, kind: ImportKind) => {
    const read = readTable(text);
    return read.ok
      ? {
          ...read,
          mapping: (kind === "timings" ? guessTimingMapping : guessMapping)(
            read.table.header,
          ) as ColumnMapping<string>,
        }
      : read;
  },
  rows: (
    table: Table,
    mapping: ColumnMapping<string>,
    kind: ImportKind,
    known: ImportKnown,
  ): { good: number; problems: readonly ImportProblem[] } => {
    const { good, problems } =
      kind === "timings"
        ? readTimings(table, mapping as Parameters<typeof readTimings>[1], known)
        : readRows(table, mapping as Mapping, known.reading);
    return { good: good.length, problems };
  },
};
export type ImportApi = typeof api;
expose(api);
