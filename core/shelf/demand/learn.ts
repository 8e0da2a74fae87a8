import { forecast, METHODS, type Method } from "../forecast/intermittent";
import {
  askedFor,
  believe,
  countsOnce,
  evidence,
  expectedBefore,
  learned,
  meanRate,
  together,
  teller,
  toldBy,
  type Belief,
  type Counts,
  type Prior,
  type Seen,
  type Tell,
} from "./rate";
import { atLeast, expectedSales } from "../pack/demand";
import { countChances, meanAtLeast } from "./counts";
import { GENERAL_SEASON, seasonOf, shapeOf, type SeasonName } from "./season";

/** One period of one kind of piece as it was: a market day, or a week in a shop. */
export interface Period {
  /** Month of the year, 0 to 11. */
  readonly month: number;
  readonly sold: number;
  readonly soldOut: boolean;
  /** Pieces that were there to be sold; undefined where there were always enough. */
  readonly there?: number | undefined;
  /** 1 for a whole one. */
  readonly length: number;
}
/** A kind of piece in one channel, its periods from the oldest on; `kind` says which others it is like. */
export interface Series {
  readonly id: string;
  readonly kind: string;
  /** When in the year it is asked for, where its maker has said so. */
  readonly season?: SeasonName | undefined;
  readonly periods: readonly Period[];
}
/** A part of the time ahead: of a month, so many usual periods. */
export interface Ahead {
  readonly month: number;
  readonly length: number;
}

export interface DemandOf {
  readonly id: string;
  /** What a usual period asks for, without its season. */
  readonly rate: number;
  /** Periods that it was learned from, and sold in them. */
  readonly periods: number;
  readonly sold: number;
  readonly timesSoldOut: number;
  /** Chances of 0, 1, 2, … asked for in a period of some month and length. */
  readonly chances: (month: number, length?: number) => number[];
  /** The same over several periods together. */
  readonly over: (ahead: readonly Ahead[]) => number[];
  /** Its months against each other, mean 1. */
  readonly season: readonly number[];
}
export interface DemandModel {
  readonly of: ReadonlyMap<string, DemandOf>;
  /** What a kind that was never sold is taken for. */
  readonly unknown: (kind: string, season?: SeasonName) => DemandOf;
  /** Factors of the twelve months for what sells all the year, mean 1. */
  readonly season: readonly number[];
  readonly dispersion: number;
  readonly method: Method | "shared";
  /**
   * Mean squared errors of what was sold, one period ahead, over her own sales; only methods that could be
   * tried.
   */
  readonly errors: readonly { readonly method: Method | "shared"; readonly error: number }[];
}

/** A fortieth of what was learned fades with each period: half of it in seven months of weekly markets. */
const KEEPS = 0.975;
const SHAPES = [0.7, 1.2, 2, 4, 8] as const;
/** Days that sold out make the rough mean too small. */
const LIFTS = [1, 1.3, 1.8] as const;
const DISPERSIONS = [1.5, 3, 6, 12, 40] as const;
/** Before anything was sold: common practice, no source. */
const FIRST: Prior = { mean: 2.5, shape: 1.2 };
/** The channel's months weigh as much as so many sold pieces a month in those of a kind. */
const KIND_WEIGHT = 40;
/** Another method takes over when its error is smaller by this share over so many periods at least. */
const BETTER = 0.1;
const TRIED = 40;

/**
 * What is asked for, learned from what was sold: every kind has a rate of its own, drawn towards the others
 * of its kind while little is known of it; days that sold out count as "so many or more"; the months of the
 * year are shared by all. The spread of the rates and of the counts are those that foretell her own sales
 * best (empirical Bayes on a grid).
 */
export function learnDemand(series: readonly Series[], general = GENERAL_SEASON): DemandModel {
  const tell = teller();
  let seasons = seasonsBy(normal(general), new Map());
  let fit = fitAll(series, seasons, tell);
  // The season is read from what the rates leave over, and the rates from what the season leaves over: twice
  // is enough.
  for (let round = 0; round < 2; round++) {
    seasons = seasonsFrom(series, fit, seasons, general);
    fit = fitAll(series, seasons, tell);
  }
  const errors = errorsOf(series, seasons, fit, tell);
  const best = [...errors].sort((a, b) => a.error - b.error)[0];
  const shared = errors.find((e) => e.method === "shared");
  const method =
    best && shared && best.error < (1 - BETTER) * shared.error ? best.method : ("shared" as const);
  const of = new Map(series.map((s) => [s.id, demandOf(s, fit, seasons.of(s), method)] as const));
  const unknown = (kind: string, season?: SeasonName) => {
    const none: Series = { id: "", kind, season, periods: [] };
    return demandOf(none, fit, seasons.of(none), "shared");
  };
  return { of, unknown, season: seasons.all, dispersion: fit.dispersion, method, errors };
}

