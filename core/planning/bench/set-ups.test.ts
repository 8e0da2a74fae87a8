import { describe, expect, it } from "vitest";
import { benchRound } from "../../../tests/bench-steps";
import { benchState, learnedSetUp, NOTHING_SEEN, setUpsSeen, type BenchAct, type BenchStep } from ".";

const round = (n: number, slot: string): BenchStep => benchRound(`r${n}`, slot, 20);
const FILL: BenchStep = {
  ...round(0, ""),
  id: "fill",
  kind: "fill",
  stage: "filling",
  stitches: 0,
  colours: [],
};
const STEPS = [
  ...[1, 2, 3].map((n) => round(n, "slate")),
  round(4, "white"),
  round(5, "white"),
  FILL,
  round(6, "white"),
];
/** Each step of each piece right behind the one before, in so many seconds. */
function worked(pieces: number, seconds: (s: BenchStep, i: number) => number, pause = 0): BenchAct[] {
  let at = 1_000_000;
  let n = 0;
  return Array.from({ length: pieces }, (_, p) =>
    STEPS.map((s, i): BenchAct => {
      const ms = seconds(s, i) * 1000;
      at += ms + pause;
      return { key: `k${++n}`, at, device: "d", kind: "done", piece: p + 1, step: s.id, ms };
    }),
  ).flat();
}
/** Three seconds a stitch; forty more behind another colour, ninety behind filling. */
const hers = (s: BenchStep, i: number) =>
  s.id === "fill" ? 100 : 60 + (i === 3 || i === 0 ? 40 : i === 6 ? 90 : 0);

describe("what it takes to take up another colour or another kind of work", () => {
  it("is what rounds behind a change last beyond their stitches", () => {
    const seen = setUpsSeen(STEPS, benchState(STEPS, 4, worked(4, hers)));
    // Four times white, and slate again at each piece but the first.
    expect(seen.colour).toEqual([40, 40, 40, 40, 40, 40, 40]);
    expect(seen.stage).toEqual([90, 90, 90, 90]);
  });
  it("is not seen over a pause, nor where too little was worked plainly", () => {
    expect(setUpsSeen(STEPS, benchState(STEPS, 4, worked(4, hers, 60_000)))).toEqual(NOTHING_SEEN);
    expect(setUpsSeen(STEPS, benchState(STEPS, 1, worked(1, hers).slice(0, 3)))).toEqual(NOTHING_SEEN);
  });
  it("is not seen in what was ticked off tap by tap", () => {
    const tapped = worked(4, () => 1);
    expect(setUpsSeen(STEPS, benchState(STEPS, 4, tapped))).toEqual(NOTHING_SEEN);
    // Nor do such pieces change what others tell.
    const both = [
      ...worked(4, hers),
      ...tapped.map((a) => ({ ...a, key: `t${a.key}`, device: "e", piece: 9 })),
    ];
    expect(setUpsSeen(STEPS, benchState(STEPS, 9, both as BenchAct[])).stage).toEqual([90, 90, 90, 90]);
  });
  it("leaves what she said until three were seen, and comes to her own with more", () => {
    const said = { colour: 60, hook: 45, stage: 90 };
    expect(learnedSetUp(said, [{ colour: [20, 20], stage: [] }])).toEqual({ setUp: said, of: 0 });
    expect(learnedSetUp(said, [{ colour: [20, 20, 20, 20, 20], stage: [] }]).setUp.colour).toBe(40);
    const many = Array.from({ length: 95 }, () => 20);
    expect(learnedSetUp(said, [{ colour: many, stage: [] }])).toEqual({
      setUp: { ...said, colour: 22 },
      of: 95,
    });
    // Nobody is quicker for having changed the yarn.
    expect(learnedSetUp(said, [{ colour: many.map(() => -30), stage: [] }]).setUp.colour).toBe(3);
  });
});
