/** Which quantity a reason or an estimate counts: decides how the screen prints it. */
export type Measure =
  "metres" | "grams" | "seconds" | "mm" | "mm3" | "stitches" | "count" | "ratio" | "minor";

/** One line of arithmetic, and what it rests on. Any figure on any screen opens to one of these. */
export interface Reason {
  readonly label: string;
  readonly measure: Measure;
  readonly value: number;
  /**
   * The arithmetic of this line: "216 × {mm:28.5}". Quantities stand in braces, so that each reader sees her
   * own units.
   */
  readonly how?: string;
  /** Where a starting value comes from: "trade average", "your swatch of 3 Nov". */
  readonly from?: string;
  /** Ends of its 90 % range, where it is not known exactly. */
  readonly low?: number;
  readonly high?: number;
  readonly parts?: readonly Reason[];
}

/** A quantity inside a `how`. */
export const inWords = (measure: Measure, value: number): string => `{${measure}:${value}}`;

/** A `how` with its quantities printed by `print`. */
export function wordHow(how: string, print: (value: number, measure: Measure) => string): string {
  return how.replace(/\{([a-z0-9]+):(-?[\d.e+-]+)\}/g, (_all, measure: string, value: string) =>
    print(Number(value), measure as Measure),
  );
}

/** A value with its 90 % range and its reasons: never a bare number. */
export interface Estimate {
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly reason: Reason;
}

/** z for a two-sided 90 % interval of the normal distribution. */
export const Z90 = 1.6449;

/** A positive quantity known to a relative standard deviation `sigma`: log-normal about its value. */
export function estimateOf(value: number, sigma: number, reason: Reason): Estimate {
  const factor = Math.exp(Z90 * sigma);
  return { value, low: value / factor, high: value * factor, reason };
}

/** A sum whose absolute standard deviation is known; never below zero. */
export function estimateWithin(value: number, deviation: number, reason: Reason): Estimate {
  return value <= 0
    ? { value: 0, low: 0, high: 0, reason }
    : estimateOf(value, Math.sqrt(Math.log(1 + (deviation / value) ** 2)), reason);
}

/** Sum of estimates that share their error (one hand, one yarn): the ends of the ranges add up. */
export function sumTogether(list: readonly Estimate[], label: string, measure: Measure): Estimate {
  const sum = (pick: (e: Estimate) => number) => list.reduce((total, e) => total + pick(e), 0);
  return {
    value: sum((e) => e.value),
    low: sum((e) => e.low),
    high: sum((e) => e.high),
    reason: { label, measure, value: sum((e) => e.value), parts: list.map((e) => e.reason) },
  };
}

/** `times` pieces alike. */
export function timesAlike(e: Estimate, times: number, label: string): Estimate {
  if (times === 1) return e;
  return {
    value: e.value * times,
    low: e.low * times,
    high: e.high * times,
    reason: {
      label,
      measure: e.reason.measure,
      value: e.value * times,
      how: `${times} ×`,
      parts: [e.reason],
    },
  };
}

/**
 * "this yarn: 3 weigh-ins (7 Nov, 20 Oct, 18 Jun)": what a figure rests on, with the days it was measured.
 */
export const withDays = (from: string, rests: string | undefined): string =>
  rests ? `${from} (${rests})` : from;
