/**
 * Filled shapes a second time: the law of docs/decisions/0021-stretch-of-a-tube.md, minimised by L-BFGS with
 * halved steps (Nocedal & Wright, algorithm 7.4, from memory), the pressure by halving. Slow and short, on
 * purpose; nothing is shared with core/fabric.
 */
export interface PlainShape {
  readonly radii: readonly number[];
  readonly across: number;
  readonly high: number;
  readonly volume: number;
  /** Of the shape cut through its axis, mm². */
  readonly section: number;
}

const STRETCH = { light: 0.02, medium: 0.05, firm: 0.08 } as const;
const soft = (strain: number): number => (strain >= 0 ? 1 : 0.3);

/**
 * `counts`: stitches of each round; `rows`: how high each is in rows; `w`, `h`: a stitch in mm; the last round
 * is an open edge or drawn shut; the first `flat` rounds are a base that lies flat.
 */
export function plainShape(
  counts: readonly number[],
  rows: readonly number[],
  w: number,
  h: number,
  firmness: keyof typeof STRETCH,
  openStart: boolean,
  openEnd: boolean,
  flat: number,
): PlainShape {
  const base = flat > 0 ? counts.slice(0, flat - 1) : [];
  const rings = counts.slice(base.length);
  const high = rows.slice(base.length);
  const pole = flat === 0 && !openStart;
  const n = [...(pole ? [0] : []), ...rings, ...(openEnd ? [] : [0])];
  const hoop = n.map((x) => x * w);
  // A round is as wide as the row it is: half of it lies below its ring, half above.
  const own = [...(pole ? [0] : []), ...high, ...(openEnd ? [] : [0])].map((x) => x * h);
  const long = n.slice(1).map((_, j) => ((own[j] ?? 0) + (own[j + 1] ?? 0)) / 2);
  const hoopArea = hoop.map((c, i) => c * (own[i] ?? 0));
  base.forEach((x, i) => (hoopArea[0] = (hoopArea[0] ?? 0) + 2 * x * w * (rows[i] ?? 1) * h));
  const rowArea = long.map((l, j) => (((n[j] ?? 0) + (n[j + 1] ?? 0)) / 2) * w * l);
  const widest = Math.max(...hoop) / (2 * Math.PI);
  const most = Math.max(...n);

  const rOf = (x: readonly number[], i: number) => ((n[i] ?? 0) > 0 ? (x[2 * i] ?? 0) : 0);
  const zOf = (x: readonly number[], i: number) => x[2 * i + 1] ?? 0;
  const volumeOf = (x: readonly number[]) =>
    long.reduce((sum, _, j) => {
      const a = rOf(x, j);
      const b = rOf(x, j + 1);
      return sum + (Math.PI / 3) * (zOf(x, j + 1) - zOf(x, j)) * (a * a + a * b + b * b);
    }, 0);
  /** Energy, and its slope written into `slope`. */
  const energy = (x: readonly number[], p: number, slope: number[]): number => {
    slope.fill(0);
    let sum = 0;
    n.forEach((_, i) => {
      const c = hoop[i] ?? 0;
      if (c === 0) return;
      const e = (2 * Math.PI * rOf(x, i) - c) / c;
      sum += 0.5 * soft(e) * e * e * (hoopArea[i] ?? 0);
      slope[2 * i] = (slope[2 * i] ?? 0) + (soft(e) * e * (hoopArea[i] ?? 0) * 2 * Math.PI) / c;
    });
    long.forEach((l, j) => {
      const [a, b] = [rOf(x, j), rOf(x, j + 1)];
      const dz = zOf(x, j + 1) - zOf(x, j);
      const s = Math.max(1e-12, Math.hypot(b - a, dz));
      const f = (s - l) / l;
      sum += 0.5 * soft(f) * f * f * (rowArea[j] ?? 0);
      const t = (soft(f) * f * (rowArea[j] ?? 0)) / l / s;
      const k = (p * Math.PI) / 3;
      const q = k * (a * a + a * b + b * b);
      sum -= q * dz;
      const add = (at: number, by: number) => (slope[at] = (slope[at] ?? 0) + by);
      add(2 * j, -t * (b - a) - k * dz * (2 * a + b));
      add(2 * j + 2, t * (b - a) - k * dz * (a + 2 * b));
      add(2 * j + 1, -t * dz + q);
      add(2 * j + 3, t * dz - q);
    });
    // Poles stay on the axis, and the first ring at its height.
    n.forEach((count, i) => count === 0 && (slope[2 * i] = 0));
    slope[1] = 0;
    return sum;
  };
  const start: number[] = [];
  let z = 0;
  n.forEach((count, i) => {
    const wide = (count * w) / (2 * Math.PI);
    const l = long[i - 1] ?? 0;
    // As the fabric lies with nothing in it: what a row does not need to reach the next ring is height.
    if (i > 0) z += Math.max(0.3 * l, Math.sqrt(Math.max(0, l ** 2 - (wide - (start[2 * i - 2] ?? 0)) ** 2)));
    start.push(wide, z);
  });
  const strainOf = (x: readonly number[]) =>
    Math.max(...n.map((count, i) => (count === most ? rOf(x, i) / widest - 1 : -1)));
  const s = STRETCH[firmness];
  let p = (2 * s) / widest;
  let x = lowest((y, g) => energy(y, p, g), start);
  if (strainOf(x) > s) {
    let [low, up] = [0, p];
    for (let k = 0; k < 22; k++) {
      p = (low + up) / 2;
      x = lowest((y, g) => energy(y, p, g), x);
      if (strainOf(x) > s) up = p;
      else low = p;
    }
  }
  const heights = n.map((_, i) => zOf(x, i));
  const radii = n.map((_, i) => rOf(x, i));
  const section = long.reduce(
    (sum, _, j) =>
      sum + ((radii[j] ?? 0) + (radii[j + 1] ?? 0)) * ((heights[j + 1] ?? 0) - (heights[j] ?? 0)),
    0,
  );
  return {
    radii,
    across: 2 * Math.max(...radii),
    high: Math.max(...heights) - Math.min(...heights),
    volume: volumeOf(x),
    section: Math.max(0, section),
  };
}

