import { batchFactor, type BatchLearning } from "@core/calibrate";
import { Z90 } from "@core/estimate";
import type { LinePlannedWith } from "@db/schema";
import type { ItemAnalysis } from "../items/analyse";

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
