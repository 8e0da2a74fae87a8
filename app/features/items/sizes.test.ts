import { mm } from "@core/units";
import { facesOf, figureOf, sizeOfFigure } from "@core/figure";
import { checkPattern } from "@core/notation";
import { describe, expect, it } from "vitest";
import { aroundOf, notionOf, yarnOf } from "../../../tests/things";
import { analyseItem, type ItemDraft } from "@core/item";
import { sizesOf, type SizeWay } from "./sizes";

const CHUNKY = { name: "Chunky wool", weightClass: 5, hookMm: mm(6), metresPer100g: 110 } as const;
const around = aroundOf({
  yarns: [
    yarnOf("red", { colour: "#aa2222" }),
    yarnOf("white", { colour: "#eeeeee" }),
    yarnOf("rust", { ...CHUNKY, colour: "#993311" }),
    yarnOf("chalk", { ...CHUNKY, colour: "#f4f0e6" }),
    yarnOf("thread", { name: "Thread", weightClass: 0, hookMm: mm(1.5), colour: "#111111" }),
    yarnOf("gone", { name: "Gone", weightClass: 6, deleted: true }),
  ],
  notions: [notionOf("six", "eye", { sizeMm: mm(6) }), notionOf("ten", "eye", { sizeMm: mm(10) })],
  price: 777,
});
const PATTERN =
  "Buoy\nRnd 1: With red, 6 sc in magic ring (6)\nRnd 2: inc x 6 (12)\nRnd 3: (sc, inc) x 6 (18)\nRnds 4-6: change to white. 18 sc (18)\nInsert 6 mm eyes between rounds 4 and 5, 4 sts apart.\nRnd 7: (sc, dec) x 6 (12)\nStuff firmly.\nRnd 8: dec x 6 (6)\nFasten off and close the hole.";
const draft: ItemDraft = {
  pattern: PATTERN,
  firmness: "medium",
  hanger: true,
  slots: [
    { slot: "red", yarnId: "red", hookMm: mm(3), strands: 1 },
    { slot: "white", yarnId: "white", hookMm: mm(3), strands: 1 },
  ],
  notions: [{ notionId: "six", quantity: 2 }],
};
/** As the panel says it of the item as it is. */
const HEIGHT = (() => {
  const a = analyseItem(draft, around);
  const parts = a.piece.parts.map(({ part, fabric }) => ({ part, fabric }));
  return sizeOfFigure(facesOf(figureOf(a.checked, PATTERN, parts))).height;
})();
const by = (ways: readonly SizeWay[], key: RegExp) => ways.find((w) => key.test(w.key));

describe("ways to another size", () => {
  const ways = sizesOf(draft, around, 40, HEIGHT);
  const now = analyseItem(draft, { ...around, price: undefined });
  it("begins with the item as it is, at the price that is proposed", () => {
    expect(ways[0]).toMatchObject({ key: "now", height: HEIGHT, off: HEIGHT - 40, draft });
    expect(ways[0]?.price.value).toBe(now.pricing?.suggested);
    expect(ways[0]?.metres.value).toBeCloseTo(
      now.piece.yarn.reduce((s, y) => s + y.metres.value, 0),
      9,
    );
  });
  it("takes every colour of a line in the shade nearest to it, once a line, and none that is gone", () => {
    const chunky = by(ways, /^(rust|chalk)/);
    expect(chunky?.draft.slots.map((s) => s.yarnId)).toEqual(["rust", "chalk"]);
    expect(ways.filter((w) => w.yarnId === "rust" || w.yarnId === "chalk")).toHaveLength(1);
    expect(by(ways, /^gone/)).toBeUndefined();
  });
  it("has the size of the eyes go along, in the text and among the notions", () => {
    const chunky = by(ways, /^(rust|chalk)/);
    const size = chunky?.eyes[0]?.sizeMm ?? 0;
    expect(size).toBeGreaterThan(6);
    expect(chunky?.draft.pattern).toContain(`Insert ${size} mm eyes`);
    expect(chunky?.draft.notions).toEqual([{ notionId: size === 10 ? "ten" : "six", quantity: 2 }]);
  });
  it("is what the item comes to when it is saved so", () => {
    for (const w of ways) {
      const a = analyseItem(w.draft, { ...around, price: undefined });
      expect(a.piece.seconds.value).toBeCloseTo(w.seconds.value, 6);
      expect(a.pricing?.suggested).toBe(w.price.value);
    }
  });
  it("adds as many even rounds as bring it nearest, and no more yarn than they take", () => {
    const rounds = by(ways, /^rounds/);
    const more = rounds?.rounds ?? 0;
    expect(more).toBeGreaterThan(0);
    const read = checkPattern(rounds?.draft.pattern ?? "");
    expect(read.parts[0]?.rounds).toHaveLength(8 + more);
    expect(Math.abs(rounds?.off ?? 99)).toBeLessThan(3);
    expect(rounds?.metres.value).toBeGreaterThan(ways[0]?.metres.value ?? Infinity);
  });
  it("offers a yarn where none is chosen yet", () => {
    const bare = sizesOf({ ...draft, slots: [] }, around, 40, HEIGHT);
    expect(bare[1]?.draft.slots).toHaveLength(1);
  });
  it("has nothing to offer that does not bring it nearer", () => {
    expect(sizesOf(draft, around, HEIGHT, HEIGHT).map((w) => w.key)).toEqual(["now"]);
    for (const w of ways.slice(1)) expect(Math.abs(w.off)).toBeLessThan(Math.abs(ways[0]?.off ?? 0));
  });
});
