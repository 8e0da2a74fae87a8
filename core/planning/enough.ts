import { normalBelow } from "../calibrate";

/** A length as it is expected, mg, with the two ways in which it may come out longer, of the logarithm. */
export interface ExpectedLength {
  readonly mg: number;
  /** Her hand, the yarn, the band: one error that all lengths of a shade share. */
  readonly shared: number;
  /** This piece against the next. */
  readonly piece: number;
}

/** Points over which the shared error is summed, in standard deviations. */
const POINTS = Array.from({ length: 81 }, (_, i) => -5 + i / 8);

/**
 * What a length is reserved by, as a factor, so that a whole run of `n` such lengths, `perBall` to a ball, is
 * enough with `chance`: the shared error moves all of them together; the scatter of pieces evens out within a
 * ball, but each of the balls has to hold. By halving. 1 where no more than an even chance is asked for.
 */
export function reserveFactor(
  of: Pick<ExpectedLength, "shared" | "piece">,
  n: number,
  perBall: number,
  chance: number,
): number {
  if (chance <= 0.5 || !(of.shared > 0 || of.piece > 0)) return 1;
  const many = Math.max(1, Math.min(n, Math.floor(perBall)));
  const balls = Math.max(1, Math.ceil(n / many));
  const apart = Math.max(of.piece / Math.sqrt(many), 1e-6);
  /** Chance that all of the balls hold with a reserve of `r`, of the logarithm. */
  const held = (r: number) => {
    let sum = 0;
    let all = 0;
    for (const s of POINTS) {
      const weight = Math.exp((-s * s) / 2);
      sum += weight * normalBelow((r - s * of.shared) / apart) ** balls;
      all += weight;
    }
    return sum / all;
  };
  let [low, high] = [0, 5 * of.shared + 6 * of.piece];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (held(middle) < chance) low = middle;
    else high = middle;
  }
  return Math.exp(high);
}
const HALVINGS = 24;

/**
 * The chance that every ball holds what is cut from it: over the shared error, the product of each ball's own
 * chance under the scatter of its pieces. A ball's lengths are worked one after the other, so what one leaves
 * over serves the next.
 */
export function chanceEnough(
  balls: readonly { readonly mg: number; readonly lengths: readonly ExpectedLength[] }[],
): number {
  let sum = 0;
  let all = 0;
  for (const s of POINTS) {
    const weight = Math.exp((-s * s) / 2);
    let holds = 1;
    for (const ball of balls) {
      let mean = 0;
      let variance = 0;
      for (const x of ball.lengths) {
        const mg = x.mg * Math.exp(s * x.shared);
        mean += mg;
        variance += (mg * x.piece) ** 2;
      }
      holds *= variance > 0 ? normalBelow((ball.mg - mean) / Math.sqrt(variance)) : Number(mean <= ball.mg);
    }
    sum += weight * holds;
    all += weight;
  }
  return sum / all;
}
