import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { longLaps, withoutPauses } from "./laps";
import { randomFrom } from "./simulated-makers";

describe("a lap far above its sisters", () => {
  it("is told with what the others took, and cut to it", () => {
    const laps = [300, 310, 290, 700, 305];
    expect(longLaps(laps)).toEqual([{ lap: 3, seconds: 700, usual: 303 }]);
    expect(withoutPauses(laps, longLaps(laps))).toEqual([300, 310, 290, 303, 305]);
  });
  it("two of them are two", () =>
    expect(longLaps([300, 900, 310, 305, 800, 295]).map((l) => l.lap)).toEqual([1, 4]));
  it("needs sisters: two laps say nothing of each other, three do", () => {
    expect(longLaps([300, 900])).toEqual([]);
    expect(longLaps([300, 900, 310])).toHaveLength(1);
  });
  it("a first piece that goes slower, as first pieces do, is work", () => {
    // Wright's law at 96 % a doubling, the trade's.
    const laps = Array.from({ length: 10 }, (_, i) => 400 * (i + 1) ** Math.log2(0.96));
    expect(longLaps(laps)).toEqual([]);
  });
  it("finds nine of ten pauses of a third of a lap and more, and hardly asks for nothing", () => {
    const { next, normal } = randomFrom(31);
    let [found, of, asked, sound] = [0, 0, 0, 0];
    for (let n = 0; n < 400; n++) {
      const laps = Array.from({ length: 8 }, () => 300 * Math.exp(0.06 * normal()));
      const at = Math.floor(8 * next());
      if (n % 2 === 0) {
        laps[at] = (laps[at] ?? 0) * (1.35 + next());
        of++;
        found += Number(longLaps(laps).some((l) => l.lap === at));
      } else {
        sound++;
        asked += Number(longLaps(laps).length > 0);
      }
    }
    expect(found / of).toBeGreaterThan(0.9);
    expect(asked / sound).toBeLessThan(0.03);
  });
  it("never makes a sitting longer, and what is left has nothing to ask about", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 4000 }), { maxLength: 20 }), (laps) => {
        const mended = withoutPauses(laps, longLaps(laps));
        expect(mended).toHaveLength(laps.length);
        mended.forEach((s, i) => expect(s).toBeLessThanOrEqual(laps[i] ?? 0));
      }),
      { seed: 3, numRuns: 200 },
    );
  });
});
