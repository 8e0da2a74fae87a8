import { mm } from "@core/units";
import { describe, expect, it } from "vitest";
import { aroundOf, yarnOf } from "../../../tests/things";
import { learnBatch } from "@core/calibrate";
import { analyseItem, type ItemDraft } from "@core/item";
import { atQuantity, plannedLine, secondsInRun } from "./line";

const yarn = yarnOf("y", { shade: "slate" });
const draft: ItemDraft = {
  pattern:
    "Body\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: 12 sc (12)\nStuff firmly.\nRnd 4: dec x 6 (6)\nFasten off and close the hole.",
  firmness: "medium",
  hanger: true,
  slots: [{ slot: "main", yarnId: "y", hookMm: mm(3), strands: 1 }],
  notions: [],
};
const around = aroundOf({ yarns: [yarn] });
const item = analyseItem(draft, around);

describe("a line of a run", () => {
  const batch = learnBatch([]);
  it("in a batch of ten takes what one piece takes, alone more, in a hundred less", () => {
    const at = (n: number) => secondsInRun(item, n, batch).seconds;
    expect(at(10)).toBeCloseTo(item.piece.seconds.value, 6);
    expect(at(1)).toBeGreaterThan(at(10));
    expect(at(100)).toBeLessThan(at(10));
    // Mean of i^log2(0.96) over thirty, against over ten: worked out apart.
    expect(at(30) / at(10)).toBeCloseTo(0.94439, 4);
    // A run of nothing is asked for while she types: it is reckoned as one.
    expect(at(0)).toBe(at(1));
  });
  it("is less sure the further it is from what was timed, and its ends lie about it", () => {
    const wide = (n: number) => {
      const s = secondsInRun(item, n, batch);
      expect(s.secondsLow).toBeLessThan(s.seconds);
      expect(s.secondsHigh).toBeGreaterThan(s.seconds);
      return s.secondsHigh / s.secondsLow;
    };
    expect(wide(10)).toBeCloseTo(item.piece.seconds.high / item.piece.seconds.low, 6);
    expect(wide(200)).toBeGreaterThan(wide(10));
  });
  it("of another number is that which would have been planned of it, what it was before too", () => {
    const of = (n: number) => plannedLine("Buoy", 3, item, n, batch);
    const before = { revisionId: "r", plannedWith: of(10) };
    const moved = atQuantity({ ...of(10), before }, 10, 100, batch);
    expect(moved.seconds).toBeCloseTo(of(100).seconds, 6);
    expect(moved.before?.plannedWith.seconds).toBeCloseTo(of(100).seconds, 6);
    expect({ cost: moved.cost, needs: moved.needs }).toEqual({ cost: of(10).cost, needs: of(10).needs });
    expect(atQuantity(of(10), 10, 0, batch).seconds).toBeCloseTo(of(1).seconds, 6);
  });
  it("keeps the figures of one piece with their ranges, and says where they come from", () => {
    const line = plannedLine("Buoy", 3, item, 12, batch);
    expect(line).toMatchObject({
      label: "Buoy",
      revision: 3,
      cost: item.cost.total,
      costLow: item.cost.low,
      costHigh: item.cost.high,
      price: item.price,
      needs: item.needs,
    });
    expect(line.costLow).toBeLessThan(line.cost);
    expect(item.paceFrom).toBe("trade average pace");
    expect(item.cost.lines.map((l) => l.from)).toEqual([
      "trade average, 5.7 × stitch width",
      "trade average pace",
      "trade average pace",
    ]);
  });
});
