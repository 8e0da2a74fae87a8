import { stringify } from "csv-stringify/sync";

/** A CSV answer (RFC 4180). Cells that a spreadsheet would run as a formula are made text. */
export function csvResponse(
  name: string,
  header: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): Response {
  const safe = rows.map((row) =>
    row.map((cell) => (typeof cell === "string" && /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell)),
  );
  const body = stringify([[...header], ...safe], { record_delimiter: "windows", bom: true });
  return new Response(body, {
    headers: {
      "Content-Type": "text/csv; charset=utf-8",
      "Content-Disposition": `attachment; filename="${name}"`,
    },
  });
}
