import { describe, expect, it } from "vitest";
import { checkPattern } from "../notation";
import { mm } from "../units";
import { faceOf } from "./face";
import { fabricPart } from "./part";

const gauge = { width: mm(5), height: mm(4.65), sigma: 0.1 };
const ball = (eyes: string) => `Ball
Rnd 1: 6 sc in magic ring (6)
Rnd 2: inc x 6 (12)
Rnd 3: (sc, inc) x 6 (18)
Rnd 4: (2 sc, inc) x 6 (24)
Rnds 5-9: sc around (24)
${eyes}
Rnd 10: (2 sc, dec) x 6 (18)
Rnd 11: (sc, dec) x 6 (12)
Rnd 12: dec x 6 (6)`;
const faces = (eyes: string) => {
  const [part] = checkPattern(ball(eyes)).parts;
  if (!part) throw new Error("no part");
  return faceOf(part, fabricPart(part, gauge, "medium"));
};

describe("eyes on the filled shape", () => {
  const [face] = faces("Insert 6 mm eyes between rounds 6 and 7, 6 sts apart.");
  it("turns stitches apart into an angle: 6 of 24 is a quarter turn", () => {
    expect(face?.degrees).toBeCloseTo(90, 9);
    expect(face?.around).toBe(24);
  });
  it("measures straight and along the fabric: chord and arc of one circle", () => {
    const r = face?.r ?? 0;
    expect(face?.straight).toBeCloseTo(r * Math.SQRT2, 9);
    expect(face?.along).toBeCloseTo((r * Math.PI) / 2, 9);
    // 24 stitches of 5 mm are 120 mm around at rest: the filled face is a little wider than 38.2 mm.
    expect(2 * r).toBeGreaterThan(38.2);
    expect(2 * r).toBeLessThan(43);
    expect(face?.share).toBeCloseTo(Math.SQRT1_2, 9);
  });
  it("suggests a size that is sold and knows the last safe round", () => {
    expect(face?.suggestedMm).toBe(6);
    expect(face?.opening).toBe(24);
    expect(face?.lastSafe).toEqual({ round: 11, stitches: 12 });
  });
  it("takes a quarter of the round when nothing is said of the distance", () =>
    expect(faces("Insert 6 mm eyes between rounds 6 and 7.")[0]?.apart).toBe(6));
  it("knows single noses", () =>
    expect(faces("Put the nose between rounds 7 and 8.")[0]).toMatchObject({
      what: "nose",
      count: 1,
      degrees: 0,
    }));
  it("has nothing to say without rounds", () => expect(faces("Insert 6 mm eyes.")).toEqual([]));
});

describe("ovals", () => {
  const [hull] = checkPattern(
    "Hull\nRnd 1: ch 9, sc in 2nd ch from hook, sc in next 6 ch, 3 sc in last ch, working along the other side: sc in next 6 ch, 2 sc in last (18)\nRnd 2: inc, 6 sc, inc x 3, 6 sc, inc x 2 (24)\nRnds 3-6: sc around (24)\nStuff lightly.\nRnd 7: (2 sc, dec) x 6 (18)",
  ).parts;
  const made = hull ? fabricPart(hull, gauge, "medium") : undefined;
  it("are longer than deep by the straight side of the chain", () => {
    expect(hull?.worked).toBe("oval");
    expect(made?.straight).toBeCloseTo(6 * 5, 9);
    expect((made?.width ?? 0) - (made?.depth ?? 0)).toBeCloseTo(30, 9);
  });
  it("go once around in as many stitches as the round has, stretched by the filling", () => {
    const around = Math.PI * (made?.depth ?? 0) + 2 * (made?.straight ?? 0);
    expect(around / (24 * 5)).toBeGreaterThan(0.99);
    expect(around / (24 * 5)).toBeLessThan(1.06);
  });
});
