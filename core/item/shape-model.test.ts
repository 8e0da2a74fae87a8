import { describe, expect, it } from "vitest";
import { estimatePiece } from "../estimate";
import { checkPattern } from "../notation";
import { mm } from "../units";
import { shapeMesh } from "./shape-model";
import { silhouetteOf } from "./silhouette";

const spec = { label: "DK", weight: 3 as const, hook: mm(3), metresPer100g: 230, strands: 1 };
const partOf = (text: string) => {
  const [part] = estimatePiece({
    pattern: checkPattern(text),
    specOf: () => spec,
    firmness: "medium",
    hanger: false,
  }).parts;
  if (!part) throw new Error("no part");
  return part;
};
const BALL = `Ball
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: 6 sc in red, 6 sc in white (12)
Rnd 4: (sc, inc) x 6 (18)
Rnds 5-8: sc around (18)
Insert 6 mm eyes between rounds 5 and 6, 4 sts apart.
Rnd 9: (sc, dec) x 6 (12)
Rnd 10: dec x 6 (6)
Stuff and close.`;

/** Volume inside a closed mesh by the divergence theorem. */
function volumeOf(m: { positions: Float32Array; indices: Uint32Array }): number {
  let v = 0;
  const p = (i: number) =>
    [m.positions[3 * i] ?? 0, m.positions[3 * i + 1] ?? 0, m.positions[3 * i + 2] ?? 0] as const;
  for (let t = 0; t < m.indices.length; t += 3) {
    const [a, b, c] = [p(m.indices[t] ?? 0), p(m.indices[t + 1] ?? 0), p(m.indices[t + 2] ?? 0)];
    v +=
      a[0] * (b[1] * c[2] - b[2] * c[1]) -
      a[1] * (b[0] * c[2] - b[2] * c[0]) +
      a[2] * (b[0] * c[1] - b[1] * c[0]);
  }
  return v / 6;
}

describe("the shape as triangles", () => {
  const part = partOf(BALL);
  const mesh = shapeMesh(part);
  it("encloses the volume that the filling is reckoned from, faces outwards", () => {
    const v = mesh ? volumeOf(mesh) : 0;
    expect(v / part.fabric.volume).toBeGreaterThan(0.97);
    expect(v / part.fabric.volume).toBeLessThan(1.03);
  });
  it("is as tall and as wide as the filled shape", () => {
    const at = (k: number) => [...(mesh?.positions ?? [])].filter((_, i) => i % 3 === k);
    expect(Math.max(...at(1)) - Math.min(...at(1))).toBeCloseTo(part.fabric.height, 2);
    expect(Math.max(...at(0)) - Math.min(...at(0))).toBeCloseTo(part.fabric.width, 1);
  });
  it("names the round of every triangle", () =>
    expect([...new Set(mesh?.roundOf)]).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9]));
  it("colours a round in its stretches", () =>
    expect(mesh?.slots).toEqual(expect.arrayContaining(["red", "white"])));
  it("puts two eyes on the surface, level, as far apart as the face says", () => {
    const [a, b] = mesh?.eyes ?? [];
    expect(a?.y).toBe(b?.y);
    expect(Math.hypot((a?.x ?? 0) - (b?.x ?? 0), (a?.z ?? 0) - (b?.z ?? 0))).toBeCloseTo(
      2 * Math.hypot(a?.x ?? 0, a?.z ?? 0) * Math.sin((2 * Math.PI * 4) / 18 / 2),
      9,
    );
  });
  it.each([
    "Flag\nRow 1: ch 9, sc in 2nd ch from hook and in each ch across (8)\nRow 2: ch 1, turn, sc across (8)",
    "Cord\nCh 20.",
  ])("has none for flat pieces and cords", (text) => expect(shapeMesh(partOf(text))).toBeUndefined());
});

describe("the silhouette turned in the hand", () => {
  const part = partOf(BALL);
  it("shows both eyes from the front and none from behind", () => {
    expect(silhouetteOf(part).eyes).toHaveLength(2);
    expect(silhouetteOf(part, Math.PI).eyes).toHaveLength(0);
    expect(silhouetteOf(part, 1.2).eyes).toHaveLength(1);
  });
});
