import { minor } from "@core/units";
import { z } from "zod";
import { fields as quantityFields, id, isoDay, name, seen } from "../../forms";

/** "" is home. */
export const placeId = z
  .union([z.literal(""), id])
  .optional()
  .transform((x) => x ?? "");
const colourwayId = placeId;
const grade = z.enum(["good", "second"]);

/** What is done with pieces of one place: carried to another, taken off the shelf, or counted. */
export const shelfSchema = (locale: string, currency: string) => {
  const f = quantityFields(locale, currency, "metric");
  return z.object({
    intent: z.literal("move"),
    from: placeId,
    /** "to:" with a place, one of the ways off the shelf, or "counted". */
    what: z.string().regex(/^(to:([0-9a-f-]{36})?|given|lost|unravelled|counted)$/, {
      error: "Choose what is done with them.",
    }),
    note: z.string().trim().max(120, { error: "120 letters at most." }).optional(),
    lines: z
      .array(
        z.object({
          itemId: id,
          colourwayId,
          grade,
          quantity: f.count("Write how many.", 0, 10_000).optional(),
        }),
      )
      .max(600),
  });
};

export const placeSchema = z.object({
  intent: z.literal("place"),
  id: id.optional(),
  seen,
  name: name("Name the place, such as “Crate” or “Museum shop”."),
  kind: z.enum(["crate", "shelf"]),
  channelId: id.optional(),
  holds: z
    .string()
    .optional()
    .transform((t, ctx) => {
      if (t === undefined || t.trim() === "") return null;
      if (/^\d{1,5}$/.test(t.trim()) && Number(t) > 0) return Number(t);
      ctx.addIssue({ code: "custom", message: "Write how many pieces it holds, or nothing." });
      return z.NEVER;
    }),
});

export const marketSchema = (locale: string, currency: string) => {
  const f = quantityFields(locale, currency, "metric");
  return z.object({
    intent: z.literal("market"),
    id: id.optional(),
    seen,
    name: name("Name the day, such as “Quay market”."),
    onDay: isoDay("Choose the day."),
    channelId: id,
    placeId: id,
    float: f
      .money("Write the coins you bring; 0 for none.")
      .optional()
      .transform((x) => x ?? minor(0)),
    note: z
      .string()
      .trim()
      .max(500)
      .optional()
      .transform((x) => x ?? ""),
  });
};
