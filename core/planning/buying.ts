import { parseDate } from "@internationalized/date";
import { minor, type Minor } from "../units";
import type { MaterialKind } from "./needs";
import type { Netted, NetRun, NetStock } from "./netting";

export interface BuyLine {
  readonly kind: MaterialKind;
  readonly materialId: string;
  readonly label: string;
  readonly missing: number;
  readonly onOrder: number;
  readonly packs: number;
  readonly packSize: number;
  readonly packPrice: Minor;
  readonly cost: Minor;
  /** What is over when all runs have taken their upper ends. */
  readonly leftAfter: number;
  /** The runs that wait for it, and how much each lacks. */
  readonly runs: readonly {
    readonly runId: string;
    readonly label: string;
    readonly missing: number;
    readonly startOn: string;
  }[];
  /** The first day that it is needed. */
  readonly neededOn: string;
}

export interface BuyGroup {
  readonly supplierId: string | undefined;
  readonly lines: readonly BuyLine[];
  readonly cost: Minor;
  /** What is missing to the supplier's least order; 0 when it is reached. */
  readonly underMinimum: Minor;
  /** Last day to order: the first needed day less the days of delivery. */
  readonly orderBy: string;
}

/**
 * The buy list over runs that were netted together: what each has to buy, summed by material and grouped by
 * supplier. Order-by days count calendar days back from the first day that a thing is needed.
 */
export function buyList(
  runs: readonly NetRun[],
  netted: ReadonlyMap<string, readonly Netted[]>,
  stock: ReadonlyMap<string, NetStock>,
  suppliers: ReadonlyMap<string, { readonly deliveryDays: number; readonly minOrder: number }>,
): BuyGroup[] {
  const waiting = new Map<string, { run: NetRun; need: Netted }[]>();
  for (const run of runs)
    for (const need of netted.get(run.runId) ?? [])
      if (need.packs > 0)
        waiting.set(need.materialId, [...(waiting.get(need.materialId) ?? []), { run, need }]);
  const groups = new Map<string, BuyLine[]>();
  for (const [materialId, list] of waiting) {
    const key = stock.get(materialId)?.supplierId ?? "";
    groups.set(key, [...(groups.get(key) ?? []), buyLine(materialId, list, stock.get(materialId))]);
  }
  return [...groups]
    .map(([key, list]): BuyGroup => {
      const supplier = suppliers.get(key);
      const cost = minor(list.reduce((sum, l) => sum + l.cost, 0));
      const needed = list.reduce((d, l) => (l.neededOn < d ? l.neededOn : d), list[0]?.neededOn ?? "");
      const lines = [...list].sort((a, b) => (a.label < b.label ? -1 : 1));
      return {
        supplierId: key || undefined,
        lines,
        cost,
        underMinimum: minor(Math.max(0, (supplier?.minOrder ?? 0) - cost)),
        orderBy: parseDate(needed)
          .subtract({ days: supplier?.deliveryDays ?? 0 })
          .toString(),
      };
    })
    .sort((a, b) => (a.orderBy < b.orderBy ? -1 : a.orderBy > b.orderBy ? 1 : 0));
}

function buyLine(
  materialId: string,
  list: readonly { readonly run: NetRun; readonly need: Netted }[],
  s: NetStock | undefined,
): BuyLine {
  const packs = list.reduce((n, x) => n + x.need.packs, 0);
  const missing = list.reduce((n, x) => n + x.need.missing, 0);
  const packSize = s?.packSize ?? 1;
  const price = s?.packPrice ?? minor(0);
  const days = list.map((x) => x.run.startOn).toSorted();
  return {
    kind: list[0]?.need.kind ?? "notion",
    materialId,
    label: s?.label ?? materialId,
    missing,
    onOrder: s?.onOrder ?? 0,
    packs,
    packSize,
    packPrice: price,
    cost: minor(packs * price),
    leftAfter: packs * packSize - missing,
    runs: list.map(({ run, need }) => ({
      runId: run.runId,
      label: run.label,
      missing: need.missing,
      startOn: run.startOn,
    })),
    neededOn: days[0] ?? "",
  };
}

export interface LowLevel {
  readonly level: number;
  readonly planned: number;
  /** Use while a delivery is on its way, from past use. */
  readonly cover: number;
  readonly low: boolean;
  readonly own: boolean;
}

/**
 * Days of past use that stock should cover beyond a delivery (from memory: a fortnight between two looks in
 * the cupboard).
 */
export const COVER_DAYS = 14;

/**
 * When a material is running low: below what open runs need plus what past use takes until a delivery could
 * be here. `usedPerDay` is an average over past days; her own level goes before.
 */
export function lowLevel(m: {
  readonly onHand: number;
  readonly onOrder: number;
  readonly planned: number;
  readonly usedPerDay: number;
  readonly deliveryDays: number;
  readonly own: number | undefined;
}): LowLevel {
  const cover = Math.ceil(m.usedPerDay * (m.deliveryDays + COVER_DAYS));
  const level = m.own ?? m.planned + cover;
  return {
    level,
    planned: m.planned,
    cover,
    low: level > 0 && m.onHand + m.onOrder < level,
    own: m.own !== undefined,
  };
}
