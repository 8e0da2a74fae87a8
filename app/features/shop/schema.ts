import { z } from "zod";
import { fields as quantityFields, id } from "../../forms";
import { placeId } from "../sell/schema";

export const shopSchema = z.object({
  channelId: id,
  placeId,
  open: z
    .enum(["on"])
    .optional()
    .transform((x) => x === "on"),
});

/** What is offered: one row a kind of piece, with how many are kept back. */
export const offerSchema = (locale: string, currency: string) =>
  z.object({
    lines: z
      .array(
        z.object({
          itemId: id,
          colourwayId: placeId,
          offered: z
            .enum(["on"])
            .optional()
            .transform((x) => x === "on"),
          keepBack: quantityFields(locale, currency, "metric")
            .count("Write how many stay back; 0 for none.", 0, 10_000)
            .optional()
            .transform((x) => x ?? 0),
        }),
      )
      .max(600),
  });

/** "item:colourway", as a list of pieces has it. */
export const wareSchema = z
  .string()
  .regex(/^[0-9a-f-]{36}:([0-9a-f-]{36})?$/)
  .transform((key) => {
    const [itemId = "", colourwayId = ""] = key.split(":");
    return { itemId, colourwayId };
  });
