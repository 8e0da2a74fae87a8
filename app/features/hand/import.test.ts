import { describe, expect, it } from "vitest";
import { dayOf, readTable } from "../import/table";
import { guessTimingMapping, readTimings, type TimingsKnown } from "./import";

const known: TimingsKnown = {
  reading: { locale: "en-IE", system: "metric", currency: "EUR" },
  today: "2026-11-25",
  items: [
    { id: "p", name: "Puffin keychain", parts: [{ name: "Body" }, { name: "Wings" }] },
    { id: "b", name: "Buoy ornament", parts: [{ name: "Float" }] },
  ],
  hands: [
    { id: "me", name: "Me" },
    { id: "w", name: "Wren" },
  ],
};
function read(text: string) {
  const table = readTable(text);
  if (!table.ok) throw new Error(table.why);
  return readTimings(table.table, guessTimingMapping(table.table.header), known);
}
const HEAD = "Day;Item;Part;Stage;Pieces;Minutes;Who;Note";

describe("a file of timings", () => {
  it("is read in a maker's own words", () => {
    const { good, problems } = read(
      `${HEAD}\n2026-11-03;puffin KEYCHAIN;wings;Sewing on;2;12.5;wren;by the window\n3.11.2026;Buoy ornament;;Stuffing;4;1:05;;`,
    );
    expect(problems).toEqual([]);
    expect(good).toEqual([
      {
        line: 2,
        madeOn: "2026-11-03",
        itemId: "p",
        part: "Wings",
        stage: "sewing",
        pieces: 2,
        seconds: 750,
        handId: "w",
        note: "by the window",
      },
      {
        line: 3,
        madeOn: "2026-11-03",
        itemId: "b",
        part: "",
        stage: "filling",
        pieces: 4,
        seconds: 3900,
        handId: "me",
        note: "",
      },
    ]);
  });
  it("minutes are minutes and seconds are seconds, by the heading; a unit written in the cell goes first", () => {
    expect(read("day,item,minutes\n2026-11-03,Puffin keychain,90").good[0]?.seconds).toBe(5400);
    expect(read("day,item,seconds\n2026-11-03,Puffin keychain,90").good[0]?.seconds).toBe(90);
    expect(read("day,item,minutes\n2026-11-03,Puffin keychain,90 s").good[0]?.seconds).toBe(90);
    expect(read("day;item;minutes\n2026-11-03;Puffin keychain;12,5").good[0]?.seconds).toBe(750);
  });
  it("what is left out is crochet, one piece, her own hands", () => {
    expect(read("day,item,minutes\n2026-11-03,Buoy ornament,20").good).toEqual([
      {
        line: 2,
        madeOn: "2026-11-03",
        itemId: "b",
        part: "",
        stage: "crochet",
        pieces: 1,
        seconds: 1200,
        handId: "me",
        note: "",
      },
    ]);
  });
  it.each([
    [
      "2026-02-30;Buoy ornament;;ends;1;6;;",
      "Day",
      "This is no day: write 2026-11-03, or 3.11.2026 with the day first.",
    ],
    [";Buoy ornament;;ends;1;6;;", "Day", "This is missing."],
    ["2026-11-26;Buoy ornament;;ends;1;6;;", "Day", "This day is still to come."],
    ["2026-11-03;Teapot;;ends;1;6;;", "Item", "No item has this name."],
    [
      "2026-11-03;Puffin keychain;Tail;ends;1;6;;",
      "Part",
      "Puffin keychain has no such part: Body, Wings; leave it empty for the whole piece.",
    ],
    [
      "2026-11-03;Buoy ornament;;juggling;1;6;;",
      "Stage",
      "This stage is not known: crochet, eyes and face, filling and closing, sewing on, ends, hanger or ring, inspection, tag and pack.",
    ],
    ["2026-11-03;Buoy ornament;;ends;2.5;6;;", "Pieces", "A whole number from 1 to 1,000."],
    ["2026-11-03;Buoy ornament;;ends;1;;;", "Minutes", "This is missing."],
    ["2026-11-03;Buoy ornament;;ends;1;0.001;;", "Minutes", "Between a second and a hundred hours."],
    ["2026-11-03;Buoy ornament;;ends;1;6;Finch;", "Who", "No hand has this name: Me, Wren."],
  ])("%s: says what, where and how to mend it", (row, column, why) => {
    const { good, problems } = read(`${HEAD}\n${row}`);
    expect(good).toEqual([]);
    expect(problems).toEqual([expect.objectContaining({ line: 2, column, why })]);
  });
  it("days are days of the calendar", () => {
    expect(["2026-2-3", "3.2.2026", "03/02/2026", "29.2.2024"].map(dayOf)).toEqual([
      "2026-02-03",
      "2026-02-03",
      "2026-02-03",
      "2024-02-29",
    ]);
    expect(["29.2.2026", "2026-13-01", "yesterday", "0.0.2026", ""].map(dayOf)).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
  });
});
