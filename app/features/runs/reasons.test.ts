import { describe, expect, it } from "vitest";
import { wordHow } from "@core/estimate";
import { netAgainstStock, requirementsOf } from "@core/planning";
import { minor } from "@core/units";
import { printMeasure } from "../../ui/reading";
import { buyText, freeReason, needReason } from "./reasons";

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
const stock = new Map([
  ["slate", { label: "slate", onHand: 30_000, reserved: 10_000, packSize: 50_000, packPrice: minor(290) }],
  ["eyes", { label: "eyes", onHand: 4, reserved: 0, packSize: 50, packPrice: minor(495) }],
]);
const [yarn, eyes] = netAgainstStock(requirementsOf(lines), stock);
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
  it("the buy list is one line a thing, in whole packs", () => {
    expect(
      buyText([yarn, eyes], { locale: "en-IE", system: "metric", currency: "EUR" }).replace(/\u00a0/g, " "),
    ).toBe("1 × slate (50 g) €2.90\n1 × eyes (50) €4.95");
  });
});
