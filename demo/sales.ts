import { minor } from "../core/units";
import { parseDate, toZoned, getLocalTimeZone } from "@internationalized/date";
import { randomFrom } from "../core/calibrate/simulated-makers";
import { countChances } from "../core/shelf/demand/counts";
import { shapeOf, type SeasonName } from "../core/shelf/demand/season";
import { createCommission, payDeposit, setCommissionState } from "../db/queries/commissions";
import { setDay } from "../db/queries/days";
import { carryPieces, countPieces, piecesWhere, postPieces } from "../db/queries/pieces";
import { openMarket, saveMarket, savePlace, setMarketState, setPrices } from "../db/queries/places";
import { keepSales, type NewSale } from "../db/queries/sales";
import type { Scope } from "../db/scope";
import { sowShop } from "./shop";

/** A piece of the demo, how many a usual day or week asks for where, and what it is sold at. */
export interface DemoWare {
  readonly itemId: string;
  readonly colourwayId: string;
  readonly price: number;
  readonly market: number;
  readonly shop: number;
  readonly shelf: number;
  /** When in the year it is asked for, where not as all the rest. */
  readonly season?: SeasonName | undefined;
}

/** What the hidden demand of a month is: quiet in June, visitors in August, gifts in November. */
const SEASON = [0.55, 0.6, 0.7, 0.85, 0.9, 0.9, 1.2, 1.3, 0.95, 1.0, 1.4, 1.7];
const DISPERSION = 4;
const WEEKS = 24;
const CRATE = 70;

/** A shop that buys outright pays a little over half, in steps of fifty cents (common practice, no source). */
const outrightPrice = (price: number): number => Math.round((price * 0.6) / 50) * 50;

/**
 * Half a year of market days, a web shop and a shelf in a gift shop, by a hidden demand, and a stall that is
 * open today.
 */
