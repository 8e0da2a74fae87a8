import type { Minor } from "./quantity";

/** Up to the next whole multiple of `step` (packs, balls). A step of 0 or less is a caller's mistake. */
export function roundUpTo(n: number, step: number): number {
  if (!(step > 0)) throw new RangeError(`roundUpTo: step must be above 0, got ${step}`);
  // The tolerance keeps 3 × 0.1 from needing a fourth pack.
  return Math.ceil(n / step - 1e-9) * step;
}

/**
 * A price raised to the next price point. `points` are endings within one major unit, in minor
 * units ([0, 50] → whole and half euros; [90] → x.90). Empty points keep the price as it is.
 */
export function toPricePoint(price: Minor, points: readonly number[], major = 100): Minor {
  if (points.length === 0) return price;
  const sorted = [...points].sort((a, b) => a - b);
  const whole = Math.floor(price / major) * major;
  for (const base of [whole, whole + major]) {
    for (const point of sorted) if (base + point >= price) return (base + point) as Minor;
  }
  return (whole + major + (sorted[0] ?? 0)) as Minor;
}

/**
 * `amount × numerator ÷ denominator`, half away from zero, without leaving the safe integers for any sum a
 * stall sees.
 */
export function proportion(amount: Minor, numerator: number, denominator: number): Minor {
  const exact = (amount * numerator) / denominator;
  return (Math.sign(exact) * Math.round(Math.abs(exact))) as Minor;
}
