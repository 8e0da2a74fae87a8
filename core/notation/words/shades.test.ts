import { describe, expect, it } from "vitest";
import { SHADES, shadeColour } from "./shades";

describe("shades", () => {
  it("are colours, every one", () => {
    expect(SHADES.size).toBeGreaterThan(50);
    for (const [word, hex] of SHADES)
      expect([word, hex]).toEqual([word, expect.stringMatching(/^#[0-9a-f]{6}$/)]);
  });
  it("are darker when they are said to be dark, and lighter when light", () => {
    const sum = (hex: string | undefined) =>
      [1, 3, 5].reduce((n, i) => n + parseInt((hex ?? "").slice(i, i + 2), 16), 0);
    expect(sum(shadeColour("dark blue"))).toBeLessThan(sum(shadeColour("blue")));
    expect(sum(shadeColour("light blue"))).toBeGreaterThan(sum(shadeColour("blue")));
  });
  it("are known by everyday words and by nothing else", () => {
    expect(shadeColour("puffin black")).toBe(SHADES.get("black"));
    expect([shadeColour("A"), shadeColour("main"), shadeColour("constructor")]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });
});
