import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { randomFrom } from "../calibrate/simulated-makers";
import { layRuns } from "./booking";
import type { WeekHours } from "./calendar";
import type { Booked, Job } from "./day-book";

const WEEKDAYS: WeekHours = [2, 2, 2, 2, 2, 0, 0];
const hours = (value: number, low = value, high = value) => ({
  value: value * 3600,
  low: low * 3600,
  high: high * 3600,
});
const run = (
  id: string,
  startOn: string,
  h: Job["seconds"],
  over: { dueOn?: string; week?: WeekHours } = {},
): Booked => ({
  id,
  startOn,
  dueOn: over.dueOn ?? "2026-12-31",
  jobs: [{ hand: "", phase: 0, seconds: h, week: over.week ?? WEEKDAYS }],
});

describe("one calendar over all runs", () => {
  // The cases of an independent reading of the figures, worked by hand: ten hours a week, Monday to Friday.
  it("two runs that begin on one day do not get the same hours", () => {
    const laid = layRuns(
      [run("a", "2026-11-02", hours(20)), run("b", "2026-11-02", hours(20))],
      "2026-10-01",
    );
    expect([laid.get("a")?.finish, laid.get("b")?.finish]).toEqual(["2026-11-13", "2026-11-27"]);
    expect(laid.get("b")?.begin).toBe("2026-11-16");
  });
  it("says the same looked at before its first day and on it", () => {
    const runs = [run("a", "2026-11-02", hours(20)), run("b", "2026-11-02", hours(20))];
    expect(layRuns(runs, "2026-11-02")).toEqual(layRuns(runs, "2026-10-01"));
  });
  it("the second of two carries the range of the first: it is the same hand", () => {
    const twenty = hours(20, 16.2, 23.8);
    const laid = layRuns([run("a", "2026-11-02", twenty), run("b", "2026-11-02", twenty)], "2026-11-02");
    // 32.4 to 47.6 hours: seventeen to twenty-four working days.
    expect([laid.get("b")?.finishLow, laid.get("b")?.finishHigh]).toEqual(["2026-11-24", "2026-12-03"]);
  });
  it("a run that is due first but begins later leaves the days before it to others", () => {
    const laid = layRuns(
      [run("a", "2026-11-30", hours(20)), run("b", "2026-11-02", hours(20))],
      "2026-11-01",
    );
    expect([laid.get("b")?.finish, laid.get("a")?.finish]).toEqual(["2026-11-13", "2026-12-11"]);
  });
  it("goes on in the hours that a short run leaves of a day", () => {
    const laid = layRuns([run("a", "2026-11-02", hours(1)), run("b", "2026-11-02", hours(1))], "2026-11-02");
    expect([laid.get("a")?.finish, laid.get("b")?.finish]).toEqual(["2026-11-02", "2026-11-02"]);
  });
  it("never where there are no hours; at once where there is no work; not across a clock change", () => {
    const none = layRuns(
      [run("a", "2026-11-02", hours(2), { week: [0, 0, 0, 0, 0, 0, 0] })],
      "2026-11-02",
    ).get("a");
    expect(none).toMatchObject({ finish: undefined, chance: undefined });
    expect(layRuns([run("a", "2026-11-02", hours(0))], "2026-11-02").get("a")).toMatchObject({
      finish: "2026-11-02",
      chance: 1,
    });
    const all: WeekHours = [1, 1, 1, 1, 1, 1, 1];
    expect(layRuns([run("a", "2026-10-24", hours(3), { week: all })], "2026-10-24").get("a")?.finish).toBe(
      "2026-10-26",
    );
  });
  it("the chance of a due day is that of drawn paces", () => {
    const runs = [
      run("a", "2026-11-02", hours(20, 15, 27)),
      run("b", "2026-11-02", hours(12, 9, 16), { dueOn: "2026-11-24" }),
    ];
    const chance = layRuns(runs, "2026-11-02").get("b")?.chance ?? 0;
    const { normal } = randomFrom(12);
    let inTime = 0;
    const draws = 4000;
    for (let i = 0; i < draws; i++) {
      const z = normal();
      const total = runs.reduce(
        (s, { jobs: [job] }) =>
          job === undefined
            ? s
            : s +
              job.seconds.value * Math.exp((z * Math.log(job.seconds.high / job.seconds.value)) / 1.6448536),
        0,
      );
      // Working days from 2 to 24 November: 17 of two hours.
      inTime += Number(total <= 17 * 2 * 3600);
    }
    expect(Math.abs(chance - inTime / draws)).toBeLessThan(0.03);
  });
  it("never books an hour twice, nor before a first day, and all the work that there is", () => {
    const drawn = fc.array(
      fc.record({ day: fc.integer({ min: 1, max: 28 }), h: fc.integer({ min: 0, max: 30 }) }),
      { minLength: 1, maxLength: 8 },
    );
    fc.assert(
      fc.property(drawn, (list) => {
        const runs = list.map((x, i) =>
          run(`r${i}`, `2026-11-${String(x.day).padStart(2, "0")}`, hours(x.h)),
        );
        const laid = layRuns(runs, "2026-11-01");
        for (const r of runs) expect((laid.get(r.id)?.begin ?? "") >= r.startOn).toBe(true);
        // With everything from the first day on, the last day is that of the sum of all hours.
        const together = runs.map((r) => ({ ...r, startOn: "2026-11-01" }));
        const last = [...layRuns(together, "2026-11-01").values()]
          .map((x) => x.finish ?? "")
          .sort()
          .at(-1);
        const sum = layRuns(
          [run("all", "2026-11-01", hours(list.reduce((s, x) => s + x.h, 0)))],
          "2026-11-01",
        );
        expect(last).toBe(sum.get("all")?.finish);
      }),
      { numRuns: 80, seed: 17 },
    );
  });
});

