import { hostPut, turnOf, type Figure } from "./assemble";
import { surfaceAt } from "./solid";
import { placed, type Vec } from "./vector";

/** Steps in which a place is looked for and kept: half a round, half a stitch. */
const HALF = 0.5;

/**
 * The place on its host nearest to a point of the figure, for a piece that is moved by hand. Index into
 * `figure.put`.
 */
export function placeNear(
  figure: Figure,
  moving: number,
  near: Vec,
): { band: number; angle: number } | undefined {
  const put = figure.put[moving];
  const host = put && put.place.host !== undefined ? hostPut(put.place, figure.put) : undefined;
  if (!host) return undefined;
  let best = { band: 0, angle: 0, far: Infinity };
  for (let band = 0; band <= host.solid.bands.length - 1; band += HALF) {
    const stitches = host.solid.bands[Math.floor(band)]?.stitches ?? 12;
    for (let k = 0; k < 2 * stitches; k++) {
      const angle = (180 * k) / stitches - 180;
      const p = placed(host.pose, surfaceAt(host.solid, band, turnOf(angle, host)).at);
      const far = Math.hypot(p[0] - near[0], p[1] - near[1], p[2] - near[2]);
      if (far < best.far) best = { band, angle, far };
    }
  }
  return { band: best.band, angle: best.angle };
}
