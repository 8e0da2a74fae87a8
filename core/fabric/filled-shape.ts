import { mm, mm3, type Mm, type Mm3 } from "../units";
import { solveBlockTridiagonal } from "./block-tridiagonal";

export type Firmness = "light" | "medium" | "firm";
/**
 * Stretch that the filling gives the fabric round its widest round, of a tube as of a ball (decision 0021).
 */
export const STRAIN: Readonly<Record<Firmness, number>> = { light: 0.02, medium: 0.05, firm: 0.08 };

export interface RingShape {
  readonly r: Mm;
  readonly z: Mm;
}
export interface FilledShape {
  /** Rings in working order, first round first. `z` grows from the first closed pole. */
  readonly rings: readonly RingShape[];
  readonly bottomZ: Mm;
  readonly topZ: Mm;
  readonly diameter: Mm;
  readonly height: Mm;
  readonly volume: Mm3;
  /** The largest force left over, relative to the pressure force: below 1e-6 when solved. */
  readonly residual: number;
}

export interface ShapeInput {
  /** Live stitches of each round, at least one round, all above 0. */
  readonly rounds: readonly number[];
  readonly width: Mm;
  readonly height: Mm;
  /** How high each round is, in rows of `height`; 1 for all where it is left out. */
  readonly heights?: readonly number[] | undefined;
  readonly firmness: Firmness;
  /**
   * An open end (a cup, a hat) is capped flat by the last ring instead of drawn shut. Default: both closed.
   */
  readonly openStart?: boolean;
  readonly openEnd?: boolean;
  /** So many rounds at the start are a flat base with a crease around it; 0, the default, for none. */
  readonly flatStart?: number;
}

const SOFT = 0.3;
/** A spring of twice its length is torn. */
const TORN = 2;
const MAX_STEPS = 200;

/**
 * The shape that a closed piece takes when filled: the minimum of the membrane energy of docs/models.md
 * "Filled shape". Hoops and meridian segments are springs that are soft (0.3) in compression; the
 * filling is a pressure on the enclosed volume of conical frustums: that of a ball as wide as the widest
 * round, or less where it would stretch that round by more than its firmness says (decision 0021).
 *
 * Method: Newton steps on (r, z) with the exact gradient and a Hessian made positive by a
 * Levenberg shift, solved as a block-tridiagonal system, so a step costs O(rounds); the pressure by false
 * position, each from the shape of the one before. Invariants: no round of the widest count is stretched
 * beyond the firmness; scaling width and height by s scales lengths by s and the volume by s³.
 *
 * @throws RangeError when a round has no stitches or a gauge is not above 0.
 */
export function filledShape(input: ShapeInput): FilledShape {
  const { rounds, width, height, firmness } = input;
  if (rounds.length === 0) throw new RangeError("filledShape: no rounds");
  for (const n of rounds) if (!(n > 0)) throw new RangeError(`filledShape: a round needs stitches, got ${n}`);
  if (!(width > 0) || !(height > 0))
    throw new RangeError(`filledShape: gauge must be above 0, got ${width} × ${height}`);
  const flat = Math.min(Math.max(0, input.flatStart ?? 0), rounds.length);
  const problem = new Membrane(input, Math.max(0, flat - 1));
  const { x, residual } = solve(problem, STRAIN[firmness]);
  const rings: RingShape[] = [];
  let diameter = 0;
  let low = Infinity;
  let high = -Infinity;
  for (let i = 0; i < problem.nodes; i++) {
    const r = problem.fixed(i) ? 0 : (x[2 * i] ?? 0);
    const z = x[2 * i + 1] ?? 0;
    low = Math.min(low, z);
    high = Math.max(high, z);
    if (problem.isRing(i)) rings.push({ r: mm(r), z: mm(z) });
    diameter = Math.max(diameter, 2 * r);
  }
  // A flat base is stretched as its rim is.
  const rim = rings[0];
  for (let k = flat - 2; rim && k >= 0; k--)
    rings.unshift({ r: mm((rim.r * (rounds[k] ?? 0)) / (rounds[flat - 1] ?? 1)), z: rim.z });
  const shifted = rings.map((ring) => ({ r: ring.r, z: mm(ring.z - low) }));
  return {
    rings: shifted,
    bottomZ: mm((x[1] ?? 0) - low),
    topZ: mm((x[2 * problem.nodes - 1] ?? 0) - low),
    diameter: mm(diameter),
    height: mm(high - low),
    volume: mm3(problem.volume(x)),
    residual,
  };
}

/** How near the stretch of the widest round comes to the one wanted. */
const NEAR = 1e-7;
const MOST_PRESSURES = 40;

