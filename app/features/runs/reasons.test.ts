import { describe, expect, it } from "vitest";
import { wordHow } from "@core/estimate";
import { netRuns, requirementsOf, type NetStock } from "@core/planning";
import { minor } from "@core/units";
import { printMeasure } from "../../ui/reading";
import { buyText, freeReason, needReason, placeText } from "./reasons";

const lines = [
  {
    itemId: "a",
    label: "Puffin",
    quantity: 10,
    seconds: 1,
    secondsLow: 1,
    secondsHigh: 1,
    needs: [
      { kind: "yarn" as const, materialId: "slate", each: 4000, eachHigh: 5000 },
      { kind: "notion" as const, materialId: "eyes", each: 2, eachHigh: 2 },
    ],
  },
];
const common = { onOrder: 0, together: 1, supplierId: undefined };
const stock = new Map<string, NetStock>([
  [
    "slate",
    { ...common, label: "slate", kind: "yarn", onHand: 30_000, packSize: 50_000, packPrice: minor(290) },
  ],
  ["eyes", { ...common, label: "eyes", kind: "notion", onHand: 4, packSize: 50, packPrice: minor(495) }],
]);
const before = {
  runId: "before",
  label: "before",
  startOn: "2026-12-01",
  needs: [{ kind: "yarn" as const, materialId: "slate", need: 10_000, needHigh: 10_000, lines: [] }],
};
const own = { runId: "own", label: "own", startOn: "2026-12-02", needs: requirementsOf(lines) };
const [yarn, eyes] = netRuns([before, own], stock).get("own") ?? [];
if (!yarn || !eyes) throw new Error("two materials are needed");
const imperial = { locale: "en-US", system: "imperial" as const, currency: "USD" };

describe("a run's figures explained", () => {
  it("add up line by line", () => {
    for (const n of [yarn, eyes]) {
      const r = needReason(n);
      expect(r.parts?.reduce((s, p) => s + p.value, 0)).toBe(r.value);
    }
    expect(freeReason(yarn).parts?.reduce((s, p) => s + p.value, 0)).toBe(20);
  });
  it("speak the reader's units", () => {
    const how = wordHow(needReason(yarn).parts?.[0]?.how ?? "", (v, m) => printMeasure(v, m, imperial));
    expect(how.replace(/\u00a0/g, " ")).toBe("10 × 0.18 oz (expected 0.14 oz)");
    expect(needReason(eyes).parts?.[0]?.how).toBe("10 × 2");
  });
  it("says of lengths whether they find a place whole", () => {
    const of = (count: number, unplaced: number) => placeText({ ...yarn, lengths: { count, unplaced } });
    expect(placeText(yarn)).toBeUndefined();
    expect(of(1, 0)).toBe("its length fits on what is there");
    expect(of(8, 0)).toBe("all 8 lengths fit on what is there");
    expect(of(8, 1)).toBe("1 of 8 lengths finds no ball that holds it whole");
    expect(of(8, 8)).toBe("8 of 8 lengths find no ball that holds them whole");
  });
  it("the buy list is one line a thing, in whole packs", () => {
    expect(
      buyText([yarn, eyes], { locale: "en-IE", system: "metric", currency: "EUR" }).replace(/\u00a0/g, " "),
    ).toBe("1 × slate (50 g) €2.90\n1 × eyes (50) €4.95");
  });
});
