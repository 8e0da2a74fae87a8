import { z } from "zod";
import type { Reading } from "@core/units";
import { fields, seen } from "../../forms";
import { CHANCES_BP } from "./chances";

/** What a kit of an item is, as its form says it: a turn of the winder in her own units, mm when read. */
export const kitSchema = ({ locale, currency, system }: Reading) =>
  z.object({
    intent: z.literal("kit"),
    seen,
    chance: z.enum(CHANCES_BP.map(String), { error: "Choose one from the list." }).transform(Number),
    hook: z.literal("on").optional(),
    startedRing: z.literal("on").optional(),
    spareEyes: z.literal("on").optional(),
    winder: fields(locale, currency, system)
      .lengthMm("Write how long one turn of your winder is.")
      .refine((n) => n >= 50, { error: "5 cm at least." })
      .refine((n) => n <= 5000, { error: "5 m at most." }),
  });
