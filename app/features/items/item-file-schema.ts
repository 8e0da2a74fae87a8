import { z } from "zod";

/** What a kit of the item is: how it is chosen, and what then lies in the bag. */
const kitFileSchema = z.object({
  /** Share of buyers that may run out of yarn: 0.01 is one of a hundred. */
  chanceShort: z.number().min(0.0001).max(0.5),
  hook: z.boolean(),
  startedRing: z.boolean(),
  spareEyes: z.boolean(),
  contents: z.array(z.object({ what: z.string(), amount: z.string() })),
  /** Packed, bag and all. */
  grams: z.number(),
});
export type KitFile = z.infer<typeof kitFileSchema>;

/**
 * An item as a file that others can read: everything in base units (mm, g, minor units), names in place of
 * our numbers.
 */
export const itemFileSchema = z.object({
  format: z.literal("lapka-item"),
  version: z.literal(1),
  name: z.string().min(1).max(240),
  kind: z.string(),
  soldAs: z.string(),
  currency: z.string().length(3),
  /** Minor units. */
  price: z.number().int(),
  pattern: z.string(),
  sizeMm: z.object({ height: z.number(), width: z.number(), depth: z.number() }),
  yarns: z.array(
    z.object({
      slot: z.string(),
      label: z.string(),
      colour: z.string(),
      fibre: z.string(),
      hookMm: z.number(),
      metres: z.number(),
      grams: z.number(),
    }),
  ),
  fillingGrams: z.number(),
  notions: z.array(z.object({ name: z.string(), quantity: z.number().int() })),
  parts: z.array(
    z.object({
      name: z.string(),
      make: z.number().int(),
      rounds: z.array(z.object({ label: z.string(), stitches: z.number().int().nullable() })),
    }),
  ),
  orderOfWork: z.array(z.string()),
  cautions: z.array(z.string()),
  /** Since version 1 had been out for a while: files before have none. */
  kit: kitFileSchema.optional(),
});
export type ItemFile = z.infer<typeof itemFileSchema>;

/** Published beside the file, so that it can be read without us. */
export const itemFileJsonSchema = (): object => z.toJSONSchema(itemFileSchema);
