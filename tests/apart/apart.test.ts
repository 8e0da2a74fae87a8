import { describe, expect, it } from "vitest";
import { rateWords } from "../measure";
import { APART, rate } from "./rate";

/**
 * The last figures that landed. They are raised by hand when a better reader lands, and never lowered; a
 * pattern that was wrong without a word and is told now moves from `silent` to `falselyReported`.
 */
const LANDED = { perfect: 26, right: 351, falselyReported: 2, silent: 2, tallyOff: 3 };

describe("patterns kept apart", () => {
  const r = rate();
  it("are thirty, and say themselves how many stitches they have", () => {
    expect(APART.length).toBe(30);
    expect(new Set(APART.map((p) => p.hand)).size).toBe(30);
  });
  it("are read no worse than by the reader that landed last", () => {
    process.stdout.write(rateWords("Patterns kept apart", r));
    process.stdout.write(`  tally off by more than 5 % in ${r.tallyOff}\n`);
    expect(r.perfect).toBeGreaterThanOrEqual(LANDED.perfect);
    expect(r.right).toBeGreaterThanOrEqual(LANDED.right);
    expect(r.falselyReported).toBeLessThanOrEqual(LANDED.falselyReported);
    expect(r.silent).toBeLessThanOrEqual(LANDED.silent);
    expect(r.tallyOff).toBeLessThanOrEqual(LANDED.tallyOff);
  });
});
