import { stringify } from "csv-stringify/sync";

/** What a spreadsheet takes for a formula, also in full-width letters. */
const FORMULA = /^[=+\-@\t\r＝＋－＠]/;
const NUMBER = /^-?\d+(\.\d+)?$/;

/**
 * A table as CSV (RFC 4180). Cells that a spreadsheet would run as a formula are made text by a quote before
 * them, which bringing a file in takes off again; a cell that is wholly a number is a number, also below
 * zero.
 */
export function csvText(header: readonly string[], rows: readonly (readonly (string | number)[])[]): string {
  const safe = rows.map((row) =>
    row.map((cell) =>
      typeof cell === "string" && FORMULA.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell,
    ),
  );
  return stringify([[...header], ...safe], { record_delimiter: "windows", bom: true });
}

/** The same as an answer that is saved as a file. */
export function csvResponse(
  name: string,
  header: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): Response {
  return new Response(csvText(header, rows), {
    headers: {
      "Content-Type": "text/csv; charset=utf-8",
      "Content-Disposition": `attachment; filename="${name}"`,
    },
  });
}
