import { z } from "zod";

const MOST = 100;

/** What an item that was handed on says of itself beside its pattern: by names, which every cupboard has. */
export const handedSchema = z.object({
  name: z.string().max(240),
  kind: z.string().max(40),
  yarns: z
    .array(
      z.object({
        slot: z.string().max(120),
        label: z.string().max(240),
        hookMm: z.number().min(0.5).max(30),
      }),
    )
    .max(MOST),
  notions: z
    .array(z.object({ name: z.string().max(240), quantity: z.number().int().min(1).max(1000) }))
    .max(MOST),
  kit: z
    .object({
      chanceShort: z.number().min(0.0001).max(0.5),
      hook: z.boolean(),
      startedRing: z.boolean(),
      spareEyes: z.boolean(),
    })
    .optional(),
});
export type Handed = z.infer<typeof handedSchema>;