/**
 * The shape under the pressure of a ball as wide as the widest round, or under the lower one that stretches
 * that round by `strain`. At no pressure nothing is stretched, so the root lies between; false position by
 * the Illinois rule.
 */
function solve(problem: Membrane, strain: number): { x: Float64Array; residual: number } {
  const x = problem.start();
  problem.pressure = (2 * strain) / problem.widestRadius;
  let residual = minimise(problem, x);
  let high = { p: problem.pressure, off: problem.widestStrain(x) - strain };
  let low = { p: 0, off: -strain };
  let kept: "low" | "high" | undefined;
  for (let k = 0; high.off > 0 && k < MOST_PRESSURES; k++) {
    problem.pressure = (low.p * high.off - high.p * low.off) / (high.off - low.off);
    residual = minimise(problem, x);
    const off = problem.widestStrain(x) - strain;
    if (Math.abs(off) < NEAR) break;
    // The end that stays twice in a row counts half, so that both ends come nearer.
    if (off > 0) {
      high = { p: problem.pressure, off };
      if (kept === "low") low = { ...low, off: low.off / 2 };
      kept = "low";
    } else {
      low = { p: problem.pressure, off };
      if (kept === "high") high = { ...high, off: high.off / 2 };
      kept = "high";
    }
  }
  return { x, residual };
}

/** Energy, gradient and Hessian blocks. Unknowns are scaled by nothing: millimetres throughout. */
class Membrane {
  readonly nodes: number;
  private readonly poleStart: number;
  /** Rest hoop of each node, 0 for a pole. */
  private readonly hoop: Float64Array;
  private readonly hoopWeight: Float64Array;
  private readonly length: Float64Array;
  private readonly weight: Float64Array;
  /** Of the filling; `solve` sets it. */
  pressure = 0;
  private readonly poleEnd: number;
  /** Rest radius of the widest round. */
  readonly widestRadius: number;

  /** `base`: rounds at the start that lie flat inside the first ring. */
  constructor(input: ShapeInput, base: number) {
    const { width: w, height: h } = input;
    const rounds = input.rounds.slice(base);
    const heights = input.heights?.slice(base);
    this.poleStart = input.openStart || base > 0 ? 0 : 1;
    this.poleEnd = input.openEnd ? 0 : 1;
    this.nodes = rounds.length + this.poleStart + this.poleEnd;
    this.hoop = new Float64Array(this.nodes);
    this.hoopWeight = new Float64Array(this.nodes);
    this.length = new Float64Array(this.nodes - 1);
    this.weight = new Float64Array(this.nodes - 1);
    const count = new Float64Array(this.nodes);
    const tall = new Float64Array(this.nodes).fill(h);
    heights?.forEach((k, i) => {
      tall[i + this.poleStart] = h * k;
    });
    // A pole has the height of the round beside it.
    if (this.poleStart === 1) tall[0] = tall[1] ?? h;
    if (this.poleEnd === 1) tall[this.nodes - 1] = tall[this.nodes - 2] ?? h;
    rounds.forEach((n, i) => {
      count[i + this.poleStart] = n;
      this.hoop[i + this.poleStart] = n * w;
      this.hoopWeight[i + this.poleStart] = n * w * (tall[i + this.poleStart] ?? h);
    });
    // A flat base stretches with its rim, all of its hoops and rows by the same share: their springs stand in
    // the rim's.
    const inside = input.rounds.slice(0, base).reduce((sum, n, i) => sum + n * (input.heights?.[i] ?? 1), 0);
    this.hoopWeight[0] = (this.hoopWeight[0] ?? 0) + 2 * inside * w * h;
    let widest = 0;
    for (let i = 0; i < this.nodes; i++) widest = Math.max(widest, this.hoop[i] ?? 0);
    this.widestRadius = widest / (2 * Math.PI);
    for (let j = 0; j + 1 < this.nodes; j++) {
      const half = this.fixed(j) || this.fixed(j + 1);
      const between = ((tall[j] ?? h) + (tall[j + 1] ?? h)) / 2;
      this.length[j] = half ? between / 2 : between;
      this.weight[j] = (((count[j] ?? 0) + (count[j + 1] ?? 0)) / 2) * w * (this.length[j] ?? h);
    }
  }

  /** The most that a round of the widest count is stretched, as a share. */
  widestStrain(x: Float64Array): number {
    let most = -1;
    for (let i = 0; i < this.nodes; i++)
      if ((this.hoop[i] ?? 0) > this.widestRadius * 2 * Math.PI * (1 - 1e-12))
        most = Math.max(most, (x[2 * i] ?? 0) / this.widestRadius - 1);
    return most;
  }

