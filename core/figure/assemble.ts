import { bodyRounds, faceOf } from "../fabric";
import type { Place } from "./place";
import type { EmbroiderySaid } from "./reading/embroidery";
import { threadsOf, type PutThread } from "./thread";
import { resolvePlaces, type Piece, type Resolved } from "./resolve";
import type { Said } from "./said";
import {
  distance,
  fallsFlat,
  pointAt,
  rowAt,
  samples,
  solidOf,
  surfaceAt,
  type Row,
  type Solid,
} from "./solid";
import { habitOf } from "./kinds";
import {
  add,
  BACK,
  dot,
  DOWN,
  FRONT,
  inside,
  placed,
  poseAlong,
  times,
  turned,
  unit,
  UP,
  type Pose,
  type Vec,
} from "./vector";

export interface Put {
  readonly place: Place;
  readonly solid: Solid;
  readonly pose: Pose;
  /** Laid flat on its host: points are moved onto that surface, along this direction. */
  readonly drape: { readonly host: number; readonly along: Vec } | undefined;
}
export interface PutEye {
  readonly at: Vec;
  readonly out: Vec;
  readonly radius: number;
  readonly what: "eye" | "nose";
}
export interface Figure extends Resolved {
  readonly pieces: readonly Piece[];
  /**
   * In the order of the pattern's parts, hosts placed before what goes on them. Index of `host` in `drape` is
   * into this list.
   */
  readonly put: readonly Put[];
  readonly eyes: readonly PutEye[];
  /** Embroidery that lies on the pieces. */
  readonly threads: readonly PutThread[];
}

/** Parts sit into each other by about so much of a stitch's height. */
const SINK = 0.6;
const STEPS = 30;

/** A piece moved by hand: on the surface of what it goes on. */
export interface Moved {
  readonly part: number;
  readonly piece: number;
  readonly band: number;
  readonly angle: number;
}

/** The parts put together as the text says, in millimetres; what was moved by hand goes before it. Pure. */
export function assemble(
  pieces: readonly Piece[],
  said: readonly Said[],
  moved: readonly Moved[] = [],
  embroidery: readonly EmbroiderySaid[] = [],
): Figure {
  const told = resolvePlaces(pieces, said);
  const resolved = { ...told, places: told.places.map((p) => movedPlace(p, moved)) };
  const put: Put[] = [];
  const left = [...resolved.places];
  while (left.length > 0) {
    const next = left.findIndex((p) => p.host === undefined || put.some((x) => x.place.part === p.host));
    const [place] = left.splice(Math.max(0, next), 1);
    if (place) put.push(putOne(place, pieces, resolved, put));
  }
  return {
    ...resolved,
    pieces,
    put,
    eyes: put.flatMap((p) => eyesOf(p, pieces)),
    threads: threadsOf(put, pieces, resolved.root, embroidery),
  };
}

function movedPlace(p: Place, moved: readonly Moved[]): Place {
  const m = moved.findLast((x) => x.part === p.part && x.piece === p.piece);
  return m && p.host !== undefined
    ? {
        ...p,
        on: "surface",
        points: p.points === "along" ? "out" : p.points,
        lean: 0,
        band: m.band,
        angle: m.angle,
      }
    : p;
}

function putOne(place: Place, pieces: readonly Piece[], r: Resolved, put: readonly Put[]): Put {
  const piece = pieces[place.part] as Piece;
  const habit = habitOf(
    piece.part.name,
    pieces.map((p) => p.part.name),
  );
  const loop = piece.fabric.form === "cord" && habit.host[0] === "top";
  const flat = place.host !== undefined && fallsFlat(piece.fabric, habit.cup === true);
  const host = hostPut(place, put);
  const whole = solidOf(piece.part, piece.fabric, { flat, loop });
  const solid = host && place.on === "inside" ? within(whole, host.solid.widest * 0.92) : whole;
  if (!host) return { place, solid, pose: rootPose(place, solid, r), drape: undefined };
  const settled = poseOn(place, solid, host, put.indexOf(host), r);
  return { place, solid, ...settled };
}

/** A seat as wide as the boat: what is wider is squeezed in. */
const within = (s: Solid, half: number): Solid => ({
  ...s,
  bands: s.bands.map((b) => {
    const row = (r: Row): Row => ({ ...r, a: Math.min(r.a, half) });
    return { ...b, rows: [row(b.rows[0]), row(b.rows[1]), row(b.rows[2])] as const };
  }),
});

