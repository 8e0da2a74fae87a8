import { mm, minor } from "@core/units";
import { describe, expect, it } from "vitest";
import { BARE_SALE } from "@core/costing";
import { analyseItem, type Around, type ItemDraft } from "@core/item";
import { aroundOf, notionOf, yarnOf } from "../../../tests/things";
import { costReason, hourReason, priceReason } from "./reasons";

const around = (over: Partial<Around> = {}): Around =>
  aroundOf({
    yarns: [yarnOf("red"), yarnOf("white")],
    notions: [
      notionOf("eyes", "eye", { name: "Eyes, 6 mm", sizeMm: mm(6) }),
      notionOf("fibre", "filling", { name: "Fibre", packSize: 250_000, packPrice: minor(520) }),
    ],
    ...over,
  });
const PATTERN =
  "Buoy\nRnd 1: With red, 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnds 4-5: 18 sc (18)\nRnd 6: change to white. 18 sc (18)\nInsert 6 mm eyes between rounds 4 and 5, 4 sts apart.\nRnd 7: (sc, dec) x 6 (12)\nStuff firmly.\nRnd 8: dec x 6 (6)\nFasten off and close the hole.";
const draft = (over: Partial<ItemDraft> = {}): ItemDraft => ({
  pattern: PATTERN,
  firmness: "medium",
  hanger: true,
  slots: [
    { slot: "red", yarnId: "red", hookMm: mm(3), strands: 1 },
    { slot: "white", yarnId: "white", hookMm: mm(3), strands: 1 },
  ],
  notions: [
    { notionId: "eyes", quantity: 2 },
    { notionId: "fibre", quantity: 1 },
  ],
  ...over,
});

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
