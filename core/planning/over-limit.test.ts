import { describe, expect, it } from "vitest";
import { daysOverLimit } from "./over-limit";

const day = (on: string, hand: string, hours: number) => ({ on, hand, hours });

describe("days above what a hand is to be given", () => {
  it("are told in order, each with all that is laid on it", () => {
    const days = [
      day("2026-12-05", "", 3),
      day("2026-12-04", "", 4.1),
      // Of another run on the same day.
      day("2026-12-05", "", 2.5),
      day("2026-12-05", "nell", 2),
      day("2026-12-03", "nell", 9),
    ];
    const limits = new Map([
      ["", 4],
      ["nell", 0],
    ]);
    expect(daysOverLimit(days, (h) => limits.get(h) ?? 0)).toEqual([
      { on: "2026-12-05", hand: "", hours: 5.5, limit: 4 },
    ]);
    expect(daysOverLimit(days, () => 1.5).map((d) => `${d.on} ${d.hand}`)).toEqual([
      "2026-12-03 nell",
      "2026-12-04 ",
      "2026-12-05 ",
      "2026-12-05 nell",
    ]);
  });
});
