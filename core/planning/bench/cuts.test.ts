import { describe, expect, it } from "vitest";
import { benchRound } from "../../../tests/bench-steps";
import { benchState, coveredBy, cutsAtBench, type BenchAct, type WeighedAct } from ".";

const LENGTHS = [
  { part: "Body", slot: "slate", yarnId: "y1", mg: 5800 },
  { part: "Body", slot: "white", yarnId: "y2", mg: 850 },
  { part: "Wing", slot: "slate", yarnId: "y1", mg: 650 },
];

describe("which ball a piece at the table is cut from", () => {
  it("is what the plan placed: by piece, part, copy and colour", () => {
    const placed = [
      { piece: "y1/0-0-0-0", ball: "b1", mg: 6100 },
      { piece: "y2/0-0-1-0", ball: "new-1/y2", mg: 900 },
      { piece: "y1/0-1-2-1", ball: "b2", mg: 700 },
      // Of another line, and one that nobody can read.
      { piece: "y1/1-0-0-0", ball: "b1", mg: 5000 },
      { piece: "whatever", ball: "b1", mg: 5000 },
    ];
    expect(cutsAtBench(placed, 0, LENGTHS)).toEqual([
      {
        id: "y1/0-0-0-0",
        piece: 1,
        part: "Body",
        copy: 1,
        slot: "slate",
        ball: "b1",
        mg: 6100,
        expected: 5800,
      },
      {
        id: "y2/0-0-1-0",
        piece: 1,
        part: "Body",
        copy: 1,
        slot: "white",
        ball: "new-1/y2",
        mg: 900,
        expected: 850,
      },
      {
        id: "y1/0-1-2-1",
        piece: 2,
        part: "Wing",
        copy: 2,
        slot: "slate",
        ball: "b2",
        mg: 700,
        expected: 650,
      },
    ]);
  });
  it("says nothing where the plan speaks of lengths that the line no longer has", () => {
    expect(cutsAtBench([{ piece: "y1/0-0-7-0", ball: "b1", mg: 1 }], 0, LENGTHS)).toEqual([]);
    expect(cutsAtBench([{ piece: "y9/0-0-0-0", ball: "b1", mg: 1 }], 0, LENGTHS)).toEqual([]);
  });
});

describe("which lengths a weighed ball had given already", () => {
  const STEPS = [benchRound("r1"), benchRound("r2")];
  const cuts = cutsAtBench(
    [1, 2]
      .map((n) => ({ piece: `y1/0-${n - 1}-0-0`, ball: n === 1 ? "b1" : "b2", mg: 6100 }))
      .concat([{ piece: "y1/0-2-0-0", ball: "b1", mg: 6100 }]),
    0,
    LENGTHS,
  );
  const done = (piece: number, step: string, at: number): BenchAct => {
    return { key: `${piece}${step}`, at, device: "d", kind: "done", piece, step, ms: 1000 };
  };
  const weighed: WeighedAct = {
    key: "w",
    at: 10,
    device: "d",
    kind: "weighed",
    piece: 1,
    step: "r2",
    ball: "b1",
    mg: 9,
  };
  it("are those of its own whose rounds were all worked by then", () => {
    const acts = [
      ...[1, 2].flatMap((piece) => [done(piece, "r1", 1), done(piece, "r2", 2)]),
      // Begun before, ended behind the weighing.
      done(3, "r1", 9),
      done(3, "r2", 11),
      weighed,
    ];
    const state = benchState(STEPS, 3, acts);
    expect(coveredBy(weighed, cuts, STEPS, state).map((c) => c.id)).toEqual(["y1/0-0-0-0"]);
    expect(coveredBy({ ...weighed, at: 11 }, cuts, STEPS, state).map((c) => c.piece)).toEqual([1, 3]);
    expect(coveredBy({ ...weighed, at: 1 }, cuts, STEPS, state)).toEqual([]);
  });
});
