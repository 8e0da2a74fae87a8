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
  /** Layouts as they come to mind, written down before any was read: hooks, colours, eyes. */
  it.each<[string, number[], string[], [number, number][]]>([
    ["Materials: grey and white DK cotton, 3 mm hook, 6 mm safety eyes", [3], ["grey", "white"], [[2, 6]]],
    [
      "- DK yarn: grey (15 g), white (5 g)\n- hook 3.0 mm\n- 2 safety eyes 6 mm",
      [3],
      ["grey", "white"],
      [[2, 6]],
    ],
    ["Worsted yarn in grey, E/3.5 mm crochet hook, two 9mm black eyes", [3.5], ["grey"], [[2, 9]]],
    ["Yarn: sport, colours A: grey, B: white\nHook: 2.5\nEyes: 5 mm x 2", [2.5], ["grey", "white"], [[2, 5]]],
    [
      "Grey aran (20 yards)\nWhite aran (5 yards)\nUS size G (4 mm) hook\n8 mm eyes",
      [4],
      ["grey", "white"],
      [[2, 8]],
    ],
    [
      "Hook size: 2,5 mm. Yarn: 100 % cotton, in grey & cream. Eyes: 6mm.",
      [2.5],
      ["grey", "cream"],
      [[2, 6]],
    ],
    ["• 1 ball grey DK\n• scrap of orange DK\n• 3mm hook\n• 6mm eyes (2)", [3], ["grey", "orange"], [[2, 6]]],
    ["3.5 mm hook / grey yarn (4-ply) / eyes 6 mm", [3.5], ["grey"], [[2, 6]]],
    ["Hook 3\nYarn: fingering, grey 10 g; black thread for the eyes", [3], ["grey", "black"], []],
    [
      "I used 12 g of grey and 3 g of white (DK), a 3 mm hook and a pair of 6 mm eyes.",
      [3],
      ["grey", "white"],
      [[2, 6]],
    ],
    ["Hook: 3. Yarn: navy. Eyes: 4 × 6 mm", [3], ["navy"], [[4, 6]]],
  ])("%s", (above, hooks, colours, eyes) => {
    const h = head(`Little seal\n\n${above}`);
    expect(h.hooksMm).toEqual(hooks);
    expect(h.colours.map((c) => c.slot)).toEqual(colours);
    expect(h.eyes.map((e) => [e.count, e.sizeMm])).toEqual(eyes);
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
