import type { Ball } from "@db/queries/balls";
import type { Notion, Yarn } from "@db/queries/materials";
import { onOrder } from "@db/queries/purchases";
import { reservedBy, type RunWithLines } from "@db/queries/runs";
import { usedSince } from "@db/queries/stock";
import { listSuppliers, type Supplier } from "@db/queries/suppliers";
import type { Scope } from "@db/scope";
import { keep, readOnce } from "../../server/kept";
import {
  allBalls,
  allNotions,
  allYarns,
  liveNotions,
  liveYarns,
  openRuns,
  stockOnHand,
} from "../../server/rows.server";
import { todayOf } from "../../server/scope.server";
import { lowLevel, type LowLevel } from "@core/planning";

const DAY = 86_400_000;
/** Past use is looked at over so many days. */
export const PAST_DAYS = 90;

export interface Cupboard {
  readonly yarns: readonly Yarn[];
  readonly notions: readonly Notion[];
  readonly suppliers: readonly Supplier[];
  readonly runs: readonly RunWithLines[];
  readonly onHand: ReadonlyMap<string, number>;
  readonly reserved: ReadonlyMap<string, number>;
  readonly onOrder: ReadonlyMap<string, number>;
  readonly low: ReadonlyMap<string, LowLevel>;
}

/**
 * Everything on the shelves with what is promised, ordered and running low. One query for each noun, none for
 * each row. Runs may still name what was deleted.
 */
export async function loadCupboard(scope: Scope, withDeleted = false): Promise<Cupboard> {
  const [yarns, notions, suppliers, runs, onHand, ordered, used] = await Promise.all([
    withDeleted ? allYarns(scope) : liveYarns(scope),
    withDeleted ? allNotions(scope) : liveNotions(scope),
    listSuppliers(scope, true),
    openRuns(scope),
    stockOnHand(scope),
    readOnce(scope, "on order", () => onOrder(scope)),
    keep(
      scope,
      "used",
      ["stock"],
      () => usedSince(scope, new Date(scope.now.getTime() - PAST_DAYS * DAY)),
      todayOf(scope),
    ),
  ]);
  const reserved = reservedBy(runs);
  const delivery = new Map(suppliers.map((s) => [s.id, s.deliveryDays]));
  const level = (id: string, supplierId: string | null, own: number | null): LowLevel =>
    lowLevel({
      onHand: onHand.get(id) ?? 0,
      onOrder: ordered.get(id) ?? 0,
      planned: reserved.get(id) ?? 0,
      usedPerDay: (used.get(id) ?? 0) / PAST_DAYS,
      deliveryDays: delivery.get(supplierId ?? "") ?? 0,
      own: own ?? undefined,
    });
  const low = new Map([
    ...yarns.map((y) => [y.id, level(y.id, y.supplierId, y.lowMg)] as const),
    ...notions.map((n) => [n.id, level(n.id, n.supplierId, n.low)] as const),
  ]);
  return { yarns, notions, suppliers, runs, onHand, reserved, onOrder: ordered, low };
}

export interface BallView {
  readonly id: string;
  readonly version: number;
  readonly lot: string;
  readonly place: string;
  readonly note: string;
  readonly scrap: boolean;
  readonly state: Ball["state"];
  readonly mg: number;
  readonly reserved: number;
  readonly fullMg: number;
  readonly price: number;
}
export const ballView = (b: Ball): BallView => ({
  id: b.id,
  version: b.version,
  lot: b.lot,
  place: b.place,
  note: b.note,
  scrap: b.scrap,
  state: b.state,
  mg: b.mg,
  reserved: b.reserved,
  fullMg: b.fullMg,
  price: b.price,
});

/** Balls of every yarn, for lists. */
export const ballsByYarn = (scope: Scope): Promise<ReadonlyMap<string, readonly BallView[]>> =>
  keep(scope, "balls by yarn", ["stock"], async () => {
    const out = new Map<string, BallView[]>();
    for (const b of await allBalls(scope)) {
      const list = out.get(b.yarnId);
      if (list) list.push(ballView(b));
      else out.set(b.yarnId, [ballView(b)]);
    }
    return out;
  });
