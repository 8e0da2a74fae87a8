import type { MySqlColumn } from "drizzle-orm/mysql-core";
import { z } from "zod";
import { isPicture, TABLES, type Table } from "./tables";

/** How the file is laid out. A change that an older program could not read raises it. */
export const FILE_VERSION = 1;
export const FORMAT = "lapka-workshop";

/** A moment as it is written: UTC, to the millisecond. */
const moment = z.iso.datetime({ precision: 3 }).meta({ description: "A moment, UTC, to the millisecond." });

/** A colour goes into pictures and styles as it is: nothing else may stand there. */
const COLOUR = /^#[0-9a-fA-F]{6}$/;
const MOST_TEXT = 70_000;

/**
 * What a column's values are in the file. Money, weights and lengths are whole numbers in base units, as in
 * the database.
 */
function valueOf(name: string, column: MySqlColumn): z.ZodType {
  const { length, enumValues } = column as unknown as { length?: number; enumValues?: [string, ...string[]] };
  if (isPicture(column))
    return z
      .string()
      .regex(/^photos\/[0-9a-f-]{36}\.jpg$/)
      .meta({ description: "A picture that lies beside, in the same ZIP." });
  switch (column.columnType) {
    case "MySqlEnumColumn":
      return z.enum(enumValues ?? [""]);
    case "MySqlInt":
      return z.number().int().min(-2_147_483_648).max(2_147_483_647);
    case "MySqlSmallInt":
      return z.number().int().min(-32_768).max(32_767);
    case "MySqlBigInt53":
      return z.number().int().min(Number.MIN_SAFE_INTEGER).max(Number.MAX_SAFE_INTEGER);
    case "MySqlBoolean":
      return z.boolean();
    case "MySqlDateTime":
      return moment;
    case "MySqlDateString":
      return z.iso.date();
    case "MySqlJson":
      return z.json();
    case "MySqlText":
      return z.string().max(MOST_TEXT);
    case "MySqlVarChar":
      return name === "colour" ? z.string().regex(COLOUR) : z.string().max(length ?? 255);
    default:
      throw new Error(`no value in a file for a column of ${column.columnType}`);
  }
}

/** A row: every column by name. One with a value of its own may be missing: a file of before it had none. */
const rowOf = ({ columns }: Table) =>
  z.strictObject(
    Object.fromEntries(
      columns.map(([name, column]) => {
        const value = column.notNull ? valueOf(name, column) : valueOf(name, column).nullable();
        return [name, column.hasDefault || !column.notNull ? value.optional() : value];
      }),
    ),
  );

export const workshopFileSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(FILE_VERSION),
  /** The last change of the database that the writing program knew. */
  schema: z.string().max(80),
  madeAt: moment,
  tables: z.strictObject(
    Object.fromEntries(TABLES.map((t) => [t.name, z.array(rowOf(t)).optional().default([])])),
  ),
});

/** The same as a JSON Schema, to be published: anybody can read and write such a file. */
export const workshopJsonSchema = (): object => ({
  title: "A workshop as one file",
  description:
    "Everything of one workshop. Money is in minor units of the workshop's currency, weights in mg, lengths in mm (hooks in µm), times in s.",
  ...z.toJSONSchema(workshopFileSchema, { io: "input" }),
});

export type Row = Readonly<Record<string, unknown>>;
export interface WorkshopFile {
  readonly format: typeof FORMAT;
  readonly version: typeof FILE_VERSION;
  readonly schema: string;
  readonly madeAt: string;
  readonly tables: Readonly<Record<string, readonly Row[]>>;
}
/** Pictures that lie beside the file, by the name that it has for them. */
export type Photos = Readonly<Record<string, Uint8Array>>;
