import { describe, expect, it } from "vitest";
import { doubtText } from "./doubt-text";

describe("doubts in words", () => {
  it("say what to look at", () => {
    expect(doubtText({ code: "wrong-unit", factor: 1000 })).toContain("thousand times");
    expect(doubtText({ code: "wrong-unit", factor: 28.349523125 })).toContain("ounce");
    expect(doubtText({ code: "not-tared", ratio: 2.2 })).toContain("2.2 times what was expected");
    expect(doubtText({ code: "started-late", ratio: 0.4 })).toContain("40 % of the time");
    for (const code of ["paused-late", "unusual"] as const)
      expect(doubtText({ code, ratio: 3 }).length).toBeGreaterThan(20);
  });
});