  fixed(i: number): boolean {
    return (this.poleStart === 1 && i === 0) || (this.poleEnd === 1 && i === this.nodes - 1);
  }
  isRing(i: number): boolean {
    return !this.fixed(i);
  }

  /** The rest shape: radii from the hoops, heights from what the meridian leaves over. */
  start(): Float64Array {
    const x = new Float64Array(2 * this.nodes);
    let z = 0;
    for (let i = 0; i < this.nodes; i++) {
      const r = (this.hoop[i] ?? 0) / (2 * Math.PI);
      if (i > 0) {
        const dr = r - (x[2 * i - 2] ?? 0);
        const l = this.length[i - 1] ?? 1;
        z += Math.sqrt(Math.max(l * l - dr * dr, 0.09 * l * l));
      }
      x[2 * i] = r;
      x[2 * i + 1] = z;
    }
    return x;
  }

  volume(x: Float64Array): number {
    let v = 0;
    for (let j = 0; j + 1 < this.nodes; j++) {
      const a = this.radius(x, j);
      const b = this.radius(x, j + 1);
      v += ((x[2 * j + 3] ?? 0) - (x[2 * j + 1] ?? 0)) * (a * a + a * b + b * b);
    }
    return (v * Math.PI) / 3;
  }

  /**
   * A hoop is stretched beyond what crochet gives. Springs grow with the square, the work of the pressure with
   * the cube: beyond there is always a lower energy, and no shape. With hoops that hold, rows hold too.
   */
  torn(x: Float64Array): boolean {
    for (let i = 0; i < this.nodes; i++)
      if (this.isRing(i) && 2 * Math.PI * (x[2 * i] ?? 0) > TORN * (this.hoop[i] ?? 0)) return true;
    return false;
  }

  private radius(x: Float64Array, i: number): number {
    return this.fixed(i) ? 0 : (x[2 * i] ?? 0);
  }

  energy(x: Float64Array): number {
    let e = -this.pressure * this.volume(x);
    for (let i = 0; i < this.nodes; i++) {
      const c = this.hoop[i] ?? 0;
      if (c === 0) continue;
      const strain = (2 * Math.PI * (x[2 * i] ?? 0) - c) / c;
      e += 0.5 * (strain >= 0 ? 1 : SOFT) * strain * strain * (this.hoopWeight[i] ?? 0);
    }
    for (let j = 0; j + 1 < this.nodes; j++) {
      const l0 = this.length[j] ?? 1;
      const strain =
        (Math.hypot(this.radius(x, j + 1) - this.radius(x, j), (x[2 * j + 3] ?? 0) - (x[2 * j + 1] ?? 0)) -
          l0) /
        l0;
      e += 0.5 * (strain >= 0 ? 1 : SOFT) * strain * strain * (this.weight[j] ?? 0);
    }
    return e;
  }

  /**
   * Gradient into `g`; Hessian into `diagonal` (2×2 per node: rr, rz, zz) and `off` (2×2 between neighbours).
   */
  derivatives(x: Float64Array, g: Float64Array, diagonal: Float64Array, off: Float64Array): void {
    g.fill(0);
    diagonal.fill(0);
    off.fill(0);
    const add = (a: Float64Array, i: number, v: number) => {
      a[i] = (a[i] ?? 0) + v;
    };
    for (let i = 0; i < this.nodes; i++) {
      const c = this.hoop[i] ?? 0;
      if (c === 0) continue;
      const strain = (2 * Math.PI * (x[2 * i] ?? 0) - c) / c;
      const k = (strain >= 0 ? 1 : SOFT) * (this.hoopWeight[i] ?? 0) * ((2 * Math.PI) / c);
      add(g, 2 * i, k * strain);
      add(diagonal, 3 * i, (k * 2 * Math.PI) / c);
    }
    const p3 = (this.pressure * Math.PI) / 3;
    for (let j = 0; j + 1 < this.nodes; j++) {
      const a = this.radius(x, j);
      const b = this.radius(x, j + 1);
      const dz = (x[2 * j + 3] ?? 0) - (x[2 * j + 1] ?? 0);
      const dr = b - a;
      const l0 = this.length[j] ?? 1;
      const l = Math.max(Math.hypot(dr, dz), 1e-9);
      const strain = (l - l0) / l0;
      const k = ((strain >= 0 ? 1 : SOFT) * (this.weight[j] ?? 0)) / l0;
      const f = k * strain;
      const ur = dr / l;
      const uz = dz / l;
      add(g, 2 * j, -f * ur);
      add(g, 2 * j + 1, -f * uz);
      add(g, 2 * j + 2, f * ur);
      add(g, 2 * j + 3, f * uz);
      // Springs: along the segment k ÷ l0, across it force ÷ length (left out in compression, where it is
      // negative).
      const along = k / l0;
      const across = Math.max(f, 0) / l;
      const rr = along * ur * ur + across * uz * uz;
      const rz = (along - across) * ur * uz;
      const zz = along * uz * uz + across * ur * ur;
      add(diagonal, 3 * j, rr);
      add(diagonal, 3 * j + 1, rz);
      add(diagonal, 3 * j + 2, zz);
      add(diagonal, 3 * j + 3, rr);
      add(diagonal, 3 * j + 4, rz);
      add(diagonal, 3 * j + 5, zz);
      add(off, 4 * j, -rr);
      add(off, 4 * j + 1, -rz);
      add(off, 4 * j + 2, -rz);
      add(off, 4 * j + 3, -zz);
      // Pressure: V_j = π/3 · dz · (a² + ab + b²).
      const q = a * a + a * b + b * b;
      add(g, 2 * j, -p3 * dz * (2 * a + b));
      add(g, 2 * j + 2, -p3 * dz * (a + 2 * b));
      add(g, 2 * j + 1, p3 * q);
      add(g, 2 * j + 3, -p3 * q);
      add(diagonal, 3 * j, -p3 * dz * 2);
      add(diagonal, 3 * j + 3, -p3 * dz * 2);
      add(diagonal, 3 * j + 1, p3 * (2 * a + b));
      add(diagonal, 3 * j + 4, -p3 * (a + 2 * b));
      add(off, 4 * j, -p3 * dz);
      add(off, 4 * j + 1, -p3 * (2 * a + b));
      add(off, 4 * j + 2, p3 * (a + 2 * b));
    }
    // A pole has no radius and the first node gives the height its zero.
    for (let i = 0; i < this.nodes; i++) if (this.fixed(i)) this.pin(g, diagonal, off, i, 0);
    this.pin(g, diagonal, off, 0, 1);
  }

