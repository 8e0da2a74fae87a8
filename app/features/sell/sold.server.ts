import { parseDate } from "@internationalized/date";
import { earnedBy, type Earned, type SoldPiece } from "@core/shelf/earned";
import { listSales, type Sale } from "@db/queries/sales";
import { todayOf, type Opened } from "../../server/scope.server";
import { wareKey } from "./wares";
import { allMarkets, allPieces, loadWares, newestSales, type Ware } from "./wares.server";

/** Before anything was sold. */
const EVER = "2000-01-01";

export type SaleRow = Sale & SoldPiece;

/** Sales of a span with what their pieces took, as far as that is known today. */
export async function soldIn(opened: Opened, days: number) {
  const { scope, workshop } = opened;
  const today = todayOf(scope);
  const from =
    days === 0
      ? EVER
      : parseDate(today)
          .subtract({ days: days - 1 })
          .toString();
  const [{ wares, channels, wage }, rows, markets, pieces, newest] = await Promise.all([
    loadWares(scope, workshop),
    listSales(scope, { from }),
    allMarkets(scope),
    allPieces(scope),
    newestSales(scope),
  ]);
  const byKey = new Map(wares.map((w) => [w.key, w]));
  const sales = rows.map((s) => withPiece(s, byKey.get(wareKey(s.itemId, s.colourwayId))));
  const stall = markets.filter((m) => m.state === "closed" && m.onDay >= from && m.onDay <= today);
  const feeOf = (channelId: string) => channels.find((c) => c.id === channelId)?.stallFee ?? 0;
  const standing = (keyOf: (m: (typeof stall)[number]) => string): Map<string, number> => {
    const out = new Map<string, number>();
    for (const m of stall) out.set(keyOf(m), (out.get(keyOf(m)) ?? 0) + feeOf(m.channelId));
    return out;
  };
  return { today, from, wares, channels, wage, newest, sales, pieces, markets: stall, standing };
}

const withPiece = (s: Sale, w: Ware | undefined): SaleRow => {
  const a = w?.analysed.analysis;
  const passes = (w?.analysed.entry.item.yieldBp ?? 10_000) / 10_000;
  const { value = 0, low = value, high = value } = a?.piece.seconds ?? {};
  return {
    ...s,
    material: (a?.cost.material ?? 0) / passes,
    seconds: value / passes,
    secondsLow: low / passes,
    secondsHigh: high / passes,
  };
};

/** One group as the page shows it. */
export interface EarnedRow extends Earned {
  readonly key: string;
  readonly label: string;
}
export const rowsOf = (groups: ReadonlyMap<string, Earned>, label: (key: string) => string): EarnedRow[] =>
  [...groups].map(([key, e]) => ({ key, label: label(key), ...e }));

export { earnedBy };
