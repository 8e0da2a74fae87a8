import type { Figure, Put } from "./assemble";
import { lowestOf } from "./assemble";
import type { Facet } from "./facets";
import { add, cross, dot, length, placed, sub, times, type Vec } from "./vector";

/** Grams of fabric and of filling of one piece of a part. */
export type Weights = (part: number) => { readonly fabric: number; readonly filling: number };

export interface FigureSize {
  /** mm, with everything that sticks out. */
  readonly width: number;
  readonly height: number;
  readonly depth: number;
}
export interface Standing {
  readonly stands: boolean;
  /** Degrees it can be tipped before it falls, in its worst direction; below 0: it falls by itself. */
  readonly tips: number;
  /** Which way it is nearest to falling. */
  readonly towards: "front" | "back" | "left" | "right";
  /** mm that its weight lies inside the rim of its base there. */
  readonly margin: number;
  /** mm of its weight above the table. */
  readonly high: number;
}
export interface Hanging {
  /** Degrees from upright. */
  readonly leans: number;
  readonly towards: "front" | "back" | "left" | "right";
  readonly from: string;
}

/**
 * A filled piece settles on the table by about so much of a row, so that its base is a face and no point
 * (from memory).
 */
const SETTLES = 0.5;
/** Tipped further than this by a shaky table it would not stay (common practice, no source). */
const LEAST_TIP = 6;

export function sizeOfFigure(facets: readonly Facet[]): FigureSize {
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (const f of facets)
    for (const c of f.corners)
      for (let k = 0; k < 3; k++) {
        low[k] = Math.min(low[k] ?? 0, c.at[k] ?? 0);
        high[k] = Math.max(high[k] ?? 0, c.at[k] ?? 0);
      }
  const of = (k: number) => Math.max(0, (high[k] ?? 0) - (low[k] ?? 0));
  return facets.length === 0
    ? { width: 0, height: 0, depth: 0 }
    : { width: of(0), height: of(1), depth: of(2) };
}

/** Where its weight is: fabric by its faces, filling by its sections. */
export function centreOfWeight(figure: Figure, facets: readonly Facet[], weights: Weights): Vec {
  let sum: Vec = [0, 0, 0];
  let all = 0;
  const take = (at: Vec, grams: number) => {
    sum = add(sum, times(at, grams));
    all += grams;
  };
  const areas = figure.put.map(() => ({ at: [0, 0, 0] as Vec, area: 0 }));
  for (const f of facets) {
    const [a, b, c, d] = f.corners.map((x) => x.at) as [Vec, Vec, Vec, Vec];
    const area = length(cross(sub(c, a), sub(d, b))) / 2;
    const own = areas[f.put];
    if (!own) continue;
    own.at = add(own.at, times(add(add(a, b), add(c, d)), area / 4));
    own.area += area;
  }
  figure.put.forEach((put, i) => {
    const w = weights(put.place.part);
    const own = areas[i];
    if (own && own.area > 0) take(times(own.at, 1 / own.area), w.fabric);
    if (w.filling > 0) take(middleOf(put), w.filling);
  });
  return all > 0 ? times(sum, 1 / all) : [0, 0, 0];
}

/** The middle of a piece's volume: its sections one on the other. */
function middleOf(put: Put): Vec {
  let moment = 0;
  let volume = 0;
  for (const band of put.solid.bands)
    for (let r = 0; r < 2; r++) {
      const a = band.rows[r];
      const b = band.rows[r + 1];
      if (!a || !b) continue;
      const area = (x: typeof a) => Math.PI * x.a * x.b + 2 * x.b * put.solid.straight;
      const v = ((area(a) + area(b)) / 2) * (b.y - a.y);
      volume += v;
      moment += (v * (a.y + b.y)) / 2;
    }
  return placed(put.pose, [0, volume > 0 ? moment / volume : put.solid.height / 2, 0]);
}

