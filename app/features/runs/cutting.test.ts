import { describe, expect, it } from "vitest";
import {
  joinMgOf,
  keptBall,
  pieceKey,
  piecesOf,
  plannedBall,
  planShades,
  type CuttingLine,
  type Shade,
} from "./cutting";
import { reserveFactor } from "@core/planning";
import { tapesOf } from "./cutting-tape";

const lines: CuttingLine[] = [
  {
    label: "Puffin",
    quantity: 3,
    lengths: [
      { part: "Body", make: 1, slot: "slate", yarnId: "s", mg: 4000, sigma: 0.1, filled: true },
      { part: "Wing", make: 2, slot: "slate", yarnId: "s", mg: 900, sigma: 0.1, filled: false },
      { part: "Beak", make: 1, slot: "orange", yarnId: "o", mg: 500, sigma: 0, filled: false },
    ],
  },
];
const shade = (yarnId: string, balls: Shade["balls"]): Shade => ({
  yarnId,
  label: yarnId,
  colour: "#333333",
  mmPer100g: 230_000,
  newBallMg: 50_000,
  ballPrice: 290,
  balls,
});
const ball = (id: string, mg: number) => ({
  id,
  lot: "1",
  mg,
  state: "opened" as const,
  place: "",
  onBall: mg,
});

describe("a run's lengths", () => {
  it("are one of each copy, part and pair, with the chosen reserve", () => {
    const slate = { yarnId: "s", newBallMg: 50_000 };
    const pieces = piecesOf(lines, slate, 95);
    expect(pieces.length).toBe(9);
    expect(new Set(pieces.map((p) => p.id)).size).toBe(9);
    expect(pieces[0]).toMatchObject({
      group: "0-0",
      label: "Puffin: Body",
      // Nine lengths on one ball: her doubt of 10 %, and little of the scatter of 3 %.
      mg: Math.ceil(4000 * reserveFactor({ shared: 0.1, piece: 0.03 }, 9, 9, 0.95)),
      joinable: true,
    });
    expect(piecesOf(lines, { ...slate, yarnId: "o" }, 99)[0]?.mg).toBe(500);
    expect(piecesOf(lines, slate, 50)[0]?.mg).toBe(4000);
  });
  it("join with the yarn of both ends", () => expect(joinMgOf(230_000)).toBe(87));
});

describe("shade by shade", () => {
  const shades = [shade("s", [ball("a", 20_000)]), shade("o", [])];
  it("each shade is planned from its own balls, and progress goes over all of them", () => {
    const shares: number[] = [];
    const plans = planShades(
      lines,
      shades,
      { confidence: 95, lotRule: "item", joins: false },
      new Map(),
      (s) => shares.push(s) > 0,
    );
    expect(plans.map((p) => p.plan.newBalls)).toEqual([1, 1]);
    expect(plans[0]?.plan.cuts.some((c) => c.ball === "a")).toBe(true);
    expect(shares).toEqual([...shares].sort((x, y) => x - y));
    expect(Math.max(...shares)).toBeLessThanOrEqual(1);
  });
  it("is enough as often as was asked for, also from scraps that hold one length each", () => {
    const scraps = Array.from({ length: 40 }, (_, i) => ball(`scrap-${i}`, 4150));
    const many: CuttingLine[] = [
      {
        label: "Seal",
        quantity: 40,
        lengths: [
          { part: "Body", make: 1, slot: "slate", yarnId: "s", mg: 3600, sigma: 0.04, filled: false },
        ],
      },
    ];
    for (const confidence of [80, 95]) {
      const [got] = planShades(
        many,
        [shade("s", scraps)],
        { confidence, lotRule: "item", joins: false },
        new Map(),
      );
      expect(got?.chance).toBeGreaterThanOrEqual(confidence / 100 - 0.01);
    }
  });
  it("a pin names its shade: the same length of another shade is not meant", () => {
    const [slate, orange] = planShades(
      lines,
      shades,
      { confidence: 95, lotRule: "item", joins: false },
      new Map([
        [pieceKey("o", "0-0-2-0"), "new-1"],
        [pieceKey("s", "0-0-0-0"), "a"],
      ]),
    );
    expect(slate?.plan.cuts.find((c) => c.piece === "0-0-0-0")?.ball).toBe("a");
    expect(orange?.plan.refused).toEqual([]);
    expect([
      plannedBall(keptBall("o", "new-2")),
      plannedBall(keptBall("o", "b7")),
      keptBall("o", "new-2"),
    ]).toEqual(["new-2", "b7", "new-2/o"]);
  });
  it("becomes tapes: pieces of one kind in one stretch, longest first, what is left at the end", () => {
    const [slate] = planShades(lines, shades, { confidence: 95, lotRule: "item", joins: false }, new Map());
    if (!slate) throw new Error("no plan");
    const tapes = tapesOf(slate.pieces, slate.plan, [ball("a", 20_000)], 50_000, (p) => p === "0-0-0-0");
    expect(tapes.map((t) => t.id)).toEqual(["a", "new-1"]);
    expect(tapes.reduce((s, t) => s + t.stretches.reduce((n, x) => n + x.pieces.length, 0), 0)).toBe(9);
    for (const t of tapes) {
      expect(t.left + t.stretches.reduce((s, x) => s + x.mg, 0)).toBe(t.mg);
      const each = t.stretches.map((x) => x.mg / x.pieces.length);
      expect(each).toEqual([...each].sort((x, y) => y - x));
    }
    expect(tapes.reduce((s, t) => s + t.stretches.reduce((n, x) => n + x.pinned, 0), 0)).toBe(1);
  });
});
