import { bodyRounds, faceOf } from "../fabric";
import type { Put } from "./assemble";
import type { Embroidered, EmbroiderySaid } from "./reading/embroidery";
import type { Piece } from "./resolve";
import { surfaceAt } from "./solid";
import { add, placed, times, turned, unit, type Vec } from "./vector";

/** A thread that lies on a piece: embroidery, from point to point along the surface. */
export interface PutThread {
  readonly points: readonly { readonly at: Vec; readonly out: Vec }[];
  /** Half as thick as it is, mm. */
  readonly radius: number;
  /** The colour it is worked in; undefined where the text names none: black thread. */
  readonly slot: string | undefined;
  readonly what: Embroidered;
  readonly line: number;
}

/** A line on the unrolled surface: stitches to the right of the front, rounds downwards from where it is put. */
type Stroke = readonly (readonly [across: number, down: number])[];

/** Points enough that a thread follows the surface instead of going through it. */
const STEPS = 8;
const along = (at: (t: number) => readonly [number, number]): Stroke =>
  Array.from({ length: STEPS + 1 }, (_, i) => at(i / STEPS));
const arc = (from: number, to: number, sag: number): Stroke =>
  along((t) => [from + (to - from) * t, sag * 4 * t * (1 - t)]);
const bar = (from: number, to: number, down = 0, falls = 0): Stroke =>
  along((t) => [from + (to - from) * t, down + falls * t]);
const mirrored = (s: Stroke): Stroke => s.map(([across, down]) => [-across, down] as const);
const both = (s: Stroke): Stroke[] => [mirrored(s), s];

/**
 * What is drawn of each: widths in stitches, heights in rounds, for a face with its eyes so many stitches from the
 * middle. What the text leaves open is as faces usually are: common practice, no source.
 */
const DRAWN: Readonly<Record<Embroidered, (e: EmbroiderySaid, eye: number) => readonly Stroke[]>> = {
  mouth: (e) => [arc(-(e.stitches ?? 4) / 2, (e.stitches ?? 4) / 2, 0.9)],
  nose: (e) => [-0.3, 0, 0.3].map((d) => bar(-(e.stitches ?? 2) / 2, (e.stitches ?? 2) / 2, d)),
  eyes: (e, eye) => {
    const half = (e.stitches ?? 3) / 2;
    const lid = arc(eye - half, eye + half, 0.7);
    return e.count === 1 ? [arc(-half, half, 0.7)] : both(lid);
  },
  brows: (e, eye) => both(bar(eye - (e.stitches ?? 3) / 2, eye + (e.stitches ?? 3) / 2)),
  cheeks: (e, eye) => [-0.25, 0.25].flatMap((d) => both(bar(eye + 0.6, eye + 0.6 + (e.stitches ?? 2), d))),
  whiskers: (_, eye) => [-0.7, 0, 0.7].flatMap((d) => both(bar(eye, eye + 3.5, d / 2, d))),
  spots: () => [],
  lines: (e) =>
    Array.from({ length: Math.min(e.count ?? 1, 6) }, (_, i) =>
      bar(-(e.stitches ?? 3) / 2, (e.stitches ?? 3) / 2, i),
    ),
};
/** Rounds below the eyes, where the text does not say on which. */
const BELOW_EYES: Readonly<Partial<Record<Embroidered, number>>> = {
  mouth: 2.5,
  nose: 1.2,
  brows: -1.5,
  cheeks: 1,
  whiskers: 1.5,
};
/** Share of the height from the top for a face without eyes. */
const FACE_SHARE = 0.42;
const FACE: ReadonlySet<Embroidered> = new Set(["mouth", "nose", "eyes", "brows", "cheeks", "whiskers"]);
const MOST_SPOTS = 24;
/** Each spot so far around from the last that they never line up. */
const GOLDEN = 137.5;

/**
 * What is embroidered on a figure, as threads on its surface: of the part it stands under, or, for what belongs to
 * a face, of the part with the eyes. What names no thing that is drawn is left out. Pure.
 */
