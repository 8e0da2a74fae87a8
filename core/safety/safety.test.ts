import { describe, expect, it } from "vitest";
import { checksOf, cautionsOf, careOf, fitsCylinder, USES, type SafetyFacts } from "./index";

const PLAIN: SafetyFacts = {
  use: "decoration",
  whole: [60, 90, 50],
  parts: [{ name: "Body", make: 1, size: [60, 90, 50], sewn: false }],
  notions: [],
  pressedEyes: 0,
  cords: [],
  filled: true,
  filling: "Polyester fibre",
  yarns: [{ name: "DK cotton", fibre: "cotton" }],
  text: "Stuff firmly.",
};
const state = (facts: SafetyFacts, rule: string) => checksOf(facts).find((c) => c.rule === rule)?.state;

describe("the small parts cylinder (16 CFR 1501.4, EN 71-1: 31.7 mm wide, 25.4 to 57.1 mm deep, from memory)", () => {
  it.each([
    [[31, 31, 20], true],
    [[32, 32, 32], false],
    [[31.7, 31.7, 57.1], true],
    [[31.7, 31.7, 57.2], false],
    [[60, 10, 10], false],
    [[57, 10, 10], true],
    [[50, 40, 10], false],
  ] as const)("%j fits: %s", (size, fits) => {
    expect(fitsCylinder(size)).toBe(fits);
    expect(fitsCylinder([size[2], size[0], size[1]])).toBe(fits);
  });
});

/** Facts of the trade guide §9 (common practice, no source): what a maker is told for which use. */
describe("the usual cautions", () => {
  it.each([
    ["decoration", "fine"],
    ["over-14", "fine"],
    ["toy-3", "ask"],
    ["toy-under-3", "change"],
    ["pet", "change"],
  ] as const)("pressed-on eyes, %s: %s", (use, wanted) => {
    expect(state({ ...PLAIN, use, pressedEyes: 2 }, "hard-parts")).toBe(wanted);
  });
  it("says to embroider with minutes and yarn", () => {
    const check = checksOf({ ...PLAIN, use: "toy-under-3", pressedEyes: 2 }).find(
      (c) => c.rule === "hard-parts",
    );
    expect(check?.instead).toMatch(/2 bar eyes take about 3 min and 0\.5 m of yarn/);
  });
  it("glue, wire, magnets, colour put on and unknown yarn are for no child", () => {
    for (const [text, rule] of [
      ["Glue the felt on.", "glue"],
      ["Push a wire through the arms.", "wire"],
      ["Put a magnet inside.", "magnets"],
      ["Add blusher to the cheeks.", "colour-on"],
    ] as const) {
      expect(state({ ...PLAIN, use: "toy-3", text }, rule)).toBe("change");
      expect(state({ ...PLAIN, use: "decoration", text }, rule)).toBe("ask");
    }
    expect(state({ ...PLAIN, use: "toy-3", yarns: [{ name: "scraps", fibre: "unknown" }] }, "fibre")).toBe(
      "change",
    );
  });
  it("does not take “no glue” for glue", () => {
    expect(state({ ...PLAIN, use: "toy-3", text: "Sew it on, no glue is needed." }, "glue")).toBeUndefined();
  });
  it("measures cords and loops", () => {
    const cord = (lengthMm: number, loop: boolean) => ({
      ...PLAIN,
      use: "toy-3" as const,
      cords: [{ name: "Hanger", lengthMm, loop }],
    });
    expect(state(cord(230, false), "cords")).toBe("change");
    expect(state(cord(200, false), "cords")).toBe("ask");
    expect(state(cord(350, true), "cords")).toBe("ask");
    expect(state(cord(370, true), "cords")).toBe("change");
  });
  it("never says that a thing is safe or conforms, whatever is found", () => {
    for (const use of USES)
      for (const c of [
        ...checksOf({ ...PLAIN, use }),
        ...checksOf({ ...PLAIN, use, whole: [20, 20, 20], pressedEyes: 2 }),
      ])
        expect(`${c.because} ${c.instead ?? ""}`).not.toMatch(
          /\bis safe\b|\bconforms?\b|\bcertified\b|\bapproved\b/i,
        );
  });
  it("names a source for every check", () => {
    for (const use of USES)
      for (const c of checksOf({
        ...PLAIN,
        use,
        pressedEyes: 2,
        text: "glue wire pompom magnet lavender blush",
      }))
        expect(c.source).toMatch(/common practice|from memory/i);
  });
});

describe("what goes on the tag", () => {
  it("says whom it is for", () => {
    expect(cautionsOf("decoration", checksOf(PLAIN))[0]).toMatch(/not a toy/);
    expect(cautionsOf("toy-3", [])[0]).toMatch(/under 3/);
  });
  it("washes wool by hand and cotton at 30", () => {
    expect(careOf(["cotton"], false).wash).toBe(30);
    expect(careOf(["wool mix"], false).wash).toBe(0);
    expect(careOf(["superwash wool"], false).wash).toBe(30);
    expect(careOf(["cotton"], true).words).toMatch(/by hand/);
  });
});
