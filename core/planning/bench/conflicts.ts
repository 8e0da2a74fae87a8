import { placeKey, type BenchState, type DoneAct } from "./state";
import type { BenchStep } from "./steps";

/** Steps of one piece that two devices did while they did not know of each other. */
export interface Conflict {
  readonly piece: number;
  /** The device whose acts came later and change nothing so far. */
  readonly device: string;
  /** Both sides, step by step: what counts, and what came later. */
  readonly both: readonly { readonly counts: DoneAct; readonly later: DoneAct }[];
}

/** What two devices did of the same piece, by piece and by the later device. Linear in the acts. */
export function conflictsOf(state: BenchState): Conflict[] {
  const found = new Map<string, { piece: number; device: string; both: Conflict["both"][number][] }>();
  for (const later of state.twice) {
    const counts = state.done.get(placeKey(later.piece, later.step));
    if (!counts) continue;
    const key = `${later.piece} ${later.device}`;
    const own = found.get(key) ?? { piece: later.piece, device: later.device, both: [] };
    own.both.push({ counts, later });
    found.set(key, own);
  }
  return [...found.values()];
}

/** The first piece of which nothing is done; undefined when each was begun. */
export function untouchedPiece(
  steps: readonly BenchStep[],
  quantity: number,
  state: BenchState,
): number | undefined {
  for (let piece = 1; piece <= quantity; piece++)
    if (steps.every((s) => !state.done.has(placeKey(piece, s.id)))) return piece;
  return undefined;
}
