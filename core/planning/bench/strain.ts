import { pausesIn } from "./times";
import type { BenchState, DoneAct } from "./state";
import type { BenchStep } from "./steps";

/** A stretch of work at the table without a pause, in ms since 1970. */
export interface Stint {
  readonly from: number;
  readonly to: number;
  /** Tight work: closing rounds over filling. */
  readonly tight: boolean;
}

/** What a day asked of a hand, ms. */
export interface Strain {
  readonly work: number;
  readonly tight: number;
  /** Work since the hand last lay still for as long as a break is. */
  readonly sinceBreak: number;
}

/** A shorter stop is no break: the yarn was untangled (common practice, no source). */
export const LEAST_BREAK_MS = 5 * 60_000;

/** Over filling, through tight loops, or drawn shut: what tires a hand most (craft §11; common practice, no source). */
const isTight = (step: BenchStep): boolean => step.kind === "close" || step.helps.includes("front-loops");

/**
 * The stretches of work that some acts tell of, those that end at or after `from`; a pause found in a lap is cut
 * off its beginning. `hand`: only acts of these hands, and those that say nothing of whose they are.
 */
export function stintsOf(
  steps: readonly BenchStep[],
  state: BenchState,
  from: number,
  hand: string | null,
): Stint[] {
  const at = new Map(steps.map((s) => [s.id, s]));
  const paused = new Map(pausesIn(steps, state).map((p) => [p.act.key, p.usualMs]));
  const own = (a: DoneAct) => a.at >= from && a.ms > 0 && (a.hand === undefined || a.hand === hand);
  return [...state.done.values()].filter(own).flatMap((act) => {
    const step = at.get(act.step);
    const ms = Math.min(paused.get(act.key) ?? act.ms, act.at - from);
    return step && ms > 0 ? [{ from: act.at - ms, to: act.at, tight: isTight(step) }] : [];
  });
}

/**
 * What stints come to. Those of several lines and devices may lie over each other: a minute counts once. With
 * `now`, a hand that has lain still since is rested. Linear in the stints, but for sorting them.
 */
export function strainOf(
  stints: readonly Stint[],
  { now, leastBreak = LEAST_BREAK_MS }: { readonly now?: number; readonly leastBreak?: number } = {},
): Strain {
  let work = 0;
  let tight = 0;
  let sinceBreak = 0;
  let until = Number.NEGATIVE_INFINITY;
  for (const s of [...stints].sort((a, b) => a.from - b.from || a.to - b.to)) {
    const from = Math.max(s.from, until);
    if (s.to <= from) continue;
    if (s.from - until >= leastBreak) sinceBreak = 0;
    const ms = s.to - from;
    work += ms;
    sinceBreak += ms;
    if (s.tight) tight += ms;
    until = s.to;
  }
  if (now !== undefined && now - until >= leastBreak) sinceBreak = 0;
  return { work, tight, sinceBreak };
}
