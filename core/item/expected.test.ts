import { mm } from "../units";
import { describe, expect, it } from "vitest";
import { aroundOf, yarnOf } from "../../tests/things";
import { analyseItem, type ItemDraft } from "./analyse";
import { expectedFor, stageWork, tradeAround, tradeExpected } from "./expected";

describe("what the trade expects of an item", () => {
  const yarn = yarnOf("y", { shade: "slate" });
  const draft: ItemDraft = {
    pattern:
      "Body\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: 12 sc (12)\nStuff firmly.\nRnd 4: dec x 6 (6)\nFasten off and close the hole.\n\nEar - make 2\nRnd 1: 5 sc in mr (5)\nFasten off, leave a 15 cm tail for sewing.",
    firmness: "medium",
    hanger: true,
    slots: [{ slot: "main", yarnId: "y", hookMm: mm(3), strands: 1 }],
    notions: [],
  };
  const around = aroundOf({
    yarns: [{ ...yarn, learned: { "": { factor: 2, sigma: 0.05, from: "your other yarns" } } }],
  });
  it("knows nothing of the hand, so that a measurement is never held against itself", () => {
    const trade = tradeExpected(draft, analyseItem(draft, tradeAround(around)));
    const whole = expectedFor(trade, "");
    const hers = analyseItem(draft, around).piece.yarn[0];
    expect(whole.yarnId).toBe("y");
    expect(((hers?.grams.value ?? 0) * (hers?.stitchShare ?? 0) * 1000) / whole.stitchMg).toBeCloseTo(2, 6);
    expect(expectedFor(trade, "Ear").stitchMg * 2 + expectedFor(trade, "Body").stitchMg).toBeCloseTo(
      whole.stitchMg,
      6,
    );
    expect(whole.fillingMg).toBeGreaterThan(0);
    expect(expectedFor(trade, "nothing").stitchMg).toBe(0);
  });
  it("tells the seconds of a stage apart", () => {
    const trade = tradeExpected(draft, analyseItem(draft, tradeAround(around)));
    expect(Object.keys(stageWork(trade, "", "hanger"))).toEqual(["hanger"]);
    expect(stageWork(trade, "Body", "hanger")).toEqual({});
    expect(Object.keys(stageWork(trade, "Body", "crochet")).sort()).toEqual([
      "closing",
      "plain",
      "rounds",
      "tiny",
    ]);
  });
});
