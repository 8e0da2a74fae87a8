import { parseDate } from "@internationalized/date";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { minor } from "../units";
import {
  costOfBuying,
  layRuns,
  hoursBetween,
  hoursOfWeek,
  netRuns,
  requirementsOf,
  spreadWeek,
  type RunLine,
  type Netted,
  type NetStock,
  type Requirement,
} from ".";

const line = (over: Partial<RunLine> = {}): RunLine => ({
  itemId: "a",
  label: "Puffin",
  quantity: 10,
  seconds: 3600,
  secondsLow: 3000,
  secondsHigh: 4200,
  needs: [
    { kind: "yarn", materialId: "slate", each: 4_000, eachHigh: 5_000 },
    { kind: "notion", materialId: "eyes", each: 2, eachHigh: 2 },
  ],
  ...over,
});
const stockOf = (over: Partial<NetStock> = {}): NetStock => ({
  label: "slate",
  kind: "yarn",
  onHand: 0,
  onOrder: 0,
  packSize: 50_000,
  packPrice: minor(290),
  together: 1,
  supplierId: undefined,
  ...over,
});
const stock = new Map<string, NetStock>([
  ["slate", stockOf({ onHand: 20_000 })],
  ["eyes", stockOf({ label: "eyes", kind: "notion", onHand: 34, packSize: 50, packPrice: minor(450) })],
]);
const netOne = (needs: readonly Requirement[], of: ReadonlyMap<string, NetStock>): readonly Netted[] =>
  netRuns([{ runId: "r", label: "r", startOn: "2026-12-01", needs }], of).get("r") ?? [];

describe("needs", () => {
  it("explode a run and sum by material", () => {
    const r = requirementsOf([
      line(),
      line({
        itemId: "b",
        label: "Seal",
        quantity: 5,
        needs: [{ kind: "notion", materialId: "eyes", each: 2, eachHigh: 2 }],
      }),
    ]);
    expect(r.map((x) => [x.materialId, x.need, x.needHigh])).toEqual([
      ["slate", 40_000, 50_000],
      ["eyes", 30, 30],
    ]);
  });
  it("net against free stock and buy whole packs for the upper end", () => {
    const n = netOne(requirementsOf([line()]), stock);
    // slate: 50 g wanted at the upper end, 20 g free, 30 g missing, one ball; expected to be left: 20 + 50 −
    // 40.
    expect(n[0]).toMatchObject({ free: 20_000, missing: 30_000, packs: 1, cost: 290, left: 30_000 });
    expect(n[1]).toMatchObject({ free: 34, missing: 0, packs: 0, cost: 0, left: 14 });
    expect(costOfBuying(n)).toBe(290);
  });
  it("have nothing free below an empty book", () => {
    const n = netOne(
      requirementsOf([line({ quantity: 1 })]),
      new Map([["slate", stockOf({ onHand: -4_000 })]]),
    );
    expect(n[0]).toMatchObject({ free: 0, missing: 5_000 });
  });
  it("what is bought always covers what is missing, and one pack fewer would not", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1e6 }),
        fc.integer({ min: 0, max: 1e6 }),
        fc.integer({ min: 1, max: 1e5 }),
        (need, have, pack) => {
          const [n] = netOne(
            [{ kind: "yarn", materialId: "x", need, needHigh: need, lines: [] }],
            new Map([["x", stockOf({ onHand: have, packSize: pack, packPrice: minor(1) })]]),
          );
          const packs = n?.packs ?? 0;
          expect(have + packs * pack).toBeGreaterThanOrEqual(need);
          if (packs > 0) expect(have + (packs - 1) * pack).toBeLessThan(need);
        },
      ),
      { seed: 2 },
    );
  });
});

describe("the calendar", () => {
  const week = spreadWeek(10, [true, true, true, true, true, false, false]); // two hours a weekday
  it("spreads the week", () => {
    expect(week).toEqual([2, 2, 2, 2, 2, 0, 0]);
    expect(hoursOfWeek(week)).toBe(10);
  });
  it("finishes on the day the hours are used up, not on days off", () => {
    // 2026-11-23 is a Monday (ISO 8601 week 48).
    const done = (seconds: number) =>
      layRuns(
        [
          {
            id: "r",
            startOn: "2026-11-23",
            dueOn: "2026-12-31",
            jobs: [{ hand: "", phase: 0, week, seconds: { low: seconds, value: seconds, high: seconds } }],
          },
        ],
        "2026-11-23",
      ).get("r")?.finish;
    expect([2 * 3600, 2 * 3600 + 1, 10 * 3600 + 60].map(done)).toEqual([
      "2026-11-23",
      "2026-11-24",
      "2026-11-30",
    ]);
  });
  it("counts hours between two days, both included", () => {
    expect(hoursBetween(parseDate("2026-11-23"), parseDate("2026-11-29"), week)).toBe(10);
    expect(hoursBetween(parseDate("2026-11-28"), parseDate("2026-11-29"), week)).toBe(0);
  });
});
