import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { estimatePiece } from "../../estimate";
import { checkPattern, PLAIN_STYLE } from "../../notation";
import { mm } from "../../units";
import { benchState, benchSteps, stintsOf, strainOf, type BenchAct, type Stint } from ".";

const MIN = 60_000;
const stint = (from: number, to: number, tight = false): Stint => ({ from: from * MIN, to: to * MIN, tight });

describe("what a day asks of a hand", () => {
  it("is the minutes at work, the tight ones among them, and those since a break", () => {
    expect(strainOf([])).toEqual({ work: 0, tight: 0, sinceBreak: 0 });
    const day = [stint(0, 20), stint(22, 40, true), stint(45, 50), stint(51, 60, true)];
    // Two minutes are no break, five are.
    expect(strainOf(day)).toEqual({ work: 52 * MIN, tight: 27 * MIN, sinceBreak: 14 * MIN });
    expect(strainOf(day, { leastBreak: 10 * MIN }).sinceBreak).toBe(52 * MIN);
    expect(strainOf(day, { now: 64 * MIN }).sinceBreak).toBe(14 * MIN);
    expect(strainOf(day, { now: 65 * MIN })).toEqual({ work: 52 * MIN, tight: 27 * MIN, sinceBreak: 0 });
  });
  it("counts a minute once, on however many devices, whatever the order", () => {
    const of = fc.record({ from: fc.integer({ min: 0, max: 500 }), long: fc.integer({ min: 1, max: 60 }) });
    fc.assert(
      fc.property(fc.array(of, { maxLength: 30 }), (list) => {
        const stints = list.map((x) => stint(x.from, x.from + x.long));
        const minutes = new Set(list.flatMap((x) => Array.from({ length: x.long }, (_, i) => x.from + i)));
        const got = strainOf(stints);
        expect(got.work).toBe(minutes.size * MIN);
        expect(strainOf([...stints].reverse())).toEqual(got);
        expect(got.sinceBreak).toBeLessThanOrEqual(got.work);
      }),
    );
  });
});

describe("stretches of work that the acts tell of", () => {
  const text =
    "Ball\nRnd 1: 6 sc in mr (6)\nRnd 2: inc x 6 (12)\nRnd 3: sc around (12)\nStuff.\nRnd 4: dec x 6 (6)\nClose.";
  const pattern = checkPattern(text);
  const spec = { label: "DK", weight: 3 as const, hook: mm(3), metresPer100g: 230, strands: 1 };
  const fabrics = estimatePiece({ pattern, specOf: () => spec, firmness: "medium", hanger: false }).parts.map(
    (p) => p.fabric,
  );
  const steps = benchSteps(pattern, fabrics, PLAIN_STYLE, text);
  const done = (i: number, at: number, ms: number, hand: string | null): BenchAct => ({
    key: `k${i}`,
    at: at * MIN,
    device: "d",
    hand,
    kind: "done",
    piece: 1,
    step: steps[i]?.id ?? "",
    ms,
  });
  it("are the own hand’s, of today, and closing over filling is tight", () => {
    const closing = steps.findIndex((s) => s.kind === "close");
    expect(closing).toBeGreaterThan(0);
    const acts = [
      done(0, 100, MIN, "her"),
      done(1, 103, 2 * MIN, "her"),
      done(2, 104, MIN, "other"),
      done(closing, 110, 3 * MIN, "her"),
    ];
    const state = benchState(steps, 1, acts);
    expect(strainOf(stintsOf(steps, state, 0, "her"))).toEqual({
      work: 6 * MIN,
      tight: 3 * MIN,
      sinceBreak: 6 * MIN,
    });
    // What was before midnight is yesterday's, and a lap over midnight counts from there.
    expect(strainOf(stintsOf(steps, state, 102 * MIN, "her")).work).toBe(4 * MIN);
  });
});
