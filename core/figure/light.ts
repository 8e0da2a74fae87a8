import { unit, type Vec } from "./vector";

/** Red, green, blue, 0 to 255. */
export type Rgb = readonly [number, number, number];

const SUN: Vec = unit([-0.45, 0.75, 0.65]);
const FILL: Vec = unit([0.7, 0.1, 0.5]);

/** How bright a surface is that looks along `out`, in the view's axes: 1 is the yarn's own colour. */
export const brightness = (out: Vec): number => brightnessOf(out[0], out[1], out[2]);
/** The same by its three numbers: asked for every pixel. */
export function brightnessOf(x: number, y: number, z: number): number {
  const sun = Math.max(0, x * SUN[0] + y * SUN[1] + z * SUN[2]);
  const fill = Math.max(0, x * FILL[0] + y * FILL[1] + z * FILL[2]);
  // Wool turns dark slowly towards its edge; nothing of it is black.
  const rim = 0.12 * (1 - Math.max(0, z));
  return 0.52 + 0.5 * sun + 0.14 * fill - rim;
}

/**
 * Relief of a stitch: the two legs of its V and the groove between rounds, around 1. `size`: pixels a stitch
 * is wide; small ones fade into an even tone.
 */
export function relief(u: number, v: number, size: number): number {
  if (size < 2.5) return 1 - 0.05 * Math.cos(2 * Math.PI * v);
  const f = u - Math.floor(u);
  const d = Math.abs(f - 0.5) - (0.1 + 0.33 * v);
  const leg = Math.exp(-(d * d) / 0.018);
  const round = Math.sqrt(Math.max(0, Math.sin(Math.PI * v)));
  const strength = Math.min(1, (size - 2.5) / 5);
  return 1 + strength * (0.3 * leg * round - 0.2 + 0.06 * round);
}

/** "#rrggbb" → numbers; anything else is a middle grey. */
export function rgbOf(hex: string): Rgb {
  const m = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(hex);
  return m ? [parseInt(m[1] ?? "", 16), parseInt(m[2] ?? "", 16), parseInt(m[3] ?? "", 16)] : [150, 156, 158];
}
/**
 * A colour under a light: brighter than itself it goes towards white, darker towards a deep tone of itself.
 */
export const lit = (c: Rgb, k: number): Rgb => [litOne(c[0], k), litOne(c[1], k), litOne(c[2], k)];
/** One of its three. */
export const litOne = (x: number, k: number): number =>
  Math.round(
    Math.max(0, Math.min(255, k <= 1 ? x * k + 6 * (1 - k) : x + (255 - x) * Math.min(1, (k - 1) * 0.7))),
  );
export const hexOf = (c: Rgb): string => `#${c.map((x) => x.toString(16).padStart(2, "0")).join("")}`;
