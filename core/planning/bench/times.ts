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

/** A step that is no round and has no sisters yet is asked about when it took so many times what is expected … */
const FAR_ABOVE = 3;
/** … and so much longer, ms: makers differ by a third, and a first piece is slower (common practice, no source). */
const MUCH_LONGER = 120_000;
/** Laps that say something of one another. */
const SISTERS = 3;

/**
 * Laps that lie far above their sisters': of rounds by the stitch, over all the rounds done; of other steps among
 * those of the same part and stage, and before there are such, above what is expected. A pause, unless she called
 * it work.
 */
export function pausesIn(steps: readonly BenchStep[], state: BenchState): LapWithPause[] {
  const at = new Map(steps.map((s) => [s.id, s]));
  const groups = new Map<string, { act: DoneAct; step: BenchStep }[]>();
  for (const act of state.done.values()) {
    const step = at.get(act.step);
    if (!step || !measured(step, act)) continue;
    const key = step.stage === "crochet" ? "" : JSON.stringify([step.part, step.stage, step.kind]);
    const laps = groups.get(key);
    if (laps) laps.push({ act, step });
    else groups.set(key, [{ act, step }]);
  }
  return [...groups].flatMap(([key, laps]) => {
    const found = key === "" || laps.length >= SISTERS ? amongSisters(laps) : farAboveExpected(laps);
    return found.filter((p) => !state.asWork.has(p.act.key));
  });
}

type Lap = Pick<LapWithPause, "act" | "step">;
const sizeOf = (step: BenchStep): number =>
  step.stage === "crochet" ? Math.max(LEAST_STITCHES, step.stitches) : 1;

function amongSisters(laps: readonly Lap[]): LapWithPause[] {
  const each = laps.map(({ act, step }) => act.ms / sizeOf(step));
  const usual = each.length > 0 ? median(each) : 0;
  return longLaps(each).flatMap((long) => {
    const found = laps[long.lap];
    return found ? [{ ...found, usualMs: Math.round(usual * sizeOf(found.step)) }] : [];
  });
}

const farAboveExpected = (laps: readonly Lap[]): LapWithPause[] =>
  laps.flatMap(({ act, step }) => {
    const usualMs = step.usualMs ?? Infinity;
    return act.ms > Math.max(FAR_ABOVE * usualMs, usualMs + MUCH_LONGER) ? [{ act, step, usualMs }] : [];
  });

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