/** The lowest point near `from`: L-BFGS with twelve pairs, steps halved until the energy falls enough. */
function lowest(
  energy: (x: readonly number[], slope: number[]) => number,
  from: readonly number[],
): number[] {
  let x = [...from];
  let g = x.map(() => 0);
  let e = energy(x, g);
  const pairs: { s: number[]; y: number[]; rho: number }[] = [];
  const dot = (a: readonly number[], b: readonly number[]) => a.reduce((t, v, i) => t + v * (b[i] ?? 0), 0);
  let still = 0;
  for (let step = 0; step < 4000 && still < 5; step++) {
    let d = g.map((v) => -v);
    const alphas = pairs.map(() => 0);
    for (let i = pairs.length - 1; i >= 0; i--) {
      const { s, y, rho } = pairs[i] as (typeof pairs)[number];
      const a = rho * dot(s, d);
      alphas[i] = a;
      d = d.map((v, k) => v - a * (y[k] ?? 0));
    }
    const last = pairs.at(-1);
    if (last) d = d.map((v) => v / (last.rho * dot(last.y, last.y)));
    pairs.forEach(({ s, y, rho }, i) => {
      const b = rho * dot(y, d);
      d = d.map((v, k) => v + (s[k] ?? 0) * ((alphas[i] ?? 0) - b));
    });
    let down = dot(d, g);
    if (down >= 0) {
      d = g.map((v) => -v);
      down = -dot(g, g);
      pairs.length = 0;
    }
    let t = pairs.length === 0 ? Math.min(1, 1 / Math.sqrt(dot(d, d) + 1e-30)) : 1;
    let next = x;
    let slope = g.map(() => 0);
    let lower = e;
    for (let k = 0; k < 50; k++, t /= 2) {
      next = x.map((v, i) => v + t * (d[i] ?? 0));
      slope = g.map(() => 0);
      lower = energy(next, slope);
      if (lower <= e + 1e-4 * t * down) break;
    }
    const s = next.map((v, i) => v - (x[i] ?? 0));
    const y = slope.map((v, i) => v - (g[i] ?? 0));
    if (dot(s, y) > 1e-14) pairs.push({ s, y, rho: 1 / dot(s, y) });
    if (pairs.length > 12) pairs.shift();
    still = Math.abs(e - lower) <= 1e-12 * Math.abs(e) ? still + 1 : 0;
    [x, g, e] = [next, slope, lower];
  }
  return x;
}
