import { minor } from "@core/units";
import { parseDate } from "@internationalized/date";
import { ofRoom, toMakeAhead, type KeptUp, type ToMake } from "@core/shelf/ahead";
import { sumOfCounts } from "@core/shelf/advice";
import type { Ahead, DemandOf } from "@core/shelf/demand";
import { fitInto, KNOWN_AFTER, restock, type Restock } from "@core/shelf/restock";
import { howManyMore, weekOf } from "@core/planning";
import type { Channel } from "@db/queries/workshops";
import type { Scope } from "@db/scope";
import { todayOf, type Opened } from "../../server/scope.server";
import { loadCupboard } from "../materials/load.server";
import { specialDays } from "../runs/days.server";
import { asOfNow } from "./as-of-now.server";
import { outletsOf, soldAt, weeklyDemand, type Outlet } from "./demand.server";
import { openWork } from "./open-work.server";
import { wareKey } from "./wares";
import {
  allPieces,
  allPlaces,
  allPrices,
  earningIn,
  loadWares,
  minutesFor,
  priceListOf,
  promisedByWare,
  shopSales,
  type PriceList,
  type Ware,
} from "./wares.server";

/** Two years tell of a year's shape; what lies further back has faded. */
export const LEARNED_WEEKS = 104;
/** What a piece that stands too long costs: so much of its materials, and of what its sale leaves. */
const IDLE = { material: 0.5, leaves: 0.1 } as const;

export interface RefillRow extends Restock {
  readonly ware: Ware;
  /** Seen for long enough to be brought up to what its worth would pay. */
  readonly known: boolean;
  readonly there: number;
  readonly home: number;
  /** The day it is expected to be sold out. */
  readonly goneOn: string | undefined;
}
export interface RefillPlace {
  readonly placeId: string;
  readonly name: string;
  readonly channel: Channel;
  /** Pieces that still fit there; undefined where she has not said how many it holds. */
  readonly room: number | undefined;
  readonly rows: readonly RefillRow[];
}
export interface AheadRow extends ToMake {
  readonly ware: Ware;
  /** At its places, free at home, and on its way in open runs. */
  readonly placed: number;
  readonly home: number;
  readonly coming: number;
  /** What lacks first for one more, and the days until it is at the door. */
  readonly lacks: { readonly label: string; readonly days: number } | undefined;
}
export interface Refill {
  readonly places: readonly RefillPlace[];
  /** What is to be made for all of them together; only what is asked for. */
  readonly ahead: readonly AheadRow[];
}

/** What a sale leaves beyond the materials, and what a piece that stands too long costs. */
export function worthOf(ware: Ware, channel: Channel, priceOf: PriceList): { margin: number; idle: number } {
  const bare = { ...channel, stallFee: minor(0) };
  const e = earningIn(ware, bare, [bare], priceOf(ware, channel.id));
  const leaves = e.customerPays - e.tax - e.fees;
  const { material } = ware.analysed.analysis.cost;
  return { margin: leaves - material, idle: IDLE.material * material + IDLE.leaves * leaves };
}

/** The coming days as weeks, each in the month it begins in: a part of one counts as that part. */
export function weeksFrom(today: string, days: number): Ahead[] {
  const out: Ahead[] = [];
  for (let d = 0; d < days - 1e-9; d += 7)
    out.push({
      month: parseDate(today).add({ days: d }).month - 1,
      length: Math.min(7, days - d) / 7,
    });
  return out;
}

/** A question that is asked again and again, each answer reckoned once. */
function once<T>(of: (n: number) => T): (n: number) => T {
  const known = new Map<number, T>();
  return (n) => {
    const had = known.get(n);
    if (had !== undefined) return had;
    const made = of(n);
    known.set(n, made);
    return made;
  };
}

interface Supply {
  readonly outlet: Outlet;
  readonly demand: ReadonlyMap<string, DemandOf>;
  /** Pieces that stand there at most; undefined where she has not said. */
  readonly holds: number | undefined;
}

