import { describe, expect, it } from "vitest";
import { benchRound } from "../../../tests/bench-steps";
import { benchState, slipsOf, type BenchAct } from ".";

const STEPS = [benchRound("r1"), benchRound("r2"), benchRound("r3")];
let n = 0;
const act = (kind: "done" | "again", piece: number, of: string): BenchAct => {
  const own = { key: `k${++n}`, at: n, device: "d", piece, step: of };
  return kind === "done" ? { ...own, kind, ms: 1000 } : { ...own, kind };
};

describe("rounds begun again", () => {
  it("are counted, and the one that goes wrong most often is named", () => {
    const acts = [
      act("done", 1, "r1"),
      act("again", 1, "r2"),
      act("done", 1, "r2"),
      act("again", 1, "r3"),
      act("again", 2, "r2"),
      act("done", 2, "r2"),
    ];
    expect(slipsOf(STEPS, benchState(STEPS, 2, acts))).toEqual({
      times: 3,
      rounds: 3,
      most: { step: STEPS[1], times: 2 },
    });
  });
  it("name no round that went wrong once, and say nothing where none did", () => {
    expect(slipsOf(STEPS, benchState(STEPS, 1, [act("again", 1, "r3")]))).toEqual({
      times: 1,
      rounds: 0,
      most: undefined,
    });
    expect(slipsOf(STEPS, benchState(STEPS, 1, [act("done", 1, "r1")]))).toBeUndefined();
  });
});
