import { median, medianAbsoluteDeviation } from "simple-statistics";

/** A lap that lies far above its sisters: a pause that was not cut out, or a piece that was unpicked. */
export interface LongLap {
  /** From 0. */
  readonly lap: number;
  readonly seconds: number;
  /** What its sisters took. */
  readonly usual: number;
}

/** Fewer laps than this have no sisters to be held against. */
const LEAST = 3;
/**
 * The median absolute deviation of a normal is so much of its standard deviation (P. J. Huber; from memory).
 */
const MAD_TO_SD = 1.4826;
/**
 * Laps of one hand differ by at least so much of themselves, and a pause shorter than a quarter of a lap is
 * no matter.
 */
const LEAST_SD = 0.05;
const LEAST_PAUSE = 0.25;
const FAR = 3.5;

/** Laps with something in them that is not the work, by the median and its absolute deviation. */
export function longLaps(laps: readonly number[]): LongLap[] {
  if (laps.length < LEAST) return [];
  const middle = median([...laps]);
  const sd = Math.max(MAD_TO_SD * medianAbsoluteDeviation([...laps]), LEAST_SD * middle);
  const bound = middle + Math.max(FAR * sd, LEAST_PAUSE * middle);
  return laps.flatMap((seconds, lap) => {
    if (seconds <= bound) return [];
    const sisters = laps.filter((s, i) => i !== lap && s <= bound);
    return [{ lap, seconds, usual: Math.round(median(sisters.length > 0 ? sisters : [...laps])) }];
  });
}

/** The laps as they would have been without what is too long in them. */
export const withoutPauses = (laps: readonly number[], long: readonly LongLap[]): number[] =>
  laps.map((s, i) => long.find((l) => l.lap === i)?.usual ?? s);
