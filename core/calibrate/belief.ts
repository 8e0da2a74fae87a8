/** One thing a measurement rests on, and how much of it: a hand, a yarn line, a shade, an item. */
export type Row = readonly (readonly [name: string, weight: number])[];

/** A measurement against what was believed before it. */
export interface Surprise {
  readonly error: number;
  readonly variance: number;
}

/**
 * Models are averaged by how well each foretold what came (J. A. Hoeting et al., "Bayesian model averaging: a
 * tutorial", Statistical Science 14, 1999; from memory): shares that add up to 1.
 */
export function sharesOf(evidence: readonly number[]): number[] {
  const best = Math.max(...evidence);
  const weights = evidence.map((e) => Math.exp(e - best));
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => w / sum);
}

/** How many standard deviations off a measurement was from what the models said together. */
export function deviation(shares: readonly number[], of: readonly Surprise[]): number {
  let mean = 0;
  let square = 0;
  of.forEach(({ error, variance }, i) => {
    const w = shares[i] ?? 0;
    mean += w * error;
    square += w * (variance + error ** 2);
  });
  return mean / Math.sqrt(Math.max(1e-300, square - mean ** 2));
}

/**
 * What a noisy measurement is weighed by when it lies far off: beyond so many deviations it counts for less.
 */
const FAR = 2;

/**
 * A Gaussian belief over named effects in Kalman's form: each effect begins at 0 with its own variance, a
 * measurement is a sum of some of them and noise, and an effect may wander between measurements (random
 * walk). Exact for Gaussian noise; a measurement that lies far from what was believed has its noise raised to
 * where it would be usual, so that heavy tails pull little (Huber's weights; from memory). O(effects²) a
 * measurement.
 */
export class Belief {
  private readonly index = new Map<string, number>();
  private n = 0;
  /** Room for so many effects; the covariances lie row behind row, `room` apart. */
  private room = 16;
  private mean = new Float64Array(this.room);
  private cov = new Float64Array(this.room * this.room);
  private gain = new Float64Array(this.room);
  /** Logarithm of the density of all measurements seen, up to a constant. */
  evidence = 0;

  /** Names an effect with the variance it begins with; once named it stays as it is. */
  begin(name: string, variance: number): void {
    if (this.index.has(name)) return;
    if (this.n === this.room) this.grow();
    const i = this.n++;
    this.index.set(name, i);
    this.cov[i * this.room + i] = variance;
  }

  private grow(): void {
    const { room: old, cov } = this;
    this.room = old * 2;
    const mean = new Float64Array(this.room);
    mean.set(this.mean);
    this.mean = mean;
    this.gain = new Float64Array(this.room);
    this.cov = new Float64Array(this.room * this.room);
    for (let k = 0; k < old; k++) this.cov.set(cov.subarray(k * old, (k + 1) * old), k * this.room);
  }

  has(name: string): boolean {
    return this.index.has(name);
  }

  /** The effect has wandered: its variance grows. */
  wander(name: string, variance: number): void {
    const i = this.index.get(name);
    if (i !== undefined) this.cov[i * this.room + i] = (this.cov[i * this.room + i] ?? 0) + variance;
  }

  /** Places and weights of the effects of a row that were named, one behind the other. */
  private placed(row: Row): number[] {
    const out: number[] = [];
    for (const [name, w] of row) {
      const i = this.index.get(name);
      if (i !== undefined) out.push(i, w);
    }
    return out;
  }

  private variance(known: readonly number[]): number {
    let variance = 0;
    for (let a = 0; a < known.length; a += 2) {
      const at = (known[a] as number) * this.room;
      for (let b = 0; b < known.length; b += 2)
        variance +=
          (known[a + 1] as number) *
          (known[b + 1] as number) *
          (this.cov[at + (known[b] as number)] as number);
    }
    return Math.max(0, variance);
  }

  private expected(known: readonly number[]): number {
    let mean = 0;
    for (let a = 0; a < known.length; a += 2)
      mean += (known[a + 1] as number) * (this.mean[known[a] as number] as number);
    return mean;
  }

  /** Mean and variance of a sum of effects. Effects that were never named count as 0. */
  of(row: Row): { mean: number; variance: number } {
    const known = this.placed(row);
    return { mean: this.expected(known), variance: this.variance(known) };
  }

  /**
   * Takes in a measurement of a sum of effects, all of them begun before. `heavy`: one far off pulls little.
   * Gives what was expected of it before: how far off it was and with what variance, noise included.
   */
  see(row: Row, value: number, noise: number, heavy = true): Surprise {
    const known = this.placed(row);
    const variance = this.variance(known);
    const error = value - this.expected(known);
    const usual = Math.sqrt(variance + noise);
    const far = Math.abs(error) / usual;
    const raised = heavy && far > FAR ? noise + (variance + noise) * (far / FAR - 1) : noise;
    // Student's density with five degrees of freedom: one odd measurement does not decide between models.
    this.evidence -= 0.5 * Math.log(variance + noise) + 3 * Math.log1p((far * far) / 5);
    this.update(known, error, variance + raised);
    return { error, variance: variance + noise };
  }

  /**
   * Kalman's step. Effects that have nothing to do with what was measured stay as they are, and cost nothing.
   */
  private update(known: readonly number[], error: number, total: number): void {
    const { n, room, mean, cov, gain } = this;
    const touched: number[] = [];
    for (let k = 0; k < n; k++) {
      let g = 0;
      for (let a = 0; a < known.length; a += 2)
        g += (known[a + 1] as number) * (cov[k * room + (known[a] as number)] as number);
      gain[k] = g;
      if (g !== 0) touched.push(k);
    }
    for (const k of touched) {
      const g = (gain[k] as number) / total;
      mean[k] = (mean[k] as number) + g * error;
      const at = k * room;
      for (const l of touched) cov[at + l] = (cov[at + l] as number) - g * (gain[l] as number);
    }
  }
}