export async function sowSales(
  scope: Scope,
  wares: readonly DemoWare[],
  channels: Readonly<Record<"stall" | "shop" | "shelf" | "outright", string>>,
  today: string,
): Promise<void> {
  const { next: uniform } = randomFrom(77);
  const day = (ago: number) => parseDate(today).subtract({ days: ago });
  const at = (ago: number, hour: number) =>
    toZoned(day(ago), scope.zone ?? getLocalTimeZone())
      .set({ hour })
      .toDate();
  const draw = (mean: number): number => {
    let u = uniform();
    return countChances(mean, DISPERSION).findIndex((p) => (u -= p) <= 0);
  };
  const season = (w: DemoWare, ago: number) => shapeOf(w.season ?? "year", SEASON)[day(ago).month - 1] ?? 1;
  const crate = await savePlace(scope, {
    name: "Crate",
    kind: "crate",
    channelId: channels.stall,
    holds: CRATE,
  });
  const shelf = await savePlace(scope, {
    name: "Gift shop",
    kind: "shelf",
    channelId: channels.shelf,
    holds: 30,
  });
  const past: Scope = { ...scope, now: at(WEEKS * 7 + 3, 9) };
  await setPrices(
    past,
    wares.flatMap((w) => {
      const own = { itemId: w.itemId, colourwayId: w.colourwayId };
      return [
        { ...own, channelId: channels.shelf, price: minor(w.price + 200) },
        { ...own, channelId: channels.outright, price: minor(outrightPrice(w.price)) },
      ];
    }),
  );
  let n = 0;
  const line = (
    w: DemoWare,
    over: Partial<NewSale> & Pick<NewSale, "at" | "soldOn" | "channelId">,
  ): NewSale => ({
    key: `demo-sale-${++n}`,
    customer: `demo-customer-${n}`,
    placeId: "",
    itemId: w.itemId,
    colourwayId: w.colourwayId,
    grade: "good",
    quantity: 1,
    listPrice: minor(w.price),
    taken: minor(w.price),
    paid: "card",
    source: "hand",
    ...over,
  });
  const made = (when: Date, w: DemoWare, quantity: number, placeId = "") => ({
    kind: "made" as const,
    itemId: w.itemId,
    colourwayId: w.colourwayId,
    grade: "good" as const,
    placeId,
    quantity,
    note: "before runs were kept here",
    key: `demo-made-${++n}`,
    at: when,
  });
  for (let week = WEEKS; week >= 1; week--) {
    const ago = week * 7 - 2;
    const soldOn = day(ago).toString();
    const then: Scope = { ...scope, now: at(ago, 8) };
    const held = await saveMarket(then, {
      name: "Quay market",
      onDay: soldOn,
      channelId: channels.stall,
      placeId: crate,
      float: minor(4000),
      note: "",
    });
    // She brings about what a day asks for, by feeling: sometimes too few.
    const left = new Map(
      (await piecesWhere(then, crate)).map((p) => [`${p.itemId}:${p.colourwayId}`, p.quantity]),
    );
    const fresh = wares.map((w) => {
      const wanted = Math.round(w.market * (0.7 + 1.1 * uniform()) + 0.7);
      return made(then.now, w, Math.max(0, wanted - (left.get(`${w.itemId}:${w.colourwayId}`) ?? 0)), crate);
    });
    await postPieces(
      then,
      fresh.filter((m) => m.quantity > 0),
    );
    await openMarket(then, held);
    const there = new Map(
      (await piecesWhere(then, crate)).map((p) => [`${p.itemId}:${p.colourwayId}`, p.quantity]),
    );
    const sales = wares.flatMap((w) => {
      const most = there.get(`${w.itemId}:${w.colourwayId}`) ?? 0;
      const wanted = Math.min(most, draw(w.market * season(w, ago)));
      return Array.from({ length: wanted }, () => {
        const hour = 9 + Math.floor(3.5 * (uniform() + uniform()));
        const minute = Math.floor(uniform() * 60);
        return line(w, {
          at: new Date(at(ago, hour).getTime() + minute * 60_000),
          soldOn,
          channelId: channels.stall,
          placeId: crate,
          marketId: held,
          paid: uniform() < 0.55 ? "card" : "cash",
          source: "stall",
        });
      });
    });
    await keepSales(then, sales);
    await setMarketState(
      then,
      held,
      "closed",
      minor(4000 + sales.filter((s) => s.paid === "cash").reduce((t, s) => t + s.taken, 0)),
    );
    const weekly = wares.flatMap((w) => [
      ...Array.from({ length: draw(w.shop * season(w, ago)) }, () => ({
        w,
        channelId: channels.shop,
        placeId: "",
      })),
      ...Array.from({ length: draw(w.shelf * season(w, ago)) }, () => ({
        w,
        channelId: channels.shelf,
        placeId: shelf,
      })),
    ]);
    await postPieces(
      then,
      weekly.map((s) => made(then.now, s.w, 1, s.placeId)),
    );
    await keepSales(
      then,
      weekly.map((s) =>
        line(s.w, {
          at: at(ago - 1, 12),
          soldOn: day(ago - 1).toString(),
          channelId: s.channelId,
          placeId: s.placeId,
          taken: minor(s.channelId === channels.shelf ? s.w.price + 200 : s.w.price),
          paid: "other",
          source: s.channelId === channels.shop ? "shop" : "hand",
        }),
      ),
    );
  }
  await openToday(scope, wares, { crate, shelf, channel: channels.stall }, today, (w, over) => line(w, over));
  await sowCommissions(scope, wares, channels.shop, today);
  await sowShop(scope, wares, channels.shop, today);
  const ahead = (days: number) => parseDate(today).add({ days }).toString();
  await setDay(scope, ahead(4), 0, "ferry day");
  await setDay(scope, ahead(6), 240, "long evening");
}

