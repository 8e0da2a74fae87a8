import ICAL from "ical.js";
import { describe, expect, it } from "vitest";
import { calendarFile } from "./feed";

/** Read back by a library of its own (RFC 5545). */
function read(text: string) {
  const component = new ICAL.Component(ICAL.parse(text) as never);
  return component.getAllSubcomponents("vevent").map((v) => {
    const e = new ICAL.Event(v);
    return {
      uid: e.uid,
      title: e.summary,
      note: e.description,
      from: e.startDate.toString(),
      to: e.endDate.toString(),
      whole: e.startDate.isDate,
    };
  });
}
const AT = new Date("2026-11-27T05:00:00Z");

describe("the calendar file", () => {
  it("holds whole days that a library reads back, whatever their names hold", () => {
    const text = calendarFile(
      "Harbour stall",
      [
        {
          id: "market-1",
          on: "2026-12-31",
          title: "Quay market; late, “by lamplight”",
          note: "Crate: 20\npieces",
        },
        { id: "run-2", on: "2028-02-28", title: "Due: 12 puffins" },
      ],
      AT,
    );
    expect(read(text)).toEqual([
      {
        uid: "market-1",
        title: "Quay market; late, “by lamplight”",
        note: "Crate: 20\npieces",
        from: "2026-12-31",
        to: "2027-01-01",
        whole: true,
      },
      {
        uid: "run-2",
        title: "Due: 12 puffins",
        note: null,
        from: "2028-02-28",
        to: "2028-02-29",
        whole: true,
      },
    ]);
  });

  it("has lines of 75 octets at most, ended as the standard asks, and no event where nothing lies ahead", () => {
    const long = calendarFile("W", [{ id: "a", on: "2026-12-01", title: "ü".repeat(200) }], AT);
    expect(long.split("\r\n").every((l) => Buffer.byteLength(l) <= 75)).toBe(true);
    expect(read(long)[0]?.title).toBe("ü".repeat(200));
    expect(read(calendarFile("W", [], AT))).toEqual([]);
  });
});
