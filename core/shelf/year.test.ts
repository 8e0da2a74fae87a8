import { parseDate } from "@internationalized/date";
import { describe, expect, it } from "vitest";
import { GENERAL_SEASON, learnDemand, type Period } from "./demand";
import { countChances } from "./demand/counts";
import { shapeOf } from "./demand/season";
import { adviseYear, seasonDays, seasonSpan, type YearKind } from "./year";

const winter = shapeOf("winter", GENERAL_SEASON);
const calendar = { week: [2, 2, 2, 2, 2, 0, 0] as const };

describe("the season of a piece", () => {
  it("is the shortest row of months that holds seven tenths of the year", () => {
    expect(seasonSpan(winter)).toMatchObject({ first: 10, months: 2 });
    expect(seasonSpan(shapeOf("spring", GENERAL_SEASON))).toMatchObject({ first: 1, months: 3 });
    expect(seasonSpan(GENERAL_SEASON)).toBeUndefined();
    // A season goes over the turn of the year.
    const turn = [4, 1, 0, 0, 0, 0, 0, 0, 0, 0, 1, 5];
    expect(seasonSpan(turn)).toEqual({ first: 11, months: 2, share: 9 / 11 });
    expect(seasonDays({ first: 11, months: 2, share: 1 }, parseDate("2027-01-10"))).toEqual({
      first: parseDate("2026-12-01"),
      last: parseDate("2027-01-31"),
    });
  });

  it("is learned for a kind of its own, while the rest of the stall keeps its months", () => {
    const months = Array.from({ length: 24 }, (_, t) => t % 12);
    const sold = (of: (m: number) => number): Period[] =>
      months.flatMap((month) =>
        [1, 2, 3, 4].map(() => ({ month, sold: Math.round(of(month)), soldOut: false, length: 1 })),
      );
    const model = learnDemand([
      { id: "star", kind: "ornament", periods: sold((m) => (m >= 10 ? 12 : 0)) },
      { id: "bell", kind: "ornament", periods: sold((m) => (m >= 10 ? 9 : 0)) },
      { id: "puffin", kind: "keychain", periods: sold(() => 4) },
    ]);
    expect(seasonSpan(model.of.get("star")?.season ?? [])).toMatchObject({ first: 10, months: 2 });
    expect(seasonSpan(model.of.get("puffin")?.season ?? [])).toBeUndefined();
    // What was never sold goes by what its maker says of it.
    expect(seasonSpan(model.unknown("figure", "autumn").season)).toMatchObject({ first: 7, months: 3 });
  });
});

describe("advice for the year", () => {
  const star = (more: Partial<YearKind> = {}): YearKind => ({
    id: "star",
    season: winter,
    asked: (from, to) => {
      // 10 in November and 12 in December, evenly over their days.
      let mean = 0;
      for (let day = from; day.compare(to) <= 0; day = day.add({ days: 1 }))
        mean += day.month === 11 ? 10 / 30 : day.month === 12 ? 12 / 31 : 0;
      return countChances(mean, 1e7);
    },
    held: 5,
    seen: 26,
    margin: 900,
    idle: 100,
    minutes: 60,
    ...more,
  });

  it("has each month's pieces done before it begins, worked by hand", () => {
    const [got] = adviseYear([star()], parseDate("2026-08-03"), calendar, []);
    // Poisson at 0.9 (tables, from memory): mean 10 → 14, mean 22 → 28.
    expect([got?.wanted, got?.make, got?.hours]).toEqual([28, 23, 23]);
    // 9 by October 31 and 14 more by November 30: 2 h on each weekday. Those 14 h go back from Monday the 30th
    // to Friday the 20th; 9 h from Friday, October 30, to Monday the 26th.
    expect(got?.startBy?.toString()).toBe("2026-10-26");
    expect([got?.on, got?.first.toString(), got?.last.toString()]).toEqual([
      false,
      "2026-11-01",
      "2026-12-31",
    ]);
  });

  it("begins small with what nobody knows yet", () => {
    const [known, fresh] = [26, 1].map(
      (seen) => adviseYear([star({ seen })], parseDate("2026-09-01"), calendar, [])[0],
    );
    expect(fresh?.service).toBe(0.5);
    expect(fresh?.wanted).toBeLessThan(known?.wanted ?? 0);
  });

  it("stops while there is enough for the rest of the season, and says what stays", () => {
    const [got] = adviseYear([star({ held: 20 })], parseDate("2026-12-20"), calendar, []);
    expect([got?.on, got?.make, got?.startBy]).toEqual([true, 0, undefined]);
    // 12 days of 12 ÷ 31.
    expect(got?.left).toBeCloseTo(20 - (12 * 12) / 31, 1);
  });

  it("begins earlier where open runs take the hours before", () => {
    const free = adviseYear([star()], parseDate("2026-08-03"), calendar, [])[0];
    const busy = adviseYear([star()], parseDate("2026-08-03"), calendar, [
      { id: "run", hours: 20, dueOn: parseDate("2026-11-06") },
    ])[0];
    // The run's 20 h fill the ten weekdays to Monday, October 26: the first nine go a week further back.
    expect([free?.startBy?.toString(), busy?.startBy?.toString()]).toEqual(["2026-10-26", "2026-10-19"]);
  });
});
