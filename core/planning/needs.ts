import { milligrams, type Milligrams } from "../units";

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

/** mg of `grams`, rounded up: a need is never rounded away. */
export const needMg = (grams: number): Milligrams => milligrams(Math.ceil(grams * 1000 - 1e-6));