/** What is where this morning, and a stall that has sold a little already. */
async function openToday(
  scope: Scope,
  wares: readonly DemoWare[],
  at: { readonly crate: string; readonly shelf: string; readonly channel: string },
  today: string,
  line: (w: DemoWare, over: Partial<NewSale> & Pick<NewSale, "at" | "soldOn" | "channelId">) => NewSale,
): Promise<void> {
  const hour = (n: number) => new Date(scope.now.getTime() - n * 3_600_000);
  const good = (w: DemoWare, quantity: number) => ({
    itemId: w.itemId,
    colourwayId: w.colourwayId,
    grade: "good" as const,
    quantity,
  });
  const before: Scope = { ...scope, now: hour(6) };
  await countPieces(
    before,
    at.crate,
    wares.map((w) => good(w, 0)),
    "emptied after the last market",
  );
  await countPieces(
    before,
    "",
    wares.map((w, i) => good(w, [9, 6, 5, 4, 2, 7, 3, 3, 2, 4][i % 10] ?? 3)),
    "counted",
  );
  await countPieces(
    before,
    at.shelf,
    wares.slice(0, 6).map((w, i) => good(w, [3, 2, 4, 1, 3, 2][i] ?? 2)),
    "counted in the shop",
  );
  await carryPieces(
    before,
    wares.map((w, i) => good(w, [5, 3, 3, 2, 1, 4, 2, 1, 1, 2][i % 10] ?? 1)),
    { from: "", to: at.crate, note: "for the harbour evening" },
  );
  const evening = await saveMarket(before, {
    name: "Harbour evening",
    onDay: today,
    channelId: at.channel,
    placeId: at.crate,
    float: minor(4000),
    note: "",
  });
  await openMarket(before, evening);
  const [a, b, c] = [wares[0], wares[2], wares[5]];
  if (!a || !b || !c) return;
  const sold = {
    soldOn: today,
    channelId: at.channel,
    placeId: at.crate,
    marketId: evening,
    source: "stall" as const,
  };
  await keepSales(scope, [
    line(a, { ...sold, at: hour(1.4) }),
    line(b, { ...sold, at: hour(1.1), paid: "cash" }),
    line(c, { ...sold, at: hour(0.7) }),
    line(a, { ...sold, at: hour(0.2), paid: "cash" }),
  ]);
  for (const [name, ahead] of [
    ["Quay market", 2],
    ["Quay market", 9],
    ["First winter market", 12],
    ["Second winter market", 33],
  ] as const)
    await saveMarket(scope, {
      name,
      onDay: parseDate(today).add({ days: ahead }).toString(),
      channelId: at.channel,
      placeId: at.crate,
      float: minor(4000),
      note: "",
    });
}

/** Three who asked: one to be answered, one who has paid a deposit, one that waits to be fetched. */
async function sowCommissions(
  scope: Scope,
  wares: readonly DemoWare[],
  channelId: string,
  today: string,
): Promise<void> {
  const ahead = (days: number) => parseDate(today).add({ days }).toString();
  const [puffin, lighthouse, seal] = [wares[0], wares[4], wares[1]];
  if (!puffin || !lighthouse || !seal) return;
  const own = (w: DemoWare) => ({ itemId: w.itemId, colourwayId: w.colourwayId, channelId });
  await createCommission(scope, {
    ...own(lighthouse),
    customer: "Marit",
    reach: "by letter, at the ferry office",
    wishes: "Green bands instead of red, and the lamp in yellow.",
    quantity: 1,
    price: minor(lighthouse.price + 900),
    depositAsked: minor(1000),
    dueOn: ahead(24),
  });
  const school = await createCommission(scope, {
    ...own(puffin),
    customer: "The island school",
    reach: "at the school door, Fridays",
    wishes: "",
    quantity: 6,
    price: minor(puffin.price * 5),
    depositAsked: minor(2500),
    dueOn: ahead(11),
  });
  await setCommissionState(scope, school, "agreed");
  await payDeposit(scope, school, 2500, parseDate(today).subtract({ days: 3 }).toString());
  const waiting = await createCommission(scope, {
    ...own(seal),
    customer: "Old Tam",
    reach: "",
    wishes: "A darker grey, and a white muzzle.",
    quantity: 1,
    price: minor(seal.price + 300),
    depositAsked: minor(0),
    dueOn: ahead(2),
  });
  for (const state of ["agreed", "making", "ready"] as const) await setCommissionState(scope, waiting, state);
}