/**
 * Shelves in shops and channels that are sold from home: what is to be brought to each, and what is to be made
 * for all of them.
 *
 * @param weeks between two of her visits
 */
export const refill = (opened: Opened, weeks: number): Promise<Refill> =>
  asOfNow(opened, `refill ${weeks}`, undefined, () => reckoned(opened, weeks));

async function reckoned(opened: Opened, weeks: number): Promise<Refill> {
  const { scope, workshop } = opened;
  const today = todayOf(scope);
  const from = parseDate(today).subtract({ weeks: LEARNED_WEEKS }).toString();
  const [{ wares, channels }, places, pieces, prices, sales] = await Promise.all([
    loadWares(scope, workshop),
    allPlaces(scope),
    allPieces(scope),
    allPrices(scope),
    shopSales(scope, from),
  ]);
  const priceOf = priceListOf(prices);
  const standing = new Map<string, number>();
  for (const p of pieces)
    if (p.grade === "good") {
      const key = `${p.placeId} ${wareKey(p.itemId, p.colourwayId)}`;
      standing.set(key, (standing.get(key) ?? 0) + p.quantity);
    }
  const at = (placeId: string, w: Ware) => standing.get(`${placeId} ${w.key}`) ?? 0;
  const supplies = await Promise.all(
    outletsOf(channels, places, sales).map(async (outlet): Promise<Supply> => {
      const model = await weeklyDemand(scope, outlet, wares, today, from);
      const known = new Set(soldAt(outlet, sales).map((s) => wareKey(s.itemId, s.colourwayId)));
      const own = wares.filter(
        (w) => known.has(w.key) || (outlet.placeId !== "" && at(outlet.placeId, w) > 0),
      );
      return {
        outlet,
        holds: places.find((p) => p.id === outlet.placeId)?.holds ?? undefined,
        demand: new Map(own.map((w) => [w.key, model.of.get(w.key) ?? model.unknown(w.kind, w.season)])),
      };
    }),
  );
  const promised = await promisedByWare(scope);
  // What somebody was promised is not for the shelves.
  const home = (w: Ware) => Math.max(0, at("", w) - (promised.get(w.key) ?? 0));
  const refilled = supplies.map(({ outlet, demand, holds }): RefillPlace => {
    const { placeId, name, channel } = outlet;
    const rows = wares
      .flatMap((ware): RefillRow[] => {
        const of = demand.get(ware.key);
        if (!of) return [];
        const there = placeId === "" ? home(ware) : at(placeId, ware);
        const got = restock({
          asked: once((n) => of.over(weeksFrom(today, 7 * n))),
          leadWeeks: weeks,
          reviewWeeks: weeks,
          ...worthOf(ware, channel, priceOf),
          there,
          coming: 0,
          seen: of.periods,
        });
        const days = got.lasts === undefined ? undefined : Math.floor(7 * got.lasts);
        const goneOn = days === undefined ? undefined : parseDate(today).add({ days }).toString();
        const known = of.periods >= KNOWN_AFTER;
        return [{ ...got, ware, known, there, home: placeId === "" ? 0 : home(ware), goneOn }];
      })
      .sort((a, b) => b.bring - a.bring || b.weekly - a.weekly);
    const all = pieces.filter((p) => p.placeId === placeId).reduce((t, p) => t + p.quantity, 0);
    const room = holds === undefined ? undefined : Math.max(0, holds - all);
    const fits = room === undefined ? undefined : fitInto(rows, room);
    return {
      placeId,
      name,
      channel,
      room,
      rows: rows.map((r, i) => ({ ...r, bring: fits?.[i] ?? r.bring })),
    };
  });
  const ahead = await aheadOf(opened, { supplies, wares, priceOf, at, home, review: 7 * weeks, today });
  return { places: refilled, ahead };
}

