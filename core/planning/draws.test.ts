import { describe, expect, it } from "vitest";
import { normalBelow } from "../calibrate";
import { randomFrom } from "../calibrate/simulated-makers";
import type { WeekHours } from "./calendar";
import { DayBook, type Booked, type Job } from "./day-book";
import { chanceBy, dayBy, drawFinishes } from "./draws";

const TWO: WeekHours = [2, 2, 2, 2, 2, 2, 2];
const Z90 = 1.6448536269514722;
/** Hours with a standard deviation of the logarithm. */
const hours = (value: number, sigma: number): Job["seconds"] => ({
  low: value * 3600 * Math.exp(-Z90 * sigma),
  value: value * 3600,
  high: value * 3600 * Math.exp(Z90 * sigma),
});
const run = (id: string, dueOn: string, jobs: readonly Omit<Job, "week">[]): Booked => ({
  id,
  startOn: "2026-11-01",
  dueOn,
  jobs: jobs.map((j) => ({ ...j, week: TWO })),
});

describe("paces drawn", () => {
  it("one run of one hand: the chance in closed form, for every day", () => {
    // Work of median 20 h and σ 0.2 at two hours a day: done by day d when w ≤ 2 (d + 1).
    const book = new DayBook(
      [run("a", "2026-11-12", [{ hand: "", phase: 0, seconds: hours(20, 0.2) }])],
      "2026-11-01",
    );
    const [finishes] = drawFinishes(book, 10_000);
    expect(finishes).toBeDefined();
    for (let d = 4; d < 20; d++)
      expect(chanceBy(finishes ?? new Int32Array(), d)).toBeCloseTo(
        normalBelow(Math.log((2 * (d + 1)) / 20) / 0.2),
        3,
      );
    // 90 of 100 within 20 · e^(1.2816 · 0.2) = 25.8 h: the thirteenth day.
    expect(dayBy(finishes ?? new Int32Array(), 0.9)).toBe(12);
  });
  it("what runs share does not even out, what is their own does", () => {
    const two = (own: number) =>
      drawFinishes(
        new DayBook(
          [0, 1, 2, 3].map((i) =>
            run(String(i), "2026-12-31", [{ hand: "", phase: 0, seconds: hours(20, 0.2), own }]),
          ),
          "2026-11-01",
        ),
        4000,
      )[3] ?? new Int32Array();
    const width = (f: Int32Array) => (dayBy(f, 0.95) ?? 0) - (dayBy(f, 0.05) ?? 0);
    // 80 h with σ 0.2 together, or with σ 0.2 / √4 where each run has its own.
    expect(width(two(0))).toBeGreaterThan(24);
    expect(width(two(0.2))).toBeLessThan(15);
  });
  it("the same as a plain simulation of two hands and two runs", () => {
    const runs = [
      run("a", "2026-11-08", [
        { hand: "", phase: 0, seconds: hours(9, 0.2), own: 0.1 },
        { hand: "nell", phase: 0, seconds: hours(8, 0.3) },
      ]),
      run("b", "2026-11-15", [
        { hand: "", phase: 0, seconds: hours(10, 0.2), own: 0.1 },
        { hand: "nell", phase: 0, seconds: hours(14, 0.3) },
      ]),
    ];
    const got = drawFinishes(new DayBook(runs, "2026-11-01"), 4000);
    const { normal } = randomFrom(31);
    const there = [0, 0];
    const n = 40_000;
    for (let k = 0; k < n; k++) {
      const [me, nell] = [normal(), normal()];
      const own = [normal(), normal()];
      const mine = [9, 10].map((h, i) => h * Math.exp(Math.sqrt(0.03) * me + 0.1 * (own[i] ?? 0)));
      const hers = [8, 14].map((h) => h * Math.exp(0.3 * nell));
      const day = (h: number) => Math.ceil(h / 2 - 1e-12) - 1;
      const first = Math.max(day(mine[0] ?? 0), day(hers[0] ?? 0));
      const second = Math.max(day((mine[0] ?? 0) + (mine[1] ?? 0)), day((hers[0] ?? 0) + (hers[1] ?? 0)));
      if (first <= 7) there[0] = (there[0] ?? 0) + 1;
      if (second <= 14) there[1] = (there[1] ?? 0) + 1;
    }
    expect(Math.abs(chanceBy(got[0] ?? new Int32Array(), 7) - (there[0] ?? 0) / n)).toBeLessThan(0.015);
    expect(Math.abs(chanceBy(got[1] ?? new Int32Array(), 14) - (there[1] ?? 0) / n)).toBeLessThan(0.015);
  });
  it("the same seed draws the same; runs that never end are never done", () => {
    const book = new DayBook(
      [
        run("a", "2026-11-12", [{ hand: "", phase: 0, seconds: hours(20, 0.2) }]),
        {
          ...run("b", "2026-11-12", []),
          jobs: [{ hand: "x", phase: 0, seconds: hours(1, 0), week: [0, 0, 0, 0, 0, 0, 0] }],
        },
      ],
      "2026-11-01",
    );
    const [one, other] = [drawFinishes(book, 50, 7), drawFinishes(book, 50, 7)];
    expect(one).toEqual(other);
    expect(drawFinishes(book, 50, 8)).not.toEqual(one);
    expect(chanceBy(one[1] ?? new Int32Array(), 4000)).toBe(0);
    expect(dayBy(one[1] ?? new Int32Array(), 0.05)).toBeUndefined();
  });
  it("another order, another run's helper, other work: what is not touched is drawn as before", () => {
    const mine = run("a", "2026-11-12", [{ hand: "", phase: 0, seconds: hours(20, 0.2), own: 0.1 }]);
    const theirs = run("b", "2026-11-20", [{ hand: "ada", phase: 0, seconds: hours(9, 0.2), own: 0.1 }]);
    const shared = {
      ...theirs,
      jobs: [...theirs.jobs, { hand: "zoe", phase: 1, seconds: hours(3, 0.3), own: 0.1, week: TWO }],
    };
    const alone = drawFinishes(new DayBook([mine, theirs], "2026-11-01"), 300);
    const turned = drawFinishes(new DayBook([theirs, mine], "2026-11-01"), 300);
    const helped = drawFinishes(new DayBook([mine, shared], "2026-11-01"), 300);
    expect([turned[1], turned[0]]).toEqual([alone[0], alone[1]]);
    expect(helped[0]).toEqual(alone[0]);
    // Her own part is done no later than the whole.
    helped[1]?.forEach((f, k) => expect(f).toBeGreaterThanOrEqual(alone[1]?.[k] ?? 0));
  });
  it("days and chances of a few draws by hand", () => {
    const f = Int32Array.from([3, -1, 1, 2]);
    expect(chanceBy(f, 2)).toBe(0.5);
    expect(dayBy(f, 0.25)).toBe(1);
    expect(dayBy(f, 0.75)).toBe(3);
    expect(dayBy(f, 0.8)).toBeUndefined();
  });
});
