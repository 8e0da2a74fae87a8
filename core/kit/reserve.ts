import { normalBelow } from "../calibrate/calibration";

/**
 * How strangers crochet about the maker of a pattern: log-normal, relative standard deviation (from memory:
 * 13 %).
 */
export const STRANGERS = 0.13;
/** The kit's own hook takes a part of it away: what is left (common practice, no source). */
export const WITH_HOOK = 0.8;
/** Winding by turns or on a kitchen scale (common practice, no source). */
export const WINDING = 0.02;

export interface ColourInput {
  /** What one piece takes in her own hand, in whatever is measured: grams or metres. */
  readonly amount: number;
  /** Standard deviation of its logarithm: what her own estimate leaves open. */
  readonly sigma: number;
}
export interface ReserveInput {
  readonly colours: readonly ColourInput[];
  /** Chance that a buyer runs out of any colour, above 0 and below 1. */
  readonly chance: number;
  readonly strangers?: number;
  readonly winding?: number;
  readonly hookInKit: boolean;
}
export interface Reserve {
  /** Each colour is wound so many of its spreads above what she uses. */
  readonly z: number;
  readonly amounts: readonly number[];
  /** Of all colours together: share above what she uses. */
  readonly share: number;
  /** Spread of one buyer about her, of the logarithm. */
  readonly strangers: number;
}

/** Steps of the integral over how loosely a buyer crochets, and its ends in spreads. */
const STEPS = 400;
const ENDS = 8;

const spreads = (q: ReserveInput) => {
  const strangers = (q.strangers ?? STRANGERS) * (q.hookInKit ? WITH_HOOK : 1);
  const own = q.colours.map((c) => Math.hypot(c.sigma, q.winding ?? WINDING));
  return { strangers, own, all: own.map((s) => Math.hypot(s, strangers)) };
};

/**
 * Chance that a buyer runs out of at least one colour when each has exp(z × its spread) times what she uses.
 * A buyer is as loose in every colour: given that, colours are apart from each other. ∫ φ(t) (1 − Π Φ((z σᵢ −
 * t s) ÷ oᵢ)) dt by the trapezoid rule.
 */
export function chanceShort(z: number, q: ReserveInput): number {
  const { strangers, own, all } = spreads(q);
  const h = (2 * ENDS) / STEPS;
  let sum = 0;
  for (let i = 0; i <= STEPS; i++) {
    const t = -ENDS + i * h;
    const enough = own.reduce(
      (p, o, k) => p * normalBelow((z * (all[k] ?? 0) - t * strangers) / Math.max(1e-9, o)),
      1,
    );
    sum += (i === 0 || i === STEPS ? 0.5 : 1) * Math.exp((-t * t) / 2) * (1 - enough);
  }
  return (sum * h) / Math.sqrt(2 * Math.PI);
}

/**
 * How much of each colour goes into a kit so that at most the chosen share of buyers runs out.
 * @throws RangeError when the chance is not between 0 and 1
 */
export function reserveOf(q: ReserveInput): Reserve {
  if (!(q.chance > 0 && q.chance < 1))
    throw new RangeError(`reserveOf: a chance lies between 0 and 1, got ${q.chance}`);
  let low = -ENDS;
  let high = ENDS;
  for (let i = 0; i < 60; i++) {
    const mid = (low + high) / 2;
    if (chanceShort(mid, q) > q.chance) low = mid;
    else high = mid;
  }
  const { strangers, all } = spreads(q);
  const amounts = q.colours.map((c, k) => c.amount * Math.exp(high * (all[k] ?? 0)));
  const used = q.colours.reduce((s, c) => s + c.amount, 0);
  return {
    z: high,
    amounts,
    share: used > 0 ? amounts.reduce((a, b) => a + b, 0) / used - 1 : 0,
    strangers,
  };
}

/** Chance of running out against the reserve, as shares: what a curve is drawn of. */
export function reserveCurve(
  q: Omit<ReserveInput, "chance">,
  points = 24,
): { share: number; chance: number }[] {
  const { all } = spreads({ ...q, chance: 0.5 });
  const used = q.colours.reduce((s, c) => s + c.amount, 0);
  return Array.from({ length: points + 1 }, (_, i) => {
    const z = (3.2 * i) / points;
    const wound = q.colours.reduce((s, c, k) => s + c.amount * Math.exp(z * (all[k] ?? 0)), 0);
    return { share: used > 0 ? wound / used - 1 : 0, chance: chanceShort(z, { ...q, chance: 0.5 }) };
  });
}
