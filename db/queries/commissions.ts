import { minor } from "@core/units";
import { and, asc, eq, inArray, isNull, lt, ne, or, sql } from "drizzle-orm";
import { changeRow, mustOwn } from "../change";
import type { Database } from "../connect";
import { beat, changing } from "../pulse";
import { channel, colourway, commission, item, run, workshop, type COMMISSION_STATES } from "../schema";
import { mine, newId, NotThere, transact, type Scope } from "../scope";
import { keepSales, undoSales, type NewSale } from "./sales";

export type Commission = typeof commission.$inferSelect;
export type CommissionState = (typeof COMMISSION_STATES)[number];
/** States in which the work is promised and not yet with the customer. */
export const PROMISED: readonly CommissionState[] = ["agreed", "making", "ready"];
/** The customer of what is over is forgotten after so many days. */
export const REMEMBERED_DAYS = 180;

export type CommissionContent = Pick<
  Commission,
  | "customer"
  | "reach"
  | "itemId"
  | "colourwayId"
  | "wishes"
  | "quantity"
  | "channelId"
  | "price"
  | "depositAsked"
  | "dueOn"
>;

export const listCommissions = (scope: Scope): Promise<Commission[]> =>
  scope.db
    .select()
    .from(commission)
    .where(mine(scope, commission, isNull(commission.deletedAt)))
    .orderBy(asc(commission.dueOn), asc(commission.number));

export async function findCommission(scope: Scope, id: string): Promise<Commission | undefined> {
  const [row] = await scope.db
    .select()
    .from(commission)
    .where(mine(scope, commission, eq(commission.id, id), isNull(commission.deletedAt)))
    .limit(1);
  return row;
}

async function mustOwnAll(tx: Scope, c: CommissionContent): Promise<void> {
  await mustOwn(tx, item, c.itemId, "The item");
  await mustOwn(tx, colourway, c.colourwayId === "" ? null : c.colourwayId, "The colourway");
  await mustOwn(tx, channel, c.channelId, "The way of selling");
}

/** Writes a commission down; the next number of the workshop is its own. */
export async function createCommission(scope: Scope, content: CommissionContent): Promise<string> {
  return changing(scope, "shelf", async (tx) => {
    // Numbers are given one after the other: whoever asks meanwhile waits here.
    await tx.db
      .select({ id: workshop.id })
      .from(workshop)
      .where(eq(workshop.id, tx.workshopId))
      .for("update");
    await mustOwnAll(tx, content);
    const [last] = await tx.db
      .select({ n: sql<number>`coalesce(max(${commission.number}), 0)` })
      .from(commission)
      .where(mine(tx, commission))
      .for("update");
    const id = newId();
    await tx.db.insert(commission).values({
      ...content,
      id,
      workshopId: tx.workshopId,
      number: Number(last?.n ?? 0) + 1,
      createdAt: tx.now,
    });
    return id;
  });
}

export async function changeCommission(
  scope: Scope,
  id: string,
  content: CommissionContent,
  seen?: number,
): Promise<void> {
  await changing(scope, "shelf", async (tx) => {
    await mustOwnAll(tx, content);
    await changeRow(tx, commission, id, content, "The commission", seen);
  });
}

/** One step on or back; what is over keeps the day it ended. @throws NotThere */
export async function setCommissionState(
  scope: Scope,
  id: string,
  state: Exclude<CommissionState, "handed">,
): Promise<void> {
  await changing(scope, "shelf", async (tx) => {
    const c = await locked(tx, id);
    // What was handed over goes back onto the shelf, and the sale is taken back.
    if (c.state === "handed" && c.saleKey) await undoSales(tx, [c.saleKey]);
    const back = c.state === "handed" ? { saleKey: null, handedOn: null } : {};
    await changeRow(
      tx,
      commission,
      id,
      { state, ...back, endedAt: state === "off" ? tx.now : null },
      "The commission",
    );
  });
}

