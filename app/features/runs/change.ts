import { z } from "zod";
import { fields as quantityFields, id, isoDay, name } from "../../forms";

/** A run as it is typed anew: its name, its days, how many of each, and one thing more. */
export function changeSchema(locale: string, currency: string, units: "metric" | "imperial") {
  const f = quantityFields(locale, currency, units);
  return z
    .object({
      name: name("Name the run, such as “December market”."),
      startOn: isoDay("Choose the day you begin."),
      dueOn: isoDay("Choose the day it must be done."),
      lines: z
        .array(
          z.object({
            id,
            /** The number that the page showed: an old page changes nothing. */
            seen: z.coerce.number().int().min(0).max(10_000),
            quantity: f.count("Write how many; 0 takes it out of the run.", 0, 10_000),
          }),
        )
        .max(600),
      ware: z.string().max(100).optional(),
      more: f.count("Write how many.", 1, 10_000).optional(),
    })
    .superRefine((run, ctx) => {
      const wrong = (path: string, message: string) =>
        ctx.addIssue({ code: "custom", path: [path], message });
      if (run.dueOn < run.startOn) wrong("dueOn", "The due day is before the first day.");
      if (run.ware !== undefined && run.more === undefined) wrong("more", "Write how many.");
      if (run.more !== undefined && run.ware === undefined) wrong("ware", "Choose of what.");
    });
}
export type ChangedRun = z.output<ReturnType<typeof changeSchema>>;