describe("days that are others than their weekday", () => {
  const off = new Map([
    ["2026-11-03", 0],
    ["2026-11-07", 5],
  ]);
  it("a day off is passed by, a long Saturday is worked: by hand", () => {
    // Two hours on Monday, none on Tuesday, two each on Wednesday to Friday, five on Saturday.
    const a = layRuns([run("a", "2026-11-02", hours(12))], "2026-11-02", new Map([["", off]])).get("a");
    expect(a?.days).toEqual([
      { on: "2026-11-02", hours: 2, hand: "" },
      { on: "2026-11-04", hours: 2, hand: "" },
      { on: "2026-11-05", hours: 2, hand: "" },
      { on: "2026-11-06", hours: 2, hand: "" },
      { on: "2026-11-07", hours: 4, hand: "" },
    ]);
    expect(a?.finish).toBe("2026-11-07");
  });
  it("no hour is given twice, none beyond its day, and the sum is the work", () => {
    const days = fc.dictionary(
      fc.integer({ min: 1, max: 30 }).map((d) => `2026-11-${String(d).padStart(2, "0")}`),
      fc.integer({ min: 0, max: 10 }),
    );
    fc.assert(
      fc.property(
        days,
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 5 }),
        (d, work) => {
          const special = new Map(Object.entries(d));
          const laid = layRuns(
            work.map((h, i) => run(String(i), "2026-11-01", hours(h))),
            "2026-11-01",
            new Map([["", special]]),
          );
          const taken = new Map<string, number>();
          for (const [i, h] of work.entries()) {
            const own = laid.get(String(i))?.days ?? [];
            expect(own.reduce((s, x) => s + x.hours, 0)).toBeCloseTo(h, 6);
            for (const x of own) taken.set(x.on, (taken.get(x.on) ?? 0) + x.hours);
          }
          for (const [on, used] of taken) {
            const weekday = new Date(`${on}T00:00:00Z`).getUTCDay();
            const there = special.get(on) ?? (weekday === 0 || weekday === 6 ? 0 : 2);
            expect(used).toBeLessThanOrEqual(there + 1e-9);
          }
        },
      ),
    );
  });
});