export async function payDeposit(scope: Scope, id: string, paid: number, on: string): Promise<void> {
  await changing(scope, "shelf", (tx) =>
    changeRow(
      tx,
      commission,
      id,
      { depositPaid: minor(paid), depositOn: paid > 0 ? on : null },
      "The commission",
    ),
  );
}

/** Handed over: it becomes a sale at home's shelf, at what was agreed. Twice is once. */
export async function handOver(
  scope: Scope,
  id: string,
  sold: Pick<NewSale, "at" | "soldOn" | "paid" | "listPrice">,
): Promise<void> {
  await transact(scope, async (tx) => {
    const c = await locked(tx, id);
    if (c.state === "handed") return;
    const key = `commission:${c.id}:${c.version}`;
    await keepSales(tx, [
      {
        ...sold,
        key,
        customer: `commission:${c.number}`,
        channelId: c.channelId,
        placeId: "",
        itemId: c.itemId,
        colourwayId: c.colourwayId,
        grade: "good",
        quantity: c.quantity,
        taken: c.price,
        source: "order",
        note: `commission ${c.number}`,
      },
    ]);
    await changeRow(
      tx,
      commission,
      id,
      { state: "handed", saleKey: key, handedOn: sold.soldOn, endedAt: tx.now },
      "The commission",
    );
    await beat(tx, "shelf");
  });
}

async function locked(tx: Scope, id: string): Promise<Commission> {
  const [c] = await tx.db
    .select()
    .from(commission)
    .where(mine(tx, commission, eq(commission.id, id), isNull(commission.deletedAt)))
    .for("update");
  if (!c) throw new NotThere("The commission");
  return c;
}

/** The run that makes it; from then on it is being made. */
export async function putIntoRun(scope: Scope, id: string, runId: string): Promise<void> {
  await changing(scope, "shelf", async (tx) => {
    await mustOwn(tx, run, runId, "The run");
    await changeRow(tx, commission, id, { runId, state: "making" }, "The commission");
  });
}

/** Name and way to reach are taken out for good; work and money stay. */
export async function forgetCustomer(scope: Scope, id: string): Promise<void> {
  await changing(scope, "shelf", (tx) =>
    changeRow(tx, commission, id, { customer: "", reach: "", forgottenAt: tx.now }, "The commission"),
  );
}

/** Customers of what has been over for long are forgotten, in every workshop. Answers how many were. */
export async function forgetCustomers(db: Database, now: Date): Promise<number> {
  const before = new Date(now.getTime() - REMEMBERED_DAYS * 86_400_000);
  const [head] = await db
    .update(commission)
    .set({ customer: "", reach: "", forgottenAt: now, version: sql`${commission.version} + 1` })
    .where(
      and(
        or(lt(commission.endedAt, before), lt(commission.deletedAt, before)),
        isNull(commission.forgottenAt),
        ne(commission.customer, ""),
      ),
    );
  return head.affectedRows;
}

export async function setCommissionDeleted(scope: Scope, id: string, deleted: boolean): Promise<void> {
  await changing(scope, "shelf", (tx) =>
    changeRow(tx, commission, id, { deletedAt: deleted ? tx.now : null }, "The commission"),
  );
}

/** Pieces that are promised to customers, by item and colourway. */
export async function promisedPieces(
  scope: Scope,
): Promise<{ itemId: string; colourwayId: string; quantity: number }[]> {
  const rows = await scope.db
    .select({
      itemId: commission.itemId,
      colourwayId: commission.colourwayId,
      quantity: sql<number>`sum(${commission.quantity})`,
    })
    .from(commission)
    .where(mine(scope, commission, isNull(commission.deletedAt), inArray(commission.state, [...PROMISED])))
    .groupBy(commission.itemId, commission.colourwayId);
  return rows.map((r) => ({ ...r, quantity: Number(r.quantity) }));
}