/** Months of the channel as a whole, and of each kind of piece in it and each season that was named. */
interface Seasons {
  readonly all: readonly number[];
  readonly of: (s: Pick<Series, "kind" | "season">) => readonly number[];
}
const seasonsBy = (all: readonly number[], groups: ReadonlyMap<string, readonly number[]>): Seasons => ({
  all,
  of: (s) => groups.get(groupOf(s)) ?? normal(shapeOf(s.season ?? "year", all)),
});
const groupOf = (s: Pick<Series, "kind" | "season">): string => `${s.season ?? "year"} ${s.kind}`;

const normal = (season: readonly number[]): number[] => {
  const mean = season.reduce((a, b) => a + b, 0) / season.length;
  return season.map((f) => f / mean);
};

interface Fit {
  readonly priors: ReadonlyMap<string, Prior>;
  readonly all: Prior;
  readonly dispersion: number;
  readonly beliefs: ReadonlyMap<string, Belief>;
  readonly counts: Counts;
}

const seenOf = (s: Series, season: readonly number[]): Seen[] =>
  s.periods.map((p) => ({
    sold: p.sold,
    soldOut: p.soldOut,
    exposure: Math.max(1e-3, p.length * (season[p.month] ?? 1)),
  }));

/** Mean of what was sold for each usual period; a first guess that sold-out days make too small. */
function roughMean(series: readonly Series[], seasons: Seasons): number | undefined {
  let [sold, exposure] = [0, 0];
  for (const s of series)
    for (const p of seenOf(s, seasons.of(s))) {
      sold += p.sold;
      exposure += p.exposure;
    }
  return exposure > 0 ? Math.max(0.05, sold / exposure) : undefined;
}

function fitAll(series: readonly Series[], seasons: Seasons, tell: Tell): Fit {
  const told = series.filter((s) => s.periods.length > 0);
  const rough = roughMean(told, seasons);
  const counts = countsOnce();
  if (rough === undefined)
    return { priors: new Map(), all: FIRST, dispersion: 3, beliefs: new Map(), counts };
  const seen = told.map((s) => seenOf(s, seasons.of(s)));
  const { prior: all, dispersion, sums } = bestPrior(seen, rough, tell);
  const priors = kindPriors(told, sums, all);
  const believed = new Map([...priors].map(([kind, prior]) => [kind, believe(prior)]));
  return {
    priors,
    all,
    dispersion,
    counts,
    beliefs: new Map(
      told.map((s, i) => [
        s.id,
        learned(believed.get(s.kind) ?? believe(all), sums[i] ?? new Float64Array()),
      ]),
    ),
  };
}

/** The prior and the spread of counts under which all that was told was likeliest. */
function bestPrior(
  seen: readonly (readonly Seen[])[],
  rough: number,
  tell: Tell,
): { prior: Prior; dispersion: number; sums: readonly Float64Array[] } {
  const priors = SHAPES.flatMap((shape) => LIFTS.map((lift): Prior => ({ mean: rough * lift, shape })));
  const tried = DISPERSIONS.flatMap((dispersion) => {
    const sums = seen.map((s) => toldBy(s, dispersion, KEEPS, tell));
    return priors.map((prior) => {
      const belief = believe(prior);
      return { prior, dispersion, sums, well: sums.reduce((t, sum) => t + evidence(belief, sum), 0) };
    });
  });
  return tried.reduce((best, t) => (t.well > best.well ? t : best));
}

/**
 * The prior of a kind: the mean of its rates drawn towards that of all, as if that were two more kinds of
 * piece.
 */
function kindPriors(told: readonly Series[], sums: readonly Float64Array[], all: Prior): Map<string, Prior> {
  const before = believe(all);
  const rates = new Map<string, number[]>();
  told.forEach((s, i) => {
    const rate = meanRate(learned(before, sums[i] ?? new Float64Array()));
    rates.set(s.kind, [...(rates.get(s.kind) ?? []), rate]);
  });
  return new Map(
    [...rates].map(([kind, list]) => [
      kind,
      { mean: (list.reduce((a, b) => a + b, 0) + 2 * all.mean) / (list.length + 2), shape: all.shape },
    ]),
  );
}

/**
 * The channel's months from all that sells the year round; those of a kind, and of each season that was named,
 * drawn towards the channel's or towards the shape of the season.
 */
