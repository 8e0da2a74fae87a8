import type { Figure } from "./assemble";
import { facesOf, type Facet } from "./facets";
import { brightness, hexOf, lit, rgbOf } from "./light";
import { raster, threadColour, type Shot } from "./raster";
import { unit, type Vec } from "./vector";
import { frameOf, lookingFrom } from "./view";

/** Tones a colour is drawn in: few enough that neighbours fall together into one path. */
const TONES = 14;
const BLACK = "#18191c";

/**
 * The figure as an SVG document, to any size: what can be seen of its surface, the farthest first. `title` is
 * its text alternative. Pure.
 */
export function drawing(
  figure: Figure,
  shot: Shot & { readonly title: string },
  facets: readonly Facet[] = facesOf(figure),
): string {
  const look = lookingFrom(shot.view);
  const frame = frameOf(facets, figure.eyes, look, shot, shot.margin ?? 6);
  const scale = shot.scale ?? frame.scale;
  const flat = (v: Vec) => {
    const p = look(v);
    return {
      x: shot.width / 2 + (p[0] - frame.middle[0]) * scale,
      y: shot.height / 2 - (p[1] - frame.middle[1]) * scale,
      z: p[2],
    };
  };
  const seen = raster(figure, { ...shot, scale }, facets);
  const marks: { z: number; svg: string; fill?: string; path?: string }[] = [];
  for (const f of facets) {
    const c = f.corners.map((x) => flat(x.at));
    const out = unit(
      f.corners.reduce<Vec>((s, x) => [s[0] + x.out[0], s[1] + x.out[1], s[2] + x.out[2]], [0, 0, 0]),
    );
    const facing = look(out);
    const z = c.reduce((s, p) => s + p.z, 0) / 4;
    if (facing[2] < -0.15 || !visible(seen, c, z)) continue;
    const tone = Math.round(brightness(facing) * TONES) / TONES;
    const fill = hexOf(lit(rgbOf(shot.colours[f.slot] ?? shot.colours["main"] ?? ""), tone));
    marks.push({
      z,
      fill,
      svg: "",
      path: `M${c.map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join("L")}Z`,
    });
  }
  for (const t of figure.threads) {
    const stroke = hexOf(threadColour(t, shot.colours));
    const wide = (2 * t.radius * scale).toFixed(1);
    t.points.forEach((p, i) => {
      // A single point is a spot; of a line each stretch is drawn where it can be seen.
      const next = t.points[i + 1] ?? (t.points.length === 1 ? p : undefined);
      if (next === undefined || look(p.out)[2] < 0) return;
      const [a, b] = [flat(p.at), flat(next.at)];
      if (!visible(seen, [a, b], (a.z + b.z) / 2)) return;
      const way = `M${a.x.toFixed(1)} ${a.y.toFixed(1)}L${b.x.toFixed(1)} ${b.y.toFixed(1)}`;
      const svg = `<path d="${way}" stroke="${stroke}" stroke-width="${wide}" stroke-linecap="round" fill="none"/>`;
      marks.push({ z: (a.z + b.z) / 2 + t.radius, svg });
    });
  }
  for (const e of figure.eyes) {
    const n = look(e.out);
    const p = flat(e.at);
    const sunk = e.radius * 0.35;
    const at = { x: p.x - n[0] * sunk * scale, y: p.y + n[1] * sunk * scale, r: e.radius * scale };
    if (!visible(seen, [p], p.z + e.radius * 0.65)) continue;
    const spot = { x: at.x - at.r * 0.36, y: at.y - at.r * 0.38, r: at.r * 0.21 };
    marks.push({ z: p.z + e.radius * 0.4, svg: circle(at, BLACK) + circle(spot, "#fff") });
  }
  const open = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${shot.width} ${shot.height}" role="img">`;
  return `${open}<title>${escaped(shot.title)}</title>${joined(marks)}</svg>`;
}

const circle = (c: { x: number; y: number; r: number }, fill: string): string =>
  `<circle cx="${c.x.toFixed(1)}" cy="${c.y.toFixed(1)}" r="${c.r.toFixed(1)}" fill="${fill}"/>`;

/**
 * Neighbours in the order of drawing that share a tone become one path; a hair of the same colour closes the
 * seams.
 */
function joined(marks: { z: number; svg: string; fill?: string; path?: string }[]): string {
  marks.sort((a, b) => a.z - b.z);
  let out = "";
  let fill: string | undefined;
  let path = "";
  const flush = () => {
    if (path) out += `<path d="${path}" fill="${fill}" stroke="${fill}" stroke-width=".6"/>`;
    path = "";
  };
  for (const m of marks) {
    if (m.path === undefined || m.fill !== fill) {
      flush();
      fill = m.fill;
    }
    if (m.path === undefined) out += m.svg;
    else path += m.path;
  }
  flush();
  return out;
}

/** Something of it stands in front of all else, within two millimetres. */
function visible(
  seen: { width: number; height: number; depth: Float32Array },
  corners: readonly { x: number; y: number }[],
  z: number,
): boolean {
  const middle = {
    x: corners.reduce((s, p) => s + p.x, 0) / corners.length,
    y: corners.reduce((s, p) => s + p.y, 0) / corners.length,
  };
  return [middle, ...corners].some(({ x, y }) => {
    const i = Math.max(0, Math.min(seen.width - 1, Math.floor(x)));
    const j = Math.max(0, Math.min(seen.height - 1, Math.floor(y)));
    const d = seen.depth[j * seen.width + i] ?? -Infinity;
    return d === -Infinity || d <= z + 2;
  });
}

const escaped = (s: string): string =>
  s.replace(/[&<>"]/g, (c) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" })[c] ?? c);
