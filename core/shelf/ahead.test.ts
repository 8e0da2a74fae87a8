import { parseDate } from "@internationalized/date";
import { describe, expect, it } from "vitest";
import { KNOWN_AFTER } from "./restock";
import { ofRoom, toMakeAhead, type KeptUp } from "./ahead";
import { countChances } from "./demand/counts";

const today = parseDate("2026-08-03");
const calendar = { week: [2, 2, 2, 2, 2, 2, 2] as const };
/** Asked for so many a day, hardly spreading beyond Poisson. */
const kept = (more: Partial<KeptUp> = {}): KeptUp => ({
  id: "a",
  asked: (days) => countChances(0.5 * days, 1e7),
  held: 3,
  seen: 26,
  margin: 900,
  idle: 100,
  minutes: 60,
  deliveryDays: 0,
  ...more,
});

describe("what is made ahead for places that sell all the time", () => {
  it("covers the making itself and twice the time until she looks again, worked by hand", () => {
    const [got] = toMakeAhead([kept()], 14, today, calendar, []);
    // Poisson at 0.9 (from memory: tables of the Poisson distribution): mean 7 → 10, mean 14 → 19. With ten
    // or more to make at 2 h a day the lead grows to about eight days: 22 days → mean 11 → 15, 36 → mean 18 → 24.
    expect(got?.service).toBe(0.9);
    expect(got?.make).toBe((got?.upTo ?? 0) - 3);
    expect(got?.hours).toBe(got?.make);
    expect(got?.leadDays).toBe(Math.ceil((got?.hours ?? 0) / 2));
    expect(got?.point).toBeGreaterThanOrEqual(15);
    // Three are enough for 3 days (mean 1.5: P(≤ 3) = 0.934) and not for four (mean 2: 0.857; tables).
    expect(got?.enoughUntil?.toString()).toBe("2026-08-06");
    expect(got?.beginBy?.compare(today)).toBeLessThan(0);
  });

  it("makes no more for a shelf than it can show: what stands there at each visit is all that it sells", () => {
    expect(ofRoom([0.2, 0.3, 0.3, 0.2], 0.5, 20, 14)).toEqual([0.2, 0.8]);
    const free = countChances(18, 1e7);
    expect(ofRoom(free, 100, 36, 14)).toBe(free);
    // A place for four, visited every two weeks: in five weeks it shows twelve.
    const small = ofRoom(free, 4, 36, 14);
    expect(small).toHaveLength(13);
    expect(small.reduce((a, b) => a + b)).toBeCloseTo(1, 9);
    const shelf = kept({ asked: (days) => ofRoom(countChances(0.5 * days, 1e7), 4, days, 14) });
    const [got] = toMakeAhead([shelf], 14, today, calendar, []);
    expect((got?.make ?? 0) + 3).toBeLessThanOrEqual(12);
    expect(got?.make).toBeGreaterThan(0);
  });

  it("begins small with what is little known: for what is expected, not for what might be", () => {
    // A rate that nobody knows: negative binomial, mean 0.5 a day, spreading widely.
    const asked = (days: number) => countChances(0.5 * days, 1.2);
    const [fresh, known] = [2, KNOWN_AFTER].map(
      (seen) => toMakeAhead([kept({ asked, seen })], 14, today, calendar, [])[0],
    );
    expect(fresh?.service).toBe(0.5);
    expect(known?.service).toBe(0.9);
    expect(2 * (fresh?.upTo ?? 0)).toBeLessThan(known?.upTo ?? 0);
    // What earns little is not made up to a half either.
    expect(toMakeAhead([kept({ seen: 0, margin: 25 })], 14, today, calendar, [])[0]?.service).toBe(0.2);
  });

  it("leaves alone what there is enough of, and what earns nothing", () => {
    const [enough, poor] = toMakeAhead(
      [kept({ held: 40 }), kept({ id: "b", margin: -10 })],
      14,
      today,
      calendar,
      [],
    );
    expect([enough?.make, enough?.beginBy, poor?.make]).toEqual([0, undefined, 0]);
  });

  it("waits for yarn that lacks, and for the runs before: lead, point and level grow with them", () => {
    const plain = toMakeAhead([kept()], 7, today, calendar, [])[0];
    const yarn = toMakeAhead([kept({ deliveryDays: 20 })], 7, today, calendar, [])[0];
    const runs = toMakeAhead([kept()], 7, today, calendar, [
      { id: "run", hours: 60, dueOn: today.add({ days: 40 }) },
    ])[0];
    for (const later of [yarn, runs]) {
      expect(later?.leadDays).toBeGreaterThan((plain?.leadDays ?? 0) + 15);
      expect(later?.upTo).toBeGreaterThan(plain?.upTo ?? 0);
    }
    expect(yarn?.orderBy?.toString()).toBe(yarn?.beginBy?.subtract({ days: 20 }).toString());
    expect(plain?.orderBy).toBeUndefined();
  });

  it("makes first what runs out first: the days to begin do not share the same hours", () => {
    const got = toMakeAhead(
      [kept({ id: "late", held: 8 }), kept({ id: "soon", held: 6 })],
      14,
      today,
      calendar,
      [],
    );
    const of = (id: string) => got.find((x) => x.id === id);
    expect(of("soon")?.beginBy?.compare(of("late")?.beginBy ?? today)).toBeLessThanOrEqual(0);
    // Alone it would be begun later.
    const alone = toMakeAhead([kept({ id: "soon", held: 6 })], 14, today, calendar, [])[0];
    expect(of("soon")?.beginBy?.compare(alone?.beginBy ?? today)).toBeLessThan(0);
  });

  it("does not ask again for what a run is making", () => {
    const [first] = toMakeAhead([kept()], 14, today, calendar, []);
    const run = { id: "run", hours: first?.hours ?? 0, dueOn: today.add({ days: 30 }) };
    const held = 3 + (first?.make ?? 0);
    const [again] = toMakeAhead([kept({ held }), kept({ id: "b", held: 1 })], 14, today, calendar, [run]);
    expect(again?.make).toBe(0);
  });
});