export function threadsOf(
  put: readonly Put[],
  pieces: readonly Piece[],
  root: number,
  said: readonly EmbroiderySaid[],
): PutThread[] {
  const face = pieces.findIndex((p) => faceOf(p.part, p.fabric).some((f) => f.what === "eye"));
  return said.flatMap((e) => {
    const under = e.part === undefined ? undefined : pieces[e.part];
    const own = under !== undefined && (hasFace(under) || !FACE.has(e.what));
    const on = own ? (e.part ?? root) : FACE.has(e.what) && face >= 0 ? face : root;
    const target = pieces[on];
    const closed = said.find((x) => x.what === "eyes" && x.part === e.part)?.rounds;
    return target
      ? put.filter((p) => p.place.part === on).flatMap((p) => threadsOn(p, target, e, closed))
      : [];
  });
}
const hasFace = (p: Piece): boolean => faceOf(p.part, p.fabric).length > 0;

/** @param closed the rounds of eyes that are embroidered themselves */
function threadsOn(
  put: Put,
  piece: Piece,
  event: EmbroiderySaid,
  closed: EmbroiderySaid["rounds"],
): PutThread[] {
  const rounds = bodyRounds(piece.part);
  const last = Math.max(1, put.solid.bands.length - 1);
  const index = (n: number) => rounds.findIndex((r) => r.number === n);
  const eye = faceOf(piece.part, piece.fabric).find((f) => f.what === "eye");
  const bandOf = (on: readonly [number, number] | undefined) => {
    const first = on ? index(on[0]) : -1;
    return on && first >= 0 ? (first + Math.max(first, index(on[1]))) / 2 : undefined;
  };
  const eyeBand = bandOf(eye?.rounds ?? closed);
  const down = downwards(put, last);
  const said = bandOf(event.rounds);
  const usual = down > 0 ? FACE_SHARE * last : (1 - FACE_SHARE) * last;
  const at = said ?? (eyeBand ?? usual) + down * (eyeBand === undefined ? 0 : (BELOW_EYES[event.what] ?? 0));
  const point = (band: number, turn: number) => {
    const s = surfaceAt(put.solid, Math.max(0.2, Math.min(last - 0.2, band)), turn);
    const out = unit(turned(put.pose, s.out));
    return { at: add(placed(put.pose, s.at), times(out, 0.12 * put.solid.stitch.width)), out };
  };
  const radius = 0.2 * put.solid.stitch.width;
  const thread = (points: PutThread["points"], thick = radius): PutThread => ({
    points,
    radius: thick,
    slot: event.shade,
    what: event.what,
    line: event.line,
  });
  if (event.what === "spots")
    return spots(event.count ?? 1, eye !== undefined).map(([share, turn]) =>
      thread([point(last * share, turn)], 2 * radius),
    );
  const around = stitchesAround(piece, at);
  const half = eye ? (eye.degrees / 360) * eye.around * 0.5 : around / 10;
  return DRAWN[event.what](event, half).map((stroke) =>
    thread(
      stroke.map(([across, d]) => point(at + down * d, (2 * Math.PI * across) / around)),
      event.what === "whiskers" ? radius / 2 : radius,
    ),
  );
}

/**
 * Shares of the height and turns of so many spots; of several that are not counted there are five. A face is left
 * free.
 */
function spots(count: number, face: boolean): (readonly [share: number, turn: number])[] {
  const n = count > 1 ? Math.min(MOST_SPOTS, count) : 5;
  const free = (turn: number) => !face || Math.cos(turn) < Math.cos(FACE_HALF);
  const turns = Array.from({ length: 4 * n }, (_, i) => (i * GOLDEN * Math.PI) / 180).filter(free);
  return turns.slice(0, n).map((turn, i) => [0.15 + (0.6 * (i + 0.5)) / n, turn] as const);
}
/** Half of a face, as it is turned. */
const FACE_HALF = Math.PI / 3;

/** 1 where a later round lies lower in the figure, −1 where it lies higher. */
function downwards(put: Put, last: number): 1 | -1 {
  const y = (band: number) => placed(put.pose, surfaceAt(put.solid, band, 0).at)[1];
  return y(0) >= y(last) ? 1 : -1;
}

const stitchesAround = (piece: Piece, band: number): number => {
  const rounds = bodyRounds(piece.part);
  return Math.max(4, rounds[Math.max(0, Math.min(rounds.length - 1, Math.round(band)))]?.count ?? 6);
};
