import { layoutOf, type CheckedPart } from "../notation";
import { bodyIndices, type FabricPart } from "../fabric";
import { unit, type Vec } from "./vector";

/** A cross-section: `y` along the axis from the first round, half width `a`, half depth `b`; mm. */
export interface Row {
  readonly y: number;
  readonly a: number;
  readonly b: number;
}
/** One round as it is drawn: where it begins, its middle, where the next begins. */
export interface Band {
  /** Index in the part's rounds. */
  readonly round: number;
  readonly stitches: number;
  readonly rows: readonly [Row, Row, Row];
  /** Colours in working order, by share of the round. */
  readonly colours: readonly { readonly slot: string; readonly to: number }[];
}
export type SolidForm = "round" | "flattened" | "disc" | "plate" | "cord" | "loop";

/** A part as a body of stacked cross-sections: what is put together, measured and drawn. */
export interface Solid {
  readonly form: SolidForm;
  readonly bands: readonly Band[];
  /** Straight side of an oval's cross-section. */
  readonly straight: number;
  readonly height: number;
  readonly openEnd: boolean;
  /** Radius at the open edge, or of the last round. */
  readonly edge: number;
  readonly widest: number;
  /** One stitch: width and height. */
  readonly stitch: { readonly width: number; readonly height: number };
  /** Half width over half depth where it is widest: 1 for what is round. */
  readonly ratio: number;
}

/** Fabric is about so thick, in stitch widths (common practice, no source). */
const THICK = 0.75;
/** A tube laid flat is nearly half its round wide. */
const LAID = 0.94;
/** A hollow part of at most this many stitches keeps round on its own tails (trade guide §4). */
const KEEPS_ROUND = 9;
const MOST_BANDS = 400;

/**
 * The body of a part. `flat`: an unfilled tube that is sewn on as two layers; `loop`: a cord with both ends
 * together.
 */
export function solidOf(part: CheckedPart, fabric: FabricPart, as: { flat: boolean; loop: boolean }): Solid {
  const base = { straight: fabric.straight as number, openEnd: fabric.openEnd, stitch: fabric.stitch };
  const bands = fabric.shape
    ? tubeBands(part, fabric, as.flat)
    : fabric.form === "cord"
      ? cordBands(part, fabric)
      : part.worked === "rows"
        ? plateBands(part, fabric)
        : discBands(part, fabric);
  const form: SolidForm = fabric.shape
    ? as.flat
      ? "flattened"
      : "round"
    : fabric.form === "cord"
      ? as.loop
        ? "loop"
        : "cord"
      : part.worked === "rows"
        ? "plate"
        : "disc";
  const rows = bands.flatMap((b) => b.rows);
  const wide = rows.reduce((best, r) => (r.a > best.a ? r : best), { y: 0, a: 0, b: 1 });
  return {
    ...base,
    form,
    bands,
    straight: form === "round" ? base.straight : 0,
    height: rows.reduce((top, r) => Math.max(top, r.y), 0),
    edge: form === "disc" ? 0 : (bands.at(-1)?.rows[1].a ?? 0),
    widest: wide.a,
    ratio: wide.b > 0 ? Math.max(1, wide.a / wide.b) : 1,
  };
}

/**
 * Whether an unfilled tube is sewn on flat: told so ("do not stuff"), or wide enough to fall together. Cups
 * keep their form.
 */
export const fallsFlat = (fabric: FabricPart, cup: boolean): boolean =>
  fabric.form === "hollow" && !cup && Math.max(0, ...fabric.profile) > KEEPS_ROUND;

const colourRuns = (part: CheckedPart, round: number): Band["colours"] => {
  const r = part.rounds[round];
  if (!r) return [{ slot: "main", to: 1 }];
  const { segments } = layoutOf(r);
  const all = segments.at(-1)?.to ?? 0;
  return all > 0 ? segments.map((s) => ({ slot: s.slot, to: s.to / all })) : [{ slot: r.slot, to: 1 }];
};

function tubeBands(part: CheckedPart, fabric: FabricPart, flat: boolean): Band[] {
  const { shape, openEnd, stitch } = fabric;
  if (!shape) return [];
  const rounds = bodyIndices(part);
  const thick = stitch.width * THICK;
  const row = (r: number, z: number): Row =>
    flat ? { y: z, a: ((Math.PI * r) / 2) * LAID, b: Math.min(r, thick) } : { y: z, a: r, b: r };
  let lower = row(0, shape.bottomZ);
  return shape.rings.slice(0, MOST_BANDS).map((ring, i) => {
    const next = shape.rings[i + 1];
    const round = rounds[i] ?? i;
    const upper = next
      ? row((ring.r + next.r) / 2, (ring.z + next.z) / 2)
      : openEnd
        ? row(ring.r, ring.z + stitch.height / 2)
        : row(0, shape.topZ);
    const band: Band = {
      round,
      stitches: part.rounds[round]?.count ?? 6,
      rows: [lower, row(ring.r, ring.z), upper],
      colours: colourRuns(part, round),
    };
    lower = upper;
    return band;
  });
}