/** The piece of the host that carries it: the same one of several where both come in pairs. */
export function hostPut(place: Place, put: readonly Put[]): Put | undefined {
  const all = put.filter((p) => p.place.part === place.host);
  return all.find((p) => p.place.piece === place.piece) ?? all[0];
}

function rootPose(place: Place, solid: Solid, r: Resolved): Pose {
  const firstOnTop = r.firstOnTop[place.part] ?? true;
  const middle = solid.height / 2;
  // The open end, the last round, looks where the text says.
  const end: Vec = r.opening === "front" ? FRONT : r.opening === "back" ? BACK : firstOnTop ? DOWN : UP;
  const pose = poseAlong([0, 0, 0], end, Math.abs(end[2]) > 0.5 ? UP : FRONT);
  const flatOnTable = solid.form === "disc" || solid.form === "plate";
  return flatOnTable ? poseAlong([0, 0, 0], FRONT, UP) : { ...pose, at: times(pose.y, -middle) };
}

/** Seen from the front an angle grows to the right; on the part itself that depends on which end is up. */
export const turnOf = (angle: number, host: Put): number =>
  ((angle * Math.PI) / 180) * (host.pose.y[1] < -0.5 ? 1 : -1);

function poseOn(
  place: Place,
  solid: Solid,
  host: Put,
  hostIndex: number,
  r: Resolved,
): Pick<Put, "pose" | "drape"> {
  const at = anchorOf(place, host);
  const out = at.out;
  if (solid.form === "disc") return discOn(place, solid, host, hostIndex, at);
  if (place.lies) {
    const along = unit(add(UP, times(out, -dot(UP, out))), UP);
    const pose = poseAlong(at.at, along, out);
    const centred = { ...pose, at: add(pose.at, times(along, -solid.height / 2)) };
    return { pose: centred, drape: { host: hostIndex, along: out } };
  }
  if (place.on === "inside") return { pose: acrossInside(place, solid, host, r), drape: undefined };
  if (solid.form === "loop") {
    const pose = poseAlong(add(at.at, times(out, -solid.stitch.height * SINK)), out, FRONT);
    return { pose, drape: undefined };
  }
  if (solid.form === "cord" && place.points === "side")
    return { pose: layOver(place, solid, host), drape: undefined };
  const base = baseOf(solid);
  const front = host.pose.y[1] > 0.5 || host.pose.y[1] < -0.5 ? FRONT : UP;
  const make = (dir: Vec): Pose => {
    const thin = solid.ratio > 1.5 && Math.abs(dot(dir, out)) < 0.8 ? out : front;
    const p = poseAlong([0, 0, 0], times(dir, base.end ? -1 : 1), thin);
    return { ...p, at: add(at.at, times(turned(p, [0, base.y, 0]), -1)) };
  };
  let pose = make(out);
  for (const dir of directions(place, out, host)) {
    pose = settle(make(dir), out, solid, base, host, place);
    if (!swallowed(pose, solid, base, host)) break;
  }
  return { pose, drape: undefined };
}

/** The end by which a part is sewn on: its open edge or last round. */
const baseOf = (solid: Solid): { y: number; end: boolean } =>
  solid.form === "cord" ? { y: 0, end: false } : { y: solid.height, end: true };

function anchorOf(place: Place, host: Put): { at: Vec; out: Vec } {
  const { solid, pose } = host;
  if (place.on === "start" || place.on === "end") {
    const y = place.on === "start" ? 0 : solid.height;
    const out = times(pose.y, place.on === "start" ? -1 : 1);
    // Several on one end stand side by side.
    const aside = place.lean === 0 ? 0 : Math.sign(place.lean) * solid.widest * 0.12;
    const sideways: Vec = [1, 0, 0];
    const leaning = unit(add(out, times(sideways, Math.tan((place.lean * Math.PI) / 180))));
    return { at: add(placed(pose, [0, y, 0]), times(sideways, aside)), out: leaning };
  }
  const s = surfaceAt(solid, place.band, turnOf(place.angle, host));
  return { at: placed(pose, s.at), out: unit(turned(pose, s.out)) };
}

