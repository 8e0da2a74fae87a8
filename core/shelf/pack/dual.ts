import type { Option, Problem } from "./problem";

/** Prices of a minute and of a place in the crate, with the bound that they prove. */
export interface Prices {
  readonly minute: number;
  readonly place: number;
  readonly bound: number;
}

const HALVINGS = 48;

/** Each choice's best option at these prices: it pays for what it takes. */
export function bestAt({ choices }: Problem, minute: number, place: number): Option[] {
  return choices.map(({ options }) => {
    let best = options[0] as Option;
    let most = -Infinity;
    for (const o of options) {
      const net = o.worth - minute * o.minutes - place * o.crate;
      if (net > most + 1e-12) [best, most] = [o, net];
    }
    return best;
  });
}

/**
 * No plan whatever earns more than the choices do at any prices of minutes and places, plus those prices
 * times what there is (Lagrangian relaxation; H. Everett, "Generalized Lagrange multiplier method",
 * Operations Research 11, 1963; from memory). The best such bound by halving: a dearer minute takes fewer
 * minutes, a dearer place fewer places.
 */
export function bestPrices(p: Problem): Prices {
  let best: Prices = { minute: 0, place: 0, bound: Infinity };
  const look = (minute: number, place: number) => {
    const chosen = bestAt(p, minute, place);
    let bound = minute * p.minutes + (place > 0 ? place * p.crate : 0);
    let [minutes, crate] = [0, 0];
    for (const o of chosen) {
      bound += o.worth - minute * o.minutes - place * o.crate;
      minutes += o.minutes;
      crate += o.crate;
    }
    if (bound < best.bound) best = { minute, place, bound };
    return { minutes, crate };
  };
  const dearest = Math.max(0, ...p.input.items.map((x) => Math.max(x.price, x.carry)));
  const dearestMinute = Math.max(0, ...p.input.items.map((x) => Math.max(x.price, x.carry) / x.minutes));
  /** Minutes that are taken at the best price of a place for this price of a minute. */
  const minutesAt = (minute: number): number => {
    const free = look(minute, 0);
    if (free.crate <= p.crate) return free.minutes;
    let [low, high] = [0, dearest];
    let taken = free.minutes;
    for (let i = 0; i < HALVINGS; i++) {
      const place = (low + high) / 2;
      const got = look(minute, place);
      if (got.crate > p.crate) low = place;
      else [high, taken] = [place, got.minutes];
    }
    return taken;
  };
  if (minutesAt(0) <= p.minutes) return best;
  let [low, high] = [0, dearestMinute];
  for (let i = 0; i < HALVINGS; i++) {
    const minute = (low + high) / 2;
    if (minutesAt(minute) > p.minutes) low = minute;
    else high = minute;
  }
  return best;
}
