import { milligrams, minor, type Milligrams, type Minor } from "../units";

/** What kind of thing is needed: yarn and filling are counted in mg, notions in pieces. */
export type MaterialKind = "yarn" | "filling" | "notion";

/** What one piece takes of one material, in base units (mg or pieces). */
export interface PieceNeed {
  readonly kind: MaterialKind;
  readonly materialId: string;
  readonly each: number;
  /** Upper end of the 90 % range; equal to `each` for things that are counted. */
  readonly eachHigh: number;
}

export interface RunLine {
  readonly itemId: string;
  readonly label: string;
  readonly quantity: number;
  readonly needs: readonly PieceNeed[];
  readonly seconds: number;
  readonly secondsLow: number;
  readonly secondsHigh: number;
}

export interface Requirement {
  readonly kind: MaterialKind;
  readonly materialId: string;
  readonly need: number;
  readonly needHigh: number;
  readonly lines: readonly {
    readonly label: string;
    readonly quantity: number;
    readonly each: number;
    readonly eachHigh: number;
  }[];
}

/** Explodes a run: lines × needs, summed by material. Whole mg and pieces, rounded up once per material. */
export function requirementsOf(lines: readonly RunLine[]): Requirement[] {
  const sums = new Map<
    string,
    {
      kind: MaterialKind;
      need: number;
      high: number;
      lines: { label: string; quantity: number; each: number; eachHigh: number }[];
    }
  >();
  for (const line of lines) {
    for (const n of line.needs) {
      const sum = sums.get(n.materialId) ?? { kind: n.kind, need: 0, high: 0, lines: [] };
      sum.need += n.each * line.quantity;
      sum.high += n.eachHigh * line.quantity;
      sum.lines.push({ label: line.label, quantity: line.quantity, each: n.each, eachHigh: n.eachHigh });
      sums.set(n.materialId, sum);
    }
  }
  return [...sums].map(([materialId, s]) => ({
    kind: s.kind,
    materialId,
    need: Math.ceil(s.need - 1e-6),
    needHigh: Math.ceil(s.high - 1e-6),
    lines: s.lines,
  }));
}

export interface StockOf {
  readonly label: string;
  readonly onHand: number;
  /** Promised to other runs. */
  readonly reserved: number;
  /** Ordered and on its way; counts as if it were here. */
  readonly onOrder?: number;
  /** mg in a ball or bag, pieces in a pack. */
  readonly packSize: number;
  readonly packPrice: Minor;
}

export interface Shortage extends Requirement {
  readonly label: string;
  readonly onHand: number;
  readonly onOrder: number;
  readonly reserved: number;
  readonly free: number;
  /** Missing for the upper end of the need, 0 when stock covers it. */
  readonly missing: number;
  readonly packs: number;
  readonly packSize: number;
  readonly cost: Minor;
  /** Expected to be over when the run is done. */
  readonly left: number;
}

/**
 * Nets needs against free stock (on hand + on its way − reserved, never below zero) and buys whole packs. What is
 * bought covers the upper end of the need, so that the run does not stop for half a metre.
 */
export function netAgainstStock(
  needs: readonly Requirement[],
  stock: ReadonlyMap<string, StockOf>,
): Shortage[] {
  return needs.map((r) => {
    const s = stock.get(r.materialId) ?? {
      label: r.materialId,
      onHand: 0,
      reserved: 0,
      packSize: 1,
      packPrice: minor(0),
    };
    const onOrder = s.onOrder ?? 0;
    const free = Math.max(0, s.onHand + onOrder - s.reserved);
    const missing = Math.max(0, r.needHigh - free);
    const packs = missing === 0 ? 0 : Math.ceil(missing / s.packSize - 1e-9);
    return {
      ...r,
      label: s.label,
      onHand: s.onHand,
      onOrder,
      reserved: s.reserved,
      free,
      missing,
      packs,
      packSize: s.packSize,
      cost: minor(packs * s.packPrice),
      left: free + packs * s.packSize - r.need,
    };
  });
}

export function costOfBuying(list: readonly Shortage[]): Minor {
  return minor(list.reduce((sum, s) => sum + s.cost, 0));
}

/** mg of `grams`, rounded up: a need is never rounded away. */
export const needMg = (grams: number): Milligrams => milligrams(Math.ceil(grams * 1000 - 1e-6));
