import { parseDate } from "@internationalized/date";
import { minor, type Minor } from "../units";
import type { MaterialKind, Requirement } from "./needs";

/** A run's needs, in the order in which runs are served. */
export interface RunNeeds {
  readonly runId: string;
  readonly label: string;
  readonly startOn: string;
  readonly needs: readonly Requirement[];
}

export interface BuyableStock {
  readonly label: string;
  readonly kind: MaterialKind;
  readonly onHand: number;
  /** Ordered and not yet here. */
  readonly onOrder: number;
  /** mg in a ball or bag, pieces in a pack. */
  readonly packSize: number;
  readonly packPrice: Minor;
  /** Packs are sold so many together. */
  readonly together: number;
  readonly supplierId: string | undefined;
}

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
 * The buy list over runs: stock is given to the runs in their order, what is on its way counts, and what is missing is
 * bought in whole packs. Order-by days count calendar days back from the run's first day.
 */
export function buyList(
  runs: readonly RunNeeds[],
  stock: ReadonlyMap<string, BuyableStock>,
  suppliers: ReadonlyMap<string, { readonly deliveryDays: number; readonly minOrder: number }>,
): BuyGroup[] {
  const free = new Map<string, number>();
  const lines = new Map<string, { need: Requirement; runs: BuyLine["runs"][number][]; total: number }>();
  for (const run of runs) {
    for (const need of run.needs) {
      const s = stock.get(need.materialId);
      const there = free.get(need.materialId) ?? Math.max(0, s?.onHand ?? 0) + (s?.onOrder ?? 0);
      const missing = Math.max(0, need.needHigh - there);
      free.set(need.materialId, Math.max(0, there - need.needHigh));
      if (missing <= 0) continue;
      const line = lines.get(need.materialId) ?? { need, runs: [], total: 0 };
      line.runs.push({ runId: run.runId, label: run.label, missing, startOn: run.startOn });
      line.total += missing;
      lines.set(need.materialId, line);
    }
  }
  const groups = new Map<string, BuyLine[]>();
  for (const [materialId, { need, runs: waiting, total }] of lines) {
    const s = stock.get(materialId);
    const packSize = s?.packSize ?? 1;
    const together = Math.max(1, s?.together ?? 1);
    const packs = Math.ceil(Math.ceil(total / packSize - 1e-9) / together) * together;
    const price = s?.packPrice ?? minor(0);
    const line: BuyLine = {
      kind: need.kind,
      materialId,
      label: s?.label ?? materialId,
      missing: total,
      onOrder: s?.onOrder ?? 0,
      packs,
      packSize,
      packPrice: price,
      cost: minor(packs * price),
      leftAfter: packs * packSize - total,
      runs: waiting,
      neededOn: waiting.reduce((d, r) => (r.startOn < d ? r.startOn : d), waiting[0]?.startOn ?? ""),
    };
    const key = s?.supplierId ?? "";
    groups.set(key, [...(groups.get(key) ?? []), line]);
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

export interface LowLevel {
  readonly level: number;
  readonly planned: number;
  /** Use while a delivery is on its way, from past use. */
  readonly cover: number;
  readonly low: boolean;
  readonly own: boolean;
}

/** Days of past use that stock should cover beyond a delivery (from memory: a fortnight between two looks in the cupboard). */
export const COVER_DAYS = 14;

/**
 * When a material is running low: below what open runs need plus what past use takes until a delivery could be here.
 * `usedPerDay` is an average over past days; her own level goes before.
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
