import type { Prices } from "./dual";
import type { Option, Problem } from "./problem";

/** States that are kept after each choice; below it nothing is left out. */
const MOST_STATES = 60_000;
const NEAR = 1e-9;

export interface Found {
  readonly options: readonly Option[];
  readonly worth: number;
  readonly bound: number;
}

const sum = (list: readonly Option[], pick: (o: Option) => number) => list.reduce((s, o) => s + pick(o), 0);
const fits = (p: Problem, minutes: number, crate: number) => minutes <= p.minutes + 1e-6 && crate <= p.crate;

/**
 * A good plan at once: each next piece that is worth most for what it takes, then exchanges of one piece for
 * another.
 */
export function greedy(p: Problem, prices: Prices): Option[] | undefined {
  const at = p.choices.map(() => 0);
  const option = (c: number, k = at[c] ?? 0) => p.choices[c]?.options[k];
  let minutes = sum(
    p.choices.map((c) => c.options[0] as Option),
    (o) => o.minutes,
  );
  let crate = sum(
    p.choices.map((c) => c.options[0] as Option),
    (o) => o.crate,
  );
  if (!fits(p, minutes, crate)) return undefined;
  const step = (c: number, by: number) => {
    const [from, to] = [option(c), option(c, (at[c] ?? 0) + by)];
    return from && to
      ? { worth: to.worth - from.worth, minutes: to.minutes - from.minutes, crate: to.crate - from.crate }
      : undefined;
  };
  const take = (c: number, by: number, s: { minutes: number; crate: number }) => {
    at[c] = (at[c] ?? 0) + by;
    minutes += s.minutes;
    crate += s.crate;
  };
  for (;;) {
    let best: { c: number; s: NonNullable<ReturnType<typeof step>>; rate: number } | undefined;
    for (let c = 0; c < at.length; c++) {
      const s = step(c, 1);
      if (!s || s.worth <= 0 || !fits(p, minutes + s.minutes, crate + s.crate)) continue;
      const rate = s.worth / (prices.minute * s.minutes + prices.place * s.crate + 1e-9);
      if (!best || rate > best.rate) best = { c, s, rate };
    }
    if (best) {
      take(best.c, 1, best.s);
      continue;
    }
    // One piece less of one thing, one more of another.
    const swap = exchange();
    if (!swap) break;
    take(swap.out, -1, swap.less);
    take(swap.in, 1, swap.more);
  }
  return at.map((_, c) => option(c) as Option);

  function exchange() {
    for (let a = 0; a < at.length; a++) {
      const less = step(a, -1);
      if (!less) continue;
      for (let b = 0; b < at.length; b++) {
        const more = a === b ? undefined : step(b, 1);
        if (
          more &&
          less.worth + more.worth > 1e-7 &&
          fits(p, minutes + less.minutes + more.minutes, crate + less.crate + more.crate)
        )
          return { out: a, in: b, less, more };
      }
    }
    return undefined;
  }
}

interface State {
  readonly minutes: number;
  readonly crate: number;
  readonly worth: number;
  readonly option: Option | undefined;
  readonly from: State | undefined;
}

/**
 * The best plan: dynamic programming over the choices, where a state is dropped when another takes no more
 * and is worth as much, or when not even the best prices make it good enough to beat what is found already.
 * Options that cost more than the gap are left out from the beginning.
 */
export function bestPlan(p: Problem, prices: Prices): Found | undefined {
  const first = greedy(p, prices);
  if (!first && !feasible(p)) return undefined;
  let worth = first ? sum(first, (o) => o.worth) : -Infinity;
  let options = first ?? [];
  const net = (o: Option) => o.worth - prices.minute * o.minutes - prices.place * o.crate;
  const gains = p.choices.map((c) => Math.max(...c.options.map(net)));
  const gap = () => prices.bound - worth + NEAR;
  if (gap() <= NEAR * Math.max(1, Math.abs(worth))) return { options, worth, bound: worth };
  const kept = p.choices
    .map((c, i) => ({ i, options: c.options.filter((o) => (gains[i] ?? 0) - net(o) <= gap()) }))
    .sort((a, b) => a.options.length - b.options.length);
  let ahead = kept.reduce((s, k) => s + (gains[k.i] ?? 0), 0);
  let states: State[] = [{ minutes: 0, crate: 0, worth: 0, option: undefined, from: undefined }];
  let dropped = -Infinity;
  for (const k of kept) {
    ahead -= gains[k.i] ?? 0;
    const reach = (s: State) =>
      s.worth +
      ahead +
      prices.minute * (p.minutes - s.minutes) +
      (prices.place > 0 ? prices.place * (p.crate - s.crate) : 0);
    const next: State[] = [];
    for (const s of states)
      for (const o of k.options) {
        const t: State = {
          minutes: s.minutes + o.minutes,
          crate: s.crate + o.crate,
          worth: s.worth + o.worth,
          option: o,
          from: s,
        };
        if (fits(p, t.minutes, t.crate) && reach(t) > worth + NEAR) next.push(t);
      }
    states = undominated(next);
    if (states.length > MOST_STATES) {
      states.sort((a, b) => reach(b) - reach(a));
      dropped = Math.max(dropped, reach(states[MOST_STATES] as State));
      states = states.slice(0, MOST_STATES);
    }
  }
  for (const s of states)
    if (s.worth > worth) {
      worth = s.worth;
      options = unwound(
        s,
        kept.map((k) => k.i),
      );
    }
  if (options.length === 0) return undefined;
  return { options, worth, bound: Math.min(prices.bound, Math.max(worth, dropped)) };
}

/** Is there any plan at all? What has to be brought takes the least of everything. */
const feasible = (p: Problem): boolean =>
  fits(
    p,
    p.choices.reduce((s, c) => s + Math.min(...c.options.map((o) => o.minutes)), 0),
    p.choices.reduce((s, c) => s + Math.min(...c.options.map((o) => o.crate)), 0),
  );

function unwound(last: State, order: readonly number[]): Option[] {
  const out: Option[] = [];
  let k = order.length - 1;
  for (let s: State | undefined = last; s?.option; s = s.from) out[order[k--] ?? 0] = s.option;
  return out;
}

/** States that no other beats in minutes, places and worth at once. */
function undominated(list: State[]): State[] {
  list.sort((a, b) => a.minutes - b.minutes || a.crate - b.crate || b.worth - a.worth);
  /** By places taken, rising: what is worth most with so many places or fewer. */
  const front: { crate: number; worth: number }[] = [];
  const out: State[] = [];
  for (const s of list) {
    let low = 0;
    let high = front.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((front[middle]?.crate ?? 0) <= s.crate) low = middle + 1;
      else high = middle;
    }
    if (low > 0 && (front[low - 1]?.worth ?? 0) >= s.worth - NEAR) continue;
    out.push(s);
    let end = low;
    while (end < front.length && (front[end]?.worth ?? 0) <= s.worth) end++;
    const same = low > 0 && front[low - 1]?.crate === s.crate ? 1 : 0;
    front.splice(low - same, end - low + same, { crate: s.crate, worth: s.worth });
  }
  return out;
}
