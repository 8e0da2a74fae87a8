import { minor } from "@core/units";
import { z } from "zod";
import type { StallAct } from "@core/shelf/stall";
import type { NewSale, Sale } from "@db/queries/sales";
import type { Market } from "@db/queries/places";

/** Acts that a device sends at once, at most. */
export const MOST_SENT = 300;
const key = z.string().regex(/^[A-Za-z0-9-]{8,64}$/);
const own = { key, at: z.number().int().min(1_500_000_000_000).max(9_999_999_999_999) };
const uuid = z.string().regex(/^[0-9a-f-]{36}$/);
const money = z.number().int().min(0).max(100_000_000);

const act = z.discriminatedUnion("kind", [
  z.object({
    ...own,
    kind: z.literal("sell"),
    customer: key,
    itemId: uuid,
    colourwayId: z.union([z.literal(""), uuid]),
    grade: z.enum(["good", "second"]),
    quantity: z.number().int().min(1).max(500),
    listPrice: money,
    taken: money,
  }),
  z.object({ ...own, kind: z.literal("undo"), of: key }),
  z.object({ ...own, kind: z.literal("pay"), customer: key, paid: z.enum(["cash", "card", "other"]) }),
]);

export const stallSchema = z.object({
  workshop: z.string().optional(),
  since: z.number().int().min(0).max(9_999_999_999_999).optional(),
  acts: z.array(act).max(MOST_SENT),
});

/** A tap as a sale of this market. */
export const saleOf = (
  a: Extract<StallAct, { kind: "sell" }>,
  market: Pick<Market, "id" | "channelId" | "placeId" | "onDay">,
): NewSale => ({
  key: a.key,
  customer: a.customer,
  channelId: market.channelId,
  placeId: market.placeId,
  marketId: market.id,
  at: new Date(a.at),
  // What is sold after midnight belongs to the market's own day.
  soldOn: market.onDay,
  itemId: a.itemId,
  colourwayId: a.colourwayId,
  grade: a.grade,
  quantity: a.quantity,
  listPrice: minor(a.listPrice),
  taken: minor(a.taken),
  paid: "cash",
  source: "stall",
});

/** Sales as devices know them: the tap, how it was paid, and that it was taken back. */
export const actsOfSales = (sales: readonly Sale[]): StallAct[] =>
  sales.flatMap((s): StallAct[] => [
    {
      kind: "sell",
      key: s.saleKey,
      at: s.at.getTime(),
      customer: s.customer,
      itemId: s.itemId,
      colourwayId: s.colourwayId,
      grade: s.grade,
      quantity: s.quantity,
      listPrice: s.listPrice,
      taken: s.taken,
    },
    ...(s.undoneAt === null
      ? []
      : [{ kind: "undo" as const, key: `undone-${s.saleKey}`, at: s.undoneAt.getTime(), of: s.saleKey }]),
    {
      kind: "pay",
      key: `paid-${s.customer}`,
      at: s.changedAt.getTime(),
      customer: s.customer,
      paid: s.paid,
    },
  ]);
