import { readFileSync, readdirSync } from "node:fs";
import { Parser } from "htmlparser2";
import { describe, expect, it } from "vitest";
import { made } from "../../tests/assembly/made";
import { distance, samples } from "./solid";
import { drawing } from "./drawing";
import { facesOf } from "./facets";
import { BODY, FIGURES, HEAD, OF_CORPUS, small } from "../../tests/assembly/figures";
import { raster } from "./raster";
import { settlePlace } from "./settle";
import { centreOfWeight, hanging, hullOf, sizeOfFigure, standing } from "./stand";
import { inside, placed, type Vec } from "./vector";
import { frameOf, lookingFrom } from "./view";

const DEMO = readdirSync("demo/patterns").map((f) => ({
  name: f,
  text: readFileSync(`demo/patterns/${f}`, "utf8"),
}));
describe("no part floats and none is swallowed", () => {
  for (const { name, text } of [
    ...DEMO,
    ...[...FIGURES, ...OF_CORPUS].map((c, i) => ({ name: `by hand ${i + 1}: ${c.part}`, text: c.text })),
  ])
    it(name, () => {
      const f = made(text);
      expect(f.put.length).toBeGreaterThan(1);
      f.put.forEach((put) => {
        if (put.place.host === undefined || put.place.on === "inside") return;
        const hosts = f.put.filter((p) => p.place.part === put.place.host);
        const nearest = Math.min(
          ...hosts.map((h) =>
            Math.min(
              ...samples(put.solid).map((p) => distance(h.solid, inside(h.pose, placed(put.pose, p)))),
            ),
          ),
        );
        const called = f.pieces[put.place.part]?.part.name;
        expect(nearest, `${called} floats`).toBeLessThan(put.solid.stitch.height * 0.8);
        const free = samples(put.solid).filter((p) =>
          hosts.every((h) => distance(h.solid, inside(h.pose, placed(put.pose, p))) > -0.2),
        );
        expect(free.length / samples(put.solid).length, `${called} is swallowed`).toBeGreaterThan(0.3);
      });
    });
});

describe("a place is settled by a line that is read back to it", () => {
  for (const { name, text } of DEMO)
    it(name, () => {
      const f = made(text);
      for (const { place } of f.put) {
        if (place.host === undefined || place.on !== "surface") continue;
        const moved = { ...place, band: Math.max(0, Math.floor(place.band)) + 0.5, angle: place.angle + 24 };
        const again = made(settlePlace(text, f, moved));
        const now = again.put.find(
          (p) => p.place.part === place.part && p.place.piece === place.piece,
        )?.place;
        const around = f.pieces[place.host]?.fabric.profile[Math.round(moved.band)] ?? 12;
        expect(now?.host).toBe(place.host);
        expect(Math.abs((now?.band ?? -9) - moved.band)).toBeLessThanOrEqual(0.5);
        const turn = (((now?.angle ?? 0) - moved.angle + 540) % 360) - 180;
        expect(Math.abs(turn)).toBeLessThanOrEqual(360 / around / 4 + 1e-6);
      }
    });
  it("takes the place of the line that settled the same piece before", () => {
    const text = DEMO.find((d) => d.name === "puffin.txt")?.text ?? "";
    const f = made(text);
    const wing = f.put.find((p) => f.pieces[p.place.part]?.part.name === "Wings")?.place;
    if (!wing) throw new Error("the puffin has wings");
    const once = settlePlace(text, f, { ...wing, band: 9 });
    const twice = settlePlace(once, made(once), { ...wing, band: 11 });
    expect(twice.match(/Sew wing 1 to the body/g)).toHaveLength(1);
    expect(twice).toContain("Sew wing 1 to the body at round 12");
    expect(twice.startsWith(text.trimEnd())).toBe(true);
  });
});

describe("standing and hanging", () => {
  const even = () => ({ fabric: 1, filling: 0 });
  it("takes the hull of a square with a point in it", () => {
    expect(
      hullOf([
        [0, 0],
        [2, 0],
        [2, 2],
        [0, 2],
        [1, 1],
      ]),
    ).toHaveLength(4);
  });
  it("puts the weight of two equal parts half-way between them, by the moment", () => {
    const f = made(`${HEAD}${BODY}\nAssembly\nSew the head onto the body.`);
    const facets = facesOf(f);
    const both = centreOfWeight(f, facets, even);
    const alone = (part: number) =>
      centreOfWeight(f, facets, (p) => ({ fabric: p === part ? 1 : 0, filling: 0 }));
    expect(both[1]).toBeCloseTo((alone(0)[1] + alone(1)[1]) / 2, 6);
    // Three times as heavy a head: the moment about the body's middle is 3 ÷ 4 of the distance.
    const heavy = centreOfWeight(f, facets, (p) => ({ fabric: p === 0 ? 3 : 1, filling: 0 }));
    expect(heavy[1]).toBeCloseTo(alone(1)[1] + 0.75 * (alone(0)[1] - alone(1)[1]), 6);
  });
  it("lets what is round and even hang straight, and tips by base over height", () => {
    const f = made(HEAD);
    const facets = facesOf(f);
    expect(hanging(f, facets, even).leans).toBeLessThan(0.5);
    const s = standing(f, facets, even);
    expect(s.tips).toBeCloseTo((Math.atan2(s.margin, s.high) * 180) / Math.PI, 9);
    expect(s.stands).toBe(true);
  });
  it("falls towards a heavy snout and leans when hung", () => {
    const text = `${HEAD}${small("Snout", 1)}Sew the snout one round below the eyes.`;
    const f = made(text);
    const facets = facesOf(f);
    const heavy = (p: number) => ({ fabric: p === 1 ? 60 : 1, filling: 0 });
    expect(standing(f, facets, heavy)).toMatchObject({ stands: false, towards: "front" });
    expect(hanging(f, facets, heavy).leans).toBeGreaterThan(20);
    expect(hanging(f, facets, heavy).towards).toBe("back");
  });
});

