import { minor } from "../core/units";
import { v7 } from "uuid";
import {
  ball,
  market,
  marketBrought,
  notion,
  pieceMove,
  sale,
  stockMove,
  timing,
  weighIn,
  yarn,
} from "../db/schema";
import { listItems } from "../db/queries/items";
import { listMarkets } from "../db/queries/places";
import { listTimings, listWeighIns } from "../db/queries/hands";
import type { Scope } from "../db/scope";
import { rebuildBalances } from "../db/queries/stock";
import type { Database } from "../db/connect";

/** Fills a cupboard: so many balls, a shade for five of them, 200 packs, so many moves. Beats no pulse. */
export async function fillCupboard(
  db: Database,
  workshopId: string,
  balls: number,
  moves: number,
): Promise<void> {
  let state = 7;
  const next = (n: number) => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return Math.floor((state / 4294967296) * n);
  };
  const colour = () =>
    `#${Array.from({ length: 3 }, () => (40 + next(200)).toString(16).padStart(2, "0")).join("")}`;
  const yarns = Array.from({ length: Math.ceil(balls / 5) }, (_, i) => ({
    id: v7(),
    workshopId,
    name: `DK cotton ${i % 9}`,
    shade: `shade ${i}`,
    colour: colour(),
    fibre: "cotton",
    weightClass: 3,
    hookUm: 4000,
    mmPer100g: 230_000,
    ballMg: 50_000,
    ballPrice: 290,
  }));
  const notions = Array.from({ length: 200 }, (_, i) => ({
    id: v7(),
    workshopId,
    kind: "eye" as const,
    name: `Eyes ${i}`,
    sizeUm: 6000,
    colour: "#111111",
    packSize: 50,
    packPrice: 495,
    place: `box ${i % 12}`,
  }));
  const things = Array.from({ length: balls }, (_, i) => ({
    id: v7(),
    workshopId,
    yarnId: yarns[i % yarns.length]?.id ?? "",
    lot: String(i % 40),
    place: `drawer ${i % 20}`,
    fullMg: 50_000,
    price: 290,
  }));
  const rows = Array.from({ length: moves }, (_, i) => {
    const b = things[i % things.length];
    const first = i < things.length;
    const counted = !first && i % 6 === 0;
    const at = new Date(Date.now() - (moves - i) * 40 * 60_000);
    const base = { id: v7(), workshopId, idempotencyKey: `fill-${i}`, note: "", at };
    return counted
      ? {
          ...base,
          kind: "used" as const,
          materialKind: "notion" as const,
          materialId: notions[i % notions.length]?.id ?? "",
          quantity: -1,
          ballId: null,
        }
      : {
          ...base,
          kind: first ? ("bought" as const) : ("used" as const),
          materialKind: "yarn" as const,
          materialId: b?.yarnId ?? "",
          quantity: first ? 50_000 : -next(1500),
          ballId: b?.id ?? null,
          cost: first ? 290 : null,
        };
  });
  const insert = async <T>(table: Parameters<Database["insert"]>[0], list: readonly T[]) => {
    for (let i = 0; i < list.length; i += 1000)
      await db.insert(table).values(list.slice(i, i + 1000) as never);
  };
  await insert(yarn, yarns);
  await insert(notion, notions);
  await insert(ball, things);
  await insert(stockMove, rows);
  await rebuildBalances({ db, workshopId, now: new Date() });
}

/** A hand that has been measured for years: the demo's measurements over and over, an hour apart. */
export async function fillHand(db: Database, scope: Scope, timings: number, weighIns: number): Promise<void> {
  const [seen, weighed] = await Promise.all([listTimings(scope), listWeighIns(scope)]);
  const day = (i: number, of: number) =>
    new Date(Date.now() - ((of - i) * 730 * 86_400_000) / of).toISOString().slice(0, 10);
  const copies = <T extends object>(list: readonly T[], n: number, key: string) =>
    Array.from({ length: n }, (_, i) => ({
      ...(list[i % list.length] as T),
      id: v7(),
      madeOn: day(i, n),
      idempotencyKey: `${key}-${i}`,
    }));
  for (const [table, rows] of [
    [timing, copies(seen, timings, "fill-time")],
    [weighIn, copies(weighed, weighIns, "fill-weigh")],
  ] as const) {
    for (let i = 0; i < rows.length; i += 500) await db.insert(table).values(rows.slice(i, i + 500) as never);
  }
}

/**
 * Fills a shelf's past: market days with what was brought and what was sold of it, every week for ten years.
 */
export async function fillSales(db: Database, scope: Scope, markets: number, sales: number): Promise<void> {
  const { workshopId } = scope;
  const [model] = await listMarkets(scope);
  const items = await listItems(scope);
  if (!model) return;
  const day = (ago: number) => new Date(scope.now.getTime() - ago * 86_400_000);
  const each = Math.round(sales / markets);
  const held: (typeof market.$inferInsert)[] = [];
  const brought: (typeof marketBrought.$inferInsert)[] = [];
  const sold: (typeof sale.$inferInsert)[] = [];
  const moves: (typeof pieceMove.$inferInsert)[] = [];
  for (let m = 0; m < markets; m++) {
    const at = day(200 + (markets - m) * 7);
    const onDay = at.toISOString().slice(0, 10);
    const id = v7();
    held.push({ ...model, id, name: `Market ${m}`, onDay, state: "closed", counted: minor(4000) });
    const there = Array.from({ length: 30 }, (_, k) => items[(m * 7 + k * 5) % items.length]?.item.id ?? "");
    for (const itemId of new Set(there))
      brought.push({
        workshopId,
        marketId: id,
        itemId,
        colourwayId: "",
        quantity: 4 + ((m + itemId.length) % 5),
      });
    for (let k = 0; k < each; k++) {
      const itemId = there[(k * 11 + m) % there.length] ?? "";
      const key = `fill-${m}-${k}`;
      sold.push({
        workshopId,
        saleKey: key,
        customer: key,
        channelId: model.channelId,
        placeId: model.placeId,
        marketId: id,
        at,
        soldOn: onDay,
        itemId,
        colourwayId: "",
        quantity: 1,
        listPrice: minor(1500),
        taken: minor(1500),
        paid: k % 2 === 0 ? "cash" : "card",
        source: "stall",
        feeBp: 140,
        fixedFee: minor(0),
        taxBp: 0,
        taxIncluded: true,
        changedAt: at,
      });
      for (const [kind, quantity] of [
        ["made", 1],
        ["sold", -1],
      ] as const)
        moves.push({
          id: v7(),
          workshopId,
          kind,
          itemId,
          colourwayId: "",
          placeId: model.placeId,
          grade: "good",
          quantity,
          idempotencyKey: `${kind}-${key}`,
          at,
        });
    }
  }
  for (let i = 0; i < held.length; i += 500) await db.insert(market).values(held.slice(i, i + 500));
  for (let i = 0; i < brought.length; i += 1000)
    await db
      .insert(marketBrought)
      .ignore()
      .values(brought.slice(i, i + 1000));
  for (let i = 0; i < sold.length; i += 1000) await db.insert(sale).values(sold.slice(i, i + 1000));
  for (let i = 0; i < moves.length; i += 1000) await db.insert(pieceMove).values(moves.slice(i, i + 1000));
}
