import type { Figure } from "./assemble";
import { facesOf, type Corner, type Facet } from "./facets";
import { brightnessOf, lit, litOne, relief, rgbOf, type Rgb } from "./light";
import { shadeColour } from "../notation/words/shades";
import type { PutThread } from "./thread";
import { add, length, sub, times, type Vec } from "./vector";
import { frameOf, lookingFrom, type View } from "./view";

export type { View } from "./view";
export interface Raster {
  readonly width: number;
  readonly height: number;
  /** RGBA, row by row, not premultiplied. */
  readonly rgba: Uint8ClampedArray;
  /** Pixels a millimetre. */
  readonly scale: number;
  /** Index of the piece put at each pixel, −1 for none: what a pointer is on. */
  readonly pieces: Int16Array;
  /** Depth at each pixel, mm towards the eye. */
  readonly depth: Float32Array;
  /** What stands in the middle of the picture, mm in the view's own axes. */
  readonly middle: readonly [number, number];
}

export interface Shot {
  readonly width: number;
  readonly height: number;
  readonly view: View;
  /** Slot → "#rrggbb". */
  readonly colours: Readonly<Record<string, string>>;
  readonly margin?: number;
  /** Fixed pixels a millimetre, so that several pictures are to one scale. */
  readonly scale?: number;
  /** The piece that is shown lighter, as when it is held. */
  readonly held?: number | undefined;
}

/** Drawn so many times larger each way and averaged. */
const FINE = 2;
/** Plastic eyes, and thread whose colour is not named. */
const BLACK: Rgb = [24, 25, 28];

/**
 * A picture of the figure without a graphics card: a depth buffer, light and the relief of the stitches.
 * Pure.
 */
export function raster(figure: Figure, shot: Shot, facets: readonly Facet[] = facesOf(figure)): Raster {
  const w = shot.width * FINE;
  const h = shot.height * FINE;
  const look = lookingFrom(shot.view);
  const frame = frameOf(facets, figure.eyes, look, { width: w, height: h }, (shot.margin ?? 6) * FINE);
  const scale = shot.scale === undefined ? frame.scale : shot.scale * FINE;
  const canvas = new Canvas(w, h, scale, frame.middle, look);
  const colours = new Map<string, Rgb>();
  const colourOf = (slot: string): Rgb => {
    let c = colours.get(slot);
    if (!c) colours.set(slot, (c = rgbOf(shot.colours[slot] ?? shot.colours["main"] ?? "")));
    return c;
  };
  for (const f of facets) canvas.facet(f, colourOf(f.slot), f.put === shot.held);
  for (const t of figure.threads) canvas.thread(t, threadColour(t, shot.colours));
  for (const e of figure.eyes) canvas.ball(e.at, e.out, e.radius, BLACK, true);
  canvas.edges();
  return canvas.small(shot.width, shot.height);
}

/** A thread's colour: its yarn's, else that of its name, else black. */
export function threadColour({ slot }: PutThread, colours: Shot["colours"]): Rgb {
  const hex = slot === undefined ? undefined : (colours[slot] ?? shadeColour(slot));
  return hex === undefined ? BLACK : rgbOf(hex);
}

interface Seen {
  readonly x: number;
  readonly y: number;
  readonly z: number;
  readonly out: Vec;
  readonly u: number;
  readonly v: number;
}

class Canvas {
  private readonly depth: Float32Array;
  private readonly rgb: Uint8ClampedArray;
  private readonly piece: Int16Array;
  constructor(
    private readonly w: number,
    private readonly h: number,
    private readonly scale: number,
    private readonly middle: readonly [number, number],
    private readonly look: (v: Vec) => Vec,
  ) {
    this.depth = new Float32Array(w * h).fill(-Infinity);
    this.rgb = new Uint8ClampedArray(w * h * 3);
    this.piece = new Int16Array(w * h).fill(-1);
  }

  private seen(c: Corner): Seen {
    const p = this.look(c.at);
    return {
      x: this.w / 2 + (p[0] - this.middle[0]) * this.scale,
      y: this.h / 2 - (p[1] - this.middle[1]) * this.scale,
      z: p[2],
      out: this.look(c.out),
      u: c.u,
      v: c.v,
    };
  }

  facet(f: Facet, colour: Rgb, held: boolean): void {
    const [a, b, c, d] = f.corners.map((x) => this.seen(x)) as [Seen, Seen, Seen, Seen];
    const size = Math.hypot(d.x - a.x, d.y - a.y) / Math.max(0.05, Math.abs(d.u - a.u)) / FINE;
    this.triangle(a, b, c, colour, size, f.put, held);
    this.triangle(a, c, d, colour, size, f.put, held);
  }

