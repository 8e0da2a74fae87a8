import { mm } from "../units";
import { BARE_SALE } from "../costing";
import { describe, expect, it } from "vitest";
import { buoyAround as around, buoyDraft as draft, yarnOf } from "../../tests/things";
import { analyseItem } from "./analyse";
import { silhouetteOf } from "./silhouette";

describe("an item analysed", () => {
  const a = analyseItem(draft(), around());
  it("has nothing missing when everything is chosen", () => {
    expect(a.checked.ok).toBe(true);
    expect([a.open, a.missingHardware, a.noFilling]).toEqual([[], [], false]);
  });
  it("says which slot has no yarn, and which eyes and filling are missing", () => {
    const b = analyseItem(draft({ slots: [], notions: [] }), around());
    expect(b.open).toEqual(["red", "white"]);
    expect(b.missingHardware).toEqual([{ kind: "eye", sizeMm: 6, count: 2 }]);
    expect(b.noFilling).toBe(true);
    expect(b.piece.seconds.value).toBeGreaterThan(0);
  });
  it("eyes of another size are not the eyes it asks for", () => {
    const n = around().notions.map((x) => (x.id === "eyes" ? { ...x, sizeMm: mm(8) } : x));
    expect(analyseItem(draft(), around({ notions: n })).missingHardware.length).toBe(1);
  });
  it("needs come in mg and pieces, with an upper end", () => {
    expect(a.needs.map((n) => [n.kind, n.materialId]).sort()).toEqual([
      ["filling", "fibre"],
      ["notion", "eyes"],
      ["yarn", "red"],
      ["yarn", "white"],
    ]);
    for (const n of a.needs) expect(n.eachHigh).toBeGreaterThanOrEqual(n.each);
    expect(a.needs.find((n) => n.materialId === "eyes")).toMatchObject({ each: 2, eachHigh: 2 });
  });
  it("costs what its parts cost at purchase price, to the cent", () => {
    const red = a.needs.find((n) => n.materialId === "red")?.each ?? 0;
    const line = a.cost.lines.find((l) => l.label.includes("red"));
    expect(line?.exact).toBeCloseTo((red * 290) / 50_000, 6);
    expect(a.cost.lines.reduce((s, l) => s + l.amount, 0)).toBe(a.cost.total);
  });
  it("her own price goes before the suggestion", () => {
    expect(a.price).toBe(a.pricing?.suggested);
    expect(analyseItem(draft(), around({ price: 999 })).price).toBe(999);
  });
  it("has no suggestion where fees and margin take it all, and does not fail", () => {
    const dear = { ...BARE_SALE, channel: { ...BARE_SALE.channel, percentFees: [0.95] } };
    const b = analyseItem(draft(), around({ selling: dear }));
    expect(b.pricing).toBeUndefined();
  });
  it("a swatch counts only for the hook it was made with", () => {
    const swatched = [
      yarnOf("red", { swatch: { label: "your swatch", hookMm: mm(3), sample: { stitches: 10, mm: 500 } } }),
      yarnOf("white"),
    ];
    const with3 = analyseItem(draft(), around({ yarns: swatched })).piece.yarn[0]?.metres.value;
    const with4 = analyseItem(
      draft({ slots: draft().slots.map((s) => ({ ...s, hookMm: mm(4) })) }),
      around({ yarns: swatched }),
    ).piece.yarn[0];
    expect(with3).not.toBe(a.piece.yarn[0]?.metres.value);
    expect(JSON.stringify(with4?.metres.reason)).not.toContain("your swatch");
  });
  it("reads garbage without failing", () => {
    for (const pattern of ["", "🧶", "Rnd 1: ((((", "x".repeat(5000)])
      expect(() => analyseItem(draft({ pattern }), around())).not.toThrow();
  });
});

describe("silhouettes", () => {
  const part = analyseItem(draft(), around()).piece.parts[0];
  if (!part) throw new Error("no part");
  it("have a band for each round, in its colour, and eyes mirrored about the middle", () => {
    const s = silhouetteOf(part);
    expect(s.bands.map((b) => b.slot)).toEqual([
      "red",
      "red",
      "red",
      "red",
      "red",
      "white",
      "white",
      "white",
    ]);
    expect(s.eyes.length).toBe(2);
    expect(s.eyes[0]?.x).toBeCloseTo(-(s.eyes[1]?.x ?? 0), 9);
    expect(s.eyes[0]?.r).toBe(3);
    for (const b of s.bands) expect(b.path).not.toMatch(/NaN|undefined/);
  });
});
