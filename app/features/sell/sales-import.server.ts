import { minor } from "@core/units";
import { fromDate, getLocalTimeZone, parseDate, toZoned } from "@internationalized/date";
import { importSales, type NewSale } from "@db/queries/sales";
import type { ImportProblem, Table } from "../import/table";
import { todayOf, type Opened } from "../../server/scope.server";
import { readSales, type SaleMapping, type SalesKnown } from "./import";
import { loadWares } from "./wares.server";

/** What a file of sales is read against. */
export async function salesKnown({ scope, workshop, reading }: Opened): Promise<SalesKnown> {
  const { wares, channels } = await loadWares(scope, workshop);
  return {
    reading,
    today: todayOf(scope),
    channels: channels.map((c) => ({ id: c.id, name: c.name })),
    wares: wares.map((w) => ({
      itemId: w.itemId,
      colourwayId: w.colourwayId,
      item: w.analysed.entry.item.name,
      colourway: w.analysed.colourway?.name ?? "",
      price: w.price,
    })),
  };
}

/** Noon of a day where the workshop is: a file tells no hour. */
export const noonOf = (day: string, zone: string | undefined): Date =>
  toZoned(parseDate(day), zone || getLocalTimeZone())
    .set({ hour: 12 })
    .toDate();
export const hourOf = (at: Date, zone: string | undefined): number =>
  fromDate(at, zone || getLocalTimeZone()).hour;

/** Reads a file of sales against the workshop and keeps what can be kept; each problem names its line. */
export async function bringInSales(
  opened: Opened,
  batch: { id: string; fileName: string; onlyGood: boolean },
  table: Table,
  mapping: SaleMapping,
): Promise<{ kept: number; problems: readonly ImportProblem[] }> {
  const { good, problems } = readSales(table, mapping, await salesKnown(opened));
  if (good.length === 0 || (problems.length > 0 && !batch.onlyGood)) return { kept: 0, problems };
  const sales = good.map((g): NewSale => ({
    key: `${batch.id}:${g.line}`,
    customer:
      g.order === "" ? `${batch.id}:${g.line}` : `${batch.id.slice(-12)}:${g.soldOn}:${g.order}`.slice(0, 80),
    channelId: g.channelId,
    placeId: "",
    at: noonOf(g.soldOn, opened.scope.zone),
    soldOn: g.soldOn,
    itemId: g.itemId,
    colourwayId: g.colourwayId,
    grade: "good",
    quantity: g.quantity,
    listPrice: minor(g.listPrice),
    taken: minor(g.taken),
    paid: g.paid,
    source: "file",
    note: g.order,
  }));
  await importSales(
    opened.scope,
    {
      id: batch.id,
      fileName: batch.fileName.slice(0, 160),
      rows: sales.length,
      skipped: table.rows.length - sales.length,
    },
    sales,
  );
  return { kept: sales.length, problems };
}
