import type { Period, SeasonName, Series } from "@core/shelf/demand";
import { wareKey } from "./wares";

interface HeldMarket {
  readonly id: string;
  readonly onDay: string;
  readonly channelId: string;
  readonly state: string;
}
interface Line {
  readonly itemId: string;
  readonly colourwayId: string;
  readonly quantity: number;
}
interface Kind {
  readonly key: string;
  readonly kind: string;
  readonly season?: SeasonName | undefined;
}
/** What lies further back has faded, and would only be reckoned with. */
const MOST_DAYS = 110;
const monthOf = (day: string): number => Number(day.slice(5, 7)) - 1;

/**
 * Market days of a channel as series, one for each kind of piece: what was not brought tells nothing, what
 * sold to the last one tells only that as many or more were asked for.
 */
export function marketSeries(
  channelId: string,
  markets: readonly HeldMarket[],
  brought: readonly (Line & { readonly marketId: string })[],
  sales: readonly (Line & { readonly marketId: string | null })[],
  wares: readonly Kind[],
): Series[] {
  const held = markets
    .filter((m) => m.state === "closed" && m.channelId === channelId)
    .sort((a, b) => (a.onDay < b.onDay ? -1 : 1))
    .slice(-MOST_DAYS);
  const sold = new Map<string, number>();
  for (const s of sales) {
    if (s.marketId === null) continue;
    const key = `${s.marketId} ${wareKey(s.itemId, s.colourwayId)}`;
    sold.set(key, (sold.get(key) ?? 0) + s.quantity);
  }
  const came = new Map(brought.map((b) => [`${b.marketId} ${wareKey(b.itemId, b.colourwayId)}`, b.quantity]));
  return wares.map((w) => ({
    id: w.key,
    kind: w.kind,
    season: w.season,
    periods: held.flatMap((m): Period[] => {
      const there = came.get(`${m.id} ${w.key}`) ?? 0;
      const n = Math.max(0, sold.get(`${m.id} ${w.key}`) ?? 0);
      if (there <= 0 && n === 0) return [];
      return [
        { month: monthOf(m.onDay), sold: n, soldOut: n >= there, there: Math.max(there, n), length: 1 },
      ];
    }),
  }));
}

/**
 * Weeks of a channel that sells all the time, from the first sale of a kind to today; nothing is known of
 * what ran out there.
 */
export function weeklySeries(
  channelId: string,
  today: number,
  dayNumber: (day: string) => number,
  sales: readonly (Line & { readonly channelId: string; readonly soldOn: string })[],
  wares: readonly Kind[],
): Series[] {
  const mine = sales.filter((s) => s.channelId === channelId);
  const first = mine.reduce((a, s) => Math.min(a, dayNumber(s.soldOn)), today);
  const weeks = Math.floor((today - first) / 7);
  const sold = new Map<string, number[]>();
  for (const s of mine) {
    const week = Math.floor((dayNumber(s.soldOn) - (today - 7 * weeks)) / 7);
    if (week < 0 || week >= weeks) continue;
    const key = wareKey(s.itemId, s.colourwayId);
    const list = sold.get(key) ?? Array.from({ length: weeks }, () => 0);
    list[week] = (list[week] ?? 0) + s.quantity;
    sold.set(key, list);
  }
  return wares.map((w) => {
    const list = sold.get(w.key) ?? [];
    const begin = Math.max(
      0,
      list.findIndex((n) => n !== 0),
    );
    return {
      id: w.key,
      kind: w.kind,
      season: w.season,
      periods: list.slice(begin).map((n, i) => ({
        month: new Date((today - 7 * (weeks - begin - i)) * 86_400_000).getUTCMonth(),
        sold: Math.max(0, n),
        soldOut: false,
        length: 1,
      })),
    };
  });
}
