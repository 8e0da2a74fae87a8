import { longLaps, withoutPauses, type LongLap } from "./laps";

/** What may have gone wrong with a measurement that does not fit. */
export type Doubt =
  | { readonly code: "wrong-unit"; readonly factor: number }
  | { readonly code: "not-tared"; readonly ratio: number }
  | { readonly code: "paused-late"; readonly ratio: number }
  | { readonly code: "started-late"; readonly ratio: number }
  | { readonly code: "unusual"; readonly ratio: number }
  | {
      readonly code: "pause-in-lap";
      readonly long: readonly LongLap[];
      /** The laps, and the seconds of all, without what is too long in them. */
      readonly laps: readonly number[];
      readonly seconds: number;
    };

/** Beyond so many standard deviations of what was expected of it, a measurement is asked about. */
const DOUBT_AT = 3;
/** Factors between the units that are mixed up: g, kg, oz and a digit too many; mm, cm, inches. */
const UNITS = { weight: [1000, 28.349523125, 10], length: [10, 25.4, 2.54] } as const;

/**
 * Asks about a measurement that lies far from what is known: never drops it. `logRatio` is log(measured ÷
 * expected now), `sd` the standard deviation that it should have (the knowledge's and its own together).
 */
export function doubtOf(kind: "weight" | "length" | "time", logRatio: number, sd: number): Doubt | undefined {
  if (!(sd > 0) || Math.abs(logRatio) <= DOUBT_AT * sd) return undefined;
  const ratio = Math.exp(logRatio);
  if (kind !== "time") {
    // A slip of the unit is known to within a third: parts and pieces are mixed up with it.
    const near = Math.max(2 * sd, 0.3);
    for (const factor of UNITS[kind])
      if (Math.abs(logRatio - Math.log(factor)) < near || Math.abs(logRatio + Math.log(factor)) < near)
        return { code: "wrong-unit", factor };
    return kind === "weight" && ratio > 1.5 ? { code: "not-tared", ratio } : { code: "unusual", ratio };
  }
  if (ratio > 1.5) return { code: "paused-late", ratio };
  return ratio < 0.6 ? { code: "started-late", ratio } : { code: "unusual", ratio };
}

/** Asks about the laps of a sitting that lie far above their sisters; `seconds` is the whole sitting. */
export function pauseDoubt(laps: readonly number[], seconds: number): Doubt | undefined {
  const long = longLaps(laps);
  if (long.length === 0) return undefined;
  const cut = long.reduce((sum, l) => sum + l.seconds - l.usual, 0);
  return { code: "pause-in-lap", long, laps: withoutPauses(laps, long), seconds: Math.max(1, seconds - cut) };
}
