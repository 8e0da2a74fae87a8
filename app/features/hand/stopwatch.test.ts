import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { clockText, cut, elapsed, lap, lapSeconds, pause, start, STOPPED, type Watch } from "./stopwatch";

describe("the stopwatch", () => {
  it("counts only while it runs, through any pause", () => {
    let w = start(STOPPED, 1000);
    expect(elapsed(w, 4000)).toBe(3000);
    w = pause(w, 4000);
    expect(elapsed(w, 99_000)).toBe(3000);
    w = start(w, 100_000);
    expect(elapsed(w, 101_500)).toBe(4500);
  });
  it("kept as text and read back it has lost nothing", () => {
    const w = lap(start(STOPPED, 1000), 61_000);
    expect(JSON.parse(JSON.stringify(w))).toEqual(w);
    expect(elapsed(JSON.parse(JSON.stringify(w)) as Watch, 91_000)).toBe(90_000);
  });
  it("laps are one piece each and add up", () => {
    let w = start(STOPPED, 0);
    w = lap(w, 60_000);
    w = lap(w, 60_000);
    w = lap(w, 110_000);
    expect(lapSeconds(w)).toEqual([60, 50]);
  });
  it("an interruption is cut out, never into a finished piece", () => {
    const w = lap(start(STOPPED, 0), 60_000);
    expect(elapsed(cut(w, 400_000, 300_000), 400_000)).toBe(100_000);
    expect(elapsed(cut(w, 400_000, 900_000), 400_000)).toBe(60_000);
  });
  it("never runs backwards, whatever is pressed", () => {
    const press = fc.tuple(fc.constantFrom("start", "pause", "lap"), fc.integer({ min: 0, max: 100_000 }));
    fc.assert(
      fc.property(fc.array(press, { maxLength: 30 }), (list) => {
        let w = STOPPED;
        let now = 0;
        let before = 0;
        for (const [what, ms] of list) {
          now += ms;
          w = what === "start" ? start(w, now) : what === "pause" ? pause(w, now) : lap(w, now);
          expect(elapsed(w, now)).toBeGreaterThanOrEqual(before);
          before = elapsed(w, now);
        }
        expect(before).toBeLessThanOrEqual(now);
      }),
    );
  });
  it("reads like a clock", () =>
    expect([0, 61_000, 3_661_000].map(clockText)).toEqual(["00:00", "01:01", "1:01:01"]));
});
