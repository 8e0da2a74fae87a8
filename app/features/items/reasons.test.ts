import { describe, expect, it } from "vitest";
import { BARE_SALE } from "@core/costing";
import { analyseItem } from "@core/item";
import { buoyAround as around, buoyDraft as draft } from "../../../tests/things";
import { costReason, hourReason, priceReason } from "./reasons";

describe("reasons of an item's figures", () => {
  const a = analyseItem(draft(), around());
  it("reasons add up to what they explain", () => {
    const cost = costReason(a);
    expect(cost.parts?.reduce((s, p) => s + p.value, 0)).toBe(cost.value);
    const hour = hourReason(a, around().selling, around().reading);
    const [left, ...before] = [...(hour.parts ?? [])].reverse();
    expect(before.reduce((s, p) => s + p.value, 0)).toBe(left?.value);
  });
  it("say that there is no price where fees and margin take it all", () => {
    const dear = { ...BARE_SALE, channel: { ...BARE_SALE.channel, percentFees: [0.95] } };
    const b = analyseItem(draft(), around({ selling: dear }));
    expect(priceReason(b, dear, 800, around().reading).label).toContain("No price");
  });
});
