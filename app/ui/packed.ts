declare const OF: unique symbol;
/** Rows of a long list on their way to the page: one text, unpacked to what they were. */
export type Packed<T> = string & { readonly [OF]?: T };

export type RowOf<P> = P extends Packed<infer T> ? T : never;

/** In the place of what a row does not have: no text that is kept holds this character. */
const NONE = "\u0000";

/**
 * Rows as one text of columns. The router writes data value by value and each name of each row again: of hundreds of
 * rows with twenty names that took longer than reading them out of the database.
 *
 * @param rows of plain JSON values; a name may be missing in some
 */
export function pack<T extends object>(rows: readonly T[]): Packed<T> {
  const found = new Set<string>();
  for (const row of rows) for (const name in row) found.add(name);
  const names = [...found] as (keyof T & string)[];
  return JSON.stringify([rows.length, names, names.map((name) => columnOf(rows.map((row) => row[name])))]);
}

/** Values of a column, or the one that all of them have. */
type Column = { readonly each: readonly unknown[] } | { readonly all: unknown };
function columnOf(values: readonly unknown[]): Column {
  const each = values.map((v) => (v === undefined ? NONE : v));
  return each.length > 1 && each.every((v) => v === each[0]) ? { all: each[0] } : { each };
}

/** The rows again, what was missing in them missing. */
export function unpack<T extends object>(packed: Packed<T>): T[] {
  const [length, names, columns] = JSON.parse(packed) as [number, string[], Column[]];
  return Array.from({ length }, (_, i) => {
    const row: Record<string, unknown> = {};
    names.forEach((name, c) => {
      const column = columns[c];
      if (!column) return;
      const value = "all" in column ? column.all : column.each[i];
      if (value !== NONE) row[name] = value;
    });
    return row as T;
  });
}