  private pin(g: Float64Array, diagonal: Float64Array, off: Float64Array, i: number, which: 0 | 1): void {
    g[2 * i + which] = 0;
    diagonal[3 * i + (which === 0 ? 0 : 2)] = 1;
    diagonal[3 * i + 1] = 0;
    if (i + 1 < this.nodes) {
      off[4 * i + 2 * which] = 0;
      off[4 * i + 2 * which + 1] = 0;
    }
    if (i > 0) {
      off[4 * (i - 1) + which] = 0;
      off[4 * (i - 1) + 2 + which] = 0;
    }
  }
}

function minimise(problem: Membrane, x: Float64Array): number {
  const n = problem.nodes;
  const g = new Float64Array(2 * n);
  const diagonal = new Float64Array(3 * n);
  const off = new Float64Array(4 * (n - 1));
  const shifted = new Float64Array(3 * n);
  const step = new Float64Array(2 * n);
  const trial = new Float64Array(2 * n);
  let energy = problem.energy(x);
  let shift = 1e-3;
  let size = 0;
  const scale = Math.max(problem.pressure * Math.PI, 1e-12);
  for (let k = 0; k < MAX_STEPS; k++) {
    problem.derivatives(x, g, diagonal, off);
    size = 0;
    for (const v of g) size = Math.max(size, Math.abs(v));
    if (size < 1e-9 * scale) break;
    let accepted = false;
    for (let tries = 0; tries < 40 && !accepted; tries++) {
      shifted.set(diagonal);
      for (let i = 0; i < n; i++) {
        shifted[3 * i] = (shifted[3 * i] ?? 0) + shift;
        shifted[3 * i + 2] = (shifted[3 * i + 2] ?? 0) + shift;
      }
      if (!solveBlockTridiagonal(shifted, off, g, step)) {
        shift = Math.max(shift * 4, 1e-8);
        continue;
      }
      let smallest = 0;
      for (let i = 0; i < 2 * n; i++) {
        trial[i] = (x[i] ?? 0) - (step[i] ?? 0);
        // r ≥ 0: a ring that would turn inside out stops at the axis.
        if (i % 2 === 0 && (trial[i] ?? 0) < 0) trial[i] = 1e-6;
        smallest = Math.max(smallest, Math.abs(step[i] ?? 0));
      }
      const next = problem.torn(trial) ? Infinity : problem.energy(trial);
      if (next <= energy + 1e-12 * Math.abs(energy)) {
        accepted = true;
        x.set(trial);
        const gained = energy - next;
        energy = next;
        shift = Math.max(shift / 5, 1e-10);
        if (smallest < 1e-9 && gained <= 1e-12 * Math.abs(energy)) return size / scale;
      } else shift = Math.max(shift * 4, 1e-8);
    }
    if (!accepted) break;
  }
  return size / scale;
}
