import { expose } from "comlink";
import { guessTimingMapping, readTimings, type TimingsKnown } from "../features/hand/import";
import { guessMapping, readRows, type Mapping } from "../features/materials/import";
import { guessSaleMapping, readSales, type SaleMapping, type SalesKnown } from "../features/sell/import";
import { readTable, type ColumnMapping, type ImportProblem, type Table } from "../features/import/table";

/** What a file is read as. */
export type ImportKind = "materials" | "timings" | "sales";
/** What the reading rests on beside the file; of materials the reading alone. */
export type ImportKnown = TimingsKnown | SalesKnown;

const GUESS = { materials: guessMapping, timings: guessTimingMapping, sales: guessSaleMapping } as const;

/** A file is read away from the page: five thousand rows take longer than a frame. */
const api = {
  open: (text: string, kind: ImportKind) => {
    const read = readTable(text);
    return read.ok
      ? {
          ...read,
          mapping: GUESS[kind](read.table.header) as ColumnMapping<string>,
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
        ? readTimings(table, mapping as Parameters<typeof readTimings>[1], known as TimingsKnown)
        : kind === "sales"
          ? readSales(table, mapping as SaleMapping, known as SalesKnown)
          : readRows(table, mapping as Mapping, known.reading);
    return { good: good.length, problems };
  },
};
export type ImportApi = typeof api;
expose(api);
