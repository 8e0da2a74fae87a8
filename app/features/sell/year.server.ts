import { parseDate, type CalendarDate } from "@internationalized/date";
import { type WeekHours, weekOf } from "@core/planning";
import { sumOfCounts } from "@core/shelf/advice";
import { ofRoom } from "@core/shelf/ahead";
import { KNOWN_AFTER } from "@core/shelf/restock";
import type { Ahead, DemandModel } from "@core/shelf/demand";
import { adviseYear, type YearAdvice, type YearKind } from "@core/shelf/year";
import type { Market } from "@db/queries/places";
import { todayOf, type Opened } from "../../server/scope.server";
import { specialDays } from "../runs/days.server";
import { dayNumber, demandAt, outletsOf, weeklyDemand } from "./demand.server";
import { openWork } from "./open-work.server";
import { LEARNED_WEEKS, weeksFrom, worthOf } from "./refill.server";
import {
  allMarkets,
  allPieces,
  allPlaces,
  allPrices,
  loadWares,
  minutesFor,
  priceListOf,
  promisedByWare,
  shopSales,
  type Ware,
} from "./wares.server";

/** Half a year of market days says how many a week there are where none is planned yet. */
const REGULAR_DAYS = 182;
/** Days between two visits to a shop's shelf, as Refill takes them until she says otherwise. */
const VISIT_DAYS = 14;
/** What lasts so many weeks and more is not made for now. */
const LONG_WEEKS = 20;

export interface SeasonRow extends YearAdvice {
  readonly ware: Ware;
  readonly season: readonly number[];
  readonly held: number;
}
export interface StandingRow {
  readonly ware: Ware;
  readonly season: readonly number[];
  readonly held: number;
  /** Weeks that what is held lasts, as expected; undefined where nothing is asked for. */
  readonly weeks: number | undefined;
  readonly enough: boolean;
}

/** One way of selling, as the periods it has between two days. */
interface Way {
  readonly channelId: string;
  /** The shelf it sells from; empty for markets and what is sold from home. */
  readonly placeId: string;
  /** Pieces that stand there at most. */
  readonly holds: number;
  readonly model: DemandModel;
  readonly periods: (from: CalendarDate, to: CalendarDate) => Ahead[];
}

/** Market days of a channel between two days: those planned, and after the last of them as many as there were. */
function marketDays(markets: readonly Market[], channelId: string, today: string) {
  const own = markets.filter((m) => m.channelId === channelId);
  const planned = own.filter((m) => m.state !== "closed" && m.onDay >= today).map((m) => m.onDay);
  const since = parseDate(today).subtract({ days: REGULAR_DAYS }).toString();
  const weekly = (7 * own.filter((m) => m.state === "closed" && m.onDay >= since).length) / REGULAR_DAYS;
  const last = planned.reduce((a, b) => (b > a ? b : a), today);
  return (from: CalendarDate, to: CalendarDate): Ahead[] => [
    ...planned
      .filter((d) => d >= from.toString() && d <= to.toString())
      .map((d) => ({ month: Number(d.slice(5, 7)) - 1, length: 1 })),
    ...weeksBetween(from.toString() > last ? from : parseDate(last).add({ days: 1 }), to).map((w) => ({
      ...w,
      length: w.length * weekly,
    })),
  ];
}

const weeksBetween = (from: CalendarDate, to: CalendarDate): Ahead[] =>
  weeksFrom(from.toString(), dayNumber(to.toString()) - dayNumber(from.toString()) + 1);

/** A kind's part of what a place holds: as much as it is asked for among those that sell there. */
function roomIn({ holds, model }: Way, rate: number): number {
  const all = [...model.of.values()].reduce((sum, d) => sum + d.rate, 0);
  return holds === Infinity || rate <= 0 ? holds : (holds * rate) / Math.max(rate, all);
}

