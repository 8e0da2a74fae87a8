import { describe, expect, it } from "vitest";
import { layRuns } from "@core/planning";
import { landed } from "./use-shift";
import { lastOf, weeksOf } from "./weeks";

const week = [2, 2, 2, 2, 2, 0, 0] as const;
const special = new Map([
  ["2026-12-02", 0],
  ["2026-12-05", 6],
]);
const laid = layRuns(
  [
    {
      id: "a",
      startOn: "2026-12-01",
      dueOn: "2026-12-31",
      jobs: [{ hand: "", phase: 0, week, seconds: { low: 14400, value: 14400, high: 14400 } }],
    },
    {
      id: "b",
      startOn: "2026-12-01",
      dueOn: "2026-12-31",
      jobs: [{ hand: "", phase: 0, week, seconds: { low: 28800, value: 28800, high: 28800 } }],
    },
  ],
  "2026-12-01",
  new Map([["", special]]),
);
const weeks = weeksOf({
  from: "2026-12-01",
  today: "2026-12-01",
  weeks: 2,
  locale: "en-IE",
  week,
  special,
  notes: new Map([["2026-12-02", "ferry"]]),
  stretches: ["a", "b"].map((id) => ({
    id,
    letter: id.toUpperCase(),
    name: `Run ${id}`,
    startOn: "2026-12-01",
    days: laid.get(id)?.days ?? [],
  })),
  marks: new Map(),
});
const cell = (on: string) => weeks.flat().find((c) => c.on === on);

describe("weeks as cells", () => {
  it("begin on the locale's first weekday, whole", () => {
    expect(weeks.map((w) => [w[0]?.on, w[6]?.on])).toEqual([
      ["2026-11-30", "2026-12-06"],
      ["2026-12-07", "2026-12-13"],
    ]);
    expect(lastOf("2026-12-01", 2, "en-IE")).toBe("2026-12-13");
    expect(lastOf("2026-12-01", 2, "en-US")).toBe("2026-12-12");
  });
  it("give no hour twice, none on a day off, and those of a long day", () => {
    // By hand: two hours on 1, 3 and 4 December, six on the 5th; a takes four, b eight.
    expect(
      weeks.flat().flatMap((c) => c.booked.map((b) => `${c.on.slice(8)} ${b.letter} ${b.hours}`)),
    ).toEqual(["01 A 2", "03 A 2", "04 B 2", "05 B 6"]);
    expect(cell("2026-12-02")).toMatchObject({ hours: 0, changed: true, note: "ferry", booked: [] });
    for (const c of weeks.flat())
      expect(c.booked.reduce((s, b) => s + b.hours, 0)).toBeLessThanOrEqual(c.hours + 1e-9);
  });
  it("say how far each day of a run lies behind its first, so that it is dragged by any", () => {
    const leads = weeks.flat().flatMap((c) => c.booked.map((b) => `${b.letter} ${b.lead}`));
    expect(leads).toEqual(["A 0", "A 2", "B 0", "B 1"]);
    const dragged = { what: "begin", id: "b", label: "B", from: "2026-12-01", lead: 1 } as const;
    expect(landed(dragged, "2026-12-09").to).toBe("2026-12-08");
    expect(landed({ ...dragged, lead: 0 }, "2026-12-09").to).toBe("2026-12-09");
  });
  it("say which days are over and which is today", () => {
    expect(cell("2026-11-30")).toMatchObject({ past: true, today: false });
    expect(cell("2026-12-01")).toMatchObject({ past: false, today: true });
  });
});
