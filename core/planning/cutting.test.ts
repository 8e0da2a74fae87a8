import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { checkCutting, planCutting, type CutBall, type CuttingInput, type CutPiece } from "./cutting";
import { boundOf, reachable } from "./cutting-bound";

const piece = (id: string, mg: number, group = id, joinable = false): CutPiece => ({
  id,
  group,
  label: id,
  mg,
  joinable,
});
const input = (pieces: CutPiece[], balls: CutBall[], more: Partial<CuttingInput> = {}): CuttingInput => ({
  pieces,
  balls,
  newBallMg: 100,
  lotRule: "item",
  joins: false,
  joinMg: 2,
  ...more,
});
const loose = (sizes: readonly number[]) => sizes.map((mg, i) => piece(`p${i}`, mg));

/** Fewest new balls by trying every placement: for a handful of pieces only. */
function bruteForce(i: CuttingInput): number {
  const lots = new Map<string, string>();
  const room = new Map(i.balls.map((b) => [b.id, b.mg]));
  const lotOf = new Map(i.balls.map((b) => [b.id, b.lot]));
  let best = Infinity;
  const go = (k: number, fresh: number[]): void => {
    if (fresh.length >= best) return;
    const p = i.pieces[k];
    if (!p) {
      best = fresh.length;
      return;
    }
    const group = i.lotRule === "run" ? "run" : p.group;
    const before = lots.get(group);
    for (const b of i.balls) {
      const left = room.get(b.id) ?? 0;
      if (left < p.mg || (before !== undefined && before !== lotOf.get(b.id))) continue;
      room.set(b.id, left - p.mg);
      lots.set(group, b.lot);
      go(k + 1, fresh);
      room.set(b.id, left);
      if (before === undefined) lots.delete(group);
    }
    if (before === undefined || before === "new") {
      lots.set(group, "new");
      fresh.forEach((left, n) => {
        if (left < p.mg) return;
        fresh[n] = left - p.mg;
        go(k + 1, fresh);
        fresh[n] = left;
      });
      go(k + 1, [...fresh, i.newBallMg - p.mg]);
      if (before === undefined) lots.delete(group);
    }
  };
  go(0, []);
  return best;
}

const small = fc.record({
  sizes: fc.array(fc.tuple(fc.integer({ min: 8, max: 70 }), fc.integer({ min: 0, max: 3 })), {
    minLength: 1,
    maxLength: 7,
  }),
  balls: fc.array(fc.tuple(fc.integer({ min: 5, max: 100 }), fc.integer({ min: 0, max: 1 })), {
    maxLength: 3,
  }),
  lotRule: fc.constantFrom("item" as const, "run" as const),
});
const built = (c: {
  sizes: [number, number][];
  balls: [number, number][];
  lotRule: "item" | "run";
}): CuttingInput =>
  input(
    c.sizes.map(([mg, g], k) => piece(`p${k}`, mg, `g${g}`)),
    c.balls.map(([mg, lot], k): CutBall => ({
      id: `b${k}`,
      lot: `lot${lot}`,
      mg,
      state: mg < 20 ? "scrap" : mg < 100 ? "opened" : "full",
    })),
    { lotRule: c.lotRule },
  );