  private triangle(a: Seen, b: Seen, c: Seen, colour: Rgb, size: number, put: number, held: boolean): void {
    const area = (b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y);
    if (Math.abs(area) < 1e-9) return;
    // Seen from behind: the inside of a cup has facets of its own.
    if (a.out[2] + b.out[2] + c.out[2] < -0.6) return;
    const x0 = Math.max(0, Math.floor(Math.min(a.x, b.x, c.x)));
    const x1 = Math.min(this.w - 1, Math.ceil(Math.max(a.x, b.x, c.x)));
    const y0 = Math.max(0, Math.floor(Math.min(a.y, b.y, c.y)));
    const y1 = Math.min(this.h - 1, Math.ceil(Math.max(a.y, b.y, c.y)));
    for (let y = y0; y <= y1; y++)
      for (let x = x0; x <= x1; x++) {
        const px = x + 0.5;
        const py = y + 0.5;
        const kb = ((px - a.x) * (c.y - a.y) - (c.x - a.x) * (py - a.y)) / area;
        const kc = ((b.x - a.x) * (py - a.y) - (px - a.x) * (b.y - a.y)) / area;
        const ka = 1 - kb - kc;
        if (ka < -1e-6 || kb < -1e-6 || kc < -1e-6) continue;
        const z = ka * a.z + kb * b.z + kc * c.z;
        const i = y * this.w + x;
        if (z <= (this.depth[i] ?? 0)) continue;
        this.depth[i] = z;
        this.piece[i] = put;
        const ox = ka * a.out[0] + kb * b.out[0] + kc * c.out[0];
        const oy = ka * a.out[1] + kb * b.out[1] + kc * c.out[1];
        const oz = ka * a.out[2] + kb * b.out[2] + kc * c.out[2];
        const l = Math.sqrt(ox * ox + oy * oy + oz * oz) || 1;
        const u = ka * a.u + kb * b.u + kc * c.u;
        const v = ka * a.v + kb * b.v + kc * c.v;
        const light = brightnessOf(ox / l, oy / l, oz / l) * relief(u, v, size);
        const k = held ? light * 1.15 + 0.12 : light;
        this.rgb[3 * i] = litOne(colour[0], k);
        this.rgb[3 * i + 1] = litOne(colour[1], k);
        this.rgb[3 * i + 2] = litOne(colour[2], k);
      }
  }

  private paint(i: number, c: Rgb): void {
    this.rgb[3 * i] = c[0];
    this.rgb[3 * i + 1] = c[1];
    this.rgb[3 * i + 2] = c[2];
  }

  /** Embroidery: a thread along its points, as beads that overlap. */
  thread({ points, radius }: PutThread, colour: Rgb): void {
    points.forEach((p, i) => {
      const next = points[i + 1] ?? p;
      const way = sub(next.at, p.at);
      const steps = Math.max(1, Math.ceil(length(way) / (0.6 * radius)));
      for (let k = 0; k < steps; k++) this.ball(add(p.at, times(way, k / steps)), p.out, radius, colour);
    });
  }

  /** An eye: a dome of dark plastic with a small light in it, half of it out of the fabric. */
  ball(at: Vec, out: Vec, radius: number, colour: Rgb, shines = false): void {
    const p = this.look(at);
    const n = this.look(out);
    const sunk = radius * 0.35;
    const cx = this.w / 2 + (p[0] - n[0] * sunk - this.middle[0]) * this.scale;
    const cy = this.h / 2 - (p[1] - n[1] * sunk - this.middle[1]) * this.scale;
    const cz = p[2] - n[2] * sunk;
    const r = radius * this.scale;
    for (let y = Math.max(0, Math.floor(cy - r)); y <= Math.min(this.h - 1, cy + r); y++)
      for (let x = Math.max(0, Math.floor(cx - r)); x <= Math.min(this.w - 1, cx + r); x++) {
        const dx = (x + 0.5 - cx) / r;
        const dy = (y + 0.5 - cy) / r;
        const d = dx * dx + dy * dy;
        if (d > 1) continue;
        const nz = Math.sqrt(1 - d);
        const z = cz + nz * radius;
        const i = y * this.w + x;
        if (z <= (this.depth[i] ?? 0)) continue;
        this.depth[i] = z;
        const light = shines && (dx + 0.36) ** 2 + (dy + 0.38) ** 2 < 0.045;
        this.paint(i, light ? [250, 250, 250] : lit(colour, 0.7 + 0.6 * Math.max(0, nz * 0.6 - dy * 0.4)));
      }
  }

  /**
   * Where the depth jumps a fine darker line parts one form from another; light yarn stays to be seen on a
   * light ground.
   */
  edges(): void {
    const [between, within] = [0.5, 3];
    const dark: number[] = [];
    for (let y = 1; y < this.h - 1; y++)
      for (let x = 1; x < this.w - 1; x++) {
        const i = y * this.w + x;
        const z = this.depth[i] ?? -Infinity;
        if (z === -Infinity) continue;
        for (const k of [i - 1, i + 1, i - this.w, i + this.w]) {
          const other = this.depth[k] ?? -Infinity;
          const jump = this.piece[k] === this.piece[i] ? within : between;
          if (other !== -Infinity && other - z <= jump) continue;
          dark.push(i);
          break;
        }
      }
    for (const i of dark) for (let c = 0; c < 3; c++) this.rgb[3 * i + c] = (this.rgb[3 * i + c] ?? 0) * 0.62;
  }

  /** Averaged down to the size asked for. */
  small(width: number, height: number): Raster {
    const rgba = new Uint8ClampedArray(width * height * 4);
    const pieces = new Int16Array(width * height).fill(-1);
    const depth = new Float32Array(width * height).fill(-Infinity);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        let n = 0;
        const sum = [0, 0, 0];
        const o = y * width + x;
        for (let dy = 0; dy < FINE; dy++)
          for (let dx = 0; dx < FINE; dx++) {
            const i = (y * FINE + dy) * this.w + x * FINE + dx;
            const z = this.depth[i] ?? -Infinity;
            if (z === -Infinity) continue;
            n++;
            for (let c = 0; c < 3; c++) sum[c] = (sum[c] ?? 0) + (this.rgb[3 * i + c] ?? 0);
            if (z > (depth[o] ?? 0) || depth[o] === -Infinity) {
              depth[o] = z;
              pieces[o] = this.piece[i] ?? -1;
            }
          }
        if (n === 0) continue;
        for (let c = 0; c < 3; c++) rgba[4 * o + c] = (sum[c] ?? 0) / n;
        rgba[4 * o + 3] = (255 * n) / (FINE * FINE);
      }
    return { width, height, rgba, scale: this.scale / FINE, pieces, depth, middle: this.middle };
  }
}
