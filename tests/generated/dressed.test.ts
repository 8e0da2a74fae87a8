import { describe, expect, it } from "vitest";
import { dressedRate } from "./dressed";

describe("the corpus in other dresses", () => {
  it("is read the same with other labels, totals and signs", () => {
    const r = dressedRate(4);
    process.stdout.write(
      `Corpus in other dresses: ${r.perfect} of ${r.texts} perfect, ${r.right} of ${r.rounds} rounds right, ${r.told} falsely reported.\n`,
    );
    expect(r.texts).toBeGreaterThan(600);
    expect(r.perfect / r.texts).toBeGreaterThanOrEqual(0.99);
    expect(r.told / r.texts).toBeLessThanOrEqual(0.01);
  });
});