/** Ways in which the part may point, the wanted first; later ones stand further off the host. */
function directions(place: Place, out: Vec, host: Put): Vec[] {
  const level: Vec = unit([out[0], 0, out[2]], FRONT);
  const bent = (aim: Vec): Vec[] => [0, 0.2, 0.4, 0.7, 1.1, 2].map((k) => unit(add(aim, times(out, k))));
  switch (place.points) {
    case "hang":
    case "down":
      return [0.25, 0.45, 0.7, 1.1, 2].map((k) => unit(add(DOWN, times(out, k))));
    case "up":
      return bent(UP);
    case "forward":
      return bent(FRONT);
    case "back":
      return bent(BACK);
    case "side":
      return bent(Math.abs(out[0]) > 0.1 ? [Math.sign(out[0]), 0, 0] : level);
    case "along":
      return place.on === "surface" ? bent(host.pose.y[1] > 0 ? DOWN : UP) : [out];
    default:
      // Low on a piece "out" would be under the table: what sticks out there bends level.
      return [place.on === "surface" && out[1] < -0.1 ? unit([out[0], -0.1, out[2]], FRONT) : out];
  }
}

/** Moves the part off its place, straight out, until its sewn edge lies in the host's surface. */
function settle(
  pose: Pose,
  dir: Vec,
  solid: Solid,
  base: { y: number; end: boolean },
  host: Put,
  place: Place,
): Pose {
  const sink = solid.stitch.height * SINK;
  const ring = ringPoints(
    solid,
    base.end ? (solid.bands.at(-1)?.rows[2] ?? rowAt(solid, 0)) : rowAt(solid, 0),
  );
  const open = solid.openEnd && base.end && solid.edge > solid.stitch.width * 0.5;
  const ontoEnd = place.on === "end" && host.solid.openEnd && host.solid.edge < solid.widest;
  const ends = host.solid.bands.at(place.on === "start" ? 0 : -1)?.rows[2];
  const hostRing = ends ? ringPoints(host.solid, ends).map((p) => placed(host.pose, p)) : [];
  const all = samples(solid, 8);
  const offAs = (byEdge: boolean, t: number): number => {
    const moved = { ...pose, at: add(pose.at, times(dir, t)) };
    if (ontoEnd && solid.ratio < 1.5)
      return mean(hostRing.map((p) => distance(solid, inside(moved, p)))) + sink / 2;
    const far = (points: readonly Vec[]) =>
      points.map((p) => distance(host.solid, inside(host.pose, placed(moved, p))));
    return byEdge ? mean(far(ring)) + sink / 2 : Math.min(...far(all)) + (open ? -sink / 4 : sink);
  };
  const reach = host.solid.height + host.solid.widest + solid.height + solid.widest;
  // By its sewn edge; a cap that is wider than what it covers comes to rest on its crown.
  for (const byEdge of open || solid.ratio > 1.5 || solid.form === "plate" ? [true, false] : [false]) {
    const t = firstTouch((x) => offAs(byEdge, x), reach);
    if (t !== undefined) return { ...pose, at: add(pose.at, times(dir, t)) };
  }
  return pose;
}

/** The shift at which it comes off the host, nearest to where it was meant to be. */
function firstTouch(off: (t: number) => number, reach: number): number | undefined {
  const step = reach / 80;
  let best: number | undefined;
  let before = off(-reach);
  for (let k = 1; k <= 160; k++) {
    const t = -reach + k * step;
    const here = off(t);
    if (before <= 0 && here > 0 && (best === undefined || Math.abs(t) < Math.abs(best))) best = t;
    before = here;
  }
  if (best === undefined) return undefined;
  let low = best - step;
  let high = best;
  for (let i = 0; i < STEPS; i++) {
    const mid = (low + high) / 2;
    if (off(mid) > 0) high = mid;
    else low = mid;
  }
  return low;
}
const mean = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0) / Math.max(1, xs.length);
const ringPoints = (s: Solid, row: Row): Vec[] =>
  Array.from({ length: 16 }, (_, k) => pointAt(s, row, (2 * Math.PI * k) / 16));

/** Too much of its free part lies inside the host: more than an eighth of its points, half a row deep. */
function swallowed(pose: Pose, solid: Solid, base: { y: number; end: boolean }, host: Put): boolean {
  const free = samples(solid).filter((p) => Math.abs(p[1] - base.y) > solid.height * 0.3);
  const deep = free.filter(
    (p) => distance(host.solid, inside(host.pose, placed(pose, p))) < -solid.stitch.height * 0.5,
  );
  return deep.length > free.length / 8;
}

