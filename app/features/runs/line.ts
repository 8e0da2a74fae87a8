import { batchFactor, type BatchLearning } from "@core/calibrate";
import { Z90 } from "@core/estimate";
import type { LinePlannedWith } from "@db/schema";
import type { NewRun } from "@db/queries/runs";
import type { ItemAnalysis } from "@core/item";
import type { AnalysedColourway } from "../items/load.server";

/**
 * What a line of a run is planned with: one piece's figures with their ranges, its time as one of `quantity`
 * made in a batch. The only place where an analysis becomes a planned line, so that "planned with" and "would
 * be now" are the same sum.
 */
export function plannedLine(
  label: string,
  revision: number,
  a: ItemAnalysis,
  quantity: number,
  batch: BatchLearning,
): LinePlannedWith {
  return {
    label,
    revision,
    ...secondsInRun(a, quantity, batch),
    cost: a.cost.total,
    costLow: a.cost.low,
    costHigh: a.cost.high,
    price: a.price,
    needs: a.needs,
    lengths: a.lengths,
  };
}

/** So many of an item in its colours, as a line that a run is given. */
export const newLine = (
  { entry, colourway, label, analysis }: AnalysedColourway,
  quantity: number,
  batch: BatchLearning,
): NewRun["lines"][number] => ({
  itemId: entry.item.id,
  revisionId: entry.revision.id,
  colourwayId: colourway?.id ?? null,
  quantity,
  plannedWith: plannedLine(label, entry.revision.number, analysis, quantity, batch),
});

/**
 * Seconds of one piece when so many are made: each doubling of a batch goes quicker, and how much so is
 * itself unsure.
 */
export function secondsInRun(
  a: ItemAnalysis,
  quantity: number,
  batch: BatchLearning,
): { readonly seconds: number; readonly secondsLow: number; readonly secondsHigh: number } {
  const { value, low, high } = a.piece.seconds;
  const { factor, sigma } = batchFactor(batch, Math.max(1, quantity));
  // Pace and slope are unsure apart from each other.
  const wider = (end: number) =>
    value > 0 ? Math.exp(Math.sign(end - value) * Math.hypot(Math.log(end / value), Z90 * sigma)) : 1;
  return {
    seconds: value * factor,
    secondsLow: value * factor * wider(low),
    secondsHigh: value * factor * wider(high),
  };
}

/**
 * What a line is planned with when another number of the same pieces is made: each goes quicker or slower by what the
 * size of the batch does; nothing else moves.
 */
export function atQuantity(
  planned: LinePlannedWith,
  from: number,
  to: number,
  batch: BatchLearning,
): LinePlannedWith {
  const times = batchFactor(batch, Math.max(1, to)).factor / batchFactor(batch, Math.max(1, from)).factor;
  const scaled = <T extends Omit<LinePlannedWith, "before">>(p: T): T => ({
    ...p,
    seconds: p.seconds * times,
    secondsLow: p.secondsLow * times,
    secondsHigh: p.secondsHigh * times,
  });
  const { before } = planned;
  return before
    ? { ...scaled(planned), before: { ...before, plannedWith: scaled(before.plannedWith) } }
    : scaled(planned);
}
