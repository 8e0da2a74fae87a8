import { expose } from "comlink";
import { guessMapping, readRows, readTable, type Mapping, type Table } from "../features/materials/import";

/** A file is read away from the page: five thousand rows take longer than a frame. */
const api = {
  open: (text: string) => {
    const read = readTable(text);
    return read.ok ? { ...read, mapping: guessMapping(read.table.header) } : read;
  },
  rows: (table: Table, mapping: Mapping, reading: Parameters<typeof readRows>[2]) => readRows(table, mapping, reading),
};
export type ImportApi = typeof api;
expose(api);
