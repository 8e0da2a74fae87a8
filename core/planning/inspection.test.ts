import { describe, expect, it } from "vitest";
import { inspectionPoints, type Inspectable } from "./inspection";

const puffin: Inspectable = {
  parts: [
    { name: "Body", make: 1, filled: true, counted: true },
    { name: "Wings", make: 2, filled: false, counted: true },
    { name: "Feet", make: 3, filled: false, counted: true },
  ],
  faces: [{ part: "Body", what: "eye", count: 2, rounds: [5, 6], apart: 4 }],
  sewn: true,
  hangs: true,
};

describe("what is looked at when a piece is finished", () => {
  it("comes from the item: eyes with their place, pairs by name, and what must hold", () => {
    const points = inspectionPoints(puffin);
    const texts = points.map((p) => p.text);
    expect(texts).toContain("Eyes of the body level, between rounds 5 and 6, 4 stitches apart");
    expect(texts).toContain("Both: wings, alike and level");
    expect(texts).toContain("All 3: feet, alike and level");
    expect(points.filter((p) => p.firm).map((p) => p.id)).toEqual(["pull eyes", "pull parts", "pull hanger"]);
    expect(new Set(points.map((p) => p.id)).size).toBe(points.length);
  });

  it("leaves out what an item does not have", () => {
    const coaster = inspectionPoints({
      parts: [{ name: "", make: 1, filled: false, counted: false }],
      faces: [],
      sewn: false,
      hangs: false,
    });
    expect(coaster.map((p) => p.id)).toEqual(["stands", "ends", "clean"]);
  });

  it("says one stitch as one, and nothing of a distance for a single eye", () => {
    const of = (count: number, apart: number | undefined) =>
      inspectionPoints({ ...puffin, faces: [{ part: "", what: "eye", count, rounds: [2, 3], apart }] }).find(
        (p) => p.id.startsWith("eyes"),
      )?.text;
    expect(of(2, 1)).toBe("Eyes level, between rounds 2 and 3, 1 stitch apart");
    expect(of(1, undefined)).toBe("Eyes level, between rounds 2 and 3");
  });
});