/** Whether it stands by itself: its weight over what touches the table. */
export function standing(figure: Figure, facets: readonly Facet[], weights: Weights): Standing {
  const centre = centreOfWeight(figure, facets, weights);
  const low = Math.min(...figure.put.map(lowestOf));
  const root = figure.put[0];
  const settles = (root?.solid.stitch.height ?? 1) * SETTLES;
  const touching = facets.flatMap((f) => f.corners.filter((c) => c.at[1] < low + settles).map((c) => c.at));
  const rim = hullOf(touching.map((p) => [p[0], p[2]] as const));
  const { margin, out } = insideBy(rim, [centre[0], centre[2]]);
  const high = Math.max(1e-6, centre[1] - low);
  const tips = (Math.atan2(margin, high) * 180) / Math.PI;
  return { stands: tips >= LEAST_TIP, tips, towards: wayOf(out), margin, high };
}

/** How it hangs from a point: its weight comes to lie below it. */
export function hanging(figure: Figure, facets: readonly Facet[], weights: Weights): Hanging {
  const centre = centreOfWeight(figure, facets, weights);
  const loop = figure.put.find((p) => p.solid.form === "loop");
  const top = facets
    .filter((f) => f.put === 0)
    .flatMap((f) => f.corners)
    .reduce<Vec>((best, c) => (c.at[1] > best[1] ? c.at : best), [0, -Infinity, 0]);
  const from: Vec = loop
    ? loop.pose.at
    : [figure.put[0]?.pose.at[0] ?? 0, top[1], figure.put[0]?.pose.at[2] ?? 0];
  const d = sub(from, centre);
  const aside = Math.hypot(d[0], d[2]);
  return {
    leans: (Math.atan2(aside, Math.max(1e-6, d[1])) * 180) / Math.PI,
    // Hung up, the heavier side comes down under the point: the upper end leans the other way.
    towards: wayOf([d[0], d[2]]),
    from: loop ? (figure.pieces[loop.place.part]?.part.name ?? "its loop") : "the top of its main part",
  };
}

const wayOf = (v: readonly [number, number]): Standing["towards"] =>
  Math.abs(v[1]) >= Math.abs(v[0]) ? (v[1] >= 0 ? "front" : "back") : v[0] >= 0 ? "right" : "left";

type Flat = readonly [number, number];
/** Convex hull, counter-clockwise: Andrew's monotone chain. */
export function hullOf(points: readonly Flat[]): Flat[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const turn = (o: Flat, a: Flat, b: Flat) => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
  const half = (list: readonly Flat[]): Flat[] => {
    const out: Flat[] = [];
    for (const p of list) {
      while (out.length >= 2 && turn(out.at(-2) as Flat, out.at(-1) as Flat, p) <= 0) out.pop();
      out.push(p);
    }
    return out.slice(0, -1);
  };
  return sorted.length < 3 ? sorted : [...half(sorted), ...half([...sorted].reverse())];
}

/** How far a point lies inside a hull (below 0: outside), and which way its nearest rim is. */
function insideBy(hull: readonly Flat[], p: Flat): { margin: number; out: Flat } {
  if (hull.length < 3)
    return { margin: -length([p[0] - (hull[0]?.[0] ?? 0), 0, p[1] - (hull[0]?.[1] ?? 0)]), out: [0, 1] };
  let best = { margin: Infinity, out: [0, 1] as Flat };
  hull.forEach((a, i) => {
    const b = hull[(i + 1) % hull.length] as Flat;
    const l = Math.hypot(b[0] - a[0], b[1] - a[1]);
    if (l < 1e-9) return;
    const out: Flat = [(b[1] - a[1]) / l, -(b[0] - a[0]) / l];
    const margin = dot([a[0] - p[0], a[1] - p[1], 0], [out[0], out[1], 0]);
    if (margin < best.margin) best = { margin, out };
  });
  return best;
}