describe("the cutting plan", () => {
  it("buys as few balls as trying everything does, on small cases", () => {
    fc.assert(
      fc.property(small, (c) => {
        const i = built(c as never);
        expect(planCutting(i).newBalls).toBe(bruteForce(i));
      }),
      { numRuns: 400, seed: 11 },
    );
  });
  it("keeps its rules and never goes below its bound, on any case", () => {
    const any = fc.record({
      sizes: fc.array(
        fc.tuple(fc.integer({ min: 1, max: 120 }), fc.integer({ min: 0, max: 9 }), fc.boolean()),
        { maxLength: 60 },
      ),
      balls: fc.array(fc.tuple(fc.integer({ min: 1, max: 100 }), fc.integer({ min: 0, max: 3 })), {
        maxLength: 12,
      }),
      lotRule: fc.constantFrom("item" as const, "run" as const),
      joins: fc.boolean(),
    });
    fc.assert(
      fc.property(any, (c) => {
        const i = input(
          c.sizes.map(([mg, g, j], k) => piece(`p${k}`, mg, `g${g}`, j)),
          c.balls.map(([mg, lot], k): CutBall => ({ id: `b${k}`, lot: `lot${lot}`, mg, state: "opened" })),
          { lotRule: c.lotRule, joins: c.joins },
        );
        const plan = planCutting(i);
        const there = { ...i, pieces: i.pieces.filter((p) => !plan.tooLong.includes(p.id)) };
        expect(checkCutting(there, plan.cuts)).toEqual([]);
        expect(plan.newBalls).toBeGreaterThanOrEqual(plan.bound.newBalls);
        expect(plan.joins === 0 || c.joins).toBe(true);
        for (const left of plan.left.values()) expect(left).toBeGreaterThanOrEqual(0);
        expect(planCutting(i)).toEqual(plan);
      }),
      { numRuns: 150, seed: 5 },
    );
  });
  it("packs the classical instance on which first-fit decreasing takes eleven bins into the best nine", () => {
    // D. S. Johnson's family, as in Coffman, Garey & Johnson, "Approximation algorithms for bin packing: a
    // survey" (from memory): bins of 101.
    const sizes = [
      ...Array<number>(6).fill(51),
      ...Array<number>(6).fill(27),
      ...Array<number>(6).fill(26),
      ...Array<number>(12).fill(23),
    ];
    const plan = planCutting(input(loose(sizes), [], { newBallMg: 101 }));
    expect([plan.newBalls, plan.bound.newBalls]).toEqual([9, 9]);
  });
  it("packs the worked example of Martello and Toth into four bins", () => {
    // Martello & Toth, "Knapsack Problems" (1990), chapter 8 (from memory): nine items, capacity 100; the sum
    // alone would allow three.
    const plan = planCutting(input(loose([70, 60, 50, 33, 33, 33, 11, 7, 3]), []));
    expect(plan.newBalls).toBe(4);
    expect(plan.bound.newBalls).toBeGreaterThanOrEqual(3);
  });
  it("takes scraps before opened balls, and leaves full ones closed", () => {
    const balls: CutBall[] = [
      { id: "full", lot: "a", mg: 100, state: "full" },
      { id: "scrap", lot: "a", mg: 12, state: "scrap" },
      { id: "open", lot: "a", mg: 40, state: "opened" },
    ];
    const plan = planCutting(input([piece("x", 12), piece("y", 30), piece("z", 9)], balls));
    expect([...plan.left.keys()].sort()).toEqual(["open", "scrap"]);
    expect(plan).toMatchObject({ newBalls: 0, fullOpened: 0, scrapsUsed: 1 });
  });
  it("never mixes lots within an item, nor within a run when she wants that", () => {
    const balls: CutBall[] = [
      { id: "a", lot: "a", mg: 30, state: "opened" },
      { id: "b", lot: "b", mg: 30, state: "opened" },
    ];
    const pieces = [
      piece("1", 20, "puffin"),
      piece("2", 20, "puffin"),
      piece("3", 20, "seal"),
      piece("4", 9, "buoy"),
    ];
    const item = planCutting(input(pieces, balls));
    const ballOf = new Map(item.cuts.map((c) => [c.piece, c.ball]));
    expect([ballOf.get("1"), ballOf.get("2")]).toEqual(["new-1", "new-1"]);
    expect(["a", "b"]).toContain(ballOf.get("3"));
    const run = planCutting(input(pieces, balls, { lotRule: "run" }));
    expect(new Set(run.cuts.map((c) => c.ball))).toEqual(new Set(["new-1"]));
  });
  it("joins only where it saves a ball, only filled parts, and counts the ends", () => {
    const balls: CutBall[] = [
      { id: "a", lot: "l", mg: 4000, state: "opened" },
      { id: "b", lot: "l", mg: 4000, state: "opened" },
    ];
    const wants = (joinable: boolean) =>
      planCutting(
        input([piece("body", 6000, "x", joinable)], balls, { newBallMg: 50_000, joins: true, joinMg: 400 }),
      );
    expect(wants(true)).toMatchObject({ newBalls: 0, joins: 1 });
    expect(wants(true).cuts.reduce((s, c) => s + c.mg, 0)).toBe(6400);
    expect(wants(false)).toMatchObject({ newBalls: 1, joins: 0 });
    expect(
      planCutting(
        input([piece("body", 3000, "x", true)], balls, { newBallMg: 50_000, joins: true, joinMg: 400 }),
      ).joins,
    ).toBe(0);
  });
  it("says which pieces no ball is long enough for", () => {
    expect(planCutting(input([piece("long", 150), piece("ok", 50)], [])).tooLong).toEqual(["long"]);
  });
  it("plans around a piece that is held on a ball", () => {
    const balls: CutBall[] = [
      { id: "a", lot: "l", mg: 60, state: "opened" },
      { id: "b", lot: "l", mg: 60, state: "opened" },
    ];
    const pieces = [piece("1", 50, "x"), piece("2", 10, "x"), piece("3", 50, "y"), piece("4", 10, "y")];
    const plan = planCutting(
      input(pieces, balls, {
        pins: new Map([
          ["2", "b"],
          ["1", "a"],
          ["4", "a"],
        ]),
      }),
    );
    const ballOf = new Map(plan.cuts.map((c) => [c.piece, c.ball]));
    expect([ballOf.get("1"), ballOf.get("2"), ballOf.get("4"), plan.newBalls]).toEqual(["a", "b", "a", 0]);
    expect(
      planCutting(input(pieces, balls, { pins: new Map([["1", "new-1"]]) })).cuts.find((c) => c.piece === "1")
        ?.ball,
    ).toBe("new-1");
  });
  it("tells why a hold cannot be kept, and plans without it", () => {
    const balls: CutBall[] = [
      { id: "a", lot: "a", mg: 60, state: "opened" },
      { id: "b", lot: "b", mg: 60, state: "opened" },
    ];
    const pieces = [piece("1", 50, "x"), piece("2", 10, "x")];
    expect(
      planCutting(
        input(pieces, balls, {
          pins: new Map([
            ["1", "a"],
            ["2", "b"],
          ]),
        }),
      ).refused,
    ).toEqual([
      { piece: "2", ball: "b", why: "another piece of the same item is held on a ball of another lot" },
    ]);
    expect(
      planCutting(input([piece("1", 61)], balls, { pins: new Map([["1", "a"]]) })).refused[0]?.why,
    ).toContain("not enough");
    expect(planCutting(input(pieces, balls, { pins: new Map([["1", "gone"]]) })).refused[0]?.why).toContain(
      "no longer there",
    );
    // Held pieces that leave no room for the rest of their item: planned without the hold, nothing lost.
    const crowded = planCutting(
      input([piece("1", 50, "x"), piece("2", 40, "x")], balls, { pins: new Map([["1", "a"]]) }),
    );
    expect(crowded.refused.length).toBe(1);
    expect(checkCutting(input([piece("1", 50, "x"), piece("2", 40, "x")], balls), crowded.cuts)).toEqual([]);
  });
  it("ends when it is told to, with a whole plan", () => {
    const i = input(loose(Array.from({ length: 80 }, (_, k) => 7 + ((k * 13) % 50))), []);
    let asked = 0;
    const plan = planCutting({ ...i, effort: 500, goOn: () => ++asked < 3 });
    expect(asked).toBeLessThanOrEqual(3);
    expect(checkCutting(i, plan.cuts)).toEqual([]);
  });
});

