import { minor } from "@core/units";
import { parseDate } from "@internationalized/date";
import { hoursBetween, howManyMore, weekOf } from "@core/planning";
import { KNOWN_AFTER } from "@core/shelf/restock";
import { adviseDayAndMore, worthOfMaking, type SellingDay } from "@core/shelf/advice";
import { CannotBePacked } from "@core/shelf/pack";
import type { Market } from "@db/queries/places";
import { todayOf, type Opened } from "../../server/scope.server";
import { loadCupboard } from "../materials/load.server";
import { specialDays } from "../runs/days.server";
import { demandAt } from "./demand.server";
import { openWork } from "./open-work.server";
import {
  allMarkets,
  allPieces,
  allPlaces,
  allPrices,
  earningIn,
  loadWares,
  minutesFor,
  priceListOf,
  promisedByWare,
  type Ware,
} from "./wares.server";

/** What is asked for; what is left out is filled from the calendar and the crate. */
export interface Asked {
  readonly marketId?: string | undefined;
  readonly hours?: number | undefined;
  readonly crate?: number | undefined;
  /** What an hour has to bring at least, minor units. */
  readonly hourLeast?: number | undefined;
  /** One of everything at least. */
  readonly full?: boolean;
  /** Only what the materials on hand are enough for. */
  readonly only?: boolean;
  /** How many of each she would rather make, by ware. */
  readonly make?: ReadonlyMap<string, number>;
}

/**
 * Of what her hour should earn, a piece has to bring so much to be worth making: what is left over may sell later,
 * and hours may stand empty; but nobody makes a sixth piece for the few cents of its chance.
 */
const LEAST_OF_WAGE = 0.5;
/** Market days after this one that a leftover is counted for. */
const MOST_LATER = 3;
const REGULAR = 3;

const monthOf = (day: string): number => Number(day.slice(5, 7)) - 1;

/** The market that is planned for: the one asked for, or the next one ahead. */
function marketOf(markets: readonly Market[], today: string, id: string | undefined): Market | undefined {
  const ahead = markets.filter((m) => m.state !== "closed" && m.onDay >= today);
  return ahead.find((m) => m.id === id) ?? ahead.find((m) => m.onDay > today) ?? ahead[0];
}

/**
 * Months of the market days after this one that a leftover waits for: those planned, or more of the same
 * where they are regular.
 */
function laterMonths(market: Market, markets: readonly Market[]): number[] {
  const same = markets.filter((m) => m.channelId === market.channelId);
  const planned = same
    .filter((m) => m.onDay > market.onDay && m.state !== "closed")
    .map((m) => monthOf(m.onDay));
  const since = parseDate(market.onDay).subtract({ days: 60 }).toString();
  const regular = same.filter((m) => m.state === "closed" && m.onDay >= since).length >= REGULAR;
  const following = regular
    ? [1, 2].map((n) => monthOf(parseDate(market.onDay).add({ weeks: n }).toString()))
    : [];
  return (planned.length >= following.length ? planned : following).slice(0, MOST_LATER);
}

