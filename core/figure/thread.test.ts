import { describe, expect, it } from "vitest";
import { made } from "../../tests/assembly/made";
import type { Figure } from "./assemble";
import { drawing } from "./drawing";
import { raster } from "./raster";
import { distance } from "./solid";
import { inside } from "./vector";

const HEAD = `Head, with white
R1: 6 sc in magic ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5: (3 sc, inc) x6 (30)
R6-11: 30 sc (30)
Insert 6 mm eyes between rounds 7 and 8, 6 sts apart.
R12: (3 sc, dec) x6 (24)
R13: (2 sc, dec) x6 (18)
Stuff.
R14: (sc, dec) x6 (12)
R15: dec x6 (6)
Fasten off.
`;
const middle = (f: Figure, what: string) => {
  const at = f.threads.filter((t) => t.what === what).flatMap((t) => t.points.map((p) => p.at));
  const mean = (axis: 0 | 1 | 2) => at.reduce((s, p) => s + p[axis], 0) / at.length;
  return { x: mean(0), y: mean(1), z: mean(2), n: at.length };
};

describe("embroidery on a figure", () => {
  it("lies on the surface, in front, a mouth below the eyes and brows above them", () => {
    const f = made(
      `${HEAD}With red embroider a smile over 4 stitches. Embroider two eyebrows with black yarn.`,
    );
    const eyes = f.eyes.reduce((s, e) => s + e.at[1], 0) / f.eyes.length;
    const [mouth, brows] = [middle(f, "mouth"), middle(f, "brows")];
    expect(mouth.y).toBeLessThan(eyes);
    expect(brows.y).toBeGreaterThan(eyes);
    for (const m of [mouth, brows]) {
      expect(Math.abs(m.x)).toBeLessThan(0.5);
      expect(m.z).toBeGreaterThan(0);
    }
    for (const t of f.threads)
      for (const p of t.points) {
        const put = f.put[0];
        if (put) expect(Math.abs(distance(put.solid, inside(put.pose, p.at)))).toBeLessThan(1.5);
      }
    expect(f.threads.find((t) => t.what === "mouth")?.slot).toBe("red");
    expect(f.threads.find((t) => t.what === "brows")?.slot).toBe("black");
  });

  it("stands on the rounds that are named, and as wide as its stitches", () => {
    const f = made(`${HEAD}Nose: embroider with pink over 2 stitches between rounds 9 and 10.`);
    const nose = f.threads.filter((t) => t.what === "nose").flatMap((t) => t.points.map((p) => p.at));
    const wide = Math.max(...nose.map((p) => p[0])) - Math.min(...nose.map((p) => p[0]));
    const put = f.put[0];
    expect(wide).toBeGreaterThan(1.5 * (put?.solid.stitch.width ?? 0));
    expect(wide).toBeLessThan(2.5 * (put?.solid.stitch.width ?? 0));
    const eyes = f.eyes.reduce((s, e) => s + e.at[1], 0) / f.eyes.length;
    expect(eyes - middle(f, "nose").y).toBeGreaterThan(put?.solid.stitch.height ?? 0);
  });

  it("goes to the face where it stands under making up, and what names nothing is left out", () => {
    const ears = `
Ears - make 2
R1: 6 sc in magic ring (6)
R2: 6 sc (6)
Fasten off.

Making up
Sew the ears to the head between rounds 3 and 4. Embroider nose and whiskers in black.`;
    const f = made(HEAD + ears);
    expect(new Set(f.threads.map((t) => t.what))).toEqual(new Set(["nose", "whiskers"]));
    expect(middle(f, "whiskers").z).toBeGreaterThan(0);
    expect(made(`${HEAD}Embroider as you like.`).threads).toEqual([]);
    expect(made(`${HEAD}Embroider 7 spots with red.`).threads).toHaveLength(7);
  });

  it("is seen from the front in its colour, and not from behind", () => {
    const f = made(`${HEAD}With red embroider a smile.`);
    const red = (turn: number) => {
      const shot = {
        width: 160,
        height: 160,
        view: { turn, tilt: 0 },
        colours: { white: "#ffffff", red: "#d01010" },
      };
      const { rgba } = raster(f, shot);
      let n = 0;
      for (let i = 0; i < rgba.length; i += 4)
        if ((rgba[i] ?? 0) > 90 && (rgba[i + 1] ?? 0) < 60 && (rgba[i + 3] ?? 0) > 200) n++;
      return { n, svg: drawing(f, { ...shot, title: "Head" }).split('stroke="#d01010"').length - 1 };
    };
    expect(red(0).n).toBeGreaterThan(12);
    expect(red(0).svg).toBeGreaterThan(4);
    expect(red(180)).toEqual({ n: 0, svg: 0 });
  });
});
