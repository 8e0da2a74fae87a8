import { describe, expect, it } from "vitest";
import { normalBelow } from "../calibrate";
import type { WeekHours } from "./calendar";
import type { Booked, Job } from "./day-book";
import { chanceIn, outlookOf, withFirst, withJobs, withMoreHours, type Calendar } from "./outlook";

const TWO: WeekHours = [2, 2, 2, 2, 2, 2, 2];
const Z90 = 1.6448536269514722;
const job = (value: number, sigma: number, hand = "", week = TWO): Job => ({
  hand,
  phase: 0,
  week,
  seconds: {
    low: value * 3600 * Math.exp(-Z90 * sigma),
    value: value * 3600,
    high: value * 3600 * Math.exp(Z90 * sigma),
  },
});
const run = (id: string, startOn: string, dueOn: string, ...jobs: Job[]): Booked => ({
  id,
  startOn,
  dueOn,
  jobs,
});
const calendar = (...runs: Booked[]): Calendar => ({ runs, today: "2026-11-01", special: new Map() });

describe("when a run is likely to be done", () => {
  it("worked by hand: 20 h, σ 0.2, two hours a day, due on the twelfth day", () => {
    const o = outlookOf("a", calendar(run("a", "2026-11-01", "2026-11-12", job(20, 0.2))));
    expect(o.chance).toBeCloseTo(normalBelow(Math.log(24 / 20) / 0.2), 3);
    // 25.8 h in nine of ten: thirteen days.
    expect(o.sureBy).toBe("2026-11-13");
    expect(o.days.reduce((s, d) => s + d.share, 0)).toBeCloseTo(1, 9);
    const likely = o.days.reduce((a, b) => (b.share > a.share ? b : a));
    expect(["2026-11-09", "2026-11-10"]).toContain(likely.on);
  });
  it("the last day to begin leaves the days that nine of ten need", () => {
    // Thirteen days up to and with the 30th: begun on the 18th.
    const o = outlookOf("a", calendar(run("a", "2026-11-01", "2026-11-30", job(20, 0.2))));
    expect(o.beginBy).toBe("2026-11-18");
    expect(
      outlookOf("a", calendar(run("a", "2026-11-01", "2026-11-12", job(20, 0.2)))).beginBy,
    ).toBeUndefined();
  });
  it("a run that can never be done says so", () => {
    const none: WeekHours = [0, 0, 0, 0, 0, 0, 0];
    expect(outlookOf("a", calendar(run("a", "2026-11-01", "2026-11-12", job(2, 0.1, "", none))))).toEqual({
      chance: 0,
      sureBy: undefined,
      beginBy: undefined,
      days: [],
    });
  });
});

describe("what would raise the chance", () => {
  const c = calendar(
    run("first", "2026-11-01", "2026-11-30", job(10, 0.2)),
    run("a", "2026-11-01", "2026-11-12", job(20, 0.2)),
  );
  it("going first, an hour more a day, less work, a helper: each by what it gives", () => {
    const now = chanceIn("a", c);
    // Thirty hours on twenty-four, of one hand: Φ(ln(24/30)/0.2) = 0.13.
    expect(now).toBeCloseTo(0.132, 2);
    expect(chanceIn("a", withFirst(c, "a"))).toBeCloseTo(normalBelow(Math.log(1.2) / 0.2), 2);
    // Thirty-six hours in twelve days of three.
    expect(chanceIn("a", withMoreHours(c, 1))).toBeCloseTo(normalBelow(Math.log(36 / 30) / 0.2), 2);
    expect(chanceIn("a", withJobs(c, "a", [job(10, 0.2)]))).toBeCloseTo(
      normalBelow(Math.log(24 / 20) / 0.2),
      2,
    );
    const shared = chanceIn("a", withJobs(c, "a", [job(10, 0.2), job(11, 0.2, "nell")]));
    expect(shared).toBeGreaterThan(0.75);
  });
  it("an hour more is not worked on days off", () => {
    const weekdays: WeekHours = [2, 2, 2, 2, 2, 0, 0];
    const more = withMoreHours(calendar(run("a", "2026-11-01", "2026-11-12", job(1, 0.1, "", weekdays))), 1);
    expect(more.runs[0]?.jobs[0]?.week).toEqual([3, 3, 3, 3, 3, 0, 0]);
  });
});
