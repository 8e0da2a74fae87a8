import { median } from "simple-statistics";
import { longLaps } from "../../calibrate";
import type { Stage } from "../../estimate";
import { placeKey, type BenchState, type DoneAct } from "./state";
import type { BenchStep } from "./steps";

/** A lap with a pause in it: what it took, and what its sisters took for as many stitches. */
export interface LapWithPause {
  readonly act: DoneAct;
  readonly step: BenchStep;
  readonly usualMs: number;
}

/** One part's stage of one piece, timed by the steps as they were done. */
export interface BenchTiming {
  readonly piece: number;
  readonly part: string;
  readonly stage: Stage;
  /** Whole seconds, pauses cut out. */
  readonly seconds: number;
  readonly laps: readonly number[];
  /** Of how many copies of the part. */
  readonly copies: number;
  /** What it was measured by, in the order of the steps. */
  readonly acts: readonly DoneAct[];
}

/** A round of fewer stitches takes about as long: the hand is cramped. */
export const LEAST_STITCHES = 6;

/** Nobody is quicker than this at a stitch, or at a step that is none, ms (from memory). */
const QUICKEST_STITCH = 300;
const QUICKEST_STEP = 2000;
/**
 * Whether an act's time is one of work: what was ticked off afterwards, tap by tap, says nothing of a pace.
 */
export function measured(step: BenchStep, act: DoneAct): boolean {
  const least = step.stage === "crochet" ? QUICKEST_STITCH * Math.max(1, step.stitches) : QUICKEST_STEP;
  return act.ms >= least;
}

/**
 * Laps that lie far above their sisters' pace by the stitch, over all the rounds done: a pause unless she
 * called it work.
 */
export function pausesIn(steps: readonly BenchStep[], state: BenchState): LapWithPause[] {
  const at = new Map(steps.map((s) => [s.id, s]));
  const rounds = [...state.done.values()].flatMap((act) => {
    const step = at.get(act.step);
    return step?.stage === "crochet" && measured(step, act) ? [{ act, step }] : [];
  });
  const perStitch = rounds.map(({ act, step }) => act.ms / Math.max(LEAST_STITCHES, step.stitches));
  const usual = perStitch.length > 0 ? median(perStitch) : 0;
  return longLaps(perStitch).flatMap((long) => {
    const found = rounds[long.lap];
    if (!found || state.asWork.has(found.act.key)) return [];
    const usualMs = Math.round(usual * Math.max(LEAST_STITCHES, found.step.stitches));
    return [{ ...found, usualMs }];
  });
}

/** The timings that are whole: every step of a part's stage in a piece is done and was measured. */
export function timingsOf(steps: readonly BenchStep[], quantity: number, state: BenchState): BenchTiming[] {
  const groups = new Map<string, BenchStep[]>();
  for (const s of steps) {
    const key = `${s.part}\u0000${s.stage}`;
    groups.set(key, [...(groups.get(key) ?? []), s]);
  }
  const paused = new Map(pausesIn(steps, state).map((p) => [p.act.key, p.usualMs]));
  const out: BenchTiming[] = [];
  for (const own of groups.values()) {
    const [first] = own;
    if (!first) continue;
    for (let piece = 1; piece <= quantity; piece++) {
      const acts = own.flatMap((s) => {
        const act = state.done.get(placeKey(piece, s.id));
        return act && measured(s, act) ? [act] : [];
      });
      if (acts.length < own.length) continue;
      const ms = acts.map((a) => paused.get(a.key) ?? a.ms);
      const laps = ms.map((x) => Math.max(1, Math.round(x / 1000)));
      out.push({
        piece,
        part: first.part,
        stage: first.stage,
        seconds: Math.max(1, Math.round(ms.reduce((a, b) => a + b, 0) / 1000)),
        laps,
        copies: first.copies,
        acts,
      });
    }
  }
  return out;
}