/** A chain, a stitch long each, worked back or not. */
function cordBands(part: CheckedPart, fabric: FabricPart): Band[] {
  const step = fabric.stitch.width;
  const count = Math.max(1, Math.min(MOST_BANDS, Math.round(fabric.height / step)));
  const r = step * 0.42;
  const at = (y: number, k = 1): Row => ({ y, a: r * k, b: r * k });
  return Array.from({ length: count }, (_, i) => ({
    round: 0,
    stitches: 3,
    rows: [
      at(i * step, i === 0 ? 0.3 : 0.75),
      at((i + 0.5) * step),
      at((i + 1) * step, i === count - 1 ? 0.3 : 0.75),
    ] as const,
    colours: colourRuns(part, 0),
  }));
}

/** Rows worked to and fro: a plate as wide as each row, its first row at the start. */
function plateBands(part: CheckedPart, fabric: FabricPart): Band[] {
  const rounds = bodyIndices(part).slice(0, MOST_BANDS);
  const { width, height } = fabric.stitch;
  const half = (i: number) => ((part.rounds[rounds[i] ?? 0]?.count ?? 1) * width) / 2;
  const b = (width * THICK) / 2;
  return rounds.map((round, i) => {
    const before = i === 0 ? half(0) * 0.96 : (half(i - 1) + half(i)) / 2;
    const after = i === rounds.length - 1 ? half(i) * 0.96 : (half(i) + half(i + 1)) / 2;
    return {
      round,
      stitches: part.rounds[round]?.count ?? 1,
      rows: [
        { y: i * height, a: before, b: i === 0 ? b * 0.5 : b },
        { y: (i + 0.5) * height, a: half(i), b },
        { y: (i + 1) * height, a: after, b: i === rounds.length - 1 ? b * 0.5 : b },
      ] as const,
      colours: colourRuns(part, round),
    };
  });
}

/** A disc: its upper face from the middle outwards, then the lower one back; the axis stands on it. */
function discBands(part: CheckedPart, fabric: FabricPart): Band[] {
  const rounds = bodyIndices(part).slice(0, MOST_BANDS / 2);
  const R = fabric.width / 2;
  const t = (fabric.stitch.width * THICK) / 2;
  const n = Math.max(1, rounds.length);
  const row = (k: number, face: 1 | -1): Row => {
    const r = (R * k) / n;
    return { y: t + face * t * Math.sqrt(Math.max(0, 1 - (k / n) ** 6)), a: r, b: r };
  };
  const faceOf = (face: 1 | -1) =>
    rounds.map((round, i): Band => ({
      round,
      stitches: part.rounds[round]?.count ?? 6,
      rows: [row(i, face), row(i + 0.5, face), row(i + 1, face)],
      colours: colourRuns(part, round),
    }));
  const under = faceOf(-1)
    .reverse()
    .map((b): Band => ({ ...b, rows: [b.rows[2], b.rows[1], b.rows[0]] }));
  return [...faceOf(1), ...under];
}

/**
 * A point of the surface in the part's own axes: `turn` in radians, 0 in front. A round's stitches run
 * towards −x there.
 */
export function pointAt(s: Solid, row: Row, turn: number): Vec {
  const side = Math.sin(turn);
  const away = Math.abs(side) < 1e-9 ? 0 : (Math.sign(side) * s.straight) / 2;
  const p: Vec = [-(row.a * side + away), row.y, row.b * Math.cos(turn)];
  if (s.form !== "loop") return p;
  // Both ends together: the axis runs around a circle that stands on the origin.
  const R = Math.max(s.height / (2 * Math.PI), row.a * 1.2);
  const u = (row.y / s.height) * 2 * Math.PI;
  const out = R + row.a * side;
  return [-out * Math.sin(u), R - out * Math.cos(u), p[2]];
}

/**
 * The same by share of the way around, from the back over the left; straight sides are walked at the same
 * pace.
 */
export function pointAround(s: Solid, row: Row, share: number): Vec {
  if (s.straight === 0) return pointAt(s, row, 2 * Math.PI * share - Math.PI);
  const half = Math.PI * row.a;
  const all = 2 * half + 2 * s.straight;
  // Half of the back's straight side, a half round, the front's straight side, the other half round, the
  // rest.
  let at = share * all - s.straight / 2;
  if (at < 0) return [s.straight / 2 + at, row.y, -row.b];
  if (at <= half) {
    const turn = -Math.PI + (half > 0 ? (at / half) * Math.PI : 0);
    return [-row.a * Math.sin(turn) + s.straight / 2, row.y, row.b * Math.cos(turn)];
  }
  at -= half;
  if (at <= s.straight) return [s.straight / 2 - at, row.y, row.b];
  at -= s.straight;
  if (at <= half) {
    const turn = half > 0 ? (at / half) * Math.PI : 0;
    return [-row.a * Math.sin(turn) - s.straight / 2, row.y, row.b * Math.cos(turn)];
  }
  return [-s.straight / 2 + (at - half), row.y, -row.b];
}

