import { z } from "zod";

const name = z
  .string({ error: "Write your name." })
  .trim()
  .min(1, { error: "Write your name." })
  .max(80, { error: "80 letters at most." });
const phrase = z
  .string({ error: "Write your pass phrase." })
  .min(1, { error: "Write your pass phrase." })
  .max(400);
const own = z.literal("on").optional();

export const signInSchema = z.object({ name, phrase, own, to: z.string().max(500).optional() });
export const beginSchema = z.object({
  name,
  phrase,
  own,
  /** Not asked for where there is one already. */
  workshop: z
    .string()
    .trim()
    .min(1, { error: "Name your workshop." })
    .max(120, { error: "120 letters at most." })
    .optional(),
});
export const joinSchema = z.object({ name, phrase, own });
export const recoverSchema = z.object({
  name,
  code: z
    .string({ error: "Write one of your codes." })
    .trim()
    .min(1, { error: "Write one of your codes." })
    .max(60),
  phrase,
});

/** What is wrong with which field, by its name. */
export type Wrongs = Readonly<Record<string, readonly string[]>>;

export const wrongsOf = (error: z.ZodError): Wrongs => z.flattenError(error).fieldErrors as Wrongs;
