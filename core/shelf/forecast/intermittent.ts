/**
 * What is expected of the next period, and what was expected of each period before it came (null before that
 * exists). Demand is a list of amounts of equal periods, 0 or more, oldest first.
 */
export interface Forecast {
  readonly rate: number;
  readonly fitted: readonly (number | null)[];
}
/** Smoothing of the sizes, and of the intervals or the chance of any demand. Between 0 and 1. */
export interface Smoothing {
  readonly alpha: number;
  readonly beta?: number | undefined;
}
export type Method = "croston" | "sba" | "tsb" | "ses";
export const METHODS: readonly Method[] = ["croston", "sba", "tsb", "ses"];

/** Goes through the periods: `expect` says what is expected of the next one, `see` takes in what came. */
interface Model {
  readonly expect: () => number | null;
  readonly see: (demand: number) => void;
}
function over(demand: readonly number[], model: Model): Forecast {
  const fitted = demand.map((d) => {
    const expected = model.expect();
    model.see(d);
    return expected;
  });
  return { rate: model.expect() ?? 0, fitted };
}

/**
 * Croston's method: size and interval of the demands are smoothed apart, only when there is one; the rate is
 * size ÷ interval (J. D. Croston, "Forecasting and stock control for intermittent demands", Operational
 * Research Quarterly 23, 1972). `deflated` is the correction of its bias, (1 − β ÷ 2) with the interval's own
 * smoothing (A. A. Syntetos, J. E. Boylan, "The accuracy of intermittent demand estimates", International
 * Journal of Forecasting 21, 2005). Both from memory. The first demand is the first size, its position the
 * first interval.
 */
function croston({ alpha, beta = alpha }: Smoothing, deflated: boolean): Model {
  let size: number | undefined;
  let interval = 0;
  let since = 0;
  return {
    expect: () => (size === undefined ? null : ((deflated ? 1 - beta / 2 : 1) * size) / interval),
    see: (d) => {
      since++;
      if (d <= 0) return;
      if (size === undefined) [size, interval] = [d, since];
      else {
        size += alpha * (d - size);
        interval += beta * (since - interval);
      }
      since = 0;
    },
  };
}

/**
 * The chance of any demand is smoothed in every period, its size only when there is some, so that a piece
 * that nobody asks for fades (R. H. Teunter, A. A. Syntetos, M. Z. Babai, "Intermittent demand: linking
 * forecasting to inventory obsolescence", European Journal of Operational Research 214, 2011; from memory).
 * It starts at the first demand with 1 ÷ its position.
 */
function tsb({ alpha, beta = alpha }: Smoothing): Model {
  let size: number | undefined;
  let chance = 0;
  let period = 0;
  return {
    expect: () => (size === undefined ? null : chance * size),
    see: (d) => {
      period++;
      if (size === undefined) {
        if (d > 0) [size, chance] = [d, 1 / period];
        return;
      }
      chance += beta * ((d > 0 ? 1 : 0) - chance);
      if (d > 0) size += alpha * (d - size);
    },
  };
}

/** Simple exponential smoothing from the first value on (R. G. Brown, 1956; from memory). */
function ses({ alpha }: Smoothing): Model {
  let level: number | undefined;
  return {
    expect: () => level ?? null,
    see: (d) => {
      level = level === undefined ? d : level + alpha * (d - level);
    },
  };
}

/** @throws RangeError when a smoothing does not lie between 0 and 1 or a demand is below 0 */
export function forecast(demand: readonly number[], method: Method, smoothing: Smoothing): Forecast {
  for (const [name, s] of [
    ["alpha", smoothing.alpha],
    ["beta", smoothing.beta ?? smoothing.alpha],
  ] as const)
    if (!(s >= 0 && s <= 1)) throw new RangeError(`${name} lies between 0 and 1, not at ${s}`);
  const wrong = demand.findIndex((d) => !(d >= 0) || !Number.isFinite(d));
  if (wrong >= 0)
    throw new RangeError(`period ${wrong + 1} has a demand of ${demand[wrong]}: it is 0 or more`);
  if (method === "ses") return over(demand, ses(smoothing));
  if (method === "tsb") return over(demand, tsb(smoothing));
  return over(demand, croston(smoothing, method === "sba"));
}
