import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { probit } from "simple-statistics";
import { Z90 } from "../estimate";
import type { DayBook, Job } from "./day-book";

/** The day on which each run is done in each draw, in days from today; −1 where never. */
export type Finishes = readonly Int32Array[];

/**
 * Standard normals that fill their space evenly, a column for each thing that is drawn: multiples of the
 * roots of primes, of which only what is behind the point counts (Richtmyer 1951, from memory), begun at a
 * random point. The error falls nearly with the number of draws, not with its root; and a column is the same
 * however many others there are.
 */
function evenNormals(n: number, columns: number, seed: number): readonly Float64Array[] {
  const generator = xoroshiro128plus(seed);
  // Seeds that lie beside each other begin alike.
  for (let i = 0; i < WARM; i++) uniformFloat64(generator);
  return firstPrimes(columns).map((prime) => {
    const step = Math.sqrt(prime);
    const start = uniformFloat64(generator);
    return Float64Array.from({ length: n }, (_k, k) => {
      const u = (start + k * step) % 1;
      return probit(Math.min(1 - EDGE, Math.max(EDGE, u)));
    });
  });
}
const WARM = 20;
/** Nothing is drawn from beyond five standard deviations. */
const EDGE = 3e-7;

function firstPrimes(n: number): number[] {
  const out: number[] = [];
  for (let x = 2; out.length < n; x++) if (out.every((p) => x % p !== 0)) out.push(x);
  return out;
}

/**
 * Which column is whose: the maker's, the runs' by their ids, the helpers'. So a run that goes first, or a
 * helper who comes in, leaves every other draw what it was.
 */
function columnsOf({ hands, runs }: DayBook) {
  const ids = runs.map((r) => r.id).sort();
  const helpers = hands.filter((h) => h !== "").sort();
  return {
    many: 1 + ids.length + helpers.length,
    ofRun: runs.map((r) => 1 + ids.indexOf(r.id)),
    ofHand: hands.map((h) => (h === "" ? 0 : 1 + ids.length + helpers.indexOf(h))),
  };
}

/** A job's spread: its ends as they are given, and which share of a standard normal is whose. */
function spreadOf({ seconds: { low, value, high }, own }: Job) {
  const sigma = (ratio: number) => (value > 0 && ratio > 1 ? Math.log(ratio) / Z90 : 0);
  const [up, down] = [sigma(high / value), sigma(value / Math.max(low, value / 1000))];
  const apart = up > 0 ? Math.min(1, (own ?? 0) / up) : 0;
  return { up, down, apart, shared: Math.sqrt(1 - apart ** 2) };
}

/**
 * Draws the pace of every hand, the same for all of its runs, and what each run has of its own, and lays all
 * runs together each time.
 * @param n draws, at least 1
 * @param seed the same seed gives the same draws: two plans compared on it differ by what is different
 */
export function drawFinishes(book: DayBook, n: number, seed = 1): Finishes {
  const at = columnsOf(book);
  const columns = evenNormals(n, at.many, seed);
  const drawn = (column: number | undefined, k: number): number => columns[column ?? 0]?.[k] ?? 0;
  const spread = book.lines.map(({ job }) => spreadOf(job));
  const out = book.runs.map(() => new Int32Array(n));
  for (let k = 0; k < n; k++) {
    const finish = book.lay((i) => {
      const [line, s] = [book.lines[i], spread[i]];
      if (!line || !s) return 0;
      const z = s.shared * drawn(at.ofHand[line.lane.hand], k) + s.apart * drawn(at.ofRun[line.run], k);
      return line.job.seconds.value * Math.exp(z * (z > 0 ? s.up : s.down));
    });
    out.forEach((of, r) => (of[k] = finish[r] ?? -1));
  }
  return out;
}

/** The share of draws in which a run is done by a day, in days from today. */
export function chanceBy(finishes: Int32Array, day: number): number {
  let there = 0;
  for (const f of finishes) if (f >= 0 && f <= day) there++;
  return finishes.length > 0 ? there / finishes.length : 0;
}

/** The day by which so many of a hundred draws are done; undefined where more never are. */
export function dayBy(finishes: Int32Array, share: number): number | undefined {
  const sorted = Int32Array.from(finishes).sort();
  const never = sorted.findIndex((f) => f >= 0);
  const ends = never < 0 ? [] : [...sorted.subarray(never), ...Array<number>(never).fill(-1)];
  const at = ends[Math.min(ends.length - 1, Math.max(0, Math.ceil(share * ends.length) - 1))];
  return at === undefined || at < 0 ? undefined : at;
}