/** The year of everything that is sold: what has a season, and what has none. */
export async function yearOf(
  opened: Opened,
  share: number,
): Promise<{ seasons: SeasonRow[]; standing: StandingRow[]; wares: Ware[] }> {
  const { scope, workshop } = opened;
  const today = todayOf(scope);
  const from = parseDate(today).subtract({ weeks: LEARNED_WEEKS }).toString();
  const [{ wares, channels }, places, pieces, prices, sales, markets] = await Promise.all([
    loadWares(scope, workshop),
    allPlaces(scope),
    allPieces(scope),
    allPrices(scope),
    shopSales(scope, from),
    allMarkets(scope),
  ]);
  const outlets = outletsOf(channels, places, sales);
  const ways: Way[] = await Promise.all([
    ...channels
      .filter((c) => markets.some((m) => m.channelId === c.id))
      .map(async (c) => ({
        channelId: c.id,
        placeId: "",
        holds: Infinity,
        model: await demandAt(scope, c.id, wares),
        periods: marketDays(markets, c.id, today),
      })),
    ...outlets.map(async (o) => ({
      channelId: o.channel.id,
      placeId: o.placeId,
      holds: places.find((p) => p.id === o.placeId)?.holds ?? Infinity,
      model: await weeklyDemand(scope, o, wares, today, from),
      periods: weeksBetween,
    })),
  ]);
  const [work, days, promised] = await Promise.all([
    openWork(scope),
    specialDays(scope),
    promisedByWare(scope),
  ]);
  const priceOf = priceListOf(prices);
  const kinds = wares.flatMap((ware) => {
    const { analysis } = ware.analysed;
    if (!analysis.checked.sure || analysis.piece.seconds.value <= 0) return [];
    const own = pieces.filter(
      (p) => p.grade === "good" && p.itemId === ware.itemId && p.colourwayId === ware.colourwayId,
    );
    const stands = (placeId: string) => own.some((p) => p.placeId === placeId && p.quantity > 0);
    const unknown = (way: Way) => ({ way, d: way.model.unknown(ware.kind, ware.season) });
    const sold = ways.flatMap((way) => {
      const d = way.model.of.get(ware.key);
      // What was never offered somewhere is not asked for there; what is new everywhere is asked for everywhere.
      if (d && d.periods > 0) return [{ way, d }];
      return way.placeId !== "" && stands(way.placeId) ? [unknown(way)] : [];
    });
    const of = sold.length > 0 ? sold : ways.map(unknown);
    const seen = of.reduce((n, { d }) => n + d.periods, 0);
    const [main] = [...of].sort((a, b) => b.d.rate - a.d.rate);
    const channel = channels.find((c) => c.id === main?.way.channelId);
    if (!main || !channel) return [];
    const there = own.reduce((n, p) => n + p.quantity, 0);
    const held = Math.max(0, there - (promised.get(ware.key) ?? 0)) + (work.pieces.get(ware.key) ?? 0);
    const asked: YearKind["asked"] = (a, b) =>
      of
        .map(({ way, d }) => {
          const days = dayNumber(b.toString()) - dayNumber(a.toString()) + 1;
          return ofRoom(d.over(way.periods(a, b)), roomIn(way, d.rate), days, VISIT_DAYS);
        })
        .reduce<readonly number[]>(sumOfCounts, [1]);
    const kind: YearKind = {
      id: ware.key,
      season: main.d.season,
      asked,
      held,
      seen,
      ...worthOf(ware, channel, priceOf),
      minutes: minutesFor(ware),
    };
    const expected = (a: CalendarDate, b: CalendarDate) =>
      of.reduce(
        (sum, { way, d }) =>
          sum + way.periods(a, b).reduce((n, p) => n + d.rate * p.length * (d.season[p.month] ?? 1), 0),
        0,
      );
    return [{ ware, kind, expected }];
  });
  const told = new Map(
    adviseYear(
      kinds.map((k) => k.kind),
      parseDate(today),
      { week: shareOf(weekOf(workshop), share), days: new Map([...days].map(([d, h]) => [d, h * share])) },
      work.works,
    ).map((a) => [a.id, a]),
  );
  const seasons: SeasonRow[] = [];
  const standing: StandingRow[] = [];
  for (const { ware, kind, expected } of kinds) {
    const advice = told.get(kind.id);
    const row = { ware, season: kind.season, held: kind.held };
    if (advice) seasons.push({ ...row, ...advice });
    else {
      const weeks = weeksLasting(kind.held, expected, today);
      const long = weeks === undefined || weeks >= LONG_WEEKS;
      standing.push({ ...row, weeks, enough: kind.seen >= KNOWN_AFTER && kind.held > 0 && long });
    }
  }
  seasons.sort((a, b) => (turn(a) < turn(b) ? -1 : 1));
  standing.sort((a, b) => Number(b.enough) - Number(a.enough) || (a.weeks ?? 1e9) - (b.weeks ?? 1e9));
  return { seasons, standing, wares };
}
/** What is to be begun first, then what begins first. */
const turn = (a: SeasonRow): string =>
  `${a.startBy?.toString() ?? "9"} ${a.first.toString()} ${a.ware.label}`;

const shareOf = (week: WeekHours, share: number) => week.map((h) => h * share) as unknown as WeekHours;

/** Weeks until what is held is asked for, as expected, by halving; undefined for more than a year. */
function weeksLasting(
  held: number,
  expected: (from: CalendarDate, to: CalendarDate) => number,
  today: string,
): number | undefined {
  const first = parseDate(today);
  const mean = (weeks: number) => expected(first, first.add({ days: 7 * weeks - 1 }));
  let [low, high] = [0, 52];
  if (mean(high) < held) return undefined;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (mean(middle) >= held) high = middle;
    else low = middle;
  }
  return high;
}
