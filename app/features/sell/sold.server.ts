import { parseDate } from "@internationalized/date";
import { earnedBy, type Earned, type SoldPiece } from "@core/shelf/earned";
import { listSales, type Sale } from "@db/queries/sales";
import { PULSES } from "@db/tables/pulse";
import { keep } from "../../server/kept";
import { todayOf, type Opened } from "../../server/scope.server";
import { restsOn } from "../items/load.server";
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

const RESTS_DAYS = 60;

/** What a span brought, together and by piece, way of selling and month; reckoned once until something changes. */
export const earnedIn = (opened: Opened, days: number) =>
  keep(
    opened.scope,
    `earned ${days}`,
    PULSES,
    async () => earnings(await soldIn(opened, days)),
    restsOn(opened.scope, opened.workshop),
  );

type Span = Awaited<ReturnType<typeof soldIn>>;

function earnings(s: Span) {
  const label = new Map(s.wares.map((w) => [w.key, w.label]));
  const channel = new Map(s.channels.map((c) => [c.id, c.name]));
  const by = (of: (x: SaleRow) => string, standing?: ReadonlyMap<string, number>) =>
    earnedBy(s.sales, of, standing);
  const dearest = (rows: EarnedRow[]) => rows.sort((a, b) => b.paid - a.paid);
  const months = by(
    (x) => x.soldOn.slice(0, 7),
    s.standing((m) => m.onDay.slice(0, 7)),
  );
  const together = by(
    () => "all",
    s.standing(() => "all"),
  );
  const ways = by(
    (x) => x.channelId,
    s.standing((m) => m.channelId),
  );
  return {
    from: s.from,
    today: s.today,
    wage: s.wage,
    all: rowsOf(together, () => "Together")[0],
    pieces: dearest(
      rowsOf(
        by((x) => wareKey(x.itemId, x.colourwayId)),
        (k) => label.get(k) ?? "something deleted",
      ),
    ),
    channels: dearest(rowsOf(ways, (k) => channel.get(k) ?? "a way of selling that is gone")),
    months: rowsOf(months, (k) => k)
      .sort((a, b) => (a.key < b.key ? -1 : 1))
      .slice(-24),
    resting: restingOf(s),
    wares: s.wares.map((w) => ({ key: w.key, label: w.label, price: w.price })),
    ways: s.channels.map((c) => ({ id: c.id, name: c.name })),
  };
}

/** Pieces that stand somewhere and have not sold for two months. */
function restingOf(s: Span) {
  const since = parseDate(s.today).subtract({ days: RESTS_DAYS }).toString();
  const there = new Map<string, number>();
  for (const p of s.pieces) {
    const key = wareKey(p.itemId, p.colourwayId);
    there.set(key, (there.get(key) ?? 0) + p.quantity);
  }
  return s.wares.flatMap((w) => {
    const pieces = there.get(w.key) ?? 0;
    const last = s.newest.get(w.key);
    return pieces > 0 && (last === undefined || last < since)
      ? [{ label: w.label, there: pieces, last }]
      : [];
  });
}
