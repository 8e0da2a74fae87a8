import { z } from "zod";
import { STAGES } from "@core/estimate";
import { milligrams, parseDuration, quantityProblemText, seconds as inSeconds } from "@core/units";
import { GIVEN_WORK } from "@core/planning/given-work";
import { fields, id, isoDay, seen, weekDays } from "../../forms";

/** Forms of the hand: the same in the browser and on the server. */
export function handSchemas(locale: string, currency: string, system: "metric" | "imperial") {
  const f = fields(locale, currency, system);
  const key = z.string().min(8).max(50);
  const base = {
    handId: id,
    itemId: id,
    part: z.string().max(120).optional(),
    pieces: f.count("Write how many pieces.", 1, 1000),
    madeOn: isoDay("Choose the day."),
    note: z.string().trim().max(200).optional(),
    key,
  };
  const seconds = z.string({ error: "Write how long it took." }).transform((t, ctx) => {
    const got = parseDuration(t, locale, "min");
    if (got.ok && got.value >= 1 && got.value <= 360_000) return inSeconds(Math.round(got.value));
    ctx.addIssue({
      code: "custom",
      message: got.ok ? "Between a second and a hundred hours." : quantityProblemText(got.problem),
    });
    return z.NEVER;
  });
  return {
    weighIn: z
      .object({
        intent: z.literal("weigh-in"),
        kind: z.enum(["yarn", "filling"]),
        how: z.enum(["alone", "difference"]).default("alone"),
        ...base,
        colourwayId: id.optional(),
        filled: z.literal("on").optional(),
        weight: f.massMg("Write what the scale says.").optional(),
        before: f.massMg("Write what it weighed before.").optional(),
        after: f.massMg("Write what it weighs now.", 0).optional(),
        step: z.enum(["0.01", "0.1", "1"]),
        sure: z.literal("on").optional(),
      })
      .transform((v, ctx) => {
        const wrong = (path: string, message: string) => {
          ctx.addIssue({ code: "custom", path: [path], message });
          return z.NEVER;
        };
        if (v.how === "alone")
          return v.weight === undefined
            ? wrong("weight", "Write what the scale says.")
            : { ...v, weight: v.weight, before: undefined, after: undefined };
        if (v.before === undefined) return wrong("before", "Write what it weighed before.");
        if (v.after === undefined) return wrong("after", "Write what it weighs now.");
        if (v.after >= v.before)
          return wrong("after", "It must weigh less than before: are the two swapped?");
        return { ...v, weight: milligrams(v.before - v.after), filled: undefined };
      }),
    timing: z.object({
      intent: z.literal("timing"),
      ...base,
      stage: z.enum(STAGES),
      seconds,
      laps: z.string().max(20_000).optional(),
      sure: z.literal("on").optional(),
    }),
    hand: z
      .object({
        intent: z.literal("hand"),
        id: id.optional(),
        seen,
        name: z.string({ error: "Name the hand." }).trim().min(1, { error: "Name the hand." }).max(80),
        loops: z.enum(["over", "under"]),
        // A helper's hours and what she does; the maker's own stand in the settings.
        helper: z.literal("on").optional(),
        weekMinutes: f
          .hoursAsMinutes("Write her hours a week; 0 for none.", 0)
          .optional()
          .transform((x) => x ?? 0),
        // Left as they are where the form has none.
        dayLimitMinutes: f
          .hoursAsMinutes("Write the most hours of a day; 0 for no limit.", 0, "day")
          .optional(),
        breakAfterMinutes: f.count("Write after how many minutes; 0 for never.", 0, 480).optional(),
        days: weekDays.optional(),
        does: z.array(z.enum(GIVEN_WORK), { error: "Choose what she does." }).optional(),
      })
      // What is not ticked does not come at all. Without hours neither matters.
      .superRefine((v, ctx) => {
        if (!v.helper || v.weekMinutes === 0) return;
        const missing = (path: string, message: string) =>
          ctx.addIssue({ code: "custom", path: [path], message });
        if (!v.days) missing("days", "Choose at least one day, or write 0 hours.");
        if (!v.does) missing("does", "Choose at least one kind of work, or write 0 hours.");
      }),
    aside: z.object({
      intent: z.literal("aside"),
      kind: z.enum(["weighIn", "timing", "swatch"]),
      id,
      aside: z.enum(["yes", "no"]),
    }),
  };
}
export const lapsOf = (text: string | undefined): number[] => {
  try {
    return z
      .array(z.number().min(0).max(360_000))
      .max(1000)
      .parse(JSON.parse(text ?? "[]"));
  } catch {
    return [];
  }
};
