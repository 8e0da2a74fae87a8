import { parse } from "csv-parse/browser/esm/sync";

export const MOST_ROWS = 5000;
export const MOST_BYTES = 1_200_000;

/** A heading folded to letters and digits. */
export const fold = (s: string): string =>
  s
    .normalize("NFKD")
    .replace(/[^\p{L}\p{N}]/gu, "")
    .toLowerCase();

/** Which field each column holds; "" is left out. */
export type ColumnMapping<F extends string> = Readonly<Record<number, F | "">>;

export interface Table {
  readonly header: readonly string[];
  readonly rows: readonly { readonly line: number; readonly cells: readonly string[] }[];
  readonly delimiter: string;
}
export type ReadTable =
  { readonly ok: true; readonly table: Table } | { readonly ok: false; readonly why: string };

/** The mark between cells: the one that the heading line has most of, outside quotes. */
export function delimiterOf(text: string): string {
  const first = /^(?:"(?:[^"]|"")*"|[^\r\n"])*/.exec(text)?.[0] ?? "";
  const bare = first.replace(/"(?:[^"]|"")*"/g, "");
  const count = (d: string) => bare.split(d).length - 1;
  return [";", "\t", ",", "|"].reduce((best, d) => (count(d) > count(best) ? d : best), ",");
}

/** Our own files put a quote before a cell that a spreadsheet would run: "'+Puffin" was "+Puffin". */
const unguarded = (cell: string): string => (/^'[=+\-@\t\r＝＋－＠]/.test(cell) ? cell.slice(1) : cell);

/** A CSV file (RFC 4180, and what spreadsheets make of it: other marks between cells, a BOM, stray quotes) as a table with line numbers. */
export function readTable(text: string): ReadTable {
  if (text.trim() === "") return { ok: false, why: "The file is empty." };
  const delimiter = delimiterOf(text.replace(/^\uFEFF/, ""));
  try {
    const records = parse(text, {
      bom: true,
      delimiter,
      relax_quotes: true,
      relax_column_count: true,
      skip_empty_lines: true,
      info: true,
      trim: true,
    }) as unknown as { info: { lines: number }; record: string[] }[];
    const [head, ...rest] = records;
    if (!head || rest.length === 0)
      return { ok: false, why: "The file has a heading at most: there is no row to bring in." };
    if (rest.length > MOST_ROWS)
      return {
        ok: false,
        why: `The file has ${rest.length} rows; at most ${MOST_ROWS} go at once. Split it.`,
      };
    return {
      ok: true,
      table: {
        delimiter,
        header: head.record,
        rows: rest.map((r) => ({ line: r.info.lines, cells: r.record.map(unguarded) })),
      },
    };
  } catch (error) {
    return {
      ok: false,
      why: `The file could not be read as a table: ${error instanceof Error ? error.message.split("\n")[0] : "unknown reason"}. Save it as CSV and try again.`,
    };
  }
}

/** Which field each column holds, guessed by its heading from the words makers use; each field once. */
export function guessColumns<F extends string>(
  header: readonly string[],
  headings: Readonly<Record<F, readonly string[]>>,
): ColumnMapping<F> {
  const taken = new Set<F>();
  const mapping: Record<number, F | ""> = {};
  header.forEach((h, i) => {
    const word = fold(h);
    const field = (Object.keys(headings) as F[]).find(
      (f) => !taken.has(f) && headings[f].some((x) => word === x || (x.length > 4 && word.startsWith(x))),
    );
    mapping[i] = field ?? "";
    if (field) taken.add(field);
  });
  return mapping;
}

export interface ImportProblem {
  readonly line: number;
  readonly column: string;
  readonly value: string;
  readonly why: string;
}

/**
 * Whose numbers the file has: where commas stand before one or two last digits and no point does, a comma is the decimal
 * mark in all of it, whatever the workshop writes. "2,905" is then two and nine tenths, not thousands.
 */
export function localeOf(table: Table, own: string): string {
  let commas = false;
  for (const { cells } of table.rows) {
    for (const c of cells) {
      if (/^\d+\.\d{1,2}(?!\d)\D*$/.test(c.trim())) return own;
      commas ||= /^\d+,\d{1,2}(?!\d)\D*$/.test(c.trim());
    }
  }
  return commas ? "de" : own;
}
