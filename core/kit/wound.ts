import { WINDING } from "./reserve";

/** One winding that was weighed: what its turns should weigh, and what they do. Same unit for both. */
export interface Weighed {
  readonly yarnId: string;
  /** Turns × length of a turn × weight of a length, as they were taken to be. */
  readonly expected: number;
  readonly found: number;
}

/** How much more a turn of a yarn weighs than was taken, and the standard deviation of its logarithm. */
export interface TurnOf {
  readonly factor: number;
  readonly sigma: number;
  readonly weighed: number;
}

/** What weighed windings tell: plain data, since figures are reckoned in threads. */
export interface LearnedWinding {
  readonly weighed: number;
  readonly yarns: ReadonlyMap<string, TurnOf>;
  /** A yarn that was never wound: what the winder alone says. */
  readonly other: TurnOf;
  /** Standard deviation of one winding about its own yarn's, of the logarithm. */
  readonly scatter: number;
}

/** How far a winder's turn lies from what she measured, and a yarn's weight from its band (common practice, no source). */
const WINDER = 0.05;
const YARN = 0.04;
/** So many windings does the usual scatter count for. */
const PRIOR_WEIGHT = 4;

/**
 * What windings on the scale tell of the winder, of each yarn on it, and of how evenly she winds. The logarithm of
 * found ÷ expected is winder + yarn + scatter, all normal: for a given scatter the posterior is in closed form, first
 * of the winder from the means of the yarns, then of each yarn drawn towards it. The scatter is that about the means of
 * the yarns, pooled with what is usual.
 */
export function learnWinding(all: readonly Weighed[]): LearnedWinding {
  const byYarn = new Map<string, number[]>();
  for (const w of all) {
    if (!(w.expected > 0 && w.found > 0)) continue;
    byYarn.set(w.yarnId, [...(byYarn.get(w.yarnId) ?? []), Math.log(w.found / w.expected)]);
  }
  const groups = [...byYarn].map(([yarnId, ys]) => {
    const mean = ys.reduce((a, b) => a + b, 0) / ys.length;
    return { yarnId, n: ys.length, mean, about: ys.reduce((s, y) => s + (y - mean) ** 2, 0) };
  });
  const free = groups.reduce((n, g) => n + g.n - 1, 0);
  const about = groups.reduce((s, g) => s + g.about, 0);
  const scatter = Math.sqrt((PRIOR_WEIGHT * WINDING ** 2 + about) / (PRIOR_WEIGHT + free));
  const spread = (n: number) => YARN ** 2 + scatter ** 2 / n;
  const precision = groups.reduce((p, g) => p + 1 / spread(g.n), 1 / WINDER ** 2);
  const winder = groups.reduce((s, g) => s + g.mean / spread(g.n), 0) / precision;
  const known = new Map(
    groups.map((g) => {
      const drawn = YARN ** 2 / spread(g.n);
      return [
        g.yarnId,
        {
          factor: Math.exp(winder + drawn * (g.mean - winder)),
          sigma: Math.sqrt((1 - drawn) ** 2 / precision + (drawn * scatter ** 2) / g.n),
          weighed: g.n,
        },
      ];
    }),
  );
  const unknown = { factor: Math.exp(winder), sigma: Math.sqrt(1 / precision + YARN ** 2), weighed: 0 };
  return {
    weighed: groups.reduce((n, g) => n + g.n, 0),
    yarns: known,
    other: unknown,
    scatter,
  };
}

/** What a turn of this yarn weighs against what was taken; one never wound has what the winder alone says. */
export const turnOf = (learned: LearnedWinding, yarnId: string): TurnOf =>
  learned.yarns.get(yarnId) ?? learned.other;

/** Before anything was weighed. */
export const NOTHING_WOUND: LearnedWinding = learnWinding([]);
