/**
 * Three numbers: millimetres, or a direction. x to the right as seen from the front, y up, z towards the
 * viewer.
 */
export type Vec = readonly [number, number, number];

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (a: Vec, k: number): Vec => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const length = (a: Vec): number => Math.hypot(a[0], a[1], a[2]);
/** Of length 1; `otherwise` where there is no direction. */
export const unit = (a: Vec, otherwise: Vec = [0, 1, 0]): Vec => {
  const l = length(a);
  return l > 1e-9 ? times(a, 1 / l) : otherwise;
};

export const UP: Vec = [0, 1, 0];
export const DOWN: Vec = [0, -1, 0];
export const FRONT: Vec = [0, 0, 1];
export const BACK: Vec = [0, 0, -1];

/** Where a part lies: its own axes in the figure's, and its own origin. */
export interface Pose {
  readonly at: Vec;
  readonly x: Vec;
  readonly y: Vec;
  readonly z: Vec;
}
export const HOME: Pose = { at: [0, 0, 0], x: [1, 0, 0], y: [0, 1, 0], z: [0, 0, 1] };

export const turned = (p: Pose, v: Vec): Vec =>
  add(add(times(p.x, v[0]), times(p.y, v[1])), times(p.z, v[2]));
export const placed = (p: Pose, v: Vec): Vec => add(p.at, turned(p, v));
/** The way back. */
export const inside = (p: Pose, v: Vec): Vec => {
  const d = sub(v, p.at);
  return [dot(d, p.x), dot(d, p.y), dot(d, p.z)];
};
/** Axis along `y`, its own front as near to `front` as that allows. */
export function poseAlong(at: Vec, y: Vec, front: Vec): Pose {
  const along = unit(y);
  const flat = sub(front, times(along, dot(front, along)));
  const other: Vec = Math.abs(along[1]) < 0.9 ? UP : FRONT;
  const z = length(flat) > 1e-3 ? unit(flat) : unit(sub(other, times(along, dot(other, along))), FRONT);
  return { at, x: cross(along, z), y: along, z };
}
