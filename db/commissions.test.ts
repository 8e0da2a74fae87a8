import { minor } from "@core/units";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { eq } from "drizzle-orm";
import type { Database } from "./connect";
import {
  changeCommission,
  createCommission,
  findCommission,
  forgetCustomer,
  forgetCustomers,
  handOver,
  listCommissions,
  payDeposit,
  promisedPieces,
  REMEMBERED_DAYS,
  setCommissionDeleted,
  setCommissionState,
  type CommissionContent,
} from "./queries/commissions";
import { piecesWhere, postPieces } from "./queries/pieces";
import { listSales } from "./queries/sales";
import { listChannels } from "./queries/workshops";
import { commission } from "./schema";
import { ChangedMeanwhile, newId, NotThere, type Scope } from "./scope";
import { freshDatabase, plainItem, scopeOf } from "./testing";

let db: Database;
let close: () => Promise<void>;
let scope: Scope;
let other: Scope;
let buoy: string;
let channelId: string;
beforeAll(async () => {
  ({ db, close } = await freshDatabase("commissions"));
  [scope, other] = [await scopeOf(db), await scopeOf(db, "other")];
  buoy = await plainItem(scope, "Buoy");
  channelId = (await listChannels(scope))[0]?.id ?? "";
});
afterAll(() => close());

const asked = (over: Partial<CommissionContent> = {}): CommissionContent => ({
  customer: "Marit",
  reach: "by letter",
  itemId: buoy,
  colourwayId: "",
  wishes: "",
  quantity: 2,
  channelId,
  price: minor(3300),
  depositAsked: minor(1000),
  dueOn: "2026-12-20",
  ...over,
});
const sold = {
  at: new Date("2026-12-18T10:00:00Z"),
  soldOn: "2026-12-18",
  paid: "cash" as const,
  listPrice: minor(1650),
};
const atHome = async () =>
  (await piecesWhere(scope, "")).filter((p) => p.itemId === buoy).reduce((s, p) => s + p.quantity, 0);
const stock = (quantity: number) =>
  postPieces(scope, [
    {
      kind: "made",
      itemId: buoy,
      colourwayId: "",
      grade: "good",
      placeId: "",
      quantity,
      key: newId(),
      at: scope.now,
    },
  ]);

describe("a commission", () => {
  it("is counted within its workshop, also when several are written at once", async () => {
    const ids = await Promise.all(Array.from({ length: 5 }, () => createCommission(scope, asked())));
    const numbers = (await listCommissions(scope)).filter((c) => ids.includes(c.id)).map((c) => c.number);
    expect([...numbers].sort((a, b) => a - b)).toEqual([1, 2, 3, 4, 5]);
  });
  it("promises pieces from its agreement until it is over, and no longer", async () => {
    const promised = async () => (await promisedPieces(scope)).reduce((s, p) => s + p.quantity, 0);
    const before = await promised();
    const id = await createCommission(scope, asked({ quantity: 3 }));
    expect(await promised()).toBe(before);
    for (const state of ["agreed", "making", "ready"] as const) {
      await setCommissionState(scope, id, state);
      expect(await promised()).toBe(before + 3);
    }
    await setCommissionState(scope, id, "off");
    expect(await promised()).toBe(before);
  });
  it("handed over is one sale, however often it is sent, and leaves the shelf once", async () => {
    await stock(4);
    const there = await atHome();
    const id = await createCommission(scope, asked());
    await setCommissionState(scope, id, "ready");
    await Promise.all([handOver(scope, id, sold), handOver(scope, id, sold)]);
    await handOver(scope, id, sold);
    const sales = (await listSales(scope, { from: "2026-01-01" })).filter((s) => s.saleKey.includes(id));
    expect(sales.map((s) => [s.quantity, s.taken, s.source, s.paid])).toEqual([[2, 3300, "order", "cash"]]);
    expect(await atHome()).toBe(there - 2);
    expect(await findCommission(scope, id)).toMatchObject({ state: "handed", handedOn: "2026-12-18" });
  });
  it("taken back is no sale any more, and can be handed over again", async () => {
    await stock(2);
    const there = await atHome();
    const id = await createCommission(scope, asked());
    await setCommissionState(scope, id, "ready");
    await handOver(scope, id, sold);
    await setCommissionState(scope, id, "ready");
    expect(await atHome()).toBe(there);
    expect(await findCommission(scope, id)).toMatchObject({ state: "ready", saleKey: null, endedAt: null });
    await handOver(scope, id, sold);
    expect(await atHome()).toBe(there - 2);
    const kept = (await listSales(scope, { from: "2026-01-01" })).filter(
      (s) => s.saleKey.includes(id) && s.undoneAt === null,
    );
    expect(kept).toHaveLength(1);
  });
  it("is told apart when two change it at once", async () => {
    const id = await createCommission(scope, asked());
    const { version } = (await findCommission(scope, id)) ?? { version: -1 };
    await changeCommission(scope, id, asked({ price: minor(4000) }), version);
    await expect(changeCommission(scope, id, asked({ price: minor(5000) }), version)).rejects.toThrow(
      ChangedMeanwhile,
    );
    expect(await findCommission(scope, id)).toMatchObject({ price: minor(4000) });
  });
  it("keeps the day of its deposit, and forgets it when it goes back", async () => {
    const id = await createCommission(scope, asked());
    await payDeposit(scope, id, 1000, "2026-12-01");
    expect(await findCommission(scope, id)).toMatchObject({
      depositPaid: minor(1000),
      depositOn: "2026-12-01",
    });
    await payDeposit(scope, id, 0, "2026-12-02");
    expect(await findCommission(scope, id)).toMatchObject({ depositPaid: minor(0), depositOn: null });
  });
  it("is nobody else's, and names nothing of another workshop", async () => {
    const id = await createCommission(scope, asked());
    expect(await findCommission(other, id)).toBeUndefined();
    await expect(setCommissionState(other, id, "off")).rejects.toThrow(NotThere);
    await expect(handOver(other, id, sold)).rejects.toThrow(NotThere);
    await expect(createCommission(other, asked())).rejects.toThrow(NotThere);
  });
});

describe("a customer", () => {
  it("is forgotten on demand: the work and its money stay", async () => {
    const id = await createCommission(scope, asked());
    await forgetCustomer(scope, id);
    expect(await findCommission(scope, id)).toMatchObject({ customer: "", reach: "", price: minor(3300) });
  });
  it("is forgotten by itself half a year after it is over, and not before", async () => {
    const [open, over, gone] = await Promise.all([
      createCommission(scope, asked()),
      createCommission(scope, asked()),
      createCommission(scope, asked()),
    ]);
    await setCommissionState(scope, over, "off");
    await setCommissionDeleted(scope, gone, true);
    const after = (days: number) => new Date(scope.now.getTime() + days * 86_400_000);
    await forgetCustomers(db, after(REMEMBERED_DAYS - 1));
    expect(await findCommission(scope, over)).toMatchObject({ customer: "Marit" });
    await forgetCustomers(db, after(REMEMBERED_DAYS + 1));
    expect(await findCommission(scope, over)).toMatchObject({ customer: "", reach: "" });
    expect(await findCommission(scope, open)).toMatchObject({ customer: "Marit" });
    const [row] = await db.select().from(commission).where(eq(commission.id, gone));
    expect(row).toMatchObject({ customer: "", reach: "" });
  });
});
