import { randomFrom } from "../calibrate/simulated-makers";
import { adviseDay, type Sellable } from "./advice";
import { learnDemand, type Period, type Series } from "./demand";
import { countChances } from "./demand/counts";
import { GENERAL_SEASON } from "./demand/season";

/** A stall with hidden demand, for tests and the bench: what a rule for the week's making earns there. */
export interface StallWorld {
  readonly kinds: readonly {
    readonly id: string;
    readonly kind: string;
    readonly leaves: number;
    readonly material: number;
    readonly minutes: number;
    readonly rate: number;
  }[];
  readonly dispersion: number;
  readonly season: readonly number[];
  readonly hours: number;
  readonly crate: number;
  readonly weeks: number;
  /** What is asked for, week by week and kind by kind: the same for every rule. */
  readonly asked: readonly (readonly number[])[];
}

const monthOf = (week: number): number => Math.floor(((week + 8) % 52) / (52 / 12));

export function stallWorld(seed: number, weeks = 44): StallWorld {
  const { next: uniform, normal } = randomFrom(seed);
  const pick = (chances: readonly number[]): number => {
    let u = uniform();
    for (let k = 0; k < chances.length; k++) {
      u -= chances[k] ?? 0;
      if (u <= 0) return k;
    }
    return chances.length - 1;
  };
  const likes = [1.3 + 2.5 * uniform(), 1.3 + 2.5 * uniform()];
  const dispersion = 2 + 6 * uniform();
  const season = GENERAL_SEASON.map((g) => g * Math.exp(0.15 * normal()));
  const kinds = Array.from({ length: 8 }, (_, i) => {
    const minutes = 35 + 75 * uniform();
    const leaves = Math.round(minutes * (11 + 9 * uniform()) + 150);
    return {
      id: `piece ${i + 1}`,
      kind: i < 5 ? "keychain" : "ornament",
      leaves,
      material: Math.round(80 + 120 * uniform()),
      minutes,
      rate: (likes[i < 5 ? 0 : 1] ?? 2) * Math.exp(0.7 * normal()),
    };
  });
  const asked = Array.from({ length: weeks }, (_, w) =>
    kinds.map((k) => pick(countChances(k.rate * (season[monthOf(w)] ?? 1), dispersion))),
  );
  return { kinds, dispersion, season, hours: 11 + 6 * uniform(), crate: 60, weeks, asked };
}

/** What a rule sees before it decides, and what it asks for: how many of each to make this week. */
export interface Week {
  readonly week: number;
  readonly onHand: readonly number[];
  /** Sold and left over after each market so far. */
  readonly past: readonly { readonly sold: readonly number[]; readonly left: readonly number[] }[];
}
export type Rule = (world: StallWorld, now: Week) => readonly number[];

/**
 * What a rule earns in a year beyond its materials; what is left in the end is worth half of its materials.
 */
export function earnedBy(world: StallWorld, rule: Rule): number {
  const onHand = world.kinds.map(() => 0);
  const past: { sold: number[]; left: number[] }[] = [];
  let earned = 0;
  let spare = 0;
  for (let week = 0; week < world.weeks; week++) {
    const wanted = rule(world, { week, onHand, past });
    let minutes = world.hours * 60 + spare;
    world.kinds.forEach((k, i) => {
      const n = Math.max(0, Math.min(wanted[i] ?? 0, Math.floor(minutes / k.minutes + 1e-9)));
      minutes -= n * k.minutes;
      onHand[i] = (onHand[i] ?? 0) + n;
      earned -= n * k.material;
    });
    // A piece that was begun is finished the week after, by every rule alike.
    spare = Math.min(minutes, 60);
    const sold = world.kinds.map((k, i) => {
      const n = Math.min(onHand[i] ?? 0, world.asked[week]?.[i] ?? 0);
      onHand[i] = (onHand[i] ?? 0) - n;
      earned += n * k.leaves;
      return n;
    });
    past.push({ sold, left: [...onHand] });
  }
  return earned + world.kinds.reduce((s, k, i) => s + 0.5 * k.material * (onHand[i] ?? 0), 0);
}

const HORIZON = 3;
const sellable = (
  w: StallWorld,
  onHand: readonly number[],
  chances: (i: number, week: number) => number[],
  week: number,
): Sellable[] =>
  w.kinds.map((k, i) => ({
    id: k.id,
    leaves: k.leaves,
    material: k.material,
    minutes: k.minutes,
    onHand: onHand[i] ?? 0,
    days: Array.from({ length: Math.min(HORIZON, w.weeks - week) }, (_, h) => chances(i, week + h)),
  }));

/** Lapka's advice, learned anew every so many weeks from what was sold. */
export function advised(every = 2): Rule {
  let model: ReturnType<typeof learnDemand> | undefined;
  return (w, { week, onHand, past }) => {
    if (week === 0) model = undefined;
    if (!model || week % every === 0) {
      const series: Series[] = w.kinds.map((k, i) => ({
        id: k.id,
        kind: k.kind,
        periods: past.flatMap((p, t): Period[] => {
          const [sold, left] = [p.sold[i] ?? 0, p.left[i] ?? 0];
          return sold + left === 0
            ? []
            : [{ month: monthOf(t), sold, soldOut: left === 0, there: sold + left, length: 1 }];
        }),
      }));
      model = learnDemand(series);
    }
    const known = model;
    const of = (i: number, at: number) => {
      const k = w.kinds[i];
      return (known.of.get(k?.id ?? "") ?? known.unknown(k?.kind ?? "")).chances(monthOf(at));
    };
    return adviseDay({ hours: w.hours, crate: w.crate, pieces: sellable(w, onHand, of, week) }).pieces.map(
      (p) => p.make,
    );
  };
}

/** Knows the rates, though not what the day will bring. */
export const clairvoyant: Rule = (w, { week, onHand }) =>
  adviseDay({
    hours: w.hours,
    crate: w.crate,
    pieces: sellable(
      w,
      onHand,
      (i, at) => countChances((w.kinds[i]?.rate ?? 0) * (w.season[monthOf(at)] ?? 1), w.dispersion),
      week,
    ),
  }).pieces.map((p) => p.make);

/** The same hours for every kind. */
export const equalShares: Rule = (w) =>
  w.kinds.map((k) => Math.round((w.hours * 60) / w.kinds.length / k.minutes));

/**
 * Makes what sold out last time, in equal shares of the hours; what was sold is made again where nothing did.
 */
export const whatSoldOut: Rule = (w, { past }) => {
  const last = past.at(-1);
  if (!last) return equalShares(w, { week: 0, onHand: [], past });
  const out = w.kinds.map((_, i) => last.left[i] === 0);
  const n = out.filter(Boolean).length;
  if (n === 0) return last.sold;
  return w.kinds.map((k, i) => (out[i] ? Math.round((w.hours * 60) / n / k.minutes) : 0));
};
