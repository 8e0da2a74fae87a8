import { data } from "react-router";
import { z } from "zod";
import { dayOf } from "../../server/scope.server";
import type { ImportBatch } from "@db/queries/imports";
import type { BroughtIn } from "./bring-in";
import { MOST_BYTES, readTable, type ColumnMapping, type ImportProblem, type Table } from "./table";

/** What the page sends: the file itself with what its columns are. The server reads it anew. */
export const importSchema = (fields: readonly string[]) =>
  z.object({
    intent: z.literal("import"),
    id: z.string().regex(/^[0-9a-f-]{36}$/),
    fileName: z.string().max(400),
    text: z.string().max(MOST_BYTES),
    mapping: z
      .string()
      .max(5000)
      .transform((t, ctx) => {
        try {
          return z
            .record(z.string().regex(/^\d{1,3}$/), z.enum(["", ...fields] as [string, ...string[]]))
            .parse(JSON.parse(t)) as ColumnMapping<string>;
        } catch {
          ctx.addIssue({ code: "custom", message: "mapping" });
          return z.NEVER;
        }
      }),
    onlyGood: z.literal("on").optional(),
  });

export const broughtIn = (list: readonly ImportBatch[], zone: string | undefined): BroughtIn[] =>
  list.map((b) => ({
    id: b.id,
    fileName: b.fileName,
    rows: b.rows,
    skipped: b.skipped,
    on: dayOf(b.createdAt, zone),
    undone: b.undoneAt !== null,
  }));

/** A file as it was sent, with what its columns are and whether rows with problems may be left out. */
export interface SentFile {
  readonly id: string;
  readonly fileName: string;
  readonly onlyGood: boolean;
}

/**
 * Reads a sent file and keeps what `keep` can keep of it; answers undefined when rows were kept, else why
 * not. The server reads the file itself: what the page showed is not taken on trust.
 */
export async function bringFile<F extends string>(
  form: FormData,
  fields: Readonly<Record<F, string>>,
  keep: (
    batch: SentFile,
    table: Table,
    mapping: ColumnMapping<F>,
  ) => Promise<{ readonly kept: number; readonly problems: readonly ImportProblem[] }>,
) {
  const wrong = (error: string) => data({ error }, { status: 400 });
  const got = importSchema(Object.keys(fields)).safeParse({
    ...Object.fromEntries(form),
    onlyGood: form.get("onlyGood") ?? undefined,
  });
  if (!got.success) return wrong("The file could not be sent whole. Choose it again.");
  const read = readTable(got.data.text);
  if (!read.ok) return wrong(read.why);
  const { id, fileName, onlyGood, mapping } = got.data;
  const { kept, problems } = await keep(
    { id, fileName, onlyGood: onlyGood === "on" },
    read.table,
    mapping as ColumnMapping<F>,
  );
  if (kept > 0) return undefined;
  const [first] = problems;
  return wrong(
    first
      ? `Line ${first.line}, ${first.column}: ${first.why} Mend the file, or agree to leave such rows out.`
      : "No row can be brought in as it is.",
  );
}
