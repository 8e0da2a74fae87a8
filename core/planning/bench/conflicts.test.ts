import { describe, expect, it } from "vitest";
import { benchRound } from "../../../tests/bench-steps";
import { benchState, conflictsOf, untouchedPiece, type BenchAct } from ".";

const STEPS = [benchRound("r1"), benchRound("r2")];
const done = (device: string, at: number, piece: number, of: string): BenchAct => ({
  key: `${device}${at}`,
  at,
  device,
  kind: "done",
  piece,
  step: of,
  ms: 1000,
});

describe("two devices at one piece", () => {
  const acts = [
    done("phone", 1, 1, "r1"),
    done("tablet", 2, 1, "r1"),
    done("tablet", 3, 1, "r2"),
    done("phone", 4, 1, "r2"),
    done("phone", 5, 2, "r1"),
  ];
  it("are told with both sides, by the device that came later", () => {
    const found = conflictsOf(benchState(STEPS, 3, acts));
    expect(found.map((c) => `${c.piece} ${c.device} ${c.both.map((b) => b.later.key).join()}`)).toEqual([
      "1 tablet tablet2",
      "1 phone phone4",
    ]);
    expect(found[0]?.both[0]?.counts.key).toBe("phone1");
  });
  it("are settled by taking the later one back", () => {
    const undo: BenchAct = { key: "u", at: 9, device: "phone", kind: "undo", of: "tablet2" };
    const state = benchState(STEPS, 3, [...acts, undo]);
    expect(conflictsOf(state).map((c) => c.device)).toEqual(["phone"]);
    // What counted before counts still.
    expect(state.done.size).toBe(3);
  });
  it("leave room for another piece where one was not begun", () => {
    expect(untouchedPiece(STEPS, 3, benchState(STEPS, 3, acts))).toBe(3);
    expect(untouchedPiece(STEPS, 2, benchState(STEPS, 2, acts))).toBeUndefined();
  });
});
