import type { Base, CheckedPart, CheckedRound, Expanded } from "../count/checked";
import { plainest } from "../count/checked";
import { chainsOf, freeLoopsIn, loopBase, loopsOf, partNamed, type LoopsWorked } from "../surroundings";
import { limbsBefore } from "./limbs";
import type { Reporter } from "./reporter";

/** The round before, and what of it is still there to be worked into. */
export interface Before {
  readonly live: number | undefined;
  readonly held: number;
  readonly previous: CheckedRound | undefined;
  readonly index: number;
  /** What a limb may take of the piece that is divided, instead of all that is live. */
  readonly shares?: readonly number[];
}

/**
 * What there is to work into. Loops of an earlier round that are not free are told, unless `to` is left out.
 */
export function baseFor(
  e: Expanded,
  at: Before,
  rounds: readonly CheckedRound[],
  worked: LoopsWorked,
  before: readonly CheckedPart[],
  to: Reporter | undefined,
): Base {
  const { live, held, previous } = at;
  const free = freeLoopsIn(plainest(e).nodes);
  if (free) {
    const { part, round } = free.of;
    const named = part === undefined ? undefined : partNamed(part, before);
    const own = named ? undefined : loopBase(free.of, rounds, worked);
    const other = own
      ? undefined
      : (named ? [named] : [...before].reverse())
          .map((p) => loopBase(free.of, p.rounds))
          .find((x) => x !== undefined && (x.free || named !== undefined));
    const found = own ?? other;
    if (found && !found.free && round !== undefined)
      to?.report(free, { code: "loop-not-free", which: free.of.which ?? "free", round }, "error");
    if (found?.available !== undefined)
      return { live: found.available, options: [], held: 0, into: own?.into, named: own !== undefined };
    if (!previous) return { live: undefined, options: [], held: 0, into: undefined, named: false };
  }
  const options: number[] = [...(at.shares ?? [])];
  if (live !== undefined && previous) {
    const chains = chainsOf(previous.nodes, previous.available);
    if (previous.bridge > 0 && previous.count === previous.offers) options.push(live + previous.bridge);
    if (chains.loose > 0) options.push(live + chains.loose, live + chains.loose + chains.bridge);
    if (previous.count !== previous.offers && previous.offers > 0) options.push(previous.offers);
    if (held > 0) options.push(live + held);
    const loops = loopsOf(plainest(e).nodes);
    // A frill in one loop, the next round in the other one behind it.
    if (
      previous.available !== undefined &&
      ((previous.loops === "front" && loops === "back") || (previous.loops === "back" && loops === "front"))
    )
      options.push(previous.available);
  }
  const limbs = limbsBefore(before, rounds.length, live);
  const into = at.index >= 0 ? at.index : undefined;
  return { live, options, held, into, named: false, ...(limbs ? { limbs } : {}) };
}
