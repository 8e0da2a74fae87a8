import type { Facet } from "./facets";
import type { PutEye } from "./assemble";
import type { Vec } from "./vector";

/**
 * From where a figure is looked at: degrees around it (0 from the front, 90 from its left side), and from
 * above.
 */
export interface View {
  readonly turn: number;
  readonly tilt: number;
}

/**
 * Figure → view: x to the right, y up, z towards the eye; parallel, so that lengths across the view stay
 * true.
 */
export function lookingFrom(view: View): (v: Vec) => Vec {
  const a = (view.turn * Math.PI) / 180;
  const b = (view.tilt * Math.PI) / 180;
  const [ca, sa, cb, sb] = [Math.cos(a), Math.sin(a), Math.cos(b), Math.sin(b)];
  return ([x, y, z]) => {
    const x1 = ca * x + sa * z;
    const z1 = -sa * x + ca * z;
    return [x1, cb * y - sb * z1, sb * y + cb * z1];
  };
}

export interface Frame {
  /** Pixels a millimetre. */
  readonly scale: number;
  readonly middle: readonly [number, number];
}

/** The scale at which all of it stands in a picture so large, with a margin in pixels. */
export function frameOf(
  facets: readonly Facet[],
  eyes: readonly PutEye[],
  look: (v: Vec) => Vec,
  size: { readonly width: number; readonly height: number },
  margin: number,
): Frame {
  const box = [Infinity, Infinity, -Infinity, -Infinity] as [number, number, number, number];
  const take = (v: Vec, r: number) => {
    const [x, y] = look(v);
    box[0] = Math.min(box[0], x - r);
    box[1] = Math.min(box[1], y - r);
    box[2] = Math.max(box[2], x + r);
    box[3] = Math.max(box[3], y + r);
  };
  for (const f of facets) for (const c of f.corners) take(c.at, 0);
  for (const e of eyes) take(e.at, e.radius * 0.6);
  if (!Number.isFinite(box[0])) return { scale: 1, middle: [0, 0] };
  const scale = Math.min(
    (size.width - 2 * margin) / Math.max(1e-6, box[2] - box[0]),
    (size.height - 2 * margin) / Math.max(1e-6, box[3] - box[1]),
  );
  return { scale, middle: [(box[0] + box[2]) / 2, (box[1] + box[3]) / 2] };
}