describe("several hands", () => {
  const job = (hand: string, phase: number, h: Job["seconds"], week: WeekHours = WEEKDAYS): Job => ({
    hand,
    phase,
    seconds: h,
    week,
  });
  const shared = (...jobs: Job[]): Booked => ({ id: "a", startOn: "2026-11-02", dueOn: "2026-12-31", jobs });
  it("two hands work side by side, each in her own hours: by hand", () => {
    // Ten hours of parts each; the helper has one hour on each day of the week.
    const laid = layRuns(
      [shared(job("", 0, hours(10)), job("nell", 0, hours(10), [1, 1, 1, 1, 1, 1, 1]))],
      "2026-11-02",
    ).get("a");
    expect(laid?.finish).toBe("2026-11-11");
    expect(laid?.days.filter((d) => d.hand === "nell")).toHaveLength(10);
    expect(laid?.days.filter((d) => d.hand === "")).toHaveLength(5);
  });
  it("what is sewn waits for the parts of others, as they come: by hand", () => {
    // Her parts take Monday. Of four hours of sewing no more than half can be done on the evening on which
    // half of the helper's eight hours were done, one day later: Tuesday 0, then an hour a day until Friday
    // (2/8, 4/8 and 6/8 of four hours by Thursday's start), the rest on Monday.
    const laid = layRuns(
      [shared(job("", 0, hours(2)), job("nell", 0, hours(8)), job("", 1, hours(4)))],
      "2026-11-02",
    ).get("a");
    expect(laid?.days.filter((d) => d.hand === "").map((d) => [d.on.slice(8), d.hours])).toEqual([
      ["02", 2],
      ["03", 1],
      ["04", 1],
      ["05", 1],
      ["06", 1],
    ]);
    expect(laid?.finish).toBe("2026-11-06");
  });
  it("while she waits for parts the next run gets her hours", () => {
    const first = shared(job("nell", 0, hours(10), [0, 0, 0, 0, 0, 5, 5]), job("", 1, hours(2)));
    const laid = layRuns([first, run("b", "2026-11-02", hours(10))], "2026-11-02");
    expect(laid.get("b")?.finish).toBe("2026-11-06");
    expect(laid.get("a")?.finish).toBe("2026-11-09");
  });
  it("a hair of a part that is left by rounding does not hold the sewing up for ever", () => {
    // Two hours and half of a billionth, of which the calendar takes two.
    const laid = layRuns([shared(job("nell", 0, hours(2 + 5e-10)), job("", 1, hours(12)))], "2026-11-02").get(
      "a",
    );
    expect(laid?.finish).toBe("2026-11-10");
  });
  it("a hand without hours never ends, and a day off of one is not the other's", () => {
    const never = layRuns(
      [shared(job("", 0, hours(2)), job("nell", 0, hours(1), [0, 0, 0, 0, 0, 0, 0]))],
      "2026-11-02",
    ).get("a");
    expect(never).toMatchObject({ finish: undefined, chance: undefined, days: [] });
    const off = layRuns(
      [shared(job("", 0, hours(2)), job("nell", 0, hours(2)))],
      "2026-11-02",
      new Map([["nell", new Map([["2026-11-02", 0]])]]),
    ).get("a");
    expect(off?.days).toEqual([
      { on: "2026-11-02", hours: 2, hand: "" },
      { on: "2026-11-03", hours: 2, hand: "nell" },
    ]);
  });
  it("books no hand's hour twice, all the work there is, and no sewing ahead of its parts", () => {
    const hand = fc.constantFrom("", "nell", "ada");
    const drawn = fc.array(
      fc.record({
        day: fc.integer({ min: 1, max: 28 }),
        jobs: fc.array(
          fc.record({
            hand,
            phase: fc.integer({ min: 0, max: 2 }),
            h: fc.double({ min: 0, max: 12, noNaN: true }),
          }),
          {
            minLength: 1,
            maxLength: 5,
          },
        ),
      }),
      { minLength: 1, maxLength: 5 },
    );
    fc.assert(
      fc.property(drawn, (list) => {
        const runs = list.map((x, i): Booked => ({
          id: String(i),
          startOn: `2026-11-${String(x.day).padStart(2, "0")}`,
          dueOn: "2026-12-31",
          jobs: x.jobs.map((j) => job(j.hand, j.phase, hours(j.h))),
        }));
        const laid = layRuns(runs, "2026-11-01");
        const taken = new Map<string, number>();
        for (const r of runs) {
          const days = laid.get(r.id)?.days ?? [];
          for (const d of days)
            taken.set(`${d.on} ${d.hand}`, (taken.get(`${d.on} ${d.hand}`) ?? 0) + d.hours);
          const work = r.jobs.reduce((s, j) => s + j.seconds.value / 3600, 0);
          expect(days.reduce((s, d) => s + d.hours, 0)).toBeCloseTo(work, 6);
          expect(days.every((d) => d.on >= r.startOn)).toBe(true);
          const finish = laid.get(r.id)?.finish ?? "";
          expect(finish).not.toBe("");
          expect(days.every((d) => d.on <= finish)).toBe(true);
        }
        for (const used of taken.values()) expect(used).toBeLessThanOrEqual(2 + 1e-9);
      }),
      { numRuns: 60, seed: 5 },
    );
  });
});