describe("checking a plan", () => {
  const i = input(
    [piece("1", 50, "x"), piece("2", 40, "x")],
    [
      { id: "a", lot: "a", mg: 60, state: "opened" },
      { id: "b", lot: "b", mg: 60, state: "opened" },
    ],
  );
  it.each([
    [
      "over",
      [
        { piece: "1", ball: "a", mg: 50 },
        { piece: "2", ball: "a", mg: 40 },
      ],
    ],
    [
      "lot",
      [
        { piece: "1", ball: "a", mg: 50 },
        { piece: "2", ball: "b", mg: 40 },
      ],
    ],
    ["missing", [{ piece: "1", ball: "a", mg: 50 }]],
    ["unknown-ball", [{ piece: "1", ball: "z", mg: 50 }]],
    ["twice", [{ piece: "ghost", ball: "a", mg: 5 }]],
  ] as const)("finds %s", (code, cuts) => {
    expect(checkCutting(i, cuts).map((f) => f.code)).toContain(code);
  });
});

describe("the bound", () => {
  it("knows which sums can be reached", () => {
    const fill = reachable(
      new Map([
        [7, 2],
        [10, 1],
      ]),
      40,
    );
    expect([6, 7, 9, 16, 17, 23, 24, 40].map(fill)).toEqual([0, 7, 7, 14, 17, 17, 24, 24]);
  });
  it("counts pieces longer than half a ball one by one", () => {
    expect(boundOf(loose([60, 60, 60]), [], 100, "item", false).newBalls).toBe(3);
    expect(
      boundOf(loose([60, 60, 60]), [{ id: "a", lot: "a", mg: 70, state: "opened" }], 100, "item", false)
        .newBalls,
    ).toBe(2);
  });
});
