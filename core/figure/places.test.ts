import { describe, expect, it } from "vitest";
import { made } from "../../tests/assembly/made";
import { FIGURES, OF_CORPUS } from "../../tests/assembly/figures";
import type { Figure } from "./assemble";
import { facesOf } from "./facets";
import { samples } from "./solid";
import { placed } from "./vector";

const middleOf = (f: Figure, index: number) => {
  const put = f.put[index];
  const points = put ? samples(put.solid).map((p) => placed(put.pose, p)) : [];
  return [0, 1, 2].map((k) => points.reduce((s, p) => s + (p[k] ?? 0), 0) / points.length) as [
    number,
    number,
    number,
  ];
};

describe("parts go where a maker would put them", () => {
  for (const c of [...FIGURES, ...OF_CORPUS])
    it(`${c.part}${c.piece === undefined ? "" : ` ${c.piece + 1}`}: ${c.text.trim().split("\n").at(-1)}`, () => {
      const f = made(c.text);
      const at = f.put.findIndex(
        (p) => f.pieces[p.place.part]?.part.name === c.part && p.place.piece === (c.piece ?? 0),
      );
      const put = f.put[at];
      expect(put?.place.host === undefined ? undefined : f.pieces[put.place.host]?.part.name).toBe(c.host);
      if (c.band !== undefined) expect(put?.place.band).toBeCloseTo(c.band, 5);
      if (c.angle !== undefined) expect(put?.place.angle).toBeCloseTo(c.angle, 0);
      const facets = facesOf(f);
      const ys = facets.flatMap((x) => x.corners.map((k) => k.at[1]));
      const low = Math.min(...ys);
      const [x, y, z] = middleOf(f, at);
      const share = (y - low) / (Math.max(...ys) - low);
      expect(share).toBeGreaterThanOrEqual(c.high[0]);
      expect(share).toBeLessThanOrEqual(c.high[1]);
      if (c.x === "left") expect(x).toBeLessThan(-1);
      if (c.x === "right") expect(x).toBeGreaterThan(1);
      if (c.x === "middle") expect(Math.abs(x)).toBeLessThan(1);
      if (c.z === "front") expect(z).toBeGreaterThan(1);
      if (c.z === "back") expect(z).toBeLessThan(-1);
    });
});
