import { describe, expect, it } from "vitest";
import { rateWords } from "../measure";
import { dressedRate } from "./dressed";

describe("the corpus in other dresses", () => {
  it("is read the same with other labels, totals and signs", () => {
    const r = dressedRate(4);
    process.stdout.write(rateWords("Corpus in other dresses", r));
    expect(r.patterns).toBeGreaterThan(600);
    expect(r.perfect / r.patterns).toBeGreaterThanOrEqual(0.99);
    expect(r.falselyReported / r.patterns).toBeLessThanOrEqual(0.01);
  }, 600_000);
});