/** Flat on the surface; under the base it lies level and looks out at the front. */
function discOn(
  place: Place,
  solid: Solid,
  host: Put,
  hostIndex: number,
  at: { at: Vec; out: Vec },
): Pick<Put, "pose" | "drape"> {
  const thick = solid.height;
  if (place.points === "forward" && !upright(place, host)) {
    const level: Vec = [at.at[0], lowestOf(host) - thick * 0.35, at.at[2]];
    return { pose: poseAlong(level, UP, FRONT), drape: undefined };
  }
  const pose = poseAlong(add(at.at, times(at.out, -thick * 0.2)), at.out, FRONT);
  return { pose, drape: { host: hostIndex, along: at.out } };
}
/** Well above the base: then it faces forward instead of lying under it. */
const upright = (place: Place, host: Put): boolean => {
  const y = placed(host.pose, pointAt(host.solid, rowAt(host.solid, place.band), 0))[1];
  return y - lowestOf(host) > host.solid.height * 0.3;
};
export const lowestOf = (p: Put): number => Math.min(...samples(p.solid).map((v) => placed(p.pose, v)[1]));

/** A seat across the opening, level; several one behind the other along it. */
function acrossInside(place: Place, solid: Solid, host: Put, r: Resolved): Pose {
  const all = r.places.filter((p) => p.part === place.part).length;
  const share = all === 1 ? 0 : ((2 * place.piece) / (all - 1) - 1) * 0.5;
  const long = host.solid.straight / 2 + host.solid.widest;
  const rim = placed(host.pose, [0, host.solid.height * 0.88, 0]);
  const at = add(rim, [share * long, 0, 0]);
  // Its rows run along the boat, its stitches from side to side.
  const pose = poseAlong(at, [1, 0, 0], UP);
  return { ...pose, at: add(at, times(pose.y, -solid.height / 2)) };
}

/** A pole laid over the rim: out at the side, sloping down. */
function layOver(place: Place, solid: Solid, host: Put): Pose {
  const rim = host.solid.openEnd ? host.solid.height : host.solid.height * 0.5;
  const side = place.piece % 2 === 0 ? -1 : 1;
  const row = rowAt(host.solid, host.solid.bands.length - 1);
  const boat = host.solid.straight > 0;
  const at = placed(host.pose, boat ? [0, rim, side * row.b] : [-side * row.a, rim, 0]);
  const dir = unit(boat ? [0.35 * side, -0.25, side] : [side, -0.4, 0.2]);
  const pose = poseAlong(at, dir, UP);
  return { ...pose, at: add(at, times(dir, -solid.height * 0.4)) };
}

/** A point of a piece in the figure, moved onto the host where the piece is laid on it. */
export function pointIn(put: Put, all: readonly Put[], local: Vec): Vec {
  const p = placed(put.pose, local);
  const host = put.drape ? all[put.drape.host] : undefined;
  if (!put.drape || !host) return p;
  // How far the point stands off the flat it was drawn on, it keeps standing off the surface.
  const thick = put.solid.form === "disc" ? local[1] : local[2] + put.solid.stitch.width * 0.4;
  let at = p;
  for (let i = 0; i < 3; i++) {
    const off = distance(host.solid, inside(host.pose, at)) - thick * 0.8;
    at = add(at, times(put.drape.along, -off));
  }
  return at;
}

function eyesOf(put: Put, pieces: readonly Piece[]): PutEye[] {
  const piece = pieces[put.place.part] as Piece;
  const counted = bodyRounds(piece.part);
  return faceOf(piece.part, piece.fabric).flatMap((face) => {
    const band = (n: number) => counted.findIndex((r) => r.number === n);
    const at = (band(face.rounds[0]) + Math.max(band(face.rounds[1]), band(face.rounds[0]))) / 2;
    const half = face.degrees / 2;
    return (face.count === 1 ? [0] : [-half, half]).map((angle): PutEye => {
      const s = surfaceAt(put.solid, at, (angle * Math.PI) / 180);
      return {
        at: placed(put.pose, s.at),
        out: unit(turned(put.pose, s.out)),
        radius: (face.sizeMm ?? face.suggestedMm) / 2,
        what: face.what,
      };
    });
  });
}
