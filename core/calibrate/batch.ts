/**
 * How much quicker a hand gets within a batch: seconds of piece i go with i^slope (Wright's law), Gaussian
 * about the slope.
 */
export interface BatchLearning {
  /** log2 of what each doubling leaves: −0.074 for 95 %. */
  readonly slope: number;
  readonly sd: number;
  /** Batches it rests on; 0 for the trade's average. */
  readonly batches: number;
  /**
   * Size of the batches that were timed (geometric mean): there the pace is known, elsewhere only through the
   * slope.
   */
  readonly around: number;
}
/** A sitting: how many pieces, and the seconds of each when laps were taken. */
export interface Sitting {
  readonly pieces: number;
  readonly laps: readonly number[];
}

/**
 * Each doubling of a batch of small pieces takes 4 % less time, for nine of ten hands between none and 8 %
 * (from memory).
 */
export const BATCH_PRIOR = { slope: Math.log2(0.96), sd: 0.037 } as const;
/** One lap against the curve, of the logarithm (from memory). */
export const LAP_SIGMA = 0.07;
/**
 * Figures of one piece are those of a batch of this size, from the first piece to the last (from memory: a
 * sitting's worth).
 */
export const USUAL_BATCH = 10;

/**
 * The slope from timed batches: least squares of log(seconds) on log(number) within each batch, each with its
 * own first piece, drawn towards the trade's slope by their precisions. Closed form; batches of one lap tell
 * nothing.
 */
export function learnBatch(sittings: readonly Sitting[]): BatchLearning {
  let precision = 1 / BATCH_PRIOR.sd ** 2;
  let sum = BATCH_PRIOR.slope * precision;
  let used = 0;
  for (const { laps } of sittings) {
    const points = laps
      .map((s, i) => ({ x: Math.log(i + 1), y: Math.log(s) }))
      .filter((p) => Number.isFinite(p.y));
    if (points.length < 2) continue;
    const mx = points.reduce((s, p) => s + p.x, 0) / points.length;
    const my = points.reduce((s, p) => s + p.y, 0) / points.length;
    precision += points.reduce((s, p) => s + (p.x - mx) ** 2, 0) / LAP_SIGMA ** 2;
    sum += points.reduce((s, p) => s + (p.x - mx) * (p.y - my), 0) / LAP_SIGMA ** 2;
    used++;
  }
  return {
    slope: sum / precision,
    sd: Math.sqrt(1 / precision),
    batches: used,
    around:
      sittings.length > 0
        ? Math.exp(sittings.reduce((t, b) => t + Math.log(Math.max(1, b.pieces)), 0) / sittings.length)
        : USUAL_BATCH,
  };
}

/** Seconds of piece i of a batch, against a piece of a batch of usual size. */
export const lapFactor = (slope: number, i: number): number => i ** slope / meanOfBatch(slope, USUAL_BATCH);

/** Mean of i^slope over i = 1…pieces. */
function meanOfBatch(slope: number, pieces: number): number {
  let sum = 0;
  for (let i = 1; i <= pieces; i++) sum += i ** slope;
  return sum / pieces;
}

/**
 * Seconds a piece takes in a batch of `pieces`, against one in a batch of usual size; with how unsure the
 * slope leaves it (relative standard deviation): nothing at the size that was timed, more the further from
 * it. @throws RangeError below one piece
 */
export function batchFactor(
  b: Pick<BatchLearning, "slope" | "sd" | "around">,
  pieces: number,
): { readonly factor: number; readonly sigma: number } {
  if (!(pieces >= 1)) throw new RangeError(`batchFactor: a batch has at least one piece, got ${pieces}`);
  const timed = Math.max(1, Math.round(b.around));
  const against = (size: number, slope: number) => meanOfBatch(slope, pieces) / meanOfBatch(slope, size);
  return {
    factor: against(USUAL_BATCH, b.slope),
    sigma: Math.abs(Math.log(against(timed, b.slope + b.sd) / against(timed, b.slope))),
  };
}