export async function adviceFor(opened: Opened, asked: Asked) {
  const { scope, workshop } = opened;
  const today = todayOf(scope);
  const [{ wares, channels }, markets, places, pieces, prices, cupboard] = await Promise.all([
    loadWares(scope, workshop),
    allMarkets(scope),
    allPlaces(scope),
    allPieces(scope),
    allPrices(scope),
    loadCupboard(scope),
  ]);
  const market = marketOf(markets, today, asked.marketId);
  const channel = channels.find((c) => c.id === market?.channelId);
  const ahead = markets.filter((m) => m.state !== "closed" && m.onDay >= today);
  if (!market || !channel) return { ahead, wares, market: undefined };
  const [model, coming] = await Promise.all([
    demandAt(scope, channel.id, wares),
    openWork(scope, market.onDay),
  ]);
  const hoursThere = hoursBetween(
    parseDate(today),
    parseDate(market.onDay),
    weekOf(workshop),
    await specialDays(scope),
  );
  const place = places.find((p) => p.id === market.placeId);
  const hours = asked.hours ?? Math.max(0, hoursThere - coming.hours);
  const crate = asked.crate ?? place?.holds ?? undefined;
  const later = laterMonths(market, markets);
  const months = [monthOf(market.onDay), ...later];
  const priceOf = priceListOf(prices);
  const free = new Map(
    [...cupboard.onHand].map(([m, q]) => [m, Math.max(0, q - (cupboard.reserved.get(m) ?? 0))]),
  );
  const labels = new Map([
    ...cupboard.yarns.map((y) => [y.id, y.shade] as const),
    ...cupboard.notions.map((n) => [n.id, n.name] as const),
  ]);
  // What the stall costs is paid whatever is brought: no piece more or less changes it.
  const bare = { ...channel, stallFee: minor(0) };
  const sure = (w: Ware) => w.analysed.analysis.checked.sure && w.analysed.analysis.piece.seconds.value > 0;
  const ready = wares.filter(sure);
  const hourLeast = asked.hourLeast ?? Math.round(workshop.wagePerHour * LEAST_OF_WAGE);
  const demand = ready.map((w) => model.of.get(w.key) ?? model.unknown(w.kind, w.season));
  const promised = await promisedByWare(scope);
  const rows = ready.map((w, i) => {
    const a = w.analysed.analysis;
    const { yieldBp } = w.analysed.entry.item;
    const price = priceOf(w, channel.id);
    const e = earningIn(
      w,
      bare,
      channels.map((c) => (c.id === bare.id ? bare : c)),
      price,
    );
    const there = pieces
      .filter((p) => p.itemId === w.itemId && p.colourwayId === w.colourwayId && p.grade === "good")
      .filter((p) => p.placeId === "" || p.placeId === market.placeId)
      .reduce((s, p) => s + Math.max(0, p.quantity), 0);
    // What somebody was promised is not for the stall.
    const here = Math.max(0, there - (promised.get(w.key) ?? 0));
    const stock = howManyMore(a.needs, free);
    return {
      ware: w,
      price,
      here,
      coming: coming.pieces.get(w.key) ?? 0,
      more: stock.pieces,
      short: stock.first[0] === undefined ? undefined : labels.get(stock.first[0]),
      demand: demand[i],
      known: (demand[i]?.periods ?? 0) >= KNOWN_AFTER,
      leaves: e.customerPays - e.tax - e.fees,
      material: (a.cost.material * 10_000) / yieldBp,
      minutes: minutesFor(w),
    };
  });
  const day: SellingDay = {
    hours,
    crate,
    hourLeast,
    pieces: rows.map((x, i) => ({
      id: x.ware.key,
      leaves: x.leaves,
      material: x.material,
      minutes: x.minutes,
      onHand: x.here + x.coming,
      // What is little known is begun small: made for this day, and not for those after it as well.
      days: months.map((m, d) =>
        d === 0 || x.known ? (demand[i]?.chances(m) ?? NOTHING_ASKED) : NOTHING_ASKED,
      ),
      least: asked.full ? 1 : undefined,
      most: asked.only ? x.here + x.coming + x.more : undefined,
    })),
  };
  const got = packedOr(day);
  const own = asked.make ? rows.map((x) => asked.make?.get(x.ware.key) ?? 0) : undefined;
  return {
    ahead,
    wares,
    market,
    channel,
    model,
    month: monthOf(market.onDay),
    hoursThere,
    promised: coming.hours,
    hours,
    crate,
    later: later.length,
    hourLeast,
    rows,
    unsure: wares.filter((w) => !sure(w)),
    advice: "advice" in got ? got.advice : undefined,
    refused: "refused" in got ? got.refused : undefined,
    own: own && {
      worth: worthOfMaking(day, own),
      hours: own.reduce((s, n, i) => s + (n * (rows[i]?.minutes ?? 0)) / 60, 0),
    },
  };
}

/** The chances of nought, one, two … asked for on a day when surely nobody asks. */
const NOTHING_ASKED: readonly number[] = [1];

function packedOr(day: SellingDay) {
  try {
    return { advice: adviseDayAndMore(day) };
  } catch (error) {
    if (error instanceof CannotBePacked) return { refused: error.message };
    throw error;
  }
}
