import { parseDate } from "@internationalized/date";
import { dayOf, readingOf, todayOf, type Opened } from "../../server/scope.server";
import { printDay } from "../../ui/days";
import { measuresOf } from "../figure/picture.server";
import { loadSurroundings } from "../items/load.server";
import type { CommissionPaper, PaperTask } from "../paper/input";
import { itemPaper } from "../paper/paper.server";
import { openCommission } from "./load.server";
import { sumsOf, taxOf } from "./words";

/** A quote holds for so many days. */
const HOLDS_DAYS = 30;
const PAID_BY = { cash: "in cash", card: "by card", other: "" } as const;

/** What a quote or a receipt is made of; undefined where there is no such commission. */
export async function commissionTask(
  opened: Opened,
  id: string,
  note: CommissionPaper["note"],
  paidBy: keyof typeof PAID_BY | undefined,
): Promise<{ task: PaperTask; number: number; paid: boolean } | undefined> {
  const { scope, workshop } = opened;
  const found = await openCommission(opened, id);
  if (!found) return undefined;
  const { commission: c, ware, channels } = found;
  const channel = channels.find((x) => x.id === c.channelId);
  const sums = sumsOf(c, channel);
  const day = (on: string) => printDay(on, workshop.locale);
  const asked = parseDate(dayOf(c.createdAt, scope.zone));
  const handed = c.state === "handed";
  const entry = ware?.analysed.entry;
  const analysis = ware?.analysed.analysis;
  const item =
    ware && entry && analysis && analysis.piece.parts.length > 0
      ? itemPaper(
          entry,
          analysis,
          await loadSurroundings(scope, workshop),
          workshop,
          await measuresOf(entry, analysis),
          ware.label,
        )
      : undefined;
  const commission: CommissionPaper = {
    note,
    paper: /^(?:en-US|en-CA|es-MX)/.test(workshop.locale) ? "LETTER" : "A4",
    number: c.number,
    maker: workshop.name,
    customer: c.customer,
    reading: readingOf(workshop),
    on: day(note === "quote" ? asked.toString() : todayOf(scope)),
    due: printDay(c.dueOn, workshop.locale, true),
    holdsUntil: day(asked.add({ days: HOLDS_DAYS }).toString()),
    handed: c.handedOn ? day(c.handedOn) : undefined,
    what: ware?.label ?? "a piece made by hand",
    wishes: c.wishes,
    quantity: c.quantity,
    price: sums.pays,
    tax: sums.tax,
    taxRate: taxOf(channel).taxBp / 100,
    depositAsked: c.depositAsked,
    payments: [
      ...(c.depositPaid > 0 && c.depositOn ? [{ on: day(c.depositOn), amount: c.depositPaid }] : []),
      ...(handed && c.handedOn && sums.rest > 0
        ? [{ on: day(c.handedOn), by: PAID_BY[paidBy ?? "other"], amount: sums.rest }]
        : []),
    ],
    rest: handed ? 0 : sums.rest,
    payWithinDays: channel?.payWithinDays ?? 0,
    cautions: item?.cautions ?? [],
  };
  return {
    task: { sheet: "commission", item, commission },
    number: c.number,
    paid: handed || c.depositPaid > 0,
  };
}
