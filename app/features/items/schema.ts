import { z } from "zod";
import { answersSchema } from "@db/answers";
import { parseMoney, parseNumber, quantityProblemText, type Minor } from "@core/units";

/** Characters of an item's written pattern: ten times the longest that is worked by hand. */
export const MAX_PATTERN = 64 * 1024;
export const PATTERN_TOO_LONG = `A pattern may have ${MAX_PATTERN / 1024} thousand characters at most. Keep each item’s pattern by itself.`;

const once = (names: readonly string[]): boolean => new Set(names).size === names.length;
const uuid = z.string().regex(/^[0-9a-f-]{36}$/, { error: "Choose one from the list." });

/** What an item's form sends: held against the same rules in the browser and on the server. */
export const itemSchema = (currency: string, locale: string) =>
  z.object({
    basedOn: z.number().int().min(0),
    /** The version of the item's name, kind and price that was on the page. */
    seen: z.number().int().min(0).optional(),
    name: z
      .string()
      .trim()
      .min(1, { error: "Give the item a name, such as “Puffin keychain”." })
      .max(120, { error: "A name may have 120 letters at most." }),
    kind: z.enum(["keychain", "ornament", "figure", "kit", "other"]),
    pattern: z.string().max(MAX_PATTERN, { error: PATTERN_TOO_LONG }),
    answers: answersSchema.optional(),
    firmness: z.enum(["light", "medium", "firm"]),
    hanger: z.boolean(),
    note: z.string().max(4000, { error: "A note may have 4,000 letters at most." }),
    slots: z
      .array(
        z.object({
          slot: z.string().min(1).max(80),
          yarnId: uuid,
          hookMm: z
            .number({ error: "A hook has a size in millimetres, such as 3." })
            .min(0.5, { error: "A hook has 0.5 mm at least." })
            .max(30, { error: "A hook has 30 mm at most." }),
          strands: z.number().min(0.2).max(6),
        }),
      )
      .max(24, { error: "An item may have 24 colour slots at most." })
      .refine((all) => once(all.map((s) => s.slot)), { error: "A colour slot stands here twice." }),
    notions: z
      .array(
        z.object({
          notionId: uuid,
          quantity: z
            .number({ error: "Write how many." })
            .int({ error: "Write a whole number." })
            .min(0)
            .max(1000, { error: "1,000 at most." }),
        }),
      )
      .max(40)
      .refine((all) => once(all.map((n) => n.notionId)), { error: "A notion stands here twice." }),
    price: z.string().transform((text, ctx) => {
      if (text.trim() === "") return null;
      const read = parseMoney(text, currency, locale);
      if (!read.ok) {
        ctx.addIssue({ code: "custom", message: quantityProblemText(read.problem) });
        return z.NEVER;
      }
      if (read.value <= 0 || read.value > 100_000_000) {
        ctx.addIssue({ code: "custom", message: "A price is above zero and below a million." });
        return z.NEVER;
      }
      return read.value;
    }),
    channelId: uuid.nullable(),
    passes: z
      .string()
      .optional()
      .transform((text = "", ctx): number => {
        const read = parseNumber(text.trim() === "" ? "100" : text.replace("%", ""), locale);
        if (!read.ok || read.value < 5 || read.value > 100) {
          ctx.addIssue({ code: "custom", message: "Write how many of a hundred pass, from 5 to 100." });
          return z.NEVER;
        }
        return Math.round(read.value * 100);
      }),
    secondBrings: z
      .string()
      .optional()
      .transform((text = "", ctx): Minor => {
        const read = parseMoney(text.trim() === "" ? "0" : text, currency, locale);
        if (!read.ok || read.value < 0 || read.value > 100_000_000) {
          ctx.addIssue({ code: "custom", message: "Write what a second brings; 0 if it is given away." });
          return z.NEVER;
        }
        return read.value;
      }),
  });

export type ItemForm = z.input<ReturnType<typeof itemSchema>>;

/** Errors keyed by field, the first of each. */
export function errorsByField(error: z.ZodError): Record<string, string> {
  const out: Record<string, string> = {};
  for (const issue of error.issues) {
    const key = issue.path.map(String).join(".");
    out[key] ??= issue.message;
  }
  return out;
}
