import { parseDate } from "@internationalized/date";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { hoursOn, type WeekHours } from "./calendar";
import { daysToWork, latestStarts, type Due } from "./latest";

const week: WeekHours = [3, 3, 0, 3, 3, 6, 0];
/** A Monday. */
const monday = parseDate("2026-08-03");

describe("the latest days to begin", () => {
  it("are reckoned back over days without hours, by hand", () => {
    const due = (id: string, hours: number, day: string): Due => ({ id, hours, dueOn: parseDate(day) });
    // Saturday the 15th has 6 h, Friday and Thursday 3 h, Wednesday none, Tuesday and Monday 3 h.
    const got = latestStarts([due("b", 7, "2026-08-15"), due("a", 6, "2026-08-12")], { week });
    expect(got.get("b")?.toString()).toBe("2026-08-14");
    // Wednesday has no hours: Tuesday and Monday.
    expect(got.get("a")?.toString()).toBe("2026-08-10");
    const days = new Map([["2026-08-15", 0]]);
    const away = latestStarts([due("b", 7, "2026-08-15")], { week, days });
    expect(away.get("b")?.toString()).toBe("2026-08-11");
  });

  it("leave out what no hours are ever enough for, and begin nothing on its day", () => {
    const none: WeekHours = [0, 0, 0, 0, 0, 0, 0];
    expect(latestStarts([{ id: "a", hours: 1, dueOn: monday }], { week: none }).size).toBe(0);
    expect(latestStarts([{ id: "a", hours: 0, dueOn: monday }], { week: none }).get("a")).toEqual(monday);
    expect(daysToWork(1, monday, { week: none })).toBeUndefined();
  });

  it("are in time when each is worked from its day on, and too late when the first begins a day later", () => {
    const work = fc.record({ hours: fc.integer({ min: 1, max: 20 }), due: fc.integer({ min: 0, max: 60 }) });
    fc.assert(
      fc.property(fc.array(work, { minLength: 1, maxLength: 6 }), (list) => {
        const works = list.map((w, i) => ({
          id: `w${i}`,
          hours: w.hours,
          dueOn: monday.add({ days: w.due }),
        }));
        const starts = latestStarts(works, { week });
        expect(allInTime(works, starts, 0)).toBe(true);
        expect(allInTime(works, starts, 1)).toBe(false);
      }),
      { numRuns: 200, seed: 5 },
    );
  });
});

describe("days until hours are worked", () => {
  it("count from the first day on, by hand", () => {
    // 3 on Monday, 3 on Tuesday, none on Wednesday, 3 on Thursday.
    expect([0, 3, 6, 6.5, 9].map((h) => daysToWork(h, monday, { week }))).toEqual([0, 1, 2, 4, 4]);
  });
});

/** A plain second way: forwards, hour by hour of each day, what is due first first, nothing before its day. */
function allInTime(
  works: readonly Due[],
  starts: ReadonlyMap<string, ReturnType<typeof parseDate>>,
  later: number,
) {
  const left = new Map(works.map((w) => [w.id, w.hours]));
  const first = [...starts.values()].reduce((a, b) => (b.compare(a) < 0 ? b : a));
  for (let day = first; day.compare(monday.add({ days: 61 })) < 0; day = day.add({ days: 1 })) {
    let hours = day.compare(first.add({ days: later })) < 0 ? 0 : hoursOn(day, week);
    const ready = works
      .filter((w) => (left.get(w.id) ?? 0) > 0 && (starts.get(w.id)?.compare(day) ?? 1) <= 0)
      .sort((a, b) => a.dueOn.compare(b.dueOn));
    for (const w of ready) {
      const done = Math.min(hours, left.get(w.id) ?? 0);
      left.set(w.id, (left.get(w.id) ?? 0) - done);
      hours -= done;
    }
    if (works.some((w) => w.dueOn.compare(day) <= 0 && (left.get(w.id) ?? 0) > 1e-9)) return false;
  }
  return true;
}