/** The cross-section in the middle of a (fractional) band: 3.5 lies between the fourth and the fifth. */
export function rowAt(s: Solid, band: number): Row {
  const last = s.bands.length - 1;
  const at = Math.max(0, Math.min(last, band));
  const k = Math.floor(at);
  const here = s.bands[k]?.rows[1] ?? { y: 0, a: 0, b: 0 };
  const next = s.bands[Math.min(last, k + 1)]?.rows[1] ?? here;
  const f = at - k;
  const mix = (a: number, b: number) => a + (b - a) * f;
  return { y: mix(here.y, next.y), a: mix(here.a, next.a), b: mix(here.b, next.b) };
}

/** Where a place on the surface is, and which way is out, in the part's own axes. */
export function surfaceAt(s: Solid, band: number, turn: number): { at: Vec; out: Vec } {
  const row = rowAt(s, band);
  const before = rowAt(s, band - 0.5);
  const after = rowAt(s, band + 0.5);
  const dy = after.y - before.y;
  const dr = after.a - before.a;
  const nx = -Math.sin(turn) * (row.b > 0 ? 1 : 0);
  const out = unit([
    nx * Math.abs(dy || 1e-6),
    -dr,
    Math.cos(turn) * Math.abs(dy || 1e-6) * Math.min(s.ratio, 6),
  ]);
  return { at: pointAt(s, row, turn), out: dy < 0 ? ([out[0], -out[1], out[2]] as const) : out };
}

/**
 * The outline as it is worked, from axis to axis: radius and height of each corner. Kept per solid: distances
 * ask for it.
 */
const outlines = new WeakMap<Solid, { readonly a: Float64Array; readonly y: Float64Array }>();
function outlineOf(s: Solid): { readonly a: Float64Array; readonly y: Float64Array } {
  const kept = outlines.get(s);
  if (kept) return kept;
  const rows = s.bands.flatMap((b) => b.rows.slice(0, 2)).concat(s.bands.at(-1)?.rows[2] ?? []);
  const first = rows[0]?.y ?? 0;
  const last = rows.at(-1)?.y ?? 0;
  const line = {
    a: Float64Array.from([0, ...rows.map((r) => r.a), 0]),
    y: Float64Array.from([first, ...rows.map((r) => r.y), last]),
  };
  outlines.set(s, line);
  return line;
}

/** Distance of a point (own axes) from the surface, mm: below 0 inside. An open end counts as closed flat. */
export function distance(s: Solid, p: Vec): number {
  if (s.form === "loop")
    return Math.hypot(p[0], p[1] - s.height / (2 * Math.PI), p[2]) - s.height / (2 * Math.PI);
  const x = Math.max(0, Math.abs(p[0]) - s.straight / 2);
  const rho = Math.hypot(x, p[2] * s.ratio);
  const y = p[1];
  const line = outlineOf(s);
  let best = Infinity;
  let within = false;
  for (let i = 0; i + 1 < line.a.length; i++) {
    const ua = line.a[i] as number;
    const uy = line.y[i] as number;
    const dx = (line.a[i + 1] as number) - ua;
    const dy = (line.y[i + 1] as number) - uy;
    const l2 = dx * dx + dy * dy;
    const t = l2 > 0 ? Math.max(0, Math.min(1, ((rho - ua) * dx + (y - uy) * dy) / l2)) : 0;
    const px = rho - ua - t * dx;
    const py = y - uy - t * dy;
    best = Math.min(best, px * px + py * py);
    if (uy > y !== uy + dy > y && rho < ua + ((y - uy) / dy) * dx) within = !within;
  }
  best = Math.sqrt(best);
  const scaled = s.ratio > 1 ? best / Math.sqrt(s.ratio) : best;
  return within ? -scaled : scaled;
}

/** Points spread over a surface, own axes: enough to tell how it lies against another. */
export function samples(s: Solid, around = 12): Vec[] {
  const step = Math.max(1, Math.floor(s.bands.length / 24));
  return s.bands
    .filter((_, i) => i % step === 0 || i === s.bands.length - 1)
    .flatMap((b) => [b.rows[1], b.rows[2]])
    .flatMap((row) => Array.from({ length: around }, (_, k) => pointAt(s, row, (2 * Math.PI * k) / around)));
}
