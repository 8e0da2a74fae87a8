import { expect, it } from "vitest";
import { MOST_POINTS, readPoints } from "./own-points";

it("reads a point a line, without empty lines, twins and stray spaces", () => {
  expect(readPoints("  Beak closed \r\n\n Beak   closed\nStands by itself\n")).toEqual({
    ok: true,
    points: ["Beak closed", "Stands by itself"],
  });
  expect(readPoints("")).toEqual({ ok: true, points: [] });
});
it("says which point is too long, and how many are too many", () => {
  const long = readPoints(`fine\n${"x".repeat(121)}`);
  expect(long).toEqual({ ok: false, wrong: expect.stringContaining("xxx…” is longer than 120") as string });
  const many = readPoints(Array.from({ length: MOST_POINTS + 1 }, (_, i) => `point ${i}`).join("\n"));
  expect(many).toEqual({ ok: false, wrong: "These are 13 points; 12 at most are looked at." });
  expect(readPoints(null)).toMatchObject({ ok: false });
});