function seasonsFrom(
  series: readonly Series[],
  fit: Fit,
  before: Seasons,
  general: readonly number[],
): Seasons {
  const groups = new Map<string, Series[]>();
  for (const s of series) groups.set(groupOf(s), [...(groups.get(groupOf(s)) ?? []), s]);
  const sums = new Map([...groups].map(([key, list]) => [key, monthsOf(list, fit, before)] as const));
  const year = [...groups]
    .filter(([, [s]]) => (s?.season ?? "year") === "year")
    .map(([key]) => sums.get(key));
  const add = (pick: (m: Months) => readonly number[]) =>
    Array.from({ length: 12 }, (_, m) => year.reduce((t, x) => t + ((x && pick(x)[m]) ?? 0), 0));
  const all = seasonOf(
    add((m) => m.asked),
    add((m) => m.expected),
    general,
  );
  const of = [...groups].map(([key, [first]]) => {
    const { asked, expected } = sums.get(key) ?? { asked: [], expected: [] };
    const shape = shapeOf(first?.season ?? "year", all);
    return [key, seasonOf(asked, expected, shape, KIND_WEIGHT)] as const;
  });
  return seasonsBy(all, new Map(of));
}

interface Months {
  readonly asked: readonly number[];
  readonly expected: readonly number[];
}
/**
 * Of a day that sold out what is expected to have been asked for, else what was sold: against each piece's
 * usual day.
 */
function monthsOf(series: readonly Series[], fit: Fit, before: Seasons): Months {
  const asked = Array.from({ length: 12 }, () => 0);
  const expected = Array.from({ length: 12 }, () => 0);
  for (const s of series) {
    const belief = fit.beliefs.get(s.id);
    if (!belief) continue;
    const rate = meanRate(belief);
    const season = before.of(s);
    for (const p of s.periods) {
      const usual = rate * p.length;
      const there = p.soldOut ? meanAtLeast(p.sold, usual * (season[p.month] ?? 1), fit.dispersion) : p.sold;
      asked[p.month] = (asked[p.month] ?? 0) + there;
      expected[p.month] = (expected[p.month] ?? 0) + usual;
    }
  }
  return { asked, expected };
}

/** The newest periods tell of a method; those before anything is known of it do not. */
const WARM = 4;

function errorsOf(series: readonly Series[], seasons: Seasons, fit: Fit, tell: Tell): DemandModel["errors"] {
  const out: { method: Method | "shared"; error: number }[] = [];
  const all = believe(fit.all);
  const believed = new Map([...fit.priors].map(([kind, prior]) => [kind, believe(prior)]));
  for (const method of ["shared", ...METHODS] as const) {
    let [sum, n] = [0, 0];
    for (const s of series) {
      const season = seasons.of(s);
      const seen = seenOf(s, season);
      const fitted =
        method === "shared"
          ? expectedBefore(seen, believed.get(s.kind) ?? all, fit.dispersion, KEEPS, tell)
          : smoothed(s, season, method);
      seen.forEach((p, t) => {
        const f = fitted?.[t];
        if (t < WARM || f === undefined || f === null) return;
        sum += (p.sold - soldOf(f, s.periods[t]?.there, fit.dispersion)) ** 2;
        n++;
      });
    }
    if (n >= TRIED) out.push({ method, error: sum / n });
  }
  return out;
}

/**
 * What is sold of what is asked for where only so many are there. Methods are compared by what was sold, on
 * all days: those that did not sell out are the weaker ones, and would favour a method that expects too
 * little.
 */
function soldOf(mean: number, there: number | undefined, dispersion: number): number {
  return there === undefined ? mean : (expectedSales(atLeast({ mean, dispersion }, there))[there] ?? 0);
}

/** A published method over the same periods: of what was sold without its season, put back afterwards. */
function smoothed(s: Series, season: readonly number[], method: Method): (number | null)[] {
  const seen = seenOf(s, season);
  const flat = seen.map((p) => p.sold / p.exposure);
  return forecast(flat, method, { alpha: 0.15 }).fitted.map((f, t) =>
    f === null ? null : f * (seen[t]?.exposure ?? 1),
  );
}

function demandOf(s: Series, fit: Fit, season: readonly number[], method: Method | "shared"): DemandOf {
  const belief = fit.beliefs.get(s.id) ?? believe(fit.priors.get(s.kind) ?? fit.all);
  const seen = seenOf(s, season);
  const smooth =
    method === "shared" || seen.length <= WARM
      ? undefined
      : forecast(
          seen.map((p) => p.sold / p.exposure),
          method,
          { alpha: 0.15 },
        ).rate;
  const asked = (ahead: readonly Ahead[]): number[] => {
    const { exposure, steadier } = together(ahead.map((a) => a.length * (season[a.month] ?? 1)));
    const dispersion = fit.dispersion * steadier;
    return smooth === undefined
      ? askedFor(belief, dispersion, exposure, fit.counts)
      : countChances(smooth * exposure, dispersion);
  };
  return {
    id: s.id,
    rate: smooth ?? meanRate(belief),
    periods: s.periods.length,
    sold: s.periods.reduce((sum, p) => sum + p.sold, 0),
    timesSoldOut: s.periods.filter((p) => p.soldOut).length,
    chances: (month, length = 1) => asked([{ month, length }]),
    over: asked,
    season,
  };
}
