import { describe, expect, it } from "vitest";
import { layRuns, netRuns, requirementsOf, type NetStock, type RunLine } from "@core/planning";
import { minor } from "../units";
import { planRun, secondsIn, weekOf, type PlanInput } from "./plan";

const line: RunLine = {
  itemId: "a",
  label: "Puffin",
  quantity: 10,
  seconds: 3600,
  secondsLow: 3000,
  secondsHigh: 4800,
  needs: [{ kind: "yarn", materialId: "slate", each: 4000, eachHigh: 5000 }],
};
const NEEDS = netRuns(
  [{ runId: "r", label: "r", startOn: "2026-11-23", needs: requirementsOf([line]) }],
  new Map<string, NetStock>([
    [
      "slate",
      {
        label: "slate",
        kind: "yarn",
        onHand: 10_000,
        onOrder: 0,
        packSize: 50_000,
        packPrice: minor(290),
        together: 1,
        supplierId: undefined,
      },
    ],
  ]),
);
/** The run alone on its calendar, or with hours of another one in front of it. */
function planned(over: Partial<Pick<PlanInput, "startOn" | "dueOn" | "week">> = {}, before = 0) {
  const week = over.week ?? weekOf({ weekMinutes: 600, workDays: "1111100" });
  const { startOn = "2026-11-23", dueOn = "2026-12-04" } = over;
  const work = (value: number) => ({ value, low: value, high: value });
  const laid = layRuns(
    [
      { id: "first", startOn, dueOn, jobs: [{ hand: "", phase: 0, week, seconds: work(before) }] },
      { id: "r", startOn, dueOn, jobs: [{ hand: "", phase: 0, week, seconds: secondsIn([line]) }] },
    ],
    startOn,
  ).get("r");
  if (!laid) throw new Error("it is laid");
  return planRun({
    special: new Map(),
    lines: [line],
    needs: NEEDS.get("r") ?? [],
    startOn,
    dueOn,
    week,
    laid,
  });
}

describe("a run planned", () => {
  it("sums work with its range and counts the hours there are", () => {
    const p = planned();
    expect(p.seconds).toEqual({ value: 36_000, low: 30_000, high: 48_000 });
    expect(p.hoursThere).toBe(20);
    expect([p.finishLow, p.finish, p.finishHigh]).toEqual(["2026-11-27", "2026-11-27", "2026-12-01"]);
  });
  it("says sure, likely, late or unknown", () => {
    expect(planned().inTime).toBe("sure");
    expect(planned({ dueOn: "2026-11-30" }).inTime).toBe("likely");
    expect(planned({ dueOn: "2026-11-26" }).inTime).toBe("late");
    expect(planned({ week: weekOf({ weekMinutes: 600, workDays: "0000000" }) }).inTime).toBe("unknown");
  });
  it("waits for the work before it", () => expect(planned({}, 36_000).finish).toBe("2026-12-04"));
  it("buys for the upper end", () => {
    const p = planned();
    expect(p.needs[0]).toMatchObject({ missing: 40_000, packs: 1 });
    expect(p.buyCost).toBe(290);
  });
  it("spreads the week over the chosen days only", () =>
    expect(weekOf({ weekMinutes: 360, workDays: "0101010" })).toEqual([0, 2, 0, 2, 0, 2, 0]));
});
