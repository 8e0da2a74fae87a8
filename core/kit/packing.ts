/**
 * One thing that lies in a kit. Grams each and their standard deviation; from memory until she has weighed
 * one.
 */
export interface Packed {
  readonly what: string;
  readonly count: number;
  readonly gramsEach: number;
  readonly sigmaEach: number;
}

export interface Weighing {
  readonly grams: number;
  /** A kit with everything in it weighs so much more or less, 99 of 100 times. */
  readonly tolerance: number;
  /** What could be missing and the scale would not tell: lighter than the tolerance. */
  readonly unseen: readonly string[];
}
const Z99 = 2.576;

/** What a packed kit should weigh, with a tolerance from its parts and the step of the scale. */
export function expectedWeight(contents: readonly Packed[], scaleStep: number): Weighing {
  const grams = contents.reduce((s, c) => s + c.count * c.gramsEach, 0);
  const variance = contents.reduce((s, c) => s + c.count * c.sigmaEach ** 2, 0) + scaleStep ** 2 / 12;
  const tolerance = Z99 * Math.sqrt(variance);
  return {
    grams,
    tolerance,
    unseen: contents.filter((c) => c.gramsEach > 0 && c.count * c.gramsEach <= tolerance).map((c) => c.what),
  };
}

export type Verdict =
  { readonly ok: true } | { readonly ok: false; readonly off: number; readonly perhaps: readonly string[] };

/** Whether a kit on the scale is whole; where it is not, whose weight the difference comes nearest to. */
export function weighKit(measured: number, contents: readonly Packed[], scaleStep: number): Verdict {
  const { grams, tolerance } = expectedWeight(contents, scaleStep);
  const off = measured - grams;
  if (Math.abs(off) <= tolerance) return { ok: true };
  const near = contents
    .filter((c) => c.gramsEach > 0)
    .flatMap((c) => [
      { what: c.count > 1 ? `all ${c.count} of: ${c.what}` : c.what, by: c.count * c.gramsEach },
      ...(c.count > 1 ? [{ what: `one of: ${c.what}`, by: c.gramsEach }] : []),
    ])
    .map((c) => ({ ...c, far: Math.abs(Math.abs(off) - c.by) }))
    .sort((a, b) => a.far - b.far)
    .filter((c) => c.far <= tolerance)
    .slice(0, 3);
  return { ok: false, off, perhaps: near.map((c) => c.what) };
}

/** Weights of small things until she weighs her own, grams (from memory). */
export const TYPICAL_GRAMS = {
  eyePair: (mm: number) => 0.06 * mm,
  ring: 4,
  needle: 0.6,
  marker: 0.4,
  hook: 14,
  sheet: 5,
  bag: 6,
  label: 1.5,
} as const;
