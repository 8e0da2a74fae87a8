import { z } from "zod";
import { dayOf } from "../../server/scope.server";
import type { ImportBatch } from "@db/queries/imports";
import type { BroughtIn } from "./bring-in";
import { MOST_BYTES, type ColumnMapping } from "./table";

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
