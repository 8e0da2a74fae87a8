/** A ball that kits may be wound from: mg that are free of promises. */
export interface WoundFrom {
  readonly id: string;
  readonly lot: string;
  readonly mg: number;
  /** Opened, or a scrap: used first. */
  readonly opened: boolean;
}
export interface WindStep {
  readonly ballId: string;
  readonly lot: string;
  readonly kits: number;
  /** mg that stay on the ball. */
  readonly left: number;
}
export interface Winding {
  readonly steps: readonly WindStep[];
  /** Kits for which no ball has enough. */
  readonly missing: number;
  /** Lots that the kits come from: a buyer gets one lot a colour. */
  readonly lots: readonly string[];
}

/**
 * Which balls the kits of one colour are wound from. All windings of a colour are alike, so a ball holds just
 * as many as fit, whatever else is done: taking opened balls first, then those that leave least, is the
 * fewest new balls and exact.
 */
export function windingOf(each: number, kits: number, balls: readonly WoundFrom[]): Winding {
  if (!(each > 0)) return { steps: [], missing: 0, lots: [] };
  const fits = (b: WoundFrom) => Math.floor((b.mg + 1e-6) / each);
  const useful = balls.filter((b) => fits(b) > 0);
  const order = [...useful].sort(
    (a, b) =>
      Number(b.opened) - Number(a.opened) ||
      (a.opened ? a.mg - b.mg : fits(b) - fits(a)) ||
      a.id.localeCompare(b.id),
  );
  let wanted = kits;
  const steps: WindStep[] = [];
  for (const b of order) {
    if (wanted === 0) break;
    const n = Math.min(wanted, fits(b));
    steps.push({ ballId: b.id, lot: b.lot, kits: n, left: b.mg - n * each });
    wanted -= n;
  }
  return { steps, missing: wanted, lots: [...new Set(steps.map((s) => s.lot))] };
}

/**
 * Whole turns of a winder for a length; never too few. @throws RangeError when the winder has no
 * circumference
 */
export function turnsFor(mm: number, aroundMm: number): number {
  if (!(aroundMm > 0)) throw new RangeError(`turnsFor: a winder has a circumference, got ${aroundMm} mm`);
  return Math.ceil(mm / aroundMm - 1e-9);
}
