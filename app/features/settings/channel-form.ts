import { z } from "zod";
import { minorDigits, printNumber, printTrimmed } from "@core/units";
import type { Channel } from "@db/queries/workshops";
import { fields as quantityFields, id, name, seen } from "../../forms";

/** More than take a share of any sale that we know of. */
export const MOST_FEES = 6;
const MOST_SHARE_BP = 9500;

export function channelSchema(locale: string, currency: string) {
  const f = quantityFields(locale, currency, "metric");
  return z.object({
    intent: z.literal("channel"),
    id: id.optional(),
    seen,
    name: name("Name it, such as “Harbour market”."),
    fees: z
      .array(
        z.object({
          name: z
            .string()
            .trim()
            .max(40, { error: "40 letters at most." })
            .optional()
            .transform((t) => t ?? ""),
          bp: f.percentBp("Write the percentage, or take this line out."),
        }),
      )
      .max(MOST_FEES, { error: `At most ${MOST_FEES} fees.` })
      .default([])
      .refine((all) => all.reduce((sum, x) => sum + x.bp, 0) <= MOST_SHARE_BP, {
        error: `Together the fees may take ${MOST_SHARE_BP / 100} % at most.`,
      }),
    fixed: f.money("Write the fixed fee of each sale; 0 if none."),
    postage: f.money("Write what posting a sale costs you beyond what the customer pays; 0 if nothing."),
    packing: f.money("Write what the box and its filling cost a sale; 0 if nothing."),
    piecesPerSale: f.decimal("Write how many pieces a sale has on average; 1 if you do not know.", 1, 1000),
    stallFee: f.money("Write what a day or a month of this place costs; 0 if nothing."),
    expectedPieces: f.count("Write how many pieces you expect to sell for it.", 1, 100_000),
    taxBp: f.percentBp("Write the rate of sales tax or VAT; 0 if you charge none.", 50),
    taxIncluded: z.enum(["in", "top"]),
    leastPieces: f.count(
      "Write how many pieces an order has at least; 0 if that does not matter.",
      0,
      100_000,
    ),
    payWithinDays: f.count("Write within how many days it is paid; 0 if at once.", 0, 365),
  });
}

/** A channel as the form shows it; without one, an empty line to be filled. */
export function channelTexts(c: Channel | undefined, locale: string, currency: string) {
  const digits = minorDigits(currency);
  const money = (n: number) => printNumber(n / 10 ** digits, digits, locale);
  return {
    name: c?.name ?? "",
    fees: (c?.fees ?? []).map((f) => ({ name: f.name, bp: printTrimmed(f.bp / 100, 2, locale) })),
    fixed: money(c?.fixed ?? 0),
    postage: money(c?.postage ?? 0),
    packing: money(c?.packing ?? 0),
    piecesPerSale: printTrimmed((c?.piecesPerSaleHundredths ?? 100) / 100, 2, locale),
    stallFee: money(c?.stallFee ?? 0),
    expectedPieces: String(c?.expectedPieces ?? 1),
    taxBp: printTrimmed((c?.taxBp ?? 0) / 100, 2, locale),
    taxIncluded: c?.taxIncluded === false ? "top" : "in",
    leastPieces: String(c?.leastPieces ?? 0),
    payWithinDays: String(c?.payWithinDays ?? 0),
  };
}

/** What the form says, as the table keeps it. */
export function channelContent(v: z.output<ReturnType<typeof channelSchema>>) {
  return {
    name: v.name,
    fees: v.fees.map((x) => ({ name: x.name, bp: x.bp })),
    fixed: v.fixed,
    postage: v.postage,
    packing: v.packing,
    piecesPerSaleHundredths: Math.round(v.piecesPerSale * 100),
    stallFee: v.stallFee,
    expectedPieces: v.expectedPieces,
    taxBp: v.taxBp,
    taxIncluded: v.taxIncluded === "in",
    leastPieces: v.leastPieces,
    payWithinDays: v.payWithinDays,
  };
}
