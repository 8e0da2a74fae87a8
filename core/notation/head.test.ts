import { describe, expect, it } from "vitest";
import { checkPattern } from "./check";

const head = (above: string) =>
  checkPattern(`${above}\n\nBody\nRnd 1: 6 sc in MR (6)\nRnd 2: inc x 6 (12)`).head;

describe("what stands above the rounds", () => {
  it("gives hook, class, colours with grams, eyes and size, in whatever layout", () => {
    expect(
      head(
        "Puffin\nMaterials:\n- DK cotton: 12 g black, 8 g white, a little orange\n- 2.5 mm hook\n- two 6 mm safety eyes\n- fibrefill, a key ring\nFinished size: about 7 cm tall\nGauge: 24 sts = 10 cm",
      ),
    ).toEqual({
      hooksMm: [2.5],
      weightClass: 3,
      colours: [
        { slot: "black", grams: 12 },
        { slot: "white", grams: 8 },
        { slot: "orange", grams: undefined },
      ],
      eyes: [{ count: 2, sizeMm: 6 }],
      notions: ["filling", "keyring"],
      gauge: { stitches: 24, overMm: 100 },
      size: { mm: 70, words: "tall" },
    });
  });
  it("reads it in one line", () => {
    const h = head(
      "You need yarn (worsted) in dark blue and cream, hook 3,5mm, 8mm eyes. Approx. 4 inches high.",
    );
    expect(h.hooksMm).toEqual([3.5]);
    expect(h.weightClass).toBe(4);
    expect(h.colours.map((c) => c.slot)).toEqual(["dark blue", "cream"]);
    expect(h.eyes).toEqual([{ count: 2, sizeMm: 8 }]);
  });
  it("takes nothing from the rounds", () => {
    const h = checkPattern(
      "Rnd 1: 6 sc in MR (6)\nChange to a 4 mm hook and white yarn.\nRnd 2: inc x 6 (12)",
    ).head;
    expect(h).toEqual({
      hooksMm: [],
      weightClass: undefined,
      colours: [],
      eyes: [],
      notions: [],
      gauge: undefined,
      size: undefined,
    });
  });
  it("does not take a hook for an eye, nor an eye for a hook", () => {
    const h = head("Hook 2.25 mm, safety eyes 4 mm");
    expect([h.hooksMm, h.eyes]).toEqual([[2.25], [{ count: 2, sizeMm: 4 }]]);
  });
});
