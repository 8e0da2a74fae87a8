import type { BenchStep } from "./steps";

/**
 * Something done at the table. Acts come from several devices, each with a key of its own; together they are
 * the state.
 */
export type BenchAct = {
  /** Given by the device: sent twice, it counts once. */
  readonly key: string;
  /** Milliseconds since 1970, by the device's clock. */
  readonly at: number;
  readonly device: string;
  /** Whose hands did it, as far as it is known here. */
  readonly hand?: string | null;
} & (
  | {
      readonly kind: "done";
      /** From 1. */
      readonly piece: number;
      readonly step: string;
      /** Time at it by the device; 0 where it was not measured. */
      readonly ms: number;
    }
  | { readonly kind: "undo"; readonly of: string }
  | { readonly kind: "again"; readonly piece: number; readonly step: string }
  | { readonly kind: "note"; readonly piece: number; readonly step: string; readonly text: string }
  /** A long lap was work and no pause. */
  | { readonly kind: "work"; readonly of: string }
  /** What was on a ball of the cutting plan, behind a step. */
  | {
      readonly kind: "weighed";
      readonly piece: number;
      readonly step: string;
      readonly ball: string;
      readonly mg: number;
    }
);
export type WeighedAct = Extract<BenchAct, { kind: "weighed" }>;
export type DoneAct = Extract<BenchAct, { kind: "done" }>;

/** How several pieces are worked: each to its end, or one part of all of them after the other. */
export type BenchOrder = "piece" | "part";

export interface Place {
  readonly piece: number;
  /** Index of the step. */
  readonly step: number;
}

export interface BenchState {
  /** What is done, by `placeKey`. */
  readonly done: ReadonlyMap<string, DoneAct>;
  /** Done on two devices: the later ones, which change nothing. */
  readonly twice: readonly DoneAct[];
  readonly slips: number;
  /** How often each step was begun again. */
  readonly again: ReadonlyMap<string, number>;
  readonly notes: readonly Extract<BenchAct, { kind: "note" }>[];
  /** Balls that were weighed and not taken back, the last of each. */
  readonly weighed: ReadonlyMap<string, WeighedAct>;
  /** Keys of long laps that she called work. */
  readonly asWork: ReadonlySet<string>;
  /** Pieces with all their steps behind them. */
  readonly pieces: number;
}

export const placeKey = (piece: number, step: string): string => `${piece} ${step}`;

/**
 * The state that some acts come to, in whatever order they arrived; an act whose key was there before changes
 * nothing.
 */
export function benchState(
  steps: readonly BenchStep[],
  quantity: number,
  acts: readonly BenchAct[],
): BenchState {
  const own = new Map(acts.map((a) => [a.key, a]));
  const sorted = [...own.values()].sort((a, b) => a.at - b.at || (a.key < b.key ? -1 : 1));
  const undone = new Set(sorted.flatMap((a) => (a.kind === "undo" ? [a.of] : [])));
  const known = new Set(steps.map((s) => s.id));
  const done = new Map<string, DoneAct>();
  const twice: DoneAct[] = [];
  const notes: Extract<BenchAct, { kind: "note" }>[] = [];
  const weighed = new Map<string, WeighedAct>();
  const asWork = new Set<string>();
  const again = new Map<string, number>();
  for (const a of sorted) {
    if (a.kind === "work") asWork.add(a.of);
    if (undone.has(a.key)) continue;
    if (a.kind === "again") again.set(a.step, (again.get(a.step) ?? 0) + 1);
    else if (a.kind === "note") notes.push(a);
    else if (a.kind === "weighed") weighed.set(a.ball, a);
    else if (a.kind === "done" && known.has(a.step) && a.piece >= 1 && a.piece <= quantity) {
      const place = placeKey(a.piece, a.step);
      const before = done.get(place);
      if (!before) done.set(place, a);
      else if (before.device !== a.device) twice.push(a);
    }
  }
  let pieces = 0;
  for (let piece = 1; piece <= quantity; piece++)
    if (steps.length > 0 && steps.every((s) => done.has(placeKey(piece, s.id)))) pieces++;
  const slips = [...again.values()].reduce((a, b) => a + b, 0);
  return { done, twice, slips, again, notes, weighed, asWork, pieces };
}

/** Every place of a run's line in the order in which it is worked. */
export function* places(steps: readonly BenchStep[], quantity: number, order: BenchOrder): Generator<Place> {
  if (order === "piece") {
    for (let piece = 1; piece <= quantity; piece++)
      for (let step = 0; step < steps.length; step++) yield { piece, step };
    return;
  }
  for (let from = 0; from < steps.length;) {
    let to = from + 1;
    while (to < steps.length && together(steps[from], steps[to])) to++;
    for (let piece = 1; piece <= quantity; piece++)
      for (let step = from; step < to; step++) yield { piece, step };
    from = to;
  }
}
const together = (a: BenchStep | undefined, b: BenchStep | undefined): boolean =>
  a !== undefined && b !== undefined && a.part !== "" && a.part === b.part && b.kind !== "sew";

/**
 * Steps of a piece that wait for work which is not `own`: theirs is not done yet, or what has to be behind them
 * waits itself. What she passed over on purpose keeps nothing waiting. Linear in the steps and what they need.
 */
function waitsForOthers(
  steps: readonly BenchStep[],
  piece: number,
  state: BenchState,
  own: (step: BenchStep) => boolean,
): ReadonlySet<string> {
  const isDone = (id: string) => state.done.has(placeKey(piece, id));
  const others = new Set(steps.flatMap((s) => (own(s) ? [] : [s.id])));
  const out = new Set<string>();
  if (others.size === 0) return out;
  for (const s of steps)
    if (s.needs?.some((id) => !isDone(id) && (others.has(id) || out.has(id)))) out.add(s.id);
  return out;
}

/**
 * The first place of `own` steps that is not done and waits for nobody, behind `after` if one is left there;
 * undefined when all of them are done, or wait for what others make.
 */
export function nextPlace(
  steps: readonly BenchStep[],
  quantity: number,
  order: BenchOrder,
  state: BenchState,
  after?: Place,
  own: (step: BenchStep) => boolean = () => true,
): Place | undefined {
  let first: Place | undefined;
  let passed = after === undefined;
  const waits = new Map<number, ReadonlySet<string>>();
  const waiting = (piece: number): ReadonlySet<string> => {
    const known = waits.get(piece) ?? waitsForOthers(steps, piece, state, own);
    waits.set(piece, known);
    return known;
  };
  for (const p of places(steps, quantity, order)) {
    const step = steps[p.step];
    const open =
      step !== undefined &&
      own(step) &&
      !state.done.has(placeKey(p.piece, step.id)) &&
      !waiting(p.piece).has(step.id);
    if (open && passed) return p;
    if (open) first ??= p;
    if (after && p.piece === after.piece && p.step === after.step) passed = true;
  }
  return first;
}
