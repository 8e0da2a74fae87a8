/** One thing a measurement rests on, and how much of it: a hand, a yarn line, a shade, an item. */
export type Row = readonly (readonly [name: string, weight: number])[];

/** A measurement against what was believed before it. */
export interface Surprise {
  readonly error: number;
  readonly variance: number;
}

/**
 * Models are averaged by how well each foretold what came (J. A. Hoeting et al., "Bayesian model averaging: a tutorial",
 * Statistical Science 14, 1999; from memory): shares that add up to 1.
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

/** What a noisy measurement is weighed by when it lies far off: beyond so many deviations it counts for less. */
const FAR = 2;

/**
 * A Gaussian belief over named effects in Kalman's form: each effect begins at 0 with its own variance, a measurement is a sum
 * of some of them and noise, and an effect may wander between measurements (random walk). Exact for Gaussian noise; a
 * measurement that lies far from what was believed has its noise raised to where it would be usual, so that heavy tails pull
 * little (Huber's weights; from memory). O(effects²) a measurement.
 */
export class Belief {
  private readonly index = new Map<string, number>();
  private mean: number[] = [];
  private cov: number[][] = [];
  /** Logarithm of the density of all measurements seen, up to a constant. */
  evidence = 0;

  private at(name: string, variance: number): number {
    const known = this.index.get(name);
    if (known !== undefined) return known;
    const i = this.mean.length;
    this.index.set(name, i);
    this.mean.push(0);
    for (const row of this.cov) row.push(0);
    this.cov.push(new Array<number>(i + 1).fill(0));
    (this.cov[i] as number[])[i] = variance;
    return i;
  }

  /** Names an effect with the variance it begins with; once named it stays as it is. */
  begin(name: string, variance: number): void {
    this.at(name, variance);
  }

  has(name: string): boolean {
    return this.index.has(name);
  }

  /** The effect has wandered: its variance grows. */
  wander(name: string, variance: number): void {
    const i = this.index.get(name);
    const row = i === undefined ? undefined : this.cov[i];
    if (i !== undefined && row) row[i] = (row[i] ?? 0) + variance;
  }

  /** Mean and variance of a sum of effects. Effects that were never named count as 0. */
  of(row: Row): { mean: number; variance: number } {
    const known = row.flatMap(([name, w]) => {
      const i = this.index.get(name);
      return i === undefined ? [] : [[i, w] as const];
    });
    let mean = 0;
    let variance = 0;
    for (const [i, a] of known) {
      mean += a * (this.mean[i] ?? 0);
      for (const [j, b] of known) variance += a * b * (this.cov[i]?.[j] ?? 0);
    }
    return { mean, variance: Math.max(0, variance) };
  }

  /**
   * Takes in a measurement of a sum of effects, all of them begun before. `heavy`: one far off pulls little. Gives what was
   * expected of it before: how far off it was and with what variance, noise included.
   */
  see(row: Row, value: number, noise: number, heavy = true): Surprise {
    const n = this.mean.length;
    const known = row.map(([name, w]) => [this.index.get(name) ?? -1, w] as const).filter(([i]) => i >= 0);
    const { mean, variance } = this.of(row);
    const error = value - mean;
    const usual = Math.sqrt(variance + noise);
    const far = Math.abs(error) / usual;
    const raised = heavy && far > FAR ? noise + (variance + noise) * (far / FAR - 1) : noise;
    const total = variance + raised;
    // Student's density with five degrees of freedom: one odd measurement does not decide between models.
    this.evidence -= 0.5 * Math.log(variance + noise) + 3 * Math.log1p((far * far) / 5);
    const gain = Array.from({ length: n }, (_, k) =>
      known.reduce((s, [i, w]) => s + w * (this.cov[k]?.[i] ?? 0), 0),
    );
    for (let k = 0; k < n; k++) {
      const g = (gain[k] ?? 0) / total;
      this.mean[k] = (this.mean[k] ?? 0) + g * error;
      const line = this.cov[k] as number[];
      for (let l = 0; l < n; l++) line[l] = (line[l] ?? 0) - g * (gain[l] ?? 0);
    }
    return { error, variance: variance + noise };
  }
}
