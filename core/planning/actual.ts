/** One kind of piece of a run, as it was planned and as it went. Money in minor units. */
export interface LineActual {
  readonly planned: number;
  /** Pieces that were looked at: passed, mended, seconds, rejected. */
  readonly worked: number;
  readonly seconds: number;
  readonly rejected: number;
  /** What one piece was planned to cost (material and hours), and to sell for. */
  readonly cost: number;
  readonly price: number;
  /** What a second brings. */
  readonly secondBrings: number;
  readonly mendingMinutes: number;
  /** Seconds that were timed, and what the plan had for the same tasks. */
  readonly timed: number;
  readonly timedPlanned: number;
}
/** A material that the run took: what the plan had for the pieces that were worked, and what went out. */
export interface MaterialActual {
  readonly planned: number;
  readonly used: number;
  /** Minor units for one mg, or one piece. */
  readonly unitPrice: number;
}

export const BRIDGE_STEPS = ["pieces", "rejected", "seconds", "time", "mending", "material"] as const;
export type BridgeCode = (typeof BRIDGE_STEPS)[number];
export interface BridgeStep {
  readonly code: BridgeCode;
  /** What it changed; negative takes away. */
  readonly change: number;
  /** What is left behind it. */
  readonly after: number;
}
export interface Bridge {
  /** What the plan left: prices less costs, before fees. */
  readonly planned: number;
  readonly steps: readonly BridgeStep[];
  readonly actual: number;
}

/**
 * From what a run was planned to leave to what it left, reason by reason. What was not timed counts as it was
 * planned. Whole minor units: the steps add up exactly.
 * @param perHour wage and overhead of an hour, minor units
 * @example one piece of four rejected, at a price of 1000 and a cost of 600
 * // planned 1600, rejected −1000, actual 600
 */
export function bridgeOf(
  lines: readonly LineActual[],
  materials: readonly MaterialActual[],
  perHour: number,
): Bridge {
  const sum = (of: (l: LineActual) => number) => lines.reduce((n, l) => n + of(l), 0);
  const changes: Readonly<Record<BridgeCode, number>> = {
    pieces: sum((l) => (l.worked - l.planned) * (l.price - l.cost)),
    rejected: sum((l) => -l.rejected * l.price),
    seconds: sum((l) => -l.seconds * (l.price - l.secondBrings)),
    time: (-perHour * sum((l) => l.timed - l.timedPlanned)) / 3600,
    mending: (-perHour * sum((l) => l.mendingMinutes)) / 60,
    material: materials.reduce((n, m) => n - (m.used - m.planned) * m.unitPrice, 0),
  };
  const planned = Math.round(sum((l) => l.planned * (l.price - l.cost)));
  let exact = sum((l) => l.planned * (l.price - l.cost));
  let before = planned;
  const steps = BRIDGE_STEPS.map((code): BridgeStep => {
    exact += changes[code];
    const after = Math.round(exact);
    // Never "-0".
    const change = after - before || 0;
    before = after;
    return { code, change, after };
  });
  return { planned, steps, actual: before };
}