/** What is to be made for all outlets together, on her calendar and with what the cupboard has. */
async function aheadOf(
  { scope, workshop }: Opened,
  s: {
    readonly supplies: readonly Supply[];
    readonly wares: readonly Ware[];
    readonly priceOf: PriceList;
    readonly at: (placeId: string, w: Ware) => number;
    readonly home: (w: Ware) => number;
    readonly review: number;
    readonly today: string;
  },
): Promise<AheadRow[]> {
  const [work, days, lackOf] = await Promise.all([openWork(scope), specialDays(scope), whatLacks(scope)]);
  const kinds = s.wares.flatMap((ware) => {
    const { analysis } = ware.analysed;
    const of = s.supplies.flatMap(({ outlet, demand, holds }) => {
      const d = demand.get(ware.key);
      return d ? [{ outlet, d, room: holds === undefined ? Infinity : roomOf(d, demand, holds) }] : [];
    });
    const most = of.reduce<(typeof of)[number] | undefined>(
      (a, b) => (a === undefined || b.d.rate > a.d.rate ? b : a),
      undefined,
    );
    if (!most || !analysis.checked.sure || analysis.piece.seconds.value <= 0) return [];
    const placed = of.reduce(
      (n, { outlet }) => n + (outlet.placeId === "" ? 0 : s.at(outlet.placeId, ware)),
      0,
    );
    const [home, coming] = [s.home(ware), work.pieces.get(ware.key) ?? 0];
    const lacks = lackOf(ware);
    const kept: KeptUp = {
      id: ware.key,
      asked: once((n) =>
        of
          .map(({ d, room }) => ofRoom(d.over(weeksFrom(s.today, n)), room, n, s.review))
          .reduce<readonly number[]>(sumOfCounts, [1]),
      ),
      held: placed + home + coming,
      seen: of.reduce((n, { d }) => n + d.periods, 0),
      ...worthOf(ware, most.outlet.channel, s.priceOf),
      minutes: minutesFor(ware),
      deliveryDays: lacks?.days ?? 0,
    };
    return [{ ware, placed, home, coming, lacks, kept }];
  });
  const told = toMakeAhead(
    kinds.map((k) => k.kept),
    s.review,
    parseDate(s.today),
    { week: weekOf(workshop), days },
    work.works,
  );
  return kinds
    .map(({ ware, placed, home, coming, lacks }, i) => ({
      ...(told[i] as ToMake),
      ware,
      placed,
      home,
      coming,
      lacks,
    }))
    .filter((row) => row.make > 0)
    .sort((a, b) => ((a.beginBy?.toString() ?? "") < (b.beginBy?.toString() ?? "") ? -1 : 1));
}

/** A kind's part of what a shelf holds: as much as it is asked for among those that stand there. */
function roomOf(d: DemandOf, all: ReadonlyMap<string, DemandOf>, holds: number): number {
  const rates = [...all.values()].reduce((sum, x) => sum + x.rate, 0);
  return rates > 0 ? (holds * d.rate) / rates : holds;
}

/** Of the materials of one more piece, what the cupboard has not got free, and the days of its delivery. */
async function whatLacks(scope: Scope): Promise<(ware: Ware) => AheadRow["lacks"]> {
  const cupboard = await loadCupboard(scope);
  const free = new Map(
    [...cupboard.onHand].map(([m, q]) => [m, Math.max(0, q - (cupboard.reserved.get(m) ?? 0))]),
  );
  const delivery = new Map(cupboard.suppliers.map((x) => [x.id, x.deliveryDays]));
  const known = new Map([
    ...cupboard.yarns.map((y) => [y.id, { label: y.shade, supplier: y.supplierId }] as const),
    ...cupboard.notions.map((n) => [n.id, { label: n.name, supplier: n.supplierId }] as const),
  ]);
  return (ware) => {
    const { pieces, first } = howManyMore(ware.analysed.analysis.needs, free);
    if (pieces > 0) return undefined;
    const lacking = first.flatMap((id) => {
      const m = known.get(id);
      return m ? [{ label: m.label, days: delivery.get(m.supplier ?? "") ?? 0 }] : [];
    });
    return lacking.sort((a, b) => b.days - a.days)[0];
  };
}
