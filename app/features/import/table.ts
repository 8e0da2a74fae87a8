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

/**
 * A CSV file (RFC 4180, and what spreadsheets make of it: other marks between cells, a BOM, stray quotes) as
 * a table with line numbers.
 */
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

/** One row of a file as it is read: its cells by field, and a way to say what is wrong with one of them. */
export interface FileRow<F extends string> {
  readonly line: number;
  readonly cell: (f: F) => string;
  readonly wrong: (f: F, why: string) => void;
  readonly has: (f: F) => boolean;
}

/**
 * Goes through the rows. What `read` makes of one is kept when it said of nothing that it is wrong; every
 * problem names its line, column and value. `names` are what fields are called that the file has no heading
 * for.
 */
export function readEach<F extends string, T>(
  table: Table,
  mapping: ColumnMapping<F>,
  names: Readonly<Record<F, string>>,
  read: (row: FileRow<F>) => T | undefined,
): { good: T[]; problems: ImportProblem[] } {
  const columns = new Map(
    Object.entries(mapping).flatMap(([i, f]) => (f ? [[f as F, Number(i)] as const] : [])),
  );
  const problems: ImportProblem[] = [];
  const good: T[] = [];
  for (const { line, cells } of table.rows) {
    const before = problems.length;
    const cell = (f: F) => (cells[columns.get(f) ?? -1] ?? "").trim();
    const wrong = (f: F, why: string) =>
      void problems.push({
        line,
        column: table.header[columns.get(f) ?? -1] ?? names[f],
        value: cell(f),
        why,
      });
    const made = read({ line, cell, wrong, has: (f) => columns.has(f) });
    if (problems.length === before && made !== undefined) good.push(made);
  }
  return { good, problems };
}

/** A day as 2026-11-03, or as 3.11.2026 or 3/11/2026 with the day first; undefined when it is none. */
export function dayOf(text: string): string | undefined {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text);
  const other = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(text);
  const [y, m, d] = iso ? [iso[1], iso[2], iso[3]] : other ? [other[3], other[2], other[1]] : [];
  if (y === undefined) return undefined;
  const day = new Date(Date.UTC(Number(y), Number(m) - 1, Number(d)));
  // A month of thirteen, or a thirtieth of February, rolls over: then it was no day.
  return day.getUTCMonth() === Number(m) - 1 && day.getUTCDate() === Number(d)
    ? day.toISOString().slice(0, 10)
    : undefined;
}

/** The day in a row, not later than today; undefined after saying what is wrong with it. */
export function pastDay<F extends string>(row: FileRow<F>, f: F, today: string): string | undefined {
  const text = row.cell(f);
  const day = dayOf(text);
  if (day === undefined)
    row.wrong(
      f,
      text === "" ? "This is missing." : "This is no day: write 2026-11-03, or 3.11.2026 with the day first.",
    );
  else if (day > today) row.wrong(f, "This day is still to come.");
  return day;
}

/**
 * Whose numbers the file has: where commas stand before one or two last digits and no point does, a comma is
 * the decimal mark in all of it, whatever the workshop writes. "2,905" is then two and nine tenths, not
 * thousands.
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
