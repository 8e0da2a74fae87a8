import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { fabricPart } from "../fabric";
import { checkPattern } from "../notation";
import { mm } from "../units";
import { facesOf } from "./facets";
import { figureOf } from "./figure";
import { reachSize, roundsToReach } from "./reach";
import { sizeOfFigure } from "./stand";

const heightOf = (name: string, width: number): number => {
  const text = readFileSync(`demo/patterns/${name}.txt`, "utf8");
  const checked = checkPattern(text);
  const gauge = { width: mm(width), height: mm(0.93 * width), sigma: 0.1 };
  const parts = checked.parts.map((part) => ({ part, fabric: fabricPart(part, gauge, "medium") }));
  return sizeOfFigure(facesOf(figureOf(checked, text, parts))).height;
};

describe("another size by yarn and hook", () => {
  it.each(["puffin", "buoy", "seal-pup"])("is where working the whole %s out again finds it", (name) => {
    const now = { height: heightOf(name, 4.5), width: 4.5 };
    const others = [3, 3.7, 5.2, 6.1].map((width) => ({ key: String(width), width }));
    // Brute force: every width worked out from the text.
    const plain = others
      .map((o) => ({ key: o.key, far: Math.abs(heightOf(name, o.width) - 50) }))
      .sort((a, b) => a.far - b.far);
    const found = reachSize(50, now, others);
    expect(found.map((f) => f.key)).toEqual(plain.map((p) => p.key));
    for (const f of found) expect(Math.abs(f.height / heightOf(name, f.width) - 1)).toBeLessThan(0.01);
  });
  it("changes yarn by the ratio and filling by its cube", () => {
    const [only] = reachSize(60, { height: 40, width: 4 }, [{ key: "a", width: 6 }]);
    expect(only).toMatchObject({ height: 60, off: 0, yarn: 1.5 });
    expect(only?.filling).toBeCloseTo(3.375, 9);
  });
  it("counts even rounds", () => {
    expect(roundsToReach(60, 50, 4)).toBe(3);
    expect(roundsToReach(45, 50, 4)).toBe(-1);
    expect(roundsToReach(45, 50, 0)).toBe(0);
  });
});
