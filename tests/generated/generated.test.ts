import { describe, expect, it } from "vitest";
import { rateWords } from "../measure";
import { generatedRate, one } from "./rate";

describe("generated figures", () => {
  it("are the same for the same seed, and many-sided", () => {
    expect(one(7).text).toBe(one(7).text);
    const shapes = new Set(
      Array.from({ length: 200 }, (_, i) => one(i + 1).parts.map((p) => p.shape)).flat(),
    );
    expect([...shapes].sort()).toEqual([
      "ball",
      "body",
      "frill",
      "joined",
      "legs",
      "oval",
      "rows",
      "spurs",
      "stripes",
    ]);
  });
  it("are read as they were made, in whatever hand", () => {
    const r = generatedRate(600, 5000);
    process.stdout.write(rateWords("Generated figures", r));
    expect(r.perfect / r.patterns).toBeGreaterThanOrEqual(0.97);
    expect(r.right / r.rounds).toBeGreaterThanOrEqual(0.99);
    expect(r.silent / r.patterns).toBeLessThan(0.02);
  });
});
