import { describe, expect, it } from "vitest";
import { daySchema, daysFrom, holidayFrom } from "./holiday";

const day = (onDay: string, note = "the coast", minutes = 0, handId = "") => ({
  onDay,
  note,
  minutes,
  handId,
});
const WORKSHOP = { locale: "en-IE", currency: "EUR", units: "metric" } as const;

describe("a holiday", () => {
  it("is its days in a row, over the end of a month and of a year", () => {
    expect(daysFrom("2026-12-30", 4)).toEqual(["2026-12-30", "2026-12-31", "2027-01-01", "2027-01-02"]);
    expect(daysFrom("2028-02-28", 2)).toEqual(["2028-02-28", "2028-02-29"]);
  });
  it("reaches as far as the same hours stand for the same reason, and to the first gap", () => {
    const changed = ["2026-12-30", "2026-12-31", "2027-01-01", "2027-01-03"].map((on) => day(on));
    expect(holidayFrom(changed, day("2026-12-30"))).toEqual(["2026-12-30", "2026-12-31", "2027-01-01"]);
    expect(holidayFrom(changed, day("2026-12-31"))).toEqual(["2026-12-31", "2027-01-01"]);
  });
  it("is not joined to another reason, to other hours, or to somebody else's", () => {
    const own = day("2026-12-30");
    for (const other of [
      day("2026-12-31", "dentist"),
      day("2026-12-31", "the coast", 120),
      day("2026-12-31", "the coast", 0, "nell"),
    ])
      expect(holidayFrom([own, other], own)).toEqual(["2026-12-30"]);
  });
  it("without a reason is one day", () => {
    const own = day("2026-12-30", "");
    expect(holidayFrom([own, day("2026-12-31", "")], own)).toEqual(["2026-12-30"]);
  });
});

describe("a day's hours", () => {
  const read = (hours: string, days = "1") =>
    daySchema(WORKSHOP).safeParse({ on: "2026-12-30", hours, days, note: "" });
  it.each([
    ["0", 0],
    ["2.5", 150],
    ["2 h", 120],
    ["16", 960],
  ])("%s is %d minutes", (text, minutes) => expect(read(text).data?.hours).toBe(minutes));
  it("says what is wrong with hours and days that no day has", () => {
    expect(read("17").error?.issues[0]?.message).toMatch(/16/);
    expect(read("soon").success).toBe(false);
    expect(read("2", "0").error?.issues[0]?.message).toBe("At least the day itself.");
    expect(read("2", "121").error?.issues[0]?.message).toBe("120 days at most.");
  });
});