/** Depth of a triangle on a line of sight, by areas; undefined beside it. */
function depthAt(
  a: Vec | undefined,
  b: Vec | undefined,
  c: Vec | undefined,
  x: number,
  y: number,
): number | undefined {
  if (!a || !b || !c) return undefined;
  const cut = (p: Vec, q: Vec) => (p[0] - x) * (q[1] - y) - (q[0] - x) * (p[1] - y);
  const [u, v, w] = [cut(b, c), cut(c, a), cut(a, b)];
  const all = u + v + w;
  return Math.abs(all) > 1e-12 && u / all >= 0 && v / all >= 0 && w / all >= 0
    ? (u * a[2] + v * b[2] + w * c[2]) / all
    : undefined;
}

describe("pictures", () => {
  const puffin = made(DEMO.find((d) => d.name === "puffin.txt")?.text ?? "");
  const colours = { slate: "#445566", white: "#f5f5f0", orange: "#e07020" };
  const shot = { width: 240, height: 240, view: { turn: 0, tilt: 0 }, colours };
  it("are to scale: as wide and tall in pixels as the figure in millimetres", () => {
    const r = raster(puffin, shot);
    const size = sizeOfFigure(facesOf(puffin));
    const rows = Array.from({ length: 240 }, (_, y) => y).filter((y) =>
      Array.from({ length: 240 }, (_, x) => r.pieces[y * 240 + x] ?? -1).some((p) => p >= 0),
    );
    expect((rows.at(-1) ?? 0) - (rows[0] ?? 0) + 1).toBeGreaterThan(size.height * r.scale - 3);
    expect((rows.at(-1) ?? 0) - (rows[0] ?? 0) + 1).toBeLessThan(size.height * r.scale + 3);
  });
  it("show the beak from the front and not from behind", () => {
    const beak = puffin.put.findIndex((p) => puffin.pieces[p.place.part]?.part.name === "Beak");
    const seen = (turn: number) =>
      raster(puffin, { ...shot, view: { turn, tilt: 0 } }).pieces.filter((p) => p === beak).length;
    expect(seen(0)).toBeGreaterThan(100);
    expect(seen(180)).toBe(0);
  });
  it("put the nearer surface before the farther, as a plain search along each line of sight does", () => {
    const facets = facesOf(puffin);
    const side = 60;
    const r = raster(puffin, { ...shot, width: side, height: side }, facets);
    const look = lookingFrom(shot.view);
    const frame = frameOf(facets, puffin.eyes, look, { width: side, height: side }, 6);
    const flat = facets.map((f) => ({
      put: f.put,
      facing: f.corners.map((c) => look(c.out)[2]),
      at: f.corners.map((c) => look(c.at)),
    }));
    let same = 0;
    let all = 0;
    for (let y = 5; y < side; y += 4)
      for (let x = 5; x < side; x += 4) {
        const mx = frame.middle[0] + (x + 0.5 - side / 2) / frame.scale;
        const my = frame.middle[1] - (y + 0.5 - side / 2) / frame.scale;
        let best = { z: -Infinity, put: -1 };
        for (const f of flat)
          for (const [a, b, c] of [
            [0, 1, 2],
            [0, 2, 3],
          ] as const) {
            const z = depthAt(f.at[a], f.at[b], f.at[c], mx, my);
            const away = (f.facing[a] ?? 0) + (f.facing[b] ?? 0) + (f.facing[c] ?? 0) < -0.6;
            if (z !== undefined && !away && z > best.z) best = { z, put: f.put };
          }
        all++;
        if (
          best.put === (r.pieces[y * side + x] ?? -1) ||
          puffin.eyes.some((e) => Math.hypot(look(e.at)[0] - mx, look(e.at)[1] - my) < e.radius * 1.3)
        )
          same++;
      }
    expect(all).toBeGreaterThan(150);
    expect(same / all).toBeGreaterThan(0.94);
  });
  it("come as SVG without a number that is none", () => {
    const svg = drawing(puffin, { ...shot, title: "Puffin <front>" });
    const tags: string[] = [];
    new Parser({ onopentagname: (n) => tags.push(n) }, { xmlMode: true }).end(svg);
    expect(svg).not.toMatch(/NaN|Infinity|undefined/);
    expect(svg).toContain("Puffin &lt;front&gt;");
    expect(tags.filter((t) => t === "path").length).toBeGreaterThan(50);
    expect(tags.filter((t) => t === "circle")).toHaveLength(4);
  });
});
