import { minor } from "@core/units";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { eq } from "drizzle-orm";
import type { Database } from "./connect";
import { piecesWhere, postPieces } from "./queries/pieces";
import { listSales } from "./queries/sales";
import {
  beginRound,
  callOrderOff,
  endRound,
  findOrder,
  findShop,
  forgetParcels,
  listShopProducts,
  noteTold,
  orderCameBack,
  orderedPieces,
  PARCEL_DAYS,
  saveShop,
  saveShopProducts,
  sayWhatLineIs,
  sendOrder,
  setPacked,
  shopsDue,
  takeOrders,
  untoldOrders,
  waitingOrders,
  type NewOrder,
} from "./queries/shop";
import { listChannels } from "./queries/workshops";
import { shopOrder } from "./schema";
import { NotThere, type Scope } from "./scope";
import { freshDatabase, plainItem, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
let scope: Scope;
let other: Scope;
let buoy: string;
let channelId: string;

beforeAll(async () => {
  ({ db, close } = await freshDatabase("shop"));
  [scope, other] = [await scopeOf(db), await scopeOf(db, "other")];
  buoy = await plainItem(scope, "Buoy");
  channelId = (await listChannels(scope))[0]?.id ?? "";
  await saveShop(scope, { channelId, placeId: "", open: true });
  await saveShopProducts(scope, [{ itemId: buoy, colourwayId: "", offered: true, keepBack: 0 }]);
});
afterAll(() => close());
beforeEach(() => db.delete(shopOrder));

const word = (over: Partial<NewOrder> = {}): NewOrder => ({
  number: "7",
  seq: 1,
  said: "placed",
  placedAt: new Date("2026-11-20T09:00:00Z"),
  customer: "Ines",
  address: "12 Rope Lane",
  wishes: "",
  currency: "EUR",
  postage: minor(350),
  total: minor(1950),
  lines: [{ sku: "P-0001", quantity: 2, unitPrice: minor(800) }],
  ...over,
});
const only = async () => {
  const [o] = await waitingOrders(scope);
  if (!o) throw new Error("no order waits");
  return o;
};
const home = async () =>
  (await piecesWhere(scope))
    .filter((p) => p.itemId === buoy && p.placeId === "")
    .reduce((n, p) => n + p.quantity, 0);
const sold = { at: new Date("2026-11-21T10:00:00Z"), soldOn: "2026-11-21" };
const asPaid = (l: { unitPrice: number; quantity: number }) => ({
  listPrice: minor(l.unitPrice),
  taken: minor(l.unitPrice * l.quantity),
});

describe("orders of a shop", () => {
  it("are taken in once, however often and in whatever order the shop says them", async () => {
    const words = [word(), word({ seq: 2, wishes: "a present" }), word()];
    expect(await takeOrders(scope, words, "o1")).toBe(2);
    expect(await takeOrders(scope, [...words].reverse(), "o2")).toBe(0);
    expect((await waitingOrders(scope)).map((o) => [o.number, o.wishes, o.lines.length])).toEqual([
      ["7", "a present", 1],
    ]);
    expect((await findShop(scope))?.cursor).toBe("o2");
    expect(await orderedPieces(scope)).toEqual([{ itemId: buoy, colourwayId: "", quantity: 2 }]);
  });

  it("become one sale when they are sent, and none when the parcel comes back", async () => {
    await postPieces(scope, [
      { kind: "made", itemId: buoy, colourwayId: "", grade: "good", placeId: "", quantity: 5 },
    ]);
    const before = await home();
    await takeOrders(scope, [word()], "");
    const { id } = await only();
    await setPacked(scope, id, true);
    await sendOrder(scope, id, sold, asPaid);
    await sendOrder(scope, id, sold, asPaid);
    expect(await home()).toBe(before - 2);
    const sales = (await listSales(scope)).filter((s) => s.customer === "shop:7");
    expect(sales.map((s) => [s.quantity, s.taken, s.source])).toEqual([[2, 1600, "shop"]]);
    expect(await orderedPieces(scope)).toEqual([]);
    expect((await untoldOrders(scope)).map((o) => [o.number, o.tell])).toEqual([["7", "sent"]]);
    await noteTold(scope, id);
    expect(await untoldOrders(scope)).toEqual([]);
    // Called off by its customer when it is on its way: it can only come back.
    await takeOrders(scope, [word({ seq: 2, said: "cancelled" })], "");
    expect(await findOrder(scope, id)).toMatchObject({ state: "sent", cancelled: true });
    await orderCameBack(scope, id);
    await orderCameBack(scope, id);
    expect(await home()).toBe(before);
    expect((await listSales(scope)).filter((s) => s.customer === "shop:7")).toEqual([]);
  });

  it("called off before it is sent is no longer promised, whoever calls it off", async () => {
    await takeOrders(scope, [word(), word({ number: "8" })], "");
    await takeOrders(scope, [word({ seq: 2, said: "cancelled" })], "");
    const eight = await only();
    expect(eight.number).toBe("8");
    await callOrderOff(scope, eight.id);
    expect(await waitingOrders(scope)).toEqual([]);
    // Only what she called off has to be told.
    expect((await untoldOrders(scope)).map((o) => o.number)).toEqual(["8"]);
    await sendOrder(scope, eight.id, sold, asPaid);
    expect((await findOrder(scope, eight.id))?.state).toBe("off");
  });

  it("of something that is not known here wait until she says what it is", async () => {
    const strange = word({ lines: [{ sku: "OLD-9", quantity: 1, unitPrice: minor(500) }] });
    await takeOrders(scope, [strange], "");
    const { id, lines } = await only();
    expect(lines[0]?.itemId).toBeNull();
    await expect(sendOrder(scope, id, sold, asPaid)).rejects.toThrow(NotThere);
    await sayWhatLineIs(scope, id, 0, { itemId: buoy, colourwayId: "" });
    await takeOrders(scope, [{ ...strange, seq: 2, wishes: "soon, please" }], "");
    expect((await only()).lines[0]?.itemId).toBe(buoy);
  });

  it("forget their customer when the parcel is long gone, and nobody brings the name back", async () => {
    await takeOrders(scope, [word()], "");
    const { id } = await only();
    await callOrderOff(scope, id);
    expect(await forgetParcels(db, scope.now)).toBe(0);
    expect(await forgetParcels(db, new Date(scope.now.getTime() + (PARCEL_DAYS + 1) * 86_400_000))).toBe(1);
    await takeOrders(scope, [word({ seq: 5 })], "");
    expect(await findOrder(scope, id)).toMatchObject({ customer: "", address: "", state: "off" });
  });
});

describe("the shop of a workshop", () => {
  it("gives a kind of piece its short name once", async () => {
    const bell = await plainItem(scope, "Bell");
    const offer = (itemId: string, offered: boolean) => ({ itemId, colourwayId: "", offered, keepBack: 1 });
    await saveShopProducts(scope, [offer(bell, false), offer(buoy, true)]);
    expect((await listShopProducts(scope)).map((p) => p.sku)).toEqual(["P-0001"]);
    await saveShopProducts(scope, [offer(bell, true)]);
    await saveShopProducts(scope, [offer(bell, false)]);
    await saveShopProducts(scope, [offer(bell, true)]);
    expect((await listShopProducts(scope)).map((p) => [p.sku, p.keepBack])).toEqual([
      ["P-0001", 1],
      ["P-0002", 1],
    ]);
    await expect(saveShopProducts(other, [offer(bell, true)])).rejects.toThrow(NotThere);
  });

  it("is asked by one process at a time, and again when that one died", async () => {
    expect(await beginRound(scope)).toBe(true);
    expect(await beginRound(scope)).toBe(false);
    expect(await beginRound({ ...scope, now: new Date(scope.now.getTime() + 121_000) })).toBe(true);
    await endRound(scope, { nextAt: new Date(scope.now.getTime() + 20_000) });
    expect(await beginRound(scope)).toBe(true);
    await endRound(scope, {});
    expect(await shopsDue(db, scope.now)).not.toContain(scope.workshopId);
    expect(await shopsDue(db, new Date(scope.now.getTime() + 21_000))).toContain(scope.workshopId);
  });

  it("is nobody else’s", async () => {
    await takeOrders(scope, [word()], "");
    const { id } = await only();
    expect(await findOrder(other, id)).toBeUndefined();
    await expect(setPacked(other, id, true)).rejects.toThrow(NotThere);
    expect(await waitingOrders(other)).toEqual([]);
    expect(await db.select().from(shopOrder).where(eq(shopOrder.state, "packed"))).toEqual([]);
  });
});
