import { minor } from "@core/units";
import { z } from "zod";
import { fields as quantityFields, id, isoDay, seen } from "../../forms";

const text = (most: number) =>
  z
    .string()
    .trim()
    .max(most, { error: `${most} letters at most.` })
    .optional()
    .transform((x) => x ?? "");

/** "item:colourway", as the list of pieces has it; an item in its own colours has nothing behind the colon. */
const ware = z
  .string({ error: "Choose what is made." })
  .regex(/^[0-9a-f-]{36}:([0-9a-f-]{36})?$/, { error: "Choose what is made." });

export const commissionSchema = (locale: string, currency: string) => {
  const f = quantityFields(locale, currency, "metric");
  return z
    .object({
      seen,
      customer: z
        .string({ error: "Write a name." })
        .trim()
        .min(1, { error: "Write a name; a first name is enough." })
        .max(80, { error: "80 letters at most." }),
      reach: text(160),
      ware,
      wishes: text(500),
      quantity: f.count("Write how many.", 1, 500),
      channelId: id,
      price: f.money("Write what it costs in all."),
      depositAsked: f
        .money("Write the deposit; 0 for none.")
        .optional()
        .transform((x) => x ?? minor(0)),
      dueOn: isoDay("Choose the day it is promised for."),
    })
    .superRefine((c, ctx) => {
      if (c.depositAsked > c.price)
        ctx.addIssue({
          code: "custom",
          path: ["depositAsked"],
          message: "The deposit is more than the price.",
        });
    })
    .transform(({ ware: chosen, seen: version, ...c }) => {
      const [itemId = "", colourwayId = ""] = chosen.split(":");
      return { version, content: { ...c, itemId, colourwayId } };
    });
};

export const depositSchema = (locale: string, currency: string) =>
  z.object({
    paid: quantityFields(locale, currency, "metric").money("Write what was paid; 0 takes it back."),
    on: isoDay("Choose the day it was paid."),
  });
export const stateSchema = z.object({ to: z.enum(["asked", "agreed", "making", "ready", "off"]) });
export const handSchema = z.object({
  on: isoDay("Choose the day."),
  paid: z.enum(["cash", "card", "other"], { error: "Choose how it was paid." }),
});
